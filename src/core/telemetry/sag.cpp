#include "core/telemetry/sag.hpp"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/units/explanation.hpp"
#include "core/units/median.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::telemetry {

namespace {

// Chosen on made logs, no source.
constexpr int least_steps = 8;
constexpr double least_share = 0.1;   ///< of the mean current that a step must change by
constexpr double above_scatter = 5.0; ///< times the median step
constexpr double surely = 3.0;        ///< standard deviations that the slope must be from none

struct Second {
    double time_s = 0.0;
    double volts = 0.0;
    double amps = 0.0;
    int rows = 0;
};

} // namespace

std::optional<MeasuredSag> measured_sag(const CleanLog& log) {
    const FlightLog& raw = *log.raw;
    if (!raw.has(Channel::voltage_v) || !raw.has(Channel::current_a) || log.rows.empty()) return std::nullopt;
    std::vector<Second> seconds;
    double sum_a = 0.0;
    double rows = 0.0;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double volts = log.value(Channel::voltage_v, i);
        const double amps = log.value(Channel::current_a, i);
        if (!(volts > 1.0) || !std::isfinite(amps)) continue;
        const double t = std::floor(log.time_s(i));
        if (seconds.empty() || seconds.back().time_s != t) seconds.push_back({t, 0.0, 0.0, 0});
        seconds.back().volts += volts;
        seconds.back().amps += amps;
        ++seconds.back().rows;
        sum_a += amps;
        rows += 1.0;
    }
    if (seconds.size() < 2) return std::nullopt;
    for (Second& s : seconds) {
        s.volts /= s.rows;
        s.amps /= s.rows;
    }
    // Steps over two seconds: the one in which the current changes is half one and half the other.
    std::vector<double> volts;
    std::vector<double> amps;
    std::vector<double> sizes;
    for (std::size_t i = 2; i < seconds.size(); ++i) {
        if (seconds[i].time_s - seconds[i - 2].time_s > 2.5) continue;
        volts.push_back(seconds[i].volts - seconds[i - 2].volts);
        amps.push_back(seconds[i].amps - seconds[i - 2].amps);
        sizes.push_back(std::abs(amps.back()));
    }
    if (sizes.empty()) return std::nullopt;
    // Most steps are none: their size is the scatter.
    const double least_a = std::max(least_share * sum_a / rows, above_scatter * units::median(sizes));
    double aa = 0.0;
    double av = 0.0;
    int steps = 0;
    for (std::size_t i = 0; i < amps.size(); ++i) {
        if (sizes[i] < least_a) continue;
        aa += amps[i] * amps[i];
        av += amps[i] * volts[i];
        ++steps;
    }
    if (steps < least_steps) return std::nullopt;
    const double slope = av / aa;
    double left = 0.0;
    for (std::size_t i = 0; i < amps.size(); ++i) {
        if (sizes[i] >= least_a) left += std::pow(volts[i] - slope * amps[i], 2);
    }
    // Every second takes part in two steps.
    const double sd = std::sqrt(2.0 * left / (steps - 1.0) / aa);
    if (!(-slope > surely * sd)) return std::nullopt;
    constexpr double scale_sd = 0.05; // the current sensor's, until calibrated
    return MeasuredSag{{-slope, units::combine_sd(sd, scale_sd * -slope)}, steps};
}

units::Estimate cell_ohm(const MeasuredSag& sag, const battery::Pack& pack) {
    const double share = double(pack.parallel) / double(pack.series);
    return {sag.pack_ohm.value * share, sag.pack_ohm.sd * share};
}

std::optional<units::Diagnostic> sag_diagnostic(const MeasuredSag& sag, const battery::Pack& pack) {
    const units::Estimate seen = cell_ohm(sag, pack);
    const double described = battery::resistance_ohm(pack) * pack.parallel / pack.series;
    constexpr double much = 1.25;
    if (seen.value - 2.0 * seen.sd < described || seen.value < much * described) return std::nullopt;
    return units::Diagnostic{units::DiagnosticCode::sag_above_stated,
                             units::Severity::warning,
                             {{"measured_ohm", seen.value}, {"stated_ohm", described}}};
}

units::Explanation explain(const MeasuredSag& sag, const battery::Pack& pack) {
    units::Explanation why;
    why.quantity = units::Quantity::measured_cell_resistance;
    why.value = cell_ohm(sag, pack);
    why.relation = units::Relation::volts_over_amps_in_short_steps;
    why.source = units::Source::log_itself;
    why.inputs = {{units::Quantity::cell_resistance,
                   {battery::cell_resistance_ohm(pack), 0.0},
                   pack.cell_resistance_ohm ? units::Origin::given : units::Origin::assumed}};
    return why;
}

} // namespace sobremesa::telemetry
