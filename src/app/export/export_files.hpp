#pragma once

#include <QString>

#include "app/export/shown_chart.hpp"
#include "core/units/error.hpp"

class QAbstractItemModel;

namespace sobremesa::app {

/// Puts a chart on the clipboard, as a picture and as the text of its table.
void copy_chart(ShownChart& chart);

/// Writes a chart as what the file's name says: .png, .svg, .pdf, or .csv with its table.
/// @error `file_unwritable`, `word_unknown` for another ending
units::Result<void> export_chart(ShownChart& chart, const QString& path);

/// Writes a table as on screen, in the units of the screen, as CSV.
units::Result<void> export_table(const QAbstractItemModel& table, const QString& path);

} // namespace sobremesa::app
