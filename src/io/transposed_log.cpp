// Tables that lie on their side: a quantity a row, its name in front, a moment a column.

#include <optional>
#include <string>
#include <vector>

#include "io/cell_forms.hpp"
#include "io/header_cell.hpp"
#include "io/table_of_rows.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"
#include "io/time_columns.hpp"

namespace sobremesa::io {

namespace {

bool says_when(std::string_view cell) {
    double seconds = 0.0;
    return number_from_text(cell) || parse_number_cell(cell, seconds) ||
           parse_clock(cell, ClockForm::hours_first, seconds) || possible_moment_orders(cell) != 0;
}

/// The delimiter of a line that has a name of time in front and nothing but moments behind it: no heading of a
/// table that stands upright looks so.
std::optional<char> delimiter_of(std::string_view line) {
    constexpr std::size_t least_moments = 8;
    for (const char delimiter : {'\t', ';', ',', '|'}) {
        std::vector<std::string_view> cells;
        split_cells(line, delimiter, cells);
        if (cells.size() <= least_moments || says_when(cells.front())) continue;
        if (!names_time(take_apart(trimmed(cells.front())))) continue;
        // The last one may be cut off.
        std::size_t moments = 0;
        for (std::size_t i = 1; i + 1 < cells.size(); ++i) moments += says_when(trimmed(cells[i])) ? 1 : 0;
        if (10 * moments >= 9 * (cells.size() - 2)) return delimiter;
    }
    return std::nullopt;
}

/// The first line that is no remark.
std::string_view first_row_of(std::string_view text) {
    std::string_view first;
    each_line(text, [&](std::string_view line) {
        if (first.empty() && !trimmed(line).empty() && line.front() != '#') first = line;
    });
    return first;
}

} // namespace

bool looks_like_transposed(std::string_view head) {
    return delimiter_of(first_row_of(head)).has_value();
}

TableOfLog transposed_as_table(std::string_view text) {
    TableOfLog result;
    const auto delimiter = delimiter_of(first_row_of(text));
    if (!delimiter) return result;
    std::vector<std::vector<std::string_view>> columns;
    std::vector<std::string_view> cells;
    std::int64_t number = 0;
    each_line(text, [&](std::string_view line) {
        ++number;
        if (trimmed(line).empty() || line.front() == '#') return;
        split_cells(line, *delimiter, cells);
        const std::size_t moments = columns.empty() ? cells.size() : columns.front().size();
        if (cells.size() < 2 || cells.size() > moments) {
            if (result.unread++ == 0) result.first_unread = number;
            return;
        }
        // A row that was cut off knows nothing of what follows.
        cells.resize(moments);
        columns.push_back(cells);
    });
    if (columns.empty()) return result;
    for (std::size_t row = 0; row < columns.front().size(); ++row) {
        for (std::size_t i = 0; i < columns.size(); ++i) {
            if (i > 0) result.csv += *delimiter;
            // In quotes, so that a name may hold the delimiter.
            const bool quoted = columns[i][row].find(*delimiter) != std::string_view::npos;
            if (quoted) result.csv += '"';
            result.csv += columns[i][row];
            if (quoted) result.csv += '"';
        }
        result.csv += '\n';
    }
    return result;
}

} // namespace sobremesa::io
