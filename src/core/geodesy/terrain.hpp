#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/geodesy/geodesic.hpp"

namespace sobremesa::geodesy {

/// Heights of the ground around a home, on a square grid of metres east and north of it.
struct Terrain {
    /// South-west corner of the grid's first point.
    double west_m = 0.0;
    double south_m = 0.0;
    double step_m = 90.0;
    int columns = 0;
    int rows = 0;
    /// Above sea level, m, row by row from the south; NaN where the raster says nothing.
    std::vector<float> height_m;
    /// Of home, above sea level, m.
    double home_m = 0.0;
    /// The highest point of each block of `block` by `block` cells, its edges in it; −∞ where it says nothing.
    /// Empty: not indexed, and `highest_m` looks at every sample.
    static constexpr int block = 16;
    std::vector<float> block_highest_m;

    /// Once the heights are there; ways over known ground are then many times quicker to look along.
    void index();
    /// Ground above home, m, bilinear between the points.
    /// @return nothing outside the grid or where it says nothing
    std::optional<double> above_home_m(const EastNorth& at) const;
    /// The highest ground above home on the straight way between two places, m, looked at every half step.
    /// @return nothing where none of it is known
    std::optional<double> highest_m(const EastNorth& from, const EastNorth& to) const;
};

/// Bearing, degrees [0, 360), and distance, m, in the plane.
double bearing_deg(const EastNorth& from, const EastNorth& to);
double distance_m(const EastNorth& from, const EastNorth& to);
/// A place at a distance on a bearing.
EastNorth offset(const EastNorth& from, double bearing_deg, double distance_m);

} // namespace sobremesa::geodesy
