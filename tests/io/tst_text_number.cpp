#include <QTest>

#include "io/text_number.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class TextNumberTest : public QObject {
    Q_OBJECT
private slots:
    void reads_data();
    void reads();
    void writesWithAPoint();
};

void TextNumberTest::reads_data() {
    QTest::addColumn<QString>("text");
    QTest::addColumn<double>("value");
    QTest::addColumn<bool>("accepted");
    QTest::newRow("point") << "12.5" << 12.5 << true;
    QTest::newRow("comma") << "12,5" << 12.5 << true;
    QTest::newRow("leading plus and blanks") << "  +3.25 " << 3.25 << true;
    QTest::newRow("exponent") << "-1.5e-3" << -0.0015 << true;
    QTest::newRow("both signs are ambiguous") << "1.234,5" << 0.0 << false;
    QTest::newRow("both signs the other way") << "1,234.5" << 0.0 << false;
    QTest::newRow("text") << "abc" << 0.0 << false;
    QTest::newRow("number with a tail") << "12.5V" << 0.0 << false;
    QTest::newRow("nothing") << "" << 0.0 << false;
    QTest::newRow("not a number") << "nan" << 0.0 << false;
    QTest::newRow("too large") << "1e400" << 0.0 << false;
}

void TextNumberTest::reads() {
    QFETCH(QString, text);
    QFETCH(double, value);
    QFETCH(bool, accepted);
    const auto number = io::number_from_text(text.toStdString());
    QCOMPARE(number.has_value(), accepted);
    if (accepted) QCOMPARE(*number, value);
}

void TextNumberTest::writesWithAPoint() {
    QCOMPARE(io::text_from_number(48.137, 2), std::string("48.14"));
    QCOMPARE(io::text_from_number(-0.5, 0), std::string("-0"));
    QCOMPARE(io::text_from_number(1234567.0, 0), std::string("1234567"));
}

SOBREMESA_TEST(TextNumberTest)
#include "tst_text_number.moc"
