#include <cmath>

#include <QTest>

#include "core/debrief/flown_homeward.hpp"
#include "core/mission/homeward.hpp"
#include "core/mission/make_plan.hpp"
#include "core/units/explanation.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;

namespace {

struct Opened {
    telemetry::CleanLog clean;
    telemetry::LogSummary summary;
};

Opened opened(telemetry::FlightLog log) {
    Opened result;
    result.clean = *telemetry::clean(tests::shared(std::move(log)));
    result.summary = *telemetry::summarise(result.clean);
    return result;
}

mission::Plan forecast() {
    return *mission::make_plan(tests::sample_request());
}

} // namespace

class FlownHomewardTest : public QObject {
    Q_OBJECT
private slots:
    void whatIsLeftFallsByWhatWasUsed();
    void theLeastMarginIsTheLeastOfAllRows();
    void aThirstyFlightRunsShort();
    void theNeedIsThatOfThePlace();
    void beyondTheForecastTheReturnIsStillKnown();
    void whereThePositionIsLostTheFlightGoesOn();
    void aPauseInTheRecordUsesNothing();
    void withoutVoltsCurrentOrPositionThereIsNone_data();
    void withoutVoltsCurrentOrPositionThereIsNone();
    void longLogsAreThinned();
    void theMissionIsReadOffTheTrack();
    void aPlannedRouteIsLaidUnder();
    void elsewhereTheHillsAreOthers();
};

void FlownHomewardTest::whatIsLeftFallsByWhatWasUsed() {
    const auto log = opened(tests::made_log());
    const auto plan = forecast();
    const auto flown = debrief::flown_homeward(log.clean, log.summary, plan);
    QVERIFY(flown);
    // 80 W for 600 s are 13.33 Wh; out 3 km and back.
    VERIFY_NEAR(flown->points.front().left_wh, plan.usable_energy_wh.value, 1e-9);
    VERIFY_NEAR(plan.usable_energy_wh.value - flown->points.back().left_wh, 80.0 * 600.0 / 3600.0, 1e-6);
    VERIFY_NEAR(flown->farthest.from_home_m, 3000.0, 1.0);
    VERIFY_NEAR(flown->farthest.time_s, 300.0, 1.0);
    VERIFY_NEAR(flown->points.back().from_home_m, 0.0, 1.0);
}

void FlownHomewardTest::theLeastMarginIsTheLeastOfAllRows() {
    const auto log = opened(tests::made_log());
    const auto flown = debrief::flown_homeward(log.clean, log.summary, forecast());
    for (const auto& p : flown->points) QVERIFY(p.left_wh - p.needed_wh >= flown->least_margin_wh() - 1e-9);
    const auto why = debrief::explain_least_margin(*flown, forecast());
    // Usable less used less needed.
    VERIFY_NEAR(why.inputs[0].value.value - why.inputs[1].value.value - why.inputs[2].value.value, why.value.value,
                1e-9);
    QVERIFY(why.value.sd > 0.0);
}

void FlownHomewardTest::aThirstyFlightRunsShort() {
    auto log = tests::made_log();
    for (double& amps : log[Channel::current_a]) amps = 60.0;
    const auto thirsty = opened(std::move(log));
    const auto flown = debrief::flown_homeward(thirsty.clean, thirsty.summary, forecast());
    QVERIFY(flown->least_margin_wh() < 0.0);
}

void FlownHomewardTest::theNeedIsThatOfThePlace() {
    // Flown out on 250°, planned on 265°: the need is that of the way back from where it was.
    const auto log = opened(tests::made_log());
    const auto plan = forecast();
    const auto flown = debrief::flown_homeward(log.clean, log.summary, plan);
    const mission::Homeward homeward(plan.request, plan.conditions);
    const auto needs = [&](double from_m, double height_m, double time_s, std::optional<double> course_deg) {
        const mission::ReturnState there{geodesy::offset({}, 250.0, from_m), height_m, time_s, {}, course_deg};
        const auto way = homeward.from(there);
        return way.energy_wh + homeward.reserve_wh(way);
    };
    for (const auto& p : flown->points) {
        if (p.from_home_m < 2000.0 || p.from_home_m > 2950.0) continue;
        VERIFY_NEAR(p.needed_wh, needs(p.from_home_m, 90.0, p.time_s, p.time_s < 300.0 ? 250.0 : 70.0), 0.02);
        VERIFY_NEAR(p.flown_m, 10.0 * p.time_s, 3.0);
    }
    // An hour of growing wind makes the same place dearer.
    auto request = tests::sample_request();
    request.weather.wind_growth_mps_per_h = 8.0;
    const auto windy = debrief::flown_homeward(log.clean, log.summary, *mission::make_plan(request));
    QVERIFY(windy->farthest.needed_wh != flown->farthest.needed_wh);
}

void FlownHomewardTest::beyondTheForecastTheReturnIsStillKnown() {
    auto request = tests::sample_request();
    request.pack.cell_capacity_ah = 0.25; // this pack would not have gone three kilometres
    const auto small = *mission::make_plan(request);
    QVERIFY(!small.outward.empty() && small.outward.back().distance_m < 3000.0);
    const auto log = opened(tests::made_log());
    const auto flown = debrief::flown_homeward(log.clean, log.summary, small);
    QVERIFY(flown);
    for (const auto& p : flown->points) QVERIFY(std::isfinite(p.needed_wh));
    QVERIFY(flown->farthest.needed_wh > small.outward.back().needed_wh);
}

void FlownHomewardTest::whereThePositionIsLostTheFlightGoesOn() {
    const auto lost_from = [](std::size_t row) {
        auto made = tests::made_log();
        for (std::size_t i = row; i < made.rows(); ++i)
            made[Channel::latitude_deg][i] = made[Channel::longitude_deg][i] = std::nan("");
        const auto log = opened(std::move(made));
        return debrief::flown_homeward(log.clean, log.summary, forecast());
    };
    const auto whole = lost_from(tests::made_log().rows());
    QVERIFY(whole && !whole->position_lost);
    // A receiver that is unplugged first, and one that gives up half way.
    QVERIFY(!lost_from(570)->position_lost);
    const auto half = lost_from(300);
    QVERIFY(half && half->position_lost);
    VERIFY_NEAR(half->points.back().time_s, 299.0, 1.5);
}

void FlownHomewardTest::aPauseInTheRecordUsesNothing() {
    auto log = tests::made_log();
    for (std::size_t i = 300; i < log[Channel::time_s].size(); ++i) log[Channel::time_s][i] += 120.0;
    const auto paused = opened(std::move(log));
    QVERIFY(!paused.clean.gaps.empty());
    const auto plan = forecast();
    const auto flown = debrief::flown_homeward(paused.clean, paused.summary, plan);
    const double used = plan.usable_energy_wh.value - flown->points.back().left_wh;
    VERIFY_NEAR(used, paused.summary.energy.energy_wh->value, 1e-6);
}

void FlownHomewardTest::withoutVoltsCurrentOrPositionThereIsNone_data() {
    QTest::addColumn<int>("channel");
    QTest::newRow("volts") << int(Channel::voltage_v);
    QTest::newRow("current") << int(Channel::current_a);
    QTest::newRow("position") << int(Channel::latitude_deg);
}

void FlownHomewardTest::withoutVoltsCurrentOrPositionThereIsNone() {
    QFETCH(int, channel);
    auto log = tests::made_log();
    log.columns[std::size_t(channel)].clear();
    if (Channel(channel) == Channel::latitude_deg) log[Channel::longitude_deg].clear();
    const auto thin = opened(std::move(log));
    QVERIFY(!debrief::flown_homeward(thin.clean, thin.summary, forecast()));
}

void FlownHomewardTest::longLogsAreThinned() {
    const auto log = opened(tests::made_log(20'001));
    const auto flown = debrief::flown_homeward(log.clean, log.summary, forecast());
    QVERIFY(flown->points.size() > 400 && flown->points.size() < 1700);
    // The end is never thinned away.
    VERIFY_NEAR(flown->points.back().time_s, 20'000.0, 1e-9);
}

void FlownHomewardTest::theMissionIsReadOffTheTrack() {
    auto log = tests::made_log();
    for (int i = 0; i < 601; ++i)
        log[Channel::height_m].push_back(412.0 + std::min({double(i), 85.0, double(600 - i)}));
    const auto climbed = opened(std::move(log));
    const auto mission = debrief::flown_mission(climbed.clean, climbed.summary, {});
    VERIFY_NEAR(mission.bearing_deg, 250.0, 0.1);
    VERIFY_NEAR(mission.height_m, 85.0, 1.0); // above where it began, not above the sea
    // What the log cannot tell stays as it was.
    auto blind = tests::made_log();
    blind[Channel::latitude_deg].clear();
    blind[Channel::longitude_deg].clear();
    const auto opened_blind = opened(std::move(blind));
    mission::Mission otherwise;
    otherwise.bearing_deg = 123.0;
    otherwise.height_m = 70.0;
    otherwise.climb_rate_mps = 2.0;
    otherwise.descent_rate_mps = 1.0;
    const auto kept = debrief::flown_mission(opened_blind.clean, opened_blind.summary, otherwise);
    QCOMPARE(kept.bearing_deg, 123.0);
    QCOMPARE(kept.height_m, 70.0);
}

void FlownHomewardTest::aPlannedRouteIsLaidUnder() {
    const auto log = opened(tests::made_log()); // 3 km out on 250° and back
    mission::Mission route;
    route.kind = mission::MissionKind::route;
    route.height_m = 90.0;
    route.waypoints = {{"on the way", geodesy::offset({}, 250.0, 1500.0), {}, 0.0, false},
                       {"end", geodesy::offset({}, 250.0, 3000.0), {}, 0.0, false}};
    QVERIFY(debrief::follows(log.summary, route));
    const auto kept = debrief::flown_mission(log.clean, log.summary, route);
    QCOMPARE(int(kept.kind), int(mission::MissionKind::route));
    QCOMPARE(kept.waypoints.size(), std::size_t(2));
    auto request = tests::sample_request();
    request.mission = kept;
    const auto flown = debrief::flown_homeward(log.clean, log.summary, *mission::make_plan(request));
    QVERIFY(flown && flown->along_the_way);
    // Along the way the axis never goes back.
    double before_m = -1.0;
    for (const auto& p : flown->points) {
        QVERIFY(flown->on_axis_m(p) >= before_m);
        before_m = flown->on_axis_m(p);
    }
    VERIFY_NEAR(before_m, 6000.0, 20.0);
    // Turned early it followed the route all the same; a route elsewhere it did not follow.
    route.waypoints.push_back({"never reached", geodesy::offset({}, 250.0, 9000.0), {}, 0.0, false});
    QVERIFY(debrief::follows(log.summary, route));
    route.waypoints = {{"elsewhere", geodesy::offset({}, 70.0, 3000.0), {}, 0.0, false}};
    QVERIFY(!debrief::follows(log.summary, route));
    QCOMPARE(int(debrief::flown_mission(log.clean, log.summary, route).kind),
             int(mission::MissionKind::out_and_back));
    mission::Mission circles;
    circles.kind = mission::MissionKind::endurance;
    QVERIFY(!debrief::follows(log.summary, circles));
}

void FlownHomewardTest::elsewhereTheHillsAreOthers() {
    const auto log = opened(tests::made_log());
    mission::Mission planned;
    planned.terrain_file = "hills.tif";
    planned.terrain = std::make_shared<geodesy::Terrain>();
    planned.home = tests::made_home;
    QVERIFY(debrief::flown_mission(log.clean, log.summary, planned).terrain);
    planned.home->latitude_deg += 0.01;
    const auto elsewhere = debrief::flown_mission(log.clean, log.summary, planned);
    QVERIFY(!elsewhere.terrain && elsewhere.terrain_file.empty());
    planned.home.reset();
    QVERIFY(!debrief::flown_mission(log.clean, log.summary, planned).terrain);
}

SOBREMESA_TEST(FlownHomewardTest)
#include "tst_flown_homeward.moc"
