#pragma once

#include <optional>
#include <vector>

#include "core/telemetry/clean_log.hpp"
#include "core/telemetry/noted_reading.hpp"

namespace sobremesa::debrief {

/// What a flight had used, against time and against ground distance; for laying flights over each other.
struct EnergyTrack {
    /// From the first reading on, rising.
    std::vector<double> time_s;
    /// Never falling; empty where the log has no positions.
    std::vector<double> ground_m;
    std::vector<double> energy_wh;
};

/// Energy as `flown_rows` counts it, way as the summary measures it.
/// @param most_points  so many readings are kept at the most, the last among them
/// @return empty where the log lacks volts or current
EnergyTrack energy_track(const telemetry::CleanLog& log, std::size_t most_points = 800);

/// The same of a flight that left no log, from what was read off the screen on the way: each reading that has time
/// and charge, the beginning before them and, where it is known, the landing behind. Between two of them the charge
/// was given at the mean of their volts, or at the usual ones where none were read.
/// @param landed   what is known of the whole flight: time, charge, distance
/// @param usual_v  of the pack under a usual load
/// @return empty without any such reading; without distances where one of them lacks it
EnergyTrack energy_track(const std::vector<telemetry::NotedReading>& readings,
                         const telemetry::NotedReading& landed, double usual_v);

/// Against what flights are laid over each other.
enum class TrackAxis { distance, time };

/// Energy used up to there, Wh: between two readings on the straight line.
/// @param at  m or s
/// @return nothing beyond the flight's end, or without positions
std::optional<double> energy_at(const EnergyTrack& track, TrackAxis axis, double at);

/// Where the shortest of the flights ends, m or s: as far as all can be compared. 0 without one.
double common_end(const std::vector<const EnergyTrack*>& tracks, TrackAxis axis);

/// The flights, by their places in the list, that have used least and most at the common end.
struct EnergySpread {
    double at = 0.0; ///< the common end, m or s
    std::size_t least = 0;
    std::size_t most = 0;
    double least_wh = 0.0;
    double most_wh = 0.0;
};
/// @return nothing with fewer than two flights, or without a common part
std::optional<EnergySpread> energy_spread(const std::vector<const EnergyTrack*>& tracks, TrackAxis axis);

} // namespace sobremesa::debrief
