#include "io/document_parts.hpp"

#include <algorithm>
#include <array>

#include <cmath>

namespace sobremesa::io {

using mission::PlanRequest;
using nlohmann::json;
using units::ErrorCode;
using units::NoticeCode;
using units::Severity;

namespace {

constexpr double default_height_m = 80.0;

int whole_number(DocumentReader& in, const char* key) {
    const double value = in.required_number(key);
    if (!(std::abs(value) < 1e6) || value != std::floor(value)) {
        in.fail(ErrorCode::json_wrong_type, key, {{"wanted", std::string("whole number")}});
        return 1;
    }
    return int(value);
}

void read_rate_table(DocumentReader& in, battery::Pack& pack, const std::string& file) {
    const json* table = in.array("rate_table");
    pack.rate_table_cutoff_v = in.number("rate_table_cutoff_v");
    if (!table) return;
    for (const json& entry : *table) {
        DocumentReader point(entry, file, "pack.rate_table");
        pack.rate_table.push_back({point.required_number("current_a"), point.required_number("charge_ah")});
        if (point.error()) in.fail(point.error()->code, "rate_table", point.error()->parameters);
    }
}

void read_weather(DocumentReader& in, mission::Weather& weather, std::vector<units::Notice>& notices) {
    weather.wind.speed_mps = in.number_or("wind_mps", weather.wind.speed_mps);
    weather.wind.from_deg = in.number_or("wind_from_deg", weather.wind.from_deg);
    weather.wind_height_m = in.number("wind_height_m");
    weather.wind_sd_mps = in.number_or("wind_sd_mps", weather.wind_sd_mps);
    weather.home_wind_factor = in.number_or("home_wind_factor", weather.home_wind_factor);
    weather.gust_mps = in.number_or("gust_mps", weather.gust_mps);
    weather.temperature_c = in.number_or("temperature_c", weather.temperature_c);
    weather.field_elevation_m = in.number_or("field_elevation_m", weather.field_elevation_m);
    if (weather.gust_mps > 0.0) {
        notices.push_back(
            {NoticeCode::value_not_used_yet, Severity::note, {{"field", std::string("weather.gust_mps")}}});
    }
}

void read_mission(DocumentReader& in, PlanRequest& request) {
    const std::string kind = in.text("kind").value_or("out-and-back");
    if (kind != "out-and-back") in.fail_word("kind", kind, "out-and-back");
    mission::OutAndBack& mission = request.mission;
    mission.bearing_deg = in.number_or("bearing_deg", mission.bearing_deg);
    mission.height_m = in.number_or("height_m", mission.height_m);
    mission.climb_rate_mps = in.number_or("climb_rate_mps", mission.climb_rate_mps);
    mission.descent_rate_mps = in.number_or("descent_rate_mps", mission.descent_rate_mps);
    request.height_ceiling_m = in.number_or("height_ceiling_m", request.height_ceiling_m);
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
    if (factor) reserve = mission::FactorOnWayHome{*factor};
}

void read_turn(DocumentReader& in, mission::TurnRules& turn) {
    turn.share_left = in.number_or("share_left", turn.share_left);
    turn.landing_charge_ah = in.number("landing_charge_ah");
    const json* schools = in.array("schools");
    if (!schools) return;
    turn.counted.clear();
    for (const json& entry : *schools) {
        const std::string word = entry.is_string() ? entry.get<std::string>() : entry.dump();
        if (const auto school = mission::school_from_word(word))
            turn.counted.push_back(*school);
        else
            in.fail_word("schools", word, "energy-home, share-left, eighty-percent, charge-count, voltage, chance");
    }
    if (turn.counted.empty()) in.fail(ErrorCode::value_missing, "schools");
}

json reserve_to_json(const mission::Reserve& reserve) {
    if (const auto* share = std::get_if<mission::ShareOfUsable>(&reserve)) {
        return {{"share_of_usable", share->share}};
    }
    if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve)) return {{"loiter_min", loiter->minutes}};
    return {{"home_factor", std::get<mission::FactorOnWayHome>(reserve).factor}};
}

} // namespace

json optional_value(const std::optional<double>& value) {
    return value ? json(*value) : json(nullptr);
}

namespace {

/// Numbers of an array of exactly that length.
template <std::size_t N>
bool read_numbers(DocumentReader& in, const char* key, std::array<double, N>& numbers) {
    const json* list = in.array(key);
    if (!list || list->size() != N) {
        in.fail(ErrorCode::value_missing, key);
        return false;
    }
    for (std::size_t i = 0; i < N; ++i) {
        if (!(*list)[i].is_number()) {
            in.fail(ErrorCode::json_wrong_type, key, {{"wanted", std::string("numbers")}});
            return false;
        }
        numbers[i] = (*list)[i].get<double>();
    }
    return true;
}

void read_curve(DocumentReader& in, const json& object, airframe::Aircraft& aircraft) {
    DocumentReader from(object, "", "aircraft.curve");
    airframe::PowerCurve curve;
    curve.craft = aircraft.craft;
    curve.reference_mass_kg = from.required_number("reference_mass_kg");
    curve.reference_airspeed_mps = from.required_number("reference_airspeed_mps");
    curve.disc_area_m2 = from.number_or("disc_area_m2", 0.0);
    read_numbers(from, "part_w", curve.part_w);
    read_numbers(from, "covariance", curve.covariance);
    curve.electronics_w = from.number_or("electronics_w", 0.0);
    curve.scatter = from.number_or("scatter", curve.scatter);
    curve.least_flown_mps = from.required_number("least_flown_mps");
    curve.most_flown_mps = from.required_number("most_flown_mps");
    curve.flights = int(from.number_or("flights", 0.0));
    curve.level_s = from.number_or("level_s", 0.0);
    curve.learned_utc = from.text("learned_utc").value_or("");
    const bool whole = curve.reference_mass_kg > 0.0 && curve.reference_airspeed_mps > 0.0 &&
                       std::all_of(curve.part_w.begin(), curve.part_w.end(), [](double w) { return w >= 0.0; }) &&
                       (curve.craft == airframe::Craft::wing || curve.disc_area_m2 > 0.0);
    if (from.error())
        in.fail(from.error()->code, "curve", from.error()->parameters);
    else if (!whole)
        in.fail(ErrorCode::value_missing, "curve");
    else
        aircraft.curve = curve;
}

json curve_to_json(const airframe::PowerCurve& curve) {
    return {{"reference_mass_kg", curve.reference_mass_kg},
            {"reference_airspeed_mps", curve.reference_airspeed_mps},
            {"disc_area_m2", curve.disc_area_m2},
            {"part_w", curve.part_w},
            {"covariance", curve.covariance},
            {"electronics_w", curve.electronics_w},
            {"scatter", curve.scatter},
            {"least_flown_mps", curve.least_flown_mps},
            {"most_flown_mps", curve.most_flown_mps},
            {"flights", curve.flights},
            {"level_s", curve.level_s},
            {"learned_utc", curve.learned_utc}};
}

} // namespace

void read_aircraft(DocumentReader& in, airframe::Aircraft& aircraft) {
    aircraft.name = in.text("name").value_or("");
    const std::string kind = in.text("kind").value_or("point");
    if (kind != "point") in.fail_word("kind", kind, "point");
    const std::string craft = in.text("craft").value_or("rotor");
    if (craft != "rotor" && craft != "wing") in.fail_word("craft", craft, "rotor, wing");
    aircraft.craft = craft == "wing" ? airframe::Craft::wing : airframe::Craft::rotor;
    aircraft.mass_kg = in.required_number("mass_kg");
    aircraft.cruise_airspeed_mps = in.required_number("cruise_airspeed_mps");
    aircraft.cruise_power_w = in.required_number("cruise_power_w");
    aircraft.cruise_all_up_mass_kg = in.number("cruise_all_up_mass_kg");
    aircraft.cruise_density_kgm3 = in.number("cruise_density_kgm3");
    aircraft.electronics_w = in.number("electronics_w");
    if (const json* parts = in.array("electronics")) {
        for (const json& entry : *parts) {
            DocumentReader part(entry, "", "aircraft.electronics");
            aircraft.electronics.push_back({part.text("name").value_or(""), part.required_number("power_w")});
            if (part.error()) in.fail(part.error()->code, "electronics", part.error()->parameters);
        }
    }
    aircraft.controller_current_a = in.number("controller_current_a");
    aircraft.failsafe_signal_dbm = in.number("failsafe_signal_dbm");
    aircraft.failsafe_link_share = in.number("failsafe_link_share");
    aircraft.full_power_w = in.number("full_power_w");
    aircraft.most_pack_mass_kg = in.number("most_pack_mass_kg");
    aircraft.bay_length_m = in.number("bay_length_m");
    aircraft.bay_width_m = in.number("bay_width_m");
    aircraft.bay_height_m = in.number("bay_height_m");
    if (const json* wing = in.object("wing")) {
        DocumentReader form(*wing, "", "aircraft.wing");
        aircraft.wing = {form.number("area_m2"), form.number("span_m"), form.number("cl_max")};
        if (form.error()) in.fail(form.error()->code, "wing", form.error()->parameters);
    }
    if (const json* rotor = in.object("rotor")) {
        DocumentReader form(*rotor, "", "aircraft.rotor");
        aircraft.rotor = {form.number("rotors"), form.number("propeller_diameter_m")};
        if (form.error()) in.fail(form.error()->code, "rotor", form.error()->parameters);
    }
    if (const json* curve = in.object("curve")) read_curve(in, *curve, aircraft);
}

void read_pack(DocumentReader& in, battery::Pack& pack, const std::string& file) {
    pack.name = in.text("name").value_or("");
    if (const auto word = in.text("chemistry")) {
        if (const auto chemistry = battery::chemistry_from_word(*word))
            pack.chemistry = *chemistry;
        else
            in.fail_word("chemistry", *word, "lipo, lipo-hv, li-ion");
    } else if (!in.has("chemistry")) {
        in.fail(ErrorCode::value_missing, "chemistry");
    }
    pack.series = whole_number(in, "series");
    pack.parallel = in.has("parallel") ? whole_number(in, "parallel") : 1;
    pack.cell_capacity_ah = in.required_number("cell_capacity_ah");
    pack.mass_kg = in.required_number("mass_kg");
    pack.cell_resistance_ohm = in.number("cell_resistance_ohm");
    pack.lead_resistance_ohm = in.number_or("lead_resistance_ohm", pack.lead_resistance_ohm);
    pack.capacity_factor = in.number_or("capacity_factor", pack.capacity_factor);
    pack.resistance_factor = in.number_or("resistance_factor", pack.resistance_factor);
    pack.start_temperature_c = in.number("start_temperature_c");
    pack.start_cell_v = in.number("start_cell_v");
    pack.weakest_cell_below_v = in.number("weakest_cell_below_v");
    pack.rated_current_a = in.number("rated_current_a");
    pack.measured_cell_ohm = in.number("measured_cell_ohm");
    pack.price = in.number("price");
    if (const auto word = in.text("construction")) {
        pack.construction = battery::construction_from_word(*word);
        if (!pack.construction) in.fail_word("construction", *word, "high-capacity, high-drain");
    }
    if (const auto word = in.text("current_label")) {
        if (const auto label = battery::current_label_from_word(*word))
            pack.current_label = *label;
        else
            in.fail_word("current_label", *word, "none, cell-maker, pack-c, burst-c");
    }
    if (const json* size = in.object("size")) {
        DocumentReader sides(*size, file, "pack.size");
        pack.size = battery::Size{sides.required_number("length_m"), sides.required_number("width_m"),
                                  sides.required_number("height_m")};
        if (sides.error()) in.fail(sides.error()->code, "size", sides.error()->parameters);
    }
    read_rate_table(in, pack, file);
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
    notices.insert(notices.end(), unknown.begin(), unknown.end());
}

json pack_to_json(const battery::Pack& pack) {
    json out = {
        {"name", pack.name},
        {"chemistry", battery::chemistry_word(pack.chemistry)},
        {"series", pack.series},
        {"parallel", pack.parallel},
        {"cell_capacity_ah", pack.cell_capacity_ah},
        {"cell_resistance_ohm", optional_value(pack.cell_resistance_ohm)},
        {"lead_resistance_ohm", pack.lead_resistance_ohm},
        {"mass_kg", pack.mass_kg},
        {"capacity_factor", pack.capacity_factor},
        {"resistance_factor", pack.resistance_factor},
        {"start_temperature_c", optional_value(pack.start_temperature_c)},
        {"start_cell_v", optional_value(pack.start_cell_v)},
        {"weakest_cell_below_v", optional_value(pack.weakest_cell_below_v)},
        {"rated_current_a", optional_value(pack.rated_current_a)},
        {"current_label", battery::current_label_word(pack.current_label)},
        {"measured_cell_ohm", optional_value(pack.measured_cell_ohm)},
        {"construction", pack.construction ? json(battery::construction_word(*pack.construction)) : json(nullptr)},
        {"price", optional_value(pack.price)}};
    if (pack.size) {
        out["size"] = {
            {"length_m", pack.size->length_m}, {"width_m", pack.size->width_m}, {"height_m", pack.size->height_m}};
    }
    if (!pack.rate_table.empty()) {
        for (const auto& point : pack.rate_table) {
            out["rate_table"].push_back({{"current_a", point.current_a}, {"charge_ah", point.charge_ah}});
        }
        out["rate_table_cutoff_v"] = optional_value(pack.rate_table_cutoff_v);
    }
    return out;
}

json aircraft_to_json(const airframe::Aircraft& aircraft) {
    json parts = json::array();
    for (const auto& part : aircraft.electronics) parts.push_back({{"name", part.name}, {"power_w", part.power_w}});
    return {{"name", aircraft.name},
            {"kind", "point"},
            {"craft", aircraft.craft == airframe::Craft::wing ? "wing" : "rotor"},
            {"mass_kg", aircraft.mass_kg},
            {"cruise_airspeed_mps", aircraft.cruise_airspeed_mps},
            {"cruise_power_w", aircraft.cruise_power_w},
            {"cruise_all_up_mass_kg", optional_value(aircraft.cruise_all_up_mass_kg)},
            {"cruise_density_kgm3", optional_value(aircraft.cruise_density_kgm3)},
            {"electronics_w", optional_value(aircraft.electronics_w)},
            {"electronics", parts},
            {"full_power_w", optional_value(aircraft.full_power_w)},
            {"controller_current_a", optional_value(aircraft.controller_current_a)},
            {"failsafe_signal_dbm", optional_value(aircraft.failsafe_signal_dbm)},
            {"failsafe_link_share", optional_value(aircraft.failsafe_link_share)},
            {"most_pack_mass_kg", optional_value(aircraft.most_pack_mass_kg)},
            {"bay_length_m", optional_value(aircraft.bay_length_m)},
            {"bay_width_m", optional_value(aircraft.bay_width_m)},
            {"bay_height_m", optional_value(aircraft.bay_height_m)},
            {"wing",
             {{"area_m2", optional_value(aircraft.wing.area_m2)},
              {"span_m", optional_value(aircraft.wing.span_m)},
              {"cl_max", optional_value(aircraft.wing.cl_max)}}},
            {"rotor",
             {{"rotors", optional_value(aircraft.rotor.rotors)},
              {"propeller_diameter_m", optional_value(aircraft.rotor.propeller_diameter_m)}}},
            {"curve", aircraft.curve ? curve_to_json(*aircraft.curve) : json(nullptr)}};
}

json request_to_json(const PlanRequest& request) {
    const auto& weather = request.weather;
    json schools = json::array();
    for (const auto school : request.turn.counted) schools.push_back(mission::school_word(school));
    return {{"name", request.name},
            {"aircraft", aircraft_to_json(request.aircraft)},
            {"pack", pack_to_json(request.pack)},
            {"weather",
             {{"wind_mps", weather.wind.speed_mps},
              {"wind_from_deg", weather.wind.from_deg},
              {"wind_height_m", optional_value(weather.wind_height_m)},
              {"wind_sd_mps", weather.wind_sd_mps},
              {"home_wind_factor", weather.home_wind_factor},
              {"gust_mps", weather.gust_mps},
              {"temperature_c", weather.temperature_c},
              {"field_elevation_m", weather.field_elevation_m}}},
            {"mission",
             {{"kind", "out-and-back"},
              {"bearing_deg", request.mission.bearing_deg},
              {"height_m", request.mission.height_m},
              {"climb_rate_mps", request.mission.climb_rate_mps},
              {"descent_rate_mps", request.mission.descent_rate_mps},
              {"height_ceiling_m", request.height_ceiling_m}}},
            {"reserve", reserve_to_json(request.reserve)},
            {"landing", {{"cell_voltage_v", optional_value(request.landing_cell_v)}}},
            {"turn",
             {{"schools", schools},
              {"share_left", request.turn.share_left},
              {"landing_charge_ah", optional_value(request.turn.landing_charge_ah)}}}};
}

units::Result<PlanRequest> read_request(Parts& parts, const std::string& file,
                                        std::vector<units::Notice>& notices) {
    PlanRequest request;
    request.mission.height_m = default_height_m;
    request.name = parts.root().text("name").value_or("");
    parts.part("aircraft", true, [&](DocumentReader& in) { read_aircraft(in, request.aircraft); });
    parts.part("pack", true, [&](DocumentReader& in) { read_pack(in, request.pack, file); });
    parts.part("weather", false, [&](DocumentReader& in) { read_weather(in, request.weather, notices); });
    // Where no bearing is given the flight goes out into the wind: the way home is then the easy one.
    request.mission.bearing_deg = request.weather.wind.from_deg;
    parts.part("mission", false, [&](DocumentReader& in) { read_mission(in, request); });
    parts.part("reserve", false, [&](DocumentReader& in) { read_reserve(in, request.reserve); });
    parts.part("landing", false, [&](DocumentReader& in) { request.landing_cell_v = in.number("cell_voltage_v"); });
    parts.part("turn", false, [&](DocumentReader& in) { read_turn(in, request.turn); });
    if (parts.error) return tl::unexpected(*parts.error);
    auto checked = mission::checked(request);
    if (!checked) {
        units::Error error = checked.error();
        error.where.file = file;
        return tl::unexpected(error);
    }
    return checked;
}

} // namespace sobremesa::io
