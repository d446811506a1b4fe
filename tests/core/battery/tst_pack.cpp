#include <QTest>

#include "core/battery/pack_model.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::battery;

namespace {

Pack li_ion_4s2p() {
    Pack pack;
    pack.series = 4;
    pack.parallel = 2;
    pack.cell_capacity_ah = 3.0;
    pack.cell_resistance_ohm = 0.020;
    pack.mass_kg = 0.4;
    return pack;
}

PackState drawn(double charge_ah) {
    PackState state;
    state.charge_used_ah = charge_ah;
    return state;
}

} // namespace

class PackTest : public QObject {
    Q_OBJECT
private slots:
    void openCircuitCurvesFallAllTheWay();
    void restingVoltageGivesTheChargeBack();
    void cellsInSeriesAndParallelAddUp();
    void currentGivesThePowerAsked();
    void noResistanceMeansPowerOverVolts();
    void powerBeyondThePackIsAnAnswer();
    void peakPowerIsTheLesserOfTwoLimits();
    void impossiblePacksAreRefused_data();
    void impossiblePacksAreRefused();
    void energyIsTheCurrency();
};

void PackTest::openCircuitCurvesFallAllTheWay() {
    for (const Chemistry chemistry : {Chemistry::lipo, Chemistry::lipo_hv, Chemistry::li_ion}) {
        double above = open_circuit_cell_v(chemistry, 1.0);
        for (int i = 999; i >= -20; --i) {
            const double here = open_circuit_cell_v(chemistry, i / 1000.0);
            QVERIFY(here < above);
            above = here;
        }
        // Full and floor as in the chemistry's own row; 0.02 V: the curve rests after charging.
        VERIFY_NEAR(open_circuit_cell_v(chemistry, 1.0), traits(chemistry).full_cell_v, 0.02);
        VERIFY_NEAR(open_circuit_cell_v(chemistry, 0.0), traits(chemistry).floor_cell_v, 1e-9);
    }
}

void PackTest::restingVoltageGivesTheChargeBack() {
    for (const Chemistry chemistry : {Chemistry::lipo, Chemistry::lipo_hv, Chemistry::li_ion}) {
        for (const double s : {0.03, 0.2, 0.5, 0.77, 0.98}) {
            VERIFY_NEAR(state_of_charge_at_rest(chemistry, open_circuit_cell_v(chemistry, s)), s, 1e-9);
        }
        QCOMPARE(state_of_charge_at_rest(chemistry, 1.0), 0.0);
        QCOMPARE(state_of_charge_at_rest(chemistry, 5.0), 1.0);
    }
}

void PackTest::cellsInSeriesAndParallelAddUp() {
    const Pack pack = li_ion_4s2p();
    QCOMPARE(rated_charge_ah(pack), 6.0);
    VERIFY_NEAR(resistance_ohm(pack), 0.040, 1e-12);
    const PackModel model(pack);
    VERIFY_NEAR(model.openCircuitV(model.atStart(23.0)), 4 * open_circuit_cell_v(Chemistry::li_ion, 1.0), 1e-12);
    VERIFY_NEAR(model.openCircuitV(drawn(3.0)), 4 * open_circuit_cell_v(Chemistry::li_ion, 0.5), 1e-12);
}

void PackTest::currentGivesThePowerAsked() {
    const PackModel pack(li_ion_4s2p());
    for (const double power_w : {0.1, 60.0, 400.0}) {
        const auto load = pack.atPower(drawn(1.0), power_w);
        QVERIFY(load.has_value());
        VERIFY_NEAR(load->current_a * load->voltage_v, power_w, 1e-9);
        VERIFY_NEAR(load->voltage_v,
                    pack.openCircuitV(drawn(1.0)) - load->current_a * pack.resistanceOhm(drawn(1.0)), 1e-9);
        VERIFY_NEAR(pack.atCurrent(drawn(1.0), load->current_a).voltage_v, load->voltage_v, 1e-9);
    }
}

void PackTest::noResistanceMeansPowerOverVolts() {
    Pack described = li_ion_4s2p();
    described.cell_resistance_ohm = 0.0;
    const PackModel pack(described);
    const auto load = pack.atPower({}, 100.0);
    QVERIFY(load.has_value());
    VERIFY_NEAR(load->current_a, 100.0 / pack.openCircuitV({}), 1e-12);
}

void PackTest::powerBeyondThePackIsAnAnswer() {
    const PackModel pack(li_ion_4s2p());
    const double most_w = std::pow(pack.openCircuitV({}), 2) / (4.0 * pack.resistanceOhm({}));
    QVERIFY(pack.atPower({}, 0.999 * most_w).has_value());
    QVERIFY(!pack.atPower({}, 1.001 * most_w).has_value());
    // A dead short draws what the resistance lets through, and no power.
    const double short_a = pack.peakCurrentA({}, 0.0);
    VERIFY_NEAR(short_a, pack.openCircuitV({}) / pack.resistanceOhm({}), 1e-9);
    VERIFY_NEAR(pack.atCurrent({}, short_a).voltage_v, 0.0, 1e-9);
}

void PackTest::peakPowerIsTheLesserOfTwoLimits() {
    const PackModel pack(li_ion_4s2p());
    const double U = pack.openCircuitV({});
    const double R = pack.resistanceOhm({});
    VERIFY_NEAR(pack.peakPowerW({}, 0.5), U * U / (4 * R), 1e-9);
    VERIFY_NEAR(pack.peakPowerW({}, 3.0), 12.0 * (U - 12.0) / R, 1e-9);
    QCOMPARE(pack.peakPowerW(drawn(5.9), 3.5), 0.0);
}

void PackTest::impossiblePacksAreRefused_data() {
    QTest::addColumn<int>("which");
    QTest::addColumn<double>("value");
    QTest::addColumn<QString>("field");
    QTest::newRow("no cell in series") << 0 << 0.0 << "pack.series";
    QTest::newRow("minus one in parallel") << 1 << -1.0 << "pack.parallel";
    QTest::newRow("no capacity") << 2 << 0.0 << "pack.cell_capacity_ah";
    QTest::newRow("negative resistance") << 3 << -0.01 << "pack.cell_resistance_ohm";
    QTest::newRow("negative mass") << 4 << -0.1 << "pack.mass_kg";
    QTest::newRow("mass that is no number") << 4 << std::nan("") << "pack.mass_kg";
}

void PackTest::impossiblePacksAreRefused() {
    QFETCH(int, which);
    QFETCH(double, value);
    QFETCH(QString, field);
    Pack pack = li_ion_4s2p();
    if (which == 0) pack.series = int(value);
    if (which == 1) pack.parallel = int(value);
    if (which == 2) pack.cell_capacity_ah = value;
    if (which == 3) pack.cell_resistance_ohm = value;
    if (which == 4) pack.mass_kg = value;
    const auto result = validate(pack);
    QVERIFY(!result.has_value());
    QCOMPARE(QString::fromStdString(result.error().where.field), field);
    QVERIFY(validate(li_ion_4s2p()).has_value());
}

void PackTest::energyIsTheCurrency() {
    // Common practice: a 5S and a 6S pack of equal mAh differ by a sixth in energy.
    Pack five = li_ion_4s2p();
    five.series = 5;
    Pack six = five;
    six.series = 6;
    VERIFY_NEAR(rated_energy_wh(five) / rated_energy_wh(six), 5.0 / 6.0, 1e-12);
    QCOMPARE(rated_charge_ah(five), rated_charge_ah(six));
}

SOBREMESA_TEST(PackTest)
#include "tst_pack.moc"
