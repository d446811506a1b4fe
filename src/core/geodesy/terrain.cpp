#include "core/geodesy/terrain.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::geodesy {

std::optional<double> Terrain::above_home_m(const EastNorth& at) const {
    const double x = (at.east_m - west_m) / step_m;
    const double y = (at.north_m - south_m) / step_m;
    if (!(x >= 0.0 && y >= 0.0 && x <= columns - 1.0 && y <= rows - 1.0)) return std::nullopt;
    const int i = std::min(int(x), columns - 2);
    const int j = std::min(int(y), rows - 2);
    const float* corner = height_m.data() + std::size_t(j) * std::size_t(columns) + std::size_t(i);
    const double south = std::lerp(double(corner[0]), double(corner[1]), x - i);
    const double north = std::lerp(double(corner[columns]), double(corner[columns + 1]), x - i);
    const double height = std::lerp(south, north, y - j) - home_m;
    return std::isfinite(height) ? std::optional(height) : std::nullopt;
}

std::optional<double> Terrain::highest_m(const EastNorth& from, const EastNorth& to) const {
    const double way_m = distance_m(from, to);
    const int steps = std::max(int(std::ceil(way_m / (0.5 * step_m))), 1);
    std::optional<double> highest;
    for (int i = 0; i <= steps; ++i) {
        const double share = double(i) / steps;
        const auto here =
            above_home_m({std::lerp(from.east_m, to.east_m, share), std::lerp(from.north_m, to.north_m, share)});
        if (here && (!highest || *here > *highest)) highest = here;
    }
    return highest;
}

double bearing_deg(const EastNorth& from, const EastNorth& to) {
    return units::wrap_degrees(units::degrees(std::atan2(to.east_m - from.east_m, to.north_m - from.north_m)));
}

double distance_m(const EastNorth& from, const EastNorth& to) {
    return std::hypot(to.east_m - from.east_m, to.north_m - from.north_m);
}

EastNorth offset(const EastNorth& from, double bearing_deg, double distance_m) {
    const double a = units::radians(bearing_deg);
    return {from.east_m + distance_m * std::sin(a), from.north_m + distance_m * std::cos(a)};
}

} // namespace sobremesa::geodesy
