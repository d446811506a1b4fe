#pragma once

#include <QWidget>

#include "app/export/shown_chart.hpp"
#include "core/matching/headroom.hpp"

class QCustomPlot;

namespace sobremesa::app {

/// Headroom along a flight: what full throttle gives, against the charge used, over what level flight and the
/// wanted climb take.
class HeadroomChart : public QWidget, public ShownChart {
    Q_OBJECT
public:
    explicit HeadroomChart(QWidget* parent = nullptr);
    void setHeadroom(std::optional<matching::Headroom> headroom);

    QSize sizeHint() const override { return {460, 240}; }
    ShownTable shownTable() const override;
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

private:
    void refresh();
    void level(double power_w, const QString& name, Qt::PenStyle style);

    std::optional<matching::Headroom> headroom_;
    QCustomPlot* plot_;
};

} // namespace sobremesa::app
