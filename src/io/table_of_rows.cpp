#include "io/table_of_rows.hpp"

#include <algorithm>
#include <cmath>

#include "io/csv_table.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

TableOfRows::Row TableOfRows::empty_row() {
    Row row;
    row.fill(telemetry::missing_value);
    return row;
}

void TableOfRows::put(telemetry::Channel channel, double value) {
    row_[std::size_t(channel)] = value;
}

void TableOfRows::end_row() {
    for (std::size_t i = 0; i < row_.size(); ++i) used_[i] = used_[i] || std::isfinite(row_[i]);
    rows_.push_back(row_);
    row_ = empty_row();
}

void TableOfRows::drop_row() {
    row_ = empty_row();
}

void TableOfNames::put(std::string_view name, std::string value) {
    // The reader of the table takes it line by line.
    std::replace_if(
        value.begin(), value.end(), [](char c) { return c == '\n' || c == '\r'; }, ' ');
    auto at = place_.find(name);
    if (at == place_.end()) {
        at = place_.emplace(std::string(name), names_.size()).first;
        names_.emplace_back(name);
    }
    const bool taken =
        std::any_of(row_.begin(), row_.end(), [&](const auto& cell) { return cell.first == at->second; });
    if (!taken) row_.emplace_back(at->second, std::move(value));
}

void TableOfNames::end_row() {
    if (row_.empty()) return;
    std::sort(row_.begin(), row_.end());
    rows_.push_back(std::move(row_));
    row_.clear();
}

std::string TableOfNames::text() const {
    std::string text;
    for (std::string name : names_) {
        std::replace_if(
            name.begin(), name.end(), [](char c) { return c == '\n' || c == '\r'; }, ' ');
        text += (text.empty() ? "" : ",") + csv_cell(name);
    }
    text += '\n';
    for (const Row& row : rows_) {
        std::size_t column = 0;
        for (const auto& [at, value] : row) {
            text.append(at - column, ',');
            column = at;
            text += csv_cell(value);
        }
        text.append(names_.size() - 1 - column, ',');
        text += '\n';
    }
    return text;
}

std::string TableOfRows::text() const {
    std::string text;
    for (std::size_t i = 0; i < used_.size(); ++i) {
        if (!used_[i]) continue;
        if (!text.empty()) text += ',';
        text += telemetry::channel_word(telemetry::Channel(i));
    }
    text += '\n';
    constexpr int decimals = 8;
    for (const Row& row : rows_) {
        bool first = true;
        for (std::size_t i = 0; i < used_.size(); ++i) {
            if (!used_[i]) continue;
            if (!first) text += ',';
            first = false;
            if (std::isfinite(row[i])) text += text_from_number(row[i], decimals);
        }
        text += '\n';
    }
    return text;
}

} // namespace sobremesa::io
