#include "app/charts/health_chart.hpp"

#include <algorithm>

#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/battery/trend_line.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

HealthChart::HealthChart(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(260, 220);
    setAccessibleName(tr("Health of the pack over its cycles"));
    refresh();
}

void HealthChart::setPack(const book::KeptPack& kept, const battery::Health& health) {
    kept_ = kept;
    health_ = health;
    refresh();
}

ShownTable HealthChart::shownTable() const {
    ShownTable table{
        tr("Health of the pack"), {tr("full cycles"), tr("of label capacity, %"), tr("cells, mΩ")}, {}};
    const double nothing = std::nan("");
    for (const auto& reading : kept_.readings) {
        const auto charge = battery::charge_points(kept_.pack, {reading});
        const auto cells = battery::resistance_points({reading});
        table.rows.push_back({figure_cell(reading.cycles, 0),
                              figure_cell(charge.empty() ? nothing : percent * charge[0].value, 0),
                              figure_cell(cells.empty() ? nothing : milliohms * cells[0].value, 1)});
    }
    return table;
}

void HealthChart::refresh() {
    clear();
    plot_->plotLayout()->clear();
    QCPAxisRect* above = add_part(plot_, 0, 0, 44, 16);
    QCPAxisRect* below = add_part(plot_, 1, 0, 44, 16);
    auto* margins = new QCPMarginGroup(plot_);
    for (QCPAxisRect* rect : {above, below}) rect->setMarginGroup(QCP::msLeft | QCP::msRight, margins);
    drawPart(
        above, tr("Full recharge, % of label capacity"),
        {battery::charge_points(kept_.pack, kept_.readings), health_.capacity, percent, battery::retire_capacity});
    const auto cells = battery::resistance_points(kept_.readings);
    const std::optional<double> doubled =
        cells.empty() ? std::nullopt : std::optional(battery::retire_resistance_factor * cells.front().value);
    drawPart(below, tr("Cell resistance, mΩ, by full cycles"), {cells, health_.resistance, milliohms, doubled});
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

/// The value at which a pack is retired.
void HealthChart::drawEnd(QCPAxisRect* rect, double value) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QCPAxis* across = rect->axis(QCPAxis::atBottom);
    QCPAxis* up = rect->axis(QCPAxis::atLeft);
    auto* line = new QCPItemLine(plot_);
    for (QCPItemPosition* position : {line->start, line->end}) {
        position->setAxes(across, up);
        position->setTypeX(QCPItemPosition::ptAxisRectRatio);
        position->setAxisRect(rect);
    }
    line->start->setCoords(0.0, value);
    line->end->setCoords(1.0, value);
    line->setClipAxisRect(rect);
    line->setPen(QPen(theme.warning, look.scaled(1.2), Qt::DotLine));
    auto* words = add_text(plot_, theme.warning, Look::small_px, false);
    words->position->setTypeX(QCPItemPosition::ptAxisRectRatio);
    words->position->setAxes(across, up);
    words->position->setAxisRect(rect);
    words->position->setCoords(1.0, value);
    words->setPositionAlignment(Qt::AlignRight | Qt::AlignBottom);
    words->setText(tr("retire"));
}

void HealthChart::drawTrend(QCPAxisRect* rect, const Part& part, double last) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QCPAxis* across = rect->axis(QCPAxis::atBottom);
    QCPAxis* up = rect->axis(QCPAxis::atLeft);
    QVector<double> line_x, line_y, low, high;
    constexpr int steps = 24;
    for (int i = 0; i <= steps; ++i) {
        const double at = last * i / steps;
        const units::Estimate there = battery::trend_at(*part.trend, part.points, at);
        line_x << at;
        line_y << part.factor * there.value;
        low << part.factor * (there.value - there.sd);
        high << part.factor * (there.value + there.sd);
    }
    for (const auto* edge : {&low, &high}) {
        QCPGraph* graph = plot_->addGraph(across, up);
        graph->setData(line_x, *edge, true);
        graph->setPen(QPen(theme.field_border, look.scaled(1)));
    }
    QCPGraph* line = plot_->addGraph(across, up);
    line->setData(line_x, line_y, true);
    line->setPen(QPen(theme.ink, look.scaled(1.4), Qt::DashLine));
}

void HealthChart::drawPart(QCPAxisRect* rect, const QString& title, const Part& part) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QCPAxis* across = rect->axis(QCPAxis::atBottom);
    QCPAxis* up = rect->axis(QCPAxis::atLeft);
    across->setTicker(plain_ticker(5));
    up->setTicker(plain_ticker(4));
    add_heading(rect, title);
    if (part.points.empty()) {
        up->setVisible(false);
        across->setVisible(false);
        auto* none = add_text(plot_, theme.soft_ink, Look::small_px, false);
        none->position->setType(QCPItemPosition::ptAxisRectRatio);
        none->position->setAxisRect(rect);
        none->position->setCoords(0.5, 0.5);
        none->setPositionAlignment(Qt::AlignCenter);
        none->setText(tr("no reading yet"));
        return;
    }
    QVector<double> x, y, spread;
    for (const auto& point : part.points) {
        x << point.cycles;
        y << part.factor * point.value;
        spread << part.factor * point.half_spread;
    }
    const double last = std::max(*std::max_element(x.begin(), x.end()), 1.0);
    double least = *std::min_element(y.begin(), y.end());
    double most = *std::max_element(y.begin(), y.end());
    for (qsizetype i = 0; i < spread.size(); ++i) {
        least = std::min(least, y[i] - spread[i]);
        most = std::max(most, y[i] + spread[i]);
    }
    const std::optional<double> end = part.end ? std::optional(part.factor * *part.end) : std::nullopt;
    if (end) {
        least = std::min(least, *end);
        most = std::max(most, *end);
        drawEnd(rect, *end);
    }
    const double room = std::max(0.12 * (most - least), 0.5);
    up->setRange(least - room, most + room);
    across->setRange(-0.03 * last, 1.08 * last);

    if (part.trend) drawTrend(rect, part, last);
    QCPGraph* marks = plot_->addGraph(across, up);
    marks->setData(x, y);
    marks->setLineStyle(QCPGraph::lsNone);
    marks->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(theme.ink, look.scaled(1.2)),
                                           QBrush(theme.ink), look.scaled(6)));
    if (*std::max_element(spread.begin(), spread.end()) > 0.0) {
        auto* bars = new QCPErrorBars(across, up);
        bars->setDataPlottable(marks);
        bars->setData(spread);
        bars->setPen(QPen(theme.ink, look.scaled(1)));
    }
}

} // namespace sobremesa::app
