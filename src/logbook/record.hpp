#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace sobremesa::logbook {

/// What the logbook keeps. Each kind has its table of JSON documents.
enum class Kind {
    aircraft,
    pack,
    plan,
    flight,
    learned,   ///< calibrations and learned curves: dated, and withdrawn by date rather than deleted
    workspace, ///< what is open: which plan is open
};
inline constexpr Kind all_kinds[] = {Kind::aircraft, Kind::pack,    Kind::plan,
                                     Kind::flight,   Kind::learned, Kind::workspace};

/// Name of the table, and the word in exports.
const char* kind_word(Kind kind);
std::optional<Kind> kind_from_word(const std::string& word);

struct Record {
    Kind kind = Kind::aircraft;
    /// One count over all kinds, never used twice: a flight never points to another pack than the one it flew.
    std::int64_t id = 0;
    std::string document;
};

/// One record before and after. Nothing before: it was added; nothing after: it was removed.
struct RecordChange {
    Kind kind = Kind::aircraft;
    std::int64_t id = 0;
    std::optional<std::string> before;
    std::optional<std::string> after;
};

/// One edit as the pilot thinks of it: what it was, of what, and every record it changed.
struct Edit {
    std::int64_t id = 0;
    /// Stable word; `wording` makes the menu's text of it.
    std::string what;
    /// Name of the aircraft, pack, plan or flight.
    std::string subject;
    std::vector<RecordChange> changes;
    bool undone = false;
};

/// A whole number in digits, under every locale.
std::string digits(std::int64_t number);

} // namespace sobremesa::logbook
