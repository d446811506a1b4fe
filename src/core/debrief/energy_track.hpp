#pragma once

#include <optional>
#include <vector>

#include "core/telemetry/clean_log.hpp"

namespace sobremesa::debrief {

/// What a flight had used, against time and against the way over ground; for laying flights over each other.
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
