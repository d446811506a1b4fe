#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/airframe/aircraft.hpp"

namespace sobremesa::io {

/// Consumers and their watts as one types them: "video 6; camera 3.5". Commas between parts are understood too,
/// where a blank follows them.
std::string text_of_parts(const std::vector<airframe::ElectronicsPart>& parts);
/// @return nothing where a part has no name, or no power from 0 up
std::optional<std::vector<airframe::ElectronicsPart>> parts_from_text(const std::string& text);

} // namespace sobremesa::io
