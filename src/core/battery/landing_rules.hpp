#pragma once

#include <vector>

#include "core/battery/discharge.hpp"

namespace sobremesa::battery {

/// Where practitioners land. Common practice, no source, all of them.
enum class LandingPractice {
    long_life,  ///< LiPo 3.7 at rest
    careful,    ///< LiPo 3.6, Li-ion 3.0 under load
    usual,      ///< LiPo 3.5 in gentle cruise, Li-ion 2.8 in cruise: the defaults
    edge,       ///< LiPo 3.3, Li-ion 2.7 under load
    floor,      ///< the chemistry's floor: LiPo 3.0, Li-ion 2.5 (the data sheet's cutoff)
    alarm_left, ///< Li-ion at the 3.5 that many alarms are left at
    emergency,  ///< Li-ion 2.0: below the floor, for the aircraft's sake alone
};

/// Stable word for scripts: `long-life`, `careful`, `usual`, `edge`, `floor`, `alarm-left`, `emergency`.
const char* landing_practice_word(LandingPractice practice);

struct LandingRule {
    LandingPractice practice;
    double cell_v = 0.0;
    bool at_rest = false;
};

/// Highest first.
std::vector<LandingRule> landing_rules(Chemistry chemistry);

/// What landing by one rule leaves in the pack.
struct Landing {
    LandingRule rule;
    /// Where it is met; nothing when the pack stands below it from the start.
    std::optional<DischargePoint> at;
    /// What the terminals could still give at this load from there down to the chemistry's floor.
    double left_charge_ah = 0.0;
    double left_energy_wh = 0.0;
    /// Resting volts of the mean cell ten minutes after landing.
    double rested_cell_v = 0.0;
};

/// Time after which resting volts are read, s: common practice.
inline constexpr double reading_rest_s = 600.0;

/// How long the voltage is averaged before it ends a run, s: a tester's constant current is cut off at the voltage
/// as it is, a flight's power at what its gusts leave of it.
inline double cutoff_filter_s(const LoadPhase& load) {
    return load.kind == LoadPhase::Kind::current ? 0.0 : voltage_filter_s;
}

/// Lands one load by every rule of its chemistry, and says what each leaves.
/// @param load  a power or a current, constant
std::vector<Landing> land_by_all_rules(const PackModel& pack, const PackState& start, const LoadPhase& load,
                                       const Surroundings& around);

/// Resting volts of the mean cell over time after landing, for the wait that a reading wants.
/// @param times_s  rising
std::vector<double> recovery_cell_v(const PackModel& pack, const PackState& landed,
                                    const std::vector<double>& times_s, double air_temperature_c);

/// One point of what a pack can give, by how much has been drawn.
struct PeakPoint {
    double charge_used_ah = 0.0;
    double power_w = 0.0;
    double current_a = 0.0;
};

/// Peak power and current along a discharge, down to a landing voltage held at the terminals.
std::vector<PeakPoint> peaks_along(const PackModel& pack, const Discharge& discharge, double landing_cell_v,
                                   int points = 60);

/// When a power that is wanted for a moment (a climb, a gust) can no longer be given along a discharge: the last
/// point at which it could. Nothing when it never could.
std::optional<DischargePoint> last_moment_for(const PackModel& pack, const Discharge& discharge, double power_w,
                                              double landing_cell_v);

} // namespace sobremesa::battery
