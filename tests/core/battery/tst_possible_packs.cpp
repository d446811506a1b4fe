// What a pack and a build may hold: every range from both sides.

#include <functional>

#include <QTest>

#include "core/battery/pack.hpp"
#include "core/battery/pack_builder.hpp"
#include "support/edges.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::battery;

class PossiblePacksTest : public QObject {
    Q_OBJECT
private slots:
    void everyRangeOfAPack();
    void restingVoltsByChemistry();
    void everyRangeOfARateTable();
    void aRateTableHasOneChargeAtEachCurrent();
    void aPackOfNoMassIsOnePilotsDidNotWeigh();
    void everyRangeOfABuild();
};

void PossiblePacksTest::everyRangeOfAPack() {
    const auto number = [](const char* field, double least, double most, std::function<void(Pack&, double)> set) {
        tests::holds_range(field, least, most, [&](double value) {
            Pack pack;
            pack.mass_kg = 0.3;
            set(pack, value);
            return validate(pack);
        });
    };
    number("pack.cell_capacity_ah", 0.01, 100, [](Pack& p, double v) { p.cell_capacity_ah = v; });
    number("pack.cell_resistance_ohm", 0, 1, [](Pack& p, double v) { p.cell_resistance_ohm = v; });
    number("pack.lead_resistance_ohm", 0, 1, [](Pack& p, double v) { p.lead_resistance_ohm = v; });
    number("pack.mass_kg", 0.001, 100, [](Pack& p, double v) { p.mass_kg = v; });
    number("pack.capacity_factor", 0.05, 1.2, [](Pack& p, double v) { p.capacity_factor = v; });
    number("pack.resistance_factor", 0.2, 20, [](Pack& p, double v) { p.resistance_factor = v; });
    number("pack.start_temperature_c", -40, 80, [](Pack& p, double v) { p.start_temperature_c = v; });
    number("pack.rate_table_cutoff_v", 2, 4, [](Pack& p, double v) { p.rate_table_cutoff_v = v; });
    number("pack.weakest_cell_below_v", 0, 1, [](Pack& p, double v) { p.weakest_cell_below_v = v; });
    number("pack.rated_current_a", 0.01, 10000, [](Pack& p, double v) { p.rated_current_a = v; });
    number("pack.strips_current_a", 0.01, 10000, [](Pack& p, double v) { p.strips_current_a = v; });
    number("pack.connector_current_a", 0.01, 10000, [](Pack& p, double v) { p.connector_current_a = v; });
    number("pack.measured_cell_ohm", 1e-5, 1, [](Pack& p, double v) { p.measured_cell_ohm = v; });
    number("pack.price", 0, 1e6, [](Pack& p, double v) { p.price = v; });
    number("pack.size.length_m", 0, 3, [](Pack& p, double v) { p.size = Size{v, 0.1, 0.1}; });
    number("pack.size.width_m", 0, 3, [](Pack& p, double v) { p.size = Size{0.1, v, 0.1}; });
    number("pack.size.height_m", 0, 3, [](Pack& p, double v) { p.size = Size{0.1, 0.1, v}; });
    for (const auto& [field, member] :
         {std::pair("pack.series", &Pack::series), std::pair("pack.parallel", &Pack::parallel)}) {
        for (const auto& [cells, possible] :
             {std::pair(0, false), std::pair(1, true), std::pair(100, true), std::pair(101, false)}) {
            Pack pack;
            pack.*member = cells;
            QCOMPARE(validate(pack).has_value(), possible);
        }
    }
}

void PossiblePacksTest::restingVoltsByChemistry() {
    for (const auto& [chemistry, floor, full] :
         {std::tuple(Chemistry::lipo, 3.0, 4.20), std::tuple(Chemistry::lipo_hv, 3.0, 4.35),
          std::tuple(Chemistry::li_ion, 2.5, 4.20)}) {
        // Above full by what a meter may be off.
        tests::holds_range("pack.start_cell_v", floor, full + 0.05, [chemistry = chemistry](double volts) {
            Pack pack;
            pack.chemistry = chemistry;
            pack.start_cell_v = volts;
            return validate(pack);
        });
    }
}

void PossiblePacksTest::everyRangeOfARateTable() {
    tests::holds_range("pack.rate_table[1].current_a", 1e-3, 1000, [](double amps) {
        Pack pack;
        pack.rate_table = {{1.0, 3.0}, {amps, 2.5}};
        return validate(pack);
    });
    tests::holds_range("pack.rate_table[1].charge_ah", 1e-3, 100, [](double charge) {
        Pack pack;
        pack.cell_capacity_ah = 100.0;
        pack.rate_table = {{1.0, 3.0}, {5.0, charge}};
        return validate(pack);
    });
    // A row of the whole pack, entered as one cell's, would double the turn: a tenth over the label is the most.
    Pack pack;
    pack.cell_capacity_ah = 3.0;
    pack.parallel = 2;
    pack.rate_table = {{1.0, 3.29}, {5.0, 3.2}};
    QVERIFY(validate(pack));
    pack.rate_table = {{1.0, 6.0}, {5.0, 5.8}};
    const auto refused = validate(pack);
    QVERIFY(!refused);
    QCOMPARE(int(refused.error().code), int(units::ErrorCode::rate_table_above_label));
    QCOMPARE(refused.error().where.field, std::string("pack.rate_table.charge_ah"));
    pack.rate_table = {{1.0, 3.2}, {5.0, 3.31}};
    QVERIFY(!validate(pack));
}

void PossiblePacksTest::aRateTableHasOneChargeAtEachCurrent() {
    const auto refused = [](std::vector<RatePoint> rows) {
        Pack pack;
        pack.rate_table = std::move(rows);
        const auto said = validate(pack);
        return !said && said.error().code == units::ErrorCode::values_conflict &&
               said.error().where.field == "pack.rate_table";
    };
    QVERIFY(refused({{3.0, 2.9}, {3.0, 2.9}}));
    QVERIFY(refused({{3.0, 2.9}, {10.0, 2.6}, {3.0, 2.8}}));
    QVERIFY(refused({{3.0, 2.9}, {3.0000001, 2.2}}));
    QVERIFY(!refused({{3.0, 2.9}, {3.01, 2.89}}));
    QVERIFY(!refused({{3.0, 2.9}}));
}

void PossiblePacksTest::aPackOfNoMassIsOnePilotsDidNotWeigh() {
    Pack pack;
    pack.mass_kg = 0.0;
    QVERIFY(validate(pack));
    pack.mass_kg = 1e-300;
    QVERIFY(!validate(pack));
    QCOMPARE(validate(pack).error().where.field, std::string("pack.mass_kg"));
}

void PossiblePacksTest::everyRangeOfABuild() {
    const auto number = [](const char* field, double least, double most, std::function<void(Build&, double)> set) {
        tests::holds_range(field, least, most, [&](double value) {
            Build build;
            set(build, value);
            return built(build);
        });
    };
    number("build.cell.capacity_ah", 0.01, 100, [](Build& b, double v) { b.cell.capacity_ah = v; });
    number("build.cell.mass_kg", 1e-4, 10, [](Build& b, double v) { b.cell.mass_kg = v; });
    number("build.strip_width_m", 1e-3, 0.1, [](Build& b, double v) { b.strip_width_m = v; });
    number("build.strip_thickness_m", 2e-5, 0.005, [](Build& b, double v) { b.strip_thickness_m = v; });
    number("build.lead_area_m2", 1e-7, 1e-4, [](Build& b, double v) { b.lead_area_m2 = v; });
    number("build.extras_kg", 0, 5, [](Build& b, double v) { b.extras_kg = v; });
    for (const auto& [layers, possible] :
         {std::pair(0, false), std::pair(1, true), std::pair(10, true), std::pair(11, false)}) {
        Build build;
        build.strip_layers = layers;
        QCOMPARE(built(build).has_value(), possible);
    }
    // One cell alone, so that the pack it makes is none that is too large.
    const auto side = [](const char* field, std::function<void(Build&, double)> set) {
        tests::holds_range(field, 1e-3, 1, [&](double value) {
            Build build;
            build.series = build.parallel = 1;
            set(build, value);
            return built(build);
        });
    };
    side("build.cell.length_m", [](Build& b, double v) { b.cell.size.length_m = v; });
    side("build.cell.width_m", [](Build& b, double v) { b.cell.size.width_m = v; });
    side("build.cell.height_m", [](Build& b, double v) { b.cell.size.height_m = v; });
    tests::holds_range("build.lead_length_m", 0, 5, [](double value) {
        Build build;
        build.lead_area_m2 = 1e-5;
        build.lead_length_m = value;
        return built(build);
    });
}

SOBREMESA_TEST(PossiblePacksTest)
#include "tst_possible_packs.moc"
