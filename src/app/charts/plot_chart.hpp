#pragma once

#include <QWidget>

#include "app/export/shown_chart.hpp"

class QCustomPlot;

namespace sobremesa::app {

/// A chart that a plot draws. The widget has the focus and sees the mouse first; it follows the look, and is
/// painted into pictures and documents as lines.
class PlotChart : public QWidget, public ShownChart {
    Q_OBJECT
public:
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

protected:
    explicit PlotChart(QWidget* parent);
    /// Draws all of it anew.
    virtual void refresh() = 0;
    /// Draws it as the look now is.
    virtual void followLook() { refresh(); }
    /// Takes off all that was drawn, before it is drawn anew.
    void clear();

    QCustomPlot* plot_;
};

} // namespace sobremesa::app
