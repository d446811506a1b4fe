#include "app/places/watch/live_strips.hpp"

#include <algorithm>
#include <cmath>

#include <QFontMetricsF>
#include <QPainter>

#include "app/theme/look.hpp"
#include "core/units/quantity.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

LiveStrips::LiveStrips(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(Look::instance().scaled(110));
    connect(&Look::instance(), &Look::changed, this, [this] { update(); });
}

QSize LiveStrips::sizeHint() const {
    return {Look::instance().scaled(420), Look::instance().scaled(190)};
}

void LiveStrips::setSeconds(const std::vector<watch::Second>& seconds) {
    strips_.clear();
    if (!seconds.empty()) {
        const auto& q = Look::instance().quantities();
        const double now_s = seconds.back().time_s;
        const auto first = std::lower_bound(seconds.begin(), seconds.end(), now_s - shown_s,
                                            [](const watch::Second& s, double t) { return s.time_s < t; });
        const auto add = [&](const QString& name, const wording::Notation& notation, double watch::Second::*value) {
            Strip strip{name, notation.unit, notation.decimals, {}};
            for (auto s = first; s != seconds.end(); ++s) {
                if (std::isfinite((*s).*value))
                    strip.points.emplace_back(now_s - s->time_s, (*s).*value * notation.factor);
            }
            if (!strip.points.empty()) strips_.push_back(std::move(strip));
        };
        add(tr("height"), q.notation(units::Quantity::height), &watch::Second::height_m);
        add(tr("speed"), q.notation(units::Quantity::highest_ground_speed), &watch::Second::ground_mps);
        add(tr("voltage"), {1.0, QStringLiteral("V"), 1}, &watch::Second::voltage_v);
        add(tr("amps"), {1.0, QStringLiteral("A"), 1}, &watch::Second::current_a);
    }
    QStringList spoken;
    for (const Strip& strip : strips_) {
        spoken << QStringLiteral("%1 %2 %3").arg(strip.name, now(strip), strip.unit);
    }
    setAccessibleName(tr("The last five minutes: %1").arg(spoken.join(QStringLiteral(", "))));
    update();
}

QString LiveStrips::now(const Strip& strip) {
    return wording::written(strip.points.back().second, 0.0, {1.0, {}, strip.decimals});
}

void LiveStrips::paintStrip(QPainter& painter, const QRectF& room, const Strip& strip) const {
    const Look& look = Look::instance();
    const QFontMetricsF metrics(look.font(Look::small_px));
    double names = look.scaled(58);
    for (const Strip& each : strips_)
        names = std::max(names, metrics.horizontalAdvance(each.name) + look.scaled(8));
    const double values = look.scaled(92);
    const QRectF plot(room.left() + names, room.top() + 3, room.width() - names - values, room.height() - 6);
    painter.setPen(look.theme().soft_ink);
    painter.setFont(look.font(Look::small_px));
    painter.drawText(QRectF(room.left(), room.top(), names, room.height()), Qt::AlignVCenter | Qt::AlignLeft,
                     strip.name);
    painter.setPen(look.theme().ink);
    painter.setFont(look.font(Look::figure_px * 0.8, Look::Weight::medium));
    painter.drawText(QRectF(plot.right() + look.scaled(8), room.top(), values - look.scaled(8), room.height()),
                     Qt::AlignVCenter | Qt::AlignRight, QStringLiteral("%1 %2").arg(now(strip), strip.unit));
    const auto [low, high] = std::minmax_element(strip.points.begin(), strip.points.end(),
                                                 [](const auto& a, const auto& b) { return a.second < b.second; });
    const double least = std::pow(10.0, -strip.decimals) * 5.0;
    const double span = std::max(high->second - low->second, least);
    const double middle = 0.5 * (high->second + low->second);
    QPolygonF line;
    for (const auto& [ago_s, value] : strip.points) {
        line << QPointF(plot.right() - ago_s / shown_s * plot.width(),
                        plot.center().y() - (value - middle) / span * (plot.height() - 4));
    }
    painter.setPen(QPen(look.theme().hairline, 1));
    painter.drawLine(QPointF(plot.left(), room.bottom()), QPointF(room.right(), room.bottom()));
    painter.setPen(QPen(look.theme().ink, look.scaled(1.4)));
    painter.drawPolyline(line);
}

void LiveStrips::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (strips_.empty()) return;
    const double foot = Look::instance().scaled(16);
    const double each = (height() - foot) / double(strips_.size());
    for (std::size_t i = 0; i < strips_.size(); ++i)
        paintStrip(painter, QRectF(0, each * double(i), width(), each), strips_[i]);
    painter.setPen(Look::instance().theme().soft_ink);
    painter.setFont(Look::instance().font(Look::small_px));
    painter.drawText(QRectF(0, height() - foot, width() - Look::instance().scaled(92), foot), Qt::AlignRight,
                     tr("five minutes up to now"));
}

} // namespace sobremesa::app
