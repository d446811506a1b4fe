#pragma once

#include <cstddef>
#include <optional>
#include <vector>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// One place of the whole flight, out to the turn and home, seen from the side.
struct ProfilePoint {
    /// Flown since launch, over ground, m.
    double distance_m = 0.0;
    /// Above home, m.
    double height_m = 0.0;
    /// Ground above home, m; NaN where it is not known.
    double ground_m = 0.0;
    bool homeward = false;
};

/// Where a height that the pilot chose is flown: that of a waypoint, or the mission's.
struct ChosenHeight {
    /// Flown since launch, m.
    double distance_m = 0.0;
    /// Above home, m.
    double height_m = 0.0;
    /// Of `Mission::waypoints`; empty: the mission's own.
    std::optional<std::size_t> waypoint;
};

/// Of the waypoints that are flown over before the turn; where there are none, the mission's height halfway along
/// the outbound leg.
std::vector<ChosenHeight> chosen_heights(const Plan& plan);

/// The flight from the side, as finely as the ground is known.
/// @return empty without a turn
std::vector<ProfilePoint> height_profile(const Plan& plan);

} // namespace sobremesa::mission
