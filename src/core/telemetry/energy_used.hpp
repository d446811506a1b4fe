#pragma once

#include "core/telemetry/consumption.hpp"

namespace sobremesa::telemetry {

/// An uncalibrated current sensor, one standard deviation of its scale: common practice, no source.
inline constexpr double current_scale_sd = 0.05;

/// Charge and energy of a cleaned log, from whatever it has of current, counter, volts and power.
///
/// Row by row over time by trapezoids; pauses of the record (gaps) are left out, since nothing is known of them. A
/// channel that is missing for some rows, or excluded as faulty, does not drop out of the sum:
/// - volts are bridged straight in time between their neighbours;
/// - current is bridged by the counter's own count where there is one, by power over volts, else straight;
/// - without a current at all the charge is the counter's, or power over volts; energy is charge times volts;
/// - where energy alone was counted, the charge is what it counted over the volts of the moment.
/// Each bridge adds to the error and is said. A counter that begins above zero counts from zero: what was used
/// before the log began is `before_log_ah`, in charge and energy but not in the means.
void measure_energy(const CleanLog& log, LogSummary& summary);

/// The same sums up to each row that takes part, for a log that is still growing.
struct RunningEnergy {
    bool has_charge = false;
    bool has_energy = false;
    std::vector<double> charge_ah;
    std::vector<double> energy_wh;
    /// What was missing bridged; empty where there are none at all.
    std::vector<double> voltage_v;
};
RunningEnergy running_energy(const CleanLog& log);

/// Whether a counter that showed `top_ah` began anew: it fell to near zero, by more than it jitters.
bool is_counter_reset(double top_ah, double here_ah);

/// Charge of a counter, Ah, from its first reading to its last. It only counts up: a fall to near zero is a reset,
/// from which it goes on; a smaller fall is jitter, and counts again only beyond the highest reading.
struct Counted {
    double first_ah = 0.0;
    double counted_ah = 0.0;
};
std::optional<Counted> counted(const CleanLog& log, Channel channel);

/// Highest reading of a channel, when, and for how long at a time it stayed within a tenth of it.
std::optional<Peak> highest(const CleanLog& log, Channel channel);

} // namespace sobremesa::telemetry
