#include "sim/simulated_power.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::sim {

namespace {

constexpr double g = 9.80665;
constexpr double pi = 3.14159265358979323846;

double wing_power_w(const SimulatedAircraft& a, double mass_kg, double density, double V, double climb_mps) {
    const double q = 0.5 * density * V * V;
    const double lift = mass_kg * g / (q * a.area_m2);
    const double drag = a.zero_lift_drag + lift * lift / (pi * a.span_efficiency * a.aspect_ratio);
    const double shaft_w = q * a.area_m2 * drag * V + mass_kg * g * climb_mps;
    return a.electronics_w + std::max(shaft_w, 0.0) / a.propulsive_efficiency;
}

double rotor_power_w(const SimulatedAircraft& a, double mass_kg, double density, double V, double climb_mps) {
    const double disc = a.rotors * pi * 0.25 * a.rotor_diameter_m * a.rotor_diameter_m;
    const double body_drag = 0.5 * density * V * V * a.drag_area_m2;
    const double thrust = std::hypot(mass_kg * g, body_drag);
    const double tilt = std::atan2(body_drag, mass_kg * g);
    // Through the disc: the sine of the tilt of the forward speed, and the climb.
    const double through = V * std::sin(tilt) + std::max(climb_mps, 0.0);
    const double across = V * std::cos(tilt);
    double induced = std::sqrt(thrust / (2.0 * density * disc));
    for (int i = 0; i < 60; ++i) {
        const double next = thrust / (2.0 * density * disc * std::hypot(across, through + induced));
        induced = 0.5 * (induced + next);
    }
    const double shaft_w = thrust * induced / a.figure_of_merit + body_drag * V +
                           a.profile_power_w * (1.0 + V * V / 900.0) * density / units::sea_level_density_kgm3 +
                           mass_kg * g * (climb_mps > 0.0 ? climb_mps : 0.5 * climb_mps);
    return a.electronics_w + std::max(shaft_w, 0.35 * thrust * induced) / a.motor_efficiency;
}

} // namespace

double density_kgm3(double height_m, double temperature_c) {
    // Exponential atmosphere: close enough in the first kilometre, and not the program's own formula.
    return units::sea_level_density_kgm3 * std::exp(-height_m / 9300.0) * 288.15 / (273.15 + temperature_c);
}

double flight_power_w(const SimulatedAircraft& aircraft, double all_up_mass_kg, double density_kgm3,
                      double airspeed_mps, double climb_mps) {
    return aircraft.wing ? wing_power_w(aircraft, all_up_mass_kg, density_kgm3, airspeed_mps, climb_mps)
                         : rotor_power_w(aircraft, all_up_mass_kg, density_kgm3, airspeed_mps, climb_mps);
}

} // namespace sobremesa::sim
