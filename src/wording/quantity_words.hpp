#pragma once

#include "core/units/quantity.hpp"

namespace sobremesa::wording {

/// Kinds of numbers that are written alike: the same unit, as the pilot chose it, and as many digits.
enum class Measure {
    speed,
    wind_speed,
    direction,
    height,
    climb_rate,
    distance,
    time,    ///< seconds, written as minutes
    minutes, ///< minutes already, as pilots say them
    seconds,
    mass,
    density,
    temperature,
    share,
    zone, ///< of the first Fresnel zone
    count,
    cycles,
    factor,
    voltage,
    cell_voltage,
    cell_resistance,
    pack_resistance,
    power,
    current,
    charge,
    charge_to_set, ///< a figure to set an alarm to: ten milliampere-hours are as fine as anyone can watch
    energy,
    energy_per_mass,
    charge_per_mass,
    price_per_energy,
    charge_per_distance,
    energy_per_distance,
    irradiance,
};

/// How a quantity is written.
Measure measure_of(units::Quantity quantity);

} // namespace sobremesa::wording
