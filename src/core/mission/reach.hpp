#pragma once

#include <stop_token>
#include <vector>

#include "core/mission/flight_conditions.hpp"
#include "core/mission/parallel.hpp"

namespace sobremesa::mission {

/// How far one may fly out on a bearing and still come home with the reserve.
struct ReachPoint {
    double bearing_deg = 0.0;
    /// 0 where the wind or the pack allow nothing on this bearing.
    units::Estimate distance_m;
    geodesy::EastNorth at = {};
    /// One standard deviation nearer and farther: the edges of the line's band.
    geodesy::EastNorth inner = {};
    geodesy::EastNorth outer = {};
    /// It is the ground that ends it, not the energy.
    bool ended_by_terrain = false;
};

/// The closed line around home, bearings rising from north.
struct Reach {
    std::vector<ReachPoint> points;
    /// The bearing that reaches farthest, and the one that reaches least.
    std::size_t farthest = 0;
    std::size_t nearest = 0;
};

/// For every bearing the farthest turn of an out-and-back flight: climb on the bearing, level at mission height,
/// turn where what is left meets what the return needs with the reserve.
///
/// The pack is discharged once: at constant power its energy falls evenly with time, whatever the bearing. In still
/// air the line is a circle; a test holds it to 0.1 %.
/// @param bearings  at least 3
/// @error as `flight_conditions`; `cancelled`
units::Result<Reach> reach(const PlanRequest& request, int bearings = 180, const std::stop_token& stop = {});

/// The same in conditions that are known already.
/// @param parallel  what runs the bearings
Reach reach(const PlanRequest& request, const FlightConditions& conditions, int bearings,
            const std::stop_token& stop = {}, const Parallel& parallel = in_turn);

} // namespace sobremesa::mission
