#pragma once

#include <optional>

#include "app/charts/drawn_chart.hpp"
#include "core/debrief/bill_history.hpp"

namespace sobremesa::app {

/// What flights took more or less than forecast, cause by cause: a bar from nought to the mean, filled where a
/// cause takes more and open where less; a whisker is one standard deviation between flights.
class CauseChart : public DrawnChart {
    Q_OBJECT
public:
    explicit CauseChart(QWidget* parent = nullptr);
    void setCauses(const std::optional<debrief::CausesOverFlights>& causes);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {240, sizeHint().height()}; }
    ShownTable shownTable() const override;

protected:
    void draw(QPainter& painter, const QSize& size) const override;

private:
    struct Row {
        QString name;
        units::Estimate mean;
        double spread = 0.0;
    };
    /// Those that are anything, and all together.
    std::vector<Row> shown() const;

    std::optional<debrief::CausesOverFlights> causes_;
};

} // namespace sobremesa::app
