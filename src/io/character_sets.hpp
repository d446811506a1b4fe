#pragma once

#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace sobremesa::io {

bool is_utf8(std::string_view text);

/// Text of another character set in UTF-8, by the C library's converter.
/// @return nothing where the bytes are none of that set, or the system does not know it
std::optional<std::string> from_character_set(std::string_view text, const char* character_set);

/// The character set in which a text that is not UTF-8 says most.
///
/// Headers are too short for a guess by the frequency of letters; what they are likely to say is known instead.
/// @param says  how much of a line is understood, in UTF-8; where sets are equal the more usual one is taken
/// @return a name for `from_character_set`, `windows-1252` where none says anything
const char* character_set_of(const std::vector<std::string_view>& lines,
                             const std::function<int(std::string_view)>& says);

} // namespace sobremesa::io
