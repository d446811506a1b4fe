#include "core/mission/failsafe.hpp"

#include <algorithm>
#include <cmath>

#include "core/mission/outward.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

/// The plan as the failsafe flies it home: at its height and its speed.
PlanRequest as_failsafe(const Plan& plan, double airspeed_mps) {
    PlanRequest request = plan.request;
    // The wind stays where it was forecast; the return may be flown higher or lower.
    request.weather.wind_height_m = request.weather.wind_height_m.value_or(request.mission.height_m);
    request.mission.speed_home = SpeedRule::fixed;
    request.mission.speed_out = SpeedRule::known_cruise;
    request.mission.airspeed_mps = airspeed_mps;
    request.mission.height_m = request.failsafe->height_m;
    return request;
}

/// Level airspeed at a throttle: where the level power is what the throttle gives.
std::optional<double> airspeed_at_throttle(const PlanRequest& request, double throttle, double density_kgm3) {
    if (!request.aircraft.full_power_w) return std::nullopt;
    PlanRequest asked = request;
    asked.mission.most_power_share = std::clamp(std::pow(throttle, 3.0), 0.05, 1.0);
    return leg_airspeed(asked, SpeedRule::power_share, 0.0, {}, density_kgm3);
}

} // namespace

std::optional<FailsafeOutcome> failsafe_return(const Plan& plan) {
    const auto& failsafe = plan.request.failsafe;
    if (!failsafe || !plan.turn || plan.outward.empty()) return std::nullopt;
    const FlightConditions& c = plan.conditions;
    FailsafeOutcome outcome;
    outcome.height_m = failsafe->height_m;
    outcome.airspeed_mps = failsafe->airspeed_mps;
    if (failsafe->throttle) {
        if (const auto airspeed = airspeed_at_throttle(plan.request, *failsafe->throttle, c.air.density_kgm3))
            outcome.airspeed_mps = *airspeed;
    }
    const PlanRequest request = as_failsafe(plan, outcome.airspeed_mps);
    FlightConditions conditions = c;
    conditions.airspeed_home_mps = outcome.airspeed_mps;
    if (const auto power = power_at(request, outcome.airspeed_mps, failsafe->height_m, 0.0))
        conditions.home_power_w = *power;
    else
        outcome.wind_allows = false;
    outcome.power_w = conditions.home_power_w.value;
    // It may fly the pack down to its floor: what counts is that the aircraft comes home.
    const double floor_v = battery::traits(plan.request.pack.chemistry).floor_cell_v;
    conditions.at_powers = std::make_shared<const flying::PackAtPowers>(
        c.pack, flying::PackAtPowers::Start{c.start, c.around, std::min(floor_v, landing_cell_v(plan.request))},
        flying::PackAtPowers::Powers{outcome.power_w, c.cruise_power_w.value});
    const Homeward homeward(request, conditions);
    const flying::PackAtPowers& pack = *conditions.at_powers;
    if (!pack.gives(outcome.power_w)) outcome.wind_allows = false;

    const auto left_after = [&](const OutwardPoint& point) {
        ReturnState station = station_of(point);
        double climb_wh = 0.0;
        double charge_ah = point.charge_used_ah;
        if (station.height_m < failsafe->height_m && c.climb_rate_mps > 0.0) {
            // It climbs where it is before it comes home.
            const double climb_s = (failsafe->height_m - station.height_m) / c.climb_rate_mps;
            const auto climbing = power_at(request, outcome.airspeed_mps, failsafe->height_m, c.climb_rate_mps);
            const double climb_w = climbing ? climbing->value : outcome.power_w;
            climb_wh = climb_w * climb_s / units::seconds_per_hour;
            charge_ah = pack.charge_after_ah(climb_w, charge_ah, climb_wh);
            station.time_s += climb_s;
            station.height_m = failsafe->height_m;
        }
        const ReturnEstimate way = homeward.from(station);
        outcome.wind_allows = outcome.wind_allows && way.wind_allows;
        outcome.time_s = way.time_s;
        outcome.energy_wh = way.energy_wh + climb_wh;
        const double all_wh = pack.left_wh(way.level_w, 0.0);
        return way.wind_allows ? homeward.books(way, charge_ah).landing_left_wh : -all_wh;
    };
    const OutwardPoint turn = outward_at(plan, plan.turn->distance_m.value);
    const double left_wh = left_after(turn);
    FailsafeOutcome at_turn = outcome;
    at_turn.left_wh = left_wh;
    at_turn.gets_home = at_turn.wind_allows && left_wh >= 0.0;
    if (at_turn.gets_home) return at_turn;
    // From the turn back towards home: the first place from which it still gets there.
    for (auto point = plan.outward.rbegin(); point != plan.outward.rend(); ++point) {
        if (point->distance_m > turn.distance_m || point->distance_m <= 0.0) continue;
        if (left_after(*point) < 0.0) continue;
        at_turn.nearest = *point;
        break;
    }
    return at_turn;
}

} // namespace sobremesa::mission
