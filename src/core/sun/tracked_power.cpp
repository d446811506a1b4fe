#include "core/sun/tracked_power.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::sun {

namespace {

constexpr double step_w_per_m2 = 10.0;
/// More than any sky gives.
constexpr double brightest_w_per_m2 = 1500.0;

} // namespace

TrackedPower::TrackedPower(const SolarArray& array, const ArrayCurve& curve)
    : per_k_(array.temperature_coefficient_per_k.value_or(usual_temperature_coefficient_per_k)) {
    for (double light = 0.0; light <= brightest_w_per_m2; light += step_w_per_m2) {
        // Near the dark the ratio falls off; its value at a tenth of the step stands for it.
        const double at = std::max(light, 0.1 * step_w_per_m2);
        const auto maximum = curve.maximumPower(at, rated_cell_temperature_c);
        rows_.push_back({maximum.power_w() / at, maximum.voltage_v});
    }
}

OperatingPoint TrackedPower::at(double irradiance_w_per_m2, double cell_temperature_c) const {
    if (!(irradiance_w_per_m2 > 0.0)) return {};
    const double along = std::min(irradiance_w_per_m2 / step_w_per_m2, double(rows_.size()) - 1.001);
    const auto i = std::size_t(along);
    const double part = along - double(i);
    // Temperature scales the volts, and with them the power, at any light.
    const double factor = std::max(1.0 + per_k_ * (cell_temperature_c - rated_cell_temperature_c), 0.05);
    const double volts = factor * std::lerp(rows_[i].voltage_v, rows_[i + 1].voltage_v, part);
    const double power_w =
        factor * irradiance_w_per_m2 * std::lerp(rows_[i].power_per_light, rows_[i + 1].power_per_light, part);
    return volts > 0.0 ? OperatingPoint{volts, power_w / volts} : OperatingPoint{};
}

} // namespace sobremesa::sun
