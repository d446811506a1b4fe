#pragma once

#include <array>
#include <functional>
#include <map>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::io {

/// Rows of channels, written as CSV with the stable words for a header.
class TableOfRows {
public:
    void put(telemetry::Channel channel, double value);
    void end_row();
    void drop_row();
    std::string text() const;

private:
    using Row = std::array<double, telemetry::channel_count>;
    static Row empty_row();
    Row row_ = empty_row();
    std::array<bool, telemetry::channel_count> used_{};
    std::vector<Row> rows_;
};

/// Rows of cells under names that are met as the rows come, written as CSV.
class TableOfNames {
public:
    /// The first value of a name in a row counts.
    void put(std::string_view name, std::string value);
    /// A row without a cell is none.
    void end_row();
    bool row_is_empty() const { return row_.empty(); }
    std::size_t rows() const { return rows_.size(); }
    /// At most `most_cells`, rows times names: of more names those that the most rows have, and a column without
    /// cells that says which is the first that is missing, and how many are.
    std::string text() const;

    /// More are some hundred megabytes while they are read: what has a new name in every row is no log.
    static constexpr std::size_t most_cells = std::size_t(1) << 25U;

private:
    using Row = std::vector<std::pair<std::size_t, std::string>>;
    std::vector<std::size_t> kept_names() const;
    std::vector<std::string> names_;
    /// The row, from 1, that had each name last.
    std::vector<std::size_t> last_row_;
    std::map<std::string, std::size_t, std::less<>> place_;
    Row row_;
    std::vector<Row> rows_;
};

/// Calls `take` with every line of a text, without its end.
template <class Take>
void each_line(std::string_view text, Take take) {
    while (!text.empty()) {
        const auto end = text.find('\n');
        std::string_view line = text.substr(0, end);
        if (!line.empty() && line.back() == '\r') line.remove_suffix(1);
        take(line);
        if (end == std::string_view::npos) return;
        text.remove_prefix(end + 1);
    }
}

} // namespace sobremesa::io
