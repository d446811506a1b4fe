#include "core/mission/schools.hpp"

#include <algorithm>

namespace sobremesa::mission {

namespace {

constexpr double eighty_percent = 0.8;
/// Two turns closer than this are one place: no pilot turns to the metre.
constexpr double same_place_m = 0.5;

double spare_of(const OutwardPoint& point) {
    return point.spare_wh();
}
double charge_of(const OutwardPoint& point) {
    return point.charge_used_ah;
}

std::optional<OutwardPoint> turn_point(School school, const PlanRequest& request,
                                       const FlightConditions& conditions, const std::vector<OutwardPoint>& track) {
    if (const auto charge_ah = charge_to_turn_ah(school, request, conditions)) {
        return first_crossing(track, charge_of, *charge_ah);
    }
    if (school == School::energy_home) return first_crossing(track, spare_of, 0.0);
    return std::nullopt;
}

} // namespace

std::optional<double> charge_to_turn_ah(School school, const PlanRequest& request,
                                        const FlightConditions& conditions) {
    switch (school) {
    case School::share_left: return (1.0 - request.turn.share_left) * conditions.usable_charge_ah();
    case School::eighty_percent: return 0.5 * eighty_percent * battery::rated_charge_ah(request.pack);
    case School::charge_count: return 0.5 * request.turn.landing_charge_ah.value_or(conditions.usable_charge_ah());
    case School::voltage: return 0.5 * conditions.usable_charge_ah();
    case School::energy_home:
    case School::chance: break;
    }
    return std::nullopt;
}

SchoolTurn turn_at_point(School school, const OutwardPoint& point, const FlightConditions& conditions,
                         const Homeward& homeward) {
    SchoolTurn turn;
    turn.school = school;
    turn.reached = true;
    turn.distance_m = point.distance_m;
    turn.time_s = point.time_s;
    turn.charge_used_ah = point.charge_used_ah;
    turn.energy_used_wh = conditions.usable_energy_wh() - point.left_wh;
    turn.cell_voltage_v = point.cell_voltage_v;
    turn.landing_left_wh = point.left_wh - homeward.from(station_of(point)).energy_wh;
    turn.at = point.at;
    return turn;
}

std::vector<SchoolTurn> school_turns(const PlanRequest& request, const FlightConditions& conditions,
                                     const Homeward& homeward, const std::vector<OutwardPoint>& track) {
    std::vector<SchoolTurn> turns;
    const auto& counted = request.turn.counted;
    for (const School school : deterministic_schools()) {
        SchoolTurn turn;
        turn.school = school;
        if (const auto point = turn_point(school, request, conditions, track))
            turn = turn_at_point(school, *point, conditions, homeward);
        turn.counted = std::find(counted.begin(), counted.end(), school) != counted.end();
        turns.push_back(turn);
    }
    const SchoolTurn energy = turns.front();
    for (SchoolTurn& turn : turns) {
        turn.too_late = turn.reached && (!energy.reached || turn.distance_m > energy.distance_m + same_place_m);
    }
    std::stable_sort(turns.begin(), turns.end(), [](const SchoolTurn& a, const SchoolTurn& b) {
        if (a.reached != b.reached) return a.reached;
        return a.reached && a.distance_m < b.distance_m;
    });
    return turns;
}

} // namespace sobremesa::mission
