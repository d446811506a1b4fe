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

namespace {

int blocks_along(int points) {
    return (std::max(points - 1, 1) + Terrain::block - 1) / Terrain::block;
}

} // namespace

void Terrain::index() {
    const int across = blocks_along(columns);
    const int up = blocks_along(rows);
    block_highest_m.assign(std::size_t(across) * std::size_t(up), -HUGE_VALF);
    for (int j = 0; j < rows; ++j) {
        for (int i = 0; i < columns; ++i) {
            const float height = height_m[std::size_t(j) * std::size_t(columns) + std::size_t(i)];
            if (!std::isfinite(height)) continue;
            // A point on an edge belongs to the blocks on both sides of it.
            for (const int bj : {j / block, (j - 1) / block}) {
                for (const int bi : {i / block, (i - 1) / block}) {
                    if (bi >= across || bj >= up) continue;
                    float& highest = block_highest_m[std::size_t(bj) * std::size_t(across) + std::size_t(bi)];
                    highest = std::max(highest, height);
                }
            }
        }
    }
}

std::optional<double> Terrain::highest_m(const EastNorth& from, const EastNorth& to) const {
    const double way_m = distance_m(from, to);
    const int steps = std::max(int(std::ceil(way_m / (0.5 * step_m))), 1);
    std::optional<double> highest;
    const int across = blocks_along(columns);
    // Cells of the grid from one sample to the next.
    const double dx = (to.east_m - from.east_m) / step_m / steps;
    const double dy = (to.north_m - from.north_m) / step_m / steps;
    for (int i = 0; i <= steps; ++i) {
        const double share = double(i) / steps;
        const double x = (std::lerp(from.east_m, to.east_m, share) - west_m) / step_m;
        const double y = (std::lerp(from.north_m, to.north_m, share) - south_m) / step_m;
        if (!block_highest_m.empty() && x >= 0.0 && y >= 0.0 && x < columns - 1.0 && y < rows - 1.0) {
            const int bi = int(x) / block;
            const int bj = int(y) / block;
            const double most = block_highest_m[std::size_t(bj) * std::size_t(across) + std::size_t(bi)] - home_m;
            if (most <= highest.value_or(-HUGE_VAL)) {
                // Nothing higher in this block: on to the first sample beyond it.
                const auto samples = [](double at, double step, int number) {
                    return step > 0.0   ? ((number + 1) * block - at) / step
                           : step < 0.0 ? (number * block - at) / step
                                        : HUGE_VAL;
                };
                const double left = std::min(samples(x, dx, bi), samples(y, dy, bj));
                i += int(std::min(left, double(steps)));
                continue;
            }
        }
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
