#include <QTest>

#include "core/telemetry/clean_log.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::telemetry;
using tests::made_log;

namespace {

const SetAside* listed(const CleanLog& log, SetAsideReason reason) {
    for (const SetAside& entry : log.set_aside) {
        if (entry.reason == reason) return &entry;
    }
    return nullptr;
}

} // namespace

class CleanLogTest : public QObject {
    Q_OBJECT
private slots:
    void aCleanLogLosesNothing();
    void rowsWithoutFixKeepTheirCurrent();
    void jumpsAreSetAsideAndListed();
    void aWrongFirstFixDoesNotMoveHome();
    void timeThatRunsBackwardsIsSetAside();
    void aClockThatRunsAheadForAMomentSplitsNothing_data();
    void aClockThatRunsAheadForAMomentSplitsNothing();
    void onlyAJumpForwardIsAGlitch();
    void the180thMeridianIsNoJump();
    void gapsAreFound();
    void yearsOfPauseSplitTheFile();
    void aClockThatIsSetInFlightIsOneFlight();
    void aCountThatIsFullGoesOn();
    void impossibleVoltsAreSetAside();
    void homeCanBeGiven();
    void logsWithoutTimeAreRefused();
    void rawValuesStayAsTheyWere();
    void stopsWhenAsked();
};

void CleanLogTest::aCleanLogLosesNothing() {
    const auto log = clean(tests::shared(made_log()));
    QVERIFY(log.has_value());
    QCOMPARE(log->rows.size(), std::size_t(601));
    QCOMPARE(log->rows_set_aside, std::size_t(0));
    QVERIFY(log->set_aside.empty());
    QVERIFY(log->gaps.empty());
    VERIFY_NEAR(log->home->latitude_deg, tests::made_home.latitude_deg, 1e-9);
}

void CleanLogTest::rowsWithoutFixKeepTheirCurrent() {
    FlightLog raw = made_log();
    for (int i = 0; i < 10; ++i) raw[Channel::latitude_deg][i] = raw[Channel::longitude_deg][i] = 0.0;
    const auto log = clean(tests::shared(raw));
    QCOMPARE(log->rows.size(), std::size_t(601));
    QCOMPARE(listed(*log, SetAsideReason::no_fix)->rows, std::size_t(10));
    QCOMPARE(listed(*log, SetAsideReason::no_fix)->first_row, std::int64_t(2));
    // Home is then where the receiver woke up, 100 m out, and the log says so.
    QVERIFY(std::any_of(log->diagnostics.begin(), log->diagnostics.end(),
                        [](const auto& n) { return n.code == units::DiagnosticCode::home_is_first_fix; }));
}

void CleanLogTest::jumpsAreSetAsideAndListed() {
    FlightLog raw = made_log();
    for (const std::size_t row : {100, 101, 300}) raw[Channel::latitude_deg][row] += 0.1;
    raw[Channel::latitude_deg][400] = 95.0;
    const auto log = clean(tests::shared(raw));
    QCOMPARE(listed(*log, SetAsideReason::position_jump)->rows, std::size_t(3));
    QCOMPARE(listed(*log, SetAsideReason::position_jump)->first_row, std::int64_t(102));
    QCOMPARE(listed(*log, SetAsideReason::impossible_position)->rows, std::size_t(1));
    QCOMPARE(log->rows_set_aside, std::size_t(4));
    QCOMPARE(log->position_ok[100], std::uint8_t(0));
    QCOMPARE(log->position_ok[102], std::uint8_t(1));
}

void CleanLogTest::aWrongFirstFixDoesNotMoveHome() {
    FlightLog raw = made_log();
    raw[Channel::latitude_deg][0] += 1.0;
    const auto log = clean(tests::shared(raw));
    QCOMPARE(listed(*log, SetAsideReason::position_jump)->rows, std::size_t(1));
    VERIFY_NEAR(log->home->latitude_deg, tests::made_home.latitude_deg, 1e-3);
}

void CleanLogTest::timeThatRunsBackwardsIsSetAside() {
    FlightLog raw = made_log();
    raw[Channel::time_s][200] = 150.0;
    raw[Channel::time_s][201] = 199.0;
    raw[Channel::time_s][300] = std::nan("");
    const auto log = clean(tests::shared(raw));
    QCOMPARE(listed(*log, SetAsideReason::backward_time)->rows, std::size_t(2));
    QCOMPARE(listed(*log, SetAsideReason::no_time)->rows, std::size_t(1));
    for (std::size_t i = 1; i < log->rows.size(); ++i) QVERIFY(log->time_s(i) > log->time_s(i - 1));
}

void CleanLogTest::aClockThatRunsAheadForAMomentSplitsNothing_data() {
    QTest::addColumn<int>("rows");
    QTest::addColumn<double>("ahead_s");
    QTest::newRow("one row, by minutes") << 1 << 300.0;
    QTest::newRow("one row, by hours") << 1 << 9000.0;
    QTest::newRow("one row, by decades") << 1 << 1.7e9;
    QTest::newRow("ten rows") << 10 << 4000.0;
    QTest::newRow("by less than the flight has left") << 5 << 100.0;
}

void CleanLogTest::aClockThatRunsAheadForAMomentSplitsNothing() {
    QFETCH(int, rows);
    QFETCH(double, ahead_s);
    FlightLog raw = made_log();
    for (int i = 0; i < rows; ++i) raw[Channel::time_s][std::size_t(250 + i)] += ahead_s;
    const auto log = clean(tests::shared(raw));
    QVERIFY(log.has_value());
    QCOMPARE(log->parts.size(), std::size_t(1));
    QCOMPARE(log->rows.size(), std::size_t(601 - rows));
    QCOMPARE(listed(*log, SetAsideReason::clock_glitch)->rows, std::size_t(rows));
    QVERIFY(!listed(*log, SetAsideReason::backward_time));
    VERIFY_NEAR(log->time_s(log->rows.size() - 1), 600.0, 1e-9);
    // Twice in one flight, and the first row of all.
    raw[Channel::time_s][0] += ahead_s;
    const auto again = clean(tests::shared(raw));
    QVERIFY(again.has_value() && again->rows.size() >= std::size_t(600 - rows));
}

/// A clock that runs on and then goes back has not run ahead: its rows were right until then.
void CleanLogTest::onlyAJumpForwardIsAGlitch() {
    std::vector<double> time;
    for (int i = 100; i <= 110; ++i) time.push_back(i);
    for (int i = 103; i <= 140; ++i) time.push_back(i);
    const auto steady = telemetry::clock_glitches(time);
    QCOMPARE(std::count(steady.begin(), steady.end(), 1), std::ptrdiff_t(0));
    for (std::size_t i = 3; i <= 10; ++i) time[i] += 20.0;
    const auto jumped = telemetry::clock_glitches(time);
    QCOMPARE(std::count(jumped.begin(), jumped.end(), 1), std::ptrdiff_t(8));
}

void CleanLogTest::the180thMeridianIsNoJump() {
    FlightLog raw = made_log();
    // The same flight, begun 500 m west of the line.
    for (std::size_t i = 0; i < raw.rows(); ++i) {
        const auto place = geodesy::destination({-17.0, 179.9953}, 80.0, 10.0 * double(std::min(i, 600 - i)));
        raw[Channel::latitude_deg][i] = place->latitude_deg;
        raw[Channel::longitude_deg][i] = place->longitude_deg;
    }
    QVERIFY(raw[Channel::longitude_deg][300] < 0.0);
    const auto log = clean(tests::shared(raw));
    QVERIFY(!listed(*log, SetAsideReason::position_jump));
    QCOMPARE(std::count(log->position_ok.begin(), log->position_ok.end(), std::uint8_t(1)), 601);
}

void CleanLogTest::gapsAreFound() {
    FlightLog raw = made_log();
    for (std::size_t i = 300; i < raw.rows(); ++i) raw[Channel::time_s][i] += 40.0;
    const auto log = clean(tests::shared(raw));
    QCOMPARE(log->gaps.size(), std::size_t(1));
    VERIFY_NEAR(log->gaps[0].end_s - log->gaps[0].start_s, 41.0, 1e-9);
}

void CleanLogTest::yearsOfPauseSplitTheFile() {
    FlightLog raw = made_log();
    for (std::size_t i = 400; i < raw.rows(); ++i) {
        raw[Channel::time_s][i] += 3.0 * 365.25 * 86400.0;
        raw[Channel::latitude_deg][i] += 0.01; // another start; where everything goes on, the clock was set
        raw[Channel::charge_ah][i] += 0.1;
    }
    const auto log = clean(tests::shared(raw));
    QVERIFY(log.has_value());
    QCOMPARE(log->rows.size(), std::size_t(400));
    QCOMPARE(listed(*log, SetAsideReason::other_flight)->rows, std::size_t(201));
    QCOMPARE(log->diagnostics.front().code, units::DiagnosticCode::several_flights);
}

void CleanLogTest::aClockThatIsSetInFlightIsOneFlight() {
    // Recorders begin in some year of their own until the first fix brings the date.
    for (const double set_s : {46.0 * 365.25 * 86400.0, 50'000.0, -20.0 * 365.25 * 86400.0}) {
        FlightLog raw = made_log();
        for (std::size_t i = 0; i < 120; ++i) raw[Channel::time_s][i] -= set_s;
        const auto log = clean(tests::shared(raw));
        QVERIFY(log.has_value());
        QCOMPARE(log->parts.size(), std::size_t(1));
        QCOMPARE(log->rows.size(), raw.rows());
        VERIFY_NEAR(log->time_s(log->rows.size() - 1) - log->time_s(0), 600.0, 1e-3);
        QVERIFY(log->gaps.empty());
    }
}

/// Milliseconds in sixteen bits begin at zero again every 65.536 s, on the ground too; a recorder that was switched
/// on again has missed more than a moment.
void CleanLogTest::aCountThatIsFullGoesOn() {
    constexpr double full_s = 65.536;
    const FlightLog whole = made_log();
    FlightLog raw = whole;
    for (double& t : raw[Channel::time_s]) t = std::fmod(t, full_s);
    // The last minute stands on the ground.
    for (std::size_t i = 520; i < raw.rows(); ++i) {
        raw[Channel::current_a][i] = 0.1;
        raw[Channel::ground_speed_mps][i] = 0.0;
    }
    const auto log = clean(tests::shared(raw));
    QVERIFY(log.has_value());
    QCOMPARE(log->parts.size(), std::size_t(1));
    QCOMPARE(log->rows.size(), raw.rows());
    VERIFY_NEAR(log->time_s(log->rows.size() - 1), whole[Channel::time_s].back(), 0.1 + 9 * 0.47);
    // Where the counter and the place have gone on meanwhile, a recorder has started again.
    for (std::size_t i = 0; i < raw.rows(); ++i) {
        const double times = std::floor(double(i) / full_s);
        raw[Channel::longitude_deg][i] += 0.01 * times;
        raw[Channel::charge_ah][i] += 0.02 * times;
    }
    const auto apart = clean(tests::shared(raw));
    QVERIFY(apart.has_value());
    QVERIFY(apart->parts.size() > 1);
}

void CleanLogTest::impossibleVoltsAreSetAside() {
    FlightLog raw = made_log();
    raw[Channel::voltage_v][7] = 6553.5;
    raw[Channel::current_a][8] = -1e6;
    const auto log = clean(tests::shared(raw));
    QCOMPARE(listed(*log, SetAsideReason::impossible_value)->rows, std::size_t(2));
    QCOMPARE(log->rows.size(), std::size_t(599));
    // Where nothing is left, the refusal says where to look.
    raw[Channel::voltage_v].assign(601, 6553.5);
    const auto refused = clean(tests::shared(raw));
    QCOMPARE(refused.error().code, units::ErrorCode::no_usable_rows);
    QCOMPARE(refused.error().where.line.value(), std::int64_t(2));
}

void CleanLogTest::homeCanBeGiven() {
    CleaningRules rules;
    rules.home = geodesy::Position{39.5, -31.5};
    QCOMPARE(clean(tests::shared(made_log()), rules)->home->latitude_deg, 39.5);
}

void CleanLogTest::logsWithoutTimeAreRefused() {
    FlightLog raw = made_log();
    raw[Channel::time_s].clear();
    QCOMPARE(clean(tests::shared(raw)).error().code, units::ErrorCode::no_time);
    QCOMPARE(clean(tests::shared(made_log(1))).error().code, units::ErrorCode::no_usable_rows);
}

void CleanLogTest::rawValuesStayAsTheyWere() {
    FlightLog raw = made_log();
    raw[Channel::latitude_deg][100] += 0.1;
    const double spoiled = raw[Channel::latitude_deg][100];
    const auto log = clean(tests::shared(raw));
    QCOMPARE((*log->raw)[Channel::latitude_deg][100], spoiled);
}

void CleanLogTest::stopsWhenAsked() {
    std::stop_source stop;
    stop.request_stop();
    QCOMPARE(clean(tests::shared(made_log()), {}, stop.get_token()).error().code, units::ErrorCode::cancelled);
}

SOBREMESA_TEST(CleanLogTest)
#include "tst_clean_log.moc"
