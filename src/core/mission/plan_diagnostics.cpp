#include "core/mission/plan_diagnostics.hpp"

#include <algorithm>
#include <cmath>
#include <string>

#include "core/airframe/known_cruise.hpp"
#include "core/mission/outward.hpp"
#include "core/mission/over_land.hpp"
#include "core/mission/phases.hpp"
#include "core/mission/turn_rules.hpp"
#include "core/mission/winds.hpp"

namespace sobremesa::mission {

using units::DiagnosticCode;
using units::Severity;

namespace {

/// Return leg slower over ground than the outbound leg by this much counts as the expensive one.
constexpr double costly_return_ratio = 0.95;
// Common practice: cruise at 30–40 % of full power; above half the wind is too strong for a distance attempt.
constexpr double high_power_share = 0.4;
constexpr double very_high_power_share = 0.5;

/// What the request asks for and cannot have: said, because the plan goes on without it.
void judge_speeds(Plan& plan) {
    const Mission& mission = plan.request.mission;
    const bool full_power_known = plan.request.aircraft.full_power_w.has_value();
    const auto asks_for = [&](SpeedRule rule) { return mission.speed_out == rule || mission.speed_home == rule; };
    if (asks_for(SpeedRule::fixed) && !mission.airspeed_mps)
        add_diagnostic(plan, DiagnosticCode::fixed_speed_missing, Severity::warning);
    if (asks_for(SpeedRule::power_share) && !full_power_known) {
        add_diagnostic(plan, DiagnosticCode::speed_rule_not_met, Severity::warning);
    } else if (asks_for(SpeedRule::power_share) &&
               !leg_airspeed(plan.request, SpeedRule::power_share, 0.0, {}, plan.conditions.air.density_kgm3)) {
        add_diagnostic(plan, DiagnosticCode::share_too_small, Severity::warning,
                       {{"share", mission.most_power_share}});
    }
    if (mission.climb_throttle && !full_power_known)
        add_diagnostic(plan, DiagnosticCode::throttle_without_full_power, Severity::warning,
                       {{"field", std::string("mission.climb_throttle")}});
    if (plan.request.failsafe && plan.request.failsafe->throttle && !full_power_known)
        add_diagnostic(plan, DiagnosticCode::throttle_without_full_power, Severity::warning,
                       {{"field", std::string("failsafe.throttle")}});
    const double slowest = std::min(plan.conditions.airspeed_out_mps, plan.conditions.airspeed_home_mps);
    const bool descends = mission.height_m > landing_height_m(plan.request);
    if (goes_somewhere(plan.request) && descends && mission.descent_rate_mps >= slowest)
        add_diagnostic(plan, DiagnosticCode::descent_above_airspeed, Severity::warning,
                       {{"descent_mps", mission.descent_rate_mps}, {"airspeed_mps", slowest}});
}

struct OverGround {
    double out_mps = 0.0;
    double home_mps = 0.0;
};

/// Over ground in the forecast wind: on the mean of the legs as far as the farthest of their ends, and straight
/// home from there. Nothing where the wind does not let it.
std::optional<OverGround> over_ground(const Plan& plan) {
    const FlightConditions& c = plan.conditions;
    const auto column = air_column(plan.request);
    std::optional<OverGround> speeds;
    double farthest_m = 0.0;
    double way_m = 0.0;
    double time_s = 0.0;
    for (const Phase& phase : phases(plan.request)) {
        const double length_m = geodesy::distance_m(phase.from, phase.to);
        if (!(length_m > 1.0)) continue;
        const auto flown = heading(geodesy::bearing_deg(phase.from, phase.to), c.airspeed_out_mps,
                                   column.at(0.5 * (phase.from_height_m + phase.to_height_m)));
        if (!flown) return std::nullopt;
        way_m += length_m;
        time_s += length_m / flown->ground_speed_mps;
        const double from_home_m = geodesy::distance_m({}, phase.to);
        if (!(from_home_m > farthest_m)) continue;
        const auto home =
            heading(geodesy::bearing_deg(phase.to, {}), c.airspeed_home_mps, column.at(phase.to_height_m));
        if (!home) return std::nullopt;
        farthest_m = from_home_m;
        speeds = OverGround{way_m / time_s, home->ground_speed_mps};
    }
    return speeds;
}

void judge_wind(Plan& plan) {
    const FlightConditions& c = plan.conditions;
    const double V = plan.request.aircraft.cruise_airspeed_mps;
    if (!goes_somewhere(plan.request)) return;
    if (!c.out) {
        add_diagnostic(plan, DiagnosticCode::no_solution_out, Severity::warning,
                       {{"wind_mps", c.wind_out.speed_mps}, {"airspeed_mps", V}});
    }
    if (!c.home) {
        add_diagnostic(plan, DiagnosticCode::no_solution_home, Severity::warning,
                       {{"wind_mps", c.wind_home.speed_mps}, {"airspeed_mps", V}});
    }
    // Who lands elsewhere does not come home against that wind. By the forecast: what it may be off by is no reason
    // to go out the other way.
    const auto speeds = comes_home(plan.request.mission.kind) ? over_ground(plan) : std::nullopt;
    if (c.out && c.home && speeds && speeds->home_mps < costly_return_ratio * speeds->out_mps) {
        add_diagnostic(plan, DiagnosticCode::return_is_costly, Severity::warning,
                       {{"out_mps", speeds->out_mps}, {"home_mps", speeds->home_mps}});
    }
}

void judge_landing_voltage(Plan& plan) {
    const battery::Pack& pack = plan.request.pack;
    const battery::ChemistryTraits& chemistry = battery::traits(pack.chemistry);
    const double landing_v = landing_cell_v(plan.request);
    if (landing_v < chemistry.floor_cell_v) {
        add_diagnostic(plan, DiagnosticCode::landing_voltage_below_floor, Severity::warning,
                       {{"landing_cell_v", landing_v}, {"floor_cell_v", chemistry.floor_cell_v}});
    }
    if (landing_v < chemistry.wasteful_landing_cell_v) return;
    const auto usual = battery::discharge_at_power(*plan.conditions.pack, plan.conditions.start,
                                                   plan.conditions.cruise_power_w.value,
                                                   {chemistry.default_landing_cell_v, 1e9}, plan.conditions.around);
    const double unused_wh = usual.last().energy_wh - plan.conditions.usable_energy_wh();
    if (unused_wh <= 0.0) return;
    add_diagnostic(plan, DiagnosticCode::landing_voltage_wastes_energy, Severity::warning,
                   {{"landing_cell_v", landing_v},
                    {"usual_cell_v", chemistry.default_landing_cell_v},
                    {"unused_wh", unused_wh},
                    {"unused_share", unused_wh / usual.last().energy_wh}});
}

/// What the pilot said of the cruise, against what physics asks of it.
void judge_cruise(Plan& plan) {
    const airframe::Aircraft& aircraft = plan.request.aircraft;
    if (aircraft.curve && aircraft.curve->flights > 0) return;
    if (!aircraft.cruise_all_up_mass_kg)
        add_diagnostic(plan, DiagnosticCode::cruise_mass_assumed, Severity::note,
                       {{"mass_kg", plan.conditions.all_up_mass_kg}});
    const auto sense = airframe::cruise_sense(aircraft, plan.conditions.all_up_mass_kg);
    if (sense.drive_w >= sense.doubtful_w) return;
    const bool impossible = sense.drive_w < sense.least_w;
    add_diagnostic(plan,
                   impossible ? DiagnosticCode::cruise_power_impossible : DiagnosticCode::cruise_power_doubtful,
                   Severity::warning,
                   {{"power_w", sense.drive_w},
                    {"least_w", impossible ? sense.least_w : sense.doubtful_w},
                    {"usual_w", sense.usual_w}});
}

/// A mass that cannot belong to those cells: a slip of a digit moves the turn by kilometres.
void judge_pack_mass(Plan& plan) {
    const battery::Pack& pack = plan.request.pack;
    if (!(pack.mass_kg > 0.0)) return;
    // Common practice, no source: finished packs, leads and connector with them. Short high-current LiPo holds
    // 100 Wh/kg, long-range LiPo 180, Li-ion of the best cells 260.
    const bool li_ion = pack.chemistry == battery::Chemistry::li_ion;
    const double usual_least = li_ion ? 120.0 : 90.0;
    const double usual_most = li_ion ? 270.0 : 210.0;
    constexpr double doubt = 1.35;
    const double rated_wh = battery::rated_energy_wh(pack);
    const double held = rated_wh / pack.mass_kg;
    if (held >= usual_least / doubt && held <= doubt * usual_most) return;
    add_diagnostic(plan, DiagnosticCode::pack_mass_doubtful, Severity::warning,
                   {{"rated_wh", rated_wh},
                    {"mass_kg", pack.mass_kg},
                    {"wh_per_kg", std::round(held)},
                    {"least_wh_per_kg", usual_least},
                    {"most_wh_per_kg", usual_most}});
}

/// What nobody has measured, where it decides how far the flight may go.
void judge_pack_unknowns(Plan& plan) {
    const PlanRequest& request = plan.request;
    const battery::Pack& pack = request.pack;
    const bool seen = pack.known && pack.known->flights + pack.known->recharges > 0;
    // Over home, a pack that gives less than its label costs minutes, not the aircraft.
    if (goes_somewhere(request) && !seen) add_diagnostic(plan, DiagnosticCode::pack_not_flown, Severity::warning);
    if (!pack.mass_on_scale && pack.mass_kg > 0.0)
        add_diagnostic(plan, DiagnosticCode::pack_mass_not_weighed, Severity::note, {{"mass_kg", pack.mass_kg}});
    // One cell in parallel carries all of the current of rotors: whether it gives two or six times its charge an
    // hour decides about the flight.
    const bool cells_said = pack.construction || pack.rated_current_a || pack.measured_cell_ohm;
    if (pack.chemistry == battery::Chemistry::li_ion && pack.parallel == 1 && !cells_said &&
        request.aircraft.craft == airframe::Craft::rotor) {
        using battery::Construction;
        const double rated_ah = battery::rated_charge_ah(pack);
        add_diagnostic(
            plan, DiagnosticCode::construction_assumed, Severity::warning,
            {{"current_a", battery::cells_current_a(pack)},
             {"other_a", battery::defaults(pack.chemistry, Construction::high_drain).continuous_c * rated_ah}});
    }
}

void judge_pack(Plan& plan) {
    judge_pack_mass(plan);
    judge_pack_unknowns(plan);
    const FlightConditions& c = plan.conditions;
    for (const battery::Dip& dip : c.cruise.dips) {
        if (!dip.cold) continue;
        add_diagnostic(plan, DiagnosticCode::cold_start_dip, Severity::warning,
                       {{"lowest_cell_v", dip.lowest_cell_v}, {"until_s", dip.until_s}});
    }
    for (const battery::RateMisfit& misfit : c.pack->misfits()) {
        add_diagnostic(
            plan, DiagnosticCode::rate_table_misfit, Severity::warning,
            {{"current_a", misfit.current_a}, {"table_ah", misfit.table_ah}, {"model_ah", misfit.model_ah}});
    }
    const double most_a = battery::continuous_current_a(plan.request.pack);
    const double cruise_a = c.cruise.last().current_a;
    if (cruise_a > most_a) {
        add_diagnostic(plan, DiagnosticCode::current_above_rating, Severity::warning,
                       {{"current_a", cruise_a}, {"limit_a", most_a}});
    }
}

void judge_limits(Plan& plan) {
    const PlanRequest& request = plan.request;
    if (request.mission.height_m > request.height_ceiling_m) {
        add_diagnostic(plan, DiagnosticCode::height_above_ceiling, Severity::warning,
                       {{"height_m", request.mission.height_m}, {"ceiling_m", request.height_ceiling_m}});
    }
    if (!request.aircraft.full_power_w) return;
    const double share = plan.conditions.cruise_power_w.value / *request.aircraft.full_power_w;
    if (share > very_high_power_share) {
        add_diagnostic(plan, DiagnosticCode::power_demand_very_high, Severity::warning, {{"share", share}});
    } else if (share > high_power_share) {
        add_diagnostic(plan, DiagnosticCode::power_demand_high, Severity::note, {{"share", share}});
    }
}

/// The ground under the way as far as it is flown.
class GroundBelow {
public:
    explicit GroundBelow(Plan& plan) : plan_(plan) { plan.least_clearance.reset(); }

    void look() {
        way_out();
        if (const auto& terrain = plan_.request.mission.terrain; terrain && plan_.flight) return_flight(*terrain);
        if (gaps_) add_diagnostic(plan_, DiagnosticCode::terrain_partly_known, Severity::warning);
    }

private:
    void take(double clear_m, double distance_m, const geodesy::EastNorth& at) {
        if (!std::isfinite(clear_m)) return;
        if (!plan_.least_clearance || clear_m < plan_.least_clearance->height_m)
            plan_.least_clearance = Clearance{clear_m, distance_m, at};
    }

    void way_out() {
        const double end_m = plan_.turn ? plan_.turn->distance_m.value : plan_.outward.back().distance_m;
        const OutwardPoint* last = nullptr;
        for (const OutwardPoint& point : plan_.outward) {
            if (point.distance_m > end_m) break;
            gaps_ = gaps_ || point.ground_unknown;
            take(point.least_clear_m, point.distance_m, point.at);
            last = &point;
        }
        // From the last of them to the turn.
        const auto& terrain = plan_.request.mission.terrain;
        const OutwardPoint end = outward_at(plan_, end_m);
        if (!terrain || !last || end.phase == 0) return;
        const auto clear = clearance_along(*terrain, last->at, end.at, last->height_m, end.height_m);
        gaps_ = gaps_ || clear.unknown;
        take(clear.least_m, end_m, clear.at);
    }

    /// Ground that is no higher than the clearance above the landing place is the field itself.
    void return_flight(const geodesy::Terrain& terrain) {
        const OutwardPoint turn = outward_at(plan_, plan_.turn->distance_m.value);
        double height_m = turn.height_m;
        double flown_m = turn.distance_m;
        for (const FlightLeg& leg : plan_.flight->legs) {
            const bool flies = leg.homeward && leg.kind != PhaseKind::landing && leg.ground_m > 0.0;
            if (flies) {
                const auto clear = clearance_along(terrain, leg.from, leg.to, height_m, leg.end_height_m,
                                                   plan_.request.mission.clearance_m);
                gaps_ = gaps_ || clear.unknown;
                flown_m += leg.ground_m;
                take(clear.least_m, flown_m, clear.at);
            }
            if (leg.homeward) height_m = leg.end_height_m;
        }
    }

    Plan& plan_;
    bool gaps_ = false;
};

} // namespace

void add_diagnostic(Plan& plan, DiagnosticCode code, Severity severity, std::vector<units::Parameter> parameters) {
    plan.diagnostics.push_back({code, severity, std::move(parameters)});
}

bool goes_somewhere(const PlanRequest& request) {
    return !circles_home(request.mission.kind);
}

/// A flight on the sun that lacks what the sun is worked out from is one on the pack alone.
void judge_sun(Plan& plan) {
    const PlanRequest& request = plan.request;
    if (request.mission.kind != MissionKind::on_sun) return;
    const auto missing = [&](const char* field) {
        add_diagnostic(plan, DiagnosticCode::sun_not_worked_out, Severity::warning,
                       {{"field", std::string(field)}});
    };
    if (!request.aircraft.array) missing("aircraft.array");
    if (!request.mission.home) missing("mission.home");
    if (!request.sun || !request.sun->start_utc_s) missing("sun.start_utc");
}

void judge_conditions(Plan& plan) {
    judge_sun(plan);
    judge_speeds(plan);
    judge_wind(plan);
    judge_landing_voltage(plan);
    judge_pack(plan);
    judge_limits(plan);
    judge_cruise(plan);
}

void judge_turn_rules(Plan& plan) {
    // Much is left at such a turn: without a reason given, a pilot would fly on. So it comes first.
    if (const RuleTurn* bound = plan.whole ? nullptr : binding(plan.turn_rules); bound && bound->by_wind) {
        plan.diagnostics.insert(plan.diagnostics.begin(), {DiagnosticCode::no_solution_home,
                                                           Severity::warning,
                                                           {{"distance_m", bound->distance_m},
                                                            {"time_s", bound->time_s},
                                                            {"wind_mps", plan.conditions.wind_home.speed_mps},
                                                            {"airspeed_mps", plan.conditions.airspeed_home_mps}}});
    }
    for (const RuleTurn& turn : plan.turn_rules) {
        if (turn.counted && !turn.reached && !plan.whole) {
            add_diagnostic(plan, DiagnosticCode::turn_rule_not_reached, Severity::warning,
                           {{"school", std::string(turn_rule_word(turn.turn_rule))},
                            {"at_launch", turn.unmet_at_launch ? 1.0 : 0.0}});
        }
        if (turn.counted && turn.too_late) {
            add_diagnostic(plan, DiagnosticCode::rule_turns_too_late, Severity::warning,
                           {{"school", std::string(turn_rule_word(turn.turn_rule))},
                            {"distance_m", turn.distance_m},
                            {"landing_left_wh", turn.landing_left_wh}});
        }
    }
}

/// Places to land at that lie where nothing may come down.
void judge_landing_places(Plan& plan) {
    const Mission& mission = plan.request.mission;
    const auto look = [&](const std::string& name, const geodesy::EastNorth& at) {
        if (const NoLandingArea* area = no_landing_at(mission.no_landing, at))
            add_diagnostic(plan, DiagnosticCode::landing_place_in_area, Severity::warning,
                           {{"place", name}, {"area", area->name}});
    };
    if (comes_home(mission.kind)) look({}, {});
    for (const Alternate& place : mission.alternates) look(place.name, place.at);
}

void judge_route(Plan& plan) {
    const PlanRequest& request = plan.request;
    judge_landing_places(plan);
    GroundBelow(plan).look();
    const bool ends = !plan.legs_out.empty() && !phases(request).back().open;
    if (ends && !goes_straight_out(request.mission.kind) && !plan.whole && plan.turn) {
        add_diagnostic(plan, DiagnosticCode::route_not_whole, Severity::warning,
                       {{"distance_m", plan.turn->distance_m.value},
                        {"leg", double(outward_at(plan, plan.turn->distance_m.value).phase)}});
    }
    if (plan.least_clearance && plan.least_clearance->height_m < request.mission.clearance_m) {
        add_diagnostic(plan, DiagnosticCode::clearance_too_low, Severity::warning,
                       {{"height_m", plan.least_clearance->height_m},
                        {"wanted_m", request.mission.clearance_m},
                        {"distance_m", plan.least_clearance->distance_m}});
    }
    if (!request.mission.terrain_file.empty() && !request.mission.terrain) {
        add_diagnostic(plan, DiagnosticCode::terrain_not_read, Severity::warning,
                       {{"file", request.mission.terrain_file}});
    }
    // Vortex ring: sinking into its own wake (Leishman, ch. 2); forward flight leaves it behind.
    constexpr double most_sink_mps = 2.0;
    constexpr double leaves_its_wake = 2.0;
    const bool slow = plan.conditions.airspeed_home_mps < leaves_its_wake * request.mission.descent_rate_mps;
    // A rotor's landing is straight down.
    const double sink_mps = std::max(slow ? request.mission.descent_rate_mps : 0.0,
                                     landing_height_m(request) > 0.0 ? request.mission.landing_sink_mps : 0.0);
    if (request.aircraft.craft == airframe::Craft::rotor && sink_mps > most_sink_mps)
        add_diagnostic(plan, DiagnosticCode::sink_too_fast, Severity::warning,
                       {{"sink_mps", sink_mps}, {"most_mps", most_sink_mps}});
}

} // namespace sobremesa::mission
