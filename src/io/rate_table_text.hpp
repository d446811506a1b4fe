#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/battery/pack.hpp"

namespace sobremesa::io {

/// A maker's table as one types it: "10 A 2.9 Ah; 20 A 2750 mAh", a row each; a semicolon, a new line, or a comma
/// with a blank behind it stands between rows. Numbers without units are amps, then ampere-hours; as data sheets
/// have it, a current may be in C ("5C") and a charge in percent, both of the cell's capacity.
std::string text_of_rate_table(const std::vector<battery::RatePoint>& table);
/// @param cell_capacity_ah  as rated; 0: not known, and rows in C or percent are none
/// @return nothing where a row is no current with a charge; whether the figures can be is `battery::validate`'s
std::optional<std::vector<battery::RatePoint>> rate_table_from_text(const std::string& text,
                                                                    double cell_capacity_ah = 0.0);

} // namespace sobremesa::io
