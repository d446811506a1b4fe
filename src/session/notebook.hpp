#pragma once

#include <optional>
#include <vector>

#include "io/flights_by_hand.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// A row of a notebook as a flight of the book.
/// @param flown     what is the same for all: air, and aircraft and pack where the row names none
/// @param aircraft  of the list, where the row names one
/// @param pack      likewise
book::KeptFlight made_by_hand(const Workspace& workspace, const io::HandFlight& hand, const book::KeptFlight& flown,
                              std::optional<Id> aircraft, std::optional<Id> pack);

/// A filed flight as it was written anew; its air, plan and calibration stay.
book::KeptFlight changed_by_hand(book::KeptFlight filed, const book::KeptFlight& written);

struct FiledByHand {
    int filed = 0;
    /// In the book already, with the same figures at the same time.
    int known = 0;
};
/// Files flights that left no log as one edit. Energy and consumption of each are worked out with wide errors.
/// @param dry_run  only says what would be filed
FiledByHand file_by_hand(Workspace& workspace, std::vector<book::KeptFlight> flights, bool dry_run = false);

} // namespace sobremesa::session
