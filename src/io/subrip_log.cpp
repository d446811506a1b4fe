#include <algorithm>
#include <cctype>
#include <map>
#include <optional>
#include <vector>

#include "io/cell_forms.hpp"
#include "io/csv_table.hpp"
#include "io/table_of_rows.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

/// "00:01:02,500 --> 00:01:03,000": seconds of its beginning.
std::optional<double> caption_begin(std::string_view line) {
    const auto arrow = line.find("-->");
    if (arrow == std::string_view::npos) return std::nullopt;
    double seconds = 0.0;
    if (!parse_clock(trimmed(line.substr(0, arrow)), ClockForm::hours_first, seconds)) return std::nullopt;
    return seconds;
}

bool is_name_part(char c) {
    const auto u = static_cast<unsigned char>(c);
    return std::isalnum(u) != 0 || c == '_' || c == '.' || u >= 0x80U;
}

/// Marks of a caption's style, as <font …>, taken out.
std::string without_tags(std::string_view line) {
    std::string text;
    bool inside = false;
    for (const char c : line) {
        if (c == '<') inside = true;
        if (!inside) text += c;
        if (c == '>') inside = false;
    }
    return text;
}

struct Pair {
    std::string name;
    std::string value;
};

/// "volts: 16.2 amps=5.3, GPS (47.1, 11.4)": names with the value behind them, up to the next name.
std::vector<Pair> pairs_in(const std::string& line) {
    std::vector<Pair> pairs;
    std::vector<std::pair<std::size_t, std::size_t>> names; // begin of the name, place of its sign
    for (std::size_t i = 1; i < line.size(); ++i) {
        if (line[i] != ':' && line[i] != '=') continue;
        std::size_t end = i;
        while (end > 0 && line[end - 1] == ' ') --end;
        std::size_t begin = end;
        while (begin > 0 && is_name_part(line[begin - 1])) --begin;
        // A clock's colons stand between digits.
        const bool letter = std::any_of(line.begin() + std::ptrdiff_t(begin), line.begin() + std::ptrdiff_t(end),
                                        [](char c) { return std::isalpha(static_cast<unsigned char>(c)) != 0; });
        const bool in_clock = i + 1 < line.size() && end > 0 &&
                              std::isdigit(static_cast<unsigned char>(line[end - 1])) &&
                              std::isdigit(static_cast<unsigned char>(line[i + 1])) && line[i] == ':' && !letter;
        if (letter && !in_clock) names.emplace_back(begin, i);
    }
    for (std::size_t i = 0; i < names.size(); ++i) {
        const std::size_t to = i + 1 < names.size() ? names[i + 1].first : line.size();
        std::string_view value =
            trimmed(std::string_view(line).substr(names[i].second + 1, to - names[i].second - 1));
        while (!value.empty() && std::string_view(",;|[]").find(value.back()) != std::string_view::npos)
            value = trimmed(value.substr(0, value.size() - 1));
        std::size_t name_end = names[i].second;
        while (name_end > names[i].first && line[name_end - 1] == ' ') --name_end;
        pairs.push_back({line.substr(names[i].first, name_end - names[i].first), std::string(value)});
    }
    return pairs;
}

} // namespace

bool looks_like_subrip(std::string_view head) {
    bool found = false;
    std::size_t lines = 0;
    each_line(head, [&](std::string_view line) {
        if (++lines <= 6) found = found || caption_begin(line).has_value();
    });
    return found;
}

TableOfLog subrip_as_table(std::string_view text) {
    struct Row {
        double time_s = 0.0;
        std::map<std::size_t, std::string> cells;
    };
    std::vector<Row> rows;
    std::vector<std::string> names;
    std::map<std::string, std::size_t> place;
    TableOfLog result;
    std::int64_t number = 0;
    each_line(text, [&](std::string_view line) {
        ++number;
        if (const auto begin = caption_begin(line)) {
            rows.push_back({*begin, {}});
            return;
        }
        if (line.find("-->") != std::string_view::npos && result.unread++ == 0) result.first_unread = number;
        if (rows.empty()) return;
        for (Pair& pair : pairs_in(without_tags(line))) {
            const auto [at, is_new] = place.try_emplace(pair.name, names.size());
            if (is_new) names.push_back(pair.name);
            rows.back().cells.emplace(at->second, std::move(pair.value));
        }
    });
    result.csv = "time_s";
    for (const std::string& name : names) result.csv += "," + csv_cell(name);
    result.csv += '\n';
    for (const Row& row : rows) {
        result.csv += text_from_number(row.time_s, 3);
        for (std::size_t i = 0; i < names.size(); ++i) {
            result.csv += ',';
            if (const auto cell = row.cells.find(i); cell != row.cells.end()) result.csv += csv_cell(cell->second);
        }
        result.csv += '\n';
    }
    return result;
}

} // namespace sobremesa::io
