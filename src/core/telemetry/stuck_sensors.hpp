#pragma once

#include <vector>

#include "core/telemetry/clean_log.hpp"

namespace sobremesa::telemetry {

/// Rows [first, last) that show one value.
struct Run {
    std::size_t first = 0;
    std::size_t last = 0;
    double seconds = 0.0;
};

std::vector<Run> runs_of(const CleanLog& log, Channel channel);

/// The step in which a channel's readings come: the least difference between two of them. 0 where all are alike.
double step_of(const CleanLog& log, Channel channel);

/// Runs in which a sensor was frozen in flight.
///
/// A coarse sensor shows one value for long by nature. A run is frozen only where one of two tests says so:
/// - *What should have changed*: the change to be expected over the run, from the other channels, exceeds two steps
/// of
///   the sensor and three standard deviations of that expectation. Volts from the charge drawn and the current
///   through the pack's resistance, both as this flight shows them; current from the counter or from the volts;
///   height from climb or from the GPS; ground speed and course from the positions.
/// - *Noise that fell silent*: readings that elsewhere in this flight differ from row to row were alike for so many
/// rows
///   that chance would do it less than once in a million windows.
/// A change too small to be seen is not claimed.
std::vector<Run> frozen_runs(const CleanLog& log, Channel channel);

} // namespace sobremesa::telemetry
