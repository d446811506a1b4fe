#pragma once

#include <iosfwd>
#include <optional>
#include <string>

#include "link/address.hpp"

namespace sobremesa::cli {

struct WatchOptions {
    std::string plan;
    /// What is listened to, as its kind is written; with `replay` nothing is.
    link::Address::Kind kind = link::Address::Kind::udp;
    std::string where;
    std::optional<std::string> replay;
    double speed = 1.0;
    std::string home; ///< "LAT,LON" or empty
    std::string record;
    std::optional<int> system;
    std::optional<int> battery;
    /// What the current sensor's readings are multiplied by; empty: not calibrated.
    std::optional<double> current_factor;
    std::optional<double> for_s;
    bool count_down = false;
    bool say = false;
    bool json = false;
};

/// A flight while it is flown: one line a second, one for each callout, and the debrief at the end.
int watch_flight(const WatchOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
