#include "core/telemetry/landed.hpp"

#include "core/telemetry/launch_charge.hpp"

namespace sobremesa::telemetry {

battery::LandedEvidence landed_evidence(const LogSummary& summary, const battery::PackModel& pack,
                                        const AfterLanding& after) {
    battery::LandedEvidence evidence;
    if (const auto counted = charge_used_ah(summary); counted && counted->value > 0.0) {
        evidence.counted_ah = counted->value;
        evidence.counted_relative_sd = counted->sd / counted->value;
    }
    evidence.rested_cell_v = after.rested_cell_v;
    // Nobody says how long it rested: as long as it takes to walk to it and find the meter.
    constexpr double usual_rest_s = 300.0;
    evidence.rest_s = after.rest_s.value_or(usual_rest_s);
    evidence.current_before_a = summary.energy.mean_current_a.value_or(0.0);
    evidence.temperature_c = after.temperature_c;
    evidence.recharged_ah = after.recharged_ah;
    if (!volts_fit(summary, pack.pack())) return evidence;
    if (const auto launch = launch_charge(summary.pack, pack, after.temperature_c); launch && launch->is_short)
        evidence.launch_share = launch->share;
    return evidence;
}

} // namespace sobremesa::telemetry
