#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::io {

/// What one column of a CSV log was understood to be.
struct LogColumn {
    enum class Kind { ignored, number, position_pair, date, clock_time };
    Kind kind = Kind::ignored;
    telemetry::Channel channel = telemetry::Channel::time_s;
    /// Factor that brings the number to SI.
    double scale = 1.0;
    bool unit_assumed = false;
    /// Only the unit says what it is; the words do not.
    bool quantity_assumed = false;
    /// As it stands in the file.
    std::string header;
};

/// Understands header cells by the words in them and by a unit in brackets, or after a slash, an underscore or a
/// blank.
///
/// Words decide the quantity ("ground speed", "baro height"), the unit decides the scale ("(km/h)", "[cm]", "_us").
/// A column whose quantity appeared before is ignored: the first one counts. "Time" is a clock where the first data
/// row shows colons, and a duration otherwise; a position column holding two numbers is a pair.
/// @param first_row  cells of the first data row, for what words alone cannot tell
std::vector<LogColumn> understand_header(const std::vector<std::string_view>& header,
                                         const std::vector<std::string_view>& first_row);

/// How many of the cells are words of a log's header; two or more make a line a header.
int recognised_cells(const std::vector<std::string_view>& cells);

} // namespace sobremesa::io
