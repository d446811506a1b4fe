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

bool is_charge(const Figure& figure) {
    return figure.unit == "ah" || figure.unit == "mah";
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

std::optional<std::vector<battery::RatePoint>> rate_table_from_text(const std::string& text) {
    std::vector<battery::RatePoint> table;
    std::string_view rest = text;
    while (!trimmed(rest).empty()) {
        const std::size_t cut = std::min({rest.find(';'), rest.find('\n'), rest.find(", ")});
        const std::string_view row = rest.substr(0, cut);
        rest = cut == std::string_view::npos ? std::string_view() : rest.substr(cut + 1);
        if (trimmed(row).empty()) continue;
        auto figures = figures_of(row);
        if (!figures || figures->size() != 2) return std::nullopt;
        if (is_charge(figures->front())) std::swap(figures->front(), figures->back());
        const Figure& current = figures->front();
        const Figure& charge = figures->back();
        if (!(current.unit.empty() || current.unit == "a") || !(charge.unit.empty() || is_charge(charge)))
            return std::nullopt;
        table.push_back({current.number, charge.unit == "mah" ? charge.number / milliamp_hours : charge.number});
    }
    return table;
}

} // namespace sobremesa::io
