#pragma once

#include <cstdint>
#include <stop_token>
#include <vector>

#include "core/geodesy/terrain.hpp"

namespace sobremesa::geodesy {

/// Terrain as a map shows it: shaded by slope, with contours.
struct Relief {
    /// Brightness of each point of a grid, 0 dark … 255 bright, rows from the north; 0 in `known` where the raster
    /// says nothing.
    int columns = 0;
    int rows = 0;
    double west_m = 0.0;
    double north_m = 0.0;
    double step_m = 0.0;
    std::vector<std::uint8_t> shade;
    std::vector<std::uint8_t> known;
    /// Pieces of contours.
    struct Segment {
        EastNorth from;
        EastNorth to;
    };
    std::vector<Segment> contours;
    double interval_m = 0.0;
};

/// Lambert's shade of each cell under light from the north-west, 45° high, heights three times as steep as they
/// are; contours by marching squares. Source: standard texts of cartography.
/// @param most_points  to a side; a finer terrain is thinned
Relief relief(const Terrain& terrain, int most_points = 500, const std::stop_token& stop = {});

} // namespace sobremesa::geodesy
