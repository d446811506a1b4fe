#pragma once

#include "app/charts/plot_chart.hpp"
#include "core/airframe/speeds_to_fly.hpp"

namespace sobremesa::app {

/// Power against airspeed before and after a change, with the best-endurance and best-range speeds of both.
class CurveChangeChart : public PlotChart {
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

private:
    void refresh() final;
    void drawSide(const Side& side, const QPen& pen, bool filled);

    std::optional<Shown> shown_;
};

} // namespace sobremesa::app
