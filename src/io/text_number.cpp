#include "io/text_number.hpp"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>

#include <fast_float/fast_float.h>

namespace sobremesa::io {

namespace {

/// Signs and digits of other scripts as ASCII writes them: the minus of typesetters, which some locales write,
/// full-width figures, Arabic ones. Text that has none comes back as it is.
std::string with_ascii_figures(std::string_view text) {
    struct Figure {
        std::string_view sign;
        char ascii;
    };
    constexpr std::array figures = {Figure{"\u2212", '-'}, Figure{"\uFF0D", '-'}, Figure{"\uFF0B", '+'},
                                    Figure{"\uFF0E", '.'}, Figure{"\uFF0C", ','}, Figure{"\u066B", '.'}};
    struct Digits {
        std::string_view zero;
    };
    constexpr std::array digits = {Digits{"\uFF10"}, Digits{"\u0660"}, Digits{"\u06F0"}};
    std::string result;
    while (!text.empty()) {
        std::size_t taken = 1;
        char ascii = text.front();
        for (const Figure& figure : figures) {
            if (!text.starts_with(figure.sign)) continue;
            ascii = figure.ascii;
            taken = figure.sign.size();
        }
        for (const Digits& each : digits) {
            // The ten stand one behind the other.
            const std::size_t size = each.zero.size();
            if (text.size() < size || text.substr(0, size - 1) != each.zero.substr(0, size - 1)) continue;
            const int digit =
                static_cast<unsigned char>(text[size - 1]) - static_cast<unsigned char>(each.zero.back());
            if (digit < 0 || digit > 9) continue;
            ascii = char('0' + digit);
            taken = size;
        }
        result += ascii;
        text.remove_prefix(taken);
    }
    return result;
}

} // namespace

std::optional<double> number_from_text(std::string_view text) {
    constexpr unsigned char first_beyond_ascii = 0x80;
    const auto is_foreign = [](char c) { return static_cast<unsigned char>(c) >= first_beyond_ascii; };
    if (std::any_of(text.begin(), text.end(), is_foreign)) {
        const std::string ascii = with_ascii_figures(text);
        return std::any_of(ascii.begin(), ascii.end(), is_foreign) ? std::nullopt : number_from_text(ascii);
    }
    const auto blank = [](char c) { return c == ' ' || c == '\t' || c == '\r'; };
    while (!text.empty() && blank(text.front())) text.remove_prefix(1);
    while (!text.empty() && blank(text.back())) text.remove_suffix(1);
    if (text.size() > 1 && text.front() == '+' && text[1] != '-') text.remove_prefix(1);

    double value = 0.0;
    const char* const end = text.data() + text.size();
    auto parsed = fast_float::from_chars(text.data(), end, value);
    if (parsed.ec == std::errc() && parsed.ptr != end && *parsed.ptr == ',') {
        const fast_float::parse_options comma{fast_float::chars_format::general, ','};
        parsed = fast_float::from_chars_advanced(text.data(), end, value, comma);
    }
    if (parsed.ec != std::errc() || parsed.ptr != end || !std::isfinite(value)) return std::nullopt;
    return value;
}

std::optional<std::vector<double>> numbers_from_list(std::string_view text) {
    const bool points = text.find('.') != std::string_view::npos;
    std::vector<double> numbers;
    std::string part;
    const auto take = [&] {
        if (part.empty()) return true;
        const auto number = number_from_text(part);
        part.clear();
        if (number) numbers.push_back(*number);
        return number.has_value();
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        const bool blank_follows = i + 1 == text.size() || text[i + 1] == ' ';
        const bool between =
            c == ' ' || c == '\t' || c == '\n' || c == ';' || c == '/' || (c == ',' && (points || blank_follows));
        if (!between)
            part += c;
        else if (!take())
            return std::nullopt;
    }
    if (!take()) return std::nullopt;
    return numbers;
}

std::string text_from_number(double value, int decimals) {
    std::array<char, 400> buffer{};
    const auto written =
        std::to_chars(buffer.data(), buffer.data() + buffer.size(), value, std::chars_format::fixed, decimals);
    return {buffer.data(), written.ptr};
}

std::string shortest_text(double value, int most_decimals) {
    std::string text = text_from_number(value, most_decimals);
    if (text.find('.') == std::string::npos) return text;
    text.erase(text.find_last_not_of('0') + 1);
    if (text.back() == '.') text.pop_back();
    return text;
}

} // namespace sobremesa::io
