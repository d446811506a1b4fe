#pragma once

#include <vector>

#include <QStringList>

#include "app/widgets/cell_model.hpp"

class QPaintDevice;
class QSize;
class QWidget;

namespace sobremesa::app {

/// What a chart or the map shows, as a table: the same numbers, in the same units.
struct ShownTable {
    QString title;
    QStringList headers;
    std::vector<std::vector<Cell>> rows;
};

/// A chart or the map, as far as copying, exporting and reading it as a table goes.
class ShownChart {
public:
    virtual ~ShownChart() = default;
    virtual ShownTable shownTable() const = 0;
    /// Draws it as on screen; lines stay lines where the device takes them.
    virtual void paintInto(QPaintDevice& device, const QSize& size) = 0;
    virtual QSize shownSize() const = 0;
};

/// The chart that a widget is, or is part of; nothing otherwise.
ShownChart* chart_of(QWidget* widget);

} // namespace sobremesa::app
