#pragma once

#include "app/charts/plot_chart.hpp"
#include "core/learning/everything.hpp"

class QCPAxisRect;

namespace sobremesa::app {

/// How a pack became known, flight by flight: its capacity and the resistance of its cells, each with one standard
/// deviation. Marks are filled where the flight was recharged or its volts were read at rest; the first, open, is
/// what was known before any flight.
class KnownHistoryChart : public PlotChart {
    Q_OBJECT
public:
    explicit KnownHistoryChart(QWidget* parent = nullptr);
    /// @param names  of the flights, one for each
    void setHistory(std::vector<learning::KnownAfter> known, QStringList names);

    QSize sizeHint() const override { return {460, 150}; }
    ShownTable shownTable() const override;

private:
    void refresh() final;
    void drawPart(QCPAxisRect* rect, const QString& title, units::Estimate learning::KnownAfter::*what,
                  double factor);

    std::vector<learning::KnownAfter> known_;
    QStringList names_;
};

} // namespace sobremesa::app
