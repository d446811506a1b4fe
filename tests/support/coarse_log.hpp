#pragma once

#include <cmath>

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::tests {

/// What a radio rounds a reading to.
struct SensorStep {
    telemetry::Channel channel;
    double step;
};
inline constexpr SensorStep sensor_steps[] = {
    {telemetry::Channel::voltage_v, 0.1},    {telemetry::Channel::current_a, 0.1},
    {telemetry::Channel::charge_ah, 0.001},  {telemetry::Channel::height_m, 1.0},
    {telemetry::Channel::gps_height_m, 1.0}, {telemetry::Channel::ground_speed_mps, 0.1},
    {telemetry::Channel::course_deg, 1.0},   {telemetry::Channel::airspeed_mps, 0.1},
    {telemetry::Channel::heading_deg, 1.0},  {telemetry::Channel::climb_mps, 0.1}};
inline constexpr double coarse_rates_hz[] = {0.2, 1.0, 5.0, 50.0};

/// The log at so many rows a second: between its rows straight lines, then rounded to the steps of the sensors.
inline telemetry::FlightLog coarse_log(const telemetry::FlightLog& log, double rate_hz) {
    const auto& time = log[telemetry::Channel::time_s];
    telemetry::FlightLog result;
    result.name = log.name;
    std::size_t at = 0;
    for (double t = time.front(); t <= time.back(); t += 1.0 / rate_hz) {
        while (at + 2 < time.size() && time[at + 1] < t) ++at;
        const double share = (t - time[at]) / (time[at + 1] - time[at]);
        for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
            const auto& column = log.columns[c];
            if (column.empty()) continue;
            const bool angle = telemetry::Channel(c) == telemetry::Channel::course_deg ||
                               telemetry::Channel(c) == telemetry::Channel::heading_deg;
            const double change =
                angle ? std::remainder(column[at + 1] - column[at], 360.0) : column[at + 1] - column[at];
            result.columns[c].push_back(column[at] + share * change);
        }
        result.lines.push_back(std::uint32_t(result.lines.size() + 2));
    }
    for (const SensorStep& s : sensor_steps) {
        for (double& value : result[s.channel]) value = std::round(value / s.step) * s.step;
    }
    result.rows_met = result.lines.size();
    return result;
}

} // namespace sobremesa::tests
