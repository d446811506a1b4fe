// Writes docs/fleet.md: what a debrief finds in sixty simulated flights, against what the simulator knows. Not a
// test: scripts/fleet-table runs it; tests/core/telemetry/tst_findings.cpp holds the same flights to their goals.

#include <algorithm>
#include <cmath>
#include <fstream>
#include <iostream>

#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"
#include "core/units/constants.hpp"
#include "io/text_number.hpp"
#include "sim/fleet.hpp"
#include "sim/simulated_flight.hpp"
#include "support/coarse_log.hpp"

using namespace sobremesa;

namespace {

std::string digits(double value, int decimals) {
    return std::isfinite(value) ? io::text_from_number(value, decimals) : std::string("–");
}

const char* mission_word(sim::SimulatedMission::Kind kind) {
    switch (kind) {
    case sim::SimulatedMission::Kind::loiter: return "circles";
    case sim::SimulatedMission::Kind::route: return "route";
    case sim::SimulatedMission::Kind::out_and_back: break;
    }
    return "out and back";
}

} // namespace

int main(int argc, char** argv) {
    if (argc != 2) {
        std::cerr << "usage: fleet_table FILE.md\n";
        return 2;
    }
    std::ofstream out(argv[1]);
    out << "# Sixty simulated flights\n\n"
           "Made by `scripts/fleet-table`; the simulator shares no equation with what is judged here. Wind: length "
           "of the "
           "error vector against the mean wind along the track, and the stated sd of the best and the worst "
           "component. "
           "Still air: error of the consumption in level flight against the simulator's power, sensor gain in it; "
           "its "
           "stated sd. A wind in brackets is one that the program itself calls not known. Coarse: the same flight "
           "as a "
           "radio "
           "writes it (0.1 V, 0.1 A, 1 mAh, 1 m; 0.2, 1, 5 and 50 rows a second), charge and energy at worst off "
           "from "
           "those of "
           "the full record; sensors called frozen in those four.\n\n"
           "| flight | day | craft | mission | turned ° | wind error m/s | sd m/s | still air error % | sd % | "
           "coarse "
           "charge % | "
           "coarse energy % | called frozen |\n"
           "|---|---|---|---|---|---|---|---|---|---|---|---|\n";
    constexpr int flights = 60;
    constexpr double chi_squared_95 = 5.991;
    int inside = 0;
    int known = 0;
    int given = 0;
    int within_two = 0;
    double squares = 0.0;
    double sum = 0.0;
    double worst_charge = 0.0;
    double worst_energy = 0.0;
    int all_frozen = 0;
    for (const auto& flight : sim::fleet(flights)) {
        const auto flown = sim::simulate(flight.scenario);
        const auto clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(flown.log));
        if (!clean) return 1;
        const auto found = telemetry::find_out(*clean);
        if (!found) return 1;
        const auto& wind = found->wind;
        const double from = units::radians(flown.truth.mean_wind_from_deg);
        const double east = wind.east_mps + flown.truth.mean_wind_mps * std::sin(from);
        const double north = wind.north_mps + flown.truth.mean_wind_mps * std::cos(from);
        const auto& c = wind.covariance_m2ps2;
        const double chi =
            (c[2] * east * east - 2.0 * c[1] * east * north + c[0] * north * north) / (c[0] * c[2] - c[1] * c[1]);
        inside += chi <= chi_squared_95 ? 1 : 0;
        if (wind.known()) {
            ++known;
            squares += east * east + north * north;
        }
        double error = std::nan("");
        double sd = std::nan("");
        if (found->still) {
            const double truth = flown.truth.level_power_w * flight.scenario.sensors.current_scale /
                                 flight.scenario.aircraft.airspeed_mps / units::seconds_per_hour;
            error = found->still->energy_wh_per_m.value / truth - 1.0;
            sd = found->still->energy_wh_per_m.sd / truth;
            ++given;
            sum += error;
            within_two += std::abs(error) <= 2.0 * sd ? 1 : 0;
        }
        // Coarse but sound: what a record lacks besides is no question of steps.
        auto sound = flight.scenario;
        sound.sensors.position_jumps = 0;
        sound.sensors.gaps = 0;
        const auto whole = sim::simulate(sound).log;
        const auto whole_clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(whole));
        if (!whole_clean) return 1;
        const auto fine = telemetry::summarise(*whole_clean);
        if (!fine) return 1;
        double charge_off = 0.0;
        double energy_off = 0.0;
        int frozen = 0;
        for (const double rate_hz : tests::coarse_rates_hz) {
            const auto coarse_clean =
                telemetry::clean(std::make_shared<telemetry::FlightLog>(tests::coarse_log(whole, rate_hz)));
            if (!coarse_clean) return 1;
            const auto coarse = telemetry::summarise(*coarse_clean);
            if (!coarse) return 1;
            const auto off = [](double is, double should) { return std::abs(is / should - 1.0); };
            charge_off = std::max(charge_off, off(coarse->energy.charge_ah->value, fine->energy.charge_ah->value));
            energy_off = std::max(energy_off, off(coarse->energy.energy_wh->value, fine->energy.energy_wh->value));
            for (const auto& diagnostic : coarse_clean->diagnostics)
                frozen += diagnostic.code == units::DiagnosticCode::sensor_stuck ? 1 : 0;
        }
        worst_charge = std::max(worst_charge, charge_off);
        worst_energy = std::max(worst_energy, energy_off);
        all_frozen += frozen;
        const std::string size = digits(std::hypot(east, north), 2);
        out << "| " << flight.scenario.name << " | " << sim::day_word(flight.day) << " | "
            << (flight.scenario.aircraft.wing ? "wing" : "multirotor") << " | "
            << mission_word(flight.scenario.mission.kind) << " | " << digits(wind.turned_deg, 0) << " | "
            << (wind.known() ? size : "(" + size + ")") << " | " << digits(wind.best_sd_mps, 2) << ", "
            << digits(wind.worst_sd_mps, 2) << " | " << digits(100.0 * error, 1) << " | " << digits(100.0 * sd, 1)
            << " | " << digits(100.0 * charge_off, 2) << " | " << digits(100.0 * energy_off, 2) << " | " << frozen
            << " |\n";
    }
    out << "\nThe 95 % ellipse holds the truth in " << inside << " of " << flights
        << "; the wind is called known in " << known << ", where its error is "
        << digits(std::sqrt(squares / known), 2) << " m/s (rms). Consumption in still air is given for " << given
        << ", within two sd in " << within_two << ", on average " << digits(100.0 * sum / given, 1)
        << " % off. Written coarsely, "
        << "charge is off by " << digits(100.0 * worst_charge, 2) << " % at worst, energy by "
        << digits(100.0 * worst_energy, 2) << " %; " << all_frozen << " sensors are called frozen that are not.\n\n"
        << "Misses worth knowing: out-and-back flights of a multirotor turn on the spot, and their wind across the "
           "track is "
           "little known; where it is not, the stated sd says so. In gusts above 0.8 m/s the power of level flight "
           "wanders, "
           "and consumption is a few percent off with an sd of as much.\n";
    return out ? 0 : 1;
}
