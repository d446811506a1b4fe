// A recorder that starts before its receiver knows the date writes the wrong one until it does.

#include <algorithm>
#include <cmath>

#include "core/telemetry/clean_log.hpp"
#include "core/units/constants.hpp"
#include "core/units/median.hpp"

namespace sobremesa::telemetry {

namespace {

/// A clock is set forward by more than this, s: what is less may be a pause.
constexpr double least_forward_s = 3600.0;
/// … and back by more than this: a count that is full begins at zero again (65 s where milliseconds have sixteen
/// bits), and a recorder that starts again loses more than a moment.
constexpr double least_back_s = 30.0;
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

bool is_jump(double step_s) {
    return step_s > least_forward_s || step_s < -least_back_s;
}

/// A clock that has gone back at a row stays back: a row that is late by itself is one row.
bool stays_back(const std::vector<double>& time, std::size_t row) {
    constexpr std::size_t rows = 5;
    const std::size_t end = std::min(time.size(), row + rows);
    return std::none_of(time.begin() + std::ptrdiff_t(row), time.begin() + std::ptrdiff_t(end),
                        [&](double t) { return t >= time[row - 1]; });
}

} // namespace

std::pair<std::shared_ptr<const FlightLog>, double> with_one_clock(const std::shared_ptr<const FlightLog>& log) {
    if (!log->has(Channel::time_s)) return {log, 0.0};
    const auto& time = (*log)[Channel::time_s];
    std::vector<double> steps;
    bool jumps = false;
    for (std::size_t i = 1; i < time.size(); ++i) {
        const double step = time[i] - time[i - 1];
        if (!std::isfinite(step)) continue;
        jumps = jumps || is_jump(step);
        if (step > 0.0 && steps.size() < 2000) steps.push_back(step);
    }
    if (!jumps || steps.empty()) return {log, 0.0};
    const double usual_s = units::median(std::move(steps));
    const auto glitches = clock_glitches(time);
    const auto is_setting = [&](std::size_t i) {
        return is_jump(time[i] - time[i - 1]) && !glitches[i] && !glitches[i - 1] &&
               (time[i] > time[i - 1] || stays_back(time, i)) && goes_on(*log, i - 1, i, usual_s);
    };
    // What a count has gone back by more than once in flight, it also goes back by on the ground.
    std::vector<double> back;
    for (std::size_t i = 1; i < time.size(); ++i) {
        if (time[i] < time[i - 1] && is_setting(i)) back.push_back(time[i] - time[i - 1]);
    }
    const double full_s = back.size() > 1 ? units::median(back) : HUGE_VAL;
    // Rows before a setting are moved by all the settings behind them.
    std::shared_ptr<FlightLog> moved;
    double set_s = 0.0;
    for (std::size_t i = time.size(); i-- > 1;) {
        const double step = time[i] - time[i - 1];
        if (is_setting(i) || std::abs(step - full_s) <= 2.0 * usual_s) {
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
