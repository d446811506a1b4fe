#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "core/units/error.hpp"

namespace sobremesa::io {

/// More than this is not unpacked: a few kilobytes may claim to be gigabytes. 1 GiB.
inline constexpr std::uint64_t most_unpacked_bytes = std::uint64_t(1) << 30;
/// Files looked at in one archive.
inline constexpr std::size_t most_archive_files = 10'000;

/// Told by its first bytes: gzip, bzip2, xz, zstd, ZIP, 7z, tar.
bool is_archive(const std::string& path);

/// Names of the files in an archive, those of desktops and folders left out. A compressed single file has one,
/// named as the archive is without its ending.
/// @error `file_not_found`, `file_unreadable`, `archive_unreadable`
units::Result<std::vector<std::string>> files_in_archive(const std::string& path);

/// Unpacks one file of an archive into memory.
/// @return a descriptor, to be closed by the caller
/// @error as above; `archive_too_large` beyond `most_unpacked_bytes`, `file_not_found` where it holds no such file
units::Result<int> unpack(const std::string& path, const std::string& name);

} // namespace sobremesa::io
