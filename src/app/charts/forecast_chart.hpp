#pragma once

#include <QWidget>

#include "app/export/shown_chart.hpp"
#include "core/learning/backtest.hpp"

class QCustomPlot;

namespace sobremesa::app {

/// Forecast over flown, flight by flight: each forecast from the flights before it, with its band; on the line it
/// was right, above it too careful, below it too hopeful.
class ForecastChart : public QWidget, public ShownChart {
    Q_OBJECT
public:
    explicit ForecastChart(QWidget* parent = nullptr);
    void setBacktest(const learning::Backtest& test, const QStringList& names);

    QSize sizeHint() const override { return {520, 300}; }
    ShownTable shownTable() const override;
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

private:
    void refresh();

    learning::Backtest test_;
    QStringList names_;
    QCustomPlot* plot_;
};

} // namespace sobremesa::app
