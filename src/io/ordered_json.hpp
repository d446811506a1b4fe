#pragma once

#include <iterator>
#include <utility>

#include <nlohmann/json.hpp>

namespace sobremesa::io {

/// Members in the order in which they are written. The library's own ordered map looks for each new key among all
/// others, which takes minutes where rows stand under a hundred thousand keys; here a key that comes twice stays
/// twice, and the first is found.
template <class Key, class Value, class Ignored, class Allocator>
struct WrittenOrder : nlohmann::ordered_map<Key, Value, Ignored, Allocator> {
    using Base = nlohmann::ordered_map<Key, Value, Ignored, Allocator>;
    using Base::Base;

    template <class Text>
    auto emplace(Text&& key, Value&& value) {
        Base::Container::emplace_back(std::forward<Text>(key), std::move(value));
        return std::pair(std::prev(this->end()), true);
    }
    template <class Text>
    Value& operator[](Text&& key) {
        return emplace(std::forward<Text>(key), Value{}).first->second;
    }
};

using OrderedJson = nlohmann::basic_json<WrittenOrder>;

} // namespace sobremesa::io
