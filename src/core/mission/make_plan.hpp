#pragma once

#include "core/mission/parallel.hpp"
#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// Works out one flight: climb, outbound leg over its phases, turn, return, descent.
///
/// The turn by the rule *energy home* is where what is left meets what the return needs plus the reserve. Without
/// climb, reserve and change of wind it is the point of no return of air navigation,
/// `d = (E/P)·V_out·V_home/(V_out + V_home)`; a test holds it to that.
/// A wind or a pack that allows no flight is an answer: `turn` is empty and a diagnostic says why.
/// @error `value_out_of_range`, `height_outside_atmosphere`
/// @param parallel  what runs the sensitivities, most of the work
units::Result<Plan> make_plan(const PlanRequest& request, const Parallel& parallel = in_turn);

/// The same without its sensitivities, in a third of the time: for plans that are tried, not shown.
units::Result<Plan> make_trial_plan(const PlanRequest& request);

} // namespace sobremesa::mission
