#pragma once

#include "core/units/constants.hpp"
#include "core/units/error.hpp"

namespace sobremesa::atmosphere {

/// Sea-level values of the standard atmosphere. ISO 2533:1975 (equal to ICAO Doc 7488 and US Standard Atmosphere
/// 1976 in the troposphere).
inline constexpr double sea_level_temperature_k = 288.15;
inline constexpr double sea_level_pressure_pa = 101325.0;
using units::sea_level_density_kgm3;
inline constexpr double temperature_lapse_k_per_m = 0.0065;
inline constexpr double tropopause_m = 11000.0;
/// ISO 2533 tables start at -2000 m.
inline constexpr double lowest_height_m = -2000.0;

struct Air {
    double temperature_k = sea_level_temperature_k;
    double pressure_pa = sea_level_pressure_pa;
    double density_kgm3 = sea_level_density_kgm3;
};

/// The standard atmosphere of the troposphere.
///
/// Source: ISO 2533:1975, with R = 287.05287 J/(kg·K).
/// @param geopotential_height_m  metres above sea level, -2000 … 11 000
/// @error `height_outside_atmosphere` outside that range
units::Result<Air> standard_atmosphere(double geopotential_height_m);

/// Density of moist air from the ideal gas law, with the vapour's partial pressure taken out of the dry part.
///
/// Saturation pressure by Buck (1981) over water; good to 0.1 % of density between -30 and +50 °C.
/// @param relative_humidity  0 … 1
double air_density_kgm3(double pressure_pa, double temperature_k, double relative_humidity);

/// Air at a height above a field whose own temperature was measured.
///
/// Pressure follows the standard atmosphere at the summed height; temperature falls from the measured value with
/// the standard lapse. That is what a pilot with a thermometer and no barometer can know.
/// @error `height_outside_atmosphere`
units::Result<Air> air_above_field(double field_elevation_m, double height_above_field_m,
                                   double field_temperature_c);

} // namespace sobremesa::atmosphere
