#pragma once

#include <optional>

#include "core/flying/air_column.hpp"
#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// Wind and air of a plan by height and time. @param request  must outlive it
inline flying::AirColumn air_column(const PlanRequest& request) {
    return {request.weather, request.mission.height_m};
}

using flying::heading;

/// Air at a height above the field, from the pilot's temperature, pressure and humidity as far as given.
/// @error `height_outside_atmosphere`
inline units::Result<atmosphere::Air> air_at(const PlanRequest& request, double height_m) {
    return air_column(request).air(height_m);
}

/// Airspeed of a level leg by the plan's rule, m/s. Best range: least power over ground speed, within what the
/// aircraft's model reaches and not under 1.2 times its stall.
/// @return nothing where the rule cannot be met: no full power known, or no speed makes way against this wind
std::optional<double> leg_airspeed(const PlanRequest& request, SpeedRule rule, double course_deg,
                                   const atmosphere::Wind& wind, double density_kgm3);

/// Slowest and fastest airspeed that the aircraft's model may be asked for, m/s.
struct AirspeedRange {
    double least_mps = 0.0;
    double most_mps = 0.0;
};
AirspeedRange airspeed_range(const PlanRequest& request, double density_kgm3);
/// What level flight takes at the airspeed of that range that takes least, W.
double least_level_power_w(const PlanRequest& request, double density_kgm3);

} // namespace sobremesa::mission
