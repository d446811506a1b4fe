#pragma once

#include <optional>
#include <vector>

#include "core/mission/outward.hpp"
#include "core/mission/rule_turn.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::mission {

/// Charge used at which a turn rule that counts charge turns, Ah; nothing for the turn rules that look homeward.
///
/// - share left: `(1 - share)` of the usable charge;
/// - 80 % rule: 40 % of the rated charge, half of the 80 % that the rule calls usable; of a pack that was not
///   full at launch, half of what is above the last fifth;
/// - charge count: half the charge that the pilot lands at;
/// - voltage: half the charge to the landing voltage; the pilot sees it as the volts shown there under cruise load.
/// Source: common practice.
std::optional<double> charge_to_turn_ah(TurnRule turn_rule, const PlanRequest& request,
                                        const FlightConditions& conditions);

/// How a rule's turn is worked out, for its explanation.
struct TurnRuleRecipe {
    units::Relation relation;
    units::Source source;
    std::vector<units::Quantity> inputs;
};
TurnRuleRecipe recipe_of(TurnRule turn_rule);

/// With so much of the pack's energy in hand beyond the reserve, a turn that has no return behind it is the
/// wind's; with less, the pack has as good as ended it too.
inline constexpr double to_spare_by_wind = 0.01;

/// A place of the outbound leg as a turn rule's turn; whether it counts and is too late is for others to say.
RuleTurn turn_at_point(TurnRule turn_rule, const OutwardPoint& point, const Homeward& homeward);

/// Every turn rule's turn on one outbound leg, sorted by distance; one that turns after *energy home*, where it no
/// longer gets home with the reserve, is flagged.
/// @param all  also those that do not count
std::vector<RuleTurn> turn_rule_turns(const PlanRequest& request, const FlightConditions& conditions,
                                      const Homeward& homeward, const WayOut& out, bool all);

/// Whether a rule that counts cannot be kept at all.
bool is_unmet(const std::vector<RuleTurn>& turn_rules);

/// The counted rule that turns first; none where one of them cannot be kept at all.
/// @param turn_rules  by distance, as `turn_rule_turns` gives them
const RuleTurn* binding(const std::vector<RuleTurn>& turn_rules);

} // namespace sobremesa::mission
