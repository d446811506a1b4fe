#include "io/workbook.hpp"

#include <algorithm>
#include <array>
#include <chrono>
#include <cmath>
#include <map>
#include <optional>
#include <vector>

#include <unistd.h>

#include "core/units/constants.hpp"
#include "io/archive.hpp"
#include "io/binary_workbook.hpp"
#include "io/cell_forms.hpp"
#include "io/csv_table.hpp"
#include "io/open_file.hpp"
#include "io/text_number.hpp"
#include "io/workbook_cells.hpp"
#include "io/xml_parts.hpp"

namespace sobremesa::io {

namespace {

using units::ErrorCode;

/// As many as spreadsheets show; beyond them only formatting is repeated.
constexpr std::size_t most_columns = 1024;
constexpr std::size_t most_repeated_rows = 1'000'000;

units::Result<std::string> part_of(const std::string& path, const std::string& name) {
    const auto memory = unpack(path, name);
    if (!memory) return tl::unexpected(memory.error());
    const off_t size = ::lseek(*memory, 0, SEEK_END);
    if (size < 0 || std::uint64_t(size) > most_sheet_bytes) {
        ::close(*memory);
        return units::failure(ErrorCode::file_too_large, in_file(path),
                              {{"most_mb", double(most_sheet_bytes >> 20U)}});
    }
    std::string text = content_of(*memory, std::uint64_t(size));
    ::close(*memory);
    return text;
}

/// Office Open XML.
class OfficeBook {
public:
    explicit OfficeBook(const std::string& path) : path_(path) {}

    units::Result<std::vector<Sheet>> sheets(const std::vector<std::string>& names) {
        read_dates();
        read_strings();
        read_styles();
        std::vector<Sheet> result;
        for (const std::string& name : names) {
            if (!name.starts_with("xl/worksheets/") || !name.ends_with(".xml")) continue;
            auto text = part_of(path_, name);
            if (!text) return tl::unexpected(text.error());
            result.push_back(sheet_from(*text));
        }
        return result;
    }

private:
    bool load(const std::string& name, pugi::xml_document& document) const {
        const auto text = part_of(path_, name);
        return text && document.load_string(text->c_str());
    }

    void read_dates() {
        pugi::xml_document document;
        if (!load("xl/workbook.xml", document)) return;
        const auto properties = local_child(document.document_element(), "workbookPr");
        const std::string_view from = local_attribute(properties, "date1904");
        from_1904_ = from == "1" || from == "true";
    }

    static std::string text_in(const pugi::xml_node& node) {
        std::string text;
        for (const pugi::xml_node child : node.children()) {
            const auto name = local_name(child.name());
            if (name == "t") text += child.child_value();
            if (name == "r") text += text_in(child);
        }
        return text;
    }

    void read_strings() {
        pugi::xml_document document;
        const auto text = part_of(path_, "xl/sharedStrings.xml");
        if (!text || !document.load_buffer(text->data(), text->size(), pugi::parse_default | pugi::parse_ws_pcdata))
            return;
        for (const pugi::xml_node item : document.document_element().children()) strings_.push_back(text_in(item));
    }

    void read_styles() {
        pugi::xml_document document;
        if (!load("xl/styles.xml", document)) return;
        const pugi::xml_node root = document.document_element();
        std::map<int, Shown> own;
        for (const pugi::xml_node format : local_child(root, "numFmts").children())
            own[format.attribute("numFmtId").as_int()] = shown_by_code(format.attribute("formatCode").value());
        for (const pugi::xml_node style : local_child(root, "cellXfs").children()) {
            const int id = style.attribute("numFmtId").as_int();
            const auto found = own.find(id);
            styles_.push_back(found == own.end() ? shown_by_id(id) : found->second);
        }
    }

    /// "AB12": its column, from 0.
    static std::optional<std::size_t> column_of(std::string_view place) {
        std::size_t column = 0;
        std::size_t letters = 0;
        for (; letters < place.size() && place[letters] >= 'A' && place[letters] <= 'Z'; ++letters)
            column = 26 * column + std::size_t(place[letters] - 'A' + 1);
        if (letters == 0 || letters > 3) return std::nullopt;
        return column - 1;
    }

    std::string text_of(const pugi::xml_node& cell) const {
        const std::string_view type = cell.attribute("t").value();
        if (type == "inlineStr") return text_in(local_child(cell, "is"));
        const std::string_view value = trimmed(local_child(cell, "v").child_value());
        if (type == "s") {
            const auto index = number_from_text(value);
            const bool known = index && *index >= 0.0 && *index < double(strings_.size());
            return known ? strings_[std::size_t(*index)] : std::string();
        }
        if (type == "str" || type == "b" || type == "d") return std::string(value);
        if (type == "e") return {};
        const auto style = std::size_t(std::max(0, cell.attribute("s").as_int(0)));
        const Shown how = style < styles_.size() ? styles_[style] : Shown::number;
        const auto number = number_from_text(value);
        if (!number || !may_be_shown_as(*number, how)) return std::string(value);
        return shown_as(*number, how, from_1904_);
    }

    Sheet sheet_from(const std::string& text) const {
        Sheet sheet;
        pugi::xml_document document;
        // Of one that was cut, what stands before.
        document.load_buffer(text.data(), text.size());
        for (const pugi::xml_node row : local_child(document.document_element(), "sheetData").children()) {
            std::vector<std::string> cells;
            for (const pugi::xml_node cell : row.children()) {
                const std::size_t column = column_of(cell.attribute("r").value()).value_or(cells.size());
                if (column >= most_columns) continue;
                if (column >= cells.size()) cells.resize(column + 1);
                cells[column] = text_of(cell);
            }
            sheet.push_back(std::move(cells));
        }
        return sheet;
    }

    const std::string& path_;
    bool from_1904_ = false;
    std::vector<std::string> strings_;
    std::vector<Shown> styles_;
};

/// OpenDocument.
class OpenBook {
public:
    static std::vector<Sheet> sheets(const std::string& content) {
        std::vector<Sheet> result;
        pugi::xml_document document;
        document.load_buffer(content.data(), content.size());
        const pugi::xml_node body = local_child(document.document_element(), "body");
        for (const pugi::xml_node table : local_child(body, "spreadsheet").children()) {
            if (local_name(table.name()) != "table") continue;
            Sheet sheet;
            add_rows(table, 0, sheet);
            while (!sheet.empty() && sheet.back().empty()) sheet.pop_back();
            result.push_back(std::move(sheet));
        }
        return result;
    }

private:
    /// Rows may stand in groups, and those of a header apart.
    static void add_rows(const pugi::xml_node& node, int depth, Sheet& sheet) {
        constexpr int deepest = 8;
        if (depth > deepest) return;
        for (const pugi::xml_node child : node.children()) {
            const auto name = local_name(child.name());
            if (name != "table-row") {
                add_rows(child, depth + 1, sheet);
                continue;
            }
            auto cells = cells_of(child);
            const std::size_t times = times_of(child, "number-rows-repeated");
            const std::size_t most = cells.empty() ? 1 : most_repeated_rows;
            for (std::size_t i = 0; i < std::min(times, most) && sheet.size() < most_repeated_rows; ++i)
                sheet.push_back(cells);
        }
    }

    static std::size_t times_of(const pugi::xml_node& node, std::string_view attribute) {
        const auto times = number_from_text(local_attribute(node, attribute));
        return times && *times >= 1.0 && *times < 1e8 ? std::size_t(*times) : 1;
    }

    static std::vector<std::string> cells_of(const pugi::xml_node& row) {
        std::vector<std::string> cells;
        for (const pugi::xml_node cell : row.children()) {
            const std::string text = text_of(cell);
            const std::size_t times = times_of(cell, "number-columns-repeated");
            for (std::size_t i = 0; i < times && cells.size() < most_columns; ++i) cells.push_back(text);
        }
        while (!cells.empty() && cells.back().empty()) cells.pop_back();
        return cells;
    }

    static std::string text_of(const pugi::xml_node& cell) {
        const std::string_view type = local_attribute(cell, "value-type");
        if (type == "float" || type == "currency") return local_attribute(cell, "value");
        if (type == "percentage") {
            const auto share = number_from_text(local_attribute(cell, "value"));
            if (share) return shown_as(*share, Shown::percent, false);
        }
        if (type == "date") return local_attribute(cell, "date-value");
        if (type == "time") return local_attribute(cell, "time-value");
        std::string text;
        for (const pugi::xml_node part : cell.children()) {
            if (local_name(part.name()) == "p") text += (text.empty() ? "" : " ") + std::string(part.text().get());
        }
        return text;
    }
};

bool has(const std::vector<std::string>& names, const char* name) {
    return std::find(names.begin(), names.end(), name) != names.end();
}

units::Result<std::vector<Sheet>> sheets_of(const std::string& path) {
    if (is_binary_workbook(path)) return binary_workbook_sheets(path);
    const auto names = files_in_archive(path);
    if (!names) return tl::unexpected(names.error());
    if (has(*names, "xl/workbook.xml")) return OfficeBook(path).sheets(*names);
    const auto content = part_of(path, "content.xml");
    if (!content) return tl::unexpected(content.error());
    return OpenBook::sheets(*content);
}

} // namespace

bool is_workbook(const std::string& path) {
    if (is_binary_workbook(path)) return true;
    // Names are asked of what is a ZIP only.
    std::uint64_t size = 0;
    const auto file = open_for_reading(path, size);
    if (!file) return false;
    std::array<char, 4> mark{};
    const bool zip = ::pread(*file, mark.data(), mark.size(), 0) == 4 && mark[0] == 'P' && mark[1] == 'K' &&
                     mark[2] == 3 && mark[3] == 4;
    ::close(*file);
    if (!zip) return false;
    const auto names = files_in_archive(path);
    return names && (has(*names, "xl/workbook.xml") || (has(*names, "content.xml") && has(*names, "mimetype")));
}

units::Result<std::string> workbook_as_csv(const std::string& path) {
    auto sheets = sheets_of(path);
    if (!sheets) return tl::unexpected(sheets.error());
    const auto most = std::max_element(sheets->begin(), sheets->end(),
                                       [](const Sheet& a, const Sheet& b) { return a.size() < b.size(); });
    if (most == sheets->end() || most->size() < 2) return units::failure(ErrorCode::no_track, in_file(path));
    std::size_t columns = 0;
    for (const auto& row : *most) columns = std::max(columns, row.size());
    std::string csv;
    for (auto& row : *most) {
        for (std::size_t i = 0; i < row.size(); ++i) {
            std::replace(row[i].begin(), row[i].end(), '\n', ' ');
            csv += (i > 0 ? "," : "") + csv_cell(row[i]);
        }
        // A row of nothing is one line end, or a single cell far below would cost all the commas above it.
        if (!row.empty()) csv.append(columns - row.size(), ',');
        csv += '\n';
    }
    return csv;
}

} // namespace sobremesa::io
