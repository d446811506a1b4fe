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
#include "io/cell_forms.hpp"
#include "io/csv_table.hpp"
#include "io/open_file.hpp"
#include "io/text_number.hpp"
#include "io/xml_parts.hpp"

namespace sobremesa::io {

namespace {

using units::ErrorCode;

constexpr double seconds_per_day = 86400.0;
/// As many as spreadsheets show; beyond them only formatting is repeated.
constexpr std::size_t most_columns = 1024;
constexpr std::size_t most_repeated_rows = 1'000'000;

/// Rows of cells of one sheet.
using Sheet = std::vector<std::vector<std::string>>;

units::Result<std::string> part_of(const std::string& path, const std::string& name) {
    const auto memory = unpack(path, name);
    if (!memory) return tl::unexpected(memory.error());
    const off_t size = ::lseek(*memory, 0, SEEK_END);
    if (size < 0 || std::uint64_t(size) > most_sheet_bytes) {
        ::close(*memory);
        return units::failure(ErrorCode::file_too_large, in_file(path),
                              {{"most_mb", double(most_sheet_bytes >> 20U)}});
    }
    std::string text(std::size_t(size), '\0');
    std::size_t done = 0;
    while (done < text.size()) {
        const ssize_t got = ::pread(*memory, text.data() + done, text.size() - done, off_t(done));
        if (got <= 0) break;
        done += std::size_t(got);
    }
    ::close(*memory);
    text.resize(done);
    return text;
}

/// What is shown of a number: as it is, a share, or a moment.
enum class Shown { number, percent, date, date_and_time, time };

std::string two_digits(long long value) {
    return (value < 10 ? "0" : "") + text_from_number(double(value), 0);
}

std::string clock_text(double seconds) {
    const auto ms = std::llround(1000.0 * seconds);
    const auto whole = ms / 1000;
    std::string text = two_digits(whole / 3600) + ":" + two_digits(whole / 60 % 60) + ":" + two_digits(whole % 60);
    if (ms % 1000 != 0) {
        const std::string part = text_from_number(double(1000 + ms % 1000), 0);
        text += "." + part.substr(1);
    }
    return text;
}

/// A day counted from the epoch of the document.
std::string shown_as(double value, Shown how, bool from_1904) {
    if (how == Shown::percent) return text_from_number(100.0 * value, 6) + "%";
    if (how == Shown::time) return value < 0.0 ? text_from_number(value, 9) : clock_text(value * seconds_per_day);
    // Milliseconds, so that 23:59:59.9996 is midnight of the next day.
    const double rounded = std::round(value * seconds_per_day * 1000.0) / 1000.0 / seconds_per_day;
    const double days = std::floor(rounded + 1e-12);
    using namespace std::chrono;
    const sys_days epoch = from_1904 ? sys_days(year(1904) / 1 / 1) : sys_days(year(1899) / 12 / 30);
    const year_month_day date{epoch + std::chrono::days(int(days))};
    std::string text = text_from_number(double(int(date.year())), 0) + "-" + two_digits(unsigned(date.month())) +
                       "-" + two_digits(unsigned(date.day()));
    const double seconds = std::max(0.0, (rounded - days) * seconds_per_day);
    if (how == Shown::date_and_time || seconds > 1e-3) text += "T" + clock_text(seconds);
    return text;
}

/// Of a number format's code (ECMA-376 part 1, 18.8.30 and 18.8.31): which letters it has outside quotes.
Shown shown_by_code(std::string_view code) {
    bool date = false;
    bool time = false;
    bool percent = false;
    bool quoted = false;
    for (std::size_t i = 0; i < code.size(); ++i) {
        const char c = code[i];
        if (c == '"') quoted = !quoted;
        if (c == '\\' || c == '_') ++i;
        if (quoted || c == '"' || c == '\\' || c == '_') continue;
        if (c == '[') {
            // [h] counts hours; [Red] and [$-409] are no part of a moment.
            const auto close = code.find(']', i);
            const std::string_view inside =
                close == std::string_view::npos ? std::string_view() : code.substr(i + 1, close - i - 1);
            time = time || (!inside.empty() && inside.find_first_not_of("hHmMsS") == std::string_view::npos);
            if (close != std::string_view::npos) i = close;
            continue;
        }
        date = date || c == 'y' || c == 'Y' || c == 'd' || c == 'D';
        time = time || c == 'h' || c == 'H' || c == 's' || c == 'S';
        percent = percent || c == '%';
    }
    if (date) return time ? Shown::date_and_time : Shown::date;
    if (time) return Shown::time;
    return percent ? Shown::percent : Shown::number;
}

Shown shown_by_id(int id) {
    if (id == 9 || id == 10) return Shown::percent;
    if (id >= 14 && id <= 17) return Shown::date;
    if (id == 22) return Shown::date_and_time;
    if ((id >= 18 && id <= 21) || (id >= 45 && id <= 47)) return Shown::time;
    return Shown::number;
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
        constexpr double last_day = 2958466.0; // of the year 9999
        if (how == Shown::number || !number || std::abs(*number) > last_day) return std::string(value);
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

} // namespace

bool is_workbook(const std::string& path) {
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
    const auto names = files_in_archive(path);
    if (!names) return tl::unexpected(names.error());
    std::vector<Sheet> sheets;
    if (has(*names, "xl/workbook.xml")) {
        auto found = OfficeBook(path).sheets(*names);
        if (!found) return tl::unexpected(found.error());
        sheets = std::move(*found);
    } else {
        const auto content = part_of(path, "content.xml");
        if (!content) return tl::unexpected(content.error());
        sheets = OpenBook::sheets(*content);
    }
    const auto most = std::max_element(sheets.begin(), sheets.end(),
                                       [](const Sheet& a, const Sheet& b) { return a.size() < b.size(); });
    if (most == sheets.end() || most->size() < 2) return units::failure(ErrorCode::no_track, in_file(path));
    std::size_t columns = 0;
    for (const auto& row : *most) columns = std::max(columns, row.size());
    std::string csv;
    for (auto& row : *most) {
        row.resize(columns);
        for (std::size_t i = 0; i < columns; ++i) {
            std::replace(row[i].begin(), row[i].end(), '\n', ' ');
            csv += (i > 0 ? "," : "") + csv_cell(row[i]);
        }
        csv += '\n';
    }
    return csv;
}

} // namespace sobremesa::io
