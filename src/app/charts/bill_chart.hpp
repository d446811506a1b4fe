#pragma once

#include <optional>

#include <QWidget>

#include "app/export/shown_chart.hpp"
#include "core/debrief/bill.hpp"

class QPainter;

namespace sobremesa::app {

/// From forecast to flown, cause by cause: each bar begins where the one above it ends, so that the last ends at
/// what was flown. Filled where a cause takes more, open where less; a whisker is one standard deviation.
class BillChart : public QWidget, public ShownChart {
    Q_OBJECT
public:
    explicit BillChart(QWidget* parent = nullptr);
    void setBill(const std::optional<debrief::Bill>& bill);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {260, sizeHint().height()}; }
    ShownTable shownTable() const override;
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<debrief::BillRow> shown() const;
    void draw(QPainter& painter, const QSize& size) const;

    std::optional<debrief::Bill> bill_;
};

} // namespace sobremesa::app
