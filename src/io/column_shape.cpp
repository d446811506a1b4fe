#include "io/column_shape.hpp"

#include <algorithm>

#include "core/units/median.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

std::size_t decimals_of(std::string_view cell) {
    const auto point = cell.find_first_of(".,");
    if (point == std::string_view::npos) return 0;
    std::size_t count = 0;
    for (std::size_t at = point + 1; at < cell.size() && cell[at] >= '0' && cell[at] <= '9'; ++at) ++count;
    return count;
}

void add_value(ColumnShape& shape, double value) {
    shape.least = shape.values.empty() ? value : std::min(shape.least, value);
    shape.most = shape.values.empty() ? value : std::max(shape.most, value);
    shape.values.push_back(value);
}

void add_cell(ColumnShape& shape, std::string_view cell) {
    ++shape.filled;
    double value = 0.0;
    double other = 0.0;
    if (const unsigned orders = possible_date_orders(cell)) {
        ++shape.dates;
        shape.date_orders &= orders;
    }
    if (const auto number = number_from_text(cell)) {
        ++shape.numbers;
        shape.decimals = std::max(shape.decimals, decimals_of(cell));
        add_value(shape, *number);
    } else if (const auto written = number_with_unit(cell)) {
        ++shape.numbers_with_unit;
        if (!shape.unit) shape.unit = written->unit;
        shape.decimals = std::max(shape.decimals, decimals_of(cell));
        add_value(shape, written->value * written->unit.scale / shape.unit->scale);
    }
    if (const unsigned orders = possible_moment_orders(cell)) {
        ++shape.moments;
        shape.date_orders &= orders;
    } else if (cell.find(':') != std::string_view::npos || cell.find('h') != std::string_view::npos ||
               std::count(cell.begin(), cell.end(), '.') > 1) {
        shape.clocks += parse_clock(cell, ClockForm::hours_first, value) ? 1 : 0;
    }
    const char last = cell.back();
    shape.twelve_hours = shape.twelve_hours || last == 'M' || last == 'm' || last == '.';
    shape.letters += hemisphere_sign(cell) ? 1 : 0;
    shape.angles += parse_angle(cell, false, value) ? 1 : 0;
    shape.pairs += parse_pair(cell, value, other) ? 1 : 0;
}

} // namespace

double ColumnShape::median() const {
    return values.empty() ? 0.0 : units::median(values);
}

double ColumnShape::share_falling() const {
    std::size_t falls = 0;
    for (std::size_t i = 1; i < values.size(); ++i) falls += values[i] < values[i - 1] ? 1 : 0;
    return values.size() > 1 ? double(falls) / double(values.size() - 1) : 0.0;
}

double ColumnShape::share_changing() const {
    std::size_t changes = 0;
    for (std::size_t i = 1; i < values.size(); ++i) changes += values[i] != values[i - 1] ? 1 : 0;
    return values.size() > 1 ? double(changes) / double(values.size() - 1) : 0.0;
}

double ColumnShape::median_step() const {
    std::vector<double> steps;
    for (std::size_t i = 1; i < values.size(); ++i) {
        if (values[i] > values[i - 1]) steps.push_back(values[i] - values[i - 1]);
    }
    return steps.empty() ? 0.0 : units::median(std::move(steps));
}

ColumnShape shape_of(const ColumnCells& cells) {
    ColumnShape shape;
    for (const auto cell : cells) {
        if (!means_missing(cell)) add_cell(shape, cell);
    }
    return shape;
}

} // namespace sobremesa::io
