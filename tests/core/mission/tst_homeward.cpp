// the return and the plan as a whole, over requests drawn at random: what must hold for every aircraft.

#include <QTest>

#include <random>

#include "core/mission/explain.hpp"
#include "core/mission/make_plan.hpp"
#include "core/mission/outward.hpp"
#include "support/compare.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::sample_request;

namespace {

class RandomRequests {
public:
    explicit RandomRequests(std::uint64_t seed) : engine_(seed) {}

    PlanRequest next() {
        PlanRequest request;
        request.turn.counted = {TurnRule::energy_home};
        request.aircraft.craft = between(0.0, 1.0) < 0.5 ? airframe::Craft::rotor : airframe::Craft::wing;
        request.aircraft.mass_kg = between(0.3, 3.0);
        request.aircraft.cruise_airspeed_mps = between(8.0, 28.0);
        request.aircraft.cruise_power_w = between(30.0, 300.0);
        request.pack.chemistry = battery::Chemistry(int(between(0.0, 2.99)));
        request.pack.series = int(between(3.0, 8.99));
        request.pack.parallel = int(between(1.0, 4.99));
        request.pack.cell_capacity_ah = between(1.5, 6.0);
        request.pack.cell_resistance_ohm = between(0.001, 0.03);
        request.pack.mass_kg = between(0.2, 1.5);
        request.weather.wind = {between(0.0, 0.7) * request.aircraft.cruise_airspeed_mps, between(0.0, 360.0)};
        request.weather.temperature_c = between(-10.0, 35.0);
        request.weather.field_elevation_m = between(0.0, 1500.0);
        request.mission.bearing_deg = between(0.0, 360.0);
        request.mission.height_m = between(0.0, 120.0);
        const double kind = between(0.0, 3.0);
        if (kind < 1.0)
            request.reserve = ShareOfUsable{between(0.0, 0.5)};
        else if (kind < 2.0)
            request.reserve = LoiterAtHome{between(0.0, 10.0)};
        else
            request.reserve = FactorOnReturn{between(1.0, 2.5)};
        return request;
    }
    double between(double least, double most) {
        return std::uniform_real_distribution<double>(least, most)(engine_);
    }

private:
    std::mt19937_64 engine_;
};

} // namespace

class HomewardTest : public QObject {
    Q_OBJECT
private slots:
    void returnGrowsWithDistance();
    void nearHomeOnlyTheDescentIsLeft();
    void climbAndDescentEndWhereTheyShould();
    void windAtOtherHeightIsBroughtToMissionHeight();
    void everyPlanKeepsItsBooks();
    void moreReserveNeverTurnsLater();
    void moreWindAgainstTheReturnNeverTurnsLater();
    void aBiggerPackNeverTurnsEarlier();
    void bearingsMirrorInStillAir();
};

void HomewardTest::returnGrowsWithDistance() {
    const PlanRequest request = sample_request();
    const auto conditions = *flight_conditions(request);
    const Homeward homeward(request, conditions);
    double before_wh = 0.0;
    for (double distance_m = 5000.0; distance_m < 40000.0; distance_m += 1000.0) {
        const ReturnEstimate way = homeward.from(distance_m, 90.0);
        QVERIFY(way.energy_wh > before_wh);
        before_wh = way.energy_wh;
    }
    // Far out each metre costs power over ground speed, and nothing else.
    const double per_m =
        (homeward.from(30000.0, 90.0).energy_wh - homeward.from(20000.0, 90.0).energy_wh) / 10000.0;
    VERIFY_NEAR(per_m, conditions.cruise_power_w.value / conditions.home->ground_speed_mps / 3600.0, 1e-12);
}

void HomewardTest::nearHomeOnlyTheDescentIsLeft() {
    const PlanRequest request = sample_request();
    const auto conditions = *flight_conditions(request);
    const Homeward homeward(request, conditions);
    const ReturnEstimate overhead = homeward.from(0.0, 90.0);
    // Down to ten metres at the plan's rate, the rest as a rotor lands.
    VERIFY_NEAR(overhead.time_s, 80.0 / request.mission.descent_rate_mps + 10.0 / request.mission.landing_sink_mps,
                1e-9);
    VERIFY_NEAR(homeward.from(0.0, 50.0).time_s, overhead.time_s - 40.0 / request.mission.descent_rate_mps, 1e-9);
    VERIFY_NEAR(homeward.from(0.0, 4.0).time_s, 4.0 / request.mission.landing_sink_mps, 1e-9);
    QCOMPARE(homeward.from(0.0, 0.0).energy_wh, 0.0);
}

void HomewardTest::climbAndDescentEndWhereTheyShould() {
    const PlanRequest request = sample_request();
    const auto conditions = *flight_conditions(request);
    const Vertical climb = climb_out(request, conditions);
    const Vertical descent =
        fly_vertical(request, conditions,
                     {85.0, 90.0, 0.0, conditions.airspeed_home_mps, request.mission.descent_rate_mps, true, 0.0});
    QCOMPARE(climb.bands.front().bottom_height_m, 0.0);
    VERIFY_NEAR(climb.bands.back().top_height_m, 90.0, 1e-9);
    VERIFY_NEAR(descent.bands.front().top_height_m, 90.0, 1e-9);
    VERIFY_NEAR(descent.bands.back().bottom_height_m, 0.0, 1e-9);
    double climb_s = 0.0;
    for (const auto& band : climb.bands) {
        climb_s += band.duration_s;
        QVERIFY(band.power_w > conditions.cruise_power_w.value);
    }
    for (const auto& band : descent.bands) QVERIFY(band.power_w < conditions.cruise_power_w.value);
    VERIFY_NEAR(climb_s, 90.0 / request.mission.climb_rate_mps, 1e-9);
    // Less wind near the ground: against it, the lower bands get farther in the same time.
    QVERIFY(climb.bands.front().ground_m > climb.bands.back().ground_m);
}

void HomewardTest::windAtOtherHeightIsBroughtToMissionHeight() {
    PlanRequest request = sample_request();
    request.weather.wind_height_m = 10.0;
    const auto conditions = *flight_conditions(request);
    VERIFY_NEAR(conditions.wind_out.speed_mps, 4.0 * std::pow(9.0, 1.0 / 7.0), 1e-9);
}

void HomewardTest::everyPlanKeepsItsBooks() {
    RandomRequests requests(4711);
    int with_turn = 0;
    for (int i = 0; i < 200; ++i) {
        const PlanRequest request = requests.next();
        const auto plan = make_plan(request);
        QVERIFY2(plan.has_value(), qPrintable(QString::number(i)));
        if (!plan->turn) {
            QVERIFY2(!plan->diagnostics.empty() || !plan->outward.empty(), "no turn and no word why");
            continue;
        }
        ++with_turn;
        const Homeward homeward(plan->request, plan->conditions);
        const OutwardPoint at = outward_at(*plan, plan->turn->distance_m.value);
        const double used_wh = plan->turn->energy_used_wh.value;
        const double home_wh = homeward.from(station_of(at)).energy_wh;
        const double left_wh = plan->flight->landing_energy_left_wh.value;
        // The books are kept in what the pack gives at each power: they close to its differences from cruise power.
        VERIFY_NEAR(used_wh + home_wh + left_wh, plan->usable_energy_wh.value, 0.04 * plan->usable_energy_wh.value);
        const auto beyond = std::find_if(plan->outward.begin(), plan->outward.end(), [&](const OutwardPoint& p) {
            return p.distance_m > plan->turn->distance_m.value;
        });
        // Where the worst credible wind ends it, more is left than the reserve.
        if (beyond != plan->outward.end() && !beyond->return_flight) continue;
        // Within the launch the turn for home comes in from one step of the climb to the next.
        const auto& c = plan->conditions;
        const auto turn = turning(plan->request, c.airspeed_home_mps, c.air.density_kgm3, c.home_power_w.value);
        const double one_turn_wh = at.phase == 0 ? turn.banked_w * turn.seconds(180.0) / 3600.0 : 0.0;
        VERIFY_NEAR(left_wh, at.reserve_wh, 0.002 * plan->usable_energy_wh.value + one_turn_wh);
        QVERIFY(plan->flight->landing_charge_used_ah <= plan->conditions.pack->fullChargeAh() * 1.000001);
        QVERIFY(plan->turn->distance_m.sd > 0.0);
        for (const auto& turn_rule : plan->turn_rules) {
            // Turning later than the energy turn always means less than the reserve at home.
            if (turn_rule.too_late) QVERIFY(turn_rule.landing_left_wh < left_wh + 1e-6);
        }
    }
    QVERIFY(with_turn > 100);
}

void HomewardTest::moreReserveNeverTurnsLater() {
    RandomRequests requests(11);
    for (int i = 0; i < 40; ++i) {
        PlanRequest request = requests.next();
        request.reserve = ShareOfUsable{0.1};
        const auto little = make_plan(request);
        request.reserve = ShareOfUsable{0.3};
        const auto much = make_plan(request);
        if (much->turn) QVERIFY(much->turn->distance_m.value < little->turn->distance_m.value);
    }
}

void HomewardTest::moreWindAgainstTheReturnNeverTurnsLater() {
    RandomRequests requests(12);
    for (int i = 0; i < 40; ++i) {
        PlanRequest request = requests.next();
        request.weather.wind = {2.0, request.mission.bearing_deg + 180.0};
        const auto gentle = make_plan(request);
        request.weather.wind.speed_mps = 4.0;
        const auto fresh = make_plan(request);
        if (gentle->turn && fresh->turn) {
            // Out it helps, home it costs more than it helped.
            QVERIFY(fresh->turn->distance_m.value < gentle->turn->distance_m.value);
        }
    }
}

void HomewardTest::aBiggerPackNeverTurnsEarlier() {
    RandomRequests requests(13);
    for (int i = 0; i < 40; ++i) {
        PlanRequest request = requests.next();
        request.weather.wind.speed_mps = 0.0;
        const auto small = make_plan(request);
        // More charge at the same mass: a better cell, not a heavier pack.
        request.pack.cell_capacity_ah *= 1.2;
        const auto big = make_plan(request);
        if (small->turn) // Where the worst credible wind ends it, a bigger pack goes no farther.
            QVERIFY(big->turn->distance_m.value >= small->turn->distance_m.value);
    }
}

void HomewardTest::bearingsMirrorInStillAir() {
    PlanRequest request = sample_request();
    request.weather.wind.speed_mps = 0.0;
    const double first_m = make_plan(request)->turn->distance_m.value;
    for (double bearing = 0.0; bearing < 360.0; bearing += 37.0) {
        request.mission.bearing_deg = bearing;
        VERIFY_NEAR(make_plan(request)->turn->distance_m.value, first_m, 1e-6);
    }
}

SOBREMESA_TEST(HomewardTest)
#include "tst_homeward.moc"
