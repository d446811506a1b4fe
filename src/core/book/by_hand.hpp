#pragma once

#include <optional>
#include <vector>

#include "core/battery/pack.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/noted_reading.hpp"

namespace sobremesa::book {

/// What a pilot knows of a flight that left no log: off the screen, the charger, a notebook. Only what is known.
struct HandFigures {
    std::optional<double> duration_s; ///< armed
    std::optional<double> charge_ah;  ///< as the on-screen display or the radio counted it
    std::optional<double> highest_current_a;
    std::optional<double> ground_m;
    std::optional<double> farthest_m;
    std::optional<double> highest_speed_mps; ///< over ground
    std::optional<double> lowest_voltage_v;  ///< of the pack
    std::optional<double> wind_mps;          ///< as felt
    /// On the way, at most `telemetry::most_noted_readings`.
    std::vector<telemetry::NotedReading> readings = {};
    friend bool operator==(const HandFigures&, const HandFigures&) = default;
};

/// Under a usual cruise, of the whole pack, mean over its charge, V.
double usual_voltage_v(const battery::Pack& pack);

/// The figures as a log's would be, with wide errors: 7 % of a counter's charge, 3 % of a distance read off a
/// screen. Energy is charge at the volts that a pack of that chemistry usually gives it at, with 4 % more.
/// @param recharged_ah  what the charger put back: the charge, where nothing counted it
telemetry::LogSummary summary_by_hand(const HandFigures& hand, const battery::Pack& pack,
                                      const std::optional<double>& recharged_ah);

} // namespace sobremesa::book
