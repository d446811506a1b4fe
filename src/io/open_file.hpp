#pragma once

#include <cstdint>
#include <string>

#include "core/units/error.hpp"

namespace sobremesa::io {

units::Where in_file(const std::string& path);

/// The last error of the operating system, in its own words, as ours.
tl::unexpected<units::Error> system_failure(units::ErrorCode code, const std::string& path);

/// Opens a file for reading; a folder is no file.
/// @return descriptor, to be closed by the caller; size_bytes is that of the moment
/// @error `file_not_found`, `file_unreadable`
units::Result<int> open_for_reading(const std::string& path, std::uint64_t& size_bytes);

/// What an open file holds: its first so many bytes, or fewer where it ends or cannot be read on.
std::string content_of(int descriptor, std::uint64_t most_bytes);

/// As `open_for_reading`, for text. A file in UTF-16, or one whose lines end with carriage returns alone, is
/// rewritten in memory first.
/// @error as above, and `file_too_large` for such a file beyond half a gibibyte
units::Result<int> open_text_for_reading(const std::string& path, std::uint64_t& size_bytes);

} // namespace sobremesa::io
