#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/battery/chemistry.hpp"
#include "core/units/error.hpp"

namespace sobremesa::battery {

/// One point of a cell maker's constant-current table.
struct RatePoint {
    double current_a = 0.0;
    double charge_ah = 0.0;
};

/// A pack as the pilot describes it.
struct Pack {
    std::string name;
    Chemistry chemistry = Chemistry::li_ion;
    int series = 4;
    int parallel = 1;
    /// Rated charge of one cell at a gentle load to the chemistry's floor, Ah.
    double cell_capacity_ah = 3.0;
    /// Ohmic resistance of one cell near 23 °C, Ω. Empty: assumed, see `cell_resistance_ohm`.
    std::optional<double> cell_resistance_ohm;
    /// Leads, connector and strips of the whole pack, Ω.
    double lead_resistance_ohm = 0.0;
    double mass_kg = 0.0;

    /// Age, as factors on the values of the new pack. 1 is a new pack.
    double capacity_factor = 1.0;
    double resistance_factor = 1.0;
    /// Temperature of the pack at launch, °C; empty means that of the air.
    std::optional<double> start_temperature_c;
    /// Rate table of the cell and the voltage it was measured to; kept with the pack, not yet used by the
    /// discharge.
    std::vector<RatePoint> rate_table;
    std::optional<double> rate_table_cutoff_v;
};

/// How a pack stands at one moment. Later effects (temperature, the slow part of the sag) have their place here, so
/// that a discharge is always "from a state to a state".
struct PackState {
    double charge_used_ah = 0.0;
};

/// Resistance of one cell where the pilot gives none: a typical cell of that chemistry and size, from common
/// practice (LiPo 9 mΩ·Ah, Li-ion 60 mΩ·Ah; no source). An assumption to be shown as one.
double assumed_cell_resistance_ohm(Chemistry chemistry, double cell_capacity_ah);

/// That of the pack's cells when new: given, or assumed.
double cell_resistance_ohm(const Pack& pack);

/// @error `value_out_of_range` naming the field, for anything that no pack can have
units::Result<Pack> checked(Pack pack);

/// Charge of the whole pack when new and full, Ah: what the label says.
double rated_charge_ah(const Pack& pack);

/// Charge of the whole pack at its present age, Ah.
double full_charge_ah(const Pack& pack);

/// Ohmic resistance of the whole pack with leads, Ω.
double resistance_ohm(const Pack& pack);

/// Resting volts of the whole pack.
double open_circuit_v(const Pack& pack, const PackState& state);

struct LoadPoint {
    double current_a = 0.0;
    double voltage_v = 0.0;
};

/// Current and terminal volts when the pack gives a power.
///
/// `I = (U - √(U² - 4·P·R)) / 2R`: of the two currents that give the same power, the smaller one. Source: the
/// circuit itself (ideal source with series resistance).
/// @return nothing when the pack cannot give this power (U² < 4·P·R): an answer, not an error
std::optional<LoadPoint> at_power(const Pack& pack, const PackState& state, double power_w);

/// The largest power the pack can give at this state without its volts falling under a landing voltage, W.
/// The lesser of `U²/4R` and `U_land·(U - U_land)/R`; zero when it rests below the landing voltage.
double peak_power_w(const Pack& pack, const PackState& state, double landing_cell_v);

} // namespace sobremesa::battery
