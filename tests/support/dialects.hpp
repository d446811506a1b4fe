#pragma once

// One flight, and the many ways in which instruments and spreadsheets write it down. Nothing here is shared with
// the reader: units, dates and angles are written by arithmetic of their own.

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <random>
#include <string>
#include <vector>

namespace sobremesa::tests {

/// The flight, as it was.
struct FlownRow {
    double time_s = 0.0;
    double north_m = 0.0;
    double east_m = 0.0;
    double latitude_deg = 0.0;
    double longitude_deg = 0.0;
    double height_m = 0.0;
    double speed_mps = 0.0;
    double course_deg = 0.0;
    double volts = 0.0;
    double amps = 0.0;
    double used_mah = 0.0;
    double used_wh = 0.0;
    double distance_m = 0.0;
};

inline std::vector<FlownRow> flown(double rate_hz = 5.0, double minutes = 12.0, double latitude_deg = 47.12345,
                                   double longitude_deg = 11.45678) {
    std::vector<FlownRow> rows;
    std::mt19937 random(7);
    std::normal_distribution<double> gust(0.0, 1.0);
    const double step = 1.0 / rate_hz;
    FlownRow here;
    here.latitude_deg = latitude_deg;
    here.longitude_deg = longitude_deg;
    constexpr double pi = 3.14159265358979323846;
    const double metres_per_degree = 111195.0; // of a sphere of 6371 km
    double wobble = 0.0;
    const auto count = int(minutes * 60.0 * rate_hz);
    for (int i = 0; i <= count; ++i) {
        const double t = i * step;
        wobble += step * (0.8 * gust(random) - 0.5 * wobble);
        const double speed = t < 4.0 ? 0.0 : 14.0 + 2.0 * std::sin(t / 37.0) + 0.3 * wobble;
        const double course = 40.0 + 150.0 * std::sin(t / 140.0);
        const double amps = t < 4.0 ? 0.4 : 6.0 + 2.0 * std::sin(t / 23.0) + 0.6 * wobble;
        if (i > 0) {
            const double metres = 0.5 * (here.speed_mps + speed) * step;
            here.north_m += metres * std::cos(course * pi / 180.0);
            here.east_m += metres * std::sin(course * pi / 180.0);
            here.distance_m += metres;
            const double charge_mah = 0.5 * (here.amps + amps) * step / 3.6;
            here.used_mah += charge_mah;
            here.used_wh += charge_mah * here.volts / 1000.0;
        }
        here.time_s = t;
        here.latitude_deg = latitude_deg + here.north_m / metres_per_degree;
        here.longitude_deg = longitude_deg + here.east_m / metres_per_degree / std::cos(latitude_deg * pi / 180.0);
        here.height_m = 60.0 + 40.0 * std::sin(t / 60.0);
        here.speed_mps = speed;
        here.course_deg = std::fmod(course + 360.0, 360.0);
        here.amps = amps;
        here.volts = 16.7 - 1.9 * here.used_mah / 1500.0 - 0.03 * amps;
        rows.push_back(here);
    }
    return rows;
}

enum class TimeStyle {
    seconds,
    milliseconds,
    microseconds,
    nanoseconds,
    bare_seconds, // no unit, no more than the word
    bare_milliseconds,
    bare_microseconds,
    minutes,
    iso_t,
    iso_blank,
    iso_comma,
    iso_utc,
    iso_offset,
    iso_basic,
    fourteen_digits,
    date_and_clock,
    slashes_year_first,
    day_first_dots,
    day_first_slashes,
    month_first_slashes,
    two_digit_year,
    month_by_name,
    one_cell_day_first,
    one_cell_twelve_hours,
    clock,
    clock_over_midnight,
    clock_with_colon_milliseconds,
    twelve_hours,
    minutes_and_seconds,
    clock_of_digits,
    clock_and_milliseconds,
    since_1970_s,
    since_1970_ms,
    since_1970_us,
    since_1970_ns,
    spreadsheet_days,
    c_library,
    // What follows: each part in a column of its own, a clock before its date, dates as mail and web servers have
    // them.
    parts,
    parts_and_milliseconds,
    minutes_and_seconds_apart,
    clock_before_date,
    twelve_hours_before_date,
    mail,
    web_server,
    shell,
    // Counts from other zeros than 1970, time zones by name, and what is in brackets or characters.
    ticks_since_1601,
    ticks_since_year_1,
    julian_days,
    zone_by_letters,
    zone_by_place,
    script,
    in_brackets,
    day_of_year,
    underscores,
    in_characters,
    halves_in_characters,
    count,
};

enum class HeaderStyle {
    brackets,
    square_brackets,
    snake_case,
    camel_case,
    slash,
    hyphen,
    unit_row,
    units_in_cells,
    abbreviations,
    bare,
    german,
    spanish,
    french,
    italian,
    portuguese,
    dutch,
    group_row,
    comment,
    quoted,
    capitals,
    none,
    count,
};

enum class PositionStyle {
    degrees,
    longitude_first,
    one_cell,
    one_quoted_cell,
    ten_millionths,
    arc_letters,
    minutes_letters,
    compact_minutes,
    metres,
    count
};

enum class UnitStyle { si, kmh_feet, knots_metres, scaled, count };
enum class ColumnStyle {
    all,
    no_speed,
    counter_and_volts,
    no_counter,
    power_and_volts,
    energy_and_volts,
    distractors,
    count
};
enum class Encoding { utf8, utf8_mark, utf16_little, utf16_big, windows1252, count };
enum class LineEnd { lf, crlf, cr, count };

struct Dialect {
    TimeStyle time = TimeStyle::seconds;
    HeaderStyle header = HeaderStyle::brackets;
    PositionStyle position = PositionStyle::degrees;
    UnitStyle units = UnitStyle::si;
    ColumnStyle columns = ColumnStyle::all;
    /// ',' ';' '\t' '|' or ' '.
    char delimiter = ',';
    bool decimal_comma = false;
    Encoding encoding = Encoding::utf8;
    LineEnd line_end = LineEnd::lf;
    bool trailing_delimiter = false;
    bool preamble = false;

    std::string name() const {
        char text[120];
        std::snprintf(text, sizeof text,
                      "time %d, header %d, place %d, units %d, columns %d, '%c'%s, encoding %d, end %d%s%s",
                      int(time), int(header), int(position), int(units), int(columns),
                      delimiter == '\t' ? 't' : delimiter, decimal_comma ? " comma" : "", int(encoding),
                      int(line_end), trailing_delimiter ? ", trailing" : "", preamble ? ", preamble" : "");
        return text;
    }
};

/// Writes the flight in a dialect.
class DialectWriter {
public:
    explicit DialectWriter(const Dialect& dialect) : d_(dialect) {}

    std::string write(const std::vector<FlownRow>& rows) {
        std::string text;
        if (d_.preamble) text += line("Flight recorder, made up") + line("Serial: 0042") + line("");
        if (d_.position == PositionStyle::metres) text += line("# home: 47.12345 11.45678");
        add_columns();
        if (d_.header == HeaderStyle::group_row) text += row_of(groups_);
        if (d_.header != HeaderStyle::none)
            text += (d_.header == HeaderStyle::comment ? "# " : "") + row_of(names_);
        if (d_.header == HeaderStyle::unit_row) text += row_of(units_);
        for (const FlownRow& row : rows) {
            cells_.clear();
            write_row(row);
            text += row_of(cells_);
        }
        return encoded(text);
    }

private:
    struct Quantity {
        const char* english;
        const char* snake;
        const char* camel;
        const char* shorter;
        std::array<const char*, 6> other; // German, Spanish, French, Italian, Portuguese, Dutch
        const char* group;
    };

    std::string line(const std::string& text) const {
        switch (d_.line_end) {
        case LineEnd::crlf: return text + "\r\n";
        case LineEnd::cr: return text + "\r";
        default: return text + "\n";
        }
    }

    std::string row_of(const std::vector<std::string>& cells) const {
        std::string text;
        for (std::size_t i = 0; i < cells.size(); ++i) {
            if (i > 0) text += d_.delimiter;
            const bool quote = cells[i].find(d_.delimiter) != std::string::npos ||
                               d_.header == HeaderStyle::quoted || cells[i].find('"') != std::string::npos;
            std::string cell = cells[i];
            if (quote) {
                std::string doubled;
                for (const char c : cell) doubled += c == '"' ? std::string("\"\"") : std::string(1, c);
                cell = "\"" + doubled + "\"";
            }
            text += cell;
        }
        if (d_.trailing_delimiter) text += d_.delimiter;
        return line(text);
    }

    void name(const Quantity& q, const std::string& unit) {
        std::string text;
        const auto style = d_.header;
        switch (style) {
        case HeaderStyle::square_brackets:
            text = std::string(q.english) + (unit.empty() ? "" : "[" + unit + "]");
            break;
        case HeaderStyle::snake_case:
            text = std::string(q.snake) + (unit.empty() ? "" : "_" + word_of(unit));
            break;
        case HeaderStyle::camel_case: text = std::string(q.camel) + (unit.empty() ? "" : " (" + unit + ")"); break;
        case HeaderStyle::slash: text = std::string(q.english) + (unit.empty() ? "" : "/" + unit); break;
        case HeaderStyle::hyphen: text = std::string(q.english) + (unit.empty() ? "" : " - " + unit); break;
        case HeaderStyle::unit_row:
        case HeaderStyle::units_in_cells: text = q.english; break;
        case HeaderStyle::bare: text = q.english; break;
        case HeaderStyle::abbreviations:
            text = std::string(q.shorter) + (unit.empty() ? "" : "(" + unit + ")");
            break;
        case HeaderStyle::german:
        case HeaderStyle::spanish:
        case HeaderStyle::french:
        case HeaderStyle::italian:
        case HeaderStyle::portuguese:
        case HeaderStyle::dutch:
            text = std::string(q.other[std::size_t(style) - std::size_t(HeaderStyle::german)]) +
                   (unit.empty() ? "" : " (" + unit + ")");
            break;
        case HeaderStyle::capitals:
            text = std::string(q.english) + (unit.empty() ? "" : " (" + unit + ")");
            for (std::size_t i = 0; i < std::min(text.size(), text.find('(')); ++i)
                text[i] = char(std::toupper(static_cast<unsigned char>(text[i])));
            break;
        default: text = std::string(q.english) + (unit.empty() ? "" : " (" + unit + ")"); break;
        }
        if (d_.delimiter == ' ') {
            for (char& c : text) c = c == ' ' ? '_' : c;
        }
        names_.push_back(text);
        units_.push_back(unit);
        groups_.push_back(groups_.empty() || last_group_ != q.group ? q.group : "");
        last_group_ = q.group;
    }

    static std::string word_of(const std::string& unit) {
        if (unit == "km/h") return "kmh";
        if (unit == "m/s") return "mps";
        return unit;
    }

    void add_columns() {
        const auto t = d_.time;
        const Quantity time{"time", "time", "Time", "Time", {"Zeit", "tiempo", "temps", "tempo", "tempo", "tijd"},
                            ""};
        const Quantity date{"date", "date", "Date", "Date", {"Datum", "fecha", "date", "data", "data", "datum"},
                            ""};
        switch (t) {
        case TimeStyle::seconds: name(time, "s"); break;
        case TimeStyle::milliseconds: name(time, "ms"); break;
        case TimeStyle::microseconds: name(time, "us"); break;
        case TimeStyle::nanoseconds: name(time, "ns"); break;
        case TimeStyle::minutes: name(time, "min"); break;
        case TimeStyle::julian_days:
            name({"Julian date",
                  "Julian date",
                  "Julian date",
                  "JD",
                  {"Julian date", "Julian date", "Julian date", "Julian date", "Julian date", "Julian date"},
                  ""},
                 "");
            break;
        case TimeStyle::date_and_clock:
        case TimeStyle::slashes_year_first:
        case TimeStyle::day_first_dots:
        case TimeStyle::day_first_slashes:
        case TimeStyle::month_first_slashes:
        case TimeStyle::two_digit_year:
        case TimeStyle::month_by_name:
            name(date, "");
            name(time, "");
            break;
        case TimeStyle::clock_and_milliseconds:
            name(time, "");
            name({"milliseconds", "milliseconds", "Milliseconds", "ms", {"ms", "ms", "ms", "ms", "ms", "ms"}, ""},
                 "");
            break;
        case TimeStyle::parts:
        case TimeStyle::parts_and_milliseconds:
            name({"year", "year", "Year", "yr", {"Jahr", "año", "année", "anno", "ano", "jaar"}, ""}, "");
            name({"month", "month", "Month", "mon", {"Monat", "mes", "mois", "mese", "mês", "maand"}, ""}, "");
            name({"day", "day", "Day", "dd", {"Tag", "día", "jour", "giorno", "dia", "dag"}, ""}, "");
            name({"hour", "hour", "Hour", "hh", {"Stunde", "hora", "heure", "ora", "hora", "uur"}, ""}, "");
            [[fallthrough]];
        case TimeStyle::minutes_and_seconds_apart:
            name({"minute",
                  "minute",
                  "Minute",
                  "min",
                  {"Minute", "minuto", "minute", "minuto", "minuto", "minuut"},
                  ""},
                 "");
            name({"second",
                  "second",
                  "Second",
                  "sec",
                  {"Sekunde", "segundo", "seconde", "secondo", "segundo", "seconde"},
                  ""},
                 "");
            if (t == TimeStyle::parts_and_milliseconds)
                name({"milliseconds",
                      "milliseconds",
                      "Milliseconds",
                      "ms",
                      {"ms", "ms", "ms", "ms", "ms", "ms"},
                      ""},
                     "");
            break;
        default: name(time, ""); break;
        }
        if (d_.columns == ColumnStyle::distractors) {
            name({"flight mode",
                  "flight_mode",
                  "FlightMode",
                  "FM",
                  {"Modus", "modo", "mode", "modo", "modo", "modus"},
                  ""},
                 "");
            name({"receiver voltage",
                  "receiver_voltage",
                  "ReceiverVoltage",
                  "RxBt",
                  {"Empfänger Spannung", "receiver tensión", "receiver tension", "receiver tensione",
                   "receiver tensão", "receiver spanning"},
                  "radio"},
                 "V");
            name({"pitch", "pitch", "Pitch", "Ptch", {"Nick", "pitch", "pitch", "pitch", "pitch", "pitch"}, ""},
                 "deg");
            name({"distance to home",
                  "home_distance",
                  "HomeDistance",
                  "HDst",
                  {"home distanz", "home distancia", "home distance", "home distanza", "home distância",
                   "home afstand"},
                  ""},
                 "m");
        }
        add_position();
        const bool kmh = d_.units == UnitStyle::kmh_feet;
        const bool scaled = d_.units == UnitStyle::scaled;
        const bool knots = d_.units == UnitStyle::knots_metres;
        name({"altitude",
              "baro_alt",
              "BaroAlt",
              "Alt",
              {"Höhe", "altitud", "altitude", "altitudine", "altitude", "hoogte"},
              "baro"},
             kmh      ? "ft"
             : scaled ? "cm"
                      : "m");
        if (d_.columns != ColumnStyle::no_speed)
            name({"ground speed",
                  "ground_speed",
                  "GroundSpeed",
                  "GSpd",
                  {"Geschwindigkeit", "velocidad", "vitesse", "velocità", "velocidade", "snelheid"},
                  "GPS"},
                 kmh      ? "km/h"
                 : scaled ? "cm/s"
                 : knots  ? "kts"
                          : "m/s");
        name({"voltage",
              "battery_voltage",
              "PackVoltage",
              "VBat",
              {"Spannung", "tensión", "tension", "tensione", "tensão", "spanning"},
              "battery"},
             scaled ? "mV" : "V");
        if (has_current())
            name({"current",
                  "current",
                  "Current",
                  "Curr",
                  {"Strom", "corriente", "courant", "corrente", "corrente", "stroom"},
                  "battery"},
                 scaled ? "mA" : "A");
        if (d_.columns == ColumnStyle::power_and_volts)
            name({"power",
                  "power",
                  "Power",
                  "Pwr",
                  {"Leistung", "potencia", "puissance", "potenza", "potência", "vermogen"},
                  "battery"},
                 "W");
        if (d_.columns == ColumnStyle::energy_and_volts)
            name({"energy",
                  "energy",
                  "Energy",
                  "Energy",
                  {"Energie", "energía", "énergie", "energia", "energia", "energie"},
                  "battery"},
                 scaled ? "J"
                 : kmh  ? "mWh"
                        : "Wh");
        if (has_counter())
            name({"consumed",
                  "used",
                  "UsedCapacity",
                  "Capa",
                  {"Verbrauch", "consumo", "consommation", "consumo", "consumo", "verbruik"},
                  "battery"},
                 "mAh");
    }

    void add_position() {
        const Quantity latitude{"latitude",
                                "lat",
                                "GpsLat",
                                "Lat",
                                {"Breite", "latitud", "latitude", "latitudine", "latitude", "breedtegraad"},
                                "GPS"};
        const Quantity longitude{"longitude",
                                 "lon",
                                 "GpsLon",
                                 "Lon",
                                 {"Länge", "longitud", "longitude", "longitudine", "longitude", "lengtegraad"},
                                 "GPS"};
        switch (d_.position) {
        case PositionStyle::longitude_first:
            name(longitude, "");
            name(latitude, "");
            break;
        case PositionStyle::one_cell:
        case PositionStyle::one_quoted_cell:
            name({"GPS", "gps", "GPS", "GPS", {"GPS", "GPS", "GPS", "GPS", "GPS", "GPS"}, "GPS"}, "");
            break;
        case PositionStyle::compact_minutes:
            name(latitude, "");
            name({"N/S", "ns", "NS", "NS", {"NS", "NS", "NS", "NS", "NS", "NS"}, "GPS"}, "");
            name(longitude, "");
            name({"E/W", "ew", "EW", "EW", {"EW", "EW", "EW", "EW", "EW", "EW"}, "GPS"}, "");
            break;
        case PositionStyle::metres:
            name({"north",
                  "north",
                  "North",
                  "North",
                  {"north", "north", "north", "north", "north", "north"},
                  "local"},
                 "m");
            name({"east", "east", "East", "East", {"east", "east", "east", "east", "east", "east"}, "local"}, "m");
            break;
        default: name(latitude, ""); name(longitude, "");
        }
    }

    bool has_current() const {
        return d_.columns != ColumnStyle::counter_and_volts && d_.columns != ColumnStyle::power_and_volts &&
               d_.columns != ColumnStyle::energy_and_volts;
    }
    bool has_counter() const {
        return d_.columns != ColumnStyle::no_counter && d_.columns != ColumnStyle::power_and_volts &&
               d_.columns != ColumnStyle::energy_and_volts;
    }

    std::string number(double value, int decimals) const {
        char text[64];
        std::snprintf(text, sizeof text, "%.*f", decimals, value);
        std::string result = text;
        if (d_.decimal_comma) {
            for (char& c : result) c = c == '.' ? ',' : c;
        }
        return result;
    }

    void put(double value, int decimals, const char* unit = "") {
        std::string text = number(value, decimals);
        if (d_.header == HeaderStyle::units_in_cells && *unit)
            text += (d_.delimiter == ' ' ? "" : " ") + std::string(unit);
        cells_.push_back(text);
    }

    /// 2026-05-21 14:03:20 and so many seconds.
    struct Calendar {
        int day = 0, hour = 0, minute = 0;
        double second = 0.0;
    };
    Calendar at(double t) const {
        double of_day = (d_.time == TimeStyle::clock_over_midnight ? 23.0 * 3600.0 + 55.0 * 60.0 : 50600.0) + t;
        of_day = std::round(of_day * 1000.0) / 1000.0;
        Calendar c;
        c.day = 21 + int(of_day / 86400.0);
        of_day = std::fmod(of_day, 86400.0);
        c.hour = int(of_day / 3600.0);
        c.minute = int(std::fmod(of_day, 3600.0) / 60.0);
        c.second = std::fmod(of_day, 60.0);
        return c;
    }

    template <class... Arguments>
    static std::string text(const char* format, Arguments... arguments) {
        char buffer[96];
        std::snprintf(buffer, sizeof buffer, format, arguments...);
        return buffer;
    }

    void put_time(double t) {
        const Calendar c = at(t);
        const double since_1970 = 1779321600.0 + 50600.0 + t; // 2026-05-21 is day 20594 since 1970
        const int thousandths = int(std::lround((c.second - std::floor(c.second)) * 1000.0));
        const int whole = int(c.second);
        const auto clock = text("%02d:%02d:%06.3f", c.hour, c.minute, c.second);
        const int half_day = c.hour % 12 == 0 ? 12 : c.hour % 12;
        const char* half = c.hour < 12 ? "AM" : "PM";
        switch (d_.time) {
        case TimeStyle::seconds: return put(t, 3, "s");
        case TimeStyle::milliseconds: return put(t * 1e3, 0, "ms");
        case TimeStyle::microseconds: return put(t * 1e6 + 5e6, 0, "us");
        case TimeStyle::nanoseconds: return put(t * 1e9, 0, "ns");
        case TimeStyle::bare_seconds: return put(t, 2);
        case TimeStyle::bare_milliseconds: return put(t * 1e3 + 3456.0, 0);
        case TimeStyle::bare_microseconds: return put(t * 1e6, 0);
        case TimeStyle::minutes: return put(t / 60.0, 5, "min");
        case TimeStyle::iso_t: return cell(text("2026-05-%02dT%s", c.day, clock.c_str()));
        case TimeStyle::iso_blank: return cell(text("2026-05-%02d %s", c.day, clock.c_str()));
        case TimeStyle::iso_comma:
            return cell(text("2026-05-%02dT%02d:%02d:%02d,%03d", c.day, c.hour, c.minute, whole, thousandths));
        case TimeStyle::iso_utc: return cell(text("2026-05-%02dT%sZ", c.day, clock.c_str()));
        case TimeStyle::iso_offset: return cell(text("2026-05-%02dT%s+02:00", c.day, clock.c_str()));
        case TimeStyle::iso_basic:
            return cell(text("202605%02dT%02d%02d%02d.%03dZ", c.day, c.hour, c.minute, whole, thousandths));
        case TimeStyle::fourteen_digits:
            return cell(text("202605%02d%02d%02d%02d.%03d", c.day, c.hour, c.minute, whole, thousandths));
        case TimeStyle::date_and_clock: cell(text("2026-05-%02d", c.day)); return cell(clock);
        case TimeStyle::slashes_year_first: cell(text("2026/05/%02d", c.day)); return cell(clock);
        case TimeStyle::day_first_dots: cell(text("%02d.05.2026", c.day)); return cell(clock);
        case TimeStyle::day_first_slashes: cell(text("%d/5/2026", c.day)); return cell(clock);
        case TimeStyle::month_first_slashes:
            cell(text("5/%d/2026", c.day));
            return cell(text("%d:%02d:%06.3f %s", half_day, c.minute, c.second, half));
        case TimeStyle::two_digit_year: cell(text("%02d.05.26", c.day)); return cell(clock);
        case TimeStyle::month_by_name: cell(text("%02d-May-2026", c.day)); return cell(clock);
        case TimeStyle::one_cell_day_first: return cell(text("%02d.05.2026 %s", c.day, clock.c_str()));
        case TimeStyle::one_cell_twelve_hours:
            return cell(text("5/%d/2026 %d:%02d:%06.3f %s", c.day, half_day, c.minute, c.second, half));
        case TimeStyle::clock: return cell(clock);
        case TimeStyle::clock_over_midnight: return cell(clock);
        case TimeStyle::clock_with_colon_milliseconds:
            return cell(text("%02d:%02d:%02d:%03d", c.hour, c.minute, whole, thousandths));
        case TimeStyle::twelve_hours: return cell(text("%02d:%02d:%06.3f %s", half_day, c.minute, c.second, half));
        case TimeStyle::minutes_and_seconds: return cell(text("%02d:%04.1f", int(t / 60.0), std::fmod(t, 60.0)));
        case TimeStyle::clock_of_digits: return cell(text("%02d%02d%06.3f", c.hour, c.minute, c.second));
        case TimeStyle::clock_and_milliseconds:
            cell(text("%02d:%02d:%02d", c.hour, c.minute, whole));
            return cell(text("%d", thousandths));
        case TimeStyle::since_1970_s: return put(since_1970, 3);
        case TimeStyle::since_1970_ms: return put(since_1970 * 1e3, 0);
        case TimeStyle::since_1970_us: return put(since_1970 * 1e6, 0);
        case TimeStyle::since_1970_ns: return put(since_1970 * 1e9, 0);
        case TimeStyle::spreadsheet_days: return put(46163.0 + (50600.0 + t) / 86400.0, 9);
        case TimeStyle::c_library:
            return cell(text("Thu May %d %02d:%02d:%02d 2026", c.day, c.hour, c.minute, whole));
        case TimeStyle::parts:
        case TimeStyle::parts_and_milliseconds:
            for (const int part : {2026, 5, c.day, c.hour, c.minute}) cell(text("%d", part));
            if (d_.time == TimeStyle::parts) return put(c.second, 3);
            cell(text("%d", whole));
            return cell(text("%d", thousandths));
        case TimeStyle::minutes_and_seconds_apart:
            cell(text("%d", int(t / 60.0)));
            return put(std::fmod(t, 60.0), 1);
        case TimeStyle::clock_before_date: return cell(text("%s %02d.05.2026", clock.c_str(), c.day));
        case TimeStyle::twelve_hours_before_date:
            return cell(text("%d:%02d:%06.3f %s 5/%d/2026", half_day, c.minute, c.second, half, c.day));
        case TimeStyle::mail: return cell(text("Thu, %d May 2026 %s +0200", c.day, clock.c_str()));
        case TimeStyle::web_server: return cell(text("%d/May/2026:%s +0000", c.day, clock.c_str()));
        case TimeStyle::shell:
            return cell(text("Thu May %d %02d:%02d:%02d %s CEST 2026", c.day, half_day, c.minute, whole, half));
        // 1601 and the year 1 lie 11 644 473 600 and 62 135 596 800 s before 1970, the Julian period 2 440 587.5
        // days.
        case TimeStyle::ticks_since_1601: return cell(ticks(11644473600, since_1970));
        case TimeStyle::ticks_since_year_1: return cell(ticks(62135596800, since_1970));
        case TimeStyle::julian_days: return put(2440587.5 + since_1970 / 86400.0, 8);
        case TimeStyle::zone_by_letters: return cell(text("2026-05-%02d %s CEST", c.day, clock.c_str()));
        case TimeStyle::zone_by_place: return cell(text("%02d.05.2026 %s Europe/Zurich", c.day, clock.c_str()));
        case TimeStyle::script:
            return cell(
                text("Thu May %d 2026 %02d:%02d:%02d GMT+0200 (Summer Time)", c.day, c.hour, c.minute, whole));
        case TimeStyle::in_brackets: return cell(text("[%s]", clock.c_str()));
        case TimeStyle::day_of_year: return cell(text("2026-%03dT%s", 120 + c.day, clock.c_str()));
        case TimeStyle::underscores:
            return cell(text("2026_05_%02d_%02d_%02d_%06.3f", c.day, c.hour, c.minute, c.second));
        case TimeStyle::in_characters:
            return cell(text("2026年05月%02d日 %02d時%02d分%02d秒", c.day, c.hour, c.minute, whole));
        case TimeStyle::halves_in_characters:
            return cell(text("2026. 5. %d. %s %d:%02d:%02d", c.day, c.hour < 12 ? "오전" : "오후", half_day,
                             c.minute, whole));
        case TimeStyle::count: break;
        }
    }

    /// Tenths of a microsecond, from so many seconds before 1970 on: more digits than a double has.
    static std::string ticks(long long before_1970_s, double since_1970) {
        const auto whole = static_cast<long long>(since_1970);
        const auto rest = std::lround((since_1970 - double(whole)) * 1e4) * 1000;
        return std::to_string((before_1970_s + whole) * 10000000 + rest);
    }

    void cell(const std::string& text) {
        std::string result = text;
        if (d_.delimiter == ' ') {
            for (char& c : result) c = c == ' ' ? 'T' : c;
        }
        cells_.push_back(result);
    }

    void put_position(const FlownRow& r) {
        const double a = r.latitude_deg;
        const double b = r.longitude_deg;
        const auto minutes = [](double degrees) { return (degrees - std::floor(degrees)) * 60.0; };
        switch (d_.position) {
        case PositionStyle::degrees:
            put(a, 7, "°");
            put(b, 7, "°");
            break;
        case PositionStyle::longitude_first:
            put(b, 7);
            put(a, 7);
            break;
        case PositionStyle::one_cell: cells_.push_back(text("%.7f %.7f", a, b)); break;
        case PositionStyle::one_quoted_cell: cells_.push_back(text("%.7f, %.7f", a, b)); break;
        case PositionStyle::ten_millionths:
            put(a * 1e7, 0);
            put(b * 1e7, 0);
            break;
        case PositionStyle::arc_letters: {
            const double m = minutes(a);
            const double n = minutes(b);
            cells_.push_back(text("%d°%02d'%07.4f\"N", int(a), int(m), (m - int(m)) * 60.0));
            cells_.push_back(text("%d°%02d'%07.4f\"E", int(b), int(n), (n - int(n)) * 60.0));
            break;
        }
        case PositionStyle::minutes_letters:
            cells_.push_back(text(d_.delimiter == ' ' ? "N%02d°%08.5f" : "N%02d %08.5f", int(a), minutes(a)));
            cells_.push_back(text(d_.delimiter == ' ' ? "E%03d°%08.5f" : "E%03d %08.5f", int(b), minutes(b)));
            break;
        case PositionStyle::compact_minutes:
            cells_.push_back(text("%02d%08.5f", int(a), minutes(a)));
            cells_.push_back("N");
            cells_.push_back(text("%03d%08.5f", int(b), minutes(b)));
            cells_.push_back("E");
            break;
        case PositionStyle::metres:
            put(r.north_m, 2, "m");
            put(r.east_m, 2, "m");
            break;
        case PositionStyle::count: break;
        }
    }

    void write_row(const FlownRow& r) {
        put_time(r.time_s);
        const bool kmh = d_.units == UnitStyle::kmh_feet;
        const bool scaled = d_.units == UnitStyle::scaled;
        const bool knots = d_.units == UnitStyle::knots_metres;
        if (d_.columns == ColumnStyle::distractors) {
            cells_.push_back(r.time_s < 30.0 ? "ANGLE" : "CRUISE");
            put(5.02 + 0.01 * std::sin(r.time_s), 2, "V");
            put(3.0 * std::sin(r.time_s / 3.0), 1, "°");
            put(std::hypot(r.north_m, r.east_m), 0, "m");
        }
        put_position(r);
        if (kmh)
            put(r.height_m / 0.3048, 1, "ft");
        else if (scaled)
            put(r.height_m * 100.0, 0, "cm");
        else
            put(r.height_m, 1, "m");
        if (d_.columns != ColumnStyle::no_speed) {
            if (kmh)
                put(r.speed_mps * 3.6, 1, "km/h");
            else if (scaled)
                put(r.speed_mps * 100.0, 0, "cm/s");
            else if (knots)
                put(r.speed_mps * 3600.0 / 1852.0, 2, "kts");
            else
                put(r.speed_mps, 2, "m/s");
        }
        if (scaled)
            put(r.volts * 1000.0, 0, "mV");
        else
            put(r.volts, 2, "V");
        if (has_current()) {
            if (scaled)
                put(r.amps * 1000.0, 0, "mA");
            else
                put(r.amps, 2, "A");
        }
        if (d_.columns == ColumnStyle::power_and_volts) put(r.volts * r.amps, 1, "W");
        if (d_.columns == ColumnStyle::energy_and_volts) {
            if (scaled)
                put(r.used_wh * 3600.0, 0, "J");
            else if (kmh)
                put(r.used_wh * 1000.0, 0, "mWh");
            else
                put(r.used_wh, 3, "Wh");
        }
        if (has_counter()) put(r.used_mah, 0, "mAh");
    }

    std::string encoded(const std::string& utf8) const {
        switch (d_.encoding) {
        case Encoding::utf8_mark: return "\xEF\xBB\xBF" + utf8;
        case Encoding::windows1252: {
            std::string result;
            for (std::size_t i = 0; i < utf8.size(); ++i) {
                const auto u = static_cast<unsigned char>(utf8[i]);
                if (u == 0xC2 || u == 0xC3) {
                    const auto next = static_cast<unsigned char>(utf8[++i]);
                    result += char(u == 0xC2 ? next : next + 0x40);
                } else {
                    result += char(u);
                }
            }
            return result;
        }
        case Encoding::utf16_little:
        case Encoding::utf16_big: {
            const bool big = d_.encoding == Encoding::utf16_big;
            std::string result = big ? "\xFE\xFF" : "\xFF\xFE";
            for (std::size_t i = 0; i < utf8.size(); ++i) {
                unsigned code = static_cast<unsigned char>(utf8[i]);
                const auto follow = [&] { return static_cast<unsigned char>(utf8[++i]) & 0x3FU; };
                if (code >= 0xE0) {
                    const unsigned high = (code & 0x0FU) << 12U;
                    const unsigned middle = follow() << 6U;
                    code = high | middle | follow();
                } else if (code >= 0xC0) {
                    const unsigned high = (code & 0x1FU) << 6U;
                    code = high | follow();
                }
                result += char(big ? code >> 8U : code & 0xFFU);
                result += char(big ? code & 0xFFU : code >> 8U);
            }
            return result;
        }
        default: return utf8;
        }
    }

    Dialect d_;
    std::vector<std::string> names_;
    std::vector<std::string> units_;
    std::vector<std::string> groups_;
    std::string last_group_ = "none";
    std::vector<std::string> cells_;
};

} // namespace sobremesa::tests
