#include "core/battery/pack.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/limits.hpp"

namespace sobremesa::battery {

double assumed_cell_resistance_ohm(Chemistry chemistry, double cell_capacity_ah) {
    constexpr double lipo_ohm_ah = 0.009;
    constexpr double li_ion_ohm_ah = 0.060;
    return (chemistry == Chemistry::li_ion ? li_ion_ohm_ah : lipo_ohm_ah) / cell_capacity_ah;
}

double cell_resistance_ohm(const Pack& pack) {
    return pack.cell_resistance_ohm.value_or(assumed_cell_resistance_ohm(pack.chemistry, pack.cell_capacity_ah));
}

units::Result<Pack> checked(Pack pack) {
    const units::Limit limits[] = {
        {"pack.series", double(pack.series), 1, 100},
        {"pack.parallel", double(pack.parallel), 1, 100},
        {"pack.cell_capacity_ah", pack.cell_capacity_ah, 0.01, 100},
        {"pack.cell_resistance_ohm", pack.cell_resistance_ohm.value_or(0.0), 0, 1},
        {"pack.lead_resistance_ohm", pack.lead_resistance_ohm, 0, 1},
        {"pack.mass_kg", pack.mass_kg, 0, 100},
        {"pack.capacity_factor", pack.capacity_factor, 0.05, 1.2},
        {"pack.resistance_factor", pack.resistance_factor, 0.2, 20},
        {"pack.start_temperature_c", pack.start_temperature_c.value_or(20.0), -40, 80},
        {"pack.rate_table_cutoff_v", pack.rate_table_cutoff_v.value_or(2.5), 2, 4},
    };
    if (auto error = units::first_outside(limits)) return tl::unexpected(*error);
    return pack;
}

double rated_charge_ah(const Pack& pack) {
    return pack.cell_capacity_ah * pack.parallel;
}

double full_charge_ah(const Pack& pack) {
    return rated_charge_ah(pack) * pack.capacity_factor;
}

double resistance_ohm(const Pack& pack) {
    return cell_resistance_ohm(pack) * pack.resistance_factor * pack.series / pack.parallel +
           pack.lead_resistance_ohm;
}

double open_circuit_v(const Pack& pack, const PackState& state) {
    const double state_of_charge = 1.0 - state.charge_used_ah / full_charge_ah(pack);
    return pack.series * open_circuit_cell_v(pack.chemistry, state_of_charge);
}

std::optional<LoadPoint> at_power(const Pack& pack, const PackState& state, double power_w) {
    const double U = open_circuit_v(pack, state);
    const double R = resistance_ohm(pack);
    const double P = power_w;
    if (U <= 0.0) return std::nullopt;
    const double root_of = U * U - 4.0 * P * R;
    if (root_of < 0.0) return std::nullopt;
    // The book's form loses all its digits when R is small; this one is the same number and does not divide by R.
    const double I = 2.0 * P / (U + std::sqrt(root_of));
    return LoadPoint{I, U - I * R};
}

double peak_power_w(const Pack& pack, const PackState& state, double landing_cell_v) {
    const double U = open_circuit_v(pack, state);
    const double R = resistance_ohm(pack);
    const double U_land = landing_cell_v * pack.series;
    if (U <= U_land) return 0.0;
    // At U_land above U/2 the landing voltage binds before the circuit's own maximum does.
    return U_land > 0.5 * U ? U_land * (U - U_land) / R : U * U / (4.0 * R);
}

} // namespace sobremesa::battery
