#pragma once

#include <memory>

#include <QWidget>

#include "app/export/shown_chart.hpp"
#include "core/debrief/energy_track.hpp"

class QCustomPlot;

namespace sobremesa::app {

/// Flights laid over each other: what each had used against the way over ground, or against time. The ground
/// between the most and the least is tinted as far as all of them flew, and at its end the difference is written.
class EnergyOverlay : public QWidget, public ShownChart {
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
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

private:
    void refresh();
    void drawFlights();
    void drawSpread();
    std::optional<debrief::EnergySpread> spread() const;
    double perSi() const;

    std::vector<Flight> flights_;
    debrief::TrackAxis axis_ = debrief::TrackAxis::distance;
    QCustomPlot* plot_;
};

} // namespace sobremesa::app
