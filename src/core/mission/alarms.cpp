#include "core/mission/alarms.hpp"

#include <algorithm>
#include <cmath>
#include <limits>
#include <utility>

#include "core/mission/outward.hpp"
#include "core/mission/turn_rules.hpp"

namespace sobremesa::mission {

namespace {

/// Above the highest current that the plan itself draws (common practice, no source).
constexpr double current_margin = 1.15;
/// Below the landing voltage, so that a climb near the end does not stop the motor (common practice, no source).
constexpr double cutoff_below_v = 0.1;

/// Below what the weakest part bears (common practice, no source).
constexpr double part_margin = 0.95;
/// Radios count in steps of so much, Ah.
constexpr double radio_step_ah = 0.1;
/// The warning comes so long before the landing voltage in cruise, s: what a circuit and a landing take (common
/// practice, no source).
constexpr double warning_lead_s = 120.0;
/// … and above the landing by at least so much, V/cell.
constexpr double least_warning_v = 0.05;

double as_radios_take_it(double charge_ah) {
    constexpr double rounding = 1e-9;
    return std::floor(charge_ah / radio_step_ah + rounding) * radio_step_ah;
}

/// How far a gust, or the plan's hardest climb, pulls a cell down below cruise, V.
double hard_sag_cell_v(const Plan& plan, double charge_ah) {
    const FlightConditions& c = plan.conditions;
    const double gust_mps = air_column(plan.request).gust_mps(plan.request.mission.height_m);
    const double most_mps = airspeed_range(plan.request, c.air.density_kgm3).most_mps;
    const double gusty_mps = std::min(c.airspeed_home_mps + gust_mps, most_mps);
    double hardest_w = c.home_power_w.value;
    if (const auto power = power_at(plan.request, gusty_mps, plan.request.mission.height_m, 0.0))
        hardest_w = std::max(hardest_w, power->value);
    if (plan.flight) {
        for (const FlightLeg& leg : plan.flight->legs) hardest_w = std::max(hardest_w, leg.power_w);
    }
    const auto state = c.cruise.state_at(battery::point_at_charge(c.cruise, charge_ah));
    const auto cruising = c.pack->atPower(state, c.home_power_w.value);
    const auto hard = c.pack->atPower(state, hardest_w);
    return cruising && hard ? (cruising->voltage_v - hard->voltage_v) / plan.request.pack.series : 0.0;
}

/// The most that the plan itself draws, A: each leg's power at its end, from a pack as empty as it is then.
double planned_peak_a(const Plan& plan) {
    const FlightConditions& c = plan.conditions;
    double most_a = 0.0;
    for (const FlightLeg& leg : plan.flight->legs) {
        const auto state = c.cruise.state_at(battery::point_at_charge(c.cruise, leg.end_charge_ah));
        if (const auto drawn = c.pack->atPower(state, leg.power_w)) most_a = std::max(most_a, drawn->current_a);
    }
    return most_a;
}

/// What cells, strips, connector, controllers and motors bear together, A.
double parts_bear_a(const Plan& plan, double pack_v) {
    double least_a = battery::continuous_current_a(plan.request.pack);
    if (const auto drive_a = airframe::drive_current_a(plan.request.aircraft)) {
        // Neither controllers nor motors carry what the electronics draw.
        least_a = std::min(least_a, *drive_a + airframe::electronics_power_w(plan.request.aircraft) / pack_v);
    }
    return least_a;
}

/// Chance asks for a margin over the reserve: so many of its standard deviations, read off the plan's own turn.
/// 0 where chance does not count, or is never what turns.
double deviations_kept(const Plan& plan) {
    for (const RuleTurn& turn : plan.turn_rules) {
        if (turn.turn_rule != TurnRule::chance || !turn.counted || !turn.reached) continue;
        const OutwardPoint at = outward_at(plan, turn.distance_m);
        const auto& counted = plan.request.turn.counted;
        const bool energy = std::find(counted.begin(), counted.end(), TurnRule::energy_home) != counted.end();
        // Alone, it may ask for less than the worst credible day does.
        const double least = energy ? 0.0 : -std::numeric_limits<double>::infinity();
        if (at.margin_sd_wh > 0.0) return std::max(at.margin_wh() / at.margin_sd_wh, least);
    }
    return 0.0;
}

/// What may be used at a place at most: the return from there at its own power, the reserve and what chance asks
/// for are still in the pack; never more than a counted rule of a fixed charge has. Of a flight that lands at its
/// end, what it still flies until then takes the place of the return.
class MostUsed {
public:
    explicit MostUsed(const Plan& plan)
        : plan_(plan), homeward_(plan.request, plan.conditions), deviations_(deviations_kept(plan)) {
        if (!comes_home(plan.request.mission.kind) && plan.whole) {
            const OutwardPoint& end = plan.outward.back();
            const ReturnEstimate down = homeward_.to(end.at, 0.0, station_of(end));
            spare_ah_ = most_before(down, end.pack(), homeward_.reserve_wh(down)) - end.charge_used_ah;
            return;
        }
        for (const TurnRule rule : plan.request.turn.counted) {
            if (const auto fixed_ah = charge_to_turn_ah(rule, plan.request, plan.conditions))
                cap_ah_ = std::min(cap_ah_, *fixed_ah);
        }
    }

    /// Ah; and what is needed from there on, the reserve with it, Wh.
    std::pair<double, double> at(const OutwardPoint& point) const {
        if (spare_ah_) {
            const FlightConditions& c = plan_.conditions;
            const double most_ah = std::max(point.charge_used_ah + *spare_ah_, 0.0);
            return {most_ah, std::max(c.at_powers->left_wh(c.cruise_power_w.value, most_ah), 0.0)};
        }
        const ReturnEstimate way = homeward_.from(station_of(point));
        if (!way.wind_allows) return {0.0, point.needed_wh};
        const double kept_wh = homeward_.reserve_wh(way) + deviations_ * point.margin_sd_wh;
        return {std::min(most_before(way, point.pack(), kept_wh), cap_ah_), point.needed_wh};
    }

private:
    /// The most used before a way after which so much is left, Ah.
    /// @param there  the pack as it is planned to be there
    double most_before(const ReturnEstimate& way, flying::PackCourse there, double kept_wh) const {
        double low_ah = 0.0;
        double high_ah = plan_.conditions.at_powers->usable_ah(way.level_w);
        const auto enough = [&](double charge_ah) {
            there.charge_ah = charge_ah;
            return homeward_.books(way, there).landing_left_wh >= kept_wh;
        };
        if (enough(high_ah)) return high_ah;
        constexpr int halvings = 30;
        for (int i = 0; i < halvings; ++i) {
            const double middle_ah = 0.5 * (low_ah + high_ah);
            (enough(middle_ah) ? low_ah : high_ah) = middle_ah;
        }
        return low_ah;
    }

    const Plan& plan_;
    Homeward homeward_;
    double deviations_;
    double cap_ah_ = std::numeric_limits<double>::infinity();
    std::optional<double> spare_ah_;
};

/// A step that reads well: 1, 2 or 5 with zeros.
double round_step_m(double wanted_m) {
    const double decade = std::pow(10.0, std::floor(std::log10(wanted_m)));
    for (const double step : {1.0, 2.0, 5.0}) {
        if (step * decade >= wanted_m) return step * decade;
    }
    return 10.0 * decade;
}

} // namespace

std::vector<TurnRow> turn_table(const Plan& plan, double step_m) {
    std::vector<TurnRow> rows;
    if (!plan.turn || !(plan.turn->distance_m.value > 0.0)) return rows;
    const double turn_m = plan.turn->distance_m.value;
    constexpr double usual_rows = 8.0;
    if (!(step_m > 0.0)) step_m = round_step_m(turn_m / usual_rows);
    const MostUsed most_used(plan);
    const auto add = [&](double distance_m) {
        const OutwardPoint at = outward_at(plan, distance_m);
        const auto [most_ah, needed_wh] = most_used.at(at);
        rows.push_back(
            {distance_m, geodesy::distance_m(at.at, {}), at.time_s, needed_wh, most_ah, at.charge_used_ah});
    };
    // The last round distance stands only where it is not the turn over again.
    constexpr double apart = 0.3;
    for (double d = step_m; d < turn_m - apart * step_m; d += step_m) add(d);
    add(turn_m);
    return rows;
}

std::optional<AlarmSheet> alarm_sheet(const Plan& plan) {
    const FlightConditions& c = plan.conditions;
    if (c.cruise.gives_nothing()) return std::nullopt;
    AlarmSheet sheet;
    sheet.series = plan.request.pack.series;
    sheet.capacity_to_enter_ah = c.usable_charge_ah();
    sheet.rated_ah = battery::rated_charge_ah(plan.request.pack);
    sheet.landing_cell_v = landing_cell_v(plan.request);
    const auto cell_v = [&](double charge_ah) {
        return battery::point_at_charge(c.cruise, charge_ah).voltage_v / sheet.series;
    };
    for (int tenth = 1; tenth <= 10; ++tenth) {
        const double share = 0.1 * tenth;
        const double charge_ah = share * sheet.capacity_to_enter_ah;
        sheet.callouts.push_back({share, charge_ah, as_radios_take_it(charge_ah),
                                  sheet.capacity_to_enter_ah - charge_ah, cell_v(charge_ah)});
    }
    double reserve_wh = 0.0;
    if (plan.turn) {
        reserve_wh = outward_at(plan, plan.turn->distance_m.value).reserve_wh;
        sheet.turn_ah = plan.turn->charge_used_ah.value;
        sheet.turn_set_ah = as_radios_take_it(*sheet.turn_ah);
        sheet.turn_time_s = plan.turn->time_s.value;
    }
    if (plan.flight) sheet.flight_time_s = plan.flight->duration_s.value;
    sheet.over_land = over_land(plan);
    if (sheet.over_land && !sheet.over_land->lands_inside) {
        const double planned_ah = sheet.over_land->charge_used_ah;
        sheet.over_land_by_ah = std::min(plan.request.mission.over_land_by_ah.value_or(planned_ah), planned_ah);
        sheet.over_land_set_ah = as_radios_take_it(*sheet.over_land_by_ah);
    }
    const auto at_reserve = battery::point_at_energy(c.cruise, c.usable_energy_wh() - reserve_wh);
    sheet.reserve_ah = at_reserve.charge_used_ah;
    const auto before_landing =
        battery::point_at_time(c.cruise, std::max(c.cruise.last().time_s - warning_lead_s, 0.0));
    sheet.warning_cell_v = std::max({before_landing.voltage_v / sheet.series,
                                     sheet.landing_cell_v + hard_sag_cell_v(plan, before_landing.charge_used_ah),
                                     sheet.landing_cell_v + least_warning_v});
    double highest_w = c.cruise_power_w.value;
    if (plan.flight) {
        for (const FlightLeg& leg : plan.flight->legs) highest_w = std::max(highest_w, leg.power_w);
    }
    // At the landing voltage the same power draws most.
    const double landing_pack_v = sheet.landing_cell_v * sheet.series;
    const double drawn_a = highest_w / landing_pack_v;
    const double bear_a = parts_bear_a(plan, landing_pack_v);
    sheet.current_a = std::min(current_margin * drawn_a, part_margin * bear_a);
    sheet.current_is_limited = plan.flight && part_margin * bear_a < planned_peak_a(plan);
    sheet.cutoff_cell_v =
        std::max(battery::traits(plan.request.pack.chemistry).floor_cell_v, sheet.landing_cell_v - cutoff_below_v);
    return sheet;
}

} // namespace sobremesa::mission
