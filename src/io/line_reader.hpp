#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

#include "core/units/error.hpp"

namespace sobremesa::io {

/// Reads a file line by line in blocks of a few megabytes.
///
/// Not memory-mapped: a file that shrinks while it is read must end the reading, not the program. A line longer
/// than a mebibyte is refused, so that a file of one endless line costs no memory.
class LineReader {
public:
    static constexpr std::size_t block_bytes = std::size_t(4) << 20;
    static constexpr std::size_t longest_line_bytes = std::size_t(1) << 20;

    /// @error `file_not_found`, `file_unreadable`, `file_empty`
    static units::Result<LineReader> open(const std::string& path);

    LineReader(LineReader&& other) noexcept;
    LineReader& operator=(LineReader&&) = delete;
    ~LineReader();

    enum class Next { line, end, too_long };
    /// The next line without its end; valid until the next call.
    Next next(std::string_view& line);

    /// The beginning of what comes next, for telling what kind of file it is.
    std::string_view peek(std::size_t most_bytes) const;

    /// Line number, from 1, of the last line given.
    std::int64_t line_number() const { return line_number_; }
    /// Whether the last line given had an end: the last line of a cut file has none.
    bool line_was_ended() const { return ended_; }
    std::uint64_t size_bytes() const { return size_; }
    std::uint64_t bytes_read() const { return offset_; }
    /// Offset in the file of what comes next.
    std::uint64_t position() const { return offset_ - (end_ - begin_); }
    const std::string& path() const { return path_; }

private:
    LineReader(std::string path, int descriptor, std::uint64_t size);
    bool fill();

    std::string path_;
    int descriptor_;
    std::uint64_t size_;
    std::uint64_t offset_ = 0;
    std::vector<char> buffer_;
    std::size_t begin_ = 0;
    std::size_t end_ = 0;
    std::int64_t line_number_ = 0;
    bool ended_ = true;
};

/// Whether text is none: zeros, or many control characters.
bool looks_binary(std::string_view text);

/// A line that does not end: of a file that is no text at all (`file_binary`), or of one that is no log
/// (`line_too_long`).
units::Error endless_line(const LineReader& reader);

} // namespace sobremesa::io
