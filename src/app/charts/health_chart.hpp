#pragma once

#include <QWidget>

#include "app/export/shown_chart.hpp"
#include "core/book/kept.hpp"

class QCustomPlot;
class QCPAxisRect;

namespace sobremesa::app {

/// A pack over its cycles: above, what a full recharge gives of the label; below, the resistance of its cells, each
/// reading with its spread from the best to the worst cell. Readings are marks, the trend is a line with its band.
class HealthChart : public QWidget, public ShownChart {
    Q_OBJECT
public:
    explicit HealthChart(QWidget* parent = nullptr);
    void setPack(const book::KeptPack& kept, const battery::Health& health);

    QSize sizeHint() const override { return {460, 380}; }
    ShownTable shownTable() const override;
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

private:
    struct Band {
        const std::optional<battery::Trend>* trend;
        double factor;
    };
    void refresh();
    void drawPart(QCPAxisRect* rect, const QString& title, const QVector<double>& x, const QVector<double>& y,
                  const QVector<double>& spread, const Band& band, std::optional<double> end);

    book::KeptPack kept_;
    battery::Health health_;
    QCustomPlot* plot_;
};

} // namespace sobremesa::app
