#pragma once

#include "core/units/explanation_fwd.hpp"

namespace sobremesa::mission {

/// Where an input of a plan stands in its document, as error messages name it: the stable word for scripts. For
/// what a sensitivity nudges; empty for anything else.
const char* input_path(units::Quantity input);

} // namespace sobremesa::mission
