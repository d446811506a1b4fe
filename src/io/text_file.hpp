#pragma once

#include <string>

#include "core/units/error.hpp"

namespace sobremesa::io {

/// The whole of a small text file (a document, not a log).
/// @error `file_not_found`, `file_unreadable`, `line_too_long` above 16 MiB
units::Result<std::string> read_text_file(const std::string& path);

/// Writes beside the target and renames over it, so that no reader ever sees half a file.
/// @error `file_unwritable`
units::Result<bool> write_text_file(const std::string& path, const std::string& text);

} // namespace sobremesa::io
