#include "io/field_tables.hpp"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <utility>

#include "core/airframe/aircraft_ranges.hpp"
#include "core/battery/pack_ranges.hpp"
#include "core/mission/plan_ranges.hpp"
#include "io/book_fields.hpp"
#include "io/plan_fields.hpp"

namespace sobremesa::io {

namespace {

template <class Document, class Describe>
std::vector<FieldRow> rows_of(const Document& document, const Describe& describe) {
    FieldLister lister("");
    describe(lister, document);
    return lister.rows();
}

std::vector<FieldRow> rows_of(const std::string& name) {
    if (name == "plan") return rows_of(mission::PlanRequest{}, [](auto& v, auto& d) { describe_plan(v, d); });
    if (name == "aircraft")
        return rows_of(book::KeptAircraft{}, [](auto& v, auto& d) { describe_kept_aircraft(v, d); });
    if (name == "pack") return rows_of(book::KeptPack{}, [](auto& v, auto& d) { describe_kept_pack(v, d); });
    if (name == "build") return rows_of(battery::Build{}, [](auto& v, auto& d) { describe_build(v, d); });
    if (name == "flight") return rows_of(book::KeptFlight{}, [](auto& v, auto& d) { describe_kept_flight(v, d); });
    return {};
}

/// In the fewest digits, with the sign of the docs.
std::string plain_figure(double value) {
    char digits[64];
    const auto end = std::to_chars(digits, digits + sizeof digits, std::abs(value), std::chars_format::fixed).ptr;
    return (value < 0.0 ? "−" : "") + std::string(digits, end);
}

/// What the number under a key of a document may be; empty where the key holds none, or the program alone writes
/// it.
std::string range_of(const std::vector<units::NumberRange>& ranges, const std::string& document,
                     const std::string& key) {
    std::string field = document == "plan" ? key : document + "." + key;
    for (auto at = field.find("[]"); at != std::string::npos; at = field.find("[]")) field.erase(at, 2);
    const auto found = std::find_if(ranges.begin(), ranges.end(),
                                    [&](const units::NumberRange& range) { return field == range.field; });
    if (found == ranges.end()) return {};
    return *found->words ? found->words : plain_figure(found->least) + " … " + plain_figure(found->most);
}

} // namespace

std::vector<units::NumberRange> number_ranges(const std::string& document) {
    auto ranges = units::NumberRanges::listing();
    if (document == "plan") look_at_ranges(ranges, mission::PlanRequest{});
    if (document == "aircraft") look_at_ranges(ranges, airframe::Aircraft{});
    if (document == "pack") look_at_ranges(ranges, battery::Pack{});
    if (document == "build") look_at_ranges(ranges, battery::Build{});
    return ranges.all();
}

std::vector<std::string> described_documents() {
    return {"plan", "aircraft", "pack", "build", "flight"};
}

std::string field_table(const std::string& document) {
    const auto rows = rows_of(document);
    if (rows.empty()) return {};
    const auto ranges = number_ranges(document);
    const bool ranged = !ranges.empty();
    std::string table = ranged ? "| key | meaning | from … to | where left out |\n|---|---|---|---|\n"
                               : "| key | meaning | where left out |\n|---|---|---|\n";
    for (const FieldRow& row : rows) {
        const std::string range = ranged ? " | " + range_of(ranges, document, row.key) : "";
        table += "| `" + row.key + "` | " + row.meaning + range + " | " + row.otherwise + " |\n";
    }
    return table;
}

std::vector<std::string> numbers_without_range(const std::string& document) {
    const auto ranges = number_ranges(document);
    std::vector<std::string> keys;
    for (const FieldRow& row : rows_of(document)) {
        if (row.number && range_of(ranges, document, row.key).empty()) keys.push_back(row.key);
    }
    return keys;
}

std::string with_field_tables(const std::string& page) {
    const std::string begin = "<!-- fields: ";
    const std::string end = "<!-- end of fields -->";
    std::string result;
    std::size_t at = 0;
    while (true) {
        const auto found = page.find(begin, at);
        const auto name_end = found == std::string::npos ? found : page.find(" -->\n", found);
        const auto finish = name_end == std::string::npos ? name_end : page.find(end, name_end);
        if (finish == std::string::npos) return result + page.substr(at);
        const std::string name = page.substr(found + begin.size(), name_end - found - begin.size());
        const auto table_at = name_end + std::string(" -->\n").size();
        result += page.substr(at, table_at - at) + "\n" + field_table(name) + "\n";
        at = finish;
    }
}

} // namespace sobremesa::io
