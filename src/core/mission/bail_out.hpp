#pragma once

#include <string>
#include <vector>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// One landing place as seen from a moment of the flight.
struct BailOut {
    bool home = false;
    std::string name; ///< of an alternate, which may have none
    geodesy::EastNorth at = {};
    double distance_m = 0.0;
    double bearing_deg = 0.0;
    double needed_wh = 0.0;
    double time_s = 0.0;
    /// Left beyond what the flight there needs, down to the landing voltage, Wh; the reserve is not kept: this is
    /// for an emergency.
    double margin_wh = 0.0;
    bool reachable = false;
};

/// Home and the alternates from one moment of the outbound leg, nearest in energy first.
std::vector<BailOut> bail_outs(const Plan& plan, const OutwardPoint& from);

/// How far along the outbound leg each landing place stays reachable.
struct BailOutReach {
    bool home = false;
    std::string name; ///< of an alternate, which may have none
    geodesy::EastNorth at = {};
    /// Parts of the outbound leg, m flown, from which it can be reached.
    struct Part {
        double from_m = 0.0;
        double to_m = 0.0;
    };
    std::vector<Part> parts;
    /// How far along the outbound leg was looked at, m flown.
    double looked_at_m = 0.0;

    bool from_all_of_it() const {
        return parts.size() == 1 && parts[0].from_m <= 0.0 && parts[0].to_m >= looked_at_m;
    }
};

/// Home first, then the alternates in their order.
/// @param as_far_as_m  flown on the outbound leg; most want to know as far as the turn
std::vector<BailOutReach> bail_out_map(const Plan& plan, double as_far_as_m);

} // namespace sobremesa::mission
