#include "io/rate_table_text.hpp"

#include <algorithm>
#include <cctype>

#include "io/cell_forms.hpp"
#include "io/digits.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

constexpr double milliamp_hours = 1000.0;

struct Figure {
    double number = 0.0;
    std::string unit; ///< in small letters; empty: none
};

/// The figures of one row; nothing where something else stands in it than numbers, their units and : = - between
/// them.
std::optional<std::vector<Figure>> figures_of(std::string_view row) {
    std::vector<Figure> figures;
    for (std::size_t i = 0; i < row.size();) {
        const char c = row[i];
        if (is_digit(c)) {
            const std::size_t begin = i;
            while (i < row.size() && (is_digit(row[i]) || row[i] == '.' || row[i] == ',')) ++i;
            const auto number = number_from_text(row.substr(begin, i - begin));
            if (!number) return std::nullopt;
            figures.push_back({*number, {}});
        } else if (c == '%') {
            if (figures.empty() || !figures.back().unit.empty()) return std::nullopt;
            figures.back().unit = c;
            ++i;
        } else if (std::isalpha(static_cast<unsigned char>(c))) {
            if (figures.empty() || !figures.back().unit.empty()) return std::nullopt;
            while (i < row.size() && std::isalpha(static_cast<unsigned char>(row[i])))
                figures.back().unit += char(std::tolower(static_cast<unsigned char>(row[i++])));
        } else if (c == ' ' || c == '\t' || c == '\r' || c == ':' || c == '=' || c == '-') {
            ++i;
        } else {
            return std::nullopt;
        }
    }
    return figures;
}

/// Ampere-hours of a figure that is a charge.
std::optional<double> charge_ah_of(const Figure& figure, double cell_capacity_ah) {
    if (figure.unit == "ah") return figure.number;
    if (figure.unit == "mah") return figure.number / milliamp_hours;
    if (figure.unit == "%" && cell_capacity_ah > 0.0) return 0.01 * figure.number * cell_capacity_ah;
    return std::nullopt;
}

std::optional<double> current_a_of(const Figure& figure, double cell_capacity_ah) {
    if (figure.unit.empty() || figure.unit == "a") return figure.number;
    if (figure.unit == "ma") return figure.number / milliamp_hours;
    if (figure.unit == "c" && cell_capacity_ah > 0.0) return figure.number * cell_capacity_ah;
    return std::nullopt;
}

} // namespace

std::string text_of_rate_table(const std::vector<battery::RatePoint>& table) {
    std::string text;
    for (const auto& point : table) {
        if (!text.empty()) text += "; ";
        std::string amps = text_from_number(point.current_a, 2);
        while (amps.back() == '0') amps.pop_back();
        if (amps.back() == '.') amps.pop_back();
        text += amps + " A " + text_from_number(point.charge_ah, 3) + " Ah";
    }
    return text;
}

std::optional<std::vector<battery::RatePoint>> rate_table_from_text(const std::string& text,
                                                                    double cell_capacity_ah) {
    std::vector<battery::RatePoint> table;
    std::string_view rest = text;
    while (!trimmed(rest).empty()) {
        const std::size_t cut = std::min({rest.find(';'), rest.find('\n'), rest.find(", ")});
        const std::string_view row = rest.substr(0, cut);
        rest = cut == std::string_view::npos ? std::string_view() : rest.substr(cut + 1);
        if (trimmed(row).empty()) continue;
        auto figures = figures_of(row);
        if (!figures || figures->size() != 2) return std::nullopt;
        if (charge_ah_of(figures->front(), cell_capacity_ah)) std::swap(figures->front(), figures->back());
        const auto current_a = current_a_of(figures->front(), cell_capacity_ah);
        const Figure& charge = figures->back();
        const auto charge_ah =
            charge.unit.empty() ? std::optional(charge.number) : charge_ah_of(charge, cell_capacity_ah);
        if (!current_a || !charge_ah) return std::nullopt;
        table.push_back({*current_a, *charge_ah});
    }
    return table;
}

} // namespace sobremesa::io
