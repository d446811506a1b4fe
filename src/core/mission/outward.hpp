#pragma once

#include <vector>

#include "core/mission/ground_below.hpp"
#include "core/mission/homeward.hpp"
#include "core/mission/outward_point.hpp"
#include "core/mission/phases.hpp"
#include "core/units/diagnostic.hpp"

namespace sobremesa::mission {

/// The outbound leg, phase after phase, until it ends or the pack is at its landing voltage: an open phase goes on
/// that far.
struct WayOut {
    std::vector<OutwardPoint> track;
    std::vector<FlightLeg> legs;
    /// All of it could be flown; never true of an open one.
    bool whole = false;
    /// It ended because the pack was at its landing voltage under that power.
    bool exhausted = false;
    /// It ended because the wind, grown since launch, let it go no farther.
    bool stopped = false;
};

/// @param conditions  with solutions for both ways
/// @param coarse      fewer samples, where only the turn is wanted
/// @param diagnostics    gains `energy_short_for_climb`, `power_not_available`, `climb_not_possible` or
///                    `no_solution_out` (with its place and time where it was not so from the start); the
///                    result is then empty, or ends there
WayOut way_out(const PlanRequest& request, const FlightConditions& conditions, const Homeward& homeward,
               std::vector<units::Diagnostic>& diagnostics, bool coarse = false);

/// Where a quantity that changes one way along the track takes a value, linear between the samples.
/// @return nothing when the track never reaches it
std::optional<OutwardPoint> first_crossing(const std::vector<OutwardPoint>& track,
                                           double (*quantity)(const OutwardPoint&), double value);

OutwardPoint between(const OutwardPoint& a, const OutwardPoint& b, double share);

/// The place of a track after a distance flown, its ends beyond them.
OutwardPoint point_at(const std::vector<OutwardPoint>& track, double distance_m);

/// A place between two samples as a sample of its own: what the return from there takes, not what runs straight
/// between theirs.
OutwardPoint looked_home(OutwardPoint point, const PlanRequest& request, const FlightConditions& conditions,
                         const Homeward& homeward);

/// The outbound leg as far as a place, and the return from there.
std::vector<FlightLeg> turned_legs(const FlightConditions& conditions, const Homeward& homeward,
                                   const std::vector<FlightLeg>& legs_out, const OutwardPoint& turn);
/// The same landing at that place.
std::vector<FlightLeg> landed_legs(const FlightConditions& conditions, const Homeward& homeward,
                                   const std::vector<FlightLeg>& legs_out, const OutwardPoint& end);

/// As far as coming home from a point depends on it.
ReturnState station_of(const OutwardPoint& point);

} // namespace sobremesa::mission
