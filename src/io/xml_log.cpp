// Readings as XML of no schema that is known here: elements that come repeatedly, each with what stands in it.

#include <algorithm>
#include <cctype>
#include <map>
#include <string>
#include <vector>

#include "io/cell_forms.hpp"
#include "io/csv_table.hpp"
#include "io/table_of_rows.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"
#include "io/xml_parts.hpp"

namespace sobremesa::io {

namespace {

/// Elements in elements deeper than this are no reading.
constexpr int deepest_leaf = 24;

bool is_leaf(const pugi::xml_node& node) {
    return std::none_of(node.begin(), node.end(),
                        [](const pugi::xml_node& child) { return child.type() == pugi::node_element; });
}

struct Leaf {
    std::string name;
    std::string value;
};

/// What stands in an element: its attributes, and the texts and attributes of the elements in it under their own
/// names, which say more than where they stand.
void collect(const pugi::xml_node& node, int depth, std::vector<Leaf>& leaves) {
    for (const pugi::xml_attribute attribute : node.attributes()) {
        const std::string_view whole(attribute.name());
        const std::string_view name = local_name(attribute.name());
        if (whole.starts_with("xmlns") || whole.starts_with("xml:") || name.empty()) continue;
        leaves.push_back({std::string(name), attribute.value()});
    }
    for (const pugi::xml_node child : node.children()) {
        if (child.type() != pugi::node_element) continue;
        if (is_leaf(child)) {
            const std::string_view value = trimmed(child.child_value());
            // <reading name="volts">16.2</reading>
            const char* named = local_attribute(child, "name");
            if (value.empty()) {
                collect(child, deepest_leaf, leaves);
                continue;
            }
            leaves.push_back(
                {*named ? std::string(named) : std::string(local_name(child.name())), std::string(value)});
        } else if (depth < deepest_leaf) {
            collect(child, depth + 1, leaves);
        }
    }
}

using Groups = std::map<std::string, std::vector<pugi::xml_node>>;

/// Elements by the names of those they stand in.
void group(const pugi::xml_node& node, const std::string& path, int depth, Groups& groups) {
    if (depth > deepest_leaf) return;
    for (const pugi::xml_node child : node.children()) {
        if (child.type() != pugi::node_element) continue;
        const std::string here = path + "/" + std::string(local_name(child.name()));
        if (!is_leaf(child) || child.first_attribute()) groups[here].push_back(child);
        group(child, here, depth + 1, groups);
    }
}

std::vector<Leaf> leaves_of(const pugi::xml_node& node) {
    std::vector<Leaf> leaves;
    collect(node, 0, leaves);
    return leaves;
}

/// The elements that come most often with two readings and more in them; of two of one count the outer ones.
const std::vector<pugi::xml_node>* records_in(const Groups& groups) {
    const std::vector<pugi::xml_node>* best = nullptr;
    for (const auto& [path, nodes] : groups) {
        constexpr std::size_t looked_at = 8;
        const auto told =
            std::count_if(nodes.begin(), nodes.begin() + std::ptrdiff_t(std::min(nodes.size(), looked_at)),
                          [](const pugi::xml_node& node) { return leaves_of(node).size() >= 2; });
        if (nodes.size() < 2 || 2 * std::size_t(told) < std::min(nodes.size(), looked_at)) continue;
        if (!best || nodes.size() > best->size()) best = &nodes;
    }
    return best;
}

/// Cells without names of their own, as rows of a table have them.
bool is_row_of_cells(const std::vector<Leaf>& leaves) {
    return leaves.size() >= 2 && std::all_of(leaves.begin(), leaves.end(),
                                             [&](const Leaf& leaf) { return leaf.name == leaves.front().name; });
}

} // namespace

bool looks_like_xml(std::string_view head) {
    head = trimmed(head);
    while (!head.empty() && (head.front() == '\n' || head.front() == '\r')) head = trimmed(head.substr(1));
    return head.size() > 2 && head.front() == '<' &&
           (head[1] == '?' || head[1] == '!' || std::isalpha(static_cast<unsigned char>(head[1])) != 0);
}

TableOfLog xml_as_table(std::string_view text) {
    TableOfLog result;
    pugi::xml_document document;
    const pugi::xml_parse_result parsed = document.load_buffer(text.data(), text.size());
    Groups groups;
    group(document, {}, 0, groups);
    const auto* records = records_in(groups);
    if (!records) return result;
    // Of a document that was cut, or is broken, what stands before is read; its last record is a torso.
    std::size_t count = records->size();
    if (!parsed && count > 2) {
        --count;
        result.unread = 1;
        const auto until = std::size_t(std::clamp<std::ptrdiff_t>(parsed.offset, 0, std::ptrdiff_t(text.size())));
        result.first_unread = std::count(text.begin(), text.begin() + std::ptrdiff_t(until), '\n') + 1;
    }
    std::vector<std::vector<Leaf>> rows;
    std::size_t rows_of_cells = 0;
    for (std::size_t i = 0; i < count; ++i) {
        rows.push_back(leaves_of((*records)[i]));
        rows_of_cells += is_row_of_cells(rows.back()) ? 1 : 0;
    }
    if (2 * rows_of_cells > rows.size()) {
        for (const auto& row : rows) {
            std::string line;
            for (const Leaf& leaf : row) line += (line.empty() ? "" : ",") + csv_cell(leaf.value);
            result.csv += line + "\n";
        }
        return result;
    }
    TableOfNames table;
    for (const auto& row : rows) {
        for (const Leaf& leaf : row) table.put(leaf.name, leaf.value);
        table.end_row();
    }
    result.csv = table.text();
    return result;
}

} // namespace sobremesa::io
