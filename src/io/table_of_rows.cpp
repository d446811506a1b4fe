#include "io/table_of_rows.hpp"

#include <cmath>

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
