#pragma once

#include "core/battery/pack.hpp"
#include "core/battery/pack_builder.hpp"
#include "core/units/number_ranges.hpp"

namespace sobremesa::battery {

/// What each number of a pack may be, and of one that is to be built.
void look_at_ranges(units::NumberRanges& ranges, const Pack& pack);
void look_at_ranges(units::NumberRanges& ranges, const Build& build);

} // namespace sobremesa::battery
