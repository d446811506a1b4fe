#include "core/mission/turn_rules.hpp"

#include <algorithm>
#include <cmath>

#include "core/mission/drawn_flights.hpp"

namespace sobremesa::mission {

namespace {

constexpr double eighty_percent = 0.8;
/// Two turns closer than this are one place: no pilot turns to the metre.
constexpr double same_place_m = 0.5;

double margin_of(const OutwardPoint& point) {
    return point.margin_wh();
}
double charge_of(const OutwardPoint& point) {
    return point.charge_used_ah;
}

/// What is left at home beyond the reserve, Wh; nothing where the worst credible wind does not let it home.
std::optional<double> margin_from(const OutwardPoint& place, const Homeward& homeward) {
    const ReturnEstimate way = homeward.from(station_of(place));
    if (!way.wind_allows) return std::nullopt;
    return homeward.books(way, place.pack()).landing_left_wh - homeward.reserve_wh(way);
}

/// Whether a turn is where it is because the wind lets nobody home from farther out, with energy in hand.
bool ends_by_wind(const OutwardPoint& place, const WayOut& out, const Homeward& homeward, double usable_wh) {
    constexpr double farther = 1.005;
    const auto margin_wh = margin_from(place, homeward);
    if (!margin_wh || *margin_wh < to_spare_by_wind * usable_wh) return false;
    const OutwardPoint beyond = point_at(out.track, farther * place.distance_m);
    return beyond.distance_m > place.distance_m && !homeward.from(station_of(beyond)).wind_allows;
}

/// Between a place from which it comes home with the reserve and one from which it does not, or is not let home by
/// the worst credible wind: the last of the former. Near that wind the return takes ever longer, so that what is
/// left may be short before the wind is too strong.
OutwardPoint last_return(const OutwardPoint& from, const OutwardPoint& to, const Homeward& homeward) {
    double low = 0.0;
    double high = 1.0;
    constexpr int halvings = 10;
    for (int i = 0; i < halvings; ++i) {
        const double middle = 0.5 * (low + high);
        const auto margin_wh = margin_from(between(from, to, middle), homeward);
        (margin_wh && *margin_wh >= 0.0 ? low : high) = middle;
    }
    return between(from, to, low);
}

std::optional<OutwardPoint> turn_point(TurnRule turn_rule, const PlanRequest& request,
                                       const FlightConditions& conditions, const Homeward& homeward,
                                       const WayOut& out) {
    if (const auto charge_ah = charge_to_turn_ah(turn_rule, request, conditions))
        return first_crossing(out.track, charge_of, *charge_ah);
    if (turn_rule == TurnRule::chance) return chance_crossing(request, conditions, homeward, out);
    auto crossing = first_crossing(out.track, margin_of, 0.0);
    if (crossing) {
        const auto after = std::find_if(out.track.begin(), out.track.end(), [&](const OutwardPoint& point) {
            return point.distance_m >= crossing->distance_m;
        });
        if (after != out.track.end() && after != out.track.begin()) {
            // Straight between the samples it may not be: by the wind that ends it, or one that grows.
            constexpr double near_enough = 1e-3;
            const auto margin_wh = margin_from(*crossing, homeward);
            if (!after->return_flight || !margin_wh ||
                std::abs(*margin_wh) > near_enough * conditions.usable_energy_wh())
                return last_return(*(after - 1), *after, homeward);
        }
    }
    // Where the return asks for less power than the outbound leg, the pack is at its end out there first; or the
    // wind lets it go no farther.
    if (!crossing && (out.exhausted || out.stopped) && out.track.back().margin_wh() >= 0.0) return out.track.back();
    return crossing;
}

} // namespace

TurnRuleRecipe recipe_of(TurnRule turn_rule) {
    using units::Quantity;
    using units::Relation;
    using units::Source;
    switch (turn_rule) {
    case TurnRule::share_left:
        return {Relation::share_of_charge, Source::common_practice, {Quantity::usable_charge}};
    case TurnRule::eighty_percent:
        return {Relation::eighty_percent_rule, Source::common_practice, {Quantity::rated_charge}};
    case TurnRule::charge_count:
        return {Relation::half_of_charge, Source::common_practice, {Quantity::usable_charge}};
    case TurnRule::voltage:
        return {Relation::volts_at_half_charge,
                Source::common_practice,
                {Quantity::usable_charge, Quantity::landing_cell_voltage}};
    case TurnRule::energy_home:
    case TurnRule::chance: break;
    }
    return {
        Relation::homeward_energy_meets_left,
        Source::air_navigation,
        {Quantity::usable_energy, Quantity::cruise_power, Quantity::ground_speed_out, Quantity::ground_speed_home}};
}

std::optional<double> charge_to_turn_ah(TurnRule turn_rule, const PlanRequest& request,
                                        const FlightConditions& conditions) {
    switch (turn_rule) {
    case TurnRule::share_left: return (1.0 - request.turn.share_left) * conditions.usable_charge_ah();
    case TurnRule::eighty_percent: {
        // A fifth stays in the pack, whatever it started with: what was missing at launch is used already.
        const auto& pack = request.pack;
        const double charged =
            pack.start_cell_v ? battery::state_of_charge_at_rest(pack.chemistry, *pack.start_cell_v) : 1.0;
        return 0.5 * std::max(charged - (1.0 - eighty_percent), 0.0) * battery::rated_charge_ah(pack);
    }
    case TurnRule::charge_count:
        return 0.5 * request.turn.landing_charge_ah.value_or(conditions.usable_charge_ah());
    case TurnRule::voltage: return 0.5 * conditions.usable_charge_ah();
    case TurnRule::energy_home:
    case TurnRule::chance: break;
    }
    return std::nullopt;
}

RuleTurn turn_at_point(TurnRule turn_rule, const OutwardPoint& point, const Homeward& homeward) {
    RuleTurn turn;
    turn.turn_rule = turn_rule;
    turn.reached = true;
    turn.distance_m = point.distance_m;
    turn.time_s = point.time_s;
    turn.charge_used_ah = point.charge_used_ah;
    turn.energy_used_wh = point.energy_used_wh;
    turn.cell_voltage_v = point.cell_voltage_v;
    turn.landing_left_wh = homeward.books(homeward.from(station_of(point)), point.pack()).landing_left_wh;
    turn.at = point.at;
    return turn;
}

std::vector<RuleTurn> turn_rule_turns(const PlanRequest& request, const FlightConditions& conditions,
                                      const Homeward& homeward, const WayOut& out, bool all) {
    std::vector<RuleTurn> turns;
    std::vector<OutwardPoint> places;
    const auto& counted = request.turn.counted;
    RuleTurn energy;
    for (const TurnRule turn_rule : all_turn_rules()) {
        RuleTurn turn;
        turn.turn_rule = turn_rule;
        turn.counted = std::find(counted.begin(), counted.end(), turn_rule) != counted.end();
        if (!turn.counted && !all && turn_rule != TurnRule::energy_home) continue;
        const bool looks_home = turn_rule == TurnRule::energy_home || turn_rule == TurnRule::chance;
        const auto point = turn_point(turn_rule, request, conditions, homeward, out);
        turn.unmet_at_launch =
            looks_home && !out.track.empty() &&
            (turn_rule == TurnRule::chance ? point && point->distance_m <= out.track.front().distance_m
                                           : out.track.front().margin_wh() < 0.0);
        if (point && !turn.unmet_at_launch) {
            const bool counts = turn.counted;
            turn = turn_at_point(turn_rule, *point, homeward);
            turn.counted = counts;
            turn.by_wind = looks_home && ends_by_wind(*point, out, homeward, conditions.usable_energy_wh());
        }
        if (turn_rule == TurnRule::energy_home) energy = turn;
        turns.push_back(turn);
        places.push_back(point.value_or(OutwardPoint{}));
    }
    // Beyond where the energy says turn, and from there it is short. That alone is not enough: a route that comes
    // back may be short half way and not at its end, and of one that is flown whole the energy never says turn.
    for (std::size_t i = 0; i < turns.size(); ++i) {
        RuleTurn& turn = turns[i];
        if (!turn.reached || (energy.reached && turn.distance_m <= energy.distance_m + same_place_m)) continue;
        const auto margin_wh = margin_from(places[i], homeward);
        turn.too_late = !margin_wh || *margin_wh < 0.0;
    }
    std::stable_sort(turns.begin(), turns.end(), [](const RuleTurn& a, const RuleTurn& b) {
        if (a.reached != b.reached) return a.reached;
        return a.reached && a.distance_m < b.distance_m;
    });
    return turns;
}

bool is_unmet(const std::vector<RuleTurn>& turn_rules) {
    return std::any_of(turn_rules.begin(), turn_rules.end(),
                       [](const RuleTurn& t) { return t.counted && t.unmet_at_launch; });
}

const RuleTurn* binding(const std::vector<RuleTurn>& turn_rules) {
    if (is_unmet(turn_rules)) return nullptr;
    const auto found = std::find_if(turn_rules.begin(), turn_rules.end(),
                                    [](const RuleTurn& t) { return t.counted && t.reached; });
    return found == turn_rules.end() ? nullptr : &*found;
}

} // namespace sobremesa::mission
