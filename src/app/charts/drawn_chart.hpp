#pragma once

#include <QWidget>

#include "app/export/shown_chart.hpp"

class QPainter;

namespace sobremesa::app {

/// A chart that draws itself with a painter, on screen and into files alike. It follows the look, and shows the
/// focus.
class DrawnChart : public QWidget, public ShownChart {
    Q_OBJECT
public:
    explicit DrawnChart(QWidget* parent = nullptr);
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

protected:
    virtual void draw(QPainter& painter, const QSize& size) const = 0;
    void paintEvent(QPaintEvent* event) override;
};

} // namespace sobremesa::app
