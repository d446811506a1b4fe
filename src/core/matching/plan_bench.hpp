#pragma once

#include "core/matching/candidates.hpp"
#include "core/mission/plan_request.hpp"

namespace sobremesa::matching {

/// The bench that a plan's aircraft, air and wind make for other packs: same aircraft, same cruise, same outbound
/// leg and back.
/// @error as `make_plan`
units::Result<Bench> bench_of(const mission::PlanRequest& request);

} // namespace sobremesa::matching
