#pragma once

#include <optional>

#include "core/battery/pack_model.hpp"
#include "core/telemetry/pack_trace.hpp"
#include "core/units/diagnostic.hpp"
#include "core/units/estimate.hpp"

namespace sobremesa::telemetry {

/// What a pack held at launch, told by its volts under load in the first minutes. A counter begins at 0 whatever
/// the pack held: only the volts show that it was not full.
struct LaunchCharge {
    /// Of the full charge; 1 at most.
    units::Estimate share;
    /// By the pack's starting volts, else full.
    double assumed_share = 1.0;
    /// Resting volts of a cell that holds `share`, V: what a meter would have shown before launch.
    double resting_cell_v = 0.0;
    /// Lower than any error of volts, curve and resistance explains.
    bool is_short = false;
};

/// The pack led through the trace's first currents, from the charge at which its volts come out. Their error:
/// sensor 1 %, resting curve 50 mV/cell, resistance a third (as measured on this flight where the log shows it),
/// half of what the slow part holds back (all common practice, no source). Short is what misses by two and a half
/// of them.
/// @return nothing where the first five minutes hold less than half a minute of volts
std::optional<LaunchCharge> launch_charge(const PackTrace& trace, const battery::PackModel& pack,
                                          double air_temperature_c);

/// That the pack was not as full at launch as it is taken to be; nothing where that cannot be told.
std::optional<units::Diagnostic> launch_diagnostic(const LaunchCharge& launch);

} // namespace sobremesa::telemetry
