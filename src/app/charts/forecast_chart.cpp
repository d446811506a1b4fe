#include "app/charts/forecast_chart.hpp"

#include <algorithm>
#include <cmath>

#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

namespace {

/// Half of the 90 % band, in standard deviations.
constexpr double two_sided_90 = 1.6449;

} // namespace

ForecastChart::ForecastChart(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(260, 180);
    setAccessibleName(tr("Forecast over flown, flight by flight"));
    refresh();
}

void ForecastChart::setTaken(std::vector<Mark> marks) {
    setGiven({}, std::move(marks));
}

void ForecastChart::setGiven(const QString& what, std::vector<Mark> marks) {
    marks_ = std::move(marks);
    given_ = what;
    refresh();
}

ShownTable ForecastChart::shownTable() const {
    ShownTable table{
        tr("Forecast over flown"), {tr("flight"), tr("from flights"), tr("error, %"), tr("band, %")}, {}};
    for (const Mark& mark : marks_) {
        Cell name;
        name.text = mark.flight;
        table.rows.push_back({name, figure_cell(mark.from_flights, 0), figure_cell(percent * mark.off, 1),
                              figure_cell(percent * two_sided_90 * mark.relative_sd, 1)});
    }
    return table;
}

void ForecastChart::refresh() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    clear();
    style_axis_rect(plot_->axisRect());
    const bool any = !marks_.empty();
    plot_->xAxis->setVisible(any);
    plot_->yAxis->setVisible(any);
    if (any) {
        // Flights are whole: a step of at least one.
        auto whole = QSharedPointer<QCPAxisTickerFixed>(new QCPAxisTickerFixed);
        whole->setTickStep(std::max(1.0, std::ceil(double(marks_.size()) / 10.0)));
        plot_->xAxis->setTicker(whole);
        plot_->yAxis->setTicker(plain_ticker(5));
        plot_->xAxis->setLabel(tr("flight, in order of time"));
        plot_->yAxis->setLabel(given_.isEmpty() ? tr("forecast over flown, %") : tr("%1, error in %").arg(given_));
        QVector<double> x, y, band, bare_x, bare_y, bare_band;
        double widest = 5.0;
        for (std::size_t i = 0; i < marks_.size(); ++i) {
            const Mark& row = marks_[i];
            const double half = percent * two_sided_90 * row.relative_sd;
            auto& to_x = row.from_flights > 0 ? x : bare_x;
            auto& to_y = row.from_flights > 0 ? y : bare_y;
            auto& to_band = row.from_flights > 0 ? band : bare_band;
            to_x << double(i + 1);
            to_y << percent * row.off;
            to_band << half;
            widest = std::max(widest, std::abs(percent * row.off) + half);
        }
        plot_->xAxis->setRange(0.5, double(marks_.size()) + 0.5);
        plot_->yAxis->setRange(-1.08 * widest, 1.08 * widest);
        QCPGraph* right = plot_->addGraph();
        right->setData({0.5, double(marks_.size()) + 0.5}, {0.0, 0.0}, true);
        right->setPen(QPen(theme.ink, look.scaled(1.6)));
        const auto draw = [&](const QVector<double>& at, const QVector<double>& off, const QVector<double>& error,
                              bool filled) {
            if (at.isEmpty()) return;
            QCPGraph* marks = plot_->addGraph();
            marks->setData(at, off, true);
            marks->setLineStyle(QCPGraph::lsNone);
            marks->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(theme.ink, look.scaled(1.2)),
                                                   QBrush(filled ? theme.ink : theme.panel), look.scaled(7)));
            auto* bars = new QCPErrorBars(plot_->xAxis, plot_->yAxis);
            bars->setDataPlottable(marks);
            bars->setData(error);
            bars->setPen(QPen(theme.field_border, look.scaled(1.2)));
        };
        draw(bare_x, bare_y, bare_band, false);
        draw(x, y, band, true);
        for (const auto& [up, text] : {std::pair(given_.isEmpty(), tr("too cautious")),
                                       std::pair(!given_.isEmpty(), tr("too optimistic"))}) {
            auto* words = add_text(plot_, theme.soft_ink, Look::small_px, false);
            words->position->setType(QCPItemPosition::ptAxisRectRatio);
            words->position->setCoords(0.01, up ? 0.02 : 0.98);
            words->setPositionAlignment(Qt::AlignLeft | (up ? Qt::AlignTop : Qt::AlignBottom));
            // Over the grid.
            words->setBrush(QBrush(theme.panel));
            words->setText(text);
        }
    }
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

} // namespace sobremesa::app
