#include "io/csv_head.hpp"

#include <algorithm>
#include <cctype>

#include "io/csv_cells.hpp"
#include "io/line_reader.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using units::ErrorCode;
using Kind = LogColumn::Kind;

constexpr int longest_preamble_lines = 100;

std::string_view without_byte_order_mark(std::string_view line) {
    constexpr std::string_view mark = "\xEF\xBB\xBF";
    if (line.starts_with(mark)) line.remove_prefix(mark.size());
    return line;
}

char delimiter_of(std::string_view header) {
    char best = ',';
    std::ptrdiff_t most = 0;
    for (const char candidate : {',', ';', '\t', '|'}) {
        const auto count = std::count(header.begin(), header.end(), candidate);
        if (count > most) {
            most = count;
            best = candidate;
        }
    }
    return best;
}

bool is_utf8(std::string_view text) {
    std::size_t more = 0;
    for (const char c : text) {
        const auto u = static_cast<unsigned char>(c);
        if (more > 0) {
            if ((u & 0xC0U) != 0x80U) return false;
            --more;
        } else if (u >= 0x80U) {
            if ((u & 0xE0U) == 0xC0U)
                more = 1;
            else if ((u & 0xF0U) == 0xE0U)
                more = 2;
            else if ((u & 0xF8U) == 0xF0U)
                more = 3;
            else
                return false;
        }
    }
    return more == 0;
}

/// A header as UTF-8. One that is not is taken for Latin-1, in which "°" and "µ" are one byte each.
std::string as_utf8(std::string_view text) {
    if (is_utf8(text)) return std::string(text);
    std::string result;
    for (const char c : text) {
        const auto u = static_cast<unsigned char>(c);
        if (u < 0x80U) {
            result += c;
        } else {
            result += char(0xC0U | (u >> 6U));
            result += char(0x80U | (u & 0x3FU));
        }
    }
    return result;
}

class HeadReading {
public:
    HeadReading(LineReader& reader, const std::vector<telemetry::ColumnChoice>& choices, bool needs_time)
        : reader_(reader), choices_(choices), needs_time_(needs_time) {}

    units::Result<CsvHead> run() {
        if (auto error = find_header()) return tl::unexpected(*error);
        if (auto error = read_first_rows()) return tl::unexpected(*error);
        return std::move(head_);
    }

private:
    using Trouble = std::optional<units::Error>;

    Trouble trouble(ErrorCode code) const {
        units::Where where;
        where.file = reader_.path();
        where.line = reader_.line_number();
        return units::Error{code, where, {}};
    }

    bool is_header(std::string_view line, std::vector<std::string_view>& cells) {
        split_cells(line, head_.delimiter, cells);
        if (cells.size() < 2) return false;
        if (recognised_cells(cells) >= 2) return true;
        // A header of words that say nothing, but that the pilot has explained.
        const auto chosen = std::count_if(cells.begin(), cells.end(), [&](std::string_view cell) {
            return std::any_of(choices_.begin(), choices_.end(),
                               [&](const auto& choice) { return choice.header == cell; });
        });
        return chosen >= 2;
    }

    Trouble find_header() {
        std::string_view line;
        std::vector<std::string_view> cells;
        std::string likeliest;
        for (int i = 0; i < longest_preamble_lines; ++i) {
            const auto next = reader_.next(line);
            if (next == LineReader::Next::too_long) return endless_line(reader_);
            if (next == LineReader::Next::end) break;
            if (looks_binary(line)) return trouble(ErrorCode::file_binary);
            line = without_byte_order_mark(line);
            head_.delimiter = delimiter_of(line);
            if (!is_header(line, cells)) continue;
            head_.header_line = std::string(line);
            head_.header_number = reader_.line_number();
            head_.data_begin = reader_.position();
            head_.file_bytes = reader_.size_bytes();
            return {};
        }
        return trouble(ErrorCode::no_header);
    }

    Trouble read_first_rows() {
        std::string_view line;
        std::string first_line;
        std::vector<std::string_view> cells;
        while (head_.first_rows.size() < head_rows) {
            const auto next = reader_.next(line);
            if (next == LineReader::Next::too_long) return endless_line(reader_);
            if (next == LineReader::Next::end) break;
            if (trimmed(line).empty() || line.front() == '#') continue;
            if (first_line.empty()) first_line = std::string(line);
            split_cells(line, head_.delimiter, cells);
            head_.first_rows.emplace_back(cells.begin(), cells.end());
        }
        if (first_line.empty()) return trouble(ErrorCode::header_without_rows);

        const std::string header_text = as_utf8(head_.header_line);
        std::vector<std::string_view> header;
        split_cells(header_text, head_.delimiter, header);
        if (header.back().empty()) header.pop_back(); // a delimiter at the end of the line
        split_cells(first_line, head_.delimiter, cells);
        auto columns = understand_header(header, cells, choices_);
        if (!columns) {
            units::Error error = columns.error();
            error.where.file = reader_.path();
            error.where.line = head_.header_number;
            return error;
        }
        head_.columns = std::move(*columns);
        head_.decimal_comma = head_.delimiter != ',' && std::any_of(cells.begin(), cells.end(), [](auto cell) {
                                  return cell.find(',') != std::string_view::npos && number_from_text(cell);
                              });
        const auto shows = [&](Kind kind) {
            return std::any_of(head_.columns.begin(), head_.columns.end(),
                               [&](const auto& c) { return c.kind == kind; });
        };
        head_.uses_clock = shows(Kind::clock_time);
        head_.has_date = head_.uses_clock && shows(Kind::date);
        const bool has_duration = std::any_of(head_.columns.begin(), head_.columns.end(), [](const LogColumn& c) {
            return c.kind == Kind::number && c.channel == Channel::time_s;
        });
        if (needs_time_ && !head_.uses_clock && !has_duration) {
            units::Where where;
            where.file = reader_.path();
            where.line = head_.header_number;
            return units::Error{ErrorCode::no_time, where, {{"header", header_text.substr(0, 200)}}};
        }
        note_columns();
        return {};
    }

    void note_columns() {
        std::size_t unused = 0;
        for (const LogColumn& column : head_.columns) {
            const bool nameless = column.header.empty();
            if (column.kind == Kind::ignored && !column.chosen && !nameless && ++unused <= most_named) {
                head_.notices.push_back(
                    {units::NoticeCode::column_not_understood, units::Severity::note, {{"column", column.header}}});
            }
            if (column.kind == Kind::number && (column.unit_assumed || column.quantity_assumed)) {
                head_.notices.push_back({column.quantity_assumed ? units::NoticeCode::quantity_assumed
                                                                 : units::NoticeCode::unit_assumed,
                                         units::Severity::note,
                                         {{"column", column.header},
                                          {"channel", std::string(telemetry::channel_word(column.channel))}}});
            }
        }
        if (unused > most_named) {
            head_.notices.push_back({units::NoticeCode::column_not_understood,
                                     units::Severity::note,
                                     {{"column", std::string()}, {"more", double(unused - most_named)}}});
        }
    }

    /// Unused columns named one by one; of ten thousand nobody reads the names.
    static constexpr std::size_t most_named = 6;

    LineReader& reader_;
    const std::vector<telemetry::ColumnChoice>& choices_;
    bool needs_time_;
    CsvHead head_;
};

} // namespace

units::Result<CsvHead> read_csv_head(const std::string& path, const std::vector<telemetry::ColumnChoice>& choices,
                                     bool needs_time) {
    auto reader = LineReader::open(path);
    if (!reader) return tl::unexpected(reader.error());
    return HeadReading(*reader, choices, needs_time).run();
}

} // namespace sobremesa::io
