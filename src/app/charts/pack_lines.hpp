#pragma once

#include <vector>

#include "app/charts/drawn_chart.hpp"
#include "core/units/estimate.hpp"

namespace sobremesa::app {

/// Packs at a glance, a line for each: what it gives in the plan's cruise as a bar with its error, the volts on the
/// way there as a small curve that ends where it lands, its health, and when it was last flown.
class PackLines : public DrawnChart {
    Q_OBJECT
public:
    explicit PackLines(QWidget* parent = nullptr);

    struct Line {
        QString name;
        units::Estimate usable_wh; ///< 0: it cannot carry that cruise
        double endurance_s = 0.0;
        double health_share = 1.0;
        QString last_flown; ///< empty: never
        struct Point {
            double share = 0.0; ///< of what it gives, 0 … 1
            double cell_v = 0.0;
        };
        std::vector<Point> curve;
        double landing_cell_v = 0.0;
    };
    void setLines(std::vector<Line> lines);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
    ShownTable shownTable() const override;

protected:
    void draw(QPainter& painter, const QSize& size) const override;

private:
    QString gives(const Line& line) const;
    QString past(const Line& line) const;

    std::vector<Line> lines_;
};

} // namespace sobremesa::app
