#include "io/named_values.hpp"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <iterator>
#include <utility>

#include "io/cell_forms.hpp"
#include "io/digits.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

bool is_name_part(char c) {
    const auto u = static_cast<unsigned char>(c);
    return std::isalnum(u) != 0 || c == '_' || c == '.' || u >= 0x80U;
}

bool has_letter(std::string_view text) {
    return std::any_of(text.begin(), text.end(),
                       [](char c) { return std::isalpha(static_cast<unsigned char>(c)) != 0; });
}

/// The hours of "2026-05-14T16" before their colon.
bool are_hours_of_moment(std::string_view text) {
    std::size_t digits = 0;
    while (digits < text.size() && is_digit(text[text.size() - 1 - digits])) ++digits;
    const std::string_view before = text.substr(0, text.size() - digits);
    return digits == 2 && before.size() > 1 && before.back() == 'T' && is_digit(before[before.size() - 2]);
}

/// Without the quotes of a name or a value.
std::string_view bare(std::string_view text) {
    text = trimmed(text);
    while (!text.empty() && std::string_view(",;|[](){}\"").find(text.back()) != std::string_view::npos)
        text = trimmed(text.substr(0, text.size() - 1));
    while (!text.empty() && text.front() == '"') text = trimmed(text.substr(1));
    // A quote behind a number alone is feet or minutes.
    if (text.size() > 1 && text.front() == '\'' && text.back() == '\'')
        text = trimmed(text.substr(1, text.size() - 2));
    return text;
}

std::vector<std::string_view> words_of_line(std::string_view line) {
    std::vector<std::string_view> words;
    while (!(line = trimmed(line)).empty()) {
        const std::size_t end = std::min(line.find_first_of(" \t"), line.size());
        const std::string_view word = bare(line.substr(0, end));
        if (!word.empty()) words.push_back(word);
        line.remove_prefix(end);
    }
    return words;
}

bool is_figure(std::string_view word) {
    return number_from_text(word) || number_with_unit(word);
}

/// "GPS (11.5012, 47.1234, 604)": two or three numbers in brackets behind a word, the first two with the decimals
/// of a place. They are taken off the line.
std::vector<NamedValue> take_places(std::string& line) {
    std::vector<NamedValue> values;
    for (std::size_t open = line.find('('); open != std::string::npos; open = line.find('(', open + 1)) {
        const std::size_t close = line.find(')', open);
        if (close == std::string::npos) break;
        std::size_t end = open;
        while (end > 0 && (line[end - 1] == ' ' || line[end - 1] == ':' || line[end - 1] == '=')) --end;
        std::size_t begin = end;
        while (begin > 0 && is_name_part(line[begin - 1])) --begin;
        std::string inside = line.substr(open + 1, close - open - 1);
        std::replace(inside.begin(), inside.end(), ',', ' ');
        std::replace(inside.begin(), inside.end(), ';', ' ');
        const std::vector<std::string_view> numbers = words_of_line(inside);
        constexpr int least_decimals = 3;
        const auto is_degrees = [](std::string_view number) {
            const auto value = number_from_text(number);
            const auto point = number.find('.');
            return value && std::abs(*value) <= 180.0 && point != std::string_view::npos &&
                   int(number.size() - point) > least_decimals;
        };
        const bool place = begin < end && (numbers.size() == 2 || numbers.size() == 3) && is_degrees(numbers[0]) &&
                           is_degrees(numbers[1]) && number_from_text(numbers.back());
        if (!place) continue;
        // Three are x, y and z, as well-known text, GeoJSON and KML have them.
        const std::string name = line.substr(begin, end - begin);
        values.push_back(
            {numbers.size() == 3 ? name + " xyz" : name, std::string(numbers[0]) + " " + std::string(numbers[1])});
        if (numbers.size() == 3) values.push_back({name + " altitude", std::string(numbers[2])});
        line.erase(begin, close + 1 - begin);
        open = begin == 0 ? 0 : begin - 1;
    }
    return values;
}

std::vector<NamedValue> values_behind_words(std::string_view line) {
    std::vector<NamedValue> values;
    const std::vector<std::string_view> words = words_of_line(line);
    std::string name;
    // A number without a word before it may still have a unit.
    bool taken = true;
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (!is_figure(words[i])) {
            name = std::string(words[i]);
            taken = false;
            continue;
        }
        std::string value(words[i]);
        // "16.2 V", unless a number behind it says that V is the next name.
        const bool apart = number_from_text(value) && i + 1 < words.size() && unit_from_word(lower(words[i + 1])) &&
                           (i + 2 == words.size() || !is_figure(words[i + 2]));
        if (apart) value += std::string(words[++i]);
        const auto written = number_with_unit(value);
        if (!taken && !name.empty())
            values.push_back({name, value});
        else if (written)
            values.push_back({name + " (" + std::string(written->unit.word) + ")", value});
        taken = true;
    }
    return values;
}

} // namespace

std::vector<NamedValue> values_behind_signs(std::string_view line) {
    std::vector<NamedValue> values;
    std::vector<std::pair<std::size_t, std::size_t>> names; // begin of the name, place of its sign
    for (std::size_t i = 1; i < line.size(); ++i) {
        if (line[i] != ':' && line[i] != '=') continue;
        std::size_t end = i;
        while (end > 0 && (line[end - 1] == ' ' || line[end - 1] == '"' || line[end - 1] == '\'')) --end;
        std::size_t begin = end;
        while (begin > 0 && is_name_part(line[begin - 1])) --begin;
        // A clock's colons stand between digits.
        const std::string_view word = line.substr(begin, end - begin);
        const bool letter = has_letter(word) && !are_hours_of_moment(word);
        const bool in_clock = i + 1 < line.size() && end > 0 && is_digit(line[end - 1]) && is_digit(line[i + 1]) &&
                              line[i] == ':' && !letter;
        if (letter && !in_clock) names.emplace_back(begin, i);
    }
    for (std::size_t i = 0; i < names.size(); ++i) {
        std::size_t to = i + 1 < names.size() ? names[i + 1].first : line.size();
        if (to < line.size() && line[to - 1] == '\'') --to;
        const std::string_view name = bare(line.substr(names[i].first, names[i].second - names[i].first));
        const std::string_view value = bare(line.substr(names[i].second + 1, to - names[i].second - 1));
        if (!value.empty()) values.push_back({std::string(name), std::string(value)});
    }
    return values;
}

std::vector<NamedValue> values_behind_signs_or_words(std::string_view line) {
    std::string rest(line);
    std::vector<NamedValue> places = take_places(rest);
    std::vector<NamedValue> values = values_behind_signs(rest);
    if (values.empty()) values = values_behind_words(rest);
    values.insert(values.begin(), std::make_move_iterator(places.begin()), std::make_move_iterator(places.end()));
    return values;
}

} // namespace sobremesa::io
