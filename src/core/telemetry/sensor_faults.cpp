#include "core/telemetry/sensor_faults.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <string>

#include "core/telemetry/energy_used.hpp"
#include "core/telemetry/stuck_sensors.hpp"
#include "core/units/median.hpp"

namespace sobremesa::telemetry {

namespace {

using Add = std::function<void(SetAsideReason, std::size_t)>;

constexpr std::size_t saturated_rows = 3;
constexpr std::size_t saturated_times_next = 10;
constexpr double least_saturated_s = 2.0;

constexpr double heights_apart_m = 15.0;
constexpr double heights_apart_share = 0.1;

void mark_stuck(CleanLog& log, Channel channel, const Add& add) {
    double together_s = 0.0;
    for (const Run& run : frozen_runs(log, channel)) {
        together_s += run.seconds;
        if (log.doubtful.empty()) log.doubtful.assign(log.rows.size(), 0);
        // The first reading of the run was still a true one.
        for (std::size_t i = run.first + 1; i < run.last; ++i) {
            log.doubtful[i] |= doubt_bit(channel);
            add(SetAsideReason::stuck_sensor, i);
        }
    }
    if (together_s > 0.0) {
        log.diagnostics.push_back({units::DiagnosticCode::sensor_stuck,
                                   units::Severity::warning,
                                   {{"channel", std::string(channel_word(channel))}, {"stuck_s", together_s}}});
    }
}

/// Whether the current is mostly the same from row to row where it is below its highest reading.
bool stands_below(const CleanLog& log, double highest_a) {
    const auto& current = (*log.raw)[Channel::current_a];
    std::size_t pairs = 0;
    std::size_t alike = 0;
    for (std::size_t i = 1; i < log.rows.size(); ++i) {
        const double here = current[log.rows[i]];
        const double before = current[log.rows[i - 1]];
        if (!(here < highest_a) || !(before < highest_a)) continue;
        ++pairs;
        alike += here == before ? 1 : 0;
    }
    return 2 * alike > pairs;
}

void list_saturated(CleanLog& log, const Add& add) {
    const auto& current = (*log.raw)[Channel::current_a];
    double highest_a = 0.0;
    for (const auto row : log.rows) {
        if (current[row] > highest_a) highest_a = current[row];
    }
    if (!(highest_a > 0.0)) return;
    // How often the sensor reads its highest value, and how often just below: a true peak is met once.
    constexpr double nearby = 0.97;
    std::size_t at_top = 0;
    std::size_t below = 0;
    for (const auto row : log.rows) {
        at_top += current[row] == highest_a ? 1 : 0;
        below += current[row] < highest_a && current[row] > nearby * highest_a ? 1 : 0;
    }
    std::vector<double> all;
    for (const auto row : log.rows) {
        if (std::isfinite(current[row])) all.push_back(current[row]);
    }
    // The end of a range lies well above what is drawn most of the time.
    constexpr double well_above = 1.5;
    if (highest_a < well_above * units::median(all)) return;
    // A coarse sensor stands by nature, at its highest reading as elsewhere; one that stands nowhere else does not.
    constexpr double coarse_share = 0.025;
    if (step_of(log, Channel::current_a) > coarse_share * highest_a && stands_below(log, highest_a)) return;
    if (at_top < saturated_times_next || at_top * 2 < below * saturated_times_next / 5) return;
    double together_s = 0.0;
    std::vector<Run> flat;
    for (const Run& run : runs_of(log, Channel::current_a)) {
        if (current[log.rows[run.first]] != highest_a || run.last - run.first < saturated_rows) continue;
        together_s += run.seconds;
        flat.push_back(run);
    }
    if (together_s < least_saturated_s) return;
    for (const Run& run : flat) {
        for (std::size_t i = run.first; i < run.last; ++i) add(SetAsideReason::saturated_sensor, i);
    }
    log.diagnostics.push_back({units::DiagnosticCode::sensor_saturated,
                               units::Severity::warning,
                               {{"current_a", highest_a}, {"saturated_s", together_s}}});
}

void list_counter_resets(const CleanLog& log, const Add& add) {
    const auto& counter = (*log.raw)[Channel::charge_ah];
    // From one reading to the next: what falls slowly is charge that comes back.
    double before_ah = -HUGE_VAL;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double here_ah = counter[log.rows[i]];
        if (!std::isfinite(here_ah)) continue;
        if (is_counter_reset(before_ah, here_ah)) add(SetAsideReason::counter_reset, i);
        before_ah = here_ah;
    }
}

void compare_heights(CleanLog& log, const Add& add) {
    const auto& baro = (*log.raw)[Channel::height_m];
    const auto& gps = (*log.raw)[Channel::gps_height_m];
    std::vector<double> apart;
    apart.reserve(log.rows.size());
    double least_m = HUGE_VAL;
    double most_m = -HUGE_VAL;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const auto row = log.rows[i];
        if (!log.position_ok[i] || !std::isfinite(baro[row]) || !std::isfinite(gps[row])) continue;
        apart.push_back(gps[row] - baro[row]);
        least_m = std::min(least_m, baro[row]);
        most_m = std::max(most_m, baro[row]);
    }
    if (apart.size() < 2) return;
    // The GPS counts from the sea, the barometer from home: only the change of their difference tells.
    const double usual_m = units::median(apart);
    const double allowed_m = std::max(heights_apart_m, heights_apart_share * (most_m - least_m));
    double worst_m = 0.0;
    std::size_t rows = 0;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const auto row = log.rows[i];
        const double off_m = std::abs(gps[row] - baro[row] - usual_m);
        if (!log.position_ok[i] || !(off_m > allowed_m)) continue;
        worst_m = std::max(worst_m, off_m);
        add(SetAsideReason::heights_disagree, i);
        ++rows;
    }
    // One wild fix says nothing of the barometer.
    if (rows * 100 > apart.size())
        log.diagnostics.push_back(
            {units::DiagnosticCode::heights_disagree, units::Severity::warning, {{"apart_m", worst_m}}});
}

} // namespace

void mark_sensor_faults(CleanLog& log, const Add& add) {
    constexpr std::array judged = {Channel::current_a,        Channel::voltage_v,    Channel::height_m,
                                   Channel::ground_speed_mps, Channel::airspeed_mps, Channel::heading_deg,
                                   Channel::course_deg};
    for (const Channel channel : judged) {
        if (log.raw->has(channel)) mark_stuck(log, channel, add);
    }
    if (log.raw->has(Channel::current_a)) list_saturated(log, add);
    if (log.raw->has(Channel::charge_ah)) list_counter_resets(log, add);
    if (log.raw->has(Channel::height_m) && log.raw->has(Channel::gps_height_m)) compare_heights(log, add);
}

} // namespace sobremesa::telemetry
