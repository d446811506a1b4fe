#include "io/csv_sample.hpp"

#include <algorithm>

#include <unistd.h>

#include "io/line_reader.hpp"
#include "io/open_file.hpp"

namespace sobremesa::io {

namespace {

constexpr std::size_t head_lines = 260;
/// A header of twenty thousand columns is a quarter of a megabyte: two such lines tell as much as two hundred.
constexpr std::size_t enough_head_bytes = std::size_t(1) << 20;
constexpr std::size_t least_head_lines = 12;
constexpr std::size_t places = 16;
constexpr std::size_t bytes_at_a_place = 8192;
constexpr std::size_t lines_at_a_place = 24;

/// Whole lines of a segment of the file; the first is whole only where the segment begins at a line.
void add_lines(std::string_view segment, bool to_end, std::vector<std::string>& lines) {
    std::size_t begin = segment.find('\n');
    std::size_t count = 0;
    while (begin != std::string_view::npos && count < lines_at_a_place) {
        ++begin;
        const std::size_t end = segment.find('\n', begin);
        if (end == std::string_view::npos && !to_end) return;
        std::string_view line = segment.substr(begin, end == std::string_view::npos ? end : end - begin);
        if (!line.empty() && line.back() == '\r') line.remove_suffix(1);
        if (!line.empty()) {
            lines.emplace_back(line);
            ++count;
        }
        begin = end;
    }
}

/// The last lines of a segment that ends with the file.
void keep_last_lines(std::vector<std::string>& lines, std::size_t from) {
    if (lines.size() - from <= lines_at_a_place) return;
    lines.erase(lines.begin() + std::ptrdiff_t(from), lines.end() - std::ptrdiff_t(lines_at_a_place));
}

} // namespace

units::Result<CsvSample> sample_of(const std::string& path) {
    auto reader = LineReader::open(path);
    if (!reader) return tl::unexpected(reader.error());
    CsvSample sample;
    sample.file_bytes = reader->size_bytes();
    std::string_view line;
    std::size_t bytes = 0;
    while (sample.head.size() < head_lines &&
           (bytes < enough_head_bytes || sample.head.size() < least_head_lines)) {
        const auto next = reader->next(line);
        if (next == LineReader::Next::too_long) return tl::unexpected(endless_line(*reader));
        if (next == LineReader::Next::end) {
            sample.whole_file = true;
            return sample;
        }
        if (sample.head.size() < least_head_lines && looks_binary(line)) {
            units::Where where = in_file(path);
            where.line = reader->line_number();
            return tl::unexpected(units::Error{units::ErrorCode::file_binary, where, {}});
        }
        bytes += line.size();
        sample.head.push_back({std::string(line), reader->line_number(), reader->position()});
    }

    std::uint64_t size = 0;
    const auto descriptor = open_text_for_reading(path, size);
    if (!descriptor) return tl::unexpected(descriptor.error());
    const std::uint64_t begin = sample.head.back().end;
    std::string buffer(bytes_at_a_place, '\0');
    for (std::size_t i = 0; i < places && begin < size; ++i) {
        // The last place ends with the file: what a clock ends at is told there.
        const bool last = i + 1 == places;
        const std::uint64_t room = size - begin;
        std::uint64_t at = begin + room / places * i;
        if (last) at = std::max(begin, size - std::min<std::uint64_t>(size, bytes_at_a_place));
        const ssize_t got = ::pread(*descriptor, buffer.data(), buffer.size(), off_t(at));
        if (got <= 0) break;
        const std::size_t before = sample.spread.size();
        if (!last) {
            add_lines({buffer.data(), std::size_t(got)}, false, sample.spread);
            continue;
        }
        std::vector<std::string> tail;
        std::string_view segment(buffer.data(), std::size_t(got));
        for (std::size_t from = segment.find('\n'); from != std::string_view::npos;) {
            std::vector<std::string> some;
            add_lines(segment.substr(from), true, some);
            tail.insert(tail.end(), some.begin(), some.end());
            std::size_t skipped = 0;
            while (skipped < lines_at_a_place && from != std::string_view::npos) {
                from = segment.find('\n', from + 1);
                ++skipped;
            }
        }
        sample.spread.insert(sample.spread.end(), tail.begin(), tail.end());
        keep_last_lines(sample.spread, before);
    }
    ::close(*descriptor);
    return sample;
}

} // namespace sobremesa::io
