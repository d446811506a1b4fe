#pragma once

#include <array>
#include <limits>
#include <string_view>
#include <vector>

#include "io/log_header.hpp"

namespace sobremesa::io {

using telemetry::missing_value;

std::string_view trimmed(std::string_view cell);

/// Cuts a line into cells; a quoted cell may hold the delimiter. Cells are views into the line, quotes taken off.
void split_cells(std::string_view line, char delimiter, std::vector<std::string_view>& cells);

/// Words that writers put where they have no value.
bool means_missing(std::string_view cell);

/// Value of a numeric cell: NaN where it is missing, false where it is text.
bool parse_number_cell(std::string_view cell, double& value);

/// "2026-05-09", "2026/05/09" or "09.05.2026" to seconds since 1970; "14:03:21.250" to seconds of the day.
bool parse_date(std::string_view cell, double& seconds);
bool parse_clock(std::string_view cell, double& seconds);

/// One cell as its column wants it: one number, or the two of a position.
using CellValues = std::array<double, 2>;
bool parse_cell(LogColumn::Kind kind, std::string_view text, CellValues& values);

} // namespace sobremesa::io
