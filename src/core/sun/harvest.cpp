#include "core/sun/harvest.hpp"

#include "core/sun/tracked_power.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::sun {

namespace {

std::optional<Misfit> clash(const SolarArray& array, const Converter& converter, const PackVolts& pack,
                            double coldest_c) {
    const double cold = 1.0 + array.temperature_coefficient_per_k.value_or(usual_temperature_coefficient_per_k) *
                                  (coldest_c - rated_cell_temperature_c);
    if (converter.max_input_v && converter.kind != ConverterKind::direct &&
        rated_voc_v(array) * cold > *converter.max_input_v)
        return Misfit::input_volts_too_high;
    switch (converter.kind) {
    case ConverterKind::direct:
        if (rated_voc_v(array) <= pack.mean_v) return Misfit::array_below_pack;
        break;
    case ConverterKind::step_down:
        if (rated_vmp_v(array) <= pack.mean_v) return Misfit::array_below_pack;
        break;
    case ConverterKind::step_up:
        if (rated_vmp_v(array) >= pack.mean_v) return Misfit::array_above_pack;
        break;
    case ConverterKind::either: break;
    }
    return std::nullopt;
}

} // namespace

const char* misfit_word(Misfit misfit) {
    switch (misfit) {
    case Misfit::array_below_pack: return "array-below-pack";
    case Misfit::array_above_pack: return "array-above-pack";
    case Misfit::input_volts_too_high: break;
    }
    return "input-volts-too-high";
}

double coldest_cells_c(double air_c) {
    return std::min(air_c, rated_cell_temperature_c);
}

std::optional<MisfitFound> misfit(const SolarArray& array, const Converter& converter, const PackVolts& pack,
                                  double coldest_c) {
    const auto why = clash(array, converter, pack, coldest_c);
    if (!why) return std::nullopt;
    MisfitFound found;
    found.why = *why;
    switch (*why) {
    case Misfit::array_below_pack:
        found.array_v = converter.kind == ConverterKind::direct ? rated_voc_v(array) : rated_vmp_v(array);
        found.other_v = pack.mean_v;
        break;
    case Misfit::array_above_pack:
        found.array_v = rated_vmp_v(array);
        found.other_v = pack.mean_v;
        break;
    case Misfit::input_volts_too_high:
        found.array_v = rated_voc_v(array) *
                        (1.0 + array.temperature_coefficient_per_k.value_or(usual_temperature_coefficient_per_k) *
                                   (coldest_c - rated_cell_temperature_c));
        found.other_v = *converter.max_input_v;
        break;
    }
    for (const ConverterKind kind : {ConverterKind::step_down, ConverterKind::step_up, ConverterKind::direct}) {
        Converter other = converter;
        other.kind = kind;
        if (kind != converter.kind && !clash(array, other, pack, coldest_c)) {
            found.kind_that_fits = kind;
            break;
        }
    }
    constexpr int most_series = 500;
    SolarArray other = array;
    for (int series = 1; series <= most_series; ++series) {
        other.cells_series = series;
        if (clash(other, converter, pack, coldest_c)) continue;
        if (found.least_series == 0) found.least_series = series;
        found.most_series = series;
    }
    return found;
}

int best_direct_series(const SolarArray& array, const PackVolts& pack, double cell_temperature_c) {
    const double cell_v = array.cell_vmp_v.value_or(usual_cell_vmp_v) *
                          (1.0 + array.temperature_coefficient_per_k.value_or(usual_temperature_coefficient_per_k) *
                                     (cell_temperature_c - rated_cell_temperature_c));
    return std::max(1, int(std::ceil(pack.mean_v / std::max(cell_v, 1e-3))));
}

Harvest harvest(const ArrayCurve& curve, const Converter& converter, double irradiance_w_per_m2,
                double cell_temperature_c, double pack_v) {
    const bool tracks = converter.kind != ConverterKind::direct;
    return harvest_at(tracks ? curve.maximumPower(irradiance_w_per_m2, cell_temperature_c) : OperatingPoint{},
                      curve, converter, irradiance_w_per_m2, cell_temperature_c, pack_v);
}

Harvest harvest_at(const OperatingPoint& maximum, const ArrayCurve& curve, const Converter& converter,
                   double irradiance_w_per_m2, double cell_temperature_c, double pack_v) {
    Harvest found;
    const auto at = [&](double volts) {
        return OperatingPoint{volts, curve.currentA(volts, irradiance_w_per_m2, cell_temperature_c)};
    };
    if (converter.kind == ConverterKind::direct) {
        found.array = at(pack_v);
        found.power_w = found.array.power_w();
        return found;
    }
    found.array = maximum;
    const bool beyond = (converter.kind == ConverterKind::step_down && found.array.voltage_v < pack_v) ||
                        (converter.kind == ConverterKind::step_up && found.array.voltage_v > pack_v);
    if (beyond) found.array = at(pack_v);
    found.power_w = found.array.power_w() * efficiency(converter);
    if (converter.max_output_a && pack_v > 0.0) {
        const double most_w = *converter.max_output_a * pack_v;
        found.limited_w = std::max(found.power_w - most_w, 0.0);
        found.power_w = std::min(found.power_w, most_w);
    }
    return found;
}

} // namespace sobremesa::sun
