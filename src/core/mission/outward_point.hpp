#pragma once

#include <limits>
#include <optional>

#include "core/flying/pack_course.hpp"
#include "core/geodesy/geodesic.hpp"

namespace sobremesa::mission {

/// One moment of the outbound leg, with what the homeward chart shows there.
struct OutwardPoint {
    /// Flown since launch, over ground (circles: through the air); from home, on an out-and-back.
    double distance_m = 0.0;
    double time_s = 0.0;
    double height_m = 0.0;
    double charge_used_ah = 0.0;
    /// What the pack remembers of how it was drawn on (`flying::PackCourse`).
    double slow_gap = 0.0;
    double pack_temperature_c = flying::PackCourse{}.temperature_c;
    double energy_used_wh = 0.0;
    /// Under cruise load.
    double cell_voltage_v = 0.0;
    /// Still in the pack down to the landing voltage, at the power of the return, Wh.
    double left_wh = 0.0;
    /// What the return from here takes of it, and the reserve, Wh.
    double needed_wh = 0.0;
    double reserve_wh = 0.0;
    double left_sd_wh = 0.0;
    double needed_sd_wh = 0.0;
    /// Of left less needed: not the sum in quadrature, because one draw error acts on both.
    double margin_sd_wh = 0.0;
    /// The worst credible wind lets it home from there.
    bool return_flight = true;
    geodesy::EastNorth at = {};
    /// Flown there; empty in circles, from which any course is left.
    std::optional<double> course_deg = {};
    /// Which of the mission's phases, from 0.
    int phase = 0;
    /// Of the ground above home, m; NaN where no terrain is known.
    double ground_height_m = std::numeric_limits<double>::quiet_NaN();
    /// Least height above the ground since the point before, m; infinite where it is not looked at.
    double least_clear_m = std::numeric_limits<double>::infinity();
    /// Some of the way since the point before lies outside the raster.
    bool ground_unknown = false;

    double margin_wh() const { return left_wh - needed_wh; }
    flying::PackCourse pack() const { return {charge_used_ah, slow_gap, pack_temperature_c}; }
    void set_pack(const flying::PackCourse& pack) {
        charge_used_ah = pack.charge_ah;
        slow_gap = pack.slow_gap;
        pack_temperature_c = pack.temperature_c;
    }
};

} // namespace sobremesa::mission
