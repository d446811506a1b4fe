// The largest table of a web page, as dashboards and some "spreadsheets" are.

#include <algorithm>
#include <array>
#include <memory>
#include <string>
#include <vector>

#include <libxml/HTMLparser.h>

#include "io/cell_forms.hpp"
#include "io/character_sets.hpp"
#include "io/csv_table.hpp"
#include "io/log_units.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

/// Tables in tables deeper than this are a layout gone wrong.
constexpr int deepest_element = 200;
/// A cell over more columns is no reading.
constexpr int most_spanned = 100;

struct DocumentEnds {
    void operator()(xmlDoc* document) const { xmlFreeDoc(document); }
};

bool is_named(const xmlNode& node, std::string_view name) {
    // The parser writes names of elements in small letters.
    return node.type == XML_ELEMENT_NODE && name == reinterpret_cast<const char*>(node.name);
}

std::string taken(xmlChar* text) {
    std::string result = text ? reinterpret_cast<const char*>(text) : "";
    xmlFree(text);
    return result;
}

/// What is read in a cell: one line, without the blanks of no break that keep it one.
std::string text_of(const xmlNode& cell) {
    std::string text = taken(xmlNodeGetContent(&cell));
    constexpr std::string_view no_break = "\u00A0";
    for (auto at = text.find(no_break); at != std::string::npos; at = text.find(no_break, at + 1))
        text.replace(at, no_break.size(), " ");
    for (char& c : text) c = c == '\n' || c == '\r' || c == '\t' ? ' ' : c;
    return std::string(trimmed(text));
}

std::string row_as_csv(const xmlNode& row) {
    std::string line;
    bool first = true;
    for (xmlNode* cell = row.children; cell; cell = cell->next) {
        if (!is_named(*cell, "td") && !is_named(*cell, "th")) continue;
        line += (first ? "" : ",") + csv_cell(text_of(*cell));
        first = false;
        const auto span = number_from_text(taken(xmlGetProp(cell, reinterpret_cast<const xmlChar*>("colspan"))));
        if (span && *span > 1.0 && *span <= most_spanned) line.append(std::size_t(*span) - 1, ',');
    }
    return line + "\n";
}

/// The rows of a table itself, whatever groups them.
void rows_of(const xmlNode& table, std::vector<const xmlNode*>& rows) {
    for (const xmlNode* node = table.children; node; node = node->next) {
        if (is_named(*node, "tr")) rows.push_back(node);
        if (is_named(*node, "thead") || is_named(*node, "tbody") || is_named(*node, "tfoot")) rows_of(*node, rows);
    }
}

void find_largest(const xmlNode* node, int depth, std::vector<const xmlNode*>& largest) {
    if (depth > deepest_element) return;
    for (; node; node = node->next) {
        if (is_named(*node, "table")) {
            std::vector<const xmlNode*> rows;
            rows_of(*node, rows);
            if (rows.size() > largest.size()) largest = std::move(rows);
        }
        if (node->type == XML_ELEMENT_NODE) find_largest(node->children, depth + 1, largest);
    }
}

} // namespace

bool looks_like_html(std::string_view head) {
    const auto skip = [&](std::string_view open, std::string_view close) {
        if (!head.starts_with(open)) return false;
        const auto end = head.find(close);
        head.remove_prefix(end == std::string_view::npos ? head.size() : end + close.size());
        return true;
    };
    constexpr std::string_view byte_order_mark = "\xEF\xBB\xBF";
    if (head.starts_with(byte_order_mark)) head.remove_prefix(byte_order_mark.size());
    do {
        while (!head.empty() && std::string_view(" \t\r\n").find(head.front()) != std::string_view::npos)
            head.remove_prefix(1);
    } while (skip("<!--", "-->") || skip("<?", "?>"));
    constexpr std::array<std::string_view, 7> roots = {"<!doctype html", "<html", "<table", "<head",
                                                       "<body",          "<meta", "<div"};
    const std::string begin = lower(head.substr(0, 20));
    return std::any_of(roots.begin(), roots.end(), [&](std::string_view root) {
        // "<tables>" is some other document.
        return begin.starts_with(root) &&
               std::string_view(" >\r\n\t/").find(begin[root.size()]) != std::string_view::npos;
    });
}

TableOfLog html_as_table(std::string_view text) {
    TableOfLog result;
    // Logs are read by several threads at once.
    static const bool ready = (xmlInitParser(), true);
    if (!ready) return result;
    // It mends what browsers mend, fetches nothing, and prints nothing.
    constexpr int options = HTML_PARSE_RECOVER | HTML_PARSE_NOERROR | HTML_PARSE_NOWARNING | HTML_PARSE_NONET;
    const std::unique_ptr<xmlDoc, DocumentEnds> document(
        htmlReadMemory(text.data(), int(text.size()), nullptr, is_utf8(text) ? "UTF-8" : nullptr, options));
    if (!document) return result;
    std::vector<const xmlNode*> rows;
    find_largest(xmlDocGetRootElement(document.get()), 0, rows);
    for (const xmlNode* row : rows) result.csv += row_as_csv(*row);
    return result;
}

} // namespace sobremesa::io
