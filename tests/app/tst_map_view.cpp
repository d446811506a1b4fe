// The map as a chart: where things are drawn, what is drawn, and the wind barb against its definition.

#include <QImage>
#include <QPainter>
#include <QSignalSpy>
#include <QTest>

#include "app/map/map_view.hpp"
#include "app/map/wind_barb.hpp"
#include "app/theme/look.hpp"
#include "core/units/constants.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;

namespace {

QImage barb(double knots, double from_deg) {
    QImage image(200, 200, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    painter.setPen(QPen(Qt::black, 3));
    paint_wind_barb(painter, {100, 100}, 80, knots * units::mps_per_knot, from_deg);
    return image;
}

int ink(const QImage& image, const QRect& area) {
    int dark = 0;
    for (int y = area.top(); y <= area.bottom(); ++y) {
        for (int x = area.left(); x <= area.right(); ++x) dark += qGray(image.pixel(x, y)) < 128 ? 1 : 0;
    }
    return dark;
}

MapView::Way line(geodesy::EastNorth from, geodesy::EastNorth to) {
    return {{from, to}, false, true, {}};
}

} // namespace

class MapViewTest : public QObject {
    Q_OBJECT
private slots:
    void staffPointsToWhereTheWindComesFrom_data();
    void staffPointsToWhereTheWindComesFrom();
    void feathersStandOnTheLeftOfTheWind();
    void moreWindMoreFeathers();
    void calmIsARing();
    void everythingFitsAtFirst();
    void scaleStaysStillWhileDragging();
    void pointsThatAreNoNumberInterruptTheLine();
    void mapWithoutAnythingStillShowsHome();
    void aHandleWhoseThingIsGoneMovesNothing();
};

void MapViewTest::aHandleWhoseThingIsGoneMovesNothing() {
    MapView map;
    map.resize(600, 400);
    map.setHomeMovable(true);
    const MapView::Mark a{{300.0, 400.0}, QStringLiteral("a"), false, true};
    const MapView::Mark b{{-300.0, 400.0}, QStringLiteral("b"), false, true};
    map.setMarks({a, b});
    QSignalSpy dragged(&map, &MapView::markDragged);
    QSignalSpy nudged(&map, &MapView::homeNudged);
    // The second mark is taken, and goes: its handle must not become another's.
    QTest::keyClick(&map, Qt::Key_N);
    QTest::keyClick(&map, Qt::Key_N);
    QTest::keyClick(&map, Qt::Key_Left, Qt::ControlModifier);
    QCOMPARE(dragged.count(), 1);
    QCOMPARE(dragged[0][0].toInt(), 1);
    map.setMarks({a});
    QTest::keyClick(&map, Qt::Key_Left, Qt::ControlModifier);
    QCOMPARE(nudged.count(), 0);
    QCOMPARE(dragged.count(), 1);
    // Home's handle stays home's, however many marks come and go.
    QTest::keyClick(&map, Qt::Key_N);
    QTest::keyClick(&map, Qt::Key_N);
    QTest::keyClick(&map, Qt::Key_Left, Qt::ControlModifier);
    QCOMPARE(nudged.count(), 1);
    map.setMarks({a, b});
    QTest::keyClick(&map, Qt::Key_Left, Qt::ControlModifier);
    QCOMPARE(nudged.count(), 2);
    QCOMPARE(dragged.count(), 1);
}

void MapViewTest::staffPointsToWhereTheWindComesFrom_data() {
    QTest::addColumn<double>("from_deg");
    QTest::addColumn<QRect>("half");
    QTest::newRow("north") << 0.0 << QRect(0, 0, 200, 88);
    QTest::newRow("east") << 90.0 << QRect(112, 0, 88, 200);
    QTest::newRow("south") << 180.0 << QRect(0, 112, 200, 88);
    QTest::newRow("west") << 270.0 << QRect(0, 0, 88, 200);
}

void MapViewTest::staffPointsToWhereTheWindComesFrom() {
    QFETCH(double, from_deg);
    QFETCH(QRect, half);
    const QImage image = barb(15.0, from_deg);
    QVERIFY(ink(image, half) > 150);
    // On the other side of the station there is only its ring.
    const QRect opposite(200 - half.right() - 1, 200 - half.bottom() - 1, half.width(), half.height());
    const QRect whole_width =
        half.width() == 200 ? QRect(0, opposite.top(), 200, 88) : QRect(opposite.left(), 0, 88, 200);
    QCOMPARE(ink(image, whole_width), 0);
}

void MapViewTest::feathersStandOnTheLeftOfTheWind() {
    // WMO, Manual on the plotting of charts (northern hemisphere): a west wind has its feathers above the staff.
    const QImage image = barb(20.0, 270.0);
    QVERIFY(ink(image, QRect(0, 0, 200, 95)) > 40);
    QCOMPARE(ink(image, QRect(0, 112, 200, 88)), 0);
}

void MapViewTest::moreWindMoreFeathers() {
    int before = 0;
    for (const double knots : {5.0, 10.0, 15.0, 20.0, 30.0, 45.0}) {
        const QImage image = barb(knots, 270.0);
        const int now = ink(image, image.rect());
        QVERIFY2(now > before, qPrintable(QString::number(knots)));
        before = now;
    }
    // A pennant is a filled triangle: fewer marks than five feathers, yet not those of any weaker wind.
    QVERIFY(barb(50.0, 270.0) != barb(45.0, 270.0));
    QVERIFY(ink(barb(65.0, 270.0), QRect(0, 0, 200, 95)) > ink(barb(50.0, 270.0), QRect(0, 0, 200, 95)));
    // Rounded to five knots: what is nearer to five than to ten is five.
    QCOMPARE(barb(6.0, 270.0), barb(5.0, 270.0));
}

void MapViewTest::calmIsARing() {
    QCOMPARE(ink(barb(1.0, 270.0), QRect(0, 0, 80, 200)), 0);
    QVERIFY(ink(barb(1.0, 270.0), QRect(80, 80, 40, 40)) > 20);
}

void MapViewTest::everythingFitsAtFirst() {
    MapView map;
    map.resize(600, 400);
    map.setWays({line({0, 0}, {-12000, 3000}), line({-12000, 3000}, {4000, -9000})});
    map.showAll();
    for (const geodesy::EastNorth& p : {geodesy::EastNorth{0, 0}, {-12000, 3000}, {4000, -9000}}) {
        QVERIFY(map.rect().contains(map.toScreen(p).toPoint()));
    }
    // North is up, east to the right, and both to the same scale.
    const QPointF o = map.toScreen({0, 0});
    const QPointF e = map.toScreen({1000, 0});
    const QPointF n = map.toScreen({0, 1000});
    QVERIFY(e.x() > o.x() && n.y() < o.y());
    VERIFY_NEAR(e.x() - o.x(), o.y() - n.y(), 1e-6);
}

void MapViewTest::scaleStaysStillWhileDragging() {
    MapView map;
    map.resize(600, 400);
    map.setWays({line({0, 0}, {-5000, 0})});
    map.setTurn(MapView::TurnMark{{-5000, 0}, 200.0, QStringLiteral("turn")}, true);
    map.show();
    QSignalSpy dragged(&map, &MapView::bearingDragged);
    QSignalSpy finished(&map, &MapView::dragFinished);
    const QPoint ring = map.toScreen({-5000, 0}).toPoint();
    const QPointF before = map.toScreen({1000, 1000});
    QTest::mousePress(&map, Qt::LeftButton, {}, ring);
    QTest::mouseMove(&map, map.toScreen({0, 0}).toPoint() + QPoint(0, -80));
    QCOMPARE(dragged.count(), 1);
    VERIFY_NEAR(dragged[0][0].toDouble(), 0.0, 1.0);
    map.setWays({line({0, 0}, {0, 9000})});
    QCOMPARE(map.toScreen({1000, 1000}), before);
    QTest::mouseRelease(&map, Qt::LeftButton, {}, QPoint(300, 60));
    QCOMPARE(finished.count(), 1);
    QVERIFY(map.toScreen({1000, 1000}) != before);
}

void MapViewTest::pointsThatAreNoNumberInterruptTheLine() {
    MapView map;
    map.resize(600, 400);
    const double none = std::nan("");
    map.setWays({{{{-3000, 0}, {-1000, 0}, {none, none}, {1000, 0}, {3000, 0}}, false, false, {}}});
    map.showAll();
    const QImage image = map.grab().toImage();
    const QColor outward = Look::instance().theme().outward;
    QCOMPARE(QColor(image.pixel(map.toScreen({-2000, 0}).toPoint())), outward);
    QCOMPARE(QColor(image.pixel(map.toScreen({2000, 0}).toPoint())), outward);
    QVERIFY(QColor(image.pixel(map.toScreen({500, 0}).toPoint())) != outward);
}

void MapViewTest::mapWithoutAnythingStillShowsHome() {
    MapView map;
    map.resize(300, 300);
    map.showAll();
    const QImage image = map.grab().toImage();
    QCOMPARE(QColor(image.pixel(map.toScreen({0, 0}).toPoint())), Look::instance().theme().ink);
}

SOBREMESA_TEST(MapViewTest)
#include "tst_map_view.moc"
