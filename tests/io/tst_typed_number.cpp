#include <cmath>

#include <QTest>

#include "io/typed_number.hpp"
#include "io/typed_wind.hpp"
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
    void beaufortIsInTheMiddleOfItsSteps();
    void wholeWindsAreTakenApart_data();
    void wholeWindsAreTakenApart();
    void whatIsNoWholeWindIsNone_data();
    void whatIsNoWholeWindIsNone();
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
    row("300 fpm", "m/s", 300.0 * 5.08e-3);
    row("400 feet", "m", 121.92);
    row("3 nm", "km", 5.556);
    row("1.5 hrs", "min", 90.0);
    row("14 ounces", "g", 14.0 * 28.349523125);
    row("5.5 amps at 14.8 volts", "W", 81.4);
    // Levels of IEC 60027-3, from memory: a milliwatt is 0 dBm, twice as much 3.0103 more.
    row("1 mW", "dBm", 0.0);
    row("25 mW", "dBm", 13.979400086720376);
    row("100 mW", "dBm", 20.0);
    row("0.5 W", "dBm", 26.989700043360187);
    row("-105 dBm", "dBm", -105.0);
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
    row("Nordwest", "°", 315.0);
    row("Südosten", "°", 135.0);
    row("Nord-Nordost", "°", 22.5);
    row("noroeste", "°", 315.0);
    row("sureste", "°", 135.0);
    row("norte", "°", 0.0);
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

/// Between the limits of the World Meteorological Organization's table, m/s (from memory).
void TypedNumberTest::beaufortIsInTheMiddleOfItsSteps() {
    constexpr double limits[] = {0.3, 1.6, 3.4, 5.5, 8.0, 10.8, 13.9, 17.2, 20.8, 24.5, 28.5, 32.7};
    for (int force = 1; force < 12; ++force) {
        for (const char* written : {"%1 Bft", "%1bft", "Bft %1", "force %1", "%1 Beaufort"}) {
            const auto typed = io::typed_number(QString::fromLatin1(written).arg(force).toStdString());
            QVERIFY2(typed, written);
            const auto mps = io::in_field_unit(*typed, "m/s");
            QVERIFY2(mps && *mps > limits[force - 1] && *mps < limits[force], written);
        }
    }
    VERIFY_NEAR(*io::in_field_unit(*io::typed_number("0 Bft"), "km/h"), 0.0, 1e-12);
    QVERIFY(!io::typed_number("13 Bft"));
    QVERIFY(!io::typed_number("force of 4"));
}

/// The groups of reports are examples as in the Manual on Codes, FM 15 (from memory).
void TypedNumberTest::wholeWindsAreTakenApart_data() {
    QTest::addColumn<QString>("typed");
    QTest::addColumn<double>("from_deg");
    QTest::addColumn<double>("mps");
    QTest::addColumn<double>("gust_mps");
    QTest::addColumn<bool>("of_airfield");
    const auto row = [](const char* typed, double from_deg, double mps, double gust_mps = -1.0,
                        bool airfield = false) {
        QTest::newRow(typed) << QString::fromUtf8(typed) << from_deg << mps << gust_mps << airfield;
    };
    constexpr double knot = 1852.0 / 3600.0;
    row("12 kn NW", 315.0, 12.0 * knot);
    row("NW 12 kn", 315.0, 12.0 * knot);
    row("12 kt from NW", 315.0, 12.0 * knot);
    row("22 km/h from 250°", 250.0, 22.0 / 3.6);
    row("250° 22km/h", 250.0, 22.0 / 3.6);
    row("250°/6", 250.0, 6.0);
    row("270/12", 270.0, 12.0);
    row("270 / 12 kn", 270.0, 12.0 * knot);
    row("270@6 m/s", 270.0, 6.0);
    row("W/15 mph", 270.0, 15.0 * 0.44704);
    row("6 m/s aus Südwest", 225.0, 6.0);
    row("15 km/h del noroeste", 315.0, 15.0 / 3.6);
    row("SW 4 Bft", 225.0, 0.836 * 8.0);
    row("4,5 m/s, WSW", 247.5, 4.5);
    row("8 kt gusting 14 from the south west", 225.0, 8.0 * knot, 14.0 * knot);
    row("225° 8 kt gust 14", 225.0, 8.0 * knot, 14.0 * knot);
    row("SW 8G14 kt", 225.0, 8.0 * knot, 14.0 * knot);
    row("SW 8G14KT", 225.0, 8.0 * knot, 14.0 * knot);
    row("270/8 g14 kn", 270.0, 8.0 * knot, 14.0 * knot);
    row("4 m/s aus Südwest, Böen bis 7 m/s", 225.0, 4.0, 7.0);
    row("4 m/s aus SW mit Böen 25 km/h", 225.0, 4.0, 25.0 / 3.6);
    row("15 km/h del noroeste con rachas de 30 km/h", 315.0, 15.0 / 3.6, 30.0 / 3.6);
    row("3 Bft NW, gusts 12 m/s", 315.0, 0.836 * std::pow(3.0, 1.5), 12.0);
    row("SW 4 Bft, Böen 6", 225.0, 0.836 * 8.0, 0.836 * std::pow(6.0, 1.5));
    row("SW 4 gusting 6 Bft", 225.0, 0.836 * 8.0, 0.836 * std::pow(6.0, 1.5));
    row("calm", 0.0, 0.0);
    row("27012KT", 270.0, 12.0 * knot, -1.0, true);
    row("24015G28KT", 240.0, 15.0 * knot, 28.0 * knot, true);
    row("19006MPS", 190.0, 6.0, -1.0, true);
    row("00000KT", 0.0, 0.0, -1.0, true);
    row("METAR XXXX 011330Z 24015G28KT 9999 FEW030 18/09 Q1018", 240.0, 15.0 * knot, 28.0 * knot, true);
}

void TypedNumberTest::wholeWindsAreTakenApart() {
    QFETCH(QString, typed);
    QFETCH(double, from_deg);
    QFETCH(double, mps);
    QFETCH(double, gust_mps);
    QFETCH(bool, of_airfield);
    const auto wind = io::typed_wind(typed.toStdString());
    QVERIFY(wind);
    VERIFY_NEAR(wind->from_deg, from_deg, 1e-9);
    const auto found = io::in_field_unit(wind->speed, "m/s");
    QVERIFY(found);
    VERIFY_NEAR(*found, mps, 1e-6);
    QCOMPARE(wind->gust.has_value(), gust_mps >= 0.0);
    if (wind->gust) VERIFY_NEAR(*wind->gust * wind->speed.unit->scale, gust_mps, 1e-6);
    QCOMPARE(wind->of_airfield, of_airfield);
}

void TypedNumberTest::whatIsNoWholeWindIsNone_data() {
    QTest::addColumn<QString>("typed");
    for (const char* typed : {"",
                              "12",
                              "12 kn",
                              "NW",
                              "270°",
                              "VRB03KT",
                              "45012KT",
                              "27012",
                              "270/12/5",
                              "400/12",
                              "270/12 A",
                              "12 from 13",
                              "NW SE 12 kn",
                              "NW -3 kn",
                              "27012GKT",
                              "1/2",
                              "5/7 m/s",
                              "breezy",
                              "SW 8-12 kt",
                              "variable 3 kt",
                              "SW 12 kt gusting 8",
                              "SW 8 kt gusting",
                              "SW gusting 14 kt",
                              "3 Bft NW gusts 25",
                              "calm NW",
                              "SW 8 kt gusting hard"})
        QTest::newRow(typed) << QString::fromUtf8(typed);
}

void TypedNumberTest::whatIsNoWholeWindIsNone() {
    QFETCH(QString, typed);
    const auto wind = io::typed_wind(typed.toStdString());
    QVERIFY2(!wind, qPrintable(typed));
}

SOBREMESA_TEST(TypedNumberTest)
#include "tst_typed_number.moc"
