#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/geodesy/utm.hpp"
#include "core/telemetry/column_choice.hpp"
#include "core/telemetry/flight_log.hpp"
#include "core/units/error.hpp"
#include "io/column_shape.hpp"
#include "io/header_cell.hpp"

namespace sobremesa::io {

/// Unused columns named one by one; of ten thousand nobody reads the names.
inline constexpr std::size_t most_unused_named = 6;

/// What one column of a CSV log was understood to be.
struct LogColumn {
    enum class Kind {
        ignored,
        number,
        /// Numbers with a unit, or anything else that is not digits alone, in the cell.
        written_number,
        /// A part of a sum: cells that together make the pack.
        added_number,
        /// A latitude or a longitude in degrees and minutes, or with a letter.
        angle,
        /// Minutes or seconds of a latitude or a longitude whose degrees stand in another column.
        angle_part,
        /// The letter that goes with a latitude or a longitude of another column.
        hemisphere,
        position_pair,
        /// Volts of all cells of the pack: their sum, and the least of them.
        cell_list,
        date,
        clock_time,
        /// Date and clock in one cell.
        moment,
        /// A clock's hours, minutes or seconds in a column of their own, or the parts of a second that belong to a
        /// clock or a count of whole seconds in another one.
        clock_part,
        /// A date's year, month or day in a column of its own.
        date_part,
    };
    Kind kind = Kind::ignored;
    telemetry::Channel channel = telemetry::Channel::time_s;
    /// Factor that brings the number to SI.
    double scale = 1.0;
    /// Of a count of time whose zero is a date: seconds from 1970 to it.
    double zero_s = 0.0;
    DateOrder date_order = DateOrder::year_first;
    ClockForm clock_form = ClockForm::hours_first;
    enum class DatePart { year, month, day };
    DatePart date_part = DatePart::year;
    /// Of an angle: degrees and minutes in one number (ddmm.mmmm).
    bool degrees_and_minutes = false;
    /// Sign between groups of three digits: ',', '.', '\'', or ' ' for blanks of any width; 0 where there is none.
    char grouping = 0;
    bool unit_assumed = false;
    /// Of a list of cells: what no other column says.
    bool gives_pack = true;
    bool gives_weakest_cell = true;
    /// Of a position in one cell: longitude comes first.
    bool longitude_first = false;
    /// … or so it is taken: nothing says it.
    bool order_assumed = false;
    /// Only the unit, or the numbers, say what it is; the words do not.
    bool quantity_assumed = false;
    /// The pilot said what it is.
    bool chosen = false;
    /// It is this quantity too, but another column was taken for it.
    bool passed_over = false;
    /// As it stands in the file; of a column without a name, or of one that shares it, with its group or its
    /// number.
    std::string header;
};

/// The columns say when a row was written.
bool tell_time(const std::vector<LogColumn>& columns);
/// … and on which day.
bool tell_date(const std::vector<LogColumn>& columns);
/// … as a clock does, which starts again at midnight where no date goes with it.
bool have_clock(const std::vector<LogColumn>& columns);

/// What one cell holds: one number, or the two of a position, or the sum and the least of a list of cells.
using CellValues = std::array<double, 2>;
/// Reads a cell as its column wants it; the number is still to be multiplied by its scale.
/// @return false for text that is not that
bool parse_cell(const LogColumn& column, std::string_view text, CellValues& values);

/// What the columns of a log were understood to be.
struct UnderstoodColumns {
    std::vector<LogColumn> columns;
    /// Places are metres from a home, not degrees.
    bool local_metres = false;
    /// … but those of this zone of the grid.
    std::optional<geodesy::UtmZone> utm_zone;
    /// Cells in series, where a column counts them.
    std::optional<int> series;
    std::vector<units::Diagnostic> diagnostics;
};

/// One column as it stands in a file.
struct ColumnText {
    /// By which the pilot speaks of it.
    std::string label;
    /// By which it is understood: group, name and unit together.
    std::string name;
    /// All columns have as many.
    ColumnCells cells;
};

/// Understands columns by the words of their headers, by a unit in brackets or behind a separator, and by their
/// cells.
///
/// Words decide the quantity ("ground speed", "baro height"), the unit decides the scale ("(km/h)", "[cm]", "_us"),
/// cells decide how it is written (a clock, degrees and minutes, a unit behind each number), and which of several
/// columns of one quantity is taken: volts that a pack can have in flight before a receiver's, what changes before
/// what stands still, the first before the second.
/// @param together  so many cells, from the first on, are of rows one behind the other
/// @param choices  what the pilot says; columns of those labels are that, whatever their words say
/// @error `word_unknown` for a meaning or a unit that there is not, naming the header
units::Result<UnderstoodColumns> understand_columns(const std::vector<ColumnText>& texts, std::size_t together,
                                                    const std::vector<telemetry::ColumnChoice>& choices = {});

/// One quantity of a format that names it as a header would (an element, a key); number kinds only.
LogColumn understand_name(std::string_view name, std::string_view value);

/// Words that a `ColumnChoice` takes, for menus and messages.
std::vector<std::string> column_meanings();
/// Units that numbers of that meaning may be in, the usual one first; of a date, the orders of its parts.
std::vector<std::string> column_units(const std::string& meaning);
/// What a column was understood to be, as a choice: for showing it, and for keeping it.
telemetry::ColumnChoice choice_of(const LogColumn& column);

/// How many of the cells are words of a log's header; two or more make a line a header.
int recognised_cells(const std::vector<std::string_view>& cells);
/// Whether one is; and it, taken apart.
bool is_recognised(std::string_view text, const HeaderCell& cell);

} // namespace sobremesa::io
