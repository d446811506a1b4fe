#include "io/book_document.hpp"

#include <algorithm>

#include "io/csv_table.hpp"
#include "io/document_reader.hpp"

namespace sobremesa::io {

namespace {

using nlohmann::json;
using units::ErrorCode;

constexpr int book_version = 1;
constexpr const char* kinds[] = {"aircraft", "pack", "plan", "flight", "learned"};

/// "/flown/pack/series" ↔ "flown.pack.series".
std::string column_name(const std::string& pointer) {
    std::string name = pointer.empty() ? pointer : pointer.substr(1);
    std::replace(name.begin(), name.end(), '/', '.');
    return name;
}

std::string pointer_of(const std::string& column) {
    std::string pointer = "/" + column;
    std::replace(pointer.begin(), pointer.end(), '.', '/');
    return pointer;
}

/// A value as a cell: text bare, unless it would read as something else.
std::string cell_of(const json& value) {
    if (value.is_null()) return "";
    if (!value.is_string()) return value.dump();
    const auto& text = value.get_ref<const std::string&>();
    const json read_back = json::parse(text, nullptr, false);
    return read_back.is_discarded() && !text.empty() ? text : value.dump();
}

json value_of(const std::string& cell) {
    if (cell.empty()) return nullptr;
    json value = json::parse(cell, nullptr, false);
    return value.is_discarded() ? json(cell) : value;
}

bool is_kind(const std::string& word) {
    return std::any_of(std::begin(kinds), std::end(kinds), [&](const char* kind) { return word == kind; });
}

} // namespace

std::string json_from_book(const std::vector<BookEntry>& entries) {
    json book = {{"format", "sobremesa-book"}, {"version", book_version}, {"records", json::array()}};
    for (const BookEntry& entry : entries) {
        json record = {
            {"kind", entry.kind}, {"id", entry.id}, {"document", json::parse(entry.document, nullptr, false)}};
        if (entry.log_file) record["log_file"] = *entry.log_file;
        if (entry.figures) record["figures"] = json::parse(*entry.figures, nullptr, false);
        book["records"].push_back(std::move(record));
    }
    return book.dump(1) + "\n";
}

units::Result<std::vector<BookEntry>> book_from_json(const std::string& text, const std::string& file) {
    const auto tree = parse_json(text, file);
    if (!tree) return tl::unexpected(tree.error());
    if (auto error = check_format(*tree, file, "sobremesa-book", book_version)) return tl::unexpected(*error);
    DocumentReader root(*tree, file, "");
    const json* records = root.array("records");
    if (root.error()) return tl::unexpected(*root.error());
    if (!records) return units::failure(ErrorCode::value_missing, {file, {}, {}, "records"});
    std::vector<BookEntry> entries;
    for (const json& record : *records) {
        DocumentReader in(record, file, "records");
        BookEntry entry;
        entry.kind = in.text("kind").value_or("");
        if (!is_kind(entry.kind)) in.fail_word("kind", entry.kind, "aircraft, pack, plan, flight, learned");
        if (!in.has("id")) in.fail(ErrorCode::value_missing, "id");
        entry.id = in.identity("id").value_or(0);
        const json* document = in.object("document");
        if (!document) in.fail(ErrorCode::value_missing, "document");
        entry.log_file = in.text("log_file");
        if (const json* figures = in.object("figures")) entry.figures = figures->dump();
        if (in.error()) return tl::unexpected(*in.error());
        entry.document = document->dump();
        entries.push_back(std::move(entry));
    }
    return entries;
}

std::string csv_from_book(const std::vector<BookEntry>& entries, const std::string& kind) {
    std::vector<std::string> columns;
    std::vector<std::pair<std::int64_t, json>> rows;
    for (const BookEntry& entry : entries) {
        if (entry.kind != kind) continue;
        json flat = json::parse(entry.document, nullptr, false).flatten();
        for (const auto& [pointer, value] : flat.items()) {
            if (std::find(columns.begin(), columns.end(), pointer) == columns.end()) columns.push_back(pointer);
        }
        rows.emplace_back(entry.id, std::move(flat));
    }
    std::string text = "id";
    for (const std::string& pointer : columns) text += "," + csv_cell(column_name(pointer));
    text += "\r\n";
    for (const auto& [id, flat] : rows) {
        text += json(id).dump();
        for (const std::string& pointer : columns)
            text += "," + (flat.contains(pointer) ? csv_cell(cell_of(flat[pointer])) : std::string());
        text += "\r\n";
    }
    return text;
}

units::Result<std::vector<BookEntry>> book_from_csv(const std::string& text, const std::string& kind,
                                                    const std::string& file) {
    const auto rows = csv_rows(text);
    if (rows.empty()) return units::failure(ErrorCode::no_header, {file, 1, {}, {}});
    const auto& header = rows.front().cells;
    if (std::find(header.begin(), header.end(), "format") == header.end()) {
        return units::failure(ErrorCode::word_unknown, {file, 1, {}, {}},
                              {{"word", header.front()}, {"allowed", std::string("id, …, format, version, …")}});
    }
    std::vector<BookEntry> entries;
    for (std::size_t i = 1; i < rows.size(); ++i) {
        json flat = json::object();
        BookEntry entry;
        entry.kind = kind;
        entry.id = std::int64_t(i);
        for (std::size_t c = 0; c < header.size() && c < rows[i].cells.size(); ++c) {
            const json value = value_of(rows[i].cells[c]);
            if (header[c] == "id") {
                if (value.is_number_integer()) entry.id = value.get<std::int64_t>();
            } else if (!value.is_null()) {
                flat[pointer_of(header[c])] = value;
            }
        }
        try {
            entry.document = flat.unflatten().dump();
        } catch (const json::exception&) {
            // The only way to find out whether columns contradict each other ("a" beside "a.b").
            return units::failure(ErrorCode::json_wrong_type, {file, rows[i].line, {}, {}},
                                  {{"wanted", std::string("columns that fit together")}});
        }
        entries.push_back(std::move(entry));
    }
    return entries;
}

} // namespace sobremesa::io
