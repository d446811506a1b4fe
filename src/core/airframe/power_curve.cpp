#include "core/airframe/power_curve.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::airframe {

namespace {
/// Growth of profile power with the advance ratio squared: Leishman, ch. 5, `1 + K·μ²` with K = 4.65.
constexpr double profile_growth = 4.65;
/// Tip speed of small propellers in cruise, m/s: common practice, no source.
constexpr double tip_speed_mps = 110.0;

/// Induced power over that in hover at a thrust that carries the mass.
double rotor_induced(const PowerCurve& curve, double airspeed_mps, double mass_kg, double density_kgm3) {
    const double hover_mps =
        std::sqrt(mass_kg * units::standard_gravity_mps2 / (2.0 * density_kgm3 * curve.disc_area_m2));
    return mass_kg * hover_mps * induced_velocity_ratio(airspeed_mps / hover_mps);
}

double rotor_profile(double airspeed_mps) {
    const double advance = airspeed_mps / tip_speed_mps;
    return 1.0 + profile_growth * advance * advance;
}

} // namespace

double induced_velocity_ratio(double airspeed_over_hover_velocity) {
    const double v2 = airspeed_over_hover_velocity * airspeed_over_hover_velocity;
    return std::sqrt(0.5 * (std::sqrt(v2 * v2 + 4.0) - v2));
}

std::array<double, curve_coefficients> parts_of_level_power(const PowerCurve& curve, double airspeed_mps,
                                                            double all_up_mass_kg, double density_kgm3) {
    const double v = airspeed_mps / curve.reference_airspeed_mps;
    const double mass = all_up_mass_kg / curve.reference_mass_kg;
    const double rho = density_kgm3 / units::sea_level_density_kgm3;
    auto parts = curve.part_w;
    parts[2] *= rho * v * v * v;
    if (curve.craft == Craft::wing) {
        parts[0] *= mass * mass / (rho * v);
        parts[1] = 0.0;
        return parts;
    }
    parts[0] *=
        rotor_induced(curve, airspeed_mps, all_up_mass_kg, density_kgm3) /
        rotor_induced(curve, curve.reference_airspeed_mps, curve.reference_mass_kg, units::sea_level_density_kgm3);
    parts[1] *= rho * rotor_profile(airspeed_mps) / rotor_profile(curve.reference_airspeed_mps);
    return parts;
}

units::Estimate level_power_w(const PowerCurve& curve, double airspeed_mps, double all_up_mass_kg,
                              double density_kgm3) {
    const auto parts = parts_of_level_power(curve, airspeed_mps, all_up_mass_kg, density_kgm3);
    double power_w = 0.0;
    double variance = 0.0;
    for (std::size_t i = 0; i < curve_coefficients; ++i) {
        power_w += parts[i];
        for (std::size_t j = 0; j < curve_coefficients; ++j)
            variance += parts[i] * parts[j] * curve.covariance[curve_coefficients * i + j];
    }
    const double sd = units::combine_sd(std::sqrt(std::max(variance, 0.0)), curve.scatter * power_w);
    return {power_w + curve.electronics_w, sd};
}

} // namespace sobremesa::airframe
