#include "core/mission/leg_sums.hpp"

#include <algorithm>

namespace sobremesa::mission {

std::vector<LegSum> leg_sums(const Plan& plan, bool by_kind) {
    std::vector<LegSum> sums;
    if (!plan.flight) return sums;
    double used_wh = 0.0;
    for (const FlightLeg& leg : plan.flight->legs) {
        // A turn is part of the leg that it leads into.
        if (!sums.empty() && sums.back().group == leg.group && sums.back().kind == PhaseKind::turn)
            sums.back().kind = leg.kind;
        const bool goes_on = !sums.empty() && sums.back().group == leg.group &&
                             sums.back().homeward == leg.homeward && (!by_kind || sums.back().kind == leg.kind);
        if (!goes_on) {
            LegSum fresh;
            fresh.group = leg.group;
            fresh.homeward = leg.homeward;
            fresh.kind = leg.kind;
            fresh.points = {leg.from};
            sums.push_back(std::move(fresh));
        }
        LegSum& sum = sums.back();
        used_wh += leg.energy_wh;
        sum.ground_m += leg.ground_m;
        sum.duration_s += leg.duration_s;
        sum.energy_wh += leg.energy_wh;
        sum.airspeed_mps = std::max(sum.airspeed_mps, leg.airspeed_mps);
        sum.used_wh = used_wh;
        sum.used_ah = leg.end_charge_ah;
        sum.points.push_back(leg.to);
    }
    return sums;
}

} // namespace sobremesa::mission
