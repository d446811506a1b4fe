#include "app/charts/homeward_chart.hpp"

#include <algorithm>
#include <cmath>

#include <QKeyEvent>
#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/mission/chance.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

namespace {

using mission::OutwardPoint;
using units::Quantity;

/// A band between two curves: fill, and an edge that can be seen.
void add_band(QCPAxis* x, QCPAxis* y, const QVector<double>& xs, const QVector<double>& low,
              const QVector<double>& high, const QColor& colour) {
    QCustomPlot* plot = x->parentPlot();
    QColor edge = colour;
    edge.setAlphaF(0.45F);
    QCPGraph* below = plot->addGraph(x, y);
    below->setData(xs, low, true);
    below->setPen(QPen(edge, 1));
    QCPGraph* above = plot->addGraph(x, y);
    above->setData(xs, high, true);
    above->setPen(QPen(edge, 1));
    above->setBrush(band_fill(colour));
    above->setChannelFillGraph(below);
}

QCPGraph* add_line(QCPAxis* x, QCPAxis* y, const QVector<double>& xs, const QVector<double>& ys, const QPen& pen) {
    QCPGraph* graph = x->parentPlot()->addGraph(x, y);
    graph->setData(xs, ys, true);
    graph->setPen(pen);
    return graph;
}

QPen dashed(const QColor& colour, double width, const QList<qreal>& pattern) {
    QPen pen(colour, width);
    pen.setCapStyle(Qt::FlatCap);
    pen.setDashPattern(pattern);
    return pen;
}

void add_vertical(QCPAxis* x, QCPAxis* y, double at, double from, double to, const QPen& pen) {
    auto* line = new QCPItemLine(x->parentPlot());
    for (QCPItemPosition* position : {line->start, line->end}) {
        position->setAxes(x, y);
        position->setType(QCPItemPosition::ptPlotCoords);
    }
    line->setClipAxisRect(x->axisRect());
    line->start->setCoords(at, from);
    line->end->setCoords(at, to);
    line->setPen(pen);
}

} // namespace

/// Where a distance of a plan stands on the axis: itself, or for a flight that stays, its minute.
double HomewardChart::onAxis(const mission::Plan& plan, double distance_m) const {
    return over_time_ ? onAxis(mission::outward_at(plan, distance_m)) : distance_m * per_distance_;
}

double HomewardChart::onAxis(const mission::OutwardPoint& point) const {
    return over_time_ ? point.time_s / units::seconds_per_minute : point.distance_m * per_distance_;
}

double HomewardChart::onAxis(const debrief::FlownPoint& point) const {
    return over_time_ ? point.time_s / units::seconds_per_minute : flown_->on_axis_m(point) * per_distance_;
}

/// The distance of the plan at a place of the axis.
double HomewardChart::distanceAt(double x) const {
    if (!over_time_) return x / per_distance_;
    const double time_s = x * units::seconds_per_minute;
    const auto& points = plan_->outward;
    const auto after =
        std::find_if(points.begin(), points.end(), [&](const auto& p) { return p.time_s >= time_s; });
    if (after == points.end()) return points.back().distance_m;
    if (after == points.begin()) return after->distance_m;
    const auto before = after - 1;
    const double part = (time_s - before->time_s) / (after->time_s - before->time_s);
    return before->distance_m + part * (after->distance_m - before->distance_m);
}

/// A place of the axis in words.
QString HomewardChart::placeText(const mission::Plan& plan, double distance_m) const {
    const auto& q = Look::instance().quantities();
    return over_time_ ? q.duration(mission::outward_at(plan, distance_m).time_s) : q.distance(distance_m);
}

HomewardChart::HomewardChart(QWidget* parent) : PlotChart(parent) {
    setMinimumSize(300, 180);
    build();
}

void HomewardChart::followLook() {
    build();
    refresh();
}

void HomewardChart::build() {
    const Look& look = Look::instance();
    clear();
    plot_->plotLayout()->clear();
    plot_->setNoAntialiasingOnDrag(true);
    if (!plot_->layer(cursor_layer)) {
        plot_->addLayer(cursor_layer, plot_->layer(QStringLiteral("main")), QCustomPlot::limAbove);
    }

    energy_ = new QCPAxisRect(plot_);
    margin_ = new QCPAxisRect(plot_);
    plot_->plotLayout()->addElement(0, 0, energy_);
    plot_->plotLayout()->addElement(1, 0, margin_);
    plot_->plotLayout()->setRowStretchFactors({3.0, 1.0});
    plot_->plotLayout()->setRowSpacing(look.scaled(6));
    auto* margins = new QCPMarginGroup(plot_);
    for (QCPAxisRect* rect : {energy_, margin_}) {
        rect->setMarginGroup(QCP::msLeft | QCP::msRight, margins);
        rect->setMinimumMargins(QMargins(look.scaled(46), look.scaled(4), look.scaled(20), look.scaled(4)));
        style_axis_rect(rect);
        for (QCPAxis* axis : rect->axes()) axis->setLayer(QStringLiteral("axes"));
    }
    energy_->axis(QCPAxis::atBottom)->setTickLabels(false);
    energy_->axis(QCPAxis::atLeft)->setTicker(plain_ticker(4, energy_->axis(QCPAxis::atLeft)));
    margin_->axis(QCPAxis::atLeft)->setTicker(plain_ticker(2));
    margin_->axis(QCPAxis::atBottom)->setTicker(plain_ticker(8));
    style_axis(energy_->axis(QCPAxis::atRight), true);
    energy_->axis(QCPAxis::atRight)->grid()->setVisible(false);
    margin_->axis(QCPAxis::atLeft)->grid()->setZeroLinePen(QPen(look.theme().ink, look.scaled(2)));
}

void HomewardChart::setPlan(std::shared_ptr<const mission::Plan> plan) {
    plan_ = std::move(plan);
    refresh();
}

void HomewardChart::setBeside(std::shared_ptr<const mission::Plan> plan) {
    if (plan == beside_) return;
    beside_ = std::move(plan);
    refresh();
}

void HomewardChart::setFlown(std::shared_ptr<const debrief::FlownHomeward> flown) {
    flown_ = std::move(flown);
    refresh();
}

/// A little past the turn, so that the crossing is seen; never past what the pack gives.
double HomewardChart::endOfChart() const {
    const double pack_end_m = plan_->outward.back().distance_m;
    if (flown_) {
        // Over places the axis is the distance flown, home counted.
        if (over_time_) {
            const double longest_s = flown_->points.back().time_s;
            return std::min(pack_end_m, distanceAt(1.05 * longest_s / units::seconds_per_minute));
        }
        if (flown_->along_the_way) return 1.05 * std::max(flown_->points.back().flown_m, 1.0);
        // The flight fills the chart; the turn is shown where it is not far beyond.
        const double farthest_m = flown_->farthest.from_home_m;
        const double turn_m = plan_->turn ? plan_->turn->distance_m.value : 0.0;
        return std::min(pack_end_m, std::max(1.3 * farthest_m, turn_m < 2.0 * farthest_m ? 1.1 * turn_m : 0.0));
    }
    if (!plan_->turn) return pack_end_m;
    double farthest_m = plan_->turn->distance_m.value * 1.12;
    for (const auto& turn_rule : plan_->turn_rules) {
        // A turn rule that turns far too late would squeeze the crossing; it is listed in the table.
        if (turn_rule.reached) {
            farthest_m =
                std::max(farthest_m, std::min(turn_rule.distance_m * 1.03, 1.45 * plan_->turn->distance_m.value));
        }
    }
    return std::min(farthest_m, pack_end_m);
}

void HomewardChart::refresh() {
    plot_->clearPlottables();
    plot_->clearItems();
    cursor_text_.clear();
    const bool drawable = plan_ && !plan_->outward.empty();
    energy_->setVisible(drawable);
    margin_->setVisible(drawable);
    for (QCPAxisRect* rect : {energy_, margin_}) {
        for (QCPAxis* axis : rect->axes()) {
            const bool wanted = axis->axisType() == QCPAxis::atLeft || axis->axisType() == QCPAxis::atBottom ||
                                (rect == energy_ && axis->axisType() == QCPAxis::atRight);
            axis->setVisible(drawable && wanted);
        }
    }
    if (!drawable) {
        setAccessibleName(plan_ ? wording::homeward_summary(*plan_, Look::instance().quantities()) : QString());
        plot_->replot(QCustomPlot::rpQueuedReplot);
        return;
    }
    const Look& look = Look::instance();
    setAccessibleName(wording::homeward_summary(*plan_, look.quantities()));
    per_distance_ = look.quantities().notation(Quantity::turn_distance).factor;
    over_time_ = mission::stays(plan_->request);
    const double end_m = endOfChart();
    energy_->axis(QCPAxis::atBottom)->setRange(0.0, onAxis(*plan_, end_m));
    margin_->axis(QCPAxis::atBottom)->setRange(0.0, onAxis(*plan_, end_m));
    energy_->axis(QCPAxis::atLeft)->setRange(0.0, 1.08 * plan_->usable_energy_wh.value);
    energy_->axis(QCPAxis::atRight)->setRange(energy_->axis(QCPAxis::atLeft)->range());
    addReserve(end_m);
    addCurves(end_m);
    if (beside_) addBeside(end_m);
    setChargeAxis();
    addTurnRules(end_m);
    // Some words are placed in pixels: by the layout that these axes get, not by the one before.
    for (const auto phase :
         {QCPLayoutElement::upPreparation, QCPLayoutElement::upMargins, QCPLayoutElement::upLayout})
        plot_->plotLayout()->update(phase);
    if (flown_) addFlown();
    addLabels(end_m);
    // Once for all that changes before the window is painted.
    plot_->replot(QCustomPlot::rpQueuedReplot);
    if (cursor_m_ >= 0.0) moveCursor(cursor_m_);
}

void HomewardChart::addCurves(double end_m) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QVector<double> x, left, left_low, left_high, needed, needed_low, needed_high, margin, margin_low, margin_high;
    std::vector<OutwardPoint> points;
    for (const OutwardPoint& p : plan_->outward) {
        if (p.distance_m < end_m) points.push_back(p);
    }
    points.push_back(mission::outward_at(*plan_, end_m));
    for (const OutwardPoint& p : points) {
        x << onAxis(p);
        left << p.left_wh;
        left_low << p.left_wh - p.left_sd_wh;
        left_high << p.left_wh + p.left_sd_wh;
        needed << p.needed_wh;
        needed_low << p.needed_wh - p.needed_sd_wh;
        needed_high << p.needed_wh + p.needed_sd_wh;
        margin << p.margin_wh();
        margin_low << p.margin_wh() - p.margin_sd_wh;
        margin_high << p.margin_wh() + p.margin_sd_wh;
    }
    QCPAxis* ex = energy_->axis(QCPAxis::atBottom);
    QCPAxis* ey = energy_->axis(QCPAxis::atLeft);
    add_band(ex, ey, x, left_low, left_high, theme.outward);
    add_band(ex, ey, x, needed_low, needed_high, theme.homeward);
    add_line(ex, ey, x, left, dashed(theme.outward, look.scaled(2.4), {7, 2}));
    add_line(ex, ey, x, needed, dashed(theme.homeward, look.scaled(2.4), {3, 2}));

    QCPAxis* sx = margin_->axis(QCPAxis::atBottom);
    QCPAxis* sy = margin_->axis(QCPAxis::atLeft);
    const double most = margin.front();
    const double least = std::min(margin_low.back(), -0.15 * most);
    sy->setRange(least, 1.05 * most);
    if (plan_->chance && plan_->chance->bands.size() > 1) {
        // Drawn days say it better than the errors' sum: 5 to 95 % of them.
        QVector<double> at, low, high;
        for (const auto& band : plan_->chance->bands) {
            at << onAxis(*plan_, band.distance_m);
            low << band.margin_low_wh;
            high << band.margin_high_wh;
            // One beyond the end, so that the band goes all the way.
            if (band.distance_m > end_m) break;
        }
        add_band(sx, sy, at, low, high, theme.ink);
    } else {
        add_band(sx, sy, x, margin_low, margin_high, theme.ink);
    }
    add_line(sx, sy, x, margin, dashed(theme.ink, look.scaled(1.8), {5, 2}));
}

void HomewardChart::addReserve(double end_m) {
    const Theme& theme = Look::instance().theme();
    QVector<double> x, reserve;
    for (const OutwardPoint& p : plan_->outward) {
        if (p.distance_m > end_m) break;
        x << onAxis(p);
        reserve << p.reserve_wh;
    }
    x << onAxis(*plan_, end_m);
    reserve << mission::outward_at(*plan_, end_m).reserve_wh;
    QCPGraph* floor = add_line(energy_->axis(QCPAxis::atBottom), energy_->axis(QCPAxis::atLeft), x, reserve,
                               QPen(theme.warning, 1));
    floor->setBrush(hatching(theme.warning));
}

void HomewardChart::addBeside(double end_m) {
    const Look& look = Look::instance();
    QCPAxis* ex = energy_->axis(QCPAxis::atBottom);
    QCPAxis* ey = energy_->axis(QCPAxis::atLeft);
    QVector<double> x, left, needed;
    for (const OutwardPoint& p : beside_->outward) {
        if (onAxis(p) > onAxis(*plan_, end_m)) break;
        x << onAxis(p);
        left << p.left_wh;
        needed << p.needed_wh;
    }
    if (x.isEmpty()) return;
    const QPen pen = dashed(look.theme().soft_ink, look.scaled(1.2), {2, 3});
    add_line(ex, ey, x, left, pen);
    add_line(ex, ey, x, needed, pen);
    if (!beside_->turn || onAxis(*beside_, beside_->turn->distance_m.value) > onAxis(*plan_, end_m)) return;
    const double at = beside_->turn->distance_m.value;
    const double at_x = onAxis(*beside_, at);
    QCPGraph* mark = plot_->addGraph(ex, ey);
    mark->setData({at_x}, {mission::outward_at(*beside_, at).left_wh}, true);
    mark->setLineStyle(QCPGraph::lsNone);
    mark->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(look.theme().soft_ink, look.scaled(1.4)),
                                          QBrush(look.theme().panel), look.scaled(9)));
    auto* text = add_text(plot_, look.theme().soft_ink, Look::small_px, false);
    text->setText(tr("compared: %1").arg(placeText(*beside_, at)));
    text->position->setType(QCPItemPosition::ptAbsolute);
    text->position->setCoords(ex->coordToPixel(at_x),
                              ey->coordToPixel(mission::outward_at(*beside_, at).left_wh) + look.scaled(8));
    text->setPositionAlignment(Qt::AlignHCenter | Qt::AlignTop);
    text->setBrush(look.theme().panel);
}

/// Measured is solid: out along the falling line, and home along the rising one.
void HomewardChart::addFlown() {
    const Look& look = Look::instance();
    QCPAxis* ex = energy_->axis(QCPAxis::atBottom);
    QCPAxis* ey = energy_->axis(QCPAxis::atLeft);
    // A curve, not a graph: the flight comes back over the same distances.
    auto* curve = new QCPCurve(ex, ey);
    QVector<double> x, y;
    for (const auto& p : flown_->points) {
        x << onAxis(p);
        y << p.left_wh;
    }
    curve->setData(x, y);
    curve->setPen(QPen(look.theme().ink, look.scaled(1.8)));
    if (live_) {
        auto* margin = new QCPCurve(margin_->axis(QCPAxis::atBottom), margin_->axis(QCPAxis::atLeft));
        QVector<double> wh;
        for (const auto& p : flown_->points) wh << p.left_wh - p.needed_wh;
        margin->setData(x, wh);
        margin->setPen(QPen(look.theme().ink, look.scaled(1.8)));
    }
    if (flown_->along_the_way || live_) {
        // Over places the need is the flight's own all the way back; the forecast's line ends where it turns.
        auto* needed = new QCPCurve(ex, ey);
        QVector<double> wh;
        for (const auto& p : flown_->points) wh << p.needed_wh;
        needed->setData(x, wh);
        needed->setPen(QPen(look.theme().homeward, look.scaled(live_ ? 1.8 : 1.4)));
    }
    const auto& end = flown_->points.back();
    QCPGraph* mark = plot_->addGraph(ex, ey);
    const double end_x = onAxis(end);
    mark->setData({end_x}, {end.left_wh}, true);
    mark->setLineStyle(QCPGraph::lsNone);
    mark->setScatterStyle(
        QCPScatterStyle(QCPScatterStyle::ssDisc, look.theme().ink, look.theme().ink, look.scaled(8)));
    // While it is flown, the large figures say it.
    if (live_) return;
    auto* text = add_text(plot_, look.theme().ink, Look::small_px, true);
    const QString left = look.quantities().energy(end.left_wh);
    text->setText(flown_->position_lost ? tr("last position: %1 remaining").arg(left)
                                        : tr("ended with %1").arg(left));
    text->position->setType(QCPItemPosition::ptAbsolute);
    // On the side where there is room for it.
    const bool at_the_right = end_x > 0.7 * ex->range().upper;
    text->position->setCoords(ex->coordToPixel(end_x) + (at_the_right ? look.scaled(6) : look.scaled(8)),
                              ey->coordToPixel(end.left_wh) + (at_the_right ? look.scaled(6) : -look.scaled(4)));
    text->setPositionAlignment(at_the_right ? Qt::AlignRight | Qt::AlignTop : Qt::AlignLeft | Qt::AlignBottom);
    text->setPadding(QMargins(look.scaled(3), 0, look.scaled(3), 0));
    text->setBrush(look.theme().panel);
}

/// Charge used, counted from the top as on-screen counters do, at the energies where the pack will show it.
void HomewardChart::setChargeAxis() {
    const auto& cruise = plan_->conditions.cruise;
    const double usable_ah = plan_->usable_charge_ah.value;
    const double steps[] = {0.1, 0.2, 0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 50.0};
    const auto* step =
        std::find_if(std::begin(steps), std::end(steps), [&](double s) { return usable_ah / s <= 6.0; });
    const double step_ah = step == std::end(steps) ? usable_ah : *step;
    auto ticker = QSharedPointer<QCPAxisTickerText>(new QCPAxisTickerText);
    for (double ah = 0.0; ah < usable_ah; ah += step_ah) {
        const double left_wh = plan_->usable_energy_wh.value - battery::point_at_charge(cruise, ah).energy_wh;
        ticker->addTick(left_wh, wording::written(ah, 0.0, {1000.0, {}, 0}));
    }
    energy_->axis(QCPAxis::atRight)->setTicker(ticker);
}

void HomewardChart::addTurnRules(double end_m) {
    if (!plan_->turn || plan_->turn->distance_m.value > end_m) return;
    addTurnRuleTable(end_m);
    addTurn();
}

void HomewardChart::addTurnRuleTable(double end_m) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QCPAxis* ex = energy_->axis(QCPAxis::atBottom);
    QCPAxis* ey = energy_->axis(QCPAxis::atLeft);
    const double top = ey->range().upper;

    QVector<double> x, y;
    std::vector<const mission::RuleTurn*> shown;
    for (const auto& turn_rule : plan_->turn_rules) {
        if (!turn_rule.reached || turn_rule.turn_rule == plan_->turn->turn_rule || turn_rule.distance_m > end_m)
            continue;
        if (flown_) continue;
        shown.push_back(&turn_rule);
        x << onAxis(*plan_, turn_rule.distance_m);
        y << mission::outward_at(*plan_, turn_rule.distance_m).left_wh;
    }
    // Above the falling line the upper right of the chart is empty: there the rules stand one under the other, each
    // to the left of a thread down to its place, the farthest on top, so that no thread crosses a name. Rules that
    // turn at one place share a row.
    const auto same_place = [&](std::size_t i) {
        return i + 1 < shown.size() && shown[i + 1]->distance_m - shown[i]->distance_m < 0.01 * end_m;
    };
    int rows = int(shown.size());
    for (std::size_t i = 0; i < shown.size(); ++i) rows -= same_place(i) ? 1 : 0;
    // In a low chart only so many rows fit above the line; rules without a name keep their dot, and the table.
    int rows_that_fit = rows;
    if (!shown.empty()) {
        const auto first = mission::outward_at(*plan_, std::max(shown.front()->distance_m - 0.25 * end_m, 0.0));
        const double room = ey->coordToPixel(first.left_wh + first.left_sd_wh) - ey->coordToPixel(top);
        rows_that_fit = std::clamp(int(room / look.scaled(17)), 0, rows);
    }
    const QRectF turn_label = placeOfTurnLabel();
    int row = 0;
    for (std::size_t i = 0; i < shown.size(); ++i) {
        QString label = wording::name(shown[i]->turn_rule, plan_->request, look.quantities());
        const double at = onAxis(*plan_, shown[i]->distance_m);
        while (same_place(i)) {
            ++i;
            label +=
                QStringLiteral("  ·  ") + wording::name(shown[i]->turn_rule, plan_->request, look.quantities());
        }
        if (row++ < rows - rows_that_fit) continue;
        const double pixel_wh = top / std::max(1, energy_->height());
        const double label_wh = top - pixel_wh * look.scaled(9 + 17 * (rows - row));
        const QFontMetrics metrics(look.font(Look::small_px, Look::Weight::regular));
        const auto wide = [&] { return metrics.horizontalAdvance(label) + look.scaled(10); };
        const auto has_room_left = [&] { return ex->coordToPixel(at) - wide() > energy_->left(); };
        // Of rules that share a row a narrow chart names the first; where no name fits, the dot and the table are
        // left.
        if (!has_room_left()) label = label.section(QStringLiteral("  ·  "), 0, 0);
        const bool room_left = has_room_left();
        const int width = wide();
        if (!room_left && ex->coordToPixel(at) + width > plot_->width()) continue;
        const double left_px = ex->coordToPixel(at) - (room_left ? width : 0);
        const QRectF place(left_px, ey->coordToPixel(label_wh) - metrics.height() / 2.0, width, metrics.height());
        // The turn's own words stand over whatever is there.
        if (place.intersects(turn_label)) continue;
        add_vertical(ex, ey, at, 0.0, label_wh + pixel_wh * look.scaled(6), QPen(theme.soft_ink, 1, Qt::DotLine));
        auto* text = add_text(plot_, theme.soft_ink, Look::small_px, false);
        text->position->setAxes(ex, ey);
        text->position->setType(QCPItemPosition::ptPlotCoords);
        text->position->setCoords(at, label_wh);
        text->setText(label);
        text->setPadding(QMargins(look.scaled(5), 0, look.scaled(5), 0));
        text->setPositionAlignment((room_left ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    }
    QCPGraph* dots = plot_->addGraph(ex, ey);
    dots->setData(x, y, true);
    dots->setLineStyle(QCPGraph::lsNone);
    dots->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssDisc, theme.soft_ink, theme.soft_ink, look.scaled(6)));
}

QString HomewardChart::turnLabel() const {
    return (over_time_                       ? tr("start of the descent, %1")
            : plan_->turn->at_end_of_mission ? tr("end of the route, %1")
                                             : tr("turn %1"))
        .arg(placeText(*plan_, plan_->turn->distance_m.value));
}

QRectF HomewardChart::placeOfTurnLabel() const {
    const Look& look = Look::instance();
    QCPAxis* ex = energy_->axis(QCPAxis::atBottom);
    QCPAxis* ey = energy_->axis(QCPAxis::atLeft);
    const double turn = plan_->turn->distance_m.value;
    const double x = ex->coordToPixel(onAxis(*plan_, turn));
    const double y = ey->coordToPixel(mission::outward_at(*plan_, turn).left_wh);
    const QFontMetrics metrics(look.font(Look::text_px, Look::Weight::semibold));
    const int words = metrics.horizontalAdvance(turnLabel());
    const int width = words + look.scaled(6);
    const bool room_right = x + words + look.scaled(24) < energy_->right();
    return {room_right ? x + look.scaled(10) : x - look.scaled(10) - width, y - look.scaled(13) - metrics.height(),
            double(width), double(metrics.height())};
}

void HomewardChart::addTurn() {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QCPAxis* ex = energy_->axis(QCPAxis::atBottom);
    QCPAxis* ey = energy_->axis(QCPAxis::atLeft);
    QCPAxis* sx = margin_->axis(QCPAxis::atBottom);
    QCPAxis* sy = margin_->axis(QCPAxis::atLeft);
    const double turn = plan_->turn->distance_m.value;
    const double at = onAxis(*plan_, turn);
    const double left_wh = mission::outward_at(*plan_, turn).left_wh;
    add_vertical(ex, ey, at, 0.0, left_wh, QPen(theme.ink, look.scaled(1.6)));
    add_vertical(sx, sy, at, sy->range().lower, sy->range().upper, QPen(theme.ink, look.scaled(1.6)));
    QCPGraph* mark = plot_->addGraph(ex, ey);
    mark->setData({at}, {left_wh}, true);
    mark->setLineStyle(QCPGraph::lsNone);
    mark->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(theme.ink, look.scaled(2)),
                                          QBrush(theme.panel), look.scaled(12)));
    auto* text = add_text(plot_, theme.ink, Look::text_px, true);
    text->setText(turnLabel());
    // In pixels, so that its ground covers a rule's thread and not the ring.
    const QRectF place = placeOfTurnLabel();
    const bool room_right = place.left() > ex->coordToPixel(at);
    text->position->setType(QCPItemPosition::ptAbsolute);
    text->position->setCoords(room_right ? place.left() : place.right(), place.bottom());
    text->setPositionAlignment((room_right ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignBottom);
    text->setPadding(QMargins(look.scaled(3), 0, look.scaled(3), 0));
    text->setBrush(theme.panel);
}

namespace {

/// At the corner of a field that its axis ends in.
void add_unit(QCustomPlot* plot, QCPAxisRect* field, const QPointF& corner, Qt::Alignment alignment,
              const QMargins& beside, const QString& words) {
    auto* unit = add_text(plot, Look::instance().theme().soft_ink, Look::small_px, false);
    unit->position->setType(QCPItemPosition::ptAxisRectRatio);
    unit->position->setAxisRect(field);
    unit->position->setCoords(corner);
    unit->setPositionAlignment(alignment);
    if (words.contains(QLatin1Char('\n'))) unit->setTextAlignment(Qt::AlignLeft);
    unit->setPadding(beside);
    unit->setText(words);
}

} // namespace

void HomewardChart::addLabels(double end_m) {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QCPAxis* ex = energy_->axis(QCPAxis::atBottom);
    QCPAxis* ey = energy_->axis(QCPAxis::atLeft);
    const auto beside = [&](double distance_m, double wh, const QString& words, const QColor& colour,
                            Qt::Alignment alignment, QCPAxis* x, QCPAxis* y) {
        auto* text = add_text(plot_, colour, Look::small_px, true);
        text->position->setAxes(x, y);
        text->position->setType(QCPItemPosition::ptPlotCoords);
        text->position->setCoords(onAxis(*plan_, distance_m), wh);
        text->setPositionAlignment(alignment);
        text->setPadding(QMargins(look.scaled(4), look.scaled(3), look.scaled(4), look.scaled(3)));
        text->setText(words);
        return text;
    };
    // Out of the way of a plan beside this one, and of what was flown.
    const double labels_at = live_ ? 0.3 : flown_ ? 0.62 : beside_ ? 0.55 : 0.16;
    // Words run to the right, lines fall and rise under them: both edges of the band along the words count.
    const auto along = [&](const QString& words, auto edge, bool highest) {
        const double width_px =
            QFontMetrics(look.font(Look::small_px, Look::Weight::semibold)).horizontalAdvance(words) +
            look.scaled(8);
        const double from_px = ex->coordToPixel(onAxis(*plan_, labels_at * end_m));
        double found = edge(mission::outward_at(*plan_, labels_at * end_m));
        constexpr int steps = 8;
        for (int i = 1; i <= steps; ++i) {
            const double at_m = std::min(end_m, distanceAt(ex->pixelToCoord(from_px + width_px * i / steps)));
            const double wh = edge(mission::outward_at(*plan_, at_m));
            found = highest ? std::max(found, wh) : std::min(found, wh);
        }
        return found;
    };
    // What was flown comes back under the falling line: there the names stand above it, and to the right.
    const auto fitting = [&](const QString& words, const QString& fewer) {
        constexpr double most_of_width = 0.4;
        const QFontMetrics metrics(look.font(Look::small_px, Look::Weight::semibold));
        return metrics.horizontalAdvance(words) > most_of_width * energy_->width() ? fewer : words;
    };
    const QString left_words = live_ || flown_ ? tr("remaining, forecast")
                                               : fitting(tr("remaining in the pack, flying out"), tr("remaining"));
    const bool above = flown_ != nullptr;
    const double left_wh = along(
        left_words,
        [&](const OutwardPoint& p) { return above ? p.left_wh + p.left_sd_wh : p.left_wh - p.left_sd_wh; }, above);
    beside(labels_at * end_m, left_wh, left_words, theme.outward,
           Qt::AlignLeft | (above ? Qt::AlignBottom : Qt::AlignTop), ex, ey);
    const QString need_words = fitting(tr("needed to get home"), tr("needed", "energy to get home"));
    const double need_wh = along(
        need_words, [](const OutwardPoint& p) { return p.needed_wh + p.needed_sd_wh; }, true);
    beside(labels_at * end_m, need_wh, need_words, theme.homeward, Qt::AlignLeft | Qt::AlignBottom, ex, ey);
    const auto at_reserve = mission::outward_at(*plan_, 0.5 * end_m);
    auto* reserve = beside(at_reserve.distance_m, 0.5 * at_reserve.reserve_wh,
                           tr("reserve %1").arg(wording::name(plan_->request.reserve, look.quantities())),
                           theme.warning, Qt::AlignHCenter | Qt::AlignVCenter, ex, ey);
    reserve->setPadding(QMargins(look.scaled(5), look.scaled(1), look.scaled(5), look.scaled(1)));
    reserve->setBrush(theme.panel);
    auto* margin = add_text(plot_, theme.soft_ink, Look::small_px, false);
    margin->position->setType(QCPItemPosition::ptAxisRectRatio);
    margin->position->setAxisRect(margin_);
    margin->position->setCoords(0.01, 0.6);
    margin->setPositionAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    margin->setBrush(theme.panel); // the zero line may run behind it
    if (live_) {
        margin->position->setCoords(0.99, 0.25);
        margin->setPositionAlignment(Qt::AlignRight | Qt::AlignVCenter);
        margin->setText(tr("margin, Wh"));
    } else {
        margin->setText(plan_->chance
                            ? tr("margin beyond the return leg and the reserve, Wh; band: nine days in ten")
                            : tr("margin beyond the return leg and the reserve, Wh"));
    }
    add_unit(plot_, energy_, {0.0, 0.0}, Qt::AlignRight | Qt::AlignTop, QMargins(0, 0, look.scaled(7), 0),
             tr("Wh"));
    add_unit(plot_, margin_, {1.0, 0.0}, Qt::AlignLeft | Qt::AlignTop, QMargins(look.scaled(7), 0, 0, 0),
             tr("mAh\nused"));
    add_unit(plot_, margin_, {1.0, 1.0}, Qt::AlignLeft | Qt::AlignTop,
             QMargins(look.scaled(7), look.scaled(5), 0, 0),
             over_time_ ? tr("min") : look.quantities().notation(Quantity::turn_distance).unit);
}

ShownTable HomewardChart::shownTable() const {
    const auto& q = Look::instance().quantities();
    const auto cell = [](const QString& text) {
        Cell made;
        made.text = text;
        made.figure = true;
        return made;
    };
    ShownTable table{tr("Homeward chart"), {}, {}};
    if (!plan_ || plan_->outward.empty()) return table;
    if (flown_) {
        table.headers =
            QStringList{tr("after"), tr("from home"), tr("remaining, flown"), tr("needed, forecast"), tr("margin")};
        const std::size_t stride = std::max<std::size_t>(1, flown_->points.size() / 80);
        for (std::size_t i = 0; i < flown_->points.size(); i += stride) {
            const auto& p = flown_->points[i];
            table.rows.push_back({cell(q.duration(p.time_s)), cell(q.distance(p.from_home_m)),
                                  cell(q.energy(p.left_wh)), cell(q.energy(p.needed_wh)),
                                  cell(q.energy(p.left_wh - p.needed_wh))});
        }
        return table;
    }
    table.headers = QStringList{tr("from home"), tr("after"), tr("remaining"),   tr("needed to get home"),
                                tr("margin"),    tr("used"),  tr("cell voltage")};
    constexpr int rows = 40;
    const double end_m = endOfChart();
    for (int i = 0; i <= rows; ++i) {
        const auto p = mission::outward_at(*plan_, end_m * i / rows);
        table.rows.push_back(
            {cell(q.distance(p.distance_m)), cell(q.duration(p.time_s)),
             cell(wording::written(p.left_wh, p.left_sd_wh, q.notation(Quantity::usable_energy))),
             cell(wording::written(p.needed_wh, p.needed_sd_wh, q.notation(Quantity::usable_energy))),
             cell(q.energy(p.margin_wh())), cell(q.charge(p.charge_used_ah)),
             cell(wording::written(p.cell_voltage_v, 0.0, q.notation(Quantity::turn_cell_voltage)))});
    }
    return table;
}

QPoint HomewardChart::toScreen(double distance_m, double energy_wh) const {
    return {int(energy_->axis(QCPAxis::atBottom)->coordToPixel(plan_ ? onAxis(*plan_, distance_m) : 0.0)),
            int(energy_->axis(QCPAxis::atLeft)->coordToPixel(energy_wh))};
}

bool HomewardChart::overReserve(const QPoint& at) const {
    if (!plan_ || plan_->outward.empty()) return false;
    if (!std::holds_alternative<mission::ShareOfUsable>(plan_->request.reserve)) return false;
    if (at.x() < energy_->left() || at.x() > energy_->right()) return false;
    const double floor_wh = plan_->outward.front().reserve_wh;
    return std::abs(at.y() - energy_->axis(QCPAxis::atLeft)->coordToPixel(floor_wh)) <= Look::instance().scaled(7);
}

void HomewardChart::removeCursor() {
    for (int i = plot_->itemCount() - 1; i >= 0; --i) {
        if (plot_->item(i)->layer()->name() == cursor_layer) plot_->removeItem(i);
    }
    cursor_m_ = -1.0;
    cursor_text_.clear();
}

void HomewardChart::moveCursor(double distance_m) {
    if (!plan_ || plan_->outward.empty()) return;
    const Look& look = Look::instance();
    removeCursor();
    cursor_m_ = std::clamp(distance_m, 0.0, endOfChart());
    const auto p = mission::outward_at(*plan_, cursor_m_);
    const auto& q = look.quantities();
    cursor_text_ = tr("at %1: %2 remaining, %3 needed, margin %4, %5 used")
                       .arg(placeText(*plan_, p.distance_m), q.energy(p.left_wh), q.energy(p.needed_wh),
                            q.energy(p.margin_wh()), q.charge(p.charge_used_ah));
    plot_->setCurrentLayer(cursor_layer);
    for (QCPAxisRect* rect : {energy_, margin_}) {
        const auto range = rect->axis(QCPAxis::atLeft)->range();
        add_vertical(rect->axis(QCPAxis::atBottom), rect->axis(QCPAxis::atLeft), onAxis(*plan_, cursor_m_),
                     range.lower, range.upper, QPen(look.theme().field_border, 1));
    }
    plot_->setCurrentLayer(QStringLiteral("main"));
    setAccessibleDescription(cursor_text_);
    plot_->replot(QCustomPlot::rpQueuedReplot);
    emit cursorMoved(cursor_text_);
    emit cursorAt(cursor_m_);
}

bool HomewardChart::eventFilter(QObject* watched, QEvent* event) {
    if (watched != plot_ || !plan_) return QWidget::eventFilter(watched, event);
    if (event->type() == QEvent::MouseButtonPress) {
        setFocus();
        dragging_reserve_ = overReserve(static_cast<QMouseEvent*>(event)->pos());
        return dragging_reserve_;
    }
    if (event->type() == QEvent::MouseMove) {
        const QPoint at = static_cast<QMouseEvent*>(event)->pos();
        if (dragging_reserve_) {
            const double wh = energy_->axis(QCPAxis::atLeft)->pixelToCoord(at.y());
            const double share = std::round(100.0 * wh / plan_->usable_energy_wh.value) / 100.0;
            emit reserveDragged(std::clamp(share, 0.0, 0.9));
            return true;
        }
        plot_->setCursor(overReserve(at) ? Qt::SizeVerCursor : Qt::ArrowCursor);
        const bool inside = at.x() >= energy_->left() && at.x() <= energy_->right();
        if (inside) moveCursor(distanceAt(energy_->axis(QCPAxis::atBottom)->pixelToCoord(at.x())));
    }
    if (event->type() == QEvent::Leave) {
        removeCursor();
        plot_->replot(QCustomPlot::rpQueuedReplot);
        emit cursorMoved({});
        emit cursorAt(-1.0);
    }
    if (event->type() == QEvent::MouseButtonRelease && dragging_reserve_) {
        dragging_reserve_ = false;
        emit dragFinished();
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

void HomewardChart::keyPressEvent(QKeyEvent* event) {
    const bool sideways = event->key() == Qt::Key_Left || event->key() == Qt::Key_Right;
    if (!sideways || !plan_ || plan_->outward.empty()) {
        QWidget::keyPressEvent(event);
        return;
    }
    const double step_m = endOfChart() / ((event->modifiers() & Qt::ControlModifier) ? 10.0 : 100.0);
    moveCursor(std::max(cursor_m_, 0.0) + (event->key() == Qt::Key_Right ? step_m : -step_m));
}

void HomewardChart::resizeEvent(QResizeEvent*) {
    // The rules' labels are placed in pixels.
    refresh();
}

} // namespace sobremesa::app
