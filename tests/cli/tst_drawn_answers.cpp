// Answers to plans, flights and builds that nobody chose: drawn by number, with as many of their fields said as the
// draw has it. A net of a finer mesh than the recorded answers, told by one figure for each part of an answer,
// which moves with every figure and word in it. It does not say what is right; it says what a change moved.
//
// What a part holds: SOBREMESA_SHOW=plan-17 with this test prints the document and the whole answer; print it
// before and after, and compare. After a change that is meant: SOBREMESA_RECORD=1 writes the figures anew.

#include <fstream>

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "core/airframe/known_cruise.hpp"
#include "core/airframe/speeds_to_fly.hpp"
#include "core/matching/what_if.hpp"
#include "core/mission/bail_out.hpp"
#include "core/mission/differences.hpp"
#include "core/mission/explain.hpp"
#include "core/mission/leg_sums.hpp"
#include "core/mission/make_plan.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/csv_log_writer.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"
#include "support/drawn_documents.hpp"
#include "support/drawn_flights.hpp"
#include "support/test_program.hpp"
#include "support/thorough.hpp"
#include "support/told_answers.hpp"

using namespace sobremesa;
using nlohmann::json;

namespace {

constexpr int plans = 100;
constexpr int flights = 20;
constexpr int crafts = 6;
constexpr int builds = 24;

using Answers = tests::ToldAnswers;

json explained(const std::optional<units::Explanation>& why);

/// The speeds to fly and a change of the aircraft, with what they are explained by.
void addSpeeds(Answers& answers, const mission::PlanRequest& request, int number) {
    const auto curve =
        airframe::curve_of_known_cruise(request.aircraft, request.aircraft.mass_kg + request.pack.mass_kg);
    const auto as = matching::flown_as(request);
    const auto before = matching::outcome_of(request.aircraft, curve, as);
    if (!before) return;
    const auto question = matching::speed_question(as, *before);
    const auto speeds = airframe::speeds_to_fly(request.aircraft, curve, question);
    for (const auto& [name, speed, quantity] :
         {std::tuple{"endurance", speeds.endurance, units::Quantity::best_endurance_speed},
          {"range", speeds.range, units::Quantity::best_range_speed},
          {"fastest", speeds.fastest, units::Quantity::fastest_speed}}) {
        if (speed) answers.add("why-speeds", {{name, explained(airframe::explain(*speed, quantity, question))}});
    }
    answers.add("why-stall", explained(airframe::explain_stall(request.aircraft, question)));
    matching::Change change;
    change.extra_mass_kg = 0.02 * (1 + number % 7);
    if (number % 2 == 0) change.extra_electronics_w = 1.5;
    if (number % 3 == 0) change.temperature_c = request.weather.temperature_c - 6.0;
    const auto after = matching::outcome_of(request.aircraft, curve, as, change);
    if (!after) return;
    json compared = json::array();
    for (const auto& line : matching::compare_outcomes(*before, *after))
        compared.push_back({explained(line.before), explained(line.after), line.ratio.value, line.ratio.sd,
                            explained(line.ratio_explanation)});
    answers.add("changed", compared);
}

json explained(const std::optional<units::Explanation>& why) {
    if (!why) return nullptr;
    json inputs = json::array();
    for (const auto& input : why->inputs)
        inputs.push_back({int(input.quantity), input.value.value, input.value.sd, int(input.origin)});
    return {{"value", why->value.value},  {"sd", why->value.sd},
            {"inputs", inputs},           {"relation", int(why->relation)},
            {"source", int(why->source)}, {"moved_by", why->sensitivities.size()}};
}

} // namespace

class DrawnAnswersTest : public QObject {
    Q_OBJECT
private slots:
    void toPlans_data();
    void toPlans();
    void toFlights_data();
    void toFlights();
    void toWhatFlightsTeach_data();
    void toWhatFlightsTeach();
    void toBuilds_data();
    void toBuilds();
    void cleanupTestCase();
    void cleanup() { tests::end_at_failure(); }

private:
    std::string put(const std::string& name, const std::string& text) const {
        const std::string path = folder() + "/" + name;
        std::ofstream(path) << text;
        return path;
    }
    std::string folder() const { return made_.path().toStdString(); }
    void compare(const Answers& answers);
    /// Of a drawn plan that can be flown, the log of a day near it. Nothing where it cannot.
    std::string logOf(const json& document, std::uint64_t seed, const std::string& name) const;

    QTemporaryDir made_;
    tests::ToldRecord record_{SOURCE_DIR "/tests/cli/drawn-answers.txt"};
    int turns_ = 0;
};

void DrawnAnswersTest::compare(const Answers& answers) {
    const std::string moved = record_.moved(answers);
    QVERIFY2(moved.empty(), moved.c_str());
}

void DrawnAnswersTest::toPlans_data() {
    QTest::addColumn<int>("number");
    for (int i = 0; i < tests::tries(plans, plans); ++i) QTest::addRow("%d", i) << i;
}

void DrawnAnswersTest::toPlans() {
    QFETCH(int, number);
    const json document = tests::drawn_plan(std::uint64_t(number));
    Answers answers("plan-" + std::to_string(number));
    answers.show(document);
    const std::string file = put("plan.json", document.dump());
    answers.ask("plan", {"plan", file, "--days", "100"}, folder());
    answers.ask("alarms", {"alarms", file}, folder());
    if (number % 3 == 0) answers.ask("reach", {"reach", file, "--bearings", "5"}, folder());
    if (number % 3 == 1)
        answers.ask("aircraft",
                    {"aircraft", file, "--extra-mass-kg", "0.1", "--head-wind-mps", "3", "--ground-mps", "9"},
                    folder());
    if (document["aircraft"].contains("array"))
        answers.ask("sun", {"sun", file, "--date", "2026-04-20", "--at", "41.3,2.1", "--sustain", "4"}, folder());

    auto read = io::plan_from_json(document.dump(), "drawn");
    if (read) {
        const auto plan = mission::make_plan(read->request);
        if (plan) {
            turns_ += plan->turn ? 1 : 0;
            json why = json::array();
            for (std::size_t i = 0; i < units::quantity_count; ++i)
                why.push_back(explained(mission::explain(*plan, units::Quantity(i))));
            for (std::size_t i = 0; i < why.size(); ++i) answers.add("why", {{std::to_string(i), why[i]}});
            for (const auto& rule : plan->turn_rules)
                answers.add("why-rules",
                            {{std::to_string(int(rule.turn_rule)),
                              explained(mission::explain_turn_rule(*plan, rule, units::Quantity::turn_distance))}});
            json sums = json::array();
            for (const auto& sum : mission::leg_sums(*plan, number % 2 == 0))
                sums.push_back({sum.group, int(sum.kind), sum.ground_m, sum.duration_s, sum.energy_wh,
                                sum.airspeed_mps, sum.used_wh, sum.used_ah, sum.points.size()});
            answers.add("leg-sums", sums);
            json landing = json::array();
            for (const auto& place : mission::bail_out_map(*plan, 8000.0)) {
                json parts = json::array();
                for (const auto& part : place.parts) parts.push_back({part.from_m, part.to_m});
                landing.push_back({place.home, place.looked_at_m, parts});
            }
            answers.add("bail-outs", landing);
            addSpeeds(answers, read->request, number);
            auto other = read->request;
            other.weather.temperature_c += 3.0;
            other.mission.height_m += 20.0;
            if (const auto beside = mission::make_plan(other)) {
                json differ = json::array();
                for (const auto& d : mission::differences(*plan, *beside))
                    differ.push_back({int(d.quantity), d.one.value, d.one.sd, d.other.value, d.computed});
                answers.add("differ", differ);
            }
        }
    }

    json pack = document["pack"];
    pack["format"] = "sobremesa-pack";
    pack["version"] = 1;
    const std::string pack_file = put("pack.json", pack.dump());
    const double cruise_w = document["aircraft"]["cruise_power_w"];
    const double temperature_c = document["weather"]["temperature_c"];
    std::vector<std::string> load = {"pack",
                                     pack_file,
                                     number % 2 == 0 ? "--power-w" : "--current-a",
                                     std::to_string(number % 2 == 0 ? 1.3 * cruise_w : 0.07 * cruise_w),
                                     "--temperature-c",
                                     std::to_string(temperature_c)};
    if (number % 5 == 0) load.emplace_back("--fixed-temperature");
    answers.ask("pack", load, folder());
    if (pack.contains("readings")) answers.ask("health", {"health", pack_file}, folder());
    const double rated_mah = 1000.0 * pack["cell_capacity_ah"].get<double>() * pack["parallel"].get<double>();
    answers.ask("partial",
                {"partial", pack_file, "--flown-min", std::to_string(3 + number % 9), "--recharged-mah",
                 std::to_string(rated_mah * (0.15 + 0.007 * number))},
                folder());
    if (number % 10 == 4) {
        std::string table =
            "name,chemistry,series,parallel,cell_capacity_mah,cell_resistance_mohm,mass_g,rated_current_a\n";
        for (int i = 0; i < 5; ++i) {
            tests::RoundNumbers draw(std::uint64_t(5000 + 10 * number + i));
            const json one = tests::drawn::pack(draw, cruise_w);
            const double cell_ah = one["cell_capacity_ah"];
            table += "P" + std::to_string(i) + "," + one["chemistry"].get<std::string>() + "," +
                     one["series"].dump() + "," + one["parallel"].dump() + "," + std::to_string(1000.0 * cell_ah) +
                     "," + std::to_string(80.0 / cell_ah) + "," +
                     std::to_string(1000.0 * one["mass_kg"].get<double>()) + "," + std::to_string(20.0 * (i + 1)) +
                     "\n";
        }
        answers.ask("candidates", {"pack", "--candidates", put("packs.csv", table), "--on", file}, folder());
    }
    compare(answers);
}

std::string DrawnAnswersTest::logOf(const json& document, std::uint64_t seed, const std::string& name) const {
    const auto plan = tests::flyable(document);
    if (!plan) return {};
    const auto scenario = tests::drawn_scenario(*plan, seed, practice::Day::as_forecast);
    return put(name, io::csv_from_log(sim::simulate(scenario).log, scenario.style));
}

void DrawnAnswersTest::toFlights_data() {
    QTest::addColumn<int>("number");
    for (int i = 0; i < tests::tries(flights, flights); ++i) QTest::addRow("%d", i) << i;
}

void DrawnAnswersTest::toFlights() {
    QFETCH(int, number);
    const json document = tests::flown_plan(number);
    Answers answers("flight-" + std::to_string(number));
    answers.show(document);
    const std::string log = logOf(document, std::uint64_t(number), "flight.csv");
    if (log.empty()) QSKIP("This plan cannot be flown.");
    const std::string file = put("plan.json", document.dump());
    const auto recharged = std::to_string(900 + 150 * number);
    const auto temperature = std::to_string(document["weather"]["temperature_c"].get<double>());
    std::vector<std::string> debrief = {"debrief", log, "--plan", file};
    if (number % 2 == 0) debrief.insert(debrief.end(), {"--rested-cell-v", "3.71", "--rest-min", "20"});
    if (number % 3 == 0) debrief.insert(debrief.end(), {"--recharged-mah", recharged});
    answers.ask("debrief", debrief, folder());
    answers.ask("alone", {"debrief", log, "--temperature-c", temperature}, folder());
    answers.ask("bill", {"bill", file, log, "--recharged-mah", recharged}, folder());
    if (number % 3 == 1)
        answers.ask("compare", {"compare", log, file, log, file, "--distance-m", "9000"}, folder());
    compare(answers);
}

void DrawnAnswersTest::toWhatFlightsTeach_data() {
    QTest::addColumn<int>("number");
    for (int i = 0; i < tests::tries(crafts, crafts); ++i) QTest::addRow("%d", i) << i;
}

void DrawnAnswersTest::toWhatFlightsTeach() {
    QFETCH(int, number);
    const json document = tests::flown_plan(100 + number);
    Answers answers("craft-" + std::to_string(number));
    answers.show(document);
    const std::string file = put("plan.json", document.dump());
    std::vector<std::string> learn = {"learn", file};
    std::vector<std::string> curve = {"aircraft", file, "--flights"};
    for (int flown = 0; flown < 2 + number % 3; ++flown) {
        json day = document;
        day["weather"]["wind_from_deg"] = 70.0 * flown;
        day["aircraft"]["cruise_airspeed_mps"] =
            document["aircraft"]["cruise_airspeed_mps"].get<double>() * (1.0 + 0.06 * flown);
        const std::string name = std::to_string(flown);
        const std::string log = logOf(day, std::uint64_t(10 * number + flown), "flight-" + name + ".csv");
        if (log.empty()) continue;
        const std::string day_file = put("day-" + name + ".json", day.dump());
        learn.emplace_back("--flight");
        learn.push_back(log + ",plan=" + day_file +
                        (flown % 2 == 0 ? ",rested=3.72/25" : ",recharged=" + std::to_string(1500 + 100 * number)));
        curve.push_back(log);
        curve.push_back(day_file);
    }
    answers.ask("learn", learn, folder());
    answers.ask("aircraft", curve, folder());
    std::vector<std::string> calibrate = {"calibrate", "--scale", "200", "--convention",
                                          number % 2 == 0 ? "divides" : "multiplies"};
    tests::RoundNumbers draw(std::uint64_t(500 + number));
    for (int pair = 0; pair < 2 + number; ++pair) {
        const double counted = draw.between(900.0, 4000.0);
        calibrate.emplace_back("--pair");
        calibrate.push_back(std::to_string(counted) + "," + std::to_string(counted * draw.between(0.97, 1.09)));
    }
    answers.ask("calibrate", calibrate, folder());
    compare(answers);
}

void DrawnAnswersTest::toBuilds_data() {
    QTest::addColumn<int>("number");
    for (int i = 0; i < tests::tries(builds, builds); ++i) QTest::addRow("%d", i) << i;
}

void DrawnAnswersTest::toBuilds() {
    QFETCH(int, number);
    tests::RoundNumbers draw(std::uint64_t(9000 + number));
    json build = {{"format", "sobremesa-build"}, {"version", 1}};
    const double capacity_ah = draw.between(1.0, 5.0);
    build["cell"] = {{"chemistry", draw.one_of(std::array{"li-ion", "lipo", "lipo-hv"})},
                     {"capacity_ah", capacity_ah},
                     {"mass_kg", 0.015 * capacity_ah}};
    if (draw.once_in(2)) build["cell"]["resistance_ohm"] = draw.between(0.008, 0.05);
    if (draw.once_in(2)) build["cell"]["rated_current_a"] = draw.between(5.0, 40.0);
    if (draw.once_in(2)) build["cell"]["price"] = draw.between(2.0, 9.0);
    build["series"] = 1 + draw.below(14);
    build["parallel"] = 1 + draw.below(6);
    if (draw.once_in(2)) build["columns"] = draw.below(6);
    build["strip"] = draw.one_of(std::array{"pure-nickel", "plated-steel", "copper"});
    if (draw.once_in(2)) build["strip_width_m"] = draw.between(0.005, 0.02);
    if (draw.once_in(2)) build["strip_thickness_m"] = draw.between(0.0001, 0.0004);
    if (draw.once_in(2)) build["strip_layers"] = 1 + draw.below(3);
    if (draw.once_in(2)) build["lead_area_m2"] = draw.between(1e-6, 9e-6);
    if (draw.once_in(2)) build["lead_length_m"] = draw.between(0.05, 0.4);
    if (draw.once_in(2)) build["extras_kg"] = draw.between(0.004, 0.05);
    Answers answers("build-" + std::to_string(number));
    answers.show(build);
    answers.ask("build", {"build", put("build.json", build.dump())}, folder());
    compare(answers);
}

/// The net holds what can be flown, and nothing of it is left out.
void DrawnAnswersTest::cleanupTestCase() {
    if (record_.asked() < std::size_t(plans + flights + crafts + builds))
        return; // one was asked for by name, or a sanitizer looks
    QVERIFY2(turns_ > plans * 6 / 10, qPrintable(QString::number(turns_)));
    const std::string left = record_.closed();
    QVERIFY2(left.empty(), left.c_str());
}

SOBREMESA_TEST(DrawnAnswersTest)
#include "tst_drawn_answers.moc"
