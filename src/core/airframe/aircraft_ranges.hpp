#pragma once

#include "core/airframe/aircraft.hpp"
#include "core/units/number_ranges.hpp"

namespace sobremesa::airframe {

/// What each number of an aircraft may be.
void look_at_ranges(units::NumberRanges& ranges, const Aircraft& aircraft);

} // namespace sobremesa::airframe
