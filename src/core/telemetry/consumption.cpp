#include "core/telemetry/consumption.hpp"

#include <algorithm>
#include <cmath>

#include "core/telemetry/chord_distance.hpp"
#include "core/telemetry/energy_used.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::telemetry {

const char* const figures_model = "18";

namespace {

using units::DiagnosticCode;
using units::Estimate;
using units::Severity;

/// A GPS's speed, one standard deviation of its scale over a flight.
constexpr double speed_scale_sd = 0.02;
/// Way from positions, one standard deviation: what the chords cut off and the scatter adds.
constexpr double ground_distance_sd = 0.005;
constexpr double fix_sd_m = 3.0;
/// Two methods that differ by more than this disagree; not so over a few metres, or a few milliampere-hours.
constexpr double disagreement = 0.05;
constexpr double least_difference_ah = 0.02;
constexpr double least_difference_m = 100.0;
/// A GPS's speed is never below zero: standing still, its scatter adds up to way.
constexpr double speed_scatter_mps = 0.3;
/// Home farther than this from the whole flight is a typing error.
constexpr double far_from_track_m = 100e3;

bool is_number(double value) {
    return std::isfinite(value);
}

void measure_track(const CleanLog& log, LogSummary& summary) {
    const std::size_t n = log.rows.size();
    Track& track = summary.track;
    track.time_s.resize(n);
    for (std::size_t i = 0; i < n; ++i) track.time_s[i] = log.time_s(i);
    if (!log.home) return;
    const auto frame = geodesy::LocalFrame::around(*log.home);
    if (!frame) return;

    track.east_m.assign(n, std::nan(""));
    track.north_m.assign(n, std::nan(""));
    track.from_home_m.assign(n, std::nan(""));
    ChordDistance ground;
    double farthest_m = -1.0;
    std::size_t farthest_i = 0;
    for (std::size_t i = 0; i < n; ++i) {
        if (!log.position_ok[i]) continue;
        const geodesy::EastNorth here = frame->forward(log.position(i));
        track.east_m[i] = here.east_m;
        track.north_m[i] = here.north_m;
        track.from_home_m[i] = std::hypot(here.east_m, here.north_m);
        if (track.from_home_m[i] > farthest_m) {
            farthest_m = track.from_home_m[i];
            farthest_i = i;
        }
        ground.add(log.position(i));
    }
    if (farthest_m < 0.0) return;
    const std::size_t stride = std::max<std::size_t>(1, (n + most_outline_points - 3) / (most_outline_points - 2));
    for (std::size_t i = 0; i < n; ++i) {
        // Its farthest point and its end are the flight's.
        const bool taken = i % stride == 0 || i == farthest_i || i + 1 == n;
        if (taken && is_number(track.east_m[i])) summary.outline.push_back({track.east_m[i], track.north_m[i]});
    }
    const double ground_m = ground.metres();
    summary.distance.ground_m = Estimate{ground_m, units::combine_sd(ground_distance_sd * ground_m, fix_sd_m)};
    // The tangent plane shortens far distances; the one figure that is quoted is taken on the ellipsoid.
    const auto line = geodesy::geodesic(*log.home, log.position(farthest_i));
    summary.distance.farthest_from_home_m = Estimate{line ? line->distance_m : farthest_m, fix_sd_m};
    summary.distance.farthest_at_s = log.time_s(farthest_i);
    const auto to_start = geodesy::geodesic(*log.home, ground.origin());
    if (to_start && to_start->distance_m > far_from_track_m) {
        summary.diagnostics.push_back(
            {DiagnosticCode::home_far_from_track, Severity::warning, {{"distance_m", to_start->distance_m}}});
    }
}

/// Trapezoids over neighbouring rows, gaps and missing values left out.
template <class Integrand>
double integral(const CleanLog& log, Integrand value) {
    double sum = 0.0;
    std::optional<std::size_t> previous;
    double previous_value = 0.0;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double here = value(i);
        if (!is_number(here)) continue;
        if (previous) {
            const double step_s = log.time_s(i) - log.time_s(*previous);
            if (step_s <= log.longest_step_s) sum += 0.5 * (previous_value + here) * step_s;
        }
        previous = i;
        previous_value = here;
    }
    return sum;
}

void compare_methods(const CleanLog& log, LogSummary& summary) {
    const auto differ = [](double a, double b, double least) {
        return std::abs(a - b) > std::max(disagreement * std::max(a, b), least);
    };
    const EnergyUsed& energy = summary.energy;
    summary.distance.highest_ground_speed = highest(log, Channel::ground_speed_mps);
    summary.distance.highest_airspeed = highest(log, Channel::airspeed_mps);
    const double before_ah = energy.before_log_ah.value_or(0.0);
    if (energy.sampled_charge_ah && energy.counter_ah &&
        differ(*energy.sampled_charge_ah, *energy.counter_ah - before_ah,
               std::max(least_difference_ah, energy.rounding_ah))) {
        summary.diagnostics.push_back(
            {DiagnosticCode::counter_disagrees,
             Severity::warning,
             {{"integrated_ah", *energy.sampled_charge_ah + before_ah}, {"counter_ah", *energy.counter_ah}}});
    }
    if (log.raw->has(Channel::ground_speed_mps)) {
        summary.distance.from_speed_m =
            integral(log, [&](std::size_t i) { return log.value(Channel::ground_speed_mps, i); });
    }
    if (!summary.distance.ground_m && summary.distance.from_speed_m.value_or(0.0) > 0.0) {
        const double way_m = *summary.distance.from_speed_m;
        summary.distance.ground_m = Estimate{way_m, speed_scale_sd * way_m};
        summary.diagnostics.push_back({DiagnosticCode::distance_from_speed, Severity::note, {}});
    }
    if (summary.distance.ground_m && summary.distance.from_speed_m && log.gaps.empty() &&
        differ(summary.distance.ground_m->value, *summary.distance.from_speed_m,
               std::max(least_difference_m, speed_scatter_mps * summary.duration_s))) {
        summary.diagnostics.push_back(
            {DiagnosticCode::distances_disagree,
             Severity::warning,
             {{"positions_m", summary.distance.ground_m->value}, {"speed_m", *summary.distance.from_speed_m}}});
    }
    if (!log.gaps.empty()) {
        summary.diagnostics.push_back({DiagnosticCode::integrals_skip_gaps,
                                       Severity::warning,
                                       {{"gaps", double(log.gaps.size())}, {"gap_s", energy.gap_time_s}}});
    }
}

Estimate ratio(const Estimate& a, const Estimate& b) {
    const double value = a.value / b.value;
    return {value, std::abs(value) * units::combine_sd(a.sd / a.value, b.sd / b.value)};
}

/// Where places begin late or end early: when, and what was drawn meanwhile of all that was drawn, by the current,
/// else by the time. What else was drawn was not over the way that is known.
struct KnownWay {
    double from_s = 0.0;
    double until_s = 0.0;
    double drawn_share = 1.0;
};
/// @return nothing where little is missing, or the way is known otherwise
std::optional<KnownWay> partly_known_way(const CleanLog& log) {
    constexpr double little = 0.9;
    const auto first = std::find(log.position_ok.begin(), log.position_ok.end(), true);
    if (first == log.position_ok.end()) return std::nullopt;
    const auto from = std::size_t(first - log.position_ok.begin());
    std::size_t last = log.rows.size() - 1;
    while (!log.position_ok[last]) --last;
    const bool has_current = log.raw->has(Channel::current_a);
    const auto drawn = [&](std::size_t i) { return has_current ? log.value(Channel::current_a, i) : 1.0; };
    const double all = integral(log, drawn);
    const double part =
        integral(log, [&](std::size_t i) { return i >= from && i <= last ? drawn(i) : std::nan(""); });
    const double share = all > 0.0 ? part / all : 1.0;
    if (!(share > 0.0 && share < little)) return std::nullopt;
    return KnownWay{log.time_s(from) - log.time_s(0), log.time_s(last) - log.time_s(0), share};
}

} // namespace

units::Result<LogSummary> summarise(const CleanLog& log, const std::stop_token& stop) {
    LogSummary summary;
    summary.diagnostics = log.raw->diagnostics;
    summary.diagnostics.insert(summary.diagnostics.end(), log.diagnostics.begin(), log.diagnostics.end());
    summary.duration_s = log.time_s(log.rows.size() - 1) - log.time_s(0);
    measure_track(log, summary);
    if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
    measure_energy(log, summary);
    compare_methods(log, summary);
    if (!summary.distance.ground_m)
        summary.diagnostics.push_back({DiagnosticCode::no_position, Severity::warning, {}});
    const auto known = partly_known_way(log);
    if (known) {
        summary.diagnostics.push_back({DiagnosticCode::position_partly_known,
                                       Severity::warning,
                                       {{"from_s", known->from_s}, {"until_s", known->until_s}}});
    }

    // Consumption over a way that is mostly scatter would be a figure without meaning.
    constexpr double least_way_m = 100.0;
    if (summary.distance.ground_m && summary.distance.ground_m->value >= least_way_m) {
        // Only what was used over that way: not what was used before the log began.
        const double over_way = known ? known->drawn_share : 1.0;
        const auto per_m = [&](const std::optional<Estimate>& used) -> std::optional<Estimate> {
            if (!used || !(used->value > 0.0)) return std::nullopt;
            return ratio({over_way * used->value, over_way * used->sd}, *summary.distance.ground_m);
        };
        summary.energy_wh_per_m = per_m(summary.energy.logged_energy_wh);
        summary.charge_ah_per_m = per_m(summary.energy.logged_charge_ah);
    }
    return summary;
}

std::optional<Estimate> charge_used_ah(const LogSummary& summary) {
    if (summary.energy.charge_ah) return summary.energy.charge_ah;
    if (summary.energy.counter_ah) {
        return Estimate{*summary.energy.counter_ah, current_scale_sd * *summary.energy.counter_ah};
    }
    return std::nullopt;
}

bool volts_fit(const LogSummary& summary, const battery::Pack& pack) {
    if (!summary.energy.highest_voltage_v) return true;
    const battery::ChemistryTraits& chemistry = battery::traits(pack.chemistry);
    constexpr double meter_error_v = 0.1; // per cell
    // A log begins with a pack that is at least half full; one that stands lower has fewer cells.
    const double least_v = battery::open_circuit_cell_v(pack.chemistry, 0.3) - 3.0 * meter_error_v;
    const double cell_v = *summary.energy.highest_voltage_v / pack.series;
    return cell_v >= least_v && cell_v <= chemistry.full_cell_v + meter_error_v;
}

std::optional<LeftByCharge> left_by_charge(const LogSummary& summary, double usable_charge_ah) {
    const auto used = charge_used_ah(summary);
    if (!used || !(usable_charge_ah > 0.0)) return std::nullopt;
    LeftByCharge left;
    left.usable_charge_ah = usable_charge_ah;
    left.charge_ah = {usable_charge_ah - used->value, used->sd};
    left.share = {left.charge_ah.value / usable_charge_ah, left.charge_ah.sd / usable_charge_ah};
    return left;
}

} // namespace sobremesa::telemetry
