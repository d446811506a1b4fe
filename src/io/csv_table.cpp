#include "io/csv_table.hpp"

#include <utility>

namespace sobremesa::io {

std::vector<CsvRow> csv_rows(const std::string& text, char delimiter) {
    std::vector<CsvRow> rows;
    CsvRow row;
    std::string cell;
    bool inside = false;
    std::int64_t line = 1;
    const auto end_cell = [&] { row.cells.push_back(std::exchange(cell, {})); };
    const auto end_row = [&] {
        end_cell();
        if (row.cells.size() > 1 || !row.cells[0].empty()) rows.push_back(row);
        row = {{}, line};
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (c == '\n') ++line;
        if (inside) {
            if (c == '"' && i + 1 < text.size() && text[i + 1] == '"') {
                cell += '"';
                ++i;
            } else if (c == '"') {
                inside = false;
            } else {
                cell += c;
            }
        } else if (c == '"') {
            inside = true;
        } else if (c == delimiter) {
            end_cell();
        } else if (c == '\n') {
            end_row();
        } else if (c != '\r') {
            cell += c;
        }
    }
    if (!cell.empty() || !row.cells.empty()) end_row();
    return rows;
}

std::string csv_cell(const std::string& cell) {
    if (cell.find_first_of(",\"\r\n") == std::string::npos) return cell;
    std::string out = "\"";
    for (const char c : cell) {
        if (c == '"') out += '"';
        out += c;
    }
    return out + "\"";
}

} // namespace sobremesa::io
