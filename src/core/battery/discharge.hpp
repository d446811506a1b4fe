#pragma once

#include <vector>

#include "core/battery/pack.hpp"

namespace sobremesa::battery {

/// Why a discharge ended.
enum class DischargeEnd {
    landing_voltage,     ///< the filtered voltage under load fell to the landing voltage
    power_not_available, ///< the pack cannot give this power any more
    empty,               ///< all charge down to the chemistry's floor is out
    time_over,           ///< the wanted time was flown
};

struct DischargePoint {
    double time_s = 0.0;
    double charge_used_ah = 0.0;
    /// Energy given at the terminals since the start of this discharge, Wh.
    double energy_wh = 0.0;
    double voltage_v = 0.0;
    double current_a = 0.0;
};

/// A discharge at constant power, sampled evenly in time; between samples everything is linear to about 1e-5.
struct Discharge {
    double power_w = 0.0;
    std::vector<DischargePoint> points;
    DischargeEnd end = DischargeEnd::empty;

    const DischargePoint& last() const { return points.back(); }
    bool gives_nothing() const { return points.size() < 2; }
};

/// Time constant of the filter that tells a landing voltage from a dip, s (`model`: a 10 s average, as pilots and
/// alarms use).
inline constexpr double voltage_filter_s = 10.0;

struct DischargeStop {
    /// Per cell, under this load, filtered; 0 means to the chemistry's floor of charge.
    double landing_cell_v = 0.0;
    /// At most this long; infinite by default.
    double longest_s = 1e9;
    /// Samples between start and end; 1 where only the end matters.
    int samples = 240;
};

/// Draws a constant power from a pack until one of the ends is met.
///
/// Charge is integrated by Boost.odeint's dense-output Dormand–Prince (5th order, 1e-8 relative). The filter runs
/// over that curve afterwards: inside the integrator its ten seconds would dictate the step for the whole flight.
/// Ends are found by bisection, to 1 ms.
/// @param power_w  terminal power, W, > 0
/// @return at least one point (the start); only that one when the pack cannot give the power at all or stands below
///         the landing voltage already
Discharge discharge_at_power(const Pack& pack, const PackState& start, double power_w, const DischargeStop& stop);

/// Point at a time, at a charge used, or at an energy given: linear between the samples, clamped to the ends.
DischargePoint point_at_time(const Discharge& discharge, double time_s);
DischargePoint point_at_charge(const Discharge& discharge, double charge_used_ah);
DischargePoint point_at_energy(const Discharge& discharge, double energy_wh);

} // namespace sobremesa::battery
