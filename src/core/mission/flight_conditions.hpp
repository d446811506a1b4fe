#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/battery/discharge.hpp"
#include "core/geodesy/wind_triangle.hpp"
#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// Everything about the air, the aircraft and the pack that stays the same during one plan.
///
/// Built once from a request; the turn rules and the homeward energy then only look things up.
struct FlightConditions {
    double all_up_mass_kg = 0.0;
    atmosphere::Air air;
    /// Level cruise at mission height.
    units::Estimate cruise_power_w;
    atmosphere::Wind wind_out;
    /// Worst credible for the way home.
    atmosphere::Wind wind_home;
    /// Empty where the wind allows no solution.
    std::optional<geodesy::Heading> out;
    std::optional<geodesy::Heading> home;
    /// The pack as a circuit, shared because a rate table takes a while to fit.
    std::shared_ptr<const battery::PackModel> pack;
    battery::Surroundings around;
    /// As it is plugged in at the field.
    battery::PackState start;
    /// The pack discharged at cruise power from full to the landing voltage: what "left" is measured on.
    battery::Discharge cruise;

    double usable_energy_wh() const { return cruise.last().energy_wh; }
    double usable_charge_ah() const { return cruise.last().charge_used_ah; }
    /// What the terminals still give at cruise power down to the landing voltage, Wh; negative never.
    double left_wh(double charge_used_ah) const;
};

/// @param request  already checked
/// @param like     conditions of nearly the same request, to take over what is slow to make
/// @error `height_outside_atmosphere`, `airspeed_outside_model`
units::Result<FlightConditions> flight_conditions(const PlanRequest& request,
                                                  const FlightConditions* like = nullptr);

/// One climb or descent between home's height and mission height, in bands of height, because the wind, the air and
/// so the ground speed change on the way.
struct VerticalBand {
    double top_height_m = 0.0;
    double bottom_height_m = 0.0;
    double power_w = 0.0;
    double duration_s = 0.0;
    double ground_m = 0.0;
};

struct Vertical {
    std::vector<VerticalBand> bands; ///< in the order flown
    bool wind_allows = true;
};

Vertical climb_out(const PlanRequest& request, const FlightConditions& conditions);
Vertical descent_home(const PlanRequest& request, const FlightConditions& conditions);

/// What the way home needs from a place at mission height or below, without the reserve.
struct WayHome {
    double energy_wh = 0.0;
    double time_s = 0.0;
};

/// Energy of the way home: cruise back at the planned airspeed in the worst credible wind, then the descent (which
/// starts early enough to end at home; nearer than that, the aircraft circles down).
class Homeward {
public:
    /// @param conditions  with a solution for the way home
    Homeward(const PlanRequest& request, const FlightConditions& conditions);
    WayHome from(double distance_m, double height_m) const;
    /// Energy kept back when turning there, Wh.
    double reserve_wh(double distance_m, double height_m) const;
    bool wind_allows() const { return descent_.wind_allows; }

private:
    const PlanRequest& request_;
    const FlightConditions& conditions_;
    Vertical descent_;
};

} // namespace sobremesa::mission
