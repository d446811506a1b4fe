#include "io/csv_piece.hpp"

#include <algorithm>
#include <cmath>
#include <cstring>

#include <fast_float/fast_float.h>

namespace sobremesa::io {

namespace {

using Kind = LogColumn::Kind;

/// The value of a cell, to where its column wants it.
void put(const ColumnTarget& target, const CellValues& values, std::size_t row, RowParts& parts) {
    parts.add(*target.column, values[0]);
    if (target.first) {
        if (target.kind == Kind::added_number)
            target.first[row] += values[0] * target.scale;
        else
            target.first[row] = values[0] * target.scale;
    }
    if (target.second) target.second[row] = values[1];
}

/// One line, the quick way: cells are read where they stand, without a look ahead.
class QuickLine {
public:
    QuickLine(const CsvHead& head, const RowTargets& into, const char* end)
        : columns_{into.columns.data(), into.columns.size(), head.delimiter, head.decimal_comma ? ',' : '.'},
          options_(fast_float::chars_format::general, columns_.point), read_numbers_(quickest_read_numbers()),
          end_(end) {}

    /// @param begin  of the line; a '\n' must be somewhere behind
    /// @return the '\n' that ends the line; nothing for a line with anything unusual: the careful parser decides
    const char* parse(const char* begin, std::size_t row, RowParts& parts) {
        LinePlace place{begin, 0};
        for (;;) {
            place = read_numbers_(place, columns_, row);
            if (place.column == columns_.count) break;
            const ColumnTarget& target = columns_.targets[place.column];
            if (const char* const behind = take_moment(target, place.at, parts)) {
                place.at = behind;
            } else {
                const char* const end = cell_end(place.at);
                const std::string_view cell = trimmed({place.at, std::size_t(end - place.at)});
                if (!take(target, cell, row, parts)) return nullptr;
                place.at = end;
            }
            if (++place.column == columns_.count) break;
            if (*place.at++ != columns_.delimiter) return nullptr;
        }
        // A delimiter at the end of the line is allowed.
        const char* end = place.at;
        if (*end == columns_.delimiter) ++end;
        if (*end == '\r') ++end;
        return *end == '\n' ? end : nullptr;
    }

private:
    const char* cell_end(const char* p) const {
        while (*p != columns_.delimiter && *p != '\n' && *p != '\r') ++p;
        return p;
    }

    /// A date and a clock as most write them. @return their end, where the cell ends too
    const char* take_moment(const ColumnTarget& target, const char* at, RowParts& parts) {
        if (target.kind != Kind::moment) return nullptr;
        double seconds = 0.0;
        const char* const behind = moments_.read(at, end_, seconds);
        if (!behind || behind == end_ || (*behind != columns_.delimiter && *behind != '\n' && *behind != '\r'))
            return nullptr;
        parts.add(*target.column, seconds);
        return behind;
    }

    bool take(const ColumnTarget& target, std::string_view cell, std::size_t row, RowParts& parts) const {
        if (!cell.empty() && cell.front() == '"') return false;
        CellValues values{missing_value, missing_value};
        if (target.kind == Kind::ignored) return true;
        if (target.kind == Kind::number) {
            if (!other_number(cell, values[0])) return false;
            if (target.first) target.first[row] = values[0] * target.scale;
            return true;
        }
        if (!parse_cell(*target.column, cell, values)) return false;
        put(target, values, row, parts);
        return true;
    }

    /// Many digits, an exponent, no value, another decimal sign. @return false for text
    bool other_number(std::string_view cell, double& value) const {
        const char* const end = cell.data() + cell.size();
        const auto parsed = fast_float::from_chars_advanced(cell.data(), end, value, options_);
        const bool number = parsed.ec == std::errc() && parsed.ptr == end && std::isfinite(value);
        return number || parse_number_cell(cell, value);
    }

    NumberColumns columns_;
    fast_float::parse_options options_;
    ReadNumbers read_numbers_;
    PlainMoments moments_;
    /// Of the piece.
    const char* end_;
};

/// Sixteen and more bytes are compared at once where the sum needs no more than a byte; a search for one line end
/// after the other takes three times as long.
std::size_t line_ends(const char* begin, const char* end) {
    constexpr std::ptrdiff_t block = 128;
    std::size_t count = 0;
    for (; end - begin >= block; begin += block) {
        std::uint8_t in_block = 0;
        for (std::ptrdiff_t i = 0; i < block; ++i) in_block = std::uint8_t(in_block + (begin[i] == '\n'));
        count += in_block;
    }
    return count + std::size_t(std::count(begin, end, '\n'));
}

void finish_row(const CsvHead& head, const RowTargets& into, const RowParts& parts, std::size_t row) {
    if (into.clock) into.clock[row] = parts.time_s(head);
    if (into.counted) into.counted[row] += parts.clock_parts_s;
    // The minutes of a place in the south, or west, are as negative as its degrees.
    const auto finish = [row](double* degrees, double parts_deg, double sign) {
        if (degrees) degrees[row] = with_hemisphere(degrees[row] + std::copysign(parts_deg, degrees[row]), sign);
    };
    finish(into.latitude, parts.latitude_parts_deg, parts.latitude_sign);
    finish(into.longitude, parts.longitude_parts_deg, parts.longitude_sign);
}

void store(const CsvHead& head, const RowTargets& into, const std::vector<CellValues>& values, std::size_t row) {
    RowParts parts;
    for (std::size_t i = 0; i < values.size(); ++i) put(into.columns[i], values[i], row, parts);
    finish_row(head, into, parts, row);
}

} // namespace

void CsvPiece::count_lines() {
    lines_ = line_ends(begin, end);
    if (begin != end && end[-1] != '\n') ++lines_;
}

void CsvPiece::parse(const CsvHead& head, const RowTargets& into) {
    QuickLine quick(head, into, end);
    RowParser careful(head);
    rejected_.clear();
    const bool by_characters = head.delimiter != any_blanks && head.delimiter != wide_blanks;
    std::uint32_t line = 0;
    std::size_t row = first_row;
    for (const char* p = begin; p < end; ++line) {
        RowParts parts;
        const bool plain = by_characters && *p != '\n' && *p != '\r' && *p != '#';
        const char* line_end = plain ? quick.parse(p, row, parts) : nullptr;
        if (line_end) {
            finish_row(head, into, parts, row);
            into.lines[row++] = line;
        } else {
            line_end = static_cast<const char*>(std::memchr(p, '\n', std::size_t(end - p)));
            const bool ended = line_end != nullptr;
            if (!ended) line_end = end;
            const bool carriage_return = line_end != p && line_end[-1] == '\r';
            const std::string_view text(p, std::size_t(line_end - p) - std::size_t(carriage_return));
            const RowVerdict verdict = careful.parse(text, ended);
            if (verdict.kind == RowVerdict::Kind::stored) {
                store(head, into, careful.values(), row);
                into.lines[row++] = line;
            } else if (verdict.kind == RowVerdict::Kind::set_aside) {
                rejected_.push_back({verdict.reason, line, std::uint32_t(verdict.bad_column)});
            }
        }
        p = line_end + 1;
    }
    rows_ = row - first_row;
}

} // namespace sobremesa::io
