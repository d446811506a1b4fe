#include "io/flights_by_hand.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/units/constants.hpp"
#include "io/cell_forms.hpp"
#include "io/csv_layout.hpp"
#include "io/csv_table.hpp"
#include "io/header_cell.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using units::ErrorCode;

enum class Field {
    unknown,
    date,
    clock,
    name,
    aircraft,
    pack,
    duration,
    used,
    highest_current,
    distance,
    farthest,
    highest_speed,
    lowest_volts,
    resting_volts,
    rest,
    recharged,
    wind,
    note
};

Field field_of(const HeaderCell& header) {
    const auto has = [&](std::initializer_list<std::string_view> any) { return header.has_any(any); };
    const bool highest = has({"highest", "max", "maximum", "peak", "top", "fastest"});
    if (has({"note", "notes", "remark", "remarks", "comment"})) return Field::note;
    if (has({"recharged", "recharge", "charged", "charger"})) return Field::recharged;
    if (has({"aircraft", "craft", "model", "plane"})) return Field::aircraft;
    if (has({"wind"})) return Field::wind;
    if (has({"resting", "rested", "rest"}))
        return header.measures(Dimension::time) ? Field::rest : Field::resting_volts;
    if (has({"lowest", "min", "minimum"}) &&
        (has({"voltage", "volts", "volt", "v"}) || header.measures(Dimension::voltage)))
        return Field::lowest_volts;
    if (has({"date", "day"})) return Field::date;
    if (has({"farthest", "furthest"}) || (highest && has({"distance", "range"}))) return Field::farthest;
    if (has({"distance", "way", "flown"}) && !header.measures(Dimension::time)) return Field::distance;
    if (has({"speed"}) || header.measures(Dimension::speed)) return Field::highest_speed;
    if (has({"current", "amps"}) || header.measures(Dimension::current)) return Field::highest_current;
    if (has({"used", "consumed", "mah", "charge", "consumption"}) || header.measures(Dimension::charge))
        return Field::used;
    if (has({"duration", "minutes", "elapsed", "flown", "armed"}) || header.measures(Dimension::time))
        return Field::duration;
    if (has({"clock", "time", "start", "begun"})) return Field::clock;
    if (has({"pack", "battery"})) return Field::pack;
    if (has({"flight", "name"})) return Field::name;
    return Field::unknown;
}

/// Dimension and usual scale of a field's numbers.
struct Measured {
    Dimension dimension;
    double usual;
};
Measured measured(Field field) {
    switch (field) {
    case Field::duration:
    case Field::rest: return {Dimension::time, units::seconds_per_minute};
    case Field::used:
    case Field::recharged: return {Dimension::charge, 1e-3};
    case Field::highest_current: return {Dimension::current, 1.0};
    case Field::distance:
    case Field::farthest: return {Dimension::length, units::metres_per_kilometre};
    case Field::highest_speed: return {Dimension::speed, units::mps_per_kmh};
    case Field::wind: return {Dimension::speed, 1.0};
    default: return {Dimension::voltage, 1.0};
    }
}

class HandTable {
public:
    HandTable(const std::string& text, const std::string& from) : text_(text), from_(from) {}

    units::Result<std::vector<HandFlight>> run() {
        const std::string first = text_.substr(0, text_.find('\n'));
        char delimiter = ',';
        std::ptrdiff_t most = 0;
        for (const char candidate : {',', ';', '\t'}) {
            const auto count = std::count(first.begin(), first.end(), candidate);
            if (count > most) {
                most = count;
                delimiter = candidate;
            }
        }
        const auto rows = csv_rows(text_.starts_with("\xEF\xBB\xBF") ? text_.substr(3) : text_, delimiter);
        if (rows.empty()) return units::failure(ErrorCode::file_empty, where(1, {}));
        std::size_t known = 0;
        for (const std::string& cell : rows.front().cells) {
            headers_.push_back(take_apart(as_utf8(cell)));
            fields_.push_back(field_of(headers_.back()));
            known += fields_.back() != Field::unknown ? 1 : 0;
        }
        if (known < 2) return units::failure(ErrorCode::no_header, where(1, {}));
        std::vector<HandFlight> flights;
        for (std::size_t i = 1; i < rows.size(); ++i) {
            auto flight = read(rows[i], rows.front());
            if (!flight) return tl::unexpected(flight.error());
            flights.push_back(std::move(*flight));
        }
        return flights;
    }

private:
    units::Where where(std::int64_t line, const std::string& column) const {
        units::Where place;
        place.file = from_;
        place.line = line;
        place.field = column;
        return place;
    }

    units::Result<double> number(const std::string& cell, std::size_t i, const units::Where& place) const {
        const Measured what = measured(fields_[i]);
        const auto unit = headers_[i].unit;
        const double scale = unit && unit->dimension == what.dimension ? unit->scale : what.usual;
        double value = 0.0;
        // "21:30" of a stopwatch.
        if (what.dimension == Dimension::time && parse_clock(cell, ClockForm::minutes_first, value)) return value;
        if (const auto written = number_with_unit(trimmed(cell))) {
            if (written->unit.dimension == what.dimension)
                value = written->value * written->unit.scale;
            else
                return units::failure(ErrorCode::json_wrong_type, place, {{"wanted", std::string("a number")}});
        } else if (const auto plain = number_from_text(cell)) {
            value = *plain * scale;
        } else {
            return units::failure(ErrorCode::json_wrong_type, place, {{"wanted", std::string("a number")}});
        }
        constexpr double most = 1e7;
        if (!(value >= 0.0 && value <= most))
            return units::failure(ErrorCode::value_out_of_range, place,
                                  {{"value", value}, {"least", 0.0}, {"most", most}});
        return value;
    }

    units::Result<HandFlight> read(const CsvRow& row, const CsvRow& header) {
        HandFlight flight;
        flight.line = row.line;
        book::HandFigures hand;
        double date_s = 0.0;
        double clock_s = 0.0;
        bool dated = false;
        std::optional<double> resting_v;
        for (std::size_t i = 0; i < fields_.size() && i < row.cells.size(); ++i) {
            const std::string cell(trimmed(row.cells[i]));
            if (means_missing(cell)) continue;
            const units::Where place = where(row.line, header.cells[i]);
            switch (fields_[i]) {
            case Field::unknown: continue;
            case Field::name: flight.kept.name = as_utf8(cell); continue;
            case Field::aircraft: flight.aircraft = as_utf8(cell); continue;
            case Field::pack: flight.pack = as_utf8(cell); continue;
            case Field::note: flight.kept.note = as_utf8(cell); continue;
            case Field::date:
                if (!parse_date(cell, DateOrder::day_first, date_s) &&
                    !parse_date(cell, DateOrder::year_first, date_s) &&
                    !parse_date(cell, DateOrder::month_first, date_s))
                    return units::failure(ErrorCode::json_wrong_type, place, {{"wanted", std::string("a date")}});
                dated = true;
                continue;
            case Field::clock:
                if (!parse_clock(cell, ClockForm::without_seconds, clock_s))
                    return units::failure(ErrorCode::json_wrong_type, place,
                                          {{"wanted", std::string("a time of the day")}});
                continue;
            default: break;
            }
            const auto value = number(cell, i, place);
            if (!value) return tl::unexpected(value.error());
            put(fields_[i], *value, hand, flight.kept, resting_v);
        }
        if (dated) flight.kept.start_clock_s = date_s + clock_s;
        if (!hand.duration_s && !hand.charge_ah && !hand.ground_m && !flight.kept.recharged_ah)
            return units::failure(ErrorCode::value_missing, where(row.line, "duration, used, distance, recharged"));
        flight.kept.rested_cell_v = resting_v;
        flight.kept.by_hand = hand;
        return flight;
    }

    static void put(Field field, double value, book::HandFigures& hand, book::KeptFlight& kept,
                    std::optional<double>& resting_v) {
        switch (field) {
        case Field::duration: hand.duration_s = value; break;
        case Field::used: hand.charge_ah = value; break;
        case Field::highest_current: hand.highest_current_a = value; break;
        case Field::distance: hand.ground_m = value; break;
        case Field::farthest: hand.farthest_m = value; break;
        case Field::highest_speed: hand.highest_speed_mps = value; break;
        case Field::lowest_volts: hand.lowest_voltage_v = value; break;
        case Field::resting_volts: resting_v = value; break;
        case Field::rest: kept.rest_s = value; break;
        case Field::recharged: kept.recharged_ah = value; break;
        case Field::wind: hand.wind_mps = value; break;
        default: break;
        }
    }

    const std::string& text_;
    const std::string& from_;
    std::vector<HeaderCell> headers_;
    std::vector<Field> fields_;
};

} // namespace

units::Result<std::vector<HandFlight>> flights_by_hand(const std::string& text, const std::string& from) {
    return HandTable(text, from).run();
}

} // namespace sobremesa::io
