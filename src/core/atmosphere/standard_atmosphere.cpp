#include "core/atmosphere/standard_atmosphere.hpp"

#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::atmosphere {

namespace {
constexpr double dry_air_gas_constant = 287.05287;  // J/(kg·K), ISO 2533
constexpr double water_vapour_gas_constant = 461.5; // J/(kg·K)
} // namespace

units::Result<Air> standard_atmosphere(double geopotential_height_m) {
    if (!(geopotential_height_m >= lowest_height_m && geopotential_height_m <= tropopause_m)) {
        units::Where where;
        where.field = "height_m";
        return units::failure(
            units::ErrorCode::height_outside_atmosphere, where,
            {{"value", geopotential_height_m}, {"least", lowest_height_m}, {"most", tropopause_m}});
    }
    const double temperature_k = sea_level_temperature_k - temperature_lapse_k_per_m * geopotential_height_m;
    const double exponent = units::standard_gravity_mps2 / (dry_air_gas_constant * temperature_lapse_k_per_m);
    const double pressure_pa = sea_level_pressure_pa * std::pow(temperature_k / sea_level_temperature_k, exponent);
    return Air{temperature_k, pressure_pa, pressure_pa / (dry_air_gas_constant * temperature_k)};
}

double air_density_kgm3(double pressure_pa, double temperature_k, double relative_humidity) {
    const double t_c = units::celsius(temperature_k);
    // Buck, J. Appl. Meteorol. 20 (1981), enhanced over water.
    const double saturation_pa = 611.21 * std::exp((18.678 - t_c / 234.5) * (t_c / (257.14 + t_c)));
    const double vapour_pa = relative_humidity * saturation_pa;
    return (pressure_pa - vapour_pa) / (dry_air_gas_constant * temperature_k) +
           vapour_pa / (water_vapour_gas_constant * temperature_k);
}

units::Result<Air> air_above_field(double field_elevation_m, double height_above_field_m,
                                   double field_temperature_c) {
    auto standard = standard_atmosphere(field_elevation_m + height_above_field_m);
    if (!standard) return standard;
    const double temperature_k =
        units::kelvin(field_temperature_c) - temperature_lapse_k_per_m * height_above_field_m;
    return Air{temperature_k, standard->pressure_pa, air_density_kgm3(standard->pressure_pa, temperature_k, 0.0)};
}

} // namespace sobremesa::atmosphere
