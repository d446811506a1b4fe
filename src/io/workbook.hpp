#pragma once

#include <string>

#include "core/units/error.hpp"

namespace sobremesa::io {

/// Sheets larger than this, unpacked, are not read: 64 MiB. Their elements take some five times that while they are
/// read.
inline constexpr unsigned long long most_sheet_bytes = 1ULL << 26U;

/// A spreadsheet's own document: Office Open XML (ECMA-376, .xlsx), OpenDocument (ISO/IEC 26300, .ods) or the
/// binary one before them ([MS-XLS], .xls).
bool is_workbook(const std::string& path);

/// The sheet with most rows as CSV: numbers with all their digits, dates and times as ISO 8601 writes them, shares
/// in percent.
/// @error those of archives and files; `file_too_large`; `file_binary` where a binary one is protected; `no_track`
/// where no sheet has a row
units::Result<std::string> workbook_as_csv(const std::string& path);

} // namespace sobremesa::io
