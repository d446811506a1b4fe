#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "core/telemetry/column_choice.hpp"
#include "core/units/diagnostic.hpp"
#include "io/log_header.hpp"

namespace sobremesa::io {

/// How a CSV log is written, as its first lines and some from all over it tell.
struct CsvHead {
    char delimiter = ',';
    /// Numbers have a decimal comma.
    bool decimal_comma = false;
    /// As it stands in the file; empty where it has none. Its line number from 1.
    std::string header_line;
    std::int64_t header_number = 0;
    std::vector<LogColumn> columns;
    /// Time is a clock of the day, with a date or without; or date and clock in one cell.
    bool uses_clock = false;
    bool has_date = false;
    /// Places are metres north and east of home, not degrees.
    bool local_metres = false;
    /// … or of the zone of a grid that a column names.
    std::optional<geodesy::UtmZone> utm_zone;
    /// Cells in series, where a column counts them.
    std::optional<int> series;
    /// Home as the lines before the data say it: latitude, longitude.
    std::optional<std::pair<double, double>> home;
    /// Where the data begin: offset of their first byte, and how many lines stand before.
    std::uint64_t data_begin = 0;
    std::int64_t lines_before_data = 0;
    std::uint64_t file_bytes = 0;
    /// The first data rows, cell by cell as they stand, for showing what is in a column.
    std::vector<std::vector<std::string>> first_rows;
    std::vector<units::Diagnostic> diagnostics;
};

/// Rows kept in `first_rows`.
inline constexpr std::size_t head_rows = 20;

/// Finds header and data of a CSV log and understands its columns.
/// @param choices  what the pilot says of columns; they overrule what the header says
/// @param needs_time  false: a log without a time column is no error, for showing its columns
/// @error as `read_csv_log`; `word_unknown` for a meaning or a unit that there is not
units::Result<CsvHead> read_csv_head(const std::string& path,
                                     const std::vector<telemetry::ColumnChoice>& choices = {},
                                     bool needs_time = true);

} // namespace sobremesa::io
