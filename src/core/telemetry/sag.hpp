#pragma once

#include <optional>

#include "core/battery/pack.hpp"
#include "core/telemetry/air_motion.hpp"
#include "core/units/diagnostic.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::telemetry {

/// What volts did when the current changed.
struct MeasuredSag {
    /// Of the whole pack, leads and strips in it, Ω.
    units::Estimate pack_ohm;
    /// Steps of current that this rests on.
    int steps = 0;
};

/// Resistance of the pack as a flight showed it: the slope of volts over amps from one second to the next, wherever
/// the current changed by at least a tenth of its mean and five times its scatter. Slower sag is left to the slow
/// part of the pack.
/// @return nothing with fewer than eight such steps, or where the slope is not three times its sd
std::optional<MeasuredSag> measured_sag(const CleanLog& log);

/// Per cell of that pack, Ω.
units::Estimate cell_ohm(const MeasuredSag& sag, const battery::Pack& pack);

/// That the pack is described with clearly less resistance than a flight showed: more than a quarter, beyond the
/// error.
std::optional<units::Diagnostic> sag_diagnostic(const MeasuredSag& sag, const battery::Pack& pack);

units::Explanation explain(const MeasuredSag& sag, const battery::Pack& pack);

} // namespace sobremesa::telemetry
