#pragma once

#include <QWidget>

#include "app/export/shown_chart.hpp"
#include "core/learning/backtest.hpp"

class QPainter;

namespace sobremesa::app {

/// How often bands held what was flown, against how often they said they would: on the diagonal they are honest.
class CalibrationChart : public QWidget, public ShownChart {
    Q_OBJECT
public:
    explicit CalibrationChart(QWidget* parent = nullptr);
    /// @param forecasts  how many it rests on
    void setShares(std::vector<learning::BandShare> shares, int forecasts);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    ShownTable shownTable() const override;
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void draw(QPainter& painter, const QSize& size) const;

    std::vector<learning::BandShare> shares_;
    int forecasts_ = 0;
};

} // namespace sobremesa::app
