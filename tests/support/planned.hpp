#pragma once

#include <algorithm>

#include <QtGlobal>

#include "core/mission/make_plan.hpp"

namespace sobremesa::tests {

/// The plan of a request that must be possible.
inline mission::Plan planned(const mission::PlanRequest& request) {
    auto plan = mission::make_plan(request);
    if (!plan) qFatal("the request was refused: %s", plan.error().where.field.c_str());
    return *plan;
}

/// As textbooks and brute force fly: turned on the spot, and down where the descent ends.
inline mission::PlanRequest by_the_book(mission::PlanRequest request) {
    request.mission.turn_bank_deg.reset();
    request.mission.landing_height_m = 0.0;
    return request;
}

inline bool notes(const mission::Plan& plan, units::DiagnosticCode code) {
    return std::any_of(plan.diagnostics.begin(), plan.diagnostics.end(),
                       [&](const auto& n) { return n.code == code; });
}

} // namespace sobremesa::tests
