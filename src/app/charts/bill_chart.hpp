#pragma once

#include <optional>

#include "app/charts/drawn_chart.hpp"
#include "core/debrief/bill.hpp"

namespace sobremesa::app {

/// From forecast to flown, cause by cause: each bar begins where the one above it ends, so that the last ends at
/// what was flown. Filled where a cause takes more, open where less; a whisker is one standard deviation.
class BillChart : public DrawnChart {
    Q_OBJECT
public:
    explicit BillChart(QWidget* parent = nullptr);
    void setBill(const std::optional<debrief::Bill>& bill);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {260, sizeHint().height()}; }
    ShownTable shownTable() const override;

protected:
    void draw(QPainter& painter, const QSize& size) const override;

private:
    std::vector<debrief::BillRow> shown() const;

    std::optional<debrief::Bill> bill_;
};

} // namespace sobremesa::app
