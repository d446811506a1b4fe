#pragma once

#include <string>
#include <vector>

#include "core/book/kept.hpp"
#include "core/units/error.hpp"

namespace sobremesa::io {

/// One row of a notebook.
struct HandFlight {
    /// By their names in the book; empty: those that are chosen for all.
    std::string aircraft;
    std::string pack;
    book::KeptFlight kept;
    std::int64_t line = 1;
};

/// Reads flights that left no log from a table, as a spreadsheet or a notebook has them: comma, semicolon or tab;
/// names of columns in any order and case, units in brackets. Without a unit: minutes, mAh, A, km, km/h, V.
/// Columns: date, time or clock, flight or name, aircraft, pack, duration, used, highest current, distance,
/// farthest, highest speed, lowest volts, resting volts, rest, recharged, wind, note. Empty cells are not known.
/// @error `no_header` where fewer than two columns are known; `value_out_of_range`, `json_wrong_type` naming line
/// and
///        column; `value_missing` for a row that knows neither time, charge, distance nor recharge
units::Result<std::vector<HandFlight>> flights_by_hand(const std::string& text, const std::string& from);

} // namespace sobremesa::io
