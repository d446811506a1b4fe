#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "core/telemetry/column_choice.hpp"
#include "core/units/notice.hpp"
#include "io/log_header.hpp"

namespace sobremesa::io {

/// How a CSV log is written, as its first lines tell.
struct CsvHead {
    char delimiter = ',';
    /// The first data row writes its numbers with a decimal comma.
    bool decimal_comma = false;
    /// As it stands in the file, and its line number from 1.
    std::string header_line;
    std::int64_t header_number = 0;
    std::vector<LogColumn> columns;
    /// Time is a clock of the day, with a date or without.
    bool uses_clock = false;
    bool has_date = false;
    /// Where the data begin: first byte after the header line.
    std::uint64_t data_begin = 0;
    std::uint64_t file_bytes = 0;
    /// The first data rows, cell by cell as they stand, for showing what is in a column.
    std::vector<std::vector<std::string>> first_rows;
    std::vector<units::Notice> notices;
};

/// Rows kept in `first_rows`.
inline constexpr std::size_t head_rows = 20;

/// Finds the header of a CSV log within its first hundred lines and understands it.
///
/// The delimiter is the one among comma, semicolon, tab and bar that the header uses most.
/// @param choices  what the pilot says of columns; they overrule what the header says
/// @param needs_time  false: a log without a time column is no error, for showing its columns
/// @error as `read_csv_log`; `word_unknown` for a meaning or a unit that there is not
units::Result<CsvHead> read_csv_head(const std::string& path,
                                     const std::vector<telemetry::ColumnChoice>& choices = {},
                                     bool needs_time = true);

} // namespace sobremesa::io
