#pragma once

#include <algorithm>
#include <cstdint>
#include <initializer_list>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "io/log_units.hpp"

namespace sobremesa::io {

/// A header cell taken apart: its words, in English and small letters, and the unit where one is written.
struct HeaderCell {
    std::vector<std::string> words;
    std::optional<Unit> unit;

    void add(std::string_view word) {
        words.emplace_back(word);
        marks_ |= mark(word);
    }
    bool has(std::string_view word) const {
        return (marks_ & mark(word)) != 0 && std::find(words.begin(), words.end(), word) != words.end();
    }
    bool has_any(std::initializer_list<std::string_view> any) const {
        return std::any_of(any.begin(), any.end(), [&](std::string_view w) { return has(w); });
    }
    bool is(std::string_view word) const { return words.size() == 1 && words.front() == word; }
    bool measures(Dimension dimension) const { return unit && unit->dimension == dimension; }

private:
    /// Most questions are for words that are not there: one bit tells nearly all of them.
    static std::uint64_t mark(std::string_view word) {
        if (word.empty()) return 1;
        return std::uint64_t(1) << ((unsigned(std::uint8_t(word.front())) * 7U +
                                     unsigned(std::uint8_t(word.back())) * 3U + unsigned(word.size())) &
                                    63U);
    }
    std::uint64_t marks_ = 0;
};

/// The unit stands in brackets, or at the end after a slash, an underscore, a hyphen, a comma, a colon or a blank.
HeaderCell take_apart(std::string_view header);

/// A cell that is a unit and nothing else, with brackets or without: of a row of units under the names.
bool is_unit_cell(std::string_view cell);

} // namespace sobremesa::io
