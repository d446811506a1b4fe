#include "sim/simulated_pack.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::sim {

namespace {

double resting_v(bool li_ion, double s) {
    if (li_ion) return 3.29 + 0.88 * s - 0.79 * std::exp(-14.0 * s);
    return 3.68 + 0.29 * s + 0.23 * std::pow(std::max(s, 0.0), 4) - 0.68 * std::exp(-28.0 * s);
}

// Shares of the ohmic resistance and time constants of the two relaxing pairs: typical shapes, own choice.
constexpr double fast_share = 0.25;
constexpr double fast_s = 12.0;
constexpr double slow_share = 0.45;
constexpr double slow_s = 240.0;
constexpr double cold_growth_per_k = 0.012;
constexpr double heat_capacity_j_per_kg_k = 950.0;
constexpr double cooling_w_per_kg_k = 1.6;

} // namespace

SimulatedPack::SimulatedPack(const SimulatedPackSpec& spec, double temperature_c)
    : spec_(spec), temperature_c_(temperature_c), air_c_(temperature_c) {}

double SimulatedPack::resting_cell_v() const {
    return resting_v(spec_.li_ion, 1.0 - used_ah_ / (spec_.cell_capacity_ah * spec_.parallel));
}

SimulatedPack::Output SimulatedPack::step(double power_w, double step_s) {
    const double ohmic = spec_.cell_resistance_ohm * spec_.series / spec_.parallel *
                         std::exp(cold_growth_per_k * (23.0 - temperature_c_));
    const double source_v = spec_.series * resting_cell_v() - fast_v_ - slow_v_;
    const double root_of = source_v * source_v - 4.0 * power_w * ohmic;
    Output out;
    out.collapsed = root_of < 0.0;
    out.current_a = out.collapsed ? 0.5 * source_v / ohmic : (source_v - std::sqrt(root_of)) / (2.0 * ohmic);
    out.voltage_v = source_v - out.current_a * ohmic;

    const auto relax = [&](double v, double share, double time_constant_s) {
        const double target = out.current_a * ohmic * share;
        return target + (v - target) * std::exp(-step_s / time_constant_s);
    };
    fast_v_ = relax(fast_v_, fast_share, fast_s);
    slow_v_ = relax(slow_v_, slow_share, slow_s);
    used_ah_ += out.current_a * step_s / 3600.0;
    given_wh_ += out.current_a * out.voltage_v * step_s / 3600.0;
    const double heat_w = out.current_a * (out.current_a * ohmic + fast_v_ + slow_v_);
    const double cooling_w = cooling_w_per_kg_k * spec_.mass_kg * (temperature_c_ - air_c_);
    temperature_c_ += (heat_w - cooling_w) * step_s / (heat_capacity_j_per_kg_k * std::max(spec_.mass_kg, 0.05));
    return out;
}

} // namespace sobremesa::sim
