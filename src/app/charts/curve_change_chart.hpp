#pragma once

#include <QWidget>

#include "app/export/shown_chart.hpp"
#include "core/airframe/speeds_to_fly.hpp"

class QCustomPlot;

namespace sobremesa::app {

/// Power against airspeed before and after a change, with the best-endurance and best-range speeds of both.
class CurveChangeChart : public QWidget, public ShownChart {
    Q_OBJECT
public:
    explicit CurveChangeChart(QWidget* parent = nullptr);

    struct Side {
        std::vector<airframe::SpeedToFly> curve;
        airframe::SpeedsToFly speeds;
    };
    struct Shown {
        Side before;
        Side after;
    };
    void setShown(std::optional<Shown> shown);

    QSize sizeHint() const override { return {360, 220}; }
    ShownTable shownTable() const override;
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

private:
    void refresh();
    void drawSide(const Side& side, const QPen& pen, bool filled);

    std::optional<Shown> shown_;
    QCustomPlot* plot_;
};

} // namespace sobremesa::app
