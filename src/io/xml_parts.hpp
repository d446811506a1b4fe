#pragma once

#include <string_view>

#include <pugixml.hpp>

namespace sobremesa::io {

/// Of an element or attribute, without its namespace's prefix.
inline std::string_view local_name(const char* name) {
    const std::string_view whole(name);
    const auto colon = whole.find(':');
    return colon == std::string_view::npos ? whole : whole.substr(colon + 1);
}

inline pugi::xml_node local_child(const pugi::xml_node& node, std::string_view name) {
    for (const pugi::xml_node child : node.children()) {
        if (local_name(child.name()) == name) return child;
    }
    return {};
}

inline const char* local_attribute(const pugi::xml_node& node, std::string_view name) {
    for (const pugi::xml_attribute attribute : node.attributes()) {
        if (local_name(attribute.name()) == name) return attribute.value();
    }
    return "";
}

} // namespace sobremesa::io
