#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace sobremesa::io {

/// Numbers in files and fields, the same under every locale.
///
/// A point or a comma is the decimal sign; a leading + and surrounding blanks are allowed. "1.234,5" and "1,234.5"
/// are ambiguous and refused, as are NaN, infinities and numbers too large for a double.
std::optional<double> number_from_text(std::string_view text);

/// Fixed number of decimals, always with a point.
std::string text_from_number(double value, int decimals);

} // namespace sobremesa::io
