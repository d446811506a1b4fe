#pragma once

#include <array>
#include <string>

#include "core/airframe/climb_efficiency.hpp"
#include "core/airframe/steady_flight.hpp"
#include "core/units/estimate.hpp"

namespace sobremesa::airframe {

/// Number of coefficients of a power curve: what holds the aircraft up, what turns the rotors, what pushes it
/// through the air.
inline constexpr std::size_t curve_coefficients = 3;

/// Power of level flight against airspeed, as a sum of parts that scale with mass and density by physics.
///
/// With μ = m/m_ref and σ = ρ/1.225 kg/m³, the electronics' draw apart:
/// - wing: `P = c₀·μ²/(σ·V) + c₂·σ·V³`, the drag polar `C_D0 + C_L²/(π·e·AR)` over an efficiency;
/// - rotor: `P = c₀·μ·(v_i/v_h)·√(μ/σ) + c₁·σ·(1 + 4.65·V²/V_tip²) + c₂·σ·V³`, with Glauert's induced velocity
///   `v_i² = (√(V⁴ + 4·v_h⁴) − V²)/2`, `v_h² = m·g/(2·ρ·A)`.
/// Sources: Anderson, *Aircraft Performance and Design*, ch. 5; Leishman, *Principles of Helicopter Aerodynamics*,
/// ch. 2 and 5.
///
/// The coefficients are powers at the reference airspeed (W), so that they are of one size and never negative;
/// their errors are relative ones.
struct PowerCurve {
    Craft craft = Craft::wing;
    /// What the coefficients are meant at.
    double reference_mass_kg = 1.0;
    double reference_airspeed_mps = 15.0;
    /// Of all rotors together, m²; rotors only.
    double disc_area_m2 = 0.0;
    /// Parts of the power at the reference, W: induced, profile (rotors only), parasite.
    std::array<double, curve_coefficients> part_w{};
    /// Covariance of their logarithms, row by row.
    std::array<double, curve_coefficients * curve_coefficients> covariance{};
    /// Electronics, W: never less is drawn.
    double electronics_w = 0.0;
    /// What a watt buys in a climb.
    ClimbEfficiency climbing;
    /// Scatter of a flight around the curve, relative: what another day adds.
    double scatter = 0.05;
    /// Airspeeds that were flown, m/s; beyond them the curve is physics alone.
    double least_flown_mps = 0.0;
    double most_flown_mps = 0.0;
    /// Flights and seconds of level flight that it rests on; 0 flights: on what the pilot said.
    int flights = 0;
    double level_s = 0.0;
    /// When it was learned, UTC, for the record.
    std::string learned_utc;
    friend bool operator==(const PowerCurve&, const PowerCurve&) = default;
};

/// Level power, W, with its band at one standard deviation.
units::Estimate level_power_w(const PowerCurve& curve, double airspeed_mps, double all_up_mass_kg,
                              double density_kgm3);

/// The parts alone, W, electronics not counted.
std::array<double, curve_coefficients> parts_of_level_power(const PowerCurve& curve, double airspeed_mps,
                                                            double all_up_mass_kg, double density_kgm3);

/// Induced velocity of a rotor edge-on in a wind, over that in hover: `v_i/v_h` at `V/v_h`. Glauert.
double induced_velocity_ratio(double airspeed_over_hover_velocity);

} // namespace sobremesa::airframe
