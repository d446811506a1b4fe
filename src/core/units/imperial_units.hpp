#pragma once

namespace sobremesa::units {

// Exact by definition: the international yard and pound agreement (1959). The foot and the mile stand in
// constants.hpp.
constexpr double kilograms_per_pound = 0.45359237;
constexpr double kilograms_per_ounce = kilograms_per_pound / 16.0;
constexpr double metres_per_inch = 0.0254;
/// Conventional, at 0 °C: NIST SP 811, table B.8 (from memory).
constexpr double pascals_per_inch_of_mercury = 3386.389;

} // namespace sobremesa::units
