#pragma once

#include <memory>

#include "app/charts/plot_chart.hpp"
#include "core/matching/sun_day.hpp"

class QCPAxisRect;

namespace sobremesa::app {

/// A day of sun: above, what the array gives by the hour against what level flight takes, with the band that cloud
/// makes of it; below, the pack through the flight. Clock times of this computer.
class SunChart : public PlotChart {
    Q_OBJECT
public:
    explicit SunChart(QWidget* parent = nullptr);
    void setReport(std::shared_ptr<const matching::SunDayReport> report);

    QSize sizeHint() const override { return {560, 420}; }
    ShownTable shownTable() const override;
    /// Where a moment and a power are on screen, for tests.
    QPoint toScreen(double utc_s, double power_w) const;

protected:
    void mouseMoveEvent(QMouseEvent* event) override;

private:
    void refresh() final;
    QCPAxisRect* addRect(int row, const QString& title, double height_share);
    void drawPower(QCPAxisRect* rect);
    void drawPack(QCPAxisRect* rect);
    void label(QCPAxisRect* rect, double x, double y, const QString& text, Qt::Alignment side, bool bold);

    std::shared_ptr<const matching::SunDayReport> report_;
    QCPAxisRect* power_rect_ = nullptr;
};

} // namespace sobremesa::app
