#include "core/mission/ground_below.hpp"

#include <algorithm>

namespace sobremesa::mission {

ClearAlong clearance_along(const geodesy::Terrain& terrain, const geodesy::EastNorth& from,
                           const geodesy::EastNorth& to, double from_m, double to_m, double lowest_ground_m) {
    ClearAlong clear;
    const double way_m = geodesy::distance_m(from, to);
    const int steps = std::max(int(std::ceil(way_m / terrain.step_m)), 1);
    const auto place = [&](int i) {
        const double share = double(i) / steps;
        return geodesy::EastNorth{std::lerp(from.east_m, to.east_m, share),
                                  std::lerp(from.north_m, to.north_m, share)};
    };
    const auto look = [&](const geodesy::EastNorth& a, const geodesy::EastNorth& b, double height_m) {
        const auto ground = terrain.highest_m(a, b, off_course_m);
        if (ground && *ground > lowest_ground_m && height_m - *ground < clear.least_m) {
            clear.least_m = height_m - *ground;
            clear.at = b;
        }
    };
    for (int i = 0; i <= steps; ++i) clear.unknown = clear.unknown || !terrain.above_home_m(place(i));
    constexpr double level_m = 0.5;
    if (std::abs(to_m - from_m) < level_m) {
        look(from, to, std::min(from_m, to_m));
        return clear;
    }
    for (int i = 0; i < steps; ++i)
        look(place(i), place(i + 1),
             std::min(std::lerp(from_m, to_m, double(i) / steps), std::lerp(from_m, to_m, double(i + 1) / steps)));
    return clear;
}

} // namespace sobremesa::mission
