#include "core/debrief/compare.hpp"

#include <algorithm>
#include <cmath>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/battery/discharge.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::debrief {

namespace {

double density_flown(const mission::PlanRequest& flown) {
    const auto air = atmosphere::air_above_field(flown.weather.field_elevation_m, flown.mission.height_m,
                                                 flown.weather.temperature_c);
    return air ? air->density_kgm3 : units::sea_level_density_kgm3;
}

/// Power at the common terms over that at which the flight was flown, with the error that the carrying adds.
units::Result<units::Estimate> ratio(const ComparedFlight& flight, double airspeed_mps, double mass_kg) {
    const airframe::FlightState as_flown{flight.airspeed_mps.value, mission::all_up_mass_kg(flight.flown),
                                         density_flown(flight.flown), 0.0};
    const airframe::FlightState wanted{airspeed_mps, mass_kg, units::sea_level_density_kgm3, 0.0};
    airframe::Aircraft measured = flight.flown.aircraft;
    measured.curve.reset();
    measured.cruise_airspeed_mps = as_flown.airspeed_mps;
    measured.cruise_power_w = flight.level_power_w.value;
    measured.cruise_all_up_mass_kg = as_flown.all_up_mass_kg;
    measured.cruise_density_kgm3 = as_flown.density_kgm3;
    const auto there = airframe::power_w(measured, as_flown.all_up_mass_kg, wanted);
    const auto here = airframe::power_w(measured, as_flown.all_up_mass_kg, as_flown);
    if (!there || !here) return there ? here : there;
    double value = there->value / here->value;
    // What scaling adds beyond the error of the known cruise itself.
    const double added =
        std::sqrt(std::max(std::pow(there->sd / there->value, 2) - std::pow(here->sd / here->value, 2), 0.0));
    if (flight.flown.aircraft.curve) {
        const auto curve_there = airframe::power_w(flight.flown.aircraft, mass_kg, wanted);
        const auto curve_here = airframe::power_w(flight.flown.aircraft, mass_kg, as_flown);
        if (curve_there && curve_here) value = curve_there->value / curve_here->value;
    }
    return units::Estimate{value, value * added};
}

double mean_of(const std::vector<ComparedFlight>& flights, double (*value)(const ComparedFlight&)) {
    double sum = 0.0;
    for (const auto& flight : flights) sum += value(flight);
    return sum / double(flights.size());
}

} // namespace

units::Result<Comparison> compare(const std::vector<ComparedFlight>& flights, const EqualTerms& terms) {
    if (flights.size() < 2) {
        units::Where where;
        where.field = "flights";
        return units::failure(units::ErrorCode::value_missing, where);
    }
    Comparison result;
    result.airspeed_mps =
        terms.airspeed_mps.value_or(mean_of(flights, [](const ComparedFlight& f) { return f.airspeed_mps.value; }));
    result.all_up_mass_kg = terms.all_up_mass_kg.value_or(
        mean_of(flights, [](const ComparedFlight& f) { return mission::all_up_mass_kg(f.flown); }));
    result.distance_m =
        terms.distance_m.value_or(mean_of(flights, [](const ComparedFlight& f) { return f.ground_m; }));
    for (const ComparedFlight& flight : flights) {
        const auto carried = ratio(flight, result.airspeed_mps, result.all_up_mass_kg);
        if (!carried) {
            units::Error error = carried.error();
            error.where.field = flight.name;
            return tl::unexpected(error);
        }
        ComparedRow row;
        row.name = flight.name;
        row.flown_mass_kg = mission::all_up_mass_kg(flight.flown);
        row.flown_airspeed_mps = flight.airspeed_mps.value;
        row.flown_wh_per_m = flight.flown_wh_per_m;
        const double power_w = flight.level_power_w.value * carried->value;
        const double relative =
            units::combine_sd(flight.level_power_w.sd / flight.level_power_w.value, carried->sd / carried->value);
        row.power_w = {power_w, power_w * relative};
        const double per_m = power_w / result.airspeed_mps / units::seconds_per_hour;
        row.energy_wh_per_m = {per_m, per_m * relative};
        row.energy_wh = {per_m * result.distance_m, per_m * relative * result.distance_m};
        const battery::PackModel pack(flight.flown.pack);
        const auto run = battery::discharge_at_power(pack, pack.atStart(flight.flown.weather.temperature_c),
                                                     power_w, {mission::landing_cell_v(flight.flown), 1e9, 1});
        const double usable_wh = run.last().energy_wh;
        const double pack_relative = units::combine_sd(relative, battery::usable_relative_sd(flight.flown.pack));
        if (usable_wh > 0.0) {
            const double share = row.energy_wh.value / usable_wh;
            row.share_of_pack = {share, share * pack_relative};
            row.endurance_s = {run.last().time_s, run.last().time_s * pack_relative};
        }
        result.rows.push_back(row);
    }
    const auto [least, most] =
        std::minmax_element(result.rows.begin(), result.rows.end(), [](const auto& a, const auto& b) {
            return a.energy_wh_per_m.value < b.energy_wh_per_m.value;
        });
    result.differ = most->energy_wh_per_m.value - least->energy_wh_per_m.value >
                    2.0 * units::combine_sd(most->energy_wh_per_m.sd, least->energy_wh_per_m.sd);
    return result;
}

std::optional<ComparedFlight> compared_flight(const std::string& name, const mission::PlanRequest& flown,
                                              const telemetry::LogSummary& summary) {
    if (summary.level.empty()) return std::nullopt;
    const auto longest = std::max_element(summary.level.begin(), summary.level.end(),
                                          [](const auto& a, const auto& b) { return a.seconds < b.seconds; });
    ComparedFlight flight;
    flight.name = name;
    flight.flown = flown;
    flight.level_power_w = longest->power_w;
    flight.airspeed_mps = longest->airspeed_mps;
    if (summary.distance.ground_m) flight.ground_m = summary.distance.ground_m->value;
    if (summary.energy_wh_per_m) flight.flown_wh_per_m = summary.energy_wh_per_m->value;
    return flight;
}

units::Explanation explain(const ComparedRow& row, units::Quantity quantity) {
    using units::Origin;
    using units::Quantity;
    return {quantity,
            quantity == Quantity::compared_endurance ? row.endurance_s : row.energy_wh_per_m,
            {{Quantity::level_power, row.power_w, Origin::computed},
             {Quantity::all_up_mass, {row.flown_mass_kg, 0.0}, Origin::given},
             {Quantity::airspeed, {row.flown_airspeed_mps, 0.0}, Origin::measured}},
            units::Relation::scaled_to_equal_flight,
            units::Source::textbook_aerodynamics,
            {}};
}

} // namespace sobremesa::debrief
