#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace sobremesa::io {

/// Rows of cells of one sheet, as text.
using Sheet = std::vector<std::vector<std::string>>;

/// What is shown of a number in a spreadsheet: as it is, a share, or a moment.
enum class Shown { number, percent, date, date_and_time, time };

/// Of a number format's code (ECMA-376 part 1, 18.8.30 and 18.8.31): which letters it has outside quotes.
Shown shown_by_code(std::string_view code);
/// Of the formats that have a number and no code.
Shown shown_by_id(int id);

/// A share in percent; a moment, counted in days from the epoch of the document, as ISO 8601 writes it.
std::string shown_as(double value, Shown how, bool from_1904);

/// Whether a number can be a day at all: spreadsheets end with the year 9999.
bool may_be_shown_as(double value, Shown how);

} // namespace sobremesa::io
