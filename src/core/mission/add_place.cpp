#include "core/mission/add_place.hpp"

namespace sobremesa::mission {

namespace {

geodesy::EastNorth farther_out(const Mission& mission) {
    if (mission.waypoints.empty()) return geodesy::offset({}, mission.bearing_deg, added_place_m);
    const geodesy::EastNorth last = mission.waypoints.back().at;
    return geodesy::offset(last, geodesy::bearing_deg({}, last), added_place_m);
}

/// Calls `change` with the waypoint or the alternate of that number.
template <class Change>
void change_place(Mission& mission, std::size_t place, Change change) {
    if (place < mission.waypoints.size())
        change(mission.waypoints[place]);
    else if (place - mission.waypoints.size() < mission.alternates.size())
        change(mission.alternates[place - mission.waypoints.size()]);
}

} // namespace

void add_waypoint(Mission& mission, const geodesy::EastNorth& at) {
    mission.waypoints.push_back({"", at, {}, 0.0, false});
    if (goes_straight_out(mission.kind)) mission.kind = MissionKind::route;
}

void add_waypoint(Mission& mission) {
    add_waypoint(mission, farther_out(mission));
}

void add_alternate(Mission& mission, const geodesy::EastNorth& at) {
    mission.alternates.push_back({"", at, 0.0});
}

void add_alternate(Mission& mission) {
    add_alternate(mission, farther_out(mission));
}

void move_place(Mission& mission, std::size_t place, const geodesy::EastNorth& at) {
    change_place(mission, place, [&](auto& found) { found.at = at; });
}

void name_place(Mission& mission, std::size_t place, const std::string& name) {
    change_place(mission, place, [&](auto& found) { found.name = name; });
    const std::size_t points = mission.waypoints.size() + mission.alternates.size();
    if (place >= points && place - points < mission.no_landing.size())
        mission.no_landing[place - points].name = name;
}

void add_no_landing(Mission& mission, const std::vector<geodesy::EastNorth>& outline) {
    mission.no_landing.push_back({"", {outline}});
}

void remove_place(Mission& mission, std::size_t place) {
    const std::size_t waypoints = mission.waypoints.size();
    if (place < waypoints)
        mission.waypoints.erase(mission.waypoints.begin() + std::ptrdiff_t(place));
    else if (place - waypoints < mission.alternates.size())
        mission.alternates.erase(mission.alternates.begin() + std::ptrdiff_t(place - waypoints));
    else if (const std::size_t area = place - waypoints - mission.alternates.size();
             area < mission.no_landing.size())
        mission.no_landing.erase(mission.no_landing.begin() + std::ptrdiff_t(area));
    if (mission.waypoints.empty() && flies_over_places(mission.kind)) mission.kind = MissionKind::out_and_back;
}

} // namespace sobremesa::mission
