#include "app/map/map_view.hpp"

#include <algorithm>
#include <cmath>

#include <QImage>
#include <QMouseEvent>
#include <QPainter>

#include "app/map/wind_barb.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::app {

namespace {

constexpr double strongest_wind_mps = 15.0;
constexpr double wind_radius_px = 58.0;
constexpr double grab_px = 16.0;

double length_of(const geodesy::EastNorth& p) {
    return std::hypot(p.east_m, p.north_m);
}

/// 1, 2 or 5 times a power of ten, at least as large as asked.
double round_step(double least) {
    const double power = std::pow(10.0, std::floor(std::log10(least)));
    for (const double factor : {1.0, 2.0, 5.0}) {
        if (factor * power >= least) return factor * power;
    }
    return 10.0 * power;
}

} // namespace

MapView::MapView(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setMinimumSize(220, 180);
    home_label_ = tr("home");
    connect(&Look::instance(), &Look::changed, this, qOverload<>(&QWidget::update));
}

void MapView::setMeasured(Measured measured) {
    measured_ = std::move(measured);
    update();
}

void MapView::setWays(std::vector<Way> ways) {
    ways_ = std::move(ways);
    // While something is dragged the ground stays still under the hand.
    if (follows_contents_ && drag_ == Drag::none) fitContents();
    update();
}

void MapView::setWind(const std::optional<atmosphere::Wind>& wind, bool editable) {
    wind_ = wind;
    wind_editable_ = editable;
    update();
}

void MapView::setMarks(std::vector<Mark> marks) {
    marks_ = std::move(marks);
    if (handle_ > 2 + int(marks_.size())) handle_ = -1;
    if (follows_contents_ && drag_ == Drag::none) fitContents();
    update();
}

void MapView::setBailOuts(std::vector<BailOut> places) {
    bail_outs_ = std::move(places);
    update();
}

void MapView::setWithinReach(std::vector<WithinReach> places) {
    within_reach_ = std::move(places);
    update();
}

void MapView::setShift(const geodesy::EastNorth& shift) {
    shift_ = shift;
    update();
}

void MapView::settle() {
    centre_ = {centre_.east_m - shift_.east_m, centre_.north_m - shift_.north_m};
    shift_ = {};
    if (follows_contents_) fitContents();
    update();
}

void MapView::setReach(ReachLine reach) {
    reach_ = std::move(reach);
    update();
}

void MapView::setRelief(std::shared_ptr<const geodesy::Relief> relief) {
    if (relief == relief_) return;
    relief_ = std::move(relief);
    relief_picture_ = {};
    update();
}

void MapView::setTurn(const std::optional<TurnMark>& turn, bool editable) {
    turn_ = turn;
    turn_editable_ = editable;
    update();
}

namespace {

double from_home_m(const geodesy::EastNorth& p) {
    return std::hypot(p.east_m, p.north_m);
}

double bearing_deg(const geodesy::EastNorth& p) {
    return units::wrap_degrees(units::degrees(std::atan2(p.east_m, p.north_m)));
}

} // namespace

ShownTable MapView::shownTable() const {
    const auto& q = Look::instance().quantities();
    ShownTable table{tr("Map"), {tr("what"), tr("from home"), tr("bearing"), tr("east"), tr("north")}, {}};
    const auto row = [&](const QString& what, const geodesy::EastNorth& p) {
        const auto figure = [](const QString& text, double sort) {
            Cell cell;
            cell.text = text;
            cell.sort = sort;
            cell.figure = true;
            return cell;
        };
        Cell name;
        name.text = what;
        table.rows.push_back({name, figure(q.distance(from_home_m(p)), from_home_m(p)),
                              figure(q.direction(bearing_deg(p)), bearing_deg(p)),
                              figure(q.distance(p.east_m), p.east_m), figure(q.distance(p.north_m), p.north_m)});
    };
    row(tr("home"), {});
    if (turn_) row(turn_->label, turn_->at);
    for (const Mark& mark : marks_) row(mark.label, mark.at);
    for (const auto& p : reach_.line) row(tr("reach"), p);
    constexpr std::size_t points_read = 200;
    for (const Way& way : ways_) {
        const QString what = way.label.isEmpty() ? (way.homeward ? tr("way home") : tr("way out")) : way.label;
        const std::size_t stride = std::max<std::size_t>(1, way.points.size() / points_read);
        for (std::size_t i = 0; i < way.points.size(); i += stride) {
            if (std::isfinite(way.points[i].east_m)) row(what, way.points[i]);
        }
    }
    return table;
}

void MapView::paintInto(QPaintDevice& device, const QSize&) {
    render(&device, {}, {}, QWidget::DrawWindowBackground | QWidget::DrawChildren);
}

void MapView::moveCursor(int steps) {
    std::size_t all = 0;
    for (const Way& way : ways_) all += way.points.size();
    if (all == 0) return;
    // A hundred steps from end to end, and never less than a point.
    const auto stride = std::ptrdiff_t(std::max<std::size_t>(1, all / 100));
    cursor_point_ = std::size_t(
        std::clamp(std::ptrdiff_t(cursor_point_) + steps * stride, std::ptrdiff_t(0), std::ptrdiff_t(all) - 1));
    std::size_t at = cursor_point_;
    for (const Way& way : ways_) {
        if (at >= way.points.size()) {
            at -= way.points.size();
            continue;
        }
        const auto& p = way.points[at];
        const auto& q = Look::instance().quantities();
        cursor_text_ = tr("%1: %2 from home on %3", "way out or home, distance, bearing")
                           .arg(way.homeward ? tr("way home") : tr("way out"), q.distance(from_home_m(p)),
                                q.direction(bearing_deg(p)));
        setAccessibleDescription(cursor_text_);
        setToolTip(cursor_text_);
        setMarker(p);
        return;
    }
}

void MapView::setMarker(const std::optional<geodesy::EastNorth>& marker) {
    marker_ = marker;
    update();
}

void MapView::showAll() {
    follows_contents_ = true;
    fitContents();
    update();
}

void MapView::fitContents() {
    double west = -300.0;
    double east = 300.0;
    double south = -300.0;
    double north = 300.0;
    for (const Way& way : ways_) {
        for (const auto& p : way.points) {
            if (std::isnan(p.east_m)) continue;
            west = std::min(west, p.east_m);
            east = std::max(east, p.east_m);
            south = std::min(south, p.north_m);
            north = std::max(north, p.north_m);
        }
    }
    for (const Mark& mark : marks_) {
        west = std::min(west, mark.at.east_m);
        east = std::max(east, mark.at.east_m);
        south = std::min(south, mark.at.north_m);
        north = std::max(north, mark.at.north_m);
    }
    const Look& look = Look::instance();
    // Room for labels beside the ends, and for the wind in its corner.
    const double w = std::max(width() - 2.0 * look.scaled(110), 80.0);
    const double h = std::max(height() - 2.0 * look.scaled(64), 80.0);
    metres_per_pixel_ = std::max((east - west) / w, (north - south) / h);
    centre_ = {0.5 * (west + east) + shift_.east_m, 0.5 * (south + north) + shift_.north_m};
}

QPointF MapView::toScreen(const geodesy::EastNorth& p) const {
    return {0.5 * width() + (p.east_m + shift_.east_m - centre_.east_m) / metres_per_pixel_,
            0.5 * height() - (p.north_m + shift_.north_m - centre_.north_m) / metres_per_pixel_};
}

geodesy::EastNorth MapView::toGround(const QPointF& point) const {
    return {centre_.east_m - shift_.east_m + (point.x() - 0.5 * width()) * metres_per_pixel_,
            centre_.north_m - shift_.north_m - (point.y() - 0.5 * height()) * metres_per_pixel_};
}

QPointF MapView::windCentre() const {
    const Look& look = Look::instance();
    return {double(width() - look.scaled(wind_radius_px + 22)), double(look.scaled(wind_radius_px + 18))};
}

double MapView::windPixelsPerMps() const {
    return Look::instance().scaled(wind_radius_px) / strongest_wind_mps;
}

QPointF MapView::windHandle() const {
    if (!wind_) return windCentre();
    const double a = units::radians(wind_->from_deg);
    const double r = std::min(wind_->speed_mps, strongest_wind_mps) * windPixelsPerMps();
    return windCentre() + r * QPointF(std::sin(a), -std::cos(a));
}

double MapView::gridStep() const {
    return round_step(Look::instance().scaled(70) * metres_per_pixel_);
}

void MapView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& theme = Look::instance().theme();
    painter.fillRect(rect(), theme.panel);
    paintRelief(painter);
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

void MapView::paintRelief(QPainter& painter) const {
    if (!relief_ || relief_->columns < 2) return;
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

std::vector<QRectF> MapView::markNames() const {
    const Look& look = Look::instance();
    const QFontMetrics metrics(look.font(Look::small_px, Look::Weight::medium));
    std::vector<QLineF> lines;
    for (const Way& way : ways_) {
        for (std::size_t i = 1; i < way.points.size(); ++i) {
            const QLineF line(toScreen(way.points[i - 1]), toScreen(way.points[i]));
            // Steps of a track are too short, and too many, to keep off.
            if (way.points.size() < 200 && line.length() > 2.0) lines.push_back(line);
        }
    }
    const auto crossed = [](const QRectF& box, const QLineF& line) {
        if (box.contains(line.p1()) || box.contains(line.p2())) return true;
        const QLineF sides[] = {{box.topLeft(), box.topRight()},
                                {box.topRight(), box.bottomRight()},
                                {box.bottomRight(), box.bottomLeft()},
                                {box.bottomLeft(), box.topLeft()}};
        return std::any_of(std::begin(sides), std::end(sides), [&](const QLineF& side) {
            return side.intersects(line, nullptr) == QLineF::BoundedIntersection;
        });
    };
    std::vector<QRectF> boxes;
    for (const Mark& mark : marks_) {
        const QPointF at = toScreen(mark.at);
        const double w = metrics.horizontalAdvance(mark.label) + 2.0;
        const double h = metrics.height();
        const double dx = look.scaled(10);
        const double dy = look.scaled(9);
        const QPointF corners[] = {{dx, -dy - 0.5 * h},     {dx, dy - 0.5 * h},  {-dx - w, -dy - 0.5 * h},
                                   {-dx - w, dy - 0.5 * h}, {-0.5 * w, -dy - h}, {-0.5 * w, dy}};
        QRectF best;
        int least = -1;
        for (const QPointF& corner : corners) {
            const QRectF box(at + corner, QSizeF(w, h));
            int in_the_way = 0;
            for (const QLineF& line : lines) in_the_way += crossed(box, line) ? 1 : 0;
            for (const QRectF& other : boxes) in_the_way += box.intersects(other) ? 2 : 0;
            if (!QRectF(rect()).contains(box)) in_the_way += 3;
            if (least >= 0 && in_the_way >= least) continue;
            best = box;
            least = in_the_way;
        }
        boxes.push_back(best);
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

bool MapView::homeAt(const QPointF& point) const {
    const QPointF at = toScreen({}) - point;
    return home_movable_ && std::hypot(at.x(), at.y()) <= Look::instance().scaled(grab_px);
}

int MapView::markAt(const QPointF& point) const {
    for (std::size_t i = 0; i < marks_.size(); ++i) {
        const QPointF at = toScreen(marks_[i].at) - point;
        if (marks_[i].movable && std::hypot(at.x(), at.y()) <= Look::instance().scaled(grab_px)) return int(i);
    }
    return -1;
}

void MapView::nextHandle() {
    const int home = 2 + int(marks_.size());
    const int all = home + 1;
    for (int step = 0; step < all; ++step) {
        handle_ = (handle_ + 1) % all;
        const bool usable = handle_ == 0      ? wind_ && wind_editable_
                            : handle_ == 1    ? turn_ && turn_editable_
                            : handle_ == home ? home_movable_
                                              : marks_[std::size_t(handle_ - 2)].movable;
        if (usable) break;
    }
    const QString name = handle_ == 0      ? tr("the wind")
                         : handle_ == 1    ? tr("the bearing out")
                         : handle_ == home ? tr("home")
                                           : marks_[std::size_t(handle_ - 2)].label;
    setAccessibleDescription(tr("Ctrl and arrows move %1").arg(name));
    setToolTip(accessibleDescription());
    update();
}

bool MapView::moveHandle(int key) {
    const int right = key == Qt::Key_Right ? 1 : key == Qt::Key_Left ? -1 : 0;
    const int up = key == Qt::Key_Up ? 1 : key == Qt::Key_Down ? -1 : 0;
    if (handle_ < 0 || (right == 0 && up == 0)) return false;
    constexpr double step_deg = 5.0;
    constexpr double step_mps = 0.5;
    if (handle_ == 0 && wind_) {
        emit windDragged({std::clamp(wind_->speed_mps + up * step_mps, 0.0, strongest_wind_mps),
                          units::wrap_degrees(wind_->from_deg + right * step_deg)});
    } else if (handle_ == 1 && turn_) {
        emit bearingDragged(units::wrap_degrees(std::round(bearing_deg(turn_->at)) + right + up * step_deg));
    } else if (handle_ >= 2) {
        // A twentieth of the grid: as fine as one can see.
        const double step_m = gridStep() / 20.0;
        if (handle_ == 2 + int(marks_.size())) {
            if (home_movable_) emit homeNudged({right * step_m, up * step_m});
            return true;
        }
        const auto& at = marks_[std::size_t(handle_ - 2)].at;
        emit markDragged(handle_ - 2, {at.east_m + right * step_m, at.north_m + up * step_m});
    }
    return true;
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
    const double step = gridStep();
    const auto& q = look.quantities();
    const QString text = step < units::metres_per_kilometre ? q.height(step) : q.distance(step);
    paintLabel(painter, {x + length + look.scaled(8), y}, text, Qt::AlignLeft);
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
        // First along its own side; a way out and home on one line keeps to it, or they would be taken for each
        // other.
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
    double x = to_the_right ? at.x() + look.scaled(16) : at.x() - look.scaled(16) - w;
    double y = at.y() - 0.5 * h;
    if (runs_across && turn_->distance_sd_m > 0.0) {
        x = at.x() - 0.5 * w;
        y += look.scaled(22);
    }
    return {std::clamp(x, 2.0, std::max(2.0, width() - w - 2.0)), y, w, h};
}

void MapView::paintTurn(QPainter& painter) const {
    const Look& look = Look::instance();
    if (turn_) {
        const QPointF at = toScreen(turn_->at);
        const double d = length_of(turn_->at);
        if (d > 0.0 && turn_->distance_sd_m > 0.0) {
            const auto offset = [&](double metres) {
                const double f = metres / d;
                return toScreen({turn_->at.east_m * f, turn_->at.north_m * f});
            };
            const QPointF from = offset(std::max(d - turn_->distance_sd_m, 0.0));
            const QPointF to = offset(d + turn_->distance_sd_m);
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
    // On the side away from where the flight goes.
    double mean_east = 0.0;
    for (const Way& way : ways_) {
        for (const auto& p : way.points) mean_east += std::isnan(p.east_m) ? 0.0 : p.east_m;
    }
    painter.setFont(look.font(Look::text_px, Look::Weight::medium));
    const bool to_the_right = mean_east <= 0.0;
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

void MapView::resizeEvent(QResizeEvent*) {
    if (follows_contents_) fitContents();
}

void MapView::mousePressEvent(QMouseEvent* event) {
    const auto near = [&](const QPointF& what) {
        return std::hypot(what.x() - event->position().x(), what.y() - event->position().y()) <=
               Look::instance().scaled(grab_px);
    };
    drag_from_ = event->position();
    if (wind_ && wind_editable_ && near(windHandle()))
        drag_ = Drag::wind;
    else if (turn_ && turn_editable_ && near(toScreen(turn_->at)))
        drag_ = Drag::bearing;
    else if (dragged_mark_ = markAt(event->position()); dragged_mark_ >= 0)
        drag_ = Drag::mark;
    else if (homeAt(event->position()))
        drag_ = Drag::home;
    else
        drag_ = Drag::pan;
}

void MapView::mouseMoveEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    switch (drag_) {
    case Drag::none: {
        const auto near = [&](const QPointF& what) {
            return std::hypot(what.x() - at.x(), what.y() - at.y()) <= Look::instance().scaled(grab_px);
        };
        const bool wind = wind_ && wind_editable_ && near(windHandle());
        const bool turn = !wind && turn_ && turn_editable_ && near(toScreen(turn_->at));
        const int mark = wind || turn ? -1 : markAt(at);
        const bool home = !wind && !turn && mark < 0 && homeAt(at);
        setCursor(wind || turn || mark >= 0 || home ? Qt::PointingHandCursor : Qt::ArrowCursor);
        if (mark >= 0) {
            setToolTip(tr("Drag: %1").arg(marks_[std::size_t(mark)].label));
            break;
        }
        setToolTip(wind   ? tr("Drag: where the wind comes from, and how strong it is")
                   : turn ? tr("Drag around home: the bearing out")
                   : home ? tr("Drag: home; places and landing places stay where they are")
                          : QString());
        break;
    }
    case Drag::pan: {
        const QPointF moved = at - drag_from_;
        if (moved.manhattanLength() < 2.0) break;
        centre_.east_m -= moved.x() * metres_per_pixel_;
        centre_.north_m += moved.y() * metres_per_pixel_;
        drag_from_ = at;
        follows_contents_ = false;
        update();
        break;
    }
    case Drag::bearing: {
        const auto ground = toGround(at);
        emit bearingDragged(
            units::wrap_degrees(std::round(units::degrees(std::atan2(ground.east_m, ground.north_m)))));
        break;
    }
    case Drag::mark: {
        const auto ground = toGround(at);
        emit markDragged(dragged_mark_, {std::round(ground.east_m), std::round(ground.north_m)});
        break;
    }
    case Drag::home: {
        const auto ground = toGround(at);
        emit homeDragged({std::round(ground.east_m + shift_.east_m), std::round(ground.north_m + shift_.north_m)});
        break;
    }
    case Drag::wind: {
        const QPointF from = at - windCentre();
        const double mps = std::min(std::hypot(from.x(), from.y()) / windPixelsPerMps(), strongest_wind_mps);
        emit windDragged({std::round(mps * 10.0) / 10.0,
                          units::wrap_degrees(std::round(units::degrees(std::atan2(from.x(), -from.y()))))});
        break;
    }
    }
}

void MapView::mouseReleaseEvent(QMouseEvent*) {
    const bool edited = drag_ == Drag::bearing || drag_ == Drag::wind || drag_ == Drag::mark || drag_ == Drag::home;
    drag_ = Drag::none;
    if (!edited) return;
    if (follows_contents_) fitContents();
    update();
    emit dragFinished();
}

void MapView::mouseDoubleClickEvent(QMouseEvent*) {
    showAll();
}

void MapView::zoom(double factor, const QPointF& around) {
    const auto fixed = toGround(around);
    metres_per_pixel_ = std::clamp(metres_per_pixel_ * factor, 0.05, 2000.0);
    const auto moved = toGround(around);
    centre_.east_m += fixed.east_m - moved.east_m;
    centre_.north_m += fixed.north_m - moved.north_m;
    follows_contents_ = false;
    update();
}

void MapView::wheelEvent(QWheelEvent* event) {
    zoom(std::pow(1.0015, -event->angleDelta().y()), event->position());
}

void MapView::keyPressEvent(QKeyEvent* event) {
    const QPointF middle(0.5 * width(), 0.5 * height());
    const double pan = 40.0 * metres_per_pixel_;
    const bool along = event->modifiers() & Qt::ShiftModifier;
    if (along && (event->key() == Qt::Key_Left || event->key() == Qt::Key_Right)) {
        moveCursor(event->key() == Qt::Key_Right ? 1 : -1);
        return;
    }
    if (event->modifiers() & Qt::ControlModifier && moveHandle(event->key())) return;
    switch (event->key()) {
    case Qt::Key_N: nextHandle(); return;
    case Qt::Key_Plus:
    case Qt::Key_Equal: zoom(0.8, middle); return;
    case Qt::Key_Minus: zoom(1.25, middle); return;
    case Qt::Key_Home: showAll(); return;
    case Qt::Key_Left: centre_.east_m -= pan; break;
    case Qt::Key_Right: centre_.east_m += pan; break;
    case Qt::Key_Up: centre_.north_m += pan; break;
    case Qt::Key_Down: centre_.north_m -= pan; break;
    default: QWidget::keyPressEvent(event); return;
    }
    follows_contents_ = false;
    update();
}

} // namespace sobremesa::app
