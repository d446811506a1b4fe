#pragma once

#include "core/units/error.hpp"

namespace sobremesa::geodesy {

/// Below this ground speed a leg is no solution: it would take for ever, and any gust would reverse it.
inline constexpr double least_ground_speed_mps = 2.0;

struct Heading {
    double heading_deg = 0.0;
    double ground_speed_mps = 0.0;
};

/// Heading and ground speed that hold a course in a wind.
///
/// Source: FAA-H-8083-25 (Pilot's Handbook of Aeronautical Knowledge), ch. 16, solved in closed form.
/// @param course_deg       direction over ground, degrees from true north
/// @param airspeed_mps     true airspeed, m/s
/// @param wind_from_deg    where the wind comes from
/// @error `wind_too_strong` when the cross wind is not less than the airspeed, or the ground speed would be under
///        2 m/s; the parameters give cross wind, airspeed and ground speed
units::Result<Heading> wind_triangle(double course_deg, double airspeed_mps, double wind_from_deg, double wind_mps);

} // namespace sobremesa::geodesy
