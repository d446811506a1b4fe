#pragma once

#include <optional>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// Why a number of the plan is what it is: inputs, relation, source, and for the turn what moves it most.
/// @return nothing where the plan does not have this number (no turn, say)
std::optional<units::Explanation> explain(const Plan& plan, units::Quantity quantity);

/// The same for the turn of one turn rule.
std::optional<units::Explanation> explain_turn_rule(const Plan& plan, const RuleTurn& turn,
                                                    units::Quantity quantity);

} // namespace sobremesa::mission
