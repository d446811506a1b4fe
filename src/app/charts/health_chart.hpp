#pragma once

#include "app/charts/plot_chart.hpp"
#include "core/battery/trend_line.hpp"
#include "core/book/kept.hpp"

class QCPAxisRect;

namespace sobremesa::app {

/// A pack over its cycles: above, what a full recharge gives of the label; below, the resistance of its cells, each
/// reading with its spread from the best to the worst cell. Readings are marks, the trend is a line with its band.
class HealthChart : public PlotChart {
    Q_OBJECT
public:
    explicit HealthChart(QWidget* parent = nullptr);
    void setPack(const book::KeptPack& kept, const battery::Health& health);

    QSize sizeHint() const override { return {460, 380}; }
    ShownTable shownTable() const override;

private:
    /// One of the two halves; `factor` brings its values to the unit shown.
    struct Part {
        std::vector<battery::HealthPoint> points;
        std::optional<battery::Trend> trend;
        double factor = 1.0;
        std::optional<double> end; ///< where the pack retires
    };
    void refresh() final;
    void drawPart(QCPAxisRect* rect, const QString& title, const Part& part);
    void drawEnd(QCPAxisRect* rect, double value);
    void drawTrend(QCPAxisRect* rect, const Part& part, double last);

    book::KeptPack kept_;
    battery::Health health_;
};

} // namespace sobremesa::app
