// What can be typed: an editor for every field of the documents, and what pilots type into some of them.

#include <QAbstractButton>
#include <QRegularExpression>

#include "app/fields/request_field.hpp"
#include "app/fields/sun_fields.hpp"
#include "app/opened_window.hpp"
#include "app/places/packs/pack_builder_page.hpp"
#include "app/places/packs/packs_place.hpp"
#include "core/battery/pack_builder.hpp"
#include "core/units/quantity.hpp"
#include "io/field_tables.hpp"
#include "session/plan_session.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using namespace sobremesa::tests;

class FieldsTest : public QObject {
    Q_OBJECT
private slots:
    void everyFieldOfADocumentHasAnEditor_data();
    void everyFieldOfADocumentHasAnEditor();
    void cRatingsAreAmpsOfThisPack();
    void sizesAndTablesAreTyped();
    void aWholeWindIsTypedAtOnce();
    void degreesFahrenheit();
    void cellSizesFillInTheirSides();

private:
    static RequestField named(const std::vector<RequestField>& fields, const std::string& path) {
        for (const auto& field : fields) {
            if (field.path == path) return field;
        }
        qFatal("there is no field %s", path.c_str());
    }
};

void FieldsTest::everyFieldOfADocumentHasAnEditor_data() {
    QTest::addColumn<QStringList>("elsewhere");
    // Edited in their own places: notes and retiring in the list, readings in Health, the sensor's scale in
    // Sensors; what the program fits is used or discarded, not typed; the only kind of aircraft is no choice.
    QTest::newRow("aircraft") << QStringList{QStringLiteral("kind"), QStringLiteral("curve"),
                                             QStringLiteral("note"), QStringLiteral("retired"),
                                             QStringLiteral("current_scale"), QStringLiteral("scale_convention"),
                                             // With the watts: "5.5 A at 14.8 V".
                                             QStringLiteral("cruise_voltage_v")};
    QTest::newRow("pack") << QStringList{QStringLiteral("known"), QStringLiteral("readings"),
                                         QStringLiteral("note"), QStringLiteral("retired")};
    QTest::newRow("build") << QStringList{};
    // Chosen, not typed: aircraft and pack; which rules count stands in their table. Places and areas are the rows
    // of another table, winds by height those of a third: named in the test of the places. A reserve's three ways
    // are one field's.
    QTest::newRow("plan") << QStringList{QStringLiteral("name"), QStringLiteral("aircraft"),
                                         QStringLiteral("pack")};
}

void FieldsTest::everyFieldOfADocumentHasAnEditor() {
    QFETCH(QStringList, elsewhere);
    const QString document = QString::fromLatin1(QTest::currentDataTag());
    const wording::Quantities q;
    QStringList typed;
    OpenedWindow window;
    for (const auto& fields : {aircraft_fields(q), more_aircraft_fields(q), array_fields(), converter_fields(),
                               pack_fields(q), more_pack_fields(q), window->packs().packBuilder().cellFields(),
                               window->packs().packBuilder().joiningFields()}) {
        for (const auto& field : fields) typed << QString::fromStdString(field.path);
    }
    for (const auto& fields :
         {wind_fields(q), temperature_fields(q), bearing_fields(), std::vector{mission_kind_field()},
          mission_fields(q), sun_fields(), weather_fields(q), safety_fields(q), ground_fields(), height_fields(q),
          reserve_fields(), landing_fields()}) {
        for (const auto& field : fields) typed << QStringLiteral("plan.") + QString::fromStdString(field.path);
    }
    for (const mission::TurnRule rule : mission::all_turn_rules()) {
        if (const auto field = turn_rule_field(rule, q))
            typed << QStringLiteral("plan.") + QString::fromStdString(field->path);
    }
    // The rows of tables.
    for (const char* table : {"plan.mission.waypoints", "plan.mission.alternates", "plan.mission.no_landing",
                              "plan.weather.wind_table", "plan.turn.schools"})
        typed << QString::fromLatin1(table);
    const QRegularExpression key(QStringLiteral("^\\| `([^`]+)`"), QRegularExpression::MultilineOption);
    const QString table = QString::fromStdString(io::field_table(document.toStdString()));
    auto found = key.globalMatch(table);
    int fields = 0;
    while (found.hasNext()) {
        QString path = found.next().captured(1).remove(QStringLiteral("[]"));
        if (elsewhere.contains(path.section(QLatin1Char('.'), 0, 0))) continue;
        ++fields;
        const QString whole = document + QLatin1Char('.') + path;
        // A part is typed with the whole ("138 × 45 × 40"), and a whole by its parts.
        bool has = false;
        for (QString one : typed) {
            one.replace(QStringLiteral(".size."), QStringLiteral("."));
            has = has || one == whole || whole.startsWith(one + QLatin1Char('.')) ||
                  one.startsWith(whole + QLatin1Char('.'));
        }
        // The width of a round cell is its diameter.
        if (whole == QLatin1String("build.cell.width_m")) has = true;
        QVERIFY2(has, qPrintable(whole + QStringLiteral(" cannot be typed")));
    }
    QVERIFY(fields >= 15);
}

void FieldsTest::cRatingsAreAmpsOfThisPack() {
    const auto field = named(more_pack_fields(wording::Quantities()), "pack.rated_current_a");
    auto request = session::first_request();
    request.pack.cell_capacity_ah = 3.0;
    request.pack.parallel = 2;
    QCOMPARE(field.read(request, QStringLiteral("10C")), QString());
    VERIFY_NEAR(*request.pack.rated_current_a, 60.0, 1e-9);
    QCOMPARE(field.read(request, QStringLiteral("7.5 c")), QString());
    VERIFY_NEAR(*request.pack.rated_current_a, 45.0, 1e-9);
    QCOMPARE(field.read(request, QStringLiteral("35")), QString());
    VERIFY_NEAR(*request.pack.rated_current_a, 35.0, 1e-9);
    QVERIFY(!field.read(request, QStringLiteral("10 V")).isEmpty());
    VERIFY_NEAR(*request.pack.rated_current_a, 35.0, 1e-9);
}

void FieldsTest::aWholeWindIsTypedAtOnce() {
    wording::UnitChoice units;
    units.wind = wording::UnitChoice::Speed::knots;
    const auto fields = wind_fields(wording::Quantities(units));
    const auto speed = named(fields, "weather.wind_mps");
    const auto from = named(fields, "weather.wind_from_deg");
    auto request = session::first_request();
    QCOMPARE(speed.read(request, QStringLiteral("22 km/h NW")), QString());
    VERIFY_NEAR(request.weather.wind.speed_mps, 22.0 / 3.6, 1e-9);
    VERIFY_NEAR(request.weather.wind.from_deg, 315.0, 1e-9);
    // Without a unit it is in the field's, in either field.
    QCOMPARE(from.read(request, QStringLiteral("250/12")), QString());
    VERIFY_NEAR(request.weather.wind.speed_mps, 12.0 * 1852.0 / 3600.0, 1e-6);
    VERIFY_NEAR(request.weather.wind.from_deg, 250.0, 1e-9);
    QVERIFY(!request.weather.wind_height_m);
    QCOMPARE(speed.read(request, QStringLiteral("24015G28KT")), QString());
    VERIFY_NEAR(*request.weather.wind_height_m, 10.0, 1e-9);
    VERIFY_NEAR(*request.weather.gust_mps, 13.0 * 1852.0 / 3600.0, 1e-6);
    QCOMPARE(speed.read(request, QStringLiteral("4 Bft")), QString());
    VERIFY_NEAR(request.weather.wind.speed_mps, 0.836 * 8.0, 1e-6);
    VERIFY_NEAR(request.weather.wind.from_deg, 240.0, 1e-9);
    QVERIFY(!speed.read(request, QStringLiteral("VRB03KT")).isEmpty());
}

void FieldsTest::sizesAndTablesAreTyped() {
    auto request = session::first_request();
    const auto size = named(more_pack_fields(wording::Quantities()), "pack.size");
    for (const char* text : {"138 × 45 × 40", "138x45x40 mm", "138 45 40", "138*45*40"}) {
        request.pack.size.reset();
        QCOMPARE(size.read(request, QString::fromUtf8(text)), QString());
        QVERIFY(request.pack.size);
        VERIFY_NEAR(request.pack.size->width_m, 0.045, 1e-9);
    }
    QCOMPARE(size.text(request), QStringLiteral("138 × 45 × 40"));
    QVERIFY(!size.read(request, QStringLiteral("138 × 45")).isEmpty());
    QCOMPARE(size.read(request, QString()), QString());
    QVERIFY(!request.pack.size);
    const auto table = named(more_pack_fields(wording::Quantities()), "pack.rate_table");
    QCOMPARE(table.read(request, QStringLiteral("10 A 2.9 Ah; 20 A 2.75 Ah")), QString());
    QCOMPARE(request.pack.rate_table.size(), std::size_t(2));
    QVERIFY(!table.read(request, QStringLiteral("10 A")).isEmpty());
    QCOMPARE(request.pack.rate_table.size(), std::size_t(2));
}

/// NIST SP 811: t(°F) = 1.8 t(°C) + 32.
void FieldsTest::degreesFahrenheit() {
    wording::UnitChoice units;
    units.temperature = wording::UnitChoice::Temperature::fahrenheit;
    const wording::Quantities q(units);
    const auto field = temperature_fields(q).front();
    auto request = session::first_request();
    request.weather.temperature_c = 20.0;
    QCOMPARE(field.written(request), QString::fromUtf8("68\u202F°F"));
    QCOMPARE(field.read(request, QStringLiteral("14")), QString());
    VERIFY_NEAR(request.weather.temperature_c, -10.0, 1e-9);
    QCOMPARE(field.read(request, QString::fromUtf8("5 °C")), QString());
    VERIFY_NEAR(request.weather.temperature_c, 5.0, 1e-9);
    // A change has no zero: ten kelvin are eighteen of these.
    QCOMPARE(q.text(units::Quantity::temperature, {-40.0, 0.0}), QString::fromUtf8("\u221240\u202F°F"));
    const auto notation = q.notation(units::Quantity::temperature);
    QCOMPARE(wording::written(10.0, 0.0, notation.ofDifference()), QString::fromUtf8("18\u202F°F"));
    QCOMPARE(wording::written_error(5.0, notation), QString::fromUtf8("±\u202F9"));
    VERIFY_NEAR(notation.fromShown(notation.shown(23.4)), 23.4, 1e-12);
    // On the whole window: the setting, and back.
    OpenedWindow window;
    window->openFile(QStringLiteral(DEMO_DIR "/alcaravan-west.plan.json"));
    window.settle();
    Look::instance().setUnits(units);
    window.settle();
    bool said = false;
    for (const auto* word : window->findChildren<QAbstractButton*>())
        said = said || word->text().contains(QString::fromUtf8("°F"));
    Look::instance().setUnits({});
    QVERIFY(said);
}

void FieldsTest::cellSizesFillInTheirSides() {
    OpenedWindow window;
    auto& page = window->packs().packBuilder();
    const auto fields = page.cellFields();
    const auto format = named(fields, "build.cell.format");
    const auto height = named(fields, "build.cell.height_m");
    const auto mass = named(fields, "build.cell.mass_kg");
    mission::PlanRequest nothing;
    QCOMPARE(format.choice(nothing), 0);
    format.setChoice(nothing, format.choices.indexOf(QStringLiteral("21700")));
    // Named by its nominal size: 21 mm across, 70 mm high.
    VERIFY_NEAR(height.number(nothing), 0.070, 0.001);
    QVERIFY(mass.number(nothing) > 0.060 && mass.number(nothing) < 0.075);
    height.setNumber(nothing, 0.08);
    QCOMPARE(format.choice(nothing), int(format.choices.size()) - 1);
}

SOBREMESA_TEST(FieldsTest)
#include "tst_fields.moc"
