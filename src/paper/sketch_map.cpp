#include "paper/sketch_map.hpp"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>

#include "wording/quantities.hpp"

namespace sobremesa::paper {

namespace {

// Of marks, and beside them, pt.
constexpr double mark_pt = 4.0;
// Kept free around the drawing for words, pt.
constexpr double edge_pt = 22.0;

/// With home in it, m.
QRectF extent(const FlightCard::Sketch& sketch) {
    QRectF bounds(0.0, 0.0, 0.0, 0.0);
    const auto take = [&](const QPointF& at) {
        bounds.setLeft(std::min(bounds.left(), at.x()));
        bounds.setRight(std::max(bounds.right(), at.x()));
        bounds.setTop(std::min(bounds.top(), at.y()));
        bounds.setBottom(std::max(bounds.bottom(), at.y()));
    };
    for (const auto& leg : sketch.legs) std::for_each(leg.points.begin(), leg.points.end(), take);
    for (const auto& place : sketch.places) take(place.at);
    return bounds;
}

/// On paper, towards a compass direction.
QPointF towards(double degrees) {
    constexpr double radians = 3.14159265358979 / 180.0;
    return {std::sin(degrees * radians), -std::cos(degrees * radians)};
}

QPointF to_the_right_of(const QPointF& from, const QPointF& to) {
    const QPointF along = to - from;
    const double length = std::hypot(along.x(), along.y());
    return length > 0.0 ? QPointF(-along.y(), along.x()) / length : QPointF();
}

/// The largest of 1, 2, 5, 10 … up to `most`.
double round_length(double most) {
    const double decade = std::pow(10.0, std::floor(std::log10(most)));
    return most >= 5.0 * decade ? 5.0 * decade : most >= 2.0 * decade ? 2.0 * decade : decade;
}

} // namespace

SketchMap::SketchMap(QPainter& painter, const FlightCard::Sketch& sketch, const QRectF& room, const QFont& font,
                     double px_per_pt)
    : painter_(painter), sketch_(sketch), room_(room), bounds_(extent(sketch)), font_(font),
      metrics_(font, painter.device()), px_per_pt_(px_per_pt),
      per_m_(std::min((room.width() - 2.0 * px(edge_pt)) / std::max(bounds_.width(), 1.0),
                      (room.height() - 2.0 * px(edge_pt)) / std::max(bounds_.height(), 1.0))) {}

bool SketchMap::worthDrawing(const FlightCard::Sketch& sketch) {
    const QRectF bounds = extent(sketch);
    return !sketch.legs.empty() && std::max(bounds.width(), bounds.height()) >= 1.0;
}

void SketchMap::draw() {
    painter_.setFont(font_);
    areas();
    labels_.clear();
    for (const auto& one : sketch_.legs) leg(one);
    painter_.setPen(QPen(Qt::black, px(0.9)));
    for (const auto& one : sketch_.places) place(one);
    home();
    // Words last: no line crosses them.
    for (const Label& label : labels_) text(label.middle, label.words);
    north();
    wind();
    scale();
    painter_.setPen(Qt::black);
}

QPointF SketchMap::at(const QPointF& metres) const {
    return {room_.center().x() + (metres.x() - bounds_.center().x()) * per_m_,
            room_.center().y() - (metres.y() - bounds_.center().y()) * per_m_};
}

/// No-landing areas, hatched, as far as the sketch shows them.
void SketchMap::areas() {
    painter_.save();
    painter_.setClipRect(room_);
    painter_.setPen(QPen(Qt::black, px(0.5)));
    for (const auto& area : sketch_.areas) {
        QPainterPath path;
        path.setFillRule(Qt::OddEvenFill);
        for (const QPolygonF& ring : area) {
            QPolygonF drawn;
            for (const QPointF& corner : ring) drawn << at(corner);
            path.addPolygon(drawn);
            path.closeSubpath();
        }
        painter_.drawPath(path);
        // Lines of its own: a printer's pattern would be as fine as its dots.
        painter_.save();
        painter_.setClipPath(path, Qt::IntersectClip);
        const QRectF seen = path.boundingRect().intersected(room_);
        painter_.setPen(QPen(Qt::black, px(0.3)));
        for (double x = seen.left() - seen.height(); x < seen.right(); x += px(4.0))
            painter_.drawLine(QPointF(x, seen.bottom()), QPointF(x + seen.height(), seen.top()));
        painter_.restore();
    }
    painter_.restore();
}

void SketchMap::leg(const FlightCard::SketchLeg& leg) {
    QPen pen(Qt::black, px(leg.homeward ? 0.9 : 1.4));
    if (leg.homeward) pen.setDashPattern({4.0, 3.0});
    painter_.setPen(pen);
    // Out and home over the same ground stand side by side.
    const QPointF from = at(leg.points.front());
    const QPointF to = at(leg.points.back());
    const QPointF right = to_the_right_of(from, to);
    QPolygonF line;
    for (const auto& point : leg.points) line << at(point) + right * px(1.5);
    painter_.drawPolyline(line);
    if (!leg.label.isEmpty() && std::hypot(to.x() - from.x(), to.y() - from.y()) > px(24.0))
        labels_.push_back({0.5 * (from + to) + right * px(9.0), leg.label});
}

void SketchMap::place(const FlightCard::SketchPlace& place) {
    const QPointF here = at(place.at);
    const double half = px(2.4);
    painter_.setBrush(Qt::white);
    if (place.landing)
        painter_.drawRect(QRectF(here.x() - half, here.y() - half, 2.0 * half, 2.0 * half));
    else
        painter_.drawEllipse(here, half, half);
    if (!place.name.isEmpty()) labels_.push_back({here + QPointF(0.0, px(8.5)), place.name});
}

void SketchMap::home() {
    const QPointF here = at({0.0, 0.0});
    painter_.setBrush(Qt::black);
    painter_.drawPolygon(QPolygonF(
        {here + QPointF(0.0, -px(mark_pt)), here + QPointF(px(3.6), px(2.6)), here + QPointF(-px(3.6), px(2.6))}));
    painter_.setBrush(Qt::NoBrush);
}

void SketchMap::arrow(const QPointF& foot, double towards_deg) {
    const QPointF along = towards(towards_deg);
    const QPointF across(-along.y(), along.x());
    const QPointF tip = foot + along * px(14.0);
    painter_.drawLine(foot, tip);
    painter_.drawLine(tip, tip - along * px(mark_pt) + across * px(2.4));
    painter_.drawLine(tip, tip - along * px(mark_pt) - across * px(2.4));
}

void SketchMap::north() {
    arrow({room_.left() + px(5.0), room_.top() + px(20.0)}, 0.0);
    text({room_.left() + px(5.0), room_.top() + px(26.0)}, QCoreApplication::translate("CardWords", "N", "north"));
}

/// An arrow that flies with it.
void SketchMap::wind() {
    if (sketch_.wind.isEmpty()) return;
    const QPointF middle(room_.right() - px(16.0), room_.top() + px(12.0));
    const double to_deg = sketch_.wind_from_deg + 180.0;
    arrow(middle - towards(to_deg) * px(7.0), to_deg);
    text({middle.x(), room_.top() + px(26.0)},
         QCoreApplication::translate("CardWords", "wind %1").arg(sketch_.wind));
}

/// A round length, a quarter of the room or less.
void SketchMap::scale() {
    const double round = round_length(0.25 * room_.width() / per_m_ * sketch_.per_metre);
    const double bar = round / sketch_.per_metre * per_m_;
    const double foot = room_.bottom() - px(mark_pt);
    painter_.drawLine(QPointF(room_.left(), foot), QPointF(room_.left() + bar, foot));
    for (const double x : {0.0, bar})
        painter_.drawLine(QPointF(room_.left() + x, foot - px(2.5)), QPointF(room_.left() + x, foot));
    painter_.drawText(QPointF(room_.left() + bar + px(mark_pt), foot),
                      wording::written(round, 0.0, {1.0, sketch_.unit, round < 1.0 ? 1 : 0}));
}

void SketchMap::text(QPointF middle, const QString& words) {
    const double wide = metrics_.horizontalAdvance(words);
    middle.setX(std::clamp(middle.x(), room_.left() + 0.5 * wide, room_.right() - 0.5 * wide));
    const QRectF box(middle.x() - 0.5 * wide - px(1.0), middle.y() - 0.5 * metrics_.height(), wide + px(2.0),
                     metrics_.height());
    painter_.fillRect(box, Qt::white);
    painter_.drawText(box, Qt::AlignCenter, words);
}

} // namespace sobremesa::paper
