#include "core/mission/limits.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/mission/failsafe.hpp"
#include "core/mission/outward.hpp"
#include "core/radio/link_reach.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

using units::Origin;
using units::Quantity;

// Common practice, no source.
constexpr double warm_limit_c = 60.0;
constexpr double cold_limit_c = 5.0;
constexpr double near_share = 0.9; ///< from here on a limit is near
constexpr double most_power_share = 0.5;
/// Of the link's free-space distance that buildings, trees and turns leave.
constexpr double link_margin_db = 10.0;
constexpr double fresnel_clear = 0.6; ///< ITU-R P.530: free of obstacles

struct Sample {
    double time_s = 0.0;
    double current_a = 0.0;
    double voltage_v = 0.0;
    double temperature_c = 0.0;
    PhaseKind phase = PhaseKind::leg;
};

std::vector<battery::LoadPhase> load_of(const std::vector<FlightLeg>& legs) {
    std::vector<battery::LoadPhase> load;
    for (const FlightLeg& leg : legs)
        load.push_back({battery::LoadPhase::Kind::power, leg.power_w, leg.duration_s});
    return load;
}

double seconds_of(const std::vector<FlightLeg>& legs) {
    double seconds = 0.0;
    for (const FlightLeg& leg : legs) seconds += leg.duration_s;
    return seconds;
}

class Checker {
public:
    explicit Checker(const Plan& plan) : plan_(plan), request_(plan.request) { fly(); }

    LimitsReport report() {
        if (plan_.flight) {
            currents();
            volts();
            temperature();
            heights();
            link();
            ground_side();
            failsafe();
        }
        power_demand();
        alternates();
        std::stable_sort(report_.checks.begin(), report_.checks.end(),
                         [](const LimitCheck& a, const LimitCheck& b) {
                             static constexpr std::array<int, 4> rank = {2, 1, 0, 3}; // kept, near, broken, unknown
                             return rank[std::size_t(a.verdict)] < rank[std::size_t(b.verdict)];
                         });
        report_.go = plan_.turn.has_value() &&
                     std::none_of(report_.checks.begin(), report_.checks.end(),
                                  [](const LimitCheck& c) { return c.verdict == Verdict::broken; });
        return std::move(report_);
    }

private:
    void fly() {
        if (!plan_.flight) return;
        const auto& legs = plan_.flight->legs;
        const auto& c = plan_.conditions;
        // So fine that no piece of the flight, however short, falls between two of them.
        double shortest_s = seconds_of(legs);
        for (const FlightLeg& leg : legs) shortest_s = std::min(shortest_s, leg.duration_s);
        constexpr double least = 400.0;
        constexpr double most_samples = 4000.0;
        const int samples =
            int(std::clamp(2.0 * seconds_of(legs) / std::max(shortest_s, 0.1), least, most_samples));
        const auto run =
            battery::discharge(*c.pack, c.start, load_of(legs), {0.0, seconds_of(legs), samples}, c.around);
        std::size_t leg = 0;
        double leg_end_s = legs.empty() ? 0.0 : legs[0].duration_s;
        for (const auto& point : run.points) {
            while (point.time_s > leg_end_s && leg + 1 < legs.size()) leg_end_s += legs[++leg].duration_s;
            samples_.push_back({point.time_s, point.current_a, point.voltage_v, point.temperature_c,
                                legs.empty() ? PhaseKind::leg : legs[leg].kind});
        }
    }

    double distance_at(double time_s) const {
        double gone_s = 0.0;
        double gone_m = 0.0;
        for (const FlightLeg& leg : plan_.flight->legs) {
            const double share = std::clamp((time_s - gone_s) / std::max(leg.duration_s, 1e-9), 0.0, 1.0);
            gone_m += share * leg.ground_m;
            gone_s += leg.duration_s;
        }
        return gone_m;
    }

    LimitCheck& add(LimitKind kind, Quantity quantity) {
        report_.checks.push_back({});
        report_.checks.back().kind = kind;
        report_.checks.back().quantity = quantity;
        return report_.checks.back();
    }

    /// @param above  the limit is a ceiling; else a floor
    static void judge(LimitCheck& check, double worst, double limit, bool above, double near_by) {
        check.worst = worst;
        check.limit = limit;
        const double room = above ? limit - worst : worst - limit;
        check.verdict = room < 0.0 ? Verdict::broken : room < near_by ? Verdict::near_it : Verdict::kept;
    }

    void place(LimitCheck& check, const Sample& at) const {
        check.time_s = at.time_s;
        check.distance_m = distance_at(at.time_s);
        check.phase = at.phase;
    }

    const Sample& most(double Sample::*what, double sign) const {
        return *std::max_element(samples_.begin(), samples_.end(), [&](const Sample& a, const Sample& b) {
            return sign * (a.*what) < sign * (b.*what);
        });
    }

    /// A gust asks for its speed on top of the cruise for a moment.
    double gust_power_w() const {
        if (!(request_.weather.gust_mps > 0.0)) return 0.0;
        const AirspeedRange range = airspeed_range(request_, plan_.conditions.air.density_kgm3);
        const double v = std::min(plan_.conditions.airspeed_home_mps + request_.weather.gust_mps, range.most_mps);
        const auto power = power_at(request_, v, request_.mission.height_m, 0.0);
        return power ? power->value : 0.0;
    }

    void currents() {
        if (samples_.empty()) return;
        Sample highest = most(&Sample::current_a, 1.0);
        const double lowest_v = most(&Sample::voltage_v, -1.0).voltage_v;
        const double gust_a = gust_power_w() / lowest_v;
        if (gust_a > highest.current_a) {
            highest = most(&Sample::voltage_v, -1.0);
            highest.current_a = gust_a;
        }
        const double rated_a = battery::continuous_current_a(request_.pack);
        LimitCheck& pack = add(LimitKind::pack_current, Quantity::peak_pack_current);
        judge(pack, highest.current_a, rated_a, true, (1.0 - near_share) * rated_a);
        pack.origin = request_.pack.rated_current_a ? Origin::given : Origin::assumed;
        place(pack, highest);
        if (pack.verdict == Verdict::broken) pack.cure = gentler_climb(highest, rated_a * lowest_v);
        LimitCheck& controller = add(LimitKind::controller_current, Quantity::peak_motor_current);
        if (!request_.aircraft.controller_current_a) return;
        const double motor_a =
            std::max(highest.current_a - airframe::electronics_power_w(request_.aircraft) / highest.voltage_v, 0.0);
        judge(controller, motor_a, *request_.aircraft.controller_current_a, true,
              (1.0 - near_share) * *request_.aircraft.controller_current_a);
        place(controller, highest);
        if (controller.verdict == Verdict::broken)
            controller.cure = gentler_climb(highest, *request_.aircraft.controller_current_a * lowest_v);
    }

    /// The climb rate whose power stays under a limit; nothing where level flight alone is over it.
    std::optional<LimitCheck::Cure> gentler_climb(const Sample& at, double most_w) const {
        if (at.phase != PhaseKind::climb) return std::nullopt;
        const auto one = power_at(request_, plan_.conditions.airspeed_out_mps, request_.mission.height_m, 1.0);
        const double level_w = plan_.conditions.cruise_power_w.value;
        if (!one || most_w <= level_w) return std::nullopt;
        const double rate = std::floor(10.0 * (most_w - level_w) / (one->value - level_w)) / 10.0;
        if (rate < 0.3) return std::nullopt;
        return LimitCheck::Cure{Quantity::climb_rate, rate};
    }

    void volts() {
        if (samples_.empty()) return;
        const auto& pack = request_.pack;
        const auto& chemistry = battery::traits(pack.chemistry);
        const Sample lowest = most(&Sample::voltage_v, -1.0);
        const double cell_v = lowest.voltage_v / pack.series;
        constexpr double near_v = 0.05;
        LimitCheck& weakest = add(LimitKind::weakest_cell, Quantity::weakest_cell_voltage);
        judge(weakest, cell_v - battery::weakest_cell_below_v(pack), chemistry.floor_cell_v, false, near_v);
        weakest.origin = Origin::assumed;
        place(weakest, lowest);
        LimitCheck& cutoff = add(LimitKind::controller_cutoff, Quantity::lowest_cell_voltage);
        if (request_.supply.controller_cutoff_cell_v) {
            judge(cutoff, cell_v, *request_.supply.controller_cutoff_cell_v, false, 2.0 * near_v);
            place(cutoff, lowest);
            if (cutoff.verdict != Verdict::kept)
                cutoff.cure = LimitCheck::Cure{Quantity::alarm_voltage, chemistry.floor_cell_v};
        }
        LimitCheck& supply = add(LimitKind::supply_voltage, Quantity::lowest_pack_voltage);
        if (request_.supply.least_pack_v) {
            judge(supply, lowest.voltage_v, *request_.supply.least_pack_v, false, near_v * pack.series);
            place(supply, lowest);
            if (supply.verdict == Verdict::broken)
                supply.cure =
                    LimitCheck::Cure{Quantity::landing_cell_voltage,
                                     std::ceil(100.0 * *request_.supply.least_pack_v / pack.series) / 100.0};
        }
    }

    void temperature() {
        if (samples_.empty()) return;
        const Sample hottest = most(&Sample::temperature_c, 1.0);
        LimitCheck& warm = add(LimitKind::pack_warm, Quantity::pack_temperature);
        judge(warm, hottest.temperature_c, warm_limit_c, true, 5.0);
        warm.origin = Origin::assumed;
        place(warm, hottest);
        LimitCheck& cold = add(LimitKind::pack_cold, Quantity::pack_temperature);
        judge(cold, plan_.conditions.start.temperature_c, cold_limit_c, false, 5.0);
        cold.origin = Origin::assumed;
        cold.phase = PhaseKind::launch;
        if (cold.verdict == Verdict::broken) cold.cure = LimitCheck::Cure{Quantity::temperature, 20.0};
    }

    void heights() {
        const double turn_m = plan_.turn->distance_m.value;
        LimitCheck& ceiling = add(LimitKind::height_above_ground, Quantity::greatest_height);
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
        LimitCheck& clear = add(LimitKind::clearance, Quantity::least_clearance);
        if (!plan_.least_clearance) return;
        judge(clear, plan_.least_clearance->height_m, request_.mission.clearance_m, false, 10.0);
        clear.distance_m = plan_.least_clearance->distance_m;
        if (clear.verdict == Verdict::broken)
            clear.cure = LimitCheck::Cure{Quantity::height,
                                          std::ceil((request_.mission.height_m + request_.mission.clearance_m -
                                                     plan_.least_clearance->height_m) /
                                                    5.0) *
                                              5.0};
    }

    void power_demand() {
        LimitCheck& check = add(LimitKind::power_demand, Quantity::power_share);
        if (!request_.aircraft.full_power_w) return;
        const auto& c = plan_.conditions;
        const double worst_w = std::max(c.cruise_power_w.value, c.home_power_w.value);
        judge(check, worst_w / *request_.aircraft.full_power_w, most_power_share, true, 0.1);
        check.origin = Origin::assumed;
    }

    void link() {
        LimitCheck& distance = add(LimitKind::link_distance, Quantity::link_distance);
        LimitCheck horizon;
        horizon.kind = LimitKind::link_horizon;
        horizon.quantity = Quantity::link_distance;
        LimitCheck fresnel;
        fresnel.kind = LimitKind::link_fresnel;
        fresnel.quantity = Quantity::link_margin;
        double farthest_m = 0.0;
        const OutwardPoint* far = nullptr;
        for (const OutwardPoint& point : plan_.outward) {
            if (point.distance_m > plan_.turn->distance_m.value) break;
            const double from_home_m = geodesy::distance_m(point.at, {});
            if (far && from_home_m <= farthest_m) continue;
            farthest_m = from_home_m;
            far = &point;
        }
        const auto& link = request_.link;
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
        report_.checks.push_back(horizon);
        report_.checks.push_back(fresnel);
    }

    /// Clear of the ground by 60 % of the first Fresnel zone, over an earth of 4/3 its radius.
    void line_of_sight(LimitCheck& check, const Link& link, const OutwardPoint& far) const {
        const auto& terrain = request_.mission.terrain;
        if (!terrain) return;
        constexpr double earth_m = 6371000.0 * 4.0 / 3.0;
        const double way_m = geodesy::distance_m(far.at, {});
        const int steps = std::max(int(way_m / (0.5 * terrain->step_m)), 2);
        double worst = HUGE_VAL;
        double worst_m = 0.0;
        for (int i = 1; i < steps; ++i) {
            const double share = double(i) / steps;
            const geodesy::EastNorth here{share * far.at.east_m, share * far.at.north_m};
            const auto ground = terrain->above_home_m(here);
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

    void ground_side() {
        const double flight_min = plan_.flight->duration_s.value / units::seconds_per_minute;
        const auto one = [&](LimitKind kind, const std::optional<double>& lasts_min) {
            LimitCheck& check = add(kind, Quantity::ground_minutes);
            if (lasts_min) judge(check, flight_min, *lasts_min, true, 0.2 * *lasts_min);
        };
        one(LimitKind::recorder, request_.ground.recorder_min);
        one(LimitKind::goggles, request_.ground.goggles_min);
        one(LimitKind::radio_battery, request_.ground.radio_min);
        one(LimitKind::ground_station, request_.ground.station_min);
    }

    void failsafe() {
        LimitCheck& check = add(LimitKind::failsafe_return, Quantity::landing_energy_left);
        const auto outcome = failsafe_return(plan_);
        if (!outcome) return;
        judge(check, outcome->left_wh, 0.0, false, 0.05 * plan_.usable_energy_wh.value);
        if (!outcome->wind_allows) check.verdict = Verdict::broken;
        check.distance_m = plan_.turn->distance_m.value;
        if (outcome->nearest) check.cure = LimitCheck::Cure{Quantity::turn_distance, outcome->nearest->distance_m};
    }

    void alternates() {
        // A landing at the end of a one-way flight has no way back to fall back on.
        if (request_.mission.kind != MissionKind::one_way || !plan_.turn) return;
        LimitCheck& check = add(LimitKind::landing_place, Quantity::landing_energy_left);
        check.verdict = plan_.whole ? Verdict::kept : Verdict::broken;
        check.worst = plan_.flight ? plan_.flight->landing_energy_left_wh.value : 0.0;
    }

    const Plan& plan_;
    const PlanRequest& request_;
    std::vector<Sample> samples_;
    LimitsReport report_;
};

} // namespace

const char* limit_word(LimitKind kind) {
    static constexpr std::array<const char*, 19> words = {
        "pack-current",  "controller-current", "weakest-cell",        "controller-cutoff", "supply-voltage",
        "pack-warm",     "pack-cold",          "height-above-ground", "clearance",         "power-demand",
        "link-distance", "link-horizon",       "link-fresnel",        "failsafe-return",   "recorder",
        "goggles",       "radio-battery",      "ground-station",      "landing-place"};
    return words[std::size_t(kind)];
}

const char* verdict_word(Verdict verdict) {
    static constexpr std::array<const char*, 4> words = {"kept", "near", "broken", "unknown"};
    return words[std::size_t(verdict)];
}

LimitsReport check_limits(const Plan& plan) {
    return Checker(plan).report();
}

units::Explanation explain(const LimitCheck& check) {
    return {check.quantity,
            {check.worst, 0.0},
            {{check.quantity, {check.limit, 0.0}, check.origin}},
            units::Relation::worst_along_the_way,
            check.kind == LimitKind::link_distance || check.kind == LimitKind::link_horizon ||
                    check.kind == LimitKind::link_fresnel
                ? units::Source::radio_recommendations
                : units::Source::two_well_circuit,
            {}};
}

battery::EnergyLedger flight_ledger(const Plan& plan) {
    if (!plan.flight) return {};
    const auto& legs = plan.flight->legs;
    const auto& c = plan.conditions;
    return battery::discharge(*c.pack, c.start, load_of(legs), {0.0, seconds_of(legs)}, c.around).ledger;
}

} // namespace sobremesa::mission
