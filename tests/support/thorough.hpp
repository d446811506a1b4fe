#pragma once

#include <QtGlobal>

namespace sobremesa::tests {

/// How often a test tries something: few times in every run, as often as is promised where SOBREMESA_THOROUGH is
/// set
/// (`scripts/check thorough`, some minutes on two cores).
inline int tries(int every_run, int thorough) {
    return qEnvironmentVariableIsSet("SOBREMESA_THOROUGH") ? thorough : every_run;
}

} // namespace sobremesa::tests
