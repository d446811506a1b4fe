#pragma once

#include "core/units/explanation_fwd.hpp"

namespace sobremesa::units {

/// How far the explained number moves when one input moves by a step that a pilot would think in.
struct Sensitivity {
    Quantity input;
    /// Step of the input, SI; for energies and powers a fraction of the value where `relative` is set.
    double step = 0.0;
    bool relative = false;
    /// Change of the explained number for that step, SI.
    double change = 0.0;
};

} // namespace sobremesa::units
