#include "core/mission/plan.hpp"

#include <algorithm>
#include <cmath>

#include "core/mission/outward.hpp"
#include "core/mission/schools.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

using units::NoticeCode;
using units::Severity;

/// Way home slower over ground than the way out by this much counts as the dear one.
constexpr double dear_way_home_ratio = 0.95;
// Common practice: cruise at 30–40 % of full power; above half the wind is too strong for a distance attempt.
constexpr double high_power_share = 0.4;
constexpr double very_high_power_share = 0.5;

void add_notice(Plan& plan, NoticeCode code, Severity severity, std::vector<units::Parameter> parameters = {}) {
    plan.notices.push_back({code, severity, std::move(parameters)});
}

void judge_wind(Plan& plan) {
    const FlightConditions& c = plan.conditions;
    const double V = plan.request.aircraft.cruise_airspeed_mps;
    if (!c.out) {
        add_notice(plan, NoticeCode::no_solution_out, Severity::warning,
                   {{"wind_mps", c.wind_out.speed_mps}, {"airspeed_mps", V}});
    }
    if (!c.home) {
        add_notice(plan, NoticeCode::no_solution_home, Severity::warning,
                   {{"wind_mps", c.wind_home.speed_mps}, {"airspeed_mps", V}});
    }
    if (c.out && c.home && c.home->ground_speed_mps < dear_way_home_ratio * c.out->ground_speed_mps) {
        add_notice(plan, NoticeCode::way_home_is_dear, Severity::warning,
                   {{"out_mps", c.out->ground_speed_mps}, {"home_mps", c.home->ground_speed_mps}});
    }
}

void judge_landing_voltage(Plan& plan) {
    const battery::Pack& pack = plan.request.pack;
    const battery::ChemistryTraits& chemistry = battery::traits(pack.chemistry);
    const double landing_v = landing_cell_v(plan.request);
    if (landing_v < chemistry.floor_cell_v) {
        add_notice(plan, NoticeCode::landing_voltage_below_floor, Severity::warning,
                   {{"landing_cell_v", landing_v}, {"floor_cell_v", chemistry.floor_cell_v}});
    }
    if (landing_v < chemistry.wasteful_landing_cell_v) return;
    const auto usual = battery::discharge_at_power(*plan.conditions.pack, plan.conditions.start,
                                                   plan.conditions.cruise_power_w.value,
                                                   {chemistry.default_landing_cell_v, 1e9}, plan.conditions.around);
    const double unused_wh = usual.last().energy_wh - plan.conditions.usable_energy_wh();
    if (unused_wh <= 0.0) return;
    add_notice(plan, NoticeCode::landing_voltage_wastes_energy, Severity::warning,
               {{"landing_cell_v", landing_v},
                {"usual_cell_v", chemistry.default_landing_cell_v},
                {"unused_wh", unused_wh},
                {"unused_share", unused_wh / usual.last().energy_wh}});
}

void judge_pack(Plan& plan) {
    const FlightConditions& c = plan.conditions;
    for (const battery::Dip& dip : c.cruise.dips) {
        if (!dip.cold) continue;
        add_notice(plan, NoticeCode::cold_start_dip, Severity::warning,
                   {{"lowest_cell_v", dip.lowest_cell_v}, {"until_s", dip.until_s}});
    }
    for (const battery::RateMisfit& misfit : c.pack->misfits()) {
        add_notice(plan, NoticeCode::rate_table_misfit, Severity::warning,
                   {{"current_a", misfit.current_a}, {"table_ah", misfit.table_ah}, {"model_ah", misfit.model_ah}});
    }
    const double most_a = battery::continuous_current_a(plan.request.pack);
    const double cruise_a = c.cruise.last().current_a;
    if (cruise_a > most_a) {
        add_notice(plan, NoticeCode::current_above_rating, Severity::warning,
                   {{"current_a", cruise_a}, {"limit_a", most_a}});
    }
}

void judge_limits(Plan& plan) {
    const PlanRequest& request = plan.request;
    if (request.mission.height_m > request.height_ceiling_m) {
        add_notice(plan, NoticeCode::height_above_ceiling, Severity::warning,
                   {{"height_m", request.mission.height_m}, {"ceiling_m", request.height_ceiling_m}});
    }
    if (!request.aircraft.full_power_w) return;
    const double share = plan.conditions.cruise_power_w.value / *request.aircraft.full_power_w;
    if (share > very_high_power_share) {
        add_notice(plan, NoticeCode::power_demand_very_high, Severity::warning, {{"share", share}});
    } else if (share > high_power_share) {
        add_notice(plan, NoticeCode::power_demand_high, Severity::note, {{"share", share}});
    }
}

void judge_schools(Plan& plan) {
    for (const SchoolTurn& turn : plan.schools) {
        if (turn.counted && !turn.reached) {
            add_notice(plan, NoticeCode::school_not_reached, Severity::warning,
                       {{"school", std::string(school_word(turn.school))}});
        }
        if (turn.counted && turn.too_late) {
            add_notice(plan, NoticeCode::school_turns_too_late, Severity::warning,
                       {{"school", std::string(school_word(turn.school))},
                        {"distance_m", turn.distance_m},
                        {"landing_left_wh", turn.landing_left_wh}});
        }
    }
    const auto& counted = plan.request.turn.counted;
    if (std::find(counted.begin(), counted.end(), School::chance) != counted.end()) {
        add_notice(plan, NoticeCode::chance_not_computed, Severity::warning);
    }
}

/// The earliest turn among the schools that count.
const SchoolTurn* binding(const std::vector<SchoolTurn>& schools) {
    const auto found =
        std::find_if(schools.begin(), schools.end(), [](const SchoolTurn& t) { return t.counted && t.reached; });
    return found == schools.end() ? nullptr : &*found;
}

Turn turn_with_band(const SchoolTurn& school, const std::vector<OutwardPoint>& track, const OutwardPoint& at,
                    double draw_sd) {
    // How fast the spare shrinks along the way turns its uncertainty into one of place.
    const auto next = std::find_if(track.begin(), track.end(),
                                   [&](const OutwardPoint& p) { return p.distance_m > at.distance_m; });
    const OutwardPoint& b = next == track.end() ? track.back() : *next;
    const OutwardPoint& a = next == track.begin() || next == track.end() ? track[track.size() - 2] : *(next - 1);
    const double step_m = b.distance_m - a.distance_m;
    const auto per_metre = [&](double from, double to) { return step_m > 0.0 ? (to - from) / step_m : 0.0; };

    // A school that counts charge is met exactly in charge; only its place moves, with the draw.
    double distance_sd_m = draw_sd * at.distance_m;
    double charge_sd_ah = 0.0;
    if (school.school == School::energy_home) {
        const double slope = std::abs(per_metre(a.spare_wh(), b.spare_wh()));
        distance_sd_m = slope > 0.0 ? at.spare_sd_wh / slope : 0.0;
        charge_sd_ah = per_metre(a.charge_used_ah, b.charge_used_ah) * distance_sd_m;
    }
    return {school.school,
            {school.distance_m, distance_sd_m},
            {school.time_s, per_metre(a.time_s, b.time_s) * distance_sd_m},
            {school.charge_used_ah, charge_sd_ah},
            {school.energy_used_wh, std::abs(per_metre(a.left_wh, b.left_wh)) * distance_sd_m},
            {school.cell_voltage_v, std::abs(per_metre(a.cell_voltage_v, b.cell_voltage_v)) * distance_sd_m}};
}

PlannedFlight fly_home(const Plan& plan, const Homeward& homeward, const OutwardPoint& turn) {
    const FlightConditions& c = plan.conditions;
    const WayHome way = homeward.from(turn.distance_m, turn.height_m);
    PlannedFlight flight;
    const double draw_sd = c.cruise_power_w.sd / c.cruise_power_w.value;
    flight.duration_s = {turn.time_s + way.time_s,
                         plan.turn->time_s.sd * (1.0 + c.out->ground_speed_mps / c.home->ground_speed_mps)};
    flight.ground_m = 2.0 * turn.distance_m;
    const double left_wh = turn.left_wh - way.energy_wh;
    flight.landing_energy_left_wh = {left_wh, units::combine_sd(battery::assumed_usable_sd * c.usable_energy_wh(),
                                                                draw_sd * (c.usable_energy_wh() - left_wh))};
    flight.landing_charge_used_ah =
        battery::point_at_energy(c.cruise, c.usable_energy_wh() - left_wh).charge_used_ah;
    if (turn.distance_m > 0.0) {
        flight.charge_out_ah_per_m = turn.charge_used_ah / turn.distance_m;
        flight.energy_out_wh_per_m = (c.usable_energy_wh() - turn.left_wh) / turn.distance_m;
        flight.energy_home_wh_per_m = way.energy_wh / turn.distance_m;
        flight.charge_home_ah_per_m = (flight.landing_charge_used_ah - turn.charge_used_ah) / turn.distance_m;
    }
    return flight;
}

/// Only as far as the turn: what the sensitivities run again and again.
std::optional<double> turn_distance_m(const PlanRequest& request, const FlightConditions& like) {
    const auto conditions = flight_conditions(request, &like);
    if (!conditions || conditions->cruise.gives_nothing() || !conditions->out || !conditions->home) return {};
    const Homeward homeward(request, *conditions);
    std::vector<units::Notice> unheard;
    const auto track = outward_track(request, *conditions, homeward, unheard);
    if (track.empty() || !homeward.wind_allows()) return {};
    const auto schools = school_turns(request, *conditions, homeward, track);
    const SchoolTurn* turn = binding(schools);
    return turn ? std::optional(turn->distance_m) : std::nullopt;
}

struct Nudge {
    units::Quantity quantity;
    double step;
    bool relative;
    void (*apply)(PlanRequest&, double step);
};

/// Steps that a pilot thinks in.
constexpr Nudge nudges[] = {
    {units::Quantity::wind_speed, 1.0, false, [](PlanRequest& r, double s) { r.weather.wind.speed_mps += s; }},
    {units::Quantity::wind_from, 15.0, false, [](PlanRequest& r, double s) { r.weather.wind.from_deg += s; }},
    {units::Quantity::cruise_power, 0.05, true,
     [](PlanRequest& r, double s) { r.aircraft.cruise_power_w *= 1.0 + s; }},
    {units::Quantity::usable_charge, -0.05, true,
     [](PlanRequest& r, double s) { r.pack.capacity_factor *= 1.0 + s; }},
    {units::Quantity::all_up_mass, 0.1, false,
     [](PlanRequest& r, double s) {
         // The known cruise keeps the mass it was flown at; only what is lifted now changes.
         r.aircraft.cruise_all_up_mass_kg = r.aircraft.cruise_all_up_mass_kg.value_or(all_up_mass_kg(r));
         r.aircraft.mass_kg += s;
     }},
    {units::Quantity::landing_cell_voltage, 0.1, false,
     [](PlanRequest& r, double s) { r.landing_cell_v = landing_cell_v(r) + s; }},
};

std::vector<units::Sensitivity> turn_sensitivities(const Plan& plan, double distance_m) {
    std::vector<units::Sensitivity> sensitivities;
    for (const Nudge& nudge : nudges) {
        PlanRequest nudged = plan.request;
        nudge.apply(nudged, nudge.step);
        // A nudge after which nobody comes home moves the turn all the way in.
        const double moved_m = turn_distance_m(nudged, plan.conditions).value_or(0.0);
        sensitivities.push_back({nudge.quantity, nudge.step, nudge.relative, moved_m - distance_m});
    }
    std::stable_sort(sensitivities.begin(), sensitivities.end(),
                     [](const auto& a, const auto& b) { return std::abs(a.change) > std::abs(b.change); });
    return sensitivities;
}

} // namespace

units::Result<Plan> make_plan(const PlanRequest& unchecked) {
    auto request = checked(unchecked);
    if (!request) return tl::unexpected(request.error());
    auto conditions = flight_conditions(*request);
    if (!conditions) return tl::unexpected(conditions.error());

    Plan plan;
    plan.request = *request;
    plan.conditions = *conditions;
    plan.usable_energy_wh = {conditions->usable_energy_wh(),
                             battery::assumed_usable_sd * conditions->usable_energy_wh()};
    plan.usable_charge_ah = {conditions->usable_charge_ah(),
                             battery::assumed_usable_sd * conditions->usable_charge_ah()};

    judge_wind(plan);
    judge_landing_voltage(plan);
    judge_pack(plan);
    judge_limits(plan);
    if (conditions->cruise.gives_nothing()) {
        add_notice(plan, NoticeCode::power_not_available, Severity::warning,
                   {{"power_w", conditions->cruise_power_w.value}, {"height_m", request->mission.height_m}});
        return plan;
    }
    if (!conditions->out || !conditions->home) return plan;

    const Homeward homeward(plan.request, plan.conditions);
    if (!homeward.wind_allows()) {
        add_notice(plan, NoticeCode::no_solution_home, Severity::warning,
                   {{"wind_mps", conditions->wind_home.speed_mps},
                    {"airspeed_mps", request->aircraft.cruise_airspeed_mps}});
        return plan;
    }
    plan.outward = outward_track(plan.request, plan.conditions, homeward, plan.notices);
    if (plan.outward.empty()) return plan;
    plan.schools = school_turns(plan.request, plan.conditions, homeward, plan.outward);
    judge_schools(plan);

    if (const SchoolTurn* school = binding(plan.schools)) {
        const OutwardPoint at = outward_at(plan, school->distance_m);
        plan.turn = turn_with_band(*school, plan.outward, at,
                                   conditions->cruise_power_w.sd / conditions->cruise_power_w.value);
        plan.flight = fly_home(plan, homeward, at);
        plan.turn_sensitivities = turn_sensitivities(plan, school->distance_m);
    }
    return plan;
}

OutwardPoint outward_at(const Plan& plan, double distance_m) {
    const auto& track = plan.outward;
    if (track.empty()) return {};
    const auto above = std::upper_bound(track.begin(), track.end(), distance_m,
                                        [](double d, const OutwardPoint& p) { return d < p.distance_m; });
    if (above == track.begin()) return track.front();
    if (above == track.end()) return track.back();
    const OutwardPoint& a = *(above - 1);
    const OutwardPoint& b = *above;
    return between(a, b, (distance_m - a.distance_m) / (b.distance_m - a.distance_m));
}

} // namespace sobremesa::mission
