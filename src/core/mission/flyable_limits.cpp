// What an aircraft cannot do whatever its pack gives: more power than it has, flight below its stall, holding a
// place in a wind above its airspeed, a way that its energy does not cover.

#include <algorithm>
#include <cmath>

#include "core/airframe/known_cruise.hpp"
#include "core/airframe/speeds_to_fly.hpp"
#include "core/mission/failsafe.hpp"
#include "core/mission/limit_parts.hpp"
#include "core/mission/phases.hpp"
#include "core/mission/winds.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::mission {

namespace {

using units::Quantity;

void full_power(const Plan& plan, std::vector<LimitCheck>& checks) {
    LimitCheck& check = add_check(checks, LimitKind::full_power, Quantity::cruise_power);
    if (!plan.request.aircraft.full_power_w) return;
    const FlightLeg* hardest = nullptr;
    double time_s = 0.0;
    for (const FlightLeg& leg : plan.flight->legs) {
        if (!hardest || leg.power_w > hardest->power_w) {
            hardest = &leg;
            check.time_s = time_s;
        }
        time_s += leg.duration_s;
    }
    if (!hardest) return;
    const double most_w = *plan.request.aircraft.full_power_w;
    judge(check, hardest->power_w, most_w, true, (1.0 - near_share) * most_w);
    check.phase = hardest->kind;
    // A climb at a slower rate wants less: level flight and what is left of full power.
    const double level_w = plan.conditions.cruise_power_w.value;
    const double climb_mps = plan.conditions.climb_rate_mps;
    constexpr double least_climb_mps = 0.3;
    if (check.verdict != Verdict::broken || hardest->kind != PhaseKind::climb ||
        !climbs_by_rate(plan.request.mission) || hardest->power_w <= level_w)
        return;
    const double slower_mps =
        std::floor(10.0 * climb_mps * near_share * (most_w - level_w) / (hardest->power_w - level_w)) / 10.0;
    if (slower_mps >= least_climb_mps) check.cure = LimitCheck::Cure{Quantity::climb_rate, slower_mps};
}

void stall(const Plan& plan, std::vector<LimitCheck>& checks) {
    const PlanRequest& request = plan.request;
    if (request.aircraft.craft != airframe::Craft::wing) return;
    LimitCheck& check = add_check(checks, LimitKind::stall, Quantity::airspeed);
    // Thin air asks for more speed: at the greatest height that is flown.
    double height_m = request.mission.height_m;
    double slowest_mps = std::min(plan.conditions.airspeed_out_mps, plan.conditions.airspeed_home_mps);
    for (const FlightLeg& leg : plan.flight->legs) {
        height_m = std::max(height_m, leg.height_m);
        if (leg.kind == PhaseKind::leg && leg.airspeed_mps > 0.0)
            slowest_mps = std::min(slowest_mps, leg.airspeed_mps);
    }
    if (request.failsafe && !request.failsafe->throttle)
        slowest_mps = std::min(slowest_mps, request.failsafe->airspeed_mps);
    const auto air = air_at(request, height_m);
    const auto stall_mps =
        air ? airframe::stall_speed_mps(request.aircraft, all_up_mass_kg(request), air->density_kgm3)
            : std::nullopt;
    if (stall_mps) judge(check, slowest_mps, *stall_mps, false, (1.0 / near_share - 1.0) * *stall_mps);
}

/// Who stays over a place must be faster than the wind there, gusts counted.
void holding(const Plan& plan, std::vector<LimitCheck>& checks) {
    const auto phases_flown = phases(plan.request);
    if (std::none_of(phases_flown.begin(), phases_flown.end(),
                     [](const Phase& phase) { return phase.kind == PhaseKind::loiter; }))
        return;
    LimitCheck& check = add_check(checks, LimitKind::holding, Quantity::wind_speed);
    const flying::AirColumn winds = air_column(plan.request);
    double worst_mps = 0.0;
    double time_s = 0.0;
    bool held = false;
    for (const FlightLeg& leg : plan.flight->legs) {
        const double end_s = time_s + leg.duration_s;
        if (leg.kind == PhaseKind::loiter) {
            for (const double at_s : {time_s, end_s}) {
                const double wind_mps = winds.at(leg.height_m, at_s).speed_mps + winds.gust_mps(leg.height_m, at_s);
                if (held && wind_mps <= worst_mps) continue;
                held = true;
                worst_mps = wind_mps;
                check.time_s = at_s;
            }
        }
        time_s = end_s;
    }
    if (!held) return;
    constexpr double near_mps = 2.0;
    judge(check, worst_mps, plan.conditions.airspeed_out_mps, true, near_mps);
}

/// A mission that ends by itself is wanted whole.
void whole_way(const Plan& plan, std::vector<LimitCheck>& checks) {
    const auto phases_flown = phases(plan.request);
    const bool ends = !plan.legs_out.empty() && !phases_flown.empty() && !phases_flown.back().open;
    // A one-way flight has its landing place for that; an out and back goes as far as it may.
    const MissionKind kind = plan.request.mission.kind;
    if (!ends || !flies_over_places(kind) || !comes_home(kind)) return;
    LimitCheck& check = add_check(checks, LimitKind::whole_way, Quantity::turn_distance);
    check.verdict = plan.whole ? Verdict::kept : Verdict::broken;
    check.worst = check.distance_m = plan.turn->distance_m.value;
    check.time_s = plan.turn->time_s.value;
}

void failsafe_height(const Plan& plan, std::vector<LimitCheck>& checks) {
    if (!plan.request.failsafe) return;
    LimitCheck& check = add_check(checks, LimitKind::failsafe_height, Quantity::greatest_height);
    judge(check, plan.request.failsafe->height_m, plan.request.height_ceiling_m, true, 0.0);
    // One height for a whole return over hills: no lower than they ask for it cannot be. That it is high over the
    // valleys is said, and the pilot decides.
    constexpr double room_m = 50.0;
    double highest_m = -HUGE_VAL;
    for (const OutwardPoint& point : plan.outward) {
        if (std::isfinite(point.ground_height_m)) highest_m = std::max(highest_m, point.ground_height_m);
    }
    const double asked_m = highest_m + plan.request.mission.clearance_m + room_m;
    if (check.verdict == Verdict::broken && plan.request.failsafe->height_m <= asked_m)
        check.verdict = Verdict::near_it;
}

void failsafe_flies(const Plan& plan, std::vector<LimitCheck>& checks) {
    if (!plan.request.failsafe) return;
    const FailsafeCruise cruise = failsafe_cruise(plan.request);
    if (cruise.throttle) {
        LimitCheck& check = add_check(checks, LimitKind::failsafe_throttle, Quantity::cruise_power);
        const double least_w = cruise.throttle->least_w;
        judge(check, cruise.throttle->given_w, least_w, false, (1.0 / near_share - 1.0) * least_w);
    }
    if (cruise.known_at_mps) {
        LimitCheck& check = add_check(checks, LimitKind::failsafe_speed, Quantity::airspeed);
        judge(check, cruise.airspeed_mps, *cruise.known_at_mps, cruise.airspeed_mps > *cruise.known_at_mps, 0.0);
    }
}

/// A known cruise that no aircraft flies makes a plan of nothing.
void possible_cruise(const Plan& plan, std::vector<LimitCheck>& checks) {
    const airframe::Aircraft& aircraft = plan.request.aircraft;
    // What flights have drawn is possible.
    if (aircraft.curve && aircraft.curve->flights > 0) return;
    LimitCheck& check = add_check(checks, LimitKind::possible_cruise, Quantity::cruise_power);
    const auto sense = airframe::cruise_sense(aircraft, plan.conditions.all_up_mass_kg);
    judge(check, sense.drive_w, sense.least_w, false, std::max(sense.doubtful_w - sense.least_w, 0.0));
    // Where nothing is known of its discs, what is doubtful is all that there is to compare with.
    if (check.verdict == Verdict::near_it || !(sense.least_w > 0.0)) check.limit = sense.doubtful_w;
}

} // namespace

void add_flyable_limits(const Plan& plan, std::vector<LimitCheck>& checks) {
    failsafe_height(plan, checks);
    failsafe_flies(plan, checks);
    possible_cruise(plan, checks);
    if (!plan.flight || !plan.turn) return;
    full_power(plan, checks);
    stall(plan, checks);
    holding(plan, checks);
    whole_way(plan, checks);
}

} // namespace sobremesa::mission
