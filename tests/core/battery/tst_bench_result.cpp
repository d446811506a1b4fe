#include <QTest>

#include "core/battery/bench.hpp"
#include "core/battery/partial_test.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::battery;
using units::DiagnosticCode;

namespace {

Pack li_ion() {
    Pack pack;
    pack.series = 4;
    pack.parallel = 2;
    pack.cell_capacity_ah = 3.2;
    pack.mass_kg = 0.42;
    return pack;
}

BenchLoad at_power(double power_w) {
    BenchLoad load;
    load.load = {LoadPhase::Kind::power, power_w, 1e9};
    load.temperature_c = 15.0;
    return load;
}

bool says(const BenchResult& result, DiagnosticCode code) {
    return std::any_of(result.diagnostics.begin(), result.diagnostics.end(),
                       [&](const auto& n) { return n.code == code; });
}

} // namespace

class BenchResultTest : public QObject {
    Q_OBJECT
private slots:
    void leftAndGivenAreAllThereIs();
    void theCapacityToEnterIsNotTheLabel();
    void aCurrentIsCutOffAtTheVoltageItself();
    void theTableOfLandingsSaysWhatTheHeadSays();
    void theEarlyAlarmCostsWhatItLeaves();
    void whatIsWrongIsSaid();
    void everySensitivityIsTheChangeItself_data();
    void everySensitivityIsTheChangeItself();
    void readingsAreOfOneCell();
    void anOrdinaryTestIsPossible();
};

void BenchResultTest::leftAndGivenAreAllThereIs() {
    const PackModel pack(li_ion());
    const auto result = on_the_bench(pack, at_power(70.0));
    VERIFY_NEAR(result.run.last().energy_wh + result.left_energy_wh, result.to_floor.last().energy_wh, 1e-9);
    VERIFY_NEAR(result.run.last().charge_used_ah + result.left_charge_ah, result.to_floor.last().charge_used_ah,
                1e-9);
    QVERIFY(result.left_energy_wh > 0.0);
    QCOMPARE(result.landing_cell_v, 2.8); // the usual one, where nothing is said
}

void BenchResultTest::theCapacityToEnterIsNotTheLabel() {
    const auto result = on_the_bench(PackModel(li_ion()), at_power(70.0));
    QVERIFY(result.alarms.capacity_ah < 0.97 * rated_charge_ah(li_ion()));
    QVERIFY(result.alarms.capacity_ah > 0.85 * rated_charge_ah(li_ion()));
    // At the warning a fifth of that is left.
    const auto warned = point_at_charge(result.run, 0.8 * result.alarms.capacity_ah);
    VERIFY_NEAR(result.alarms.warning_cell_v, warned.voltage_v / 4.0, 1e-9);
    QVERIFY(result.alarms.warning_cell_v > result.alarms.landing_cell_v + 0.2);
}

void BenchResultTest::aCurrentIsCutOffAtTheVoltageItself() {
    BenchLoad load;
    load.load = {LoadPhase::Kind::current, 12.0, 1e9};
    const auto cut = on_the_bench(PackModel(li_ion()), load);
    // Half a millisecond of bisection at the steepest is far less than a millivolt.
    VERIFY_NEAR(cut.run.last().voltage_v / 4.0, 2.8, 1e-3);
    load.load = {LoadPhase::Kind::power, 12.0 * 4 * 3.4, 1e9};
    QVERIFY(on_the_bench(PackModel(li_ion()), load).run.last().voltage_v / 4.0 < 2.799);
}

/// One landing voltage has one figure, by power and by current.
void BenchResultTest::theTableOfLandingsSaysWhatTheHeadSays() {
    const PackModel pack(li_ion());
    for (const auto kind : {LoadPhase::Kind::power, LoadPhase::Kind::current}) {
        BenchLoad load = at_power(70.0);
        load.load = {kind, kind == LoadPhase::Kind::power ? 150.0 : 12.0, 1e9};
        const auto result = on_the_bench(pack, load);
        const auto usual = std::find_if(result.landings.begin(), result.landings.end(), [&](const Landing& l) {
            return !l.rule.at_rest && l.rule.cell_v == result.landing_cell_v;
        });
        QVERIFY(usual != result.landings.end() && usual->at);
        VERIFY_NEAR(usual->at->charge_used_ah, result.run.last().charge_used_ah, 1e-4);
        VERIFY_NEAR(usual->left_energy_wh, result.left_energy_wh, 1e-3);
    }
}

void BenchResultTest::theEarlyAlarmCostsWhatItLeaves() {
    const auto result = on_the_bench(PackModel(li_ion()), at_power(70.0));
    const auto unused = unused_by_alarm(result);
    QVERIFY(unused.has_value());
    QCOMPARE(unused->alarm.cell_v, 3.5);
    BenchLoad early = at_power(70.0);
    early.landing_cell_v = 3.5;
    VERIFY_NEAR(unused->energy_wh,
                result.run.last().energy_wh - on_the_bench(PackModel(li_ion()), early).run.last().energy_wh, 0.01);
    Pack lipo = li_ion();
    lipo.chemistry = Chemistry::lipo;
    QVERIFY(!unused_by_alarm(on_the_bench(PackModel(lipo), at_power(70.0))).has_value());
    // So hard a load that the pack stands below the alarm from the start: all of it would stay unused.
    const auto hard = unused_by_alarm(on_the_bench(PackModel(li_ion()), at_power(720.0)));
    QVERIFY(hard.has_value());
    QCOMPARE(hard->from.energy_wh, 0.0);
    QVERIFY(hard->energy_wh > 0.0);
}

void BenchResultTest::whatIsWrongIsSaid() {
    const PackModel pack(li_ion());
    QVERIFY(on_the_bench(pack, at_power(70.0)).diagnostics.empty());
    BenchLoad load = at_power(70.0);
    load.landing_cell_v = 3.5;
    QVERIFY(says(on_the_bench(pack, load), DiagnosticCode::landing_voltage_wastes_energy));
    load.landing_cell_v = 2.2;
    QVERIFY(says(on_the_bench(pack, load), DiagnosticCode::landing_voltage_below_floor));
    load.landing_cell_v = 4.18;
    QVERIFY(says(on_the_bench(pack, load), DiagnosticCode::start_below_landing));
    QVERIFY(says(on_the_bench(pack, at_power(20000.0)), DiagnosticCode::power_not_available));
    QVERIFY(says(on_the_bench(pack, at_power(250.0)), DiagnosticCode::current_above_rating));
    Pack torn = li_ion();
    torn.rate_table = {{0.6, 3.2}, {30.0, 3.1}};
    torn.rate_table_held_temperature = true;
    QVERIFY(says(on_the_bench(PackModel(torn), at_power(70.0)), DiagnosticCode::rate_table_misfit));
}

void BenchResultTest::everySensitivityIsTheChangeItself_data() {
    QTest::addColumn<int>("quantity");
    using units::Quantity;
    for (const Quantity quantity : {Quantity::usable_charge, Quantity::usable_energy, Quantity::flight_time,
                                    Quantity::lowest_voltage, Quantity::landing_energy_left, Quantity::temperature})
        QTest::newRow(qPrintable(QString::number(int(quantity)))) << int(quantity);
}

void BenchResultTest::everySensitivityIsTheChangeItself() {
    QFETCH(int, quantity);
    using units::Quantity;
    const PackModel pack(li_ion());
    const auto value = [&](const BenchResult& r) {
        switch (Quantity(quantity)) {
        case Quantity::usable_charge: return r.run.last().charge_used_ah;
        case Quantity::usable_energy: return r.run.last().energy_wh;
        case Quantity::flight_time: return r.run.last().time_s;
        case Quantity::lowest_voltage: return r.run.lowest_voltage_v;
        case Quantity::landing_energy_left: return r.left_energy_wh;
        default: return r.run.peak_temperature_c;
        }
    };
    const BenchLoad load = at_power(70.0);
    const BenchResult result = on_the_bench(pack, load);
    const auto why = explain(pack, load, result, Quantity(quantity));
    QVERIFY(why.has_value());
    QCOMPARE(why->value.value, value(result));
    QVERIFY(why->value.sd > 0.0);
    BenchLoad harder = load;
    harder.load.value *= 1.1;
    BenchLoad lower = load;
    lower.landing_cell_v = 2.7;
    BenchLoad colder = load;
    colder.temperature_c = 5.0;
    const BenchLoad changed[] = {harder, lower, colder};
    QCOMPARE(why->sensitivities.size(), std::size_t(3));
    for (std::size_t i = 0; i < 3; ++i)
        VERIFY_NEAR(why->sensitivities[i].change, value(on_the_bench(pack, changed[i])) - value(result),
                    1e-3 * std::abs(value(result)));
    QVERIFY(!explain(pack, load, result, Quantity::wind_speed).has_value());
}

void BenchResultTest::readingsAreOfOneCell() {
    const PackModel pack(li_ion());
    const auto result = on_the_bench(pack, at_power(70.0));
    const auto half = point_at_charge(result.run, 3.0);
    const auto reading = cell_reading(pack, result.run, half, 2.8);
    VERIFY_NEAR(4 * reading.cell_v * 2 * reading.cell_a, 70.0, 0.05); // linear between samples
    VERIFY_NEAR(reading.pack_peak_w, pack.peakPowerW(result.run.state_at(half), 2.8), 1e-9);
}

void BenchResultTest::anOrdinaryTestIsPossible() {
    for (const double cell_ah : {0.3, 1.3, 5.0, 20.0}) {
        Pack pack = li_ion();
        pack.cell_capacity_ah = cell_ah;
        QVERIFY(partial_test(PackModel(pack), ordinary_test(pack)).has_value());
    }
}

SOBREMESA_TEST(BenchResultTest)
#include "tst_bench_result.moc"
