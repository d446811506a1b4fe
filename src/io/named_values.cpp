#include "io/named_values.hpp"

#include <algorithm>
#include <cctype>
#include <utility>

#include "io/cell_forms.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

bool is_digit(char c) {
    return std::isdigit(static_cast<unsigned char>(c)) != 0;
}

bool is_name_part(char c) {
    const auto u = static_cast<unsigned char>(c);
    return std::isalnum(u) != 0 || c == '_' || c == '.' || u >= 0x80U;
}

bool has_letter(std::string_view text) {
    return std::any_of(text.begin(), text.end(),
                       [](char c) { return std::isalpha(static_cast<unsigned char>(c)) != 0; });
}

/// Without the quotes of a name or a value.
std::string_view bare(std::string_view text) {
    text = trimmed(text);
    while (!text.empty() && std::string_view(",;|[](){}\"").find(text.back()) != std::string_view::npos)
        text = trimmed(text.substr(0, text.size() - 1));
    while (!text.empty() && text.front() == '"') text = trimmed(text.substr(1));
    return text;
}

std::vector<std::string_view> words_of(std::string_view line) {
    std::vector<std::string_view> words;
    while (!(line = trimmed(line)).empty()) {
        const std::size_t end = std::min(line.find_first_of(" \t"), line.size());
        const std::string_view word = bare(line.substr(0, end));
        if (!word.empty()) words.push_back(word);
        line.remove_prefix(end);
    }
    return words;
}

bool is_value(std::string_view word) {
    return number_from_text(word) || number_with_unit(word);
}

std::vector<NamedValue> values_behind_words(std::string_view line) {
    std::vector<NamedValue> values;
    const std::vector<std::string_view> words = words_of(line);
    std::string name;
    // A number without a word before it may still have a unit.
    bool taken = true;
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (!is_value(words[i])) {
            name = std::string(words[i]);
            taken = false;
            continue;
        }
        std::string value(words[i]);
        // "16.2 V", unless a number behind it says that V is the next name.
        const bool apart = number_from_text(value) && i + 1 < words.size() && unit_from_word(lower(words[i + 1])) &&
                           (i + 2 == words.size() || !is_value(words[i + 2]));
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
        while (end > 0 && (line[end - 1] == ' ' || line[end - 1] == '"')) --end;
        std::size_t begin = end;
        while (begin > 0 && is_name_part(line[begin - 1])) --begin;
        // A clock's colons stand between digits.
        const bool letter = has_letter(line.substr(begin, end - begin));
        const bool in_clock = i + 1 < line.size() && end > 0 && is_digit(line[end - 1]) && is_digit(line[i + 1]) &&
                              line[i] == ':' && !letter;
        if (letter && !in_clock) names.emplace_back(begin, i);
    }
    for (std::size_t i = 0; i < names.size(); ++i) {
        const std::size_t to = i + 1 < names.size() ? names[i + 1].first : line.size();
        const std::string_view name = bare(line.substr(names[i].first, names[i].second - names[i].first));
        const std::string_view value = bare(line.substr(names[i].second + 1, to - names[i].second - 1));
        if (!value.empty()) values.push_back({std::string(name), std::string(value)});
    }
    return values;
}

std::vector<NamedValue> values_behind_signs_or_words(std::string_view line) {
    std::vector<NamedValue> values = values_behind_signs(line);
    return values.empty() ? values_behind_words(line) : values;
}

} // namespace sobremesa::io
