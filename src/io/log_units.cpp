#include "io/log_units.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <cstdint>

#include "core/units/constants.hpp"
#include "io/first_bytes.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;

constexpr std::array units_known = {
    Unit{"s", Dimension::time, 1.0},
    Unit{"sec", Dimension::time, 1.0},
    Unit{"seconds", Dimension::time, 1.0},
    Unit{"sek", Dimension::time, 1.0},
    Unit{"seg", Dimension::time, 1.0},
    Unit{"ms", Dimension::time, 1e-3},
    Unit{"us", Dimension::time, 1e-6},
    Unit{"µs", Dimension::time, 1e-6},
    Unit{"μs", Dimension::time, 1e-6},
    Unit{"second", Dimension::time, 1.0},
    Unit{"millis", Dimension::time, 1e-3},
    Unit{"ds", Dimension::time, 0.1},
    Unit{"cs", Dimension::time, 0.01},
    Unit{"msec", Dimension::time, 1e-3},
    Unit{"milliseconds", Dimension::time, 1e-3},
    Unit{"micros", Dimension::time, 1e-6},
    Unit{"usec", Dimension::time, 1e-6},
    Unit{"microseconds", Dimension::time, 1e-6},
    Unit{"с", Dimension::time, 1.0},
    Unit{"сек", Dimension::time, 1.0},
    Unit{"мс", Dimension::time, 1e-3},
    Unit{"мкс", Dimension::time, 1e-6},
    Unit{"秒", Dimension::time, 1.0},
    Unit{"ミリ秒", Dimension::time, 1e-3},
    Unit{"毫秒", Dimension::time, 1e-3},
    Unit{"ns", Dimension::time, 1e-9},
    Unit{"nanoseconds", Dimension::time, 1e-9},
    Unit{"100 ns", Dimension::time, 1e-7},
    Unit{"100ns", Dimension::time, 1e-7},
    Unit{"min", Dimension::time, units::seconds_per_minute},
    Unit{"minutes", Dimension::time, units::seconds_per_minute},
    Unit{"мин", Dimension::time, units::seconds_per_minute},
    Unit{"分", Dimension::time, units::seconds_per_minute},
    Unit{"h", Dimension::time, units::seconds_per_hour},
    Unit{"hours", Dimension::time, units::seconds_per_hour},
    Unit{"ч", Dimension::time, units::seconds_per_hour},
    // Serial days, as spreadsheets count them.
    Unit{"d", Dimension::time, 86400.0},
    Unit{"days", Dimension::time, 86400.0},
    Unit{"deg", Dimension::angle, 1.0},
    Unit{"degrees", Dimension::angle, 1.0},
    Unit{"grad", Dimension::angle, 1.0},
    Unit{"°", Dimension::angle, 1.0},
    Unit{"rad", Dimension::angle, 180.0 / units::pi},
    // As receivers count positions.
    Unit{"1e-7 deg", Dimension::angle, 1e-7},
    Unit{"1e-7", Dimension::angle, 1e-7},
    Unit{"1e7", Dimension::angle, 1e-7},
    Unit{"e7", Dimension::angle, 1e-7},
    Unit{"dege7", Dimension::angle, 1e-7},
    Unit{"deg*1e7", Dimension::angle, 1e-7},
    Unit{"deg1e7", Dimension::angle, 1e-7},
    Unit{"1e-6 deg", Dimension::angle, 1e-6},
    Unit{"1e6", Dimension::angle, 1e-6},
    Unit{"e6", Dimension::angle, 1e-6},
    Unit{"dege6", Dimension::angle, 1e-6},
    Unit{"deg*1e6", Dimension::angle, 1e-6},
    Unit{"microdeg", Dimension::angle, 1e-6},
    // As satellite watches count them: half a circle in 31 bits.
    Unit{"semicircles", Dimension::angle, 180.0 / 2147483648.0},
    Unit{"semicircle", Dimension::angle, 180.0 / 2147483648.0},
    // Whole hundredths, as recorders count courses.
    Unit{"cdeg", Dimension::angle, 0.01},
    Unit{"centideg", Dimension::angle, 0.01},
    Unit{"ddeg", Dimension::angle, 0.1},
    Unit{"º", Dimension::angle, 1.0},
    Unit{"degree", Dimension::angle, 1.0},
    Unit{"gradi", Dimension::angle, 1.0},
    Unit{"grados", Dimension::angle, 1.0},
    Unit{"degrés", Dimension::angle, 1.0},
    Unit{"град", Dimension::angle, 1.0},
    Unit{"度", Dimension::angle, 1.0},
    Unit{"m", Dimension::length, 1.0},
    Unit{"cm", Dimension::length, 0.01},
    Unit{"mm", Dimension::length, 0.001},
    Unit{"km", Dimension::length, 1000.0},
    Unit{"dm", Dimension::length, 0.1},
    Unit{"ft", Dimension::length, units::metres_per_foot},
    Unit{"feet", Dimension::length, units::metres_per_foot},
    Unit{"foot", Dimension::length, units::metres_per_foot},
    Unit{"meter", Dimension::length, 1.0},
    Unit{"meters", Dimension::length, 1.0},
    Unit{"metres", Dimension::length, 1.0},
    Unit{"metros", Dimension::length, 1.0},
    Unit{"mètres", Dimension::length, 1.0},
    Unit{"metri", Dimension::length, 1.0},
    Unit{"м", Dimension::length, 1.0},
    Unit{"см", Dimension::length, 0.01},
    Unit{"км", Dimension::length, 1000.0},
    Unit{"米", Dimension::length, 1.0},
    Unit{"mi", Dimension::length, units::metres_per_mile},
    Unit{"nm", Dimension::length, units::metres_per_nautical_mile},
    Unit{"nmi", Dimension::length, units::metres_per_nautical_mile},
    Unit{"m/s", Dimension::speed, 1.0},
    Unit{"mps", Dimension::speed, 1.0},
    Unit{"cm/s", Dimension::speed, 0.01},
    Unit{"km/h", Dimension::speed, units::mps_per_kmh},
    Unit{"kmh", Dimension::speed, units::mps_per_kmh},
    Unit{"kph", Dimension::speed, units::mps_per_kmh},
    Unit{"mph", Dimension::speed, units::mps_per_mph},
    Unit{"kn", Dimension::speed, units::mps_per_knot},
    Unit{"kt", Dimension::speed, units::mps_per_knot},
    Unit{"kts", Dimension::speed, units::mps_per_knot},
    Unit{"knots", Dimension::speed, units::mps_per_knot},
    Unit{"ms-1", Dimension::speed, 1.0},
    Unit{"cms", Dimension::speed, 0.01},
    Unit{"dm/s", Dimension::speed, 0.1},
    Unit{"mm/s", Dimension::speed, 0.001},
    Unit{"m/min", Dimension::speed, 1.0 / units::seconds_per_minute},
    Unit{"ft/s", Dimension::speed, units::metres_per_foot},
    Unit{"fps", Dimension::speed, units::metres_per_foot},
    Unit{"ft/min", Dimension::speed, units::metres_per_foot / units::seconds_per_minute},
    Unit{"fpm", Dimension::speed, units::metres_per_foot / units::seconds_per_minute},
    Unit{"km/hr", Dimension::speed, units::mps_per_kmh},
    Unit{"kmph", Dimension::speed, units::mps_per_kmh},
    Unit{"mi/h", Dimension::speed, units::mps_per_mph},
    Unit{"knot", Dimension::speed, units::mps_per_knot},
    Unit{"м/с", Dimension::speed, 1.0},
    Unit{"км/ч", Dimension::speed, units::mps_per_kmh},
    Unit{"米/秒", Dimension::speed, 1.0},
    Unit{"v", Dimension::voltage, 1.0},
    Unit{"volts", Dimension::voltage, 1.0},
    Unit{"volt", Dimension::voltage, 1.0},
    Unit{"mv", Dimension::voltage, 1e-3},
    Unit{"millivolt", Dimension::voltage, 1e-3},
    Unit{"millivolts", Dimension::voltage, 1e-3},
    Unit{"cv", Dimension::voltage, 1e-2},
    Unit{"dv", Dimension::voltage, 1e-1},
    Unit{"в", Dimension::voltage, 1.0},
    Unit{"мв", Dimension::voltage, 1e-3},
    Unit{"a", Dimension::current, 1.0},
    Unit{"amps", Dimension::current, 1.0},
    Unit{"amp", Dimension::current, 1.0},
    Unit{"ampere", Dimension::current, 1.0},
    Unit{"amperes", Dimension::current, 1.0},
    Unit{"amperios", Dimension::current, 1.0},
    Unit{"ma", Dimension::current, 1e-3},
    Unit{"milliamps", Dimension::current, 1e-3},
    Unit{"ca", Dimension::current, 1e-2},
    Unit{"da", Dimension::current, 1e-1},
    Unit{"а", Dimension::current, 1.0},
    Unit{"ма", Dimension::current, 1e-3},
    Unit{"ah", Dimension::charge, 1.0},
    Unit{"mah", Dimension::charge, 1e-3},
    Unit{"as", Dimension::charge, 1.0 / units::seconds_per_hour},
    Unit{"coulomb", Dimension::charge, 1.0 / units::seconds_per_hour},
    Unit{"coulombs", Dimension::charge, 1.0 / units::seconds_per_hour},
    Unit{"ач", Dimension::charge, 1.0},
    Unit{"мач", Dimension::charge, 1e-3},
    Unit{"wh", Dimension::energy, 1.0},
    Unit{"mwh", Dimension::energy, 1e-3},
    Unit{"j", Dimension::energy, 1.0 / units::seconds_per_hour},
    Unit{"kj", Dimension::energy, 1e3 / units::seconds_per_hour},
    // As MAVLink's batteries count.
    Unit{"hj", Dimension::energy, 1e2 / units::seconds_per_hour},
    Unit{"joule", Dimension::energy, 1.0 / units::seconds_per_hour},
    Unit{"joules", Dimension::energy, 1.0 / units::seconds_per_hour},
    Unit{"kwh", Dimension::energy, 1e3},
    Unit{"втч", Dimension::energy, 1.0},
    Unit{"w", Dimension::power, 1.0},
    Unit{"watt", Dimension::power, 1.0},
    Unit{"watts", Dimension::power, 1.0},
    Unit{"mw", Dimension::power, 1e-3},
    Unit{"kw", Dimension::power, 1e3},
    Unit{"вт", Dimension::power, 1.0},
    Unit{"%", Dimension::share, 0.01},
    Unit{"percent", Dimension::share, 0.01},
    Unit{"pct", Dimension::share, 0.01},
    Unit{"prozent", Dimension::share, 0.01},
    Unit{"mbit/s", Dimension::bitrate, 1.0},
    Unit{"mbit", Dimension::bitrate, 1.0},
    Unit{"mbps", Dimension::bitrate, 1.0},
    Unit{"mb/s", Dimension::bitrate, 1.0},
    Unit{"kbit/s", Dimension::bitrate, 1e-3},
    Unit{"kbps", Dimension::bitrate, 1e-3},
    Unit{"kb/s", Dimension::bitrate, 1e-3},
    Unit{"bit/s", Dimension::bitrate, 1e-6},
    Unit{"bps", Dimension::bitrate, 1e-6},
    Unit{"db", Dimension::decibel, 1.0},
    Unit{"dbm", Dimension::decibel, 1.0},
    Unit{"дб", Dimension::decibel, 1.0},
    Unit{"дбм", Dimension::decibel, 1.0},
};

/// Places in `units_known`, which has the usual unit of each quantity first, in the order of their words.
constexpr auto by_word = [] {
    static_assert(units_known.size() <= 255);
    std::array<std::uint8_t, units_known.size()> places{};
    for (std::size_t i = 0; i < places.size(); ++i) places[i] = std::uint8_t(i);
    std::sort(places.begin(), places.end(),
              [](std::uint8_t a, std::uint8_t b) { return units_known[a].word < units_known[b].word; });
    return places;
}();

constexpr std::string_view unit_word_at(std::size_t place) {
    return units_known[by_word[place]].word;
}

constexpr FirstBytes first_bytes(by_word.size(), unit_word_at);

constexpr std::array meanings = {
    Meaning{Channel::time_s, Dimension::time, 1.0, "s"},
    Meaning{Channel::latitude_deg, Dimension::angle, 1.0, "deg"},
    Meaning{Channel::longitude_deg, Dimension::angle, 1.0, "deg"},
    Meaning{Channel::height_m, Dimension::length, 1.0, "m"},
    Meaning{Channel::ground_speed_mps, Dimension::speed, 1.0, "m/s"},
    Meaning{Channel::course_deg, Dimension::angle, 1.0, "deg"},
    Meaning{Channel::heading_deg, Dimension::angle, 1.0, "deg"},
    Meaning{Channel::airspeed_mps, Dimension::speed, 1.0, "m/s"},
    Meaning{Channel::climb_mps, Dimension::speed, 1.0, "m/s"},
    Meaning{Channel::voltage_v, Dimension::voltage, 1.0, "V"},
    Meaning{Channel::cell_voltage_v, Dimension::voltage, 1.0, "V"},
    Meaning{Channel::current_a, Dimension::current, 1.0, "A"},
    Meaning{Channel::charge_ah, Dimension::charge, 1e-3, "mAh"},
    Meaning{Channel::energy_wh, Dimension::energy, 1.0, "Wh"},
    Meaning{Channel::throttle_share, Dimension::share, 0.01, "%"},
    Meaning{Channel::link_quality_share, Dimension::share, 0.01, "%"},
    Meaning{Channel::signal_dbm, Dimension::decibel, 1.0, "dBm"},
    Meaning{Channel::satellites, Dimension::count, 1.0, ""},
    Meaning{Channel::gps_height_m, Dimension::length, 1.0, "m"},
    Meaning{Channel::wind_speed_mps, Dimension::speed, 1.0, "m/s"},
    Meaning{Channel::wind_from_deg, Dimension::angle, 1.0, "deg"},
    Meaning{Channel::array_current_a, Dimension::current, 1.0, "A"},
    Meaning{Channel::motor_current_a, Dimension::current, 1.0, "A"},
    Meaning{Channel::power_w, Dimension::power, 1.0, "W"},
    Meaning{Channel::video_quality_share, Dimension::share, 0.01, "%"},
    Meaning{Channel::video_signal_dbm, Dimension::decibel, 1.0, "dBm"},
    Meaning{Channel::video_bitrate_mbit_s, Dimension::bitrate, 1.0, "Mbit/s"},
};
static_assert(meanings.size() == telemetry::channel_count);

} // namespace

const Meaning& meaning_of(Channel channel) {
    return *std::find_if(meanings.begin(), meanings.end(), [&](const Meaning& m) { return m.channel == channel; });
}

namespace {

/// Of a capital letter between U+0080 and U+07FF, Latin and Cyrillic, by the order of Unicode's blocks; others as
/// they are.
constexpr unsigned small_letter(unsigned letter) {
    // Latin-1: À to Þ, but for the sign of multiplication.
    if (letter >= 0xC0 && letter <= 0xDE && letter != 0xD7) return letter + 0x20;
    // Latin Extended-A: capitals and small ones in turn, from an even place or, in two runs, from an odd one.
    if ((letter >= 0x100 && letter <= 0x12F) || (letter >= 0x132 && letter <= 0x137) ||
        (letter >= 0x14A && letter <= 0x177))
        return letter | 1U;
    if ((letter >= 0x139 && letter <= 0x148) || (letter >= 0x179 && letter <= 0x17E))
        return letter % 2 == 1 ? letter + 1 : letter;
    // Cyrillic: Ѐ to Џ, А to Я.
    if (letter >= 0x400 && letter <= 0x40F) return letter + 0x50;
    if (letter >= 0x410 && letter <= 0x42F) return letter + 0x20;
    return letter;
}

} // namespace

std::string lower(std::string_view text) {
    std::string result(text);
    std::transform(result.begin(), result.end(), result.begin(),
                   [](unsigned char c) { return char(std::tolower(c)); });
    for (std::size_t i = 0; i + 1 < result.size(); ++i) {
        const auto first = static_cast<unsigned char>(result[i]);
        const auto second = static_cast<unsigned char>(result[i + 1]);
        // Two bytes in UTF-8 (U+0080 to U+07FF): the letters of Europe.
        constexpr unsigned two_bytes = 0xC0;
        if ((first & 0xE0U) != two_bytes || (second & 0xC0U) != 0x80U) continue;
        const unsigned small = small_letter(((first & 0x1FU) << 6U) | (second & 0x3FU));
        result[i] = char(two_bytes | (small >> 6U));
        result[i + 1] = char(0x80U | (small & 0x3FU));
        ++i;
    }
    return result;
}

namespace {

/// "10ms", "0.1 V", "100 mA": a count of them. Powers of ten only: "5v" and "12v" name a rail.
std::optional<Unit> unit_with_factor(std::string_view word) {
    const auto digits = word.find_first_not_of("0123456789.");
    if (digits == 0 || digits == std::string_view::npos) return std::nullopt;
    const auto factor = number_from_text(word.substr(0, digits));
    if (!factor || !(*factor > 0.0)) return std::nullopt;
    const double power = std::log10(*factor);
    if (*factor == 1.0 || std::abs(power - std::round(power)) > 1e-9) return std::nullopt;
    word.remove_prefix(digits);
    while (!word.empty() && (word.front() == ' ' || word.front() == '*')) word.remove_prefix(1);
    auto unit = word.empty() || (word.front() >= '0' && word.front() <= '9') ? std::nullopt : unit_from_word(word);
    if (unit) unit->scale *= *factor;
    return unit;
}

} // namespace

std::optional<Unit> unit_from_word(std::string_view word) {
    // Far longer than any: cells of a broken file may be of thousands of characters, and all their endings are
    // asked.
    constexpr std::size_t longest = 40;
    if (word.size() > longest) return std::nullopt;
    const std::size_t place = first_bytes.place_of(word, unit_word_at);
    if (place < by_word.size()) return units_known[by_word[place]];
    // "mA·h"
    constexpr std::string_view dot = "·";
    if (const auto at = word.find(dot); at != std::string_view::npos && at > 0)
        return unit_from_word(std::string(word.substr(0, at)) + std::string(word.substr(at + dot.size())));
    return unit_with_factor(word);
}

std::vector<Unit> units_of(Dimension dimension) {
    std::vector<Unit> result;
    for (const Unit& unit : units_known) {
        const bool there =
            std::any_of(result.begin(), result.end(), [&](const Unit& other) { return other.scale == unit.scale; });
        if (unit.dimension == dimension && !there) result.push_back(unit);
    }
    return result;
}

} // namespace sobremesa::io
