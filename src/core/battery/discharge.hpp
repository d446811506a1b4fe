#pragma once

#include <optional>
#include <vector>

#include "core/battery/pack_model.hpp"

namespace sobremesa::battery {

/// Why a discharge ended.
enum class DischargeEnd {
    landing_voltage,     ///< the filtered voltage under load fell to the landing voltage
    weakest_cell,        ///< the weakest cell met the chemistry's floor before that
    power_not_available, ///< the pack cannot give this load any more
    empty,               ///< all charge within reach is out
    time_over,           ///< the wanted time was flown
};

/// Stable word for scripts: `landing-voltage`, `weakest-cell`, `power-not-available`, `empty`, `time-over`.
const char* discharge_end_word(DischargeEnd end);

struct DischargePoint {
    double time_s = 0.0;
    /// Since the start of this discharge, Ah, as the counter on screen has it.
    double charge_used_ah = 0.0;
    /// Energy given at the terminals since the start of this discharge, Wh.
    double energy_wh = 0.0;
    double voltage_v = 0.0;
    double current_a = 0.0;
    double temperature_c = 0.0;
    double slow_gap = 0.0;
};

/// Where the energy of a discharge went, Wh. `source = delivered + ohmic + mixing + held` to the integrator's
/// tolerance.
struct EnergyLedger {
    double source_wh = 0.0;    ///< ∫U(s)·I dt, what left the resting curve
    double delivered_wh = 0.0; ///< at the terminals
    double ohmic_wh = 0.0;
    double mixing_wh = 0.0;
    double held_wh = 0.0; ///< in the uneven wells, more than at the start; comes back as volts, then as heat
};

/// Volts below the landing voltage from which the pack came back by itself: a cold pack warming, a climb ending.
struct Dip {
    double from_s = 0.0;
    double until_s = 0.0;
    double lowest_cell_v = 0.0;
    /// The cells were colder than it takes, and warmed: not just a harder phase of the load.
    bool cold = false;
};

struct Discharge {
    /// Of the first phase; a power unless the load is a current.
    double power_w = 0.0;
    PackState start;
    std::vector<DischargePoint> points;
    DischargeEnd end = DischargeEnd::empty;
    /// What is held is worked out only where more than the end is wanted.
    EnergyLedger ledger;
    std::vector<Dip> dips;
    double peak_temperature_c = 0.0;
    double lowest_voltage_v = 0.0;

    const DischargePoint& last() const { return points.back(); }
    bool gives_nothing() const { return points.size() < 2; }
    PackState state_at(const DischargePoint& point) const {
        return {start.charge_used_ah + point.charge_used_ah, point.slow_gap, point.temperature_c};
    }
    PackState end_state() const { return state_at(last()); }
};

/// Time constant of the filter that tells a landing voltage from a dip, s: a 10 s average, as pilots and alarms
/// use.
inline constexpr double voltage_filter_s = 10.0;

/// One phase of a load.
struct LoadPhase {
    enum class Kind { power, current };
    Kind kind = Kind::power;
    /// W or A.
    double value = 0.0;
    double duration_s = 1e9;
};

struct DischargeStop {
    /// Per cell, mean of the cells, under this load, filtered; 0 means until the pack itself can no longer deliver
    /// it.
    double landing_cell_v = 0.0;
    /// At most this long; infinite by default.
    double longest_s = 1e9;
    /// Samples between start and end; 1 where only the end matters.
    int samples = 240;
    /// 0: the voltage as it is, as a bench cuts off.
    double filter_s = voltage_filter_s;
};

/// Air around the pack.
struct Surroundings {
    double air_temperature_c = 23.0;
    /// false holds the cells at the temperature they start with, as makers' tables are meant.
    bool warms = true;
    friend bool operator==(const Surroundings&, const Surroundings&) = default;
};

/// Draws a load from a pack, phase after phase, until one of the ends is met.
///
/// Charge, gap, temperature and energies are integrated by Boost.odeint's dense-output Dormand–Prince (5th order,
/// 1e-6 relative). The filter runs over that curve afterwards: inside the integrator its ten seconds would dictate
/// the step for the whole flight. The landing is the last time the filtered voltage falls to the landing voltage
/// and stays there: what comes back is a `Dip`. Ends are found by bisection, to 1 ms.
///
/// The weakest cell is the mean less `Pack::weakest_cell_below_v`; in a pack of several in series it ends the
/// discharge when it meets the chemistry's floor, where a landing voltage is asked for at all.
/// @param phases  values > 0; a zero is taken for a thousandth of a watt or ampere
/// @return at least one point (the start); only that one when the pack cannot give the load at all or stands below
///         the landing voltage for good already
Discharge discharge(const PackModel& pack, const PackState& start, const std::vector<LoadPhase>& phases,
                    const DischargeStop& stop, const Surroundings& around);

/// The same for one constant power.
Discharge discharge_at_power(const PackModel& pack, const PackState& start, double power_w,
                             const DischargeStop& stop, const Surroundings& around = {});

/// Point at a time, at a charge used, or at an energy given: linear between the samples, clamped to the ends.
DischargePoint point_at_time(const Discharge& discharge, double time_s);
DischargePoint point_at_charge(const Discharge& discharge, double charge_used_ah);
DischargePoint point_at_energy(const Discharge& discharge, double energy_wh);

} // namespace sobremesa::battery
