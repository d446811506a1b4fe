#include "core/mission/move_home.hpp"

namespace sobremesa::mission {

namespace {

geodesy::EastNorth less(const geodesy::EastNorth& a, const geodesy::EastNorth& b) {
    return {a.east_m - b.east_m, a.north_m - b.north_m};
}

} // namespace

void move_home(PlanRequest& request, const geodesy::EastNorth& by) {
    Mission& mission = request.mission;
    for (Waypoint& point : mission.waypoints) point.at = less(point.at, by);
    for (Alternate& place : mission.alternates) place.at = less(place.at, by);
    for (NoLandingArea& area : mission.no_landing) {
        for (auto& ring : area.rings) {
            for (auto& corner : ring) corner = less(corner, by);
        }
    }
    mission.terrain.reset();
    if (!mission.home) return;
    if (const auto frame = geodesy::LocalFrame::around(*mission.home)) mission.home = frame->reverse(by);
}

std::optional<geodesy::EastNorth> home_moved_by(const PlanRequest& before, const PlanRequest& after) {
    const Mission& a = before.mission;
    const Mission& b = after.mission;
    if (a.home && b.home) {
        if (const auto frame = geodesy::LocalFrame::around(*a.home)) return frame->forward(*b.home);
    }
    if (!a.waypoints.empty() && !b.waypoints.empty()) return less(a.waypoints.front().at, b.waypoints.front().at);
    if (!a.alternates.empty() && !b.alternates.empty())
        return less(a.alternates.front().at, b.alternates.front().at);
    if (!a.no_landing.empty() && !b.no_landing.empty() && !a.no_landing.front().rings.empty() &&
        !b.no_landing.front().rings.empty())
        return less(a.no_landing.front().rings.front().front(), b.no_landing.front().rings.front().front());
    return std::nullopt;
}

bool home_can_move(const PlanRequest& request) {
    const Mission& mission = request.mission;
    return mission.home || !mission.waypoints.empty() || !mission.alternates.empty() || !mission.no_landing.empty();
}

} // namespace sobremesa::mission
