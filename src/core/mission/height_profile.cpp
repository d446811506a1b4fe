#include "core/mission/height_profile.hpp"

#include <algorithm>
#include <cmath>

#include "core/mission/outward.hpp"

namespace sobremesa::mission {

namespace {

double ground_at(const Plan& plan, const geodesy::EastNorth& at) {
    const auto& terrain = plan.request.mission.terrain;
    return terrain ? terrain->above_home_m(at).value_or(std::nan("")) : std::nan("");
}

} // namespace

std::vector<ProfilePoint> height_profile(const Plan& plan) {
    std::vector<ProfilePoint> points;
    if (!plan.turn) return points;
    const double turn_m = plan.turn->distance_m.value;
    const auto& terrain = plan.request.mission.terrain;
    constexpr double without_ground_m = 250.0;
    constexpr double most_points = 1500.0;
    const double step_m = terrain ? std::max(terrain->step_m, 2.0 * turn_m / most_points) : without_ground_m;
    for (double d = 0.0; d < turn_m; d += step_m) {
        const OutwardPoint at = outward_at(plan, d);
        points.push_back({d, at.height_m, ground_at(plan, at.at), false});
    }
    const OutwardPoint turn = outward_at(plan, turn_m);
    points.push_back({turn_m, turn.height_m, ground_at(plan, turn.at), false});
    const bool lands_there = !comes_home(plan.request.mission.kind) && plan.turn->at_end_of_mission;
    const Homeward homeward(plan.request, plan.conditions);
    const double home_m = lands_there ? 0.0 : geodesy::distance_m(turn.at, {});
    double gone_m = 0.0;
    double height_m = turn.height_m;
    const auto legs =
        lands_there ? homeward.legs_to(turn.at, 0.0, station_of(turn)) : homeward.legs_from(station_of(turn));
    for (const FlightLeg& leg : legs) {
        const int steps = std::max(int(std::ceil(leg.ground_m / step_m)), 1);
        for (int i = 1; i <= steps; ++i) {
            const double share = double(i) / steps;
            const double d = std::min(gone_m + share * leg.ground_m, home_m);
            const double left = home_m > 0.0 ? 1.0 - d / home_m : 1.0;
            const geodesy::EastNorth at{left * turn.at.east_m, left * turn.at.north_m};
            points.push_back({turn_m + d, std::lerp(height_m, leg.end_height_m, share), ground_at(plan, at), true});
        }
        gone_m = std::min(gone_m + leg.ground_m, home_m);
        height_m = leg.end_height_m;
    }
    return points;
}

std::vector<ChosenHeight> chosen_heights(const Plan& plan) {
    std::vector<ChosenHeight> heights;
    if (!plan.turn) return heights;
    const double turn_m = plan.turn->distance_m.value;
    const Mission& mission = plan.request.mission;
    // In their order along the outbound leg: a route may pass a place more than once.
    std::size_t from = 0;
    for (std::size_t i = 0; i < mission.waypoints.size(); ++i) {
        constexpr double at_it_m = 30.0;
        std::optional<std::size_t> nearest;
        double nearest_m = at_it_m;
        for (std::size_t k = from; k < plan.outward.size() && plan.outward[k].distance_m <= turn_m; ++k) {
            const double away_m = geodesy::distance_m(plan.outward[k].at, mission.waypoints[i].at);
            if (away_m < nearest_m) {
                nearest = k;
                nearest_m = away_m;
            } else if (nearest && away_m > at_it_m) {
                break;
            }
        }
        if (!nearest) continue;
        heights.push_back(
            {plan.outward[*nearest].distance_m, mission.waypoints[i].height_m.value_or(mission.height_m), i});
        from = *nearest;
    }
    if (heights.empty()) heights.push_back({0.5 * turn_m, mission.height_m, std::nullopt});
    return heights;
}

} // namespace sobremesa::mission
