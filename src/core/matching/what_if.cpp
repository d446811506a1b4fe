#include "core/matching/what_if.hpp"

#include <algorithm>
#include <cmath>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/battery/discharge.hpp"
#include "core/mission/winds.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/number_ranges.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::matching {

namespace {

/// Of the parasite drag, what goes with the wing's area.
constexpr double wing_share = 0.5;

} // namespace

airframe::PowerCurve changed_curve(const airframe::Aircraft& aircraft, airframe::PowerCurve curve,
                                   const Change& change) {
    curve.electronics_w = std::max(curve.electronics_w + change.extra_electronics_w, 0.0);
    if (curve.craft == airframe::Craft::wing) {
        if (change.wing_area_m2 && aircraft.wing.area_m2)
            curve.part_w[2] *= 1.0 - wing_share + wing_share * *change.wing_area_m2 / *aircraft.wing.area_m2;
        return curve;
    }
    double area_ratio = 1.0;
    if (change.propeller_diameter_m && aircraft.rotor.propeller_diameter_m)
        area_ratio *= std::pow(*change.propeller_diameter_m / *aircraft.rotor.propeller_diameter_m, 2);
    if (change.rotors) area_ratio *= *change.rotors / aircraft.rotor.rotors.value_or(4.0);
    if (area_ratio == 1.0) return curve;
    // Induced power at the reference, before and after, by the disc; in hover the figure of merit carries the
    // profile power along.
    const double weight_n = curve.reference_mass_kg * units::standard_gravity_mps2;
    const auto induced = [&](double disc_m2) {
        const double hover_mps = std::sqrt(weight_n / (2.0 * units::sea_level_density_kgm3 * disc_m2));
        return hover_mps * airframe::induced_velocity_ratio(curve.reference_airspeed_mps / hover_mps);
    };
    curve.part_w[0] *= induced(curve.disc_area_m2 * area_ratio) / induced(curve.disc_area_m2);
    curve.part_w[1] /= std::sqrt(area_ratio);
    curve.disc_area_m2 *= area_ratio;
    return curve;
}

double added_mass_kg(const airframe::Aircraft& aircraft, const Change& change) {
    double added_kg = change.extra_mass_kg;
    if (aircraft.array && aircraft.array->mass_kg) {
        const double area =
            change.cell_area_m2.value_or(aircraft.array->cell_area_m2) / aircraft.array->cell_area_m2;
        const double count =
            change.cells_series.value_or(aircraft.array->cells_series) / aircraft.array->cells_series;
        added_kg += *aircraft.array->mass_kg * (area * count - 1.0);
    }
    return added_kg;
}

mission::PlanRequest changed_request(mission::PlanRequest request, const airframe::Aircraft& aircraft,
                                     const airframe::PowerCurve& curve, const Change& change) {
    request.aircraft = aircraft;
    request.aircraft.curve = changed_curve(aircraft, curve, change);
    request.aircraft.mass_kg += added_mass_kg(aircraft, change);
    if (auto& array = request.aircraft.array) {
        if (change.cell_area_m2) {
            // A larger cell gives more amps at the same volts.
            if (array->cell_isc_a) *array->cell_isc_a *= *change.cell_area_m2 / array->cell_area_m2;
            array->cell_area_m2 = *change.cell_area_m2;
        }
        if (change.cells_series) array->cells_series = int(std::lround(*change.cells_series));
        if (array->mass_kg) *array->mass_kg += added_mass_kg(aircraft, change) - change.extra_mass_kg;
    }
    if (change.converter_efficiency && request.aircraft.converter)
        request.aircraft.converter->efficiency = *change.converter_efficiency;
    // What is drawn stands in the curve already; the plan asks the aircraft for it where it flies without motor.
    request.aircraft.electronics.clear();
    request.aircraft.electronics_w = request.aircraft.curve->electronics_w;
    if (change.wing_area_m2) request.aircraft.wing.area_m2 = change.wing_area_m2;
    if (change.propeller_diameter_m) request.aircraft.rotor.propeller_diameter_m = change.propeller_diameter_m;
    if (change.rotors) request.aircraft.rotor.rotors = change.rotors;
    if (change.pack_mass_kg) request.pack.mass_kg = *change.pack_mass_kg;
    if (change.height_m) request.mission.height_m = *change.height_m;
    if (change.temperature_c) request.weather.temperature_c = *change.temperature_c;
    return request;
}

units::Result<Outcome> outcome_of(const airframe::Aircraft& aircraft, const airframe::PowerCurve& curve,
                                  const FlownAs& flown, const Change& change) {
    const auto air = atmosphere::air_above_field(flown.field_elevation_m, change.height_m.value_or(flown.height_m),
                                                 change.temperature_c.value_or(flown.temperature_c));
    if (!air) return tl::unexpected(air.error());
    Outcome outcome;
    outcome.all_up_mass_kg =
        aircraft.mass_kg + added_mass_kg(aircraft, change) + change.pack_mass_kg.value_or(flown.pack.mass_kg);
    // No more can be taken off than there is.
    constexpr double least_kg = 0.02;
    constexpr double most_kg = 100.0;
    auto ranges = units::NumberRanges::looking();
    ranges.number("extra_mass_kg", added_mass_kg(aircraft, change), least_kg - aircraft.mass_kg, most_kg);
    if (ranges.wrong()) return tl::unexpected(*ranges.wrong());
    outcome.density_kgm3 = air->density_kgm3;
    const airframe::PowerCurve changed = changed_curve(aircraft, curve, change);
    airframe::Aircraft flies = aircraft;
    if (change.wing_area_m2) flies.wing.area_m2 = change.wing_area_m2;
    outcome.speeds = airframe::speeds_to_fly(flies, changed, speed_question(flown, outcome));
    outcome.cruise_power_w = airframe::level_power_w(changed, aircraft.cruise_airspeed_mps, outcome.all_up_mass_kg,
                                                     outcome.density_kgm3);
    const battery::PackModel pack(flown.pack);
    const double temperature_c = change.temperature_c.value_or(flown.temperature_c);
    const auto lasts = [&](const units::Estimate& power) {
        const auto run = battery::discharge_at_power(pack, pack.atStart(temperature_c), power.value,
                                                     {flown.landing_cell_v, 1e9, 1}, {temperature_c, true});
        const double time_s = run.last().time_s;
        return units::Estimate{
            time_s, time_s * units::combine_sd(power.sd / power.value, battery::usable_relative_sd(flown.pack))};
    };
    if (outcome.speeds.endurance) outcome.endurance_s = lasts(outcome.speeds.endurance->power_w);
    if (outcome.speeds.range) {
        const auto time = lasts(outcome.speeds.range->power_w);
        const double ground = outcome.speeds.range->ground_speed_mps;
        outcome.range_m = units::Estimate{time.value * ground, time.sd * ground};
    }
    return outcome;
}

FlownAs flown_as(const mission::PlanRequest& request) {
    const auto wind = mission::air_column(request).steady(request.mission.height_m);
    const double off = units::radians(wind.from_deg - request.mission.bearing_deg);
    return {request.pack,
            mission::landing_cell_v(request),
            request.weather.field_elevation_m,
            request.mission.height_m,
            request.weather.temperature_c,
            wind.speed_mps * std::cos(off),
            wind.speed_mps * std::sin(off),
            request.mission.climb_rate_mps};
}

airframe::SpeedQuestion speed_question(const FlownAs& flown, const Outcome& outcome) {
    airframe::SpeedQuestion question;
    question.all_up_mass_kg = outcome.all_up_mass_kg;
    question.density_kgm3 = outcome.density_kgm3;
    question.head_wind_mps = flown.head_wind_mps;
    question.cross_wind_mps = flown.cross_wind_mps;
    return question;
}

units::Estimate ratio(const units::Estimate& after, const units::Estimate& before) {
    const double value = after.value / before.value;
    return {value, scaled_share_sd * std::abs(value - 1.0)};
}

std::vector<ComparedOutcome> compare_outcomes(const Outcome& before, const Outcome& after) {
    using units::Quantity;
    using units::Relation;
    std::vector<ComparedOutcome> lines;
    const auto explained = [](Quantity quantity, const units::Estimate& value, const Outcome& of,
                              Relation relation) {
        return units::Explanation{quantity,
                                  value,
                                  {{Quantity::all_up_mass, {of.all_up_mass_kg, 0.0}, units::Origin::given},
                                   {Quantity::air_density, {of.density_kgm3, 0.0}, units::Origin::computed},
                                   {Quantity::cruise_power, of.cruise_power_w, units::Origin::computed}},
                                  relation,
                                  units::Source::textbook_aerodynamics,
                                  {}};
    };
    const auto add = [&](Quantity quantity, const units::Estimate& was, const units::Estimate& is,
                         Relation relation) {
        ComparedOutcome line{quantity,
                             explained(quantity, was, before, relation),
                             explained(quantity, is, after, relation),
                             ratio(is, was),
                             {}};
        line.ratio_explanation = line.after;
        lines.push_back(std::move(line));
    };
    add(Quantity::all_up_mass, {before.all_up_mass_kg, 0.0}, {after.all_up_mass_kg, 0.0}, Relation::masses_added);
    add(Quantity::cruise_power, before.cruise_power_w, after.cruise_power_w, Relation::curve_through_level_flight);
    add(Quantity::endurance, before.endurance_s, after.endurance_s, Relation::discharge_of_circuit);
    if (before.range_m && after.range_m)
        add(Quantity::flight_range, *before.range_m, *after.range_m, Relation::discharge_of_circuit);
    if (before.speeds.endurance && after.speeds.endurance)
        add(Quantity::best_endurance_speed, before.speeds.endurance->airspeed_mps,
            after.speeds.endurance->airspeed_mps, Relation::least_power_of_curve);
    if (before.speeds.range && after.speeds.range)
        add(Quantity::best_range_speed, before.speeds.range->airspeed_mps, after.speeds.range->airspeed_mps,
            Relation::least_energy_over_ground);
    return lines;
}

} // namespace sobremesa::matching
