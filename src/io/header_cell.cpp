#include "io/header_cell.hpp"

#include <cctype>

#include "io/header_words.hpp"

namespace sobremesa::io {

namespace {

bool is_small(char c) {
    return std::islower(static_cast<unsigned char>(c)) != 0;
}
bool is_capital(char c) {
    return std::isupper(static_cast<unsigned char>(c)) != 0;
}

/// "Ah" or "V" at the end of a name.
bool is_unit_of_thousandths(std::string_view rest) {
    return rest == "Ah" || rest == "Wh" || rest == "V" || rest == "A" || rest == "W";
}

/// "BaroAlt" is two words, like "baro_alt"; "GPSAlt" too, but "mAh" is one.
std::string words_of_camel_case(std::string_view cell) {
    std::string text;
    const std::size_t bracket = cell.find_first_of("([{");
    for (std::size_t i = 0; i < cell.size(); ++i) {
        const bool in_brackets = i > bracket;
        // Two small letters before: "mV" and "mAh" are one word.
        const bool after_word = i > 1 && is_small(cell[i - 1]) && is_small(cell[i - 2]);
        // The last of three and more capitals begins the next word.
        const bool after_capitals = i > 2 && i + 2 < cell.size() && is_capital(cell[i - 1]) &&
                                    is_capital(cell[i - 2]) && is_capital(cell[i - 3]) && is_small(cell[i + 1]) &&
                                    is_small(cell[i + 2]);
        if (!in_brackets && is_capital(cell[i]) && (after_word || after_capitals)) {
            // In "UsedmAh" the unit begins with its small letter.
            const bool milli = after_word && cell[i - 1] == 'm' && is_unit_of_thousandths(cell.substr(i));
            text.insert(milli ? text.size() - 1 : text.size(), 1, ' ');
        }
        text += cell[i];
    }
    return text;
}

void add_words(HeaderCell& cell, std::string_view words) {
    for (std::size_t at = 0; at < words.size();) {
        const std::size_t end = std::min(words.find(' ', at), words.size());
        cell.add(words.substr(at, end - at));
        at = end + 1;
    }
}

std::string_view without_blanks(std::string_view text) {
    while (!text.empty() && text.front() == ' ') text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ') text.remove_suffix(1);
    return text;
}

/// Takes a unit in brackets off the text. What is in brackets and no unit may still be words: "GPS (lat lon)".
std::optional<Unit> take_bracketed_unit(std::string& text) {
    std::optional<Unit> unit;
    for (std::size_t open = text.find_first_of("([{<"); open != std::string::npos;
         open = text.find_first_of("([{<", open)) {
        const std::size_t close = text.find_first_of(")]}>", open);
        if (close == std::string::npos) break;
        const auto found =
            unit_from_word(without_blanks(std::string_view(text).substr(open + 1, close - open - 1)));
        text[open] = ' ';
        text[close] = ' ';
        if (!found || unit) continue;
        unit = found;
        text.erase(open, close - open + 1);
    }
    return unit;
}

/// More is no unit.
constexpr std::size_t longest_unit = 40;

/// More is a remark, not the name of a column; bytes, of which other scripts take two or three a letter.
constexpr std::size_t longest_name = 240;

/// "speed km/h", "speed_km/h", "alt/cm", "time_us", "volts - V": the longest ending that is a unit.
std::optional<Unit> take_unit_at_end(std::string& text) {
    constexpr std::string_view separators = "/_ -,:;.";
    for (std::size_t at = text.find_first_of(separators); at != std::string::npos;
         at = text.find_first_of(separators, at + 1)) {
        const std::string_view rest = without_blanks(std::string_view(text).substr(at + 1));
        if (rest.size() > longest_unit) continue;
        const std::string ending(rest);
        auto unit = unit_from_word(ending);
        if (!unit) { // "cm_s" is cm/s
            std::string fraction = ending;
            std::replace(fraction.begin(), fraction.end(), '_', '/');
            unit = fraction == ending ? std::nullopt : unit_from_word(fraction);
        }
        if (!unit) continue;
        text.resize(at);
        return unit;
    }
    return std::nullopt;
}

} // namespace

HeaderCell take_apart(std::string_view header) {
    HeaderCell result;
    if (header.size() > longest_name) return result;
    std::string text = lower(words_of_camel_case(header));
    result.unit = take_bracketed_unit(text);
    if (!result.unit) result.unit = take_unit_at_end(text);
    // A name that is a unit and no more: "mAh", "V". Single letters that name other things too are left alone.
    constexpr std::string_view ambiguous = "hdjsmea";
    if (!result.unit && (text.size() > 1 || ambiguous.find(text) == std::string::npos)) {
        if (const auto alone = unit_from_word(without_blanks(text)); alone && alone->dimension != Dimension::angle)
            result.unit = alone;
    }
    std::string word;
    const auto is_digit = [](char c) { return c >= '0' && c <= '9'; };
    for (const char c : text + " ") {
        // "cell1" is two words, "5v" is one.
        if (is_digit(c) && !word.empty() && !is_digit(word.back())) {
            add_words(result, header_word_in_english(word));
            word.clear();
        }
        if (std::isalnum(static_cast<unsigned char>(c)) || (static_cast<unsigned char>(c) & 0x80U)) {
            word += c;
        } else if (!word.empty()) {
            add_words(result, header_word_in_english(word));
            word.clear();
        }
    }
    // "C" is coulombs beside a charge; beside anything else it is degrees.
    if (!result.unit && result.has_any<"charge", "used", "consumed", "drawn", "discharged">() &&
        result.words.back() == "c")
        result.unit = unit_from_word("coulomb");
    // A speed has no milliseconds: "speed_ms" is metres a second without its stroke.
    const auto milliseconds = unit_from_word("ms");
    if (result.unit && result.unit->dimension == Dimension::time && result.unit->scale == milliseconds->scale &&
        result.has_any<"speed", "velocity", "airspeed", "groundspeed", "spd", "gspd", "vspd", "aspd", "climb",
                       "vario">())
        result.unit = unit_from_word("m/s");
    return result;
}

bool is_unit_cell(std::string_view cell) {
    std::string text = lower(without_blanks(cell));
    if (text.size() > 2 && std::string_view("([{<").find(text.front()) != std::string_view::npos)
        text = std::string(without_blanks(std::string_view(text).substr(1, text.size() - 2)));
    return text == "-" || text == "hh:mm:ss" || text == "hh:mm:ss.sss" || text == "yyyy-mm-dd" ||
           unit_from_word(text).has_value();
}

} // namespace sobremesa::io
