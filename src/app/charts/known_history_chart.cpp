#include "app/charts/known_history_chart.hpp"

#include <algorithm>
#include <cmath>

#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "wording/learning.hpp"

namespace sobremesa::app {

KnownHistoryChart::KnownHistoryChart(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(260, 120);
    setAccessibleName(tr("How the pack became known, flight by flight"));
    refresh();
}

void KnownHistoryChart::setHistory(std::vector<learning::KnownAfter> known, QStringList names) {
    known_ = std::move(known);
    names_ = std::move(names);
    refresh();
}

ShownTable KnownHistoryChart::shownTable() const {
    ShownTable table{tr("How the pack became known"),
                     {tr("after flight"), tr("capacity, %"), tr("its error, %"), tr("resistance, mΩ"),
                      tr("its error, mΩ"), tr("from")},
                     {}};
    for (std::size_t i = 0; i < known_.size(); ++i) {
        const auto& after = known_[i];
        Cell name;
        name.text = names_.value(qsizetype(i));
        Cell by;
        by.text = wording::told_by(after);
        table.rows.push_back({name, figure_cell(percent * after.capacity_share.value, 1),
                              figure_cell(percent * after.capacity_share.sd, 1),
                              figure_cell(milliohms * after.cell_resistance_ohm.value, 1),
                              figure_cell(milliohms * after.cell_resistance_ohm.sd, 1), by});
    }
    return table;
}

void KnownHistoryChart::refresh() {
    clear();
    plot_->plotLayout()->clear();
    if (!known_.empty()) {
        QCPAxisRect* left = add_part(plot_, 0, 0, 36, 10);
        QCPAxisRect* right = add_part(plot_, 0, 1, 36, 10);
        drawPart(left, tr("Capacity, % of label, by flights"), &learning::KnownAfter::capacity_share, percent);
        drawPart(right, tr("Resistance, mΩ, by flights"), &learning::KnownAfter::cell_resistance_ohm, milliohms);
    }
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void KnownHistoryChart::drawPart(QCPAxisRect* rect, const QString& title,
                                 units::Estimate learning::KnownAfter::*what, double factor) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QCPAxis* across = rect->axis(QCPAxis::atBottom);
    QCPAxis* up = rect->axis(QCPAxis::atLeft);
    up->setTicker(plain_ticker(4));
    // Flights are whole: a step of at least one.
    auto whole = QSharedPointer<QCPAxisTickerFixed>(new QCPAxisTickerFixed);
    whole->setTickStep(std::max(1.0, std::ceil(double(known_.size()) / 8.0)));
    across->setTicker(whole);
    add_heading(rect, title);
    double least = 1e9;
    double most = -1e9;
    for (const bool filled : {false, true}) {
        QVector<double> x, y, error;
        for (const auto& after : known_) {
            if ((after.recharged || after.rested) != filled) continue;
            const units::Estimate& value = after.*what;
            x << double(after.flights);
            y << factor * value.value;
            error << factor * value.sd;
            least = std::min(least, y.back() - error.back());
            most = std::max(most, y.back() + error.back());
        }
        if (x.isEmpty()) continue;
        QCPGraph* marks = plot_->addGraph(across, up);
        marks->setData(x, y, true);
        marks->setLineStyle(QCPGraph::lsNone);
        marks->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(theme.ink, look.scaled(1.2)),
                                               QBrush(filled ? theme.ink : theme.panel), look.scaled(6)));
        auto* bars = new QCPErrorBars(across, up);
        bars->setDataPlottable(marks);
        bars->setData(error);
        bars->setPen(QPen(theme.field_border, look.scaled(1.2)));
    }
    const double room = std::max(0.08 * (most - least), 0.5);
    up->setRange(least - room, most + room);
    const double beside = std::max(0.5, 0.03 * double(known_.size()));
    across->setRange(double(known_.front().flights) - beside, double(known_.back().flights) + beside);
}

} // namespace sobremesa::app
