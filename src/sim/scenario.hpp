#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "io/csv_log_writer.hpp"

namespace sobremesa::sim {

/// What is flown, where, in what weather, seen through which sensors. All SI.
///
/// The simulated aircraft has equations of its own: it shares no model code with the program, so that agreement
/// between the two means something.

struct SimulatedAircraft {
    std::string name = "wing";
    bool wing = true;
    double mass_without_pack_kg = 0.9;
    double airspeed_mps = 15.0;
    double electronics_w = 6.0;
    double full_power_w = 320.0;
    // wing: drag polar
    double area_m2 = 0.30;
    double aspect_ratio = 6.0;
    double span_efficiency = 0.8;
    double zero_lift_drag = 0.034;
    double propulsive_efficiency = 0.52;
    // multirotor: momentum theory
    int rotors = 4;
    double rotor_diameter_m = 0.178;
    double figure_of_merit = 0.60;
    double motor_efficiency = 0.80;
    double profile_power_w = 16.0;
    double drag_area_m2 = 0.012;
};

/// Cells on the wing behind a tracking converter; no area, no cells.
struct SimulatedArray {
    double area_m2 = 0.0;
    double efficiency = 0.22;
    double converter_efficiency = 0.95;
    double loss_per_k = 0.0035;
    /// Share of the time that a cloud stands before the sun, how long one stays, and what it leaves.
    double cloud_share = 0.0;
    double cloud_s = 60.0;
    double cloud_leaves = 0.35;
};

struct SimulatedPackSpec {
    std::string name = "pack";
    bool li_ion = true;
    int series = 4;
    int parallel = 1;
    double cell_capacity_ah = 3.0;
    double cell_resistance_ohm = 0.02;
    double mass_kg = 0.3;
};

struct Thermal {
    double east_m = 0.0;
    double north_m = 0.0;
    double radius_m = 80.0;
    double strength_mps = 2.0;
};

struct SimulatedWeather {
    double wind_mps = 0.0; ///< at wind_height_m
    double wind_from_deg = 0.0;
    double wind_height_m = 80.0;
    double wind_growth_mps_per_h = 0.0;
    /// It grows no further than that.
    double most_wind_mps = 1e9;
    double gust_sd_mps = 0.3;
    double gust_time_s = 8.0;
    double temperature_c = 15.0;
    std::vector<Thermal> thermals;
};

struct Waypoint {
    double east_m = 0.0;
    double north_m = 0.0;
};

struct SimulatedMission {
    enum class Kind { out_and_back, loiter, route };
    Kind kind = Kind::out_and_back;
    double height_m = 80.0;
    double climb_mps = 2.5;
    double descent_mps = 1.8;
    double bearing_deg = 270.0;
    double distance_m = 5000.0;
    double loiter_radius_m = 120.0;
    double loiter_s = 1200.0;
    std::vector<Waypoint> route;
    /// The pilot comes home when a cell shows this under load for ten seconds; 0 never.
    double home_at_cell_v = 0.0;
    /// Airspeed on the return; 0: the same.
    double home_airspeed_mps = 0.0;
};

struct Sensors {
    double rate_hz = 5.0;
    double position_sd_m = 1.2;
    double speed_sd_mps = 0.15;
    double height_sd_m = 0.5;
    double height_drift_m = 2.0; ///< over the flight
    double voltage_sd_v = 0.03;
    double voltage_scale = 1.0;
    double current_sd_a = 0.15;
    double current_scale = 1.0;
    double current_offset_a = 0.0;
    /// What the readings are rounded to; 0: as they are.
    double voltage_step_v = 0.0;
    double current_step_a = 0.0;
    double fix_after_s = 0.0; ///< no fix before
    int position_jumps = 0;
    int gaps = 0;
    double gap_s = 12.0;
    /// Sensors of the array's and the motors' current; and whether the main one sits at the pack, where it sees
    /// what goes in as well, or at the load.
    bool array_current = false;
    bool motor_current = false;
    bool current_at_pack = true;
    bool airspeed = false;
    bool heading = false;
    bool cut_last_row = false;
};

struct Scenario {
    std::string name = "flight";
    std::uint64_t seed = 1;
    double start_clock_s = 1775991600.0; ///< 2026-04-12 11:00 UTC
    double home_latitude_deg = 39.42;
    double home_longitude_deg = -31.36;
    io::LogStyle style = io::LogStyle::radio;
    SimulatedAircraft aircraft;
    SimulatedArray array;
    SimulatedPackSpec pack;
    SimulatedWeather weather;
    SimulatedMission mission;
    Sensors sensors;
};

} // namespace sobremesa::sim
