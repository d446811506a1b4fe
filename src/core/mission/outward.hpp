#pragma once

#include <vector>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// The way out as far as the pack goes: climb in bands, then level cruise until the landing voltage.
///
/// @param conditions  with solutions for both ways
/// @param notices     gains `energy_short_for_climb` or `power_not_available`; the result is then empty
std::vector<OutwardPoint> outward_track(const PlanRequest& request, const FlightConditions& conditions,
                                        const Homeward& homeward, std::vector<units::Notice>& notices);

/// Where a quantity that changes one way along the track takes a value, linear between the samples.
/// @return nothing when the track never reaches it
std::optional<OutwardPoint> first_crossing(const std::vector<OutwardPoint>& track,
                                           double (*quantity)(const OutwardPoint&), double value);

OutwardPoint between(const OutwardPoint& a, const OutwardPoint& b, double share);

} // namespace sobremesa::mission
