#include "core/telemetry/consumption.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::telemetry {

namespace {

using units::Estimate;
using units::ExplainedInput;
using units::Explanation;
using units::Origin;
using units::Quantity;
using units::Relation;
using units::Source;

std::optional<Explanation> answer(Quantity quantity, const std::optional<Estimate>& value, Relation relation,
                                  Source source, std::vector<ExplainedInput> inputs) {
    if (!value) return std::nullopt;
    return Explanation{quantity, *value, std::move(inputs), relation, source, {}};
}

std::optional<Estimate> exact(const std::optional<double>& value) {
    return value ? std::optional(Estimate{*value, 0.0}) : std::nullopt;
}

std::optional<Estimate> peak(const std::optional<Peak>& value) {
    return value ? std::optional(Estimate{value->value, 0.0}) : std::nullopt;
}

void add(std::vector<ExplainedInput>& inputs, Quantity quantity, const std::optional<Estimate>& value,
         Origin origin) {
    if (value) inputs.push_back({quantity, *value, origin});
}

} // namespace

std::optional<Explanation> explain(const LogSummary& s, Quantity quantity) {
    std::vector<ExplainedInput> inputs;
    switch (quantity) {
    case Quantity::ground_distance:
        return answer(quantity, s.distance.ground_m, Relation::sum_of_positions, Source::geodesic_library, {});
    case Quantity::farthest_from_home:
        return answer(quantity, s.distance.farthest_from_home_m, Relation::geodesic_to_home,
                      Source::geodesic_library, {});
    case Quantity::duration:
        // Of a flight without a log it may not be known.
        if (!(s.duration_s > 0.0)) return std::nullopt;
        return answer(quantity, Estimate{s.duration_s, 0.0}, Relation::first_to_last_row, Source::log_itself, {});
    case Quantity::counted_charge:
    case Quantity::integrated_charge:
        add(inputs, Quantity::mean_current, exact(s.energy.mean_current_a), Origin::measured);
        add(inputs, Quantity::duration, Estimate{s.duration_s, 0.0}, Origin::measured);
        add(inputs, Quantity::counted_charge, exact(s.energy.counter_ah), Origin::measured);
        return answer(quantity, charge_used_ah(s), Relation::trapezoid_of_current, Source::log_itself, inputs);
    case Quantity::used_energy:
        add(inputs, Quantity::mean_power, exact(s.energy.mean_power_w), Origin::measured);
        add(inputs, Quantity::duration, Estimate{s.duration_s, 0.0}, Origin::measured);
        return answer(quantity, s.energy.energy_wh, Relation::trapezoid_of_power, Source::log_itself, inputs);
    case Quantity::mean_power:
        add(inputs, Quantity::used_energy, s.energy.energy_wh, Origin::measured);
        return answer(quantity, exact(s.energy.mean_power_w), Relation::mean_over_time, Source::log_itself, inputs);
    case Quantity::mean_current:
        add(inputs, Quantity::integrated_charge, s.energy.charge_ah, Origin::measured);
        return answer(quantity, exact(s.energy.mean_current_a), Relation::mean_over_time, Source::log_itself,
                      inputs);
    case Quantity::lowest_voltage:
        return answer(quantity, exact(s.energy.lowest_voltage_v), Relation::least_of_column, Source::log_itself,
                      {});
    case Quantity::highest_current:
        return answer(quantity, peak(s.energy.highest_current), Relation::greatest_of_column, Source::log_itself,
                      {});
    case Quantity::highest_ground_speed:
        return answer(quantity, peak(s.distance.highest_ground_speed), Relation::greatest_of_column,
                      Source::log_itself, {});
    case Quantity::energy_per_distance:
        add(inputs, Quantity::used_energy, s.energy.energy_wh, Origin::measured);
        add(inputs, Quantity::ground_distance, s.distance.ground_m, Origin::measured);
        return answer(quantity, s.energy_wh_per_m, Relation::energy_over_distance, Source::log_itself, inputs);
    case Quantity::charge_per_distance:
        add(inputs, Quantity::integrated_charge, charge_used_ah(s), Origin::measured);
        add(inputs, Quantity::ground_distance, s.distance.ground_m, Origin::measured);
        return answer(quantity, s.charge_ah_per_m, Relation::charge_over_distance, Source::log_itself, inputs);
    default: return std::nullopt;
    }
}

Explanation explain(const LeftByCharge& left, const LogSummary& summary, Quantity quantity) {
    Explanation explanation{quantity,
                            quantity == Quantity::left_share ? left.share : left.charge_ah,
                            {{Quantity::usable_charge, {left.usable_charge_ah, 0.0}, Origin::computed}},
                            Relation::usable_less_counted,
                            Source::log_itself,
                            {}};
    add(explanation.inputs, Quantity::integrated_charge, charge_used_ah(summary), Origin::measured);
    return explanation;
}

} // namespace sobremesa::telemetry
