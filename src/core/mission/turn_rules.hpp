#pragma once

#include <optional>
#include <vector>

#include "core/mission/outward.hpp"

namespace sobremesa::mission {

/// Charge used at which a turn rule that counts charge turns, Ah; nothing for the turn rules that look homeward.
///
/// - share left: `(1 - share)` of the usable charge;
/// - 80 % rule: two fifths of the rated charge, half of the 80 % that the rule calls usable;
/// - charge count: half the charge that the pilot lands at;
/// - voltage: half the charge to the landing voltage; the pilot sees it as the volts shown there under cruise load.
/// Source: common practice.
std::optional<double> charge_to_turn_ah(TurnRule turn_rule, const PlanRequest& request,
                                        const FlightConditions& conditions);

/// A place of the way out as a turn rule's turn; whether it counts and is too late is for others to say.
RuleTurn turn_at_point(TurnRule turn_rule, const OutwardPoint& point, const Homeward& homeward);

/// Every turn rule's turn on one way out, sorted by distance; a turn rule that turns after *energy home* is
/// flagged.
/// @param all  also those that do not count
std::vector<RuleTurn> turn_rule_turns(const PlanRequest& request, const FlightConditions& conditions,
                                      const Homeward& homeward, const WayOut& out, bool all);

} // namespace sobremesa::mission
