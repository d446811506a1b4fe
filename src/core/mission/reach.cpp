#include "core/mission/reach.hpp"

#include <algorithm>
#include <cmath>
#include <functional>

#include "core/mission/drawn_flights.hpp"
#include "core/mission/outward.hpp"
#include "core/mission/turn_rules.hpp"
#include "core/mission/wind_rows.hpp"
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
        const geodesy::Terrain& terrain = *mission.terrain;
        step_m_ = std::max(terrain.step_m, piece_m);
        const auto highest_in = [&](double from_m, double to_m) {
            return terrain.highest_m(geodesy::offset({}, bearing_deg, from_m),
                                     geodesy::offset({}, bearing_deg, to_m), off_course_m);
        };
        const auto blocks = [&](const std::optional<double>& ground) {
            return ground && *ground + mission.clearance_m > mission.height_m;
        };
        double highest_m = -HUGE_VAL;
        for (double d = 0.0; d <= farthest_m; d += step_m_) {
            const auto ground = highest_in(d, d + step_m_);
            if (ground) highest_m = std::max(highest_m, *ground);
            highest_m_.push_back(highest_m);
            if (!blocks(ground) || d + step_m_ <= climb_free_m) continue;
            // Where in this piece it begins.
            blocked_m_ = std::max(d, climb_free_m);
            while (*blocked_m_ < d + step_m_ && !blocks(highest_in(*blocked_m_, *blocked_m_ + terrain.step_m)))
                *blocked_m_ += terrain.step_m;
            break;
        }
    }
    std::optional<double> ridge_m(double distance_m) const {
        if (highest_m_.empty()) return std::nullopt;
        const auto i = std::min(std::size_t(distance_m / step_m_), highest_m_.size() - 1);
        return highest_m_[i];
    }
    std::optional<double> blocked_m() const { return blocked_m_; }

private:
    /// Around home the aircraft is still climbing, m.
    static constexpr double climb_free_m = 300.0;
    static constexpr double piece_m = 120.0;
    double step_m_ = 1.0;
    std::vector<double> highest_m_;
    std::optional<double> blocked_m_;
};

/// An out-and-back flight on one bearing, turned after so much time of level flight.
class OutAndBack {
public:
    OutAndBack(const PlanRequest& request, const FlightConditions& conditions)
        : request_(request), conditions_(conditions), column_(air_column(request)), homeward_(request, conditions),
          bearing_deg_(request.mission.bearing_deg), power_w_(conditions.cruise_power_w.value) {
        const flying::PackAtPowers& pack = *conditions.at_powers;
        climbed_ = pack.at_start();
        const auto out = heading(bearing_deg_, conditions.airspeed_out_mps, conditions.wind_out);
        const Vertical climb = climb_out(request, conditions);
        possible_ = out && climb.wind_allows && homeward_.wind_allows() && pack.gives(power_w_);
        for (const VerticalBand& band : climb.bands) {
            const double energy_wh = band.power_w * band.duration_s / units::seconds_per_hour;
            pack.draw(climbed_, band.power_w, energy_wh);
            possible_ = possible_ && pack.can_give(band.power_w, climbed_);
            climb_m_ += band.ground_m;
            climb_s_ += band.duration_s;
            climb_wh_ += energy_wh;
        }
        const double left_wh = pack.left_after_wh(climbed_, power_w_);
        possible_ = possible_ && left_wh > 0.0;
        most_s_ = std::max(left_wh, 0.0) * units::seconds_per_hour / power_w_;
        if (request.mission.height_m > 0.0 && climb.bands.empty()) possible_ = false;
    }

    bool possible() const { return possible_; }
    double most_s() const { return most_s_; }

    /// Whether a wind that grows stops it by then.
    bool is_stopped(double seconds) const {
        if (!column_.changes()) return false;
        const auto wind = column_.grown(conditions_.wind_out, climb_s_ + seconds);
        return !heading(bearing_deg_, conditions_.airspeed_out_mps, wind);
    }

    /// Over ground after a time of level flight, m, in a wind that may change.
    double flown_m(double seconds) const {
        constexpr double step_s = 120.0;
        const int steps = column_.changes() ? std::clamp(int(std::ceil(seconds / step_s)), 1, 60) : 1;
        const double each_s = seconds / steps;
        double way_m = climb_m_;
        for (int i = 0; i < steps; ++i) {
            const auto wind = column_.grown(conditions_.wind_out, climb_s_ + (i + 0.5) * each_s);
            const auto flown = heading(bearing_deg_, conditions_.airspeed_out_mps, wind);
            if (!flown) break;
            way_m += flown->ground_speed_mps * each_s;
        }
        return way_m;
    }

    struct Turned {
        double distance_m = 0.0;
        double margin_wh = 0.0;
        double reserve_wh = 0.0;
        double used_wh = 0.0;
        ReturnState station;
        ReturnEstimate way;
    };
    /// @param ridge_m  the highest ground between there and home, where terrain is known
    Turned turned(double seconds, const std::function<std::optional<double>(double)>& ridge_m) const {
        Turned turned;
        turned.distance_m = flown_m(seconds);
        const double level_wh = power_w_ * seconds / units::seconds_per_hour;
        flying::PackCourse drawn = climbed_;
        conditions_.at_powers->draw(drawn, power_w_, level_wh);
        turned.station = {geodesy::offset({}, bearing_deg_, turned.distance_m), request_.mission.height_m,
                          climb_s_ + seconds, ridge_m(turned.distance_m), bearing_deg_};
        turned.way = homeward_.from(turned.station);
        turned.reserve_wh = homeward_.reserve_wh(turned.way);
        turned.used_wh = climb_wh_ + level_wh;
        turned.margin_wh = turned.way.wind_allows
                               ? homeward_.books(turned.way, drawn).landing_left_wh - turned.reserve_wh
                               : -conditions_.usable_energy_wh();
        return turned;
    }

    /// The whole flight, leg by leg.
    std::vector<FlightLeg> legs(const Turned& turned) const {
        std::vector<FlightLeg> legs;
        for (const VerticalBand& band : climb_out(request_, conditions_).bands) {
            FlightLeg leg;
            leg.kind = PhaseKind::climb;
            leg.by_time = true;
            leg.course_deg = bearing_deg_;
            leg.airspeed_mps = band.horizontal_mps;
            leg.power_w = band.power_w;
            leg.height_m = band.height_m();
            leg.duration_s = band.duration_s;
            leg.ground_m = band.ground_m;
            leg.energy_wh = band.power_w * band.duration_s / units::seconds_per_hour;
            legs.push_back(leg);
        }
        FlightLeg level;
        level.course_deg = bearing_deg_;
        level.airspeed_mps = conditions_.airspeed_out_mps;
        level.power_w = power_w_;
        level.height_m = request_.mission.height_m;
        level.duration_s = turned.station.time_s - climb_s_;
        level.ground_m = turned.distance_m - climb_m_;
        level.energy_wh = power_w_ * level.duration_s / units::seconds_per_hour;
        level.group = 1;
        legs.push_back(level);
        for (FlightLeg leg : homeward_.legs_from(turned.station)) {
            leg.group = 2;
            legs.push_back(leg);
        }
        return legs;
    }

private:
    const PlanRequest& request_;
    const FlightConditions& conditions_;
    flying::AirColumn column_;
    Homeward homeward_;
    double bearing_deg_;
    double power_w_;
    double climb_m_ = 0.0;
    double climb_s_ = 0.0;
    double climb_wh_ = 0.0;
    flying::PackCourse climbed_;
    double most_s_ = 0.0;
    bool possible_ = false;
};

/// Where a margin that falls with time is nought: nearly straight, so that the secant leads there in a few steps.
/// @param same  as good as nought
/// @return `most_s` where it is never below nought; nothing where it is so from the start
template <class Margin>
std::optional<double> time_of_nought(const Margin& margin, double most_s, double same) {
    double low_s = 0.0;
    double low = margin(low_s);
    if (low <= 0.0) return std::nullopt;
    double high_s = most_s;
    double high = margin(high_s);
    if (high > 0.0) return most_s;
    constexpr double same_s = 0.01;
    constexpr int most_rounds = 40;
    for (int round = 0; round < most_rounds && high_s - low_s > same_s; ++round) {
        // Every third time half way: what is not straight (a ridge, a wind that allows no more) is boxed in too.
        const double share = round % 3 == 2 ? 0.5 : low / (low - high);
        const double inside = std::clamp(share, 1e-3, 1.0 - 1e-3);
        const double at_s = std::lerp(low_s, high_s, inside);
        const double at = margin(at_s);
        if (std::abs(at) < same) return at_s;
        (at > 0.0 ? low_s : high_s) = at_s;
        (at > 0.0 ? low : high) = at;
    }
    return low_s;
}

/// A turn that lies inside the climb, where `OutAndBack` does not look: by the plan's own outbound leg.
ReachPoint turned_in_climb(const PlanRequest& request, const FlightConditions& conditions) {
    ReachPoint point;
    point.bearing_deg = request.mission.bearing_deg;
    const Homeward homeward(request, conditions);
    if (!homeward.wind_allows()) return point;
    std::vector<units::Diagnostic> unheard;
    const WayOut out = way_out(request, conditions, homeward, unheard, true);
    if (out.track.size() < 2) return point;
    const auto turns = turn_rule_turns(request, conditions, homeward, out, false);
    const RuleTurn* turn = binding(turns);
    if (!turn) return point;
    const double turn_m = std::min(turn->distance_m, request.mission.farthest_m.value_or(HUGE_VAL));
    const OutwardPoint& launch = out.track.front();
    const OutwardPoint at = point_at(out.track, turn_m);
    const double slope = std::abs(launch.margin_wh() - at.margin_wh()) / std::max(turn_m, 1e-9);
    point.at = geodesy::offset({}, point.bearing_deg, turn_m);
    point.distance_m = {turn_m, slope > 0.0 ? std::min(at.margin_sd_wh / slope, turn_m) : 0.0};
    point.inner = geodesy::offset({}, point.bearing_deg, turn_m - point.distance_m.sd);
    point.outer = geodesy::offset({}, point.bearing_deg, turn_m + point.distance_m.sd);
    return point;
}

/// How far the errors of a wind that ends the outbound or the return leg move the place where it does, m, sd.
double by_wind_sd_m(const PlanRequest& request, const FlightConditions& conditions, double at_m,
                    const std::function<std::optional<double>(double)>& ridge_m) {
    const auto moved_m = [&](double more_wind_mps, double more_growth_mps_per_h) {
        const PlanRequest worse = windier(request, more_wind_mps, more_growth_mps_per_h);
        const auto then = nearly_the_same_conditions(worse, conditions);
        if (!then || !then->out || !then->home) return at_m;
        const OutAndBack flight(worse, *then);
        if (!flight.possible()) return at_m;
        const auto margin_wh = [&](double seconds) { return flight.turned(seconds, ridge_m).margin_wh; };
        return at_m - flight.flown_m(time_of_nought(margin_wh, flight.most_s(), 1e-9).value_or(0.0));
    };
    const DaySpread spread = spread_of(request, conditions);
    return units::combine_sd(moved_m(spread.wind_mps, 0.0), moved_m(0.0, spread.growth_mps_per_h));
}

ReachPoint on_one_bearing(const PlanRequest& request, const FlightConditions& known) {
    const double bearing_deg = request.mission.bearing_deg;
    ReachPoint point;
    point.bearing_deg = bearing_deg;
    const auto conditions = conditions_on_bearing(request, known);
    if (!conditions || !conditions->out || !conditions->home) return point;
    const OutAndBack flight(request, *conditions);
    if (!flight.possible()) return point;
    const double most_s = flight.most_s();
    const Profile ground(request.mission, bearing_deg, flight.flown_m(most_s));
    const auto ridge_m = [&](double distance_m) { return ground.ridge_m(distance_m); };
    const auto margin_wh = [&](double seconds) { return flight.turned(seconds, ridge_m).margin_wh; };
    const auto& counted = request.turn.counted;
    const auto counts = [&](TurnRule turn_rule) {
        return std::find(counted.begin(), counted.end(), turn_rule) != counted.end();
    };
    double turn_s = most_s;
    if (counts(TurnRule::energy_home) || !counts(TurnRule::chance)) {
        const auto by_energy_s = time_of_nought(margin_wh, most_s, 1e-9);
        if (!by_energy_s) return turned_in_climb(request, *conditions);
        turn_s = *by_energy_s;
    }
    if (counts(TurnRule::chance)) {
        const DrawnFlights drawn(request, *conditions, false);
        const DaySpread spread = spread_of(request, *conditions);
        const auto sure = [&](double seconds) {
            const auto turned = flight.turned(seconds, ridge_m);
            if (!turned.way.wind_allows) return turned.margin_wh;
            const auto legs = drawn.prepared(flight.legs(turned), turned.way.level_w, turned.reserve_wh);
            return sureness(drawn.chance_of_reserve(legs, spread), request.turn.least_chance);
        };
        const auto by_chance_s = time_of_nought(sure, turn_s, 1e-3);
        if (!by_chance_s) return turned_in_climb(request, *conditions);
        turn_s = *by_chance_s;
    }
    const auto turned = flight.turned(turn_s, ridge_m);
    double turn_m = turned.distance_m;
    if (request.mission.farthest_m) turn_m = std::min(turn_m, *request.mission.farthest_m);
    if (ground.blocked_m() && *ground.blocked_m() < turn_m) {
        turn_m = *ground.blocked_m();
        point.ended_by_terrain = true;
    }
    point.at = geodesy::offset({}, bearing_deg, turn_m);
    // As the turn's band: the margin's error over how fast the margin shrinks with the way; where there is no
    // return from a little farther out, over how fast it has shrunk.
    const double aside_s = std::max(0.01 * most_s, 1.0);
    const auto later = flight.turned(std::min(turn_s + aside_s, most_s), ridge_m);
    const auto aside = later.way.wind_allows ? later : flight.turned(std::max(turn_s - aside_s, 0.0), ridge_m);
    const double slope =
        (turned.margin_wh - aside.margin_wh) /
        std::copysign(std::max(std::abs(aside.distance_m - turn_m), 1e-9), aside.distance_m - turn_m);
    const double draw_sd = conditions->cruise_power_w.sd / conditions->cruise_power_w.value;
    const double sd_wh = units::combine_sd(
        battery::usable_relative_sd(request.pack) * conditions->usable_energy_wh(),
        draw_sd * (turned.used_wh + turned.way.energy_wh), wind_sd_wh_per_m(request, *conditions) * turn_m);
    point.distance_m = {turn_m, slope > 0.0 && !point.ended_by_terrain ? sd_wh / slope : 0.0};
    const bool home_no_more =
        !later.way.wind_allows && turned.margin_wh > to_spare_by_wind * conditions->usable_energy_wh();
    if (!point.ended_by_terrain && turned.margin_wh > 0.0 && (home_no_more || flight.is_stopped(turn_s)))
        point.distance_m.sd = std::min(by_wind_sd_m(request, *conditions, turn_m, ridge_m), turn_m);
    point.inner = geodesy::offset({}, bearing_deg, std::max(turn_m - point.distance_m.sd, 0.0));
    point.outer = geodesy::offset({}, bearing_deg, turn_m + point.distance_m.sd);
    return point;
}

} // namespace

Reach reach(const PlanRequest& request, const FlightConditions& conditions, int bearings,
            const std::stop_token& stop, const Parallel& parallel) {
    Reach line;
    line.points.resize(std::size_t(bearings));
    // A pack that cannot give the cruise reaches nothing, on every bearing.
    const bool gives = !conditions.cruise.gives_nothing();
    parallel(line.points.size(), [&](std::size_t i) {
        const double bearing_deg = 360.0 * double(i) / bearings;
        line.points[i].bearing_deg = bearing_deg;
        if (gives && !stop.stop_requested())
            line.points[i] = on_one_bearing(on_bearing(request, bearing_deg), conditions);
    });
    for (std::size_t i = 0; i < line.points.size(); ++i) {
        const double here_m = line.points[i].distance_m.value;
        if (here_m > line.points[line.farthest].distance_m.value) line.farthest = i;
        if (here_m < line.points[line.nearest].distance_m.value) line.nearest = i;
    }
    return line;
}

units::Result<Reach> reach(const PlanRequest& unchecked, int bearings, const std::stop_token& stop) {
    const auto request = validate(unchecked);
    if (!request) return tl::unexpected(request.error());
    const auto conditions = flight_conditions(*request);
    if (!conditions) return tl::unexpected(conditions.error());
    Reach line = reach(*request, *conditions, bearings, stop);
    if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
    return line;
}

} // namespace sobremesa::mission
