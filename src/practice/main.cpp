#include <clocale>
#include <csignal>
#include <filesystem>
#include <iostream>

#include <CLI/CLI.hpp>

#include "core/mission/make_plan.hpp"
#include "io/log_file.hpp"
#include "io/plan_document.hpp"
#include "io/terrain.hpp"
#include "io/text_file.hpp"
#include "practice/plan_scenario.hpp"
#include "practice/stream.hpp"
#include "sim/scenario_document.hpp"

namespace {

using namespace sobremesa;

/// Half of the last row's characters, and no end of line: what a card pulled too early leaves.
void cut_last_row(std::string& csv) {
    const auto start = csv.rfind('\n', csv.size() - 2) + 1;
    csv.resize(start + (csv.size() - start) / 2);
}

int fly(const sim::Scenario& scenario, const std::filesystem::path& folder) {
    const sim::SimulatedFlight flight = sim::simulate(scenario);
    std::string csv = io::csv_from_log(flight.log, scenario.style);
    if (scenario.sensors.cut_last_row) cut_last_row(csv);
    const auto log = folder / (scenario.name + ".csv");
    const auto truth = folder / (scenario.name + ".truth.json");
    if (!io::write_text_file(log.string(), csv) ||
        !io::write_text_file(truth.string(), sim::json_from_truth(scenario, flight.truth))) {
        std::cerr << "sobremesa-sim: cannot write to " << folder.string() << "\n";
        return 1;
    }
    std::cout << log.string() << ": " << flight.log.rows() << " rows, " << flight.truth.ending << "\n";
    return 0;
}

struct SingleFlight {
    std::string craft = "wing";
    std::string mission = "out-and-back";
    std::string style = "radio";
    std::vector<double> wind = {0.0, 270.0};
};

sim::Scenario single_flight(const SingleFlight& wanted, sim::Scenario scenario) {
    scenario.aircraft.wing = wanted.craft == "wing";
    if (!scenario.aircraft.wing) {
        scenario.aircraft.mass_without_pack_kg = 0.75;
        scenario.aircraft.airspeed_mps = 13.0;
        scenario.aircraft.full_power_w = 900.0;
        scenario.pack.series = 6;
    }
    using Kind = sim::SimulatedMission::Kind;
    scenario.mission.kind = wanted.mission == "loiter"  ? Kind::loiter
                            : wanted.mission == "route" ? Kind::route
                                                        : Kind::out_and_back;
    const double d = scenario.mission.distance_m;
    if (wanted.mission == "route") scenario.mission.route = {{-d, 0.0}, {-d, d}, {0.0, d}};
    scenario.weather.wind_mps = wanted.wind[0];
    scenario.weather.wind_from_deg = wanted.wind[1];
    scenario.style = wanted.style == "recorder" ? io::LogStyle::recorder : io::LogStyle::radio;
    return scenario;
}

/// A flight to be sent in its own time, and what is wrong with the link.
struct Streaming {
    std::string target;
    std::string plan;
    std::string replay;
    std::string day = "as-forecast";
    std::string format = "mavlink";
    double speed = 1.0;
    double extra_growth_mps_per_h = 0.0;
    double turn_share = 1.0;
    std::vector<double> silent = {};
    double frozen_current_from_s = -1.0;
    practice::LinkFaults faults;
};

volatile std::sig_atomic_t stop_asked = 0;

int complain(const std::string& what) {
    std::cerr << "sobremesa-sim: " << what << "\n";
    return 1;
}

/// The flight of a plan, of a log, or of the options.
std::optional<telemetry::FlightLog> flight_to_send(const Streaming& wanted, const sim::Scenario& single,
                                                   std::uint64_t seed) {
    if (!wanted.replay.empty()) {
        const auto log = io::read_log(wanted.replay);
        if (!log) return std::nullopt;
        return **log;
    }
    if (wanted.plan.empty()) return sim::simulate(single).log;
    auto document = io::read_plan_file(wanted.plan);
    if (!document) return std::nullopt;
    const auto plan = mission::make_plan(document->request);
    if (!plan) return std::nullopt;
    sim::Scenario scenario =
        practice::scenario_of(*plan, {*practice::day_from_word(wanted.day), seed, wanted.extra_growth_mps_per_h});
    scenario.mission.distance_m *= wanted.turn_share;
    scenario.mission.loiter_s *= wanted.turn_share;
    scenario.sensors = single.sensors;
    return sim::simulate(scenario).log;
}

int send(Streaming wanted, const sim::Scenario& single, std::uint64_t seed) {
    const auto log = flight_to_send(wanted, single, seed);
    if (!log) return complain("cannot read " + (wanted.replay.empty() ? wanted.plan : wanted.replay));
    wanted.faults.seed = seed;
    if (wanted.silent.size() == 2) wanted.faults.silent_s = {wanted.silent[0], wanted.silent[1]};
    if (wanted.frozen_current_from_s >= 0.0) wanted.faults.current_frozen_from_s = wanted.frozen_current_from_s;
    auto target = practice::StreamTarget::open(
        wanted.target, [](const std::string& where) { std::cerr << "streaming on " << where << std::endl; });
    if (!target) return complain("cannot send to " + wanted.target + ": udp:HOST:PORT, tcp:HOST:PORT or pty");
    std::signal(SIGINT, [](int) { stop_asked = 1; });
    std::signal(SIGTERM, [](int) { stop_asked = 1; });
    std::signal(SIGPIPE, SIG_IGN);
    const auto format = wanted.format == "text" ? practice::StreamFormat::text : practice::StreamFormat::mavlink;
    const std::size_t rows =
        practice::stream(*log, *target, format, wanted.speed, wanted.faults, [] { return stop_asked != 0; });
    std::cout << rows << " rows sent\n";
    return 0;
}

void add_streaming(CLI::App& app, Streaming& wanted) {
    const auto share = CLI::Range(0.0, 1.0);
    app.add_option("--stream", wanted.target,
                   "Sends the flight in its own time: udp:HOST:PORT, tcp:HOST:PORT (waits there), pty (makes one)");
    app.add_option("--speed", wanted.speed, "So many times as fast")->check(CLI::Range(0.1, 1000.0));
    app.add_option("--plan", wanted.plan, "Plan document to be flown, in place of the options");
    app.add_option("--replay", wanted.replay, "Log to be sent, in place of a simulated flight");
    app.add_option("--day", wanted.day, "as-forecast, drawn, growing-wind or worst-in-twenty")
        ->check(CLI::IsMember({"as-forecast", "drawn", "growing-wind", "worst-in-twenty"}));
    app.add_option("--growth", wanted.extra_growth_mps_per_h,
                   "What the wind grows by beside the plan's, m/s per hour");
    app.add_option("--turn-share", wanted.turn_share, "Turns at so many times the plan's turn")
        ->check(CLI::Range(0.05, 20.0));
    app.add_option("--format", wanted.format, "mavlink or text")->check(CLI::IsMember({"mavlink", "text"}));
    app.add_option("--lose", wanted.faults.lose_share, "Share of packets lost")->check(share);
    app.add_option("--damage", wanted.faults.damage_share, "Share of packets with a wrong byte")->check(share);
    app.add_option("--repeat", wanted.faults.repeat_share, "Share of packets sent twice")->check(share);
    app.add_option("--reorder", wanted.faults.reorder_share, "Share of packets out of order")->check(share);
    app.add_option("--silent", wanted.silent, "FROM,TO: nothing is sent then, s of flight")
        ->delimiter(',')
        ->expected(2);
    app.add_option("--freeze-current", wanted.frozen_current_from_s, "The current stands still from then, s");
    app.add_option("--clock-jump", wanted.faults.clock_jump_s, "The vehicle's clock is set ahead in mid-flight, s");
    app.add_flag("--two-vehicles", wanted.faults.second_vehicle, "Another vehicle on the same link");
}

} // namespace

int main(int argc, char** argv) {
    std::setlocale(LC_NUMERIC, "C");
    CLI::App app{"Flies a simulated aircraft and writes its log, and the truth beside it.", "sobremesa-sim"};
    app.set_version_flag("--version", "sobremesa-sim " SOBREMESA_VERSION);
    std::string document;
    std::string folder = ".";
    SingleFlight wanted;
    sim::Scenario base;
    app.add_option("scenario", document, "Scenario document; without one, a single flight from the options below");
    app.add_option("--out", folder, "Folder to write to");
    app.add_option("--name", base.name, "Name of the log");
    app.add_option("--craft", wanted.craft, "wing or multirotor")->check(CLI::IsMember({"wing", "multirotor"}));
    app.add_option("--mission", wanted.mission, "out-and-back, loiter or route")
        ->check(CLI::IsMember({"out-and-back", "loiter", "route"}));
    app.add_option("--style", wanted.style, "radio or recorder")->check(CLI::IsMember({"radio", "recorder"}));
    app.add_option("--wind", wanted.wind, "Speed in m/s and where it comes from in degrees")
        ->delimiter(',')
        ->expected(2);
    app.add_option("--gust", base.weather.gust_sd_mps, "Standard deviation of gusts, m/s");
    app.add_option("--distance", base.mission.distance_m, "Distance of the turn, or side of the route, m");
    app.add_option("--bearing", base.mission.bearing_deg, "Bearing out, degrees");
    app.add_option("--height", base.mission.height_m, "Height above home, m");
    app.add_option("--loiter", base.mission.loiter_s, "Time of the loiter, s");
    app.add_option("--rate", base.sensors.rate_hz, "Rows a second");
    app.add_option("--current-scale", base.sensors.current_scale, "What the current sensor makes of one ampere");
    // Every program of the family takes these; the simulator keeps nothing, so they change nothing here.
    std::string book;
    std::string settings;
    app.add_option("--book", book, "Logbook file");
    app.add_option("--settings", settings, "Folder of the settings");
    app.add_option("--seed", base.seed, "Seed of gusts and noise, of the day and of the link's faults");
    Streaming streaming;
    add_streaming(app, streaming);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& trouble) {
        const int code = app.exit(trouble);
        return code == 0 ? 0 : 2;
    }
    try {
        if (!streaming.target.empty()) return send(streaming, single_flight(wanted, base), base.seed);
        std::filesystem::create_directories(folder);
        if (document.empty()) return fly(single_flight(wanted, base), folder);
        const auto text = io::read_text_file(document);
        if (!text) {
            std::cerr << "sobremesa-sim: cannot read " << document << "\n";
            return 1;
        }
        for (const sim::Scenario& scenario : sim::scenarios_from_json(*text)) {
            if (const int code = fly(scenario, folder); code != 0) return code;
        }
    } catch (const std::exception& trouble) {
        std::cerr << "sobremesa-sim: " << trouble.what() << "\n";
        return 1;
    }
    return 0;
}
