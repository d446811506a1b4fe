#pragma once

#include "core/mission/plan_request.hpp"
#include "core/units/number_ranges.hpp"

namespace sobremesa::mission {

/// What each number of a plan may be; of its aircraft and pack, see there. What lies outside is a typing error
/// or a wrong unit, not an extreme flight.
void look_at_ranges(units::NumberRanges& ranges, const PlanRequest& request);

} // namespace sobremesa::mission
