#pragma once

#include <cmath>

#include "core/geodesy/terrain.hpp"

namespace sobremesa::mission {

/// How far to each side of its course an aircraft may be off, m (common practice, no source).
inline constexpr double off_course_m = 30.0;

/// Height above the highest ground that lies below a straight way, and within `off_course_m` of it.
struct ClearAlong {
    /// Infinite where nothing is known.
    double least_m = HUGE_VAL;
    geodesy::EastNorth at;
    /// Some of it lies outside the raster.
    bool unknown = false;
};
/// @param from_m, to_m        heights flown at its ends, above home, m
/// @param lowest_ground_m     ground lower than this above home does not count
ClearAlong clearance_along(const geodesy::Terrain& terrain, const geodesy::EastNorth& from,
                           const geodesy::EastNorth& to, double from_m, double to_m,
                           double lowest_ground_m = -HUGE_VAL);

} // namespace sobremesa::mission
