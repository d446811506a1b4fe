#include "io/written_position.hpp"

#include <algorithm>
#include <cctype>
#include <string>
#include <vector>

#include "io/cell_forms.hpp"
#include "io/log_units.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using geodesy::Position;

bool is_digit_at(std::string_view text, std::size_t at) {
    return at < text.size() && text[at] >= '0' && text[at] <= '9';
}

/// The numbers in a text, whatever stands between them; a point is their decimal sign.
std::vector<double> numbers_in(std::string_view text) {
    std::vector<double> numbers;
    constexpr std::string_view parts = "+-.0123456789";
    for (std::size_t at = 0; at < text.size();) {
        const auto begin = text.find_first_of(parts, at);
        if (begin == std::string_view::npos) break;
        const auto end = std::min(text.find_first_not_of(parts, begin), text.size());
        if (const auto number = number_from_text(text.substr(begin, end - begin))) numbers.push_back(*number);
        at = end;
    }
    return numbers;
}

std::optional<Position> possible(double latitude, double longitude) {
    const Position place{latitude, longitude};
    return geodesy::is_possible(place) ? std::optional(place) : std::nullopt;
}

/// "32U 461344 5481745": the zone, then east before north.
std::optional<Position> grid_position(std::string_view text) {
    const auto letter = text.find_first_not_of("0123456789 ");
    if (letter == std::string_view::npos) return std::nullopt;
    const std::string_view zone_text = trimmed(text.substr(0, letter + 1));
    const std::string_view grid_text = text.substr(letter + 1);
    if (grid_text.empty() || !std::all_of(grid_text.begin(), grid_text.end(), [](unsigned char c) {
            return std::isdigit(c) != 0 ||
                   std::string_view(" .,;/mMeEnN\t").find(char(c)) != std::string_view::npos;
        }))
        return std::nullopt;
    const auto grid = numbers_in(grid_text);
    constexpr double least_easting_m = 1e5;
    if (grid.size() != 2 || grid[0] < least_easting_m) return std::nullopt;
    const auto zone = utm_zone_from_text(zone_text, grid[1]);
    if (!zone) return std::nullopt;
    const auto place = geodesy::from_utm(*zone, {grid[0], grid[1]});
    return place ? std::optional(*place) : std::nullopt;
}

bool is_letter(char c) {
    return c >= 'a' && c <= 'z';
}

/// The number behind a name that begins a word: "lat=47.1", "\"latitude\": 47.1".
std::optional<double> number_behind(std::string_view text, std::string_view name) {
    auto at = text.find(name);
    while (at != std::string_view::npos && at > 0 && is_letter(text[at - 1])) at = text.find(name, at + 1);
    if (at == std::string_view::npos) return std::nullopt;
    // "latitude_deg: 47.1", but not the number at the end of a sentence.
    constexpr std::size_t longest_name = 18;
    constexpr std::string_view parts = "+-.0123456789";
    const auto begin = text.find_first_of(parts, at);
    if (begin == std::string_view::npos || begin > at + longest_name) return std::nullopt;
    return number_from_text(text.substr(begin, text.find_first_not_of(parts, begin) - begin));
}

/// "32UMV6134481745", with blanks or without.
std::optional<Position> military_position(std::string_view text) {
    std::string reference;
    for (const char c : text) {
        if (c == ' ') continue;
        reference += c;
    }
    const std::string low = lower(reference);
    const auto letters = std::find_if(low.begin(), low.end(), is_letter);
    constexpr std::ptrdiff_t band_and_square = 3;
    if (low.end() - letters < band_and_square || !std::all_of(letters, letters + band_and_square, is_letter) ||
        !std::all_of(letters + band_and_square, low.end(), [](char c) { return c >= '0' && c <= '9'; }))
        return std::nullopt;
    return geodesy::from_military_grid(reference);
}

} // namespace

std::optional<geodesy::UtmZone> utm_zone_from_text(std::string_view text, double northing_m) {
    text = trimmed(text);
    int number = 0;
    std::size_t digits = 0;
    for (; digits < 2 && is_digit_at(text, digits); ++digits) number = 10 * number + (text[digits] - '0');
    const std::string_view letter = trimmed(text.substr(digits));
    if (digits == 0 || number < 1 || number > 60 || letter.size() != 1) return std::nullopt;
    const char band = char(std::toupper(static_cast<unsigned char>(letter.front())));
    if (band < 'C' || band > 'X') return std::nullopt;
    constexpr double band_s_begins_m = 3.5e6;
    constexpr double band_s_ends_m = 4.5e6;
    if (band == 'S') return geodesy::UtmZone{number, northing_m > band_s_begins_m && northing_m < band_s_ends_m};
    return geodesy::UtmZone{number, band >= 'N'};
}

std::optional<Position> written_position(std::string_view text) {
    text = trimmed(text);
    // Most cells are two numbers, with letters of the compass perhaps: they are not looked at further.
    if (text.find_first_not_of("+-0123456789.,; \t/()[]NSEWnsew'\"") == std::string_view::npos &&
        !(is_digit_at(text, 0) && text.find_first_of("NSns") < 4))
        return std::nullopt;
    const std::string low = lower(text);
    constexpr std::string_view uri = "geo:";
    if (low.starts_with(uri)) {
        const auto numbers = numbers_in(std::string_view(low).substr(0, low.find(';')));
        return numbers.size() >= 2 ? possible(numbers[0], numbers[1]) : std::nullopt;
    }
    if (const auto named = low.find("coordinates"); named != std::string::npos || low.starts_with("point")) {
        const auto open = low.find_first_of("([", named == std::string::npos ? 0 : named);
        if (open == std::string::npos) return std::nullopt;
        const auto numbers = numbers_in(std::string_view(low).substr(open));
        return numbers.size() >= 2 ? possible(numbers[1], numbers[0]) : std::nullopt;
    }
    if (const auto latitude = number_behind(low, "lat")) {
        for (const std::string_view name : {"lon", "lng"}) {
            if (const auto longitude = number_behind(low, name)) return possible(*latitude, *longitude);
        }
        return std::nullopt;
    }
    if (!is_digit_at(text, 0)) return std::nullopt;
    if (const auto grid = grid_position(text)) return grid;
    return military_position(text);
}

} // namespace sobremesa::io
