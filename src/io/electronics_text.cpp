#include "io/electronics_text.hpp"

#include <cmath>

#include "io/csv_cells.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

std::string text_of_parts(const std::vector<airframe::ElectronicsPart>& parts) {
    std::string text;
    for (const auto& part : parts) {
        const int decimals = part.power_w == std::round(part.power_w) ? 0 : 1;
        if (!text.empty()) text += "; ";
        text += part.name + " " + text_from_number(part.power_w, decimals);
    }
    return text;
}

std::optional<std::vector<airframe::ElectronicsPart>> parts_from_text(const std::string& text) {
    std::vector<airframe::ElectronicsPart> parts;
    std::string rest = text;
    while (!trimmed(rest).empty()) {
        // "3,5" is a number, "camera 3, control 2" are two parts.
        std::size_t cut = rest.find(';');
        const std::size_t comma = rest.find(", ");
        cut = std::min(cut, comma);
        const std::string one(trimmed(std::string_view(rest).substr(0, cut)));
        rest = cut == std::string::npos ? std::string() : rest.substr(cut + 1);
        if (one.empty()) continue;
        const std::size_t blank = one.find_last_of(' ');
        if (blank == std::string::npos) return std::nullopt;
        std::string figure = one.substr(blank + 1);
        if (!figure.empty() && (figure.back() == 'W' || figure.back() == 'w')) figure.pop_back();
        const auto power_w = number_from_text(figure);
        const std::string name(trimmed(std::string_view(one).substr(0, blank)));
        if (!power_w || *power_w < 0.0 || name.empty()) return std::nullopt;
        parts.push_back({name, *power_w});
    }
    return parts;
}

} // namespace sobremesa::io
