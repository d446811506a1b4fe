#include <QTest>

#include "core/debrief/flown_homeward.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/sample_request.hpp"

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
    void theLeastSpareIsTheLeastOfAllRows();
    void aThirstyFlightRunsShort();
    void farBeyondTheForecastItsLastValueHolds();
    void aPauseInTheRecordUsesNothing();
    void withoutVoltsCurrentOrPositionThereIsNone_data();
    void withoutVoltsCurrentOrPositionThereIsNone();
    void longLogsAreThinned();
    void theMissionIsReadOffTheTrack();
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

void FlownHomewardTest::theLeastSpareIsTheLeastOfAllRows() {
    const auto log = opened(tests::made_log());
    const auto flown = debrief::flown_homeward(log.clean, log.summary, forecast());
    for (const auto& p : flown->points) QVERIFY(p.left_wh - p.needed_wh >= flown->least_spare_wh() - 1e-9);
    const auto why = debrief::explain_least_spare(*flown, forecast());
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
    QVERIFY(flown->least_spare_wh() < 0.0);
}

void FlownHomewardTest::farBeyondTheForecastItsLastValueHolds() {
    auto request = tests::sample_request();
    request.pack.cell_capacity_ah = 0.4; // this pack would not have gone three kilometres
    const auto small = *mission::make_plan(request);
    QVERIFY(!small.outward.empty());
    const auto log = opened(tests::made_log());
    const auto flown = debrief::flown_homeward(log.clean, log.summary, small);
    QVERIFY(flown);
    for (const auto& p : flown->points) QVERIFY(std::isfinite(p.needed_wh));
    if (small.outward.back().distance_m < 3000.0)
        VERIFY_NEAR(flown->farthest.needed_wh, small.outward.back().needed_wh, 1e-9);
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

QTEST_GUILESS_MAIN(FlownHomewardTest)
#include "tst_flown_homeward.moc"
