#pragma once

#include <optional>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// How the aircraft's own return is flown, level.
struct FailsafeCruise {
    double airspeed_mps = 0.0;
    /// Out of the pack. On a throttle it is what that gives, whatever comes of it: beyond the speeds that are known
    /// the aircraft is taken to fly no faster than they go.
    units::Estimate power_w;
    /// On a throttle: what it gives, and what level flight takes at the least, W.
    struct Throttle {
        double given_w = 0.0;
        double least_w = 0.0;
    };
    std::optional<Throttle> throttle;
    /// Where nothing is known of what it draws at that airspeed: the nearest at which it is.
    std::optional<double> known_at_mps;

    /// Whether it stays up, as far as is known.
    bool flies() const { return !known_at_mps && !(throttle && throttle->given_w < throttle->least_w); }
};

/// @param request  with a failsafe
FailsafeCruise failsafe_cruise(const PlanRequest& request);

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
    /// False where its throttle does not keep it up, or nothing is known of what it draws at its airspeed: the
    /// figures above are then nothing.
    bool flies = false;
    /// The farthest place of the outbound leg from which it does; empty: from the plan's turn, or from nowhere.
    std::optional<OutwardPoint> nearest;
};

/// @return nothing where the plan has no turn or no failsafe is known
std::optional<FailsafeOutcome> failsafe_return(const Plan& plan);

} // namespace sobremesa::mission
