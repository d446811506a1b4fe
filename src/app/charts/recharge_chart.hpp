#pragma once

#include <vector>

#include "app/charts/drawn_chart.hpp"
#include "core/units/estimate.hpp"

namespace sobremesa::app {

/// What the sensor counted against what the charger put back, a point for each flight: the slope is the sensor's
/// error. Dashed, a sensor that reads right, with what the charger itself may be off by around it.
class RechargeChart : public DrawnChart {
    Q_OBJECT
public:
    explicit RechargeChart(QWidget* parent = nullptr);

    struct Flight {
        QString name;
        double counted_ah = 0.0;
        double recharged_ah = 0.0;
        bool taken = true;
        bool outlier = false;
    };
    /// @param reads    counted over recharged; empty: not worked out
    /// @param charger  accuracy of the charger, relative
    void setFlights(std::vector<Flight> flights, const std::optional<units::Estimate>& reads, double charger);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
    ShownTable shownTable() const override;

protected:
    void draw(QPainter& painter, const QSize& size) const override;

private:
    std::vector<Flight> flights_;
    std::optional<units::Estimate> reads_;
    double charger_ = 0.0;
};

} // namespace sobremesa::app
