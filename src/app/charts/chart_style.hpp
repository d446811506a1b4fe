#pragma once

#include <qcustomplot.h>

namespace sobremesa::app {

/// From shares and ohms to what axes are written in.
inline constexpr double percent = 100.0;
inline constexpr double milliohms = 1000.0;
/// The layer of what follows the cursor, above all others.
inline const QString cursor_layer = QStringLiteral("cursor");

/// Gives axes and grid of a plot the look of the house: hairlines, soft figures, no boxes.
void style_axis_rect(QCPAxisRect* rect);
void style_axis(QCPAxis* axis, bool visible);
/// Another axis rect in a chart of several, with room for a heading above and figures beside it.
/// @param left  room for the figures, unscaled
QCPAxisRect* add_part(QCustomPlot* plot, int row, int column, double left, double right);
/// Above a part, at its left.
void add_heading(QCPAxisRect* rect, const QString& title);
/// A text in a chart.
QCPItemText* add_text(QCustomPlot* plot, const QColor& colour, double pixels, bool bold);
/// Hatching in one colour, as a brush: what is kept back, or not there.
QBrush hatching(const QColor& colour);
/// Axis figures that never ask the desktop's locale.
/// @param unit_on_top  an axis at whose upper end its unit is written, in place of a figure that would be there
QSharedPointer<QCPAxisTicker> plain_ticker(int wanted_ticks, const QCPAxis* unit_on_top = nullptr);

/// Draws a plot into a picture, an SVG or a PDF: as lines, not as a copy of the screen.
void paint_plot(QCustomPlot& plot, QPaintDevice& device, const QSize& size);

} // namespace sobremesa::app
