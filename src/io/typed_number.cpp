#include "io/typed_number.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>

#include "core/units/constants.hpp"
#include "core/units/imperial_units.hpp"
#include "io/log_units.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

struct KnownUnit {
    std::string_view word;
    TypedUnit unit;
};

constexpr std::array known_units = {
    KnownUnit{"m", {TypedKind::length, 1.0}},
    KnownUnit{"km", {TypedKind::length, 1000.0}},
    KnownUnit{"dm", {TypedKind::length, 0.1}},
    KnownUnit{"cm", {TypedKind::length, 0.01}},
    KnownUnit{"mm", {TypedKind::length, 0.001}},
    KnownUnit{"mi", {TypedKind::length, units::metres_per_mile}},
    KnownUnit{"nmi", {TypedKind::length, units::metres_per_nautical_mile}},
    KnownUnit{"ft", {TypedKind::length, units::metres_per_foot}},
    KnownUnit{"in", {TypedKind::length, units::metres_per_inch}},
    KnownUnit{"\"", {TypedKind::length, units::metres_per_inch}},
    KnownUnit{"″", {TypedKind::length, units::metres_per_inch}},
    KnownUnit{"m²", {TypedKind::area, 1.0}},
    KnownUnit{"m2", {TypedKind::area, 1.0}},
    KnownUnit{"dm²", {TypedKind::area, 0.01}},
    KnownUnit{"dm2", {TypedKind::area, 0.01}},
    KnownUnit{"cm²", {TypedKind::area, 1e-4}},
    KnownUnit{"cm2", {TypedKind::area, 1e-4}},
    KnownUnit{"in²", {TypedKind::area, units::metres_per_inch* units::metres_per_inch}},
    KnownUnit{"ft²", {TypedKind::area, units::metres_per_foot* units::metres_per_foot}},
    KnownUnit{"m/s", {TypedKind::speed, 1.0}},
    KnownUnit{"km/h", {TypedKind::speed, units::mps_per_kmh}},
    KnownUnit{"kmh", {TypedKind::speed, units::mps_per_kmh}},
    KnownUnit{"kph", {TypedKind::speed, units::mps_per_kmh}},
    KnownUnit{"mph", {TypedKind::speed, units::mps_per_mph}},
    KnownUnit{"kn", {TypedKind::speed, units::mps_per_knot}},
    KnownUnit{"kt", {TypedKind::speed, units::mps_per_knot}},
    KnownUnit{"kts", {TypedKind::speed, units::mps_per_knot}},
    KnownUnit{"knots", {TypedKind::speed, units::mps_per_knot}},
    KnownUnit{"ft/s", {TypedKind::speed, units::metres_per_foot}},
    KnownUnit{"ft/min", {TypedKind::speed, units::metres_per_foot / units::seconds_per_minute}},
    KnownUnit{"m/min", {TypedKind::speed, 1.0 / units::seconds_per_minute}},
    KnownUnit{"kg", {TypedKind::mass, 1.0}},
    KnownUnit{"g", {TypedKind::mass, 0.001}},
    KnownUnit{"lb", {TypedKind::mass, units::kilograms_per_pound}},
    KnownUnit{"lbs", {TypedKind::mass, units::kilograms_per_pound}},
    KnownUnit{"oz", {TypedKind::mass, units::kilograms_per_ounce}},
    KnownUnit{"s", {TypedKind::time, 1.0}},
    KnownUnit{"min", {TypedKind::time, units::seconds_per_minute}},
    KnownUnit{"h", {TypedKind::time, units::seconds_per_hour}},
    KnownUnit{"°", {TypedKind::angle, 1.0}},
    KnownUnit{"º", {TypedKind::angle, 1.0}},
    KnownUnit{"deg", {TypedKind::angle, 1.0}},
    KnownUnit{"v", {TypedKind::voltage, 1.0}},
    KnownUnit{"mv", {TypedKind::voltage, 0.001}},
    KnownUnit{"a", {TypedKind::current, 1.0}},
    KnownUnit{"ma", {TypedKind::current, 0.001}},
    KnownUnit{"ah", {TypedKind::charge, 1.0}},
    KnownUnit{"mah", {TypedKind::charge, 0.001}},
    KnownUnit{"wh", {TypedKind::energy, 1.0}},
    KnownUnit{"w", {TypedKind::power, 1.0}},
    KnownUnit{"mw", {TypedKind::power, 0.001}},
    KnownUnit{"kw", {TypedKind::power, 1000.0}},
    KnownUnit{"Ω", {TypedKind::resistance, 1.0}}, // Greek capital omega
    KnownUnit{"Ω", {TypedKind::resistance, 1.0}}, // ohm sign
    KnownUnit{"ohm", {TypedKind::resistance, 1.0}},
    KnownUnit{"mΩ", {TypedKind::resistance, 0.001}},
    KnownUnit{"mΩ", {TypedKind::resistance, 0.001}},
    KnownUnit{"mohm", {TypedKind::resistance, 0.001}},
    KnownUnit{"milliohm", {TypedKind::resistance, 0.001}},
    KnownUnit{"°c", {TypedKind::temperature, 1.0}},
    KnownUnit{"c", {TypedKind::temperature, 1.0}},
    KnownUnit{"°f", {TypedKind::temperature, 5.0 / 9.0, -160.0 / 9.0}},
    KnownUnit{"f", {TypedKind::temperature, 5.0 / 9.0, -160.0 / 9.0}},
    KnownUnit{"k", {TypedKind::temperature, 1.0, -273.15}},
    KnownUnit{"pa", {TypedKind::pressure, 1.0}},
    KnownUnit{"hpa", {TypedKind::pressure, 100.0}},
    KnownUnit{"mbar", {TypedKind::pressure, 100.0}},
    KnownUnit{"kpa", {TypedKind::pressure, 1000.0}},
    KnownUnit{"inhg", {TypedKind::pressure, units::pascals_per_inch_of_mercury}},
    KnownUnit{"hz", {TypedKind::frequency, 1.0}},
    KnownUnit{"mhz", {TypedKind::frequency, 1e6}},
    KnownUnit{"ghz", {TypedKind::frequency, 1e9}},
    KnownUnit{"%", {TypedKind::share, 0.01}},
    KnownUnit{"percent", {TypedKind::share, 0.01}},
    KnownUnit{"okta", {TypedKind::share, 0.125}},
    KnownUnit{"oktas", {TypedKind::share, 0.125}},
    KnownUnit{"/8", {TypedKind::share, 0.125}},
    KnownUnit{"dbm", {TypedKind::level, 1.0}},
    KnownUnit{"m/s/h", {TypedKind::growth, 1.0}},
    KnownUnit{"km/h/h", {TypedKind::growth, units::mps_per_kmh}},
    KnownUnit{"mph/h", {TypedKind::growth, units::mps_per_mph}},
    KnownUnit{"kn/h", {TypedKind::growth, units::mps_per_knot}},
    KnownUnit{"kt/h", {TypedKind::growth, units::mps_per_knot}},
    KnownUnit{"m/s per hour", {TypedKind::growth, 1.0}},
    KnownUnit{"km/h per hour", {TypedKind::growth, units::mps_per_kmh}},
    KnownUnit{"mph per hour", {TypedKind::growth, units::mps_per_mph}},
    KnownUnit{"kn per hour", {TypedKind::growth, units::mps_per_knot}},
    KnownUnit{"kt per hour", {TypedKind::growth, units::mps_per_knot}},
    // In words, as people write to each other.
    KnownUnit{"meters", {TypedKind::length, 1.0}},
    KnownUnit{"metres", {TypedKind::length, 1.0}},
    KnownUnit{"feet", {TypedKind::length, units::metres_per_foot}},
    KnownUnit{"foot", {TypedKind::length, units::metres_per_foot}},
    KnownUnit{"inch", {TypedKind::length, units::metres_per_inch}},
    KnownUnit{"inches", {TypedKind::length, units::metres_per_inch}},
    KnownUnit{"mile", {TypedKind::length, units::metres_per_mile}},
    KnownUnit{"miles", {TypedKind::length, units::metres_per_mile}},
    KnownUnit{"nm", {TypedKind::length, units::metres_per_nautical_mile}},
    KnownUnit{"knot", {TypedKind::speed, units::mps_per_knot}},
    KnownUnit{"fpm", {TypedKind::speed, units::metres_per_foot / units::seconds_per_minute}},
    KnownUnit{"gram", {TypedKind::mass, 0.001}},
    KnownUnit{"grams", {TypedKind::mass, 0.001}},
    KnownUnit{"kilo", {TypedKind::mass, 1.0}},
    KnownUnit{"kilos", {TypedKind::mass, 1.0}},
    KnownUnit{"pounds", {TypedKind::mass, units::kilograms_per_pound}},
    KnownUnit{"ounces", {TypedKind::mass, units::kilograms_per_ounce}},
    KnownUnit{"sec", {TypedKind::time, 1.0}},
    KnownUnit{"seconds", {TypedKind::time, 1.0}},
    KnownUnit{"mins", {TypedKind::time, units::seconds_per_minute}},
    KnownUnit{"minutes", {TypedKind::time, units::seconds_per_minute}},
    KnownUnit{"hr", {TypedKind::time, units::seconds_per_hour}},
    KnownUnit{"hrs", {TypedKind::time, units::seconds_per_hour}},
    KnownUnit{"hour", {TypedKind::time, units::seconds_per_hour}},
    KnownUnit{"hours", {TypedKind::time, units::seconds_per_hour}},
    KnownUnit{"degrees", {TypedKind::angle, 1.0}},
    KnownUnit{"volt", {TypedKind::voltage, 1.0}},
    KnownUnit{"volts", {TypedKind::voltage, 1.0}},
    KnownUnit{"amp", {TypedKind::current, 1.0}},
    KnownUnit{"amps", {TypedKind::current, 1.0}},
    KnownUnit{"watt", {TypedKind::power, 1.0}},
    KnownUnit{"watts", {TypedKind::power, 1.0}},
};

bool is_blank_at(std::string_view text, std::size_t at, std::size_t& length) {
    // The blanks that group figures: plain, no-break, narrow no-break, thin.
    for (const std::string_view blank : {" ", "\t", "\u00A0", "\u202F", "\u2009"}) {
        if (text.substr(at).starts_with(blank)) {
            length = blank.size();
            return true;
        }
    }
    return false;
}

std::string_view without_blanks_before(std::string_view text) {
    std::size_t length = 0;
    while (!text.empty() && is_blank_at(text, 0, length)) text.remove_prefix(length);
    return text;
}

std::string_view without_blanks_after(std::string_view text) {
    for (bool again = true; again && !text.empty();) {
        again = false;
        for (const std::string_view blank : {" ", "\t", "\u00A0", "\u202F", "\u2009"}) {
            if (!text.ends_with(blank)) continue;
            text.remove_suffix(blank.size());
            again = true;
        }
    }
    return text;
}

/// Takes the number at the beginning off the text.
std::optional<double> take_number(std::string_view& text) {
    text = without_blanks_before(text);
    std::string digits;
    std::size_t at = 0;
    // The true minus sign, as the program itself writes it.
    constexpr std::string_view minus = "\u2212";
    if (text.starts_with(minus)) {
        digits = "-";
        at = minus.size();
    }
    std::size_t end = 0;
    bool any = false;
    while (at < text.size()) {
        const auto c = static_cast<unsigned char>(text[at]);
        std::size_t blank = 0;
        const bool sign = (c == '-' || c == '+') && digits.empty();
        const bool power = (c == 'e' || c == 'E') && any && at + 1 < text.size() &&
                           (std::isdigit(static_cast<unsigned char>(text[at + 1])) ||
                            ((text[at + 1] == '-' || text[at + 1] == '+') && at + 2 < text.size() &&
                             std::isdigit(static_cast<unsigned char>(text[at + 2]))));
        if (std::isdigit(c) || c == '.' || c == ',' || sign) {
            any = any || std::isdigit(c);
            digits += text[at++];
        } else if (power) {
            digits += text[at++];
            digits += text[at++];
        } else if (is_blank_at(text, at, blank) && any) {
            // A blank groups figures only between figures.
            if (at + blank >= text.size() || !std::isdigit(static_cast<unsigned char>(text[at + blank]))) break;
            at += blank;
        } else {
            break;
        }
        end = at;
    }
    if (!any) return std::nullopt;
    // A comma before a second number is no decimal sign: "5.5 A, 14.8 V" ends before it anyway.
    const auto number = number_from_text(digits);
    if (number) text.remove_prefix(end);
    return number;
}

std::optional<double> compass_degrees(std::string_view text) {
    static constexpr std::array<std::string_view, 16> points = {"n", "nne", "ne", "ene", "e", "ese", "se", "sse",
                                                                "s", "ssw", "sw", "wsw", "w", "wnw", "nw", "nnw"};
    // Whole words before their parts: "oeste" holds "este", "norte" what is left of "noroeste". A single O is east
    // in German and west in Spanish: no name.
    static constexpr std::pair<std::string_view, std::string_view> names[] = {
        {"north", "n"},  {"norden", "n"}, {"nord", "n"}, {"norte", "n"}, {"nor", "n"}, {"south", "s"},
        {"süden", "s"},  {"süd", "s"},    {"sued", "s"}, {"sud", "s"},   {"sur", "s"}, {"oeste", "w"},
        {"westen", "w"}, {"west", "w"},   {"east", "e"}, {"osten", "e"}, {"ost", "e"}, {"este", "e"}};
    std::string word = lower(text);
    for (const auto& [name, letter] : names) {
        for (std::size_t at = word.find(name); at != std::string::npos; at = word.find(name))
            word.replace(at, name.size(), letter);
    }
    std::erase_if(word, [](char c) { return c == '-' || c == ' '; });
    const auto* const found = std::find(points.begin(), points.end(), word);
    if (found == points.end()) return std::nullopt;
    return 22.5 * double(found - points.begin());
}

/// "at", "@", "x", "×", "*" and nothing at all between amps and volts.
std::string_view without_times(std::string_view text) {
    text = without_blanks_before(text);
    for (const std::string_view word : {"at", "@", "x", "×", "*", ","}) {
        if (text.starts_with(word)) return text.substr(word.size());
    }
    return text;
}

/// The unit at the beginning of a text that goes on with another number.
std::string_view unit_before_number(std::string_view text) {
    text = without_blanks_before(text);
    std::size_t end = 0;
    std::size_t blank = 0;
    while (end < text.size() && !is_blank_at(text, end, blank) && text[end] != '@' && text[end] != ',' &&
           text[end] != '*' && !(end > 0 && (text[end] == 'x' || text.substr(end).starts_with("×"))))
        ++end;
    return text.substr(0, end);
}

/// Amps and volts together are watts.
std::optional<TypedNumber> watts(double first, std::string_view rest) {
    rest = without_blanks_before(rest);
    const std::string_view word = unit_before_number(rest);
    const auto unit = typed_unit(word);
    if (!unit || word.size() == rest.size()) return std::nullopt;
    std::string_view second = without_times(rest.substr(word.size()));
    const auto number = take_number(second);
    if (!number) return std::nullopt;
    const auto other = typed_unit(without_blanks_after(without_blanks_before(second)));
    if (!other) return std::nullopt;
    const bool both = (unit->kind == TypedKind::current && other->kind == TypedKind::voltage) ||
                      (unit->kind == TypedKind::voltage && other->kind == TypedKind::current);
    if (!both) return std::nullopt;
    return TypedNumber{first * unit->scale * *number * other->scale, "W", TypedUnit{TypedKind::power, 1.0}};
}

} // namespace

std::optional<TypedUnit> typed_unit(std::string_view word) {
    const std::string wanted = lower(word);
    const auto* const found =
        std::find_if(known_units.begin(), known_units.end(), [&](const KnownUnit& u) { return u.word == wanted; });
    if (found == known_units.end()) return std::nullopt;
    return found->unit;
}

std::optional<double> beaufort_mps(double force) {
    constexpr double mps_of_one = 0.836;
    constexpr double most_force = 12.0;
    if (!(force >= 0.0) || force > most_force) return std::nullopt;
    return mps_of_one * std::pow(force, 1.5);
}

namespace {

bool is_beaufort(std::string_view word) {
    const std::string low = lower(word);
    return low == "bft" || low == "bf" || low == "beaufort";
}

} // namespace

std::optional<TypedNumber> in_beaufort(double force) {
    const auto mps = beaufort_mps(force);
    if (!mps) return std::nullopt;
    return TypedNumber{force, "Bft", TypedUnit{TypedKind::speed, force > 0.0 ? *mps / force : 1.0}};
}

std::optional<TypedNumber> typed_number(std::string_view text) {
    text = without_blanks_after(without_blanks_before(text));
    // "Bft 4", "force 4"
    if (const auto blank = text.find(' '); blank != std::string_view::npos) {
        const std::string_view first = text.substr(0, blank);
        std::string_view rest = text.substr(blank);
        if (is_beaufort(first) || lower(first) == "force") {
            const auto force = take_number(rest);
            return force && without_blanks_before(rest).empty() ? in_beaufort(*force) : std::nullopt;
        }
    }
    if (const auto degrees = compass_degrees(text))
        return TypedNumber{*degrees, "°", TypedUnit{TypedKind::angle, 1.0}};
    const auto number = take_number(text);
    if (!number) return std::nullopt;
    const std::string_view word = without_blanks_before(text);
    if (word.empty()) return TypedNumber{*number, {}, std::nullopt};
    if (is_beaufort(word)) return in_beaufort(*number);
    if (auto power = watts(*number, word)) return power;
    return TypedNumber{*number, std::string(word), typed_unit(word)};
}

std::optional<double> in_field_unit(const TypedNumber& typed, std::string_view field_unit) {
    if (typed.word.empty() || lower(typed.word) == lower(field_unit)) return typed.number;
    const auto field = typed_unit(field_unit);
    if (typed.unit && field && field->kind == TypedKind::level && typed.unit->kind == TypedKind::power) {
        constexpr double milliwatts_per_watt = 1e3;
        const double milliwatts = milliwatts_per_watt * typed.number * typed.unit->scale;
        return milliwatts > 0.0 ? std::optional(10.0 * std::log10(milliwatts)) : std::nullopt;
    }
    if (!typed.unit || !field || typed.unit->kind != field->kind) return std::nullopt;
    return (typed.number * typed.unit->scale + typed.unit->offset - field->offset) / field->scale;
}

} // namespace sobremesa::io
