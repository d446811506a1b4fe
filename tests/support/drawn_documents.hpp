#pragma once

#include <array>
#include <cmath>
#include <cstdint>
#include <random>
#include <string>

#include <nlohmann/json.hpp>

namespace sobremesa::tests {

/// Numbers of three or four digits, the same on every machine: the engine is fixed by the standard, the rest is
/// ours.
class RoundNumbers {
public:
    explicit RoundNumbers(std::uint64_t seed) : engine_(seed) {}

    double between(double least, double most) {
        const double value = least + (most - least) * double(engine_() >> 11U) * 0x1.0p-53;
        const double unit = std::pow(10.0, std::floor(std::log10(std::max(std::abs(value), 1e-9))) - 3.0);
        return std::round(value / unit) * unit;
    }
    std::size_t below(std::size_t count) { return std::size_t(engine_() % count); }
    bool once_in(std::size_t count) { return below(count) == 0; }
    template <class T, std::size_t n>
    T one_of(const std::array<T, n>& all) {
        return all[below(n)];
    }

private:
    std::mt19937_64 engine_;
};

namespace drawn {

using Json = nlohmann::json;

inline Json pack(RoundNumbers& draw, double cruise_w) {
    const std::string chemistry = draw.one_of(std::array{"li-ion", "li-ion", "lipo", "lipo-hv"});
    const int series = 3 + int(draw.below(4));
    // Fifteen minutes to an hour and a half of cruise.
    const double charge_ah = cruise_w * draw.between(0.3, 1.6) / (3.6 * series);
    const int parallel = 1 + int(charge_ah / 4.5);
    Json pack = {
        {"name", "P"},
        {"chemistry", chemistry},
        {"series", series},
        {"parallel", parallel},
        {"cell_capacity_ah", std::round(1000.0 * charge_ah / parallel) / 1000.0},
        {"mass_kg", std::round(1000.0 * charge_ah * series * (chemistry == "li-ion" ? 0.0165 : 0.0235)) / 1000.0}};
    if (draw.once_in(2)) pack["cell_resistance_ohm"] = draw.between(0.02, 0.09) / charge_ah * parallel;
    if (draw.once_in(3)) pack["lead_resistance_ohm"] = draw.between(0.001, 0.02);
    if (draw.once_in(3)) pack["capacity_factor"] = draw.between(0.7, 1.05);
    if (draw.once_in(3)) pack["resistance_factor"] = draw.between(0.8, 2.5);
    if (draw.once_in(4)) pack["start_temperature_c"] = draw.between(-5.0, 35.0);
    if (draw.once_in(4)) pack["start_cell_v"] = draw.between(3.8, 4.18);
    if (draw.once_in(3)) pack["weakest_cell_below_v"] = draw.between(0.0, 0.2);
    if (draw.once_in(2)) {
        pack["rated_current_a"] = charge_ah * draw.between(2.0, 20.0);
        pack["current_label"] = draw.one_of(std::array{"none", "cell-maker", "pack-c", "burst-c"});
    }
    if (draw.once_in(3)) pack["strips_current_a"] = charge_ah * draw.between(2.0, 8.0);
    if (draw.once_in(3)) pack["connector_current_a"] = charge_ah * draw.between(2.0, 8.0);
    if (draw.once_in(4)) pack["measured_cell_ohm"] = draw.between(0.02, 0.09) / charge_ah * parallel;
    if (draw.once_in(3)) pack["construction"] = draw.one_of(std::array{"high-capacity", "high-drain"});
    if (draw.once_in(5)) {
        const double cell_ah = pack["cell_capacity_ah"];
        for (const auto& [rate, share] : {std::pair{0.2, 1.0}, {1.0, 0.97}, {3.0, 0.9}})
            pack["rate_table"].push_back({{"current_a", rate * cell_ah}, {"charge_ah", share * cell_ah}});
        pack["rate_table_held_temperature"] = draw.once_in(2);
    }
    if (draw.once_in(6)) {
        pack["known"] = {{"capacity_share", draw.between(0.75, 1.05)},
                         {"capacity_share_sd", draw.between(0.005, 0.04)},
                         {"cell_resistance_ohm", draw.between(0.03, 0.09) / charge_ah * parallel},
                         {"cell_resistance_sd_ohm", draw.between(0.001, 0.01) / charge_ah * parallel},
                         {"slow_factor", draw.between(0.6, 1.8)},
                         {"slow_factor_sd", draw.between(0.05, 0.3)},
                         {"curve_offset_v", {0.0, 0.01, -0.02, 0.01, 0.02, 0.0}},
                         {"usable_relative_sd", draw.between(0.01, 0.08)},
                         {"flights", 1 + draw.below(30)},
                         {"recharges", draw.below(20)}};
    }
    if (draw.once_in(3)) {
        for (int i = 0; i < 2 + int(draw.below(4)); ++i) {
            Json reading = {{"cycles", 20 * i + int(draw.below(15))}, {"time_s", 1.7e9 + 3e6 * i}};
            if (!draw.once_in(3)) reading["full_recharge_ah"] = charge_ah * draw.between(0.8, 0.98);
            if (!draw.once_in(3)) {
                for (int cell = 0; cell < series; ++cell) {
                    reading["cell_resistance_ohm"].push_back(draw.between(0.02, 0.04) / charge_ah * parallel);
                    reading["cell_v"].push_back(draw.between(3.7, 3.85));
                }
            }
            pack["readings"].push_back(reading);
        }
    }
    return pack;
}

inline Json aircraft(RoundNumbers& draw, bool wing) {
    const double mass_kg = wing ? draw.between(0.5, 2.5) : draw.between(0.35, 1.5);
    const double cruise_w = mass_kg * (wing ? draw.between(40.0, 80.0) : draw.between(120.0, 200.0));
    Json aircraft = {{"name", "A"},
                     {"craft", wing ? "wing" : "rotor"},
                     {"mass_kg", mass_kg},
                     {"cruise_airspeed_mps", wing ? draw.between(12.0, 20.0) : draw.between(8.0, 15.0)},
                     {"cruise_power_w", cruise_w}};
    if (draw.once_in(3)) aircraft["video"] = draw.one_of(std::array{"none", "analog", "digital"});
    if (draw.once_in(3))
        aircraft["electronics_w"] = cruise_w * draw.between(0.02, 0.15);
    else if (draw.once_in(2))
        aircraft["electronics"] = {
            {{"name", "camera"}, {"power_w", cruise_w * draw.between(0.02, 0.06)}, {"mass_kg", 0.03}},
            {{"name", "video"}, {"power_w", cruise_w * draw.between(0.02, 0.08)}}};
    if (!draw.once_in(3)) aircraft["full_power_w"] = cruise_w * draw.between(1.6, 6.0);
    if (draw.once_in(2)) aircraft["controller_current_a"] = cruise_w * draw.between(0.1, 0.6);
    if (draw.once_in(2)) aircraft["motor_current_a"] = cruise_w * draw.between(0.1, 0.6);
    if (draw.once_in(3)) aircraft["cruise_all_up_mass_kg"] = mass_kg * draw.between(1.1, 1.7);
    if (draw.once_in(4)) aircraft["cruise_density_kgm3"] = draw.between(1.0, 1.3);
    if (draw.once_in(4)) aircraft["most_pack_mass_kg"] = mass_kg * draw.between(0.3, 1.0);
    if (wing && !draw.once_in(3)) {
        const double area_m2 = mass_kg * draw.between(0.18, 0.35);
        aircraft["wing"] = {{"area_m2", area_m2}};
        if (!draw.once_in(3)) aircraft["wing"]["span_m"] = std::sqrt(area_m2 * draw.between(4.0, 12.0));
        if (draw.once_in(3)) aircraft["wing"]["cl_max"] = draw.between(0.9, 1.5);
    }
    if (!wing && !draw.once_in(3))
        aircraft["rotor"] = {{"rotors", 4 + 2 * draw.below(3)},
                             {"propeller_diameter_m", 0.18 * std::sqrt(mass_kg / 0.8) * draw.between(0.8, 1.3)}};
    if (wing && draw.once_in(4)) {
        aircraft["array"] = {{"cells_series", 14 + draw.below(20)},
                             {"cell_area_m2", mass_kg * draw.between(0.002, 0.005)},
                             {"efficiency", draw.between(0.16, 0.24)},
                             {"tilt_deg", draw.between(0.0, 8.0)}};
        if (!draw.once_in(3))
            aircraft["converter"] = {{"kind", draw.one_of(std::array{"step-down", "step-up", "either"})},
                                     {"efficiency", draw.between(0.88, 0.97)},
                                     {"max_output_a", draw.between(3.0, 12.0)}};
    }
    return aircraft;
}

inline Json weather(RoundNumbers& draw, double cruise_mps) {
    Json weather = {{"wind_mps", cruise_mps * draw.between(0.0, 0.6)},
                    {"wind_from_deg", draw.between(0.0, 360.0)},
                    {"temperature_c", draw.between(-8.0, 34.0)},
                    {"field_elevation_m", draw.between(0.0, 1600.0)}};
    if (draw.once_in(3)) weather["wind_height_m"] = draw.between(5.0, 150.0);
    if (draw.once_in(3)) weather["wind_sd_mps"] = draw.between(0.4, 2.5);
    if (draw.once_in(3)) weather["wind_from_sd_deg"] = draw.between(2.0, 30.0);
    if (draw.once_in(3)) weather["home_wind_factor"] = draw.between(1.0, 1.6);
    if (draw.once_in(3)) weather["gust_mps"] = draw.between(0.5, 5.0);
    if (draw.once_in(3)) weather["wind_growth_mps_per_h"] = draw.between(-3.0, 6.0);
    if (draw.once_in(3)) weather["wind_exponent"] = draw.between(0.0, 0.35);
    if (draw.once_in(4)) weather["pressure_pa"] = draw.between(85000.0, 103000.0);
    if (draw.once_in(4)) weather["relative_humidity"] = draw.between(0.1, 0.95);
    if (draw.once_in(5)) {
        for (const double height_m : {10.0, 80.0, 300.0})
            weather["wind_table"].push_back({{"height_m", height_m},
                                             {"wind_mps", cruise_mps * draw.between(0.05, 0.55)},
                                             {"wind_from_deg", draw.between(200.0, 300.0)}});
    }
    return weather;
}

inline Json place(RoundNumbers& draw, const char* name, double farthest_m) {
    return {{"name", name},
            {"east_m", draw.between(-farthest_m, farthest_m)},
            {"north_m", draw.between(-farthest_m, farthest_m)}};
}

inline Json mission(RoundNumbers& draw, double cruise_mps) {
    const std::string kind =
        draw.one_of(std::array{"out-and-back", "out-and-back", "out-and-back", "farthest-point", "endurance",
                               "route", "route", "visit", "one-way", "on-sun"});
    Json mission = {{"kind", kind}, {"height_m", draw.between(40.0, 400.0)}};
    if (!draw.once_in(4)) mission["bearing_deg"] = draw.between(0.0, 360.0);
    if (draw.once_in(3)) mission["climb_rate_mps"] = draw.between(0.8, 6.0);
    if (draw.once_in(3)) mission["descent_rate_mps"] = draw.between(0.8, 4.0);
    if (draw.once_in(6)) mission["climb_angle_deg"] = draw.between(4.0, 20.0);
    if (draw.once_in(3)) mission["height_ceiling_m"] = draw.between(60.0, 500.0);
    for (const char* speed : {"speed_out", "speed_home"}) {
        if (draw.once_in(3)) mission[speed] = draw.one_of(std::array{"best-range", "fixed", "known-cruise"});
        if (mission.value(speed, "") == "fixed") mission["airspeed_mps"] = cruise_mps * draw.between(0.85, 1.3);
    }
    if (draw.once_in(5)) mission["farthest_m"] = draw.between(1000.0, 12000.0);
    if (draw.once_in(3)) mission["loiter_radius_m"] = draw.between(30.0, 200.0);
    if (draw.once_in(3)) mission["turn_bank_deg"] = draw.between(10.0, 50.0);
    if (draw.once_in(3)) mission["landing_height_m"] = draw.between(0.0, 50.0);
    if (draw.once_in(3)) mission["landing_sink_mps"] = draw.between(0.5, 2.5);
    if (draw.once_in(3)) mission["clearance_m"] = draw.between(5.0, 80.0);
    if (draw.once_in(3))
        for (const char* name : {"field", "track"}) {
            mission["alternates"].push_back(place(draw, name, 4000.0));
            mission["alternates"].back()["height_m"] = draw.between(-40.0, 60.0);
        }
    if (draw.once_in(6)) {
        const double east = draw.between(-3000.0, 3000.0);
        const double north = draw.between(-3000.0, 3000.0);
        const double wide = draw.between(300.0, 1500.0);
        mission["no_landing"] = {
            {{"name", "lake"},
             {"rings_m",
              {{{east, north}, {east + wide, north}, {east + wide, north + wide}, {east, north + wide}}}}}};
        if (draw.once_in(2)) mission["over_land_by_ah"] = draw.between(0.5, 5.0);
    }
    if (kind == "route" || kind == "visit" || kind == "one-way") {
        const std::size_t places = kind == "route" ? 2 + draw.below(4) : 1;
        for (std::size_t i = 0; i < places; ++i) {
            Json next = place(draw, "w", 2500.0);
            if (draw.once_in(3)) next["height_m"] = draw.between(30.0, 300.0);
            if (draw.once_in(4)) next["loiter_s"] = draw.between(20.0, 200.0);
            mission["waypoints"].push_back(next);
        }
        if (kind == "route" && draw.once_in(5)) mission["waypoints"].back()["loiter_to_the_last"] = true;
    }
    // The demo's raster, around its own home.
    if (draw.once_in(5)) {
        mission["home"] = {{"latitude_deg", 39.41825}, {"longitude_deg", -31.36148}};
        mission["terrain_file"] = DEMO_DIR "/valdesorna.tif";
    } else if (kind == "on-sun" || draw.once_in(4)) {
        mission["home"] = {{"latitude_deg", draw.between(30.0, 58.0)},
                           {"longitude_deg", draw.between(-20.0, 30.0)}};
    }
    return mission;
}

inline Json link(RoundNumbers& draw, double mhz) {
    Json link = {{"frequency_mhz", mhz}, {"antenna_height_m", draw.between(1.0, 6.0)}};
    if (draw.once_in(2)) {
        link["measured_reach_m"] = draw.between(2000.0, 20000.0);
    } else {
        link["radiated_dbm"] = draw.between(14.0, 30.0);
        link["least_signal_dbm"] = draw.between(-110.0, -85.0);
    }
    return link;
}

} // namespace drawn

/// A plan that somebody might write, with as many of its fields as the draw has it. Most can be flown.
inline nlohmann::json drawn_plan(std::uint64_t seed) {
    RoundNumbers draw(seed);
    const bool wing = draw.below(5) < 3;
    nlohmann::json plan = {{"format", "sobremesa-plan"}, {"version", 1}, {"name", "drawn"}};
    plan["aircraft"] = drawn::aircraft(draw, wing);
    const double cruise_mps = plan["aircraft"]["cruise_airspeed_mps"];
    plan["pack"] = drawn::pack(draw, plan["aircraft"]["cruise_power_w"]);
    plan["weather"] = drawn::weather(draw, cruise_mps);
    plan["mission"] = drawn::mission(draw, cruise_mps);
    const bool full_power = plan["aircraft"].contains("full_power_w");
    if (full_power && draw.once_in(6)) plan["mission"]["climb_throttle"] = draw.between(0.5, 0.95);
    if (full_power && draw.once_in(8)) {
        plan["mission"]["speed_out"] = "power-share";
        plan["mission"]["most_power_share"] = draw.between(0.3, 0.7);
    }
    switch (draw.below(4)) {
    case 0: plan["reserve"] = {{"loiter_min", draw.between(1.0, 8.0)}}; break;
    case 1: plan["reserve"] = {{"home_factor", draw.between(1.1, 2.0)}}; break;
    case 2: plan["reserve"] = {{"share_of_usable", draw.between(0.05, 0.35)}}; break;
    default: break;
    }
    if (draw.once_in(3)) plan["landing"] = {{"cell_voltage_v", draw.between(2.7, 3.6)}};
    if (draw.once_in(3)) {
        for (const char* rule :
             {"energy-home", "share-left", "eighty-percent", "charge-count", "voltage", "chance"})
            if (draw.once_in(2)) plan["turn"]["schools"].push_back(rule);
        if (draw.once_in(2)) plan["turn"]["share_left"] = draw.between(0.4, 0.7);
        if (draw.once_in(2)) plan["turn"]["least_chance"] = draw.between(0.7, 0.98);
    }
    if (draw.once_in(3)) {
        plan["failsafe"] = {{"height_m", draw.between(30.0, 250.0)}};
        if (draw.once_in(2)) plan["failsafe"]["airspeed_mps"] = cruise_mps * draw.between(0.9, 1.3);
        if (full_power && draw.once_in(3)) plan["failsafe"]["throttle"] = draw.between(0.2, 0.7);
    }
    if (draw.once_in(3)) plan["link"] = drawn::link(draw, draw.once_in(2) ? 868.0 : 2400.0);
    if (draw.once_in(4)) plan["video_link"] = drawn::link(draw, 5800.0);
    if (draw.once_in(4)) {
        for (const char* thing : {"recorder_min", "goggles_min", "radio_min", "station_min"})
            if (draw.once_in(2)) plan["ground"][thing] = draw.between(10.0, 240.0);
    }
    const double series = plan["pack"]["series"];
    if (draw.once_in(4))
        plan["supply"] = {{"least_pack_v", series * draw.between(2.6, 3.4)},
                          {"controller_cutoff_cell_v", draw.once_in(4) ? 0.0 : draw.between(2.6, 3.3)}};
    if (plan["mission"]["kind"] == "on-sun" || draw.once_in(8))
        plan["sun"] = {
            {"start_utc", "2026-06-21T09:30Z"}, {"cloud_okta", draw.below(9)}, {"counted", draw.once_in(2)}};
    return plan;
}

} // namespace sobremesa::tests
