#pragma once

#include <optional>
#include <vector>

#include "core/mission/flight_conditions.hpp"
#include "core/units/explanation.hpp"
#include "core/units/notice.hpp"

namespace sobremesa::mission {

/// One moment of the way out, with what the homeward chart shows there.
struct OutwardPoint {
    double distance_m = 0.0;
    double time_s = 0.0;
    double height_m = 0.0;
    double charge_used_ah = 0.0;
    double cell_voltage_v = 0.0;
    /// Still in the pack down to the landing voltage at cruise power, Wh.
    double left_wh = 0.0;
    /// For the way home from here, with the reserve, Wh.
    double needed_wh = 0.0;
    double reserve_wh = 0.0;
    double left_sd_wh = 0.0;
    double needed_sd_wh = 0.0;
    /// Of left less needed: not the sum in quadrature, because one draw error acts on both.
    double spare_sd_wh = 0.0;

    double spare_wh() const { return left_wh - needed_wh; }
};

/// Where one school turns, and what that means for coming home.
struct SchoolTurn {
    School school = School::energy_home;
    double distance_m = 0.0;
    double time_s = 0.0;
    double charge_used_ah = 0.0;
    double energy_used_wh = 0.0;
    double cell_voltage_v = 0.0;
    /// Left at landing, Wh; negative when the pack would be empty before home.
    double landing_left_wh = 0.0;
    bool counted = false;
    /// Turns after the energy turn: would not come home with the reserve.
    bool too_late = false;
    /// False where this flight never meets the rule (then all of the above is unknown).
    bool reached = false;
};

struct Turn {
    School school = School::energy_home;
    units::Estimate distance_m;
    units::Estimate time_s;
    units::Estimate charge_used_ah;
    units::Estimate energy_used_wh;
    units::Estimate cell_voltage_v;
};

/// The whole flight, turned at `Turn`, home in the worst credible wind.
struct PlannedFlight {
    units::Estimate duration_s;
    double ground_m = 0.0;
    double landing_charge_used_ah = 0.0;
    units::Estimate landing_energy_left_wh;
    double charge_out_ah_per_m = 0.0;
    double charge_home_ah_per_m = 0.0;
    double energy_out_wh_per_m = 0.0;
    double energy_home_wh_per_m = 0.0;
};

struct Plan {
    PlanRequest request;
    FlightConditions conditions;
    units::Estimate usable_energy_wh;
    units::Estimate usable_charge_ah;
    /// From launch until the pack is at its landing voltage; empty when the wind or the pack allows no flight.
    std::vector<OutwardPoint> outward;
    std::optional<Turn> turn;
    std::vector<SchoolTurn> schools; ///< sorted by distance, those never reached last
    std::optional<PlannedFlight> flight;
    std::vector<units::Sensitivity> turn_sensitivities; ///< largest first
    std::vector<units::Notice> notices;
};

/// Works out one out-and-back flight: climb, way out, turn, way home, descent.
///
/// The turn of school *energy home* is where what is left meets what the way home needs plus the reserve. Without
/// climb, reserve and change of wind it is the point of no return of air navigation,
/// `d = (E/P)·V_out·V_home/(V_out + V_home)`; a test holds it to that.
/// A wind or a pack that allows no flight is an answer: `turn` is empty and a notice says why.
/// @error `value_out_of_range`, `height_outside_atmosphere`
units::Result<Plan> make_plan(const PlanRequest& request);

/// Point on the way out at a distance, linear between the samples.
OutwardPoint outward_at(const Plan& plan, double distance_m);

} // namespace sobremesa::mission
