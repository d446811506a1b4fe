#pragma once

#include <vector>

#include "core/telemetry/clean_log.hpp"

namespace sobremesa::debrief {

/// What was used up to each row that takes part. NaN where volts or current are missing; empty where the log has
/// neither.
struct FlownRows {
    std::vector<double> charge_ah;
    std::vector<double> energy_wh;
    /// Volts of the pack, averaged over ten seconds as an alarm does; 0 before there are any.
    std::vector<double> smooth_v;
};

/// By trapezoids, pauses of the record left out, as in the summary.
FlownRows flown_rows(const telemetry::CleanLog& log);

} // namespace sobremesa::debrief
