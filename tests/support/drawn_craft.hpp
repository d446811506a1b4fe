#pragma once

#include <algorithm>
#include <random>

#include "core/learning/curve_fit.hpp"
#include "core/telemetry/level_points.hpp"
#include "sim/simulated_flight.hpp"
#include "sim/simulated_power.hpp"

namespace sobremesa::tests {

/// An aircraft that nobody knows, as its pilot describes it, and flights of it at two airspeeds each.
struct DrawnCraft {
    sim::SimulatedAircraft truth;
    airframe::Aircraft described;
    double pack_kg = 0.5;
    /// Airspeeds that were flown.
    double slowest_mps = 1e9;
    double fastest_mps = 0.0;
    std::vector<learning::FlightObservation> observations;
    /// Of each flight: out and home, m/s.
    std::vector<std::pair<double, double>> airspeeds_mps;

    double all_up_mass_kg() const { return truth.mass_without_pack_kg + pack_kg; }
};

/// A simulated aircraft of its own, wing or multirotor.
template <class Random>
sim::SimulatedAircraft drawn_aircraft(Random& random, bool wing) {
    const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(random); };
    sim::SimulatedAircraft a;
    a.wing = wing;
    if (wing) {
        a.mass_without_pack_kg = between(0.7, 1.6);
        a.area_m2 = a.mass_without_pack_kg * between(0.25, 0.36);
        a.aspect_ratio = between(5.0, 9.0);
        a.zero_lift_drag = between(0.026, 0.045);
        a.propulsive_efficiency = between(0.42, 0.58);
        a.airspeed_mps = between(13.0, 17.0);
    } else {
        a.mass_without_pack_kg = between(0.45, 0.9);
        a.rotor_diameter_m = between(0.15, 0.23);
        a.figure_of_merit = between(0.5, 0.66);
        a.profile_power_w = between(10.0, 22.0);
        a.drag_area_m2 = between(0.008, 0.016);
        a.airspeed_mps = between(10.0, 14.0);
    }
    return a;
}

/// Wing or multirotor; its cruise known to 5 % in airspeed and 7 % in power, its form known to half of the pilots.
template <class Random>
DrawnCraft drawn_craft(Random& random, bool wing) {
    const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(random); };
    DrawnCraft craft;
    craft.truth = drawn_aircraft(random, wing);
    sim::SimulatedAircraft& a = craft.truth;
    if (!wing) {
        craft.pack_kg = 0.6;
        a.electronics_w = 9.0;
        a.full_power_w = 980.0;
    }
    const double mass_kg = craft.all_up_mass_kg();
    airframe::Aircraft& d = craft.described;
    d.craft = wing ? airframe::Craft::wing : airframe::Craft::rotor;
    d.mass_kg = a.mass_without_pack_kg;
    d.cruise_airspeed_mps = a.airspeed_mps * between(0.95, 1.05);
    d.cruise_power_w = between(0.93, 1.07) * sim::flight_power_w(a, mass_kg, 1.225, a.airspeed_mps, 0.0);
    d.cruise_all_up_mass_kg = mass_kg;
    d.electronics_w = a.electronics_w;
    if (random() % 2 == 0) {
        if (wing)
            d.wing = {a.area_m2, std::sqrt(a.area_m2 * a.aspect_ratio), {}};
        else
            d.rotor = {double(a.rotors), a.rotor_diameter_m};
    }
    return craft;
}

/// Out and back or over a route, out at one airspeed and home at another, in wind and gusts; read once a second in
/// steps of 0.1 V and 0.1 A, without an airspeed sensor.
template <class Random>
void fly_at_two_airspeeds(DrawnCraft& craft, Random& random, int number) {
    const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(random); };
    sim::Scenario s;
    s.seed = random();
    s.aircraft = craft.truth;
    const double cruise = craft.truth.airspeed_mps;
    s.aircraft.airspeed_mps = cruise * between(0.85, 1.0);
    s.mission.home_airspeed_mps = cruise * between(1.05, 1.35);
    if (random() % 2 == 0) std::swap(s.aircraft.airspeed_mps, s.mission.home_airspeed_mps);
    for (const double v : {s.aircraft.airspeed_mps, s.mission.home_airspeed_mps}) {
        craft.slowest_mps = std::min(craft.slowest_mps, v);
        craft.fastest_mps = std::max(craft.fastest_mps, v);
    }
    craft.airspeeds_mps.emplace_back(s.aircraft.airspeed_mps, s.mission.home_airspeed_mps);
    s.pack.series = craft.truth.wing ? 4 : 6;
    s.pack.parallel = 3;
    s.pack.cell_capacity_ah = 4.0;
    s.pack.mass_kg = craft.pack_kg;
    s.mission.bearing_deg = between(0.0, 360.0);
    s.mission.height_m = between(60.0, 118.0);
    s.mission.distance_m = between(2500.0, 4500.0);
    if (number % 3 == 1) {
        s.mission.kind = sim::SimulatedMission::Kind::route;
        s.mission.route = {{between(700.0, 1800.0), between(-300.0, 500.0)},
                           {between(400.0, 1500.0), between(1200.0, 2400.0)},
                           {between(-1900.0, -700.0), between(700.0, 1900.0)}};
    }
    s.weather.wind_mps = between(1.0, 7.0);
    s.weather.wind_from_deg = between(0.0, 360.0);
    s.weather.wind_growth_mps_per_h = between(-1.0, 1.0);
    s.weather.gust_sd_mps = between(0.2, 0.6);
    s.weather.temperature_c = between(5.0, 25.0);
    s.sensors.rate_hz = 1.0;
    s.sensors.voltage_step_v = 0.1;
    s.sensors.current_step_a = 0.1;
    const auto flown = sim::simulate(s);
    const auto clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(flown.log));
    auto summary = telemetry::summarise(*clean);
    telemetry::complete(*summary, *telemetry::find_out(*clean));
    learning::FlightObservation observation;
    observation.flight_id = number + 1;
    observation.all_up_mass_kg = craft.all_up_mass_kg();
    observation.field_temperature_c = s.weather.temperature_c;
    observation.level = summary->level;
    observation.climbs = summary->climbs;
    observation.pieces = summary->pieces;
    craft.observations.push_back(std::move(observation));
}

/// Largest error of the level power over the airspeeds flown, relative; and whether the truth lies within two sd at
/// all of them.
inline std::pair<double, bool> worst_of(const DrawnCraft& craft, const airframe::PowerCurve& curve) {
    double worst = 0.0;
    bool inside = true;
    constexpr int points = 11;
    for (int i = 0; i < points; ++i) {
        const double v = std::lerp(craft.slowest_mps, craft.fastest_mps, double(i) / (points - 1));
        const auto found = airframe::level_power_w(curve, v, craft.all_up_mass_kg(), 1.225);
        const double truth = sim::flight_power_w(craft.truth, craft.all_up_mass_kg(), 1.225, v, 0.0);
        worst = std::max(worst, std::abs(found.value / truth - 1.0));
        inside = inside && std::abs(found.value - truth) <= 2.0 * found.sd;
    }
    return {worst, inside};
}

} // namespace sobremesa::tests
