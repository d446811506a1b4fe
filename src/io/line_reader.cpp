#include "io/line_reader.hpp"

#include <algorithm>
#include <cstring>
#include <unistd.h>

#include "io/open_file.hpp"

namespace sobremesa::io {

using units::ErrorCode;

bool looks_binary(std::string_view text) {
    const auto odd = std::count_if(text.begin(), text.end(), [](char c) {
        const auto u = static_cast<unsigned char>(c);
        return u < 0x20 && u != '\t' && u != '\r' && u != '\n';
    });
    return text.find('\0') != std::string_view::npos || std::size_t(odd) * 20 > text.size() + 20;
}

units::Error endless_line(const LineReader& reader) {
    constexpr std::size_t enough_to_tell = 4096;
    const bool binary = looks_binary(reader.peek(enough_to_tell));
    units::Where where;
    where.file = reader.path();
    where.line = reader.line_number() + 1;
    return units::Error{binary ? ErrorCode::file_binary : ErrorCode::line_too_long, where, {}};
}

LineReader::LineReader(std::string path, int descriptor, std::uint64_t size)
    : path_(std::move(path)), descriptor_(descriptor), size_(size) {}

LineReader::LineReader(LineReader&& other) noexcept
    : path_(std::move(other.path_)), descriptor_(other.descriptor_), size_(other.size_), offset_(other.offset_),
      buffer_(std::move(other.buffer_)), begin_(other.begin_), end_(other.end_), line_number_(other.line_number_),
      ended_(other.ended_) {
    other.descriptor_ = -1;
}

LineReader::~LineReader() {
    if (descriptor_ >= 0) ::close(descriptor_);
}

units::Result<LineReader> LineReader::open(const std::string& path) {
    std::uint64_t size = 0;
    const auto descriptor = open_text_for_reading(path, size);
    if (!descriptor) return tl::unexpected(descriptor.error());
    LineReader reader(path, *descriptor, size);
    if (!reader.fill()) return units::failure(ErrorCode::file_empty, in_file(path));
    return reader;
}

bool LineReader::fill() {
    if (begin_ > 0) {
        std::memmove(buffer_.data(), buffer_.data() + begin_, end_ - begin_);
        end_ -= begin_;
        begin_ = 0;
    }
    // No more than the file still has, and a little, in case it grows: most files are far smaller than a block.
    constexpr std::uint64_t least_bytes = 4096;
    const std::uint64_t left = size_ > offset_ ? size_ - offset_ + 1 : 0;
    const auto block = std::size_t(std::clamp<std::uint64_t>(left, least_bytes, block_bytes));
    if (buffer_.size() < end_ + block) buffer_.resize(end_ + block);
    const ssize_t got = ::pread(descriptor_, buffer_.data() + end_, block, off_t(offset_));
    if (got <= 0) return false;
    offset_ += std::uint64_t(got);
    end_ += std::size_t(got);
    return true;
}

std::string_view LineReader::peek(std::size_t most_bytes) const {
    return {buffer_.data() + begin_, std::min(most_bytes, end_ - begin_)};
}

LineReader::Next LineReader::next(std::string_view& line) {
    std::size_t searched = 0;
    for (;;) {
        const char* const from = buffer_.data() + begin_;
        const std::size_t have = end_ - begin_;
        const void* const found = have > searched ? std::memchr(from + searched, '\n', have - searched) : nullptr;
        if (found) {
            const std::size_t length = std::size_t(static_cast<const char*>(found) - from);
            if (length > longest_line_bytes) return Next::too_long;
            line = {from, length};
            begin_ += length + 1;
            ended_ = true;
            break;
        }
        if (have > longest_line_bytes) return Next::too_long;
        searched = have;
        if (fill()) continue;
        if (begin_ == end_) return Next::end;
        line = {buffer_.data() + begin_, end_ - begin_};
        begin_ = end_;
        ended_ = false;
        break;
    }
    ++line_number_;
    if (!line.empty() && line.back() == '\r') line.remove_suffix(1);
    return Next::line;
}

} // namespace sobremesa::io
