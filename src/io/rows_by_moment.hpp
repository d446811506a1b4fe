#pragma once

#include <map>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "io/table_of_rows.hpp"

namespace sobremesa::io {

/// Readings that stand quantity by quantity, each with its moment, as rows of a table: those of one moment make a
/// row, rows are in the order of the moments.
class RowsByMoment {
public:
    void put(std::string_view moment, std::string name, std::string value);
    /// Rows stay as they came where not all moments are counts, or dates and clocks, of which the year comes first.
    void write(const std::string& time_name, TableOfNames& table);

private:
    struct Row {
        std::string moment;
        double order_s = 0.0;
        std::vector<std::pair<std::string, std::string>> cells;
    };
    std::vector<Row> rows_;
    std::map<std::string, std::size_t, std::less<>> place_;
};

} // namespace sobremesa::io
