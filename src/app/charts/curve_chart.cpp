#include "app/charts/curve_chart.hpp"

#include <algorithm>
#include <cmath>

#include <QKeyEvent>
#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

using units::Quantity;

namespace {

constexpr int curve_steps = 120;
/// Of the chart's height, kept free above the curve.
constexpr double above_curve = 1.12;

} // namespace

CurveChart::CurveChart(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(280, 220);
    setAccessibleName(tr("Power against airspeed"));
    connect(plot_, &QCustomPlot::afterLayout, this, &CurveChart::placeMarks);
    refresh();
}

void CurveChart::setShown(std::optional<Shown> shown) {
    shown_ = std::move(shown);
    samples_.clear();
    if (shown_) {
        samples_ = airframe::sampled(shown_->curve, shown_->question, curve_steps);
        if (!dragged_ && shown_->speeds.range) chosen_mps_ = shown_->speeds.range->airspeed_mps.value;
    }
    refresh();
}

void CurveChart::setChosenSpeed(double airspeed_mps) {
    if (samples_.empty()) return;
    dragged_ = true;
    chosen_mps_ =
        std::clamp(airspeed_mps, std::max(samples_.front().airspeed_mps.value, shown_->speeds.slowest_mps),
                   samples_.back().airspeed_mps.value);
    placeChosen();
    plot_->replot(QCustomPlot::rpQueuedReplot);
    emit speedChosen(chosen_mps_);
}

ShownTable CurveChart::shownTable() const {
    const auto& q = Look::instance().quantities();
    const auto speed = q.notation(Quantity::airspeed);
    ShownTable table{
        tr("Power against airspeed"), {tr("airspeed, %1").arg(speed.unit), tr("power, W"), tr("error, W")}, {}};
    for (std::size_t i = 0; i < samples_.size(); i += 5)
        table.rows.push_back({figure_cell(samples_[i].airspeed_mps.value * speed.factor, 1),
                              figure_cell(samples_[i].power_w.value, 1), figure_cell(samples_[i].power_w.sd, 1)});
    return table;
}

QPoint CurveChart::toScreen(double airspeed_mps, double power_w) const {
    const auto speed = Look::instance().quantities().notation(Quantity::airspeed);
    return {int(plot_->xAxis->coordToPixel(airspeed_mps * speed.factor)), int(plot_->yAxis->coordToPixel(power_w))};
}

void CurveChart::refresh() {
    const Look& look = Look::instance();
    clear();
    handle_ = nullptr;
    handle_words_ = nullptr;
    marks_.clear();
    style_axis_rect(plot_->axisRect());
    for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
        axis->setTicker(plain_ticker(5));
        axis->setVisible(shown_.has_value());
    }
    if (shown_) {
        const auto& q = look.quantities();
        plot_->xAxis->setLabel(tr("airspeed, %1").arg(q.notation(Quantity::airspeed).unit));
        plot_->yAxis->setLabel(tr("power level, W"));
        drawCurve();
        drawPoints(shown_->points, true);
        drawPoints(shown_->apart, false);
        drawTangent();
        mark(shown_->speeds.endurance, tr("best endurance"));
        mark(shown_->speeds.range, tr("best range"));
        mark(shown_->speeds.fastest, tr("half of full power"));
        placeChosen();
    }
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void CurveChart::drawCurve() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const double factor = look.quantities().notation(Quantity::airspeed).factor;
    QVector<double> x, y, low, high, flown_x, flown_y;
    double most = 0.0;
    for (const auto& sample : samples_) {
        const double v = sample.airspeed_mps.value;
        x << v * factor;
        y << sample.power_w.value;
        low << sample.power_w.value - sample.power_w.sd;
        high << sample.power_w.value + sample.power_w.sd;
        if (v >= shown_->curve.least_flown_mps - 1e-9 && v <= shown_->curve.most_flown_mps + 1e-9) {
            flown_x << v * factor;
            flown_y << sample.power_w.value;
        }
        most = std::max(most, sample.power_w.value);
    }
    for (const auto& point : shown_->points) most = std::max(most, point.power_w.value);
    plot_->xAxis->setRange(x.front(), x.back());
    plot_->yAxis->setRange(0.0, above_curve * most);
    QCPGraph* lower = plot_->addGraph();
    lower->setData(x, low, true);
    QCPGraph* upper = plot_->addGraph();
    upper->setData(x, high, true);
    // A band with an edge: forecast, not measured.
    for (QCPGraph* edge : {lower, upper}) edge->setPen(QPen(theme.field_border, look.scaled(1)));
    QColor fill = theme.ink;
    fill.setAlphaF(0.06F);
    upper->setBrush(fill);
    upper->setChannelFillGraph(lower);
    QCPGraph* line = plot_->addGraph();
    line->setData(x, y, true);
    line->setPen(QPen(theme.ink, look.scaled(1.4), Qt::DashLine));
    if (shown_->curve.flights > 0 && flown_x.size() > 1) {
        QCPGraph* flown = plot_->addGraph();
        flown->setData(flown_x, flown_y, true);
        flown->setPen(QPen(theme.ink, look.scaled(2.4)));
    }
}

void CurveChart::drawPoints(const std::vector<telemetry::LevelPoint>& points, bool filled) {
    if (points.empty()) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const double factor = look.quantities().notation(Quantity::airspeed).factor;
    QVector<double> x, y, error;
    for (const auto& point : points) {
        x << point.airspeed_mps.value * factor;
        y << point.power_w.value;
        error << point.power_w.sd;
    }
    QCPGraph* marks = plot_->addGraph();
    marks->setData(x, y);
    marks->setLineStyle(QCPGraph::lsNone);
    marks->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(theme.ink, look.scaled(1.2)),
                                           QBrush(filled ? theme.ink : theme.panel), look.scaled(6)));
    auto* bars = new QCPErrorBars(plot_->xAxis, plot_->yAxis);
    bars->setDataPlottable(marks);
    // In the order of the graph: the data of a graph are sorted by their key.
    std::vector<std::size_t> order(points.size());
    for (std::size_t i = 0; i < order.size(); ++i) order[i] = i;
    std::stable_sort(order.begin(), order.end(),
                     [&](std::size_t a, std::size_t b) { return x[qsizetype(a)] < x[qsizetype(b)]; });
    QVector<double> sorted;
    for (const std::size_t i : order) sorted << error[qsizetype(i)];
    bars->setData(sorted);
    bars->setPen(QPen(theme.ink, look.scaled(1)));
}

void CurveChart::drawTangent() {
    const auto& range = shown_->speeds.range;
    if (!range || std::abs(shown_->question.cross_wind_mps) > 0.5 * range->airspeed_mps.value) return;
    const Look& look = Look::instance();
    const double factor = look.quantities().notation(Quantity::airspeed).factor;
    // From the headwind on the axis: it touches where power over ground speed is least.
    auto* line = new QCPItemLine(plot_);
    const double wind = shown_->question.head_wind_mps;
    const double beyond = 1.15;
    line->start->setCoords(wind * factor, 0.0);
    line->end->setCoords((wind + beyond * (range->airspeed_mps.value - wind)) * factor,
                         beyond * range->power_w.value);
    line->setPen(QPen(look.theme().soft_ink, look.scaled(1), Qt::DotLine));
}

void CurveChart::mark(const std::optional<airframe::SpeedToFly>& speed, const QString& name) {
    if (!speed || speed->airspeed_mps.value > samples_.back().airspeed_mps.value) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const double x = speed->airspeed_mps.value * look.quantities().notation(Quantity::airspeed).factor;
    auto* stem = new QCPItemLine(plot_);
    stem->start->setCoords(x, 0.0);
    stem->end->setCoords(x, speed->power_w.value);
    stem->setPen(QPen(theme.field_border, look.scaled(1)));
    auto* words = add_text(plot_, theme.ink, Look::small_px, true);
    words->position->setType(QCPItemPosition::ptPlotCoords);
    words->position->setCoords(x, 0.0);
    // Upright, from the axis: three of them may stand close together.
    words->setRotation(-90.0);
    words->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
    words->setPadding(QMargins(look.scaled(6), 0, 0, look.scaled(3)));
    words->setText(name);
    marks_.push_back(
        {words, x, speed->power_w.value - speed->power_w.sd, speed->power_w.value + speed->power_w.sd});
}

/// Words that the curve would run through stand above its band.
void CurveChart::placeMarks() {
    const Look& look = Look::instance();
    const QFontMetrics metrics(look.font(Look::small_px, Look::Weight::semibold));
    for (const Mark& mark : marks_) {
        const double tall = metrics.horizontalAdvance(mark.words->text()) + look.scaled(9);
        const double room = plot_->yAxis->coordToPixel(0.0) - plot_->yAxis->coordToPixel(mark.low_w);
        mark.words->position->setCoords(mark.x, tall <= room ? 0.0 : mark.high_w);
    }
}

void CurveChart::placeChosen() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const auto& q = look.quantities();
    if (!handle_) {
        handle_ = new QCPItemTracer(plot_);
        handle_->setStyle(QCPItemTracer::tsCircle);
        handle_->setSize(look.scaled(14));
        handle_->setPen(QPen(theme.ink, look.scaled(2)));
        handle_->setBrush(theme.panel);
        handle_words_ = add_text(plot_, theme.ink, Look::text_px, true);
        handle_words_->setBrush(theme.panel);
        handle_words_->setPadding(QMargins(look.scaled(4), look.scaled(1), look.scaled(4), look.scaled(1)));
        handle_words_->position->setType(QCPItemPosition::ptAbsolute);
        handle_words_->position->setParentAnchor(handle_->position);
        handle_words_->position->setCoords(0, -look.scaled(14));
    }
    const auto speed = airframe::at_speed(shown_->curve, shown_->question, chosen_mps_);
    const auto notation = q.notation(Quantity::airspeed);
    handle_->position->setCoords(chosen_mps_ * notation.factor, speed.power_w.value);
    const bool right = chosen_mps_ * notation.factor > plot_->xAxis->range().center();
    handle_words_->setPositionAlignment((right ? Qt::AlignRight : Qt::AlignHCenter) | Qt::AlignBottom);
    handle_words_->setText(tr("%1, %2", "airspeed, power")
                               .arg(wording::written(chosen_mps_, 0.0, notation),
                                    q.text(Quantity::level_power_at_speed, {speed.power_w.value, 0.0})));
    setAccessibleDescription(tr("at %1 it takes %2")
                                 .arg(wording::written(chosen_mps_, 0.0, notation),
                                      q.text(Quantity::level_power_at_speed, speed.power_w)));
}

bool CurveChart::eventFilter(QObject* watched, QEvent* event) {
    const bool ours = event->type() == QEvent::MouseButtonPress || event->type() == QEvent::MouseMove;
    if (watched != plot_ || !shown_ || !ours) return QWidget::eventFilter(watched, event);
    const auto* mouse = static_cast<QMouseEvent*>(event);
    if (event->type() == QEvent::MouseButtonPress) setFocus();
    const bool pressed = event->type() == QEvent::MouseButtonPress || (mouse->buttons() & Qt::LeftButton);
    if (!pressed) return QWidget::eventFilter(watched, event);
    const auto notation = Look::instance().quantities().notation(Quantity::airspeed);
    setChosenSpeed(plot_->xAxis->pixelToCoord(mouse->position().x()) / notation.factor);
    return true;
}

void CurveChart::keyPressEvent(QKeyEvent* event) {
    constexpr double step_mps = 0.25;
    if (event->key() == Qt::Key_Left || event->key() == Qt::Key_Right) {
        setChosenSpeed(chosen_mps_ + (event->key() == Qt::Key_Left ? -step_mps : step_mps));
        return;
    }
    if (event->key() == Qt::Key_Home && shown_ && shown_->speeds.range) {
        setChosenSpeed(shown_->speeds.range->airspeed_mps.value);
        dragged_ = false;
        return;
    }
    QWidget::keyPressEvent(event);
}

} // namespace sobremesa::app
