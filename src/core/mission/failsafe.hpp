#pragma once

#include <optional>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// The aircraft's own return from the plan's turn, in the worst credible wind.
struct FailsafeOutcome {
    double height_m = 0.0;
    double airspeed_mps = 0.0;
    double power_w = 0.0;
    bool wind_allows = true;
    double time_s = 0.0;
    double energy_wh = 0.0;
    /// Above the pack's floor at home, Wh: a return that nobody steers may use the reserve.
    double left_wh = 0.0;
    bool gets_home = false;
    /// The farthest place of the way out from which it does; empty: from the plan's turn, or from nowhere.
    std::optional<OutwardPoint> nearest;
};

/// @return nothing where the plan has no turn or no failsafe is known
std::optional<FailsafeOutcome> failsafe_return(const Plan& plan);

} // namespace sobremesa::mission
