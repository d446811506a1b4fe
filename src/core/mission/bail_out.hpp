#pragma once

#include <string>
#include <vector>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// One landing place as seen from a moment of the flight.
struct BailOut {
    std::string name; ///< empty: home
    geodesy::EastNorth at = {};
    double distance_m = 0.0;
    double bearing_deg = 0.0;
    double needed_wh = 0.0;
    double time_s = 0.0;
    /// Left beyond what the way there needs, down to the landing voltage, Wh; the reserve is not kept: this is the
    /// way out of trouble.
    double spare_wh = 0.0;
    bool reachable = false;
};

/// Home and the alternates from one moment of the way out, nearest in energy first.
std::vector<BailOut> bail_outs(const Plan& plan, const OutwardPoint& from);

/// How far along the way out each landing place stays reachable.
struct BailOutReach {
    std::string name; ///< empty: home
    geodesy::EastNorth at = {};
    /// Parts of the way out, m flown, from which it can be reached.
    struct Part {
        double from_m = 0.0;
        double to_m = 0.0;
    };
    std::vector<Part> parts;
};
std::vector<BailOutReach> bail_out_map(const Plan& plan);

} // namespace sobremesa::mission
