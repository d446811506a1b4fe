#pragma once

#include <optional>
#include <vector>

#include "core/telemetry/segments.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::telemetry {

/// Two straight ways flown in opposite directions: wind along them cancels.
struct OutAndBackPair {
    double out_start_s = 0.0;
    double home_start_s = 0.0;
    /// Energy of both over the way through the air that their ground speeds add up to, Wh/m.
    units::Estimate energy_wh_per_m;
};

/// What level flight takes in still air, as a log shows it. Includes whatever its current sensor's scale is off by.
struct StillAir {
    units::Estimate level_power_w;
    units::Estimate airspeed_mps;
    units::Estimate energy_wh_per_m;
    std::optional<units::Estimate> charge_ah_per_m;
    /// Way through the air in the whole flight, m.
    units::Estimate air_m;
    /// Energy over all of that way, climbs and lift in it, Wh/m.
    units::Estimate through_air_wh_per_m;
    /// What a metre a second of climb costs, W, where the flight climbed and sank enough to tell.
    std::optional<units::Estimate> climb_cost_w_per_mps;
    /// Level seconds that this rests on.
    double level_s = 0.0;
    /// Unsteadiness of the power in level flight, W: gusts and lift.
    double gust_power_sd_w = 0.0;
    std::optional<OutAndBackPair> pair;
};

/// Consumption in level flight through still air.
///
/// Power of the level and loitering moments, less what their slow climbs took (a line through power over climb of
/// the whole flight), averaged with Huber's weights; over the airspeed of the wind estimate. The sd holds the
/// power's slow wander (Newey & West over two minutes), the airspeed's, and lift: mean lift cannot be told from
/// level power within one flight, so a flight whose power wanders more than gusts explain says so by a wider sd.
/// @return nothing where airspeed or power are not known, or less than half a minute was level
std::optional<StillAir> still_air(const Motion& motion, const WindEstimate& wind,
                                  const std::vector<Segment>& segments);

/// Fills in the lift of each segment by its energy balance: climb rate less the power beyond level over what a
/// metre a second of climb costs. Only where the flight itself shows that cost.
void find_lift(std::vector<Segment>& segments, const Motion& motion, const StillAir& still);

/// The answers to "why?".
std::optional<units::Explanation> explain(const StillAir& still, units::Quantity quantity);

} // namespace sobremesa::telemetry
