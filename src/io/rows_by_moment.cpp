#include "io/rows_by_moment.hpp"

#include <algorithm>

#include "io/cell_forms.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

void RowsByMoment::put(std::string_view moment, std::string name, std::string value) {
    const auto [place, added] = place_.try_emplace(std::string(moment), rows_.size());
    if (added) rows_.push_back({std::string(moment), 0.0, {}});
    rows_[place->second].cells.emplace_back(std::move(name), std::move(value));
}

void RowsByMoment::write(const std::string& time_name, TableOfNames& table) {
    const bool known = std::all_of(rows_.begin(), rows_.end(), [](Row& row) {
        const auto number = number_from_text(row.moment);
        if (number) row.order_s = *number;
        return number || parse_moment(row.moment, DateOrder::year_first, row.order_s) ||
               parse_clock(row.moment, ClockForm::hours_first, row.order_s);
    });
    if (known) {
        std::stable_sort(rows_.begin(), rows_.end(),
                         [](const Row& a, const Row& b) { return a.order_s < b.order_s; });
    }
    for (Row& row : rows_) {
        table.put(time_name, row.moment);
        for (auto& [name, value] : row.cells) table.put(name, std::move(value));
        table.end_row();
    }
}

} // namespace sobremesa::io
