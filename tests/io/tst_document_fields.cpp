// One description of a document's fields: what it reads, writes, reports and documents.

#include <algorithm>
#include <cmath>
#include <cstring>

#include <QFile>
#include <QTest>

#include "core/units/diagnostic.hpp"
#include "io/book_fields.hpp"
#include "io/build_document.hpp"
#include "io/field_tables.hpp"
#include "io/kept_documents.hpp"
#include "io/key_units.hpp"
#include "io/plan_document.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using nlohmann::json;

namespace {

std::string fields_of(const std::vector<units::Diagnostic>& diagnostics) {
    std::string all;
    for (const auto& diagnostic : diagnostics) {
        if (diagnostic.code != units::DiagnosticCode::unknown_key) continue;
        all += std::get<std::string>(diagnostic.parameters.front().value) + " ";
    }
    return all;
}

json whole_pack() {
    return json::parse(
        R"({"name": "B-07", "chemistry": "li-ion", "series": 6, "parallel": 2, "cell_capacity_ah": 2.9,
        "mass_kg": 0.6, "mass_on_scale": true, "cell_resistance_ohm": 0.021, "lead_resistance_ohm": 0.004, "capacity_factor": 0.95,
        "resistance_factor": 1.2, "start_temperature_c": 19, "start_cell_v": 4.1, "weakest_cell_below_v": 0.03,
        "rated_current_a": 30, "current_label": "pack-c", "strips_current_a": 40, "connector_current_a": 60,
        "measured_cell_ohm": 0.03, "construction": "high-drain", "price": 75,
        "size": {"length_m": 0.14, "width_m": 0.04, "height_m": 0.04},
        "rate_table": [{"current_a": 1, "charge_ah": 2.9}, {"current_a": 10, "charge_ah": 2.7}],
        "rate_table_cutoff_v": 2.6, "rate_table_held_temperature": true,
        "known": {"capacity_share": 0.93, "capacity_share_sd": 0.02, "cell_resistance_ohm": 0.022,
            "cell_resistance_sd_ohm": 0.002, "slow_factor": 1.3, "slow_factor_sd": 0.4,
            "curve_offset_v": [0.01, 0.02, -0.01, 0, 0.01, -0.005], "usable_relative_sd": 0.02, "flights": 5,
            "recharges": 2, "known_utc": "2026-05-01", "frozen": true},
        "readings": [{"time_s": 1.7e9, "cycles": 3, "full_recharge_ah": 5.6, "cell_resistance_ohm": [0.02, 0.021],
            "cell_v": [4.19, 4.2]}],
        "note": "spare", "retired": true})");
}

json whole_plan() {
    json plan = json::parse(R"({"name": "one",
        "aircraft": {"name": "A", "mass_kg": 1.25, "cruise_airspeed_mps": 14.0, "cruise_power_w": 68.0, "craft": "wing",
            "cruise_all_up_mass_kg": 1.8, "cruise_density_kgm3": 1.2, "full_power_w": 400, "controller_current_a": 50, "motor_current_a": 80,
            "failsafe_signal_dbm": -100, "failsafe_link_share": 0.6, "most_pack_mass_kg": 0.9, "bay_length_m": 0.2,
            "bay_width_m": 0.05, "bay_height_m": 0.05, "wing": {"area_m2": 0.3, "span_m": 1.5, "cl_max": 1.2},
            "electronics": [{"name": "video", "power_w": 6, "mass_kg": 0.05}], "rotor": {"rotors": 4, "propeller_diameter_m": 0.2}},
        "weather": {"wind_mps": 3.5, "wind_from_deg": 270, "wind_height_m": 60, "wind_sd_mps": 1.5, "home_wind_factor": 1.4,
            "gust_mps": 2, "temperature_c": 12, "field_elevation_m": 200, "wind_exponent": 0.2, "wind_growth_mps_per_h": 0.5,
            "wind_from_sd_deg": 12, "pressure_pa": 99000, "relative_humidity": 0.4,
            "wind_table": [{"height_m": 10, "wind_mps": 2, "wind_from_deg": 10},
                {"height_m": 100, "wind_mps": 4, "wind_from_deg": 20}]},
        "mission": {"kind": "route", "bearing_deg": 100, "height_m": 80, "climb_rate_mps": 2, "descent_rate_mps": 1.2,
            "climb_angle_deg": 9, "climb_throttle": 0.7, "speed_out": "fixed", "speed_home": "best-range", "airspeed_mps": 13.5,
            "most_power_share": 0.45, "farthest_m": 9000, "loiter_radius_m": 80, "turn_bank_deg": 25, "landing_height_m": 15,
            "landing_sink_mps": 0.9, "clearance_m": 35, "over_land_by_ah": 3.9,
            "no_landing": [{"name": "lake", "rings_m": [[[500, 100], [900, 100], [900, 600]], [[600, 150], [700, 150], [650, 160]]]}], "height_ceiling_m": 110, "terrain": "hills.tif",
            "home": {"latitude_deg": 42, "longitude_deg": -5},
            "waypoints": [{"name": "hill", "east_m": 100, "north_m": 900, "height_m": 85, "loiter_s": 120}],
            "alternates": [{"name": "field", "east_m": -100, "north_m": 400, "height_m": 3}]},
        "reserve": {"share_of_usable": 0.25}, "landing": {"cell_voltage_v": 3.0},
        "turn": {"schools": ["energy-home"], "share_left": 0.55, "least_chance": 0.85, "landing_charge_ah": 4.5},
        "failsafe": {"height_m": 70, "airspeed_mps": 13, "throttle": 0.6},
        "link": {"frequency_mhz": 868, "radiated_dbm": 20, "least_signal_dbm": -105, "measured_reach_m": 9000, "antenna_height_m": 3},
        "video_link": {"frequency_mhz": 5800, "radiated_dbm": 28, "least_signal_dbm": -92, "measured_reach_m": 7000, "antenna_height_m": 2.5},
        "sun": {"start_utc": "2026-06-21T10:30Z", "cloud_okta": 2, "counted": true},
        "ground": {"recorder_min": 60, "goggles_min": 90, "radio_min": 200, "station_min": 240},
        "supply": {"least_pack_v": 10, "controller_cutoff_cell_v": 2.6}})");
    plan["pack"] = whole_pack();
    for (const char* kept : {"readings", "note", "retired"}) plan["pack"].erase(kept);
    plan["format"] = "sobremesa-plan";
    plan["version"] = 1;
    plan["links"] = {{"aircraft", 3}, {"pack", 4}};
    return plan;
}

} // namespace

class DocumentFieldsTest : public QObject {
    Q_OBJECT
private slots:
    void everyFieldOfAPackComesBack();
    void everyFieldOfAnAircraftComesBack();
    void unknownKeysAreReportedAtEveryDepth_data();
    void unknownKeysAreReportedAtEveryDepth();
    void whatIsWrongIsNamedWhereItStands_data();
    void whatIsWrongIsNamedWhereItStands();
    void whatDiffersInOneFieldIsNotEqual();
    void theDocsListEveryField();
    void everyNumberHasARange();
    void whatIsOutsideItsRangeIsRefusedByName();
    void rangesThatOtherFieldsDecide_data();
    void rangesThatOtherFieldsDecide();
    void unitsOfKeysAreThePilots_data();
    void unitsOfKeysAreThePilots();
    void numbersMayBringTheirUnit_data();
    void numbersMayBringTheirUnit();
    void eachKeyInItsOtherUnitsIsTheSame();
    void aTextThatSaysItsUnitNeedsNoneInItsKey();
    void oneUnitAKey();
    void wordsAreReadAsTheScreenWritesThem();
    void aMissingKeyNamesTheOneThatWasMeant();
    void placesHaveShortNames();
    void ringsAreReadInMetresAndDegrees();
    void wrongRingsAreNamed_data();
    void wrongRingsAreNamed();
};

void DocumentFieldsTest::everyFieldOfAPackComesBack() {
    const json written = whole_pack();
    const auto kept = io::kept_pack_from_json(written.dump(), "a pack");
    QVERIFY(kept);
    json again = json::parse(io::json_from(*kept));
    again.erase("format");
    again.erase("version");
    QCOMPARE(json::diff(written, again).dump(), std::string("[]"));
    // And the list knows each of them: none is read and written but left out of the docs.
    const std::string table = io::field_table("pack");
    for (const auto& [key, value] : written.items())
        QVERIFY2(table.find("`" + key) != std::string::npos, key.c_str());
}

void DocumentFieldsTest::everyFieldOfAnAircraftComesBack() {
    const json written = json::parse(R"({"name": "Tarabilla", "kind": "point", "craft": "rotor", "mass_kg": 0.9,
        "cruise_airspeed_mps": 14, "cruise_power_w": 150, "cruise_all_up_mass_kg": 1.5, "cruise_density_kgm3": 1.2,
        "video": "digital", "electronics_w": 8, "electronics": [{"name": "video", "power_w": 6, "mass_kg": 0.03}],
        "full_power_w": 900,
        "controller_current_a": 50, "motor_current_a": 80, "failsafe_signal_dbm": -104, "failsafe_link_share": 0.6, "most_pack_mass_kg": 0.7,
        "bay_length_m": 0.15, "bay_width_m": 0.05, "bay_height_m": 0.045,
        "wing": {"area_m2": 0.3, "span_m": 1.4, "cl_max": 1.2}, "rotor": {"rotors": 4, "propeller_diameter_m": 0.18},
        "curve": {"reference_mass_kg": 1.5, "reference_airspeed_mps": 14, "disc_area_m2": 0.1,
            "part_w": [40, 50, 60], "covariance": [1, 0, 0, 0, 1, 0, 0, 0, 1], "electronics_w": 8, "scatter": 0.04,
            "least_flown_mps": 10, "most_flown_mps": 18, "flights": 5, "level_s": 900, "learned_utc": "2026-05-01",
            "climb_efficiency": {"airspeed_mps": 14, "efficiency": 0.5, "per_mps": 0.01, "variance": 0.01,
                "variance_per_mps": 0.001, "covariance": 0.0002, "least_flown_mps": 11, "most_flown_mps": 15,
                "climbs": 7, "slope_known": true}},
        "note": "", "retired": false, "current_scale": 65, "scale_convention": "multiplies"})");
    const auto kept = io::kept_aircraft_from_json(written.dump(), "an aircraft");
    QVERIFY(kept);
    json again = json::parse(io::json_from(*kept));
    again.erase("format");
    again.erase("version");
    QCOMPARE(json::diff(written, again).dump(), std::string("[]"));
}

void DocumentFieldsTest::whatDiffersInOneFieldIsNotEqual() {
    // Equality is written beside the structs; what a document can say and it forgets would be taken for no change,
    // and not kept. Every value of whole documents is changed in turn.
    const auto leaves = [](const json& document) {
        std::vector<std::string> paths;
        const json flat = document.flatten();
        for (const auto& [path, value] : flat.items()) paths.push_back(path);
        return paths;
    };
    const auto other = [](const json& value) -> json {
        if (value.is_boolean()) return !value.get<bool>();
        if (value.is_number_integer()) return value.get<int>() + 1;
        if (value.is_number()) return value.get<double>() * 1.01;
        return value.is_string() ? json(value.get<std::string>() + "x") : value;
    };
    int compared = 0;
    const auto each = [&](const json& document, const auto& read, const auto& write) {
        const auto first = read(document.dump(), "one");
        if (!first) qFatal("the document itself cannot be read: %s", first.error().where.field.c_str());
        QVERIFY(*first == *read(document.dump(), "again"));
        for (const std::string& path : leaves(document)) {
            json changed = document;
            const json::json_pointer at(path);
            changed[at] = other(changed[at]);
            const auto second = read(changed.dump(), "two");
            // Words have no neighbours, and some values no room; what is read as it was is no change either.
            if (!second || write(*second) == write(*first)) continue;
            QVERIFY2(!(*first == *second), path.c_str());
            ++compared;
        }
    };
    const auto text = [](const auto& kept) { return io::json_from(kept); };
    each(
        json::parse(io::json_from(*io::kept_pack_from_json(whole_pack().dump(), "p"))),
        [](const std::string& t, const char* f) { return io::kept_pack_from_json(t, f); }, text);
    const json plan = whole_plan();
    each(
        plan, [](const std::string& t, const char* f) { return io::kept_plan_from_json(t, f); }, text);
    QVERIFY2(compared > 110, qPrintable(QString::number(compared)));
}

void DocumentFieldsTest::unknownKeysAreReportedAtEveryDepth_data() {
    QTest::addColumn<QByteArray>("at");
    QTest::addColumn<QByteArray>("named");
    QTest::newRow("wing") << QByteArray("/aircraft/wing/aera_m2") << QByteArray("aircraft.wing.aera_m2");
    QTest::newRow("electronics") << QByteArray("/aircraft/electronics/0/watts")
                                 << QByteArray("aircraft.electronics[0].watts");
    QTest::newRow("size") << QByteArray("/pack/size/heigth_m") << QByteArray("pack.size.heigth_m");
    QTest::newRow("rate row") << QByteArray("/pack/rate_table/1/charges_ah")
                              << QByteArray("pack.rate_table[1].charges_ah");
    QTest::newRow("waypoint") << QByteArray("/mission/waypoints/0/heigth_m")
                              << QByteArray("mission.waypoints[0].heigth_m");
    QTest::newRow("area") << QByteArray("/mission/no_landing/0/ring") << QByteArray("mission.no_landing[0].ring");
    QTest::newRow("video") << QByteArray("/video_link/reach_m") << QByteArray("video_link.reach_m");
    QTest::newRow("turn") << QByteArray("/turn/share") << QByteArray("turn.share");
    QTest::newRow("home") << QByteArray("/mission/home/elevation") << QByteArray("mission.home.elevation");
    QTest::newRow("wind row") << QByteArray("/weather/wind_table/1/gust_mps")
                              << QByteArray("weather.wind_table[1].gust_mps");
}

void DocumentFieldsTest::unknownKeysAreReportedAtEveryDepth() {
    QFETCH(QByteArray, at);
    QFETCH(QByteArray, named);
    json plan = json::parse(R"({
        "aircraft": {"mass_kg": 1.25, "cruise_airspeed_mps": 14.0, "cruise_power_w": 68.0, "craft": "wing",
            "wing": {"area_m2": 0.3}, "electronics": [{"name": "video", "power_w": 6}]},
        "weather": {"wind_table": [{"height_m": 10, "wind_mps": 2, "wind_from_deg": 0},
            {"height_m": 100, "wind_mps": 4, "wind_from_deg": 0}]},
        "mission": {"kind": "route", "home": {"latitude_deg": 42, "longitude_deg": -5},
            "waypoints": [{"name": "hill", "east_m": 100, "north_m": 900}],
            "no_landing": [{"rings_m": [[[500, 100], [900, 100], [900, 600]]]}]},
        "video_link": {"frequency_mhz": 5800}, "turn": {"share_left": 0.5}})");
    plan["pack"] = whole_pack();
    for (const char* kept : {"readings", "note", "retired"}) plan["pack"].erase(kept);
    const auto clean = io::plan_from_json(plan.dump(), "a plan");
    QVERIFY(clean);
    QCOMPARE(fields_of(clean->diagnostics), std::string());
    plan[json::json_pointer(at.toStdString())] = 1.0;
    const auto read = io::plan_from_json(plan.dump(), "a plan");
    QVERIFY(read);
    QCOMPARE(fields_of(read->diagnostics), named.toStdString() + " ");
}

void DocumentFieldsTest::whatIsWrongIsNamedWhereItStands_data() {
    QTest::addColumn<QByteArray>("document");
    QTest::addColumn<QByteArray>("field");
    QTest::newRow("a cell is missing") << QByteArray(R"({"series": 4})") << QByteArray("cell");
    QTest::newRow("its capacity is") << QByteArray(R"({"cell": {"mass_kg": 0.05}})")
                                     << QByteArray("cell.capacity_ah");
    QTest::newRow("a word") << QByteArray(R"({"cell": {"mass_kg": 0.05, "capacity_ah": 3, "chemistry": "tin"}})")
                            << QByteArray("cell.chemistry");
    QTest::newRow("half a cell") << QByteArray(R"({"cell": {"mass_kg": 0.05, "capacity_ah": 3}, "series": 3.5})")
                                 << QByteArray("series");
}

void DocumentFieldsTest::whatIsWrongIsNamedWhereItStands() {
    QFETCH(QByteArray, document);
    QFETCH(QByteArray, field);
    const auto read = io::build_from_json(document.toStdString(), "a build");
    QVERIFY(!read);
    QCOMPARE(read.error().where.field, field.toStdString());
}

namespace {

json with_area(const json& area) {
    json plan = json::parse(R"({"aircraft": {"mass_kg": 1.25, "cruise_airspeed_mps": 14.0, "cruise_power_w": 68.0},
        "pack": {"chemistry": "li-ion", "series": 4, "cell_capacity_ah": 4.5, "mass_kg": 0.3}})");
    plan["mission"] = {{"home", {{"latitude_deg", 42.0}, {"longitude_deg", -5.0}}}, {"no_landing", {area}}};
    return plan;
}

} // namespace

void DocumentFieldsTest::placesHaveShortNames() {
    json plan = with_area({{"rings_m", json::array()}});
    plan["mission"].erase("no_landing");
    plan["mission"]["kind"] = "route";
    plan["mission"]["waypoints"] = {{{"latitude_deg", 42.01}, {"longitude_deg", -5.02}}};
    const auto usual = io::plan_from_json(plan.dump(), "places");
    QVERIFY(usual);
    plan["mission"]["home"] = {{"lat", 42.0}, {"lon", -5.0}};
    plan["mission"]["waypoints"] = {{{"latitude", 42.01}, {"lng", -5.02}}};
    const auto short_names = io::plan_from_json(plan.dump(), "places");
    QVERIFY(short_names);
    QVERIFY(short_names->diagnostics.empty());
    QCOMPARE(short_names->request.mission.home->longitude_deg, -5.0);
    QVERIFY(short_names->request.mission.waypoints == usual->request.mission.waypoints);
    plan["mission"]["home"]["latitude"] = 43.0;
    QVERIFY(!io::plan_from_json(plan.dump(), "places"));
}

/// GeoJSON's own order (RFC 7946, 3.1.1: longitude, latitude), and its closing corner.
void DocumentFieldsTest::ringsAreReadInMetresAndDegrees() {
    const auto frame = geodesy::LocalFrame::around({42.0, -5.0});
    json ring = json::array();
    for (const auto& [east, north] : {std::pair{500.0, 100.0}, {900.0, 100.0}, {900.0, 600.0}, {500.0, 100.0}}) {
        const auto at = frame->reverse({east, north});
        ring.push_back({at.longitude_deg, at.latitude_deg});
    }
    const auto degrees = io::plan_from_json(with_area({{"rings_deg", {ring}}}).dump(), "degrees");
    QVERIFY(degrees);
    const auto& rings = degrees->request.mission.no_landing.front().rings;
    QCOMPARE(rings.size(), std::size_t(1));
    QCOMPARE(rings.front().size(), std::size_t(3));
    QVERIFY(std::abs(rings.front()[2].east_m - 900.0) < 1e-3 && std::abs(rings.front()[2].north_m - 600.0) < 1e-3);
    json without_home = with_area({{"rings_deg", {ring}}});
    without_home["mission"].erase("home");
    QVERIFY(!io::plan_from_json(without_home.dump(), "nowhere"));
}

void DocumentFieldsTest::wrongRingsAreNamed_data() {
    QTest::addColumn<QByteArray>("area");
    QTest::addColumn<QByteArray>("field");
    QTest::newRow("none") << QByteArray(R"({"name": "x"})") << QByteArray("mission.no_landing[0].rings_m");
    QTest::newRow("two corners") << QByteArray(R"({"rings_m": [[[0, 0], [1, 1]]]})")
                                 << QByteArray("mission.no_landing[0].rings_m");
    QTest::newRow("a word") << QByteArray(R"({"rings_m": [[[0, 0], [1, "x"], [2, 2]]]})")
                            << QByteArray("mission.no_landing[0].rings_m[0]");
    QTest::newRow("no list") << QByteArray(R"({"rings_m": [7]})") << QByteArray("mission.no_landing[0].rings_m[0]");
    QTest::newRow("not on earth") << QByteArray(R"({"rings_deg": [[[0, 0], [1, 95], [2, 2]]]})")
                                  << QByteArray("mission.no_landing[0].rings_deg[0]");
}

void DocumentFieldsTest::wrongRingsAreNamed() {
    QFETCH(QByteArray, area);
    QFETCH(QByteArray, field);
    const auto read = io::plan_from_json(with_area(json::parse(area.toStdString())).dump(), "p");
    QVERIFY(!read);
    QCOMPARE(QByteArray::fromStdString(read.error().where.field), field);
}

namespace {

/// A plan of few keys; one of them changed for another.
json small_plan(const char* part, const char* key, const char* other, const json& value) {
    json plan = json::parse(R"({"aircraft": {"mass_kg": 1.25, "cruise_airspeed_mps": 14.0, "cruise_power_w": 68.0},
        "pack": {"chemistry": "li-ion", "series": 4, "cell_capacity_ah": 4.5, "mass_kg": 0.3},
        "weather": {"wind_mps": 3.0, "temperature_c": 20.0, "pressure_pa": 95000.0, "wind_growth_mps_per_h": 1.0},
        "mission": {"height_m": 100.0}, "reserve": {"loiter_min": 5.0},
        "link": {"frequency_mhz": 868.0}})");
    json& changed = std::string(part) == "rotor" ? plan["aircraft"]["rotor"] : plan[part];
    if (changed.is_object()) changed.erase(key);
    changed[other] = value;
    return plan;
}

} // namespace

// By hand, from the units' definitions: a foot is 0.3048 m, a pound 0.45359237 kg, a knot 1852 m an hour.
void DocumentFieldsTest::unitsOfKeysAreThePilots_data() {
    QTest::addColumn<QByteArray>("part");
    QTest::addColumn<QByteArray>("key");
    QTest::addColumn<double>("own");
    QTest::addColumn<QByteArray>("other");
    QTest::addColumn<double>("value");
    const auto row = [](const char* part, const char* key, double own, const char* other, double value) {
        QTest::newRow(other) << QByteArray(part) << QByteArray(key) << own << QByteArray(other) << value;
    };
    row("aircraft", "mass_kg", 1.25, "mass_g", 1250.0);
    row("aircraft", "mass_kg", 0.90718474, "mass_lb", 2.0);
    row("aircraft", "cruise_airspeed_mps", 15.0, "cruise_airspeed_kmh", 54.0);
    row("aircraft", "cruise_airspeed_mps", 13.4112, "cruise_airspeed_mph", 30.0);
    row("aircraft", "cruise_airspeed_mps", 1852.0 * 30.0 / 3600.0, "cruise_airspeed_kn", 30.0);
    row("pack", "cell_capacity_ah", 4.5, "cell_capacity_mah", 4500.0);
    row("pack", "mass_kg", 0.45359237 * 10.0 / 16.0, "mass_oz", 10.0);
    row("weather", "wind_mps", 5.0, "wind_kmh", 18.0);
    row("weather", "temperature_c", 20.0, "temperature_f", 68.0);
    row("weather", "pressure_pa", 95000.0, "pressure_hpa", 950.0);
    row("weather", "wind_growth_mps_per_h", 2.5, "wind_growth_kmh_per_h", 9.0);
    row("mission", "height_m", 91.44, "height_ft", 300.0);
    row("reserve", "loiter_min", 5.0, "loiter_s", 300.0);
    row("link", "frequency_mhz", 5800.0, "frequency_ghz", 5.8);
    row("rotor", "propeller_diameter_m", 0.1778, "propeller_diameter_in", 7.0);
}

void DocumentFieldsTest::unitsOfKeysAreThePilots() {
    QFETCH(QByteArray, part);
    QFETCH(QByteArray, key);
    QFETCH(double, own);
    QFETCH(QByteArray, other);
    QFETCH(double, value);
    const auto as_own = io::plan_from_json(small_plan(part, key, key, own).dump(), "own");
    const auto as_other = io::plan_from_json(small_plan(part, key, other, value).dump(), "other");
    QVERIFY(as_own && as_other);
    QVERIFY(as_other->diagnostics.empty());
    const json flat_own = json::parse(io::json_from_plan(as_own->request)).flatten();
    const json flat_other = json::parse(io::json_from_plan(as_other->request)).flatten();
    for (const auto& [path, number] : flat_own.items()) {
        if (number.is_number())
            QVERIFY2(std::abs(flat_other[path].get<double>() - number.get<double>()) <
                         1e-9 * (1.0 + std::abs(number.get<double>())),
                     path.c_str());
    }
}

// By hand, from the units' definitions; empty: refused.
void DocumentFieldsTest::numbersMayBringTheirUnit_data() {
    QTest::addColumn<QByteArray>("part");
    QTest::addColumn<QByteArray>("key");
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<std::optional<double>>("own");
    const auto row = [](const char* part, const char* key, const char* text, std::optional<double> own) {
        QTest::newRow(text) << QByteArray(part) << QByteArray(key) << QByteArray(text) << own;
    };
    row("rotor", "propeller_diameter_m", "7 in", 0.1778);
    row("rotor", "propeller_diameter_m", "7\"", 0.1778);
    row("aircraft", "mass_kg", "1250 g", 1.25);
    row("aircraft", "mass_kg", "2 lb", 0.90718474);
    row("aircraft", "mass_kg", "1.25", 1.25);
    row("aircraft", "cruise_airspeed_mps", "54 km/h", 15.0);
    row("aircraft", "cruise_power_w", "5 A at 14.8 V", 74.0);
    row("pack", "cell_capacity_ah", "4500 mAh", 4.5);
    row("pack", "cell_resistance_ohm", "18 mΩ", 0.018);
    row("weather", "temperature_c", "68 °F", 20.0);
    row("weather", "wind_from_deg", "NW", 315.0);
    row("weather", "pressure_pa", "950 hPa", 95000.0);
    row("turn", "share_left", "60 %", 0.6);
    row("turn", "least_chance", "85 %", 0.85);
    row("pack", "capacity_factor", "92 %", 0.92);
    row("weather", "relative_humidity", "55 %", 0.55);
    // Of the charge that the pack is rated for.
    row("pack", "rated_current_a", "3C", 13.5);
    row("pack", "rated_current_a", "30 c", 135.0);
    row("pack", "strips_current_a", "4C", {});
    row("link", "frequency_mhz", "5.8 GHz", 5800.0);
    row("link", "radiated_dbm", "100 mW", 20.0);
    row("link", "radiated_dbm", "0 mW", {});
    row("mission", "climb_rate_mps", "500 fpm", 2.54);
    row("aircraft", "mass_kg", "1,25 kg", {});
    row("aircraft", "mass_kg", "1250 mAh", {});
    row("aircraft", "mass_kg", "much", {});
    row("pack", "cell_capacity_ah", "3 kg", {});
}

void DocumentFieldsTest::numbersMayBringTheirUnit() {
    QFETCH(QByteArray, part);
    QFETCH(QByteArray, key);
    QFETCH(QByteArray, text);
    QFETCH(std::optional<double>, own);
    const auto read = io::plan_from_json(small_plan(part, key, key, text.toStdString()).dump(), "text");
    QCOMPARE(bool(read), own.has_value());
    if (!own) {
        QCOMPARE(int(read.error().code), int(units::ErrorCode::json_wrong_type));
        QVERIFY(read.error().where.field.ends_with(key.toStdString()));
        return;
    }
    const json written = json::parse(io::json_from_plan(read->request));
    const json& in = part == "rotor" ? written["aircraft"] : written;
    VERIFY_NEAR(in[part.toStdString()][key.toStdString()].get<double>(), *own, 1e-9 * std::abs(*own));
}

/// None of them is a key of its own elsewhere in the same object: what is written is read as what it says.
void DocumentFieldsTest::eachKeyInItsOtherUnitsIsTheSame() {
    const json written = json::parse(io::json_from(*io::kept_pack_from_json(whole_pack().dump(), "p")));
    int tried = 0;
    for (const auto& [key, value] : written.items()) {
        if (!value.is_number()) continue;
        for (const io::OtherKey& other : io::keys_in_other_units(key)) {
            QVERIFY2(!written.contains(other.key), other.key.c_str());
            json changed = written;
            changed.erase(key);
            changed[other.key] = (value.get<double>() - other.offset) / other.scale;
            const auto read = io::kept_pack_from_json(changed.dump(), "p");
            QVERIFY2(read, other.key.c_str());
            const double again = json::parse(io::json_from(*read))[key].get<double>();
            QVERIFY2(std::abs(again - value.get<double>()) < 1e-9 * (1.0 + std::abs(again)), other.key.c_str());
            ++tried;
        }
    }
    QVERIFY(tried > 12);
}

void DocumentFieldsTest::aTextThatSaysItsUnitNeedsNoneInItsKey() {
    const auto read = [](const char* part, const char* key, const char* bare, const json& value) {
        return io::plan_from_json(small_plan(part, key, bare, value).dump(), "bare");
    };
    struct Row {
        const char* part;
        const char* key;
        const char* bare;
        const char* text;
        double own;
    };
    for (const Row& row : {Row{"aircraft", "mass_kg", "mass", "780 g", 0.78},
                           {"aircraft", "cruise_airspeed_mps", "cruise_airspeed", "54 km/h", 15.0},
                           {"aircraft", "cruise_power_w", "cruise_power", "5 A at 14.8 V", 74.0},
                           {"pack", "cell_capacity_ah", "cell_capacity", "4500 mAh", 4.5},
                           {"weather", "temperature_c", "temperature", "68 °F", 20.0},
                           {"weather", "wind_from_deg", "wind_from", "NW", 315.0},
                           {"link", "least_signal_dbm", "least_signal", "-101 dBm", -101.0}}) {
        const auto plan = read(row.part, row.key, row.bare, row.text);
        QVERIFY2(plan, row.bare);
        QVERIFY2(plan->diagnostics.empty(), row.bare);
        VERIFY_NEAR(json::parse(io::json_from_plan(plan->request))[row.part][row.key].get<double>(), row.own, 1e-9);
    }
    // Without a unit anywhere nothing is guessed, and the message names what stands there.
    for (const json& value : {json(780.0), json("780")}) {
        const auto plan = read("aircraft", "mass_kg", "mass", value);
        QVERIFY(!plan);
        QCOMPARE(int(plan.error().code), int(units::ErrorCode::word_unknown));
        QCOMPARE(QString::fromStdString(plan.error().where.field), QStringLiteral("aircraft.mass"));
    }
    // A wrong kind of unit is said of the key that is there.
    const auto wrong = read("aircraft", "mass_kg", "mass", "780 mAh");
    QVERIFY(!wrong);
    QCOMPARE(QString::fromStdString(wrong.error().where.field), QStringLiteral("aircraft.mass"));
}

void DocumentFieldsTest::oneUnitAKey() {
    json plan = small_plan("aircraft", "mass_kg", "mass_g", 1250.0);
    plan["aircraft"]["mass_kg"] = 1.25;
    const auto read = io::plan_from_json(plan.dump(), "both");
    QVERIFY(!read);
    QCOMPARE(int(read.error().code), int(units::ErrorCode::values_conflict));
}

void DocumentFieldsTest::wordsAreReadAsTheScreenWritesThem() {
    for (const char* word : {"Li-ion", "li_ion", "LiIon", "LI-ION"})
        QVERIFY2(io::plan_from_json(small_plan("pack", "chemistry", "chemistry", word).dump(), "p"), word);
    const auto route = io::plan_from_json(small_plan("mission", "kind", "kind", "Out and back").dump(), "p");
    QVERIFY(route);
    QVERIFY(!io::plan_from_json(small_plan("pack", "chemistry", "chemistry", "lead").dump(), "p"));
}

void DocumentFieldsTest::aMissingKeyNamesTheOneThatWasMeant() {
    const auto meant = [](const char* part, const char* key, const char* other) -> std::string {
        const auto read = io::plan_from_json(small_plan(part, key, other, 1.0).dump(), "p");
        if (read) return "read";
        for (const auto& parameter : read.error().parameters) {
            if (parameter.name == "meant") return std::get<std::string>(parameter.value);
        }
        return {};
    };
    QCOMPARE(meant("pack", "cell_capacity_ah", "capacity_mah"), std::string("capacity_mah"));
    QCOMPARE(meant("aircraft", "cruise_airspeed_mps", "airspeed_mps"), std::string("airspeed_mps"));
    QCOMPARE(meant("aircraft", "mass_kg", "weight_kg"), std::string());
}

void DocumentFieldsTest::theDocsListEveryField() {
    QFile file(QStringLiteral(SOURCE_DIR "/docs/file-formats.md"));
    QVERIFY(file.open(QIODevice::ReadOnly));
    const std::string page = file.readAll().toStdString();
    for (const std::string& name : io::described_documents())
        QVERIFY2(page.find("<!-- fields: " + name + " -->") != std::string::npos, name.c_str());
    // scripts/field-tables writes them.
    QCOMPARE(QString::fromStdString(io::with_field_tables(page)), QString::fromStdString(page));
}

/// Nothing is taken that the docs do not speak of.
void DocumentFieldsTest::everyNumberHasARange() {
    for (const std::string& document : io::described_documents()) {
        if (document == "flight") continue; // its figures are a log's, or what the pilot wrote into a notebook
        const std::string table = io::field_table(document);
        for (const units::NumberRange& range : io::number_ranges(document)) {
            std::string key = range.field;
            if (document != "plan") {
                QCOMPARE(key.substr(0, document.size() + 1), document + ".");
                key.erase(0, document.size() + 1);
            }
            std::string keys = table;
            for (auto at = keys.find("[]"); at != std::string::npos; at = keys.find("[]")) keys.erase(at, 2);
            QVERIFY2(keys.find("| `" + key + "` |") != std::string::npos, range.field);
            QVERIFY2(range.least < range.most || *range.words, range.field);
        }
        for (const std::string& key : io::numbers_without_range(document)) {
            // What the program alone writes; what makes one of the numbers above; and the parts of a reading, a
            // fit, a place on earth, which are looked at as a whole.
            const bool known = key.starts_with("curve.") || key.starts_with("readings[].") ||
                               key.starts_with("cruise_") || key.starts_with("known.") ||
                               key.starts_with("mission.home.") || key == "current_scale" ||
                               key == "cell.diameter_m";
            QVERIFY2(known, key.c_str());
        }
    }
}

void DocumentFieldsTest::whatIsOutsideItsRangeIsRefusedByName() {
    json plan = whole_plan();
    plan["aircraft"]["array"] = {
        {"cells_series", 36}, {"strings", 1}, {"cell_area_m2", 0.002}, {"efficiency", 0.22}};
    plan["aircraft"]["converter"] = {{"kind", "step-down"}};
    const auto refused = [](const json& document) {
        const auto read = io::plan_from_json(document.dump(), "a plan");
        const auto valid = read ? mission::validate(read->request)
                                : units::Result<mission::PlanRequest>(tl::unexpected(read.error()));
        // Cells that the wing has no room for are another matter.
        const bool range = !valid && valid.error().code == units::ErrorCode::value_out_of_range;
        return range ? valid.error().where.field : std::string();
    };
    QCOMPARE(refused(plan), std::string());
    int refusals = 0;
    for (const char* document : {"plan", "aircraft", "pack"}) {
        for (const units::NumberRange& range : io::number_ranges(document)) {
            if (*range.words) continue;
            std::string path = range.field;
            for (char& c : path) c = c == '.' ? '/' : c;
            for (const char* list : {"wind_table", "waypoints", "alternates", "electronics", "rate_table"}) {
                const auto at = path.find(std::string("/") + list + "/");
                if (at != std::string::npos) path.insert(at + 1 + std::strlen(list), "/0");
            }
            if (path.ends_with("curve_offset_v")) path += "/2";
            const json::json_pointer at("/" + path);
            for (const double beyond : {range.least - 1e-3 * std::max(std::abs(range.least), 1e-3),
                                        range.most + 1e-3 * std::max(std::abs(range.most), 1e-3)}) {
                json changed = plan;
                for (const char* one : {"share_of_usable", "loiter_min", "home_factor"}) {
                    if (path == std::string("reserve/") + one) changed["reserve"] = json::object();
                }
                const bool whole = plan.contains(at) && plan[at].is_number_integer() && range.least == 1.0;
                changed[at] = whole ? std::copysign(std::ceil(std::abs(beyond)), beyond) : beyond;
                if (whole && beyond < 1.0) changed[at] = 0;
                std::string named = refused(changed);
                if (const auto index = named.find("[0]"); index != std::string::npos) named.erase(index, 3);
                QVERIFY2(named == range.field, qPrintable(QStringLiteral("%1 of %2: \"%3\"")
                                                              .arg(QLatin1String(range.field))
                                                              .arg(beyond)
                                                              .arg(QString::fromStdString(named))));
                ++refusals;
            }
            // Its ends are inside.
            for (const double end : {range.least, range.most}) {
                json changed = plan;
                if (path.starts_with("reserve/")) changed["reserve"] = json::object();
                changed[at] = end;
                QVERIFY2(refused(changed) != range.field, range.field);
            }
        }
    }
    QVERIFY2(refusals > 150, qPrintable(QString::number(refusals)));
}

void DocumentFieldsTest::rangesThatOtherFieldsDecide_data() {
    QTest::addColumn<QByteArray>("at");
    QTest::addColumn<double>("inside");
    QTest::addColumn<double>("outside");
    const auto row = [](const char* at, double inside, double outside) {
        QTest::newRow(qPrintable(QStringLiteral("%1 %2").arg(QLatin1String(at)).arg(outside)))
            << QByteArray(at) << inside << outside;
    };
    // The row below stands at 10 m.
    row("/weather/wind_table/1/height_m", 11.0, 10.9);
    row("/weather/wind_table/1/height_m", 10000.0, 10001.0);
    row("/weather/wind_table/0/height_m", 0.0, -0.1);
    // A Li-ion cell is full at 4.20 V and never goes below 2.5.
    row("/landing/cell_voltage_v", 4.2, 4.21);
    row("/landing/cell_voltage_v", 1.5, 1.49);
    row("/pack/start_cell_v", 4.25, 4.26);
    row("/pack/start_cell_v", 2.5, 2.49);
    row("/pack/mass_kg", 0.001, 0.0009);
    row("/pack/mass_kg", 0.0, -0.001);
    row("/pack/mass_kg", 100.0, 100.1);
    // 1.1 × 2.9 Ah.
    row("/pack/rate_table/0/charge_ah", 3.19, 3.2);
    row("/pack/rate_table/0/charge_ah", 0.001, 0.0009);
    // Cruise takes 68 W, the aircraft has 1.25 kg.
    row("/aircraft/full_power_w", 68.0, 67.9);
    row("/aircraft/full_power_w", 200000.0, 200001.0);
    row("/aircraft/electronics/0/power_w", 68.0, 68.1);
    row("/aircraft/electronics/0/mass_kg", 1.25, 1.26);
    row("/aircraft/electronics/0/mass_kg", 0.0, -0.01);
    // Open circuit at 0.68 V; 0.22 × 1000 W/m² × 0.002 m² at 0.58 V are 0.7586 A.
    row("/aircraft/array/cell_vmp_v", 0.34, 0.339);
    row("/aircraft/array/cell_vmp_v", 0.6596, 0.66);
    row("/aircraft/array/cell_isc_a", 0.7595, 0.759);
    row("/aircraft/array/cell_isc_a", 1.517, 1.518);
}

void DocumentFieldsTest::rangesThatOtherFieldsDecide() {
    QFETCH(QByteArray, at);
    QFETCH(double, inside);
    QFETCH(double, outside);
    json plan = whole_plan();
    plan["aircraft"]["array"] = {{"cells_series", 36}, {"cell_area_m2", 0.002}, {"efficiency", 0.22}};
    const auto valid = [&](double value) {
        plan[json::json_pointer(at.toStdString())] = value;
        const auto read = io::plan_from_json(plan.dump(), "a plan");
        return read ? mission::validate(read->request)
                    : units::Result<mission::PlanRequest>(tl::unexpected(read.error()));
    };
    QVERIFY(valid(inside));
    const auto refused = valid(outside);
    QVERIFY(!refused);
    // Named with its place in the list; what another field decides about the table as a whole, without.
    std::string field = at.toStdString().substr(1);
    for (char& c : field) c = c == '/' ? '.' : c;
    const std::string named = refused.error().where.field;
    for (const char* index : {"0", "1"}) {
        const auto found = field.find(std::string(".") + index + ".");
        if (found == std::string::npos) continue;
        field.replace(found, 3, named.find('[') == std::string::npos ? "." : "[" + std::string(index) + "].");
    }
    QCOMPARE(named, field);
}

SOBREMESA_TEST(DocumentFieldsTest)
#include "tst_document_fields.moc"
