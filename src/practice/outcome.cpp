#include "practice/outcome.hpp"

#include <variant>

#include "core/mission/homeward.hpp"
#include "practice/plan_scenario.hpp"

namespace sobremesa::practice {

namespace {

TurnTried tried(const sim::Scenario& scenario, double distance_m, double usable_wh) {
    sim::Scenario again = scenario;
    again.mission.kind = sim::SimulatedMission::Kind::out_and_back;
    again.mission.distance_m = distance_m;
    const auto truth = sim::simulate(again).truth;
    return {truth.farthest_m, usable_wh - truth.energy_wh, truth.came_home};
}

double reserve_of(const mission::Plan& plan) {
    const mission::Homeward homeward(plan.request, plan.conditions);
    const double distance_m = plan.turn ? plan.turn->distance_m.value : 0.0;
    return homeward.reserve_wh(homeward.from(distance_m, plan.request.mission.height_m));
}

} // namespace

Outcome outcome_of(const mission::Plan& plan, const sim::Scenario& scenario, const sim::Truth& flown) {
    Outcome outcome;
    const double usable_wh = usable_of(plan, scenario);
    outcome.reserve_wh = reserve_of(plan);
    outcome.flown = {flown.farthest_m, usable_wh - flown.energy_wh, flown.came_home};
    if (!mission::goes_straight_out(plan.request.mission.kind)) return outcome;
    for (const auto& turn_rule : plan.turn_rules) {
        if (turn_rule.reached)
            outcome.rules.push_back({turn_rule.turn_rule, tried(scenario, turn_rule.distance_m, usable_wh)});
    }
    const auto keeps = [&](const TurnTried& turn) { return turn.came_home && turn.left_wh >= outcome.reserve_wh; };
    double low = 0.0;
    double high = plan.turn ? 3.0 * plan.turn->distance_m.value : flown.farthest_m;
    constexpr int halvings = 9;
    for (int i = 0; i < halvings; ++i) {
        const double middle = 0.5 * (low + high);
        const auto turn = tried(scenario, middle, usable_wh);
        if (keeps(turn)) outcome.best = turn;
        (keeps(turn) ? low : high) = middle;
    }
    return outcome;
}

} // namespace sobremesa::practice
