#include "core/mission/explain.hpp"
#include "core/mission/turn_rules.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::mission {

namespace {

using units::Estimate;
using units::ExplainedInput;
using units::Explanation;
using units::Origin;
using units::Quantity;
using units::Relation;
using units::Source;

/// All inputs that explanations draw on, by name, with where they came from.
ExplainedInput input(const Plan& plan, Quantity quantity) {
    const PlanRequest& r = plan.request;
    const FlightConditions& c = plan.conditions;
    switch (quantity) {
    case Quantity::airspeed:
        return {quantity,
                {c.airspeed_out_mps, 0.0},
                r.mission.speed_out == SpeedRule::known_cruise ? Origin::given : Origin::computed};
    case Quantity::all_up_mass: return {quantity, {c.all_up_mass_kg, 0.0}, Origin::given};
    case Quantity::air_density: return {quantity, {c.air.density_kgm3, 0.0}, Origin::computed};
    case Quantity::wind_speed: return {quantity, {c.wind_out.speed_mps, r.weather.wind_sd_mps}, Origin::given};
    case Quantity::wind_from: return {quantity, {spoken_wind(r).from_deg, 0.0}, Origin::given};
    case Quantity::bearing: return {quantity, {r.mission.bearing_deg, 0.0}, Origin::given};
    case Quantity::home_wind_factor: return {quantity, {r.weather.home_wind_factor, 0.0}, Origin::assumed};
    case Quantity::landing_cell_voltage:
        return {quantity, {landing_cell_v(r), 0.0}, r.landing_cell_v ? Origin::given : Origin::assumed};
    case Quantity::rated_charge: return {quantity, {battery::rated_charge_ah(r.pack), 0.0}, Origin::given};
    case Quantity::pack_resistance:
        return {quantity, {battery::resistance_ohm(r.pack), 0.0}, battery::resistance_origin(r.pack)};
    case Quantity::cruise_power: return {quantity, c.cruise_power_w, Origin::computed};
    case Quantity::usable_energy: return {quantity, plan.usable_energy_wh, Origin::computed};
    case Quantity::usable_charge: return {quantity, plan.usable_charge_ah, Origin::computed};
    case Quantity::ground_speed_out:
        return {quantity, {c.out ? c.out->ground_speed_mps : 0.0, r.weather.wind_sd_mps}, Origin::computed};
    case Quantity::ground_speed_home:
        return {quantity, {c.home ? c.home->ground_speed_mps : 0.0, r.weather.wind_sd_mps}, Origin::computed};
    default: break;
    }
    return {quantity, {}, Origin::computed};
}

struct Recipe {
    Quantity quantity;
    Relation relation;
    Source source;
    std::vector<Quantity> inputs;
};

const std::vector<Recipe>& recipes() {
    static const std::vector<Recipe> all = {
        {Quantity::cruise_power,
         Relation::power_scaled_from_one_cruise,
         Source::textbook_aerodynamics,
         {Quantity::airspeed, Quantity::all_up_mass, Quantity::air_density}},
        {Quantity::usable_energy,
         Relation::constant_power_discharge,
         Source::circuit_itself,
         {Quantity::rated_charge, Quantity::pack_resistance, Quantity::landing_cell_voltage,
          Quantity::cruise_power}},
        {Quantity::usable_charge,
         Relation::constant_power_discharge,
         Source::circuit_itself,
         {Quantity::rated_charge, Quantity::pack_resistance, Quantity::landing_cell_voltage,
          Quantity::cruise_power}},
        {Quantity::ground_speed_out,
         Relation::wind_triangle,
         Source::faa_handbook,
         {Quantity::airspeed, Quantity::bearing, Quantity::wind_speed, Quantity::wind_from}},
        {Quantity::ground_speed_home,
         Relation::wind_triangle,
         Source::faa_handbook,
         {Quantity::airspeed, Quantity::bearing, Quantity::wind_speed, Quantity::wind_from,
          Quantity::home_wind_factor}},
        {Quantity::flight_time,
         Relation::flight_by_phases,
         Source::air_navigation,
         {Quantity::ground_speed_out, Quantity::ground_speed_home}},
        {Quantity::flight_ground_distance, Relation::flight_by_phases, Source::air_navigation, {}},
        {Quantity::landing_energy_left,
         Relation::left_after_return,
         Source::air_navigation,
         {Quantity::usable_energy, Quantity::cruise_power, Quantity::ground_speed_home}},
        {Quantity::landing_share_left,
         Relation::left_after_return,
         Source::air_navigation,
         {Quantity::usable_energy, Quantity::cruise_power, Quantity::ground_speed_home}},
        {Quantity::charge_per_distance_out,
         Relation::current_over_ground_speed,
         Source::air_navigation,
         {Quantity::cruise_power, Quantity::ground_speed_out}},
        {Quantity::charge_per_distance_home,
         Relation::current_over_ground_speed,
         Source::air_navigation,
         {Quantity::cruise_power, Quantity::ground_speed_home}},
        {Quantity::energy_per_distance_out,
         Relation::power_over_ground_speed,
         Source::air_navigation,
         {Quantity::cruise_power, Quantity::ground_speed_out}},
        {Quantity::energy_per_distance_home,
         Relation::power_over_ground_speed,
         Source::air_navigation,
         {Quantity::cruise_power, Quantity::ground_speed_home}},
        {Quantity::reserve_energy, Relation::left_after_return, Source::common_practice, {Quantity::usable_energy}},
    };
    return all;
}

std::optional<Estimate> value_of(const Plan& plan, Quantity quantity) {
    const FlightConditions& c = plan.conditions;
    switch (quantity) {
    case Quantity::cruise_power:
    case Quantity::usable_energy:
    case Quantity::usable_charge: return input(plan, quantity).value;
    case Quantity::ground_speed_out:
        if (c.out) return input(plan, quantity).value;
        return std::nullopt;
    case Quantity::ground_speed_home:
        if (c.home) return input(plan, quantity).value;
        return std::nullopt;
    default: break;
    }
    if (!plan.flight) return std::nullopt;
    const PlannedFlight& f = *plan.flight;
    const double usable_wh = plan.usable_energy_wh.value;
    switch (quantity) {
    case Quantity::flight_time: return f.duration_s;
    case Quantity::flight_ground_distance: return Estimate{f.ground_m, 2.0 * plan.turn->distance_m.sd};
    case Quantity::landing_energy_left: return f.landing_energy_left_wh;
    case Quantity::landing_share_left:
        return Estimate{f.landing_energy_left_wh.value / usable_wh, f.landing_energy_left_wh.sd / usable_wh};
    case Quantity::charge_per_distance_out:
    case Quantity::charge_per_distance_home:
    case Quantity::energy_per_distance_out:
    case Quantity::energy_per_distance_home: {
        const bool out =
            quantity == Quantity::charge_per_distance_out || quantity == Quantity::energy_per_distance_out;
        const bool charge =
            quantity == Quantity::charge_per_distance_out || quantity == Quantity::charge_per_distance_home;
        const double per_m = charge ? (out ? f.charge_out_ah_per_m : f.charge_home_ah_per_m)
                                    : (out ? f.energy_out_wh_per_m : f.energy_home_wh_per_m);
        const auto& heading = out ? c.out : c.home;
        // Over home there may be no course that holds, and there is none to hold.
        const double wind_share = heading ? plan.request.weather.wind_sd_mps / heading->ground_speed_mps : 0.0;
        const double draw_share = c.cruise_power_w.sd / c.cruise_power_w.value;
        return Estimate{per_m, per_m * units::combine_sd(wind_share, draw_share)};
    }
    case Quantity::reserve_energy: return Estimate{outward_at(plan, plan.turn->distance_m.value).reserve_wh, 0.0};
    default: break;
    }
    return std::nullopt;
}

std::optional<Estimate> turn_value(const Turn& turn, Quantity quantity) {
    switch (quantity) {
    case Quantity::turn_distance: return turn.distance_m;
    case Quantity::turn_charge: return turn.charge_used_ah;
    case Quantity::turn_time: return turn.time_s;
    case Quantity::turn_energy: return turn.energy_used_wh;
    case Quantity::turn_cell_voltage: return turn.cell_voltage_v;
    default: return std::nullopt;
    }
}

} // namespace

std::optional<Explanation> explain(const Plan& plan, Quantity quantity) {
    if (plan.turn) {
        if (const auto value = turn_value(*plan.turn, quantity)) {
            const TurnRuleRecipe recipe = recipe_of(plan.turn->turn_rule);
            Explanation explanation{quantity, *value, {}, recipe.relation, recipe.source, {}};
            for (const Quantity q : recipe.inputs) explanation.inputs.push_back(input(plan, q));
            if (quantity == turn_is_felt_in(plan.request)) explanation.sensitivities = plan.turn_sensitivities;
            return explanation;
        }
    }
    const auto value = value_of(plan, quantity);
    const auto found =
        std::find_if(recipes().begin(), recipes().end(), [&](const Recipe& r) { return r.quantity == quantity; });
    if (!value || found == recipes().end()) return std::nullopt;
    Explanation explanation{quantity, *value, {}, found->relation, found->source, {}};
    for (const Quantity q : found->inputs) explanation.inputs.push_back(input(plan, q));
    // A pack that was fitted says from how many flights; one that was not rests on what was typed and assumed.
    const auto& known = plan.request.pack.known;
    if (known && (quantity == Quantity::usable_energy || quantity == Quantity::usable_charge)) {
        explanation.inputs.push_back({Quantity::full_charge_share, known->capacity_share, Origin::measured});
        explanation.inputs.push_back({Quantity::flight_count, {double(known->flights), 0.0}, Origin::measured});
        explanation.inputs.push_back({Quantity::recharge_count, {double(known->recharges), 0.0}, Origin::measured});
    }
    return explanation;
}

std::optional<Explanation> explain_turn_rule(const Plan& plan, const RuleTurn& turn, Quantity quantity) {
    if (!turn.reached) return std::nullopt;
    TurnRuleRecipe recipe = recipe_of(turn.turn_rule);
    Estimate value;
    switch (quantity) {
    case Quantity::turn_distance: value.value = turn.distance_m; break;
    case Quantity::turn_charge: value.value = turn.charge_used_ah; break;
    case Quantity::turn_cell_voltage: value.value = turn.cell_voltage_v; break;
    case Quantity::landing_share_left:
        value.value = turn.landing_left_wh / plan.usable_energy_wh.value;
        recipe = {Relation::left_after_return,
                  Source::air_navigation,
                  {Quantity::usable_energy, Quantity::cruise_power, Quantity::ground_speed_home}};
        break;
    default: return std::nullopt;
    }
    Explanation explanation{quantity, value, {}, recipe.relation, recipe.source, {}};
    for (const Quantity q : recipe.inputs) explanation.inputs.push_back(input(plan, q));
    return explanation;
}

} // namespace sobremesa::mission
