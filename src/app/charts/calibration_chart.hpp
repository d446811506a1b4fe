#pragma once

#include "app/charts/drawn_chart.hpp"
#include "core/learning/backtest.hpp"

namespace sobremesa::app {

/// How often bands held what was flown, against how often they said they would: on the diagonal they are honest.
class CalibrationChart : public DrawnChart {
    Q_OBJECT
public:
    explicit CalibrationChart(QWidget* parent = nullptr);
    /// @param forecasts  how many it rests on
    void setShares(std::vector<learning::BandShare> shares, int forecasts);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    ShownTable shownTable() const override;

protected:
    void draw(QPainter& painter, const QSize& size) const override;

private:
    std::vector<learning::BandShare> shares_;
    int forecasts_ = 0;
};

} // namespace sobremesa::app
