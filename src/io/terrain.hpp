#pragma once

#include <string>

#include "core/geodesy/terrain.hpp"
#include "core/mission/plan_request.hpp"
#include "core/units/diagnostic.hpp"

namespace sobremesa::io {

/// How far around home terrain is read, m.
inline constexpr double terrain_half_m = 40000.0;

/// Elevation raster (GeoTIFF, HGT, ASCII grid) to heights around a home.
///
/// The raster's cells stay as they were measured: GDAL reads them and says where they lie around home (azimuthal
/// equidistant). Nothing is smoothed; where there are more than forty million, some are taken together, as high as
/// the highest of them. GDAL is loaded from a module of its own the first time, because it would cost every start
/// otherwise. A raster without a projection is taken for degrees where its corners can be.
/// @param half_m  how far to each side of home, m
/// @error `file_not_found`, `raster_unreadable`, `raster_elsewhere`, `raster_module_missing`
units::Result<geodesy::Terrain> read_terrain(const std::string& path, const geodesy::Position& home,
                                             double half_m = terrain_half_m);

/// Reads the terrain that a request names, where it names one and knows home; the same raster around the same home
/// is read once and shared.
/// @return what is wrong; nothing where all is well or nothing is asked for
std::optional<units::Error> add_terrain(mission::PlanRequest& request);

} // namespace sobremesa::io
