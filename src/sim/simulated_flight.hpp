#pragma once

#include <memory>

#include "core/telemetry/flight_log.hpp"
#include "sim/scenario.hpp"
#include "sim/simulated_pack.hpp"

namespace sobremesa::sim {

/// What really happened, beside what the sensors saw.
struct Truth {
    double duration_s = 0.0;
    double ground_m = 0.0;
    double air_m = 0.0;
    double farthest_m = 0.0;
    double charge_ah = 0.0;
    double energy_wh = 0.0;
    double lowest_voltage_v = 1e9;
    double resting_cell_v = 0.0; ///< after landing, fully relaxed
    double mean_wind_mps = 0.0;  ///< along the track, vector mean
    double mean_wind_from_deg = 0.0;
    double level_power_w = 0.0; ///< still air, mission height, flown airspeed
    double pack_temperature_c = 0.0;
    double array_wh = 0.0;         ///< given by the array
    double cruise_balance_w = 0.0; ///< into the pack less out of it, mean at mission height before the return
    bool came_home = false;
    std::string ending; ///< landed, pack-collapsed, out-of-time
};

struct SimulatedFlight {
    telemetry::FlightLog log;
    Truth truth;
};

/// A flight that can be steered while it is flown, in steps of a tenth of a second.
class FlightInProgress {
public:
    explicit FlightInProgress(const Scenario& scenario);
    FlightInProgress(FlightInProgress&&) noexcept;
    FlightInProgress& operator=(FlightInProgress&&) noexcept;
    ~FlightInProgress();

    /// As far as that time of flight, or to its end.
    void fly_to(double time_s);
    /// Turns for home now.
    void go_home();
    bool homeward() const;
    bool ended() const;
    double time_s() const;
    /// What the sensors saw so far; jumps and pauses that a log may get afterwards are not in it.
    const telemetry::FlightLog& log() const;
    Truth truth() const;
    /// As it stands.
    const SimulatedPack& pack() const;
    /// The whole of it, with those.
    SimulatedFlight finish() &&;

private:
    class Flight;
    std::unique_ptr<Flight> flight_;
};

/// Flies a scenario from launch to landing.
SimulatedFlight simulate(const Scenario& scenario);

} // namespace sobremesa::sim
