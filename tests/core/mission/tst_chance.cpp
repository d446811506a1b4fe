#include <QTest>

#include "core/mission/chance.hpp"
#include "support/compare.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"
#include "support/walk.hpp"

using namespace sobremesa;
using namespace sobremesa::mission;
using tests::planned;
using tests::sample_request;

namespace {

/// Normal distribution function, by the error function of the standard library.
double phi(double z) {
    return 0.5 * std::erfc(-z / std::sqrt(2.0));
}

} // namespace

class ChanceTest : public QObject {
    Q_OBJECT
private slots:
    void againstAnAnalyticCase_data();
    void againstAnAnalyticCase();
    void withoutErrorsADayIsCertain();
    void aDayAsForecastFliesThePlan_data();
    void aDayAsForecastFliesThePlan();
    void homeIsWhatLandsOverItsVolts();
    void turningEarlierNeverLowersIt_data();
    void turningEarlierNeverLowersIt();
    void theSameSeedIsTheSameChance();
    void theTurnRuleOfChanceTurnsWhereItSays_data();
    void theTurnRuleOfChanceTurnsWhereItSays();
    void windsThatLetNobodyHomeAreCounted();
    void itBindsWhereItCounts();
    void aCalmForecastCanBeWrongToo();
    void withoutATurnThereIsNone();
    void whoCannotHoldAPlaceDoesNotComeHome();
    void aStopStopsIt();
};

void ChanceTest::againstAnAnalyticCase_data() {
    QTest::addColumn<double>("share_flown");
    for (const double share : {0.9, 0.96, 1.0, 1.03}) QTest::addRow("%.2f of the turn", share) << share;
}

void ChanceTest::againstAnAnalyticCase() {
    QFETCH(double, share_flown);
    // Only the pack is unsure. Still air, level: energy used is known, what the pack gives is normal with 4 %, so
    // the reserve is whole with probability Φ((U·1 − used − reserve)/(0.04·U)).
    PlanRequest request = sample_request();
    request.mission.height_m = 0.0;
    request.weather.wind_height_m = 0.0;
    request.weather.wind.speed_mps = 0.0;
    request.weather.home_wind_factor = 1.0;
    const Plan plan = planned(request);
    const DaySpread only_pack{0.0, 0.0, 0.0, 0.0, 0.04, 0.0};
    const DrawnFlights drawn(plan.request, plan.conditions, true);
    const auto days = draw_days(only_pack, 20000, 5);
    const double turn_m = share_flown * plan.turn->distance_m.value;
    const auto flights = fly_days(plan, drawn, days, turn_m);
    const double whole =
        double(std::count_if(flights.begin(), flights.end(), [](const auto& f) { return f.reserve_intact; })) /
        double(flights.size());
    const double usable_wh = plan.usable_energy_wh.value;
    const double used_wh = 2.0 * turn_m / 14.0 * plan.conditions.cruise_power_w.value / 3600.0;
    const double reserve_wh = 0.2 * usable_wh;
    const auto at = [&](double share) {
        return phi(((1.0 + share) * usable_wh - used_wh - reserve_wh) / (0.04 * usable_wh));
    };
    const double expected = at(0.0);
    // Three standard errors of 20 000 draws, and a thousandth of the energy for the pack's curve between its
    // samples.
    VERIFY_NEAR(whole, expected,
                3.0 * std::sqrt(expected * (1.0 - expected) / 20000.0) + 0.5 * (at(0.001) - at(-0.001)));
}

void ChanceTest::withoutErrorsADayIsCertain() {
    const Plan plan = planned(sample_request());
    const DrawnFlights drawn(plan.request, plan.conditions, false);
    const DaySpread nothing{0.0, 0.0, 0.0, 0.0, 0.0, 0.0};
    const double level_w = plan.conditions.cruise_power_w.value;
    const auto chance = [&](double reserve_wh) {
        return drawn.chance_of_reserve(drawn.prepared(plan.flight->legs, level_w, reserve_wh), nothing);
    };
    VERIFY_NEAR(chance(0.0), 1.0, 1e-3);
    VERIFY_NEAR(chance(plan.usable_energy_wh.value), 0.0, 1e-9);
}

void ChanceTest::aDayAsForecastFliesThePlan_data() {
    QTest::addColumn<int>("kind");
    QTest::newRow("out and back") << int(MissionKind::out_and_back);
    QTest::newRow("route") << int(MissionKind::route);
    QTest::newRow("visit") << int(MissionKind::visit);
}

void ChanceTest::aDayAsForecastFliesThePlan() {
    QFETCH(int, kind);
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind(kind);
    request.mission.waypoints = {{"A", {5000.0, 2000.0}, {}, 0.0, false},
                                 {"B", {1000.0, 7000.0}, 60.0, 90.0, false}};
    if (request.mission.kind == MissionKind::visit) request.mission.waypoints.resize(1);
    request.weather.home_wind_factor = 1.0; // the plan's return is then the forecast's
    const Plan plan = planned(request);
    const DrawnFlights drawn(plan.request, plan.conditions, true);
    const DrawnFlight flown = drawn.fly(DayDraw{}, prepared_flight(plan, drawn, plan.turn->distance_m.value));
    // The plan takes the wind of mission height for the return, the drawn flight that of its own height.
    VERIFY_NEAR(flown.duration_s, plan.flight->duration_s.value, 4e-3 * plan.flight->duration_s.value);
    VERIFY_NEAR(flown.left_wh, plan.flight->landing_energy_left_wh.value, 0.01 * plan.usable_energy_wh.value);
    QVERIFY(flown.home);
}

void ChanceTest::homeIsWhatLandsOverItsVolts() {
    // Where the floor is not asked for, the landing voltage says who came home: with anything left, and no less.
    const Plan plan = planned(sample_request());
    const DrawnFlights drawn(plan.request, plan.conditions, false);
    const auto turned_at = [&](double distance_m) {
        return drawn.fly(DayDraw{}, prepared_flight(plan, drawn, distance_m));
    };
    double near_m = plan.turn->distance_m.value;
    double far_m = 2.0 * near_m;
    QVERIFY(turned_at(near_m).home);
    QVERIFY(!turned_at(far_m).home);
    for (int i = 0; i < 40; ++i) {
        const double middle_m = 0.5 * (near_m + far_m);
        (turned_at(middle_m).left_wh > 0.3 ? near_m : far_m) = middle_m;
    }
    const auto barely = turned_at(near_m);
    VERIFY_NEAR(barely.left_wh, 0.3, 0.05);
    QVERIFY(barely.home);
    const auto not_quite = turned_at(1.02 * near_m);
    QVERIFY(not_quite.left_wh < 0.0);
    QVERIFY(!not_quite.home);
}

void ChanceTest::turningEarlierNeverLowersIt_data() {
    QTest::addColumn<double>("wind_from_deg");
    QTest::addColumn<double>("wind_mps");
    QTest::newRow("head wind home") << 85.0 << 5.0;
    QTest::newRow("tail wind home") << 265.0 << 5.0;
    QTest::newRow("cross wind") << 355.0 << 6.0;
    QTest::newRow("calm") << 0.0 << 0.0;
}

void ChanceTest::turningEarlierNeverLowersIt() {
    QFETCH(double, wind_from_deg);
    QFETCH(double, wind_mps);
    // Straight out and back, flat ground, wind not easing, same draws: flight by flight, not only in the mean.
    PlanRequest request = sample_request();
    request.weather.wind = {wind_mps, wind_from_deg};
    const Plan plan = planned(request);
    const DrawnFlights drawn(plan.request, plan.conditions, true);
    DaySpread spread = spread_of(plan);
    spread.growth_mps_per_h = 0.0;
    const auto days = draw_days(spread, 600, 9);
    std::vector<DrawnFlight> before = fly_days(plan, drawn, days, 0.15 * plan.outward.back().distance_m);
    for (double share = 0.2; share <= 0.8; share += 0.05) {
        const auto now = fly_days(plan, drawn, days, share * plan.outward.back().distance_m);
        for (std::size_t i = 0; i < days.size(); ++i) {
            if (now[i].home) QVERIFY(before[i].home);
            if (now[i].reserve_intact) QVERIFY(before[i].reserve_intact);
        }
        before = now;
    }
}

void ChanceTest::theSameSeedIsTheSameChance() {
    const Plan plan = planned(sample_request());
    const auto one = chance(plan, 4000, 77);
    const auto same = chance(plan, 4000, 77);
    const auto other = chance(plan, 4000, 78);
    QCOMPARE(one->reserve_intact.value, same->reserve_intact.value);
    QCOMPARE(one->landing_low_wh, same->landing_low_wh);
    QVERIFY(one->landing_low_wh != other->landing_low_wh);
    VERIFY_NEAR(one->reserve_intact.value, other->reserve_intact.value,
                4.0 * std::hypot(one->reserve_intact.sd, other->reserve_intact.sd));
    QVERIFY(one->home.value >= one->reserve_intact.value);
    QVERIFY(one->landing_low_wh < one->landing_median_wh && one->landing_median_wh < one->landing_high_wh);
    // Whoever runs them, in whatever order, they are the same.
    const auto backwards = [](std::size_t parts, const std::function<void(std::size_t)>& job) {
        for (std::size_t k = parts; k-- > 0;) job(k);
    };
    QCOMPARE(chance(plan, 4000, 77, {}, backwards)->landing_low_wh, one->landing_low_wh);
    // More days or fewer: the first days are the same.
    const auto few = draw_days(spread_of(plan), 300, 77);
    const auto many = draw_days(spread_of(plan), 5000, 77);
    for (std::size_t i = 0; i < few.size(); ++i) QCOMPARE(few[i].draw, many[i].draw);
}

void ChanceTest::theTurnRuleOfChanceTurnsWhereItSays_data() {
    QTest::addColumn<double>("wind_mps");
    QTest::addColumn<double>("wind_from_deg");
    QTest::addColumn<double>("growth_mps_per_h");
    QTest::addColumn<double>("least_chance");
    QTest::newRow("head wind out") << 4.0 << 270.0 << 0.0 << 0.9;
    QTest::newRow("head wind home") << 5.0 << 85.0 << 0.0 << 0.9;
    QTest::newRow("strong head wind home") << 8.0 << 85.0 << 0.0 << 0.9;
    QTest::newRow("cross wind, growing") << 6.0 << 175.0 << 4.0 << 0.9;
    QTest::newRow("calm") << 0.0 << 0.0 << 0.0 << 0.9;
    QTest::newRow("surer") << 4.0 << 85.0 << 0.0 << 0.97;
    QTest::newRow("bolder") << 4.0 << 85.0 << 2.0 << 0.6;
}

/// An hour out into a wind that grows: some days let nobody home, and these decide. Twenty flights, each counted by
/// days drawn one by one.
void ChanceTest::windsThatLetNobodyHomeAreCounted() {
    tests::Random random(5);
    int looked_at = 0;
    for (int i = 0; i < 60; ++i) {
        PlanRequest request = sample_request();
        request.aircraft.cruise_power_w *= random.between(0.4, 0.8);
        request.weather.wind = {random.between(2.0, 7.0), random.between(0.0, 360.0)};
        request.weather.wind_growth_mps_per_h = random.between(2.0, 8.0);
        request.turn.counted = {TurnRule::energy_home, TurnRule::chance};
        const Plan plan = planned(request);
        if (!plan.turn || plan.turn->turn_rule != TurnRule::chance) continue;
        const auto counted = chance(plan, 10000, 3);
        // Home at all and home with the reserve are nearly the same: the wind decides.
        if (counted->home.value - counted->reserve_intact.value > 0.03) continue;
        ++looked_at;
        QVERIFY2(counted->reserve_intact.value > request.turn.least_chance - 0.02,
                 qPrintable(QStringLiteral("flight %1: %2").arg(i).arg(counted->reserve_intact.value)));
    }
    QVERIFY2(looked_at >= 5, qPrintable(QString::number(looked_at)));
}

void ChanceTest::theTurnRuleOfChanceTurnsWhereItSays() {
    QFETCH(double, wind_mps);
    QFETCH(double, wind_from_deg);
    QFETCH(double, growth_mps_per_h);
    QFETCH(double, least_chance);
    PlanRequest request = sample_request();
    request.weather.wind = {wind_mps, wind_from_deg};
    request.weather.wind_growth_mps_per_h = growth_mps_per_h;
    request.turn.counted = {TurnRule::chance};
    request.turn.least_chance = least_chance;
    const Plan plan = planned(request);
    QVERIFY(plan.turn && plan.turn->turn_rule == TurnRule::chance);
    // Turned there, so many keep their reserve: the forecast works it out, the draws count it.
    const auto result = chance(plan, 10000, 3);
    QVERIFY2(result->reserve_intact.value > least_chance - 0.02,
             qPrintable(QString::number(result->reserve_intact.value)));
    // Surer only where it turns for another reason: the worst credible wind lets nobody home from farther out.
    const OutwardPoint beyond = outward_at(plan, 1.02 * plan.turn->distance_m.value);
    if (beyond.return_flight) VERIFY_NEAR(result->reserve_intact.value, least_chance, 0.02);
    // The spare's band falls along the way, and is one.
    for (std::size_t i = 1; i < result->bands.size(); ++i) {
        QVERIFY(result->bands[i].margin_low_wh <= result->bands[i].margin_high_wh);
        QVERIFY(result->bands[i].margin_high_wh < result->bands[i - 1].margin_high_wh + 1e-9);
    }
}

void ChanceTest::itBindsWhereItCounts() {
    PlanRequest request = sample_request();
    request.turn.counted = {TurnRule::energy_home};
    request.turn.least_chance = 0.9;
    const Plan by_energy = planned(request);
    QVERIFY(by_energy.turn->turn_rule == TurnRule::energy_home);
    const auto beside = std::find_if(by_energy.turn_rules.begin(), by_energy.turn_rules.end(),
                                     [](const RuleTurn& t) { return t.turn_rule == TurnRule::chance; });
    QVERIFY(beside != by_energy.turn_rules.end() && beside->reached && !beside->counted);
    // Surer of it: earlier.
    request.turn.counted = {TurnRule::energy_home, TurnRule::chance};
    request.turn.least_chance = 0.999;
    const Plan plan = planned(request);
    QVERIFY(plan.turn->turn_rule == TurnRule::chance);
    QVERIFY(plan.turn->distance_m.value < by_energy.turn->distance_m.value);
    QVERIFY(plan.turn->distance_m.value < beside->distance_m);
    VERIFY_NEAR(plan.flight->ground_m, 2.0 * plan.turn->distance_m.value, 1.0);
    QCOMPARE(plan.turn_rules.size(), all_turn_rules().size());
    for (std::size_t i = 1; i < plan.turn_rules.size(); ++i) {
        if (plan.turn_rules[i].reached) QVERIFY(plan.turn_rules[i].distance_m >= plan.turn_rules[i - 1].distance_m);
    }
    // What binds is moved by what the draw is sure of.
    QVERIFY(!plan.turn_sensitivities.empty());
}

void ChanceTest::aCalmForecastCanBeWrongToo() {
    // A wind of 3 m/s that nobody forecast costs the same whether 0 or 0.2 m/s were, and it costs: along the way it
    // takes longer out or home by 1/(1 − (w/V)²), to the first order of this plan.
    PlanRequest request = sample_request();
    DayDraw windy;
    windy.wind_mps = 3.0;
    request.weather.wind = {0.0, 265.0};
    const Plan calm = planned(request);
    const double turn_m = calm.turn->distance_m.value;
    const auto seconds = [&](const Plan& plan, const DayDraw& day) {
        const DrawnFlights drawn(plan.request, plan.conditions, true);
        return drawn.fly(day, prepared_flight(plan, drawn, turn_m)).duration_s;
    };
    const double still_s = seconds(calm, {});
    const double blown_s = seconds(calm, windy);
    VERIFY_NEAR(blown_s / still_s, 1.0 / (1.0 - 9.0 / 196.0), 0.005);
    request.weather.wind.speed_mps = 0.2;
    const Plan nearly = planned(request);
    VERIFY_NEAR(seconds(nearly, windy), blown_s, 0.01 * blown_s);
}

void ChanceTest::whoCannotHoldAPlaceDoesNotComeHome() {
    PlanRequest request = sample_request();
    request.mission.kind = MissionKind::endurance;
    const auto home = [&](double wind_mps) {
        request.weather.wind = {wind_mps, 250.0};
        request.weather.wind_height_m = request.mission.height_m;
        request.weather.wind_sd_mps = 1.0;
        const Plan plan = planned(request);
        return plan.turn ? chance(plan, 2000, 3)->home.value : 0.0;
    };
    QVERIFY(home(5.0) > 0.99);
    // As likely as not above the airspeed of 14 m/s, and more so as it may grow; then far above it.
    QVERIFY2(home(14.0) > 0.25 && home(14.0) < 0.5, qPrintable(QString::number(home(14.0))));
    QCOMPARE(home(20.0), 0.0);
    QCOMPARE(home(40.0), 0.0);
}

void ChanceTest::withoutATurnThereIsNone() {
    PlanRequest request = sample_request();
    request.weather.wind.speed_mps = 25.0;
    const auto result = chance(planned(request), 1000, 1);
    QVERIFY(result);
    QCOMPARE(result->home.value, 0.0);
}

void ChanceTest::aStopStopsIt() {
    std::stop_source source;
    source.request_stop();
    const auto result = chance(planned(sample_request()), 10000, 1, source.get_token());
    QVERIFY(!result);
    QCOMPARE(result.error().code, units::ErrorCode::cancelled);
}

SOBREMESA_TEST(ChanceTest)
#include "tst_chance.moc"
