#pragma once

#include <optional>
#include <vector>

#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"
#include "core/units/sensitivity.hpp"

namespace sobremesa::units {

struct ExplainedInput {
    Quantity quantity;
    Estimate value;
    Origin origin = Origin::given;
};

/// The answer to "why?" for one number on screen.
struct Explanation {
    Quantity quantity;
    Estimate value;
    std::vector<ExplainedInput> inputs;
    Relation relation;
    Source source;
    std::vector<Sensitivity> sensitivities;
};

} // namespace sobremesa::units
