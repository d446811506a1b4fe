#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "core/units/error.hpp"

namespace sobremesa::io {

/// Lines of a text file by which it is understood: all of the beginning, some from places all over it, the last.
struct CsvSample {
    struct Line {
        std::string text;
        /// From 1.
        std::int64_t number = 0;
        /// Offset of what follows it.
        std::uint64_t end = 0;
    };
    /// The first lines, one after the other.
    std::vector<Line> head;
    /// Whole lines behind those, in the order of the file.
    std::vector<std::string> spread;
    std::uint64_t file_bytes = 0;
    /// The last line of `head` is the last of the file.
    bool whole_file = false;
};

/// @error as `LineReader`; `file_binary`, `line_too_long`
units::Result<CsvSample> sample_of(const std::string& path);

} // namespace sobremesa::io
