#include <QTest>

#include <random>

#include "core/telemetry/consumption.hpp"
#include "core/telemetry/energy_used.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::telemetry;
using tests::made_log;
using units::DiagnosticCode;
using units::Quantity;

namespace {

LogSummary summary_of(FlightLog raw) {
    return *summarise(*clean(tests::shared(std::move(raw))));
}

bool notes(const LogSummary& summary, DiagnosticCode code) {
    return std::any_of(summary.diagnostics.begin(), summary.diagnostics.end(),
                       [&](const auto& n) { return n.code == code; });
}

} // namespace

class ConsumptionTest : public QObject {
    Q_OBJECT
private slots:
    void arithmeticFlightComesOutExact();
    void homeGivenFarAwayDoesNotBendTheWay();
    void rangeFromEfficiency();
    void scatterIsNotWay();
    void unevenStepsDoNotMatter();
    void gapsAreLeftOutAndSaid();
    void counterThatDisagreesIsNamed();
    void counterResetsAreBridged();
    void aJitteringCounterCountsOnce();
    void aLateLogCountsFromZero();
    void missingVoltsAreBridged();
    void aMissingCurrentIsTheCounters();
    void powerIsEnough();
    void voltsOfPowerBeginAtTheFirstRow();
    void aCellsVoltsAreEnough();
    void countedEnergyIsEnough();
    void peaksAreFound();
    void counterAloneIsEnoughForCharge();
    void withoutCurrentWayIsStillKnown();
    void withoutPositionChargeIsStillKnown();
    void wrongSpeedUnitIsNoticed();
    void aGapAtTheBeginningDrawsNothing();
    void leftByCountedCharge();
    void zeroVoltsAreNoLowPack();
    void everyNumberExplainsItself();
};

void ConsumptionTest::arithmeticFlightComesOutExact() {
    const LogSummary s = summary_of(made_log());
    // 600 s at 10 m/s out and back; 5 A · 600 s; 80 W · 600 s. Tolerances: rounding, and for the way the
    // two chords that a hairpin on the spot may lose.
    VERIFY_NEAR(s.duration_s, 600.0, 1e-9);
    VERIFY_NEAR(s.distance.ground_m->value, 6000.0, 40.5);
    VERIFY_NEAR(s.distance.farthest_from_home_m->value, 3000.0, 0.01);
    VERIFY_NEAR(s.energy.charge_ah->value, 5.0 / 6.0, 1e-9);
    VERIFY_NEAR(*s.energy.counter_ah, 5.0 / 6.0, 1e-9);
    VERIFY_NEAR(s.energy.energy_wh->value, 80.0 / 6.0, 1e-9);
    VERIFY_NEAR(*s.energy.mean_power_w, 80.0, 1e-9);
    VERIFY_NEAR(*s.energy.lowest_voltage_v, 16.0, 1e-12);
    VERIFY_NEAR(s.energy_wh_per_m->value, 80.0 / 6.0 / 6000.0, 2e-5);
    QVERIFY(s.energy_wh_per_m->sd > 0.0);
    QVERIFY(!notes(s, DiagnosticCode::counter_disagrees));
    QVERIFY(!notes(s, DiagnosticCode::distances_disagree));
}

void ConsumptionTest::homeGivenFarAwayDoesNotBendTheWay() {
    CleaningRules rules;
    rules.home = geodesy::Position{-33.1, 18.2};
    const LogSummary s = *summarise(*clean(tests::shared(made_log()), rules));
    VERIFY_NEAR(s.distance.ground_m->value, 6000.0, 40.5);
    QVERIFY(s.distance.farthest_from_home_m->value > 5e6);
    QVERIFY(notes(s, DiagnosticCode::home_far_from_track));
}

void ConsumptionTest::rangeFromEfficiency() {
    // Common practice: 1500 mAh at 250 mAh/km → 6 km. Read the other way round from a log of just that.
    FlightLog raw = made_log();
    for (double& a : raw[Channel::current_a]) a = 9.0; // 1.5 Ah in 600 s, over 6 km
    const LogSummary s = summary_of(raw);
    VERIFY_NEAR(s.charge_ah_per_m->value * 1e6, 250.0, 1.7);
    VERIFY_NEAR(1.5 / s.charge_ah_per_m->value, 6000.0, 40.5);
}

void ConsumptionTest::scatterIsNotWay() {
    FlightLog raw = made_log();
    std::mt19937_64 draws(7);
    std::normal_distribution<double> scatter(0.0, 1.5);
    for (std::size_t i = 0; i < raw.rows(); ++i) raw[Channel::latitude_deg][i] += scatter(draws) / 111000.0;
    // σ²/L² of way at worst, and the fixes' own error at the ends: 1 %.
    VERIFY_NEAR(summary_of(raw).distance.ground_m->value, 6000.0, 60.0);
    FlightLog hover = made_log();
    for (std::size_t i = 0; i < hover.rows(); ++i) {
        hover[Channel::latitude_deg][i] = 39.4 + scatter(draws) / 111000.0;
        hover[Channel::longitude_deg][i] = -31.4 + scatter(draws) / 86000.0;
    }
    const LogSummary s = summary_of(hover);
    QVERIFY(s.distance.ground_m->value < 50.0);
    QVERIFY(!s.energy_wh_per_m.has_value());
}

void ConsumptionTest::unevenStepsDoNotMatter() {
    FlightLog raw = made_log();
    for (std::size_t i = 1; i + 1 < raw.rows(); i += 2) raw[Channel::time_s][i] += 0.4;
    VERIFY_NEAR(summary_of(raw).energy.charge_ah->value, 5.0 / 6.0, 1e-9);
}

void ConsumptionTest::gapsAreLeftOutAndSaid() {
    FlightLog raw = made_log();
    for (std::size_t i = 300; i < raw.rows(); ++i) raw[Channel::time_s][i] += 60.0;
    const LogSummary s = summary_of(raw);
    VERIFY_NEAR(s.energy.charge_ah->value, 5.0 * 599.0 / 3600.0, 1e-9);
    VERIFY_NEAR(s.energy.gap_time_s, 61.0, 1e-9);
    VERIFY_NEAR(*s.energy.mean_current_a, 5.0, 1e-9);
    QVERIFY(notes(s, DiagnosticCode::integrals_skip_gaps));
}

void ConsumptionTest::counterThatDisagreesIsNamed() {
    FlightLog raw = made_log();
    for (double& ah : raw[Channel::charge_ah]) ah *= 1.2;
    QVERIFY(notes(summary_of(raw), DiagnosticCode::counter_disagrees));
}

void ConsumptionTest::counterResetsAreBridged() {
    FlightLog raw = made_log();
    const double before = raw[Channel::charge_ah][300];
    for (std::size_t i = 301; i < raw.rows(); ++i) raw[Channel::charge_ah][i] -= before;
    VERIFY_NEAR(*summary_of(raw).energy.counter_ah, 5.0 / 6.0, 0.002);
}

void ConsumptionTest::aJitteringCounterCountsOnce() {
    FlightLog raw = made_log();
    raw[Channel::current_a].clear();
    for (std::size_t i = 100; i < 400; i += 3) raw[Channel::charge_ah][i] -= 0.002;
    VERIFY_NEAR(*summary_of(raw).energy.counter_ah, 5.0 / 6.0, 1e-9);
    VERIFY_NEAR(summary_of(raw).energy.energy_wh->value, 16.0 * 5.0 / 6.0, 1e-6);
    // 1000, 999, 1001 mAh: no reset, two milliampere-hours.
    FlightLog three = made_log(3);
    three[Channel::current_a].clear();
    three[Channel::charge_ah] = {1.000, 0.999, 1.001};
    VERIFY_NEAR(*summary_of(three).energy.counter_ah, 1.001, 1e-9);
}

void ConsumptionTest::aLateLogCountsFromZero() {
    FlightLog raw = made_log();
    for (double& ah : raw[Channel::charge_ah]) ah += 0.459;
    const LogSummary s = summary_of(raw);
    VERIFY_NEAR(s.energy.charge_ah->value, 5.0 / 6.0 + 0.459, 1e-9);
    VERIFY_NEAR(*s.energy.counter_ah, 5.0 / 6.0 + 0.459, 1e-9);
    VERIFY_NEAR(s.energy.energy_wh->value, 16.0 * (5.0 / 6.0 + 0.459), 1e-6);
    QVERIFY(notes(s, DiagnosticCode::start_missing));
    QVERIFY(!notes(s, DiagnosticCode::counter_disagrees));
    // Per distance and on average only what the way and the time are known of.
    VERIFY_NEAR(s.charge_ah_per_m->value * s.distance.ground_m->value, 5.0 / 6.0, 1e-3);
    VERIFY_NEAR(*s.energy.mean_current_a, 5.0, 1e-9);
}

void ConsumptionTest::missingVoltsAreBridged() {
    FlightLog raw = made_log();
    auto& volts = raw[Channel::voltage_v];
    for (std::size_t i = 0; i < volts.size(); ++i) volts[i] = 16.8 - 0.002 * double(i);
    const double whole_wh = summary_of(raw).energy.energy_wh->value;
    for (std::size_t i = 200; i < 350; ++i) volts[i] = std::nan("");
    const LogSummary s = summary_of(raw);
    VERIFY_NEAR(s.energy.energy_wh->value, whole_wh, 1e-6);
    QVERIFY(notes(s, DiagnosticCode::volts_bridged));
    QVERIFY(s.energy.energy_wh->sd > 0.0514 * whole_wh); // 5 % and 1 %, and 3 % of a quarter
}

void ConsumptionTest::aMissingCurrentIsTheCounters() {
    FlightLog raw = made_log();
    for (std::size_t i = 200; i < 350; ++i) raw[Channel::current_a][i] = std::nan("");
    // What the counter says was drawn meanwhile is not what its neighbours drew.
    for (std::size_t i = 200; i < raw.rows(); ++i) {
        const double more_ah = 3.0 * std::min(150.0, double(i) - 200.0) / 3600.0;
        raw[Channel::charge_ah][i] += more_ah;
    }
    const LogSummary s = summary_of(raw);
    VERIFY_NEAR(s.energy.charge_ah->value, 5.0 / 6.0 + 3.0 * 150.0 / 3600.0, 0.005);
    QVERIFY(notes(s, DiagnosticCode::current_bridged_by_counter));
    raw[Channel::charge_ah].clear();
    const LogSummary blind = summary_of(raw);
    VERIFY_NEAR(blind.energy.charge_ah->value, 5.0 / 6.0, 1e-6);
    QVERIFY(notes(blind, DiagnosticCode::current_bridged));
    QVERIFY(blind.energy.charge_ah->sd > s.energy.charge_ah->sd);
}

void ConsumptionTest::powerIsEnough() {
    FlightLog raw = made_log();
    raw[Channel::power_w].assign(raw.rows(), 80.0);
    raw[Channel::current_a].clear();
    raw[Channel::charge_ah].clear();
    const LogSummary s = summary_of(raw);
    VERIFY_NEAR(s.energy.energy_wh->value, 80.0 / 6.0, 1e-9);
    VERIFY_NEAR(s.energy.charge_ah->value, 5.0 / 6.0, 1e-9);
    QVERIFY(notes(s, DiagnosticCode::charge_from_power));
    raw[Channel::voltage_v].clear();
    VERIFY_NEAR(summary_of(raw).energy.energy_wh->value, 80.0 / 6.0, 1e-9);
    QVERIFY(!charge_used_ah(summary_of(raw)).has_value());
}

void ConsumptionTest::voltsOfPowerBeginAtTheFirstRow() {
    // Watts alone in the first row: what was drawn there is their mean with the next.
    auto log = made_log();
    for (double v : log[Channel::voltage_v]) log[Channel::power_w].push_back(5.0 * v);
    log[Channel::power_w].front() = 5.0 * 15.2;
    log[Channel::voltage_v].clear();
    const LogSummary s = summary_of(log);
    VERIFY_NEAR(s.energy.energy_wh->value, (80.0 * 600.0 - 0.5 * 0.8 * 5.0) / 3600.0, 1e-9);
}

/// A wattmeter's log: volts, and what it counted in watt-hours.
void ConsumptionTest::aCellsVoltsAreEnough() {
    FlightLog raw = made_log();
    raw[Channel::cell_voltage_v].assign(raw.rows(), 4.0);
    raw[Channel::voltage_v].clear();
    const LogSummary alone = summary_of(raw);
    QVERIFY(!alone.energy.energy_wh);
    QVERIFY(notes(alone, DiagnosticCode::cells_not_counted) && !notes(alone, DiagnosticCode::no_voltage));
    CleaningRules rules;
    rules.series = 4;
    const LogSummary given = *summarise(*clean(tests::shared(raw), rules));
    VERIFY_NEAR(given.energy.energy_wh->value, 80.0 / 6.0, 1e-9);
    VERIFY_NEAR(*given.energy.lowest_voltage_v, 16.0, 1e-12);
    QVERIFY(notes(given, DiagnosticCode::volts_of_cells));
    QVERIFY(given.energy.energy_wh->sd > summary_of(made_log()).energy.energy_wh->sd);
    // The log's own count comes first, and its own volts before any count.
    raw.series = 3;
    VERIFY_NEAR(summarise(*clean(tests::shared(raw), rules))->energy.energy_wh->value, 60.0 / 6.0, 1e-9);
    raw[Channel::voltage_v].assign(raw.rows(), 16.5);
    VERIFY_NEAR(summarise(*clean(tests::shared(raw), rules))->energy.energy_wh->value, 82.5 / 6.0, 1e-9);
}

void ConsumptionTest::countedEnergyIsEnough() {
    FlightLog raw = made_log();
    auto& volts = raw[Channel::voltage_v];
    auto& counted_wh = raw[Channel::energy_wh];
    counted_wh.resize(raw.rows());
    // 5 A from 16.8 V down to 14.4 V for 600 s: 0.8333 Ah; volts over time are a trapezoid of mean 15.6 V.
    double sum_wh = 0.0;
    for (std::size_t i = 0; i < raw.rows(); ++i) {
        volts[i] = 16.8 - 2.4 * double(i) / double(raw.rows() - 1);
        if (i > 0) sum_wh += 5.0 * 0.5 * (volts[i] + volts[i - 1]) / 3600.0;
        counted_wh[i] = sum_wh;
    }
    raw[Channel::current_a].clear();
    raw[Channel::charge_ah].clear();
    const LogSummary s = summary_of(raw);
    VERIFY_NEAR(s.energy.energy_wh->value, 15.6 * 5.0 / 6.0, 1e-6);
    VERIFY_NEAR(charge_used_ah(s)->value, 5.0 / 6.0, 1e-3);
    VERIFY_NEAR(s.energy.charge_ah->sd, 0.05 * 5.0 / 6.0, 1e-3);
    VERIFY_NEAR(*s.energy.mean_current_a, 5.0, 0.01);
    QVERIFY(notes(s, DiagnosticCode::charge_from_energy));
    QVERIFY(!s.energy.counter_ah && !notes(s, DiagnosticCode::no_current));

    // The record was switched on late, and the meter was reset on the way.
    FlightLog late = raw;
    for (std::size_t i = 0; i < late.rows(); ++i) late[Channel::energy_wh][i] += i < 300 ? 2.0 : -counted_wh[299];
    const LogSummary of_late = summary_of(late);
    VERIFY_NEAR(*of_late.energy.before_log_ah, 2.0 / 16.8, 1e-6);
    VERIFY_NEAR(of_late.energy.energy_wh->value, 15.6 * 5.0 / 6.0 + 2.0, 0.03);

    // Without volts the energy is still known; a counted charge goes before counted energy.
    FlightLog blind = raw;
    blind[Channel::voltage_v].clear();
    VERIFY_NEAR(summary_of(blind).energy.energy_wh->value, 15.6 * 5.0 / 6.0, 1e-6);
    QVERIFY(notes(summary_of(blind), DiagnosticCode::charge_unknown));
    QVERIFY(!charge_used_ah(summary_of(blind)).has_value());
    FlightLog both = raw;
    both[Channel::charge_ah] = made_log()[Channel::charge_ah];
    QVERIFY(notes(summary_of(both), DiagnosticCode::counter_only));
    QCOMPARE(running_energy(*clean(tests::shared(raw))).charge_ah.back(), summary_of(raw).energy.charge_ah->value);
}

void ConsumptionTest::peaksAreFound() {
    FlightLog raw = made_log();
    for (std::size_t i = 100; i < 104; ++i) raw[Channel::current_a][i] = 30.0;
    raw[Channel::ground_speed_mps][200] = 21.0;
    const LogSummary s = summary_of(raw);
    VERIFY_NEAR(s.energy.highest_current->value, 30.0, 1e-12);
    VERIFY_NEAR(s.energy.highest_current->at_s, 100.0, 1e-12);
    VERIFY_NEAR(s.energy.highest_current->for_s, 3.0, 1e-12);
    VERIFY_NEAR(s.distance.highest_ground_speed->at_s, 200.0, 1e-12);
    QVERIFY(!s.distance.highest_airspeed.has_value());
}

void ConsumptionTest::counterAloneIsEnoughForCharge() {
    FlightLog raw = made_log();
    raw[Channel::current_a].clear();
    const LogSummary s = summary_of(raw);
    QVERIFY(!s.energy.charge_ah.has_value());
    VERIFY_NEAR(charge_used_ah(s)->value, 5.0 / 6.0, 1e-9);
    QVERIFY(s.charge_ah_per_m.has_value());
    // Energy is the counter's charge at the volts of the time: 16 V throughout.
    VERIFY_NEAR(s.energy.energy_wh->value, 16.0 * 5.0 / 6.0, 1e-9);
    QVERIFY(notes(s, DiagnosticCode::counter_only));
}

void ConsumptionTest::withoutCurrentWayIsStillKnown() {
    FlightLog raw = made_log();
    raw[Channel::current_a].clear();
    raw[Channel::charge_ah].clear();
    const LogSummary s = summary_of(raw);
    QVERIFY(s.distance.ground_m.has_value());
    QVERIFY(!charge_used_ah(s).has_value());
    QVERIFY(notes(s, DiagnosticCode::no_current));
}

void ConsumptionTest::withoutPositionChargeIsStillKnown() {
    FlightLog raw = made_log();
    raw[Channel::latitude_deg].clear();
    // The way is ground speed over time: 10 m/s for 600 s.
    VERIFY_NEAR(summary_of(raw).distance.ground_m->value, 6000.0, 1e-6);
    QVERIFY(!summary_of(raw).distance.farthest_from_home_m.has_value());
    QVERIFY(notes(summary_of(raw), DiagnosticCode::distance_from_speed));
    raw[Channel::ground_speed_mps].clear();
    const LogSummary s = summary_of(raw);
    QVERIFY(!s.distance.ground_m.has_value());
    QVERIFY(s.energy.charge_ah.has_value());
    QVERIFY(notes(s, DiagnosticCode::no_position));
}

void ConsumptionTest::wrongSpeedUnitIsNoticed() {
    FlightLog raw = made_log();
    for (double& v : raw[Channel::ground_speed_mps]) v *= 3.6;
    QVERIFY(notes(summary_of(raw), DiagnosticCode::distances_disagree));
    // A speed of 8 % too much is noticed over two kilometres; over 600 m it is no more than a turn cut short.
    const auto noticed = [](int rows) {
        FlightLog log = made_log(rows);
        for (double& v : log[Channel::ground_speed_mps]) v *= 1.08;
        return notes(summary_of(log), DiagnosticCode::distances_disagree);
    };
    QVERIFY(noticed(201));
    QVERIFY(!noticed(61));
}

void ConsumptionTest::aGapAtTheBeginningDrawsNothing() {
    FlightLog raw = made_log();
    for (std::size_t i = 1; i < raw.rows(); ++i) raw[Channel::time_s][i] += 60.0;
    const LogSummary s = summary_of(raw);
    QVERIFY(s.pack.points.size() > 2);
    VERIFY_NEAR(s.pack.points.front().seconds, 61.0, 1e-9);
    VERIFY_NEAR(s.pack.points.front().charge_ah, 0.0, 1e-12); // nothing beside it says what was drawn
    VERIFY_NEAR(s.pack.points[1].current_a, 5.0, 1e-9);
}

void ConsumptionTest::leftByCountedCharge() {
    const LogSummary s = summary_of(made_log());
    const auto left = left_by_charge(s, 2.0);
    QVERIFY(left.has_value());
    VERIFY_NEAR(left->charge_ah.value, 2.0 - 5.0 / 6.0, 1e-9);
    VERIFY_NEAR(left->share.value, 1.0 - 5.0 / 12.0, 1e-9);
    QVERIFY(left_by_charge(s, 0.5)->charge_ah.value < 0.0);
    QVERIFY(!left_by_charge(s, 0.0).has_value());
}

void ConsumptionTest::zeroVoltsAreNoLowPack() {
    FlightLog raw = made_log();
    raw[Channel::voltage_v][0] = 0.0;
    raw[Channel::voltage_v][50] = 15.2;
    const LogSummary s = summary_of(raw);
    VERIFY_NEAR(*s.energy.lowest_voltage_v, 15.2, 1e-12);
    VERIFY_NEAR(*s.energy.lowest_voltage_at_s, 50.0, 1e-12);
}

void ConsumptionTest::everyNumberExplainsItself() {
    const LogSummary s = summary_of(made_log());
    for (const Quantity q :
         {Quantity::ground_distance, Quantity::farthest_from_home, Quantity::duration, Quantity::integrated_charge,
          Quantity::used_energy, Quantity::mean_power, Quantity::mean_current, Quantity::lowest_voltage,
          Quantity::energy_per_distance, Quantity::charge_per_distance}) {
        const auto explanation = explain(s, q);
        QVERIFY(explanation.has_value());
        QVERIFY(std::isfinite(explanation->value.value));
    }
    QCOMPARE(explain(*left_by_charge(s, 2.0), s, Quantity::left_share).inputs.size(), std::size_t(2));
}

SOBREMESA_TEST(ConsumptionTest)
#include "tst_consumption.moc"
