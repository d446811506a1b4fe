#include "core/mission/bail_out.hpp"

#include <algorithm>

#include "core/mission/outward.hpp"

namespace sobremesa::mission {

namespace {

BailOut to_place(const Homeward& homeward, const OutwardPoint& from, const Alternate& place, bool home) {
    BailOut way;
    way.home = home;
    way.name = place.name;
    way.at = place.at;
    way.distance_m = geodesy::distance_m(from.at, place.at);
    way.bearing_deg = geodesy::bearing_deg(from.at, place.at);
    const ReturnEstimate needed =
        home ? homeward.from(station_of(from)) : homeward.to(place.at, place.height_m, station_of(from));
    way.needed_wh = needed.energy_wh;
    way.time_s = needed.time_s;
    way.margin_wh = homeward.books(needed, from.pack()).landing_left_wh;
    way.reachable = needed.wind_allows && way.margin_wh >= 0.0;
    return way;
}

std::vector<Alternate> places(const Plan& plan) {
    std::vector<Alternate> all = {{}};
    const auto& alternates = plan.request.mission.alternates;
    all.insert(all.end(), alternates.begin(), alternates.end());
    return all;
}

} // namespace

std::vector<BailOut> bail_outs(const Plan& plan, const OutwardPoint& from) {
    const Homeward homeward(plan.request, plan.conditions);
    std::vector<BailOut> ways;
    const auto all = places(plan);
    for (std::size_t i = 0; i < all.size(); ++i) ways.push_back(to_place(homeward, from, all[i], i == 0));
    std::stable_sort(ways.begin(), ways.end(),
                     [](const BailOut& a, const BailOut& b) { return a.needed_wh < b.needed_wh; });
    return ways;
}

std::vector<BailOutReach> bail_out_map(const Plan& plan, double as_far_as_m) {
    const Homeward homeward(plan.request, plan.conditions);
    std::vector<OutwardPoint> way;
    for (const OutwardPoint& point : plan.outward) {
        if (point.distance_m < as_far_as_m) way.push_back(point);
    }
    if (!plan.outward.empty()) way.push_back(outward_at(plan, as_far_as_m));
    std::vector<BailOutReach> result;
    const auto all = places(plan);
    for (std::size_t i = 0; i < all.size(); ++i) {
        BailOutReach reach{i == 0, all[i].name, all[i].at, {}, way.empty() ? 0.0 : way.back().distance_m};
        bool inside = false;
        for (const OutwardPoint& point : way) {
            const bool reachable = to_place(homeward, point, all[i], i == 0).reachable;
            if (reachable && !inside) reach.parts.push_back({point.distance_m, point.distance_m});
            if (reachable) reach.parts.back().to_m = point.distance_m;
            inside = reachable;
        }
        result.push_back(std::move(reach));
    }
    return result;
}

} // namespace sobremesa::mission
