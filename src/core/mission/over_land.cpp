#include "core/mission/over_land.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::mission {

namespace {

geodesy::EastNorth along(const FlightLeg& leg, double share) {
    return {std::lerp(leg.from.east_m, leg.to.east_m, share), std::lerp(leg.from.north_m, leg.to.north_m, share)};
}

/// Follows a flight leg by leg.
class Follower {
public:
    explicit Follower(const std::vector<NoLandingArea>& areas) : areas_(areas) {}

    void fly(const FlightLeg& leg) {
        const double way_m = geodesy::distance_m(leg.from, leg.to);
        for (const NoLandingArea& area : areas_) {
            // A circle stays where it is.
            if (!(way_m > 0.0)) {
                if (geodesy::inside(area.rings, leg.to)) leaves(leg, area, 1.0, leg.ground_m);
                continue;
            }
            auto shares = geodesy::crossings(area.rings, leg.from, leg.to);
            shares.insert(shares.begin(), 0.0);
            shares.push_back(1.0);
            for (std::size_t i = 1; i < shares.size(); ++i) {
                const double middle = 0.5 * (shares[i - 1] + shares[i]);
                if (!(shares[i] > shares[i - 1]) || !geodesy::inside(area.rings, along(leg, middle))) continue;
                leaves(leg, area, shares[i], (shares[i] - shares[i - 1]) * way_m);
            }
        }
        charge_ah_ = leg.end_charge_ah;
        time_s_ += leg.duration_s;
        flown_m_ += leg.ground_m;
        last_ = leg.to;
    }

    std::optional<OverLand> found() {
        if (found_ && no_landing_at(areas_, last_)) {
            found_->lands_inside = true;
            found_->charge_used_ah = charge_ah_;
            found_->time_s = time_s_;
            found_->flown_m = flown_m_;
            found_->at = last_;
        }
        return found_;
    }

private:
    /// Inside an area as far as this share of the leg.
    void leaves(const FlightLeg& leg, const NoLandingArea& area, double share, double inside_m) {
        const double above_m = (found_ ? found_->above_areas_m : 0.0) + inside_m;
        const double time_s = time_s_ + share * leg.duration_s;
        if (!found_ || time_s >= found_->time_s) {
            found_ = OverLand{area.name,
                              std::lerp(charge_ah_, leg.end_charge_ah, share),
                              time_s,
                              flown_m_ + share * leg.ground_m,
                              along(leg, share),
                              0.0,
                              false};
        }
        found_->above_areas_m = above_m;
    }

    const std::vector<NoLandingArea>& areas_;
    std::optional<OverLand> found_;
    double charge_ah_ = 0.0;
    double time_s_ = 0.0;
    double flown_m_ = 0.0;
    geodesy::EastNorth last_;
};

} // namespace

const NoLandingArea* no_landing_at(const std::vector<NoLandingArea>& areas, const geodesy::EastNorth& at) {
    const auto found = std::find_if(areas.begin(), areas.end(),
                                    [&](const NoLandingArea& area) { return geodesy::inside(area.rings, at); });
    return found == areas.end() ? nullptr : &*found;
}

std::optional<OverLand> over_land(const std::vector<FlightLeg>& legs, const std::vector<NoLandingArea>& areas) {
    if (areas.empty()) return std::nullopt;
    Follower follower(areas);
    for (const FlightLeg& leg : legs) follower.fly(leg);
    return follower.found();
}

std::optional<OverLand> over_land(const Plan& plan) {
    return plan.flight ? over_land(plan.flight->legs, plan.request.mission.no_landing) : std::nullopt;
}

double over_land_limit_ah(const Plan& plan) {
    if (plan.request.mission.over_land_by_ah) return *plan.request.mission.over_land_by_ah;
    const FlightConditions& c = plan.conditions;
    const double reserve_wh = plan.turn ? outward_at(plan, plan.turn->distance_m.value).reserve_wh : 0.0;
    return battery::point_at_energy(c.cruise, c.usable_energy_wh() - reserve_wh).charge_used_ah;
}

} // namespace sobremesa::mission
