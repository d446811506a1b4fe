#include "io/csv_log_reader.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <chrono>
#include <cmath>
#include <limits>

#include <fast_float/fast_float.h>

#include "core/units/constants.hpp"
#include "io/line_reader.hpp"
#include "io/log_header.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;
using telemetry::SetAsideReason;
using units::ErrorCode;
using Kind = LogColumn::Kind;

constexpr double missing = std::numeric_limits<double>::quiet_NaN();
constexpr int longest_preamble_lines = 100;
constexpr double seconds_per_day = 86400.0;
/// So many rows without a later time are no pause of a recorder: gigabytes of them must not fill the memory.
constexpr std::size_t most_rows_at_one_time = 100'000;
/// A time in seconds this large counts from 1970: it is a clock, not a duration.
constexpr double least_epoch_s = 1e9;

units::Where at(const LineReader& reader, std::string field = {}) {
    units::Where where;
    where.file = reader.path();
    where.line = reader.line_number();
    where.field = std::move(field);
    return where;
}

bool looks_binary(std::string_view text) {
    const auto odd = std::count_if(text.begin(), text.end(), [](char c) {
        const auto u = static_cast<unsigned char>(c);
        return u < 0x20 && u != '\t' && u != '\r' && u != '\n';
    });
    return text.find('\0') != std::string_view::npos || std::size_t(odd) * 20 > text.size() + 20;
}

std::string_view without_byte_order_mark(std::string_view line) {
    constexpr std::string_view mark = "\xEF\xBB\xBF";
    if (line.starts_with(mark)) line.remove_prefix(mark.size());
    return line;
}

std::string_view trimmed(std::string_view cell) {
    while (!cell.empty() && (cell.front() == ' ' || cell.front() == '\t')) cell.remove_prefix(1);
    while (!cell.empty() && (cell.back() == ' ' || cell.back() == '\t')) cell.remove_suffix(1);
    return cell;
}

/// Cuts a line into cells; a quoted cell may hold the delimiter. Cells are views into the line, quotes taken off.
void split(std::string_view line, char delimiter, std::vector<std::string_view>& cells) {
    cells.clear();
    const char* p = line.data();
    const char* const end = p + line.size();
    for (;;) {
        while (p != end && *p == ' ') ++p;
        if (p != end && *p == '"') {
            const char* const from = ++p;
            while (p != end && *p != '"') ++p;
            cells.emplace_back(from, std::size_t(p - from));
            while (p != end && *p != delimiter) ++p;
        } else {
            const char* const from = p;
            while (p != end && *p != delimiter) ++p;
            cells.push_back(trimmed({from, std::size_t(p - from)}));
        }
        if (p == end) return;
        ++p;
    }
}

char delimiter_of(std::string_view header) {
    char best = ',';
    std::ptrdiff_t most = 0;
    for (const char candidate : {',', ';', '\t'}) {
        const auto count = std::count(header.begin(), header.end(), candidate);
        if (count > most) {
            most = count;
            best = candidate;
        }
    }
    return best;
}

/// Words that writers put where they have no value.
bool means_missing(std::string_view cell) {
    if (cell.empty() || cell == "-" || cell == "--" || cell == "---") return true;
    std::string lower(cell.substr(0, 8));
    std::transform(lower.begin(), lower.end(), lower.begin(),
                   [](unsigned char c) { return char(std::tolower(c)); });
    return lower == "nan" || lower == "n/a" || lower == "na" || lower == "null" || lower == "none" ||
           lower == "inf" || lower == "-inf" || lower == "+inf" || lower == "infinity";
}

/// Value of a numeric cell: NaN where it is missing, false where it is text.
bool parse_cell(std::string_view cell, double& value) {
    const char* const end = cell.data() + cell.size();
    const auto parsed = fast_float::from_chars(cell.data(), end, value);
    if (parsed.ec == std::errc() && parsed.ptr == end && std::isfinite(value)) return true;
    value = missing;
    if (means_missing(cell)) return true;
    const auto slow = number_from_text(cell);
    if (slow) value = *slow;
    return slow.has_value();
}

bool parse_pair(std::string_view cell, double& first, double& second) {
    if (means_missing(cell)) {
        first = second = missing;
        return true;
    }
    const auto gap = cell.find(' ');
    return gap != std::string_view::npos && parse_cell(trimmed(cell.substr(0, gap)), first) &&
           parse_cell(trimmed(cell.substr(gap + 1)), second);
}

/// Digits of a date or time, cut at anything that is no digit or point.
bool parse_fields(std::string_view cell, std::array<double, 3>& fields, std::string_view separators) {
    std::size_t n = 0;
    while (n < 3) {
        const auto cut = cell.find_first_of(separators);
        const auto value = number_from_text(cell.substr(0, cut));
        if (!value || *value < 0.0) return false;
        fields[n++] = *value;
        if (cut == std::string_view::npos) return n == 3;
        cell.remove_prefix(cut + 1);
    }
    return false;
}

/// "14:03:21.250" to seconds of the day.
bool parse_clock(std::string_view cell, double& seconds) {
    std::array<double, 3> f{};
    if (!parse_fields(cell, f, ":") || f[0] > 24.0 || f[1] >= 60.0 || f[2] >= 61.0) return false;
    seconds = f[0] * units::seconds_per_hour + f[1] * units::seconds_per_minute + f[2];
    return true;
}

/// "2026-05-09", "2026/05/09" or "09.05.2026" to seconds since 1970.
bool parse_date(std::string_view cell, double& seconds) {
    std::array<double, 3> f{};
    const bool day_first = cell.find('.') != std::string_view::npos;
    if (!parse_fields(cell, f, day_first ? "." : "-/")) return false;
    if (day_first) std::swap(f[0], f[2]);
    const std::chrono::year_month_day date{std::chrono::year(int(f[0])), std::chrono::month(unsigned(f[1])),
                                           std::chrono::day(unsigned(f[2]))};
    if (!date.ok() || f[0] < 1970.0) return false;
    seconds = double(std::chrono::sys_days(date).time_since_epoch().count()) * seconds_per_day;
    return true;
}

class CsvLogReading {
public:
    CsvLogReading(LineReader& reader, const ReadingJob& job) : reader_(reader), job_(job) {}

    units::Result<std::shared_ptr<const FlightLog>> run() {
        log_.name = reader_.path();
        if (auto error = find_header()) return tl::unexpected(*error);
        if (auto error = read_rows()) return tl::unexpected(*error);
        return finish();
    }

private:
    using Trouble = std::optional<units::Error>;

    Trouble trouble(ErrorCode code, std::string field = {}, std::vector<units::Parameter> parameters = {}) const {
        return units::Error{code, at(reader_, std::move(field)), std::move(parameters)};
    }

    /// A line without end: of a file that is no text at all, or of one that is no log.
    Trouble endless_line() const {
        constexpr std::size_t enough_to_tell = 4096;
        const bool binary = looks_binary(reader_.peek(enough_to_tell));
        units::Where where = at(reader_);
        where.line = reader_.line_number() + 1;
        return units::Error{binary ? ErrorCode::file_binary : ErrorCode::line_too_long, where, {}};
    }

    /// Header and first data row together: some columns show what they are only in their cells.
    Trouble find_header() {
        std::string_view line;
        for (int i = 0; i < longest_preamble_lines; ++i) {
            const auto next = reader_.next(line);
            if (next == LineReader::Next::too_long) return endless_line();
            if (next == LineReader::Next::end) break;
            if (looks_binary(line)) return trouble(ErrorCode::file_binary);
            line = without_byte_order_mark(line);
            delimiter_ = delimiter_of(line);
            split(line, delimiter_, cells_);
            if (cells_.size() < 2 || recognised_cells(cells_) < 2) continue;
            header_line_ = std::string(line);
            return read_first_row();
        }
        return trouble(ErrorCode::no_header);
    }

    Trouble read_first_row() {
        const auto header_number = reader_.line_number();
        std::string_view line;
        LineReader::Next next = LineReader::Next::end;
        do next = reader_.next(line);
        while (next == LineReader::Next::line && trimmed(line).empty());
        if (next == LineReader::Next::too_long) return endless_line();
        if (next == LineReader::Next::end) return trouble(ErrorCode::header_without_rows);

        std::vector<std::string_view> header;
        split(header_line_, delimiter_, header);
        if (header.back().empty()) header.pop_back(); // a delimiter at the end of the line
        split(line, delimiter_, cells_);
        columns_ = understand_header(header, cells_);
        const auto shown = [&](Kind kind) {
            return std::any_of(columns_.begin(), columns_.end(), [&](const auto& c) { return c.kind == kind; });
        };
        const bool has_duration = std::any_of(columns_.begin(), columns_.end(), [](const LogColumn& c) {
            return c.kind == Kind::number && c.channel == Channel::time_s;
        });
        uses_clock_ = shown(Kind::clock_time);
        if (!uses_clock_ && !has_duration) {
            units::Where where = at(reader_);
            where.line = header_number;
            return units::Error{ErrorCode::no_time, where, {{"header", header_line_.substr(0, 200)}}};
        }
        note_columns();
        reserve(line.size());
        take_row(line);
        return {};
    }

    void note_columns() {
        for (const LogColumn& column : columns_) {
            if (column.kind == Kind::ignored && !column.header.empty()) {
                log_.notices.push_back(
                    {units::NoticeCode::column_not_understood, units::Severity::note, {{"column", column.header}}});
            }
            if (column.kind == Kind::number && (column.unit_assumed || column.quantity_assumed)) {
                log_.notices.push_back({column.quantity_assumed ? units::NoticeCode::quantity_assumed
                                                                : units::NoticeCode::unit_assumed,
                                        units::Severity::note,
                                        {{"column", column.header},
                                         {"channel", std::string(telemetry::channel_word(column.channel))}}});
            }
        }
    }

    void reserve(std::size_t row_bytes) {
        constexpr std::uint64_t most_reserved = 4'000'000;
        const auto rows = std::size_t(std::min(reader_.size_bytes() / (row_bytes + 1) + 16, most_reserved));
        for (const LogColumn& column : columns_) {
            if (column.kind == Kind::number) log_[column.channel].reserve(rows);
            if (column.kind == Kind::position_pair) {
                log_[Channel::latitude_deg].reserve(rows);
                log_[Channel::longitude_deg].reserve(rows);
            }
        }
        log_[Channel::time_s].reserve(rows);
        log_.lines.reserve(rows);
        row_.assign(columns_.size(), {missing, missing});
    }

    Trouble read_rows() {
        constexpr int lines_between_looks = 4096;
        std::string_view line;
        int since_look = 0;
        for (;;) {
            const auto next = reader_.next(line);
            if (next == LineReader::Next::end) return {};
            if (next == LineReader::Next::too_long) return endless_line();
            take_row(line);
            if (++since_look < lines_between_looks) continue;
            since_look = 0;
            if (job_.stop.stop_requested()) return trouble(ErrorCode::cancelled);
            if (rows_at_one_time_ > most_rows_at_one_time) {
                return trouble(ErrorCode::time_stands_still, {}, {{"rows", double(rows_at_one_time_)}});
            }
            if (job_.progress) job_.progress(double(reader_.bytes_read()) / double(reader_.size_bytes()));
        }
    }

    void set_aside(SetAsideReason reason) {
        ++log_.rows_met;
        const auto found = std::find_if(log_.unreadable.begin(), log_.unreadable.end(),
                                        [&](const auto& s) { return s.reason == reason; });
        if (found != log_.unreadable.end()) {
            ++found->rows;
        } else {
            log_.unreadable.push_back({reason, 1, reader_.line_number()});
        }
    }

    void take_row(std::string_view line) {
        if (line.empty() || line.front() == '#') return;
        split(line, delimiter_, cells_);
        if (cells_.size() == 1 && cells_.front().empty()) return;
        if (cells_.size() == columns_.size() + 1 && cells_.back().empty()) cells_.pop_back();
        if (cells_.size() != columns_.size()) {
            const bool cut = !reader_.line_was_ended() && cells_.size() < columns_.size();
            set_aside(cut ? SetAsideReason::cut_last_row : SetAsideReason::bad_row);
            return;
        }
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            if (parse(columns_[i].kind, cells_[i], row_[i])) continue;
            if (line == header_line_) return set_aside(SetAsideReason::repeated_header);
            if (!reader_.line_was_ended()) return set_aside(SetAsideReason::cut_last_row);
            if (first_bad_.field.empty()) first_bad_ = at(reader_, columns_[i].header);
            return set_aside(SetAsideReason::bad_number);
        }
        store_row();
    }

    using Cell = std::array<double, 2>;

    static bool parse(Kind kind, std::string_view text, Cell& cell) {
        switch (kind) {
        case Kind::ignored: return true;
        case Kind::number: return parse_cell(text, cell[0]);
        case Kind::position_pair: return parse_pair(text, cell[0], cell[1]);
        case Kind::date:
            if (!means_missing(text)) return parse_date(text, cell[0]);
            break;
        case Kind::clock_time:
            if (!means_missing(text)) return parse_clock(text, cell[0]);
            break;
        }
        cell[0] = missing;
        return true;
    }

    void store_row() {
        double date_s = 0.0;
        double clock_s = missing;
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            const LogColumn& column = columns_[i];
            switch (column.kind) {
            case Kind::ignored: break;
            case Kind::number:
                if (column.channel != Channel::time_s || !uses_clock_) {
                    log_[column.channel].push_back(row_[i][0] * column.scale);
                }
                break;
            case Kind::position_pair:
                log_[Channel::latitude_deg].push_back(row_[i][0]);
                log_[Channel::longitude_deg].push_back(row_[i][1]);
                break;
            case Kind::date:
                date_s = row_[i][0];
                has_date_ = true;
                break;
            case Kind::clock_time: clock_s = row_[i][0]; break;
            }
        }
        if (uses_clock_) log_[Channel::time_s].push_back(has_date_ ? date_s + clock_s : past_midnight(clock_s));
        log_.lines.push_back(std::uint32_t(reader_.line_number()));
        ++log_.rows_met;
        const double time = log_[Channel::time_s].back();
        if (time > latest_time_) {
            latest_time_ = time;
            rows_at_one_time_ = 0;
        } else {
            ++rows_at_one_time_;
        }
    }

    /// A clock without a date starts again at midnight.
    double past_midnight(double clock_s) {
        if (std::isfinite(clock_s)) {
            if (clock_s + days_s_ < latest_clock_s_ - 0.5 * seconds_per_day) days_s_ += seconds_per_day;
            latest_clock_s_ = clock_s + days_s_;
        }
        return clock_s + days_s_;
    }

    units::Result<std::shared_ptr<const FlightLog>> finish() {
        if (log_.rows() == 0) {
            units::Where where = first_bad_.field.empty() ? at(reader_) : first_bad_;
            return units::failure(ErrorCode::no_usable_rows, where, {{"rows", double(log_.rows_met)}});
        }
        auto& time = log_[Channel::time_s];
        const auto first = std::find_if(time.begin(), time.end(), [](double t) { return std::isfinite(t); });
        if (first != time.end()) {
            const double start_s = *first;
            if (has_date_ || start_s >= least_epoch_s) log_.start_clock_s = start_s;
            for (double& t : time) t -= start_s;
        }
        // A column without a single value is a channel the log does not have.
        for (auto& column : log_.columns) {
            if (std::none_of(column.begin(), column.end(), [](double v) { return std::isfinite(v); }))
                column.clear();
        }
        return std::make_shared<const FlightLog>(std::move(log_));
    }

    LineReader& reader_;
    const ReadingJob& job_;
    FlightLog log_;
    char delimiter_ = ',';
    std::string header_line_;
    std::vector<LogColumn> columns_;
    std::vector<std::string_view> cells_;
    std::vector<Cell> row_;
    bool uses_clock_ = false;
    bool has_date_ = false;
    double days_s_ = 0.0;
    double latest_clock_s_ = 0.0;
    double latest_time_ = -HUGE_VAL;
    std::size_t rows_at_one_time_ = 0;
    units::Where first_bad_;
};

} // namespace

units::Result<std::shared_ptr<const FlightLog>> read_csv_log(const std::string& path, const ReadingJob& job) {
    auto reader = LineReader::open(path);
    if (!reader) return tl::unexpected(reader.error());
    return CsvLogReading(*reader, job).run();
}

} // namespace sobremesa::io
