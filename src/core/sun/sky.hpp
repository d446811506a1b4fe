#pragma once

#include "core/sun/solar_position.hpp"

namespace sobremesa::sun {

/// Solar constant, W/m². Kopp & Lean, Geophys. Res. Lett. 38 (2011) L01706.
inline constexpr double solar_constant_w_per_m2 = 1361.0;
/// How far a clear-sky model without a haze figure is off, relative standard deviation (common practice, no
/// source).
inline constexpr double clear_sky_sd = 0.08;

/// Optical air mass, 1 overhead. Kasten & Young, Applied Optics 28 (1989) 4735.
/// @return 0 below the horizon
double air_mass(double elevation_deg);

/// Global irradiance on the level under a clear sky, W/m²: `1098·cos z·exp(−0.057/cos z)`. Haurwitz, J. Meteorology
/// 2 (1945) 154. Near sea level; some per cent more in the mountains, which is left out.
double clear_sky_global_w_per_m2(double elevation_deg);

/// What cloud leaves of it: `1 − 0.75·n^3.4`, n the clouded share of the sky. Kasten & Czeplak, Solar Energy 24
/// (1980) 177.
/// @param cloud_okta  eighths, 0 … 8
double cloud_factor(double cloud_okta);

/// On the level, W/m².
struct Irradiance {
    double global = 0.0;
    double direct = 0.0;
    double diffuse = 0.0;
};

/// The direct share by Erbs, Klein & Duffie, Solar Energy 28 (1982) 293, from the clearness of the sky.
Irradiance irradiance(const SunDirection& sun, double cloud_okta);

/// On cells that are tilted to one side and the other and flown on every heading alike, W/m²: direct light by the
/// mean of the cosine of incidence, diffuse light isotropic, the ground reflecting a fifth (common practice).
/// Level: global.
double on_cells_w_per_m2(const Irradiance& sky, double elevation_deg, double tilt_deg);

} // namespace sobremesa::sun
