#include <algorithm>
#include <cmath>
#include <utility>

#include "core/mission/limit_parts.hpp"
#include "core/radio/link_reach.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::mission {

namespace {

using units::Origin;
using units::Quantity;

/// Of the link's free-space distance that buildings, trees and turns leave; common practice, no source.
constexpr double link_margin_db = 10.0;
constexpr double fresnel_clear = 0.6; ///< ITU-R P.530: free of obstacles

class AirLimits {
public:
    AirLimits(const Plan& plan, std::vector<LimitCheck>& checks)
        : plan_(plan), request_(plan.request), checks_(checks) {}

    void check() {
        heights();
        look_at(request_.link, {LimitKind::link_distance, LimitKind::link_horizon, LimitKind::link_fresnel});
        // Nobody has to say what the video reaches: lost, it loses the view and not the aircraft.
        if (request_.video_link)
            look_at(request_.video_link,
                    {LimitKind::video_distance, LimitKind::video_horizon, LimitKind::video_fresnel});
    }

private:
    void heights() {
        const double turn_m = plan_.turn->distance_m.value;
        LimitCheck& ceiling = add_check(checks_, LimitKind::height_above_ground, Quantity::greatest_height);
        const OutwardPoint* highest = nullptr;
        double highest_m = 0.0;
        for (const OutwardPoint& point : plan_.outward) {
            if (point.distance_m > turn_m) break;
            const double above =
                std::isfinite(point.ground_height_m) ? point.height_m - point.ground_height_m : point.height_m;
            if (highest && above <= highest_m) continue;
            highest = &point;
            highest_m = above;
        }
        judge(ceiling, highest_m, request_.height_ceiling_m, true, 0.0);
        if (highest) {
            ceiling.distance_m = highest->distance_m;
            ceiling.time_s = highest->time_s;
        }
        // Where way points have heights of their own, the mission's does not lower them.
        const double lower_m = request_.mission.height_m - (highest_m - request_.height_ceiling_m);
        const bool own_heights = std::any_of(request_.mission.waypoints.begin(), request_.mission.waypoints.end(),
                                             [](const Waypoint& w) { return w.height_m.has_value(); });
        constexpr double flyable_m = 20.0;
        if (ceiling.verdict == Verdict::broken && !own_heights && lower_m >= flyable_m)
            ceiling.cure = LimitCheck::Cure{Quantity::height, lower_m};
        LimitCheck& clear = add_check(checks_, LimitKind::clearance, Quantity::least_clearance);
        if (!plan_.least_clearance) return;
        judge(clear, plan_.least_clearance->height_m, request_.mission.clearance_m, false, 10.0);
        clear.distance_m = plan_.least_clearance->distance_m;
        if (clear.verdict == Verdict::broken) {
            clear.cure = LimitCheck::Cure{Quantity::height,
                                          std::ceil((request_.mission.height_m + request_.mission.clearance_m -
                                                     plan_.least_clearance->height_m) /
                                                    5.0) *
                                              5.0};
        }
    }

    /// How far the outbound leg gets from home, and where.
    std::pair<const OutwardPoint*, double> farthest() const {
        double farthest_m = 0.0;
        const OutwardPoint* far = nullptr;
        for (const OutwardPoint& point : plan_.outward) {
            if (point.distance_m > plan_.turn->distance_m.value) break;
            const double from_home_m = geodesy::distance_m(point.at, {});
            if (far && from_home_m <= farthest_m) continue;
            farthest_m = from_home_m;
            far = &point;
        }
        return {far, farthest_m};
    }

    struct LinkKinds {
        LimitKind distance;
        LimitKind horizon;
        LimitKind fresnel;
    };

    void look_at(const std::optional<Link>& link, const LinkKinds& kinds) {
        LimitCheck distance;
        distance.kind = kinds.distance;
        distance.quantity = Quantity::link_distance;
        LimitCheck horizon;
        horizon.kind = kinds.horizon;
        horizon.quantity = Quantity::link_distance;
        LimitCheck fresnel;
        fresnel.kind = kinds.fresnel;
        fresnel.quantity = Quantity::link_margin;
        const auto [far, farthest_m] = farthest();
        if (link && far) {
            std::optional<double> reach_m = link->measured_reach_m;
            if (!reach_m && link->radiated_dbm && link->least_signal_dbm) {
                const double budget_db = *link->radiated_dbm - *link->least_signal_dbm - link_margin_db;
                const double at_one_km_db = radio::free_space_loss_db(link->frequency_mhz, 1000.0);
                reach_m = 1000.0 * std::pow(10.0, (budget_db - at_one_km_db) / 20.0);
                distance.origin = Origin::computed;
            } else if (reach_m) {
                distance.origin = Origin::measured;
            }
            if (reach_m) {
                judge(distance, farthest_m, *reach_m, true, 0.15 * *reach_m);
                distance.distance_m = far->distance_m;
                if (distance.verdict == Verdict::broken)
                    distance.cure = LimitCheck::Cure{Quantity::turn_distance, *reach_m};
            }
            judge(horizon, farthest_m, radio::radio_horizon_m(link->antenna_height_m, std::max(far->height_m, 1.0)),
                  true, 0.1 * farthest_m);
            horizon.origin = Origin::computed;
            horizon.distance_m = far->distance_m;
            line_of_sight(fresnel, *link, *far);
        }
        for (const LimitCheck& check : {distance, horizon, fresnel}) checks_.push_back(check);
    }

    /// Clear of the ground by 60 % of the first Fresnel zone, over an earth of 4/3 its radius.
    void line_of_sight(LimitCheck& check, const Link& link, const OutwardPoint& far) const {
        const auto& terrain = request_.mission.terrain;
        if (!terrain) return;
        constexpr double earth_m = 6371000.0 * 4.0 / 3.0;
        const double way_m = geodesy::distance_m(far.at, {});
        const int steps = std::max(int(way_m / terrain->step_m), 2);
        const auto place = [&](double share) {
            return geodesy::EastNorth{share * far.at.east_m, share * far.at.north_m};
        };
        double worst = HUGE_VAL;
        double worst_m = 0.0;
        for (int i = 1; i < steps; ++i) {
            const double share = double(i) / steps;
            // The highest cell between this step and the next.
            const auto ground = terrain->highest_m(place(share), place((i + 1.0) / steps));
            if (!ground) continue;
            const double d1 = share * way_m;
            const double d2 = way_m - d1;
            const double ray_m = std::lerp(link.antenna_height_m, far.height_m, share) - d1 * d2 / (2.0 * earth_m);
            const double clear = (ray_m - *ground) / radio::fresnel_radius_m(link.frequency_mhz, d1, d2);
            if (clear >= worst) continue;
            worst = clear;
            worst_m = d1;
        }
        if (!std::isfinite(worst)) return;
        judge(check, worst, fresnel_clear, false, 0.4);
        check.distance_m = worst_m;
        check.origin = Origin::computed;
        if (check.verdict != Verdict::broken) return;
        // Raised so far that the ray is clear where it is worst.
        const double share = std::max(worst_m / way_m, 0.05);
        const double lacks_m =
            (fresnel_clear - worst) * radio::fresnel_radius_m(link.frequency_mhz, worst_m, way_m - worst_m);
        check.cure = LimitCheck::Cure{Quantity::height,
                                      std::ceil((request_.mission.height_m + lacks_m / share) / 5.0) * 5.0};
    }

    const Plan& plan_;
    const PlanRequest& request_;
    std::vector<LimitCheck>& checks_;
};

} // namespace

void add_air_limits(const Plan& plan, std::vector<LimitCheck>& checks) {
    if (plan.flight) AirLimits(plan, checks).check();
}

} // namespace sobremesa::mission
