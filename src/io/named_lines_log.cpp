// Lines of names and values, as programs that print what they receive leave them: "t=12.5 lat=47.1 volts=16.2",
// perhaps with a moment in front; or a name and its value a line, records one below the other.

#include <algorithm>
#include <map>
#include <optional>
#include <set>

#include "io/cell_forms.hpp"
#include "io/named_values.hpp"
#include "io/table_of_rows.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

/// A line with fewer readings tells of something else.
constexpr std::size_t least_values = 3;

/// A date, a clock or both before the first name.
std::string moment_before(std::string_view line, std::string_view first_name) {
    std::string_view front = trimmed(line.substr(0, line.find(first_name)));
    const std::string_view brackets = "[](),;|\"";
    while (!front.empty() && brackets.find(front.front()) != std::string_view::npos)
        front = trimmed(front.substr(1));
    // Words between the moment and the names, such as a level, are left out from behind.
    while (!front.empty()) {
        std::string_view whole = front;
        while (!whole.empty() && brackets.find(whole.back()) != std::string_view::npos)
            whole = trimmed(whole.substr(0, whole.size() - 1));
        double seconds = 0.0;
        if (possible_moment_orders(whole) != 0 || parse_clock(whole, ClockForm::hours_first, seconds))
            return std::string(whole);
        const auto blank = front.find_last_of(" \t");
        // "May 14 16:41:07": a date without its year says nothing, the clock does.
        const std::string_view last =
            blank == std::string_view::npos ? whole : trimmed(whole.substr(std::min(blank, whole.size())));
        if (last.find(':') != std::string_view::npos && parse_clock(last, ClockForm::hours_first, seconds))
            return std::string(last);
        front = blank == std::string_view::npos ? std::string_view() : trimmed(front.substr(0, blank));
    }
    return {};
}

bool is_whole(std::string_view text) {
    return !text.empty() && std::all_of(text.begin(), text.end(), [](char c) { return c >= '0' && c <= '9'; });
}

/// A count since 1970 behind the last value, as databases of time series write their lines:
/// "flight,craft=one volts=16.2,satellites=14i 1778776867000000000". Whole numbers have a letter there.
std::string take_stamp_behind(std::vector<NamedValue>& values) {
    std::string& last = values.back().value;
    const auto blank = last.find_last_of(' ');
    constexpr std::size_t least_digits = 10;
    if (blank == std::string::npos) return {};
    std::string stamp = last.substr(blank + 1);
    if (stamp.size() < least_digits || !is_whole(stamp)) return {};
    last = trimmed(std::string_view(last).substr(0, blank));
    for (NamedValue& each : values) {
        const std::string_view digits = std::string_view(each.value).substr(0, each.value.size() - 1);
        if ((each.value.ends_with('i') || each.value.ends_with('u')) && is_whole(digits)) each.value.pop_back();
    }
    return stamp;
}

/// A line of a block: a name and its value, what begins a new record, or neither.
struct BlockLine {
    std::optional<NamedValue> value;
    bool begins = false;
};

/// Lines of a text in blocks that are no reading. What stands over every record ("Sample 12") is its heading, and
/// nothing is lost with it; what stands there once or twice is a reading that could not be read.
class LinesBesideReadings {
public:
    void add(std::string_view line, std::int64_t number) {
        std::string words(line);
        std::erase_if(words, [](char c) { return (c >= '0' && c <= '9') || c == '.' || c == ' '; });
        const auto known = kinds_.find(words);
        if (known != kinds_.end()) {
            ++known->second.count;
            return;
        }
        // A text of rubbish has as many kinds as lines.
        constexpr std::size_t most_kinds = 64;
        if (kinds_.size() < most_kinds)
            kinds_.emplace(std::move(words), Kind{number, 1});
        else if (others_++ == 0)
            first_other_ = number;
    }

    void report(TableOfLog& table) const {
        constexpr std::size_t least_of_heading = 3;
        table.unread = others_;
        table.first_unread = first_other_;
        for (const auto& [words, kind] : kinds_) {
            if (kind.count >= least_of_heading) continue;
            table.first_unread = table.first_unread == 0 ? kind.first : std::min(table.first_unread, kind.first);
            table.unread += kind.count;
        }
    }

private:
    struct Kind {
        std::int64_t first = 0;
        std::size_t count = 0;
    };
    std::map<std::string, Kind> kinds_;
    std::size_t others_ = 0;
    std::int64_t first_other_ = 0;
};

bool is_value(std::string_view text) {
    double seconds = 0.0;
    return number_from_text(text) || possible_moment_orders(text) != 0 || possible_date_orders(text) != 0 ||
           parse_clock(text, ClockForm::hours_first, seconds);
}

/// "Volts: 16.2", "volts = 16.2", "volts 16.2", "- volts: 16.2"; records begin at an empty line, "[sample 2]",
/// "---", or a dash.
BlockLine block_line(std::string_view line) {
    BlockLine result;
    line = trimmed(line);
    constexpr std::string_view rules = "-=*#_~";
    const bool rule = line.find_first_not_of(rules) == std::string_view::npos;
    if (rule || (line.front() == '[' && line.back() == ']')) {
        result.begins = true;
        return result;
    }
    if (line.starts_with("- ")) {
        result.begins = true;
        line = trimmed(line.substr(2));
    }
    auto sign = line.find_first_of(":=");
    // "volts        16.2", "time  2026-05-14 14:03:21": a word, and nothing between it and its value but blanks
    const auto blank = line.find_first_of(" \t");
    if (blank < sign && is_value(trimmed(line.substr(blank)))) sign = blank;
    if (sign == std::string_view::npos) return result;
    constexpr std::size_t longest_name = 40;
    std::string_view name = trimmed(line.substr(0, sign));
    std::string_view value = trimmed(line.substr(sign + 1));
    constexpr std::string_view quotes = "\"'";
    while (!name.empty() && quotes.find(name.back()) != std::string_view::npos) name.remove_suffix(1);
    while (!name.empty() && quotes.find(name.front()) != std::string_view::npos) name.remove_prefix(1);
    while (!value.empty() && (value.back() == ',' || value.back() == ';'))
        value = trimmed(value.substr(0, value.size() - 1));
    if (value.size() > 1 && quotes.find(value.front()) != std::string_view::npos && value.back() == value.front())
        value = trimmed(value.substr(1, value.size() - 2));
    const bool lettered = std::any_of(name.begin(), name.end(), [](char c) {
        return std::isalpha(static_cast<unsigned char>(c)) != 0 || static_cast<unsigned char>(c) >= 0x80U;
    });
    if (lettered && name.size() <= longest_name && !value.empty())
        result.value = NamedValue{std::string(name), std::string(value)};
    return result;
}

} // namespace

bool looks_like_named_lines(std::string_view head) {
    constexpr std::size_t enough = 40;
    std::size_t lines = 0;
    std::size_t named = 0;
    std::map<std::string, std::size_t> first_names;
    each_line(head, [&](std::string_view line) {
        if (trimmed(line).empty() || lines >= enough) return;
        ++lines;
        const auto values = values_behind_signs(line);
        if (values.size() < least_values) return;
        ++named;
        ++first_names[values.front().name];
    });
    const auto often = std::max_element(first_names.begin(), first_names.end(),
                                        [](const auto& a, const auto& b) { return a.second < b.second; });
    return lines >= 2 && 10 * named >= 8 * lines && 2 * often->second >= named;
}

TableOfLog named_lines_as_table(std::string_view text) {
    TableOfLog result;
    TableOfNames table;
    std::int64_t number = 0;
    each_line(text, [&](std::string_view line) {
        ++number;
        if (trimmed(line).empty()) return;
        auto values = values_behind_signs(line);
        if (values.size() < least_values) {
            if (result.unread++ == 0) result.first_unread = number;
            return;
        }
        if (std::string stamp = take_stamp_behind(values); !stamp.empty())
            table.put("time", std::move(stamp));
        else if (std::string moment = moment_before(line, values.front().name); !moment.empty())
            table.put("time", std::move(moment));
        for (NamedValue& each : values) table.put(each.name, std::move(each.value));
        table.end_row();
    });
    result.csv = table.text();
    return result;
}

bool looks_like_named_blocks(std::string_view head) {
    std::size_t lines = 0;
    std::size_t named = 0;
    std::map<std::string, std::size_t> times;
    each_line(head, [&](std::string_view line) {
        if (trimmed(line).empty()) return;
        const BlockLine read = block_line(line);
        if (!read.value && read.begins) return;
        ++lines;
        if (!read.value) return;
        ++named;
        ++times[read.value->name];
    });
    // Several records of several readings, each perhaps under a heading: most names come again.
    std::size_t again = 0;
    for (const auto& [name, count] : times) again += count >= 3 ? 1 : 0;
    return lines >= 3 * least_values && 10 * named >= 7 * lines && again >= least_values &&
           2 * again >= times.size();
}

TableOfLog named_blocks_as_table(std::string_view text) {
    TableOfLog result;
    TableOfNames table;
    std::set<std::string> here;
    LinesBesideReadings beside;
    std::int64_t number = 0;
    bool began = false;
    const auto end_record = [&] {
        table.end_row();
        here.clear();
    };
    each_line(text, [&](std::string_view line) {
        ++number;
        if (trimmed(line).empty()) {
            end_record();
            return;
        }
        BlockLine read = block_line(line);
        if (read.begins) end_record();
        if (!read.value) {
            // What stands above the first record is a title.
            if (began && !read.begins) beside.add(trimmed(line), number);
            return;
        }
        began = true;
        // Records with nothing between them: a name that comes again begins the next.
        if (!here.insert(read.value->name).second) {
            end_record();
            here.insert(read.value->name);
        }
        table.put(read.value->name, std::move(read.value->value));
    });
    end_record();
    beside.report(result);
    result.csv = table.text();
    return result;
}

} // namespace sobremesa::io
