#pragma once

#include <iosfwd>
#include <vector>

#include "core/units/error.hpp"
#include "core/units/notice.hpp"

namespace sobremesa::cli {

/// Says in one line what is wrong with the input. @return the exit status for it
int unusable(const units::Error& error, std::ostream& err);

/// One line for each notice.
void say(const std::vector<units::Notice>& notices, std::ostream& err);

} // namespace sobremesa::cli
