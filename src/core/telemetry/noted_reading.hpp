#pragma once

#include <cstddef>
#include <optional>

namespace sobremesa::telemetry {

/// What a pilot read off a screen at one moment of a flight and wrote down. Only what was read.
struct NotedReading {
    std::optional<double> time_s; ///< armed, or in the air
    std::optional<double> charge_ah;
    std::optional<double> voltage_v; ///< of the pack, under its load
    std::optional<double> current_a;
    std::optional<double> ground_m; ///< distance flown by then
    friend bool operator==(const NotedReading&, const NotedReading&) = default;
};
/// A screen is read so often in a flight that is flown.
inline constexpr std::size_t most_noted_readings = 20;

} // namespace sobremesa::telemetry
