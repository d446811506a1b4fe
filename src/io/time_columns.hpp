#pragma once

#include "io/column_shape.hpp"
#include "io/header_cell.hpp"
#include "io/log_header.hpp"

namespace sobremesa::io {

/// A column as it is being understood.
struct ColumnAtHand {
    HeaderCell header;
    ColumnShape shape;
    ColumnCells cells;
    LogColumn column;
    /// Its header is a stable word of this program.
    bool own_word = false;
    /// The pilot said in which order its date is.
    bool order_said = false;
    /// What the pilot said of it stands.
    bool settled() const { return column.chosen; }
};

/// Finds the columns that say when: date and clock in one cell or two, a clock alone, a count of seconds or of
/// other units from any zero or since 1970, days of a spreadsheet. Of several the finest is taken; a calendar
/// before a count that is no finer.
/// @return what is assumed: the unit of a count, the order of day and month
std::vector<units::Diagnostic> settle_time(std::vector<ColumnAtHand>& columns);

/// Whether the words say that it is a time; not those of a remaining or a home time.
bool names_time(const HeaderCell& header);

} // namespace sobremesa::io
