// A long log is read in waves of a few megabytes. Each wave is cut into pieces at line ends, the pieces are parsed
// on all cores straight into the columns, and rows that could not be stored leave a hole that the next piece
// closes. A plain reader, line by line, is kept in the tests and must find the same.

#include "io/csv_log_reader.hpp"

#include <algorithm>
#include <cstring>
#include <thread>

#include <unistd.h>

#include "io/all_cores.hpp"
#include "io/csv_piece.hpp"
#include "io/csv_rows.hpp"
#include "io/line_reader.hpp"
#include "io/open_file.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;
using units::ErrorCode;
using Kind = LogColumn::Kind;

constexpr std::size_t piece_bytes = std::size_t(256) << 10;
/// A file smaller than this is one piece: cores would cost more than they bring.
constexpr std::size_t small_file_bytes = std::size_t(256) << 10;
constexpr std::size_t most_cores = 8;

class CsvRows {
public:
    CsvRows(const std::string& path, const CsvHead& head, const ReadingJob& job)
        : head_(head), job_(job),
          cores_(head.file_bytes < small_file_bytes
                     ? 1
                     : std::clamp<std::size_t>(std::thread::hardware_concurrency(), 1, most_cores)) {
        log_.name = path;
        log_.diagnostics = head.diagnostics;
        for (const LogColumn& column : head_.columns) {
            if (has_values(column)) use(column.channel);
            if (column.kind == Kind::position_pair) {
                use(Channel::latitude_deg);
                use(Channel::longitude_deg);
            }
            if (column.kind == Kind::cell_list && column.gives_pack) use(Channel::voltage_v);
            if (column.kind == Kind::cell_list && column.gives_weakest_cell) use(Channel::cell_voltage_v);
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

    /// Whether its cells are values of a channel. A clock makes the time where there is one.
    bool has_values(const LogColumn& column) const {
        switch (column.kind) {
        case Kind::number:
        case Kind::written_number: return column.channel != Channel::time_s || !head_.uses_clock;
        case Kind::added_number:
        case Kind::angle: return true;
        default: return false;
        }
    }

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
        lines_before_ = head_.lines_before_data;
        const bool small = head_.file_bytes < small_file_bytes;
        pieces_in_wave_ = small ? 1 : cores_ * pieces_per_core;
        piece_bytes_ = small ? std::size_t(head_.file_bytes) + 1 : piece_bytes;
        std::uint64_t offset = head_.data_begin;
        std::size_t kept = 0;
        for (;;) {
            if (job_.stop.stop_requested()) return trouble(ErrorCode::cancelled);
            buffer_.resize(std::max(buffer_.size(), kept + pieces_in_wave_ * piece_bytes_ + behind));
            const std::size_t got = read_in_pieces(descriptor, offset, kept);
            offset += got;
            const std::size_t filled = kept + got;
            if (filled == 0) return {};
            const bool at_end = got == 0;
            const std::size_t whole = at_end ? filled : end_of_last_line(kept, filled);
            if (filled - whole > LineReader::longest_line_bytes) return endless(whole, filled);
            if (at_end) buffer_.data()[whole] = '\n';
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
        on_cores(count, cores_, [&](std::size_t i) {
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

    /// Cuts the wave at line ends into `pieces_`, and counts the lines of each.
    void cut(std::size_t whole) {
        const char* const end = buffer_.data() + whole;
        std::size_t count = 0;
        for (const char* p = buffer_.data(); p != end; ++count) {
            const char* to = p + std::min<std::size_t>(piece_bytes, std::size_t(end - p));
            if (to != end) {
                const void* const found = std::memchr(to, '\n', std::size_t(end - to));
                to = found ? static_cast<const char*>(found) + 1 : end;
            }
            if (pieces_.size() == count) pieces_.emplace_back();
            pieces_[count].begin = p;
            pieces_[count].end = to;
            p = to;
        }
        pieces_.resize(count);
        on_cores(count, cores_, [this](std::size_t i) { pieces_[i].count_lines(); });
    }

    /// Room for so many more rows; the first wave says how many the whole file will have.
    void make_room(std::size_t rows, std::size_t lines, std::size_t bytes) {
        if (log_.lines.capacity() < rows + lines) {
            const double ahead = double(head_.file_bytes) / double(std::max<std::size_t>(bytes, 1));
            const auto expected = std::size_t(double(lines) * std::max(1.0, 1.02 * ahead)) + 64;
            for (const Channel channel : used_) log_[channel].reserve(rows + expected);
            log_.lines.reserve(rows + expected);
        }
        on_cores(used_.size() + 1, cores_, [&](std::size_t i) {
            if (i < used_.size())
                log_[used_[i]].resize(rows + lines);
            else
                log_.lines.resize(rows + lines);
        });
    }

    RowTargets targets() {
        RowTargets result;
        for (const LogColumn& column : head_.columns) {
            ColumnTarget target{column.kind, column.scale, nullptr, nullptr, &column};
            if (has_values(column)) target.first = log_[column.channel].data();
            if (column.kind == Kind::hemisphere || column.kind == Kind::angle_part)
                (column.channel == Channel::latitude_deg ? result.latitude : result.longitude) =
                    log_[column.channel].data();
            if (column.kind == Kind::position_pair) {
                target.first = log_[Channel::latitude_deg].data();
                target.second = log_[Channel::longitude_deg].data();
            }
            if (column.kind == Kind::cell_list) {
                if (column.gives_pack) target.first = log_[Channel::voltage_v].data();
                if (column.gives_weakest_cell) target.second = log_[Channel::cell_voltage_v].data();
            }
            result.columns.push_back(target);
        }
        if (head_.uses_clock)
            result.clock = log_[Channel::time_s].data();
        else if (std::any_of(head_.columns.begin(), head_.columns.end(),
                             [](const LogColumn& column) { return column.kind == Kind::clock_part; }))
            result.counted = log_[Channel::time_s].data();
        result.lines = log_.lines.data();
        return result;
    }

    Trouble take_wave(std::size_t whole) {
        cut(whole);
        const std::size_t rows = log_.rows();
        std::size_t lines = 0;
        for (CsvPiece& piece : pieces_) {
            piece.first_row = rows + lines;
            lines += piece.lines();
        }
        make_room(rows, lines, whole);
        const RowTargets into = targets();
        on_cores(pieces_.size(), cores_, [&](std::size_t i) { pieces_[i].parse(head_, into); });
        close_holes(rows);
        return judge_times(rows);
    }

    /// Moves the rows of each piece behind those of the one before, and gives lines their number in the file.
    void close_holes(std::size_t rows) {
        std::size_t to = rows;
        for (const CsvPiece& piece : pieces_) {
            if (to != piece.first_row) {
                for (const Channel channel : used_) {
                    double* const column = log_[channel].data();
                    std::memmove(column + to, column + piece.first_row, piece.rows() * sizeof(double));
                }
            }
            for (std::size_t i = 0; i < piece.rows(); ++i)
                log_.lines[to + i] = log_.lines[piece.first_row + i] + std::uint32_t(lines_before_ + 1);
            for (const RejectedRow& row : piece.rejected()) reject(row);
            log_.rows_met += piece.rows() + piece.rejected().size();
            to += piece.rows();
            lines_before_ += std::int64_t(piece.lines());
        }
        for (const Channel channel : used_) log_[channel].resize(to);
        log_.lines.resize(to);
    }

    void reject(const RejectedRow& row) {
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

    static constexpr std::size_t pieces_per_core = 4;
    static constexpr std::size_t behind = 1 + CsvPiece::bytes_behind;

    const CsvHead& head_;
    const ReadingJob& job_;
    std::size_t cores_;
    FlightLog log_;
    /// Channels that the file has columns for.
    std::vector<Channel> used_;
    /// The wave, and `behind` bytes for what pieces want there.
    std::vector<char> buffer_;
    /// Of the wave at hand; kept from wave to wave for their memory.
    std::vector<CsvPiece> pieces_;
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
