#pragma once

#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// Another field to start from: home moves, and everything that has a place of its own on the ground stays there.
/// What was read of the terrain around the old home goes with it.
/// @param by  from the old home to the new, m
void move_home(PlanRequest& request, const geodesy::EastNorth& by);

/// From one home to the other, m, by their positions, else by the first place that both plans know.
/// @return nothing where neither says
std::optional<geodesy::EastNorth> home_moved_by(const PlanRequest& before, const PlanRequest& after);

/// Whether moving home changes anything: it lies somewhere, or something lies around it.
bool home_can_move(const PlanRequest& request);

} // namespace sobremesa::mission
