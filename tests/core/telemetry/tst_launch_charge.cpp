// A pack that was not full at launch: cells of a brute-force walk, whose resting curve, resistance and load are
// their own.

#include <algorithm>
#include <cmath>
#include <limits>

#include <QTest>

#include "core/battery/remaining.hpp"
#include "core/telemetry/launch_charge.hpp"
#include "core/units/estimate.hpp"
#include "support/compare.hpp"
#include "support/drawn_packs.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::launch_charge;

namespace {

/// Resting volts of a cell by straight lines between figures rounded to 0.05 V: not the program's curve.
double resting_v(battery::Chemistry chemistry, double share) {
    static const double li_ion[] = {2.50, 3.20, 3.35, 3.50, 3.60, 3.65, 3.75, 3.85, 3.95, 4.05, 4.20};
    static const double lipo[] = {3.00, 3.70, 3.75, 3.75, 3.80, 3.85, 3.90, 3.95, 4.00, 4.10, 4.20};
    const double* table = chemistry == battery::Chemistry::li_ion ? li_ion : lipo;
    const int k = std::clamp(int(share * 10.0), 0, 9);
    return std::lerp(table[k], table[k + 1], 10.0 * share - k);
}

struct Flown {
    battery::Pack pack;
    double start_share = 1.0;
    double current_a = 4.0;
    double true_cell_ohm = 0.03;
    double volts_read = 1.0; ///< what the sensor makes of one volt
};

/// Thirty seconds of 1.6 times the current, then steady for twenty minutes, in parts of forty seconds.
telemetry::PackTrace walk(const Flown& f) {
    telemetry::PackTrace trace;
    double used_ah = 0.0;
    const double full_ah = f.pack.cell_capacity_ah * f.pack.parallel;
    for (double at_s = 0.0; at_s < 1200.0;) {
        const double dt_s = at_s < 30.0 ? 30.0 : 40.0;
        const double current_a = at_s < 30.0 ? 1.6 * f.current_a : f.current_a;
        const double middle = f.start_share - (used_ah + 0.5 * current_a * dt_s / 3600.0) / full_ah;
        used_ah += current_a * dt_s / 3600.0;
        const double cell_v = resting_v(f.pack.chemistry, middle) - current_a / f.pack.parallel * f.true_cell_ohm;
        trace.points.push_back({dt_s, used_ah, current_a, f.volts_read * cell_v * f.pack.series});
        at_s += dt_s;
    }
    return trace;
}

Flown li_ion() {
    Flown f;
    f.pack.chemistry = battery::Chemistry::li_ion;
    f.pack.series = 4;
    f.pack.parallel = 2;
    f.pack.cell_capacity_ah = 3.2;
    f.pack.cell_resistance_ohm = 0.03;
    f.pack.mass_kg = 0.42;
    return f;
}

Flown lipo() {
    Flown f;
    f.pack.chemistry = battery::Chemistry::lipo;
    f.pack.series = 6;
    f.pack.parallel = 1;
    f.pack.cell_capacity_ah = 4.0;
    f.pack.cell_resistance_ohm = 0.004;
    f.pack.mass_kg = 0.62;
    f.current_a = 9.0;
    f.true_cell_ohm = 0.004;
    return f;
}

std::optional<telemetry::LaunchCharge> found(const Flown& f) {
    return launch_charge(walk(f), battery::PackModel(f.pack), 18.0);
}

} // namespace

class LaunchChargeTest : public QObject {
    Q_OBJECT
private slots:
    void aPackThatWasNotFullIsSeen();
    void aFullOneIsNotDoubted();
    void amongForeignCellsToo();
    void whatIsSaidOfTheStartIsTaken();
    void withoutVoltsNothingIsSaid();
    void whatRemainsCountsFromThere();
};

void LaunchChargeTest::aPackThatWasNotFullIsSeen() {
    for (const Flown& full : {li_ion(), lipo()}) {
        for (const double share : {0.75, 0.6, 0.45, 0.3}) {
            Flown f = full;
            f.start_share = share;
            const auto launch = found(f);
            QVERIFY(launch);
            QVERIFY2(launch->is_short, qPrintable(QString::number(share)));
            QVERIFY2(std::abs(launch->share.value - share) < 2.0 * launch->share.sd,
                     qPrintable(
                         QStringLiteral("%1: %2 ± %3").arg(share).arg(launch->share.value).arg(launch->share.sd)));
            QVERIFY(launch->share.sd < 0.30);
            VERIFY_NEAR(launch->resting_cell_v, resting_v(f.pack.chemistry, share), 0.08);
            const auto diagnostic = telemetry::launch_diagnostic(*launch);
            QVERIFY(diagnostic && diagnostic->severity == units::Severity::warning);
        }
    }
}

void LaunchChargeTest::aFullOneIsNotDoubted() {
    for (const Flown& full : {li_ion(), lipo()}) {
        for (const double start : {1.0, 0.97}) {
            for (const double read : {0.985, 1.0, 1.015}) {
                // New, and worn to twice the resistance.
                for (const double worn : {0.8, 1.0, 2.0}) {
                    Flown f = full;
                    f.start_share = start;
                    f.volts_read = read;
                    f.true_cell_ohm *= worn;
                    const auto launch = found(f);
                    QVERIFY(launch);
                    QVERIFY2(!launch->is_short || (read < 1.0 && worn > 1.0 && start < 1.0),
                             qPrintable(QStringLiteral("%1 %2 %3").arg(start).arg(read).arg(worn)));
                }
            }
        }
    }
}

void LaunchChargeTest::amongForeignCellsToo() {
    // Cells of the simulator and of two published models, worn and cold, with sensors that are off: full ones are
    // not doubted, those that had flown 40 % of their charge before are.
    int flights = 0;
    int seen = 0;
    int inside = 0;
    for (unsigned i = 0; i < 40; ++i) {
        std::mt19937_64 random(900 + i);
        const auto drawn = i % 4 == 3 ? tests::drawn_high_capacity_pack(random) : tests::drawn_pack(random);
        const battery::PackModel model(drawn.label);
        auto flight = tests::drawn_flight(random, drawn, 0.0, 0.2, false).flight;
        const auto full = launch_charge(flight.trace, model, flight.air_temperature_c);
        QVERIFY(full && !full->is_short);
        const double before_ah =
            0.4 * drawn.label.cell_capacity_ah * drawn.label.parallel * drawn.capacity_share * drawn.current_gain;
        auto& points = flight.trace.points;
        const auto first = std::find_if(points.begin(), points.end(),
                                        [&](const auto& point) { return point.charge_ah > before_ah; });
        points.erase(points.begin(), first);
        if (points.size() < 4) continue;
        for (auto& point : points) point.charge_ah -= before_ah;
        const auto launch = launch_charge(flight.trace, model, flight.air_temperature_c);
        QVERIFY(launch);
        ++flights;
        seen += launch->is_short ? 1 : 0;
        inside += std::abs(launch->share.value - 0.6) < 2.0 * launch->share.sd ? 1 : 0;
    }
    QVERIFY2(flights >= 35 && seen >= flights - 2, qPrintable(QString::number(seen)));
    QVERIFY2(inside >= flights - 4, qPrintable(QString::number(inside)));
}

void LaunchChargeTest::whatIsSaidOfTheStartIsTaken() {
    Flown f = li_ion();
    f.start_share = 0.5;
    f.pack.start_cell_v = 3.66;
    const auto launch = found(f);
    QVERIFY(launch && !launch->is_short);
    VERIFY_NEAR(launch->assumed_share, 0.5, 0.02);
    // Drawn before the log began is known already.
    Flown late = li_ion();
    late.start_share = 0.6;
    auto trace = walk(late);
    for (auto& point : trace.points) point.charge_ah += 0.4 * 6.4;
    QVERIFY(!launch_charge(trace, battery::PackModel(late.pack), 18.0)->is_short);
}

void LaunchChargeTest::withoutVoltsNothingIsSaid() {
    QVERIFY(!launch_charge({}, battery::PackModel(li_ion().pack), 18.0));
    auto trace = walk(li_ion());
    for (auto& point : trace.points) point.voltage_v = std::numeric_limits<double>::quiet_NaN();
    QVERIFY(!launch_charge(trace, battery::PackModel(li_ion().pack), 18.0));
    trace.points.resize(1);
    trace.points[0] = {20.0, 0.02, 4.0, 16.0};
    QVERIFY(!launch_charge(trace, battery::PackModel(li_ion().pack), 18.0));
}

void LaunchChargeTest::whatRemainsCountsFromThere() {
    // 6.4 Ah of which 60 % were in it; 1.6 Ah flown: 35 % remain, whatever the counter thinks.
    battery::LandedEvidence e;
    e.counted_ah = 1.6;
    e.counted_relative_sd = 0.02;
    e.launch_share = units::Estimate{0.6, 0.05};
    auto left = battery::remaining(battery::PackModel(li_ion().pack), e);
    VERIFY_NEAR(left.share->value, 0.35, 1e-9);
    VERIFY_NEAR(left.share->sd, std::hypot(0.05, 0.02 * 0.25, 0.03 * 0.65), 1e-9);
    // The charger puts back what was missing as well: no fault of the current sensor.
    e.recharged_ah = 0.65 * 6.4;
    left = battery::remaining(battery::PackModel(li_ion().pack), e);
    QVERIFY(!left.disagreement);
    VERIFY_NEAR(left.share->value, 0.35, 0.005);
    // The same by the resting volts that the pilot entered.
    auto begun = li_ion().pack;
    begun.start_cell_v = battery::open_circuit_cell_v(battery::Chemistry::li_ion, 0.6);
    e.launch_share.reset();
    left = battery::remaining(battery::PackModel(begun), e);
    QVERIFY(!left.disagreement);
    VERIFY_NEAR(left.share->value, 0.35, 0.005);
}

SOBREMESA_TEST(LaunchChargeTest)
#include "tst_launch_charge.moc"
