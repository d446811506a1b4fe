#include "core/battery/remaining.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::battery {

namespace {

constexpr double full_charge_relative_sd = 0.03;
constexpr double meter_sd_v = 0.010;
constexpr double curve_sd_v = 0.020;
constexpr double short_rest_s = 300.0;
constexpr double cold_c = 5.0;
constexpr double contradiction_sd = 2.0;

RemainingEstimate after(RemainingMethod method, const units::Estimate& taken_ah, double full_ah) {
    const double used = taken_ah.value / full_ah;
    return {method, {1.0 - used, units::combine_sd(taken_ah.sd / full_ah, full_charge_relative_sd * used)}};
}

/// What was missing at launch and what was counted, Ah.
units::Estimate out_by_count_ah(const PackModel& pack, const LandedEvidence& e) {
    const units::Estimate launch =
        e.launch_share.value_or(units::Estimate{pack.meanCharge(pack.atStart(e.temperature_c)), 0.0});
    const double full_ah = pack.fullChargeAh();
    return {(1.0 - launch.value) * full_ah + *e.counted_ah,
            units::combine_sd(launch.sd * full_ah, *e.counted_ah * e.counted_relative_sd)};
}

units::Estimate recharged_ah(const LandedEvidence& e) {
    return {*e.recharged_ah, *e.recharged_ah * charger_relative_sd};
}

RemainingEstimate by_rest(const PackModel& pack, const LandedEvidence& e) {
    const Chemistry chemistry = pack.pack().chemistry;
    PackState state;
    state.temperature_c = e.temperature_c;
    state.slow_gap = pack.settledGap(e.current_before_a, e.temperature_c);
    const double correction = pack.rested(state, e.rest_s, e.temperature_c).slow_gap;
    const double surface = state_of_charge_at_rest(chemistry, *e.rested_cell_v);
    const double step = 0.01;
    const double slope_v = (open_circuit_cell_v(chemistry, std::min(surface + step, 1.0)) -
                            open_circuit_cell_v(chemistry, std::max(surface - step, 0.0))) /
                           (std::min(surface + step, 1.0) - std::max(surface - step, 0.0));
    const double volts_sd = units::combine_sd(meter_sd_v, curve_sd_v) / std::max(slope_v, 1e-3);
    return {RemainingMethod::rested,
            {std::min(surface + correction, 1.0), units::combine_sd(volts_sd, 0.5 * correction)}};
}

/// The mean of independent estimates, each by its variance.
struct WeightedMean {
    double weights = 0.0;
    double sum = 0.0;
    void add(const units::Estimate& estimate) {
        const double weight = 1.0 / std::pow(std::max(estimate.sd, 1e-4), 2);
        weights += weight;
        sum += weight * estimate.value;
    }
    units::Estimate get() const { return {sum / weights, 1.0 / std::sqrt(weights)}; }
};

const RemainingEstimate* find(const std::vector<RemainingEstimate>& methods, RemainingMethod method) {
    const auto found =
        std::find_if(methods.begin(), methods.end(), [&](const auto& m) { return m.method == method; });
    return found == methods.end() ? nullptr : &*found;
}

bool contradict(const RemainingEstimate* a, const RemainingEstimate* b) {
    if (!a || !b) return false;
    return std::abs(a->share.value - b->share.value) >
           contradiction_sd * units::combine_sd(a->share.sd, b->share.sd);
}

std::optional<Disagreement> cause(const std::vector<RemainingEstimate>& methods, const PackModel& pack,
                                  const LandedEvidence& e) {
    const auto* counted = find(methods, RemainingMethod::counted);
    const auto* rested = find(methods, RemainingMethod::rested);
    const auto* recharged = find(methods, RemainingMethod::recharged);
    // Both take what was out of the same full pack: what they differ in is the sensor.
    if (counted && recharged) {
        const units::Estimate out = out_by_count_ah(pack, e);
        const double sd = units::combine_sd(out.sd / out.value, charger_relative_sd);
        if (std::abs(out.value / *e.recharged_ah - 1.0) > contradiction_sd * sd) return Disagreement::sensor_scale;
    }
    if (rested && counted && contradict(rested, counted)) {
        if (rested->share.value > counted->share.value) return Disagreement::sensor_reads_high;
        if (recharged && !contradict(rested, recharged)) return Disagreement::not_full_at_start;
        if (e.rest_s < short_rest_s || e.temperature_c < cold_c) return Disagreement::not_rested_or_cold;
        return Disagreement::pack_holds_less;
    }
    if (contradict(rested, recharged)) {
        if (e.rest_s < short_rest_s || e.temperature_c < cold_c) return Disagreement::not_rested_or_cold;
        return Disagreement::pack_holds_less;
    }
    return std::nullopt;
}

} // namespace

const char* remaining_method_word(RemainingMethod method) {
    switch (method) {
    case RemainingMethod::counted: return "counted";
    case RemainingMethod::rested: return "rested";
    case RemainingMethod::recharged: break;
    }
    return "recharged";
}

const char* disagreement_word(Disagreement disagreement) {
    switch (disagreement) {
    case Disagreement::sensor_scale: return "sensor-scale";
    case Disagreement::pack_holds_less: return "pack-holds-less";
    case Disagreement::not_rested_or_cold: return "not-rested-or-cold";
    case Disagreement::not_full_at_start: return "not-full-at-start";
    case Disagreement::sensor_reads_high: break;
    }
    return "sensor-reads-high";
}

std::optional<units::Diagnostic> disagreement_diagnostic(const Remaining& remaining) {
    if (!remaining.disagreement) return std::nullopt;
    units::Diagnostic diagnostic{units::DiagnosticCode::left_methods_disagree,
                                 units::Severity::warning,
                                 {{"cause", std::string(disagreement_word(*remaining.disagreement))}}};
    for (const auto method : {RemainingMethod::counted, RemainingMethod::rested, RemainingMethod::recharged}) {
        const auto* found = find(remaining.methods, method);
        diagnostic.parameters.push_back(
            {std::string(remaining_method_word(method)) + "_share", found ? found->share.value : std::nan("")});
    }
    return diagnostic;
}

std::optional<units::Explanation> explain(const Remaining& remaining, const LandedEvidence& evidence) {
    using units::Origin;
    using units::Quantity;
    if (!remaining.share) return std::nullopt;
    units::Explanation why;
    why.quantity = Quantity::left_share;
    why.value = *remaining.share;
    why.relation = units::Relation::combined_by_variances;
    why.source = units::Source::common_practice;
    if (evidence.counted_ah) {
        why.inputs.push_back({Quantity::counted_charge,
                              {*evidence.counted_ah, *evidence.counted_ah * evidence.counted_relative_sd},
                              Origin::measured});
    }
    if (evidence.rested_cell_v)
        why.inputs.push_back({Quantity::rested_cell_voltage, {*evidence.rested_cell_v, meter_sd_v}, Origin::given});
    if (evidence.recharged_ah) {
        why.inputs.push_back({Quantity::recharged_charge,
                              {*evidence.recharged_ah, *evidence.recharged_ah * charger_relative_sd},
                              Origin::given});
    }
    return why;
}

Remaining remaining(const PackModel& pack, const LandedEvidence& evidence) {
    Remaining result;
    const double full_ah = pack.fullChargeAh();
    if (evidence.counted_ah)
        result.methods.push_back(after(RemainingMethod::counted, out_by_count_ah(pack, evidence), full_ah));
    if (evidence.rested_cell_v) result.methods.push_back(by_rest(pack, evidence));
    if (evidence.recharged_ah)
        result.methods.push_back(after(RemainingMethod::recharged, recharged_ah(evidence), full_ah));
    if (result.methods.empty()) return result;

    // Counting and recharging say what was taken, each with its own error; what the full pack holds is one error
    // for both, and two of them make it no smaller.
    WeightedMean taken_ah;
    if (evidence.counted_ah) taken_ah.add(out_by_count_ah(pack, evidence));
    if (evidence.recharged_ah) taken_ah.add(recharged_ah(evidence));
    WeightedMean share;
    if (taken_ah.weights > 0.0) share.add(after(RemainingMethod::counted, taken_ah.get(), full_ah).share);
    double least = 1e9;
    double most = -1e9;
    for (const auto& method : result.methods) {
        if (method.method == RemainingMethod::rested) share.add(method.share);
        least = std::min(least, method.share.value);
        most = std::max(most, method.share.value);
    }
    result.disagreement = cause(result.methods, pack, evidence);
    double sd = share.get().sd;
    if (result.disagreement) sd = std::max(sd, 0.5 * (most - least));
    result.share = units::Estimate{share.get().value, sd};
    result.charge_ah = units::Estimate{full_ah * share.get().value, full_ah * sd};
    return result;
}

} // namespace sobremesa::battery
