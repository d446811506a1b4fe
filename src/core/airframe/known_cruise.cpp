#include "core/airframe/known_cruise.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::airframe {

namespace {

// Common practice, no source.
constexpr double wing_induced_share = 0.3;
constexpr double rotor_induced_share = 1.0 / 3.0;
constexpr double propulsive_efficiency = 0.5;
constexpr double span_efficiency = 0.8;
constexpr double rotor_efficiency = 0.55; ///< figure of merit, motor and controller together
/// Mass over the area of all rotors where no propeller is given, kg/m².
constexpr double usual_disc_loading_kgm2 = 8.0;

double disc_area_m2(const Aircraft& aircraft, double mass_kg) {
    constexpr double usual_rotors = 4.0;
    if (!aircraft.rotor.propeller_diameter_m) return mass_kg / usual_disc_loading_kgm2;
    return aircraft.rotor.rotors.value_or(usual_rotors) * units::pi / 4.0 *
           std::pow(*aircraft.rotor.propeller_diameter_m, 2);
}

/// Of the power that drives the aircraft, at the known cruise in its own air, W.
double induced_w(const Aircraft& aircraft, const PowerCurve& curve, double density_kgm3, double drive_w) {
    const double weight_n = curve.reference_mass_kg * units::standard_gravity_mps2;
    const double v = curve.reference_airspeed_mps;
    if (aircraft.craft == Craft::wing) {
        if (!aircraft.wing.span_m) return wing_induced_share * drive_w;
        const double q = 0.5 * density_kgm3 * v * v;
        const double drag_n =
            weight_n * weight_n / (q * units::pi * std::pow(*aircraft.wing.span_m, 2) * span_efficiency);
        return std::clamp(drag_n * v / propulsive_efficiency, 0.05 * drive_w, 0.7 * drive_w);
    }
    if (!aircraft.rotor.propeller_diameter_m) return rotor_induced_share * drive_w;
    const double hover_mps = std::sqrt(weight_n / (2.0 * density_kgm3 * curve.disc_area_m2));
    const double ideal_w = weight_n * hover_mps * induced_velocity_ratio(v / hover_mps);
    return std::clamp(ideal_w / rotor_efficiency, 0.15 * drive_w, 0.6 * drive_w);
}

} // namespace

CruiseSense cruise_sense(const Aircraft& aircraft, double reference_mass_kg) {
    constexpr double best_glide_ratio = 30.0;
    constexpr double usual_glide_ratio = 10.0;
    constexpr double usual_efficiency = 0.5;
    const double mass_kg = aircraft.cruise_all_up_mass_kg.value_or(reference_mass_kg);
    const double weight_n = mass_kg * units::standard_gravity_mps2;
    const double v = aircraft.cruise_airspeed_mps;
    CruiseSense sense;
    sense.drive_w = aircraft.cruise_power_w - (electronics_known(aircraft) ? electronics_power_w(aircraft) : 0.0);
    if (aircraft.craft == Craft::wing) {
        sense.least_w = sense.doubtful_w = weight_n * v / best_glide_ratio;
        sense.usual_w = weight_n * v / usual_glide_ratio / usual_efficiency;
        return sense;
    }
    const double density = aircraft.cruise_density_kgm3.value_or(units::sea_level_density_kgm3);
    const double hover_mps = std::sqrt(weight_n / (2.0 * density * disc_area_m2(aircraft, mass_kg)));
    if (form_is_known(aircraft)) sense.least_w = weight_n * hover_mps * induced_velocity_ratio(v / hover_mps);
    sense.doubtful_w = weight_n * hover_mps;
    sense.usual_w = sense.doubtful_w / usual_efficiency;
    return sense;
}

bool form_is_known(const Aircraft& aircraft) {
    return aircraft.craft == Craft::wing ? aircraft.wing.span_m.has_value()
                                         : aircraft.rotor.propeller_diameter_m.has_value();
}

PowerCurve curve_of_known_cruise(const Aircraft& aircraft, double reference_mass_kg) {
    PowerCurve curve;
    curve.craft = aircraft.craft;
    curve.reference_mass_kg = aircraft.cruise_all_up_mass_kg.value_or(reference_mass_kg);
    curve.reference_airspeed_mps = aircraft.cruise_airspeed_mps;
    curve.electronics_w = electronics_power_w(aircraft);
    curve.least_flown_mps = curve.most_flown_mps = aircraft.cruise_airspeed_mps;
    if (aircraft.craft == Craft::rotor) curve.disc_area_m2 = disc_area_m2(aircraft, curve.reference_mass_kg);
    const double density = aircraft.cruise_density_kgm3.value_or(units::sea_level_density_kgm3);
    const double drive_w = std::max(aircraft.cruise_power_w - curve.electronics_w, 0.1 * aircraft.cruise_power_w);
    const double induced = induced_w(aircraft, curve, density, drive_w);
    const double rest_w = drive_w - induced;
    // As the parts scale from the reference's density to that of the known cruise, so they are brought back.
    curve.part_w = {1.0, 1.0, 1.0};
    const auto scale = parts_of_level_power(curve, curve.reference_airspeed_mps, curve.reference_mass_kg, density);
    if (aircraft.craft == Craft::wing)
        curve.part_w = {induced / scale[0], 0.0, rest_w / scale[2]};
    else
        curve.part_w = {induced / scale[0], 0.5 * rest_w / scale[1], 0.5 * rest_w / scale[2]};
    return curve;
}

} // namespace sobremesa::airframe
