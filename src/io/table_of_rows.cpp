#include "io/table_of_rows.hpp"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <utility>

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
        last_row_.push_back(0);
    }
    const std::size_t row = rows_.size() + 1;
    if (std::exchange(last_row_[at->second], row) != row) row_.emplace_back(at->second, std::move(value));
}

void TableOfNames::end_row() {
    if (row_.empty()) return;
    std::sort(row_.begin(), row_.end());
    rows_.push_back(std::move(row_));
    row_.clear();
}

std::vector<std::size_t> TableOfNames::kept_names() const {
    std::vector<std::size_t> used(names_.size());
    for (const Row& row : rows_) {
        for (const auto& cell : row) ++used[cell.first];
    }
    std::vector<std::size_t> kept(names_.size());
    std::iota(kept.begin(), kept.end(), std::size_t(0));
    const std::size_t most = std::max<std::size_t>(most_cells / std::max<std::size_t>(rows_.size(), 1), 1);
    if (kept.size() <= most) return kept;
    std::stable_sort(kept.begin(), kept.end(), [&](std::size_t a, std::size_t b) { return used[a] > used[b]; });
    kept.resize(most);
    std::sort(kept.begin(), kept.end());
    return kept;
}

std::string TableOfNames::text() const {
    const auto kept = kept_names();
    constexpr std::size_t left_out = std::size_t(-1);
    std::vector<std::size_t> column_of(names_.size(), left_out);
    std::string text;
    for (std::size_t column = 0; column < kept.size(); ++column) {
        column_of[kept[column]] = column;
        std::string name = names_[kept[column]];
        std::replace_if(
            name.begin(), name.end(), [](char c) { return c == '\n' || c == '\r'; }, ' ');
        text += (text.empty() ? "" : ",") + csv_cell(name);
    }
    if (kept.size() < names_.size()) {
        // An empty column tells of them where unused columns are told of.
        const auto first = std::find(column_of.begin(), column_of.end(), left_out) - column_of.begin();
        text += "," + csv_cell(names_[std::size_t(first)] + ", … (" +
                               text_from_number(double(names_.size() - kept.size()), 0) + ")");
    }
    text += '\n';
    for (const Row& row : rows_) {
        std::size_t column = 0;
        for (const auto& [name, value] : row) {
            if (column_of[name] == left_out) continue;
            text.append(column_of[name] - column, ',');
            column = column_of[name];
            text += csv_cell(value);
        }
        text.append(kept.size() - 1 - column + (kept.size() < names_.size() ? 1 : 0), ',');
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
