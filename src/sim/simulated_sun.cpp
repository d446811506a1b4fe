#include "sim/simulated_sun.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::sim {

namespace {

constexpr double day_s = 86400.0;
constexpr double edge_s = 4.0; ///< of a cloud's shadow, in flight

} // namespace

double simulated_clear_sky_w_per_m2(double latitude_deg, double longitude_deg, double utc_s) {
    const double days = std::floor(utc_s / day_s);
    // 1970 began on a first of January; leap years shift the count by less than this model is off by.
    const double day_of_year = std::fmod(days, 365.2425) + 1.0;
    const double B = 2.0 * units::pi * (day_of_year - 1.0) / 365.0;
    const double declination = units::radians(23.45 * std::sin(2.0 * units::pi * (284.0 + day_of_year) / 365.0));
    const double equation_min = 229.18 * (0.000075 + 0.001868 * std::cos(B) - 0.032077 * std::sin(B) -
                                          0.014615 * std::cos(2.0 * B) - 0.040849 * std::sin(2.0 * B));
    const double solar_h = (utc_s - days * day_s) / 3600.0 + longitude_deg / 15.0 + equation_min / 60.0;
    const double hour = units::radians(15.0 * (solar_h - 12.0));
    const double latitude = units::radians(latitude_deg);
    const double up =
        std::sin(latitude) * std::sin(declination) + std::cos(latitude) * std::cos(declination) * std::cos(hour);
    if (!(up > 0.01)) return 0.0;
    const double direct = 1353.0 * std::pow(0.7, std::pow(1.0 / up, 0.678));
    return 1.1 * direct * up;
}

SimulatedSun::SimulatedSun(const SimulatedArray& array, double latitude_deg, double longitude_deg)
    : array_(array), latitude_deg_(latitude_deg), longitude_deg_(longitude_deg) {}

double SimulatedSun::clear_w_per_m2(double utc_s) const {
    return simulated_clear_sky_w_per_m2(latitude_deg_, longitude_deg_, utc_s);
}

double SimulatedSun::power_w(RandomDraws& draws, double utc_s, double temperature_c, double airspeed_mps,
                             double step_s) {
    if (!(array_.area_m2 > 0.0)) return 0.0;
    if (array_.cloud_share > 0.0) {
        // Mean stay in the shade and in the sun make the share.
        const double share = std::min(array_.cloud_share, 0.99);
        const double stay_s = clouded_ ? array_.cloud_s : array_.cloud_s * (1.0 - share) / share;
        if (draws.uniform(0.0, 1.0) < step_s / stay_s) clouded_ = !clouded_;
    }
    const double target = clouded_ ? array_.cloud_leaves : 1.0;
    shade_ += (target - shade_) * std::min(step_s / edge_s, 1.0);
    const double light = clear_w_per_m2(utc_s) * shade_;
    const double cells_c = temperature_c + 0.03 * light / (1.0 + 0.15 * airspeed_mps);
    return array_.area_m2 * array_.efficiency * array_.converter_efficiency * light *
           (1.0 - array_.loss_per_k * (cells_c - 25.0));
}

} // namespace sobremesa::sim
