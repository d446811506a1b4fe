// The planner against a walk that shares none of its steps: second by second, with winds as vectors and an
// atmosphere of its own, the pack integrated as it goes. Only the aircraft's power and the pack's circuit are the
// program's: they have checks of their own.

#include <QTest>

#include <cmath>
#include <utility>

#include "core/mission/chance.hpp"
#include "core/mission/outward.hpp"
#include "core/mission/plan.hpp"
#include "support/compare.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"
#include "support/thorough.hpp"
#include "support/walk.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::planned;
using tests::sample_request;
using namespace tests;

namespace {

double energy_of(const std::vector<FlightLeg>& legs) {
    double energy_wh = 0.0;
    for (const FlightLeg& leg : legs) energy_wh += leg.energy_wh;
    return energy_wh;
}

} // namespace

class BruteForceTest : public QObject {
    Q_OBJECT
private slots:
    void straightFlights();
    void routesOverHeights();
    void chanceOfDrawnDays();
    void windThatGrowsAgainstTheReturn();
    void homeFromAHeightIsFlownInItsWind();
};

void BruteForceTest::straightFlights() {
    Random random(20261127);
    int flown = 0;
    const int requests = tries(130, 400);
    for (int i = 0; i < requests; ++i) {
        const PlanRequest request = random_request(random, false);
        const Plan plan = planned(request);
        if (!plan.turn || plan.turn->distance_m.value < 1500.0) continue;
        const double turn_m = plan.turn->distance_m.value;
        // Where the worst credible wind ends it, the smallest step decides.
        const auto beyond = std::find_if(plan.outward.begin(), plan.outward.end(),
                                         [&](const OutwardPoint& point) { return point.distance_m > turn_m; });
        if (beyond != plan.outward.end() && !beyond->return_flight) continue;
        const Walker walk = out_and_back(request, plan.conditions, {true, {}}, turn_m);
        const auto text = [&](const char* what, double ours, double theirs) {
            return QStringLiteral("%1: %2: %3, walked %4").arg(i).arg(QLatin1String(what)).arg(ours).arg(theirs);
        };
        QVERIFY2(walk.possible, qPrintable(QString::number(i)));
        const double energy_wh = energy_of(plan.flight->legs);
        QVERIFY2(std::abs(energy_wh / walk.energy_wh - 1.0) < 5e-3,
                 qPrintable(text("energy", energy_wh, walk.energy_wh)));
        const double seconds = plan.flight->duration_s.value;
        QVERIFY2(std::abs(seconds / walk.time_s - 1.0) < 5e-3, qPrintable(text("time", seconds, walk.time_s)));
        // Where the walk would turn: by the secant, on what it has left.
        const double reserve_wh =
            std::get<ShareOfUsable>(request.reserve).share *
            Walker(request, plan.conditions, {}).left_wh(plan.conditions.cruise_power_w.value);
        const auto margin_wh = [&](double distance_m) {
            Walker other = out_and_back(request, plan.conditions, {true, {}}, distance_m);
            return other.left_wh(plan.conditions.home_power_w.value) - reserve_wh;
        };
        double near_m = 0.98 * turn_m;
        double near_wh = margin_wh(near_m);
        double walked_m = turn_m;
        for (int step = 0; step < 2; ++step) {
            const double here_wh = margin_wh(walked_m);
            // As near as the walk's own steps can tell.
            if (step > 0 && std::abs(walked_m / near_m - 1.0) < 4e-3) break;
            const double next_m = walked_m + here_wh * (walked_m - near_m) / (near_wh - here_wh);
            near_m = std::exchange(walked_m, next_m);
            near_wh = here_wh;
        }
        // Of four hundred one is off by more than half a percent, on the safe side: a long glide before the landing
        // lets its pack come back farther than the tables have it.
        QVERIFY2(std::abs(turn_m / walked_m - 1.0) < 1e-3 * as_thorough(5, 6),
                 qPrintable(text("turn", turn_m, walked_m)));
        ++flown;
    }
    QVERIFY2(flown >= requests * 3 / 4, qPrintable(QString::number(flown)));
}

void BruteForceTest::routesOverHeights() {
    Random random(1127);
    int flown = 0;
    const int requests = tries(130, 400);
    for (int i = 0; i < requests; ++i) {
        const PlanRequest request = random_request(random, true);
        const Plan plan = planned(request);
        // Only what is flown whole: the walk knows no turn on a route.
        if (!plan.whole) continue;
        const Walker walk = over_the_route(request, plan.conditions, {true, {}});
        QVERIFY(walk.possible);
        const double energy_wh = energy_of(plan.flight->legs);
        QVERIFY2(std::abs(energy_wh / walk.energy_wh - 1.0) < 7e-3,
                 qPrintable(QStringLiteral("%1: energy %2, walked %3").arg(i).arg(energy_wh).arg(walk.energy_wh)));
        const double seconds = plan.flight->duration_s.value;
        QVERIFY2(std::abs(seconds / walk.time_s - 1.0) < 7e-3,
                 qPrintable(QStringLiteral("%1: time %2, walked %3").arg(i).arg(seconds).arg(walk.time_s)));
        ++flown;
    }
    QVERIFY2(flown >= requests / 2, qPrintable(QString::number(flown)));
}

void BruteForceTest::chanceOfDrawnDays() {
    Random random(27);
    const int plans = tries(6, 20);
    const int days = as_thorough(400, 2000);
    int tried = 0;
    while (tried < plans) {
        PlanRequest request = random_request(random, false);
        request.weather.wind_table.clear();
        const Plan plan = planned(request);
        if (!plan.turn || plan.turn->distance_m.value < 2000.0) continue;
        ++tried;
        // A little earlier than planned, so that neither all nor none come home whole.
        const double turn_m = 0.97 * plan.turn->distance_m.value;
        const DrawnFlights drawn(plan.request, plan.conditions, true);
        const auto flight = prepared_flight(plan, drawn, turn_m);
        const double reserve_wh = flight.reserve_wh;
        int ours = 0;
        int walked = 0;
        for (const DayDraw& off : draw_days(spread_of(plan), days, std::uint64_t(100 + tried))) {
            ours += drawn.fly(off, flight).reserve_intact ? 1 : 0;
            Walker walk = out_and_back(request, plan.conditions, {false, off}, turn_m);
            if (!walk.possible) continue;
            walked += walk.left_wh(off.draw * plan.conditions.home_power_w.value) >= reserve_wh ? 1 : 0;
        }
        QVERIFY2(std::abs(ours - walked) <= 0.01 * days + 1,
                 qPrintable(QStringLiteral("%1: %2, walked %3 of %4").arg(tried).arg(ours).arg(walked).arg(days)));
    }
}

void BruteForceTest::windThatGrowsAgainstTheReturn() {
    // Tail wind out, growing by 6 m/s an hour: home against what it has become by then.
    PlanRequest request = tests::by_the_book(sample_request());
    request.mission.bearing_deg = 80.0;
    request.weather.wind = {3.0, 260.0};
    request.weather.wind_growth_mps_per_h = 6.0;
    request.weather.home_wind_factor = 1.0;
    const Plan plan = planned(request);
    const double turn_m = plan.turn->distance_m.value;
    Walker walk = out_and_back(request, plan.conditions, {}, turn_m);
    QVERIFY(walk.possible);
    VERIFY_NEAR(plan.flight->duration_s.value, walk.time_s, 5e-3 * walk.time_s);
    VERIFY_NEAR(plan.flight->landing_energy_left_wh.value, walk.left_wh(plan.conditions.home_power_w.value),
                0.005 * plan.usable_energy_wh.value);
}

void BruteForceTest::homeFromAHeightIsFlownInItsWind() {
    // 9 m/s at 500 m and 3 m/s at 50 m; the place lies at 500 m, the mission at 50.
    PlanRequest request = tests::by_the_book(sample_request());
    request.mission.height_m = 50.0;
    request.weather.wind_table = {{50.0, {3.0, 90.0}}, {500.0, {9.0, 90.0}}};
    request.mission.kind = MissionKind::route;
    request.mission.waypoints = {{"high", {-6000.0, 0.0}, 500.0, 0.0, false}};
    const Plan plan = planned(request);
    QVERIFY(plan.whole);
    double slowest_mps = 1e9;
    for (const FlightLeg& leg : plan.flight->legs) {
        if (leg.homeward && leg.kind == PhaseKind::leg) slowest_mps = leg.ground_m / leg.duration_s;
    }
    // 14 m/s against 9 m/s times 1.3.
    VERIFY_NEAR(slowest_mps, 14.0 - 1.3 * 9.0, 0.05);
    const Walker walk = over_the_route(request, plan.conditions, {true, {}});
    const double energy_wh = energy_of(plan.flight->legs);
    VERIFY_NEAR(energy_wh, walk.energy_wh, 7e-3 * walk.energy_wh);
}

SOBREMESA_TEST(BruteForceTest)
#include "tst_brute_force.moc"
