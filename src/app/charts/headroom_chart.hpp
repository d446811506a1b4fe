#pragma once

#include "app/charts/plot_chart.hpp"
#include "core/matching/headroom.hpp"

namespace sobremesa::app {

/// Headroom along a flight: what full throttle gives, against the charge used, over what level flight and the
/// wanted climb take.
class HeadroomChart : public PlotChart {
    Q_OBJECT
public:
    explicit HeadroomChart(QWidget* parent = nullptr);
    void setHeadroom(std::optional<matching::Headroom> headroom);

    QSize sizeHint() const override { return {460, 240}; }
    ShownTable shownTable() const override;

private:
    void refresh() final;
    void level(double power_w, const QString& name, Qt::PenStyle style);

    std::optional<matching::Headroom> headroom_;
};

} // namespace sobremesa::app
