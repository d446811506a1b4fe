#include "io/electronics_text.hpp"

#include <cctype>
#include <cmath>

#include "io/cell_forms.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

constexpr double grams_per_kilogram = 1000.0;

/// Takes the last word off, when it is a number with that unit behind it.
std::optional<double> take_figure(std::string& text, char unit, bool unit_needed) {
    std::string rest(trimmed(text));
    const bool has_unit = !rest.empty() && std::tolower(static_cast<unsigned char>(rest.back())) == unit;
    if (has_unit) rest.pop_back();
    if (unit_needed && !has_unit) return std::nullopt;
    rest = std::string(trimmed(rest));
    const std::size_t blank = rest.find_last_of(' ');
    if (blank == std::string::npos) return std::nullopt;
    const auto figure = number_from_text(rest.substr(blank + 1));
    if (figure) text = rest.substr(0, blank);
    return figure;
}

} // namespace

std::string text_of_parts(const std::vector<airframe::ElectronicsPart>& parts) {
    std::string text;
    for (const auto& part : parts) {
        const int decimals = part.power_w == std::round(part.power_w) ? 0 : 1;
        if (!text.empty()) text += "; ";
        text += part.name + " " + text_from_number(part.power_w, decimals);
        if (part.mass_kg) text += " " + text_from_number(*part.mass_kg * grams_per_kilogram, 0) + "g";
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
        std::string one(trimmed(std::string_view(rest).substr(0, cut)));
        rest = cut == std::string::npos ? std::string() : rest.substr(cut + 1);
        if (one.empty()) continue;
        const auto grams = take_figure(one, 'g', true);
        const auto power_w = take_figure(one, 'w', false);
        const std::string name(trimmed(one));
        if (!power_w || *power_w < 0.0 || name.empty() || grams.value_or(0.0) < 0.0) return std::nullopt;
        parts.push_back({name, *power_w, grams ? std::optional(*grams / grams_per_kilogram) : std::nullopt});
    }
    return parts;
}

} // namespace sobremesa::io
