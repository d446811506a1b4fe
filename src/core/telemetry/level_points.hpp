#pragma once

#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"

namespace sobremesa::telemetry {

/// Level flight by airspeed: blocks of ten seconds of level or loitering flight, climbs taken off at their cost,
/// put together where their airspeeds are within 1 m/s of each other. Blocks, because a single second's airspeed is
/// mostly gust, and would flatten any curve drawn through it.
/// @return slowest first; nothing where wind or power are not known, or a speed was held for less than 20 s
std::vector<LevelPoint> level_points(const Motion& motion, const WindEstimate& wind,
                                     const std::vector<Segment>& segments,
                                     const std::optional<units::Estimate>& climb_cost_w_per_mps);

/// Every climb of a flight that lasted 15 s and rose at 0.5 m/s or more, with the mean power it took. The air's own
/// rising and sinking is an error of the climb rate: ± 0.25 m/s (common practice, no source), less the longer the
/// climb.
std::vector<ClimbPoint> climb_points(const Motion& motion, const WindEstimate& wind,
                                     const std::vector<Segment>& segments);

/// Puts what a flight teaches into its summary, where the logbook keeps it.
void complete(LogSummary& summary, const Findings& findings);

} // namespace sobremesa::telemetry
