#include "app/charts/reach_rings.hpp"

#include <algorithm>
#include <cmath>
#include <utility>
#include <vector>

#include <QPainter>

#include "app/charts/chart_style.hpp"
#include "app/map/round_distance.hpp"
#include "app/map/wind_barb.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::app {

namespace {

constexpr int side_px = 240;
/// Circles that are drawn at the most.
constexpr double most_circles = 4.0;

double farthest_m(const mission::Reach& reach) {
    return reach.points.empty() ? 0.0 : reach.points[reach.farthest].distance_m.value;
}

} // namespace

ReachRings::ReachRings(QWidget* parent) : DrawnChart(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("Reach before and after the change"));
}

void ReachRings::setShown(std::shared_ptr<const Shown> shown) {
    shown_ = std::move(shown);
    const auto& q = Look::instance().quantities();
    setAccessibleDescription(
        shown_ ? tr("farthest before %1, after %2")
                     .arg(q.distance(farthest_m(shown_->before)), q.distance(farthest_m(shown_->after)))
               : QString());
    update();
}

QSize ReachRings::sizeHint() const {
    const int side = Look::instance().scaled(side_px);
    return {side, side};
}

QSize ReachRings::minimumSizeHint() const {
    const int side = Look::instance().scaled(150);
    return {side, side};
}

ShownTable ReachRings::shownTable() const {
    ShownTable table{
        tr("Reach before and after the change"), {tr("bearing, °"), tr("before, km"), tr("after, km")}, {}};
    if (!shown_) return table;
    const auto& before = shown_->before.points;
    const auto& after = shown_->after.points;
    for (std::size_t i = 0; i < std::min(before.size(), after.size()); ++i) {
        table.rows.push_back({figure_cell(before[i].bearing_deg, 0),
                              figure_cell(before[i].distance_m.value / units::metres_per_kilometre, 1),
                              figure_cell(after[i].distance_m.value / units::metres_per_kilometre, 1)});
    }
    return table;
}

void ReachRings::draw(QPainter& painter, const QSize& size) const {
    if (!shown_) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const double far_m = std::max(farthest_m(shown_->before), farthest_m(shown_->after));
    painter.setFont(look.font(Look::small_px));
    if (!(far_m > 0.0)) {
        painter.setPen(theme.ink);
        painter.drawText(QRectF(QPointF(), QSizeF(size)), Qt::AlignCenter, tr("no reach in this wind"));
        return;
    }
    // Both outlines are seen whole, wherever the wind has pushed them.
    QRectF bounds(0.0, 0.0, 1.0, 1.0);
    for (const auto* reach : {&shown_->before, &shown_->after}) {
        for (const auto& point : reach->points)
            bounds = bounds.united(QRectF(point.at.east_m, -point.at.north_m, 1.0, 1.0));
    }
    const double margin = look.scaled(16);
    const double px_per_m =
        std::min((size.width() - 2.0 * margin) / bounds.width(), (size.height() - 2.0 * margin) / bounds.height());
    const QPointF home = QPointF(0.5 * size.width(), 0.5 * size.height()) - bounds.center() * px_per_m;
    const double step_m = round_distance_m(far_m / most_circles);
    painter.setBrush(Qt::NoBrush);
    std::vector<std::pair<QRectF, QString>> labels;
    for (double radius_m = step_m; radius_m < far_m * 1.05; radius_m += step_m) {
        const double radius = radius_m * px_per_m;
        painter.setPen(QPen(theme.hairline, 1));
        painter.drawEllipse(home, radius, radius);
        // Beside the circle where it goes up and to the left, away from the barb.
        const QPointF at = home - QPointF(0.7071, 0.7071) * radius;
        const double wide = look.scaled(70);
        if (at.x() > look.scaled(30)) {
            labels.emplace_back(
                QRectF(at.x() - wide - look.scaled(2), at.y() - look.scaled(18), wide, look.scaled(18)),
                round_distance_text(radius_m));
        }
    }
    const auto outline = [&](const mission::Reach& reach, const QPen& pen) {
        QPolygonF line;
        for (const auto& point : reach.points)
            line << home + QPointF(point.at.east_m, -point.at.north_m) * px_per_m;
        painter.setPen(pen);
        painter.drawPolygon(line);
    };
    outline(shown_->before, QPen(theme.soft_ink, look.scaled(1.2), Qt::DashLine));
    outline(shown_->after, QPen(theme.ink, look.scaled(2)));
    // Above the outlines, on a ground of their own.
    for (const auto& [place, text] : labels) {
        const QRectF ground = painter.boundingRect(place, Qt::AlignRight | Qt::AlignBottom, text);
        painter.fillRect(ground, theme.panel);
        painter.setPen(theme.soft_ink);
        painter.drawText(ground, Qt::AlignCenter, text);
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme.ink);
    const double half = look.scaled(3);
    painter.drawRect(QRectF(home.x() - half, home.y() - half, 2.0 * half, 2.0 * half));
    const double staff = look.scaled(22);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme.ink, look.scaled(1.4)));
    paint_wind_barb(painter, {size.width() - 1.4 * staff, 1.4 * staff}, staff, shown_->wind_mps,
                    shown_->wind_from_deg);
    const QString key = tr("dashed before, solid after; north up");
    painter.setPen(theme.soft_ink);
    painter.drawText(QRectF(0, size.height() - look.scaled(18), size.width(), look.scaled(18)),
                     Qt::AlignLeft | Qt::AlignBottom, key);
}

} // namespace sobremesa::app
