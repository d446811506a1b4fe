#include "core/mission/reach.hpp"

#include <algorithm>
#include <cmath>

#include "core/mission/outward.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

/// The request as an out-and-back on one bearing.
PlanRequest on_bearing(const PlanRequest& request, double bearing_deg) {
    PlanRequest one = request;
    one.mission.kind = MissionKind::out_and_back;
    one.mission.waypoints.clear();
    one.mission.bearing_deg = bearing_deg;
    return one;
}

/// The ground along one bearing: where it stands above mission height less clearance, and the highest so far.
class Profile {
public:
    Profile(const Mission& mission, double bearing_deg, double farthest_m) {
        if (!mission.terrain) return;
        step_m_ = 0.5 * mission.terrain->step_m;
        double highest_m = -HUGE_VAL;
        for (double d = 0.0; d <= farthest_m; d += step_m_) {
            const auto ground = mission.terrain->above_home_m(geodesy::offset({}, bearing_deg, d));
            if (ground) highest_m = std::max(highest_m, *ground);
            highest_m_.push_back(highest_m);
            if (ground && *ground + mission.clearance_m > mission.height_m && d > climb_free_m) {
                blocked_m_ = d;
                break;
            }
        }
    }
    std::optional<double> ridge_m(double distance_m) const {
        if (highest_m_.empty()) return std::nullopt;
        const auto i = std::min(std::size_t(distance_m / step_m_ + 1.0), highest_m_.size() - 1);
        return highest_m_[i];
    }
    std::optional<double> blocked_m() const { return blocked_m_; }

private:
    /// Around home the aircraft is still climbing, m.
    static constexpr double climb_free_m = 300.0;
    double step_m_ = 1.0;
    std::vector<double> highest_m_;
    std::optional<double> blocked_m_;
};

struct AfterClimb {
    double energy_wh = 0.0;
    bool possible = false;
};

/// What is left after the launch's climb: the same on every bearing, since it is flown for its time.
AfterClimb after_climb(const PlanRequest& request, const FlightConditions& conditions) {
    PlanRequest still = on_bearing(request, request.mission.bearing_deg);
    still.weather.wind.speed_mps = 0.0;
    still.weather.wind_table.clear();
    battery::PackState state = conditions.start;
    for (const VerticalBand& band : climb_out(still, conditions).bands) {
        const auto run = battery::discharge_at_power(*conditions.pack, state, band.power_w,
                                                     {0.0, band.duration_s, 1}, conditions.around);
        if (run.end != battery::DischargeEnd::time_over) return {};
        state = run.end_state();
    }
    const double left_wh = conditions.left_wh(state.charge_used_ah - conditions.start.charge_used_ah);
    return {left_wh, left_wh > 0.0};
}

ReachPoint on_one_bearing(const PlanRequest& request, const FlightConditions& known, const AfterClimb& start) {
    const double bearing_deg = request.mission.bearing_deg;
    ReachPoint point;
    point.bearing_deg = bearing_deg;
    // Only what depends on the course is worked out anew.
    FlightConditions conditions = known;
    const Winds winds(request);
    const double height_m = request.mission.height_m;
    const double home_deg = units::wrap_degrees(bearing_deg + 180.0);
    const double rho = known.air.density_kgm3;
    if (request.mission.speed_out != SpeedRule::known_cruise ||
        request.mission.speed_home != SpeedRule::known_cruise) {
        const auto out = leg_airspeed(request, request.mission.speed_out, bearing_deg, known.wind_out, rho);
        const auto home_wind = winds.worst_home(home_deg, request.aircraft.cruise_airspeed_mps, height_m);
        const auto home = leg_airspeed(request, request.mission.speed_home, home_deg, home_wind, rho);
        if (!out || !home) return point;
        conditions.airspeed_out_mps = *out;
        conditions.airspeed_home_mps = *home;
        if (const auto power = power_at(request, *out, height_m, 0.0)) conditions.cruise_power_w = *power;
        if (const auto power = power_at(request, *home, height_m, 0.0)) conditions.home_power_w = *power;
    }
    conditions.wind_home = winds.worst_home(home_deg, conditions.airspeed_home_mps, height_m);
    const Homeward homeward(request, conditions);
    const Vertical climb = climb_out(request, conditions);
    const auto out = heading(bearing_deg, conditions.airspeed_out_mps, winds.at(height_m));
    if (!out || !climb.wind_allows || !homeward.wind_allows()) return point;
    double climb_m = 0.0;
    double climb_s = 0.0;
    for (const VerticalBand& band : climb.bands) {
        climb_m += band.ground_m;
        climb_s += band.duration_s;
    }
    const double power_w = conditions.cruise_power_w.value;
    const double most_s = start.energy_wh * units::seconds_per_hour / power_w;
    const double growth = request.weather.wind_growth_mps_per_h;
    const auto flown_m = [&](double seconds) {
        if (growth == 0.0) return climb_m + out->ground_speed_mps * seconds;
        // The wind in the middle of the way stands for all of it.
        const auto middle =
            heading(bearing_deg, conditions.airspeed_out_mps, winds.at(height_m, climb_s + 0.5 * seconds));
        return climb_m + (middle ? middle->ground_speed_mps : 0.0) * seconds;
    };
    const Profile ground(request.mission, bearing_deg, flown_m(most_s));
    const auto spare_wh = [&](double seconds) {
        const double d = flown_m(seconds);
        const Station station{geodesy::offset({}, bearing_deg, d), height_m, climb_s + seconds, ground.ridge_m(d),
                              bearing_deg};
        const WayHome way = homeward.from(station);
        if (!way.wind_allows) return -start.energy_wh;
        return start.energy_wh - power_w * seconds / units::seconds_per_hour - way.energy_wh -
               homeward.reserve_wh(station);
    };
    if (spare_wh(0.0) <= 0.0) return point;
    double low_s = 0.0;
    double high_s = most_s;
    constexpr double same_s = 0.01;
    while (high_s - low_s > same_s) {
        const double middle_s = 0.5 * (low_s + high_s);
        (spare_wh(middle_s) > 0.0 ? low_s : high_s) = middle_s;
    }
    const double turn_s = 0.5 * (low_s + high_s);
    double turn_m = flown_m(turn_s);
    if (ground.blocked_m() && *ground.blocked_m() < turn_m) {
        turn_m = *ground.blocked_m();
        point.ended_by_terrain = true;
    }
    point.at = geodesy::offset({}, bearing_deg, turn_m);
    // As the turn's band: the spare's error over how fast the spare shrinks with the way.
    const double step_s = std::max(0.01 * most_s, 1.0);
    const double slope = (spare_wh(turn_s) - spare_wh(std::min(turn_s + step_s, most_s))) /
                         std::max(flown_m(std::min(turn_s + step_s, most_s)) - flown_m(turn_s), 1e-9);
    const double usable_wh = conditions.usable_energy_wh();
    const double draw_sd = conditions.cruise_power_w.sd / power_w;
    const double spent_wh =
        usable_wh - homeward.reserve_wh({point.at, height_m, climb_s + turn_s, {}, bearing_deg});
    const double sd_wh = units::combine_sd(battery::assumed_usable_sd * usable_wh, draw_sd * spent_wh,
                                           wind_sd_wh_per_m(request, conditions) * turn_m);
    point.distance_m = {turn_m, slope > 0.0 && !point.ended_by_terrain ? sd_wh / slope : 0.0};
    point.inner = geodesy::offset({}, bearing_deg, std::max(turn_m - point.distance_m.sd, 0.0));
    point.outer = geodesy::offset({}, bearing_deg, turn_m + point.distance_m.sd);
    return point;
}

} // namespace

Reach reach(const PlanRequest& request, const FlightConditions& conditions, int bearings,
            const std::stop_token& stop) {
    Reach line;
    // A pack that cannot give the cruise reaches nothing, on every bearing.
    const AfterClimb start = conditions.cruise.gives_nothing() ? AfterClimb{} : after_climb(request, conditions);
    PlanRequest one = on_bearing(request, 0.0);
    for (int i = 0; i < bearings && !stop.stop_requested(); ++i) {
        one.mission.bearing_deg = 360.0 * i / bearings;
        ReachPoint none;
        none.bearing_deg = one.mission.bearing_deg;
        line.points.push_back(start.possible ? on_one_bearing(one, conditions, start) : none);
        const double here_m = line.points.back().distance_m.value;
        const auto at = line.points.size() - 1;
        if (here_m > line.points[line.farthest].distance_m.value) line.farthest = at;
        if (here_m < line.points[line.nearest].distance_m.value) line.nearest = at;
    }
    return line;
}

units::Result<Reach> reach(const PlanRequest& unchecked, int bearings, const std::stop_token& stop) {
    const auto request = checked(unchecked);
    if (!request) return tl::unexpected(request.error());
    const auto conditions = flight_conditions(*request);
    if (!conditions) return tl::unexpected(conditions.error());
    Reach line = reach(*request, *conditions, bearings, stop);
    if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
    return line;
}

} // namespace sobremesa::mission
