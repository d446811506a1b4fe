#pragma once

#include <optional>
#include <string>
#include <type_traits>
#include <variant>

#include "core/mission/plan_request.hpp"
#include "core/mission/wind_rows.hpp"
#include "io/aircraft_fields.hpp"
#include "io/document_fields.hpp"
#include "io/pack_fields.hpp"
#include "io/place_fields.hpp"

namespace sobremesa::io {

template <>
struct DocumentWords<mission::MissionKind> {
    static inline const std::vector<mission::MissionKind>& all = mission::all_missions();
    static const char* word(mission::MissionKind kind) { return mission::mission_word(kind); }
};

template <>
struct DocumentWords<mission::SpeedRule> {
    static inline const std::vector<mission::SpeedRule>& all = mission::all_speed_rules();
    static const char* word(mission::SpeedRule rule) { return mission::speed_rule_word(rule); }
};

template <>
struct DocumentWords<mission::TurnRule> {
    static inline const std::vector<mission::TurnRule>& all = mission::all_turn_rules();
    static const char* word(mission::TurnRule rule) { return mission::turn_rule_word(rule); }
};

/// Amps alone, as pilots know them, become watts at the volts of the plan's pack.
void take_cruise_current(DocumentReader& in, mission::PlanRequest& request);

template <class Visitor, class Weather>
void describe_weather(Visitor& v, Weather& w) {
    v.number("wind_mps", w.wind.speed_mps, {"wind aloft"});
    v.number("wind_from_deg", w.wind.from_deg, {"where it comes from"});
    v.number("wind_height_m", w.wind_height_m, {"height of that wind", "mission height"});
    v.number("wind_sd_mps", w.wind_sd_mps,
             {"how far the wind may be off, one standard deviation; 0.9 where it was measured just now"});
    v.number(
        "home_wind_factor", w.home_wind_factor,
        {"worst credible wind for the return: forecast times or over this, or 1.65 × `wind_sd_mps` more straight "
         "against the course, whichever is dearest; 1 switches all of it off"});
    v.number(
        "gust_mps", w.gust_mps,
        {"gusts above the mean wind: what the motors must hold for a moment", "a third of the wind, at least 1.5"});
    v.number("temperature_c", w.temperature_c, {"of the air at the field"});
    v.number("field_elevation_m", w.field_elevation_m, {"of the field above sea level"});
    v.number("wind_exponent", w.wind_exponent, {"of the power law over height", "1/7"});
    v.list("wind_table", w.wind_table,
           {"winds by height, lowest first; two or more take the place of wind and law", "none", true},
           [](auto& inner, auto& row) {
               inner.required("height_m", row.height_m, {"above the field"});
               inner.required("wind_mps", row.wind.speed_mps, {"wind there"});
               inner.required("wind_from_deg", row.wind.from_deg, {"where it comes from"});
           });
    v.number("wind_growth_mps_per_h", w.wind_growth_mps_per_h, {"for every hour flown; below 0 it eases"});
    v.number("wind_from_sd_deg", w.wind_from_sd_deg, {"how far the direction may be off"});
    v.number("pressure_pa", w.pressure_pa, {"at the field, not reduced", "by elevation"});
    v.number("relative_humidity", w.relative_humidity, {"at the field, 0 … 1", "dry"});
}

/// @param request  whole: the ceiling is the mission's only in the document
template <class Visitor, class Request>
void describe_mission(Visitor& v, Request& request) {
    auto& m = request.mission;
    v.word("kind", m.kind, {"what is flown"});
    v.object("home", m.home, {"where home is; without it the ground is flat", "unknown", true},
             [](auto& inner, auto& home) {
                 inner.required("latitude_deg", home.latitude_deg, {"north positive"});
                 inner.required("longitude_deg", home.longitude_deg, {"east positive"});
             });
    if constexpr (Visitor::reads) {
        if (m.home && !v.failed() && !geodesy::is_possible(*m.home))
            v.document().fail(units::ErrorCode::position_impossible, "home",
                              {{"latitude", m.home->latitude_deg}, {"longitude", m.home->longitude_deg}});
    }
    v.number("bearing_deg", m.bearing_deg, {"out", "into the wind"});
    v.number("height_m", m.height_m, {"above home", "80"});
    v.number("climb_rate_mps", m.climb_rate_mps, {"up to it"});
    v.number("descent_rate_mps", m.descent_rate_mps, {"down from it"});
    v.number("height_ceiling_m", request.height_ceiling_m, {"your own limit above ground"});
    v.number("climb_angle_deg", m.climb_angle_deg,
             {"climbs at this angle of path in place of the rate", "by rate"});
    v.number("climb_throttle", m.climb_throttle,
             {"climbs on this throttle, 0 … 1, in place of the rate; wants `full_power_w`", "by rate"});
    const auto& home = m.home;
    v.list("waypoints", m.waypoints, {"places to fly over", "needed by route, visit, one-way", true},
           [&home](auto& inner, auto& point) {
               inner.text("name", point.name, {"of the place"});
               describe_place(inner, point.at, home);
               inner.number("height_m", point.height_m, {"above home there", "the mission's"});
               inner.number("loiter_s", point.loiter_s, {"circles there so long"});
               inner.flag("loiter_to_the_last", point.loiter_to_the_last,
                          {"circles there until it is time to go home; only the last place may"});
           });
    v.list("alternates", m.alternates, {"other landing places", "none", true}, [&home](auto& inner, auto& place) {
        inner.text("name", place.name, {"of the place"});
        describe_place(inner, place.at, home);
        inner.number("height_m", place.height_m, {"of the ground there above home"});
    });
    v.list("no_landing", m.no_landing, {"areas not to come down in", "none", true},
           [&home](auto& inner, auto& area) {
               inner.text("name", area.name, {"of the area"});
               describe_rings(inner, area.rings, home);
           });
    v.number("over_land_by_ah", m.over_land_by_ah,
             {"on the return leg, clear of those areas before so much is used", "before the reserve begins"});
    v.word("speed_out", m.speed_out, {"how the airspeed out is chosen"});
    v.word("speed_home", m.speed_home, {"and that home"});
    v.number("airspeed_mps", m.airspeed_mps, {"of `fixed`"});
    v.number("most_power_share", m.most_power_share, {"of `power-share`: of full power, 0 … 1"});
    v.number("farthest_m", m.farthest_m,
             {"out and back: turns there at the latest, from home", "as far as the rules allow"});
    v.number("loiter_radius_m", m.loiter_radius_m, {"of its circles: their bank costs", "wide circles"});
    v.number_or_null("turn_bank_deg", m.turn_bank_deg,
                     {"of turns at places and for home; `null`: they cost nothing"});
    v.number("landing_height_m", m.landing_height_m,
             {"above the field, where the landing begins", "10 (rotor), 30 (wing)"});
    v.number("landing_sink_mps", m.landing_sink_mps, {"sinks so fast from there"});
    v.number("clearance_m", m.clearance_m, {"kept above the ground"});
    v.text("terrain_file", m.terrain_file,
           {"elevation raster (GeoTIFF, HGT, ASCII grid), named as seen from the document", "flat ground"});
}

template <class Visitor, class Reserve>
void describe_reserve(Visitor& v, Reserve& reserve) {
    std::optional<double> share;
    std::optional<double> minutes;
    std::optional<double> factor;
    if constexpr (!Visitor::reads) {
        if (const auto* of_usable = std::get_if<mission::ShareOfUsable>(&reserve)) share = of_usable->share;
        if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve)) minutes = loiter->minutes;
        if (const auto* way = std::get_if<mission::FactorOnReturn>(&reserve)) factor = way->factor;
    }
    v.number_if_given("share_of_usable", share, {"one of three: of the usable energy, 0 … 1", "0.2"});
    v.number_if_given("loiter_min", minutes, {"or minutes of circling over home", "not by this"});
    v.number_if_given("home_factor", factor, {"or so many times the energy of the return", "not by this"});
    if constexpr (Visitor::reads) {
        if (int(share.has_value()) + int(minutes.has_value()) + int(factor.has_value()) > 1)
            v.document().fail(units::ErrorCode::values_conflict, "",
                              {{"fields", std::string("share_of_usable, loiter_min, home_factor")}});
        if (share) reserve = mission::ShareOfUsable{*share};
        if (minutes) reserve = mission::LoiterAtHome{*minutes};
        if (factor) reserve = mission::FactorOnReturn{*factor};
    }
}

template <class Visitor, class Turn>
void describe_turn(Visitor& v, Turn& turn) {
    // Published as schools; today's word is read as well, and one of them is enough.
    v.words("schools", "rules", turn.counted, {"or `rules`: the turn rules that count", "`energy-home`, `chance`"});
    v.number("share_left", turn.share_left, {"of the rule `share-left`: turns when so much is left, 0 … 1"});
    v.number("least_chance", turn.least_chance, {"of the rule `chance`: home with the reserve, 0 … 1"});
    v.number("landing_charge_ah", turn.landing_charge_ah,
             {"of the rule `charge-count`: lands at this charge", "the usable charge"});
}

template <class Visitor, class Link>
void describe_link(Visitor& v, Link& link) {
    v.required("frequency_mhz", link.frequency_mhz, {"carrier"});
    v.number("radiated_dbm", link.radiated_dbm, {"transmitter and both antennas, less cables"});
    v.number("least_signal_dbm", link.least_signal_dbm, {"signal that still flies"});
    v.number("measured_reach_m", link.measured_reach_m,
             {"where earlier flights would have met its end; goes before the budget above"});
    v.number("antenna_height_m", link.antenna_height_m, {"of the ground antenna above home"});
}

/// All of a plan, but for format and version.
template <class Visitor, class Request>
void describe_plan(Visitor& v, Request& request) {
    v.text("name", request.name, {"of the plan"});
    v.required_object("aircraft", request.aircraft, {"see [Aircraft](#aircraft)", "required"},
                      [](auto& inner, auto& aircraft) {
                          if constexpr (!std::decay_t<decltype(inner)>::lists) describe_aircraft(inner, aircraft);
                      });
    v.required_object("pack", request.pack, {"see [Pack](#pack)", "required"}, [](auto& inner, auto& pack) {
        if constexpr (!std::decay_t<decltype(inner)>::lists) describe_pack(inner, pack);
    });
    if constexpr (Visitor::reads) take_cruise_current(v.document(), request);
    v.object("weather", request.weather, {"", ""}, [](auto& inner, auto& w) { describe_weather(inner, w); });
    if constexpr (Visitor::reads) {
        // Where no bearing is given the flight goes out into the wind: the return is then the easy one.
        request.mission.bearing_deg = mission::spoken_wind(request).from_deg;
    }
    v.object("mission", request, {"", ""}, [](auto& inner, auto& whole) { describe_mission(inner, whole); });
    v.object("reserve", request.reserve, {"kept back", ""},
             [](auto& inner, auto& reserve) { describe_reserve(inner, reserve); });
    v.object("landing", request, {"", ""}, [](auto& inner, auto& whole) {
        inner.number("cell_voltage_v", whole.landing_cell_v, {"under cruise load", "LiPo 3.5, Li-ion 2.8"});
    });
    v.object("turn", request.turn, {"", ""}, [](auto& inner, auto& turn) { describe_turn(inner, turn); });
    v.object("ground", request.ground, {"how long things on the ground last", ""}, [](auto& inner, auto& ground) {
        inner.number("recorder_min", ground.recorder_min, {"recorder's card"});
        inner.number("goggles_min", ground.goggles_min, {"goggles' battery"});
        inner.number("radio_min", ground.radio_min, {"radio's battery"});
        inner.number("station_min", ground.station_min, {"ground station's battery"});
    });
    v.object("supply", request.supply, {"", ""}, [](auto& inner, auto& supply) {
        inner.number("least_pack_v", supply.least_pack_v, {"volts that video and servos want"});
        inner.number("controller_cutoff_cell_v", supply.controller_cutoff_cell_v,
                     {"where the controller cuts, a cell; 0: off"});
    });
    const double cruise_mps = request.aircraft.cruise_airspeed_mps;
    v.object("failsafe", request.failsafe, {"the aircraft's own return", "unknown", true},
             [cruise_mps](auto& inner, auto& failsafe) {
                 if constexpr (Visitor::reads)
                     failsafe.airspeed_mps = cruise_mps;
                 else
                     static_cast<void>(cruise_mps);
                 inner.number("height_m", failsafe.height_m, {"above home"});
                 inner.number("airspeed_mps", failsafe.airspeed_mps, {"of that return", "known cruise"});
                 inner.number("throttle", failsafe.throttle,
                              {"0 … 1, in place of a speed; wants `full_power_w`", "by speed"});
             });
    v.object("sun", request.sun, {"of a flight on the sun", "unknown", true}, [](auto& inner, auto& sun) {
        inner.moment("start_utc", sun.start_utc_s, {"launch, such as `2026-06-21T10:30Z`"});
        inner.number("cloud_okta", sun.cloud_okta, {"cloud in eighths"});
        inner.flag("counted", sun.counted, {"the turn counts what the sun will still give"});
    });
    v.object("link", request.link, {"of control", "unknown", true},
             [](auto& inner, auto& link) { describe_link(inner, link); });
    v.object("video_link", request.video_link, {"of video, with limits of its own", "unknown", true},
             [](auto& inner, auto& link) { describe_link(inner, link); });
}

} // namespace sobremesa::io
