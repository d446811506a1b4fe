#include "io/column_shape.hpp"

#include <algorithm>
#include <cmath>

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
    } else if (cell.find(':') != std::string_view::npos || cell.starts_with("PT") ||
               cell.find_first_of("hsSm'") != std::string_view::npos ||
               cell.find("\u2032") != std::string_view::npos || cell.find("\u2019") != std::string_view::npos ||
               std::count(cell.begin(), cell.end(), '.') > 1) {
        // Clocks, and times in words or marks: "12m 05s", "12′05″".
        shape.clocks += parse_clock(cell, ClockForm::hours_first, value) ? 1 : 0;
    }
    const char last = cell.back();
    shape.twelve_hours = shape.twelve_hours || last == 'M' || last == 'm' || last == '.';
    shape.letters += hemisphere_sign(cell) ? 1 : 0;
    shape.angles += parse_angle(cell, false, value) ? 1 : 0;
    shape.pairs += parse_pair(cell, value, other) ? 1 : 0;
    shape.cell_lists += parse_cell_list(cell, value, other) ? 1 : 0;
}

} // namespace

namespace {

constexpr std::string_view grouping_signs = ",. '";

/// The sign by which a number's digits stand in groups of three, as a place in `grouping_signs`.
std::optional<std::size_t> grouping_of(std::string_view number) {
    std::string_view rest = number;
    if (!rest.empty() && (rest.front() == '-' || rest.front() == '+')) rest.remove_prefix(1);
    for (std::size_t i = 0; i < grouping_signs.size(); ++i) {
        // One to three digits, the first no zero, then threes.
        std::size_t digits = 0;
        std::size_t groups = 0;
        bool good = !rest.empty() && rest.front() != '0';
        std::size_t at = 0;
        for (; at < rest.size() && good; ++at) {
            const char c = rest[at];
            if (c >= '0' && c <= '9') {
                ++digits;
                continue;
            }
            const bool sign = i == 2 ? c == ' ' || static_cast<unsigned char>(c) >= 0x80U : c == grouping_signs[i];
            if (!sign) break;
            if (i == 2 && digits == 0) continue; // the other bytes of one blank
            good = groups == 0 ? digits >= 1 && digits <= 3 : digits == 3;
            ++groups;
            digits = 0;
        }
        const bool fraction = at < rest.size() && (rest[at] == '.' || rest[at] == ',') && i < 4 &&
                              rest[at] != grouping_signs[i] &&
                              rest.find_first_not_of("0123456789", at + 1) == std::string_view::npos;
        if (good && groups > 0 && digits == 3 && (at == rest.size() || fraction)) return i;
    }
    return std::nullopt;
}

} // namespace

char NumberSigns::grouped_by(bool points, bool commas) const {
    // Where the file's decimal sign is known the other one stands between thousands, though not in every cell.
    if (grouped[0] > 0 && points && decimal_commas == 0) return ',';
    if (grouped[1] > 0 && commas && decimal_points == 0) return '.';
    if (plain_thousands > 0) return 0;
    if (grouped[2] > 0) return ' ';
    return grouped[3] > 0 ? '\'' : '\0';
}

NumberSigns number_signs(const ColumnCells& cells) {
    NumberSigns signs;
    for (const std::string_view whole : cells) {
        const std::string_view cell = trimmed(whole);
        // Most cells that are no number say so at once.
        if (cell.empty() || std::string_view("+-.,0123456789").find(cell.front()) == std::string_view::npos)
            continue;
        if (const auto sign = grouping_of(cell)) {
            ++signs.grouped[*sign];
            signs.grouped_twice[*sign] +=
                *sign < 2 && std::count(cell.begin(), cell.end(), grouping_signs[*sign]) > 1;
            continue;
        }
        const auto number = number_from_text(cell);
        if (!number) continue;
        if (cell.find('.') != std::string_view::npos)
            ++signs.decimal_points;
        else if (cell.find(',') != std::string_view::npos)
            ++signs.decimal_commas;
        else if (std::abs(*number) >= 1000.0)
            ++signs.plain_thousands;
    }
    return signs;
}

std::vector<char> grouping_of_columns(const std::vector<ColumnCells>& columns) {
    std::vector<NumberSigns> signs;
    signs.reserve(columns.size());
    for (const ColumnCells& cells : columns) signs.push_back(number_signs(cells));
    const auto decimals_by = [&](char sign) {
        return std::any_of(signs.begin(), signs.end(), [&](const NumberSigns& s) { return s.decimals(sign) > 0; });
    };
    const auto grouped_twice_by = [&](std::size_t sign) {
        return std::any_of(signs.begin(), signs.end(),
                           [&](const NumberSigns& s) { return s.grouped_twice[sign] > 0; });
    };
    // "1.234.567": what stands twice in a number is no decimal sign, and the other one is.
    const bool points = decimals_by('.') || (grouped_twice_by(0) && !decimals_by(','));
    const bool commas = decimals_by(',') || (grouped_twice_by(1) && !decimals_by('.'));
    std::vector<char> result;
    result.reserve(columns.size());
    for (const NumberSigns& s : signs) result.push_back(s.grouped_by(points && !commas, commas && !points));
    return result;
}

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
