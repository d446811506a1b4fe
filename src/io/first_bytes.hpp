#pragma once

#include <algorithm>
#include <array>
#include <cstddef>
#include <cstdint>
#include <string_view>

namespace sobremesa::io {

/// Where in a sorted table the words begin with each byte. Every word of every header is looked up in tables of
/// hundreds, in a dozen character sets where the file does not say which: searched by halves only among the few
/// that begin alike.
class FirstBytes {
public:
    /// `word_at(i)` is the i-th of `count` words in the order of their bytes, none empty.
    template <class WordAt>
    constexpr FirstBytes(std::size_t count, WordAt word_at) {
        std::size_t at = 0;
        for (std::size_t byte = 0; byte < begins_.size(); ++byte) {
            while (at < count && std::uint8_t(word_at(at).front()) < byte) ++at;
            begins_[byte] = std::uint16_t(at);
        }
    }

    /// The place of the word; the table's end, `count`, where it is not in it.
    template <class WordAt>
    constexpr std::size_t place_of(std::string_view word, WordAt word_at) const {
        if (word.empty()) return begins_.back();
        const std::size_t byte = std::uint8_t(word.front());
        std::size_t begin = begins_[byte];
        std::size_t end = begins_[byte + 1];
        while (begin < end) {
            const std::size_t middle = begin + (end - begin) / 2;
            const int order = word_at(middle).compare(word);
            if (order == 0) return middle;
            (order < 0 ? begin : end) = order < 0 ? middle + 1 : middle;
        }
        return begins_.back();
    }

private:
    /// The last is the table's end.
    std::array<std::uint16_t, 257> begins_{};
};

} // namespace sobremesa::io
