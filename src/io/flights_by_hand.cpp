#include "io/flights_by_hand.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>

#include "core/units/constants.hpp"
#include "io/column_shape.hpp"
#include "io/csv_layout.hpp"
#include "io/csv_table.hpp"
#include "io/header_cell.hpp"
#include "io/text_number.hpp"
#include "io/typed_number.hpp"

namespace sobremesa::io {

namespace {

using units::ErrorCode;

/// Names of how long it flew, among words that alone are the clock's.
bool names_flying_time(std::string_view name) {
    constexpr std::array<std::string_view, 12> names = {
        "flight time", "flighttime", "flying time", "air time",        "airtime",      "time of flight",
        "total time",  "flugzeit",   "flugdauer",   "tiempo de vuelo", "temps de vol", "tempo di volo"};
    return std::any_of(names.begin(), names.end(),
                       [&](std::string_view one) { return name.find(one) != std::string_view::npos; });
}

/// How long the charger took says nothing of the flight.
bool names_charging(std::string_view name) {
    constexpr std::array<std::string_view, 3> names = {"charg", "lade", "carga"};
    return std::any_of(names.begin(), names.end(),
                       [&](std::string_view one) { return name.find(one) != std::string_view::npos; });
}

/// Volts of anything.
bool names_volts(const HeaderCell& header) {
    return header.has_any<"voltage", "volts", "volt", "v", "cell", "cells">() ||
           header.measures(Dimension::voltage);
}

/// @param name  as it is written, in small letters
HandField field_of(const HeaderCell& header, std::string_view name) {
    const bool highest = header.has_any<"highest", "max", "maximum", "peak", "top", "fastest", "höchste",
                                        "höchster", "máx", "máxima", "maximal", "maximale">();
    if (header.has_any<"note", "notes", "remark", "remarks", "comment", "notiz", "notizen", "bemerkung", "nota",
                       "notas", "comentario", "remarque">())
        return HandField::note;
    if (header.has_any<"reading", "readings", "underway", "unterwegs", "messwerte", "lecturas", "trayecto",
                       "relevés">() ||
        (header.has("on") && header.has("way")))
        return HandField::readings;
    if (header.measures(Dimension::time) && names_charging(name)) return HandField::unknown;
    if (header.has_any<"temp", "temperature", "height", "altitude">()) return HandField::unknown;
    if (header.has_any<"recharged", "recharge", "charged", "charger", "nachgeladen", "geladen", "recargado",
                       "recarga", "rechargé", "back", "refilled", "refill">())
        return HandField::recharged;
    if (header.has_any<"aircraft", "craft", "model", "plane", "flugzeug", "modell", "avión", "avion", "aeronave",
                       "modelo", "aéronef", "modèle">())
        return HandField::aircraft;
    if (header.has("wind")) return HandField::wind;
    // "rest" is what remains, in German; of volts it is neither.
    if (header.has_any<"resting", "rested", "rest", "ruhespannung", "ruhe", "reposo", "repos", "pause", "pausa",
                       "wartezeit", "espera">() ||
        (header.has("remaining") && names_volts(header)))
        return header.measures(Dimension::time) ? HandField::rest : HandField::resting_volts;
    if (names_flying_time(name)) return HandField::duration;
    if (header.has_any<"lowest", "min", "minimum", "niedrigste", "mín", "mínima", "minimale">() &&
        names_volts(header))
        return HandField::lowest_volts;
    if (header.has_any<"landed", "landing", "touchdown", "end", "ended", "until", "gelandet", "landung", "ende",
                       "aterrizaje", "fin", "atterrissage">() &&
        !names_volts(header) && !header.unit)
        return HandField::landed;
    if (header.has_any<"took", "takeoff", "launch", "launched", "departure", "uhrzeit", "abflug", "despegue",
                       "salida", "décollage">() &&
        !header.unit)
        return HandField::clock;
    if (header.has_any<"date", "day">()) return HandField::date;
    if (header.has_any<"farthest", "furthest">() || (highest && header.has_any<"distance", "dist", "range">()))
        return HandField::farthest;
    if (header.has_any<"distance", "dist", "way", "flown", "km", "kilometres", "kilometers", "miles", "mi">() &&
        !header.measures(Dimension::time) && !header.measures(Dimension::speed))
        return HandField::distance;
    if (header.measures(Dimension::length)) return HandField::distance;
    if (header.has("speed") || header.measures(Dimension::speed)) return HandField::highest_speed;
    if (header.has_any<"current", "amps">() || header.measures(Dimension::current))
        return HandField::highest_current;
    if (header.has_any<"used", "consumed", "mah", "charge", "consumption">() || header.measures(Dimension::charge))
        return HandField::used;
    if (header.has_any<"duration", "minutes", "elapsed", "flown", "armed">() || header.measures(Dimension::time))
        return HandField::duration;
    if (header.has_any<"clock", "time", "start", "begun">()) return HandField::clock;
    if (header.has_any<"pack", "battery">()) return HandField::pack;
    if (header.has_any<"flight", "name", "flug", "vuelo", "vol">()) return HandField::name;
    return HandField::unknown;
}

/// Dimension and usual scale of a field's numbers.
struct Measured {
    Dimension dimension;
    double usual;
};
Measured measured(HandField field) {
    switch (field) {
    case HandField::duration:
    case HandField::rest: return {Dimension::time, units::seconds_per_minute};
    case HandField::used:
    case HandField::recharged: return {Dimension::charge, 1e-3};
    case HandField::highest_current: return {Dimension::current, 1.0};
    case HandField::distance:
    case HandField::farthest: return {Dimension::length, units::metres_per_kilometre};
    case HandField::highest_speed: return {Dimension::speed, units::mps_per_kmh};
    case HandField::wind: return {Dimension::speed, 1.0};
    default: return {Dimension::voltage, 1.0};
    }
}

bool is_number_field(HandField field) {
    switch (field) {
    case HandField::unknown:
    case HandField::date:
    case HandField::clock:
    case HandField::landed:
    case HandField::name:
    case HandField::aircraft:
    case HandField::pack:
    case HandField::readings:
    case HandField::note: return false;
    default: return true;
    }
}

tl::unexpected<units::Error> not_read(std::string_view given, const char* wanted, const units::Where& place) {
    return units::failure(ErrorCode::json_wrong_type, place,
                          {{"wanted", std::string(wanted)}, {"given", as_utf8(given)}});
}

/// "21'30", "21' 30''", "21'": minutes and seconds as they are written by hand, s.
std::optional<double> primes_s(std::string_view text) {
    text = trimmed(text);
    const auto prime = text.find('\'');
    if (prime == std::string_view::npos) return std::nullopt;
    const auto minutes = number_from_text(trimmed(text.substr(0, prime)));
    std::string_view rest = trimmed(text.substr(prime + 1));
    while (!rest.empty() && (rest.back() == '"' || rest.back() == '\'')) rest.remove_suffix(1);
    const auto seconds = rest.empty() ? std::optional(0.0) : number_from_text(trimmed(rest));
    if (!minutes || !seconds || *seconds < 0.0 || *seconds >= units::seconds_per_minute) return std::nullopt;
    return *minutes * units::seconds_per_minute + *seconds;
}

units::Result<double> number(const HandCell& cell, const units::Where& place) {
    const Dimension dimension = measured(cell.field).dimension;
    double value = 0.0;
    // "21:30" of a stopwatch, "1:02:30".
    const bool hours = std::count(cell.text.begin(), cell.text.end(), ':') > 1;
    if (dimension == Dimension::time &&
        parse_clock(cell.text, hours ? ClockForm::hours_first : ClockForm::minutes_first, value))
        return value;
    if (const auto primes = dimension == Dimension::time ? primes_s(cell.text) : std::nullopt) {
        value = *primes;
    } else if (const auto written = number_with_unit(cell.text)) {
        if (written->unit.dimension != dimension) return not_read(cell.text, "number in a cell", place);
        value = written->value * written->unit.scale;
    } else if (const auto plain = number_from_text(cell.text)) {
        value = *plain * cell.scale;
    } else if (dimension != Dimension::time || !parse_clock(cell.text, ClockForm::hours_first, value)) {
        return not_read(cell.text, "number in a cell", place); // not "41m 30s" either
    }
    constexpr double most = 1e7;
    if (!(value >= 0.0 && value <= most))
        return units::failure(ErrorCode::value_out_of_range, place,
                              {{"value", value}, {"least", 0.0}, {"most", most}});
    return value;
}

/// "15 km/h W", "SW 4", "3 bft": the number of a wind among where it comes from, m/s.
std::optional<double> felt_wind_mps(const HandCell& cell) {
    std::string words;
    bool beaufort = false;
    std::string_view rest = cell.text;
    while (!(rest = trimmed(rest)).empty()) {
        const auto end = std::min(rest.find_first_of(" \t,;"), rest.size());
        std::string word(rest.substr(0, end));
        rest.remove_prefix(std::min(end + 1, rest.size()));
        std::transform(word.begin(), word.end(), word.begin(),
                       [](unsigned char c) { return char(std::tolower(c)); });
        const bool compass = word.find_first_not_of("neswo") == std::string::npos;
        if (word == "bft" || word == "bf" || word == "beaufort" || word == "force")
            beaufort = true;
        else if (!compass && word != "from" && word != "aus" && word != "de" && word != "del")
            words += (words.empty() ? "" : " ") + word;
    }
    if (words.ends_with("bft")) {
        beaufort = true;
        words.resize(words.size() - 3);
    }
    if (beaufort) {
        const auto force = number_from_text(trimmed(words));
        return force ? beaufort_mps(*force) : std::nullopt;
    }
    if (const auto written = number_with_unit(words);
        written && written->unit.dimension == Dimension::speed && written->value >= 0.0)
        return written->value * written->unit.scale;
    if (const auto plain = number_from_text(words); plain && *plain >= 0.0) return *plain * cell.scale;
    return std::nullopt;
}

void put(HandField field, double value, HandFlight& flight) {
    book::HandFigures& hand = *flight.kept.by_hand;
    switch (field) {
    case HandField::duration: hand.duration_s = value; break;
    case HandField::used: hand.charge_ah = value; break;
    case HandField::highest_current: hand.highest_current_a = value; break;
    case HandField::distance: hand.ground_m = value; break;
    case HandField::farthest: hand.farthest_m = value; break;
    case HandField::highest_speed: hand.highest_speed_mps = value; break;
    case HandField::lowest_volts: hand.lowest_voltage_v = value; break;
    case HandField::resting_volts: flight.kept.rested_cell_v = value; break;
    case HandField::rest: flight.kept.rest_s = value; break;
    case HandField::recharged: flight.kept.recharged_ah = value; break;
    case HandField::wind: hand.wind_mps = value; break;
    default: break;
    }
}

/// What the rest of a row hangs on: words, and when it was.
struct WhenAndWords {
    double date_s = 0.0;
    double clock_s = 0.0;
    bool dated = false;
};

/// @return true where the cell was one of these
units::Result<bool> take_words(const HandCell& cell, DateOrder dates, const units::Where& place, HandFlight& flight,
                               WhenAndWords& when) {
    switch (cell.field) {
    case HandField::unknown:
    case HandField::landed: return true;
    case HandField::name: flight.kept.name = as_utf8(cell.text); return true;
    case HandField::aircraft: flight.aircraft = as_utf8(cell.text); return true;
    case HandField::pack: flight.pack = as_utf8(cell.text); return true;
    case HandField::readings: {
        auto readings = noted_readings_from(cell.text, place);
        if (!readings) return tl::unexpected(readings.error());
        flight.kept.by_hand->readings = std::move(*readings);
        return true;
    }
    case HandField::note:
        flight.kept.note += (flight.kept.note.empty() ? "" : "; ") + as_utf8(cell.text);
        return true;
    case HandField::date:
        // Where a table has dates in several orders, each is what it can be.
        for (const DateOrder order : {dates, DateOrder::day_first, DateOrder::year_first, DateOrder::month_first}) {
            when.dated = parse_date(cell.text, order, when.date_s);
            if (when.dated) return true;
        }
        return not_read(cell.text, "date", place);
    case HandField::clock:
        if (!parse_clock(cell.text, ClockForm::without_seconds, when.clock_s))
            return not_read(cell.text, "time of day", place);
        return true;
    default: return false;
    }
}

/// Lines that are looked at for the names of the columns.
constexpr std::size_t most_lines_above = 10;

/// A copied row is cut at tabs, whatever its notes hold; else at what cuts a line of the first ones into most.
char notebook_delimiter(std::string_view text) {
    char delimiter = ',';
    std::ptrdiff_t most = 0;
    for (std::size_t line = 0; line <= most_lines_above && !text.empty(); ++line) {
        const std::string_view first = text.substr(0, text.find('\n'));
        text.remove_prefix(std::min(first.size() + 1, text.size()));
        if (first.find('\t') != std::string_view::npos) return '\t';
        for (const char candidate : {';', '|', ','}) {
            const auto count = std::count(first.begin(), first.end(), candidate);
            if (count <= most) continue;
            most = count;
            delimiter = candidate;
        }
    }
    return delimiter;
}

} // namespace

namespace {

constexpr std::string_view apart_from_next = ";|\n\r";

/// "10:30" is a stopwatch's.
bool is_stopwatch(std::string_view number, double& seconds) {
    if (number.find(':') == std::string_view::npos) return false;
    const bool hours = std::count(number.begin(), number.end(), ':') > 1;
    return parse_clock(number, hours ? ClockForm::hours_first : ClockForm::minutes_first, seconds);
}

std::optional<double>* slot_of(telemetry::NotedReading& reading, Dimension dimension) {
    switch (dimension) {
    case Dimension::time: return &reading.time_s;
    case Dimension::charge: return &reading.charge_ah;
    case Dimension::voltage: return &reading.voltage_v;
    case Dimension::current: return &reading.current_a;
    case Dimension::length: return &reading.ground_m;
    default: return nullptr;
    }
}

units::Result<telemetry::NotedReading> noted_reading_from(std::string_view text, const units::Where& place) {
    const auto wrong = [&] { return not_read(text, "readings", place); };
    constexpr std::string_view digits = "+-0123456789.,:";
    constexpr std::string_view blanks = " \t/";
    telemetry::NotedReading reading;
    std::size_t at = 0;
    while ((at = text.find_first_not_of(blanks, at)) != std::string_view::npos) {
        const std::size_t number_end = std::min(text.find_first_not_of(digits, at), text.size());
        std::string_view number = text.substr(at, number_end - at);
        if (number.empty()) return wrong();
        // A comma behind a number ends it.
        const bool listed = number.ends_with(',');
        if (listed) number.remove_suffix(1);
        const std::size_t unit_begin = std::min(text.find_first_not_of(" \t", number_end), text.size());
        const std::size_t unit_end =
            listed ? number_end : std::min(text.find_first_of(" \t/,0123456789", unit_begin), text.size());
        const std::string_view unit =
            listed || unit_begin >= unit_end ? std::string_view() : text.substr(unit_begin, unit_end - unit_begin);
        double value = 0.0;
        std::optional<double>* slot = nullptr;
        if (is_stopwatch(number, value)) {
            slot = &reading.time_s;
            at = number_end;
        } else {
            const auto written = number_with_unit(std::string(number) + " " + std::string(unit));
            if (!written) return wrong();
            value = written->value * written->unit.scale;
            slot = slot_of(reading, written->unit.dimension);
            at = text.find_first_not_of(',', unit_end);
        }
        if (!slot || *slot || !(value >= 0.0) || !std::isfinite(value)) return wrong();
        *slot = value;
        if (at == std::string_view::npos) break;
    }
    return reading;
}

} // namespace

units::Result<std::vector<telemetry::NotedReading>> noted_readings_from(std::string_view text,
                                                                        const units::Where& place) {
    std::vector<telemetry::NotedReading> readings;
    for (std::size_t at = 0; at <= text.size();) {
        const std::size_t end = std::min(text.find_first_of(apart_from_next, at), text.size());
        const std::string_view one = trimmed(text.substr(at, end - at));
        at = end + 1;
        if (one.empty()) continue;
        const auto reading = noted_reading_from(one, place);
        if (!reading) return tl::unexpected(reading.error());
        readings.push_back(*reading);
    }
    if (readings.size() > telemetry::most_noted_readings) {
        return units::failure(
            ErrorCode::value_out_of_range, place,
            {{"value", double(readings.size())}, {"least", 0.0}, {"most", double(telemetry::most_noted_readings)}});
    }
    return readings;
}

std::string text_of_readings(const std::vector<telemetry::NotedReading>& readings) {
    std::string text;
    for (const auto& reading : readings) {
        std::string one;
        const auto add = [&](const std::optional<double>& value, double scale, int decimals, const char* unit) {
            if (value) one += (one.empty() ? "" : " ") + text_from_number(*value / scale, decimals) + " " + unit;
        };
        constexpr double milli = 1e-3;
        add(reading.time_s, units::seconds_per_minute, 1, "min");
        add(reading.charge_ah, milli, 0, "mAh");
        add(reading.voltage_v, 1.0, 2, "V");
        add(reading.current_a, 1.0, 1, "A");
        add(reading.ground_m, units::metres_per_kilometre, 2, "km");
        if (!one.empty()) text += (text.empty() ? "" : "; ") + one;
    }
    return text;
}

double hand_scale(HandField field) {
    return measured(field).usual;
}

units::Result<HandFlight> hand_flight(const std::vector<HandCell>& cells, DateOrder dates,
                                      const units::Where& row) {
    HandFlight flight;
    flight.line = row.line.value_or(1);
    flight.kept.by_hand.emplace();
    WhenAndWords when;
    for (const HandCell& as_written : cells) {
        HandCell cell = as_written;
        cell.text = std::string(trimmed(cell.text));
        if (means_missing(cell.text)) continue;
        units::Where place = row;
        place.field = cell.column;
        const auto words = take_words(cell, dates, place, flight, when);
        if (!words) return tl::unexpected(words.error());
        if (*words) continue;
        auto value = number(cell, place);
        if (!value && cell.field == HandField::wind) {
            // As felt it may be a word, or bear where it comes from: what the number does not hold goes into the
            // note.
            const auto felt = felt_wind_mps(cell);
            if (!felt && cell.text.find_first_of("0123456789") != std::string::npos)
                return tl::unexpected(value.error());
            std::string& note = flight.kept.note;
            note += (note.empty() ? "" : "; ") + as_utf8(cell.column) + ": " + as_utf8(cell.text);
            if (!felt) continue;
            value = *felt;
        }
        if (!value) return tl::unexpected(value.error());
        put(cell.field, *value, flight);
    }
    if (when.dated) flight.kept.start_clock_s = when.date_s + when.clock_s;
    const book::HandFigures& hand = *flight.kept.by_hand;
    if (!hand.duration_s && !hand.charge_ah && !hand.ground_m && !flight.kept.recharged_ah) {
        units::Where place = row;
        place.field = "duration, used, distance, recharged";
        return units::failure(ErrorCode::value_missing, place);
    }
    return flight;
}

namespace {

/// "1.950" of a table with decimal commas is nearly two thousand.
void take_grouping_out(HandTable& table) {
    std::vector<ColumnCells> columns(table.fields.size());
    for (const HandTable::Row& row : table.rows) {
        for (std::size_t c = 0; c < columns.size(); ++c)
            columns[c].push_back(c < row.cells.size() ? std::string_view(row.cells[c]) : std::string_view());
    }
    const std::vector<char> signs = grouping_of_columns(columns);
    for (HandTable::Row& row : table.rows) {
        for (std::size_t c = 0; c < std::min(columns.size(), row.cells.size()); ++c) {
            if (signs[c] != 0 && is_number_field(table.fields[c]))
                row.cells[c] = without_grouping(row.cells[c], signs[c]);
        }
    }
}

/// "time" over "21.5" is how long it flew, not when; where another column says that, it stays.
void numbers_are_no_clock(HandTable& table) {
    if (std::find(table.fields.begin(), table.fields.end(), HandField::duration) != table.fields.end()) return;
    for (std::size_t c = 0; c < table.fields.size(); ++c) {
        if (table.fields[c] != HandField::clock) continue;
        std::size_t numbers = 0;
        std::size_t filled = 0;
        for (const HandTable::Row& row : table.rows) {
            const std::string_view cell = c < row.cells.size() ? trimmed(row.cells[c]) : std::string_view();
            if (means_missing(cell)) continue;
            ++filled;
            const auto written = number_with_unit(cell);
            // "25 min 10 s"; of a clock only "9:30 am" has letters.
            double seconds = 0.0;
            const bool in_words = cell.find(':') == std::string_view::npos &&
                                  cell.find_first_of("ms") != std::string_view::npos &&
                                  parse_clock(cell, ClockForm::hours_first, seconds);
            const bool long_as = number_from_text(cell) || primes_s(cell) || in_words ||
                                 (written && written->unit.dimension == Dimension::time);
            numbers += long_as ? 1 : 0;
        }
        if (filled == 0 || numbers < filled) continue;
        table.fields[c] = HandField::duration;
        table.scales[c] = hand_scale(HandField::duration);
        return;
    }
}

} // namespace

namespace {

/// As many as there are where no column holds it.
std::size_t column_with(const HandTable& table, HandField field) {
    return std::size_t(std::find(table.fields.begin(), table.fields.end(), field) - table.fields.begin());
}

/// "0:41" is of hours and minutes where what was flown or drawn in 41 s could not be.
void stopwatches_may_have_hours(HandTable& table) {
    const std::size_t duration = column_with(table, HandField::duration);
    if (duration == table.fields.size()) return;
    const auto is_short = [](const std::string& cell) { return std::count(cell.begin(), cell.end(), ':') == 1; };
    const auto per_second = [&](const HandTable::Row& row, HandField field) {
        const std::size_t at = column_with(table, field);
        double seconds = 0.0;
        if (at == table.fields.size() || std::max(at, duration) >= row.cells.size() ||
            !is_short(row.cells[duration]) ||
            !parse_clock(trimmed(row.cells[duration]), ClockForm::minutes_first, seconds) || !(seconds > 0.0))
            return 0.0;
        const auto value =
            number({field, std::string(trimmed(row.cells[at])), table.scales[at], {}}, units::Where{});
        return value ? *value / seconds : 0.0;
    };
    constexpr double fastest_mps = 80.0;
    constexpr double most_ah_per_s = 200.0 / units::seconds_per_hour;
    const bool impossible = std::any_of(table.rows.begin(), table.rows.end(), [&](const HandTable::Row& row) {
        return per_second(row, HandField::distance) > fastest_mps ||
               per_second(row, HandField::used) > most_ah_per_s ||
               per_second(row, HandField::recharged) > most_ah_per_s;
    });
    if (!impossible) return;
    for (HandTable::Row& row : table.rows) {
        if (duration < row.cells.size() && is_short(row.cells[duration])) row.cells[duration] += ":00";
    }
}

/// The clock at the landing less the clock at the launch, past midnight too, where nothing else says how long it
/// was.
void landings_are_durations(HandTable& table) {
    const std::size_t landed = column_with(table, HandField::landed);
    const std::size_t clock = column_with(table, HandField::clock);
    if (landed == table.fields.size()) return;
    if (clock == table.fields.size() || column_with(table, HandField::duration) < table.fields.size()) {
        table.fields[landed] = HandField::unknown;
        return;
    }
    table.fields[landed] = HandField::duration;
    table.scales[landed] = units::seconds_per_minute;
    for (HandTable::Row& row : table.rows) {
        if (std::max(landed, clock) >= row.cells.size()) continue;
        double from_s = 0.0;
        double to_s = 0.0;
        std::string& cell = row.cells[landed];
        // Otherwise it stays, and is refused as no duration.
        if (!parse_clock(trimmed(row.cells[clock]), ClockForm::without_seconds, from_s) ||
            !parse_clock(trimmed(cell), ClockForm::without_seconds, to_s))
            continue;
        constexpr double day_s = 86400.0;
        const double flown_s = to_s - from_s + (to_s < from_s ? day_s : 0.0);
        cell = text_from_number(flown_s / units::seconds_per_minute, 2);
    }
}

std::string in_small_letters(std::string text) {
    std::transform(text.begin(), text.end(), text.begin(), [](unsigned char c) { return char(std::tolower(c)); });
    return text;
}

/// The fields that a line names, where it names enough of them.
bool take_names(const std::vector<std::string>& cells, std::size_t least, HandTable& table) {
    std::size_t known = 0;
    bool values = false;
    for (const std::string& cell : cells) {
        const HeaderCell header = take_apart(as_utf8(cell));
        const HandField field = field_of(header, in_small_letters(as_utf8(cell)));
        const Measured what = measured(field);
        table.fields.push_back(field);
        table.heads.push_back(cell);
        double scale = header.unit && header.unit->dimension == what.dimension ? header.unit->scale : what.usual;
        if (field == HandField::distance && header.has_any<"miles", "mi">()) scale = units::metres_per_mile;
        table.scales.push_back(scale);
        known += field != HandField::unknown ? 1 : 0;
        // "22 min" is a flight's.
        const std::string_view written = trimmed(cell);
        values = values || (!written.empty() && written.front() >= '0' && written.front() <= '9');
    }
    if (known >= least && !values) return true;
    table.fields.clear();
    table.heads.clear();
    table.scales.clear();
    return false;
}

} // namespace

HandTable hand_table(const std::string& text) {
    HandTable table;
    const std::string_view whole = std::string_view(text).substr(text.starts_with("\xEF\xBB\xBF") ? 3 : 0);
    auto rows = csv_rows(std::string(whole), notebook_delimiter(whole));
    // Remarks, and empty rows, as spreadsheets give them along.
    std::erase_if(rows, [](const auto& row) {
        return (!row.cells.empty() && trimmed(row.cells.front()).starts_with('#')) ||
               std::all_of(row.cells.begin(), row.cells.end(),
                           [](const std::string& cell) { return trimmed(cell).empty(); });
    });
    std::size_t first = 0;
    // Below a title the names must be more, or words of a note would be taken for them.
    for (std::size_t i = 0; i < std::min(rows.size(), most_lines_above); ++i) {
        if (!take_names(rows[i].cells, i == 0 ? 2 : 3, table)) continue;
        first = i + 1;
        break;
    }
    for (std::size_t i = first; i < rows.size(); ++i) table.rows.push_back({rows[i].cells, rows[i].line});
    take_grouping_out(table);
    numbers_are_no_clock(table);
    landings_are_durations(table);
    stopwatches_may_have_hours(table);
    return table;
}

DateOrder hand_date_order(const std::vector<std::string>& dates, bool* doubtful) {
    unsigned possible = 7;
    for (const std::string& date : dates) {
        if (means_missing(trimmed(date))) continue;
        const unsigned orders = possible_date_orders(trimmed(date));
        if ((possible & orders) != 0) possible &= orders;
    }
    const auto can = [&](DateOrder order) { return (possible & (1U << unsigned(order))) != 0; };
    if (doubtful) {
        *doubtful = can(DateOrder::day_first) && can(DateOrder::month_first) &&
                    std::any_of(dates.begin(), dates.end(), [](const std::string& date) {
                        double one = 0.0;
                        double other = 0.0;
                        return parse_date(trimmed(date), DateOrder::day_first, one) &&
                               parse_date(trimmed(date), DateOrder::month_first, other) && one != other;
                    });
    }
    for (const DateOrder order : {DateOrder::day_first, DateOrder::month_first}) {
        if (can(order)) return order;
    }
    return DateOrder::year_first;
}

units::Result<std::vector<HandFlight>> flights_by_hand(const std::string& text, const std::string& from,
                                                       std::vector<units::Diagnostic>* said) {
    const HandTable table = hand_table(text);
    for (std::size_t c = 0; said && c < table.fields.size(); ++c) {
        if (table.fields[c] == HandField::unknown && !table.heads[c].empty()) {
            said->push_back({units::DiagnosticCode::column_not_understood,
                             units::Severity::note,
                             {{"column", as_utf8(table.heads[c])}}});
        }
    }
    units::Where row;
    row.file = from;
    row.line = 1;
    if (table.fields.empty()) {
        if (table.rows.empty()) return units::failure(ErrorCode::file_empty, row);
        return units::failure(ErrorCode::no_header, row,
                              {{"example", std::string("Date, Time, Distance (km), Used (mAh)")}});
    }
    std::vector<std::string> dates;
    for (const HandTable::Row& cells : table.rows) {
        for (std::size_t i = 0; i < std::min(table.fields.size(), cells.cells.size()); ++i)
            if (table.fields[i] == HandField::date) dates.push_back(cells.cells[i]);
    }
    const DateOrder order = hand_date_order(dates);
    std::vector<HandFlight> flights;
    std::optional<units::Error> first_empty;
    double empty = 0.0;
    for (const HandTable::Row& written : table.rows) {
        std::vector<HandCell> cells;
        for (std::size_t i = 0; i < std::min(table.fields.size(), written.cells.size()); ++i)
            cells.push_back({table.fields[i], written.cells[i], table.scales[i], table.heads[i]});
        row.line = written.line;
        auto flight = hand_flight(cells, order, row);
        if (!flight && flight.error().code == ErrorCode::value_missing) {
            if (!first_empty) first_empty = flight.error();
            ++empty;
            continue;
        }
        if (!flight) return tl::unexpected(flight.error());
        flights.push_back(std::move(*flight));
    }
    if (!first_empty) return flights;
    if (flights.empty()) return tl::unexpected(*first_empty);
    // A day without a flight is in many a notebook.
    if (said) {
        said->push_back({units::DiagnosticCode::records_unreadable,
                         units::Severity::warning,
                         {{"records", empty}, {"line", double(first_empty->where.line.value_or(1))}}});
    }
    return flights;
}

} // namespace sobremesa::io
