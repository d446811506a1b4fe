#include "core/mission/make_plan.hpp"

#include <algorithm>
#include <cmath>

#include "core/mission/drawn_flights.hpp"
#include "core/mission/outward.hpp"
#include "core/mission/plan_diagnostics.hpp"
#include "core/mission/reach.hpp"
#include "core/mission/turn_rules.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::mission {

namespace {

using units::DiagnosticCode;
using units::Severity;

Turn turn_with_band(const RuleTurn& turn_rule, const std::vector<OutwardPoint>& track, const OutwardPoint& at,
                    double draw_sd) {
    // How fast the margin shrinks along the way turns its uncertainty into one of place.
    const auto next = std::find_if(track.begin(), track.end(),
                                   [&](const OutwardPoint& p) { return p.distance_m > at.distance_m; });
    const OutwardPoint& b = next == track.end() ? track.back() : *next;
    const OutwardPoint& a = next == track.begin() || next == track.end() ? track[track.size() - 2] : *(next - 1);
    const double step_m = b.distance_m - a.distance_m;
    const auto per_metre = [&](double from, double to) { return step_m > 0.0 ? (to - from) / step_m : 0.0; };
    // As far as there is a return: what is put for one that is not is no slope.
    const double margin_step_m = b.return_flight ? step_m : at.distance_m - a.distance_m;
    const double margin_step_wh = (b.return_flight ? b.margin_wh() : at.margin_wh()) - a.margin_wh();

    // A turn rule that counts charge is met exactly in charge; only its place moves, with the draw.
    double distance_sd_m = draw_sd * at.distance_m;
    double charge_sd_ah = 0.0;
    if (turn_rule.turn_rule == TurnRule::energy_home || turn_rule.turn_rule == TurnRule::chance) {
        const double slope = margin_step_m > 0.0 ? std::abs(margin_step_wh) / margin_step_m : 0.0;
        distance_sd_m = slope > 0.0 ? at.margin_sd_wh / slope : 0.0;
        charge_sd_ah = per_metre(a.charge_used_ah, b.charge_used_ah) * distance_sd_m;
    }
    return {turn_rule.turn_rule,
            {turn_rule.distance_m, distance_sd_m},
            {turn_rule.time_s, per_metre(a.time_s, b.time_s) * distance_sd_m},
            {turn_rule.charge_used_ah, charge_sd_ah},
            {turn_rule.energy_used_wh, per_metre(a.energy_used_wh, b.energy_used_wh) * distance_sd_m},
            {turn_rule.cell_voltage_v, std::abs(per_metre(a.cell_voltage_v, b.cell_voltage_v)) * distance_sd_m},
            turn_rule.at,
            false};
}

PlannedFlight fly_home(const Plan& plan, const Homeward& homeward, const OutwardPoint& turn) {
    const FlightConditions& c = plan.conditions;
    const bool lands_there = !comes_home(plan.request.mission.kind) && plan.turn->at_end_of_mission;
    const ReturnEstimate way =
        lands_there ? homeward.to(turn.at, 0.0, station_of(turn)) : homeward.from(station_of(turn));
    const double home_m = lands_there ? 0.0 : geodesy::distance_m(turn.at, {});
    PlannedFlight flight;
    const double draw_sd = c.cruise_power_w.sd / c.cruise_power_w.value;
    const double slower = c.out && c.home ? c.out->ground_speed_mps / c.home->ground_speed_mps : 0.0;
    flight.duration_s = {turn.time_s + way.time_s, plan.turn->time_s.sd * (1.0 + slower)};
    flight.ground_m = turn.distance_m + home_m;
    const Books books = homeward.books(way, turn.pack());
    flight.landing_energy_left_wh = {
        books.landing_left_wh,
        units::combine_sd(battery::usable_relative_sd(plan.request.pack) * c.usable_energy_wh(),
                          draw_sd * (turn.energy_used_wh + way.energy_wh))};
    flight.landing_charge_used_ah = books.landing_charge_ah;
    if (turn.distance_m > 0.0) {
        flight.charge_out_ah_per_m = turn.charge_used_ah / turn.distance_m;
        flight.energy_out_wh_per_m = turn.energy_used_wh / turn.distance_m;
    }
    if (home_m > 0.0) {
        flight.energy_home_wh_per_m = way.energy_wh / home_m;
        flight.charge_home_ah_per_m = (flight.landing_charge_used_ah - turn.charge_used_ah) / home_m;
    }
    flight.legs = flight_legs(plan, turn.distance_m);
    return flight;
}

/// Arrival, last moment and time at a place that the mission stays over.
std::optional<OnStation> on_station(const Plan& plan) {
    const auto list = phases(plan.request);
    const auto open = std::find_if(list.begin(), list.end(),
                                   [](const Phase& p) { return p.kind == PhaseKind::loiter && p.open; });
    if (open == list.end() || !plan.turn) return std::nullopt;
    const int index = int(open - list.begin());
    const auto first = std::find_if(plan.outward.begin(), plan.outward.end(),
                                    [&](const OutwardPoint& p) { return p.phase == index; });
    if (first == plan.outward.end() || first == plan.outward.begin()) return std::nullopt;
    OnStation station;
    station.at = open->to;
    station.arrival_s = (first - 1)->time_s;
    if (plan.turn->time_s.value < station.arrival_s) return std::nullopt;
    station.last_moment_s = plan.turn->time_s;
    station.time_s = {plan.turn->time_s.value - station.arrival_s, plan.turn->time_s.sd};
    return station;
}

/// Only as far as the turn: what the sensitivities run repeatedly. Distance, or time where it stays.
std::optional<double> turn_of(const PlanRequest& request, const FlightConditions& like) {
    const auto conditions = nearly_the_same_conditions(request, like);
    if (!conditions || !conditions->at_powers->gives(conditions->cruise_power_w.value)) return {};
    if (goes_somewhere(request) && (!conditions->out || !conditions->home)) return {};
    const Homeward homeward(request, *conditions);
    std::vector<units::Diagnostic> unheard;
    const auto out = way_out(request, *conditions, homeward, unheard, true);
    if (out.track.empty() || (goes_somewhere(request) && !homeward.wind_allows())) return {};
    const auto turn_rules = turn_rule_turns(request, *conditions, homeward, out, false);
    const RuleTurn* turn = binding(turn_rules);
    if (!turn) return std::nullopt;
    return stays(request) ? turn->time_s : turn->distance_m;
}

struct Nudge {
    units::Quantity quantity;
    double step;
    bool relative;
    void (*apply)(PlanRequest&, double step);
};

/// Steps that a pilot thinks in.
constexpr Nudge nudges[] = {
    {units::Quantity::wind_speed, 1.0, false,
     [](PlanRequest& r, double s) {
         const auto wind = spoken_wind(r);
         set_spoken_wind(r, {wind.speed_mps + s, wind.from_deg});
     }},
    {units::Quantity::wind_from, 15.0, false,
     [](PlanRequest& r, double s) {
         const auto wind = spoken_wind(r);
         set_spoken_wind(r, {wind.speed_mps, wind.from_deg + s});
     }},
    {units::Quantity::cruise_power, 0.05, true,
     [](PlanRequest& r, double s) { r.aircraft.cruise_power_w *= 1.0 + s; }},
    {units::Quantity::usable_charge, -0.05, true,
     [](PlanRequest& r, double s) { r.pack = battery::with_capacity_times(std::move(r.pack), 1.0 + s); }},
    {units::Quantity::all_up_mass, 0.1, false,
     [](PlanRequest& r, double s) {
         // The known cruise keeps the mass it was flown at; only what is lifted now changes.
         r.aircraft.cruise_all_up_mass_kg = r.aircraft.cruise_all_up_mass_kg.value_or(all_up_mass_kg(r));
         r.aircraft.mass_kg += s;
     }},
    {units::Quantity::landing_cell_voltage, 0.1, false,
     [](PlanRequest& r, double s) { r.landing_cell_v = landing_cell_v(r) + s; }},
    {units::Quantity::temperature, -10.0, false, [](PlanRequest& r, double s) { r.weather.temperature_c += s; }},
    {units::Quantity::height, 20.0, false,
     [](PlanRequest& r, double s) {
         // The wind stays the one that was forecast, at its own height.
         r.weather.wind_height_m = r.weather.wind_height_m.value_or(r.mission.height_m);
         r.mission.height_m += s;
     }},
};

std::vector<units::Sensitivity> turn_sensitivities(const Plan& plan, const RuleTurn& turn,
                                                   const Parallel& parallel) {
    const double at = stays(plan.request) ? turn.time_s : turn.distance_m;
    std::vector<units::Sensitivity> sensitivities(std::size(nudges));
    parallel(std::size(nudges), [&](std::size_t i) {
        const Nudge& nudge = nudges[i];
        PlanRequest nudged = plan.request;
        nudge.apply(nudged, nudge.step);
        // A nudge after which nobody comes home moves the turn all the way in.
        const double moved = turn_of(nudged, plan.conditions).value_or(0.0);
        sensitivities[i] = {nudge.quantity, nudge.step, nudge.relative, moved - at};
    });
    std::stable_sort(sensitivities.begin(), sensitivities.end(),
                     [](const auto& a, const auto& b) { return std::abs(a.change) > std::abs(b.change); });
    return sensitivities;
}

/// Where the mission itself ends is given, not forecast: only what it takes to get there moves, with the draw.
void take_end_for_given(Turn& turn, const std::vector<OutwardPoint>& track, double draw_sd) {
    const OutwardPoint& end = track.back();
    const OutwardPoint& before = track[track.size() - 2];
    const double step_ah = end.charge_used_ah - before.charge_used_ah;
    const double volts_per_ah =
        step_ah > 0.0 ? std::abs(end.cell_voltage_v - before.cell_voltage_v) / step_ah : 0.0;
    turn.at_end_of_mission = true;
    turn.distance_m.sd = turn.time_s.sd = 0.0;
    turn.charge_used_ah.sd = draw_sd * turn.charge_used_ah.value;
    turn.energy_used_wh.sd = draw_sd * turn.energy_used_wh.value;
    turn.cell_voltage_v.sd = volts_per_ah * turn.charge_used_ah.sd;
}

/// Where a growing wind ends the outbound or the return leg, that wind's own errors move the turn, not the pack's.
void take_wind_for_band(Turn& turn, const Plan& plan) {
    const DaySpread spread = spread_of(plan.request, plan.conditions);
    const double at_m = turn.distance_m.value;
    const auto moved_m = [&](double wind_mps, double growth_mps_per_h) {
        return turn_of(windier(plan.request, wind_mps, growth_mps_per_h), plan.conditions).value_or(0.0) - at_m;
    };
    const double share =
        units::combine_sd(moved_m(spread.wind_mps, 0.0), moved_m(0.0, spread.growth_mps_per_h)) / at_m;
    turn.distance_m.sd = share * at_m;
    turn.time_s.sd = share * turn.time_s.value;
    turn.charge_used_ah.sd = share * turn.charge_used_ah.value;
    turn.energy_used_wh.sd = share * turn.energy_used_wh.value;
}

/// The turn as a sample of its own, so that what is told of it is not what runs straight between its neighbours.
/// @return its place among the samples
OutwardPoint sampled_at(Plan& plan, const Homeward& homeward, double distance_m) {
    constexpr double same_m = 1e-6;
    auto& track = plan.outward;
    const auto next = std::find_if(track.begin(), track.end(),
                                   [&](const OutwardPoint& p) { return p.distance_m > distance_m - same_m; });
    if (next == track.begin() || next == track.end() || next->distance_m < distance_m + same_m)
        return point_at(track, distance_m);
    const OutwardPoint at = looked_home(point_at(track, distance_m), plan.request, plan.conditions, homeward);
    track.insert(next, at);
    return at;
}

/// Turns a plan at a place: the turn with its band, the flight home, what moves it.
/// @param stopped  the wind lets the outbound leg go no farther than its end
/// @param parallel  what runs the sensitivities; null: there are none
void turn_at(Plan& plan, const Homeward& homeward, const RuleTurn& turn_rule, bool stopped,
             const Parallel& parallel) {
    const OutwardPoint at = sampled_at(plan, homeward, turn_rule.distance_m);
    const double draw_sd = plan.conditions.cruise_power_w.sd / plan.conditions.cruise_power_w.value;
    plan.turn = turn_with_band(turn_rule, plan.outward, at, draw_sd);
    if (plan.whole)
        take_end_for_given(*plan.turn, plan.outward, draw_sd);
    else if (turn_rule.by_wind || (stopped && turn_rule.distance_m >= plan.outward.back().distance_m))
        take_wind_for_band(*plan.turn, plan);
    plan.flight = fly_home(plan, homeward, at);
    plan.turn_sensitivities.clear();
    if (!plan.whole && parallel) plan.turn_sensitivities = turn_sensitivities(plan, turn_rule, parallel);
    plan.station = on_station(plan);
}

/// Whether a one-way flight lands at its end with the reserve: as forecast, and on as many days as the pilot asks
/// for.
bool lands_with_reserve(const Plan& plan, const Homeward& homeward) {
    const OutwardPoint& end = plan.outward.back();
    const ReturnEstimate down = homeward.to(end.at, 0.0, station_of(end));
    if (homeward.books(down, end.pack()).landing_left_wh < end.reserve_wh) return false;
    const auto& turn = plan.request.turn;
    if (std::find(turn.counted.begin(), turn.counted.end(), TurnRule::chance) == turn.counted.end()) return true;
    const DrawnFlights drawn(plan.request, plan.conditions, false);
    const auto flight = drawn.prepared(landed_legs(plan.conditions, homeward, plan.legs_out, end),
                                       plan.conditions.home_power_w.value, end.reserve_wh);
    return drawn.chance_of_reserve(flight, spread_of(plan.request, plan.conditions)) >= turn.least_chance;
}

/// @param parallel  null: without sensitivities
units::Result<Plan> planned(const PlanRequest& unchecked, const Parallel& parallel) {
    auto request = validate(unchecked);
    if (!request) return tl::unexpected(request.error());
    auto conditions = flight_conditions(*request);
    if (!conditions) return tl::unexpected(conditions.error());

    if (request->mission.kind == MissionKind::farthest_point) {
        constexpr int bearings = 72;
        const Reach line = reach(*request, *conditions, bearings, {}, parallel ? parallel : in_turn);
        if (!line.points.empty()) request->mission.bearing_deg = line.points[line.farthest].bearing_deg;
        conditions = flight_conditions(*request, &*conditions);
        if (!conditions) return tl::unexpected(conditions.error());
    }

    Plan plan;
    plan.request = *request;
    plan.conditions = *conditions;
    plan.usable_energy_wh = {conditions->usable_energy_wh(),
                             battery::usable_relative_sd(request->pack) * conditions->usable_energy_wh()};
    plan.usable_charge_ah = {conditions->usable_charge_ah(),
                             battery::usable_relative_sd(request->pack) * conditions->usable_charge_ah()};

    judge_conditions(plan);
    if (conditions->cruise.gives_nothing()) {
        add_diagnostic(plan, DiagnosticCode::power_not_available, Severity::warning,
                       {{"power_w", conditions->cruise_power_w.value}, {"height_m", request->mission.height_m}});
        return plan;
    }
    const bool somewhere = goes_somewhere(plan.request);
    if (somewhere && (!conditions->out || !conditions->home)) return plan;

    const Homeward homeward(plan.request, plan.conditions);
    if (somewhere && !homeward.wind_allows()) {
        // No ground speed is left where all airspeed goes into coming down: that is no wind's
        // doing.
        if (plan.request.mission.descent_rate_mps >= conditions->airspeed_home_mps) return plan;
        add_diagnostic(
            plan, DiagnosticCode::no_solution_home, Severity::warning,
            {{"wind_mps", conditions->wind_home.speed_mps}, {"airspeed_mps", conditions->airspeed_home_mps}});
        return plan;
    }
    WayOut out = way_out(plan.request, plan.conditions, homeward, plan.diagnostics);
    if (out.track.size() < 2) return plan;
    plan.turn_rules = turn_rule_turns(plan.request, plan.conditions, homeward, out, true);
    plan.outward = std::move(out.track);
    plan.legs_out = std::move(out.legs);
    const RuleTurn* bound = binding(plan.turn_rules);
    std::optional<RuleTurn> turn_rule;
    if (bound) turn_rule = *bound;
    // A mission that ends before any rule asks for the return goes there by itself.
    const OutwardPoint& end = plan.outward.back();
    const bool lands_out = !comes_home(plan.request.mission.kind);
    if (out.whole && lands_out) {
        plan.whole = lands_with_reserve(plan, homeward);
    } else {
        plan.whole = out.whole && !turn_rule && !is_unmet(plan.turn_rules) && end.margin_wh() >= 0.0;
    }
    // Where the mission goes home by itself, as a turn.
    if (plan.whole) turn_rule = turn_at_point(TurnRule::energy_home, plan.outward.back(), homeward);
    judge_turn_rules(plan);
    if (turn_rule) turn_at(plan, homeward, *turn_rule, out.stopped, parallel);
    judge_route(plan);
    return plan;
}

} // namespace

units::Result<Plan> make_plan(const PlanRequest& request, const Parallel& parallel) {
    return planned(request, parallel);
}

units::Result<Plan> make_trial_plan(const PlanRequest& request) {
    return planned(request, nullptr);
}

} // namespace sobremesa::mission
