#pragma once

#include <vector>

#include "core/mission/flight_conditions.hpp"

namespace sobremesa::mission {

/// What the outbound leg asks for, one thing after the other; the return is not in it.
struct Phase {
    PhaseKind kind = PhaseKind::leg;
    geodesy::EastNorth from;
    geodesy::EastNorth to;
    double from_height_m = 0.0;
    double to_height_m = 0.0;
    /// Loiters only, s.
    double duration_s = 0.0;
    /// Flown until it is time to go home, or the pack is at its landing voltage. A leg then goes on beyond `to` on
    /// its bearing.
    bool open = false;
    /// Which waypoint it leads to or circles, from 0; −1: none.
    int waypoint = -1;
};

/// The mission as phases: a kind that is ready-made becomes what a pilot would fly for it. Heights change
/// evenly over the legs, no steeper than the plan's rates.
std::vector<Phase> phases(const PlanRequest& request);

} // namespace sobremesa::mission
