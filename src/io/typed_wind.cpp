#include "io/typed_wind.hpp"

#include <algorithm>
#include <array>
#include <string>
#include <vector>

#include "io/cell_forms.hpp"
#include "io/digits.hpp"
#include "io/log_units.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

constexpr double whole_circle_deg = 360.0;

/// So many digits at the beginning, taken off.
std::optional<double> take_digits(std::string_view& text, std::size_t least, std::size_t most) {
    std::size_t count = 0;
    while (count < most && count < text.size() && is_digit(text[count])) ++count;
    if (count < least) return std::nullopt;
    const auto number = number_from_text(text.substr(0, count));
    text.remove_prefix(count);
    return number;
}

/// "27012G18KT": three digits of direction, two or three of speed, gusts, the unit.
std::optional<TypedWind> airfield_group(std::string_view word) {
    const auto from_deg = take_digits(word, 3, 3);
    const auto speed = from_deg ? take_digits(word, 2, 3) : std::nullopt;
    if (!speed || *from_deg > whole_circle_deg) return std::nullopt;
    TypedWind wind;
    wind.of_airfield = true;
    wind.from_deg = *from_deg;
    if (word.starts_with('G')) {
        word.remove_prefix(1);
        wind.gust = take_digits(word, 2, 3);
        if (!wind.gust) return std::nullopt;
    }
    const std::string_view unit = word == "KT" ? "kt" : word == "MPS" ? "m/s" : word == "KMH" ? "km/h" : "";
    if (unit.empty()) return std::nullopt;
    wind.speed = {*speed, std::string(unit), typed_unit(unit)};
    return wind;
}

/// Words, with the strokes between a direction and a speed taken for blanks; those of "km/h" stay.
std::vector<std::string> wind_words(std::string_view text) {
    std::string spaced;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const auto next = text.find_first_not_of(' ', i + 1);
        const bool number_follows = next != std::string_view::npos && is_digit(text[next]);
        const bool stroke = text[i] == '/' && number_follows;
        // A comma between digits is decimal.
        const bool comma = text[i] == ',' && !(i + 1 < text.size() && is_digit(text[i + 1]));
        spaced += stroke || text[i] == '@' || comma ? ' ' : text[i];
        // "250°" is one word, whatever stands behind it.
        if (spaced.ends_with("°")) spaced += ' ';
    }
    std::vector<std::string> words;
    std::string_view rest = spaced;
    while (!(rest = trimmed(rest)).empty()) {
        const auto end = std::min(rest.find_first_of(" \t"), rest.size());
        words.emplace_back(rest.substr(0, end));
        rest.remove_prefix(end);
    }
    constexpr std::array<std::string_view, 8> fillers = {"from", "at", "with", "aus", "mit", "de", "del", "con"};
    std::erase_if(words, [&](const std::string& word) {
        return std::find(fillers.begin(), fillers.end(), lower(word)) != fillers.end();
    });
    return words;
}

/// "NW", "250°", "250deg".
std::optional<double> direction_of(const std::string& word) {
    const auto typed = typed_number(word);
    if (!typed || !typed->unit || typed->unit->kind != TypedKind::angle) return std::nullopt;
    if (!(typed->number >= 0.0) || typed->number > whole_circle_deg) return std::nullopt;
    return typed->number;
}

std::optional<TypedNumber> speed_of(const std::vector<std::string>& words) {
    // Two numbers are no speed, though a blank may group the digits of one.
    if (std::count_if(words.begin(), words.end(), [](const auto& word) { return is_digit(word.front()); }) > 1)
        return std::nullopt;
    std::string text;
    for (const std::string& word : words) text += (text.empty() ? "" : " ") + word;
    auto typed = typed_number(text);
    if (!typed || !(typed->number >= 0.0)) return std::nullopt;
    if (!typed->word.empty() && (!typed->unit || typed->unit->kind != TypedKind::speed)) return std::nullopt;
    return typed;
}

} // namespace

std::optional<TypedWind> typed_wind(std::string_view text) {
    for (std::string_view rest = trimmed(text); !rest.empty();) {
        const auto end = std::min(rest.find_first_of(" \t\n"), rest.size());
        if (auto wind = airfield_group(rest.substr(0, end))) return wind;
        rest = trimmed(rest.substr(end));
    }
    std::vector<std::string> words = wind_words(text);
    if (words.size() < 2) return std::nullopt;
    auto at =
        std::find_if(words.begin(), words.end(), [](const auto& word) { return direction_of(word).has_value(); });
    std::optional<double> from_deg = at == words.end() ? std::nullopt : direction_of(*at);
    // "270/12": the direction comes first, in three digits as everywhere; "5/7" is something else.
    const bool divided = text.find('/') != std::string_view::npos || text.find('@') != std::string_view::npos;
    if (!from_deg && divided && words.front().size() == 3) {
        at = words.begin();
        from_deg = number_from_text(*at);
        if (from_deg && !(*from_deg >= 0.0 && *from_deg <= whole_circle_deg)) return std::nullopt;
    }
    if (!from_deg) return std::nullopt;
    words.erase(at);
    auto speed = speed_of(words);
    if (!speed) return std::nullopt;
    TypedWind wind;
    wind.from_deg = *from_deg;
    wind.speed = std::move(*speed);
    return wind;
}

} // namespace sobremesa::io
