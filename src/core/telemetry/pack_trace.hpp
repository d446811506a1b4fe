#pragma once

#include <optional>
#include <vector>

#include "core/units/estimate.hpp"

namespace sobremesa::telemetry {

struct CleanLog;

/// A part of a flight as its pack went through it: means over its seconds.
struct PackTracePoint {
    double seconds = 0.0;
    /// By the log's sensor at the end of the part, Ah; what was used before the log began is in it.
    double charge_ah = 0.0;
    double current_a = 0.0;
    /// NaN in a gap of the log.
    double voltage_v = 0.0;
};

/// Volts against charge and current through a whole log, short enough to be kept: a pack is fitted to it without
/// reading the log again.
struct PackTrace {
    std::vector<PackTracePoint> points;
    /// Slope of volts over amps in short steps, of the whole pack (`measured_sag`), Ω.
    std::optional<units::Estimate> sag_ohm;
};

/// Parts of equal charge that a trace is cut into; changes of the current add some.
inline constexpr int trace_parts = 30;

/// Puts a log's rows together in parts of about equal charge, 5 s or longer. A current that changes by more than a
/// third, and stays there for 10 s, begins a new part. What was drawn in a gap of the log is taken to be what was
/// drawn next to it.
/// @param charge_ah  by row of the log: drawn so far
/// @param volts      by row of the log
/// @param before_ah  drawn before the log began
/// @return no parts where there are no volts or no charge
PackTrace pack_trace(const CleanLog& log, const std::vector<double>& charge_ah, const std::vector<double>& volts,
                     double before_ah);

} // namespace sobremesa::telemetry
