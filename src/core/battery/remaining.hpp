#pragma once

#include <optional>
#include <vector>

#include "core/battery/pack_model.hpp"
#include "core/units/diagnostic.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::battery {

/// What is known after a landing about what is still in the pack. Each may be missing.
struct LandedEvidence {
    /// The flight's counter or integral, Ah, and its relative sd (5 % for a sensor that was never calibrated).
    std::optional<double> counted_ah;
    double counted_relative_sd = 0.05;
    /// Resting volts of the mean cell after a rest, V, the rest, s, and the current flown before it, A.
    std::optional<double> rested_cell_v;
    double rest_s = 600.0;
    double current_before_a = 0.0;
    double temperature_c = 20.0;
    /// What the charger put back to full, Ah.
    std::optional<double> recharged_ah;
    /// Of the full charge, in it at launch, where its volts told so; else by the pack's starting volts, else full.
    std::optional<units::Estimate> launch_share = {};
};

enum class RemainingMethod { counted, rested, recharged };
/// Stable word for scripts.
const char* remaining_method_word(RemainingMethod method);

struct RemainingEstimate {
    RemainingMethod method;
    /// Of what the pack holds, 1 full.
    units::Estimate share;
};

/// Why two methods tell different things.
enum class Disagreement {
    sensor_scale,       ///< counted and recharged differ: the current sensor
    pack_holds_less,    ///< volts say emptier than the charge: aged, or the label promises too much
    not_rested_or_cold, ///< volts say emptier, after a short rest or in the cold
    not_full_at_start,  ///< volts say emptier and the recharge agrees with them
    sensor_reads_high,  ///< volts say fuller than what was counted
};

/// Stable word for scripts.
const char* disagreement_word(Disagreement disagreement);

/// What is left, by every method that the evidence allows.
struct Remaining {
    std::vector<RemainingEstimate> methods;
    /// Combined by their variances; widened where they disagree.
    std::optional<units::Estimate> share;
    std::optional<units::Estimate> charge_ah;
    std::optional<Disagreement> disagreement;
};

/// A charger's count, relative sd: common practice.
inline constexpr double charger_relative_sd = 0.015;

/// Charge still in a pack after a flight.
///
/// - counted and recharged: full charge less what was missing at launch and what was taken out, full charge known
/// to
///   3 % (a label, an age); a recharge puts back both;
/// - rested: the resting curve read backwards, corrected for what the slow part has not given back yet; sd from a
///   meter's 10 mV/cell, the curve's own 20 mV, and half of the correction.
///
/// Two methods disagree when they differ by more than twice the sd of their difference. The combination then keeps
/// at least half of the distance as its sd: weights of methods that contradict each other promise too much.
Remaining remaining(const PackModel& pack, const LandedEvidence& evidence);

/// That two methods disagree, and why; nothing where they do not.
std::optional<units::Diagnostic> disagreement_diagnostic(const Remaining& remaining);

/// Why that much is left; nothing without a method.
std::optional<units::Explanation> explain(const Remaining& remaining, const LandedEvidence& evidence);

} // namespace sobremesa::battery
