#pragma once

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

// What a plan says by the way: each adds its diagnostics.

/// Without a flight yet: the wind, the landing voltage, the pack, height and power.
void judge_conditions(Plan& plan);
/// With its turn rules.
void judge_turn_rules(Plan& plan);
/// With its turn: the ground under the way, whether the mission is flown whole, the sink.
void judge_route(Plan& plan);

void add_diagnostic(Plan& plan, units::DiagnosticCode code, units::Severity severity,
                    std::vector<units::Parameter> parameters = {});

/// Over home there is no course, and no wind that forbids one.
bool goes_somewhere(const PlanRequest& request);

} // namespace sobremesa::mission
