// Documents that are nearly right: whole plans, packs, aircraft, builds and books with some of their values
// changed, inside and outside what is allowed. What is accepted is worked on as the program would: no crash, no
// value that is no number in an answer, nothing that takes long.
//
//   fuzz_documents SECONDS [SEED]          for so long
//   fuzz_documents count N [SEED]          so many documents
//   fuzz_documents only SEED NUMBER        one of them again, shown first
//
// Each document is made from its seed and number alone. The number under way stands in a file that outlives the
// process, so that a crash can be named and made again.

#include <algorithm>
#include <array>
#include <chrono>
#include <clocale>
#include <cmath>
#include <csignal>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <random>
#include <sstream>
#include <string>
#include <vector>

#include <sys/mman.h>
#include <sys/time.h>
#include <unistd.h>

#include <QGuiApplication>
#include <QTemporaryDir>

#include <nlohmann/json.hpp>

#include "cli/command_line.hpp"
#include "core/battery/discharge.hpp"
#include "core/battery/pack_builder.hpp"
#include "core/mission/limits.hpp"
#include "core/mission/make_plan.hpp"
#include "io/book_document.hpp"
#include "io/build_document.hpp"
#include "io/kept_documents.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"

using namespace sobremesa;
using nlohmann::json;

namespace {

/// Nothing that is asked once takes longer, s of processor time.
constexpr int longest_s = 2;

std::uint64_t seed_now = 0;
volatile std::uint64_t number_now = 0;
const json* document_now = nullptr;

[[noreturn]] void broken(const char* what) {
    std::fprintf(stderr, "fuzz_documents: %s. Again with: fuzz_documents only %llu %llu\n", what,
                 static_cast<unsigned long long>(seed_now), static_cast<unsigned long long>(number_now));
    if (document_now) std::fprintf(stderr, "%s\n", document_now->dump(1).c_str());
    std::abort();
}

void too_long(int) {
    std::fprintf(stderr, "fuzz_documents: more than %d s. Again with: fuzz_documents only %llu %llu\n", longest_s,
                 static_cast<unsigned long long>(seed_now), static_cast<unsigned long long>(number_now));
    std::_Exit(3);
}

void crashed(int signal) {
    std::fprintf(stderr, "fuzz_documents: signal %d. Again with: fuzz_documents only %llu %llu\n", signal,
                 static_cast<unsigned long long>(seed_now), static_cast<unsigned long long>(number_now));
    std::_Exit(4);
}

void watch_the_time() {
    itimerval timer{};
    timer.it_value.tv_sec = longest_s;
    setitimer(ITIMER_PROF, &timer, nullptr);
}

class Numbers {
public:
    Numbers(std::uint64_t seed, std::uint64_t number) {
        std::seed_seq seeds{std::uint32_t(seed), std::uint32_t(seed >> 32), std::uint32_t(number),
                            std::uint32_t(number >> 32)};
        engine_.seed(seeds);
    }
    std::size_t below(std::size_t count) { return std::size_t(engine_() % count); }
    double share() { return double(engine_() >> 11) * 0x1.0p-53; }

private:
    std::mt19937_64 engine_;
};

/// A plan with every part that a plan can have; which of them stay is drawn.
const json& whole_plan() {
    static const json plan = json::parse(R"({"format": "sobremesa-plan", "version": 1, "name": "made",
        "sun": {"start_utc": "2026-06-21T09:30Z", "cloud_okta": 3, "counted": true},
        "aircraft": {"name": "A", "kind": "point", "craft": "wing", "video": "digital", "mass_kg": 0.94, "cruise_airspeed_mps": 15.5,
            "cruise_power_w": 64.0, "cruise_all_up_mass_kg": 1.345, "cruise_density_kgm3": 1.2, "electronics_w": 7.5,
            "electronics": [{"name": "camera", "power_w": 3, "mass_kg": 0.08}], "full_power_w": 310,
            "controller_current_a": 40, "motor_current_a": 60, "failsafe_signal_dbm": -104, "failsafe_link_share": 0.5,
            "most_pack_mass_kg": 0.8, "bay_length_m": 0.2, "bay_width_m": 0.06, "bay_height_m": 0.05,
            "array": {"cells_series": 27, "strings": 1, "cell_area_m2": 0.007, "efficiency": 0.22, "cell_voc_v": 0.68,
                "cell_vmp_v": 0.58, "cell_isc_a": 2.9, "temperature_coefficient_per_k": -0.0035, "tilt_deg": 4,
                "mass_kg": 0.1},
            "converter": {"kind": "either", "efficiency": 0.95, "max_input_v": 40, "max_output_a": 6},
            "wing": {"area_m2": 0.24, "span_m": 1.4, "cl_max": 1.2}, "rotor": {"rotors": 4, "propeller_diameter_m": 0.18}},
        "pack": {"name": "P", "chemistry": "li-ion", "series": 4, "parallel": 2, "cell_capacity_ah": 3.25,
            "mass_kg": 0.405, "mass_on_scale": true, "cell_resistance_ohm": 0.034, "lead_resistance_ohm": 0.004, "capacity_factor": 0.95,
            "resistance_factor": 1.2, "start_temperature_c": 19, "start_cell_v": 4.15, "weakest_cell_below_v": 0.03,
            "rated_current_a": 20, "current_label": "pack-c", "strips_current_a": 30, "connector_current_a": 40,
            "measured_cell_ohm": 0.04, "construction": "high-capacity", "price": 75,
            "size": {"length_m": 0.14, "width_m": 0.04, "height_m": 0.04},
            "rate_table": [{"current_a": 0.65, "charge_ah": 3.2}, {"current_a": 6.5, "charge_ah": 3.0}],
            "rate_table_cutoff_v": 2.6},
        "weather": {"wind_mps": 4.2, "wind_from_deg": 262, "wind_height_m": 50, "wind_sd_mps": 1,
            "home_wind_factor": 1.3, "gust_mps": 2, "temperature_c": 18, "field_elevation_m": 240, "wind_exponent": 0.14,
            "wind_growth_mps_per_h": 0.5, "wind_from_sd_deg": 10, "pressure_pa": 98000, "relative_humidity": 0.5,
            "wind_table": [{"height_m": 10, "wind_mps": 3, "wind_from_deg": 260},
                {"height_m": 120, "wind_mps": 5, "wind_from_deg": 270}]},
        "mission": {"kind": "route", "bearing_deg": 265, "height_m": 90, "climb_rate_mps": 2.5, "descent_rate_mps": 1.5,
            "climb_angle_deg": 8, "climb_throttle": 0.8, "speed_out": "best-range", "speed_home": "known-cruise",
            "airspeed_mps": 15, "most_power_share": 0.5, "farthest_m": 9000, "loiter_radius_m": 60, "turn_bank_deg": 30,
            "landing_height_m": 20, "landing_sink_mps": 1, "height_ceiling_m": 120, "clearance_m": 30,
            "home": {"latitude_deg": 42.1, "longitude_deg": -5.2},
            "waypoints": [{"name": "a", "east_m": -1500, "north_m": 800, "height_m": 100, "loiter_min": 1},
                {"name": "b", "latitude_deg": 42.11, "longitude_deg": -5.23}],
            "alternates": [{"name": "field", "east_m": -900, "north_m": -300, "height_m": 5}],
            "no_landing": [{"name": "lake", "rings_m": [[[-800, 100], [-1200, 900], [-300, 700]], [[-700, 300], [-800, 500], [-600, 500]]]},
                {"name": "town", "rings_deg": [[[-5.21, 42.1], [-5.22, 42.1], [-5.22, 42.11]]]}], "over_land_by_ah": 4.2},
        "reserve": {"share_of_usable": 0.2}, "landing": {"cell_voltage_v": 2.9},
        "turn": {"schools": ["energy-home", "voltage", "chance"], "share_left": 0.6, "least_chance": 0.9,
            "landing_charge_ah": 5},
        "failsafe": {"height_m": 60, "airspeed_mps": 15, "throttle": 0.5},
        "link": {"frequency_mhz": 868, "radiated_dbm": 20, "least_signal_dbm": -105, "measured_reach_m": 12000,
            "antenna_height_m": 2},
        "video_link": {"frequency_mhz": 5800, "radiated_dbm": 28, "least_signal_dbm": -92, "antenna_height_m": 2},
        "ground": {"recorder_min": 90, "goggles_min": 120, "radio_min": 300, "station_min": 400},
        "supply": {"least_pack_v": 10.5, "controller_cutoff_cell_v": 2.7}})");
    return plan;
}

const json& whole_build() {
    static const json build = json::parse(R"({"format": "sobremesa-build", "version": 1,
        "cell": {"chemistry": "li-ion", "construction": "high-capacity", "capacity_ah": 4.5, "mass_kg": 0.07,
            "resistance_ohm": 0.022, "length_m": 0.021, "width_m": 0.021, "height_m": 0.07, "rated_current_a": 15,
            "price": 5}, "series": 4, "parallel": 2, "columns": 4, "strip": "pure-nickel", "strip_width_m": 0.008,
        "strip_thickness_m": 0.00015, "strip_layers": 1, "lead_area_m2": 3.3e-6, "lead_length_m": 0.12,
        "extras_kg": 0.012})");
    return build;
}

/// Every value of a document that stands by itself, and every list and object below its top.
void collect(json& at, std::vector<json*>& leaves, std::vector<std::pair<json*, std::string>>& members,
             std::vector<json*>& lists) {
    if (at.is_object()) {
        for (auto& [key, value] : at.items()) {
            members.emplace_back(&at, key);
            collect(value, leaves, members, lists);
        }
    } else if (at.is_array()) {
        lists.push_back(&at);
        for (json& value : at) collect(value, leaves, members, lists);
    } else {
        leaves.push_back(&at);
    }
}

json other_number(Numbers& draw, double was) {
    static constexpr std::array odd = {0.0,   -0.0,    1.0,    -1.0,   0.5,  1e-300, 5e-324, 1e300, -1e300, 1e-9,
                                       1e9,   -1e9,    100.0,  1000.0, 1e15, 0.001,  360.0,  -180., 4.2,    2.5,
                                       1e-12, 65535.0, 4500.0, 6000.0, 300., 0.05,   0.95,   120.0, 60.0,   1e5};
    switch (draw.below(8)) {
    case 0: return odd[draw.below(odd.size())];
    case 1: return -was;
    case 2: return was * std::pow(10.0, 8.0 * draw.share() - 4.0);
    case 3: return std::nextafter(was, draw.share() < 0.5 ? 1e9 : -1e9);
    case 4: return std::int64_t(draw.below(12));
    // Mostly what is nearly usual, or nothing would ever be accepted.
    default: return was * (0.3 + 2.0 * draw.share());
    }
}

json other_word(Numbers& draw) {
    static const std::vector<std::string> words = {"",
                                                   "out-and-back",
                                                   "farthest-point",
                                                   "endurance",
                                                   "route",
                                                   "visit",
                                                   "one-way",
                                                   "wing",
                                                   "rotor",
                                                   "lipo",
                                                   "lipo-hv",
                                                   "li-ion",
                                                   "best-range",
                                                   "fixed",
                                                   "power-share",
                                                   "known-cruise",
                                                   "share-left",
                                                   "energy-home",
                                                   "charge-count",
                                                   "voltage",
                                                   "chance",
                                                   "point",
                                                   "none",
                                                   "cell-maker",
                                                   "pack-c",
                                                   "burst-c",
                                                   "copper",
                                                   "high-drain",
                                                   "42,5",
                                                   "1e3",
                                                   "\u00fcber",
                                                   std::string(300, 'x'),
                                                   "eighty-percent"};
    return words[draw.below(words.size())];
}

json changed(json document, Numbers& draw) {
    // Parts that most plans do not have go first.
    for (const char* part : {"failsafe", "link", "ground", "supply", "turn", "landing", "sun"}) {
        if (draw.share() < 0.4) document.erase(part);
    }
    if (document.contains("pack")) {
        for (const char* key : {"rate_table", "start_cell_v", "start_temperature_c", "measured_cell_ohm"}) {
            if (draw.share() < 0.6) document["pack"].erase(key);
        }
        if (draw.share() < 0.5) document["aircraft"]["craft"] = "rotor";
        for (const char* key : {"array", "converter"}) {
            if (draw.share() < 0.5) document["aircraft"].erase(key);
        }
        if (draw.share() < 0.7) document["weather"].erase("wind_table");
        json& mission = document["mission"];
        static constexpr std::array kinds = {"out-and-back", "farthest-point", "endurance", "route",
                                             "visit",        "one-way",        "on-sun"};
        mission["kind"] = kinds[draw.below(kinds.size())];
        for (const char* key : {"climb_angle_deg", "climb_throttle", "landing_height_m", "loiter_radius_m"}) {
            if (draw.share() < 0.6) mission.erase(key);
        }
        static const std::array<json, 3> reserves = {json{{"share_of_usable", 0.2}}, json{{"loiter_min", 5}},
                                                     json{{"home_factor", 1.5}}};
        document["reserve"] = reserves[draw.below(3)];
        if (draw.share() < 0.2) mission["waypoints"][0]["loiter"] = "to-the-last";
    }
    const std::size_t changes = draw.below(6);
    for (std::size_t i = 0; i < changes; ++i) {
        std::vector<json*> leaves;
        std::vector<std::pair<json*, std::string>> members;
        std::vector<json*> lists;
        collect(document, leaves, members, lists);
        const double kind = draw.share();
        if (kind < 0.80 && !leaves.empty()) {
            json& leaf = *leaves[draw.below(leaves.size())];
            if (leaf.is_number())
                leaf = other_number(draw, leaf.get<double>());
            else if (leaf.is_string())
                leaf = other_word(draw);
            else
                leaf = !leaf.is_boolean() || !leaf.get<bool>();
        } else if (kind < 0.90 && !members.empty()) {
            const auto& [parent, key] = members[draw.below(members.size())];
            parent->erase(key);
        } else if (kind < 0.95 && !lists.empty()) {
            json& list = *lists[draw.below(lists.size())];
            if (draw.share() < 0.5 || list.empty())
                list.clear();
            else
                for (std::size_t copies = draw.below(4); copies > 0; --copies)
                    list.push_back(list[draw.below(list.size())]);
        } else if (!members.empty()) {
            const auto& [parent, key] = members[draw.below(members.size())];
            static const std::array<json, 6> strange = {json(nullptr),  json(true),
                                                        json("12"),     json::array(),
                                                        json::object(), json::array({1, "a", nullptr})};
            (*parent)[key] = strange[draw.below(strange.size())];
        }
    }
    return document;
}

void finite(double value, const char* what) {
    if (!std::isfinite(value)) broken(what);
}
void finite(const units::Estimate& estimate, const char* what) {
    finite(estimate.value, what);
    finite(estimate.sd, what);
}

void look_at(const mission::Plan& plan) {
    finite(plan.usable_energy_wh, "usable energy is no number");
    finite(plan.usable_charge_ah, "usable charge is no number");
    finite(plan.conditions.cruise_power_w, "cruise power is no number");
    for (const auto& point : plan.outward) {
        finite(point.distance_m, "a point's distance is no number");
        finite(point.time_s, "a point's time is no number");
    }
    for (const auto& leg : plan.legs_out) {
        finite(leg.power_w, "a leg's power is no number");
        finite(leg.duration_s, "a leg's time is no number");
        finite(leg.energy_wh, "a leg's energy is no number");
    }
    if (plan.turn) {
        finite(plan.turn->distance_m, "the turn's distance is no number");
        finite(plan.turn->time_s, "the turn's time is no number");
        finite(plan.turn->charge_used_ah, "the turn's charge is no number");
        finite(plan.turn->energy_used_wh, "the turn's energy is no number");
        if (plan.turn->distance_m.value < 0.0) broken("the turn is behind the launch");
    }
    if (plan.flight) {
        finite(plan.flight->duration_s, "the flight's time is no number");
        finite(plan.flight->landing_energy_left_wh, "what is left is no number");
    }
    for (const auto& sensitivity : plan.turn_sensitivities)
        finite(sensitivity.relative, "a sensitivity is no number");
    const auto limits = mission::check_limits(plan);
    if (limits.checks.empty()) broken("no limit was looked at");
}

/// The commands that are asked more seldom, as the program runs them.
void ask_commands(const json& document, const QTemporaryDir& folder) {
    const std::string file = folder.filePath(QStringLiteral("plan.json")).toStdString();
    if (!io::write_text_file(file, document.dump())) broken("the document cannot be written");
    const std::string card = folder.filePath(QStringLiteral("card.pdf")).toStdString();
    for (const std::vector<std::string>& arguments :
         {std::vector<std::string>{"plan", file, "--json", "--days", "200"},
          {"plan", file, "--card", card},
          {"reach", file, "--json", "--bearings", "24"},
          {"alarms", file, "--json"},
          {"sun", file, "--date", "2026-06-21", "--at", "42.61,-5.02", "--sustain", "3", "--json"},
          {"plan", file}}) {
        watch_the_time();
        std::ostringstream out;
        std::ostringstream err;
        const int code = cli::run(arguments, out, err);
        if (code != cli::exit_done && code != cli::exit_unusable_input) broken("an exit status of its own");
        if (err.str().find("a fault inside") != std::string::npos) broken(err.str().c_str());
        // Words for people: "nan" and "inf" are none.
        std::string text = out.str();
        for (const char* word : {" nan", " -nan", " inf ", " -inf"}) {
            if (arguments.back() == file && text.find(word) != std::string::npos)
                broken("an answer that is no number");
        }
    }
}

struct Tally {
    std::uint64_t documents = 0;
    std::uint64_t accepted = 0;
    std::uint64_t turns = 0;
    std::uint64_t asked = 0;
};

void try_one(std::uint64_t number, const QTemporaryDir& folder, Tally& tally, bool show) {
    number_now = number;
    Numbers draw(seed_now, number);
    watch_the_time();
    ++tally.documents;
    constexpr std::uint64_t seldom = 200;
    const std::size_t kind = draw.below(16);
    if (kind == 0) {
        const json document = changed(whole_build(), draw);
        document_now = &document;
        if (show) std::puts(document.dump(1).c_str());
        if (const auto build = io::build_from_json(document.dump(), "fuzz")) {
            ++tally.accepted;
            (void)battery::built(build->build);
        }
        document_now = nullptr;
        return;
    }
    const json document = changed(whole_plan(), draw);
    document_now = &document;
    if (show) std::puts(document.dump(1).c_str());
    const std::string text = document.dump();
    if (kind == 1 || kind == 2) {
        // The parts as a book keeps them, and a book with them in it.
        const auto part = [&](const char* name, const char* format) {
            json kept = document.contains(name) ? document[name] : json();
            if (kept.is_object()) {
                kept["format"] = format;
                kept["version"] = 1;
            }
            return kept;
        };
        const json pack = part("pack", "sobremesa-pack");
        const json aircraft = part("aircraft", "sobremesa-aircraft");
        (void)io::kept_aircraft_from_json(aircraft.dump(), "fuzz");
        (void)io::kept_plan_from_json(text, "fuzz");
        json flight = {
            {"format", "sobremesa-flight"}, {"version", 1}, {"flown", document}, {"recharged_ah", draw.share()}};
        (void)io::kept_flight_from_json(flight.dump(), "fuzz");
        json book = {{"format", "sobremesa-book"}, {"version", 1}, {"records", json::array()}};
        book["records"].push_back({{"kind", "pack"}, {"id", 1}, {"document", pack}});
        book["records"].push_back({{"kind", "flight"}, {"id", 2}, {"document", flight}});
        (void)io::book_from_json(book.dump(), "fuzz");
        if (const auto kept = io::kept_pack_from_json(pack.dump(), "fuzz")) {
            ++tally.accepted;
            const battery::PackModel model(kept->pack);
            const auto run =
                battery::discharge_at_power(model, model.atStart(15.0), 500.0 * draw.share(), {2.8, 1e5});
            finite(run.last().charge_used_ah, "a discharge gives what is no number");
            finite(run.last().energy_wh, "a discharge gives what is no number");
        }
        document_now = nullptr;
        return;
    }
    const auto plan_document = io::plan_from_json(text, "fuzz");
    if (plan_document) {
        ++tally.accepted;
        if (const auto plan = mission::make_plan(plan_document->request)) {
            look_at(*plan);
            tally.turns += plan->turn ? 1 : 0;
        }
        if (number % seldom == 0) {
            ++tally.asked;
            ask_commands(document, folder);
        }
    }
    document_now = nullptr;
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QGuiApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C");
    std::signal(SIGPROF, too_long);
    for (const int signal : {SIGSEGV, SIGFPE, SIGBUS, SIGILL}) std::signal(signal, crashed);
    const QTemporaryDir folder;
    Tally tally;
    const std::vector<std::string> words(argv + 1, argv + argc);
    const auto number = [&](std::size_t at, std::uint64_t otherwise) {
        return at < words.size() ? std::strtoull(words[at].c_str(), nullptr, 10) : otherwise;
    };
    if (!words.empty() && words[0] == "only") {
        seed_now = number(1, 1);
        try_one(number(2, 0), folder, tally, true);
        return 0;
    }
    const bool counts = !words.empty() && words[0] == "count";
    const std::uint64_t most = counts ? number(1, 1'000'000) : UINT64_MAX;
    const double seconds = counts ? 1e9 : double(number(0, 60));
    seed_now = number(counts ? 2 : 1, 1);
    const auto began = std::chrono::steady_clock::now();
    double spent = 0.0;
    for (std::uint64_t i = 0; i < most && spent < seconds; ++i) {
        try_one(i, folder, tally, false);
        spent = std::chrono::duration<double>(std::chrono::steady_clock::now() - began).count();
    }
    std::printf(
        "documents: seed %llu, %llu in %.0f s, %llu accepted, %llu with a turn, %llu asked in full: clean\n",
        static_cast<unsigned long long>(seed_now), static_cast<unsigned long long>(tally.documents), spent,
        static_cast<unsigned long long>(tally.accepted), static_cast<unsigned long long>(tally.turns),
        static_cast<unsigned long long>(tally.asked));
    // One that refuses everything tests nothing.
    return tally.documents > 1000 && tally.accepted * 5 < tally.documents ? 1 : 0;
}
