#include "core/mission/plan_request.hpp"

#include <algorithm>
#include <array>
#include <tuple>
#include <utility>

#include "core/mission/counted_sun.hpp"
#include "core/units/limits.hpp"

namespace sobremesa::mission {

namespace {

/// In the order in which they are shown.
constexpr std::array<std::pair<TurnRule, const char*>, 6> turn_rule_names = {
    {{TurnRule::energy_home, "energy-home"},
     {TurnRule::share_left, "share-left"},
     {TurnRule::eighty_percent, "eighty-percent"},
     {TurnRule::charge_count, "charge-count"},
     {TurnRule::voltage, "voltage"},
     {TurnRule::chance, "chance"}}};

struct MissionTraits {
    MissionKind first;
    const char* second;
    bool straight_out = false;
    bool over_places = false;
    bool circles_home = false;
    bool comes_home = true;
};
constexpr std::array<MissionTraits, 7> missions = {
    {{.first = MissionKind::out_and_back, .second = "out-and-back", .straight_out = true},
     {.first = MissionKind::farthest_point, .second = "farthest-point", .straight_out = true},
     {.first = MissionKind::endurance, .second = "endurance", .circles_home = true},
     {.first = MissionKind::route, .second = "route", .over_places = true},
     {.first = MissionKind::visit, .second = "visit", .over_places = true},
     {.first = MissionKind::one_way, .second = "one-way", .over_places = true, .comes_home = false},
     {.first = MissionKind::on_sun, .second = "on-sun", .circles_home = true}}};

const MissionTraits& traits_of(MissionKind kind) {
    return *std::find_if(missions.begin(), missions.end(), [&](const auto& m) { return m.first == kind; });
}

constexpr std::array<std::pair<SpeedRule, const char*>, 4> speed_names = {
    {{SpeedRule::known_cruise, "known-cruise"},
     {SpeedRule::best_range, "best-range"},
     {SpeedRule::fixed, "fixed"},
     {SpeedRule::power_share, "power-share"}}};

template <class Names, class Value>
const char* word_of(const Names& names, Value value) {
    return std::find_if(names.begin(), names.end(), [&](const auto& n) { return n.first == value; })->second;
}

template <class Names>
auto all_of(const Names& names) {
    std::vector<decltype(names.front().first)> all;
    all.reserve(names.size());
    for (const auto& each : names) all.push_back(each.first);
    return all;
}

template <class Value, class Names>
std::optional<Value> value_of(const Names& names, const std::string& word) {
    const auto found = std::find_if(names.begin(), names.end(), [&](const auto& n) { return word == n.second; });
    return found == names.end() ? std::nullopt : std::optional(found->first);
}

units::Limit limit_of(const Reserve& reserve) {
    if (const auto* share = std::get_if<ShareOfUsable>(&reserve)) {
        return {"reserve.share_of_usable", share->share, 0, 0.95};
    }
    if (const auto* loiter = std::get_if<LoiterAtHome>(&reserve)) {
        return {"reserve.loiter_min", loiter->minutes, 0, 600};
    }
    return {"reserve.home_factor", std::get<FactorOnReturn>(reserve).factor, 1, 10};
}

} // namespace

bool operator==(const Mission& a, const Mission& b) {
    const auto all = [](const Mission& m) {
        return std::tie(m.bearing_deg, m.height_m, m.climb_rate_mps, m.descent_rate_mps, m.kind, m.climb_angle_deg,
                        m.climb_throttle, m.waypoints, m.alternates, m.no_landing, m.over_land_by_ah, m.speed_out,
                        m.speed_home, m.airspeed_mps, m.most_power_share, m.farthest_m, m.loiter_radius_m,
                        m.turn_bank_deg, m.landing_height_m, m.landing_sink_mps, m.home, m.terrain_file,
                        m.clearance_m);
    };
    return all(a) == all(b);
}

const char* mission_word(MissionKind kind) {
    return word_of(missions, kind);
}

std::optional<MissionKind> mission_from_word(const std::string& word) {
    return value_of<MissionKind>(missions, word);
}

const char* speed_rule_word(SpeedRule rule) {
    return word_of(speed_names, rule);
}

std::optional<SpeedRule> speed_rule_from_word(const std::string& word) {
    return value_of<SpeedRule>(speed_names, word);
}

const char* turn_rule_word(TurnRule turn_rule) {
    return word_of(turn_rule_names, turn_rule);
}

std::optional<TurnRule> turn_rule_from_word(const std::string& word) {
    return value_of<TurnRule>(turn_rule_names, word);
}

const std::vector<TurnRule>& all_turn_rules() {
    static const auto rules = all_of(turn_rule_names);
    return rules;
}

const std::vector<SpeedRule>& all_speed_rules() {
    static const auto rules = all_of(speed_names);
    return rules;
}

const std::vector<MissionKind>& all_missions() {
    static const auto kinds = all_of(missions);
    return kinds;
}

bool goes_straight_out(MissionKind kind) {
    return traits_of(kind).straight_out;
}

bool flies_over_places(MissionKind kind) {
    return traits_of(kind).over_places;
}

bool circles_home(MissionKind kind) {
    return traits_of(kind).circles_home;
}

bool comes_home(MissionKind kind) {
    return traits_of(kind).comes_home;
}

double landing_cell_v(const PlanRequest& request) {
    return request.landing_cell_v.value_or(battery::traits(request.pack.chemistry).default_landing_cell_v);
}

double all_up_mass_kg(const PlanRequest& request) {
    return request.aircraft.mass_kg + request.pack.mass_kg;
}

double landing_height_m(const PlanRequest& request) {
    constexpr double rotor_m = 10.0;
    constexpr double wing_m = 30.0;
    return request.mission.landing_height_m.value_or(request.aircraft.craft == airframe::Craft::rotor ? rotor_m
                                                                                                      : wing_m);
}

namespace {

constexpr double farthest_place_m = 300000.0;

std::optional<units::Error> first_wrong_place(const PlanRequest& request) {
    const auto place = [](const char* field, const geodesy::EastNorth& at, double height_m) {
        const units::Limit limits[] = {{field, at.east_m, -farthest_place_m, farthest_place_m},
                                       {field, at.north_m, -farthest_place_m, farthest_place_m},
                                       {field, height_m, -4500, 4500}};
        return units::first_outside(limits);
    };
    for (const Waypoint& point : request.mission.waypoints) {
        if (auto error = place("mission.waypoints", point.at, point.height_m.value_or(0.0))) return error;
        const units::Limit limits[] = {{"mission.waypoints.loiter_min", point.loiter_s / 60.0, 0, 1440},
                                       {"mission.waypoints.height_m", point.height_m.value_or(0.0), 0, 4500}};
        if (auto error = units::first_outside(limits)) return error;
    }
    for (const Alternate& alternate : request.mission.alternates) {
        if (auto error = place("mission.alternates", alternate.at, alternate.height_m)) return error;
    }
    for (const NoLandingArea& area : request.mission.no_landing) {
        for (const auto& ring : area.rings) {
            const units::Limit corners[] = {{"mission.no_landing.rings_m", double(ring.size()), 3, 20000}};
            if (auto error = units::first_outside(corners)) return error;
            for (const auto& corner : ring) {
                if (auto error = place("mission.no_landing.rings_m", corner, 0.0)) return error;
            }
        }
    }
    if (request.mission.home && !geodesy::is_possible(*request.mission.home))
        return units::Error{units::ErrorCode::position_impossible, {{}, {}, {}, "mission.home"}, {}};
    const auto& table = request.weather.wind_table;
    if (table.size() == 1)
        return units::Error{units::ErrorCode::wind_table_short, {{}, {}, {}, "weather.wind_table"}, {}};
    for (std::size_t i = 0; i < table.size(); ++i) {
        const units::Limit limits[] = {
            {"weather.wind_table.height_m", table[i].height_m, i == 0 ? 0.0 : table[i - 1].height_m + 1.0, 10000},
            {"weather.wind_table.wind_mps", table[i].wind.speed_mps, 0, 60},
            {"weather.wind_table.wind_from_deg", table[i].wind.from_deg, -360, 360}};
        if (auto error = units::first_outside(limits)) return error;
    }
    if (const auto& failsafe = request.failsafe) {
        const units::Limit limits[] = {{"failsafe.height_m", failsafe->height_m, 0, 4500},
                                       {"failsafe.airspeed_mps", failsafe->airspeed_mps, 1, 120},
                                       {"failsafe.throttle", failsafe->throttle.value_or(0.5), 0.05, 1}};
        if (auto error = units::first_outside(limits)) return error;
    }
    if (const auto& link = request.link) {
        const units::Limit limits[] = {{"link.frequency_mhz", link->frequency_mhz, 1, 100000},
                                       {"link.measured_reach_m", link->measured_reach_m.value_or(1000.0), 1, 1e6},
                                       {"link.antenna_height_m", link->antenna_height_m, 0, 500}};
        if (auto error = units::first_outside(limits)) return error;
    }
    if (const auto& link = request.video_link) {
        const units::Limit limits[] = {
            {"video_link.frequency_mhz", link->frequency_mhz, 1, 100000},
            {"video_link.measured_reach_m", link->measured_reach_m.value_or(1000.0), 1, 1e6},
            {"video_link.antenna_height_m", link->antenna_height_m, 0, 500}};
        if (auto error = units::first_outside(limits)) return error;
    }
    if (const auto& sun = request.sun) {
        const units::Limit limits[] = {{"sun.cloud_okta", sun->cloud_okta, 0, 8}};
        if (auto error = units::first_outside(limits)) return error;
    }
    if (flies_over_places(request.mission.kind) && request.mission.waypoints.empty())
        return units::Error{units::ErrorCode::value_missing, {{}, {}, {}, "mission.waypoints"}, {}};
    return std::nullopt;
}

} // namespace

units::Result<PlanRequest> validate(PlanRequest request) {
    if (auto aircraft = airframe::validate(request.aircraft); !aircraft) return tl::unexpected(aircraft.error());
    if (auto pack = battery::validate(request.pack); !pack) return tl::unexpected(pack.error());
    const Weather& weather = request.weather;
    const units::Limit limits[] = {
        {"weather.wind_mps", weather.wind.speed_mps, 0, 60},
        {"weather.wind_from_deg", weather.wind.from_deg, -360, 360},
        {"weather.wind_height_m", weather.wind_height_m.value_or(0.0), 0, 10000},
        {"weather.wind_sd_mps", weather.wind_sd_mps, 0, 20},
        {"weather.home_wind_factor", weather.home_wind_factor, 1, 5},
        {"weather.gust_mps", weather.gust_mps.value_or(0.0), 0, 60},
        {"weather.wind_exponent", weather.wind_exponent, 0, 1},
        {"weather.wind_growth_mps_per_h", weather.wind_growth_mps_per_h, -30, 30},
        {"weather.wind_from_sd_deg", weather.wind_from_sd_deg, 0, 90},
        {"weather.pressure_pa", weather.pressure_pa.value_or(101325.0), 40000, 110000},
        {"weather.relative_humidity", weather.relative_humidity.value_or(0.0), 0, 1},
        {"weather.temperature_c", weather.temperature_c, -60, 60},
        {"weather.field_elevation_m", weather.field_elevation_m, -500, 6000},
        {"mission.bearing_deg", request.mission.bearing_deg, -360, 360},
        {"mission.height_m", request.mission.height_m, 0, 4500},
        {"mission.climb_rate_mps", request.mission.climb_rate_mps, 0.1, 30},
        {"mission.descent_rate_mps", request.mission.descent_rate_mps, 0.1, 30},
        {"mission.climb_angle_deg", request.mission.climb_angle_deg.value_or(10.0), 0.5, 60},
        {"mission.climb_throttle", request.mission.climb_throttle.value_or(0.8), 0.05, 1},
        {"mission.airspeed_mps", request.mission.airspeed_mps.value_or(10.0), 1, 120},
        {"mission.most_power_share", request.mission.most_power_share, 0.05, 1},
        {"mission.farthest_m", request.mission.farthest_m.value_or(1000.0), 50, 500000},
        {"mission.loiter_radius_m", request.mission.loiter_radius_m.value_or(100.0), 2, 20000},
        {"mission.turn_bank_deg", request.mission.turn_bank_deg.value_or(30.0), 1, 75},
        {"mission.landing_height_m", request.mission.landing_height_m.value_or(0.0), 0, 500},
        {"mission.landing_sink_mps", request.mission.landing_sink_mps, 0.1, 10},
        {"mission.clearance_m", request.mission.clearance_m, 0, 2000},
        {"mission.over_land_by_ah", request.mission.over_land_by_ah.value_or(1.0), 0.001, 10000},
        {"turn.least_chance", request.turn.least_chance, 0.01, 0.999},
        {"mission.height_ceiling_m", request.height_ceiling_m, 0, 10000},
        {"landing.cell_voltage_v", landing_cell_v(request), 1.5,
         battery::traits(request.pack.chemistry).full_cell_v},
        {"turn.share_left", request.turn.share_left, 0.05, 0.95},
        {"turn.landing_charge_ah", request.turn.landing_charge_ah.value_or(1.0), 0.001, 10000},
        limit_of(request.reserve),
    };
    if (auto error = units::first_outside(limits)) return tl::unexpected(*error);
    if (auto error = first_wrong_place(request)) return tl::unexpected(*error);
    if (request.sun) request.sun->counted_w = counted_sun_w(request);
    return request;
}

} // namespace sobremesa::mission
