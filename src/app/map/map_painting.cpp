// What the map draws, layer by layer; what the hand and the keys do to it is in map_view.cpp.

#include <algorithm>
#include <cmath>

#include <QImage>
#include <QPainter>

#include "app/map/map_view.hpp"
#include "app/map/round_distance.hpp"
#include "app/map/wind_barb.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

namespace {

double length_of(const geodesy::EastNorth& p) {
    return std::hypot(p.east_m, p.north_m);
}

} // namespace

void MapView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& theme = Look::instance().theme();
    paintGround(painter);
    paintNoLanding(painter);
    paintGrid(painter);
    paintReach(painter);
    if (measured_.points.empty())
        paintWays(painter);
    else
        paintMeasured(painter);
    paintWithinReach(painter);
    paintMarks(painter);
    paintTurn(painter);
    paintHome(painter);
    paintScaleBar(painter);
    paintLegend(painter);
    paintWind(painter);
    if (hasFocus()) {
        painter.setPen(QPen(theme.field_border, 1));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

/// The empty sheet and the relief on it: while a place is dragged over hills they stay as they are.
void MapView::paintGround(QPainter& painter) const {
    const Theme& theme = Look::instance().theme();
    if (!relief_ || relief_->columns < 2) {
        painter.fillRect(rect(), theme.panel);
        return;
    }
    const geodesy::EastNorth middle = toGround(QRectF(rect()).center());
    const Ground wanted{relief_, size(), devicePixelRatioF(), middle, metres_per_pixel_, theme.dark};
    if (ground_picture_.isNull() || ground_ != wanted) {
        ground_ = wanted;
        ground_picture_ = QPixmap(size() * devicePixelRatioF());
        ground_picture_.setDevicePixelRatio(devicePixelRatioF());
        ground_picture_.fill(theme.panel);
        QPainter inside(&ground_picture_);
        paintRelief(inside);
    }
    painter.drawPixmap(0, 0, ground_picture_);
}

void MapView::paintRelief(QPainter& painter) const {
    const Theme& theme = Look::instance().theme();
    if (relief_picture_.isNull() || relief_is_dark_ != theme.dark) {
        // A breath of light and shade on the panel's own ground, so that lines and words stay what is read.
        relief_is_dark_ = theme.dark;
        relief_picture_ = QImage(relief_->columns, relief_->rows, QImage::Format_ARGB32_Premultiplied);
        constexpr int level_shade = 180; // of flat ground, cos 45° of 255
        constexpr double strength = 0.85;
        for (int j = 0; j < relief_->rows; ++j) {
            auto* line = reinterpret_cast<QRgb*>(relief_picture_.scanLine(j));
            for (int i = 0; i < relief_->columns; ++i) {
                const auto at = std::size_t(j) * std::size_t(relief_->columns) + std::size_t(i);
                const int off = relief_->known[at] ? int(relief_->shade[at]) - level_shade : 0;
                const int alpha = std::min(int(strength * std::abs(off)), 90);
                line[i] = off < 0 ? qRgba(0, 0, 0, alpha) : qPremultiply(qRgba(255, 255, 255, alpha));
            }
        }
    }
    const QPointF corner = toScreen({relief_->west_m, relief_->north_m});
    const double scale = relief_->step_m / metres_per_pixel_;
    painter.save();
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.drawImage(QRectF(corner.x(), corner.y(), scale * relief_->columns, scale * relief_->rows),
                      relief_picture_);
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setPen(QPen(theme.hairline, 1));
    std::vector<QLineF> lines;
    const QRectF seen = QRectF(rect()).adjusted(-8, -8, 8, 8);
    for (const auto& piece : relief_->contours) {
        const QPointF from = toScreen(piece.from);
        if (seen.contains(from)) lines.emplace_back(from, toScreen(piece.to));
    }
    painter.drawLines(lines.data(), int(lines.size()));
    painter.restore();
}

void MapView::paintNoLanding(QPainter& painter) const {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    painter.setFont(look.font(Look::small_px));
    const auto names = areaNames();
    for (std::size_t i = 0; i < no_landing_.size(); ++i) {
        painter.setPen(QPen(theme.field_border, look.scaled(1.0)));
        painter.setBrush(QBrush(theme.field_border, Qt::BDiagPattern));
        painter.drawPath(outlineOf(no_landing_[i]));
        if (no_landing_[i].name.isEmpty() || names[i].isNull()) continue;
        painter.fillRect(names[i], theme.panel);
        painter.setPen(theme.soft_ink);
        painter.drawText(names[i], Qt::AlignCenter, no_landing_[i].name);
    }
    if (!drawing_) return;
    QPolygonF line;
    for (const auto& corner : *drawing_) line << toScreen(corner);
    if (!line.isEmpty()) line << toScreen(drawing_to_);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme.ink, look.scaled(1.4), Qt::DashLine));
    painter.drawPolyline(line);
    painter.setBrush(theme.panel);
    painter.setPen(QPen(theme.ink, 1.5));
    for (const auto& corner : *drawing_) painter.drawEllipse(toScreen(corner), look.scaled(3), look.scaled(3));
    // What ends it is said where the eye is.
    const QString words = tr("Click the corners of the area; double-click or Enter closes it, Escape gives it up.");
    const QRectF strip(0.0, 0.0, width(), look.scaled(28));
    painter.fillRect(strip, theme.panel);
    painter.setPen(theme.ink);
    painter.drawText(strip, Qt::AlignCenter, words);
}

void MapView::paintReach(QPainter& painter) const {
    if (reach_.line.size() < 3) return;
    const Look& look = Look::instance();
    const auto outline = [&](const std::vector<geodesy::EastNorth>& points) {
        QPolygonF polygon;
        for (const auto& p : points) polygon << toScreen(p);
        return polygon;
    };
    painter.setBrush(Qt::NoBrush);
    // The band has edges, dotted; the line itself is longer strokes. Neither is a colour of the ways.
    painter.setPen(QPen(look.theme().field_border, look.scaled(1.0), Qt::DotLine));
    painter.drawPolygon(outline(reach_.inner));
    painter.drawPolygon(outline(reach_.outer));
    QPen pen(look.theme().ink, look.scaled(1.4));
    pen.setDashPattern({9, 3, 2, 3});
    painter.setPen(pen);
    painter.drawPolygon(outline(reach_.line));
}

namespace {

bool crosses(const QRectF& box, const QLineF& line) {
    // Most lines are far away, and this is asked of hundreds for each place that a name may have.
    const bool beside = std::max(line.x1(), line.x2()) < box.left() ||
                        std::min(line.x1(), line.x2()) > box.right() ||
                        std::max(line.y1(), line.y2()) < box.top() || std::min(line.y1(), line.y2()) > box.bottom();
    if (beside) return false;
    if (box.contains(line.p1()) || box.contains(line.p2())) return true;
    const QLineF sides[] = {{box.topLeft(), box.topRight()},
                            {box.topRight(), box.bottomRight()},
                            {box.bottomRight(), box.bottomLeft()},
                            {box.bottomLeft(), box.topLeft()}};
    return std::any_of(std::begin(sides), std::end(sides), [&](const QLineF& side) {
        return side.intersects(line, nullptr) == QLineF::BoundedIntersection;
    });
}

} // namespace

std::vector<QLineF> MapView::wayLines() const {
    std::vector<QLineF> lines;
    for (const Way& way : ways_) {
        for (std::size_t i = 1; i < way.points.size(); ++i) {
            const QLineF line(toScreen(way.points[i - 1]), toScreen(way.points[i]));
            // Steps of a track are too short, and too many, to keep off.
            if (way.points.size() < 200 && line.length() > 2.0) lines.push_back(line);
        }
    }
    return lines;
}

QPainterPath MapView::outlineOf(const Area& area) const {
    QPainterPath path;
    path.setFillRule(Qt::OddEvenFill);
    for (const auto& ring : area.rings) {
        QPolygonF polygon;
        for (const auto& corner : ring) {
            const QPointF at = toScreen(corner);
            // A coast has thousands of corners; closer than two pixels they draw nothing new.
            if (polygon.isEmpty() || (at - polygon.last()).manhattanLength() > 2.0) polygon << at;
        }
        path.addPolygon(polygon);
        path.closeSubpath();
    }
    return path;
}

std::vector<QLineF> MapView::outlineLines(const std::vector<geodesy::EastNorth>& corners) const {
    std::vector<QLineF> lines;
    if (corners.size() < 3) return lines;
    for (std::size_t i = 0; i < corners.size(); ++i)
        lines.emplace_back(toScreen(corners[i]), toScreen(corners[(i + 1) % corners.size()]));
    return lines;
}

std::vector<QRectF> MapView::areaNames() const {
    const QFontMetrics metrics(Look::instance().font(Look::small_px));
    const std::vector<QLineF> lines = wayLines();
    std::vector<QRectF> boxes;
    for (const Area& area : no_landing_) {
        const QPainterPath path = outlineOf(area);
        const QRectF seen = path.boundingRect().intersected(QRectF(rect()));
        const double w = metrics.horizontalAdvance(area.name) + 6.0;
        const double h = metrics.height();
        QRectF best;
        int least = -1;
        // On its own ground, and off the ways: the middle of a bent lake is land, that of a crossed one a line.
        constexpr double shares[] = {0.5, 0.3, 0.7, 0.15, 0.85};
        for (const double down : shares) {
            for (const double across : shares) {
                const QPointF at(seen.left() + across * seen.width(), seen.top() + down * seen.height());
                const QRectF box(at.x() - 0.5 * w, at.y() - 0.5 * h, w, h);
                if (!path.contains(box)) continue;
                // Room for what is said of the leg as well.
                const QRectF wide = box.adjusted(0.0, -h, 0.0, h);
                int in_the_way = 0;
                for (const QLineF& line : lines) in_the_way += crosses(wide, line) ? 1 : 0;
                if (least >= 0 && in_the_way >= least) continue;
                best = box;
                least = in_the_way;
            }
        }
        // One that is too small for its name has it below or above.
        const QRectF bounds = path.boundingRect();
        for (const double y : {bounds.bottom() + 0.7 * h, bounds.top() - 0.7 * h}) {
            const QRectF box(bounds.center().x() - 0.5 * w, y - 0.5 * h, w, h);
            const bool free =
                QRectF(rect()).contains(box) &&
                std::none_of(lines.begin(), lines.end(), [&](const auto& line) { return crosses(box, line); });
            if (best.isNull() && free) best = box;
        }
        boxes.push_back(best);
    }
    return boxes;
}

namespace {

/// What names keep off, and how much each of it is in their way.
class InTheWay {
public:
    void add(const std::vector<QLineF>& lines, double much) {
        for (const QLineF& line : lines) lines_.emplace_back(line, much);
    }
    void add(const QRectF& box) { boxes_.push_back(box); }

    /// The first of those boxes with the least in its way.
    QRectF freest(const std::vector<QRectF>& boxes, const QRectF& seen) const {
        QRectF best;
        double least = HUGE_VAL;
        for (const QRectF& box : boxes) {
            const double much = at(box) + (seen.contains(box) ? 0.0 : outside);
            if (much >= least) continue;
            best = box;
            least = much;
        }
        return best;
    }

    static constexpr double solid = 1.0;
    /// Dotted and thin: words over it can be read.
    static constexpr double edge_of_a_band = 0.3;

private:
    static constexpr double words = 2.0;
    static constexpr double outside = 3.0;

    double at(const QRectF& box) const {
        double much = 0.0;
        for (const auto& [line, one] : lines_) much += crosses(box, line) ? one : 0.0;
        for (const QRectF& other : boxes_) much += box.intersects(other) ? words : 0.0;
        return much;
    }

    std::vector<std::pair<QLineF, double>> lines_;
    std::vector<QRectF> boxes_;
};

} // namespace

std::vector<QRectF> MapView::markNames() const {
    const Look& look = Look::instance();
    const QFontMetrics metrics(look.font(Look::small_px, Look::Weight::medium));
    InTheWay in_the_way;
    in_the_way.add(wayLines(), InTheWay::solid);
    in_the_way.add(outlineLines(reach_.line), InTheWay::solid);
    in_the_way.add(homeName());
    if (turn_) in_the_way.add(turnName());
    std::vector<QRectF> boxes;
    for (const Mark& mark : marks_) {
        const QPointF at = toScreen(mark.at);
        const double w = metrics.horizontalAdvance(mark.label) + 2.0;
        const double h = metrics.height();
        const double dx = look.scaled(10);
        const double dy = look.scaled(9);
        const QPointF corners[] = {{dx, -dy - 0.5 * h},     {dx, dy - 0.5 * h},  {-dx - w, -dy - 0.5 * h},
                                   {-dx - w, dy - 0.5 * h}, {-0.5 * w, -dy - h}, {-0.5 * w, dy}};
        std::vector<QRectF> around;
        for (const QPointF& corner : corners) around.emplace_back(at + corner, QSizeF(w, h));
        boxes.push_back(in_the_way.freest(around, QRectF(rect())));
        in_the_way.add(boxes.back());
    }
    return boxes;
}

void MapView::paintMarks(QPainter& painter) const {
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const auto names = markNames();
    for (std::size_t i = 0; i < marks_.size(); ++i) {
        const Mark& mark = marks_[i];
        const QPointF at = toScreen(mark.at);
        const double s = look.scaled(5);
        painter.setPen(QPen(theme.ink, 1.5));
        painter.setBrush(theme.panel);
        if (mark.landing_place) {
            painter.drawRect(QRectF(at.x() - s, at.y() - s, 2 * s, 2 * s));
            painter.drawLine(at + QPointF(-s, s), at + QPointF(s, s));
            painter.drawLine(at + QPointF(-s, 0), at + QPointF(s, 0));
        } else {
            painter.drawEllipse(at, s, s);
        }
        if (handle_ == 2 + int(i)) {
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(at, 2 * s, 2 * s);
        }
        painter.setFont(look.font(Look::small_px, Look::Weight::medium));
        painter.setPen(theme.ink);
        painter.drawText(names[i], Qt::AlignCenter, mark.label);
    }
}

void MapView::paintWithinReach(QPainter& painter) const {
    const Look& look = Look::instance();
    const QColor colour = look.theme().soft_ink;
    painter.setBrush(Qt::NoBrush);
    painter.setFont(look.font(Look::small_px));
    const QFontMetrics metrics(painter.font());
    for (std::size_t k = 0; k < within_reach_.size(); ++k) {
        // On the right-hand side of the way, one beside the other.
        const double off = look.scaled(15.0 + 20.0 * double(k));
        for (const auto& part : within_reach_[k].parts) {
            QPolygonF line;
            QPointF across;
            for (std::size_t i = 0; i < part.size(); ++i) {
                const QPointF here = toScreen(part[i]);
                const QPointF along =
                    toScreen(part[std::min(i + 1, part.size() - 1)]) - toScreen(part[i > 0 ? i - 1 : 0]);
                const double length = std::hypot(along.x(), along.y());
                if (length > 0.0) across = QPointF(-along.y(), along.x()) / length;
                line << here + off * across;
            }
            if (line.size() < 2) continue;
            painter.setPen(QPen(colour, look.scaled(1.2)));
            painter.drawPolyline(line);
            // Ends: from here on, and no longer.
            const double cap = look.scaled(3);
            for (const QPointF& end : {line.first(), line.last()})
                painter.drawLine(end - cap * across, end + cap * across);
            // Its name stands on its outer side, off the middle where the ways have theirs.
            const QString& words = within_reach_[k].label;
            const double w = metrics.horizontalAdvance(words) + 2.0;
            const double h = metrics.height();
            const QPointF middle = line[line.size() / 4];
            const QPointF beside =
                middle +
                (look.scaled(3) + 0.5 * w * std::abs(across.x()) + 0.5 * h * std::abs(across.y())) * across;
            const QRectF box(beside.x() - 0.5 * w, beside.y() - 0.5 * h, w, h);
            painter.fillRect(box, look.theme().panel);
            painter.drawText(box, Qt::AlignCenter, words);
        }
    }
}

void MapView::paintGrid(QPainter& painter) const {
    const double step = gridStep();
    const auto low = toGround(QPointF(0, height()));
    const auto high = toGround(QPointF(width(), 0));
    painter.setPen(QPen(Look::instance().theme().hairline, 1));
    for (double e = std::ceil(low.east_m / step) * step; e < high.east_m; e += step) {
        const double x = std::round(toScreen({e, 0.0}).x()) + 0.5;
        painter.drawLine(QPointF(x, 0), QPointF(x, height()));
    }
    for (double n = std::ceil(low.north_m / step) * step; n < high.north_m; n += step) {
        const double y = std::round(toScreen({0.0, n}).y()) + 0.5;
        painter.drawLine(QPointF(0, y), QPointF(width(), y));
    }
}

void MapView::paintScaleBar(QPainter& painter) const {
    const Look& look = Look::instance();
    const double length = gridStep() / metres_per_pixel_;
    const double y = height() - look.scaled(20);
    const double x = look.scaled(20);
    painter.setPen(QPen(look.theme().ink, 1.5));
    painter.drawLine(QPointF(x, y), QPointF(x + length, y));
    painter.drawLine(QPointF(x, y - look.scaled(5)), QPointF(x, y + look.scaled(5)));
    painter.drawLine(QPointF(x + length, y - look.scaled(5)), QPointF(x + length, y + look.scaled(5)));
    paintLabel(painter, {x + length + look.scaled(8), y}, round_distance_text(gridStep()), Qt::AlignLeft);
    // North is up; a chart without it said is half a chart.
    const QPointF n(x + look.scaled(4), look.scaled(20));
    painter.setPen(QPen(look.theme().ink, 1.5));
    painter.drawLine(n + QPointF(0, look.scaled(18)), n);
    painter.drawLine(n, n + QPointF(-look.scaled(4), look.scaled(7)));
    painter.drawLine(n, n + QPointF(look.scaled(4), look.scaled(7)));
    paintLabel(painter, n + QPointF(look.scaled(10), look.scaled(6)), tr("N", "north"), Qt::AlignLeft);
}

void MapView::paintWays(QPainter& painter) const {
    const Look& look = Look::instance();
    painter.setBrush(Qt::NoBrush);
    // Names of places come before what is said of the legs between them.
    std::vector<QRectF> taken = markNames();
    if (turn_) taken.push_back(turnName());
    for (const QRectF& name : areaNames()) taken.push_back(name);
    taken.push_back(homeName());
    for (const Mark& mark : marks_) {
        const double s = look.scaled(8);
        const QPointF at = toScreen(mark.at);
        taken.emplace_back(at.x() - s, at.y() - s, 2.0 * s, 2.0 * s);
    }
    for (const Way& way : ways_) {
        const QColor colour = way.homeward ? look.theme().homeward : look.theme().outward;
        QPen pen(colour, look.scaled(2.2), Qt::SolidLine, Qt::FlatCap, Qt::RoundJoin);
        if (way.forecast) pen.setDashPattern(way.homeward ? QList<qreal>{3, 2} : QList<qreal>{7, 2});
        QPainterPath path;
        bool pen_down = false;
        QPointF last;
        for (const auto& p : way.points) {
            if (std::isnan(p.east_m)) {
                pen_down = false;
                continue;
            }
            const QPointF at = toScreen(p);
            // Points closer than half a pixel draw nothing new.
            if (pen_down && (at - last).manhattanLength() < 0.5) continue;
            if (pen_down)
                path.lineTo(at);
            else
                path.moveTo(at);
            last = at;
            pen_down = true;
        }
        painter.setPen(pen);
        painter.drawPath(path);
        if (way.label.isEmpty() || way.points.size() < 2) continue;

        // The label stands off the middle of the way, out on its own side; on the other where that is taken.
        const QPointF a = toScreen(way.points.front());
        const QPointF b = toScreen(way.points.back());
        const QPointF along = b - a;
        const double length = std::hypot(along.x(), along.y());
        if (length < look.scaled(60)) continue;
        const QPointF side(along.y() / length, -along.x() / length);
        painter.setFont(look.font(Look::small_px, Look::Weight::medium));
        const QFontMetrics metrics(painter.font());
        const double wide = metrics.horizontalAdvance(way.label) + 1.0;
        const double off =
            look.scaled(9) + 0.5 * std::abs(side.x()) * wide + 0.5 * std::abs(side.y()) * metrics.height();
        // First along its own side; an outbound leg and home on one line keeps to it, or they would be taken for
        // each other.
        std::vector<std::pair<double, double>> places;
        for (const double sign : {1.0, -1.0}) {
            if (sign < 0.0 && ways_.size() <= 2) break;
            for (const double share : {0.5, 0.35, 0.65, 0.22, 0.78}) places.emplace_back(sign, share);
        }
        for (const auto& [sign, share] : places) {
            const QPointF at = a + share * along + sign * off * side;
            const QRectF box(at.x() - 0.5 * wide, at.y() - 0.5 * metrics.height(), wide, metrics.height());
            if (std::any_of(taken.begin(), taken.end(), [&](const QRectF& other) { return other.intersects(box); }))
                continue;
            taken.push_back(box);
            painter.setPen(colour);
            painter.fillRect(box, look.theme().panel);
            painter.drawText(box, Qt::AlignCenter, way.label);
            break;
        }
    }
}

double MapView::classWidth(std::size_t thickness) const {
    constexpr double thinnest = 1.0;
    constexpr double thicker = 1.6;
    return Look::instance().scaled(thinnest + thicker * double(thickness));
}

void MapView::paintMeasured(QPainter& painter) const {
    const Theme& theme = Look::instance().theme();
    painter.setBrush(Qt::NoBrush);
    // Thin first: where a flight crosses itself the thick line is the one to see.
    for (int thickness = -1; thickness < measured_.legend.size(); ++thickness) {
        QPainterPath path;
        bool pen_down = false;
        QPointF last;
        const auto& points = measured_.points;
        for (std::size_t i = 0; i + 1 < points.size(); ++i) {
            const bool ours = points[i].thickness == thickness && !std::isnan(points[i].at.east_m) &&
                              !std::isnan(points[i + 1].at.east_m);
            if (!ours) {
                pen_down = false;
                continue;
            }
            const QPointF from = toScreen(points[i].at);
            const QPointF to = toScreen(points[i + 1].at);
            if (!pen_down) {
                path.moveTo(from);
                last = from;
            }
            pen_down = true;
            // Short steps are drawn together, but where a class ends its line ends too.
            const bool ends = i + 2 >= points.size() || points[i + 1].thickness != thickness;
            if (!ends && (to - last).manhattanLength() < 0.5) continue;
            path.lineTo(to);
            last = to;
        }
        QPen pen(thickness < 0 ? theme.field_border : theme.ink, classWidth(std::size_t(std::max(thickness, 0))),
                 thickness < 0 ? Qt::DotLine : Qt::SolidLine, Qt::FlatCap, Qt::RoundJoin);
        painter.setPen(pen);
        painter.drawPath(path);
    }
}

void MapView::paintLegend(QPainter& painter) const {
    if (measured_.points.empty()) return;
    const Look& look = Look::instance();
    painter.setFont(look.font(Look::small_px));
    const QFontMetrics metrics(painter.font());
    const double line = look.scaled(17);
    // At the top right: home, its name and the scale stand below on most flights.
    double y = look.scaled(22);
    double widest = 0.0;
    for (const QString& words : measured_.legend)
        widest = std::max(widest, double(metrics.horizontalAdvance(words)));
    const double stroke = look.scaled(26);
    const double x = width() - look.scaled(16) - widest - stroke - look.scaled(8);
    const QRectF ground(x - look.scaled(8), y - line, widest + stroke + look.scaled(24),
                        line * double(measured_.legend.size()) + look.scaled(12));
    painter.fillRect(ground, look.theme().panel);
    for (qsizetype k = 0; k < measured_.legend.size(); ++k, y += line) {
        painter.setPen(QPen(look.theme().ink, classWidth(std::size_t(k)), Qt::SolidLine, Qt::FlatCap));
        painter.drawLine(QPointF(x, y), QPointF(x + stroke, y));
        paintLabel(painter, {x + stroke + look.scaled(8), y}, measured_.legend[k], Qt::AlignLeft);
    }
}

QRectF MapView::turnName() const {
    const Look& look = Look::instance();
    const QFontMetrics metrics(look.font(Look::text_px, Look::Weight::semibold));
    const double w = metrics.horizontalAdvance(turn_->label) + 2.0;
    const double h = metrics.height();
    const QPointF at = toScreen(turn_->at);
    const bool runs_across = std::abs(turn_->at.east_m) > std::abs(turn_->at.north_m);
    const bool to_the_right = turn_->at.east_m > centre_.east_m;
    const double aside = look.scaled(16);
    const double beside_x = to_the_right ? aside : -aside - w;
    const double other_x = to_the_right ? -aside - w : aside;
    const double below_y = look.scaled(22) - 0.5 * h;
    const double above_y = -look.scaled(22) - 0.5 * h;
    // Beside the turn; below where its way and its error run to both sides; and off the line of reach, which comes
    // by.
    std::vector<QPointF> corners{{beside_x, -0.5 * h}, {-0.5 * w, below_y}};
    if (runs_across && turn_->distance_sd_m > 0.0) std::swap(corners[0], corners[1]);
    const double near_x = look.scaled(9);
    for (const double x : {to_the_right ? near_x : -near_x - w, to_the_right ? -near_x - w : near_x})
        for (const double y : {below_y, above_y}) corners.emplace_back(x, y);
    corners.emplace_back(other_x, -0.5 * h);
    corners.emplace_back(-0.5 * w, above_y);
    InTheWay in_the_way;
    in_the_way.add(wayLines(), InTheWay::solid);
    in_the_way.add({turnError()}, InTheWay::solid);
    in_the_way.add(outlineLines(reach_.line), InTheWay::solid);
    for (const auto* edge : {&reach_.inner, &reach_.outer})
        in_the_way.add(outlineLines(*edge), InTheWay::edge_of_a_band);
    in_the_way.add(homeName());
    std::vector<QRectF> around;
    for (const QPointF& corner : corners) {
        const double x = std::clamp(at.x() + corner.x(), 2.0, std::max(2.0, width() - w - 2.0));
        around.emplace_back(x, at.y() + corner.y(), w, h);
    }
    return in_the_way.freest(around, QRectF(rect()));
}

QLineF MapView::turnError() const {
    const double d = length_of(turn_->at);
    if (!(d > 0.0)) return {};
    const auto offset = [&](double metres) {
        const double f = metres / d;
        return toScreen({turn_->at.east_m * f, turn_->at.north_m * f});
    };
    return {offset(std::max(d - turn_->distance_sd_m, 0.0)), offset(d + turn_->distance_sd_m)};
}

void MapView::paintTurn(QPainter& painter) const {
    const Look& look = Look::instance();
    if (turn_) {
        const QPointF at = toScreen(turn_->at);
        if (turn_->distance_sd_m > 0.0 && length_of(turn_->at) > 0.0) {
            const QPointF from = turnError().p1();
            const QPointF to = turnError().p2();
            const QPointF side(
                look.scaled(5) * (to - from).y() / std::max(1.0, std::hypot((to - from).x(), (to - from).y())),
                -look.scaled(5) * (to - from).x() / std::max(1.0, std::hypot((to - from).x(), (to - from).y())));
            painter.setPen(QPen(look.theme().ink, 1.5));
            painter.drawLine(from, to);
            painter.drawLine(from - side, from + side);
            painter.drawLine(to - side, to + side);
        }
        painter.setPen(QPen(look.theme().ink, 2));
        painter.setBrush(look.theme().panel);
        painter.drawEllipse(at, look.scaled(7), look.scaled(7));
        painter.setFont(look.font(Look::text_px, Look::Weight::semibold));
        painter.setPen(look.theme().ink);
        painter.drawText(turnName(), Qt::AlignCenter, turn_->label);
    }
    if (marker_ && !std::isnan(marker_->east_m)) {
        for (const BailOut& place : bail_outs_) {
            const QPointF to = toScreen(place.at);
            if (place.reachable) {
                painter.setPen(QPen(look.theme().ink, look.scaled(1.2), Qt::DotLine));
                painter.drawLine(toScreen(*marker_), to);
                continue;
            }
            const double s = look.scaled(9);
            painter.setPen(QPen(look.theme().warning, look.scaled(2.0)));
            painter.drawLine(to + QPointF(-s, -s), to + QPointF(s, s));
            painter.drawLine(to + QPointF(-s, s), to + QPointF(s, -s));
        }
        painter.setPen(QPen(look.theme().panel, 2));
        painter.setBrush(look.theme().ink);
        painter.drawEllipse(toScreen(*marker_), look.scaled(5), look.scaled(5));
    }
}

/// On the side away from where the flight goes.
bool MapView::homeNameIsRight() const {
    double mean_east = 0.0;
    for (const Way& way : ways_) {
        for (const auto& p : way.points) mean_east += std::isnan(p.east_m) ? 0.0 : p.east_m;
    }
    return mean_east <= 0.0;
}

QRectF MapView::homeName() const {
    const Look& look = Look::instance();
    const QFontMetrics metrics(look.font(Look::text_px, Look::Weight::medium));
    const double w = metrics.horizontalAdvance(home_label_) + look.scaled(14);
    const QPointF at = toScreen({});
    return {homeNameIsRight() ? at.x() : at.x() - w, at.y() - 0.5 * metrics.height(), w, double(metrics.height())};
}

void MapView::paintHome(QPainter& painter) const {
    const Look& look = Look::instance();
    const QPointF at = toScreen({});
    const double s = look.scaled(8);
    const QPointF triangle[] = {at + QPointF(0, -s), at + QPointF(s, 0.75 * s), at + QPointF(-s, 0.75 * s)};
    painter.setPen(QPen(look.theme().panel, 1.5));
    painter.setBrush(look.theme().ink);
    painter.drawPolygon(triangle, 3);
    if (handle_ == 2 + int(marks_.size())) {
        painter.setPen(QPen(look.theme().ink, 1.5));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(at, 1.6 * s, 1.6 * s);
    }
    painter.setFont(look.font(Look::text_px, Look::Weight::medium));
    const bool to_the_right = homeNameIsRight();
    paintLabel(painter, at + QPointF(to_the_right ? look.scaled(14) : -look.scaled(14), 0), home_label_,
               to_the_right ? Qt::AlignLeft : Qt::AlignRight);
}

void MapView::paintWind(QPainter& painter) const {
    if (!wind_) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    const QPointF centre = windCentre();
    const double radius = look.scaled(wind_radius_px);
    painter.setBrush(Qt::NoBrush);
    if (drag_ == Drag::wind) {
        // A measure for the hand that drags, and only then.
        painter.setPen(QPen(theme.hairline, 1));
        painter.setFont(look.font(Look::small_px));
        for (const double mps : {5.0, 10.0, 15.0}) {
            painter.drawEllipse(centre, mps * windPixelsPerMps(), mps * windPixelsPerMps());
        }
    }
    painter.setPen(QPen(theme.ink, look.scaled(1.6), Qt::SolidLine, Qt::RoundCap));
    paint_wind_barb(painter, centre, 0.86 * radius, wind_->speed_mps, wind_->from_deg);
    if (wind_editable_) {
        painter.setBrush(theme.panel);
        painter.setPen(QPen(theme.ink, 2));
        painter.drawEllipse(windHandle(), look.scaled(6), look.scaled(6));
    }
    painter.setFont(look.font(Look::small_px));
    const auto& q = look.quantities();
    const QString text = tr("%1 from %2", "wind speed, direction")
                             .arg(wording::written(wind_->speed_mps, 0.0, q.notation(units::Quantity::wind_speed)),
                                  q.direction(wind_->from_deg));
    // The shaft points to where the wind comes from; the words stand on the other side.
    const bool shaft_up = std::cos(units::radians(wind_->from_deg)) > 0.0;
    paintLabel(painter, centre + QPointF(0, (shaft_up ? 1 : -1) * look.scaled(26)), text, Qt::AlignHCenter);
}

void MapView::paintLabel(QPainter& painter, const QPointF& at, const QString& text, Qt::Alignment side) const {
    const QFontMetrics metrics(painter.font());
    const double w = metrics.horizontalAdvance(text) + 2;
    double x = at.x();
    if (side & Qt::AlignRight) x -= w;
    if (side & Qt::AlignHCenter) x -= 0.5 * w;
    x = std::clamp(x, 2.0, std::max(2.0, width() - w - 2.0));
    painter.setPen(Look::instance().theme().ink);
    painter.drawText(QRectF(x, at.y() - 0.5 * metrics.height(), w, metrics.height()), Qt::AlignCenter, text);
}

} // namespace sobremesa::app
