#include "practice/plan_scenario.hpp"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/battery/pack.hpp"
#include "core/mission/chance.hpp"
#include "core/mission/winds.hpp"
#include "core/units/constants.hpp"
#include "sim/simulated_pack.hpp"
#include "sim/simulated_power.hpp"

namespace sobremesa::practice {

namespace {

constexpr int days_drawn = 400;
/// Where a plan names no home: far out at sea, nobody's field.
constexpr double nowhere_latitude_deg = 39.42;
constexpr double nowhere_longitude_deg = -31.36;

mission::DayDraw day_of(const mission::Plan& plan, const PracticeDay& wanted) {
    if (wanted.day == Day::as_forecast || wanted.day == Day::growing_wind) return {};
    const auto spread = mission::spread_of(plan);
    if (wanted.day == Day::drawn || !plan.turn) return mission::draw_days(spread, 1, wanted.seed).front();
    const auto days = mission::draw_days(spread, days_drawn, wanted.seed);
    const mission::DrawnFlights drawn(plan.request, plan.conditions, false);
    const auto flights = mission::fly_days(plan, drawn, days, plan.turn->distance_m.value);
    std::vector<std::size_t> order(days.size());
    std::iota(order.begin(), order.end(), 0U);
    std::sort(order.begin(), order.end(),
              [&](std::size_t a, std::size_t b) { return flights[a].left_wh < flights[b].left_wh; });
    return days[order[days.size() / 20]];
}

/// Given at a constant power down to the landing voltage, Wh.
double given_wh(const sim::SimulatedPackSpec& spec, double power_w, double landing_cell_v, double temperature_c) {
    sim::SimulatedPack pack(spec, temperature_c);
    constexpr double step_s = 1.0;
    constexpr double longest_s = 10.0 * units::seconds_per_hour;
    double low_s = 0.0;
    for (double t = 0.0; t < longest_s; t += step_s) {
        const auto out = pack.step(power_w, step_s);
        if (out.collapsed) break;
        low_s = out.voltage_v < landing_cell_v * spec.series ? low_s + step_s : 0.0;
        if (low_s > 10.0) break;
    }
    return pack.energy_given_wh();
}

void set_pack(sim::Scenario& scenario, const mission::Plan& plan, const mission::DayDraw& day) {
    const battery::Pack& pack = plan.request.pack;
    auto& spec = scenario.pack;
    spec.name = pack.name.empty() ? "pack" : pack.name;
    spec.li_ion = pack.chemistry == battery::Chemistry::li_ion;
    spec.series = pack.series;
    spec.parallel = pack.parallel;
    spec.cell_capacity_ah = pack.cell_capacity_ah * battery::capacity_share(pack);
    spec.cell_resistance_ohm = battery::aged_cell_resistance_ohm(pack);
    spec.mass_kg = mission::all_up_mass_kg(plan.request) - plan.request.aircraft.mass_kg;
    const double wanted_wh = day.usable * plan.conditions.usable_energy_wh();
    const double power_w = plan.conditions.cruise_power_w.value;
    for (int i = 0; i < 4; ++i) {
        const double wh =
            given_wh(spec, power_w, mission::landing_cell_v(plan.request), scenario.weather.temperature_c);
        if (!(wh > 0.0) || !(wanted_wh > 0.0)) return;
        spec.cell_capacity_ah *= std::clamp(wanted_wh / wh, 0.3, 3.0);
    }
}

void set_aircraft(sim::Scenario& scenario, const mission::Plan& plan, const mission::DayDraw& day) {
    const auto& aircraft = plan.request.aircraft;
    const double height_m = plan.request.mission.height_m;
    auto& sim = scenario.aircraft;
    sim.name = aircraft.name.empty() ? "aircraft" : aircraft.name;
    sim.wing = aircraft.craft == airframe::Craft::wing;
    sim.mass_without_pack_kg = aircraft.mass_kg;
    sim.airspeed_mps = plan.conditions.airspeed_out_mps;
    sim.electronics_w = airframe::electronics_power_w(aircraft);
    const double power_w = day.draw * plan.conditions.cruise_power_w.value;
    sim.full_power_w = aircraft.full_power_w.value_or(5.0 * power_w);
    const double mass_kg = mission::all_up_mass_kg(plan.request);
    if (sim.wing) {
        // A lift coefficient of 0.55 at the cruise where the area is not known: a usual one.
        constexpr double usual_cl = 0.55;
        const double q = 0.5 * units::sea_level_density_kgm3 * sim.airspeed_mps * sim.airspeed_mps;
        sim.area_m2 = aircraft.wing.area_m2.value_or(mass_kg * units::standard_gravity_mps2 / (q * usual_cl));
        if (aircraft.wing.span_m) sim.aspect_ratio = *aircraft.wing.span_m * *aircraft.wing.span_m / sim.area_m2;
    } else {
        sim.rotors = int(aircraft.rotor.rotors.value_or(4.0));
        // Sized with the mass where it is not known.
        sim.rotor_diameter_m = aircraft.rotor.propeller_diameter_m.value_or(0.178 * std::sqrt(mass_kg / 1.05));
    }
    const double density = sim::density_kgm3(height_m, scenario.weather.temperature_c);
    const double drawn_w = sim::flight_power_w(sim, mass_kg, density, sim.airspeed_mps, 0.0) - sim.electronics_w;
    const double wanted_w = std::max(power_w - sim.electronics_w, 0.05 * power_w);
    (sim.wing ? sim.propulsive_efficiency : sim.motor_efficiency) *= drawn_w / wanted_w;
}

void set_mission(sim::Scenario& scenario, const mission::Plan& plan) {
    const auto& mission = plan.request.mission;
    auto& sim = scenario.mission;
    using Kind = sim::SimulatedMission::Kind;
    sim.height_m = mission.height_m;
    sim.climb_mps = std::max(plan.conditions.climb_rate_mps, 0.5);
    sim.descent_mps = std::max(mission.descent_rate_mps, 0.3);
    sim.bearing_deg = mission::first_bearing_deg(plan.request);
    sim.distance_m = plan.turn ? plan.turn->distance_m.value : 0.0;
    sim.home_airspeed_mps = plan.conditions.airspeed_home_mps;
    if (mission::circles_home(mission.kind)) {
        sim.kind = Kind::loiter;
        sim.loiter_s = plan.turn ? plan.turn->time_s.value : 0.0;
        sim.loiter_radius_m = mission.loiter_radius_m.value_or(sim.loiter_radius_m);
    } else if (!mission.waypoints.empty()) {
        sim.kind = Kind::route;
        for (const auto& point : mission.waypoints) sim.route.push_back({point.at.east_m, point.at.north_m});
    }
}

} // namespace

const char* day_word(Day day) {
    switch (day) {
    case Day::as_forecast: return "as-forecast";
    case Day::drawn: return "drawn";
    case Day::growing_wind: return "growing-wind";
    case Day::worst_in_twenty: return "worst-in-twenty";
    }
    return "";
}

std::optional<Day> day_from_word(const std::string& word) {
    for (const Day day : {Day::as_forecast, Day::drawn, Day::growing_wind, Day::worst_in_twenty}) {
        if (word == day_word(day)) return day;
    }
    return std::nullopt;
}

double usable_of(const mission::Plan& plan, const sim::Scenario& scenario) {
    return given_wh(scenario.pack, plan.conditions.cruise_power_w.value, mission::landing_cell_v(plan.request),
                    scenario.weather.temperature_c);
}

sim::Scenario scenario_of(const mission::Plan& plan, const PracticeDay& wanted) {
    const mission::DayDraw day = day_of(plan, wanted);
    const auto& request = plan.request;
    sim::Scenario scenario;
    scenario.name = request.name.empty() ? "practice" : request.name;
    scenario.seed = wanted.seed;
    scenario.home_latitude_deg = request.mission.home ? request.mission.home->latitude_deg : nowhere_latitude_deg;
    scenario.home_longitude_deg =
        request.mission.home ? request.mission.home->longitude_deg : nowhere_longitude_deg;
    auto& weather = scenario.weather;
    const auto wind = mission::air_column(request).at(request.mission.height_m);
    const double mps = wind.speed_mps + day.wind_mps;
    weather.wind_mps = std::abs(mps);
    weather.wind_from_deg = units::wrap_degrees(wind.from_deg + day.wind_from_deg + (mps < 0.0 ? 180.0 : 0.0));
    weather.wind_height_m = std::max(request.mission.height_m, 10.0);
    weather.wind_growth_mps_per_h =
        request.weather.wind_growth_mps_per_h + day.growth_mps_per_h + wanted.growth_mps_per_h;
    if (wanted.day == Day::growing_wind && plan.turn) {
        constexpr double grown = 1.5;
        weather.wind_growth_mps_per_h +=
            (grown - 1.0) * weather.wind_mps / (plan.turn->time_s.value / units::seconds_per_hour);
        weather.most_wind_mps = grown * weather.wind_mps;
    }
    weather.temperature_c = request.weather.temperature_c + day.warmer_k;
    constexpr double gust_share = 0.12;
    weather.gust_sd_mps =
        request.weather.gust_mps ? *request.weather.gust_mps / 3.0 : std::max(gust_share * weather.wind_mps, 0.3);
    set_mission(scenario, plan);
    set_aircraft(scenario, plan, day);
    set_pack(scenario, plan, day);
    return scenario;
}

} // namespace sobremesa::practice
