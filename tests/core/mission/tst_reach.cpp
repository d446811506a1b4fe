#include <QTest>

#include "core/mission/make_plan.hpp"
#include "core/mission/reach.hpp"
#include "support/compare.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::sample_request;

class ReachTest : public QObject {
    Q_OBJECT
private slots:
    void inStillAirItIsACircle_data();
    void inStillAirItIsACircle();
    void eachBearingIsTheTurnOfItsPlan_data();
    void eachBearingIsTheTurnOfItsPlan();
    void aTurnInsideTheClimbIsReachToo();
    void againstBruteForce();
    void groundEndsIt();
    void aStormLeavesNothing();
    void aPackWithoutThePowerReachesNothing();
    void aStopStopsIt();
};

void ReachTest::inStillAirItIsACircle_data() {
    QTest::addColumn<int>("reserve");
    QTest::newRow("share kept") << 0;
    QTest::newRow("minutes kept") << 1;
    QTest::newRow("factor on the way home") << 2;
}

void ReachTest::inStillAirItIsACircle() {
    QFETCH(int, reserve);
    PlanRequest request = sample_request();
    request.weather.wind.speed_mps = 0.0;
    if (reserve == 1) request.reserve = LoiterAtHome{6.0};
    if (reserve == 2) request.reserve = FactorOnReturn{1.4};
    const auto line = reach(request, 36);
    QVERIFY(line);
    QCOMPARE(line->points.size(), 36u);
    const double turn_m = make_plan(request)->turn->distance_m.value;
    for (const auto& point : line->points) {
        VERIFY_NEAR(point.distance_m.value, turn_m, 1e-3 * turn_m);
        QVERIFY(point.distance_m.sd > 0.0);
    }
}

void ReachTest::eachBearingIsTheTurnOfItsPlan_data() {
    QTest::addColumn<double>("wind_mps");
    QTest::addColumn<double>("growth");
    QTest::addColumn<bool>("best_speed");
    QTest::newRow("fresh wind") << 6.0 << 0.0 << false;
    QTest::newRow("fresh wind that grows") << 5.0 << 2.0 << false;
    QTest::newRow("fresh wind, best speeds") << 6.0 << 0.0 << true;
}

void ReachTest::eachBearingIsTheTurnOfItsPlan() {
    QFETCH(double, wind_mps);
    QFETCH(double, growth);
    QFETCH(bool, best_speed);
    PlanRequest request = sample_request();
    request.weather.wind = {wind_mps, 250.0};
    request.weather.wind_growth_mps_per_h = growth;
    if (best_speed) request.mission.speed_out = request.mission.speed_home = SpeedRule::best_range;
    const auto line = reach(request, 12);
    QVERIFY(line);
    for (const auto& point : line->points) {
        request.mission.bearing_deg = point.bearing_deg;
        const auto plan = make_plan(request);
        QVERIFY(plan && plan->turn);
        // Growth is taken at the middle of the way here, step by step there; speeds change the rate of draw.
        const double within = growth == 0.0 && !best_speed ? 1e-3 : 0.02;
        VERIFY_NEAR(point.distance_m.value, plan->turn->distance_m.value, within * plan->turn->distance_m.value);
        VERIFY_NEAR(point.distance_m.sd, plan->turn->distance_m.sd, 0.35 * plan->turn->distance_m.sd);
    }
}

void ReachTest::aTurnInsideTheClimbIsReachToo() {
    // So much is kept that the turn comes before mission height: on every bearing as the plan has it.
    int inside = 0;
    for (const double minutes : {7.0, 8.0, 8.4, 8.7}) {
        PlanRequest request = sample_request();
        request.mission.height_m = 120.0;
        request.mission.climb_rate_mps = 1.0;
        request.pack.parallel = 1;
        request.pack.cell_capacity_ah = 1.1;
        request.weather.wind = {6.0, 250.0};
        request.reserve = LoiterAtHome{minutes};
        const auto line = reach(request, 8);
        QVERIFY(line);
        for (const ReachPoint& point : line->points) {
            request.mission.bearing_deg = point.bearing_deg;
            const auto plan = make_plan(request);
            QVERIFY(plan);
            const double turn_m = plan->turn ? plan->turn->distance_m.value : 0.0;
            VERIFY_NEAR(point.distance_m.value, turn_m, 0.01 * turn_m + 5.0);
            const double climb_m = plan->legs_out.empty() ? 0.0 : plan->legs_out.front().ground_m;
            if (turn_m > 0.0 && turn_m < climb_m) ++inside;
        }
    }
    QVERIFY2(inside >= 3, qPrintable(QString::number(inside)));
}

void ReachTest::againstBruteForce() {
    // An independent walk: ground velocities by vectors, metre by metre, no triangle solved and none of our code
    // but the pack's energy and the power. Level at ground height, wind factor 1.
    PlanRequest request = tests::by_the_book(sample_request());
    request.mission.height_m = 0.0;
    request.weather.wind_height_m = 0.0;
    request.weather.home_wind_factor = 1.0;
    request.weather.wind = {6.5, 300.0};
    const auto line = reach(request, 24);
    const auto conditions = *flight_conditions(request);
    const double usable_wh = 0.8 * conditions.usable_energy_wh();
    const double power_w = conditions.cruise_power_w.value;
    const double wind_to_rad = (300.0 + 180.0) * M_PI / 180.0;
    const double wx = 6.5 * std::sin(wind_to_rad);
    const double wy = 6.5 * std::cos(wind_to_rad);
    const auto ground_speed = [&](double ux, double uy) {
        // The heading whose air vector plus wind points along u, searched for by angle.
        double best = -1.0;
        double best_off = 1e9;
        for (int i = 0; i < 360000; ++i) {
            const double a = i * M_PI / 180000.0;
            const double gx = 14.0 * std::sin(a) + wx;
            const double gy = 14.0 * std::cos(a) + wy;
            const double along = gx * ux + gy * uy;
            const double off = std::abs(gx * uy - gy * ux);
            if (along > 0.0 && off < best_off) {
                best_off = off;
                best = along;
            }
        }
        return best;
    };
    for (std::size_t i = 0; i < line->points.size(); i += 4) {
        const double b = line->points[i].bearing_deg * M_PI / 180.0;
        const double out = ground_speed(std::sin(b), std::cos(b));
        const double home = ground_speed(-std::sin(b), -std::cos(b));
        double d = 0.0;
        constexpr double step_m = 1.0;
        while (power_w * ((d + step_m) / out + (d + step_m) / home) / 3600.0 <= usable_wh) d += step_m;
        VERIFY_NEAR(line->points[i].distance_m.value, d, 1e-3 * d);
    }
}

void ReachTest::groundEndsIt() {
    PlanRequest request = sample_request();
    auto terrain = std::make_shared<geodesy::Terrain>();
    terrain->step_m = 200.0;
    terrain->columns = terrain->rows = 401;
    terrain->west_m = terrain->south_m = -40000.0;
    for (int j = 0; j < 401; ++j) {
        for (int i = 0; i < 401; ++i)
            terrain->height_m.push_back(terrain->west_m + i * 200.0 > 8000.0 ? 400.0F : 0.0F);
    }
    request.mission.terrain = terrain;
    const auto line = reach(request, 8);
    // East stands a wall; west nothing does.
    QVERIFY(line->points[2].ended_by_terrain);
    VERIFY_NEAR(line->points[2].distance_m.value, 8000.0, 300.0);
    QVERIFY(!line->points[6].ended_by_terrain);
    request.mission.terrain.reset();
    const auto open = reach(request, 8);
    VERIFY_NEAR(line->points[6].distance_m.value, open->points[6].distance_m.value, 1.0);
    QVERIFY(line->points[2].distance_m.value < open->points[2].distance_m.value);
}

void ReachTest::aStormLeavesNothing() {
    PlanRequest request = sample_request();
    request.weather.wind = {20.0, 270.0};
    const auto line = reach(request, 16);
    QVERIFY(line);
    for (const auto& point : line->points) QCOMPARE(point.distance_m.value, 0.0);
    request.pack.cell_capacity_ah = 0.01;
    QVERIFY(reach(request, 16).has_value());
}

void ReachTest::aPackWithoutThePowerReachesNothing() {
    PlanRequest request = sample_request();
    request.pack.cell_resistance_ohm = 0.9;
    const auto line = reach(request, 24);
    QVERIFY(line);
    QCOMPARE(line->points.size(), 24u);
    for (std::size_t i = 0; i < 24; ++i) {
        QCOMPARE(line->points[i].bearing_deg, 15.0 * double(i));
        QCOMPARE(line->points[i].distance_m.value, 0.0);
    }
}

void ReachTest::aStopStopsIt() {
    std::stop_source source;
    source.request_stop();
    const auto line = reach(sample_request(), 180, source.get_token());
    QVERIFY(!line);
    QCOMPARE(line.error().code, units::ErrorCode::cancelled);
    // Nothing is worked out any more.
    const auto plan = make_plan(sample_request());
    QVERIFY(plan);
    for (const ReachPoint& point : reach(plan->request, plan->conditions, 24, source.get_token()).points)
        QCOMPARE(point.distance_m.value, 0.0);
}

SOBREMESA_TEST(ReachTest)
#include "tst_reach.moc"
