#include "io/csv_cells.hpp"

#include <algorithm>
#include <cctype>
#include <chrono>
#include <cmath>
#include <string>

#include <fast_float/fast_float.h>

#include "core/units/constants.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

constexpr double seconds_per_day = 86400.0;

bool parse_pair(std::string_view cell, double& first, double& second) {
    if (means_missing(cell)) {
        first = second = missing_value;
        return true;
    }
    const auto gap = cell.find(' ');
    return gap != std::string_view::npos && parse_number_cell(trimmed(cell.substr(0, gap)), first) &&
           parse_number_cell(trimmed(cell.substr(gap + 1)), second);
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

/// The usual "14:03:21" or "14:03:21.250", without a look at anything else.
bool parse_plain_clock(std::string_view cell, double& seconds) {
    if (cell.size() < 8 || cell[2] != ':' || cell[5] != ':') return false;
    const auto two = [&](std::size_t at, int& value) {
        const char tens = cell[at];
        const char ones = cell[at + 1];
        value = (tens - '0') * 10 + (ones - '0');
        return tens >= '0' && tens <= '9' && ones >= '0' && ones <= '9';
    };
    int hours = 0;
    int minutes = 0;
    int whole = 0;
    if (!two(0, hours) || !two(3, minutes) || !two(6, whole) || hours > 24 || minutes > 59 || whole > 60)
        return false;
    double value = 0.0;
    const char* const end = cell.data() + cell.size();
    const auto parsed = fast_float::from_chars(cell.data() + 6, end, value);
    if (parsed.ec != std::errc() || parsed.ptr != end) return false;
    seconds = hours * units::seconds_per_hour + minutes * units::seconds_per_minute + value;
    return true;
}

} // namespace

std::string_view trimmed(std::string_view cell) {
    while (!cell.empty() && (cell.front() == ' ' || cell.front() == '\t')) cell.remove_prefix(1);
    while (!cell.empty() && (cell.back() == ' ' || cell.back() == '\t')) cell.remove_suffix(1);
    return cell;
}

void split_cells(std::string_view line, char delimiter, std::vector<std::string_view>& cells) {
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

bool means_missing(std::string_view cell) {
    if (cell.empty() || cell == "-" || cell == "--" || cell == "---") return true;
    std::string lower(cell.substr(0, 8));
    std::transform(lower.begin(), lower.end(), lower.begin(),
                   [](unsigned char c) { return char(std::tolower(c)); });
    return lower == "nan" || lower == "n/a" || lower == "na" || lower == "null" || lower == "none" ||
           lower == "inf" || lower == "-inf" || lower == "+inf" || lower == "infinity";
}

bool parse_number_cell(std::string_view cell, double& value) {
    const char* const end = cell.data() + cell.size();
    const auto parsed = fast_float::from_chars(cell.data(), end, value);
    if (parsed.ec == std::errc() && parsed.ptr == end && std::isfinite(value)) return true;
    value = missing_value;
    if (means_missing(cell)) return true;
    const auto slow = number_from_text(cell);
    if (slow) value = *slow;
    return slow.has_value();
}

bool parse_clock(std::string_view cell, double& seconds) {
    if (parse_plain_clock(cell, seconds)) return true;
    std::array<double, 3> f{};
    if (!parse_fields(cell, f, ":") || f[0] > 24.0 || f[1] >= 60.0 || f[2] >= 61.0) return false;
    seconds = f[0] * units::seconds_per_hour + f[1] * units::seconds_per_minute + f[2];
    return true;
}

bool parse_date(std::string_view cell, double& seconds) {
    std::array<double, 3> f{};
    const bool day_first = cell.find('.') != std::string_view::npos;
    if (!parse_fields(cell, f, day_first ? "." : "-/")) return false;
    if (day_first) std::swap(f[0], f[2]);
    // Before they become whole numbers: a cell may hold any number, and a year of 26 digits fits into none.
    if (!(f[0] >= 1970.0 && f[0] <= 9999.0 && f[1] >= 1.0 && f[1] <= 12.0 && f[2] >= 1.0 && f[2] <= 31.0))
        return false;
    const std::chrono::year_month_day date{std::chrono::year(int(f[0])), std::chrono::month(unsigned(f[1])),
                                           std::chrono::day(unsigned(f[2]))};
    if (!date.ok()) return false;
    seconds = double(std::chrono::sys_days(date).time_since_epoch().count()) * seconds_per_day;
    return true;
}

bool parse_cell(LogColumn::Kind kind, std::string_view text, CellValues& values) {
    using Kind = LogColumn::Kind;
    switch (kind) {
    case Kind::ignored: return true;
    case Kind::number: return parse_number_cell(text, values[0]);
    case Kind::position_pair: return parse_pair(text, values[0], values[1]);
    case Kind::date:
        if (!means_missing(text)) return parse_date(text, values[0]);
        break;
    case Kind::clock_time:
        if (!means_missing(text)) return parse_clock(text, values[0]);
        break;
    }
    values[0] = missing_value;
    return true;
}

} // namespace sobremesa::io
