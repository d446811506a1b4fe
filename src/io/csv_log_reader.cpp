// A long log is read in waves of a few megabytes. Each wave is cut into pieces at line ends, the pieces are parsed
// on all cores straight into the columns, and rows that could not be stored leave a hole that the next piece
// closes. A plain reader, line by line, is kept in the tests and must find the same.

#include "io/csv_log_reader.hpp"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <cstring>
#include <thread>

#include <fast_float/fast_float.h>
#include <unistd.h>

#include "io/csv_rows.hpp"
#include "io/line_reader.hpp"
#include "io/open_file.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;
using units::ErrorCode;
using Kind = LogColumn::Kind;

constexpr std::size_t piece_bytes = std::size_t(512) << 10;
/// A file smaller than this is one piece: cores would cost more than they bring.
constexpr std::size_t small_file_bytes = std::size_t(256) << 10;
constexpr std::size_t most_cores = 8;

/// Runs `work(i)` for every i below `count`, on as many threads as there are cores; whoever is free takes the next.
template <class Work>
void on_all_cores(std::size_t count, std::size_t cores, const Work& work) {
    std::atomic<std::size_t> next = 0;
    const auto take = [&] {
        for (std::size_t i = next++; i < count; i = next++) work(i);
    };
    std::vector<std::jthread> others;
    for (std::size_t thread = 1; thread < std::min(count, cores); ++thread) others.emplace_back(take);
    take();
}

/// Lines that end in a stretch of text; a last one without an end counts too.
std::size_t count_lines(const char* begin, const char* end) {
    std::size_t lines = 0;
    for (const char* p = begin; p != end; ++lines) {
        const void* const found = std::memchr(p, '\n', std::size_t(end - p));
        p = found ? static_cast<const char*>(found) + 1 : end;
    }
    return lines;
}

/// A row that could not be stored, by its place in the piece.
struct Rejected {
    telemetry::SetAsideReason reason;
    std::uint32_t line;
    std::uint32_t bad_column;
};

/// Whole lines of a wave, parsed by one core.
struct Piece {
    const char* begin = nullptr;
    const char* end = nullptr;
    /// Lines in it, the last one counted even where it has no end.
    std::size_t lines = 0;
    /// First row of the log that it may write; it has room for `lines`.
    std::size_t first_row = 0;
    std::size_t rows = 0;
    std::vector<Rejected> rejected;
};

/// Where the values of one column go.
struct Target {
    Kind kind = Kind::ignored;
    double scale = 1.0;
    double* first = nullptr;
    double* second = nullptr;
};

/// A cell of few digits, as most are: a whole number and a power of ten that are both exact in a double, so that
/// one division rounds rightly (Clinger, *How to read floating point numbers accurately*, 1990).
/// @return the cell's end; nothing for any other cell, which the number parser then reads
const char* short_decimal(const char* p, const char* end, char delimiter, char point, double& value) {
    static constexpr double powers[] = {1e0, 1e1, 1e2,  1e3,  1e4,  1e5,  1e6,  1e7,
                                        1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14, 1e15};
    constexpr std::ptrdiff_t exact_digits = 15;
    const bool negative = p != end && *p == '-';
    if (negative) ++p;
    std::uint64_t digits = 0;
    const char* const whole = p;
    for (; p != end && unsigned(*p - '0') < 10; ++p) digits = 10 * digits + std::uint64_t(*p - '0');
    std::ptrdiff_t count = p - whole;
    std::ptrdiff_t decimals = 0;
    if (count == 0) return nullptr;
    if (p != end && *p == point && point != delimiter) {
        const char* const part = ++p;
        for (; p != end && unsigned(*p - '0') < 10; ++p) digits = 10 * digits + std::uint64_t(*p - '0');
        decimals = p - part;
        if (decimals == 0) return nullptr;
        count += decimals;
    }
    if (count > exact_digits || (p != end && *p != delimiter)) return nullptr;
    const double magnitude = double(std::int64_t(digits)) / powers[decimals];
    value = negative ? -magnitude : magnitude;
    return p;
}

/// One line, the quick way: numbers are parsed where they stand, without a look ahead.
/// @return false for anything unusual; the careful parser then decides
class QuickLine {
public:
    QuickLine(const CsvHead& head, const std::vector<Target>& targets)
        : head_(head), targets_(targets),
          options_(fast_float::chars_format::general, head.decimal_comma ? ',' : '.') {}

    bool parse(const char* p, const char* end, std::size_t row, double& date_s, double& clock_s) const {
        const char delimiter = head_.delimiter;
        const std::size_t n = targets_.size();
        for (std::size_t i = 0; i < n; ++i) {
            const Target& target = targets_[i];
            if (target.kind == Kind::number) {
                // Most cells are a number and nothing else: tried first, all else afterwards.
                double value = 0.0;
                if (const char* const to = plain_number(p, end, value))
                    p = to;
                else if (!unusual_number(p, end, value))
                    return false;
                if (target.first) target.first[row] = value * target.scale;
            } else {
                while (p != end && *p == ' ') ++p;
                if (p != end && *p == '"') return false;
                const char* const to = cell_end(p, end);
                if (target.kind != Kind::ignored &&
                    !take(target, trimmed({p, std::size_t(to - p)}), row, date_s, clock_s))
                    return false;
                p = to;
            }
            if (i + 1 == n) break;
            if (p == end) return false;
            ++p;
        }
        // A delimiter at the end of the line is allowed.
        return p == end || (*p == delimiter && p + 1 == end);
    }

private:
    /// @return the cell's end; nothing where the cell is no number alone
    const char* plain_number(const char* p, const char* end, double& value) const {
        if (const char* const to = short_decimal(p, end, head_.delimiter, options_.decimal_point, value)) return to;
        const auto parsed = fast_float::from_chars_advanced(p, end, value, options_);
        const bool whole = parsed.ec == std::errc() && (parsed.ptr == end || *parsed.ptr == head_.delimiter);
        return whole && std::isfinite(value) ? parsed.ptr : nullptr;
    }

    /// Blanks around it, no value, another decimal sign. @return false for text, and for quotes
    bool unusual_number(const char*& p, const char* end, double& value) const {
        while (p != end && *p == ' ') ++p;
        if (p != end && *p == '"') return false;
        const char* const to = cell_end(p, end);
        if (!parse_number_cell(trimmed({p, std::size_t(to - p)}), value)) return false;
        p = to;
        return true;
    }

    const char* cell_end(const char* p, const char* end) const {
        while (p != end && *p != head_.delimiter) ++p;
        return p;
    }

    static bool take(const Target& target, std::string_view cell, std::size_t row, double& date_s,
                     double& clock_s) {
        CellValues values{missing_value, missing_value};
        if (!parse_cell(target.kind, cell, values)) return false;
        switch (target.kind) {
        case Kind::date: date_s = values[0]; break;
        case Kind::clock_time: clock_s = values[0]; break;
        case Kind::position_pair:
            target.first[row] = values[0];
            target.second[row] = values[1];
            break;
        case Kind::number:
        case Kind::ignored: break;
        }
        return true;
    }

    const CsvHead& head_;
    const std::vector<Target>& targets_;
    fast_float::parse_options options_;
};

class CsvRows {
public:
    CsvRows(const std::string& path, const CsvHead& head, const ReadingJob& job)
        : head_(head), job_(job),
          cores_(std::clamp<std::size_t>(std::thread::hardware_concurrency(), 1, most_cores)) {
        log_.name = path;
        log_.notices = head.notices;
        for (const LogColumn& column : head_.columns) {
            if (column.kind == Kind::number && (column.channel != Channel::time_s || !head_.uses_clock))
                use(column.channel);
            if (column.kind == Kind::position_pair) {
                use(Channel::latitude_deg);
                use(Channel::longitude_deg);
            }
        }
        use(Channel::time_s);
    }

    units::Result<std::shared_ptr<const FlightLog>> run() {
        std::uint64_t size = 0;
        const auto descriptor = open_text_for_reading(log_.name, size);
        if (!descriptor) return tl::unexpected(descriptor.error());
        const auto trouble = read_waves(*descriptor);
        ::close(*descriptor);
        if (trouble) return tl::unexpected(*trouble);
        return finished_log(std::move(log_), head_, first_bad_);
    }

private:
    using Trouble = std::optional<units::Error>;

    void use(Channel channel) {
        if (std::find(used_.begin(), used_.end(), channel) == used_.end()) used_.push_back(channel);
    }

    Trouble trouble(ErrorCode code, std::vector<units::Parameter> parameters = {}) const {
        units::Where where;
        where.file = log_.name;
        where.line = lines_before_;
        return units::Error{code, where, std::move(parameters)};
    }

    Trouble read_waves(int descriptor) {
        lines_before_ = head_.header_number;
        const bool small = head_.file_bytes < small_file_bytes;
        pieces_in_wave_ = small ? 1 : cores_ * pieces_per_core;
        piece_bytes_ = small ? small_file_bytes : piece_bytes;
        std::uint64_t offset = head_.data_begin;
        std::size_t kept = 0;
        for (;;) {
            if (job_.stop.stop_requested()) return trouble(ErrorCode::cancelled);
            buffer_.resize(std::max(buffer_.size(), kept + pieces_in_wave_ * piece_bytes_));
            const std::size_t got = read_in_pieces(descriptor, offset, kept);
            offset += got;
            const std::size_t filled = kept + got;
            if (filled == 0) return {};
            const bool at_end = got == 0;
            const std::size_t whole = at_end ? filled : end_of_last_line(kept, filled);
            if (filled - whole > LineReader::longest_line_bytes) return endless(whole, filled);
            if (whole > 0) {
                if (auto error = take_wave(whole)) return error;
            }
            std::memmove(buffer_.data(), buffer_.data() + whole, filled - whole);
            kept = filled - whole;
            if (at_end) return {};
            if (job_.progress && head_.file_bytes > 0)
                job_.progress(std::min(1.0, double(offset) / double(head_.file_bytes)));
        }
    }

    /// A file that shrinks while it is read gives fewer bytes than asked for: that is its end.
    std::size_t read_in_pieces(int descriptor, std::uint64_t offset, std::size_t kept) {
        const std::size_t count = pieces_in_wave_;
        std::vector<std::size_t> got(count, 0);
        on_all_cores(count, cores_, [&](std::size_t i) {
            while (got[i] < piece_bytes_) {
                const std::size_t at = i * piece_bytes_ + got[i];
                const ssize_t n =
                    ::pread(descriptor, buffer_.data() + kept + at, piece_bytes_ - got[i], off_t(offset + at));
                if (n <= 0) break;
                got[i] += std::size_t(n);
            }
        });
        std::size_t all = 0;
        for (const std::size_t n : got) {
            all += n;
            if (n < piece_bytes_) break;
        }
        return all;
    }

    std::size_t end_of_last_line(std::size_t kept, std::size_t filled) const {
        const void* const found = ::memrchr(buffer_.data() + kept, '\n', filled - kept);
        return found ? std::size_t(static_cast<const char*>(found) - buffer_.data()) + 1 : 0;
    }

    Trouble endless(std::size_t from, std::size_t to) const {
        const bool binary = looks_binary({buffer_.data() + from, std::min<std::size_t>(to - from, 4096)});
        units::Where where;
        where.file = log_.name;
        where.line = lines_before_ + 1;
        return units::Error{binary ? ErrorCode::file_binary : ErrorCode::line_too_long, where, {}};
    }

    /// Cuts [0, whole) of the buffer at line ends and counts the lines of each piece.
    std::vector<Piece> cut(std::size_t whole) const {
        const char* const begin = buffer_.data();
        const char* const end = begin + whole;
        std::vector<Piece> pieces;
        for (const char* p = begin; p != end;) {
            const char* to = p + std::min<std::size_t>(piece_bytes, std::size_t(end - p));
            if (to != end) {
                const void* const found = std::memchr(to, '\n', std::size_t(end - to));
                to = found ? static_cast<const char*>(found) + 1 : end;
            }
            pieces.push_back({p, to, 0, 0, 0, {}});
            p = to;
        }
        on_all_cores(pieces.size(), cores_, [&](std::size_t i) {
            Piece& piece = pieces[i];
            piece.lines = count_lines(piece.begin, piece.end);
        });
        return pieces;
    }

    /// Room for so many more rows; the first wave says how many the whole file will have.
    void make_room(std::size_t rows, std::size_t lines, std::size_t bytes) {
        if (log_.lines.capacity() < rows + lines) {
            const double ahead = double(head_.file_bytes) / double(std::max<std::size_t>(bytes, 1));
            const auto expected = std::size_t(double(lines) * std::max(1.0, 1.02 * ahead)) + 64;
            for (const Channel channel : used_) log_[channel].reserve(rows + expected);
            log_.lines.reserve(rows + expected);
        }
        on_all_cores(used_.size() + 1, cores_, [&](std::size_t i) {
            if (i < used_.size())
                log_[used_[i]].resize(rows + lines);
            else
                log_.lines.resize(rows + lines);
        });
    }

    std::vector<Target> targets() {
        std::vector<Target> result;
        for (const LogColumn& column : head_.columns) {
            Target target{column.kind, column.scale, nullptr, nullptr};
            if (column.kind == Kind::number && (column.channel != Channel::time_s || !head_.uses_clock))
                target.first = log_[column.channel].data();
            if (column.kind == Kind::position_pair) {
                target.first = log_[Channel::latitude_deg].data();
                target.second = log_[Channel::longitude_deg].data();
            }
            result.push_back(target);
        }
        return result;
    }

    Trouble take_wave(std::size_t whole) {
        std::vector<Piece> pieces = cut(whole);
        const std::size_t rows = log_.rows();
        std::size_t lines = 0;
        for (Piece& piece : pieces) {
            piece.first_row = rows + lines;
            lines += piece.lines;
        }
        make_room(rows, lines, whole);
        const std::vector<Target> into = targets();
        on_all_cores(pieces.size(), cores_, [&](std::size_t i) { parse_piece(pieces[i], into); });
        close_holes(rows, pieces);
        return judge_times(rows);
    }

    void parse_piece(Piece& piece, const std::vector<Target>& into) {
        const QuickLine quick(head_, into);
        RowParser careful(head_);
        double* const time = log_[Channel::time_s].data();
        std::uint32_t* const lines = log_.lines.data();
        std::uint32_t line = 0;
        std::size_t row = piece.first_row;
        for (const char* p = piece.begin; p != piece.end; ++line) {
            const void* const found = std::memchr(p, '\n', std::size_t(piece.end - p));
            const char* const next = found ? static_cast<const char*>(found) + 1 : piece.end;
            const char* end = found ? next - 1 : next;
            if (end != p && end[-1] == '\r') --end;
            double date_s = 0.0;
            double clock_s = missing_value;
            const bool plain = p != end && *p != '#';
            if (plain && quick.parse(p, end, row, date_s, clock_s)) {
                if (head_.uses_clock) time[row] = time_of(head_, date_s, clock_s);
                lines[row++] = line;
            } else {
                const RowVerdict verdict = careful.parse({p, std::size_t(end - p)}, found != nullptr);
                if (verdict.kind == RowVerdict::Kind::stored) {
                    store(careful.values(), into, row);
                    lines[row++] = line;
                } else if (verdict.kind == RowVerdict::Kind::set_aside) {
                    piece.rejected.push_back({verdict.reason, line, std::uint32_t(verdict.bad_column)});
                }
            }
            p = next;
        }
        piece.rows = row - piece.first_row;
    }

    void store(const std::vector<CellValues>& values, const std::vector<Target>& into, std::size_t row) {
        double date_s = 0.0;
        double clock_s = missing_value;
        for (std::size_t i = 0; i < into.size(); ++i) {
            if (into[i].kind == Kind::date) date_s = values[i][0];
            if (into[i].kind == Kind::clock_time) clock_s = values[i][0];
            if (into[i].first) into[i].first[row] = values[i][0] * into[i].scale;
            if (into[i].second) into[i].second[row] = values[i][1];
        }
        if (head_.uses_clock) log_[Channel::time_s][row] = time_of(head_, date_s, clock_s);
    }

    /// Moves the rows of each piece behind those of the one before, and gives lines their number in the file.
    void close_holes(std::size_t rows, const std::vector<Piece>& pieces) {
        std::size_t to = rows;
        for (const Piece& piece : pieces) {
            if (to != piece.first_row) {
                for (const Channel channel : used_) {
                    double* const column = log_[channel].data();
                    std::memmove(column + to, column + piece.first_row, piece.rows * sizeof(double));
                }
            }
            for (std::size_t i = 0; i < piece.rows; ++i)
                log_.lines[to + i] = log_.lines[piece.first_row + i] + std::uint32_t(lines_before_ + 1);
            for (const Rejected& row : piece.rejected) reject(row);
            log_.rows_met += piece.rows + piece.rejected.size();
            to += piece.rows;
            lines_before_ += std::int64_t(piece.lines);
        }
        for (const Channel channel : used_) log_[channel].resize(to);
        log_.lines.resize(to);
    }

    void reject(const Rejected& row) {
        const std::int64_t line = lines_before_ + 1 + row.line;
        telemetry::add_to(log_.unreadable, row.reason, line);
        if (row.reason != telemetry::SetAsideReason::bad_number || !first_bad_.field.empty()) return;
        first_bad_.line = line;
        first_bad_.field = head_.columns[row.bad_column].header;
    }

    Trouble judge_times(std::size_t from) {
        auto& time = log_[Channel::time_s];
        for (std::size_t row = from; row < time.size(); ++row) {
            if (head_.uses_clock && !head_.has_date) time[row] = midnight_.since_first_midnight(time[row]);
            standstill_.see(time[row]);
        }
        if (standstill_.rows() <= most_rows_at_one_time) return {};
        return trouble(ErrorCode::time_stands_still, {{"rows", double(standstill_.rows())}});
    }

    static constexpr std::size_t pieces_per_core = 8;

    const CsvHead& head_;
    const ReadingJob& job_;
    std::size_t cores_;
    FlightLog log_;
    /// Channels that the file has columns for.
    std::vector<Channel> used_;
    std::vector<char> buffer_;
    std::size_t pieces_in_wave_ = 1;
    std::size_t piece_bytes_ = piece_bytes;
    std::int64_t lines_before_ = 0;
    MidnightClock midnight_;
    Standstill standstill_;
    units::Where first_bad_;
};

} // namespace

units::Result<std::shared_ptr<const FlightLog>> read_csv_log(const std::string& path, const ReadingJob& job) {
    const auto head = read_csv_head(path, job.columns);
    if (!head) return tl::unexpected(head.error());
    return CsvRows(path, *head, job).run();
}

} // namespace sobremesa::io
