#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/telemetry/column_choice.hpp"
#include "io/csv_sample.hpp"

namespace sobremesa::io {

/// Where in a CSV log is what.
struct CsvLayout {
    char delimiter = ',';
    /// As it stands in the file; empty: there is none.
    std::string header_line;
    std::int64_t header_number = 0;
    /// Names by which columns are understood: group, name and unit, each from its row. One per column.
    std::vector<std::string> names;
    /// Names by which the pilot speaks of columns: the header cell, told apart where two are the same.
    std::vector<std::string> labels;
    /// Offset of the first data row.
    std::uint64_t data_begin = 0;
    std::int64_t lines_before_data = 0;
    /// Data rows at the beginning, and from all over the file.
    std::vector<std::string> rows;
    /// Places before the data that say where home is, if any does: latitude, longitude.
    std::optional<std::pair<double, double>> home;
};

/// Finds delimiter, header and data of a log by what its cells look like.
///
/// The delimiter is that among comma, semicolon, tab, bar and blanks which cuts the rows into most numbers, clocks
/// and dates. The data begin with the first row of as many cells as most have, two of them such values. The header
/// is the line before; between it and the data may stand a row of units, before it a row of groups.
/// @error `no_header`, `header_without_rows`
units::Result<CsvLayout> layout_of(const CsvSample& sample, const std::string& path,
                                   const std::vector<telemetry::ColumnChoice>& choices);

/// As UTF-8. What is not is taken for Windows-1252, in which "°" and "µ" are one byte each.
std::string as_utf8(std::string_view text);

} // namespace sobremesa::io
