#include <algorithm>

#include <QTest>

#include "io/pack_table.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::io;

class PackTableTest : public QObject {
    Q_OBJECT
private slots:
    void readsWhatAShopWrites();
    void goesOutAndComesBack();
    void wordsAreReadAsTheScreenShowsThem();
    void pilotsOwnTablesAreRead();
    void capacityIsACellsOrThePacksByMass();
    void unitsThatNothingNamesAreSaid();
    void tablesOfPacksAreTold();
    void wrongCellsAreNamed_data();
    void wrongCellsAreNamed();
};

void PackTableTest::readsWhatAShopWrites() {
    const auto table =
        packs_from_csv("\xEF\xBB\xBFname;chemistry;series;cell_capacity_mah;mass_g;price;length_mm;colour\r\n"
                       "\"one; two\";li-ion;4;3000;201,5;39,90;70;green\r\n"
                       "B;lipo;6;1300;210;;;\r\n",
                       "packs.csv");
    QVERIFY(table.has_value());
    QCOMPARE(table->packs.size(), std::size_t(2));
    QCOMPARE(table->packs[0].name, std::string("one; two"));
    VERIFY_NEAR(table->packs[0].mass_kg, 0.2015, 1e-12);
    VERIFY_NEAR(*table->packs[0].price, 39.9, 1e-12);
    VERIFY_NEAR(table->packs[0].size->length_m, 0.070, 1e-12);
    QVERIFY(!table->packs[1].price);
    QVERIFY(!table->packs[1].size);
    QCOMPARE(table->packs[1].chemistry, battery::Chemistry::lipo);
    QCOMPARE(table->diagnostics.size(), std::size_t(1));
    QVERIFY(packs_from_csv("name,chemistry,series,cell_capacity_mah,mass_g\n", "packs.csv")->packs.empty());
}

void PackTableTest::goesOutAndComesBack() {
    battery::Pack pack;
    pack.name = "the \"long\" one, green";
    pack.construction = battery::Construction::high_drain;
    pack.cell_capacity_ah = 3.125;
    pack.cell_resistance_ohm = 0.0185;
    pack.mass_kg = 0.2041;
    pack.price = 51.25;
    pack.rated_current_a = 45.0;
    pack.strips_current_a = 40.5;
    pack.connector_current_a = 60.0;
    pack.current_label = battery::CurrentLabel::pack_c;
    pack.size = battery::Size{0.0702, 0.0405, 0.0375};
    battery::Pack bare;
    bare.name = "bare";
    bare.mass_kg = 0.1;
    const auto back = packs_from_csv(csv_from_packs({pack, bare}), "again.csv");
    QVERIFY(back.has_value());
    const battery::Pack& p = back->packs.front();
    QCOMPARE(p.name, pack.name);
    QCOMPARE(p.construction, pack.construction);
    VERIFY_NEAR(p.cell_capacity_ah, pack.cell_capacity_ah, 1e-9);
    VERIFY_NEAR(*p.cell_resistance_ohm, *pack.cell_resistance_ohm, 1e-9);
    VERIFY_NEAR(p.mass_kg, pack.mass_kg, 1e-9);
    QCOMPARE(*p.rated_current_a, 45.0);
    QCOMPARE(*p.strips_current_a, 40.5);
    QCOMPARE(*p.connector_current_a, 60.0);
    QVERIFY(!back->packs.back().strips_current_a);
    QCOMPARE(p.current_label, battery::CurrentLabel::pack_c);
    VERIFY_NEAR(p.size->width_m, 0.0405, 1e-9);
    QVERIFY(!back->packs.back().cell_resistance_ohm);
    QVERIFY(!back->packs.back().size);
    QVERIFY(back->diagnostics.empty());
}

void PackTableTest::wordsAreReadAsTheScreenShowsThem() {
    const auto table = io::packs_from_csv("Name;CHEMISTRY;Series;Cell capacity mAh;Mass_g\n"
                                          "A;Li-ion;4;3000;190\n"
                                          "B;LiPo HV;6;1500;230\n"
                                          "C;LIPO;3;2200;180\n",
                                          "x.csv");
    QVERIFY(table);
    QVERIFY(table->diagnostics.empty());
    QCOMPARE(table->packs.size(), std::size_t(3));
    QVERIFY(table->packs[0].chemistry == battery::Chemistry::li_ion);
    QVERIFY(table->packs[1].chemistry == battery::Chemistry::lipo_hv);
    QVERIFY(table->packs[2].chemistry == battery::Chemistry::lipo);
    QVERIFY(!io::packs_from_csv("name,chemistry,series,cell_capacity_mah,mass_g\nA,lead,4,3000,190\n", "x.csv"));
}

namespace {

bool says(const PackTable& table, units::DiagnosticCode code) {
    return std::any_of(table.diagnostics.begin(), table.diagnostics.end(),
                       [&](const auto& d) { return d.code == code; });
}

} // namespace

void PackTableTest::pilotsOwnTablesAreRead() {
    const auto english =
        packs_from_csv("Pack,Type,Config,Capacity (mAh),Weight (g),IR (mOhm),C rating,Price,Cycles\n"
                       "Old grey,LiPo,4S,5200,480 g,8,65C,€39.90,31\n"
                       "Twelve,Li-ion 21700,6S1P,4200,0.45 kg,,,,\n",
                       "mine.csv");
    QVERIFY(english);
    const battery::Pack& lipo = english->packs[0];
    QCOMPARE(lipo.name, std::string("Old grey"));
    QCOMPARE(lipo.chemistry, battery::Chemistry::lipo);
    QCOMPARE(lipo.series, 4);
    VERIFY_NEAR(lipo.cell_capacity_ah, 5.2, 1e-12);
    VERIFY_NEAR(lipo.mass_kg, 0.48, 1e-12);
    VERIFY_NEAR(*lipo.cell_resistance_ohm, 0.008, 1e-12);
    VERIFY_NEAR(*lipo.rated_current_a, 65.0 * 5.2, 1e-9);
    QCOMPARE(lipo.current_label, battery::CurrentLabel::pack_c);
    VERIFY_NEAR(*lipo.price, 39.9, 1e-12);
    const battery::Pack& ion = english->packs[1];
    QCOMPARE(ion.chemistry, battery::Chemistry::li_ion);
    QCOMPARE(ion.series, 6);
    QCOMPARE(ion.parallel, 1);
    VERIFY_NEAR(ion.mass_kg, 0.45, 1e-12);
    QVERIFY(!ion.cell_resistance_ohm && !ion.rated_current_a && !ion.price);

    const auto german =
        packs_from_csv("Akku;Chemie;S;P;Zellenkapazität (Ah);Gewicht (kg);Länge (cm);Widerstand Akku (mOhm)\n"
                       "B-1;LiHV;3;2;2,6;0,31;10,5;24\n",
                       "akkus.csv");
    QVERIFY(german);
    const battery::Pack& hv = german->packs.front();
    QCOMPARE(hv.chemistry, battery::Chemistry::lipo_hv);
    QCOMPARE(hv.parallel, 2);
    VERIFY_NEAR(hv.mass_kg, 0.31, 1e-12);
    VERIFY_NEAR(hv.size->length_m, 0.105, 1e-12);
    // 24 mΩ of three in a row, two side by side: 16 mΩ a cell.
    VERIFY_NEAR(*hv.cell_resistance_ohm, 0.016, 1e-12);
}

void PackTableTest::capacityIsACellsOrThePacksByMass() {
    const auto table = [](const char* head, const char* capacity) {
        return packs_from_csv(std::string("name,chemistry,config,") + head + ",mass_g\nA,li-ion,4S2P," + capacity +
                                  ",420\n",
                              "packs.csv");
    };
    // 420 g of Li-ion hold some 100 Wh: 7 Ah at 14.4 V.
    const auto cell = table("capacity mAh", "3500");
    QVERIFY(cell);
    VERIFY_NEAR(cell->packs.front().cell_capacity_ah, 3.5, 1e-12);
    QVERIFY(says(*cell, units::DiagnosticCode::capacity_read_as_cells));
    const auto pack = table("capacity mAh", "7000");
    QVERIFY(pack);
    VERIFY_NEAR(pack->packs.front().cell_capacity_ah, 3.5, 1e-12);
    QVERIFY(says(*pack, units::DiagnosticCode::capacity_read_as_packs));
    const auto said = table("pack capacity mAh", "7000");
    QVERIFY(said);
    VERIFY_NEAR(said->packs.front().cell_capacity_ah, 3.5, 1e-12);
    QVERIFY(said->diagnostics.empty());
}

void PackTableTest::unitsThatNothingNamesAreSaid() {
    const auto table = packs_from_csv(
        "name,chemistry,cells,cell capacity,weight\nA,lipo,4,5200,480\nB,lipo,4,1300,155\n", "packs.csv");
    QVERIFY(table);
    VERIFY_NEAR(table->packs[1].cell_capacity_ah, 1.3, 1e-12);
    VERIFY_NEAR(table->packs[1].mass_kg, 0.155, 1e-12);
    QVERIFY(says(*table, units::DiagnosticCode::unit_assumed));
    const auto large =
        packs_from_csv("name,chemistry,cells,cell capacity,weight\nA,lipo,4,5.2,0.48\n", "packs.csv");
    QVERIFY(large);
    VERIFY_NEAR(large->packs[0].cell_capacity_ah, 5.2, 1e-12);
    VERIFY_NEAR(large->packs[0].mass_kg, 0.48, 1e-12);
}

void PackTableTest::tablesOfPacksAreTold() {
    QVERIFY(looks_like_pack_table("name,cell_capacity_mah\n"));
    QVERIFY(looks_like_pack_table("Pack;Chemie;Config;Kapazität;Gewicht\nA;LiPo;4S;5200;480\n"));
    QVERIFY(!looks_like_pack_table("time,lat,lon,voltage,current,mah\n"));
    QVERIFY(!looks_like_pack_table("Time,Cells,Capacity (mAh),Weight\n"));
    QVERIFY(!looks_like_pack_table(""));
    // A plan in one line has the same words in it, and an exported book its documents.
    QVERIFY(!looks_like_pack_table(R"({"pack": {"series": 4, "cell_capacity_ah": 3.0, "mass_kg": 0.5}})"));
    QVERIFY(!looks_like_pack_table(R"([{"series": 4, "parallel": 2, "capacity_mah": 3000, "mass_g": 580}])"));
    QVERIFY(!looks_like_pack_table("<table><tr><td>Config</td></tr></table>"));
}

void PackTableTest::wrongCellsAreNamed_data() {
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<int>("code");
    QTest::addColumn<int>("line");
    QTest::addColumn<QByteArray>("field");
    const QByteArray head = "name,chemistry,series,cell_capacity_mah,mass_g\n";
    QTest::newRow("nothing") << QByteArray() << int(units::ErrorCode::no_header) << 1 << QByteArray();
    QTest::newRow("no mass column") << QByteArray("name,chemistry,series,cell_capacity_mah\n")
                                    << int(units::ErrorCode::value_missing) << 1 << QByteArray("mass_g");
    QTest::newRow("no mass") << head + "a,li-ion,4,3000,\n"
                             << int(units::ErrorCode::value_missing) << 2 << QByteArray("mass_g");
    QTest::newRow("row cut short") << head + "a,li-ion,4,3000,200\nb,li-ion\n"
                                   << int(units::ErrorCode::value_missing) << 3 << QByteArray("series");
    QTest::newRow("unknown chemistry") << head + "a,lead,4,3000,200\n"
                                       << int(units::ErrorCode::word_unknown) << 2 << QByteArray("chemistry");
    QTest::newRow("text for a number") << head + "a,li-ion,4,many,200\n"
                                       << int(units::ErrorCode::word_unknown) << 2
                                       << QByteArray("cell_capacity_mah");
    QTest::newRow("half a cell") << head + "a,li-ion,4.5,3000,200\n"
                                 << int(units::ErrorCode::word_unknown) << 2 << QByteArray("series");
    const QByteArray own = "Pack,Type,Series,P,Capacity (mAh),Weight (g)\n";
    QTest::newRow("half a cell beside another")
        << own + "a,li-ion,4,2.5,3000,200\n"
        << int(units::ErrorCode::word_unknown) << 2 << QByteArray("parallel");
    QTest::newRow("more cells than there are")
        << own + "a,li-ion,4,3333333333332,3000,200\n"
        << int(units::ErrorCode::word_unknown) << 2 << QByteArray("parallel");
    QTest::newRow("negative mass") << head + "a,li-ion,4,3000,-200\n"
                                   << int(units::ErrorCode::value_out_of_range) << 2 << QByteArray("pack.mass_kg");
}

void PackTableTest::wrongCellsAreNamed() {
    QFETCH(QByteArray, text);
    QFETCH(int, code);
    QFETCH(int, line);
    QFETCH(QByteArray, field);
    const auto table = packs_from_csv(text.toStdString(), "packs.csv");
    QVERIFY(!table.has_value());
    QCOMPARE(int(table.error().code), code);
    QCOMPARE(int(table.error().where.line.value()), line);
    QCOMPARE(table.error().where.file, std::string("packs.csv"));
    QCOMPARE(QByteArray::fromStdString(table.error().where.field), field);
}

SOBREMESA_TEST(PackTableTest)
#include "tst_pack_table.moc"
