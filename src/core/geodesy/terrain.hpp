#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/geodesy/geodesic.hpp"

namespace sobremesa::geodesy {

/// Where a raster lies that was measured on a map of its own: the cell, counted from the middle of the first one,
/// at the nodes of an even square grid around home. Between nodes it goes straight; at a kilometre from node to
/// node that is right to centimetres.
struct RasterMapping {
    /// Nodes reach from −half to +half, m, east and north, row by row from the south-west.
    double half_m = 0.0;
    int nodes = 0; ///< along each side; 0: the raster's cells are metres east and north
    std::vector<double> column;
    std::vector<double> row;
};

/// Heights of the ground around a home, in the cells that they were measured in.
struct Terrain {
    /// Middle of the grid's first cell, where the cells lie along east and north, m.
    double west_m = 0.0;
    double south_m = 0.0;
    /// Side of a cell, the shorter one, m.
    double step_m = 90.0;
    int columns = 0;
    int rows = 0;
    /// Above sea level, m, row by row; NaN where the raster says nothing.
    std::vector<float> height_m;
    /// Of home, above sea level, m.
    double home_m = 0.0;
    RasterMapping mapping;
    /// So many cells of the file, along each side, were taken as one: as high as the highest of them.
    int pooled = 1;
    /// The highest cell of each block of `block` by `block` cells; −∞ where it says nothing. Empty: not indexed,
    /// and `highest_m` looks at every cell.
    static constexpr int block = 16;
    std::vector<float> block_highest_m;

    /// Once the heights are there; ways over known ground are then many times quicker to look along.
    void index();
    /// Ground above home, m, bilinear between the middles of cells.
    /// @return nothing outside the grid or where it says nothing
    std::optional<double> above_home_m(const EastNorth& at) const;
    /// The highest cell, above home, m, that a straight way touches with all that lies within `aside_m` of it to
    /// either side.
    /// @return nothing where none of it is known
    std::optional<double> highest_m(const EastNorth& from, const EastNorth& to, double aside_m = 0.0) const;
    /// Half of the side of the square around home that it covers, m.
    double half_m() const;

    /// A place in cells, 0 in the middle of the first.
    struct Cell {
        double column = 0.0;
        double row = 0.0;
    };
    Cell cell_at(const EastNorth& at) const;
};

/// Bearing, degrees [0, 360), and distance, m, in the plane.
double bearing_deg(const EastNorth& from, const EastNorth& to);
double distance_m(const EastNorth& from, const EastNorth& to);
/// A place at a distance on a bearing.
EastNorth offset(const EastNorth& from, double bearing_deg, double distance_m);

} // namespace sobremesa::geodesy
