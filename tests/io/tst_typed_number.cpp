#include <QTest>

#include "io/typed_number.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class TypedNumberTest : public QObject {
    Q_OBJECT
private slots:
    void unitsAreTurnedIntoTheFields_data();
    void unitsAreTurnedIntoTheFields();
    void whatCannotBeIsNotGuessed_data();
    void whatCannotBeIsNotGuessed();
};

/// Factors of NIST Special Publication 811 (2008), appendix B.8, written out anew here.
void TypedNumberTest::unitsAreTurnedIntoTheFields_data() {
    QTest::addColumn<QString>("typed");
    QTest::addColumn<QString>("field");
    QTest::addColumn<double>("value");
    const auto row = [](const char* typed, const char* field, double value) {
        QTest::addRow("%s into %s", typed, field) << QString::fromUtf8(typed) << QString::fromUtf8(field) << value;
    };
    row("12.5", "km/h", 12.5);
    row("12,5", "km/h", 12.5);
    row("2 740", "mAh", 2740.0);
    row("2\u202F740\u202FmAh", "mAh", 2740.0);
    row("2.74 Ah", "mAh", 2740.0);
    row("15 m/s", "km/h", 54.0);
    row("54 km/h", "m/s", 15.0);
    row("54km/h", "m/s", 15.0);
    row("12.6 mph", "m/s", 12.6 * 0.44704);
    row("12.6 MPH", "km/h", 12.6 * 1.609344);
    row("20 kn", "m/s", 20.0 * 0.514444444);
    row("500 ft/min", "m/s", 500.0 * 5.08e-3);
    row("400 ft", "m", 121.92);
    row("1.2 km", "m", 1200.0);
    row("2 mi", "km", 3.218688);
    row("10 in", "mm", 254.0);
    row("10\"", "mm", 254.0);
    row("1 lb", "g", 453.59237);
    row("14.3 oz", "g", 14.3 * 28.349523125);
    row("0.9 kg", "g", 900.0);
    row("25 mΩ", "mΩ", 25.0);
    row("0.025 Ω", "mΩ", 25.0);
    row("25 mohm", "mΩ", 25.0);
    row("68 °F", "°C", 20.0);
    row("68F", "°C", 20.0);
    row("-40 °F", "°C", -40.0);
    row("\u22125", "°C", -5.0);
    row("29.92 inHg", "hPa", 1013.2075888);
    row("0.31 m²", "dm²", 31.0);
    row("2.4 GHz", "MHz", 2400.0);
    row("5.5 A at 14.8 V", "W", 81.4);
    row("5.5A @ 14.8V", "W", 81.4);
    row("14.8 V x 5.5 A", "W", 81.4);
    row("14,8V×5,5A", "W", 81.4);
    row("0.08 kW", "W", 80.0);
    row("270°", "°", 270.0);
    row("W", "°", 270.0);
    row("nw", "°", 315.0);
    row("South-West", "°", 225.0);
    row("ESE", "°", 112.5);
    row("1.5 h", "min", 90.0);
    row("20 %", "%", 20.0);
}

void TypedNumberTest::unitsAreTurnedIntoTheFields() {
    QFETCH(QString, typed);
    QFETCH(QString, field);
    QFETCH(double, value);
    const auto number = io::typed_number(typed.toStdString());
    QVERIFY(number);
    const auto found = io::in_field_unit(*number, field.toStdString());
    QVERIFY(found);
    VERIFY_NEAR(*found, value, 1e-6 * std::max(1.0, std::abs(value)));
}

void TypedNumberTest::whatCannotBeIsNotGuessed_data() {
    QTest::addColumn<QString>("typed");
    QTest::addColumn<QString>("field");
    for (const auto& [typed, field] :
         {std::pair("5 A", "km/h"), std::pair("12 parsecs", "km"), std::pair("5 km", "mAh"),
          std::pair("5 A at 3 A", "W"), std::pair("1.234,5", "m"), std::pair("", "m"), std::pair("m", "m"),
          std::pair("-", "m"), std::pair("3 5 m 4", "m"), std::pair("N", "m"), std::pair("5 km", "")})
        QTest::addRow("%s in %s", typed, field) << QString::fromUtf8(typed) << QString::fromUtf8(field);
}

void TypedNumberTest::whatCannotBeIsNotGuessed() {
    QFETCH(QString, typed);
    QFETCH(QString, field);
    const auto number = io::typed_number(typed.toStdString());
    QVERIFY(!number || !io::in_field_unit(*number, field.toStdString()));
}

SOBREMESA_TEST(TypedNumberTest)
#include "tst_typed_number.moc"
