#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace sobremesa::io {

/// Numbers in files and fields, the same under every locale.
///
/// A point or a comma is the decimal sign; a leading + and surrounding blanks are allowed. "1.234,5" and "1,234.5"
/// are ambiguous and refused, as are NaN, infinities and numbers too large for a double.
std::optional<double> number_from_text(std::string_view text);

/// A list such as the cells of a pack: "4.1 4.3", "4,1; 4,3", "4.1, 4.3", "4.1,4.3", "4.1/4.3". Commas without a
/// blank separate only where points are the decimal signs.
/// @return nothing where a part is no number, or a comma could be either
std::optional<std::vector<double>> numbers_from_list(std::string_view text);

/// Fixed number of decimals, always with a point.
std::string text_from_number(double value, int decimals);
/// The same without zeros at its end: "0.5", "120".
std::string shortest_text(double value, int most_decimals);

} // namespace sobremesa::io
