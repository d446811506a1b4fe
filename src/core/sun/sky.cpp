#include "core/sun/sky.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::sun {

double air_mass(double elevation_deg) {
    if (!(elevation_deg > 0.0)) return 0.0;
    return 1.0 / (std::sin(units::radians(elevation_deg)) + 0.50572 * std::pow(elevation_deg + 6.07995, -1.6364));
}

double clear_sky_global_w_per_m2(double elevation_deg) {
    const double up = std::sin(units::radians(elevation_deg));
    return up > 0.0 ? 1098.0 * up * std::exp(-0.057 / up) : 0.0;
}

double cloud_factor(double cloud_okta) {
    return 1.0 - 0.75 * std::pow(std::clamp(cloud_okta, 0.0, 8.0) / 8.0, 3.4);
}

Irradiance irradiance(const SunDirection& sun, double cloud_okta) {
    Irradiance sky;
    sky.global = clear_sky_global_w_per_m2(sun.elevation_deg) * cloud_factor(cloud_okta);
    if (!(sky.global > 0.0)) return sky;
    const double outside =
        solar_constant_w_per_m2 / (sun.distance_au * sun.distance_au) * std::sin(units::radians(sun.elevation_deg));
    const double kt = std::clamp(sky.global / outside, 0.0, 1.0);
    double share = 0.165;
    if (kt <= 0.22)
        share = 1.0 - 0.09 * kt;
    else if (kt <= 0.80)
        share = 0.9511 + kt * (-0.1604 + kt * (4.388 + kt * (-16.638 + kt * 12.336)));
    sky.diffuse = share * sky.global;
    sky.direct = sky.global - sky.diffuse;
    return sky;
}

double on_cells_w_per_m2(const Irradiance& sky, double elevation_deg, double tilt_deg) {
    if (!(tilt_deg > 0.0) || !(sky.global > 0.0)) return sky.global;
    constexpr double albedo = 0.2;
    const double tilt = units::radians(tilt_deg);
    const double zenith = units::radians(90.0 - elevation_deg);
    // cos i = cos z·cos t + sin z·sin t·cos(azimuth), its mean over the azimuths where it is above 0.
    const double level = std::cos(zenith) * std::cos(tilt);
    const double swing = std::sin(zenith) * std::sin(tilt);
    double mean = level;
    if (swing > level) {
        const double until = std::acos(-level / swing);
        mean = (level * until + swing * std::sin(until)) / units::pi;
    }
    const double beam = sky.direct / std::cos(zenith);
    return beam * mean + sky.diffuse * 0.5 * (1.0 + std::cos(tilt)) +
           albedo * sky.global * 0.5 * (1.0 - std::cos(tilt));
}

} // namespace sobremesa::sun
