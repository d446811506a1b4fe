#include "core/mission/flight_conditions.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

/// Rate of climb by the plan's angle, throttle or rate, m/s.
double climb_rate_mps(const PlanRequest& request, double airspeed_mps, double level_w) {
    const Mission& mission = request.mission;
    if (mission.climb_throttle && request.aircraft.full_power_w) {
        // A fixed propeller: the pack's power goes as the cube of the duty (model notes, headroom).
        const double given_w = *request.aircraft.full_power_w * std::pow(*mission.climb_throttle, 3.0);
        const auto one = power_at(request, airspeed_mps, 0.5 * mission.height_m, 1.0);
        const double cost_w = one ? one->value - level_w : 0.0;
        if (!(cost_w > 0.0) || given_w <= level_w) return 0.0;
        const double rate = (given_w - level_w) / cost_w;
        if (!mission.climb_angle_deg) return std::min(rate, 0.7 * airspeed_mps);
        return std::min(rate, airspeed_mps * std::sin(units::radians(*mission.climb_angle_deg)));
    }
    if (mission.climb_angle_deg) return airspeed_mps * std::sin(units::radians(*mission.climb_angle_deg));
    return mission.climb_rate_mps;
}

/// What the pack gives more at cruise power for each kelvin that the day is warmer, Wh.
double usable_wh_per_kelvin(const FlightConditions& conditions, double landing_cell_v) {
    constexpr double step_k = 4.0;
    battery::PackState start = conditions.start;
    // A pack kept warm until launch starts as warm on any day.
    if (!conditions.pack->pack().start_temperature_c) start.temperature_c -= step_k;
    battery::Surroundings around = conditions.around;
    around.air_temperature_c -= step_k;
    const auto colder = battery::discharge_at_power(*conditions.pack, start, conditions.cruise_power_w.value,
                                                    {landing_cell_v, 1e9, 1}, around);
    return (conditions.cruise.last().energy_wh - colder.last().energy_wh) / step_k;
}

} // namespace

double FlightConditions::usable_energy_wh() const {
    return at_powers && at_powers->gives(cruise_power_w.value) ? at_powers->left_wh(cruise_power_w.value, 0.0)
                                                               : cruise.last().energy_wh;
}

double FlightConditions::usable_charge_ah() const {
    return at_powers && at_powers->gives(cruise_power_w.value) ? at_powers->usable_ah(cruise_power_w.value)
                                                               : cruise.last().charge_used_ah;
}

units::Result<units::Estimate> power_at(const PlanRequest& request, double airspeed_mps, double height_m,
                                        double climb_mps) {
    const auto air = air_at(request, height_m);
    if (!air) return tl::unexpected(air.error());
    const double mass_kg = all_up_mass_kg(request);
    auto power =
        airframe::power_w(request.aircraft, mass_kg, {airspeed_mps, mass_kg, air->density_kgm3, climb_mps});
    if (power) power->value = out_of_pack_w(request.sun, power->value);
    return power;
}

double top_height_m(const PlanRequest& request) {
    double top_m = request.mission.height_m;
    for (const Waypoint& point : request.mission.waypoints) top_m = std::max(top_m, point.height_m.value_or(0.0));
    if (request.failsafe) top_m = std::max(top_m, request.failsafe->height_m);
    return top_m;
}

double first_bearing_deg(const PlanRequest& request) {
    for (const Waypoint& point : request.mission.waypoints) {
        if (flies_over_places(request.mission.kind) && geodesy::distance_m({}, point.at) > 1.0)
            return geodesy::bearing_deg({}, point.at);
    }
    return request.mission.bearing_deg;
}

units::Result<FlightConditions> conditions_on_bearing(const PlanRequest& request, FlightConditions conditions) {
    conditions.all_up_mass_kg = all_up_mass_kg(request);
    const double height_m = request.mission.height_m;
    const auto air = air_at(request, height_m);
    if (!air) return tl::unexpected(air.error());
    conditions.air = *air;
    const flying::AirColumn column = air_column(request);
    const double out_deg = first_bearing_deg(request);
    const double home_deg = units::wrap_degrees(out_deg + 180.0);
    const double known_mps = request.aircraft.cruise_airspeed_mps;
    const double rho = air->density_kgm3;
    conditions.wind_out = column.at(height_m);
    conditions.airspeed_out_mps =
        leg_airspeed(request, request.mission.speed_out, out_deg, conditions.wind_out, rho).value_or(known_mps);
    const auto power = power_at(request, conditions.airspeed_out_mps, height_m, 0.0);
    if (!power) return tl::unexpected(power.error());
    conditions.cruise_power_w = *power;

    conditions.wind_home = column.worst_home(home_deg, known_mps, height_m);
    conditions.airspeed_home_mps =
        leg_airspeed(request, request.mission.speed_home, home_deg, conditions.wind_home, rho).value_or(known_mps);
    const auto home_power = power_at(request, conditions.airspeed_home_mps, height_m, 0.0);
    if (!home_power) return tl::unexpected(home_power.error());
    conditions.home_power_w = *home_power;

    conditions.climb_rate_mps = climb_rate_mps(request, conditions.airspeed_out_mps, power->value);
    conditions.out = heading(out_deg, conditions.airspeed_out_mps, conditions.wind_out);
    conditions.home = heading(home_deg, conditions.airspeed_home_mps, conditions.wind_home);
    return conditions;
}

namespace {

/// The pack as it is plugged in, in this air.
void plug_in(FlightConditions& conditions, const PlanRequest& request, const FlightConditions* like) {
    conditions.pack = std::make_shared<const battery::PackModel>(request.pack, like ? like->pack.get() : nullptr);
    conditions.around = {units::celsius(conditions.air.temperature_k), true};
    conditions.start = conditions.pack->atStart(request.weather.temperature_c);
}

} // namespace

units::Result<FlightConditions> flight_conditions(const PlanRequest& request, const FlightConditions* like) {
    auto known = conditions_on_bearing(request, {});
    if (!known) return known;
    if (const auto top = air_at(request, top_height_m(request)); !top) return tl::unexpected(top.error());
    FlightConditions& conditions = *known;
    plug_in(conditions, request, like);
    const double landing_v = landing_cell_v(request);
    const double cruise_w = conditions.cruise_power_w.value;
    conditions.cruise = battery::discharge_at_power(*conditions.pack, conditions.start, cruise_w, {landing_v, 1e9},
                                                    conditions.around);
    conditions.at_powers = std::make_shared<const flying::PackAtPowers>(
        conditions.pack, flying::PackAtPowers::Start{conditions.start, conditions.around, landing_v},
        flying::PackAtPowers::Powers{cruise_w, conditions.home_power_w.value}, &conditions.cruise);
    conditions.usable_wh_per_kelvin = usable_wh_per_kelvin(conditions, landing_v);
    return known;
}

units::Result<FlightConditions> nearly_the_same_conditions(const PlanRequest& request,
                                                           const FlightConditions& like) {
    auto known = conditions_on_bearing(request, {});
    if (!known) return known;
    FlightConditions& conditions = *known;
    plug_in(conditions, request, &like);
    conditions.usable_wh_per_kelvin = like.usable_wh_per_kelvin;
    const double cruise_w = conditions.cruise_power_w.value;
    const flying::PackAtPowers::Start start{conditions.start, conditions.around, landing_cell_v(request)};
    const bool same_pack = like.at_powers->start() == start && like.pack->pack() == conditions.pack->pack();
    conditions.at_powers = same_pack && like.at_powers->spans(cruise_w)
                               ? like.at_powers
                               : std::make_shared<const flying::PackAtPowers>(
                                     conditions.pack, start,
                                     flying::PackAtPowers::Powers{cruise_w, conditions.home_power_w.value, true});
    return known;
}

} // namespace sobremesa::mission
