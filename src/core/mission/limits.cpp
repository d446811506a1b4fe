#include "core/mission/limits.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/mission/failsafe.hpp"
#include "core/mission/limit_parts.hpp"
#include "core/mission/make_plan.hpp"
#include "core/mission/over_land.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::mission {

namespace {

using units::Origin;
using units::Quantity;

/// Common practice, no source.
constexpr double most_power_share = 0.5;

class Checker {
public:
    explicit Checker(const Plan& plan) : plan_(plan), request_(plan.request) {}

    LimitsReport report() {
        add_pack_limits(plan_, checks_);
        add_air_limits(plan_, checks_);
        add_flyable_limits(plan_, checks_);
        if (plan_.flight) {
            gets_home();
            ground_side();
            failsafe();
        }
        power_demand();
        alternates();
        areas();
        std::stable_sort(checks_.begin(), checks_.end(), [](const LimitCheck& a, const LimitCheck& b) {
            static constexpr std::array<int, 4> rank = {2, 1, 0, 3}; // kept, near, broken, unknown
            return rank[std::size_t(a.verdict)] < rank[std::size_t(b.verdict)];
        });
        LimitsReport report;
        report.go = plan_.turn.has_value() && std::none_of(checks_.begin(), checks_.end(), [](const LimitCheck& c) {
                        return c.verdict == Verdict::broken;
                    });
        report.checks = std::move(checks_);
        return report;
    }

private:
    void power_demand() {
        LimitCheck& check = add_check(checks_, LimitKind::power_demand, Quantity::power_share);
        if (!request_.aircraft.full_power_w) return;
        const auto& c = plan_.conditions;
        const double worst_w = std::max(c.cruise_power_w.value, c.home_power_w.value);
        judge(check, worst_w / *request_.aircraft.full_power_w, most_power_share, true, 0.1);
        check.origin = Origin::assumed;
    }

    /// A rule that counts charge or volts may turn where there is not enough left for the return.
    void gets_home() {
        if (!plan_.turn || !comes_home(request_.mission.kind)) return;
        const double turn_m = plan_.turn->distance_m.value;
        const double reserve_wh = outward_at(plan_, turn_m).reserve_wh;
        const double left_wh = plan_.flight->landing_energy_left_wh.value;
        // The rules that look home keep the reserve to within this share of the usable energy.
        constexpr double same = 5e-3;
        if (left_wh >= reserve_wh - same * plan_.usable_energy_wh.value) return;
        LimitCheck& check = add_check(checks_, LimitKind::gets_home, Quantity::landing_energy_left);
        judge(check, left_wh, 0.0, false, reserve_wh);
        check.distance_m = turn_m;
        const auto energy =
            std::find_if(plan_.turn_rules.begin(), plan_.turn_rules.end(), [](const RuleTurn& turn) {
                return turn.turn_rule == TurnRule::energy_home && turn.reached;
            });
        constexpr double rounding_m = 50.0;
        if (goes_straight_out(request_.mission.kind) && energy != plan_.turn_rules.end() &&
            energy->distance_m > rounding_m)
            check.cure =
                LimitCheck::Cure{Quantity::turn_distance, rounding_m * std::floor(energy->distance_m / rounding_m)};
    }

    void ground_side() {
        const double flight_min = plan_.flight->duration_s.value / units::seconds_per_minute;
        const auto one = [&](LimitKind kind, const std::optional<double>& lasts_min) {
            LimitCheck& check = add_check(checks_, kind, Quantity::ground_minutes);
            if (lasts_min) judge(check, flight_min, *lasts_min, true, 0.2 * *lasts_min);
        };
        one(LimitKind::recorder, request_.ground.recorder_min);
        one(LimitKind::goggles, request_.ground.goggles_min);
        one(LimitKind::radio_battery, request_.ground.radio_min);
        one(LimitKind::ground_station, request_.ground.station_min);
    }

    void failsafe() {
        LimitCheck& check = add_check(checks_, LimitKind::failsafe_return, Quantity::landing_energy_left);
        const auto outcome = failsafe_return(plan_);
        if (!outcome || !outcome->flies) return;
        judge(check, outcome->left_wh, 0.0, false, 0.05 * plan_.usable_energy_wh.value);
        if (!outcome->wind_allows) check.verdict = Verdict::broken;
        check.distance_m = plan_.turn->distance_m.value;
        if (outcome->nearest) check.cure = LimitCheck::Cure{Quantity::turn_distance, outcome->nearest->distance_m};
    }

    void alternates() {
        // A landing at the end of a one-way flight has no way back to fall back on.
        if (comes_home(request_.mission.kind) || !plan_.turn) return;
        LimitCheck& check = add_check(checks_, LimitKind::landing_place, Quantity::landing_energy_left);
        check.verdict = plan_.whole ? Verdict::kept : Verdict::broken;
        check.worst = plan_.whole && plan_.flight ? plan_.flight->landing_energy_left_wh.value : 0.0;
    }

    void areas() {
        if (request_.mission.no_landing.empty() || !plan_.flight) return;
        LimitCheck& check = add_check(checks_, LimitKind::over_land, Quantity::alarm_charge);
        const double limit_ah = over_land_limit_ah(plan_);
        check.origin = request_.mission.over_land_by_ah ? Origin::given : Origin::computed;
        const auto land = over_land(plan_);
        judge(check, land ? land->charge_used_ah : 0.0, limit_ah, true, 0.05 * limit_ah);
        if (!land) return;
        check.distance_m = land->flown_m;
        check.time_s = land->time_s;
        if (land->lands_inside) check.verdict = Verdict::broken;
        if (check.verdict == Verdict::broken && !land->lands_inside) check.cure = nearer_turn(limit_ah);
    }

    /// The farthest turn from which it is over land in time.
    std::optional<LimitCheck::Cure> nearer_turn(double limit_ah) const {
        if (!plan_.turn) return std::nullopt;
        double low_m = 0.0;
        double high_m = plan_.turn->distance_m.value;
        constexpr int halvings = 12;
        for (int i = 0; i < halvings; ++i) {
            const double middle_m = 0.5 * (low_m + high_m);
            const auto land = over_land(flight_legs(plan_, middle_m), request_.mission.no_landing);
            (land && land->charge_used_ah > limit_ah ? high_m : low_m) = middle_m;
        }
        constexpr double rounding_m = 50.0;
        const double turn_m = std::floor(low_m / rounding_m) * rounding_m;
        if (!(turn_m > 0.0)) return std::nullopt;
        return LimitCheck::Cure{Quantity::turn_distance, turn_m};
    }

    const Plan& plan_;
    const PlanRequest& request_;
    std::vector<LimitCheck> checks_;
};

bool breaks_another(const LimitsReport& before, const LimitsReport& after, LimitKind cured) {
    return std::any_of(after.checks.begin(), after.checks.end(), [&](const LimitCheck& c) {
        if (c.verdict != Verdict::broken || c.kind == cured) return false;
        return std::none_of(before.checks.begin(), before.checks.end(), [&](const LimitCheck& same) {
            return same.kind == c.kind && same.verdict == Verdict::broken;
        });
    });
}

/// The cure that clears it without breaking another limit, if need be a step further than first thought.
std::optional<LimitCheck::Cure> tried_cure(const PlanRequest& request, const LimitsReport& before,
                                           const LimitCheck& broken) {
    std::optional<LimitCheck::Cure> cure = broken.cure;
    constexpr int rounds = 4;
    for (int round = 0; round < rounds && cure; ++round) {
        const auto plan = make_trial_plan(with_cure(request, *cure));
        if (!plan || !plan->turn) return std::nullopt;
        const LimitsReport after = untried_limits(*plan);
        const auto same = std::find_if(after.checks.begin(), after.checks.end(),
                                       [&](const LimitCheck& c) { return c.kind == broken.kind; });
        if (same == after.checks.end() || same->verdict != Verdict::broken)
            return breaks_another(before, after, broken.kind) ? std::nullopt : cure;
        const auto next = same->cure;
        if (!next || next->input != cure->input || next->value == cure->value) return std::nullopt;
        cure = next;
    }
    return std::nullopt;
}

} // namespace

LimitCheck& add_check(std::vector<LimitCheck>& checks, LimitKind kind, Quantity quantity) {
    checks.push_back({});
    checks.back().kind = kind;
    checks.back().quantity = quantity;
    return checks.back();
}

void judge(LimitCheck& check, double worst, double limit, bool above, double near_by) {
    check.worst = worst;
    check.limit = limit;
    const double room = above ? limit - worst : worst - limit;
    check.verdict = room < 0.0 ? Verdict::broken : room < near_by ? Verdict::near_it : Verdict::kept;
}

std::vector<battery::LoadPhase> load_of(const std::vector<FlightLeg>& legs) {
    std::vector<battery::LoadPhase> load;
    load.reserve(legs.size());
    for (const FlightLeg& leg : legs)
        load.push_back({battery::LoadPhase::Kind::power, leg.power_w, leg.duration_s});
    return load;
}

double seconds_of(const std::vector<FlightLeg>& legs) {
    double seconds = 0.0;
    for (const FlightLeg& leg : legs) seconds += leg.duration_s;
    return seconds;
}

const char* limit_word(LimitKind kind) {
    static constexpr std::array<const char*, 35> words = {
        "pack-current",        "strip-current",   "connector-current",
        "controller-current",  "weakest-cell",    "controller-cutoff",
        "supply-voltage",      "pack-warm",       "pack-cold",
        "height-above-ground", "clearance",       "power-demand",
        "link-distance",       "link-horizon",    "link-fresnel",
        "failsafe-return",     "recorder",        "goggles",
        "radio-battery",       "ground-station",  "landing-place",
        "full-power",          "stall",           "holding",
        "whole-way",           "failsafe-height", "possible-cruise",
        "video-distance",      "video-horizon",   "video-fresnel",
        "over-land",           "motor-current",   "failsafe-throttle",
        "failsafe-speed",      "gets-home"};
    return words[std::size_t(kind)];
}

const char* verdict_word(Verdict verdict) {
    static constexpr std::array<const char*, 4> words = {"kept", "near", "broken", "unknown"};
    return words[std::size_t(verdict)];
}

LimitsReport check_limits(const Plan& plan, const Parallel& parallel) {
    return with_tried_cures(plan, untried_limits(plan), {}, parallel);
}

LimitsReport untried_limits(const Plan& plan) {
    return Checker(plan).report();
}

LimitsReport with_tried_cures(const Plan& plan, LimitsReport untried, const std::stop_token& stop,
                              const Parallel& parallel) {
    const LimitsReport before = untried;
    parallel(untried.checks.size(), [&](std::size_t i) {
        LimitCheck& check = untried.checks[i];
        if (check.verdict != Verdict::broken || !check.cure) return;
        check.cure = stop.stop_requested() ? std::nullopt : tried_cure(plan.request, before, check);
    });
    return untried;
}

namespace {

struct CureWay {
    Quantity input;
    const char* field;
    void (*apply)(PlanRequest&, double value);
};

constexpr CureWay cure_ways[] = {
    {Quantity::climb_rate, "mission.climb_rate_mps", [](PlanRequest& r, double v) { climb_by_rate(r.mission, v); }},
    {Quantity::height, "mission.height_m",
     [](PlanRequest& r, double v) {
         // The wind stays the one that was forecast, at its own height.
         r.weather.wind_height_m = r.weather.wind_height_m.value_or(r.mission.height_m);
         r.mission.height_m = v;
     }},
    {Quantity::turn_distance, "mission.farthest_m", [](PlanRequest& r, double v) { r.mission.farthest_m = v; }},
    {Quantity::alarm_voltage, "supply.controller_cutoff_cell_v",
     [](PlanRequest& r, double v) { r.supply.controller_cutoff_cell_v = v; }},
    {Quantity::landing_cell_voltage, "landing.cell_voltage_v",
     [](PlanRequest& r, double v) { r.landing_cell_v = v; }},
    {Quantity::temperature, "pack.start_temperature_c",
     [](PlanRequest& r, double v) { r.pack.start_temperature_c = v; }},
};

const CureWay* way_of(const LimitCheck::Cure& cure) {
    const auto found = std::find_if(std::begin(cure_ways), std::end(cure_ways),
                                    [&](const CureWay& way) { return way.input == cure.input; });
    return found == std::end(cure_ways) ? nullptr : found;
}

} // namespace

const char* cure_field(const LimitCheck::Cure& cure) {
    const CureWay* way = way_of(cure);
    return way ? way->field : "";
}

PlanRequest with_cure(PlanRequest request, const LimitCheck::Cure& cure) {
    if (const CureWay* way = way_of(cure)) way->apply(request, cure.value);
    return request;
}

bool of_a_link(LimitKind kind) {
    switch (kind) {
    case LimitKind::link_distance:
    case LimitKind::link_horizon:
    case LimitKind::link_fresnel:
    case LimitKind::video_distance:
    case LimitKind::video_horizon:
    case LimitKind::video_fresnel: return true;
    default: return false;
    }
}

units::Explanation explain(const LimitCheck& check) {
    return {check.quantity,
            {check.worst, 0.0},
            {{check.quantity, {check.limit, 0.0}, check.origin}},
            units::Relation::worst_along_the_way,
            of_a_link(check.kind) ? units::Source::radio_recommendations : units::Source::two_well_circuit,
            {}};
}

battery::EnergyLedger flight_ledger(const Plan& plan) {
    if (!plan.flight) return {};
    const auto& legs = plan.flight->legs;
    const auto& c = plan.conditions;
    return battery::discharge(*c.pack, c.start, load_of(legs), {0.0, seconds_of(legs)}, c.around).ledger;
}

} // namespace sobremesa::mission
