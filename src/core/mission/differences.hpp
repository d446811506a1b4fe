#pragma once

#include <vector>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// One line of two plans side by side.
struct Difference {
    units::Quantity quantity;
    units::Estimate one;
    units::Estimate other;
    /// Worked out by the program, rather than given.
    bool computed = false;
};

/// What two plans were given differently, and what comes of it; the results always, in a fixed order.
std::vector<Difference> differences(const Plan& one, const Plan& other);

} // namespace sobremesa::mission
