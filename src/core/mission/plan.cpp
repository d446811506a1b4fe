#include "core/mission/plan.hpp"

#include <algorithm>
#include <cmath>

#include "core/mission/outward.hpp"
#include "core/mission/phases.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::mission {

bool stays(const PlanRequest& request) {
    const auto list = phases(request);
    return list.back().kind == PhaseKind::loiter && list.back().open;
}

units::Quantity turn_is_felt_in(const PlanRequest& request) {
    return stays(request) ? units::Quantity::turn_time : units::Quantity::turn_distance;
}

std::vector<FlightLeg> flight_legs(const Plan& plan, double turn_distance_m) {
    const OutwardPoint turn = outward_at(plan, turn_distance_m);
    // Turned before its end, a one-way flight too goes home.
    constexpr double same_place_m = 1.0;
    const bool lands_there = !comes_home(plan.request.mission.kind) && plan.turn && plan.turn->at_end_of_mission &&
                             turn_distance_m > plan.turn->distance_m.value - same_place_m;
    const Homeward homeward(plan.request, plan.conditions);
    return lands_there ? landed_legs(plan.conditions, homeward, plan.legs_out, turn)
                       : turned_legs(plan.conditions, homeward, plan.legs_out, turn);
}

OutwardPoint outward_at(const Plan& plan, double distance_m) {
    return point_at(plan.outward, distance_m);
}

std::vector<geodesy::EastNorth> way_between(const Plan& plan, double from_m, double to_m) {
    std::vector<geodesy::EastNorth> line = {outward_at(plan, from_m).at};
    for (const OutwardPoint& point : plan.outward) {
        if (point.distance_m > from_m && point.distance_m < to_m) line.push_back(point.at);
    }
    line.push_back(outward_at(plan, to_m).at);
    return line;
}

} // namespace sobremesa::mission
