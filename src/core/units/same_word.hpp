#pragma once

#include <cctype>
#include <string_view>

namespace sobremesa::units {

/// Whether two words are one: case, spaces, hyphens and underscores aside, so that a file may say "Li-ion" or "LiPo
/// HV" as the screen does.
inline bool same_word(std::string_view a, std::string_view b) {
    const auto skips = [](char c) { return c == ' ' || c == '-' || c == '_'; };
    const auto lower = [](char c) { return std::tolower(static_cast<unsigned char>(c)); };
    std::size_t i = 0;
    std::size_t j = 0;
    for (;;) {
        while (i < a.size() && skips(a[i])) ++i;
        while (j < b.size() && skips(b[j])) ++j;
        if (i == a.size() || j == b.size()) return i == a.size() && j == b.size();
        if (lower(a[i++]) != lower(b[j++])) return false;
    }
}

} // namespace sobremesa::units
