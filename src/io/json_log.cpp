// Readings as JSON: an object a line, an array of objects, or arrays of numbers under their names.

#include <algorithm>
#include <functional>
#include <utility>
#include <vector>

#include <nlohmann/json.hpp>

#include "io/cell_forms.hpp"
#include "io/digits.hpp"
#include "io/json_series.hpp"
#include "io/table_of_rows.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using Json = OrderedJson;

/// Objects in objects deeper than this are no reading.
constexpr int deepest_json = 6;

std::string cell_of(const Json& value) {
    return value.is_string() ? value.get<std::string>() : value.dump();
}

/// Of GeoJSON (RFC 7946, section 3.1.1): longitude, latitude, height.
void put_place(const Json& coordinates, TableOfNames& table) {
    table.put("longitude (deg)", coordinates[0].dump());
    table.put("latitude (deg)", coordinates[1].dump());
    if (coordinates.size() > 2 && coordinates[2].is_number()) table.put("altitude (m)", coordinates[2].dump());
}

bool is_numbers(const Json& value) {
    return value.is_array() && value.size() >= 2 && value[0].is_number() && value[1].is_number();
}

bool is_geometry(const Json& value, const char* type) {
    return value.is_object() && value.contains("coordinates") && value.contains("type") && value["type"] == type;
}

/// Readings of an object, those of objects in it behind their name; two numbers in an array are a place.
void put_values(const Json& object, const std::string& before, int depth, TableOfNames& table) {
    for (const auto& [key, value] : object.items()) {
        const std::string name = before.empty() ? key : std::string(before).append(".").append(key);
        if (is_geometry(value, "Point") && is_numbers(value["coordinates"])) {
            put_place(value["coordinates"], table);
        } else if (value.is_object()) {
            if (depth < deepest_json) put_values(value, name, depth + 1, table);
        } else if (value.is_array()) {
            if (is_numbers(value)) {
                table.put(name, value[0].dump() + " " + value[1].dump());
            } else if (!value.empty() && value[0].is_object() && depth < deepest_json) {
                // Of several batteries or receivers the first.
                put_values(value[0], name, depth + 1, table);
            }
        } else if (!value.is_null()) {
            table.put(name, cell_of(value));
        }
    }
}

bool begins_with_digit(const std::string& text) {
    return !text.empty() && text.front() >= '0' && text.front() <= '9';
}

/// An object whose keys number its members, or give their times: {"0": …, "1": …}, {"2026-05-14T16:41:07Z": …}.
bool is_keyed_by_rows(const Json& value) {
    constexpr std::size_t least_rows = 30; // fewer may be cells of a pack
    if (!value.is_object() || value.size() < least_rows) return false;
    const auto& members = value.get_ref<const Json::object_t&>();
    return std::all_of(members.begin(), members.end(),
                       [](const auto& member) { return begins_with_digit(member.first); });
}

/// 0, 1, 2 …: numbers of rows, which say no time.
bool are_row_numbers(const Json::object_t& members) {
    double number = members.begin()->first == "0" ? 0.0 : 1.0;
    return std::all_of(members.begin(), members.end(),
                       [&](const auto& member) { return member.first == text_from_number(number++, 0); });
}

/// Objects that are keyed by rows as the lists that they stand for, their keys as a time where they are one.
Json with_lists(Json value, int depth) {
    if (depth > deepest_json || !value.is_object()) return value;
    Json times;
    for (auto& member : value.get_ref<Json::object_t&>()) {
        if (is_keyed_by_rows(member.second)) {
            const auto& members = member.second.get_ref<const Json::object_t&>();
            if (times.empty() && members.begin()->second.is_primitive() && !are_row_numbers(members)) {
                for (const auto& each : members) times.push_back(each.first);
            }
        }
        member.second = with_lists(std::move(member.second), depth + 1);
    }
    if (!times.empty()) value.emplace("time", std::move(times));
    if (!is_keyed_by_rows(value)) return value;
    Json list = Json::array();
    auto& members = value.get_ref<Json::object_t&>();
    const bool numbered = are_row_numbers(members);
    for (auto& [key, each] : members) {
        if (each.is_object() && !numbered) each.emplace("time", key);
        list.push_back(std::move(each));
    }
    return list;
}

bool is_list_of_objects(const Json& value) {
    return value.is_array() && value.size() >= 2 &&
           std::all_of(value.begin(), value.end(), [](const Json& each) { return each.is_object(); });
}

bool is_column(const Json& value) {
    return value.is_array() && value.size() >= 2 &&
           std::all_of(value.begin(), value.end(), [](const Json& each) { return each.is_primitive(); });
}

/// The longest list of objects in a document.
void find_longest(const Json& value, int depth, const Json*& longest) {
    if (is_list_of_objects(value) && (!longest || value.size() > longest->size())) longest = &value;
    if (depth >= deepest_json || !value.is_object()) return;
    for (const auto& each : value) find_longest(each, depth + 1, longest);
}

/// Columns of one length under their names, where most of them stand.
void put_columns(const Json& value, int depth, TableOfNames& table) {
    if (!value.is_object() || table.rows() > 0) return;
    std::size_t rows = 0;
    for (const auto& each : value) {
        if (is_column(each)) rows = std::max(rows, each.size());
    }
    const auto columns = std::count_if(value.begin(), value.end(),
                                       [&](const Json& each) { return is_column(each) && each.size() == rows; });
    if (columns >= 2) {
        for (std::size_t row = 0; row < rows; ++row) {
            for (const auto& [key, each] : value.items()) {
                if (is_column(each) && each.size() == rows && !each[row].is_null())
                    table.put(key, cell_of(each[row]));
            }
            table.end_row();
        }
        return;
    }
    if (depth >= deepest_json) return;
    for (const auto& each : value) put_columns(each, depth + 1, table);
}

/// A line of GeoJSON with readings along it: as many of each, arrays in the feature's properties, as it has places.
/// @return false where it is none
bool put_line(const Json& feature, TableOfNames& table) {
    if (!feature.is_object() || !feature.contains("geometry") || !is_geometry(feature["geometry"], "LineString"))
        return false;
    const Json& places = feature["geometry"]["coordinates"];
    if (!places.is_array() || places.size() < 2 || !std::all_of(places.begin(), places.end(), is_numbers))
        return false;
    std::vector<std::pair<std::string, const Json*>> readings;
    const std::function<void(const Json&, int)> find = [&](const Json& object, int depth) {
        for (const auto& [key, value] : object.items()) {
            if (value.is_array() && value.size() == places.size() && value[0].is_primitive())
                readings.emplace_back(key == "times" || key == "coordTimes" ? "time" : key, &value);
            else if (value.is_object() && depth < deepest_json)
                find(value, depth + 1);
        }
    };
    if (feature.contains("properties") && feature["properties"].is_object()) find(feature["properties"], 0);
    if (readings.empty()) return false;
    for (std::size_t i = 0; i < places.size(); ++i) {
        put_place(places[i], table);
        for (const auto& [name, values] : readings) {
            if (!(*values)[i].is_null()) table.put(name, cell_of((*values)[i]));
        }
        table.end_row();
    }
    return true;
}

bool find_line(const Json& value, int depth, TableOfNames& table) {
    if (put_line(value, table)) return true;
    if (depth >= deepest_json || !value.is_structured()) return false;
    return std::any_of(value.begin(), value.end(),
                       [&](const Json& each) { return find_line(each, depth + 1, table); });
}

bool are_words(const Json& value) {
    return value.is_array() && value.size() >= 2 &&
           std::all_of(value.begin(), value.end(), [](const Json& each) { return each.is_string(); });
}

/// Rows as arrays, the names in the first: [["time", "lat"], [0, 47.1], …].
bool put_rows_below_names(const Json& rows, TableOfNames& table) {
    if (!rows.is_array() || rows.size() < 3 || !are_words(rows[0])) return false;
    const bool fits = std::all_of(rows.begin(), rows.end(),
                                  [&](const Json& row) { return row.is_array() && row.size() <= rows[0].size(); });
    if (!fits) return false;
    for (auto row = std::next(rows.begin()); row != rows.end(); ++row) {
        for (std::size_t i = 0; i < row->size(); ++i) {
            if ((*row)[i].is_primitive() && !(*row)[i].is_null())
                table.put(rows[0][i].get_ref<const std::string&>(), cell_of((*row)[i]));
        }
        table.end_row();
    }
    return true;
}

/// What stands beside rows as their index and is no number of them: when each was.
const Json* times_beside(const Json& value, std::size_t rows) {
    const auto index = value.find("index");
    if (index == value.end() || !is_column(*index) || index->size() != rows) return nullptr;
    const bool counts = std::all_of(index->begin(), index->end(), [&](const Json& each) {
        return each.is_number() && each.get<double>() == double(&each - &index->front());
    });
    return counts ? nullptr : &*index;
}

/// Rows as arrays of values, and no names: [[0, 47.1, 11.5], …].
std::string nameless_rows(const Json& value) {
    const bool fits =
        value.is_array() && value.size() >= 2 && std::all_of(value.begin(), value.end(), [&](const Json& row) {
            return is_column(row) && row.size() == value.front().size();
        });
    std::string csv;
    if (!fits) return csv;
    for (const Json& row : value) {
        for (const Json& each : row) {
            if (&each != &row.front()) csv += ';';
            if (!each.is_null()) csv += cell_of(each);
        }
        csv += '\n';
    }
    return csv;
}

/// Rows as arrays, and their names in another array beside: {"columns": […], "data": [[…], …]}.
bool put_rows(const Json& value, int depth, TableOfNames& table) {
    if (put_rows_below_names(value, table)) return true;
    if (!value.is_object()) return false;
    for (const auto& names : value) {
        if (!are_words(names)) continue;
        for (const auto& rows : value) {
            const bool fits = rows.is_array() && rows.size() >= 2 && &rows != &names &&
                              std::all_of(rows.begin(), rows.end(), [&](const Json& row) {
                                  return row.is_array() && row.size() == names.size() &&
                                         std::all_of(row.begin(), row.end(),
                                                     [](const Json& each) { return each.is_primitive(); });
                              });
            if (!fits) continue;
            const Json* const times = times_beside(value, rows.size());
            for (std::size_t at = 0; at < rows.size(); ++at) {
                const Json& row = rows[at];
                for (std::size_t i = 0; i < row.size(); ++i) {
                    if (!row[i].is_null()) table.put(names[i].get<std::string>(), cell_of(row[i]));
                }
                if (times) table.put("time", cell_of((*times)[at]));
                table.end_row();
            }
            return true;
        }
    }
    return depth < deepest_json && std::any_of(value.begin(), value.end(),
                                               [&](const Json& each) { return put_rows(each, depth + 1, table); });
}

/// The moment that a program which writes one object a line puts before each: "1776506340000 {…}", "[12:00:01.5]
/// {…}"; empty where something else stands there, or nothing.
std::string_view moment_before_object(std::string_view line) {
    constexpr std::size_t longest = 48;
    const auto brace = line.find('{');
    if (brace == std::string_view::npos || brace == 0 || brace > longest || !line.ends_with('}')) return {};
    if (!trimmed(line.substr(brace + 1)).starts_with('"')) return {};
    std::string_view before = trimmed(line.substr(0, brace));
    while (!before.empty() && std::string_view("]:;,|").find(before.back()) != std::string_view::npos)
        before = trimmed(before.substr(0, before.size() - 1));
    if (before.starts_with('[')) before.remove_prefix(1);
    if (before.empty() || !is_digit(before.front())) return {};
    return before.find_first_not_of("0123456789-+:./, TZ") == std::string_view::npos ? before : std::string_view();
}

TableOfLog lines_as_table(std::string_view text) {
    TableOfLog result;
    TableOfNames table;
    std::int64_t number = 0;
    each_line(text, [&](std::string_view line) {
        ++number;
        line = trimmed(line);
        if (line.empty()) return;
        const std::string_view moment = moment_before_object(line);
        if (!moment.empty()) line.remove_prefix(line.find('{'));
        const Json object = Json::parse(line, nullptr, false);
        if (object.is_object()) {
            if (!moment.empty() && !object.contains("time")) table.put("time", std::string(moment));
            put_values(object, {}, 0, table);
            table.end_row();
        } else if (result.unread++ == 0) {
            result.first_unread = number;
        }
    });
    result.csv = table.text();
    return result;
}

std::int64_t line_of(std::string_view text, std::size_t place) {
    return 1 + std::count(text.begin(), text.begin() + std::ptrdiff_t(place), '\n');
}

/// Calls `take` with each bracket outside of a text and its place, until it returns false.
template <class Take>
void each_bracket(std::string_view text, Take take) {
    constexpr std::string_view brackets = "{}[]";
    bool in_text = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (in_text && c == '\\')
            ++i;
        else if (c == '"')
            in_text = !in_text;
        else if (!in_text && brackets.find(c) != std::string_view::npos && !take(c, i))
            return;
    }
}

/// Objects or arrays one behind the other, with or without commas and line ends between, as programs print them
/// that take a stream apart: one list of them; no value where there are not two.
Json one_behind_the_other(std::string_view text, TableOfLog& result) {
    Json list = Json::array();
    std::size_t depth = 0;
    std::size_t begin = 0;
    each_bracket(text, [&](char c, std::size_t at) {
        if (c == '{' || c == '[') {
            if (depth++ == 0) begin = at;
            return true;
        }
        if (depth == 0 || --depth > 0) return true;
        Json value = Json::parse(text.substr(begin, at + 1 - begin), nullptr, false);
        // The first says what the others are.
        if (value.is_discarded() && list.empty()) return false;
        if (!value.is_discarded())
            list.push_back(std::move(value));
        else if (result.unread++ == 0)
            result.first_unread = line_of(text, begin);
        return true;
    });
    if (list.size() < 2) return Json(Json::value_t::discarded);
    // Cut inside the last.
    if (depth > 0 && result.unread++ == 0) result.first_unread = line_of(text, begin);
    return list;
}

/// A document that was cut, up to its last whole object, with what is open closed: as any other log it is read to
/// the cut.
std::string closed_behind_last_object(std::string_view text) {
    std::string open;
    std::string open_there;
    std::size_t end = 0;
    each_bracket(text, [&](char c, std::size_t at) {
        if (c == '{' || c == '[') {
            open += c == '{' ? '}' : ']';
            return true;
        }
        if (open.empty() || open.back() != c) return false;
        open.pop_back();
        // An object in a list; one in another object may be half a reading.
        if (c == '}' && !open.empty() && open.back() == ']') {
            end = at + 1;
            open_there = open;
        }
        return true;
    });
    return std::string(text.substr(0, end)) + std::string(open_there.rbegin(), open_there.rend());
}

/// "[0.5, 47.1, 11.4]", "["time", "lat", "lon"]": a row, with nothing else on its line.
bool is_row(std::string_view line) {
    if (line.ends_with(',')) line.remove_suffix(1);
    if (!line.starts_with('[') || !line.ends_with(']')) return false;
    const Json row = Json::parse(line, nullptr, false);
    return is_column(row) && row.size() >= 3;
}

std::string_view first_written_line(std::string_view text) {
    std::string_view first;
    each_line(text, [&](std::string_view line) {
        if (first.empty()) first = trimmed(line);
    });
    return first;
}

} // namespace

bool looks_like_json(std::string_view head) {
    const std::string_view first = first_written_line(head);
    if (!moment_before_object(first).empty()) return true;
    if (is_row(first)) return true;
    // "[Header]" of a settings file is no array.
    if (first.starts_with('[')) {
        const std::string_view rest = trimmed(head.substr(head.find('[') + 1));
        return rest.starts_with('{') || rest.starts_with("[\"") ||
               (rest.starts_with('[') && rest.size() > 1 && is_digit(rest[1]));
    }
    return first.starts_with('{') && (first.size() == 1 || trimmed(first.substr(1)).starts_with('"'));
}

TableOfLog json_as_table(std::string_view text) {
    const std::string_view first = first_written_line(text);
    const bool object_a_line = first.starts_with('{') || !moment_before_object(first).empty();
    if (object_a_line && first.ends_with('}') && first.size() < trimmed(text).size()) return lines_as_table(text);
    TableOfLog result;
    Json document = Json::parse(text, nullptr, false);
    if (document.is_discarded()) document = one_behind_the_other(text, result);
    if (document.is_discarded()) {
        document = Json::parse(closed_behind_last_object(text), nullptr, false);
        if (!document.is_discarded()) result = {{}, 1, std::count(text.begin(), text.end(), '\n') + 1};
    }
    document = with_lists(std::move(document), 0);
    const Json* longest = nullptr;
    TableOfNames table;
    find_longest(document, 0, longest);
    if (find_line(document, 0, table) || put_series(document, table) || put_rows(document, 0, table)) {
        // done
    } else if (longest) {
        for (const Json& each : *longest) {
            put_values(each, {}, 0, table);
            table.end_row();
        }
    } else {
        put_columns(document, 0, table);
    }
    result.csv = table.rows() == 0 ? nameless_rows(document) : table.text();
    return result;
}

} // namespace sobremesa::io
