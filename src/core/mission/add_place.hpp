#pragma once

#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// Adds a place to fly over behind the last one, `added_place_m` farther out, to be moved to where it belongs. A
/// mission that flies over no places becomes a route: a place that is added is meant to be flown over.
void add_waypoint(Mission& mission);

/// Adds a place where one may land, at the same place as `add_waypoint` would.
void add_alternate(Mission& mission);

/// From the last place, or from home, m.
inline constexpr double added_place_m = 2000.0;

} // namespace sobremesa::mission
