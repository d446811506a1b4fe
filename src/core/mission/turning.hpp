#pragma once

#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// Turning onto another course at a place: flown over the place, then round with a steady bank φ.
///
/// The circle has r = V²/(g·tan φ) and asks for n = 1/cos φ times the lift, which is what mass does (Anderson,
/// *Introduction to Flight*, ch. 6). An arc of θ is r·θ long, of which r·sin θ leads along the new course; the
/// wind's drift during the arc is left out.
struct Turning {
    /// 0: turns cost nothing.
    double radius_m = 0.0;
    double airspeed_mps = 0.0;
    double level_w = 0.0;
    double banked_w = 0.0;

    /// Time at `banked_w` whose energy is what the turn costs beyond flying straight through, s.
    /// @param turn_deg  either way round, −180 … 180
    double seconds(double turn_deg) const;
};

/// @param level_w  of level flight at that airspeed, W
Turning turning(const PlanRequest& request, double airspeed_mps, double density_kgm3, double level_w);

/// Turns shallower than this are none, degrees.
inline constexpr double least_turn_deg = 1.0;

} // namespace sobremesa::mission
