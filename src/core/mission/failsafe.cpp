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

} // namespace

FailsafeCruise failsafe_cruise(const PlanRequest& request) {
    const FailsafeReturn& failsafe = *request.failsafe;
    FailsafeCruise cruise;
    cruise.airspeed_mps = failsafe.airspeed_mps;
    const auto air = air_at(request, failsafe.height_m);
    if (failsafe.throttle && request.aircraft.full_power_w && air) {
        // A fixed propeller: the pack's power goes as the cube of the duty (model notes, headroom).
        const double share = std::pow(*failsafe.throttle, 3.0);
        cruise.throttle = {share * *request.aircraft.full_power_w, least_level_power_w(request, air->density_kgm3)};
        PlanRequest asked = request;
        asked.mission.most_power_share = share;
        const auto airspeed = leg_airspeed(asked, SpeedRule::power_share, 0.0, {}, air->density_kgm3);
        if (!airspeed) return cruise;
        cruise.airspeed_mps = *airspeed;
    }
    const auto power = power_at(request, cruise.airspeed_mps, failsafe.height_m, 0.0);
    if (power) {
        cruise.power_w = *power;
        if (cruise.throttle)
            cruise.power_w.value = std::max(out_of_pack_w(request.sun, cruise.throttle->given_w), power->value);
    } else {
        // The nearest airspeed inside the model, which the refusal names.
        cruise.known_at_mps = cruise.airspeed_mps;
        for (const units::Parameter& parameter : power.error().parameters) {
            const auto* const mps = std::get_if<double>(&parameter.value);
            if (mps && parameter.name == "least") cruise.known_at_mps = std::max(*cruise.known_at_mps, *mps);
            if (mps && parameter.name == "most") cruise.known_at_mps = std::min(*cruise.known_at_mps, *mps);
        }
    }
    return cruise;
}

std::optional<FailsafeOutcome> failsafe_return(const Plan& plan) {
    const auto& failsafe = plan.request.failsafe;
    if (!failsafe || !plan.turn || plan.outward.empty()) return std::nullopt;
    const FlightConditions& c = plan.conditions;
    FailsafeOutcome outcome;
    outcome.height_m = failsafe->height_m;
    const FailsafeCruise cruise = failsafe_cruise(plan.request);
    outcome.airspeed_mps = cruise.airspeed_mps;
    outcome.flies = cruise.flies();
    if (!outcome.flies) return outcome;
    const PlanRequest request = as_failsafe(plan, outcome.airspeed_mps);
    FlightConditions conditions = c;
    conditions.airspeed_home_mps = outcome.airspeed_mps;
    conditions.home_power_w = cruise.power_w;
    outcome.power_w = conditions.home_power_w.value;
    // It may fly the pack down to its floor: what counts is that the aircraft comes home.
    const double floor_v = battery::traits(plan.request.pack.chemistry).floor_cell_v;
    conditions.at_powers = std::make_shared<const flying::PackAtPowers>(
        c.pack, flying::PackAtPowers::Start{c.start, c.around, std::min(floor_v, landing_cell_v(plan.request))},
        flying::PackAtPowers::Powers{outcome.power_w, c.cruise_power_w.value});
    const Homeward homeward(request, conditions);
    const flying::PackAtPowers& pack = *conditions.at_powers;

    const auto left_after = [&](const OutwardPoint& point) {
        ReturnState station = station_of(point);
        double climb_wh = 0.0;
        flying::PackCourse drawn = point.pack();
        if (station.height_m < failsafe->height_m && c.climb_rate_mps > 0.0) {
            // It climbs where it is before it comes home.
            const double climb_s = (failsafe->height_m - station.height_m) / c.climb_rate_mps;
            const auto climbing = power_at(request, outcome.airspeed_mps, failsafe->height_m, c.climb_rate_mps);
            const double climb_w = climbing ? climbing->value : outcome.power_w;
            climb_wh = climb_w * climb_s / units::seconds_per_hour;
            pack.draw(drawn, climb_w, climb_wh);
            station.time_s += climb_s;
            station.height_m = failsafe->height_m;
        }
        const ReturnEstimate way = homeward.from(station);
        outcome.wind_allows = outcome.wind_allows && way.wind_allows;
        outcome.time_s = way.time_s;
        outcome.energy_wh = way.energy_wh + climb_wh;
        // A pack that does not give so much power is short of all of it.
        if (!pack.gives(way.level_w)) return -outcome.energy_wh;
        const double all_wh = pack.left_wh(way.level_w, 0.0);
        return way.wind_allows ? homeward.books(way, drawn).landing_left_wh : -all_wh;
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
