#pragma once

#include <algorithm>
#include <array>
#include <cstddef>
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "io/log_units.hpp"

namespace sobremesa::io {

/// A word of a header in the program's text.
template <std::size_t size>
struct HeaderWord {
    char text[size] = {};
    // NOLINTNEXTLINE(google-explicit-constructor,hicpp-explicit-conversions): stands for the text itself
    consteval HeaderWord(const char (&word)[size]) { std::copy_n(word, size, text); }
    constexpr std::string_view view() const { return {text, size - 1}; }
};

/// Most questions are for words that are not there: a bit a word tells nearly all of them.
class WordMarks {
public:
    constexpr void add(std::string_view word) { bits_[bit(word) / 64] |= std::uint64_t(1) << (bit(word) % 64); }
    constexpr bool may_have(std::string_view word) const {
        return (bits_[bit(word) / 64] >> (bit(word) % 64) & 1U) != 0;
    }
    constexpr bool may_share(const WordMarks& other) const {
        return ((bits_[0] & other.bits_[0]) | (bits_[1] & other.bits_[1]) | (bits_[2] & other.bits_[2]) |
                (bits_[3] & other.bits_[3])) != 0;
    }
    template <std::size_t count>
    static constexpr WordMarks of(const std::array<std::string_view, count>& words) {
        WordMarks marks;
        for (const auto word : words) marks.add(word);
        return marks;
    }

private:
    static constexpr unsigned bit(std::string_view word) {
        if (word.empty()) return 0;
        return (unsigned(std::uint8_t(word.front())) * 37U + unsigned(std::uint8_t(word.back())) * 11U +
                unsigned(std::uint8_t(word[word.size() / 2])) * 5U + unsigned(word.size())) &
               255U;
    }
    std::array<std::uint64_t, 4> bits_ = {};
};

/// A header cell taken apart: its words, in English and small letters, and the unit where one is written.
struct HeaderCell {
    std::vector<std::string> words;
    std::optional<Unit> unit;

    void add(std::string_view word) {
        words.emplace_back(word);
        marks_.add(word);
    }
    bool has(std::string_view word) const {
        return marks_.may_have(word) && std::find(words.begin(), words.end(), word) != words.end();
    }
    /// One of them is among its words: `has_any<"lat", "latitude">()`.
    template <HeaderWord... any>
    bool has_any() const {
        static constexpr std::array<std::string_view, sizeof...(any)> list = {any.view()...};
        static constexpr WordMarks marks = WordMarks::of(list);
        return marks_.may_share(marks) &&
               std::find_first_of(words.begin(), words.end(), list.begin(), list.end()) != words.end();
    }
    bool is(std::string_view word) const { return words.size() == 1 && words.front() == word; }
    bool measures(Dimension dimension) const { return unit && unit->dimension == dimension; }

private:
    WordMarks marks_;
};

/// The unit stands in brackets, or at the end after a slash, an underscore, a hyphen, a comma, a colon or a blank.
HeaderCell take_apart(std::string_view header);

/// A cell that is a unit and nothing else, with brackets or without: of a row of units under the names.
bool is_unit_cell(std::string_view cell);

} // namespace sobremesa::io
