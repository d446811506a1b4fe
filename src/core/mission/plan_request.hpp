#pragma once

#include <algorithm>
#include <memory>
#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "core/airframe/aircraft.hpp"
#include "core/battery/pack.hpp"
#include "core/flying/weather.hpp"
#include "core/geodesy/geodesic.hpp"
#include "core/geodesy/rings.hpp"
#include "core/geodesy/terrain.hpp"

namespace sobremesa::mission {

using flying::Weather;

enum class MissionKind {
    out_and_back,   ///< on a bearing as far as it goes, and back
    farthest_point, ///< the same on the bearing that reaches farthest
    endurance,      ///< over home as long as it goes
    route,          ///< over waypoints, then home
    visit,          ///< to a place, as long there as it goes or as wanted, and back
    one_way,        ///< over waypoints, landing at the last
    on_sun,         ///< over home on pack and solar array
};

/// In the order in which they are offered, which is that of their numbers.
const std::vector<MissionKind>& all_missions();

// What all who ask how a kind is flown go by; a new kind answers here.

/// On one bearing from home, as far as it goes.
bool goes_straight_out(MissionKind kind);
/// Over waypoints, of which it needs one.
bool flies_over_places(MissionKind kind);
/// Over home all the while.
bool circles_home(MissionKind kind);
/// It lands where it was launched.
bool comes_home(MissionKind kind);

/// Stable word for scripts: `out-and-back`, `farthest-point`, `endurance`, `route`, `visit`, `one-way`,
/// `on-sun`.
const char* mission_word(MissionKind kind);
std::optional<MissionKind> mission_from_word(const std::string& word);

/// A place to fly over. East and north are metres from home.
struct Waypoint {
    std::string name;
    geodesy::EastNorth at;
    /// Above home, m. Empty: the mission's. Reached from the waypoint before by climbing or gliding on the leg.
    std::optional<double> height_m;
    /// Circles there so long.
    double loiter_s = 0.0;
    /// Circles there until it is time to go home; nothing comes after it.
    bool loiter_to_the_last = false;
    friend bool operator==(const Waypoint&, const Waypoint&) = default;
};

/// Another place where one may land.
struct Alternate {
    std::string name;
    geodesy::EastNorth at;
    /// Above home, m.
    double height_m = 0.0;
    friend bool operator==(const Alternate&, const Alternate&) = default;
};

/// Ground on which the aircraft must not come down: water, a town, a nature reserve.
struct NoLandingArea {
    std::string name;
    /// Its outline, then the islands in it where one may land again; metres from home.
    geodesy::Rings rings;
    friend bool operator==(const NoLandingArea&, const NoLandingArea&) = default;
};

/// How the airspeed of a leg is chosen.
enum class SpeedRule {
    known_cruise, ///< the aircraft's known cruise
    best_range,   ///< least energy over ground, in that leg's wind
    fixed,        ///< `Mission::airspeed_mps`
    power_share,  ///< the fastest under `Mission::most_power_share` of full power
};
/// In the order of their numbers.
const std::vector<SpeedRule>& all_speed_rules();
const char* speed_rule_word(SpeedRule rule);
std::optional<SpeedRule> speed_rule_from_word(const std::string& word);

/// What is flown.
struct Mission {
    double bearing_deg = 0.0;
    /// Above home, m.
    double height_m = 0.0;
    double climb_rate_mps = 2.5;
    double descent_rate_mps = 1.5;
    MissionKind kind = MissionKind::out_and_back;
    /// Where given, the climb is flown at this angle of path in place of the rate, degrees.
    std::optional<double> climb_angle_deg;
    /// Where given, it rises by what this share of throttle leaves above level flight; wants the full power.
    std::optional<double> climb_throttle;
    std::vector<Waypoint> waypoints;
    std::vector<Alternate> alternates;
    std::vector<NoLandingArea> no_landing;
    /// On the return leg, over land again before so much is used, Ah. Empty: before the reserve begins.
    std::optional<double> over_land_by_ah;
    SpeedRule speed_out = SpeedRule::known_cruise;
    SpeedRule speed_home = SpeedRule::known_cruise;
    std::optional<double> airspeed_mps;
    double most_power_share = 0.5;
    /// Out and back: turns there at the latest, m from home. Empty: as far as the rules of turning allow.
    std::optional<double> farthest_m;
    /// Radius of circles while loitering: its bank costs. Empty: wide ones.
    std::optional<double> loiter_radius_m;
    /// Bank of the turns from leg to leg and for home, degrees (common practice). Empty: turns cost nothing.
    std::optional<double> turn_bank_deg = 30.0;
    /// Above the field, where the descent ends and the landing begins, m. A rotor comes straight down from there; a
    /// wing flies its approach, level power all the while. Empty: see `landing_height_m`.
    std::optional<double> landing_height_m;
    double landing_sink_mps = 1.0;
    /// Where home is. Empty: nowhere in particular, and without terrain.
    std::optional<geodesy::Position> home;
    /// Elevation raster: its file, and what was read of it around home.
    std::string terrain_file;
    std::shared_ptr<const geodesy::Terrain> terrain;
    /// Kept above the ground on every leg and on the return, m.
    double clearance_m = 30.0;
    /// What the pilot asks for: the raster that was read of `terrain_file` does not count.
    friend bool operator==(const Mission& a, const Mission& b);
};

/// Nothing replaces the rate of climb.
bool climbs_by_rate(const Mission& mission);
/// In place of whatever replaced the rate.
void climb_by_rate(Mission& mission, double rate_mps);

/// The return that the aircraft flies by itself when the link is lost.
struct FailsafeReturn {
    /// Above home, m; it climbs there first where it is lower.
    double height_m = 60.0;
    double airspeed_mps = 0.0;
    /// Where the return is flown on a fixed throttle, 0 … 1, in place of a speed; wants the full power.
    std::optional<double> throttle;
    friend bool operator==(const FailsafeReturn&, const FailsafeReturn&) = default;
};

/// A link, of control or of video, where something is known of it.
struct Link {
    double frequency_mhz = 0.0;
    /// Transmitter power and both antennas' gains, less cables, dBm, and the least signal that still flies, dBm.
    std::optional<double> radiated_dbm;
    std::optional<double> least_signal_dbm;
    /// Where earlier flights would have met the failsafe level, m.
    std::optional<double> measured_reach_m;
    /// Of the ground antenna above home, m.
    double antenna_height_m = 2.0;
    friend bool operator==(const Link&, const Link&) = default;
};

/// How long things on the ground last, minutes; empty: not known.
struct GroundSide {
    std::optional<double> recorder_min;
    std::optional<double> goggles_min;
    std::optional<double> radio_min;
    std::optional<double> station_min;
    friend bool operator==(const GroundSide&, const GroundSide&) = default;
};

/// Volts that the aircraft's own parts want; empty: not known.
struct SupplyNeeds {
    /// Regulators, video and servos: least volts of the pack.
    std::optional<double> least_pack_v;
    /// Where the speed controller cuts the motor, per cell; 0: off.
    std::optional<double> controller_cutoff_cell_v;
    friend bool operator==(const SupplyNeeds&, const SupplyNeeds&) = default;
};

/// The three ways of keeping something back.
struct ShareOfUsable {
    double share = 0.2;
    friend bool operator==(const ShareOfUsable&, const ShareOfUsable&) = default;
};
struct LoiterAtHome {
    double minutes = 5.0;
    friend bool operator==(const LoiterAtHome&, const LoiterAtHome&) = default;
};
struct FactorOnReturn {
    double factor = 1.5;
    friend bool operator==(const FactorOnReturn&, const FactorOnReturn&) = default;
};
using Reserve = std::variant<ShareOfUsable, LoiterAtHome, FactorOnReturn>;

/// How practitioners decide to turn for home.
enum class TurnRule { energy_home, share_left, eighty_percent, charge_count, voltage, chance };

/// Stable word for scripts: `energy-home`, `share-left`, …
const char* turn_rule_word(TurnRule turn_rule);
std::optional<TurnRule> turn_rule_from_word(const std::string& word);
/// In a fixed order.
const std::vector<TurnRule>& all_turn_rules();

struct TurnRules {
    /// Those that count; the turn is the earliest among them.
    std::vector<TurnRule> counted = {TurnRule::energy_home, TurnRule::chance};
    /// `share-left` turns when this share of the usable charge is left (55–60 % by common practice).
    double share_left = 0.6;
    /// `charge-count` lands at this charge, Ah, and turns at half of it. Empty: the usable charge.
    std::optional<double> landing_charge_ah;
    /// `chance` turns where the chance of home with the reserve intact falls below this.
    double least_chance = 0.9;
    friend bool operator==(const TurnRules&, const TurnRules&) = default;
};

/// When and under what sky a flight on the sun begins.
struct SunStart {
    /// Seconds since 1970, UTC. Empty: the best of the day that is asked for.
    std::optional<double> start_utc_s;
    /// Cloud, eighths of the sky, 0 … 8.
    double cloud_okta = 0.0;
    /// Whether the turn counts what the sun will still give. It may go behind a cloud: no, unless the pilot says
    /// so.
    bool counted = false;
    /// What of it is counted, W: worked out by `validate`, see `counted_sun_w`; not part of what the pilot asks
    /// for.
    double counted_w = 0.0;
    friend bool operator==(const SunStart& a, const SunStart& b) {
        return a.start_utc_s == b.start_utc_s && a.cloud_okta == b.cloud_okta && a.counted == b.counted;
    }
};

/// What of a power the pack has to give, W, the sun counted where the pilot counts it.
inline double out_of_pack_w(const std::optional<SunStart>& sun, double power_w) {
    constexpr double least_share = 0.05;
    return sun && sun->counted_w > 0.0 ? std::max(power_w - sun->counted_w, least_share * power_w) : power_w;
}

struct PlanRequest {
    std::string name;
    airframe::Aircraft aircraft;
    battery::Pack pack;
    Weather weather;
    Mission mission;
    Reserve reserve = ShareOfUsable{};
    /// Per cell under cruise load, V. Empty: the chemistry's usual one.
    std::optional<double> landing_cell_v;
    TurnRules turn;
    /// The pilot's own height limit above ground, m. Local rules decide.
    double height_ceiling_m = 120.0;
    std::optional<FailsafeReturn> failsafe;
    /// Control, and video, each with a reach of its own.
    std::optional<Link> link;
    std::optional<Link> video_link;
    GroundSide ground;
    SupplyNeeds supply;
    std::optional<SunStart> sun;
    friend bool operator==(const PlanRequest&, const PlanRequest&) = default;
};

/// Landing voltage that the plan works with.
double landing_cell_v(const PlanRequest& request);
double all_up_mass_kg(const PlanRequest& request);
/// Given, or 10 m for a rotor, 30 m for a wing (common practice, no source), m.
double landing_height_m(const PlanRequest& request);

/// @error `value_out_of_range` naming the field
units::Result<PlanRequest> validate(PlanRequest request);

} // namespace sobremesa::mission
