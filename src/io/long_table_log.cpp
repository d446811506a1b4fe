// Tables that hold one reading a row: when, which quantity, how much.

#include <algorithm>
#include <array>
#include <optional>
#include <set>
#include <vector>

#include "io/cell_forms.hpp"
#include "io/header_cell.hpp"
#include "io/log_header.hpp"
#include "io/log_units.hpp"
#include "io/rows_by_moment.hpp"
#include "io/table_of_rows.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using Names = std::initializer_list<std::string_view>;
constexpr std::size_t none = std::size_t(-1);

struct LongTable {
    char delimiter = ',';
    std::size_t time = none;
    std::size_t name = none;
    std::size_t value = none;
    std::size_t unit = none;
    std::size_t columns = 0;
};

std::size_t column_of(const std::vector<std::string_view>& cells, Names words) {
    for (std::size_t i = 0; i < cells.size(); ++i) {
        std::string cell = lower(trimmed(cells[i]));
        if (!cell.empty() && cell.front() == '_') cell.erase(0, 1);
        if (std::find(words.begin(), words.end(), cell) != words.end()) return i;
    }
    return none;
}

/// The first line that may be a header.
std::string_view header_of(std::string_view text) {
    std::string_view header;
    each_line(text, [&](std::string_view line) {
        if (header.empty() && !trimmed(line).empty() && line.front() != '#') header = line;
    });
    return header;
}

/// The lines behind one of them.
std::string_view behind(std::string_view text, std::string_view line) {
    return text.substr(std::size_t(line.data() - text.data()) + line.size());
}

bool is_known(std::string_view name) {
    return is_recognised(name, take_apart(name));
}

/// Of a table of three columns, of which the header names the time alone: which of the others holds names that a
/// log has, and which numbers.
void tell_by_rows(std::string_view rows, LongTable& table) {
    constexpr std::size_t enough = 50;
    std::array<std::size_t, 3> numbers{};
    std::array<std::set<std::string>, 3> known;
    std::size_t seen = 0;
    std::vector<std::string_view> cells;
    each_line(rows, [&](std::string_view line) {
        split_cells(line, table.delimiter, cells);
        if (seen == enough || cells.size() != numbers.size()) return;
        ++seen;
        for (std::size_t i = 0; i < numbers.size(); ++i) {
            if (number_from_text(cells[i]))
                ++numbers[i];
            else if (is_known(cells[i]))
                known[i].emplace(cells[i]);
        }
    });
    for (std::size_t i = 0; i < numbers.size(); ++i) {
        if (i == table.time || seen == 0) continue;
        if (numbers[i] == 0 && known[i].size() >= 2) table.name = i;
        if (numbers[i] == seen) table.value = i;
    }
}

/// @param text  from its beginning; the rows tell what the header does not
std::optional<LongTable> long_table_of(std::string_view text) {
    const std::string_view line = header_of(text);
    for (const char delimiter : {',', ';', '\t', '|'}) {
        std::vector<std::string_view> cells;
        split_cells(line, delimiter, cells);
        LongTable table;
        table.delimiter = delimiter;
        table.columns = cells.size();
        table.time = column_of(
            cells, {"time", "timestamp", "t", "ts", "datetime", "date", "time_s", "time_ms", "zeit", "hora"});
        table.name =
            column_of(cells, {"name", "key", "sensor", "field", "metric", "measurement", "channel", "parameter",
                              "param", "quantity", "signal", "variable", "tag", "item", "topic", "messwert"});
        table.value = column_of(cells, {"value", "val", "reading", "wert", "valor"});
        table.unit = column_of(cells, {"unit", "units", "einheit", "unidad"});
        if (table.time != none && (table.name == none || table.value == none) && cells.size() == 3)
            tell_by_rows(behind(text, line), table);
        if (table.time != none && table.name != none && table.value != none) return table;
    }
    return std::nullopt;
}

/// Whether each name's readings stand together, those of the next behind them.
bool stands_in_blocks(std::string_view text, const LongTable& table) {
    std::set<std::string, std::less<>> names;
    std::string before;
    bool apart = false;
    std::vector<std::string_view> cells;
    each_line(behind(text, header_of(text)), [&](std::string_view line) {
        if (apart) return;
        split_cells(line, table.delimiter, cells);
        if (cells.size() != table.columns || cells[table.name] == before) return;
        before = std::string(cells[table.name]);
        apart = !names.insert(before).second;
    });
    return !apart && names.size() >= 2;
}

} // namespace

bool looks_like_long_table(std::string_view head) {
    const std::string_view header = header_of(head);
    const auto table = long_table_of(head);
    if (!table) return false;
    // Several names, none of them a number, over numbers.
    std::set<std::string> names;
    std::size_t rows = 0;
    std::size_t numbers = 0;
    std::vector<std::string_view> cells;
    each_line(behind(head, header), [&](std::string_view line) {
        split_cells(line, table->delimiter, cells);
        if (cells.size() != table->columns) return;
        ++rows;
        if (!number_from_text(cells[table->name])) names.insert(std::string(cells[table->name]));
        numbers += number_from_text(cells[table->value]) ? 1 : 0;
    });
    // All readings of the first quantity may stand before those of the next.
    const bool one_known = names.size() == 1 && is_known(*names.begin());
    return (names.size() >= 2 || one_known) && 2 * numbers >= rows && names.size() * 2 <= rows;
}

TableOfLog long_table_as_table(std::string_view text) {
    TableOfLog result;
    const std::string_view header = header_of(text);
    const auto table = long_table_of(text);
    if (!table) return result;
    std::vector<std::string_view> cells;
    split_cells(header, table->delimiter, cells);
    const std::string time_name(trimmed(cells[table->time]));
    TableOfNames rows;
    RowsByMoment by_moment;
    const bool in_blocks = stands_in_blocks(text, *table);
    std::string moment;
    std::int64_t number = 0;
    bool behind_header = false;
    each_line(text, [&](std::string_view line) {
        ++number;
        if (!behind_header) {
            behind_header = line.data() == header.data();
            return;
        }
        if (trimmed(line).empty() || line.front() == '#') return;
        split_cells(line, table->delimiter, cells);
        if (cells.size() != table->columns) {
            if (result.unread++ == 0) result.first_unread = number;
            return;
        }
        std::string name(trimmed(cells[table->name]));
        if (table->unit != none && !cells[table->unit].empty())
            name += " (" + std::string(cells[table->unit]) + ")";
        if (in_blocks) {
            by_moment.put(cells[table->time], std::move(name), std::string(cells[table->value]));
            return;
        }
        if (rows.row_is_empty() || cells[table->time] != moment) {
            rows.end_row();
            moment = std::string(cells[table->time]);
            rows.put(time_name, moment);
        }
        rows.put(name, std::string(cells[table->value]));
    });
    rows.end_row();
    by_moment.write(time_name, rows);
    result.csv = rows.text();
    return result;
}

} // namespace sobremesa::io
