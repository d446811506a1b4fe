#pragma once

#include <vector>

#include <QWidget>

#include "app/export/shown_chart.hpp"
#include "core/mission/height_profile.hpp"

class QCustomPlot;

namespace sobremesa::app {

/// The flight from the side: the ground hatched, the way out and home above it, the turn.
class ProfileChart : public QWidget, public ShownChart {
    Q_OBJECT
public:
    explicit ProfileChart(QWidget* parent = nullptr);
    void setProfile(std::vector<mission::ProfilePoint> profile, double clearance_m);

    QSize sizeHint() const override { return {700, 220}; }
    ShownTable shownTable() const override;
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }

private:
    void refresh();
    std::vector<mission::ProfilePoint> profile_;
    double clearance_m_ = 0.0;
    QCustomPlot* plot_;
};

} // namespace sobremesa::app
