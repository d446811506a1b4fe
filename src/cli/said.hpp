#pragma once

#include <iosfwd>
#include <vector>

#include "core/units/diagnostic.hpp"
#include "core/units/error.hpp"

namespace sobremesa::cli {

/// Says in one line what is wrong with the input. @return the exit status for it
int unusable(const units::Error& error, std::ostream& err);

/// One line for each diagnostic.
void say(const std::vector<units::Diagnostic>& diagnostics, std::ostream& err);

} // namespace sobremesa::cli
