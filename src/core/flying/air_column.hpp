#pragma once

#include <optional>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/flying/weather.hpp"
#include "core/geodesy/wind_triangle.hpp"
#include "core/units/error.hpp"

namespace sobremesa::flying {

/// Wind by height and time of flight, and air by height, over one field. Nothing else knows about wind: the
/// forecast, the worst credible one for a way home, and what an error of the forecast is at another height all come
/// from here.
class AirColumn {
public:
    /// @param weather          must outlive this
    /// @param usual_height_m   what the forecast wind is meant for where it names no height of its own, m
    AirColumn(const Weather& weather, double usual_height_m) : weather_(weather), usual_height_m_(usual_height_m) {}

    /// At the start of the flight, before it grows or eases.
    atmosphere::Wind steady(double height_m) const;
    /// As forecast. A wind that eases never turns round.
    atmosphere::Wind at(double height_m, double time_s = 0.0) const { return grown(steady(height_m), time_s); }
    /// A steady wind as it has grown or eased by a time.
    atmosphere::Wind grown(atmosphere::Wind steady, double time_s) const;
    /// The worst credible one for a way home: forecast times or over `home_wind_factor`, whichever makes that
    /// course slower over ground, or impossible.
    atmosphere::Wind worst_home(double course_deg, double airspeed_mps, double height_m,
                                double time_s = 0.0) const {
        return worst_of(at(height_m, time_s), course_deg, airspeed_mps);
    }
    /// The same of a forecast wind that is known already.
    atmosphere::Wind worst_of(const atmosphere::Wind& forecast, double course_deg, double airspeed_mps) const;
    bool changes() const { return weather_.wind_growth_mps_per_h != 0.0; }
    /// How much of an error of the wind aloft is felt at a height: smaller near the ground by the wind's own law.
    double error_share(double height_m) const;

    /// Air at a height above the field, from the pilot's temperature, pressure and humidity as far as given.
    /// @error `height_outside_atmosphere`
    units::Result<atmosphere::Air> air(double height_m) const;

private:
    const Weather& weather_;
    double usual_height_m_;
};

/// Heading and ground speed; nothing where the wind allows none.
std::optional<geodesy::Heading> heading(double course_deg, double airspeed_mps, const atmosphere::Wind& wind);

} // namespace sobremesa::flying
