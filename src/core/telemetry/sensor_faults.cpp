#include "core/telemetry/sensor_faults.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <string>

#include "core/units/median.hpp"

namespace sobremesa::telemetry {

namespace {

using Add = std::function<void(SetAsideReason, std::size_t)>;

constexpr double stuck_s = 30.0;
constexpr double stuck_times_long = 5.0;
/// Above this ground speed the aircraft flies, m/s.
constexpr double flying_mps = 3.0;

constexpr std::size_t saturated_rows = 3;
constexpr std::size_t saturated_times_next = 10;
constexpr double least_saturated_s = 2.0;

constexpr double counter_falls_ah = 0.005;

constexpr double heights_apart_m = 15.0;
constexpr double heights_apart_share = 0.1;

/// Rows [first, last) of one value.
struct Run {
    std::size_t first = 0;
    std::size_t last = 0;
    double seconds = 0.0;
};

std::vector<Run> runs_of(const CleanLog& log, Channel channel) {
    std::vector<Run> runs;
    const auto& column = (*log.raw)[channel];
    for (std::size_t i = 0; i < log.rows.size();) {
        const double here = column[log.rows[i]];
        std::size_t j = i + 1;
        while (j < log.rows.size() && column[log.rows[j]] == here) ++j;
        if (std::isfinite(here)) runs.push_back({i, j, log.time_s(j - 1) - log.time_s(i)});
        i = j;
    }
    return runs;
}

/// Whether anything else shows that the flight went on: ground speed above walking, or a current that changes.
bool flight_goes_on(const CleanLog& log, const Run& run, Channel but) {
    const auto& speed = (*log.raw)[Channel::ground_speed_mps];
    if (but != Channel::ground_speed_mps && !speed.empty()) {
        std::size_t fast = 0;
        for (std::size_t i = run.first; i < run.last; ++i) fast += speed[log.rows[i]] > flying_mps ? 1 : 0;
        return 2 * fast > run.last - run.first;
    }
    const auto& current = (*log.raw)[Channel::current_a];
    if (but == Channel::current_a || current.empty()) return false;
    std::size_t changes = 0;
    for (std::size_t i = run.first + 1; i < run.last; ++i)
        changes += current[log.rows[i]] != current[log.rows[i - 1]] ? 1 : 0;
    return 4 * changes > run.last - run.first;
}

/// Whether a sensor's readings go up and down as those of real sensors do; one that only climbs and sinks smoothly
/// may well stand still in between.
bool is_noisy(const std::vector<Run>& runs, const std::vector<double>& column, const CleanLog& log) {
    constexpr double least_share = 0.2;
    std::size_t turns = 0;
    for (std::size_t i = 2; i < runs.size(); ++i) {
        const double before = column[log.rows[runs[i - 1].first]] - column[log.rows[runs[i - 2].first]];
        const double after = column[log.rows[runs[i].first]] - column[log.rows[runs[i - 1].first]];
        turns += before * after < 0.0 ? 1 : 0;
    }
    return double(turns) > least_share * double(runs.size());
}

void mark_stuck(CleanLog& log, Channel channel, const Add& add) {
    const std::vector<Run> runs = runs_of(log, channel);
    // A column of one value is a setting, not a sensor that stuck.
    if (runs.size() < 3) return;
    std::vector<double> lengths;
    lengths.reserve(runs.size());
    for (const Run& run : runs) lengths.push_back(run.seconds);
    // Coarse steps in steady flight last long by nature: what this sensor holds one time in twenty is no fault.
    const auto long_one = lengths.begin() + std::ptrdiff_t(0.95 * double(lengths.size() - 1));
    std::nth_element(lengths.begin(), long_one, lengths.end());
    const double least_s = std::max(stuck_s, stuck_times_long * *long_one);
    const auto& column = (*log.raw)[channel];
    if (!is_noisy(runs, column, log)) return;
    double together_s = 0.0;
    for (const Run& run : runs) {
        if (run.seconds < least_s || !flight_goes_on(log, run, channel)) continue;
        // Standing on the ground is no fault either.
        if (channel == Channel::ground_speed_mps && column[log.rows[run.first]] < flying_mps) continue;
        together_s += run.seconds;
        if (log.doubtful.empty()) log.doubtful.assign(log.rows.size(), 0);
        // The first reading of the run was still a true one.
        for (std::size_t i = run.first + 1; i < run.last; ++i) {
            log.doubtful[i] |= doubt_bit(channel);
            add(SetAsideReason::stuck_sensor, i);
        }
    }
    if (together_s > 0.0) {
        log.notices.push_back({units::NoticeCode::sensor_stuck,
                               units::Severity::warning,
                               {{"channel", std::string(channel_word(channel))}, {"stuck_s", together_s}}});
    }
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
    log.notices.push_back({units::NoticeCode::sensor_saturated,
                           units::Severity::warning,
                           {{"current_a", highest_a}, {"saturated_s", together_s}}});
}

void list_counter_resets(const CleanLog& log, const Add& add) {
    const auto& counter = (*log.raw)[Channel::charge_ah];
    double last_ah = -HUGE_VAL;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double here_ah = counter[log.rows[i]];
        if (!std::isfinite(here_ah)) continue;
        if (here_ah < last_ah - counter_falls_ah) add(SetAsideReason::counter_reset, i);
        last_ah = here_ah;
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
        log.notices.push_back(
            {units::NoticeCode::heights_disagree, units::Severity::warning, {{"apart_m", worst_m}}});
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
