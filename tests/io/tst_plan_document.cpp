#include <algorithm>
#include <variant>

#include <QTest>

#include <nlohmann/json.hpp>

#include "core/mission/make_plan.hpp"
#include "io/kept_documents.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"
#include "support/compare.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using units::DiagnosticCode;
using units::ErrorCode;

namespace {

const std::string smallest = R"({ "aircraft": {"kind": "point", "mass_kg": 1.25, "cruise_airspeed_mps": 14.0,
    "cruise_power_w": 68.0},
  "pack": {"chemistry": "li-ion", "series": 4, "parallel": 2, "cell_capacity_ah": 4.5, "cell_resistance_ohm": 0.022,
    "mass_kg": 0.58},
  "weather": {"wind_mps": 4.0, "wind_from_deg": 270, "temperature_c": 18},
  "mission": {"kind": "out-and-back", "bearing_deg": 265, "height_m": 90},
  "reserve": {"share_of_usable": 0.2}, "landing": {"cell_voltage_v": 2.8} })";

std::string with(const std::string& from, const std::string& to) {
    std::string text = smallest;
    const auto at = text.find(from);
    if (at == std::string::npos) qFatal("the sample document has no such text");
    return text.replace(at, from.size(), to);
}

} // namespace

class PlanDocumentTest : public QObject {
    Q_OBJECT
private slots:
    void smallestDocumentReads();
    void writtenDocumentReadsTheSame();
    void onlyWhatCannotBeLeftOutIsNeeded();
    void unknownKeysWarn();
    void badDocuments_data();
    void badDocuments();
    void syntaxErrorsNameThePlace();
    void packAloneIsADocument();
    void ampsAreWattsAtAVoltage();
    void aWholeWindStandsForItsParts();
    void aNumberUnderAKeyWithoutUnitIsRefused();
    void growthAndCloudAreReadAsTheyAreSaid();
    void ratesOfATableMayBeInCapacitiesAnHour();
    void demoPlansRead();
};

void PlanDocumentTest::smallestDocumentReads() {
    const auto document = io::plan_from_json(smallest, "smallest.json");
    QVERIFY(document.has_value());
    QVERIFY(document->diagnostics.empty());
    const auto plan = mission::make_plan(document->request);
    // The sample says what most tests want said; here what is left out counts.
    mission::PlanRequest left_out = tests::sample_request();
    left_out.turn = {};
    left_out.weather.wind_sd_mps = flying::forecast_wind_sd_mps;
    left_out.weather.gust_mps.reset();
    const auto expected = mission::make_plan(left_out);
    VERIFY_NEAR(plan->turn->distance_m.value, expected->turn->distance_m.value, 1e-9);
}

void PlanDocumentTest::writtenDocumentReadsTheSame() {
    auto request = tests::sample_request();
    request.name = "Ridge “west”";
    request.reserve = mission::LoiterAtHome{7.5};
    request.turn.counted = {mission::TurnRule::energy_home, mission::TurnRule::voltage};
    request.pack.rate_table = {{0.2, 3.0}, {10.0, 2.75}};
    request.pack.rate_table_cutoff_v = 2.5;
    const std::string text = io::json_from_plan(request);
    const auto document = io::plan_from_json(text, "again.json");
    QVERIFY(document.has_value());
    QCOMPARE(io::json_from_plan(document->request), text);
    QCOMPARE(std::get<mission::LoiterAtHome>(document->request.reserve).minutes, 7.5);
}

void PlanDocumentTest::onlyWhatCannotBeLeftOutIsNeeded() {
    const auto document = io::plan_from_json(R"({"aircraft": {"mass_kg": 1, "cruise_airspeed_mps": 14,
        "cruise_power_w": 70}, "pack": {"chemistry": "lipo", "series": 4, "cell_capacity_ah": 5, "mass_kg": 0.5},
        "weather": {"wind_mps": 3, "wind_from_deg": 200}})",
                                             "bare.json");
    QVERIFY(document.has_value());
    const auto& request = document->request;
    QCOMPARE(request.mission.bearing_deg, 200.0); // out into the wind
    QCOMPARE(request.pack.parallel, 1);
    VERIFY_NEAR(battery::cell_resistance_ohm(request.pack), 0.009 / 5.0, 1e-12);
    QVERIFY(!request.landing_cell_v.has_value());
    QVERIFY(mission::make_plan(request)->turn.has_value());
}

void PlanDocumentTest::unknownKeysWarn() {
    const auto document =
        io::plan_from_json(with("\"mass_kg\": 1.25", "\"mass_kg\": 1.25, \"colour\": \"red\""), "x");
    QVERIFY(document.has_value());
    QCOMPARE(document->diagnostics.size(), std::size_t(1));
    QCOMPARE(document->diagnostics[0].code, DiagnosticCode::unknown_key);
    QCOMPARE(std::get<std::string>(document->diagnostics[0].parameters[0].value), std::string("aircraft.colour"));
    QCOMPARE(document->diagnostics[0].parameters.size(), std::size_t(1)); // near nothing

    // A key that shares a word, or all letters but one or two, with one that is known and not there.
    const auto nearest = [](const char* wind, const char* more) {
        const auto read = io::plan_from_json(with("\"wind_mps\": 4.0", std::string(wind) + more), "x");
        if (!read || read->diagnostics.empty() || read->diagnostics[0].parameters.size() < 2) return std::string();
        return std::get<std::string>(read->diagnostics[0].parameters[1].value);
    };
    QCOMPARE(nearest("", "\"wind_speed\": 4"), std::string("wind_mps"));
    QCOMPARE(nearest("\"wind_mps\": 4,", "\"presure_pa\": 99000"), std::string("pressure_pa"));
    QCOMPARE(nearest("\"wind_mps\": 4,", "\"humidity\": 0.4"), std::string("relative_humidity"));
    QCOMPARE(nearest("\"wind_mps\": 4,", "\"temperature\": 4"), std::string());
}

void PlanDocumentTest::badDocuments_data() {
    QTest::addColumn<QString>("from");
    QTest::addColumn<QString>("to");
    QTest::addColumn<int>("code");
    QTest::addColumn<QString>("field");
    QTest::newRow("lacks energy") << "\"cell_capacity_ah\": 4.5, "
                                  << "" << int(ErrorCode::value_missing) << "pack.cell_capacity_ah";
    QTest::newRow("negative mass") << "\"mass_kg\": 1.25"
                                   << "\"mass_kg\": -1.25" << int(ErrorCode::value_out_of_range)
                                   << "aircraft.mass_kg";
    QTest::newRow("text for a number") << "\"cruise_power_w\": 68.0"
                                       << "\"cruise_power_w\": \"much\"" << int(ErrorCode::json_wrong_type)
                                       << "aircraft.cruise_power_w";
    QTest::newRow("half a cell") << "\"series\": 4"
                                 << "\"series\": 4.5" << int(ErrorCode::json_wrong_type) << "pack.series";
    QTest::newRow("as many cells as atoms")
        << "\"series\": 4"
        << "\"series\": 1e300" << int(ErrorCode::json_wrong_type) << "pack.series";
    QTest::newRow("unknown chemistry") << "li-ion"
                                       << "lead" << int(ErrorCode::word_unknown) << "pack.chemistry";
    QTest::newRow("unknown mission") << "out-and-back"
                                     << "loop" << int(ErrorCode::word_unknown) << "mission.kind";
    QTest::newRow("two reserves") << "\"share_of_usable\": 0.2"
                                  << "\"share_of_usable\": 0.2, \"loiter_min\": 5"
                                  << int(ErrorCode::values_conflict) << "reserve";
    QTest::newRow("unknown school") << "\"landing\""
                                    << "\"turn\": {\"schools\": [\"gut-feeling\"]}, \"landing\""
                                    << int(ErrorCode::word_unknown) << "turn.schools";
    QTest::newRow("pack is a list") << "\"pack\": {"
                                    << "\"pack\": [], \"other\": {" << int(ErrorCode::json_wrong_type) << "pack";
    QTest::newRow("another format") << "\"aircraft\""
                                    << "\"format\": \"recipe\", \"aircraft\"" << int(ErrorCode::format_unknown)
                                    << "format";
    QTest::newRow("a newer version") << "\"aircraft\""
                                     << "\"version\": 9, \"aircraft\"" << int(ErrorCode::version_newer)
                                     << "version";
}

void PlanDocumentTest::badDocuments() {
    QFETCH(QString, from);
    QFETCH(QString, to);
    QFETCH(int, code);
    QFETCH(QString, field);
    const auto document = io::plan_from_json(with(from.toStdString(), to.toStdString()), "bad.json");
    QVERIFY(!document.has_value());
    QCOMPARE(int(document.error().code), code);
    QCOMPARE(QString::fromStdString(document.error().where.field), field);
    QCOMPARE(document.error().where.file, std::string("bad.json"));
}

void PlanDocumentTest::syntaxErrorsNameThePlace() {
    const auto document = io::plan_from_json("{\n  \"aircraft\": {,}\n}", "typo.json");
    QVERIFY(!document.has_value());
    QCOMPARE(document.error().code, ErrorCode::json_syntax);
    QCOMPARE(*document.error().where.line, std::int64_t(2));
    for (const std::string& text : {std::string(), std::string("\xff\xfe\x00", 3), std::string(200000, '['),
                                    std::string("[1, 2]"), std::string("null")}) {
        QVERIFY(!io::plan_from_json(text, "x").has_value());
    }
}

void PlanDocumentTest::ampsAreWattsAtAVoltage() {
    const auto power = [](const std::string& cruise) {
        const auto read = io::plan_from_json(with("\"cruise_power_w\": 68.0", cruise), "amps.json");
        return read ? read->request.aircraft.cruise_power_w : -1.0;
    };
    const auto refused = [](const std::string& cruise) {
        const auto read = io::plan_from_json(with("\"cruise_power_w\": 68.0", cruise), "amps.json");
        return read ? std::string() : read.error().where.field;
    };
    VERIFY_NEAR(power(R"("cruise_current_a": 4.6, "cruise_voltage_v": 14.8)"), 68.08, 1e-9);
    // At the volts of this pack at half charge: a 4S Li-ion pack rests near 3.7 V a cell there and sags a little.
    VERIFY_NEAR(power(R"("cruise_current_a": 4.6)"), 4.6 * 4.0 * 3.65, 4.6 * 4.0 * 0.1);
    QCOMPARE(refused(R"("cruise_current_a": 4.6, "cruise_power_w": 68)"), std::string("aircraft"));
    // Written where the watts stand, they are the same amps; what is neither is repeated in the message.
    QCOMPARE(power(R"("cruise_power_w": "4.6 A")"), power(R"("cruise_current_a": 4.6)"));
    QCOMPARE(power(R"("cruise_power_w": "4600 mA", "cruise_voltage_v": "14.8 V")"),
             power(R"("cruise_current_a": 4.6, "cruise_voltage_v": 14.8)"));
    QCOMPARE(refused(R"("cruise_power_w": "4.6 A", "cruise_current_a": 4.6)"), std::string("aircraft"));
    const auto volts =
        io::plan_from_json(with("\"cruise_power_w\": 68.0", R"("cruise_power_w": "4.6 V")"), "v.json");
    QVERIFY(!volts);
    QVERIFY(std::any_of(volts.error().parameters.begin(), volts.error().parameters.end(), [](const auto& told) {
        return told.name == "given" && std::get<std::string>(told.value) == "4.6 V";
    }));
    QCOMPARE(refused(R"("cruise_power_w": 68, "cruise_voltage_v": 14.8)"),
             std::string("aircraft.cruise_current_a"));
    QCOMPARE(refused(R"("cruise_current_a": -4)"), std::string("aircraft.cruise_power_w"));
    QCOMPARE(refused(R"("cruise_current_a": 1e300)"), std::string("aircraft.cruise_power_w"));
    // An aircraft alone has no pack.
    const std::string alone =
        R"({"format": "sobremesa-aircraft", "version": 1, "mass_kg": 1, "cruise_airspeed_mps": 14,
        "cruise_current_a": 5)";
    const auto without = io::kept_aircraft_from_json(alone + "}", "a.json");
    QVERIFY(!without);
    QCOMPARE(without.error().where.field, std::string("cruise_voltage_v"));
    VERIFY_NEAR(
        io::kept_aircraft_from_json(alone + R"(, "cruise_voltage_v": 15})", "a.json")->aircraft.cruise_power_w,
        75.0, 1e-9);
}

void PlanDocumentTest::packAloneIsADocument() {
    const auto document = io::pack_from_json(
        R"({"chemistry": "li-ion", "series": 6, "cell_capacity_ah": 4, "mass_kg": 0.4, "colour": 1})", "pack.json");
    QVERIFY(document.has_value());
    QCOMPARE(document->pack.series, 6);
    QCOMPARE(document->diagnostics.size(), std::size_t(1));
    QVERIFY(!io::pack_from_json("{}", "pack.json").has_value());
}

void PlanDocumentTest::aWholeWindStandsForItsParts() {
    auto tree = nlohmann::json::parse(io::json_from_plan(tests::sample_request()));
    for (const char* key : {"wind_mps", "wind_from_deg", "gust_mps", "wind_height_m"}) tree["weather"].erase(key);
    const auto read = [&](const char* wind) {
        auto with = tree;
        with["weather"]["wind"] = wind;
        return io::plan_from_json(with.dump(), "wind.json");
    };
    const auto said = read("22 km/h from NW");
    QVERIFY(said && said->diagnostics.empty());
    VERIFY_NEAR(said->request.weather.wind.speed_mps, 22.0 / 3.6, 1e-9);
    VERIFY_NEAR(said->request.weather.wind.from_deg, 315.0, 1e-9);
    QVERIFY(!said->request.weather.wind_height_m);
    // An airfield's report is of ten metres above the ground, and its gusts are whole ones.
    const auto reported = read("24015G28KT");
    QVERIFY(reported && reported->diagnostics.empty());
    VERIFY_NEAR(reported->request.weather.wind.speed_mps, 15.0 * 1852.0 / 3600.0, 1e-9);
    VERIFY_NEAR(*reported->request.weather.gust_mps, 13.0 * 1852.0 / 3600.0, 1e-9);
    VERIFY_NEAR(*reported->request.weather.wind_height_m, 10.0, 1e-9);
    // A speed without a unit is not guessed, and two winds are one too many.
    const auto bare = read("270/12");
    QVERIFY(!bare && bare.error().code == units::ErrorCode::word_unknown);
    QCOMPARE(bare.error().where.field, std::string("weather.wind"));
    // A wind that is none is not left out of the plan.
    for (const char* wind : {"breezy", "SW 8-12 kt", "variable 3 kt", "5 to 7"}) {
        const auto none = read(wind);
        QVERIFY2(!none && none.error().code == units::ErrorCode::word_unknown, wind);
        QCOMPARE(none.error().where.field, std::string("weather.wind"));
    }
    // Rows of winds by height are written alike.
    auto rows = tree;
    rows["weather"]["wind_table"] = {{{"height_m", 10}, {"wind", "8 kn SW"}},
                                     {{"height_m", 300}, {"wind_mps", 9}, {"wind_from_deg", 250}}};
    const auto table = io::plan_from_json(rows.dump(), "wind.json");
    QVERIFY(table && table->diagnostics.empty());
    VERIFY_NEAR(table->request.weather.wind_table.front().wind.from_deg, 225.0, 1e-9);
    rows["weather"]["wind_table"][1] = {{"height_m", 300}, {"wind", "breezy"}};
    const auto unreadable = io::plan_from_json(rows.dump(), "wind.json");
    QVERIFY(!unreadable);
    QCOMPARE(unreadable.error().where.field, std::string("weather.wind_table[1].wind"));
    tree["weather"]["wind_mps"] = 3.0;
    const auto twice = read("22 km/h from NW");
    QVERIFY(!twice && twice.error().code == units::ErrorCode::values_conflict);
}

void PlanDocumentTest::aNumberUnderAKeyWithoutUnitIsRefused() {
    const auto refused = [](const char* object, const char* key, const nlohmann::json& value) {
        auto tree = nlohmann::json::parse(io::json_from_plan(tests::sample_request()));
        // What is given only so.
        for (const std::string unit : {"_m", "_kg", "_c", "_deg", "_mps", "_mps_per_h"})
            tree[object].erase(key + unit);
        tree[object][key] = value;
        const auto read = io::plan_from_json(tree.dump(), "bare.json");
        if (read) return std::string("read");
        const auto& error = read.error();
        std::string text = error.where.field;
        for (const auto& told : error.parameters) {
            if (const auto* word = std::get_if<std::string>(&told.value)) text += " | " + *word;
        }
        return text;
    };
    QCOMPARE(refused("mission", "height", 80), std::string("mission.height | 80 | 80 m, 80 cm, 80 ft"));
    QCOMPARE(refused("mission", "height", "80"), std::string("mission.height | 80 | 80 m, 80 cm, 80 ft"));
    QCOMPARE(refused("mission", "height", "high"), std::string("mission.height | number | high"));
    QCOMPARE(refused("mission", "height", "80 m"), std::string("read"));
    QCOMPARE(refused("aircraft", "mass", 0.95), std::string("aircraft.mass | 0.95 | 0.95 kg, 0.95 g, 0.95 oz"));
    QCOMPARE(refused("weather", "temperature", 12), std::string("weather.temperature | 12 | 12 °C, 12 °F"));
    QCOMPARE(refused("weather", "wind", 8), std::string("weather.wind | 8 | 8 m/s, 8 km/h, 8 kn"));
    QCOMPARE(refused("weather", "wind_growth", "2 mph/h"), std::string("read"));
    // Nothing is nothing, and what is no number is somebody else's.
    QCOMPARE(refused("mission", "height", nullptr), std::string("read"));
}

void PlanDocumentTest::growthAndCloudAreReadAsTheyAreSaid() {
    auto tree = nlohmann::json::parse(io::json_from_plan(tests::sample_request()));
    tree["weather"].erase("wind_growth_mps_per_h");
    tree["weather"]["wind_growth"] = "2 mph/h";
    tree["sun"] = {{"cloud_okta", "3/8"}};
    const auto read = io::plan_from_json(tree.dump(), "said.json");
    QVERIFY(read && read->diagnostics.empty());
    VERIFY_NEAR(read->request.weather.wind_growth_mps_per_h, 2.0 * 0.44704, 1e-9);
    VERIFY_NEAR(read->request.sun->cloud_okta, 3.0, 1e-9);
    tree["sun"] = {{"cloud_okta", "50 %"}};
    VERIFY_NEAR(io::plan_from_json(tree.dump(), "said.json")->request.sun->cloud_okta, 4.0, 1e-9);
}

void PlanDocumentTest::ratesOfATableMayBeInCapacitiesAnHour() {
    const auto document = io::pack_from_json(
        R"({"chemistry": "li-ion", "series": 6, "parallel": 2, "cell_capacity_ah": 4, "mass_kg": 0.8,
            "rate_table": [{"current_a": "1C", "charge_ah": 3.9}, {"current": "2.5 C", "charge": "3800 mAh"}]})",
        "pack.json");
    QVERIFY(document && document->diagnostics.empty());
    // Of one cell.
    VERIFY_NEAR(document->pack.rate_table.front().current_a, 4.0, 1e-9);
    VERIFY_NEAR(document->pack.rate_table.back().current_a, 10.0, 1e-9);
    VERIFY_NEAR(document->pack.rate_table.back().charge_ah, 3.8, 1e-9);
}

void PlanDocumentTest::demoPlansRead() {
    for (const char* name : {"alcaravan-west.plan.json", "tarabilla-quarry.plan.json"}) {
        const auto document = io::read_plan_file(std::string(DEMO_DIR) + "/" + name);
        QVERIFY(document.has_value());
        QVERIFY(document->diagnostics.empty());
        QVERIFY(mission::make_plan(document->request)->turn.has_value());
    }
}

SOBREMESA_TEST(PlanDocumentTest)
#include "tst_plan_document.moc"
