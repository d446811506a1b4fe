#pragma once

namespace sobremesa::airframe {

enum class Craft { rotor, wing };

/// Steady flight that a power is asked for.
struct FlightState {
    double airspeed_mps = 0.0;
    double all_up_mass_kg = 0.0;
    double density_kgm3 = 0.0;
    /// Rate of climb, m/s; negative in descent.
    double climb_mps = 0.0;
};

} // namespace sobremesa::airframe
