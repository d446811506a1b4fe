#pragma once

#include "core/mission/plan_request.hpp"

namespace sobremesa::mission {

/// Where one turn rule turns, and what that means for coming home.
struct RuleTurn {
    TurnRule turn_rule = TurnRule::energy_home;
    double distance_m = 0.0;
    double time_s = 0.0;
    double charge_used_ah = 0.0;
    double energy_used_wh = 0.0;
    double cell_voltage_v = 0.0;
    /// Left at landing, Wh; negative when the pack would be empty before home.
    double landing_left_wh = 0.0;
    bool counted = false;
    /// Turns after the energy turn: would not come home with the reserve.
    bool too_late = false;
    /// False where this flight never meets the rule (then all of the above is unknown).
    bool reached = false;
    /// It asks for more than a full pack holds before anything is flown: there is no flight that keeps it.
    bool unmet_at_launch = false;
    /// It is the wind that ends it there: from farther out the worst credible one lets it home no more, whatever
    /// the pack holds.
    bool by_wind = false;
    geodesy::EastNorth at = {};
};

} // namespace sobremesa::mission
