#pragma once

#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// What the sun gives all the way, W, of a flight on the sun whose pilot counts it: the least that the array gives
/// between launch and the landing that it makes possible, at the pack's mean volts, less what a clear-sky model is
/// off by. The pack gives the rest. 0 for every other plan, and where array, place or start are missing.
///
/// The least, not the mean: a figure that holds at every moment needs no pack that is charged on the way. The real
/// flight lasts longer (see `matching::sun_day`); a cloud that is not in the plan ends it earlier.
double counted_sun_w(const PlanRequest& request);

} // namespace sobremesa::mission
