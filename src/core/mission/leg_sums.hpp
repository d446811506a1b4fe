#pragma once

#include <vector>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// Pieces of a flight put together as a pilot names them.
struct LegSum {
    int group = 0;
    bool homeward = false;
    PhaseKind kind = PhaseKind::leg; ///< of its first piece
    double ground_m = 0.0;
    double duration_s = 0.0;
    double energy_wh = 0.0;
    double airspeed_mps = 0.0; ///< the fastest of its pieces; 0 in circles
    /// Used from launch to its end, Wh and Ah.
    double used_wh = 0.0;
    double used_ah = 0.0;
    std::vector<geodesy::EastNorth> points;

    /// Over ground, m/s; 0 where it goes nowhere.
    double ground_mps() const { return ground_m > 1.0 && duration_s > 0.0 ? ground_m / duration_s : 0.0; }
};

/// The planned flight, leg by leg.
/// @param by_kind  a climb at the beginning of a leg is kept apart from its level part
/// @return empty without a flight
std::vector<LegSum> leg_sums(const Plan& plan, bool by_kind);

} // namespace sobremesa::mission
