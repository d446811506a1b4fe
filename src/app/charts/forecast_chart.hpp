#pragma once

#include "app/charts/plot_chart.hpp"

namespace sobremesa::app {

/// Forecast over flown, flight by flight: each forecast from the flights before it, with its band; on the line it
/// was right.
class ForecastChart : public PlotChart {
    Q_OBJECT
public:
    explicit ForecastChart(QWidget* parent = nullptr);
    /// One flight's forecast over what was flown, less one.
    struct Mark {
        QString flight;
        int from_flights = 0;
        double off = 0.0;
        double relative_sd = 0.0;
    };
    /// What flights take: more than flown is careful.
    void setTaken(std::vector<Mark> marks);
    /// What a pack delivers, or how far or how long it lasts: more than flown is optimistic.
    /// @param what  its name
    void setGiven(const QString& what, std::vector<Mark> marks);

    QSize sizeHint() const override { return {520, 300}; }
    ShownTable shownTable() const override;

private:
    void refresh() final;

    std::vector<Mark> marks_;
    /// Empty: what flights take.
    QString given_;
};

} // namespace sobremesa::app
