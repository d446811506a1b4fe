// A maker's rate table typed in one field, and lists of cells' readings.

#include <QTest>

#include "io/rate_table_text.hpp"
#include "io/text_number.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class RateTableTextTest : public QObject {
    Q_OBJECT
private slots:
    void tablesAreRead_data();
    void tablesAreRead();
    void otherTextIsRefused_data();
    void otherTextIsRefused();
    void whatIsWrittenIsReadAgain();
    void listsAreRead_data();
    void listsAreRead();
};

using Table = std::vector<std::pair<double, double>>;
Q_DECLARE_METATYPE(Table)

void RateTableTextTest::tablesAreRead_data() {
    QTest::addColumn<QString>("text");
    QTest::addColumn<Table>("rows");
    const Table both{{10.0, 2.9}, {20.0, 2.75}};
    QTest::newRow("as written") << QStringLiteral("10 A 2.9 Ah; 20 A 2.75 Ah") << both;
    QTest::newRow("no units") << QStringLiteral("10 2.9; 20 2.75") << both;
    QTest::newRow("milliamp-hours, close") << QStringLiteral("10A 2900mAh;20A 2750mAh") << both;
    QTest::newRow("decimal commas") << QStringLiteral("10 A: 2,9 Ah\n20 A: 2,75 Ah") << both;
    QTest::newRow("comma and blank between rows") << QStringLiteral("10 A = 2.9 Ah, 20 A = 2.75 Ah") << both;
    QTest::newRow("charge first") << QStringLiteral("2.9 Ah 10 A; 2.75 Ah 20 A;") << both;
    QTest::newRow("as data sheets have it")
        << QStringLiteral("2C 2900 mAh; 4C: 91.6666666666666667 %") << Table{{6.0, 2.9}, {12.0, 2.75}};
    QTest::newRow("milliamps") << QStringLiteral("600 mA 3.0 Ah; 10 A 2900 mAh") << Table{{0.6, 3.0}, {10.0, 2.9}};
    QTest::newRow("nothing") << QStringLiteral("  ") << Table{};
}

void RateTableTextTest::tablesAreRead() {
    QFETCH(QString, text);
    QFETCH(Table, rows);
    constexpr double cell_capacity_ah = 3.0;
    const auto read = io::rate_table_from_text(text.toStdString(), cell_capacity_ah);
    QVERIFY(read);
    QCOMPARE(read->size(), rows.size());
    for (std::size_t i = 0; i < rows.size(); ++i) {
        QCOMPARE((*read)[i].current_a, rows[i].first);
        QCOMPARE((*read)[i].charge_ah, rows[i].second);
    }
}

void RateTableTextTest::otherTextIsRefused_data() {
    QTest::addColumn<QString>("text");
    for (const char* text : {"10 A", "10 A 2.9 Ah 3", "ten A 2.9", "10 V 2.9 Ah", "10 A 2.9 Wh", "1.2.3 4",
                             "10 A ± 2", "5C 2.9 Ah", "10 A 97 %", "5 % 97 %"})
        QTest::newRow(text) << QString::fromUtf8(text);
}

void RateTableTextTest::otherTextIsRefused() {
    QFETCH(QString, text);
    QVERIFY(!io::rate_table_from_text(text.toStdString()));
}

void RateTableTextTest::whatIsWrittenIsReadAgain() {
    const std::vector<battery::RatePoint> table{{0.6, 3.012}, {10.0, 2.9}, {12.25, 2.5}};
    QCOMPARE(QString::fromStdString(io::text_of_rate_table(table)),
             QStringLiteral("0.6 A 3.012 Ah; 10 A 2.900 Ah; 12.25 A 2.500 Ah"));
    QVERIFY(io::rate_table_from_text(io::text_of_rate_table(table)) == table);
}

void RateTableTextTest::listsAreRead_data() {
    QTest::addColumn<QString>("text");
    QTest::addColumn<QList<double>>("numbers");
    const QList<double> four{4.1, 4.3, 4.0, 4.2};
    QTest::newRow("blanks") << QStringLiteral("4.1 4.3 4.0 4.2") << four;
    QTest::newRow("decimal commas") << QStringLiteral("4,1 4,3 4,0 4,2") << four;
    QTest::newRow("commas between") << QStringLiteral("4.1,4.3,4.0,4.2") << four;
    QTest::newRow("commas and blanks") << QStringLiteral("4.1, 4.3, 4.0, 4.2") << four;
    QTest::newRow("decimal commas, commas and blanks") << QStringLiteral("4,1, 4,3, 4,0, 4,2") << four;
    QTest::newRow("semicolons") << QStringLiteral("4,1;4,3;4,0;4,2") << four;
    QTest::newRow("slashes") << QStringLiteral("4.1/4.3/4.0/4.2") << four;
    QTest::newRow("whole numbers") << QStringLiteral("4, 5, 6") << QList<double>{4.0, 5.0, 6.0};
    QTest::newRow("nothing") << QString() << QList<double>{};
    // "4,5,6" may be three whole numbers or "4.5" and a rest: not guessed.
    QTest::newRow("could be either") << QStringLiteral("4,5,6") << QList<double>{-1.0};
    QTest::newRow("words") << QStringLiteral("4.1 high") << QList<double>{-1.0};
}

void RateTableTextTest::listsAreRead() {
    QFETCH(QString, text);
    QFETCH(QList<double>, numbers);
    const auto read = io::numbers_from_list(text.toStdString());
    if (numbers == QList<double>{-1.0}) {
        QVERIFY(!read);
        return;
    }
    QVERIFY(read);
    QCOMPARE(QList<double>(read->begin(), read->end()), numbers);
}

SOBREMESA_TEST(RateTableTextTest)
#include "tst_rate_table_text.moc"
