#pragma once

#include <optional>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/flying/weather.hpp"
#include "core/geodesy/wind_triangle.hpp"
#include "core/units/error.hpp"

namespace sobremesa::flying {

/// A height's wind as one course meets it: what does not change with time is worked out once.
struct WindOnCourse {
    double steady_mps = 0.0;
    double error_mps = 0.0;
    /// Of the angle from the course to where the wind comes from.
    double sine = 0.0;
    double cosine = 1.0;
};

/// Wind by height and time of flight, and air by height, over one field. Nothing else knows about wind: the
/// forecast, the worst credible one for a return, and what an error of the forecast is at another height all come
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
    /// The worst credible one for a return: forecast times or over `home_wind_factor`, or the forecast and what
    /// it may be off by (as a vector straight against the course, so that a calm has a wind too), whichever makes
    /// that course slowest over ground, or impossible.
    atmosphere::Wind worst_home(double course_deg, double airspeed_mps, double height_m,
                                double time_s = 0.0) const {
        return worst_of(at(height_m, time_s), error_mps(height_m), course_deg, airspeed_mps);
    }
    /// The same of a forecast wind and an error that are known already.
    atmosphere::Wind worst_of(const atmosphere::Wind& forecast, double error_mps, double course_deg,
                              double airspeed_mps) const;
    /// What the wind of a height is off by, or less, on nineteen days of twenty, m/s.
    double error_mps(double height_m) const;
    /// Gusts above the mean wind, m/s: given, or a third of it and at least 1.5 (common practice, no source).
    double gust_mps(double height_m, double time_s = 0.0) const;
    WindOnCourse on_course(const atmosphere::Wind& steady, double error_mps, double course_deg) const;
    /// Ground speed on that course in the worst credible wind of a time, m/s.
    /// @return nothing where it allows none (see `geodesy::least_ground_speed_mps`)
    std::optional<double> worst_ground_mps(const WindOnCourse& wind, double airspeed_mps, double time_s) const;
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
