#pragma once

#include <cmath>
#include <vector>

#include "core/mission/homeward.hpp"
#include "core/mission/phases.hpp"
#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// The way out, phase after phase, until it ends or the pack is at its landing voltage: an open phase goes on that
/// far.
struct WayOut {
    std::vector<OutwardPoint> track;
    std::vector<FlightLeg> legs;
    /// All of it could be flown; never true of an open one.
    bool whole = false;
    /// It ended because the pack was at its landing voltage under that power.
    bool exhausted = false;
};

/// @param conditions  with solutions for both ways
/// @param coarse      fewer samples, where only the turn is wanted
/// @param notices     gains `energy_short_for_climb`, `power_not_available`, `climb_not_possible` or
///                    `no_solution_out`; the result is then empty, or ends there
WayOut way_out(const PlanRequest& request, const FlightConditions& conditions, const Homeward& homeward,
               std::vector<units::Notice>& notices, bool coarse = false);

/// How far to each side of its course an aircraft may be off, m (common practice, no source).
inline constexpr double off_course_m = 30.0;

/// Height above the highest ground that lies below a straight way, and within `off_course_m` of it.
struct ClearAlong {
    /// Infinite where nothing is known.
    double least_m = HUGE_VAL;
    geodesy::EastNorth at;
    /// Some of it lies outside the raster.
    bool unknown = false;
};
/// @param from_m, to_m        heights flown at its ends, above home, m
/// @param lowest_ground_m     ground lower than this above home does not count
ClearAlong clearance_along(const geodesy::Terrain& terrain, const geodesy::EastNorth& from,
                           const geodesy::EastNorth& to, double from_m, double to_m,
                           double lowest_ground_m = -HUGE_VAL);

/// Where a quantity that changes one way along the track takes a value, linear between the samples.
/// @return nothing when the track never reaches it
std::optional<OutwardPoint> first_crossing(const std::vector<OutwardPoint>& track,
                                           double (*quantity)(const OutwardPoint&), double value);

OutwardPoint between(const OutwardPoint& a, const OutwardPoint& b, double share);

/// The place of a track after a distance flown, its ends beyond them.
OutwardPoint point_at(const std::vector<OutwardPoint>& track, double distance_m);

/// The way out as far as a place, and the way home from there.
std::vector<FlightLeg> turned_legs(const FlightConditions& conditions, const Homeward& homeward,
                                   const std::vector<FlightLeg>& legs_out, const OutwardPoint& turn);
/// The same landing at that place.
std::vector<FlightLeg> landed_legs(const FlightConditions& conditions, const Homeward& homeward,
                                   const std::vector<FlightLeg>& legs_out, const OutwardPoint& end);

/// As far as coming home from a point depends on it.
Station station_of(const OutwardPoint& point);

} // namespace sobremesa::mission
