#pragma once

#include <optional>
#include <string>

#include "core/units/error.hpp"

namespace sobremesa::io {

/// Midnight, UTC, that begins a date of the Gregorian calendar, seconds since 1970.
/// @param date  "2026-06-21"
/// @error `word_unknown` naming `date`; `value_out_of_range` before 1900 and from 2100 on
units::Result<double> day_utc_s(const std::string& date);
/// The same of a date as it is typed, in any order of its parts that can be only one: "21.06.2026", "2026/06/21".
units::Result<double> typed_day_utc_s(const std::string& date);
/// "10:30" as seconds of a day; nothing where it is no time of day.
std::optional<double> time_of_day_s(const std::string& time);
/// "2026-06-21T10:30Z", with or without the Z; nothing where it is no moment.
std::optional<double> moment_utc_s(const std::string& text);

/// The date that a moment falls on, UTC: "2026-06-21".
std::string date_text(double utc_s);
/// "2026-06-21T10:30Z", to the nearest minute.
std::string moment_text(double utc_s);

} // namespace sobremesa::io
