#include "io/character_sets.hpp"

#include <algorithm>
#include <cstdint>
#include <functional>
#include <map>
#include <utility>

#include <iconv.h>

namespace sobremesa::io {

namespace {

/// Those that spreadsheets and recorders still write, the more usual first.
constexpr const char* usual_sets[] = {"CP1252",  "CP1250",    "CP1251", "KOI8-R", "CP1253", "CP1254",   "CP866",
                                      "GB18030", "SHIFT_JIS", "EUC-JP", "BIG5",   "EUC-KR", "MACINTOSH"};

} // namespace

bool is_utf8(std::string_view text) {
    std::size_t more = 0;
    for (const char c : text) {
        const auto u = static_cast<unsigned char>(c);
        if (more > 0) {
            if ((u & 0xC0U) != 0x80U) return false;
            --more;
        } else if (u >= 0x80U) {
            if ((u & 0xE0U) == 0xC0U)
                more = 1;
            else if ((u & 0xF0U) == 0xE0U)
                more = 2;
            else if ((u & 0xF8U) == 0xF0U)
                more = 3;
            else
                return false;
        }
    }
    return more == 0;
}

namespace {

/// Open as long as their thread lives: the C library loads and unloads a library for each opening.
class Converters {
public:
    Converters() = default;
    Converters(const Converters&) = delete;
    Converters& operator=(const Converters&) = delete;
    ~Converters() {
        for (const auto& [name, converter] : open_) {
            if (is_open(converter)) ::iconv_close(converter);
        }
    }
    static bool is_open(iconv_t converter) { return reinterpret_cast<std::intptr_t>(converter) != -1; }
    /// At its initial state; not open where the system does not know the set.
    iconv_t of(const char* character_set) {
        auto found = open_.find(character_set);
        if (found == open_.end()) found = open_.emplace(character_set, ::iconv_open("UTF-8", character_set)).first;
        if (is_open(found->second)) ::iconv(found->second, nullptr, nullptr, nullptr, nullptr);
        return found->second;
    }

private:
    std::map<std::string, iconv_t, std::less<>> open_;
};

} // namespace

std::optional<std::string> from_character_set(std::string_view text, const char* character_set) {
    thread_local Converters converters;
    const iconv_t converter = converters.of(character_set);
    if (!Converters::is_open(converter)) return std::nullopt;
    std::string in(text);
    // No character of these sets takes more than four bytes in UTF-8.
    std::string out(4 * in.size() + 4, '\0');
    char* source = in.data();
    std::size_t left = in.size();
    char* target = out.data();
    std::size_t room = out.size();
    const bool done = ::iconv(converter, &source, &left, &target, &room) != std::size_t(-1);
    if (!done || left > 0) return std::nullopt;
    out.resize(out.size() - room);
    return out;
}

const char* character_set_of(const std::vector<std::string_view>& lines,
                             const std::function<int(std::string_view)>& says) {
    const char* best = usual_sets[0];
    int most = 0;
    // Sets that are kin agree on most bytes: of each line, what the same text said already.
    std::vector<std::vector<std::pair<std::string, int>>> heard(lines.size());
    for (const char* set : usual_sets) {
        int said = 0;
        for (std::size_t i = 0; i < lines.size(); ++i) {
            auto text = from_character_set(lines[i], set);
            if (!text) continue;
            const auto same = std::find_if(heard[i].begin(), heard[i].end(),
                                           [&](const auto& before) { return before.first == *text; });
            if (same == heard[i].end()) {
                const int now = says(*text);
                heard[i].emplace_back(std::move(*text), now);
                said += now;
            } else {
                said += same->second;
            }
        }
        if (said > most) {
            most = said;
            best = set;
        }
    }
    return best;
}

} // namespace sobremesa::io
