// A log that grows, against the debrief of the finished one: the same sums at its end, and at any moment before.

#include <algorithm>
#include <cmath>

#include <QTest>

#include "core/telemetry/consumption.hpp"
#include "core/watch/callouts.hpp"
#include "core/watch/live_flight.hpp"
#include "io/log_file.hpp"
#include "sim/simulated_flight.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;

namespace {

sim::Scenario flight(bool wing, std::uint64_t seed) {
    sim::Scenario s;
    s.seed = seed;
    s.aircraft.wing = wing;
    s.pack.parallel = 2;
    if (!wing) {
        s.aircraft.mass_without_pack_kg = 0.75;
        s.aircraft.airspeed_mps = 13.0;
        s.pack.series = 6;
    }
    s.weather.wind_mps = 3.5;
    s.weather.wind_from_deg = 210.0;
    s.mission.distance_m = 4000.0;
    return s;
}

telemetry::FlightLog first_rows(const telemetry::FlightLog& log, std::size_t rows) {
    telemetry::FlightLog part = log;
    for (auto& column : part.columns) {
        if (!column.empty()) column.resize(rows);
    }
    part.lines.resize(rows);
    part.rows_met = rows;
    return part;
}

struct Sums {
    double ground_m;
    double charge_ah;
    double energy_wh;
    double farthest_m;
};

std::optional<Sums> debriefed(const telemetry::FlightLog& log) {
    const auto clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(log));
    if (!clean) return std::nullopt;
    const auto s = telemetry::summarise(*clean);
    if (!s || !s->distance.ground_m || !s->energy.charge_ah || !s->energy.energy_wh) return std::nullopt;
    return Sums{s->distance.ground_m->value, s->energy.charge_ah->value, s->energy.energy_wh->value,
                s->distance.farthest_from_home_m->value};
}

void compare(const watch::LiveFlight& live, const telemetry::FlightLog& log) {
    const auto sums = debriefed(log);
    QVERIFY(sums);
    // A tenth of a percent, as promised; of a flight that has hardly begun, a chord of way.
    const double share = 1e-3;
    const auto near = [&](double a, double b, double least) {
        return std::abs(a - b) <= std::max(share * b, least);
    };
    QVERIFY2(near(live.now().ground_m, sums->ground_m, 3.0),
             qPrintable(QStringLiteral("%1 against %2 m").arg(live.now().ground_m).arg(sums->ground_m)));
    QVERIFY2(near(live.now().charge_ah.value_or(-1.0), sums->charge_ah, 1e-4),
             qPrintable(QStringLiteral("%1 against %2 Ah").arg(*live.now().charge_ah).arg(sums->charge_ah)));
    QVERIFY2(near(live.now().energy_wh.value_or(-1.0), sums->energy_wh, 1e-3),
             qPrintable(QStringLiteral("%1 against %2 Wh").arg(*live.now().energy_wh).arg(sums->energy_wh)));
    QVERIFY2(near(live.now().farthest_m, sums->farthest_m, 3.0), "farthest");
}

} // namespace

class LiveFlightTest : public QObject {
    Q_OBJECT
private slots:
    void endsAsTheDebriefDoes_data();
    void endsAsTheDebriefDoes();
    void demoLogsToo_data();
    void demoLogsToo();
    void arithmeticLog();
    void withoutPlacesItCountsAllTheSame();
    void placesThatAreLostTakeNothingElseAway();
    void launchAndLandingAreSeen();
    void aLaunchIsSeenWithinFourSeconds();
    void aNewFlightBeginsAnew();
    void anotherGenerationBeginsAnew();
    void motionIsThatOfTheWholeFlight();
};

void LiveFlightTest::endsAsTheDebriefDoes_data() {
    QTest::addColumn<bool>("wing");
    QTest::addColumn<int>("step");
    QTest::addColumn<int>("jumps");
    QTest::addColumn<int>("gaps");
    QTest::addColumn<double>("rate");
    QTest::newRow("wing") << true << 5 << 0 << 0 << 5.0;
    QTest::newRow("rotor, odd steps") << false << 37 << 0 << 0 << 5.0;
    QTest::newRow("jumps") << true << 5 << 6 << 0 << 5.0;
    QTest::newRow("gaps") << true << 5 << 0 << 3 << 5.0;
    QTest::newRow("ten rows a second") << true << 10 << 2 << 1 << 10.0;
    QTest::newRow("one row a second") << false << 1 << 0 << 0 << 1.0;
}

void LiveFlightTest::endsAsTheDebriefDoes() {
    QFETCH(bool, wing);
    QFETCH(int, step);
    QFETCH(int, jumps);
    QFETCH(int, gaps);
    QFETCH(double, rate);
    auto scenario = flight(wing, 11);
    scenario.sensors.position_jumps = jumps;
    scenario.sensors.gaps = gaps;
    scenario.sensors.rate_hz = rate;
    const auto log = sim::simulate(scenario).log;
    watch::LiveFlight live;
    const std::size_t looked_at[] = {log.rows() / 3, 2 * log.rows() / 3};
    std::size_t next = 0;
    for (std::size_t rows = 2; rows < log.rows(); rows += std::size_t(step)) {
        live.update(log, 0, rows);
        if (next < 2 && rows >= looked_at[next]) {
            ++next;
            compare(live, first_rows(log, rows));
        }
    }
    live.update(log);
    compare(live, log);
}

void LiveFlightTest::demoLogsToo_data() {
    QTest::addColumn<QString>("file");
    for (const char* file : {"2026-04-18-alcaravan-west-wind.csv", "2026-05-09-tarabilla-quarry-and-back.csv",
                             "2026-05-23-alcaravan-thermals.csv", "2026-04-25-tarabilla-lipo-circles.csv"})
        QTest::newRow(file) << QString::fromLatin1(file);
}

void LiveFlightTest::demoLogsToo() {
    QFETCH(QString, file);
    const auto log = io::read_log(std::string(DEMO_DIR) + "/" + file.toStdString());
    QVERIFY(log);
    watch::LiveFlight live;
    for (std::size_t rows = 2; rows < (*log)->rows(); rows += 11) live.update(**log, 0, rows);
    live.update(**log);
    compare(live, **log);
    QVERIFY(live.now().landed);
}

/// 10 m/s for 600 s at 5 A and 16 V: known without any program.
void LiveFlightTest::withoutPlacesItCountsAllTheSame() {
    // No receiver aboard: two minutes on the ground at 0.4 A, eight in the air at 15 A with a glide, one on the
    // ground.
    telemetry::FlightLog log;
    for (int t = 0; t < 660; ++t) {
        const bool draws = t >= 120 && t < 600 && !(t >= 300 && t < 306);
        log[Channel::time_s].push_back(t);
        log[Channel::voltage_v].push_back(draws ? 15.2 : 16.4);
        log[Channel::current_a].push_back(draws ? 15.0 + 0.5 * std::sin(0.3 * t) : 0.4);
        log.lines.push_back(std::uint32_t(t + 2));
    }
    log.rows_met = 660;
    const auto plan = std::make_shared<const mission::Plan>(tests::planned(tests::sample_request()));
    watch::LiveFlight live;
    live.setUsualDraw(plan->conditions.cruise_power_w.value, 4.7);
    watch::LiveSolver solver(plan);
    watch::Callouts callouts(plan);
    int tenths = 0;
    for (std::size_t rows = 10; rows <= 660; rows += 5) {
        live.update(log, 0, rows);
        const auto answer = solver.answer(live);
        for (const auto& callout : callouts.hear(answer)) tenths += callout.kind == watch::CalloutKind::percent;
        if (rows <= 120) QVERIFY(!live.now().airborne);
        if (rows >= 130 && rows <= 600) QVERIFY2(live.now().airborne, qPrintable(QString::number(rows)));
        if (rows >= 130) QVERIFY(answer.remaining && !answer.margin_wh && !answer.turn);
    }
    QVERIFY(live.now().landed);
    // 2 Ah of the 8.4 that this pack gives.
    QCOMPARE(tenths, 2);
}

void LiveFlightTest::placesThatAreLostTakeNothingElseAway() {
    auto log = tests::made_log();
    const double none = std::nan("");
    for (std::size_t i = 0; i < log.rows(); ++i) {
        log[Channel::current_a][i] = 15.0;
        log[Channel::charge_ah][i] = 15.0 * double(i) / 3600.0;
        log[Channel::voltage_v][i] = 15.2;
        if (i > 200) log[Channel::latitude_deg][i] = log[Channel::longitude_deg][i] = none;
    }
    const auto plan = std::make_shared<const mission::Plan>(tests::planned(tests::sample_request()));
    watch::LiveFlight live;
    watch::LiveSolver solver(plan);
    watch::Callouts callouts(plan);
    int tenths = 0;
    for (std::size_t rows = 10; rows <= 601; rows += 10) {
        live.update(log, 0, rows);
        const auto answer = solver.answer(live);
        for (const auto& callout : callouts.hear(answer)) tenths += callout.kind == watch::CalloutKind::percent;
        QVERIFY2(answer.remaining, qPrintable(QString::number(rows)));
    }
    QVERIFY(!live.now().at && live.now().airborne);
    QCOMPARE(tenths, 2);
}

void LiveFlightTest::arithmeticLog() {
    const auto log = tests::made_log(601);
    watch::LiveFlight live;
    for (std::size_t rows = 2; rows <= log.rows(); ++rows) live.update(log, 0, rows);
    // Chords of 20 m, of which a hairpin on the spot loses up to two.
    QVERIFY(std::abs(live.now().ground_m - 6000.0) < 41.0);
    QVERIFY(std::abs(*live.now().charge_ah - 5.0 * 600.0 / 3600.0) < 1e-6);
    QVERIFY(std::abs(*live.now().energy_wh - 80.0 * 600.0 / 3600.0) < 1e-5);
    QVERIFY(std::abs(live.now().farthest_m - 3000.0) < 3.0);
    QCOMPARE(live.seconds().size(), std::size_t(601));
}

void LiveFlightTest::launchAndLandingAreSeen() {
    const auto log = sim::simulate(flight(true, 3)).log;
    watch::LiveFlight live;
    int airborne = 0;
    int landed = 0;
    bool before = false;
    for (std::size_t rows = 5; rows <= log.rows(); rows += 5) {
        live.update(log, 0, rows);
        if (live.now().airborne && !before) ++airborne;
        if (live.now().landed && before) ++landed;
        before = live.now().airborne;
    }
    QCOMPARE(airborne, 1);
    QCOMPARE(landed, 1);
    QVERIFY(live.now().landed);
    // Looked at late, in leaps of four minutes, it was launched at the same time.
    watch::LiveFlight late;
    for (std::size_t rows = 1200; rows <= log.rows(); rows += 1200) late.update(log, 0, rows);
    QVERIFY(std::abs(*late.now().launch_s - *live.now().launch_s) < 5.0);
}

/// Three seconds of motion are a flight: whoever watches is not left at "on the ground" much longer. A step of four
/// metres is none, nor where the receiver holds its place while it stands.
void LiveFlightTest::aLaunchIsSeenWithinFourSeconds() {
    constexpr std::size_t stands = 30;
    constexpr std::size_t rows_looked_at = 100;
    const auto path = tests::made_log(401); // turns at 200 s
    auto flown = path;
    auto stepped = path;
    for (std::size_t i = 0; i < rows_looked_at; ++i) {
        for (const Channel c : {Channel::latitude_deg, Channel::longitude_deg}) {
            flown[c][i] = path[c][i > stands ? i - stands : 0];
            stepped[c][i] = path[c][0];
        }
        if (i > stands) stepped[Channel::latitude_deg][i] += 4.0 / 111195.0;
        flown[Channel::ground_speed_mps][i] = i > stands ? 10.0 : 0.0;
        stepped[Channel::ground_speed_mps][i] = 0.0;
    }
    const auto airborne_after = [&](const telemetry::FlightLog& log) -> std::optional<std::size_t> {
        watch::LiveFlight live;
        for (std::size_t rows = 2; rows <= rows_looked_at; ++rows) {
            live.update(log, 0, rows);
            if (live.now().airborne) return rows - 1 - stands;
        }
        return std::nullopt;
    };
    const auto after_s = airborne_after(flown);
    QVERIFY(after_s && *after_s >= 2 && *after_s <= 4);
    QVERIFY(!airborne_after(stepped));
    // Watched from the middle of a flight on: half of the span that is looked at is enough.
    watch::LiveFlight begun;
    std::size_t rows = 2;
    for (begun.update(path, 0, rows); !begun.now().airborne && rows < 20;) begun.update(path, 0, ++rows);
    QCOMPARE(rows, std::size_t(2));
    // Two places in three quarters of a minute are no pace of a receiver, over which velocities would be drawn out.
    for (auto& column : stepped.columns) column.resize(std::min<std::size_t>(column.size(), 48));
    stepped.lines.resize(48);
    const auto motion = telemetry::motion(*telemetry::clean(std::make_shared<telemetry::FlightLog>(stepped)));
    QVERIFY(motion);
    for (const auto& moment : motion->moments)
        QVERIFY(moment.empty || !(std::hypot(moment.east_mps, moment.north_mps) > 2.0));
}

void LiveFlightTest::aNewFlightBeginsAnew() {
    auto log = tests::made_log(301);
    const auto second = tests::made_log(241);
    for (std::size_t i = 0; i < second.rows(); ++i) {
        for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
            if (!second.columns[c].empty()) log.columns[c].push_back(second.columns[c][i]);
        }
        log[Channel::time_s].back() += 2000.0; // after a pause that ends a flight
        log.lines.push_back(std::uint32_t(log.lines.size() + 2));
    }
    watch::LiveFlight live;
    for (std::size_t rows = 2; rows <= log.rows(); rows += 3) live.update(log, 0, rows);
    live.update(log);
    QCOMPARE(live.flight(), 1);
    QVERIFY(std::abs(live.now().time_s - 240.0) < 1e-6);
    QVERIFY(std::abs(*live.now().charge_ah - 5.0 * 240.0 / 3600.0) < 1e-4);
    QVERIFY(std::abs(live.now().ground_m - 2400.0) < 41.0);
}

void LiveFlightTest::anotherGenerationBeginsAnew() {
    const auto log = tests::made_log(301);
    watch::LiveFlight live;
    live.update(log, 0);
    const double way_m = live.now().ground_m;
    auto scaled = log;
    for (double& a : scaled[Channel::current_a]) a *= 2.0;
    live.update(scaled, 1);
    QVERIFY(std::abs(*live.now().charge_ah - 10.0 * 300.0 / 3600.0) < 1e-6);
    QVERIFY(std::abs(live.now().ground_m - way_m) < 1e-6);
}

void LiveFlightTest::motionIsThatOfTheWholeFlight() {
    const auto log = sim::simulate(flight(true, 5)).log;
    watch::LiveFlight live;
    for (std::size_t rows = 5; rows < log.rows(); rows += 5) live.update(log, 0, rows);
    live.update(log);
    const auto whole = telemetry::motion(*telemetry::clean(std::make_shared<telemetry::FlightLog>(log)));
    const auto motion = live.motion(1e9);
    QVERIFY(std::abs(double(motion.moments.size()) - double(whole->moments.size())) <= 3.0);
    double apart = 0.0;
    for (std::size_t i = 60; i + 60 < motion.moments.size(); ++i) {
        const auto& a = motion.moments[i];
        const auto nearest =
            std::min_element(whole->moments.begin(), whole->moments.end(), [&](const auto& x, const auto& y) {
                return std::abs(x.time_s - a.time_s) < std::abs(y.time_s - a.time_s);
            });
        QVERIFY(std::abs(nearest->time_s - a.time_s) <= 0.5);
        apart = std::max(apart, std::abs(a.power_w - nearest->power_w));
    }
    // Seconds may be cut at other tenths; the power of gusts changes by no more than that within one.
    QVERIFY2(apart < 25.0, qPrintable(QString::number(apart)));
}

SOBREMESA_TEST(LiveFlightTest)
#include "tst_live_flight.moc"
