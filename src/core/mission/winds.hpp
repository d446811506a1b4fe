#pragma once

#include <optional>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/geodesy/wind_triangle.hpp"
#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// The wind that a plan is flown in: by height and by time of flight.
class Winds {
public:
    /// @param request  must outlive this
    explicit Winds(const PlanRequest& request) : request_(request) {}

    /// At the start of the flight, before it grows or eases.
    atmosphere::Wind steady(double height_m) const;
    /// As forecast. A wind that eases never turns round.
    atmosphere::Wind at(double height_m, double time_s = 0.0) const;
    /// The worst credible one for a way home: forecast times or over `home_wind_factor`, whichever makes that
    /// course slower over ground, or impossible.
    atmosphere::Wind worst_home(double course_deg, double airspeed_mps, double height_m, double time_s = 0.0) const;
    bool changes() const { return request_.weather.wind_growth_mps_per_h != 0.0; }

private:
    const PlanRequest& request_;
};

/// Air at a height above the field, from the pilot's temperature, pressure and humidity as far as given.
/// @error `height_outside_atmosphere`
units::Result<atmosphere::Air> air_at(const PlanRequest& request, double height_m);

/// Heading and ground speed; nothing where the wind allows none.
std::optional<geodesy::Heading> heading(double course_deg, double airspeed_mps, const atmosphere::Wind& wind);

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

} // namespace sobremesa::mission
