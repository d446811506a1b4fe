#pragma once

#include <optional>
#include <vector>

#include "core/battery/landing_rules.hpp"
#include "core/units/diagnostic.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::battery {

/// What a pack is put on the bench with.
struct BenchLoad {
    LoadPhase load;
    double temperature_c = reference_temperature_c;
    /// Mean of the cells under load, V; empty: the usual one of the chemistry.
    std::optional<double> landing_cell_v;
    /// false: the cells stay at that temperature, as makers' tables are meant.
    bool warms = true;
};

/// What belongs into the flight controller for this pack at this load.
struct AlarmFigures {
    /// What the pack gives to the landing voltage: the capacity to enter, not the label's.
    double capacity_ah = 0.0;
    /// Cell voltage under this load with 20 % of that left: the warning.
    double warning_cell_v = 0.0;
    double landing_cell_v = 0.0;
};

/// Share of the usable charge left at the warning: common practice.
inline constexpr double warning_share_left = 0.2;

struct BenchResult {
    Discharge run;
    /// The same, on down to the chemistry's floor.
    Discharge to_floor;
    /// Still in it at this load, from the landing voltage down to the chemistry's floor.
    double left_charge_ah = 0.0;
    double left_energy_wh = 0.0;
    double landing_cell_v = 0.0;
    std::vector<Landing> landings;
    AlarmFigures alarms;
    std::vector<units::Diagnostic> diagnostics;
};

/// One pack under one constant load. A constant current is cut off as a bench does, at the voltage itself; a power
/// lands by the filtered voltage, as in flight.
BenchResult on_the_bench(const PackModel& pack, const BenchLoad& load);

/// One cell at one moment of a discharge.
struct CellReading {
    double cell_v = 0.0;
    double cell_a = 0.0;
    double temperature_c = 0.0;
    double pack_peak_w = 0.0; ///< of the whole pack, without falling under the landing voltage
};

CellReading cell_reading(const PackModel& pack, const Discharge& run, const DischargePoint& at,
                         double landing_cell_v);

/// What landing a Li-ion pack at the volts that alarms are often left at would leave unused, against its usual
/// landing.
struct UnusedByAlarm {
    LandingRule alarm;
    DischargePoint from;
    DischargePoint to;
    double energy_wh = 0.0;
};

/// Nothing for chemistries that have no such habit.
std::optional<UnusedByAlarm> unused_by_alarm(const BenchResult& result);

/// @param quantity  one of usable charge and energy, flight time, landing share left, lowest voltage, temperature
std::optional<units::Explanation> explain(const PackModel& pack, const BenchLoad& load, const BenchResult& result,
                                          units::Quantity quantity);

} // namespace sobremesa::battery
