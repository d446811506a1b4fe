// Tables that hold one reading a row: when, which quantity, how much.

#include <algorithm>
#include <array>
#include <optional>
#include <set>
#include <vector>

#include "io/cell_forms.hpp"
#include "io/log_units.hpp"
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

std::optional<LongTable> long_table_of(std::string_view line) {
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
        if (table.time != none && table.name != none && table.value != none) return table;
    }
    return std::nullopt;
}

/// The first line that may be a header.
std::string_view header_of(std::string_view text) {
    std::string_view header;
    each_line(text, [&](std::string_view line) {
        if (header.empty() && !trimmed(line).empty() && line.front() != '#') header = line;
    });
    return header;
}

} // namespace

bool looks_like_long_table(std::string_view head) {
    const std::string_view header = header_of(head);
    const auto table = long_table_of(header);
    if (!table) return false;
    // Several names, none of them a number, over numbers.
    std::set<std::string> names;
    std::size_t rows = 0;
    std::size_t numbers = 0;
    std::vector<std::string_view> cells;
    each_line(head.substr(std::size_t(header.data() - head.data()) + header.size()), [&](std::string_view line) {
        split_cells(line, table->delimiter, cells);
        if (cells.size() != table->columns) return;
        ++rows;
        if (!number_from_text(cells[table->name])) names.insert(std::string(cells[table->name]));
        numbers += number_from_text(cells[table->value]) ? 1 : 0;
    });
    return names.size() >= 2 && 2 * numbers >= rows && names.size() * 2 <= rows;
}

TableOfLog long_table_as_table(std::string_view text) {
    TableOfLog result;
    TableOfNames rows;
    const std::string_view header = header_of(text);
    const auto table = long_table_of(header);
    if (!table) return result;
    std::vector<std::string_view> cells;
    split_cells(header, table->delimiter, cells);
    const std::string time_name(trimmed(cells[table->time]));
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
        if (rows.row_is_empty() || cells[table->time] != moment) {
            rows.end_row();
            moment = std::string(cells[table->time]);
            rows.put(time_name, moment);
        }
        std::string name(trimmed(cells[table->name]));
        if (table->unit != none && !cells[table->unit].empty())
            name += " (" + std::string(cells[table->unit]) + ")";
        rows.put(name, std::string(cells[table->value]));
    });
    rows.end_row();
    result.csv = rows.text();
    return result;
}

} // namespace sobremesa::io
