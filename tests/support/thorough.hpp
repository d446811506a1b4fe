#pragma once

#include <QtGlobal>

#include <algorithm>

#include "support/sanitized.hpp"

namespace sobremesa::tests {

/// Few in every run, as many as is promised where SOBREMESA_THOROUGH is set (`scripts/check thorough`, some minutes
/// on two cores).
template <typename T>
T as_thorough(T every_run, T thorough) {
    return qEnvironmentVariableIsSet("SOBREMESA_THOROUGH") ? thorough : every_run;
}

/// How many cases a test tries. A sanitizer looks for what the code does to memory, which a quarter of them shows;
/// the figures are looked at in every other run.
inline int tries(int every_run, int thorough) {
    return as_thorough(sanitized ? std::max(every_run / 4, 1) : every_run, thorough);
}

} // namespace sobremesa::tests
