#pragma once

#include <functional>
#include <memory>
#include <stop_token>
#include <string>

#include "core/telemetry/column_choice.hpp"
#include "core/telemetry/flight_log.hpp"

namespace sobremesa::io {

struct ReadingJob {
    std::stop_token stop;
    /// Share of the file read, 0 … 1; called now and then from the reading thread.
    std::function<void(double)> progress;
    /// What the pilot says of columns, for CSV.
    std::vector<telemetry::ColumnChoice> columns = {};
};

/// Reads a telemetry log in CSV.
///
/// The delimiter is the one among comma, semicolon, tab and bar that the header uses most; decimal comma, UTF-8,
/// UTF-16 and Latin-1, quoting, comment and preamble lines are understood. Rows that cannot be read are counted and
/// listed, never guessed. All cores read; in memory stand the columns and a few megabytes of the file.
/// @error `file_not_found`, `file_unreadable`, `file_empty`, `file_binary`, `line_too_long`, `no_header`,
///        `header_without_rows`, `no_time`, `no_usable_rows`, `time_stands_still`, `cancelled`
units::Result<std::shared_ptr<const telemetry::FlightLog>> read_csv_log(const std::string& path,
                                                                        const ReadingJob& job = {});

} // namespace sobremesa::io
