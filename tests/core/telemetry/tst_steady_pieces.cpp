// Level flight as pieces of one power, and the trace of a pack: cut where they should be, nothing lost.

#include <QTest>

#include "core/telemetry/consumption.hpp"
#include "core/telemetry/level_points.hpp"
#include "sim/simulated_flight.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

namespace {

struct Read {
    telemetry::LogSummary summary;
    telemetry::Findings found;
};

Read read(telemetry::FlightLog log) {
    const auto clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(std::move(log)));
    Read read{*telemetry::summarise(*clean), *telemetry::find_out(*clean)};
    telemetry::complete(read.summary, read.found);
    return read;
}

sim::Scenario two_speeds() {
    sim::Scenario s;
    s.pack.parallel = 2;
    s.weather.wind_mps = 3.0;
    s.weather.wind_from_deg = 200.0;
    s.aircraft.airspeed_mps = 14.0;
    s.mission.home_airspeed_mps = 18.0;
    s.sensors.rate_hz = 1.0;
    return s;
}

} // namespace

class SteadyPiecesTest : public QObject {
    Q_OBJECT
private slots:
    void twoSpeedsArePiecesOfTheirOwn();
    void circlesAreSeenFromAllSides();
    void withoutPowerThereAreNone();
    void aTraceHoldsAllThatWasDrawn();
    void aTraceOfALateLogBeginsWhereItsCounterDoes();
    void aGapIsAPartWithoutVolts();
    void withoutVoltsThereIsNoTrace();
};

void SteadyPiecesTest::twoSpeedsArePiecesOfTheirOwn() {
    const auto made = read(sim::simulate(two_speeds()).log);
    double slow_w = 1e9;
    double fast_w = 0.0;
    double seconds = 0.0;
    int turns = 0;
    for (const auto& piece : made.summary.pieces) {
        QVERIFY(!piece.velocities.empty());
        if (piece.power_w.value == 0.0) {
            ++turns;
            continue;
        }
        slow_w = std::min(slow_w, piece.power_w.value);
        fast_w = std::max(fast_w, piece.power_w.value);
        seconds += piece.seconds;
        QVERIFY(piece.power_w.sd >= 0.0099 * piece.power_w.value);
        for (const auto& v : piece.velocities) QVERIFY(v.straightness > 0.97 && v.straightness <= 1.0);
    }
    QVERIFY(turns >= 1);
    QVERIFY2(fast_w > 1.3 * slow_w, qPrintable(QString::number(fast_w / slow_w)));
    QVERIFY(seconds > 300.0);
}

void SteadyPiecesTest::circlesAreSeenFromAllSides() {
    sim::Scenario s = two_speeds();
    s.mission.home_airspeed_mps = 0.0;
    s.mission.kind = sim::SimulatedMission::Kind::loiter;
    s.mission.loiter_s = 400.0;
    const auto made = read(sim::simulate(s).log);
    std::size_t most = 0;
    for (const auto& piece : made.summary.pieces) most = std::max(most, piece.velocities.size());
    // Eighteen directions, the first and the second half apart.
    QVERIFY2(most >= 30 && most <= 38, qPrintable(QString::number(most)));
    // They lie on a circle around the wind, 3 m/s towards 20°: of all centres, tried one by one, the one at which
    // their distances differ least.
    for (const auto& piece : made.summary.pieces) {
        if (piece.velocities.size() != most) continue;
        double least = 1e9;
        double at_east = 0.0;
        double at_north = 0.0;
        for (double east = -6.0; east <= 6.0; east += 0.1) {
            for (double north = -6.0; north <= 6.0; north += 0.1) {
                double sum = 0.0;
                double squares = 0.0;
                for (const auto& v : piece.velocities) {
                    const double speed = std::hypot(v.east_mps - east, v.north_mps - north);
                    sum += speed;
                    squares += speed * speed;
                }
                const double n = double(most);
                const double variance = squares / n - sum * sum / n / n;
                if (variance >= least) continue;
                least = variance;
                at_east = east;
                at_north = north;
            }
        }
        VERIFY_NEAR(std::hypot(at_east - 3.0 * std::sin(0.349), at_north - 3.0 * std::cos(0.349)), 0.0, 0.5);
    }
}

void SteadyPiecesTest::withoutPowerThereAreNone() {
    auto log = sim::simulate(two_speeds()).log;
    log[telemetry::Channel::current_a].clear();
    log[telemetry::Channel::charge_ah].clear();
    QVERIFY(read(std::move(log)).summary.pieces.empty());
}

void SteadyPiecesTest::aTraceHoldsAllThatWasDrawn() {
    const auto made = read(sim::simulate(two_speeds()).log);
    const auto& points = made.summary.pack.points;
    QVERIFY(points.size() >= 25 && points.size() <= 120);
    double seconds = 0.0;
    double charge = 0.0;
    double energy = 0.0;
    for (const auto& p : points) {
        seconds += p.seconds;
        charge += p.current_a * p.seconds / 3600.0;
        energy += p.current_a * p.voltage_v * p.seconds / 3600.0;
    }
    VERIFY_NEAR(seconds, made.summary.duration_s, 1e-6);
    VERIFY_NEAR(charge, made.summary.energy.charge_ah->value, 1e-9);
    VERIFY_NEAR(points.back().charge_ah, charge, 1e-9);
    // Means over parts lose what volts and amps do together within them: next to nothing.
    VERIFY_NEAR(energy, made.summary.energy.energy_wh->value, 0.003 * energy);
    QVERIFY(made.summary.pack.sag_ohm.has_value());
}

void SteadyPiecesTest::aTraceOfALateLogBeginsWhereItsCounterDoes() {
    auto log = sim::simulate(two_speeds()).log;
    const std::size_t late = 120;
    for (auto& column : log.columns)
        if (!column.empty()) column.erase(column.begin(), column.begin() + late);
    log.lines.erase(log.lines.begin(), log.lines.begin() + late);
    const double before_ah = log[telemetry::Channel::charge_ah].front();
    QVERIFY(before_ah > 0.05);
    const auto made = read(std::move(log));
    const auto& first = made.summary.pack.points.front();
    VERIFY_NEAR(first.charge_ah - first.current_a * first.seconds / 3600.0, before_ah, 1e-9);
}

void SteadyPiecesTest::aGapIsAPartWithoutVolts() {
    sim::Scenario s = two_speeds();
    s.sensors.gaps = 1;
    s.sensors.gap_s = 40.0;
    const auto made = read(sim::simulate(s).log);
    int gaps = 0;
    for (const auto& p : made.summary.pack.points) {
        if (std::isfinite(p.voltage_v)) continue;
        ++gaps;
        VERIFY_NEAR(p.seconds, 41.0, 2.0);
        // Drawn as next to it: a pack does not rest because the record does.
        QVERIFY(p.current_a > 1.0);
    }
    QCOMPARE(gaps, 1);
}

void SteadyPiecesTest::withoutVoltsThereIsNoTrace() {
    auto log = sim::simulate(two_speeds()).log;
    log[telemetry::Channel::voltage_v].clear();
    QVERIFY(read(std::move(log)).summary.pack.points.empty());
}

SOBREMESA_TEST(SteadyPiecesTest)
#include "tst_steady_pieces.moc"
