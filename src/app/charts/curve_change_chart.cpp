#include "app/charts/curve_change_chart.hpp"

#include <algorithm>

#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

CurveChangeChart::CurveChangeChart(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(240, 160);
    setAccessibleName(tr("Power against airspeed before and after the change"));
    refresh();
}

void CurveChangeChart::setShown(std::optional<Shown> shown) {
    shown_ = std::move(shown);
    refresh();
}

ShownTable CurveChangeChart::shownTable() const {
    ShownTable table{tr("Power against airspeed before and after the change"),
                     {tr("before, m/s"), tr("before, W"), tr("after, m/s"), tr("after, W")},
                     {}};
    if (!shown_) return table;
    const auto& before = shown_->before.curve;
    const auto& after = shown_->after.curve;
    for (std::size_t i = 0; i < std::min(before.size(), after.size()); ++i) {
        table.rows.push_back({figure_cell(before[i].airspeed_mps.value, 1), figure_cell(before[i].power_w.value, 1),
                              figure_cell(after[i].airspeed_mps.value, 1), figure_cell(after[i].power_w.value, 1)});
    }
    return table;
}

void CurveChangeChart::refresh() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    clear();
    style_axis_rect(plot_->axisRect());
    for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
        axis->setTicker(plain_ticker(4));
        axis->setVisible(shown_.has_value());
    }
    if (shown_ && !shown_->before.curve.empty() && !shown_->after.curve.empty()) {
        const auto speed = look.quantities().notation(units::Quantity::airspeed);
        plot_->xAxis->setLabel(tr("airspeed, %1").arg(speed.unit));
        plot_->yAxis->setLabel(tr("W"));
        double most_w = 0.0;
        double slowest = 1e9;
        double fastest = 0.0;
        for (const Side* side : {&shown_->before, &shown_->after}) {
            for (const auto& at : side->curve) {
                most_w = std::max(most_w, at.power_w.value);
                slowest = std::min(slowest, at.airspeed_mps.value);
                fastest = std::max(fastest, at.airspeed_mps.value);
            }
        }
        plot_->xAxis->setRange(slowest * speed.factor, fastest * speed.factor);
        plot_->yAxis->setRange(0.0, 1.1 * most_w);
        drawSide(shown_->before, QPen(theme.soft_ink, look.scaled(1.4), Qt::DashLine), false);
        drawSide(shown_->after, QPen(theme.ink, look.scaled(2)), true);
    }
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void CurveChangeChart::drawSide(const Side& side, const QPen& pen, bool filled) {
    const Look& look = Look::instance();
    const double per_si = look.quantities().notation(units::Quantity::airspeed).factor;
    QVector<double> x, y;
    for (const auto& at : side.curve) {
        x << at.airspeed_mps.value * per_si;
        y << at.power_w.value;
    }
    QCPGraph* line = plot_->addGraph();
    line->setData(x, y, true);
    line->setPen(pen);
    const auto mark = [&](const std::optional<airframe::SpeedToFly>& speed, QCPScatterStyle::ScatterShape shape) {
        if (!speed) return;
        QCPGraph* point = plot_->addGraph();
        point->setData({speed->airspeed_mps.value * per_si}, {speed->power_w.value}, true);
        point->setLineStyle(QCPGraph::lsNone);
        point->setScatterStyle(QCPScatterStyle(shape, QPen(pen.color(), pen.widthF()),
                                               filled ? QBrush(pen.color()) : QBrush(look.theme().panel),
                                               look.scaled(8)));
    };
    mark(side.speeds.endurance, QCPScatterStyle::ssSquare);
    mark(side.speeds.range, QCPScatterStyle::ssCircle);
}

} // namespace sobremesa::app
