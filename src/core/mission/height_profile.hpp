#pragma once

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

/// The flight from the side, as finely as the ground is known.
/// @return empty without a turn
std::vector<ProfilePoint> height_profile(const Plan& plan);

} // namespace sobremesa::mission
