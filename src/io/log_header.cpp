#include "io/log_header.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <optional>

#include "core/units/constants.hpp"
#include "io/header_words.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;

constexpr double largest_degrees = 360.0;

enum class Dimension { time, angle, length, speed, voltage, current, charge, energy, share, decibel, count };

struct Unit {
    std::string_view word;
    Dimension dimension;
    double scale;
};

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
    Unit{"min", Dimension::time, units::seconds_per_minute},
    Unit{"deg", Dimension::angle, 1.0},
    Unit{"degrees", Dimension::angle, 1.0},
    Unit{"grad", Dimension::angle, 1.0},
    Unit{"°", Dimension::angle, 1.0},
    Unit{"rad", Dimension::angle, 180.0 / units::pi},
    // As receivers count positions.
    Unit{"1e-7 deg", Dimension::angle, 1e-7},
    Unit{"m", Dimension::length, 1.0},
    Unit{"cm", Dimension::length, 0.01},
    Unit{"mm", Dimension::length, 0.001},
    Unit{"km", Dimension::length, 1000.0},
    Unit{"ft", Dimension::length, units::metres_per_foot},
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
    Unit{"v", Dimension::voltage, 1.0},
    Unit{"volts", Dimension::voltage, 1.0},
    Unit{"mv", Dimension::voltage, 1e-3},
    Unit{"a", Dimension::current, 1.0},
    Unit{"amps", Dimension::current, 1.0},
    Unit{"ma", Dimension::current, 1e-3},
    Unit{"ah", Dimension::charge, 1.0},
    Unit{"mah", Dimension::charge, 1e-3},
    Unit{"wh", Dimension::energy, 1.0},
    Unit{"mwh", Dimension::energy, 1e-3},
    Unit{"%", Dimension::share, 0.01},
    Unit{"percent", Dimension::share, 0.01},
    Unit{"db", Dimension::decibel, 1.0},
    Unit{"dbm", Dimension::decibel, 1.0},
};

/// Unit taken where the header names none, by quantity: what most such logs are written in.
struct Meaning {
    Channel channel;
    Dimension dimension;
    double usual_scale;
    std::string_view usual_unit;
};

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
};

const Meaning& meaning_of(Channel channel) {
    return *std::find_if(meanings.begin(), meanings.end(), [&](const Meaning& m) { return m.channel == channel; });
}

std::string lower(std::string_view text) {
    std::string result(text);
    std::transform(result.begin(), result.end(), result.begin(),
                   [](unsigned char c) { return char(std::tolower(c)); });
    // The capital letters of western Europe are 32 before the small ones, but for the sign of multiplication.
    for (std::size_t i = 1; i < result.size(); ++i) {
        const auto second = static_cast<unsigned char>(result[i]);
        if (result[i - 1] == '\xC3' && second >= 0x80 && second <= 0x9E && second != 0x97)
            result[i] = char(second + 0x20);
    }
    return result;
}

std::optional<Unit> unit_from_word(std::string_view word) {
    const auto* const found =
        std::find_if(units_known.begin(), units_known.end(), [&](const Unit& u) { return u.word == word; });
    if (found == units_known.end()) return std::nullopt;
    return *found;
}

/// A header cell taken apart: its words, and the unit where one is written.
struct HeaderCell {
    std::vector<std::string> words;
    std::optional<Unit> unit;

    bool has(std::string_view word) const { return std::find(words.begin(), words.end(), word) != words.end(); }
    bool has_any(std::initializer_list<std::string_view> any) const {
        return std::any_of(any.begin(), any.end(), [&](std::string_view w) { return has(w); });
    }
    bool measures(Dimension dimension) const { return unit && unit->dimension == dimension; }
};

/// "BaroAlt" is two words, like "baro_alt".
std::string words_of_camel_case(std::string_view cell) {
    std::string text;
    for (std::size_t i = 0; i < cell.size(); ++i) {
        const auto here = static_cast<unsigned char>(cell[i]);
        // Two small letters before: "mV" and "mAh" are one word.
        const bool after_word = i > 1 && std::islower(static_cast<unsigned char>(cell[i - 1])) &&
                                std::islower(static_cast<unsigned char>(cell[i - 2]));
        const bool in_brackets = cell.substr(0, i).find_first_of("([") != std::string_view::npos;
        if (!in_brackets && std::isupper(here) && after_word) text += ' ';
        text += cell[i];
    }
    return text;
}

void add_words(HeaderCell& cell, std::string_view words) {
    for (std::size_t at = 0; at < words.size();) {
        const std::size_t end = std::min(words.find(' ', at), words.size());
        cell.words.emplace_back(words.substr(at, end - at));
        at = end + 1;
    }
}

HeaderCell take_apart(std::string_view cell) {
    HeaderCell result;
    std::string text = lower(words_of_camel_case(cell));
    const std::size_t open = text.find_first_of("([");
    if (open != std::string::npos) {
        const std::size_t close = text.find_first_of(")]", open);
        if (close != std::string::npos) {
            result.unit = unit_from_word(std::string_view(text).substr(open + 1, close - open - 1));
            // What is in brackets and no unit may still be words: "GPS (lat lon)".
            text[open] = ' ';
            text[close] = ' ';
            if (result.unit) text.erase(open, close - open + 1);
        }
    }
    if (!result.unit) {
        // "speed km/h", "speed_km/h", "alt/cm", "time_us": the longest ending that is a unit.
        for (std::size_t at = text.find_first_of("/_ "); at != std::string::npos;
             at = text.find_first_of("/_ ", at + 1)) {
            result.unit = unit_from_word(std::string_view(text).substr(at + 1));
            if (!result.unit) continue;
            text.resize(at);
            break;
        }
    }
    std::string word;
    for (const char c : text + " ") {
        if (std::isalnum(static_cast<unsigned char>(c)) || (static_cast<unsigned char>(c) & 0x80U)) {
            word += c;
        } else if (!word.empty()) {
            add_words(result, header_word_in_english(word));
            word.clear();
        }
    }
    return result;
}

/// Quantity of a header by its words. The order matters: "vertical speed" must be met before "speed".
std::optional<Channel> channel_from_words(const HeaderCell& cell) {
    const auto has = [&](std::initializer_list<std::string_view> any) { return cell.has_any(any); };
    if (has({"lat", "latitude"})) return Channel::latitude_deg;
    if (has({"lon", "long", "lng", "longitude"})) return Channel::longitude_deg;
    // A list of coordinates written out column by column: first latitude, then longitude.
    if (has({"coord", "coords", "coordinate", "coordinates"}) && has({"0"})) return Channel::latitude_deg;
    if (has({"coord", "coords", "coordinate", "coordinates"}) && has({"1"})) return Channel::longitude_deg;
    if (cell.measures(Dimension::charge) || has({"mah", "consumed", "consumption", "used", "charge"})) {
        return Channel::charge_ah;
    }
    if (cell.measures(Dimension::energy) || has({"energy", "wh"})) return Channel::energy_wh;
    if (has({"time", "timestamp", "elapsed", "clock"})) return Channel::time_s;
    if (has({"satellites", "satellite", "sats", "sat"})) return Channel::satellites;
    if (has({"link", "lq"}) && !cell.measures(Dimension::decibel)) return Channel::link_quality_share;
    if (has({"signal", "rssi"})) return Channel::signal_dbm;
    if (has({"throttle"})) return Channel::throttle_share;
    if (has({"climb", "vario", "vspeed", "vspd"}) || (has({"vertical", "v"}) && has({"speed"})))
        return Channel::climb_mps;
    if (has({"airspeed", "tas"}) || (has({"air"}) && has({"speed"}))) return Channel::airspeed_mps;
    if (has({"wind"})) {
        if (has({"direction", "dir", "from"}) || cell.measures(Dimension::angle)) return Channel::wind_from_deg;
        if (has({"speed", "velocity"}) || cell.measures(Dimension::speed)) return Channel::wind_speed_mps;
        return std::nullopt;
    }
    const bool is_current =
        cell.measures(Dimension::current) || (!cell.unit && has({"current", "amps", "amperage", "curr"}));
    if (is_current && has({"array", "solar", "panel", "panels"})) return Channel::array_current_a;
    if (is_current && has({"motor", "motors", "esc"})) return Channel::motor_current_a;
    if (has({"motor", "rpm", "setpoint", "target", "home"})) return std::nullopt;
    if (has({"speed", "groundspeed", "velocity", "spd", "gspd"})) return Channel::ground_speed_mps;
    if (has({"course", "cog", "track"})) return Channel::course_deg;
    if (has({"heading", "hdg", "yaw"})) return Channel::heading_deg;
    if (has({"height", "altitude", "alt", "baro", "elevation"}) && !cell.measures(Dimension::speed)) {
        return has({"gps", "gnss", "msl", "amsl"}) ? Channel::gps_height_m : Channel::height_m;
    }
    if (has({"current", "amps", "amperage", "curr"}) || cell.measures(Dimension::current))
        return Channel::current_a;
    if (has({"cell"})) return Channel::cell_voltage_v;
    if (has({"voltage", "volts", "volt", "vbat", "batt", "battery", "pack"}) &&
        (!cell.unit || cell.measures(Dimension::voltage))) {
        return Channel::voltage_v;
    }
    return std::nullopt;
}

bool looks_like_pair(std::string_view cell) {
    const auto split = cell.find(' ');
    return split != std::string_view::npos && number_from_text(cell.substr(0, split)) &&
           number_from_text(cell.substr(split + 1));
}

LogColumn understand(std::string_view header, std::string_view sample) {
    LogColumn column;
    column.header = std::string(header);
    // What this program writes itself: the stable word says channel and unit.
    if (const auto channel = telemetry::channel_from_word(header)) {
        column.kind = LogColumn::Kind::number;
        column.channel = *channel;
        return column;
    }
    const HeaderCell cell = take_apart(header);
    if (cell.has("date")) {
        column.kind = LogColumn::Kind::date;
        return column;
    }
    const bool names_position = cell.has_any({"gps", "position", "coordinates", "location"}) ||
                                (cell.has_any({"lat", "latitude"}) && cell.has_any({"lon", "long", "longitude"}));
    if (names_position && looks_like_pair(sample)) {
        column.kind = LogColumn::Kind::position_pair;
        return column;
    }
    const auto channel = channel_from_words(cell);
    if (!channel) return column;
    if (*channel == Channel::time_s && sample.find(':') != std::string_view::npos) {
        column.kind = LogColumn::Kind::clock_time;
        return column;
    }
    const Meaning& meaning = meaning_of(*channel);
    // A quantity with a unit of something else ("speed (A)") is not what its word says.
    if (cell.unit && cell.unit->dimension != meaning.dimension && meaning.dimension != Dimension::count) {
        return column;
    }
    column.kind = LogColumn::Kind::number;
    column.channel = *channel;
    column.scale = cell.unit ? cell.unit->scale : meaning.usual_scale;
    const bool unit_needed = meaning.dimension != Dimension::count && meaning.dimension != Dimension::angle &&
                             meaning.dimension != Dimension::share && meaning.dimension != Dimension::decibel;
    column.unit_assumed = !cell.unit && unit_needed;
    const bool is_position = *channel == Channel::latitude_deg || *channel == Channel::longitude_deg;
    const auto first_value = number_from_text(sample);
    if (is_position && !cell.unit && first_value && std::abs(*first_value) > largest_degrees) {
        // Whole numbers far beyond a circle: ten-millionths of a degree, as receivers count them. Said as an
        // assumption.
        column.scale = 1e-7;
        column.unit_assumed = true;
    }
    // "mAh" as a bare word is the unit itself.
    if (*channel == Channel::charge_ah && cell.has("mah")) column.unit_assumed = false;
    return column;
}

} // namespace

namespace {

/// A column whose words say nothing may still be told by its unit, where no other column is that quantity.
void take_by_unit_alone(std::vector<LogColumn>& columns, Channel channel, Dimension dimension) {
    LogColumn* candidate = nullptr;
    for (LogColumn& column : columns) {
        if (column.kind == LogColumn::Kind::number && column.channel == channel) return;
        const HeaderCell cell = take_apart(column.header);
        const bool other = cell.has_any({"cell", "air", "wind", "vertical", "motor", "target", "setpoint"});
        if (column.kind != LogColumn::Kind::ignored || !cell.measures(dimension) || other) continue;
        if (candidate) return; // two of them: which one is not for us to say
        candidate = &column;
    }
    if (!candidate) return;
    candidate->kind = LogColumn::Kind::number;
    candidate->channel = channel;
    candidate->scale = take_apart(candidate->header).unit->scale;
    candidate->quantity_assumed = true;
}

} // namespace

namespace {

constexpr std::array<std::string_view, 4> plain_meanings = {"ignored", "date", "clock", "position"};

units::Result<LogColumn> column_by_choice(const telemetry::ColumnChoice& choice) {
    const auto unknown = [&](const std::string& word, const std::vector<std::string>& allowed) {
        units::Where where;
        where.field = choice.header;
        std::string list;
        for (const std::string& each : allowed) list += (list.empty() ? "" : ", ") + each;
        return units::failure(units::ErrorCode::word_unknown, where, {{"word", word}, {"allowed", list}});
    };
    LogColumn column;
    column.header = choice.header;
    column.chosen = true;
    if (choice.meaning == "ignored") return column;
    if (choice.meaning == "date") column.kind = LogColumn::Kind::date;
    if (choice.meaning == "clock") column.kind = LogColumn::Kind::clock_time;
    if (choice.meaning == "position") column.kind = LogColumn::Kind::position_pair;
    if (column.kind != LogColumn::Kind::ignored) return column;
    const auto channel = telemetry::channel_from_word(choice.meaning);
    if (!channel) return unknown(choice.meaning, column_meanings());
    column.kind = LogColumn::Kind::number;
    column.channel = *channel;
    const Meaning& meaning = meaning_of(*channel);
    column.scale = meaning.usual_scale;
    if (choice.unit.empty()) {
        // The unit of the header holds where there is one.
        const HeaderCell cell = take_apart(choice.header);
        if (cell.unit && cell.unit->dimension == meaning.dimension) column.scale = cell.unit->scale;
        return column;
    }
    const auto unit = unit_from_word(lower(choice.unit));
    if (!unit || unit->dimension != meaning.dimension) return unknown(choice.unit, column_units(choice.meaning));
    column.scale = unit->scale;
    return column;
}

} // namespace

units::Result<std::vector<LogColumn>> understand_header(const std::vector<std::string_view>& header,
                                                        const std::vector<std::string_view>& first_row,
                                                        const std::vector<telemetry::ColumnChoice>& choices) {
    std::vector<LogColumn> columns;
    std::array<bool, telemetry::channel_count> channel_seen{};
    std::array<bool, 5> kind_seen{};
    const auto seen = [&](const LogColumn& column) -> bool& {
        return column.kind == LogColumn::Kind::number ? channel_seen[std::size_t(column.channel)]
                                                      : kind_seen[std::size_t(column.kind)];
    };
    // What the pilot chose is met first: a column that only its words make the same must give way.
    std::vector<std::optional<LogColumn>> chosen(header.size());
    for (std::size_t i = 0; i < header.size() && !choices.empty(); ++i) {
        const auto choice =
            std::find_if(choices.begin(), choices.end(), [&](const auto& c) { return c.header == header[i]; });
        if (choice == choices.end()) continue;
        auto column = column_by_choice(*choice);
        if (!column) return tl::unexpected(column.error());
        if (column->kind != LogColumn::Kind::ignored) {
            if (seen(*column)) column->kind = LogColumn::Kind::ignored;
            seen(*column) = true;
        }
        chosen[i] = std::move(*column);
    }
    for (std::size_t i = 0; i < header.size(); ++i) {
        if (chosen[i]) {
            columns.push_back(std::move(*chosen[i]));
            continue;
        }
        LogColumn column = understand(header[i], i < first_row.size() ? first_row[i] : std::string_view());
        if (column.kind != LogColumn::Kind::ignored) {
            if (seen(column))
                column.kind = LogColumn::Kind::ignored;
            else
                seen(column) = true;
        }
        columns.push_back(std::move(column));
    }
    take_by_unit_alone(columns, Channel::voltage_v, Dimension::voltage);
    take_by_unit_alone(columns, Channel::ground_speed_mps, Dimension::speed);
    // A height that only the GPS has is the height.
    const auto gps = std::find_if(columns.begin(), columns.end(), [](const LogColumn& c) {
        return c.kind == LogColumn::Kind::number && c.channel == Channel::gps_height_m && !c.chosen &&
               c.header != telemetry::channel_word(Channel::gps_height_m);
    });
    if (gps != columns.end() && !channel_seen[std::size_t(Channel::height_m)]) gps->channel = Channel::height_m;
    return columns;
}

std::vector<std::string> column_meanings() {
    std::vector<std::string> words(plain_meanings.begin(), plain_meanings.end());
    for (std::size_t i = 0; i < telemetry::channel_count; ++i)
        words.emplace_back(telemetry::channel_word(static_cast<Channel>(i)));
    return words;
}

std::vector<std::string> column_units(const std::string& meaning_word) {
    const auto channel = telemetry::channel_from_word(meaning_word);
    if (!channel) return {};
    const Meaning& meaning = meaning_of(*channel);
    std::vector<std::string> words;
    if (!meaning.usual_unit.empty()) words.emplace_back(meaning.usual_unit);
    std::vector<double> scales = {meaning.usual_scale};
    for (const Unit& unit : units_known) {
        // One word for each scale: "km/h", not "kmh" and "kph" as well.
        if (unit.dimension != meaning.dimension ||
            std::find(scales.begin(), scales.end(), unit.scale) != scales.end())
            continue;
        words.emplace_back(unit.word);
        scales.push_back(unit.scale);
    }
    return words;
}

telemetry::ColumnChoice choice_of(const LogColumn& column) {
    telemetry::ColumnChoice choice;
    choice.header = column.header;
    switch (column.kind) {
    case LogColumn::Kind::ignored: choice.meaning = "ignored"; break;
    case LogColumn::Kind::date: choice.meaning = "date"; break;
    case LogColumn::Kind::clock_time: choice.meaning = "clock"; break;
    case LogColumn::Kind::position_pair: choice.meaning = "position"; break;
    case LogColumn::Kind::number: {
        choice.meaning = telemetry::channel_word(column.channel);
        const Meaning& meaning = meaning_of(column.channel);
        choice.unit = meaning.usual_unit;
        if (column.scale == meaning.usual_scale) break;
        for (const Unit& unit : units_known) {
            if (unit.dimension != meaning.dimension || unit.scale != column.scale) continue;
            choice.unit = unit.word;
            break;
        }
        break;
    }
    }
    return choice;
}

int recognised_cells(const std::vector<std::string_view>& cells) {
    return int(std::count_if(cells.begin(), cells.end(), [](std::string_view text) {
        const HeaderCell cell = take_apart(text);
        return !number_from_text(text) && (cell.has_any({"date", "gps", "position"}) || channel_from_words(cell));
    }));
}

} // namespace sobremesa::io
