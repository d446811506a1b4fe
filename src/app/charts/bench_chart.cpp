#include "app/charts/bench_chart.hpp"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>
#include <QKeyEvent>
#include <qcustomplot.h>

#include "app/charts/chart_style.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

namespace {

using units::Quantity;

/// Packs are told apart by line, and by their names beside it; colour has other work.
QPen pen_of(std::size_t number, const QColor& colour, double width) {
    QPen pen(colour, width);
    const QList<qreal> patterns[] = {{}, {6, 3}, {2, 2}, {8, 2, 2, 2}};
    if (!patterns[number].isEmpty()) {
        pen.setCapStyle(Qt::FlatCap);
        pen.setDashPattern(patterns[number]);
    }
    return pen;
}

bool leads_with_energy() {
    return Look::instance().quantities().choice().lead == wording::UnitChoice::Lead::energy;
}

struct BenchChartWords {
    Q_DECLARE_TR_FUNCTIONS(BenchChartWords)
};

wording::Notation notation_of(BenchChart::Shows shows) {
    switch (shows) {
    case BenchChart::Shows::volts: return {1.0, BenchChartWords::tr("V/cell"), 2};
    case BenchChart::Shows::current: return {1.0, BenchChartWords::tr("A/cell"), 1};
    case BenchChart::Shows::temperature:
        return Look::instance().quantities().notation(units::Quantity::temperature);
    case BenchChart::Shows::peak_power: break;
    }
    return {1.0, BenchChartWords::tr("W"), 0};
}

} // namespace

BenchChart::BenchChart(QWidget* parent) : PlotChart(parent) {
    plot_->addLayer(cursor_layer, plot_->layer(QStringLiteral("main")), QCustomPlot::limAbove);
    setMinimumSize(260, 160);
    refresh();
}

void BenchChart::setShown(std::shared_ptr<const session::BenchShown> shown) {
    shown_ = std::move(shown);
    refresh();
}

void BenchChart::setShows(Shows shows) {
    shows_ = shows;
    refresh();
}

double BenchChart::given(const battery::DischargePoint& point) const {
    return leads_with_energy() ? point.energy_wh : point.charge_used_ah * units::milliamp_hours_per_amp_hour;
}

double BenchChart::valueAt(const session::BenchCurve& curve, const battery::DischargePoint& point) const {
    const auto reading = battery::cell_reading(*shown_->candidates[curve.candidate].model, curve.result.run, point,
                                               curve.result.landing_cell_v);
    switch (shows_) {
    case Shows::volts: return reading.cell_v;
    case Shows::current: return reading.cell_a;
    case Shows::temperature: return notation_of(shows_).shown(reading.temperature_c);
    case Shows::peak_power: break;
    }
    return reading.pack_peak_w;
}

void BenchChart::refresh() {
    const Look& look = Look::instance();
    clear();
    QCPAxisRect* rect = plot_->axisRect();
    rect->setMinimumMargins(QMargins(look.scaled(46), look.scaled(18), look.scaled(20), look.scaled(24)));
    style_axis_rect(rect);
    plot_->xAxis->setTicker(plain_ticker(6));
    plot_->yAxis->setTicker(plain_ticker(4));
    unused_text_.clear();
    cursor_text_.clear();
    const bool drawable = shown_ && !shown_->curves.empty();
    rect->setVisible(drawable);
    plot_->xAxis->setVisible(drawable);
    plot_->yAxis->setVisible(drawable);
    setAccessibleName(tr("Packs under load"));
    if (!drawable) {
        plot_->replot();
        return;
    }
    end_ = 1.0;
    double least = 1e9;
    double most = -1e9;
    for (const auto& curve : shown_->curves) {
        for (const battery::Discharge* run : {&curve.result.run, &curve.result.to_floor}) {
            end_ = std::max(end_, given(run->last()));
            for (const auto& point : run->points) {
                least = std::min(least, valueAt(curve, point));
                most = std::max(most, valueAt(curve, point));
            }
        }
    }
    const double room = 0.08 * std::max(most - least, 0.1);
    if (shows_ == Shows::current || shows_ == Shows::peak_power) least = std::min(least, 0.0);
    plot_->xAxis->setRange(0.0, 1.03 * end_);
    plot_->yAxis->setRange(least - room, most + room);
    if (shows_ == Shows::volts) addUnused();
    QStringList spoken;
    for (std::size_t i = 0; i < shown_->curves.size(); ++i) {
        addPack(shown_->curves[i], i);
        addLanding(shown_->curves[i], i);
        spoken << wording::bench_sentence(shown_->candidates[shown_->curves[i].candidate].pack,
                                          shown_->curves[i].load, shown_->curves[i].result, look.quantities());
    }
    setAccessibleName(wording::without_markup(spoken.join(QLatin1Char(' '))));
    auto* unit = add_text(plot_, look.theme().soft_ink, Look::small_px, false);
    unit->setText(notation_of(shows_).unit);
    unit->position->setType(QCPItemPosition::ptAxisRectRatio);
    unit->position->setCoords(0.0, 0.0);
    unit->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
    auto* below = add_text(plot_, look.theme().soft_ink, Look::small_px, false);
    below->setText(leads_with_energy() ? tr("Wh delivered") : tr("mAh delivered"));
    below->position->setType(QCPItemPosition::ptAxisRectRatio);
    below->position->setCoords(1.0, 1.0);
    below->setPositionAlignment(Qt::AlignRight | Qt::AlignBottom);
    below->setBrush(look.theme().panel);
    plot_->replot();
    if (cursor_ >= 0.0) moveCursor(cursor_);
}

void BenchChart::addPack(const session::BenchCurve& curve, std::size_t number) {
    const Look& look = Look::instance();
    const auto line = [&](const battery::Discharge& run, double from, const QPen& pen) {
        QVector<double> x, y;
        for (const auto& point : run.points) {
            if (given(point) < from) continue;
            x << given(point);
            y << valueAt(curve, point);
        }
        QCPGraph* graph = plot_->addGraph();
        graph->setData(x, y, true);
        graph->setPen(pen);
    };
    const double landed = given(curve.result.run.last());
    line(curve.result.to_floor, landed, pen_of(number, look.theme().field_border, look.scaled(1.2)));
    line(curve.result.run, 0.0, pen_of(number, look.theme().ink, look.scaled(number == 0 ? 2.2 : 1.6)));
    // Its name, each at another part of its line, so that they keep apart.
    constexpr double shares[] = {0.44, 0.62, 0.70, 0.30};
    const auto at = battery::point_at_time(curve.result.run, shares[number] * curve.result.run.last().time_s);
    const bool above = number % 2 == 0;
    auto* text = add_text(plot_, look.theme().ink, Look::small_px, number == 0);
    const QString title = wording::title(shown_->candidates[curve.candidate].pack);
    text->setText(QFontMetrics(text->font()).elidedText(title, Qt::ElideRight, look.scaled(90)));
    text->position->setCoords(given(at), valueAt(curve, at));
    text->setPositionAlignment(above ? Qt::AlignLeft | Qt::AlignBottom : Qt::AlignRight | Qt::AlignTop);
    text->setPadding(QMargins(look.scaled(4), look.scaled(5), look.scaled(4), look.scaled(5)));
}

void BenchChart::addLanding(const session::BenchCurve& curve, std::size_t number) {
    if (curve.result.run.gives_nothing()) return;
    const Look& look = Look::instance();
    const auto& end = curve.result.run.last();
    QCPGraph* mark = plot_->addGraph();
    mark->setData({given(end)}, {valueAt(curve, end)}, true);
    mark->setLineStyle(QCPGraph::lsNone);
    mark->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(look.theme().ink, look.scaled(1.6)),
                                          QBrush(look.theme().panel), look.scaled(10)));
    if (number > 0 || shows_ != Shows::volts) return;
    auto* text = add_text(plot_, look.theme().ink, Look::small_px, true);
    text->setText(tr("landing at %1").arg(wording::cell_volts(curve.result.landing_cell_v)));
    text->position->setCoords(given(end), valueAt(curve, end));
    text->setPositionAlignment(Qt::AlignRight | Qt::AlignTop);
    text->setPadding(QMargins(look.scaled(4), look.scaled(2), look.scaled(4), look.scaled(2)));
    text->setBrush(look.theme().panel);
}

/// Between landing as alarms are often left and landing as the chemistry allows: what stays in a Li-ion pack.
void BenchChart::addUnused() {
    const Look& look = Look::instance();
    for (const auto& curve : shown_->curves) {
        const auto unused = battery::unused_by_alarm(curve.result);
        if (!unused) continue;
        auto* area = new QCPItemRect(plot_);
        area->topLeft->setCoords(given(unused->from), unused->alarm.cell_v);
        area->bottomRight->setCoords(given(unused->to), plot_->yAxis->range().lower);
        area->setPen(QPen(look.theme().warning, 1));
        area->setBrush(hatching(look.theme().warning));
        auto* text = add_text(plot_, look.theme().warning, Look::small_px, true);
        unused_text_ = tr("%1 unused if %2 lands at %3, like a LiPo")
                           .arg(look.quantities().energy(unused->energy_wh),
                                wording::title(shown_->candidates[curve.candidate].pack),
                                wording::cell_volts(unused->alarm.cell_v));
        // In two lines above the field, where the line has left it.
        text->setText(tr("%1 unused if %2 lands\nat %3, like a LiPo")
                          .arg(look.quantities().energy(unused->energy_wh),
                               wording::title(shown_->candidates[curve.candidate].pack),
                               wording::cell_volts(unused->alarm.cell_v)));
        // Over the names of other packs: this is the one thing not to be missed.
        text->setLayer(QStringLiteral("overlay"));
        text->setTextAlignment(Qt::AlignRight);
        text->position->setCoords(given(unused->to), unused->alarm.cell_v);
        text->setPositionAlignment(Qt::AlignRight | Qt::AlignBottom);
        text->setPadding(QMargins(look.scaled(4), look.scaled(3), look.scaled(4), look.scaled(3)));
        return; // once is enough
    }
}

void BenchChart::moveCursor(double at) {
    if (!shown_ || shown_->curves.empty()) return;
    const Look& look = Look::instance();
    cursor_ = std::clamp(at, 0.0, end_);
    for (int i = plot_->itemCount() - 1; i >= 0; --i) {
        if (plot_->item(i)->layer()->name() == cursor_layer) plot_->removeItem(i);
    }
    auto* line = new QCPItemStraightLine(plot_);
    line->setLayer(cursor_layer);
    line->setPen(QPen(look.theme().soft_ink, 1));
    line->point1->setCoords(cursor_, 0.0);
    line->point2->setCoords(cursor_, 1.0);
    QStringList parts;
    const auto given_notation =
        look.quantities().notation(leads_with_energy() ? Quantity::usable_energy : Quantity::usable_charge);
    for (const auto& curve : shown_->curves) {
        const auto& run = curve.result.run;
        const auto point = leads_with_energy()
                               ? battery::point_at_energy(run, cursor_)
                               : battery::point_at_charge(run, cursor_ / units::milliamp_hours_per_amp_hour);
        const bool landed = cursor_ > given(run.last());
        const QString name = wording::title(shown_->candidates[curve.candidate].pack);
        parts << (landed ? tr("%1 has landed").arg(name)
                         : tr("%1 %2 after %3", "pack, value, time")
                               .arg(name,
                                    wording::written(notation_of(shows_).fromShown(valueAt(curve, point)), 0.0,
                                                     notation_of(shows_)),
                                    look.quantities().duration(point.time_s)));
    }
    cursor_text_ = tr("%1: %2", "given so far: packs")
                       .arg(wording::written(cursor_ / given_notation.factor, 0.0, given_notation),
                            parts.join(QStringLiteral(" · ")));
    plot_->replot();
    emit cursorMoved(cursor_text_);
}

bool BenchChart::eventFilter(QObject* watched, QEvent* event) {
    if (watched == plot_ && shown_ && !shown_->curves.empty()) {
        if (event->type() == QEvent::MouseButtonPress) setFocus(Qt::MouseFocusReason);
        if (event->type() == QEvent::MouseMove)
            moveCursor(plot_->xAxis->pixelToCoord(static_cast<QMouseEvent*>(event)->position().x()));
    }
    return QWidget::eventFilter(watched, event);
}

void BenchChart::keyPressEvent(QKeyEvent* event) {
    const double step = end_ / 50.0;
    switch (event->key()) {
    case Qt::Key_Left: moveCursor((cursor_ < 0.0 ? end_ : cursor_) - step); return;
    case Qt::Key_Right: moveCursor((cursor_ < 0.0 ? 0.0 : cursor_) + step); return;
    case Qt::Key_Home: moveCursor(0.0); return;
    case Qt::Key_End: moveCursor(end_); return;
    default: QWidget::keyPressEvent(event);
    }
}

ShownTable BenchChart::shownTable() const {
    const auto& q = Look::instance().quantities();
    ShownTable table{tr("Packs under load"), {}, {}};
    if (!shown_ || shown_->curves.empty()) return table;
    const auto cell = [](const QString& text) {
        Cell made;
        made.text = text;
        made.figure = true;
        return made;
    };
    table.headers << tr("given");
    for (const auto& curve : shown_->curves) {
        table.headers << tr("%1, %2", "pack, unit")
                             .arg(wording::title(shown_->candidates[curve.candidate].pack),
                                  notation_of(shows_).unit);
    }
    constexpr int rows = 40;
    for (int i = 0; i <= rows; ++i) {
        const double at = end_ * i / rows;
        std::vector<Cell> row{
            cell(leads_with_energy() ? q.energy(at) : q.charge(at / units::milliamp_hours_per_amp_hour))};
        for (const auto& curve : shown_->curves) {
            const auto& run = curve.result.to_floor;
            const auto point = leads_with_energy()
                                   ? battery::point_at_energy(run, at)
                                   : battery::point_at_charge(run, at / units::milliamp_hours_per_amp_hour);
            row.push_back(cell(at > given(run.last())
                                   ? QStringLiteral("–")
                                   : wording::written(notation_of(shows_).fromShown(valueAt(curve, point)), 0.0,
                                                      notation_of(shows_))));
        }
        table.rows.push_back(std::move(row));
    }
    return table;
}

} // namespace sobremesa::app
