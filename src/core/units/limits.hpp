#pragma once

#include <optional>
#include <span>

#include "core/units/error.hpp"

namespace sobremesa::units {

/// What a number from a document may be: anything outside is a slip of the pen, not an extreme aircraft.
struct Limit {
    const char* field;
    double value;
    double least;
    double most;
};

/// The first value outside its limits (a value that is no number is outside), as an error naming its field.
std::optional<Error> first_outside(std::span<const Limit> limits);

} // namespace sobremesa::units
