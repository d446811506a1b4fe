#include "app/charts/headroom_chart.hpp"

#include <algorithm>

#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

HeadroomChart::HeadroomChart(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(240, 160);
    setAccessibleName(tr("Headroom against the charge used"));
    refresh();
}

void HeadroomChart::setHeadroom(std::optional<matching::Headroom> headroom) {
    headroom_ = std::move(headroom);
    refresh();
}

ShownTable HeadroomChart::shownTable() const {
    ShownTable table{tr("Headroom"), {tr("mAh used"), tr("minutes"), tr("V/cell"), tr("full throttle, W")}, {}};
    if (!headroom_) return table;
    for (std::size_t i = 0; i < headroom_->points.size(); i += 5) {
        const auto& p = headroom_->points[i];
        table.rows.push_back({figure_cell(p.charge_used_ah * units::milliamp_hours_per_amp_hour, 0),
                              figure_cell(p.time_s / units::seconds_per_minute, 0), figure_cell(p.cell_v, 2),
                              figure_cell(p.full_power_w, 0)});
    }
    return table;
}

void HeadroomChart::refresh() {
    const Look& look = Look::instance();
    clear();
    style_axis_rect(plot_->axisRect());
    for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
        axis->setTicker(plain_ticker(4));
        axis->setVisible(headroom_.has_value());
    }
    if (headroom_) {
        plot_->xAxis->setLabel(tr("mAh used"));
        plot_->yAxis->setLabel(tr("W"));
        QVector<double> x, y;
        for (const auto& p : headroom_->points) {
            x << p.charge_used_ah * units::milliamp_hours_per_amp_hour;
            y << p.full_power_w;
        }
        QCPGraph* line = plot_->addGraph();
        line->setData(x, y, true);
        line->setPen(QPen(look.theme().ink, look.scaled(1.8), Qt::DashLine));
        constexpr double room_above = 1.15;
        plot_->xAxis->setRange(0.0, x.back());
        plot_->yAxis->setRange(0.0, room_above * std::max(y.front(), headroom_->climb_w));
        auto* words = add_text(plot_, look.theme().ink, Look::small_px, true);
        words->position->setCoords(0.02 * x.back(), y.front());
        words->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
        words->setText(tr("full throttle"));
        level(headroom_->climb_w, tr("the plan's climb"), Qt::DotLine);
        level(headroom_->level_w, tr("level cruise"), Qt::SolidLine);
    }
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void HeadroomChart::level(double power_w, const QString& name, Qt::PenStyle style) {
    const Look& look = Look::instance();
    QCPGraph* line = plot_->addGraph();
    line->setData({0.0, plot_->xAxis->range().upper}, {power_w, power_w}, true);
    line->setPen(QPen(look.theme().ink, look.scaled(1.2), style));
    auto* words = add_text(plot_, look.theme().ink, Look::small_px, false);
    // At the left, where full throttle is still far above.
    words->position->setCoords(0.02 * plot_->xAxis->range().upper, power_w);
    words->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
    words->setText(name);
}

} // namespace sobremesa::app
