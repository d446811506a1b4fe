#include "core/mission/differences.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/quantity.hpp"

#include <cmath>

namespace sobremesa::mission {

namespace {

using units::Estimate;
using units::Quantity;

struct Given {
    Quantity quantity;
    double (*value)(const PlanRequest&);
};

/// In the order of the setting's sentence.
constexpr Given givens[] = {
    {Quantity::aircraft_mass, [](const PlanRequest& r) { return r.aircraft.mass_kg; }},
    {Quantity::airspeed, [](const PlanRequest& r) { return r.aircraft.cruise_airspeed_mps; }},
    {Quantity::cruise_power, [](const PlanRequest& r) { return r.aircraft.cruise_power_w; }},
    {Quantity::rated_charge, [](const PlanRequest& r) { return battery::rated_charge_ah(r.pack); }},
    {Quantity::pack_resistance, [](const PlanRequest& r) { return battery::resistance_ohm(r.pack); }},
    {Quantity::pack_mass, [](const PlanRequest& r) { return r.pack.mass_kg; }},
    {Quantity::wind_speed, [](const PlanRequest& r) { return spoken_wind(r).speed_mps; }},
    {Quantity::wind_from, [](const PlanRequest& r) { return spoken_wind(r).from_deg; }},
    {Quantity::home_wind_factor, [](const PlanRequest& r) { return r.weather.home_wind_factor; }},
    {Quantity::temperature, [](const PlanRequest& r) { return r.weather.temperature_c; }},
    {Quantity::bearing, [](const PlanRequest& r) { return r.mission.bearing_deg; }},
    {Quantity::height, [](const PlanRequest& r) { return r.mission.height_m; }},
    {Quantity::landing_cell_voltage, [](const PlanRequest& r) { return landing_cell_v(r); }},
};

double reserve_wh(const Plan& plan) {
    return plan.turn ? outward_at(plan, plan.turn->distance_m.value).reserve_wh : 0.0;
}

} // namespace

std::vector<Difference> differences(const Plan& one, const Plan& other) {
    std::vector<Difference> all;
    for (const Given& given : givens) {
        const double a = given.value(one.request);
        const double b = given.value(other.request);
        if (std::abs(a - b) > 1e-9) all.push_back({given.quantity, {a, 0.0}, {b, 0.0}, false});
    }
    const Estimate nothing{std::nan(""), 0.0};
    all.push_back({Quantity::usable_energy, one.usable_energy_wh, other.usable_energy_wh, true});
    all.push_back({Quantity::turn_distance, one.turn ? one.turn->distance_m : nothing,
                   other.turn ? other.turn->distance_m : nothing, true});
    all.push_back({Quantity::turn_charge, one.turn ? one.turn->charge_used_ah : nothing,
                   other.turn ? other.turn->charge_used_ah : nothing, true});
    all.push_back({Quantity::flight_time, one.flight ? one.flight->duration_s : nothing,
                   other.flight ? other.flight->duration_s : nothing, true});
    all.push_back({Quantity::landing_energy_left, one.flight ? one.flight->landing_energy_left_wh : nothing,
                   other.flight ? other.flight->landing_energy_left_wh : nothing, true});
    all.push_back({Quantity::reserve_energy, {reserve_wh(one), 0.0}, {reserve_wh(other), 0.0}, true});
    return all;
}

} // namespace sobremesa::mission
