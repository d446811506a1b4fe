#include "io/json_series.hpp"

#include <algorithm>
#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "io/header_cell.hpp"
#include "io/log_header.hpp"
#include "io/log_units.hpp"
#include "io/rows_by_moment.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using Json = OrderedJson;

constexpr int deepest_document = 16;
constexpr std::size_t least_points = 2;

/// What a number or a text says; nothing for what is neither.
std::string text_of_value(const Json& value) {
    if (value.is_string()) return value.get<std::string>();
    return value.is_number() ? value.dump() : std::string();
}

std::optional<double> number_of(const Json& value) {
    if (value.is_number()) return value.get<double>();
    return value.is_string() ? number_from_text(value.get_ref<const std::string&>()) : std::nullopt;
}

bool is_list_of_values(const Json& value) {
    return value.is_array() && value.size() >= least_points &&
           std::all_of(value.begin(), value.end(), [](const Json& each) { return each.is_primitive(); });
}

bool is_list_of_pairs(const Json& value) {
    return value.is_array() && value.size() >= least_points &&
           std::all_of(value.begin(), value.end(), [](const Json& each) {
               return each.is_array() && each.size() == 2 && each[0].is_primitive() && each[1].is_primitive();
           });
}

/// One quantity's readings; without moments where these are another series'.
struct Series {
    std::string name;
    std::vector<std::string> moments;
    std::vector<std::string> values;
};

bool is_one_of(std::string_view word, std::initializer_list<std::string_view> words) {
    const std::string low = lower(word);
    return std::find(words.begin(), words.end(), low) != words.end();
}

/// The text under one of these keys.
std::string text_under(const Json& object, std::initializer_list<std::string_view> keys) {
    for (const auto& [key, value] : object.items()) {
        if (value.is_string() && is_one_of(key, keys)) return value.get<std::string>();
    }
    return {};
}

/// The text under a key that stands for a name.
std::string text_of_name(const Json& object) {
    return text_under(object, {"name", "__name__", "target", "field", "_field", "metric", "label", "title",
                               "channel", "sensor", "key", "id"});
}

/// What an object calls its readings; "metric": {"__name__": …} is a name, too.
std::string name_in(const Json& object) {
    std::string name = text_of_name(object);
    for (const auto& value : object) {
        if (name.empty() && value.is_object()) name = text_of_name(value);
    }
    const std::string unit = text_under(object, {"unit", "units"});
    return name.empty() || unit.empty() ? name : name + " (" + unit + ")";
}

/// In which place of the pairs the moment stands: there nothing goes back.
std::size_t place_of_moment(const Json& pairs) {
    const auto runs_on = [&](std::size_t place) {
        std::optional<double> before;
        for (const Json& pair : pairs) {
            const auto number = number_of(pair[place]);
            if (number && before && *number < *before) return false;
            if (number) before = number;
        }
        // Moments that are texts, as ISO 8601 writes them, are no numbers at all.
        return before.has_value() || pairs[0][place].is_string();
    };
    // A value may stand still, or grow; a moment since 1970 is the larger number.
    if (!runs_on(0)) return 1;
    const auto first = number_of(pairs[0][0]);
    const auto second = number_of(pairs[0][1]);
    constexpr double since_1970 = 1e9;
    return runs_on(1) && first && second && *first < since_1970 && *second >= since_1970 ? 1 : 0;
}

Series of_pairs(std::string name, const Json& pairs) {
    Series series{std::move(name), {}, {}};
    const std::size_t moment = place_of_moment(pairs);
    for (const Json& pair : pairs) {
        series.moments.push_back(text_of_value(pair[moment]));
        series.values.push_back(text_of_value(pair[1 - moment]));
    }
    return series;
}

std::vector<std::string> cells_of(const Json& list) {
    std::vector<std::string> cells;
    for (const Json& each : list) cells.push_back(text_of_value(each));
    return cells;
}

/// @param key  under which the value stands, its name where it has none itself
std::optional<Series> series_of(std::string_view key, const Json& value) {
    if (is_list_of_pairs(value) && !key.empty()) return of_pairs(std::string(key), value);
    if (!value.is_object()) return std::nullopt;
    std::string name = name_in(value);
    if (name.empty()) name = std::string(key);
    if (name.empty()) return std::nullopt;
    const Json* moments = nullptr;
    const Json* values = nullptr;
    for (const auto& [word, list] : value.items()) {
        if (is_list_of_pairs(list)) return of_pairs(std::move(name), list);
        if (!is_list_of_values(list)) continue;
        if (is_one_of(word, {"t", "x", "time", "times", "timestamp", "timestamps", "ts"}))
            moments = &list;
        else if (is_one_of(word, {"v", "y", "value", "values", "data", "points", "samples", "readings"}))
            values = &list;
    }
    if (!values || (moments && moments->size() != values->size())) return std::nullopt;
    return Series{std::move(name), moments ? cells_of(*moments) : std::vector<std::string>(), cells_of(*values)};
}

/// The first object or array whose members are series, and all of them.
std::vector<Series> series_in(const Json& value, int depth) {
    std::vector<Series> found;
    if (!value.is_structured() || depth > deepest_document) return found;
    for (const auto& [key, each] : value.items()) {
        if (auto series = series_of(value.is_object() ? std::string_view(key) : std::string_view(), each))
            found.push_back(std::move(*series));
    }
    const auto known = std::count_if(found.begin(), found.end(), [](const Series& each) {
        return is_recognised(each.name, take_apart(each.name));
    });
    // Rows of a log may hold short arrays of their own; series are longer than they are many.
    if (known >= 2 && found.front().values.size() > found.size()) return found;
    for (const Json& each : value) {
        found = series_in(each, depth + 1);
        if (!found.empty()) return found;
    }
    return {};
}

} // namespace

bool put_series(const Json& document, TableOfNames& table) {
    std::vector<Series> all = series_in(document, 0);
    if (all.empty()) return false;
    const bool with_moments =
        std::all_of(all.begin(), all.end(), [](const Series& s) { return !s.moments.empty(); });
    if (with_moments) {
        RowsByMoment rows;
        for (Series& series : all) {
            for (std::size_t i = 0; i < series.values.size(); ++i)
                rows.put(series.moments[i], series.name, std::move(series.values[i]));
        }
        rows.write("time", table);
        return true;
    }
    const std::size_t rows = all.front().values.size();
    const bool alike = std::all_of(all.begin(), all.end(),
                                   [&](const Series& s) { return s.moments.empty() && s.values.size() == rows; });
    if (!alike) return false;
    for (std::size_t i = 0; i < rows; ++i) {
        for (Series& series : all) table.put(series.name, std::move(series.values[i]));
        table.end_row();
    }
    return true;
}

} // namespace sobremesa::io
