// A recorder that starts before its receiver knows the date writes the wrong one until it does.

#include <algorithm>
#include <cmath>

#include "core/telemetry/clean_log.hpp"
#include "core/units/constants.hpp"
#include "core/units/median.hpp"

namespace sobremesa::telemetry {

namespace {

/// A clock is set by more than this, s: what is less may be a pause, or a recorder that starts again.
constexpr double least_set_s = 3600.0;
/// … but for a count that was full and begins at zero again (after 65 s where milliseconds have sixteen bits): it
/// goes back by the same amount again and again, by no less than this.
constexpr double least_full_s = 30.0;
/// Under way, m/s and A.
constexpr double under_way_mps = 3.0;
constexpr double drawing_a = 1.0;

/// Whether two rows can follow each other within a moment in flight: the same charge on the counter and a current
/// that is drawn, or nearly the same place at speed.
bool goes_on(const FlightLog& log, std::size_t before, std::size_t after, double step_s) {
    const auto value = [&](Channel channel, std::size_t row) {
        return log.has(channel) ? log[channel][row] : missing_value;
    };
    const double counted = value(Channel::charge_ah, after) - value(Channel::charge_ah, before);
    constexpr double most_counted_ah = 0.003;
    const bool drawing =
        value(Channel::current_a, before) > drawing_a && value(Channel::current_a, after) > drawing_a;
    if (drawing && counted >= 0.0 && counted <= most_counted_ah && value(Channel::charge_ah, before) > 0.0)
        return true;
    const double speed = value(Channel::ground_speed_mps, before);
    if (!(speed > under_way_mps) || !(value(Channel::ground_speed_mps, after) > under_way_mps)) return false;
    constexpr double metres_per_degree = 111320.0;
    const double latitude = value(Channel::latitude_deg, before);
    const double north = (value(Channel::latitude_deg, after) - latitude) * metres_per_degree;
    const double east =
        std::remainder(value(Channel::longitude_deg, after) - value(Channel::longitude_deg, before), 360.0) *
        metres_per_degree * std::cos(units::radians(latitude));
    const double moved_m = std::hypot(north, east);
    return moved_m > 0.0 && moved_m < 3.0 * speed * step_s + 5.0;
}

/// What a full count goes back by; infinite where the clock is none.
/// @param usual_s  between two rows
double full_count_s(const FlightLog& log, double usual_s) {
    const auto& time = log[Channel::time_s];
    std::vector<double> back;
    for (std::size_t i = 1; i < time.size(); ++i) {
        const double step = time[i] - time[i - 1];
        if (step < -least_full_s && step > -least_set_s && goes_on(log, i - 1, i, usual_s)) back.push_back(step);
    }
    if (back.size() < 2) return HUGE_VAL;
    const double full_s = units::median(back);
    const auto is_full = [&](double step) { return std::abs(step - full_s) <= 2.0 * usual_s; };
    bool same = std::all_of(back.begin(), back.end(), is_full);
    // A clock that runs behind for a while comes back by as much.
    for (std::size_t i = 1; i < time.size(); ++i) same = same && !is_full(time[i - 1] - time[i]);
    return same ? full_s : HUGE_VAL;
}

} // namespace

std::pair<std::shared_ptr<const FlightLog>, double> with_one_clock(const std::shared_ptr<const FlightLog>& log) {
    if (!log->has(Channel::time_s)) return {log, 0.0};
    const auto& time = (*log)[Channel::time_s];
    std::vector<double> steps;
    double most_back_s = 0.0;
    double most_forward_s = 0.0;
    for (std::size_t i = 1; i < time.size(); ++i) {
        const double step = time[i] - time[i - 1];
        if (!std::isfinite(step)) continue;
        most_back_s = std::max(most_back_s, -step);
        most_forward_s = std::max(most_forward_s, step);
        if (step > 0.0 && steps.size() < 2000) steps.push_back(step);
    }
    if ((most_back_s < least_full_s && most_forward_s < least_set_s) || steps.empty()) return {log, 0.0};
    const double usual_s = units::median(std::move(steps));
    const auto glitches = clock_glitches(time);
    const double full_s = full_count_s(*log, usual_s);
    // Rows before a setting are moved by all the settings behind them.
    std::shared_ptr<FlightLog> moved;
    double set_s = 0.0;
    for (std::size_t i = time.size(); i-- > 1;) {
        const double step = time[i] - time[i - 1];
        const bool set =
            std::abs(step) > least_set_s && !glitches[i] && !glitches[i - 1] && goes_on(*log, i - 1, i, usual_s);
        if (set || std::abs(step - full_s) <= 2.0 * usual_s) {
            if (!moved) moved = std::make_shared<FlightLog>(*log);
            set_s += step - usual_s;
        }
        if (moved) (*moved)[Channel::time_s][i - 1] = time[i - 1] + set_s;
    }
    if (!moved) return {log, 0.0};
    if (moved->start_clock_s) *moved->start_clock_s += set_s;
    auto& shifted = (*moved)[Channel::time_s];
    const double begin = *std::find_if(shifted.begin(), shifted.end(), [](double t) { return std::isfinite(t); });
    for (double& t : shifted) t -= begin;
    return {moved, set_s};
}

} // namespace sobremesa::telemetry
