#pragma once

#include "core/sun/solar_array.hpp"
#include "core/units/number_ranges.hpp"

namespace sobremesa::sun {

/// What each number of an array may be, and of what stands between it and the pack; named as in the document of the
/// aircraft that they are part of.
void look_at_ranges(units::NumberRanges& ranges, const SolarArray& array);
void look_at_ranges(units::NumberRanges& ranges, const Converter& converter);

} // namespace sobremesa::sun
