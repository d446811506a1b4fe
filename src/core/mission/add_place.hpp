#pragma once

#include <string>

#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

// The places of a mission are numbered: waypoints first, in their order, then alternates, then no-landing areas.

/// Adds a waypoint behind the last one. A mission that flies over no places becomes a route: a place that is added
/// is meant to be flown over.
void add_waypoint(Mission& mission, const geodesy::EastNorth& at);
/// `added_place_m` farther out than the last one, to be moved to where it belongs.
void add_waypoint(Mission& mission);

/// Adds a place where one may land.
void add_alternate(Mission& mission, const geodesy::EastNorth& at);
/// Where `add_waypoint` would put one.
void add_alternate(Mission& mission);

/// Adds a no-landing area of one ring.
void add_no_landing(Mission& mission, const std::vector<geodesy::EastNorth>& outline);

/// The next three do nothing where there is no place of that number.
/// (an area keeps its place)
void move_place(Mission& mission, std::size_t place, const geodesy::EastNorth& at);
void name_place(Mission& mission, std::size_t place, const std::string& name);
/// A mission over places that loses its last waypoint flies out and back.
void remove_place(Mission& mission, std::size_t place);

/// From the last place, or from home, m.
inline constexpr double added_place_m = 2000.0;

} // namespace sobremesa::mission
