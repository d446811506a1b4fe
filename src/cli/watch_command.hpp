#pragma once

#include <iosfwd>
#include <optional>
#include <string>

namespace sobremesa::cli {

struct WatchOptions {
    std::string plan;
    // one of these
    std::optional<std::string> udp;
    std::optional<std::string> tcp;
    std::optional<std::string> serial;
    std::optional<std::string> follow;
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
