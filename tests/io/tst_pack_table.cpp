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
