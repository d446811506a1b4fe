// Whoever obeys "turn now" comes home with the reserve, though the wind grows to half as much again. The whole
// table is docs/watch.md (scripts/watch-table); here every fifth of its flights is flown.

#include <QTest>

#include "core/mission/make_plan.hpp"
#include "io/plan_document.hpp"
#include "support/grown_wind.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class WatchFlightsTest : public QObject {
    Q_OBJECT
private slots:
    void obeyingTurnNowKeepsTheReserve();
    void theDemosPracticeFlightTellsItsStory();
    void scenariosFlyTheirPlan();
    void daysAreTheSameForASeed();
};

void WatchFlightsTest::obeyingTurnNowKeepsTheReserve() {
    tests::Tally obeyed;
    tests::Tally planned;
    for (int i = 0; i < 100; i += 5) {
        const auto flight = tests::grown_wind_flight(i);
        if (!flight) continue;
        planned.add(tests::fly_as_planned(*flight), *flight);
        obeyed.add(tests::fly_obediently(*flight), *flight);
    }
    QCOMPARE(obeyed.flights, 20);
    QVERIFY2(obeyed.reserve >= 19, qPrintable(QStringLiteral("%1 of %2").arg(obeyed.reserve).arg(obeyed.flights)));
    QVERIFY2(planned.reserve < obeyed.reserve, "the plan's fixed distance does as well: then nothing was tested");
}

/// The guide sends a newcomer to this plan: told to turn earlier than planned, home with the reserve, and all of it
/// in about two minutes at twenty times the pace, whatever the seed.
void WatchFlightsTest::theDemosPracticeFlightTellsItsStory() {
    const auto document = io::read_plan_file(std::string(DEMO_DIR) + "/tarabilla-quarry.plan.json");
    QVERIFY(document);
    auto request = mission::validate(document->request);
    QVERIFY(request);
    auto made = mission::make_plan(*request);
    QVERIFY(made && made->turn);
    for (std::uint64_t seed = 1; seed <= 4; ++seed) {
        tests::GrownWindFlight flight;
        flight.plan = std::make_shared<const mission::Plan>(*made);
        flight.scenario = practice::scenario_of(*flight.plan, {practice::Day::growing_wind, seed});
        const sim::Truth truth = tests::fly_obediently(flight);
        QVERIFY(truth.came_home);
        QVERIFY2(truth.farthest_m < 0.97 * made->turn->distance_m.value,
                 qPrintable(QStringLiteral("%1 of %2 m").arg(truth.farthest_m).arg(made->turn->distance_m.value)));
        QVERIFY(tests::left_share(truth, flight) >= flight.reserve_share);
        constexpr double at_speed_20_s = 120.0;
        QVERIFY(truth.duration_s / 20.0 < at_speed_20_s);
    }
}

/// The simulated aircraft draws what the plan says, and its cells give it.
void WatchFlightsTest::scenariosFlyTheirPlan() {
    for (int i = 0; i < 6; ++i) {
        const auto made = tests::grown_wind_flight(i);
        QVERIFY(made);
        const mission::Plan& plan = *made->plan;
        const auto truth = sim::simulate(practice::scenario_of(plan)).truth;
        QVERIFY(std::abs(truth.level_power_w - plan.conditions.cruise_power_w.value) <
                0.01 * plan.conditions.cruise_power_w.value);
        const double planned_wh = plan.usable_energy_wh.value - plan.flight->landing_energy_left_wh.value;
        // Home in the forecast wind, where the plan reckons with the worst credible one: it uses less, a slow
        // one in much wind a third less.
        QVERIFY2(truth.came_home && truth.energy_wh < 1.03 * planned_wh && truth.energy_wh > 0.6 * planned_wh,
                 qPrintable(QStringLiteral("%1: %2 Wh, planned %3").arg(i).arg(truth.energy_wh).arg(planned_wh)));
    }
}

void WatchFlightsTest::daysAreTheSameForASeed() {
    const auto made = tests::grown_wind_flight(3);
    const auto wind = [&](practice::Day day, std::uint64_t seed) {
        return practice::scenario_of(*made->plan, {day, seed}).weather.wind_mps;
    };
    QCOMPARE(wind(practice::Day::drawn, 7), wind(practice::Day::drawn, 7));
    QVERIFY(wind(practice::Day::drawn, 7) != wind(practice::Day::drawn, 8));
    QCOMPARE(wind(practice::Day::as_forecast, 7), wind(practice::Day::as_forecast, 8));
    // The worst of twenty leaves less than the day as forecast.
    const auto left = [&](practice::Day day) {
        const auto truth = sim::simulate(practice::scenario_of(*made->plan, {day, 7})).truth;
        return 1.0 - truth.energy_wh / made->plan->usable_energy_wh.value;
    };
    QVERIFY(left(practice::Day::worst_in_twenty) < left(practice::Day::as_forecast));
}

SOBREMESA_TEST(WatchFlightsTest)
#include "tst_watch_flights.moc"
