#pragma once

#include <optional>
#include <string>

#include "core/geodesy/geodesic.hpp"

namespace sobremesa::geodesy {

/// A zone of the Universal Transverse Mercator grid.
struct UtmZone {
    int number = 0; ///< 1 to 60
    bool northern = true;
    friend bool operator==(const UtmZone&, const UtmZone&) = default;
};

/// The place of an easting and a northing, m (GeographicLib::UTMUPS, accurate to some nm).
/// @error `position_impossible` where the zone has no such place
units::Result<Position> from_utm(const UtmZone& zone, const EastNorth& grid);

/// The middle of a square of the military grid, "32UMV6134481745" (GeographicLib::MGRS), of 100 m or less.
/// @return nothing where it is no such reference, or a coarser one
std::optional<Position> from_military_grid(const std::string& reference);

} // namespace sobremesa::geodesy
