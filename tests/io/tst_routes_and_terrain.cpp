#include <cmath>

#include <random>

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "core/geodesy/relief.hpp"
#include "core/mission/make_plan.hpp"
#include "core/mission/reach.hpp"
#include "io/electronics_text.hpp"
#include "io/plan_document.hpp"
#include "io/route_files.hpp"
#include "io/terrain.hpp"
#include "support/compare.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::io;
using tests::sample_request;

namespace {

const geodesy::Position home{39.41825, -31.36148};

mission::PlanRequest routed() {
    mission::PlanRequest request = sample_request();
    request.name = "Three corners";
    request.mission.kind = mission::MissionKind::route;
    request.mission.home = home;
    request.mission.waypoints = {{"A & B", {3000.0, -500.0}, {}, 0.0, false},
                                 {"", {4200.5, 2600.25}, 140.0, 90.0, false},
                                 {"Peña", {-800.0, 3100.0}, {}, 0.0, false}};
    request.mission.alternates = {{"Era", {1500.0, 1500.0}, -20.0}};
    return request;
}

QString ending(RouteFormat format) {
    switch (format) {
    case RouteFormat::gpx: return QStringLiteral("gpx");
    case RouteFormat::kml: return QStringLiteral("kml");
    case RouteFormat::geojson: break;
    }
    return QStringLiteral("geojson");
}

} // namespace

class RoutesAndTerrainTest : public QObject {
    Q_OBJECT
private slots:
    void routesRoundTrip_data();
    void routesRoundTrip();
    void homeCanBeHidden_data();
    void homeCanBeHidden();
    void whatOthersWrite_data();
    void whatOthersWrite();
    void brokenRoutesAreNamed_data();
    void brokenRoutesAreNamed();
    void aRouteWantsAHome();
    void areasGoOutAndComeBack_data();
    void areasGoOutAndComeBack();
    void areasThatOthersWrite_data();
    void areasThatOthersWrite();
    void areasWantAHome();
    void aCoastIsReadWhole_data();
    void aCoastIsReadWhole();
    void wholePlansRoundTrip();
    void placesInDegreesNeedAHome();
    void wordsThatAreUnknownAreNamed_data();
    void wordsThatAreUnknownAreNamed();
    void rastersAgree_data();
    void rastersAgree();
    void rastersThatCannotBeRead_data();
    void rastersThatCannotBeRead();
    void ridgesAreAsHighAsTheirHighestCell_data();
    void ridgesAreAsHighAsTheirHighestCell();
    void manyCellsAreTakenTogether();
    void indexedGroundIsAsHigh();
    void oneRasterIsReadOnce();
    void reliefShowsTheSlope();
    void partsAreTypedWithTheirMasses_data();
    void partsAreTypedWithTheirMasses();

private:
    std::string write(const QString& name, const QByteArray& text) {
        const QString path = dir_.filePath(name);
        QFile file(path);
        if (!file.open(QIODevice::WriteOnly) || file.write(text) != text.size()) qFatal("cannot write");
        return path.toStdString();
    }
    /// A plane that rises eastward by one in ten, 100 m at home, as an ASCII grid in degrees.
    std::string plane(const QString& name, bool with_projection) {
        constexpr double cell = 0.002;
        constexpr int n = 60;
        const double west = home.longitude_deg - cell * n / 2;
        const double south = home.latitude_deg - cell * n / 2;
        QByteArray text = "ncols 60\nnrows 60\nxllcorner " + QByteArray::number(west, 'f', 8) + "\nyllcorner " +
                          QByteArray::number(south, 'f', 8) + "\ncellsize 0.002\nNODATA_value -9999\n";
        const double east_per_deg = 111320.0 * std::cos(home.latitude_deg * M_PI / 180.0);
        for (int j = 0; j < n; ++j) {
            for (int i = 0; i < n; ++i) {
                const double lon = west + (i + 0.5) * cell;
                const double h = 100.0 + 0.1 * (lon - home.longitude_deg) * east_per_deg;
                // One corner says nothing.
                text += (i < 5 && j < 5 ? QByteArray("-9999") : QByteArray::number(h, 'f', 2)) + " ";
            }
            text += "\n";
        }
        if (with_projection)
            write(QString(name).replace(QStringLiteral(".asc"), QStringLiteral(".prj")),
                  "GEOGCS[\"WGS 84\",DATUM[\"WGS_1984\",SPHEROID[\"WGS "
                  "84\",6378137,298.257223563]],PRIMEM[\"Greenwich\",0],"
                  "UNIT[\"degree\",0.0174532925199433]]");
        return write(name, text);
    }
    QTemporaryDir dir_;
};

void RoutesAndTerrainTest::routesRoundTrip_data() {
    QTest::addColumn<int>("format");
    QTest::newRow("GPX 1.1") << int(RouteFormat::gpx);
    QTest::newRow("GeoJSON") << int(RouteFormat::geojson);
    QTest::newRow("KML 2.2") << int(RouteFormat::kml);
}

void RoutesAndTerrainTest::routesRoundTrip() {
    QFETCH(int, format);
    const auto request = routed();
    const auto text = route_text(request, {}, RouteFormat(format));
    QVERIFY(text);
    const auto path = write(QStringLiteral("way.") + ending(RouteFormat(format)), QByteArray::fromStdString(*text));
    QVERIFY(route_format(path) == RouteFormat(format));
    const auto read = read_route(path);
    QVERIFY2(read.has_value(), qPrintable(QString::fromStdString(*text)));
    // Home, three places, home; the landing place beside.
    QCOMPARE(read->points.size(), 5u);
    QCOMPARE(read->places.size(), 1u);
    QCOMPARE(read->places.front().name, std::string("Era"));
    mission::PlanRequest taken = sample_request();
    QVERIFY(take_route(taken, *read));
    QVERIFY(taken.mission.kind == mission::MissionKind::route);
    QCOMPARE(taken.mission.waypoints.size(), 3u);
    for (std::size_t i = 0; i < 3; ++i) {
        VERIFY_NEAR(taken.mission.waypoints[i].at.east_m, request.mission.waypoints[i].at.east_m, 0.05);
        VERIFY_NEAR(taken.mission.waypoints[i].at.north_m, request.mission.waypoints[i].at.north_m, 0.05);
    }
    if (RouteFormat(format) == RouteFormat::gpx)
        QCOMPARE(taken.mission.waypoints[0].name, request.mission.waypoints[0].name);
    VERIFY_NEAR(taken.mission.alternates.front().at.east_m, 1500.0, 0.05);
}

void RoutesAndTerrainTest::homeCanBeHidden_data() {
    routesRoundTrip_data();
}

void RoutesAndTerrainTest::homeCanBeHidden() {
    QFETCH(int, format);
    auto request = routed();
    request.mission.waypoints.push_back({"close by", {120.0, 50.0}, {}, 0.0, false});
    request.mission.no_landing = {
        {"round home", {{{-900.0, -900.0}, {900.0, -900.0}, {900.0, 900.0}, {-900.0, 900.0}}}},
        {"at the door", {{{200.0, 0.0}, {900.0, 0.0}, {900.0, 900.0}}}},
        {"far off", {{{2000.0, 0.0}, {2900.0, 0.0}, {2900.0, 900.0}}}}};
    const auto text = route_text(request, {}, RouteFormat(format), true);
    QVERIFY(text);
    QVERIFY(text->find("home") == std::string::npos);
    QVERIFY(text->find("close by") == std::string::npos);
    QVERIFY(text->find("round home") == std::string::npos && text->find("at the door") == std::string::npos);
    QCOMPARE(text->find("far off") != std::string::npos, RouteFormat(format) != RouteFormat::gpx);
    const auto read = read_route(
        write(QStringLiteral("hidden.") + ending(RouteFormat(format)), QByteArray::fromStdString(*text)));
    QCOMPARE(read->points.size(), 3u);
}

void RoutesAndTerrainTest::whatOthersWrite_data() {
    QTest::addColumn<QString>("name");
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<int>("points");
    QTest::newRow("GPX with waypoints only")
        << "w.gpx"
        << QByteArray("<?xml version=\"1.0\"?><gpx version=\"1.1\"><wpt lat=\"39.4\" lon=\"-31.3\"/><wpt "
                      "lat=\"39.5\" lon=\"-31.2\"><name>x</name></wpt></gpx>")
        << 2;
    QTest::newRow("KML deep in folders")
        << "d.kml"
        << QByteArray("<kml xmlns=\"http://www.opengis.net/kml/2.2\"><Document><Folder><Folder><Placemark>"
                      "<LineString><coordinates>\n -31.3,39.4,120 -31.2,39.5 \n</coordinates></LineString>"
                      "</Placemark></Folder></Folder></Document></kml>")
        << 2;
    QTest::newRow("GeoJSON of one geometry")
        << "g.json" << QByteArray("{\"type\":\"LineString\",\"coordinates\":[[-31.3,39.4],[-31.2,39.5,80]]}") << 2;
    QTest::newRow("GeoJSON points")
        << "p.geojson"
        << QByteArray(
               "{\"type\":\"FeatureCollection\",\"features\":[{\"type\":\"Feature\",\"properties\":{\"name\":"
               "\"a\"},\"geometry\":{\"type\":\"Point\",\"coordinates\":[-31.3,39.4]}}]}")
        << 1;
    QTest::newRow("by what stands in it")
        << "way.txt" << QByteArray(" \n{\"type\":\"LineString\",\"coordinates\":[[-31.3,39.4]]}") << 1;
}

void RoutesAndTerrainTest::whatOthersWrite() {
    QFETCH(QString, name);
    QFETCH(QByteArray, text);
    QFETCH(int, points);
    const auto read = read_route(write(name, text));
    QVERIFY(read);
    QCOMPARE(int(read->points.size()), points);
    VERIFY_NEAR(read->points.front().at.latitude_deg, 39.4, 1e-12);
    VERIFY_NEAR(read->points.front().at.longitude_deg, -31.3, 1e-12);
    // Without a home of its own the plan begins where the route does.
    mission::PlanRequest request = sample_request();
    if (points > 1) {
        QVERIFY(take_route(request, *read));
        VERIFY_NEAR(request.mission.home->latitude_deg, 39.4, 1e-12);
        QCOMPARE(int(request.mission.waypoints.size()), points - 1);
    } else {
        QVERIFY(!take_route(request, *read)); // the only point is home itself
    }
}

void RoutesAndTerrainTest::brokenRoutesAreNamed_data() {
    QTest::addColumn<QString>("name");
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<int>("code");
    using units::ErrorCode;
    QTest::newRow("cut GPX") << "c.gpx" << QByteArray("<gpx><rte>\n<rtept lat=") << int(ErrorCode::xml_syntax);
    QTest::newRow("no route") << "n.gpx" << QByteArray("<gpx><trk/></gpx>") << int(ErrorCode::no_route);
    QTest::newRow("another XML") << "o.kml" << QByteArray("<svg/>") << int(ErrorCode::format_unknown);
    QTest::newRow("cut JSON") << "c.geojson" << QByteArray("{\"type\":") << int(ErrorCode::json_syntax);
    QTest::newRow("a list") << "l.geojson" << QByteArray("[1,2,3]") << int(ErrorCode::no_route);
    QTest::newRow("not on earth") << "e.geojson"
                                  << QByteArray("{\"type\":\"LineString\",\"coordinates\":[[-31.3,139.4]]}")
                                  << int(ErrorCode::position_impossible);
    QTest::newRow("no numbers") << "x.gpx" << QByteArray("<gpx><rte><rtept lat=\"nan\" lon=\"x\"/></rte></gpx>")
                                << int(ErrorCode::position_impossible);
    QByteArray bomb = "{\"type\":\"LineString\",\"coordinates\":[";
    for (int i = 0; i < 20000; ++i) bomb += "[1,2],";
    QTest::newRow("a hostile length") << "b.geojson" << bomb + "[1,2]]}" << int(ErrorCode::no_route);
}

void RoutesAndTerrainTest::brokenRoutesAreNamed() {
    QFETCH(QString, name);
    QFETCH(QByteArray, text);
    QFETCH(int, code);
    const auto read = read_route(write(name, text));
    QVERIFY(!read);
    QCOMPARE(int(read.error().code), code);
}

void RoutesAndTerrainTest::aRouteWantsAHome() {
    auto request = routed();
    request.mission.home.reset();
    const auto text = route_text(request, {}, RouteFormat::gpx);
    QVERIFY(!text);
    QCOMPARE(text.error().where.field, std::string("mission.home"));
    QCOMPARE(int(read_route("/nowhere.gpx").error().code), int(units::ErrorCode::file_not_found));
    // An out-and-back is a route to its turn.
    auto straight = sample_request();
    straight.mission.home = home;
    const auto out = route_text(straight, geodesy::EastNorth{-9000.0, 0.0}, RouteFormat::gpx);
    QVERIFY(out && out->find("<name>turn</name>") != std::string::npos);
}

void RoutesAndTerrainTest::areasGoOutAndComeBack_data() {
    QTest::addColumn<int>("format");
    QTest::newRow("geojson") << int(RouteFormat::geojson);
    QTest::newRow("kml") << int(RouteFormat::kml);
}

void RoutesAndTerrainTest::areasGoOutAndComeBack() {
    QFETCH(int, format);
    auto request = routed();
    request.mission.no_landing = {
        {"Laguna & mar",
         {{{500.0, 100.0}, {900.0, 120.0}, {880.0, 600.0}}, {{700.0, 200.0}, {760.0, 210.0}, {740.0, 260.0}}}},
        {"", {{{-500.0, 100.0}, {-900.0, 120.0}, {-880.0, 600.0}}}}};
    const auto text = route_text(request, {}, RouteFormat(format));
    QVERIFY(text);
    QTemporaryDir dir;
    const std::string path = dir.filePath(QStringLiteral("areas.") + ending(RouteFormat(format))).toStdString();
    QFile file(QString::fromStdString(path));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(text->data(), qint64(text->size()));
    file.close();
    const auto areas = read_areas(path);
    QVERIFY(areas);
    auto again = routed();
    QVERIFY(take_areas(again, *areas));
    QCOMPARE(again.mission.no_landing.size(), request.mission.no_landing.size());
    for (std::size_t i = 0; i < request.mission.no_landing.size(); ++i) {
        const auto& wanted = request.mission.no_landing[i];
        const auto& got = again.mission.no_landing[i];
        QCOMPARE(got.name, wanted.name);
        QCOMPARE(got.rings.size(), wanted.rings.size());
        for (std::size_t r = 0; r < wanted.rings.size(); ++r) {
            QCOMPARE(got.rings[r].size(), wanted.rings[r].size());
            for (std::size_t k = 0; k < wanted.rings[r].size(); ++k)
                QVERIFY(geodesy::distance_m(got.rings[r][k], wanted.rings[r][k]) < 0.05);
        }
    }
    // Brought in again, a named area is mended and not doubled.
    QVERIFY(take_areas(again, {areas->front()}));
    QCOMPARE(again.mission.no_landing.size(), request.mission.no_landing.size());
    // The way is still a way.
    QVERIFY(read_route(path));
}

void RoutesAndTerrainTest::areasThatOthersWrite_data() {
    QTest::addColumn<QString>("ending");
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<int>("areas");
    QTest::addColumn<int>("rings");
    // RFC 7946, appendix A.3 and A.6: a polygon with a hole, and a MultiPolygon whose second one has one.
    QTest::newRow("polygon with a hole")
        << QStringLiteral("geojson") << QByteArray(R"({"type": "Polygon", "coordinates": [
            [[100.0, 0.0], [101.0, 0.0], [101.0, 1.0], [100.0, 1.0], [100.0, 0.0]],
            [[100.8, 0.8], [100.8, 0.2], [100.2, 0.2], [100.2, 0.8], [100.8, 0.8]]]})")
        << 1 << 2;
    QTest::newRow("multipolygon") << QStringLiteral("json")
                                  << QByteArray(R"({"type": "MultiPolygon", "coordinates": [
            [[[102.0, 2.0], [103.0, 2.0], [103.0, 3.0], [102.0, 3.0], [102.0, 2.0]]],
            [[[100.0, 0.0], [101.0, 0.0], [101.0, 1.0], [100.0, 1.0], [100.0, 0.0]],
             [[100.2, 0.2], [100.2, 0.8], [100.8, 0.8], [100.8, 0.2], [100.2, 0.2]]]]})")
                                  << 2 << 1;
    // KML 2.2 reference, <Polygon>: the same shape, heights with the corners.
    QTest::newRow("kml with a hole")
        << QStringLiteral("kml")
        << QByteArray(
               R"(<?xml version="1.0"?><kml xmlns="http://www.opengis.net/kml/2.2"><Document><Folder><Placemark>
            <name>hollow</name><Polygon><extrude>1</extrude><outerBoundaryIs><LinearRing><coordinates>
            -77.05,38.87,100 -77.05,38.88,100 -77.06,38.88,100 -77.06,38.87,100 -77.05,38.87,100
            </coordinates></LinearRing></outerBoundaryIs><innerBoundaryIs><LinearRing><coordinates>
            -77.053,38.873,100 -77.053,38.876,100 -77.057,38.876,100 -77.053,38.873,100
            </coordinates></LinearRing></innerBoundaryIs></Polygon></Placemark></Folder></Document></kml>)")
        << 1 << 2;
    QTest::newRow("a point is none") << QStringLiteral("geojson")
                                     << QByteArray(R"({"type": "Point", "coordinates": [100, 0]})") << 0 << 0;
    QTest::newRow("two corners enclose nothing")
        << QStringLiteral("geojson")
        << QByteArray(R"({"type": "Polygon", "coordinates": [[[1, 0], [1, 1], [1, 0]]]})") << 0 << 0;
    QTest::newRow("nonsense in place of corners")
        << QStringLiteral("geojson") << QByteArray(R"({"type": "Polygon", "coordinates": [7, ["x"], [[1, "y"]]]})")
        << 0 << 0;
}

void RoutesAndTerrainTest::areasThatOthersWrite() {
    QFETCH(QString, ending);
    QFETCH(QByteArray, text);
    QFETCH(int, areas);
    QFETCH(int, rings);
    QTemporaryDir dir;
    QFile file(dir.filePath(QStringLiteral("a.") + ending));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(text);
    file.close();
    const auto read = read_areas(file.fileName().toStdString());
    QCOMPARE(read.has_value(), areas > 0);
    if (!read) return;
    QCOMPARE(int(read->size()), areas);
    QCOMPARE(int(read->front().rings.size()), rings);
    QCOMPARE(int(read->front().rings.front().size()), 4);
}

void RoutesAndTerrainTest::aCoastIsReadWhole_data() {
    QTest::addColumn<int>("corners");
    QTest::addColumn<bool>("read");
    QTest::newRow("more than a route has points") << 20000 << true;
    QTest::newRow("more than anything needs") << 500001 << false;
}

/// Cut short it would be another area: a fifth of this one leaves home outside.
void RoutesAndTerrainTest::aCoastIsReadWhole() {
    QFETCH(int, corners);
    QFETCH(bool, read);
    QTemporaryDir dir;
    QFile file(dir.filePath(QStringLiteral("coast.kml")));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write("<kml><Placemark><name>coast</name><Polygon><outerBoundaryIs><LinearRing><coordinates>");
    QByteArray text;
    for (int i = 0; i < corners; ++i) {
        const double angle = 2.0 * M_PI * i / corners;
        text += QByteArray::number(home.longitude_deg + 0.05 * std::cos(angle), 'f', 6) + ',' +
                QByteArray::number(home.latitude_deg + 0.05 * std::sin(angle), 'f', 6) + ' ';
    }
    file.write(text);
    file.write("</coordinates></LinearRing></outerBoundaryIs></Polygon></Placemark></kml>");
    file.close();
    const auto areas = read_areas(file.fileName().toStdString());
    QCOMPARE(areas.has_value(), read);
    if (!read) {
        QCOMPARE(areas.error().code, units::ErrorCode::value_out_of_range);
        return;
    }
    QCOMPARE(int(areas->front().rings.front().size()), corners);
    auto request = routed();
    QVERIFY(take_areas(request, *areas));
    QVERIFY(geodesy::inside(request.mission.no_landing.front().rings, {0.0, 0.0}));
    QVERIFY(geodesy::inside(request.mission.no_landing.front().rings, {0.0, -5000.0}));
}

void RoutesAndTerrainTest::areasWantAHome() {
    auto request = routed();
    request.mission.home.reset();
    const auto taken = take_areas(request, {{"x", {{{39.0, -31.0}, {39.1, -31.0}, {39.0, -31.1}}}}});
    QVERIFY(!taken);
    QCOMPARE(taken.error().where.field, std::string("mission.home"));
    QVERIFY(request.mission.no_landing.empty());
}

void RoutesAndTerrainTest::wholePlansRoundTrip() {
    auto request = routed();
    request.weather.wind_table = {{0.0, {2.0, 250.0}}, {120.0, {6.0, 270.0}}};
    request.weather.wind_growth_mps_per_h = 1.5;
    request.weather.wind_exponent = 0.2;
    request.weather.wind_from_sd_deg = 14.0;
    request.weather.pressure_pa = 98000.0;
    request.weather.relative_humidity = 0.6;
    request.mission.climb_angle_deg = 12.0;
    request.mission.climb_throttle = 0.85;
    request.mission.speed_out = mission::SpeedRule::best_range;
    request.mission.speed_home = mission::SpeedRule::fixed;
    request.mission.airspeed_mps = 17.0;
    request.mission.most_power_share = 0.45;
    request.mission.loiter_radius_m = 80.0;
    request.mission.turn_bank_deg = 42.0;
    request.mission.landing_height_m = 15.0;
    request.mission.landing_sink_mps = 0.7;
    request.pack.strips_current_a = 38.0;
    request.pack.connector_current_a = 55.0;
    request.mission.clearance_m = 45.0;
    request.mission.terrain_file = "land.tif";
    request.turn.least_chance = 0.95;
    request.failsafe = mission::FailsafeReturn{100.0, 15.0, 0.6};
    request.link = mission::Link{868.0, 27.0, -104.0, 21000.0, 6.0};
    request.ground = {100.0, 90.0, {}, 200.0};
    request.supply = {10.5, 0.0};
    request.aircraft.electronics = {{"camera", 3.0, 0.085}, {"video", 6.0, {}}};
    const std::string text = json_from_plan(request);
    const auto read = plan_from_json(text, "test");
    QVERIFY2(read.has_value(), text.c_str());
    QVERIFY(read->diagnostics.empty());
    QCOMPARE(json_from_plan(read->request), text);
    QVERIFY(read->request.mission.waypoints == request.mission.waypoints);
    QVERIFY(read->request.mission.alternates == request.mission.alternates);
    QVERIFY(read->request.failsafe == request.failsafe && read->request.link == request.link);
    QVERIFY(read->request.aircraft.electronics == request.aircraft.electronics);
    QVERIFY(read->request.pack == request.pack);
    QCOMPARE(*read->request.mission.turn_bank_deg, 42.0);
    // Turns that cost nothing are said so; a document from before there were any takes the usual ones.
    request.mission.turn_bank_deg.reset();
    QVERIFY(!plan_from_json(json_from_plan(request), "test")->request.mission.turn_bank_deg);
    std::string older = json_from_plan(request);
    const std::string line = "\"turn_bank_deg\": null,";
    const auto at = older.find(line);
    QVERIFY(at != std::string::npos);
    older.erase(at, line.size());
    QCOMPARE(*plan_from_json(older, "test")->request.mission.turn_bank_deg, 30.0);
}

void RoutesAndTerrainTest::placesInDegreesNeedAHome() {
    std::string text = json_from_plan(routed());
    const std::string east = "\"east_m\": 3000.0";
    text.replace(text.find(east), east.size(), "\"latitude_deg\": 39.5, \"longitude_deg\": -31.3, \"was\": 1");
    const auto at = text.find("\"north_m\": -500.0");
    text.replace(at, std::string("\"north_m\": -500.0").size(), "\"were\": 2");
    const auto read = plan_from_json(text, "test");
    QVERIFY(read);
    const auto frame = geodesy::LocalFrame::around(home);
    const auto expected = frame->forward({39.5, -31.3});
    VERIFY_NEAR(read->request.mission.waypoints[0].at.east_m, expected.east_m, 1e-6);
    auto nowhere = routed();
    nowhere.mission.home.reset();
    std::string blind = json_from_plan(nowhere);
    blind.replace(blind.find(east), east.size(), "\"latitude_deg\": 39.5, \"longitude_deg\": -31.3");
    blind.replace(blind.find("\"north_m\": -500.0"), std::string("\"north_m\": -500.0").size(), "\"were\": 2");
    QVERIFY(!plan_from_json(blind, "test"));
}

void RoutesAndTerrainTest::wordsThatAreUnknownAreNamed_data() {
    QTest::addColumn<QString>("from");
    QTest::addColumn<QString>("to");
    QTest::addColumn<QString>("field");
    QTest::newRow("kind") << "\"kind\": \"route\""
                          << "\"kind\": \"somewhere\""
                          << "mission.kind";
    QTest::newRow("speed") << "\"speed_out\": \"known-cruise\""
                           << "\"speed_out\": \"fast\""
                           << "mission.speed_out";
    QTest::newRow("places") << "\"waypoints\": ["
                            << "\"waypoints\": [ 5, "
                            << "mission.waypoints[0]";
    QTest::newRow("home") << "\"latitude_deg\": 39.41825"
                          << "\"latitude_deg\": 139.41825"
                          << "mission.home";
}

void RoutesAndTerrainTest::wordsThatAreUnknownAreNamed() {
    QFETCH(QString, from);
    QFETCH(QString, to);
    QFETCH(QString, field);
    QString text = QString::fromStdString(json_from_plan(routed()));
    QVERIFY(text.contains(from));
    text.replace(from, to);
    const auto read = plan_from_json(text.toStdString(), "test");
    QVERIFY(!read);
    QCOMPARE(QString::fromStdString(read.error().where.field), field);
}

void RoutesAndTerrainTest::rastersAgree_data() {
    QTest::addColumn<bool>("with_projection");
    QTest::newRow("ASCII grid with its projection") << true;
    QTest::newRow("ASCII grid in degrees, unsaid") << false;
}

void RoutesAndTerrainTest::rastersAgree() {
    QFETCH(bool, with_projection);
    const auto path =
        plane(with_projection ? QStringLiteral("said.asc") : QStringLiteral("bare.asc"), with_projection);
    const auto terrain = read_terrain(path, home, 4000.0);
    QVERIFY2(terrain.has_value(), "the module for rasters is not beside the tests");
    VERIFY_NEAR(terrain->home_m, 100.0, 0.5);
    // One in ten, to a metre over kilometres: projection and bilinear reading together.
    for (const double east : {-3000.0, -500.0, 1000.0, 3500.0}) {
        for (const double north : {-2500.0, 0.0, 3000.0}) {
            const auto here = terrain->above_home_m({east, north});
            QVERIFY(here.has_value());
            VERIFY_NEAR(*here, 0.1 * east, 1.5);
        }
    }
    VERIFY_NEAR(*terrain->highest_m({-2000.0, 0.0}, {2500.0, 100.0}), 250.0, 2.0);
    QVERIFY(!terrain->above_home_m({90000.0, 0.0}));
    // The corner that says nothing is no ground at sea level.
    const auto wide = read_terrain(path, home, 7000.0);
    QVERIFY(!wide->above_home_m({-5000.0, 6300.0}));
}

void RoutesAndTerrainTest::rastersThatCannotBeRead_data() {
    QTest::addColumn<QString>("name");
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<int>("code");
    using units::ErrorCode;
    QTest::newRow("text") << "noise.tif" << QByteArray("this is no raster") << int(ErrorCode::raster_unreadable);
    QTest::newRow("cut grid") << "cut.asc" << QByteArray("ncols 10\nnrows 10\nxllcorner 0\n")
                              << int(ErrorCode::raster_unreadable);
    QTest::newRow("metres, unsaid") << "metres.asc"
                                    << QByteArray("ncols 2\nnrows 2\nxllcorner 500000\nyllcorner 4300000\ncellsize "
                                                  "1000\n1 2\n3 4\n")
                                    << int(ErrorCode::raster_unreadable);
    QTest::newRow("elsewhere") << "far.asc"
                               << QByteArray(
                                      "ncols 2\nnrows 2\nxllcorner 10\nyllcorner 50\ncellsize 0.01\n1 2\n3 4\n")
                               << int(ErrorCode::raster_elsewhere);
}

void RoutesAndTerrainTest::rastersThatCannotBeRead() {
    QFETCH(QString, name);
    QFETCH(QByteArray, text);
    QFETCH(int, code);
    const auto terrain = read_terrain(write(name, text), home, 5000.0);
    QVERIFY(!terrain);
    QCOMPARE(int(terrain.error().code), code);
}

void RoutesAndTerrainTest::ridgesAreAsHighAsTheirHighestCell_data() {
    QTest::addColumn<double>("width_m");
    QTest::addColumn<double>("at_m");
    QTest::addColumn<double>("slanted_deg");
    QTest::addColumn<double>("cell_m");
    for (const double width_m : {25.0, 50.0, 200.0, 800.0}) {
        for (const double at_m : {2003.0, 2871.0, 3490.0}) {
            for (const double slanted_deg : {0.0, 33.0})
                QTest::addRow("%.0f m wide at %.0f m, %.0f degrees", width_m, at_m, slanted_deg)
                    << width_m << at_m << slanted_deg << 20.0;
        }
    }
    QTest::newRow("cells of 8 m") << 30.0 << 2500.0 << 20.0 << 8.0;
}

void RoutesAndTerrainTest::ridgesAreAsHighAsTheirHighestCell() {
    QFETCH(double, width_m);
    QFETCH(double, at_m);
    QFETCH(double, slanted_deg);
    QFETCH(double, cell_m);
    // A raster in degrees with one wall of a ridge across the way; what stands where is found by geodesics.
    constexpr double bearing = 80.0;
    constexpr double corridor_m = 30.0;
    const double step_deg = cell_m / 111320.0;
    const int columns = int(6000.0 / (cell_m * std::cos(home.latitude_deg * M_PI / 180.0)));
    const int rows = int(2600.0 / cell_m);
    const double west = home.longitude_deg - 0.15 * columns * step_deg;
    const double south = home.latitude_deg - 0.45 * rows * step_deg;
    QByteArray text = "ncols " + QByteArray::number(columns) + "\nnrows " + QByteArray::number(rows) +
                      "\nxllcorner " + QByteArray::number(west, 'g', 17) + "\nyllcorner " +
                      QByteArray::number(south, 'g', 17) + "\ncellsize " + QByteArray::number(step_deg, 'g', 17) +
                      "\nNODATA_value -9999\n";
    // A cell is in the corridor as soon as its square touches it.
    const double square_m =
        0.5 * (cell_m * std::cos(home.latitude_deg * M_PI / 180.0) * std::abs(std::cos(bearing * M_PI / 180.0)) +
               cell_m * std::abs(std::sin(bearing * M_PI / 180.0)));
    double highest_m = 0.0;
    for (int j = rows - 1; j >= 0; --j) {
        for (int i = 0; i < columns; ++i) {
            const geodesy::Position cell{south + (j + 0.5) * step_deg, west + (i + 0.5) * step_deg};
            const auto line = *geodesy::geodesic(home, cell);
            const double turned = (line.azimuth_deg - bearing) * M_PI / 180.0;
            const double along_m = line.distance_m * std::cos(turned);
            const double across_m = line.distance_m * std::sin(turned);
            const double from_crest_m = std::abs((along_m - at_m) * std::cos(slanted_deg * M_PI / 180.0) +
                                                 across_m * std::sin(slanted_deg * M_PI / 180.0));
            const double height_m = std::max(200.0 * (1.0 - from_crest_m / (0.5 * width_m)), 0.0);
            if (std::abs(across_m) <= corridor_m + square_m && along_m > 300.0)
                highest_m = std::max(highest_m, height_m);
            text += QByteArray::number(100.0 + height_m, 'f', 2) + ' ';
        }
        text += '\n';
    }
    mission::PlanRequest request;
    request.aircraft.mass_kg = 1.25;
    request.aircraft.cruise_airspeed_mps = 14.0;
    request.aircraft.cruise_power_w = 68.0;
    request.pack.mass_kg = 0.5;
    request.pack.series = 4;
    request.pack.cell_capacity_ah = 1.9; // turns some four kilometres out
    request.mission.bearing_deg = bearing;
    request.mission.height_m = 110.0;
    request.mission.home = home;
    request.mission.terrain_file = write(QStringLiteral("ridge.asc"), text);
    const auto trouble = add_terrain(request);
    QVERIFY(!trouble);
    const auto plan = mission::make_plan(request);
    QVERIFY(plan && plan->turn && plan->turn->distance_m.value > at_m + 300.0);
    QVERIFY(plan->least_clearance.has_value());
    VERIFY_NEAR(plan->least_clearance->height_m, 110.0 - highest_m, 4.0);
    // The reach ends at it, or the return goes over it.
    if (highest_m + request.mission.clearance_m > 110.0 + 4.0) {
        const auto line = mission::reach(plan->request, plan->conditions, 72);
        const auto& point = line.points[std::size_t(bearing / 5.0)];
        QVERIFY(point.ended_by_terrain);
        VERIFY_NEAR(point.distance_m.value, at_m, 0.5 * width_m + 80.0);
    }
}

void RoutesAndTerrainTest::manyCellsAreTakenTogether() {
    // What is taken together is as high as its highest cell, and stands where it stood.
    geodesy::Terrain fine;
    fine.step_m = 5.0;
    fine.columns = fine.rows = 401;
    fine.west_m = fine.south_m = -1000.0;
    fine.height_m.assign(std::size_t(fine.columns) * std::size_t(fine.rows), 10.0F);
    fine.height_m[std::size_t(210) * 401 + 300] = 90.0F; // 500 m east, 50 m north
    fine.index();
    VERIFY_NEAR(*fine.highest_m({0.0, 50.0}, {900.0, 50.0}), 90.0, 1e-6);
    VERIFY_NEAR(*fine.highest_m({0.0, 75.0}, {900.0, 75.0}, 30.0), 90.0, 1e-6);
    VERIFY_NEAR(*fine.highest_m({0.0, 90.0}, {900.0, 90.0}, 30.0), 10.0, 1e-6);
    VERIFY_NEAR(*fine.highest_m({0.0, 50.0}, {490.0, 50.0}), 10.0, 1e-6);
    VERIFY_NEAR(*fine.highest_m({700.0, 250.0}, {300.0, -150.0}), 90.0, 1e-6);
}

void RoutesAndTerrainTest::indexedGroundIsAsHigh() {
    // Blocks that hold nothing higher are passed over: the highest is the same, from any place to any other.
    std::mt19937 engine(7);
    std::uniform_real_distribution<double> place(-1.2, 1.2);
    std::uniform_real_distribution<float> height(0.0F, 300.0F);
    for (const auto& [columns, rows] :
         {std::pair(101, 77), std::pair(17, 16), std::pair(2, 2), std::pair(200, 33)}) {
        geodesy::Terrain plain;
        plain.columns = columns;
        plain.rows = rows;
        plain.step_m = 25.0;
        plain.west_m = -0.5 * plain.step_m * (columns - 1);
        plain.south_m = -0.5 * plain.step_m * (rows - 1);
        plain.home_m = 40.0;
        for (int i = 0; i < columns * rows; ++i) plain.height_m.push_back(height(engine));
        // Some of it is not known.
        for (int i = 0; i < columns * rows / 20; ++i)
            plain.height_m[std::size_t(engine() % unsigned(columns * rows))] = std::nanf("");
        geodesy::Terrain indexed = plain;
        indexed.index();
        QVERIFY(!indexed.block_highest_m.empty());
        for (int i = 0; i < 400; ++i) {
            const geodesy::EastNorth from{place(engine) * plain.west_m, place(engine) * plain.south_m};
            const geodesy::EastNorth to{place(engine) * plain.west_m, place(engine) * plain.south_m};
            const double aside_m = i % 3 == 0 ? 0.0 : 40.0;
            const auto expected = plain.highest_m(from, to, aside_m);
            const auto found = indexed.highest_m(from, to, aside_m);
            QCOMPARE(found.has_value(), expected.has_value());
            if (found) VERIFY_NEAR(*found, *expected, 1e-9);
        }
        QVERIFY(!indexed.highest_m({1e6, 0.0}, {2e6, 0.0}));
        // Straight along the grid, and standing still.
        QCOMPARE(indexed.highest_m({0.0, plain.south_m}, {0.0, -plain.south_m}),
                 plain.highest_m({0.0, plain.south_m}, {0.0, -plain.south_m}));
        QCOMPARE(indexed.highest_m({1.0, 2.0}, {1.0, 2.0}), plain.highest_m({1.0, 2.0}, {1.0, 2.0}));
    }
}

void RoutesAndTerrainTest::oneRasterIsReadOnce() {
    mission::PlanRequest request = routed();
    QVERIFY(!add_terrain(request));
    QVERIFY(!request.mission.terrain);
    request.mission.terrain_file = plane(QStringLiteral("once.asc"), false);
    QVERIFY(!add_terrain(request));
    mission::PlanRequest other = request;
    other.mission.terrain.reset();
    QVERIFY(!add_terrain(other));
    QCOMPARE(other.mission.terrain.get(), request.mission.terrain.get());
    other.mission.home.reset();
    QCOMPARE(add_terrain(other)->where.field, std::string("mission.home"));
    QVERIFY(!other.mission.terrain);
    other.mission.terrain_file = dir_.filePath(QStringLiteral("none.tif")).toStdString();
    other.mission.home = home;
    QCOMPARE(int(add_terrain(other)->code), int(units::ErrorCode::file_not_found));
}

void RoutesAndTerrainTest::reliefShowsTheSlope() {
    geodesy::Terrain terrain;
    terrain.step_m = 100.0;
    terrain.columns = terrain.rows = 41;
    terrain.west_m = terrain.south_m = -2000.0;
    for (int j = 0; j < 41; ++j) {
        for (int i = 0; i < 41; ++i)
            terrain.height_m.push_back(
                float(300.0 * std::exp(-((i - 20) * (i - 20) + (j - 20) * (j - 20)) / 60.0)));
    }
    const auto relief = geodesy::relief(terrain);
    QCOMPARE(relief.columns, 41);
    const auto shade = [&](int i, int j) { return int(relief.shade[std::size_t(j * 41 + i)]); };
    // Lit from the north-west: that side of the hill is brighter than flat ground, the other darker.
    QVERIFY(shade(16, 16) > shade(0, 0));
    QVERIFY(shade(24, 24) < shade(0, 0));
    QVERIFY(relief.contours.size() > 50);
    // Every piece of a contour lies where the terrain is at a multiple of the interval: on an edge of the grid,
    // along which it is straight.
    for (std::size_t k = 0; k < relief.contours.size(); k += 17) {
        const double h = *terrain.above_home_m(relief.contours[k].from);
        VERIFY_NEAR(h, std::round(h / relief.interval_m) * relief.interval_m, 1e-3);
    }
    // A finer terrain is thinned: the same as that of every fifth point.
    geodesy::Terrain coarse = terrain;
    coarse.step_m = 500.0;
    coarse.columns = coarse.rows = 9;
    coarse.height_m.clear();
    for (int j = 0; j < 41; j += 5)
        for (int i = 0; i < 41; i += 5) coarse.height_m.push_back(terrain.height_m[std::size_t(j * 41 + i)]);
    const auto thinned = geodesy::relief(terrain, 10);
    QCOMPARE(thinned.columns, 9);
    QCOMPARE(thinned.step_m, 500.0);
    QVERIFY(thinned.shade == geodesy::relief(coarse).shade);
    terrain.height_m[5] = std::nanf("");
    QCOMPARE(int(geodesy::relief(terrain).known[std::size_t(40 * 41 + 5)]), 0);
}

void RoutesAndTerrainTest::partsAreTypedWithTheirMasses_data() {
    QTest::addColumn<QString>("typed");
    QTest::addColumn<bool>("accepted");
    QTest::addColumn<double>("watts");
    QTest::addColumn<double>("grams");
    QTest::newRow("watts alone") << "camera 3.5" << true << 3.5 << -1.0;
    QTest::newRow("with its unit") << "camera 3,5 W" << true << 3.5 << -1.0;
    QTest::newRow("and grams") << "camera 3.5 85g" << true << 3.5 << 85.0;
    QTest::newRow("and grams apart") << "rear video 2 W 40 g" << true << 2.0 << 40.0;
    QTest::newRow("grams alone say nothing of watts") << "camera 85g" << false << 0.0 << 0.0;
    QTest::newRow("no name") << "3.5 85g" << false << 0.0 << 0.0;
    QTest::newRow("below nothing") << "camera -2 85g" << false << 0.0 << 0.0;
}

void RoutesAndTerrainTest::partsAreTypedWithTheirMasses() {
    QFETCH(QString, typed);
    QFETCH(bool, accepted);
    QFETCH(double, watts);
    QFETCH(double, grams);
    const auto parts = parts_from_text(typed.toStdString());
    QCOMPARE(parts.has_value(), accepted);
    if (!accepted) return;
    QCOMPARE(parts->size(), 1u);
    VERIFY_NEAR(parts->front().power_w, watts, 1e-12);
    QCOMPARE(parts->front().mass_kg.has_value(), grams > 0.0);
    if (grams > 0.0) VERIFY_NEAR(*parts->front().mass_kg, grams / 1000.0, 1e-12);
    // Written again it reads the same.
    QVERIFY(*parts_from_text(text_of_parts(*parts)) == *parts);
}

SOBREMESA_TEST(RoutesAndTerrainTest)
#include "tst_routes_and_terrain.moc"
