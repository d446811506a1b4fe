#include "core/mission/add_place.hpp"

namespace sobremesa::mission {

namespace {

geodesy::EastNorth farther_out(const Mission& mission) {
    if (mission.waypoints.empty()) return geodesy::offset({}, mission.bearing_deg, added_place_m);
    const geodesy::EastNorth last = mission.waypoints.back().at;
    return geodesy::offset(last, geodesy::bearing_deg({}, last), added_place_m);
}

} // namespace

void add_waypoint(Mission& mission) {
    mission.waypoints.push_back({"", farther_out(mission), {}, 0.0, false});
    if (mission.kind == MissionKind::out_and_back || mission.kind == MissionKind::farthest_point)
        mission.kind = MissionKind::route;
}

void add_alternate(Mission& mission) {
    mission.alternates.push_back({"", farther_out(mission), 0.0});
}

} // namespace sobremesa::mission
