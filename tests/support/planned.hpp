#pragma once

#include <algorithm>

#include <QtGlobal>

#include "core/mission/plan.hpp"

namespace sobremesa::tests {

/// The plan of a request that must be possible.
inline mission::Plan planned(const mission::PlanRequest& request) {
    auto plan = mission::make_plan(request);
    if (!plan) qFatal("the request was refused: %s", plan.error().where.field.c_str());
    return *plan;
}

inline bool notes(const mission::Plan& plan, units::NoticeCode code) {
    return std::any_of(plan.notices.begin(), plan.notices.end(), [&](const auto& n) { return n.code == code; });
}

} // namespace sobremesa::tests
