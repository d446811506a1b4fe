// Records of several kinds in one text, each with its kind in front, as controllers' logs are printed. Rows of the
// kind FMT say which readings each kind has: "FMT, 129, 50, GPS, QBLL, TimeUS,Status,Lat,Lng"; or each kind has a
// header of its own: "#GPS,time_ms,lat,lon".

#include <algorithm>
#include <cctype>
#include <functional>
#include <map>
#include <utility>
#include <vector>

#include "io/cell_forms.hpp"
#include "io/header_cell.hpp"
#include "io/quantity_words.hpp"
#include "io/table_of_rows.hpp"
#include "io/text_logs.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;

/// Cells of a definition before the kind's name, and before the names of its readings.
constexpr std::size_t kind_cell = 3;
constexpr std::size_t names_from = 5;

struct RecordKind {
    std::vector<std::string> names;
    std::size_t time = 0;
    /// Cell that tells apart several sensors of one kind; as many as there are cells where none does.
    std::size_t instance = 0;
    std::string first_instance;
};

std::vector<std::string_view> cells_of(std::string_view line) {
    std::vector<std::string_view> cells;
    split_cells(line, ',', cells);
    for (std::string_view& cell : cells) cell = trimmed(cell);
    return cells;
}

bool is_definition(const std::vector<std::string_view>& cells) {
    return cells.size() > names_from + 1 && cells.front() == "FMT" && !cells[kind_cell].empty();
}

/// "#GPS,time_ms,lat,lon" or the same without a mark: a kind with the names of its readings, no number among them.
/// @return the kind, or nothing
std::string_view kind_of_header(const std::vector<std::string_view>& cells) {
    constexpr std::size_t least_cells = 3;
    if (cells.size() < least_cells) return {};
    std::string_view kind = cells.front();
    while (!kind.empty() && std::string_view("#$%@!").find(kind.front()) != std::string_view::npos)
        kind = trimmed(kind.substr(1));
    const auto is_name = [](std::string_view cell) {
        return !cell.empty() &&
               (std::isalpha(static_cast<unsigned char>(cell.front())) != 0 || cell.front() == '_');
    };
    if (!is_name(kind) || !std::all_of(cells.begin() + 1, cells.end(), is_name)) return {};
    return kind;
}

/// The reading that is the time: "TimeUS", "time_ms", "t".
std::size_t time_of(const std::vector<std::string>& names) {
    const auto at = std::find_if(names.begin(), names.end(), [](const std::string& name) {
        const std::string low = lower(name);
        return low.starts_with("time") || low == "t" || low == "ts" || low == "ms" || low.starts_with("t_");
    });
    return std::size_t(at - names.begin());
}

/// Whether a kind tells of a flight's place, height, airspeed or pack. Others come hundreds of times a second and
/// say nothing of these.
bool is_of_use(std::string_view kind, const std::vector<std::string>& names) {
    std::size_t volts_and_amps = 0;
    for (const std::string& name : names) {
        const auto quantity = quantity_from_words(take_apart(std::string(kind) + "." + name));
        if (!quantity || quantity->of_another) continue;
        if (quantity->channel == Channel::latitude_deg || quantity->channel == Channel::airspeed_mps) return true;
        volts_and_amps +=
            quantity->channel == Channel::voltage_v || quantity->channel == Channel::current_a ? 1 : 0;
    }
    return volts_and_amps >= 2 || kind == "BARO";
}

std::size_t place_of(const std::vector<std::string>& names, std::initializer_list<std::string_view> wanted) {
    return std::size_t(std::find_first_of(names.begin(), names.end(), wanted.begin(), wanted.end()) -
                       names.begin());
}

} // namespace

bool looks_like_records(std::string_view head) {
    std::size_t lines = 0;
    std::size_t definitions = 0;
    // Of headers without FMT: their cells, and how many records follow.
    std::map<std::string, std::pair<std::size_t, std::size_t>, std::less<>> headed;
    each_line(head, [&](std::string_view line) {
        ++lines;
        const auto cells = cells_of(line);
        definitions += is_definition(cells) ? 1 : 0;
        const auto known = headed.find(cells.front());
        if (known != headed.end() && known->second.first == cells.size())
            ++known->second.second;
        else if (const std::string_view kind = kind_of_header(cells); !kind.empty())
            headed.emplace(std::string(kind), std::pair(cells.size(), std::size_t(0)));
    });
    if (definitions >= 2 && cells_of(head.substr(0, head.find('\n'))).front() == "FMT") return true;
    std::size_t kinds = 0;
    std::size_t records = 0;
    for (const auto& [kind, counts] : headed) {
        kinds += counts.second >= 2 ? 1 : 0;
        records += counts.second;
    }
    return kinds >= 2 && 10 * records >= 7 * lines;
}

TableOfLog records_as_table(std::string_view text) {
    TableOfLog result;
    TableOfNames table;
    std::map<std::string, RecordKind, std::less<>> kinds;
    std::string moment;
    std::string time_name;
    std::int64_t number = 0;
    each_line(text, [&](std::string_view line) {
        ++number;
        const auto cells = cells_of(line);
        const auto define = [&](std::string_view name, std::size_t from) {
            RecordKind kind;
            for (std::size_t i = from; i < cells.size(); ++i) kind.names.emplace_back(cells[i]);
            kind.time = time_of(kind.names);
            kind.instance = place_of(kind.names, {"I", "Inst", "Instance"});
            if (kind.time == kind.names.size() || !is_of_use(name, kind.names)) return;
            // All kinds count their time alike, or they are none of one log.
            if (time_name.empty()) time_name = kind.names[kind.time];
            if (kind.names[kind.time] == time_name) kinds.emplace(std::string(name), std::move(kind));
        };
        if (is_definition(cells)) {
            define(cells[kind_cell], names_from);
            return;
        }
        const auto at = kinds.find(cells.front());
        if (at == kinds.end()) {
            if (const std::string_view kind = kind_of_header(cells); !kind.empty()) define(kind, 1);
            return;
        }
        RecordKind& kind = at->second;
        if (cells.size() != kind.names.size() + 1) {
            if (result.unread++ == 0) result.first_unread = number;
            return;
        }
        if (kind.instance < kind.names.size()) {
            const std::string_view instance = cells[kind.instance + 1];
            if (kind.first_instance.empty()) kind.first_instance = std::string(instance);
            if (instance != kind.first_instance) return;
        }
        // Records of one moment are one row.
        if (cells[kind.time + 1] != moment) table.end_row();
        moment = std::string(cells[kind.time + 1]);
        for (std::size_t i = 0; i < kind.names.size(); ++i) {
            if (i == kind.instance) continue;
            const bool time = i == kind.time;
            table.put(time ? kind.names[i] : at->first + "." + kind.names[i], std::string(cells[i + 1]));
        }
    });
    table.end_row();
    result.csv = table.text();
    return result;
}

} // namespace sobremesa::io
