#include "app/map/map_view.hpp"

#include <algorithm>
#include <cmath>

#include <QLineEdit>
#include <QMenu>
#include <QMouseEvent>
#include <QShortcut>

#include "app/map/round_distance.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::app {

namespace {

constexpr double strongest_wind_mps = 15.0;
constexpr double grab_px = 16.0;

} // namespace

MapView::MapView(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setMinimumSize(220, 180);
    home_label_ = tr("home");
    connect(&Look::instance(), &Look::changed, this, qOverload<>(&QWidget::update));
}

namespace {

/// To the metre: a hand is no finer.
geodesy::EastNorth rounded(const geodesy::EastNorth& point) {
    return {std::round(point.east_m), std::round(point.north_m)};
}

} // namespace

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
    // Home stands behind the marks: the handle stays on the thing it was on, and on nothing where that is gone.
    const int home_before = 2 + int(marks_.size());
    marks_ = std::move(marks);
    const int home = 2 + int(marks_.size());
    if (handle_ == home_before)
        handle_ = home;
    else if (handle_ >= home)
        handle_ = -1;
    if (follows_contents_ && drag_ == Drag::none) fitContents();
    update();
}

void MapView::setNoLanding(std::vector<Area> areas) {
    no_landing_ = std::move(areas);
    update();
}

void MapView::drawArea() {
    drawing_.emplace();
    setCursor(Qt::CrossCursor);
    setFocus();
    setAccessibleDescription(
        tr("Drawing a no-landing area: Insert sets a corner in the middle of the view, Enter closes "
           "it, Escape gives it up"));
    update();
}

void MapView::addCorner(const geodesy::EastNorth& at) {
    drawing_->push_back(rounded(at));
    drawing_to_ = at;
    update();
}

void MapView::endDrawing(bool keep) {
    auto outline = std::move(*drawing_);
    drawing_.reset();
    setCursor(Qt::ArrowCursor);
    setAccessibleDescription({});
    update();
    constexpr std::size_t least_corners = 3;
    if (keep && outline.size() >= least_corners) emit areaDrawn(outline);
}

int MapView::areaAt(const QPointF& point) const {
    const auto ground = toGround(point);
    for (std::size_t i = 0; i < no_landing_.size(); ++i) {
        if (geodesy::inside(no_landing_[i].rings, ground)) return int(i);
    }
    return -1;
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
    ShownTable table{tr("Map"), {tr("leg"), tr("from home"), tr("bearing"), tr("east"), tr("north")}, {}};
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
        const QString what =
            way.label.isEmpty() ? (way.homeward ? tr("return leg") : tr("outbound leg")) : way.label;
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
                           .arg(way.homeward ? tr("return leg") : tr("outbound leg"), q.distance(from_home_m(p)),
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
    const double radius = look.scaled(wind_radius_px);
    const double edge_px = look.scaled(18);
    const QPointF top{double(width() - look.scaled(wind_radius_px + 22)), radius + edge_px};
    // Who flies out to the south-west has home in that corner.
    const QRectF corner(top.x() - radius, top.y() - radius, 2.0 * radius, 2.0 * radius);
    if (!corner.intersects(homeName())) return top;
    return {top.x(), height() - top.y()};
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
    return round_distance_m(Look::instance().scaled(70) * metres_per_pixel_);
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
                         : handle_ == 1    ? tr("the outbound bearing")
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

void MapView::resizeEvent(QResizeEvent*) {
    if (follows_contents_) fitContents();
}

void MapView::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return;
    if (drawing_) {
        addCorner(toGround(event->position()));
        return;
    }
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
    if (drawing_) {
        drawing_to_ = toGround(at);
        update();
        return;
    }
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
                   : turn ? tr("Drag around home: the outbound bearing")
                   : home ? tr("Drag: home; waypoints and landing places stay where they are")
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
        emit markDragged(dragged_mark_, rounded(ground));
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

void MapView::mouseDoubleClickEvent(QMouseEvent* event) {
    if (drawing_) {
        endDrawing(true);
        return;
    }
    const int mark = markAt(event->position());
    if (!places_addable_)
        showAll();
    else if (mark >= 0)
        emit markNameWanted(mark);
    else
        emit placeWanted(rounded(toGround(event->position())), false);
}

int MapView::handledMark() const {
    const int mark = handle_ - 2;
    return mark >= 0 && mark < int(marks_.size()) && marks_[std::size_t(mark)].movable ? mark : -1;
}

void MapView::fillMenu(QMenu& menu, const QPoint& at) {
    if (places_addable_) {
        const int under = markAt(at);
        const int mark = under >= 0 ? under : handledMark();
        if (mark >= 0 && (under >= 0 || !rect().contains(at))) {
            const QString& name = marks_[std::size_t(mark)].label;
            menu.addAction(tr("Rename %1…").arg(name), this, [this, mark] { emit markNameWanted(mark); });
            menu.addAction(tr("Remove %1").arg(name), this, [this, mark] { emit markRemoved(mark); });
        } else {
            const auto ground = rounded(toGround(at));
            menu.addAction(tr("Add a waypoint here"), this, [this, ground] { emit placeWanted(ground, false); });
            menu.addAction(tr("Add a landing place here"), this,
                           [this, ground] { emit placeWanted(ground, true); });
            menu.addAction(tr("Draw a no-landing area"), this, &MapView::drawArea);
            if (const int area = areaAt(at); area >= 0)
                menu.addAction(tr("Remove %1").arg(no_landing_[std::size_t(area)].name), this,
                               [this, area] { emit areaRemoved(area); });
        }
    }
    menu.addAction(tr("Show everything"), this, &MapView::showAll);
}

void MapView::nameMark(const geodesy::EastNorth& at, int index, const QString& name) {
    const Look& look = Look::instance();
    auto* edit = new QLineEdit(name, this);
    edit->setObjectName(QStringLiteral("markName"));
    edit->setAccessibleName(tr("Name of the place"));
    edit->setPlaceholderText(tr("Name"));
    const QSize size(look.scaled(150), edit->sizeHint().height());
    const QPointF beside = toScreen(at) + QPointF(look.scaled(12), -0.5 * size.height());
    edit->setGeometry(QRect(QPoint(std::clamp(int(beside.x()), 0, std::max(0, width() - size.width())),
                                   std::clamp(int(beside.y()), 0, std::max(0, height() - size.height()))),
                            size));
    edit->selectAll();
    edit->show();
    edit->setFocus();
    // Enter, or a click elsewhere, takes the name; Escape leaves the place as it was called.
    connect(edit, &QLineEdit::editingFinished, this, [this, edit, index, name] {
        if (edit->isHidden()) return; // hiding takes the focus, which finishes once more
        const QString typed = edit->text();
        edit->hide();
        edit->deleteLater();
        setFocus();
        if (typed != name) emit markNamed(index, typed);
    });
    auto* leave = new QShortcut(Qt::Key_Escape, edit, nullptr, nullptr, Qt::WidgetShortcut);
    connect(leave, &QShortcut::activated, edit, [edit, name] {
        edit->setText(name);
        emit edit->editingFinished();
    });
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
    if (drawing_) {
        switch (event->key()) {
        case Qt::Key_Insert: addCorner(toGround(middle)); return;
        case Qt::Key_Return:
        case Qt::Key_Enter: endDrawing(true); return;
        case Qt::Key_Escape: endDrawing(false); return;
        case Qt::Key_Backspace:
            if (!drawing_->empty()) drawing_->pop_back();
            update();
            return;
        default: break;
        }
    }
    switch (event->key()) {
    case Qt::Key_N: nextHandle(); return;
    case Qt::Key_Insert:
        if (places_addable_) emit placeWanted(rounded(toGround(middle)), false);
        return;
    case Qt::Key_F2:
        if (places_addable_ && handledMark() >= 0) emit markNameWanted(handledMark());
        return;
    case Qt::Key_Delete:
        if (places_addable_ && handledMark() >= 0) emit markRemoved(handledMark());
        return;
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
