#include "sim/scenario_document.hpp"

#include <map>
#include <stdexcept>

#include <nlohmann/json.hpp>

namespace sobremesa::sim {

namespace {

using nlohmann::json;

template <class T>
void take(const json& from, const char* key, T& into) {
    if (const auto found = from.find(key); found != from.end()) found->get_to(into);
}

SimulatedAircraft aircraft_from(const json& in) {
    SimulatedAircraft a;
    take(in, "name", a.name);
    a.wing = in.value("craft", std::string("wing")) == "wing";
    take(in, "mass_kg", a.mass_without_pack_kg);
    take(in, "airspeed_mps", a.airspeed_mps);
    take(in, "electronics_w", a.electronics_w);
    take(in, "full_power_w", a.full_power_w);
    take(in, "area_m2", a.area_m2);
    take(in, "aspect_ratio", a.aspect_ratio);
    take(in, "span_efficiency", a.span_efficiency);
    take(in, "zero_lift_drag", a.zero_lift_drag);
    take(in, "propulsive_efficiency", a.propulsive_efficiency);
    take(in, "rotors", a.rotors);
    take(in, "rotor_diameter_m", a.rotor_diameter_m);
    take(in, "figure_of_merit", a.figure_of_merit);
    take(in, "motor_efficiency", a.motor_efficiency);
    take(in, "profile_power_w", a.profile_power_w);
    take(in, "drag_area_m2", a.drag_area_m2);
    return a;
}

SimulatedPackSpec pack_from(const json& in) {
    SimulatedPackSpec p;
    take(in, "name", p.name);
    p.li_ion = in.value("chemistry", std::string("li-ion")) == "li-ion";
    take(in, "series", p.series);
    take(in, "parallel", p.parallel);
    take(in, "cell_capacity_ah", p.cell_capacity_ah);
    take(in, "cell_resistance_ohm", p.cell_resistance_ohm);
    take(in, "mass_kg", p.mass_kg);
    return p;
}

SimulatedWeather weather_from(const json& in) {
    SimulatedWeather w;
    take(in, "wind_mps", w.wind_mps);
    take(in, "wind_from_deg", w.wind_from_deg);
    take(in, "wind_height_m", w.wind_height_m);
    take(in, "wind_growth_mps_per_h", w.wind_growth_mps_per_h);
    take(in, "gust_sd_mps", w.gust_sd_mps);
    take(in, "temperature_c", w.temperature_c);
    for (const json& entry : in.value("thermals", json::array())) {
        Thermal t;
        take(entry, "east_m", t.east_m);
        take(entry, "north_m", t.north_m);
        take(entry, "radius_m", t.radius_m);
        take(entry, "strength_mps", t.strength_mps);
        w.thermals.push_back(t);
    }
    return w;
}

SimulatedMission mission_from(const json& in) {
    SimulatedMission m;
    const std::string kind = in.value("kind", std::string("out-and-back"));
    if (kind == "loiter")
        m.kind = SimulatedMission::Kind::loiter;
    else if (kind == "route")
        m.kind = SimulatedMission::Kind::route;
    else if (kind != "out-and-back")
        throw std::runtime_error("mission.kind: " + kind + " is not known");
    take(in, "height_m", m.height_m);
    take(in, "climb_mps", m.climb_mps);
    take(in, "descent_mps", m.descent_mps);
    take(in, "bearing_deg", m.bearing_deg);
    take(in, "distance_m", m.distance_m);
    take(in, "loiter_radius_m", m.loiter_radius_m);
    take(in, "loiter_s", m.loiter_s);
    take(in, "home_at_cell_v", m.home_at_cell_v);
    take(in, "home_airspeed_mps", m.home_airspeed_mps);
    for (const json& entry : in.value("route", json::array())) {
        m.route.push_back({entry.at(0).get<double>(), entry.at(1).get<double>()});
    }
    return m;
}

SimulatedArray array_from(const json& in) {
    SimulatedArray a;
    take(in, "area_m2", a.area_m2);
    take(in, "efficiency", a.efficiency);
    take(in, "converter_efficiency", a.converter_efficiency);
    take(in, "cloud_share", a.cloud_share);
    take(in, "cloud_s", a.cloud_s);
    take(in, "cloud_leaves", a.cloud_leaves);
    return a;
}

Sensors sensors_from(const json& in) {
    Sensors s;
    take(in, "rate_hz", s.rate_hz);
    take(in, "position_sd_m", s.position_sd_m);
    take(in, "current_scale", s.current_scale);
    take(in, "current_offset_a", s.current_offset_a);
    take(in, "voltage_step_v", s.voltage_step_v);
    take(in, "current_step_a", s.current_step_a);
    take(in, "current_sd_a", s.current_sd_a);
    take(in, "voltage_scale", s.voltage_scale);
    take(in, "fix_after_s", s.fix_after_s);
    take(in, "position_jumps", s.position_jumps);
    take(in, "gaps", s.gaps);
    take(in, "gap_s", s.gap_s);
    take(in, "array_current", s.array_current);
    take(in, "motor_current", s.motor_current);
    take(in, "current_at_pack", s.current_at_pack);
    take(in, "airspeed", s.airspeed);
    take(in, "heading", s.heading);
    take(in, "cut_last_row", s.cut_last_row);
    return s;
}

template <class T>
T named(const std::map<std::string, T>& record_list, const json& flight, const char* key) {
    const std::string name = flight.value(key, std::string());
    const auto found = record_list.find(name);
    if (found == record_list.end()) throw std::runtime_error(std::string(key) + ": no “" + name + "” in the list");
    return found->second;
}

} // namespace

std::vector<Scenario> scenarios_from_json(const std::string& text) {
    const json document = json::parse(text);
    std::map<std::string, SimulatedAircraft> aircraft;
    for (const json& entry : document.at("aircraft")) aircraft[entry.at("name")] = aircraft_from(entry);
    std::map<std::string, SimulatedPackSpec> packs;
    for (const json& entry : document.at("packs")) packs[entry.at("name")] = pack_from(entry);

    std::vector<Scenario> scenarios;
    for (const json& flight : document.at("flights")) {
        Scenario s;
        s.name = flight.at("name");
        s.home_latitude_deg = document.at("home").at("latitude_deg");
        s.home_longitude_deg = document.at("home").at("longitude_deg");
        take(flight, "seed", s.seed);
        take(flight, "start_clock_s", s.start_clock_s);
        s.style = flight.value("style", std::string("radio")) == "recorder" ? io::LogStyle::recorder
                                                                            : io::LogStyle::radio;
        s.aircraft = named(aircraft, flight, "aircraft");
        s.pack = named(packs, flight, "pack");
        take(flight, "airspeed_mps", s.aircraft.airspeed_mps);
        s.weather = weather_from(flight.value("weather", json::object()));
        s.mission = mission_from(flight.value("mission", json::object()));
        s.array = array_from(flight.value("array", json::object()));
        s.sensors = sensors_from(flight.value("sensors", json::object()));
        scenarios.push_back(s);
    }
    return scenarios;
}

std::string json_from_truth(const Scenario& scenario, const Truth& t) {
    const json out = {{"format", "sobremesa-truth"},
                      {"version", 1},
                      {"flight", scenario.name},
                      {"aircraft", scenario.aircraft.name},
                      {"pack", scenario.pack.name},
                      {"seed", scenario.seed},
                      {"duration_s", t.duration_s},
                      {"ground_m", t.ground_m},
                      {"air_m", t.air_m},
                      {"farthest_from_home_m", t.farthest_m},
                      {"charge_ah", t.charge_ah},
                      {"energy_wh", t.energy_wh},
                      {"lowest_voltage_v", t.lowest_voltage_v},
                      {"resting_cell_v", t.resting_cell_v},
                      {"mean_wind_mps", t.mean_wind_mps},
                      {"mean_wind_from_deg", t.mean_wind_from_deg},
                      {"level_power_w", t.level_power_w},
                      {"pack_temperature_c", t.pack_temperature_c},
                      {"array_wh", t.array_wh},
                      {"cruise_balance_w", t.cruise_balance_w},
                      {"current_scale", scenario.sensors.current_scale},
                      {"came_home", t.came_home},
                      {"ending", t.ending}};
    return out.dump(2) + "\n";
}

} // namespace sobremesa::sim
