#include "app/charts/sun_chart.hpp"

#include <algorithm>

#include <QMouseEvent>
#include <QToolTip>
#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/quantity.hpp"
#include "wording/quantities.hpp"
#include "wording/sentences.hpp"
#include "wording/sun.hpp"

namespace sobremesa::app {

using units::Quantity;

namespace {

constexpr double above_sun = 1.18;
/// Before sunrise and after sunset, s.
constexpr double margin_s = 1800.0;

/// The hours that are worth showing: daylight and the flight.
QCPRange hours_of(const matching::SunDayReport& report) {
    QCPRange range(report.rows.front().utc_s, report.rows.back().utc_s);
    if (report.question.start_utc_s || report.daylight.empty()) return range;
    range.lower =
        std::max(range.lower, std::min(report.daylight.front().from_utc_s, report.flight.start_utc_s) - margin_s);
    range.upper =
        std::min(range.upper, std::max(report.daylight.back().to_utc_s, report.flight.end_utc_s()) + margin_s);
    return range;
}

} // namespace

SunChart::SunChart(QWidget* parent) : PlotChart(parent) {
    setMouseTracking(true);
    setMinimumSize(300, 240);
    setAccessibleName(tr("Array power and pack through the day"));
    refresh();
}

void SunChart::setReport(std::shared_ptr<const matching::SunDayReport> report) {
    report_ = std::move(report);
    refresh();
}

ShownTable SunChart::shownTable() const {
    ShownTable table{tr("Sun through the day"),
                     {tr("time"), tr("sun, °"), tr("irradiance, W/m²"), tr("array, W"), tr("clear sky, W"),
                      tr("overcast, W"), tr("level flight, W"), tr("pack, %")},
                     {}};
    if (!report_) return table;
    for (const auto& m : report_->rows) {
        table.rows.push_back({text_cell(wording::clock_text(m.utc_s)), figure_cell(m.elevation_deg, 0),
                              figure_cell(m.global_w_per_m2, 0), figure_cell(m.array_w, 1),
                              figure_cell(m.clear_array_w, 1), figure_cell(m.overcast_array_w, 1),
                              figure_cell(m.level_w, 1), figure_cell(percent * m.pack_share, 0)});
    }
    return table;
}

QPoint SunChart::toScreen(double utc_s, double power_w) const {
    if (!power_rect_) return {};
    return {int(power_rect_->axis(QCPAxis::atBottom)->coordToPixel(utc_s)),
            int(power_rect_->axis(QCPAxis::atLeft)->coordToPixel(power_w))};
}

QCPAxisRect* SunChart::addRect(int row, const QString& title, double height_share) {
    QCPAxisRect* rect = add_part(plot_, row, 0, 44, 16);
    plot_->plotLayout()->setRowStretchFactor(row, height_share);
    auto clock = QSharedPointer<QCPAxisTickerDateTime>::create();
    clock->setDateTimeFormat(QStringLiteral("HH:mm"));
    clock->setTickCount(6);
    rect->axis(QCPAxis::atBottom)->setTicker(clock);
    rect->axis(QCPAxis::atBottom)->setRange(hours_of(*report_));
    rect->axis(QCPAxis::atLeft)->setTicker(plain_ticker(4));
    add_heading(rect, title);
    return rect;
}

void SunChart::refresh() {
    const Look& look = Look::instance();
    clear();
    plot_->plotLayout()->clear();
    power_rect_ = nullptr;
    if (report_ && !report_->rows.empty()) {
        power_rect_ = addRect(
            0, tr("Array and level flight, W, by the clock (%1)").arg(wording::clock_zone(report_->noon.utc_s)),
            3.0);
        auto* pack = addRect(1, tr("Pack through the flight, % charged"), 2.0);
        auto* margins = new QCPMarginGroup(plot_);
        for (QCPAxisRect* rect : {power_rect_, pack}) rect->setMarginGroup(QCP::msLeft | QCP::msRight, margins);
        drawPower(power_rect_);
        drawPack(pack);
        setAccessibleDescription(wording::without_markup(wording::sun_sentence(*report_, look.quantities())));
    }
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void SunChart::label(QCPAxisRect* rect, double x, double y, const QString& text, Qt::Alignment side, bool bold) {
    auto* words = add_text(plot_, Look::instance().theme().ink, Look::small_px, bold);
    words->position->setAxes(rect->axis(QCPAxis::atBottom), rect->axis(QCPAxis::atLeft));
    words->position->setCoords(x, y);
    words->setPositionAlignment(side);
    words->setPadding(QMargins(Look::instance().scaled(4), 0, Look::instance().scaled(4), 0));
    words->setText(text);
}

void SunChart::drawPower(QCPAxisRect* rect) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QCPAxis* across = rect->axis(QCPAxis::atBottom);
    QCPAxis* up = rect->axis(QCPAxis::atLeft);
    QVector<double> x, array, clear, overcast;
    double most = report_->level_w.value;
    for (const auto& m : report_->rows) {
        x << m.utc_s;
        array << m.array_w;
        clear << m.clear_array_w;
        overcast << m.overcast_array_w;
        most = std::max({most, m.array_w, m.clear_array_w});
    }
    up->setRange(0.0, above_sun * most);
    const auto graph = [&](const QVector<double>& y, const QPen& pen) {
        QCPGraph* line = plot_->addGraph(across, up);
        line->setData(x, y, true);
        line->setPen(pen);
        return line;
    };
    QCPGraph* low = graph(overcast, QPen(theme.field_border, look.scaled(1)));
    QCPGraph* high = graph(clear, QPen(theme.field_border, look.scaled(1)));
    QColor fill = theme.ink;
    fill.setAlphaF(0.06F);
    high->setBrush(fill);
    high->setChannelFillGraph(low);
    graph(array, QPen(theme.ink, look.scaled(1.8), Qt::DashLine));
    // Level flight with its error, across the day.
    const double level = report_->level_w.value;
    QCPGraph* needed = plot_->addGraph(across, up);
    needed->setData({across->range().lower, across->range().upper}, {level, level}, true);
    needed->setPen(QPen(theme.ink, look.scaled(1.4)));
    // At the evening's end, where the array is far below.
    label(rect, across->range().upper, level,
          tr("level flight takes %1").arg(look.quantities().text(Quantity::array_power, report_->level_w)),
          Qt::AlignRight | Qt::AlignBottom, false);
    for (const auto& span : report_->sustained) {
        auto* bar = new QCPItemLine(plot_);
        for (QCPItemPosition* end : {bar->start, bar->end}) end->setAxes(across, up);
        bar->start->setCoords(span.from_utc_s, level);
        bar->end->setCoords(span.to_utc_s, level);
        bar->setPen(QPen(theme.ink, look.scaled(4)));
        bar->setClipAxisRect(rect);
    }
    const auto& noon = report_->noon;
    label(rect, noon.utc_s, std::max(noon.array_w, noon.clear_array_w),
          tr("%1 at %2")
              .arg(look.quantities().text(Quantity::array_power, {noon.array_w, 0.0}),
                   wording::clock_text(noon.utc_s)),
          Qt::AlignHCenter | Qt::AlignBottom, true);
    constexpr double room_for_words = 0.12;
    if (noon.overcast_array_w > room_for_words * most && noon.overcast_array_w < 0.7 * noon.array_w)
        label(rect, noon.utc_s, noon.overcast_array_w, tr("overcast"), Qt::AlignHCenter | Qt::AlignTop, false);
}

void SunChart::drawPack(QCPAxisRect* rect) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QCPAxis* across = rect->axis(QCPAxis::atBottom);
    QCPAxis* up = rect->axis(QCPAxis::atLeft);
    up->setRange(0.0, 112.0);
    const auto& flight = report_->flight;
    QVector<double> x, y;
    for (const auto& m : report_->rows) {
        if (m.utc_s < flight.start_utc_s || m.utc_s > flight.end_utc_s()) continue;
        x << m.utc_s;
        y << percent * m.pack_share;
    }
    QCPGraph* line = plot_->addGraph(across, up);
    line->setData(x, y, true);
    line->setPen(QPen(theme.ink, look.scaled(1.8), Qt::DashLine));
    const auto mark = [&](double utc_s, double height, const QString& text, Qt::Alignment side) {
        auto* stem = new QCPItemLine(plot_);
        for (QCPItemPosition* end : {stem->start, stem->end}) end->setAxes(across, up);
        stem->start->setCoords(utc_s, 0.0);
        stem->end->setCoords(utc_s, 100.0);
        stem->setClipAxisRect(rect);
        stem->setPen(QPen(theme.field_border, look.scaled(1)));
        label(rect, utc_s, height, text, side, false);
    };
    // One at the foot, one at the head, each away from the other as long as the edge is far.
    constexpr double near_edge = 0.2;
    const double edge_s = near_edge * across->range().size();
    const bool from_edge = flight.start_utc_s < across->range().lower + edge_s;
    mark(flight.start_utc_s, 0.0, tr("launch %1").arg(wording::clock_text(flight.start_utc_s)),
         (from_edge ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignBottom);
    const bool to_edge = flight.end_utc_s() > across->range().upper - edge_s;
    if (!flight.outlasts && flight.end_utc_s() <= across->range().upper + 1.0)
        mark(flight.end_utc_s(), 100.0, tr("landing voltage %1").arg(wording::clock_text(flight.end_utc_s())),
             (to_edge ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignTop);
}

void SunChart::mouseMoveEvent(QMouseEvent* event) {
    QWidget::mouseMoveEvent(event);
    if (!report_ || !power_rect_ || report_->rows.empty()) return;
    const double utc_s = power_rect_->axis(QCPAxis::atBottom)->pixelToCoord(event->position().x());
    const auto nearest =
        std::min_element(report_->rows.begin(), report_->rows.end(), [&](const auto& a, const auto& b) {
            return std::abs(a.utc_s - utc_s) < std::abs(b.utc_s - utc_s);
        });
    const auto& q = Look::instance().quantities();
    QToolTip::showText(
        event->globalPosition().toPoint(),
        tr("%1: array %2, balance %3, pack %4", "clock, watts, watts, share")
            .arg(wording::clock_text(nearest->utc_s), q.text(Quantity::array_power, {nearest->array_w, 0.0}),
                 q.text(Quantity::power_balance, {nearest->balance_w, 0.0}), q.share(nearest->pack_share)),
        this);
}

} // namespace sobremesa::app
