#include "core/mission/plan_request.hpp"

#include <algorithm>
#include <array>
#include <tuple>
#include <utility>

#include "core/mission/counted_sun.hpp"
#include "core/mission/plan_ranges.hpp"

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

bool climbs_by_rate(const Mission& mission) {
    return !mission.climb_angle_deg && !mission.climb_throttle;
}

void climb_by_rate(Mission& mission, double rate_mps) {
    mission.climb_rate_mps = rate_mps;
    mission.climb_angle_deg.reset();
    mission.climb_throttle.reset();
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

/// What no range of a single number says.
std::optional<units::Error> first_conflict(const PlanRequest& request) {
    if (request.mission.home && !geodesy::is_possible(*request.mission.home))
        return units::Error{units::ErrorCode::position_impossible, {{}, {}, {}, "mission.home"}, {}};
    if (request.weather.wind_table.size() == 1)
        return units::Error{units::ErrorCode::wind_table_short, {{}, {}, {}, "weather.wind_table"}, {}};
    if (flies_over_places(request.mission.kind) && request.mission.waypoints.empty())
        return units::Error{units::ErrorCode::value_missing, {{}, {}, {}, "mission.waypoints"}, {}};
    return std::nullopt;
}

} // namespace

units::Result<PlanRequest> validate(PlanRequest request) {
    if (auto aircraft = airframe::validate(request.aircraft); !aircraft) return tl::unexpected(aircraft.error());
    if (auto pack = battery::validate(request.pack); !pack) return tl::unexpected(pack.error());
    auto ranges = units::NumberRanges::looking();
    look_at_ranges(ranges, request);
    if (ranges.wrong()) return tl::unexpected(*ranges.wrong());
    if (const auto error = first_conflict(request)) return tl::unexpected(*error);
    if (request.sun) request.sun->counted_w = counted_sun_w(request);
    return request;
}

} // namespace sobremesa::mission
