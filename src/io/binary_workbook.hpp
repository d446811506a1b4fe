#pragma once

#include <string>
#include <vector>

#include "core/units/error.hpp"
#include "io/workbook_cells.hpp"

namespace sobremesa::io {

/// A spreadsheet of the years 1997 to 2006 ([MS-XLS], .xls): records in a stream of a compound file ([MS-CFB]).
bool is_binary_workbook(const std::string& path);

/// Its sheets: numbers with all their digits, what formulas came to, dates and times as ISO 8601 writes them,
/// shares in percent. A compound file that was cut is none: its directory may stand at its end.
/// @error those of files; `file_too_large`; `file_binary` where it is older than that, or protected by a password
units::Result<std::vector<Sheet>> binary_workbook_sheets(const std::string& path);

} // namespace sobremesa::io
