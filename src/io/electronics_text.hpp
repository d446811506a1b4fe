#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/airframe/aircraft.hpp"

namespace sobremesa::io {

/// Parts, their watts and, where known, their grams as one types them: "video 6; camera 3.5 85g; servos 2 W 40 g".
/// Commas between parts are understood too, where a blank follows them.
std::string text_of_parts(const std::vector<airframe::ElectronicsPart>& parts);
/// @return nothing where a part has no name, or no power from 0 up
std::optional<std::vector<airframe::ElectronicsPart>> parts_from_text(const std::string& text);

} // namespace sobremesa::io
