#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/geodesy/geodesic.hpp"
#include "core/telemetry/flight_log.hpp"
#include "io/log_units.hpp"

namespace sobremesa::io {

using telemetry::missing_value;

std::string_view trimmed(std::string_view cell);

/// Delimiters that are no single character: one blank or more; two or more, where names and cells hold single ones.
inline constexpr char any_blanks = ' ';
inline constexpr char wide_blanks = '\x02';

/// Cuts a line into cells; a quoted cell may hold the delimiter. Cells are views into the line, quotes taken off.
void split_cells(std::string_view line, char delimiter, std::vector<std::string_view>& cells);

/// "1,234,567" with that sign (' ' for blanks of any width) taken out between digits.
std::string without_grouping(std::string_view cell, char sign);

/// Words that writers put where they have no value.
bool means_missing(std::string_view cell);

/// Value of a numeric cell: NaN where it is missing, false where it is text.
bool parse_number_cell(std::string_view cell, double& value);

/// "16.2V", "54 km/h", "12,5 A".
struct WrittenNumber {
    double value = 0.0;
    Unit unit{};
};
std::optional<WrittenNumber> number_with_unit(std::string_view cell);

/// In which order a date of numbers has its parts. A year of four digits in front is always the year.
enum class DateOrder { year_first, day_first, month_first };
/// Stable words of them.
inline constexpr std::array<std::string_view, 3> date_order_words = {"year-first", "day-first", "month-first"};

/// How a clock has its parts.
enum class ClockForm {
    hours_first,   ///< hh:mm:ss, with a fraction or AM and PM perhaps
    minutes_first, ///< mm:ss
    without_seconds,
    digits, ///< hhmmss.sss
};

/// "2026-05-09", "9/5/26", "09.05.2026", "20260509", "9-May-2026" to seconds since 1970.
bool parse_date(std::string_view cell, DateOrder order, double& seconds);
/// "14:03:21.250", "2:03:21 PM", "14:03:21,25", "14:03:21Z" to seconds of the day; "T+00:12:30" to seconds since
/// launch; "PT12M30S", a duration.
bool parse_clock(std::string_view cell, ClockForm form, double& seconds);
/// A date, a T or a blank, a clock, and perhaps an offset from UTC, which is not applied: the clock of the place is
/// what the pilot knows the flight by. Fourteen digits on end are one too.
/// @return seconds since 1970
bool parse_moment(std::string_view cell, DateOrder order, double& seconds);

/// "2026-05-09T14:03:21.250Z", with a blank for the T or a comma for the point perhaps, as most write it: looked at
/// digit by digit. One day follows the other for thousands of rows, so the calendar is asked once.
class PlainMoments {
public:
    /// @param seconds  since 1970
    /// @return the moment's end; nothing where `at` begins another form, or none
    const char* read(const char* at, const char* end, double& seconds);

private:
    std::array<char, 10> date_{};
    double date_s_ = 0.0;
};

/// Which orders a cell's date can have: bit 1 << order. 0: it is none.
unsigned possible_date_orders(std::string_view cell);
unsigned possible_moment_orders(std::string_view cell);

/// "47°07'24.4\"N", "N47 07.407", "47.1234N", "-11.5": degrees, south and west negative.
/// @param degrees_and_minutes  numbers are ddmm.mmmm
bool parse_angle(std::string_view cell, bool degrees_and_minutes, double& degrees);

/// "47.1234 11.5", "47.1234, 11.5", "N47.1 E11.5", "(47.1; 11.5)"; and the forms of `written_position`. A third
/// number behind two is passed over: mostly a height.
bool parse_pair(std::string_view cell, double& latitude, double& longitude);

/// "4.05 4.04 4.06", "[4.05; 4.04; 4.06]", "4,05/4,04/4,06": volts of every cell in one, 2 to 24 of them; in mV
/// too. Zeros at the end are places of cells that the pack does not have.
bool parse_cell_list(std::string_view cell, double& sum_v, double& least_v);

/// A place as it is typed: as `parse_pair`, letters in any case. Nothing where it is no place on earth.
std::optional<geodesy::Position> position_from_text(std::string_view text);

/// A letter of the compass alone: 1 for N and E, -1 for S and W.
std::optional<double> hemisphere_sign(std::string_view cell);

/// Degrees beside a letter: south and west are negative, and stay so where the minus is written as well ("-71.3
/// W").
/// @param sign  −1 of S and W, otherwise the number's own sign counts
double with_hemisphere(double degrees, double sign);

} // namespace sobremesa::io
