#pragma once

#include <cmath>
#include <memory>

#include "core/geodesy/geodesic.hpp"
#include "core/telemetry/flight_log.hpp"

namespace sobremesa::tests {

inline constexpr geodesy::Position made_home{39.4, -31.4};

/// A log that is all arithmetic: straight out at 10 m/s and back, 5 A at 16 V, one row a second, noise-free.
inline telemetry::FlightLog made_log(int rows = 601) {
    using telemetry::Channel;
    telemetry::FlightLog log;
    log.name = "made.csv";
    for (int i = 0; i < rows; ++i) {
        const double out_m = 10.0 * std::min(i, rows - 1 - i);
        const auto place = geodesy::destination(made_home, 250.0, out_m);
        log[Channel::time_s].push_back(i);
        log[Channel::latitude_deg].push_back(place->latitude_deg);
        log[Channel::longitude_deg].push_back(place->longitude_deg);
        log[Channel::ground_speed_mps].push_back(10.0);
        log[Channel::voltage_v].push_back(16.0);
        log[Channel::current_a].push_back(5.0);
        log[Channel::charge_ah].push_back(5.0 * i / 3600.0);
        log.lines.push_back(std::uint32_t(i + 2));
    }
    log.rows_met = std::size_t(rows);
    return log;
}

inline std::shared_ptr<const telemetry::FlightLog> shared(telemetry::FlightLog log) {
    return std::make_shared<const telemetry::FlightLog>(std::move(log));
}

} // namespace sobremesa::tests
