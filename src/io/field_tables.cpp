#include "io/field_tables.hpp"

#include <utility>

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

} // namespace

std::vector<std::string> described_documents() {
    return {"plan", "aircraft", "pack", "build", "flight"};
}

std::string field_table(const std::string& document) {
    const auto rows = rows_of(document);
    if (rows.empty()) return {};
    std::string table = "| key | meaning | where left out |\n|---|---|---|\n";
    for (const FieldRow& row : rows)
        table += "| `" + row.key + "` | " + row.meaning + " | " + row.otherwise + " |\n";
    return table;
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
