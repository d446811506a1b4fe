#pragma once

#include <memory>

#include "app/charts/plot_chart.hpp"
#include "core/debrief/energy_track.hpp"

namespace sobremesa::app {

/// Flights laid over each other: what each had used against ground distance, or against time. The ground
/// between the most and the least is tinted as far as all of them flew, and at its end the difference is written.
class EnergyOverlay : public PlotChart {
    Q_OBJECT
public:
    explicit EnergyOverlay(QWidget* parent = nullptr);

    struct Flight {
        QString name;
        std::shared_ptr<const debrief::EnergyTrack> track;
    };
    void setFlights(std::vector<Flight> flights, debrief::TrackAxis axis);
    /// What the difference at the common end comes to, in words; empty with fewer than two flights.
    QString difference() const;

    QSize sizeHint() const override { return {560, 280}; }
    ShownTable shownTable() const override;

private:
    void refresh() final;
    void drawFlights();
    void drawSpread();
    std::optional<debrief::EnergySpread> spread() const;
    double perSi() const;

    std::vector<Flight> flights_;
    debrief::TrackAxis axis_ = debrief::TrackAxis::distance;
};

} // namespace sobremesa::app
