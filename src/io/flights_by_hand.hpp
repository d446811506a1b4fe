#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/book/kept.hpp"
#include "core/units/diagnostic.hpp"
#include "core/units/error.hpp"
#include "io/cell_forms.hpp"

namespace sobremesa::io {

/// What a notebook has of a flight.
enum class HandField {
    unknown,
    date,
    clock,
    landed, ///< the clock at the end; of a table it has become the duration, where nothing else says that
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
    readings, ///< on the way, see `noted_readings_from`
    note
};

/// "5 min 410 mAh 15.9 V 8 A 2.1 km; 10:30 830 mAh 15.4 V": readings apart by semicolons, bars or lines, each
/// number with its unit, which says what it is; a stopwatch's time needs none.
/// @error `json_wrong_type` for a number without a unit, one of another kind, or two of one kind in a reading;
///        `value_out_of_range` for more readings than `telemetry::most_noted_readings`
units::Result<std::vector<telemetry::NotedReading>> noted_readings_from(std::string_view text,
                                                                        const units::Where& place);
/// As `noted_readings_from` reads them.
std::string text_of_readings(const std::vector<telemetry::NotedReading>& readings);

/// One row of a notebook.
struct HandFlight {
    /// By their names in the book; empty: those that are chosen for all.
    std::string aircraft;
    std::string pack;
    book::KeptFlight kept;
    std::int64_t line = 1;
};

/// One cell of a row.
struct HandCell {
    HandField field = HandField::unknown;
    std::string text;
    /// What a number without a unit is multiplied by to SI (charge: to Ah).
    double scale = 1.0;
    /// Names it where it is wrong.
    std::string column;
};

/// The flight of a row. A number may bear a unit of its own ("2.74 Ah"); a duration may be a stopwatch's "21:30".
/// Empty cells are not known.
/// @param dates  order of day, month and year in a date of numbers; a year of four digits in front is always the
/// year
/// @error `value_out_of_range`, `json_wrong_type` naming the column; `value_missing` for a row that knows neither
/// time,
///        charge, distance nor recharge
units::Result<HandFlight> hand_flight(const std::vector<HandCell>& cells, DateOrder dates, const units::Where& row);

/// Cells as they are copied from a spreadsheet or stand in a file: comma, semicolon or tab, RFC 4180 quotes.
struct HandTable {
    /// By column; empty where the first line names fewer than two known columns and so is a flight itself.
    std::vector<HandField> fields;
    std::vector<std::string> heads;
    /// Scale of each column's numbers: its unit, or what is usual (minutes, mAh, A, km, km/h, V; wind m/s).
    std::vector<double> scales;
    struct Row {
        std::vector<std::string> cells;
        std::int64_t line = 1;
    };
    std::vector<Row> rows;
};
HandTable hand_table(const std::string& text);

/// The order of day and month that all these dates can have; day first where both are possible.
/// @param doubtful  set where they would be other days in the other order
DateOrder hand_date_order(const std::vector<std::string>& dates, bool* doubtful = nullptr);

/// Usual scale of a field's numbers without a unit.
double hand_scale(HandField field);

/// Reads flights that left no log from a table with names of columns in any order and case, units in brackets.
/// Columns: date, time or clock, landed, flight or name, aircraft, pack, duration, used, highest current, distance,
/// farthest, highest speed, lowest volts, resting volts, rest, recharged, wind, on the way, note.
/// @param said  gets the columns that were not understood, and how many rows know nothing of a flight
/// @error `file_empty`; `no_header` where fewer than two columns are known; those of `hand_flight`, naming the line
units::Result<std::vector<HandFlight>> flights_by_hand(const std::string& text, const std::string& from,
                                                       std::vector<units::Diagnostic>* said = nullptr);

} // namespace sobremesa::io
