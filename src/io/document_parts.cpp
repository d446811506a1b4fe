#include "io/document_parts.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/mission/wind_rows.hpp"
#include "io/aircraft_fields.hpp"
#include "io/calendar.hpp"
#include "io/pack_fields.hpp"

namespace sobremesa::io {

using mission::PlanRequest;
using nlohmann::json;
using units::ErrorCode;

namespace {

constexpr double default_height_m = 80.0;

/// Reads each object of an array, if there is one.
template <class Read>
void each_entry(DocumentReader& in, const char* key, const Read& read) {
    const json* list = in.array(key);
    if (!list) return;
    for (std::size_t i = 0; i < list->size(); ++i) {
        DocumentReader reader((*list)[i], in.file(), in.path_of(indexed(key, i)));
        read(reader);
        in.adopt(reader);
    }
}

void read_weather(DocumentReader& in, mission::Weather& weather) {
    weather.wind.speed_mps = in.number_or("wind_mps", weather.wind.speed_mps);
    weather.wind.from_deg = in.number_or("wind_from_deg", weather.wind.from_deg);
    weather.wind_height_m = in.number("wind_height_m");
    weather.wind_sd_mps = in.number_or("wind_sd_mps", weather.wind_sd_mps);
    weather.home_wind_factor = in.number_or("home_wind_factor", weather.home_wind_factor);
    weather.gust_mps = in.number("gust_mps");
    weather.temperature_c = in.number_or("temperature_c", weather.temperature_c);
    weather.field_elevation_m = in.number_or("field_elevation_m", weather.field_elevation_m);
    weather.wind_exponent = in.number_or("wind_exponent", weather.wind_exponent);
    weather.wind_growth_mps_per_h = in.number_or("wind_growth_mps_per_h", weather.wind_growth_mps_per_h);
    weather.wind_from_sd_deg = in.number_or("wind_from_sd_deg", weather.wind_from_sd_deg);
    weather.pressure_pa = in.number("pressure_pa");
    weather.relative_humidity = in.number("relative_humidity");
    each_entry(in, "wind_table", [&](DocumentReader& row) {
        weather.wind_table.push_back({row.required_number("height_m"),
                                      {row.required_number("wind_mps"), row.required_number("wind_from_deg")}});
    });
}

/// A place: metres from home, or degrees where home is given.
geodesy::EastNorth read_place(DocumentReader& in, const std::optional<geodesy::Position>& home) {
    if (in.has("east_m") || in.has("north_m")) return {in.required_number("east_m"), in.required_number("north_m")};
    const geodesy::Position at{in.required_number("latitude_deg"), in.required_number("longitude_deg")};
    if (in.error()) return {};
    if (!home) {
        in.fail(ErrorCode::value_missing, "east_m");
        return {};
    }
    const auto frame = geodesy::LocalFrame::around(*home);
    if (!frame || !geodesy::is_possible(at)) {
        in.fail(ErrorCode::position_impossible, "latitude_deg",
                {{"latitude", at.latitude_deg}, {"longitude", at.longitude_deg}});
        return {};
    }
    return frame->forward(at);
}

json place_to_json(const geodesy::EastNorth& at) {
    return {{"east_m", at.east_m}, {"north_m", at.north_m}};
}

mission::SpeedRule read_speed_rule(DocumentReader& in, const char* key) {
    const std::string word = in.text(key).value_or("known-cruise");
    const auto rule = mission::speed_rule_from_word(word);
    if (!rule) in.fail_word(key, word, "known-cruise, best-range, fixed, power-share");
    return rule.value_or(mission::SpeedRule::known_cruise);
}

void read_mission(DocumentReader& in, PlanRequest& request) {
    mission::Mission& mission = request.mission;
    const std::string word = in.text("kind").value_or("out-and-back");
    if (const auto kind = mission::mission_from_word(word))
        mission.kind = *kind;
    else
        in.fail_word("kind", word, "out-and-back, farthest-point, endurance, route, visit, one-way, on-sun");
    mission.bearing_deg = in.number_or("bearing_deg", mission.bearing_deg);
    mission.height_m = in.number_or("height_m", mission.height_m);
    mission.climb_rate_mps = in.number_or("climb_rate_mps", mission.climb_rate_mps);
    mission.descent_rate_mps = in.number_or("descent_rate_mps", mission.descent_rate_mps);
    request.height_ceiling_m = in.number_or("height_ceiling_m", request.height_ceiling_m);
    mission.climb_angle_deg = in.number("climb_angle_deg");
    mission.climb_throttle = in.number("climb_throttle");
    mission.speed_out = read_speed_rule(in, "speed_out");
    mission.speed_home = read_speed_rule(in, "speed_home");
    mission.airspeed_mps = in.number("airspeed_mps");
    mission.most_power_share = in.number_or("most_power_share", mission.most_power_share);
    mission.farthest_m = in.number("farthest_m");
    mission.loiter_radius_m = in.number("loiter_radius_m");
    // Left out, turns cost what usual ones do; null, nothing.
    const auto bank = in.number("turn_bank_deg");
    if (bank || in.is_null("turn_bank_deg")) mission.turn_bank_deg = bank;
    mission.landing_height_m = in.number("landing_height_m");
    mission.landing_sink_mps = in.number_or("landing_sink_mps", mission.landing_sink_mps);
    mission.clearance_m = in.number_or("clearance_m", mission.clearance_m);
    mission.terrain_file = in.text("terrain_file").value_or("");
    if (const json* home = in.object("home")) {
        DocumentReader at(*home, in.file(), in.path_of("home"));
        mission.home = geodesy::Position{at.required_number("latitude_deg"), at.required_number("longitude_deg")};
        in.adopt(at);
        if (!at.error() && !geodesy::is_possible(*mission.home))
            in.fail(ErrorCode::position_impossible, "home",
                    {{"latitude", mission.home->latitude_deg}, {"longitude", mission.home->longitude_deg}});
    }
    each_entry(in, "waypoints", [&](DocumentReader& entry) {
        mission::Waypoint point;
        point.name = entry.text("name").value_or("");
        point.at = read_place(entry, mission.home);
        point.height_m = entry.number("height_m");
        point.loiter_s = entry.number_or("loiter_s", 0.0);
        point.loiter_to_the_last = entry.flag("loiter_to_the_last").value_or(false);
        mission.waypoints.push_back(std::move(point));
    });
    each_entry(in, "alternates", [&](DocumentReader& entry) {
        mission::Alternate place;
        place.name = entry.text("name").value_or("");
        place.at = read_place(entry, mission.home);
        place.height_m = entry.number_or("height_m", 0.0);
        mission.alternates.push_back(std::move(place));
    });
}

void read_failsafe(DocumentReader& in, PlanRequest& request) {
    mission::FailsafeReturn failsafe;
    failsafe.height_m = in.number_or("height_m", failsafe.height_m);
    failsafe.airspeed_mps = in.number_or("airspeed_mps", request.aircraft.cruise_airspeed_mps);
    failsafe.throttle = in.number("throttle");
    request.failsafe = failsafe;
}

void read_sun(DocumentReader& in, PlanRequest& request) {
    mission::SunStart sun;
    if (const auto start = in.text("start_utc")) {
        if (const auto utc_s = moment_utc_s(*start))
            sun.start_utc_s = *utc_s;
        else
            in.fail_word("start_utc", *start, "YYYY-MM-DDTHH:MMZ");
    }
    sun.cloud_okta = in.number_or("cloud_okta", sun.cloud_okta);
    sun.counted = in.flag("counted").value_or(sun.counted);
    request.sun = sun;
}

void read_link(DocumentReader& in, PlanRequest& request) {
    mission::Link link;
    link.frequency_mhz = in.required_number("frequency_mhz");
    link.radiated_dbm = in.number("radiated_dbm");
    link.least_signal_dbm = in.number("least_signal_dbm");
    link.measured_reach_m = in.number("measured_reach_m");
    link.antenna_height_m = in.number_or("antenna_height_m", link.antenna_height_m);
    request.link = link;
}

json mission_to_json(const PlanRequest& request) {
    const auto& mission = request.mission;
    json waypoints = json::array();
    for (const auto& point : mission.waypoints) {
        json entry = place_to_json(point.at);
        entry["name"] = point.name;
        entry["height_m"] = optional_value(point.height_m);
        entry["loiter_s"] = point.loiter_s;
        entry["loiter_to_the_last"] = point.loiter_to_the_last;
        waypoints.push_back(std::move(entry));
    }
    json alternates = json::array();
    for (const auto& place : mission.alternates) {
        json entry = place_to_json(place.at);
        entry["name"] = place.name;
        entry["height_m"] = place.height_m;
        alternates.push_back(std::move(entry));
    }
    json home = nullptr;
    if (mission.home)
        home = {{"latitude_deg", mission.home->latitude_deg}, {"longitude_deg", mission.home->longitude_deg}};
    return {{"kind", mission::mission_word(mission.kind)},
            {"bearing_deg", mission.bearing_deg},
            {"height_m", mission.height_m},
            {"climb_rate_mps", mission.climb_rate_mps},
            {"descent_rate_mps", mission.descent_rate_mps},
            {"height_ceiling_m", request.height_ceiling_m},
            {"climb_angle_deg", optional_value(mission.climb_angle_deg)},
            {"climb_throttle", optional_value(mission.climb_throttle)},
            {"waypoints", waypoints},
            {"alternates", alternates},
            {"speed_out", mission::speed_rule_word(mission.speed_out)},
            {"speed_home", mission::speed_rule_word(mission.speed_home)},
            {"airspeed_mps", optional_value(mission.airspeed_mps)},
            {"most_power_share", mission.most_power_share},
            {"farthest_m", optional_value(mission.farthest_m)},
            {"loiter_radius_m", optional_value(mission.loiter_radius_m)},
            {"turn_bank_deg", optional_value(mission.turn_bank_deg)},
            {"landing_height_m", optional_value(mission.landing_height_m)},
            {"landing_sink_mps", mission.landing_sink_mps},
            {"clearance_m", mission.clearance_m},
            {"home", home},
            {"terrain_file", mission.terrain_file}};
}

void read_reserve(DocumentReader& in, mission::Reserve& reserve) {
    const auto share = in.number("share_of_usable");
    const auto minutes = in.number("loiter_min");
    const auto factor = in.number("home_factor");
    if (int(share.has_value()) + int(minutes.has_value()) + int(factor.has_value()) > 1) {
        in.fail(ErrorCode::values_conflict, "",
                {{"fields", std::string("share_of_usable, loiter_min, home_factor")}});
    }
    if (share) reserve = mission::ShareOfUsable{*share};
    if (minutes) reserve = mission::LoiterAtHome{*minutes};
    if (factor) reserve = mission::FactorOnReturn{*factor};
}

void read_turn(DocumentReader& in, mission::TurnRules& turn) {
    turn.share_left = in.number_or("share_left", turn.share_left);
    turn.landing_charge_ah = in.number("landing_charge_ah");
    turn.least_chance = in.number_or("least_chance", turn.least_chance);
    // Published as schools; today's word is read as well, and one of them is enough.
    const char* key = in.has("rules") ? "rules" : "schools";
    if (in.has("rules") && in.has("schools"))
        in.fail(ErrorCode::values_conflict, "", {{"fields", std::string("rules, schools")}});
    const json* turn_rules = in.array(key);
    if (!turn_rules) return;
    turn.counted.clear();
    for (const json& entry : *turn_rules) {
        const std::string word = entry.is_string() ? entry.get<std::string>() : entry.dump();
        if (const auto turn_rule = mission::turn_rule_from_word(word))
            turn.counted.push_back(*turn_rule);
        else
            in.fail_word(key, word, "energy-home, share-left, eighty-percent, charge-count, voltage, chance");
    }
    if (turn.counted.empty()) in.fail(ErrorCode::value_missing, key);
}

json reserve_to_json(const mission::Reserve& reserve) {
    if (const auto* share = std::get_if<mission::ShareOfUsable>(&reserve)) {
        return {{"share_of_usable", share->share}};
    }
    if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve)) return {{"loiter_min", loiter->minutes}};
    return {{"home_factor", std::get<mission::FactorOnReturn>(reserve).factor}};
}

} // namespace

json optional_value(const std::optional<double>& value) {
    return value ? json(*value) : json(nullptr);
}

void read_aircraft(DocumentReader& in, airframe::Aircraft& aircraft) {
    FieldReader reader(in);
    describe_aircraft(reader, aircraft);
}

void read_pack(DocumentReader& in, battery::Pack& pack) {
    FieldReader reader(in);
    describe_pack(reader, pack);
}

json aircraft_to_json(const airframe::Aircraft& aircraft) {
    return FieldWriter::written(aircraft, [](auto& v, const auto& a) { describe_aircraft(v, a); });
}

json pack_to_json(const battery::Pack& pack) {
    return FieldWriter::written(pack, [](auto& v, const auto& p) { describe_pack(v, p); });
}

Parts::Parts(const json& document, const std::string& file) : root_(document, file, ""), file_(file) {}

void Parts::part(const char* key, bool required, const std::function<void(DocumentReader&)>& read) {
    static const json nothing = json::object();
    const json* object = root_.object(key);
    if (!object && required && !root_.has(key)) root_.fail(ErrorCode::value_missing, key);
    DocumentReader reader(object ? *object : nothing, file_, key);
    if (object || !required) read(reader);
    if (!error && root_.error()) error = root_.error();
    if (!error && reader.error()) error = reader.error();
    const auto unknown = reader.unknown_keys();
    diagnostics.insert(diagnostics.end(), unknown.begin(), unknown.end());
}

json request_to_json(const PlanRequest& request) {
    const auto& weather = request.weather;
    json turn_rules = json::array();
    for (const auto turn_rule : request.turn.counted) turn_rules.push_back(mission::turn_rule_word(turn_rule));
    json winds = json::array();
    for (const auto& row : weather.wind_table)
        winds.push_back(
            {{"height_m", row.height_m}, {"wind_mps", row.wind.speed_mps}, {"wind_from_deg", row.wind.from_deg}});
    json failsafe = nullptr;
    if (const auto& f = request.failsafe) {
        failsafe = {{"height_m", f->height_m},
                    {"airspeed_mps", f->airspeed_mps},
                    {"throttle", optional_value(f->throttle)}};
    }
    json link = nullptr;
    if (const auto& l = request.link) {
        link = {{"frequency_mhz", l->frequency_mhz},
                {"radiated_dbm", optional_value(l->radiated_dbm)},
                {"least_signal_dbm", optional_value(l->least_signal_dbm)},
                {"measured_reach_m", optional_value(l->measured_reach_m)},
                {"antenna_height_m", l->antenna_height_m}};
    }
    json sun = nullptr;
    if (const auto& s = request.sun) {
        sun = {{"start_utc", s->start_utc_s ? json(moment_text(*s->start_utc_s)) : json(nullptr)},
               {"cloud_okta", s->cloud_okta},
               {"counted", s->counted}};
    }
    return {{"name", request.name},
            {"sun", sun},
            {"aircraft", aircraft_to_json(request.aircraft)},
            {"pack", pack_to_json(request.pack)},
            {"weather",
             {{"wind_mps", weather.wind.speed_mps},
              {"wind_from_deg", weather.wind.from_deg},
              {"wind_height_m", optional_value(weather.wind_height_m)},
              {"wind_sd_mps", weather.wind_sd_mps},
              {"home_wind_factor", weather.home_wind_factor},
              {"gust_mps", optional_value(weather.gust_mps)},
              {"temperature_c", weather.temperature_c},
              {"field_elevation_m", weather.field_elevation_m},
              {"wind_exponent", weather.wind_exponent},
              {"wind_table", winds},
              {"wind_growth_mps_per_h", weather.wind_growth_mps_per_h},
              {"wind_from_sd_deg", weather.wind_from_sd_deg},
              {"pressure_pa", optional_value(weather.pressure_pa)},
              {"relative_humidity", optional_value(weather.relative_humidity)}}},
            {"mission", mission_to_json(request)},
            {"reserve", reserve_to_json(request.reserve)},
            {"landing", {{"cell_voltage_v", optional_value(request.landing_cell_v)}}},
            {"turn",
             {{"schools", turn_rules},
              {"share_left", request.turn.share_left},
              {"least_chance", request.turn.least_chance},
              {"landing_charge_ah", optional_value(request.turn.landing_charge_ah)}}},
            {"failsafe", failsafe},
            {"link", link},
            {"ground",
             {{"recorder_min", optional_value(request.ground.recorder_min)},
              {"goggles_min", optional_value(request.ground.goggles_min)},
              {"radio_min", optional_value(request.ground.radio_min)},
              {"station_min", optional_value(request.ground.station_min)}}},
            {"supply",
             {{"least_pack_v", optional_value(request.supply.least_pack_v)},
              {"controller_cutoff_cell_v", optional_value(request.supply.controller_cutoff_cell_v)}}}};
}

units::Result<PlanRequest> read_request(Parts& parts, const std::string& file) {
    PlanRequest request;
    request.mission.height_m = default_height_m;
    request.name = parts.root().text("name").value_or("");
    parts.part("aircraft", true, [&](DocumentReader& in) { read_aircraft(in, request.aircraft); });
    parts.part("pack", true, [&](DocumentReader& in) { read_pack(in, request.pack); });
    parts.part("weather", false, [&](DocumentReader& in) { read_weather(in, request.weather); });
    // Where no bearing is given the flight goes out into the wind: the return is then the easy one.
    request.mission.bearing_deg = mission::spoken_wind(request).from_deg;
    parts.part("mission", false, [&](DocumentReader& in) { read_mission(in, request); });
    parts.part("reserve", false, [&](DocumentReader& in) { read_reserve(in, request.reserve); });
    parts.part("landing", false, [&](DocumentReader& in) { request.landing_cell_v = in.number("cell_voltage_v"); });
    parts.part("turn", false, [&](DocumentReader& in) { read_turn(in, request.turn); });
    parts.part("ground", false, [&](DocumentReader& in) {
        request.ground = {in.number("recorder_min"), in.number("goggles_min"), in.number("radio_min"),
                          in.number("station_min")};
    });
    parts.part("supply", false, [&](DocumentReader& in) {
        request.supply = {in.number("least_pack_v"), in.number("controller_cutoff_cell_v")};
    });
    // Not there is not known: these have no defaults.
    const auto where_given = [&](const char* key, const auto& read) {
        if (parts.root().has(key))
            parts.part(key, true, read);
        else
            parts.root().allow({key});
    };
    where_given("failsafe", [&](DocumentReader& in) { read_failsafe(in, request); });
    where_given("sun", [&](DocumentReader& in) { read_sun(in, request); });
    where_given("link", [&](DocumentReader& in) { read_link(in, request); });
    if (parts.error) return tl::unexpected(*parts.error);
    auto valid = mission::validate(request);
    if (!valid) {
        units::Error error = valid.error();
        error.where.file = file;
        return tl::unexpected(error);
    }
    return valid;
}

} // namespace sobremesa::io
