#include "core/sun/solar_array.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

#include "core/units/same_word.hpp"

namespace sobremesa::sun {

namespace {

constexpr std::array<std::pair<ConverterKind, const char*>, 4> converter_names = {
    {{ConverterKind::direct, "direct"},
     {ConverterKind::step_down, "step-down"},
     {ConverterKind::step_up, "step-up"},
     {ConverterKind::either, "either"}}};

double cell_imp_a(const SolarArray& array) {
    return array.efficiency * rated_irradiance_w_per_m2 * array.cell_area_m2 /
           array.cell_vmp_v.value_or(usual_cell_vmp_v);
}

/// Below this there is no light worth an exponential, W/m².
constexpr double dark_w_per_m2 = 1e-3;

} // namespace

const char* converter_word(ConverterKind kind) {
    return std::find_if(converter_names.begin(), converter_names.end(),
                        [&](const auto& n) { return n.first == kind; })
        ->second;
}

std::optional<ConverterKind> converter_from_word(std::string_view word) {
    for (const auto& [kind, name] : converter_names) {
        if (units::same_word(word, name)) return kind;
    }
    return std::nullopt;
}

double efficiency(const Converter& converter) {
    return converter.kind == ConverterKind::direct ? 1.0
                                                   : converter.efficiency.value_or(usual_converter_efficiency);
}

double cell_area_m2(const SolarArray& array) {
    return array.cells_series * array.strings * array.cell_area_m2;
}

double rated_power_w(const SolarArray& array) {
    return array.efficiency * rated_irradiance_w_per_m2 * cell_area_m2(array);
}

double rated_vmp_v(const SolarArray& array) {
    return array.cells_series * array.cell_vmp_v.value_or(usual_cell_vmp_v);
}

double rated_voc_v(const SolarArray& array) {
    return array.cells_series * array.cell_voc_v.value_or(usual_cell_voc_v);
}

double cell_temperature_c(double air_temperature_c, double irradiance_w_per_m2, double airspeed_mps) {
    return air_temperature_c + irradiance_w_per_m2 / (25.0 + 6.84 * airspeed_mps);
}

ArrayCurve::ArrayCurve(const SolarArray& array)
    : series_(array.cells_series), strings_(array.strings),
      per_k_(array.temperature_coefficient_per_k.value_or(usual_temperature_coefficient_per_k)) {
    const double vmp_v = array.cell_vmp_v.value_or(usual_cell_vmp_v);
    const double voc_v = array.cell_voc_v.value_or(usual_cell_voc_v);
    const double imp_a = cell_imp_a(array);
    const double isc_a = array.cell_isc_a.value_or(usual_isc_over_imp * imp_a);
    // With no shunt and I₀ ≪ I_L: I_mp/I_sc fixes how far below the light current the diode's is at maximum power.
    const double drop = std::log(1.0 - imp_a / isc_a);
    ideality_v_ = (2.0 * vmp_v - voc_v) / (drop + imp_a / (isc_a - imp_a));
    // A knee sharper than any diode's is one that the exponential cannot hold.
    constexpr double sharpest = 60.0;
    if (ideality_v_ > 0.0) ideality_v_ = std::max(ideality_v_, voc_v / sharpest);
    resistance_ohm_ = (ideality_v_ * drop + voc_v - vmp_v) / imp_a;
    // Points that no series resistance ≥ 0 joins: through all three, the maximum then lies a little beside its
    // volts.
    if (!(resistance_ohm_ >= 0.0) || !(ideality_v_ > 0.0)) {
        ideality_v_ = (vmp_v - voc_v) / drop;
        resistance_ohm_ = 0.0;
    }
    light_a_ = isc_a;
    saturation_a_ = isc_a / std::expm1(voc_v / ideality_v_);
}

double ArrayCurve::volts_factor(double cell_temperature_c) const {
    // Far from where cells work the line would turn the volts round.
    return std::max(1.0 + per_k_ * (cell_temperature_c - rated_cell_temperature_c), 0.05);
}

double ArrayCurve::openCircuitV(double irradiance_w_per_m2, double cell_temperature_c) const {
    if (!(irradiance_w_per_m2 > dark_w_per_m2)) return 0.0;
    const double light_a = light_a_ * irradiance_w_per_m2 / rated_irradiance_w_per_m2;
    return series_ * volts_factor(cell_temperature_c) * ideality_v_ * std::log1p(light_a / saturation_a_);
}

double ArrayCurve::currentA(double voltage_v, double irradiance_w_per_m2, double cell_temperature_c) const {
    if (!(irradiance_w_per_m2 > dark_w_per_m2)) return 0.0;
    const double light_a = light_a_ * irradiance_w_per_m2 / rated_irradiance_w_per_m2;
    const double v = voltage_v / (series_ * volts_factor(cell_temperature_c));
    const double most_v = ideality_v_ * std::log1p(light_a / saturation_a_);
    if (v >= most_v) return 0.0;
    if (resistance_ohm_ == 0.0)
        return strings_ * std::max(light_a - saturation_a_ * std::expm1(std::max(v, 0.0) / ideality_v_), 0.0);
    // The diode's own volts lie between the terminals' and open circuit; their difference is monotone: Newton, kept
    // inside by bisection.
    double low = std::max(v, 0.0);
    double high = most_v;
    double diode_v = std::min(low + light_a * resistance_ohm_, high);
    for (int round = 0; round < 60; ++round) {
        const double diode_a = saturation_a_ * std::expm1(diode_v / ideality_v_);
        const double current = light_a - diode_a;
        const double off = diode_v - current * resistance_ohm_ - v;
        (off > 0.0 ? high : low) = diode_v;
        const double slope = 1.0 + resistance_ohm_ * (diode_a + saturation_a_) / ideality_v_;
        double next = diode_v - off / slope;
        if (!(next > low && next < high)) next = 0.5 * (low + high);
        if (std::abs(next - diode_v) < 1e-12) break;
        diode_v = next;
    }
    return strings_ * std::max(light_a - saturation_a_ * std::expm1(diode_v / ideality_v_), 0.0);
}

OperatingPoint ArrayCurve::maximumPower(double irradiance_w_per_m2, double cell_temperature_c) const {
    if (!(irradiance_w_per_m2 > dark_w_per_m2)) return {};
    const double light_a = light_a_ * irradiance_w_per_m2 / rated_irradiance_w_per_m2;
    const double most_v = ideality_v_ * std::log1p(light_a / saturation_a_);
    // Over the diode's own volts x everything is explicit: P = (x − I·R)·I, I = I_L − I₀(eˣ − 1). Its slope falls
    // throughout: Newton on it, kept inside by bisection.
    double low = 0.0;
    double high = most_v;
    double x = std::max(most_v - 2.9 * ideality_v_, 0.5 * most_v);
    double current = 0.0;
    for (int round = 0; round < 60; ++round) {
        const double diode_a = saturation_a_ * std::expm1(x / ideality_v_);
        const double falls = (diode_a + saturation_a_) / ideality_v_; // −dI/dx
        current = light_a - diode_a;
        const double slope = current * (1.0 + resistance_ohm_ * falls) - falls * (x - current * resistance_ohm_);
        (slope > 0.0 ? low : high) = x;
        const double bend = falls / ideality_v_; // −d²I/dx²
        const double curvature =
            -2.0 * falls * (1.0 + resistance_ohm_ * falls) + 2.0 * current * resistance_ohm_ * bend - bend * x;
        double next = x - slope / curvature;
        if (!(next > low && next < high)) next = 0.5 * (low + high);
        if (std::abs(next - x) < 1e-11) break;
        x = next;
    }
    current = light_a - saturation_a_ * std::expm1(x / ideality_v_);
    const double volts = x - current * resistance_ohm_;
    if (!(volts > 0.0) || !(current > 0.0)) return {};
    return {series_ * volts_factor(cell_temperature_c) * volts, strings_ * current};
}

} // namespace sobremesa::sun
