#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/telemetry/column_choice.hpp"
#include "core/telemetry/flight_log.hpp"
#include "core/units/error.hpp"

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
    /// The pilot said what it is.
    bool chosen = false;
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
/// @param choices  what the pilot says; columns of those headers are that, whatever their words say
/// @error `word_unknown` for a meaning or a unit that there is not, naming the header
units::Result<std::vector<LogColumn>> understand_header(const std::vector<std::string_view>& header,
                                                        const std::vector<std::string_view>& first_row,
                                                        const std::vector<telemetry::ColumnChoice>& choices = {});

/// Words that a `ColumnChoice` takes, for menus and messages.
std::vector<std::string> column_meanings();
/// Units that numbers of that meaning may be in; the usual one first.
std::vector<std::string> column_units(const std::string& meaning);
/// What a column was understood to be, as a choice: for showing it, and for keeping it.
telemetry::ColumnChoice choice_of(const LogColumn& column);

/// How many of the cells are words of a log's header; two or more make a line a header.
int recognised_cells(const std::vector<std::string_view>& cells);

} // namespace sobremesa::io
