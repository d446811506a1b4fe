#pragma once

#include <string>

#include "core/geodesy/geodesic.hpp"
#include "core/units/error.hpp"

namespace sobremesa::cli {

/// A place as an option gives it: "LAT,LON" in degrees.
/// @param option  name of the option, for the message
/// @error  `position_impossible` where that is no place on earth
units::Result<geodesy::Position> position_from(const std::string& text, const char* option);

} // namespace sobremesa::cli
