#pragma once

#include "sim/scenario.hpp"

namespace sobremesa::sim {

/// Pack power of the simulated aircraft, W: a drag polar for a wing; for a multirotor momentum theory with the
/// induced velocity of forward flight solved by iteration, profile and body drag.
double flight_power_w(const SimulatedAircraft& aircraft, double all_up_mass_kg, double density_kgm3,
                      double airspeed_mps, double climb_mps);

/// Air at a height above a field at sea level, kg/m³.
double density_kgm3(double height_m, double temperature_c);

} // namespace sobremesa::sim
