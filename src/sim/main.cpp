#include <clocale>
#include <filesystem>
#include <iostream>

#include <CLI/CLI.hpp>

#include "io/text_file.hpp"
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

} // namespace

int main(int argc, char** argv) {
    std::setlocale(LC_NUMERIC, "C");
    CLI::App app{"Flies a simulated aircraft and writes its log, and the truth beside it.", "sobremesa-sim"};
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
    app.add_option("--seed", base.seed, "Seed of gusts and noise");
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& trouble) {
        const int code = app.exit(trouble);
        return code == 0 ? 0 : 2;
    }
    try {
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
