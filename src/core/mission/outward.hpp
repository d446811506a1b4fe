#pragma once

#include <vector>

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
};

/// @param conditions  with solutions for both ways
/// @param notices     gains `energy_short_for_climb`, `power_not_available`, `climb_not_possible` or
///                    `no_solution_out`; the result is then empty, or ends there
WayOut way_out(const PlanRequest& request, const FlightConditions& conditions, const Homeward& homeward,
               std::vector<units::Notice>& notices);

/// How much dearer the way home gets when the wind is off by one standard deviation, Wh per metre of way.
double wind_sd_wh_per_m(const PlanRequest& request, const FlightConditions& conditions);

/// Where a quantity that changes one way along the track takes a value, linear between the samples.
/// @return nothing when the track never reaches it
std::optional<OutwardPoint> first_crossing(const std::vector<OutwardPoint>& track,
                                           double (*quantity)(const OutwardPoint&), double value);

OutwardPoint between(const OutwardPoint& a, const OutwardPoint& b, double share);

/// As far as coming home from a point depends on it.
Station station_of(const OutwardPoint& point);

} // namespace sobremesa::mission
