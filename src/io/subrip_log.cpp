#include <optional>

#include "io/cell_forms.hpp"
#include "io/named_values.hpp"
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
    TableOfLog result;
    TableOfNames table;
    std::int64_t number = 0;
    each_line(text, [&](std::string_view line) {
        ++number;
        if (const auto begin = caption_begin(line)) {
            table.end_row();
            table.put("time_s", text_from_number(*begin, 3));
            return;
        }
        if (line.find("-->") != std::string_view::npos && result.unread++ == 0) result.first_unread = number;
        if (table.row_is_empty()) return;
        for (NamedValue& each : values_behind_signs_or_words(without_tags(line)))
            table.put(each.name, std::move(each.value));
    });
    table.end_row();
    result.csv = table.text();
    return result;
}

} // namespace sobremesa::io
