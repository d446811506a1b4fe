#pragma once

#include <optional>
#include <string>

#include "core/units/error.hpp"
#include "core/units/estimate.hpp"

namespace sobremesa::airframe {

enum class Craft { rotor, wing };

/// An aircraft of which only one cruise is known.
struct PointAircraft {
    std::string name;
    Craft craft = Craft::rotor;
    /// Without the pack, kg.
    double mass_kg = 0.0;
    double cruise_airspeed_mps = 0.0;
    /// Total pack power in that cruise, still air, W.
    double cruise_power_w = 0.0;
    /// What that cruise was flown at. Empty: this aircraft with the pack of the plan; sea-level standard density.
    std::optional<double> cruise_all_up_mass_kg;
    std::optional<double> cruise_density_kgm3;
    /// Video, camera, control, servos: drawn whatever the aircraft does, W. Empty: assumed, see
    /// `electronics_power_w`.
    std::optional<double> electronics_w;
    /// Full stick, level, full pack, W; for the power-demand share.
    std::optional<double> full_power_w;
    /// What the bay takes: the heaviest pack that flies well, kg, and its three sides, m.
    std::optional<double> most_pack_mass_kg;
    std::optional<double> bay_length_m;
    std::optional<double> bay_width_m;
    std::optional<double> bay_height_m;
};

/// Steady flight that a power is asked for.
struct FlightState {
    double airspeed_mps = 0.0;
    double all_up_mass_kg = 0.0;
    double density_kgm3 = 0.0;
    /// Rate of climb, m/s; negative in descent.
    double climb_mps = 0.0;
};

/// @error `value_out_of_range` naming the field
units::Result<PointAircraft> checked(PointAircraft aircraft);

/// The electronics' draw: given, or assumed 5 W but never more than a fifth of the cruise power (common practice).
double electronics_power_w(const PointAircraft& aircraft);

/// Electrical power for steady flight, scaled from one known cruise by physics.
///
/// The cruise power less electronics is split into parts that scale differently:
/// - rotor: induced (a third) ∝ m^1.5·ρ^-0.5·V^-1, profile (a third) ∝ ρ, parasite (a third) ∝ ρ·V³;
/// - wing: induced (three tenths) ∝ m²/(ρ·V), parasite (the rest) ∝ ρ·V³.
/// Climbing adds `m·g·ḣ/η` with η = 0.5. Descent credits half of `m·g·|ḣ|`, a wing never below its electronics, a
/// rotor never below 0.6 of level power. Shares, η and credit are assumptions (common practice, no source); the
/// scalings are Leishman, *Principles of Helicopter Aerodynamics*, ch. 5, and Anderson, *Introduction to Flight*,
/// ch. 6.
///
/// @param reference_mass_kg  all-up mass of the known cruise where the aircraft does not state it
/// @return power with a wide band: 8 % at the known cruise, more with every step away from it
/// @error `airspeed_outside_model` below 0.6 or above 1.6 of the known airspeed
units::Result<units::Estimate> power_w(const PointAircraft& aircraft, double reference_mass_kg,
                                       const FlightState& state);

} // namespace sobremesa::airframe
