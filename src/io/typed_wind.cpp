#include "io/typed_wind.hpp"

#include <algorithm>
#include <array>
#include <cstddef>
#include <span>
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

bool is_one_of(std::string_view word, std::span<const std::string_view> words) {
    return std::find(words.begin(), words.end(), lower(word)) != words.end();
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
        // "8G14": gusts, as airfields shorten them.
        const bool gusts = (text[i] == 'G' || text[i] == 'g') && number_follows && next == i + 1 &&
                           (i == 0 || text[i - 1] == ' ' || is_digit(text[i - 1]));
        if (gusts) {
            spaced += " g ";
            continue;
        }
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
    static constexpr std::array<std::string_view, 17> fillers = {"from", "the", "at",  "with",  "and", "of",
                                                                 "up",   "to",  "aus", "mit",   "und", "bis",
                                                                 "de",   "del", "con", "hasta", "wind"};
    std::erase_if(words, [&](const std::string& word) { return is_one_of(word, fillers); });
    return words;
}

bool is_calm(const std::vector<std::string>& words) {
    static constexpr std::array<std::string_view, 5> calms = {"calm", "windstill", "windstille", "flaute", "calma"};
    return words.size() == 1 && is_one_of(words.front(), calms);
}

/// "NW", "250°", "250deg".
std::optional<double> direction_of(const std::string& word) {
    const auto typed = typed_number(word);
    if (!typed || !typed->unit || typed->unit->kind != TypedKind::angle) return std::nullopt;
    if (!(typed->number >= 0.0) || typed->number > whole_circle_deg) return std::nullopt;
    return typed->number;
}

/// The two words of "south west" are one direction.
void join_compass_words(std::vector<std::string>& words) {
    for (std::size_t i = 0; i + 1 < words.size(); ++i) {
        const auto letters = [](const std::string& word) { return !is_digit(word.front()) && direction_of(word); };
        if (!letters(words[i]) || !letters(words[i + 1]) || !direction_of(words[i] + words[i + 1])) continue;
        words[i] += words[i + 1];
        words.erase(words.begin() + std::ptrdiff_t(i) + 1);
    }
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

/// What is said of gusts, taken out of the words: "gusting 14", "gusts 14 kn", "g 14".
struct SaidGusts {
    bool any = false;
    /// Nothing: it is no speed.
    std::optional<TypedNumber> speed;
};

constexpr std::array<std::string_view, 13> gust_words = {"g",      "gust",    "gusts",  "gusting", "böe",
                                                         "böen",   "boeen",   "böig",   "racha",   "rachas",
                                                         "ráfaga", "ráfagas", "rafagas"};

SaidGusts take_gusts(std::vector<std::string>& words) {
    const auto at =
        std::find_if(words.begin(), words.end(), [](const auto& word) { return is_one_of(word, gust_words); });
    if (at == words.end()) return {};
    auto end = at + 1;
    std::vector<std::string> said;
    if (end != words.end()) said.push_back(*end++);
    if (end != words.end() && !is_digit(end->front()) && typed_unit(*end)) said.push_back(*end++);
    words.erase(at, end);
    return {true, said.empty() ? std::nullopt : speed_of(said)};
}

/// "8G14 kt", "4 Bft, gusts 6": the unit of the other is meant.
/// @return false where it cannot be
bool take_unit_of(TypedNumber& typed, const TypedNumber& other) {
    if (!typed.word.empty() || other.word.empty()) return true;
    if (other.word == "Bft") {
        const auto force = in_beaufort(typed.number);
        if (force) typed = *force;
        return force.has_value();
    }
    typed.word = other.word;
    typed.unit = other.unit;
    return true;
}

/// @return false where both cannot be
bool put_gusts(TypedNumber gusts, TypedWind& wind) {
    TypedNumber& speed = wind.speed;
    if (!take_unit_of(speed, gusts) || !take_unit_of(gusts, speed)) return false;
    wind.gust = speed.unit ? gusts.number * gusts.unit->scale / speed.unit->scale : gusts.number;
    return *wind.gust >= speed.number;
}

} // namespace

std::optional<TypedWind> typed_wind(std::string_view text) {
    for (std::string_view rest = trimmed(text); !rest.empty();) {
        const auto end = std::min(rest.find_first_of(" \t\n"), rest.size());
        if (auto wind = airfield_group(rest.substr(0, end))) return wind;
        rest = trimmed(rest.substr(end));
    }
    std::vector<std::string> words = wind_words(text);
    TypedWind wind;
    if (is_calm(words)) {
        wind.speed = {0.0, "m/s", typed_unit("m/s")};
        return wind;
    }
    join_compass_words(words);
    const SaidGusts gusts = take_gusts(words);
    if (words.size() < 2 || gusts.any != gusts.speed.has_value()) return std::nullopt;
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
    wind.from_deg = *from_deg;
    wind.speed = std::move(*speed);
    if (gusts.speed && !put_gusts(*gusts.speed, wind)) return std::nullopt;
    return wind;
}

} // namespace sobremesa::io
