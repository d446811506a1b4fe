// Areas not to come down in: rings against a reference library, the moment of leaving them against a walk along the
// flight second by second.

#include <cmath>
#include <random>

// Boost 1.74 includes headers that it calls deprecated itself.
#define BOOST_ALLOW_DEPRECATED_HEADERS
#include <boost/geometry.hpp>
#include <boost/geometry/geometries/linestring.hpp>
#include <boost/geometry/geometries/point_xy.hpp>
#include <boost/geometry/geometries/polygon.hpp>

#include <QTest>

#include "core/mission/add_place.hpp"
#include "core/mission/alarms.hpp"
#include "core/mission/limits.hpp"
#include "core/mission/move_home.hpp"
#include "core/mission/over_land.hpp"
#include "core/units/constants.hpp"
#include "support/compare.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::planned;

namespace {

namespace bg = boost::geometry;
using Point = bg::model::d2::point_xy<double>;
using Polygon = bg::model::polygon<Point, false, true>;

geodesy::Rings box(double west_m, double east_m, double south_m, double north_m) {
    return {{{west_m, south_m}, {east_m, south_m}, {east_m, north_m}, {west_m, north_m}}};
}

/// A ring around a middle, its corners at drawn distances: bent, but it never crosses itself.
std::vector<geodesy::EastNorth> star(std::mt19937& draw, const geodesy::EastNorth& middle, double least_m,
                                     double most_m) {
    std::uniform_int_distribution<int> corners(3, 40);
    std::uniform_real_distribution<double> distance(least_m, most_m);
    const int count = corners(draw);
    std::vector<geodesy::EastNorth> ring;
    for (int i = 0; i < count; ++i) ring.push_back(geodesy::offset(middle, -360.0 * i / count, distance(draw)));
    return ring;
}

Polygon polygon_of(const geodesy::Rings& rings) {
    Polygon polygon;
    for (std::size_t i = 0; i < rings.size(); ++i) {
        if (i > 0) polygon.inners().emplace_back();
        auto& ring = i == 0 ? polygon.outer() : polygon.inners().back();
        for (const auto& corner : rings[i]) ring.emplace_back(corner.east_m, corner.north_m);
    }
    bg::correct(polygon);
    return polygon;
}

/// Out to the east in a calm, 90 m high, over home's own ground.
PlanRequest to_the_east() {
    PlanRequest request = tests::sample_request();
    request.mission.bearing_deg = 90.0;
    request.weather.wind = {3.0, 90.0};
    return request;
}

LimitCheck over_land_check(const Plan& plan) {
    for (const auto& one : check_limits(plan).checks) {
        if (one.kind == LimitKind::over_land) return one;
    }
    qFatal("the limit is not on the list");
}

bool says(const Plan& plan, units::DiagnosticCode code) {
    return std::any_of(plan.diagnostics.begin(), plan.diagnostics.end(),
                       [&](const auto& d) { return d.code == code; });
}

} // namespace

class OverLandTest : public QObject {
    Q_OBJECT
private slots:
    void ringsAreThoseOfAReferenceLibrary();
    void aLakeIsLeftWhereItsShoreIs();
    void whoCirclesInOneLeavesItAfterwards();
    void anIslandIsLand();
    void againstAWalk();
    void thePilotsOwnChargeIsALimitWithACure();
    void whoLandsInOneDoesNotGo();
    void alarmsRoundDown();
    void areasLieOnTheGround();
    void areasAreNumberedBehindThePlaces();
};

/// Boost.Geometry: within, and the length of what a way and a polygon share.
void OverLandTest::ringsAreThoseOfAReferenceLibrary() {
    std::mt19937 draw(11);
    std::uniform_real_distribution<double> anywhere(-6000.0, 6000.0);
    int within = 0;
    int crossed = 0;
    for (int i = 0; i < 200; ++i) {
        geodesy::Rings rings{star(draw, {0.0, 0.0}, 2000.0, 5000.0)};
        if (i % 2 == 1) rings.push_back(star(draw, {0.0, 0.0}, 300.0, 900.0));
        const Polygon polygon = polygon_of(rings);
        QVERIFY(bg::is_valid(polygon) || rings.front().size() == 3);
        if (!bg::is_valid(polygon)) continue;
        for (int k = 0; k < 50; ++k) {
            const geodesy::EastNorth from{anywhere(draw), anywhere(draw)};
            const geodesy::EastNorth to{anywhere(draw), anywhere(draw)};
            const bool is_within = bg::within(Point(from.east_m, from.north_m), polygon);
            QCOMPARE(geodesy::inside(rings, from), is_within);
            within += is_within ? 1 : 0;
            bg::model::linestring<Point> way;
            way.emplace_back(from.east_m, from.north_m);
            way.emplace_back(to.east_m, to.north_m);
            std::vector<bg::model::linestring<Point>> shared;
            bg::intersection(way, polygon, shared);
            double shared_m = 0.0;
            for (const auto& part : shared) shared_m += bg::length(part);
            auto shares = geodesy::crossings(rings, from, to);
            crossed += int(shares.size());
            shares.insert(shares.begin(), 0.0);
            shares.push_back(1.0);
            double inside_m = 0.0;
            for (std::size_t j = 1; j < shares.size(); ++j) {
                const double middle = 0.5 * (shares[j - 1] + shares[j]);
                const geodesy::EastNorth at{std::lerp(from.east_m, to.east_m, middle),
                                            std::lerp(from.north_m, to.north_m, middle)};
                if (geodesy::inside(rings, at))
                    inside_m += (shares[j] - shares[j - 1]) * geodesy::distance_m(from, to);
            }
            VERIFY_NEAR(inside_m, shared_m, 1e-3);
        }
    }
    QVERIFY(within > 2000 && crossed > 5000);
}

void OverLandTest::aLakeIsLeftWhereItsShoreIs() {
    PlanRequest request = to_the_east();
    request.mission.no_landing = {{"lake", box(2000.0, 4000.0, -500.0, 500.0)}};
    const Plan plan = planned(request);
    const auto land = over_land(plan);
    QVERIFY(land);
    QCOMPARE(QString::fromStdString(land->area), QStringLiteral("lake"));
    QVERIFY(!land->lands_inside);
    VERIFY_NEAR(geodesy::distance_m(land->at, {}), 2000.0, 1.0);
    VERIFY_NEAR(land->above_areas_m, 4000.0, 2.0);
    QVERIFY(land->charge_used_ah > plan.turn->charge_used_ah.value);
    QVERIFY(land->charge_used_ah < plan.flight->landing_charge_used_ah);
    // Beside the way it is nobody's business.
    request.mission.no_landing = {{"lake", box(2000.0, 4000.0, 500.0, 900.0)}};
    QVERIFY(!over_land(planned(request)));
    QCOMPARE(over_land_check(planned(request)).verdict, Verdict::kept);
}

/// Circling inside an area is not leaving it: that is where the next leg crosses its edge.
void OverLandTest::whoCirclesInOneLeavesItAfterwards() {
    PlanRequest request = to_the_east();
    request.mission.kind = MissionKind::route;
    request.mission.waypoints = {{"on the lake", {2500.0, 0.0}, {}, 600.0, false},
                                 {"on land", {2500.0, 3000.0}, {}, 0.0, false}};
    request.mission.no_landing = {{"lake", box(2000.0, 4000.0, -800.0, 500.0)}};
    const Plan plan = planned(request);
    QVERIFY(plan.whole);
    const auto land = over_land(plan);
    QVERIFY(land && !land->lands_inside);
    VERIFY_NEAR(land->at.east_m, 2500.0, 60.0);
    VERIFY_NEAR(land->at.north_m, 500.0, 1.0);
    QVERIFY(land->time_s < plan.flight->duration_s.value);
}

void OverLandTest::anIslandIsLand() {
    PlanRequest request = to_the_east();
    geodesy::Rings lake = box(1000.0, 4000.0, -800.0, 800.0);
    lake.push_back(box(1000.5, 3000.0, -400.0, 400.0).front());
    request.mission.no_landing = {{"lake", lake}};
    const auto land = over_land(planned(request));
    QVERIFY(land);
    // The strait between island and shore is half a metre wide: left last.
    VERIFY_NEAR(geodesy::distance_m(land->at, {}), 1000.0, 1.0);
    VERIFY_NEAR(land->above_areas_m, 2.0 * (1000.0 + 0.5), 2.0);
}

/// Half a second at a time along the flight's legs, with the reference library saying what is inside.
void OverLandTest::againstAWalk() {
    std::mt19937 draw(5);
    std::uniform_real_distribution<double> place(-5000.0, 5000.0);
    int met = 0;
    for (int i = 0; i < 60; ++i) {
        PlanRequest request = to_the_east();
        request.mission.kind = MissionKind::route;
        for (int k = 0; k < 3; ++k)
            request.mission.waypoints.push_back({"", {place(draw), place(draw)}, {}, 0.0, false});
        for (int k = 0; k < 3; ++k)
            request.mission.no_landing.push_back(
                {std::to_string(k), {star(draw, {place(draw), place(draw)}, 300.0, 1500.0)}});
        const Plan plan = planned(request);
        if (!plan.flight) continue;
        double charge_ah = 0.0;
        double time_s = 0.0;
        double last_inside_s = -1.0;
        double charge_then_ah = 0.0;
        double above_m = 0.0;
        std::vector<Polygon> polygons;
        for (const auto& area : request.mission.no_landing) polygons.push_back(polygon_of(area.rings));
        for (const FlightLeg& leg : plan.flight->legs) {
            constexpr double step_s = 0.5;
            const double way_m = geodesy::distance_m(leg.from, leg.to);
            for (double t = 0.5 * step_s; t < leg.duration_s; t += step_s) {
                const double share = t / leg.duration_s;
                const Point at(std::lerp(leg.from.east_m, leg.to.east_m, share),
                               std::lerp(leg.from.north_m, leg.to.north_m, share));
                for (const Polygon& polygon : polygons) {
                    if (!bg::within(at, polygon)) continue;
                    last_inside_s = time_s + t;
                    charge_then_ah = std::lerp(charge_ah, leg.end_charge_ah, share);
                    above_m += way_m * std::min(step_s / leg.duration_s, 1.0);
                }
            }
            charge_ah = leg.end_charge_ah;
            time_s += leg.duration_s;
        }
        const auto land = over_land(plan);
        if (!land) {
            QVERIFY2(last_inside_s < 0.0, qPrintable(QString::number(i)));
            continue;
        }
        if (land->lands_inside) continue;
        // A corner cut in less than a step is passed by the walk.
        if (last_inside_s < 0.0) {
            QVERIFY(land->above_areas_m < 30.0);
            continue;
        }
        ++met;
        if (land->time_s - last_inside_s < 30.0) {
            VERIFY_NEAR(land->time_s, last_inside_s, 1.0);
            VERIFY_NEAR(land->charge_used_ah, charge_then_ah, 0.002);
        }
        VERIFY_NEAR(land->above_areas_m, above_m, 0.01 * above_m + 60.0);
    }
    QVERIFY(met > 15);
}

void OverLandTest::thePilotsOwnChargeIsALimitWithACure() {
    PlanRequest request = to_the_east();
    request.mission.no_landing = {{"lake", box(2000.0, 4000.0, -500.0, 500.0)}};
    const Plan free = planned(request);
    QVERIFY(over_land_check(free).verdict != Verdict::broken);
    VERIFY_NEAR(over_land_limit_ah(free), alarm_sheet(free)->reserve_ah, 1e-9);
    const double used_ah = over_land(free)->charge_used_ah;
    request.mission.over_land_by_ah = 0.8 * used_ah;
    const Plan held = planned(request);
    const auto broken = over_land_check(held);
    QCOMPARE(broken.verdict, Verdict::broken);
    QVERIFY(!check_limits(held).go);
    QVERIFY(broken.cure);
    const Plan cured = planned(with_cure(request, *broken.cure));
    QVERIFY(over_land_check(cured).verdict != Verdict::broken);
    // And not nearer than it must: a quarter more of the way breaks it again.
    auto farther = *broken.cure;
    farther.value *= 1.25;
    QCOMPARE(over_land_check(planned(with_cure(request, farther))).verdict, Verdict::broken);
}

void OverLandTest::whoLandsInOneDoesNotGo() {
    PlanRequest request = to_the_east();
    request.mission.no_landing = {{"town", box(-300.0, 300.0, -300.0, 300.0)}};
    const Plan plan = planned(request);
    QVERIFY(over_land(plan)->lands_inside);
    QCOMPARE(over_land_check(plan).verdict, Verdict::broken);
    QVERIFY(says(plan, units::DiagnosticCode::landing_place_in_area));
    QVERIFY(!alarm_sheet(plan)->over_land_by_ah);
    request.mission.no_landing.front().rings = box(3000.0, 3500.0, -300.0, 300.0);
    QVERIFY(!says(planned(request), units::DiagnosticCode::landing_place_in_area));
    request.mission.alternates = {{"pier", {3200.0, 0.0}, 0.0}};
    QVERIFY(says(planned(request), units::DiagnosticCode::landing_place_in_area));
}

void OverLandTest::alarmsRoundDown() {
    PlanRequest request = to_the_east();
    request.mission.no_landing = {{"lake", box(2000.0, 4000.0, -500.0, 500.0)}};
    const auto sheet = alarm_sheet(planned(request));
    QVERIFY(sheet->over_land_by_ah && sheet->over_land_set_ah);
    QVERIFY(*sheet->over_land_set_ah <= *sheet->over_land_by_ah);
    QVERIFY(*sheet->over_land_by_ah - *sheet->over_land_set_ah < 0.1);
    // The pilot's own figure, where it is less.
    request.mission.over_land_by_ah = 2.0;
    VERIFY_NEAR(*alarm_sheet(planned(request))->over_land_by_ah, 2.0, 1e-9);
}

void OverLandTest::areasLieOnTheGround() {
    PlanRequest request = to_the_east();
    request.mission.no_landing = {{"lake", box(2000.0, 4000.0, -500.0, 500.0)}};
    QVERIFY(home_can_move(request));
    const PlanRequest before = request;
    move_home(request, {150.0, -40.0});
    QCOMPARE(request.mission.no_landing.front().rings.front().front(), (geodesy::EastNorth{1850.0, -460.0}));
    const auto by = home_moved_by(before, request);
    QVERIFY(by);
    QCOMPARE(*by, (geodesy::EastNorth{150.0, -40.0}));
}

void OverLandTest::areasAreNumberedBehindThePlaces() {
    Mission mission;
    add_waypoint(mission, {100.0, 0.0});
    add_alternate(mission, {200.0, 0.0});
    add_no_landing(mission, box(0.0, 10.0, 0.0, 10.0).front());
    name_place(mission, 2, "pond");
    QCOMPARE(QString::fromStdString(mission.no_landing.front().name), QStringLiteral("pond"));
    QCOMPARE(mission.alternates.front().name, std::string());
    remove_place(mission, 3);
    QCOMPARE(mission.no_landing.size(), std::size_t(1));
    remove_place(mission, 2);
    QVERIFY(mission.no_landing.empty());
    QCOMPARE(mission.alternates.size(), std::size_t(1));
    for (const char* name : {"lake", "wood", "town"}) {
        add_no_landing(mission, box(0.0, 10.0, 0.0, 10.0).front());
        mission.no_landing.back().name = name;
    }
    remove_place(mission, 3);
    QCOMPARE(mission.no_landing.size(), std::size_t(2));
    QCOMPARE(mission.no_landing.back().name, std::string("town"));
}

SOBREMESA_TEST(OverLandTest)
#include "tst_over_land.moc"
