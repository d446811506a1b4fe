#include "app/charts/strip_charts.hpp"

#include <algorithm>
#include <cmath>

#include <QKeyEvent>
#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using telemetry::Channel;

StripCharts::StripCharts(QWidget* parent) : PlotChart(parent) {
    plot_->setPlottingHint(QCP::phFastPolylines);
    setMinimumSize(260, 200);
    connect(plot_, &QCustomPlot::afterLayout, this, &StripCharts::fitRibbon);
    refresh();
}

ShownTable StripCharts::shownTable() const {
    ShownTable table{tr("Strips over time"), {tr("minutes")}, {}};
    if (!debrief_) return table;
    for (const Strip& strip : strips_)
        table.headers << tr("%1, %2", "name of a strip, its unit").arg(strip.name, strip.unit);
    // What is shown, thinned to what one reads; the log itself has every row.
    constexpr std::size_t rows_read = 1000;
    const auto& time_s = debrief_->summary.track.time_s;
    const auto [from_s, to_s] = shownRange();
    std::vector<std::size_t> rows;
    for (std::size_t i = 0; i < time_s.size(); ++i) {
        if (time_s[i] >= from_s && time_s[i] <= to_s) rows.push_back(i);
    }
    const std::size_t stride = std::max<std::size_t>(1, rows.size() / rows_read);
    for (std::size_t n = 0; n < rows.size(); n += stride) {
        std::vector<Cell> row = {figure_cell(time_s[rows[n]] / units::seconds_per_minute, 2)};
        for (const Strip& strip : strips_) {
            const double value = (*debrief_->clean.raw)[strip.channel][debrief_->clean.rows[rows[n]]];
            row.push_back(figure_cell(strip.shown(value), strip.decimals));
        }
        table.rows.push_back(std::move(row));
    }
    return table;
}

void StripCharts::setDebrief(std::shared_ptr<const session::Debrief> debrief) {
    debrief_ = std::move(debrief);
    cursor_row_.reset();
    refresh();
}

void StripCharts::refresh() {
    const Look& look = Look::instance();
    clear();
    plot_->plotLayout()->clear();
    strips_.clear();
    minutes_.clear();
    if (!debrief_) {
        plot_->replot();
        return;
    }
    minutes_.reserve(debrief_->summary.track.time_s.size());
    for (const double t : debrief_->summary.track.time_s) minutes_.push_back(t / units::seconds_per_minute);
    const auto& q = look.quantities();
    const auto speed = q.notation(units::Quantity::airspeed);
    const auto height = q.notation(units::Quantity::height);
    const std::vector<Strip> wanted = {
        {Channel::height_m, tr("Height"), height.factor, tr("%1 above home").arg(height.unit), 0,
         telemetry::home_height_m(debrief_->clean).value_or(0.0)},
        {Channel::ground_speed_mps, tr("Ground speed"), speed.factor, speed.unit, 0},
        {Channel::voltage_v, tr("Pack"), 1.0, tr("V under load"), 2},
        {Channel::current_a, tr("Current"), 1.0, tr("A"), 1},
    };
    plot_->plotLayout()->setRowSpacing(look.scaled(2));
    int row = 0;
    ribbon_ = nullptr;
    ribbon_words_.clear();
    if (!debrief_->findings.segments.empty()) {
        addRibbon();
        ++row;
    }
    for (const Strip& strip : wanted) {
        if (debrief_->clean.raw->has(strip.channel)) addStrip(strip, row++);
    }
    all_from_min_ = debrief_->summary.track.time_s.front() / units::seconds_per_minute;
    all_to_min_ = debrief_->summary.track.time_s.back() / units::seconds_per_minute;
    fitTicks();
    showRange(all_from_min_, all_to_min_);
}

void StripCharts::addStrip(Strip strip, int row) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    strip.rect = new QCPAxisRect(plot_);
    plot_->plotLayout()->addElement(row, 0, strip.rect);
    strip.rect->setMarginGroup(QCP::msLeft | QCP::msRight, margins());
    strip.rect->setMinimumMargins(QMargins(look.scaled(40), look.scaled(22), look.scaled(14), look.scaled(2)));
    style_axis_rect(strip.rect);
    for (QCPAxis* axis : strip.rect->axes()) axis->setLayer(QStringLiteral("axes"));
    QCPAxis* x = strip.rect->axis(QCPAxis::atBottom);
    QCPAxis* y = strip.rect->axis(QCPAxis::atLeft);
    y->setTicker(plain_ticker(3));
    x->setTicker(plain_ticker(7));

    // Made once; the chart then draws two points a pixel, whatever the length of the log.
    std::vector<double> values(debrief_->clean.rows.size());
    for (std::size_t i = 0; i < values.size(); ++i)
        values[i] = strip.shown(debrief_->clean.value(strip.channel, i));
    strip.column = std::make_shared<const telemetry::MinMaxPyramid>(std::move(values));
    QCPGraph* graph = plot_->addGraph(x, y);
    strip.graph = graph;
    graph->setPen(QPen(theme.ink, look.scaled(1.4)));
    graph->setAntialiased(false);
    graph->setAdaptiveSampling(false);
    const auto [least, most] = strip.column->range(0, strip.column->values().size());
    const bool any = std::isfinite(least);
    const double room = any ? std::max(0.08 * (most - least), 0.1) : 1.0;
    y->setRange(any ? least - room : 0.0, any ? most + room : 1.0);
    markGaps(strip.rect);

    auto* heading = add_text(plot_, theme.ink, Look::text_px, true);
    heading->position->setType(QCPItemPosition::ptAxisRectRatio);
    heading->position->setAxisRect(strip.rect);
    heading->position->setCoords(0.0, 0.0);
    heading->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
    heading->setPadding(QMargins(0, 0, 0, look.scaled(2)));
    heading->setText(strip.name);
    auto* unit = add_text(plot_, theme.soft_ink, Look::small_px, false);
    unit->position->setType(QCPItemPosition::ptAbsolute);
    unit->position->setParentAnchor(heading->right);
    unit->position->setCoords(look.scaled(8), 0);
    unit->setPositionAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    unit->setText(strip.unit);

    strip.line = new QCPItemStraightLine(plot_);
    for (QCPItemPosition* position : {strip.line->point1, strip.line->point2}) {
        position->setAxes(x, y);
        position->setType(QCPItemPosition::ptPlotCoords);
    }
    strip.line->setClipAxisRect(strip.rect);
    strip.line->setPen(QPen(theme.field_border, 1));
    strip.line->setVisible(false);
    strip.value = add_text(plot_, theme.ink, Look::text_px, true);
    // Beside the heading, where no line runs: at the cursor it would hide what it reads.
    strip.value->position->setType(QCPItemPosition::ptAbsolute);
    strip.value->position->setParentAnchor(unit->right);
    strip.value->position->setCoords(look.scaled(12), 0);
    strip.value->setPositionAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    strip.value->setVisible(false);
    strips_.push_back(strip);
}

void StripCharts::addRibbon() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    ribbon_ = new QCPAxisRect(plot_);
    plot_->plotLayout()->addElement(0, 0, ribbon_);
    ribbon_->setMarginGroup(QCP::msLeft | QCP::msRight, margins());
    ribbon_->setMinimumMargins(QMargins(look.scaled(40), look.scaled(2), look.scaled(14), look.scaled(2)));
    ribbon_->setMinimumSize(10, look.scaled(22));
    ribbon_->setMaximumSize(QWIDGETSIZE_MAX, look.scaled(22));
    for (QCPAxis* axis : ribbon_->axes()) axis->setVisible(false);
    QCPAxis* x = ribbon_->axis(QCPAxis::atBottom);
    QCPAxis* y = ribbon_->axis(QCPAxis::atLeft);
    y->setRange(0.0, 1.0);
    const auto& segments = debrief_->findings.segments;
    for (std::size_t i = 0; i < segments.size(); ++i) {
        const auto& segment = segments[i];
        auto* box = new QCPItemRect(plot_);
        for (QCPItemPosition* position : {box->topLeft, box->bottomRight}) position->setAxes(x, y);
        box->topLeft->setCoords(segment.start_s / units::seconds_per_minute, 1.0);
        box->bottomRight->setCoords(segment.end_s / units::seconds_per_minute, 0.0);
        box->setClipAxisRect(ribbon_);
        box->setPen(QPen(theme.hairline, 1));
        // Told apart by their words; the ground is hatched, because nothing is flown there.
        box->setBrush(segment.kind == telemetry::SegmentKind::ground ? hatching(theme.soft_ink)
                                                                     : QBrush(theme.paper));
        auto* words = add_text(plot_, theme.ink, Look::small_px, false);
        words->position->setType(QCPItemPosition::ptPlotCoords);
        words->position->setAxes(x, y);
        words->position->setCoords(0.5 * (segment.start_s + segment.end_s) / units::seconds_per_minute, 0.5);
        words->setPositionAlignment(Qt::AlignCenter);
        words->setClipAxisRect(ribbon_);
        words->setClipToAxisRect(true);
        words->setText(wording::name(segment.kind));
        ribbon_words_.emplace_back(words, i);
    }
}

/// Words only where their stretch has room for them.
void StripCharts::fitRibbon() {
    if (!ribbon_) return;
    QCPAxis* x = ribbon_->axis(QCPAxis::atBottom);
    for (const auto& [words, i] : ribbon_words_) {
        const auto& segment = debrief_->findings.segments[i];
        const double from = std::max(segment.start_s / units::seconds_per_minute, x->range().lower);
        const double to = std::min(segment.end_s / units::seconds_per_minute, x->range().upper);
        const double room = x->coordToPixel(to) - x->coordToPixel(from);
        words->position->setCoords(0.5 * (from + to), 0.5);
        words->setVisible(to > from && QFontMetricsF(words->font()).horizontalAdvance(words->text()) + 6.0 < room);
    }
}

void StripCharts::showPart(double from_s, double to_s) {
    const double room_s = std::max(0.15 * (to_s - from_s), 10.0);
    showRange((from_s - room_s) / units::seconds_per_minute, (to_s + room_s) / units::seconds_per_minute);
    setCursor(from_s);
}

/// All strips begin and end at the same place.
QCPMarginGroup* StripCharts::margins() {
    static const char* const margin_group = "stripMargins";
    auto* group = plot_->findChild<QCPMarginGroup*>(QLatin1String(margin_group), Qt::FindDirectChildrenOnly);
    if (!group) {
        group = new QCPMarginGroup(plot_);
        group->setObjectName(QLatin1String(margin_group));
    }
    return group;
}

void StripCharts::markGaps(QCPAxisRect* rect) {
    const Theme& theme = Look::instance().theme();
    for (const auto& gap : debrief_->clean.gaps) {
        auto* box = new QCPItemRect(plot_);
        for (QCPItemPosition* position : {box->topLeft, box->bottomRight}) {
            position->setTypeX(QCPItemPosition::ptPlotCoords);
            position->setTypeY(QCPItemPosition::ptAxisRectRatio);
            position->setAxes(rect->axis(QCPAxis::atBottom), rect->axis(QCPAxis::atLeft));
            position->setAxisRect(rect);
        }
        box->topLeft->setCoords(gap.start_s / units::seconds_per_minute, 0.0);
        box->bottomRight->setCoords(gap.end_s / units::seconds_per_minute, 1.0);
        box->setClipAxisRect(rect);
        box->setPen(Qt::NoPen);
        box->setBrush(hatching(theme.field_border));
    }
}

void StripCharts::fitTicks() {
    if (strips_.empty()) return;
    // As many figures at the side as fit above each other.
    const int strip_px = height() / int(strips_.size()) - Look::instance().scaled(26);
    const int ticks = std::clamp(strip_px / Look::instance().scaled(28), 1, 4);
    for (const Strip& strip : strips_) strip.rect->axis(QCPAxis::atLeft)->ticker()->setTickCount(ticks);
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void StripCharts::drawLines() {
    if (strips_.empty()) return;
    const auto range = strips_.front().rect->axis(QCPAxis::atBottom)->range();
    const int pixels = std::max(plot_->width(), 100);
    for (const Strip& strip : strips_) {
        // Nothing is drawn across a pause in the record.
        const auto line = telemetry::drawn_line(minutes_, *strip.column, range.lower, range.upper, pixels,
                                                debrief_->clean.longest_step_s / units::seconds_per_minute);
        strip.graph->setData(QVector<double>(line.x.begin(), line.x.end()),
                             QVector<double>(line.y.begin(), line.y.end()), true);
    }
}

void StripCharts::resizeEvent(QResizeEvent*) {
    drawLines();
    fitTicks();
}

std::pair<double, double> StripCharts::shownRange() const {
    if (strips_.empty()) return {0.0, 0.0};
    const auto range = strips_.front().rect->axis(QCPAxis::atBottom)->range();
    return {range.lower * units::seconds_per_minute, range.upper * units::seconds_per_minute};
}

QPoint StripCharts::toScreen(double time_s) const {
    const auto* rect = strips_.front().rect;
    return {int(rect->axis(QCPAxis::atBottom)->coordToPixel(time_s / units::seconds_per_minute)),
            rect->center().y()};
}

void StripCharts::showRange(double from_min, double to_min) {
    const double least_min = 0.05;
    const double size = std::clamp(to_min - from_min, least_min, std::max(least_min, all_to_min_ - all_from_min_));
    from_min = std::clamp(from_min, all_from_min_, std::max(all_from_min_, all_to_min_ - size));
    for (std::size_t i = 0; i < strips_.size(); ++i) {
        QCPAxis* x = strips_[i].rect->axis(QCPAxis::atBottom);
        x->setRange(from_min, from_min + size);
        // One time axis, under the last strip.
        x->setTickLabels(i + 1 == strips_.size());
    }
    if (ribbon_) ribbon_->axis(QCPAxis::atBottom)->setRange(from_min, from_min + size);
    drawLines();
    placeCursor();
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void StripCharts::zoom(double factor, double around_min) {
    if (strips_.empty()) return;
    const auto range = strips_.front().rect->axis(QCPAxis::atBottom)->range();
    showRange(around_min - (around_min - range.lower) * factor, around_min + (range.upper - around_min) * factor);
}

void StripCharts::setCursor(double time_s) {
    if (!debrief_) return;
    const auto& times = debrief_->summary.track.time_s;
    auto at = std::lower_bound(times.begin(), times.end(), time_s);
    if (at == times.end()) --at;
    if (at != times.begin() && time_s - *(at - 1) < *at - time_s) --at;
    cursor_row_ = std::size_t(at - times.begin());
    placeCursor();
    plot_->replot(QCustomPlot::rpQueuedReplot);
    emit cursorMoved(*cursor_row_);
}

void StripCharts::placeCursor() {
    if (!cursor_row_ || !debrief_) return;
    const double minutes = debrief_->summary.track.time_s[*cursor_row_] / units::seconds_per_minute;
    QStringList spoken;
    for (const Strip& strip : strips_) {
        const double value = strip.shown(debrief_->clean.value(strip.channel, *cursor_row_));
        strip.line->point1->setCoords(minutes, 0.0);
        strip.line->point2->setCoords(minutes, 1.0);
        strip.line->setVisible(true);
        strip.value->setText(wording::written(value, 0.0, {1.0, {}, strip.decimals}));
        strip.value->setVisible(true);
        spoken << tr("%1 %2 %3", "channel, value, unit").arg(strip.name, strip.value->text(), strip.unit);
    }
    setAccessibleDescription(
        tr("at %1 min: %2").arg(wording::written(minutes, 0.0, {1.0, {}, 1}), spoken.join(QStringLiteral(", "))));
}

bool StripCharts::eventFilter(QObject* watched, QEvent* event) {
    // Other events reach here too, down to those of the plot's own end, when there are no axes any more.
    const bool ours = event->type() == QEvent::MouseButtonPress || event->type() == QEvent::MouseButtonRelease ||
                      event->type() == QEvent::MouseButtonDblClick || event->type() == QEvent::MouseMove ||
                      event->type() == QEvent::Wheel;
    if (watched != plot_ || strips_.empty() || !ours) return QWidget::eventFilter(watched, event);
    QCPAxis* x = strips_.front().rect->axis(QCPAxis::atBottom);
    switch (event->type()) {
    case QEvent::MouseButtonPress:
        setFocus();
        pan_from_ = static_cast<QMouseEvent*>(event)->pos();
        return true;
    case QEvent::MouseButtonRelease: pan_from_.reset(); return true;
    case QEvent::MouseButtonDblClick: showRange(all_from_min_, all_to_min_); return true;
    case QEvent::MouseMove: {
        const QPoint at = static_cast<QMouseEvent*>(event)->pos();
        if (pan_from_) {
            const double moved = x->pixelToCoord(pan_from_->x()) - x->pixelToCoord(at.x());
            pan_from_ = at;
            showRange(x->range().lower + moved, x->range().upper + moved);
        } else if (at.x() >= strips_.front().rect->left() && at.x() <= strips_.front().rect->right()) {
            setCursor(x->pixelToCoord(at.x()) * units::seconds_per_minute);
        }
        return true;
    }
    case QEvent::Wheel: {
        const auto* wheel = static_cast<QWheelEvent*>(event);
        zoom(std::pow(1.0015, -wheel->angleDelta().y()), x->pixelToCoord(wheel->position().x()));
        return true;
    }
    default: return QWidget::eventFilter(watched, event);
    }
}

void StripCharts::keyPressEvent(QKeyEvent* event) {
    if (!debrief_ || strips_.empty()) {
        QWidget::keyPressEvent(event);
        return;
    }
    const auto range = strips_.front().rect->axis(QCPAxis::atBottom)->range();
    const auto& times = debrief_->summary.track.time_s;
    const double now_s = cursor_row_ ? times[*cursor_row_] : range.center() * units::seconds_per_minute;
    const double step_s = range.size() * units::seconds_per_minute / 200.0;
    switch (event->key()) {
    case Qt::Key_Left: setCursor(now_s - step_s); return;
    case Qt::Key_Right: setCursor(now_s + step_s); return;
    case Qt::Key_Plus:
    case Qt::Key_Equal: zoom(0.7, now_s / units::seconds_per_minute); return;
    case Qt::Key_Minus: zoom(1.0 / 0.7, now_s / units::seconds_per_minute); return;
    case Qt::Key_Home: showRange(all_from_min_, all_to_min_); return;
    default: QWidget::keyPressEvent(event);
    }
}

} // namespace sobremesa::app
