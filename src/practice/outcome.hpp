#pragma once

#include <optional>
#include <vector>

#include "core/mission/plan.hpp"
#include "sim/simulated_flight.hpp"

namespace sobremesa::practice {

/// One way of turning, flown on the same day.
struct TurnTried {
    double distance_m = 0.0;
    /// Down to the landing voltage, by what the pack really gave that day, Wh; negative: below it.
    double left_wh = 0.0;
    bool came_home = false;
};

struct RuleTried {
    mission::TurnRule rule = mission::TurnRule::energy_home;
    TurnTried turn;
};

/// What a practice flight came to, and what other decisions would have come to on that day.
struct Outcome {
    TurnTried flown;
    double reserve_wh = 0.0;
    bool kept_reserve() const { return flown.came_home && flown.left_wh >= reserve_wh; }
    /// The farthest turn that keeps the reserve; empty where none does.
    std::optional<TurnTried> best;
    /// Where each rule of the plan would have turned, earliest first.
    std::vector<RuleTried> rules;
};

/// Flies the day again for each rule, and for the best turn.
/// @param scenario  of the flight, as `scenario_of` made it
/// @param flown     how it really went
Outcome outcome_of(const mission::Plan& plan, const sim::Scenario& scenario, const sim::Truth& flown);

} // namespace sobremesa::practice
