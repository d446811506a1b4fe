#pragma once

#include <memory>
#include <optional>
#include <vector>

#include <QImage>
#include <QPainterPath>
#include <QPixmap>
#include <QWidget>

#include "app/export/shown_chart.hpp"
#include "app/widgets/context_actions.hpp"
#include "core/atmosphere/wind.hpp"
#include "core/geodesy/geodesic.hpp"
#include "core/geodesy/relief.hpp"
#include "core/geodesy/rings.hpp"

class QPainter;

namespace sobremesa::app {

/// A plain metric chart around home: grid, scale bar, ways, wind as the WMO wind barb. Wheel zooms, drag pans, a
/// double click shows everything again, or adds a waypoint where places may be added; + and − and the Home key do
/// the same. What can be dragged is moved by keys as well: N goes from one to the next, Ctrl and the arrows move
/// it; Insert adds a waypoint in the middle of the view, F2 names and Delete removes the place that N stands on.
class MapView : public QWidget, public ShownChart, public ContextActions {
    Q_OBJECT
public:
    explicit MapView(QWidget* parent = nullptr);

    struct Way {
        std::vector<geodesy::EastNorth> points; ///< a point that is no number interrupts the line
        bool homeward = false;
        bool forecast = false; ///< dashed
        QString label;
    };
    void setWays(std::vector<Way> ways);
    /// A way that shows a quantity by its thickness, thin to thick, in place of the ways' own lines.
    struct Measured {
        struct Point {
            geodesy::EastNorth at;
            int thickness = -1; ///< class from 0; −1: no value
        };
        std::vector<Point> points;
        QStringList legend; ///< one for each class, thinnest first
        QString name;
    };
    void setMeasured(Measured measured);
    void setWind(const std::optional<atmosphere::Wind>& wind, bool editable);
    /// The turn, and how sure its distance is; may be dragged around home where `editable`.
    struct TurnMark {
        geodesy::EastNorth at;
        double distance_sd_m = 0.0;
        QString label;
    };
    void setTurn(const std::optional<TurnMark>& turn, bool editable);
    /// A moving point, such as the place at the charts' cursor.
    void setMarker(const std::optional<geodesy::EastNorth>& marker);
    /// A place on the ground beside home and the turn; may be dragged where `movable`.
    struct Mark {
        geodesy::EastNorth at;
        QString label;
        bool landing_place = false; ///< else a place that the way leads over
        bool movable = false;
    };
    void setMarks(std::vector<Mark> marks);
    /// How far one may go on each bearing: a closed line, and the edges of its band.
    struct ReachLine {
        std::vector<geodesy::EastNorth> line;
        std::vector<geodesy::EastNorth> inner;
        std::vector<geodesy::EastNorth> outer;
    };
    void setReach(ReachLine reach);
    /// Areas not to come down in: hatched, with their names.
    struct Area {
        QString name;
        geodesy::Rings rings;
    };
    void setNoLanding(std::vector<Area> areas);
    /// The hand draws the outline of one: each click is a corner, a double click or Enter closes it, Backspace
    /// takes the last corner back, Escape gives it up; Insert sets a corner in the middle of the view.
    void drawArea();
    bool isDrawing() const { return drawing_.has_value(); }
    /// Lies under everything: shaded by slope, with contours.
    void setRelief(std::shared_ptr<const geodesy::Relief> relief);
    /// From the marker, the places where it could land: a line to those within reach, a cross over the others.
    struct BailOut {
        geodesy::EastNorth at;
        bool reachable = false;
    };
    void setBailOuts(std::vector<BailOut> places);
    /// Beside the way, a line along every part of it from which a landing place can be reached.
    struct WithinReach {
        QString label;
        std::vector<std::vector<geodesy::EastNorth>> parts;
    };
    void setWithinReach(std::vector<WithinReach> places);
    /// Home may be dragged, or moved by keys.
    void setHomeMovable(bool movable) { home_movable_ = movable; }
    /// While home is dragged, what is shown belongs to a home that lies here on the ground that stays still under
    /// the hand.
    void setShift(const geodesy::EastNorth& shift);
    /// The ground is that of the shown home again.
    void settle();
    /// Waypoints and landing places may be added, named and removed here.
    void setPlacesAddable(bool addable) { places_addable_ = addable; }
    /// Asks for the name of a place, beside it.
    void nameMark(const geodesy::EastNorth& at, int index, const QString& name);
    void fillMenu(QMenu& menu, const QPoint& at) override;
    void setHomeLabel(const QString& label) { home_label_ = label; }
    void showAll();

    QSize sizeHint() const override { return {560, 380}; }

    ShownTable shownTable() const override;
    void paintInto(QPaintDevice& device, const QSize& size) override;
    QSize shownSize() const override { return size(); }
    /// What stands at the cursor that Shift and the arrow keys move along the ways.
    QString cursorText() const { return cursor_text_; }

    // Where things are drawn, for whoever drags them.
    QPointF toScreen(const geodesy::EastNorth& point) const;
    QPointF windHandle() const;
    /// Where the name of home stands.
    QRectF homeName() const;
    /// Where the names of the marks stand: beside them, off the ways, the line of reach and each other.
    std::vector<QRectF> markNames() const;
    /// Where the turn's words stand: off its error bar, the ways and the line of reach.
    QRectF turnName() const;
    /// A closed line, corner to corner.
    std::vector<QLineF> outlineLines(const std::vector<geodesy::EastNorth>& corners) const;
    const ReachLine& reachLine() const { return reach_; }

signals:
    void bearingDragged(double bearing_deg);
    void windDragged(const atmosphere::Wind& wind);
    /// A movable mark, by its number.
    void markDragged(int index, const geodesy::EastNorth& at);
    /// Home, from where it lay when the drag began.
    void homeDragged(const geodesy::EastNorth& by);
    /// Home, a step by keys.
    void homeNudged(const geodesy::EastNorth& by);
    void dragFinished();
    /// A place is to be added here.
    void placeWanted(const geodesy::EastNorth& at, bool landing_place);
    void markNameWanted(int index);
    void markNamed(int index, const QString& name);
    void markRemoved(int index);
    void areaDrawn(const std::vector<geodesy::EastNorth>& outline);
    void areaRemoved(int index);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    enum class Drag { none, pan, bearing, wind, mark, home };
    void moveCursor(int steps);
    void zoom(double factor, const QPointF& around);
    geodesy::EastNorth toGround(const QPointF& point) const;
    void fitContents();
    void paintGrid(QPainter& painter) const;
    void paintGround(QPainter& painter) const;
    void paintRelief(QPainter& painter) const;
    void paintNoLanding(QPainter& painter) const;
    QPainterPath outlineOf(const Area& area) const;
    /// Where the names of the areas stand; empty where one has no room.
    std::vector<QRectF> areaNames() const;
    /// What names keep off.
    std::vector<QLineF> wayLines() const;
    void addCorner(const geodesy::EastNorth& at);
    /// @param keep  it is an area; else it is given up
    void endDrawing(bool keep);
    /// The area under a place of the screen; −1: none.
    int areaAt(const QPointF& point) const;
    void paintReach(QPainter& painter) const;
    void paintMarks(QPainter& painter) const;
    bool homeNameIsRight() const;
    /// From the near end of the turn's error to the far one.
    QLineF turnError() const;
    void paintWithinReach(QPainter& painter) const;
    bool homeAt(const QPointF& point) const;
    /// The movable mark under a place of the screen; −1: none.
    int markAt(const QPointF& point) const;
    void nextHandle();
    /// The mark that the keys move; −1: none.
    int handledMark() const;
    bool moveHandle(int key);
    void paintScaleBar(QPainter& painter) const;
    void paintWays(QPainter& painter) const;
    void paintMeasured(QPainter& painter) const;
    void paintLegend(QPainter& painter) const;
    double classWidth(std::size_t thickness) const;
    void paintTurn(QPainter& painter) const;
    void paintHome(QPainter& painter) const;
    void paintWind(QPainter& painter) const;
    void paintLabel(QPainter& painter, const QPointF& at, const QString& text, Qt::Alignment side) const;
    static constexpr double wind_radius_px = 58.0;
    double gridStep() const;
    QPointF windCentre() const;
    double windPixelsPerMps() const;

    std::vector<Way> ways_;
    Measured measured_;
    std::optional<atmosphere::Wind> wind_;
    bool wind_editable_ = false;
    std::optional<TurnMark> turn_;
    bool turn_editable_ = false;
    std::optional<geodesy::EastNorth> marker_;
    std::vector<Mark> marks_;
    std::vector<BailOut> bail_outs_;
    std::vector<WithinReach> within_reach_;
    std::vector<Area> no_landing_;
    /// Corners so far, and where the hand is.
    std::optional<std::vector<geodesy::EastNorth>> drawing_;
    geodesy::EastNorth drawing_to_;
    bool home_movable_ = false;
    bool places_addable_ = false;
    geodesy::EastNorth shift_;
    ReachLine reach_;
    std::shared_ptr<const geodesy::Relief> relief_;
    mutable QImage relief_picture_;
    mutable bool relief_is_dark_ = false;
    /// What the picture of the ground depends on.
    struct Ground {
        std::shared_ptr<const geodesy::Relief> relief;
        QSize size;
        double pixel_ratio = 1.0;
        geodesy::EastNorth middle;
        double metres_per_pixel = 0.0;
        bool dark = false;
        friend bool operator==(const Ground&, const Ground&) = default;
    };
    mutable Ground ground_;
    mutable QPixmap ground_picture_;
    int dragged_mark_ = -1;
    /// What the keys move: the wind, the turn, the marks, then home; −1: nothing yet.
    int handle_ = -1;
    QString home_label_;
    std::size_t cursor_point_ = 0;
    QString cursor_text_;

    double metres_per_pixel_ = 10.0;
    geodesy::EastNorth centre_;
    bool follows_contents_ = true;
    Drag drag_ = Drag::none;
    QPointF drag_from_;
};

} // namespace sobremesa::app
