#pragma once

#include <cstdint>
#include <string>
#include <vector>

namespace sobremesa::io {

/// One row of a small table, with the line of the file it begins on, from 1.
struct CsvRow {
    std::vector<std::string> cells;
    std::int64_t line = 1;
};

/// RFC 4180: quoted cells may hold delimiters, quotes and line ends. For tables that fit in memory many times over;
/// logs have a reader of their own.
std::vector<CsvRow> csv_rows(const std::string& text, char delimiter = ',');

/// A cell as RFC 4180 wants it: in quotes where it has to be.
std::string csv_cell(const std::string& cell);

} // namespace sobremesa::io
