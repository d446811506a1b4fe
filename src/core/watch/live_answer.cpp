#include "core/watch/live_answer.hpp"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/battery/pack.hpp"
#include "core/mission/bail_out.hpp"
#include "core/mission/drawn_flights.hpp"
#include "core/mission/failsafe.hpp"
#include "core/mission/homeward.hpp"
#include "core/mission/turn_rules.hpp"
#include "core/telemetry/energy_used.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::watch {

using mission::TurnRule;
using units::Estimate;

namespace {

/// The wind is sought in so much of the flight, so often, s.
constexpr double wind_window_s = 3600.0;
constexpr double wind_every_s = 5.0;
/// … in at most so many moments of it: gusts hang together over many seconds, so that every fourth says nearly as
/// much.
constexpr std::size_t wind_moments = 900;
/// A flight has turned where it flew for so long so far off its main course: less than that, and a straight leg's
/// gusts would pass for a turn. Out and back on one line tells less than flying across it.
constexpr double off_course_s = 120.0;
constexpr double off_course_deg = 60.0;
constexpr double across_s = 45.0;
constexpr double across_deg = 35.0;
/// … the wind across a line that was flown there and back, as good as unknown, m/s.
constexpr double across_unknown_mps = 4.0;
/// A straight leg, as it is met now, s; its courses hang together so well; what gusts leave of its mean, m/s.
constexpr double leg_s = 120.0;
constexpr double least_share = 0.5;
constexpr double straight = 0.97;
constexpr double leg_gust_mps = 0.4;
constexpr double sample_s = 30.0;
/// Of one such sample, m/s; and how a wind may grow that is not known to, m/s per hour, as in `wind_estimate`.
constexpr double sample_sd_mps = 0.6;
constexpr double growth_sd_mps_per_h = 3.0;
constexpr double same_course_deg = 20.0;
/// What an airspeed held by the pilot is off by, relative, before the flight has shown it (common practice).
constexpr double airspeed_share_sd = 0.05;
/// A wind aloft changes by so much within minutes, one standard deviation, m/s.
constexpr double unsteady_mps = 0.5;
constexpr double draw_window_s = 600.0;
constexpr double level_climb_mps = 0.4;
constexpr double least_level_s = 30.0;
/// Power over the square of airspeed and more: how strongly an error of the airspeed acts on the power it asks for.
constexpr double power_per_airspeed = 1.8;
/// A compass is off by so much, one standard deviation, before turns have shown it, and after, rad; an airspeed
/// sensor's scale, relative (common practice, no source).
constexpr double heading_offset_sd_rad = 0.09;
constexpr double shown_offset_sd_rad = 0.03;
constexpr double airspeed_sensor_sd = 0.05;
/// A meter, and the curve, per cell, V; the resistance, relative.
constexpr double meter_sd_v = 0.01;
constexpr double curve_sd_v = 0.02;
constexpr double resistance_sd = 0.25;
constexpr double disagree_sds = 2.0;
constexpr double longest_look_s = 4.0 * 3600.0;
/// Turns made of fewer metres over ground are circles.
constexpr double least_radial_share = 0.3;

struct Vector {
    double east = 0.0;
    double north = 0.0;
};

Vector towards(const atmosphere::Wind& wind) {
    const double from = units::radians(wind.from_deg);
    return {-wind.speed_mps * std::sin(from), -wind.speed_mps * std::cos(from)};
}

atmosphere::Wind wind_of(const Vector& v) {
    return {std::hypot(v.east, v.north), units::wrap_degrees(units::degrees(std::atan2(-v.east, -v.north)))};
}

/// Two estimates of a plane vector, weighed by their covariances (east², east·north, north²).
struct Plane {
    Vector value;
    std::array<double, 3> covariance{};
};

std::array<double, 3> inverse(const std::array<double, 3>& c) {
    const double det = std::max(c[0] * c[2] - c[1] * c[1], 1e-9);
    return {c[2] / det, -c[1] / det, c[0] / det};
}

Plane weighed(const Plane& a, const Plane& b) {
    const auto ia = inverse(a.covariance);
    const auto ib = inverse(b.covariance);
    Plane both;
    both.covariance = inverse({ia[0] + ib[0], ia[1] + ib[1], ia[2] + ib[2]});
    const Vector sum{ia[0] * a.value.east + ia[1] * a.value.north + ib[0] * b.value.east + ib[1] * b.value.north,
                     ia[1] * a.value.east + ia[2] * a.value.north + ib[1] * b.value.east + ib[2] * b.value.north};
    const auto& c = both.covariance;
    both.value = {c[0] * sum.east + c[1] * sum.north, c[1] * sum.east + c[2] * sum.north};
    return both;
}

/// Every so many moments, so that they are not more than wanted.
telemetry::Motion thinned(telemetry::Motion motion, std::size_t most) {
    const std::size_t flown = motion.last_airborne - motion.first_airborne;
    const std::size_t every = (flown + most - 1) / most;
    if (every < 2) return motion;
    std::vector<telemetry::Moment> kept;
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne; i += every)
        kept.push_back(motion.moments[i]);
    motion.moments = std::move(kept);
    motion.step_s *= double(every);
    motion.first_airborne = 0;
    motion.last_airborne = motion.moments.size();
    return motion;
}

/// How the flight turned.
struct Turned {
    /// Across its main line for long enough to tell all of the wind from the airspeed.
    bool across = false;
    /// There and back on one line: the wind along it shows, and hardly the one across it.
    bool back = false;
    double line_deg = 0.0;
};

Turned turned(const telemetry::Motion& motion) {
    Vector sum;     // of courses
    Vector doubled; // of twice the courses: there and back are one line
    const auto courses = [&](const auto& take) {
        for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
            const auto& m = motion.moments[i];
            if (std::hypot(m.east_mps, m.north_mps) > 3.0)
                take(units::degrees(std::atan2(m.east_mps, m.north_mps)));
        }
    };
    courses([&](double course_deg) {
        const double c = units::radians(course_deg);
        sum.east += std::sin(c);
        sum.north += std::cos(c);
        doubled.east += std::sin(2.0 * c);
        doubled.north += std::cos(2.0 * c);
    });
    const double main_deg = units::degrees(std::atan2(sum.east, sum.north));
    const double line_deg = 0.5 * units::degrees(std::atan2(doubled.east, doubled.north));
    double off_s = 0.0;
    double aside_s = 0.0;
    courses([&](double course_deg) {
        constexpr double half_turn_deg = 180.0;
        const double aside = std::abs(units::signed_turn_degrees(line_deg, course_deg));
        if (std::min(aside, half_turn_deg - aside) > across_deg) aside_s += motion.step_s;
        if (std::abs(units::signed_turn_degrees(main_deg, course_deg)) > off_course_deg) off_s += motion.step_s;
    });
    return {aside_s >= across_s, off_s >= off_course_s, line_deg};
}

double turn_rad(double from_rad, double to_rad) {
    return std::remainder(to_rad - from_rad, 2.0 * std::numbers::pi);
}

/// What a wing's compass is off by, as turns have shown the wind: mean of heading less the direction of the air
/// velocity, rad.
double heading_offset_rad(const telemetry::Motion& motion, const telemetry::WindEstimate& wind) {
    Vector sum;
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
        const auto& m = motion.moments[i];
        if (!std::isfinite(m.heading_deg) || !std::isfinite(m.east_mps)) continue;
        const double off =
            units::radians(m.heading_deg) - std::atan2(m.east_mps - wind.east_mps, m.north_mps - wind.north_mps);
        sum.east += std::sin(off);
        sum.north += std::cos(off);
    }
    return std::atan2(sum.east, sum.north);
}

/// Where the nose of a wing points on a straight leg, rad, and the airspeed that a sensor shows, m/s; NaN where
/// either is not known.
struct LegNose {
    double heading_rad = 0.0;
    double airspeed_mps = 0.0;
};
LegNose leg_nose(const telemetry::Motion& motion) {
    Vector nose;
    double airspeeds = 0.0;
    double with_heading = 0.0;
    double with_airspeed = 0.0;
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
        const auto& m = motion.moments[i];
        if (std::isfinite(m.heading_deg)) {
            nose.east += std::sin(units::radians(m.heading_deg));
            nose.north += std::cos(units::radians(m.heading_deg));
            with_heading += 1.0;
        }
        if (m.airspeed_mps > 1.0) {
            airspeeds += m.airspeed_mps;
            with_airspeed += 1.0;
        }
    }
    const double enough = 0.5 * double(motion.last_airborne - motion.first_airborne);
    const bool steady = with_heading > enough && std::hypot(nose.east, nose.north) > straight * with_heading;
    return {steady ? std::atan2(nose.east, nose.north) : std::nan(""),
            with_airspeed > enough ? airspeeds / with_airspeed : std::nan("")};
}

/// Mean velocity over ground of the straight leg that is being flown; nothing where none is.
std::optional<Vector> leg_velocity(const telemetry::Motion& motion, double wanted_s) {
    Vector sum;
    double speeds = 0.0;
    double n = 0.0;
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
        const auto& m = motion.moments[i];
        const double speed = std::hypot(m.east_mps, m.north_mps);
        if (!std::isfinite(speed) || !(std::abs(m.climb_mps) < 2.0 * level_climb_mps)) continue;
        sum.east += m.east_mps;
        sum.north += m.north_mps;
        speeds += speed;
        n += 1.0;
    }
    if (n < least_share * wanted_s || !(std::hypot(sum.east, sum.north) > straight * speeds)) return std::nullopt;
    return Vector{sum.east / n, sum.north / n};
}

/// A wind that is known more or less, corrected by the airspeed on a leg: |v − w| = V. An iterated Kalman update
/// (Bell & Cathey, IEEE Trans. Automatic Control 38, 1993): the circle is not straight.
Plane corrected_by_leg(const Plane& prior, const Vector& ground, const Estimate& airspeed) {
    const auto& c = prior.covariance;
    const double noise = airspeed.sd * airspeed.sd + leg_gust_mps * leg_gust_mps;
    Vector w = prior.value;
    Plane after = prior;
    for (int i = 0; i < 8; ++i) {
        const double east = w.east - ground.east;
        const double north = w.north - ground.north;
        const double length = std::max(std::hypot(east, north), 0.1);
        const Vector u{east / length, north / length};
        const Vector cu{c[0] * u.east + c[1] * u.north, c[1] * u.east + c[2] * u.north};
        const double innovation_var = u.east * cu.east + u.north * cu.north + noise;
        const double missing = airspeed.value - length -
                               (u.east * (prior.value.east - w.east) + u.north * (prior.value.north - w.north));
        w = {prior.value.east + cu.east / innovation_var * missing,
             prior.value.north + cu.north / innovation_var * missing};
        after.covariance = {c[0] - cu.east * cu.east / innovation_var, c[1] - cu.east * cu.north / innovation_var,
                            c[2] - cu.north * cu.north / innovation_var};
    }
    after.value = w;
    return after;
}

/// A vector whose errors along and across the direction from which it comes are known, m/s.
std::array<double, 3> covariance_along(double from_rad, double along_sd, double across_sd) {
    const double s = std::sin(from_rad);
    const double c = std::cos(from_rad);
    const double along2 = along_sd * along_sd;
    const double across2 = across_sd * across_sd;
    return {s * s * along2 + c * c * across2, s * c * (along2 - across2), c * c * along2 + s * s * across2};
}

/// The plan's forecast at a height, so long after the launch.
Plane forecast_plane(const mission::PlanRequest& request, double height_m, double flown_s) {
    constexpr double least_sd_mps = 0.3;
    const auto column = mission::air_column(request);
    const atmosphere::Wind forecast = column.at(height_m, flown_s);
    const double sd = std::max(request.weather.wind_sd_mps * column.error_share(height_m), least_sd_mps);
    const double across_sd =
        std::max(std::sin(units::radians(request.weather.wind_from_sd_deg)) * forecast.speed_mps, sd);
    return {towards(forecast), covariance_along(units::radians(forecast.from_deg), sd, across_sd)};
}

/// A measured wind is the mean of what was looked at; how it grew carries it on to now.
Plane carried_on(const telemetry::WindEstimate& wind, double flown_s) {
    Plane measured{{wind.east_mps, wind.north_mps}, wind.covariance_m2ps2};
    const double speed = std::hypot(measured.value.east, measured.value.north);
    const double half_s = 0.5 * std::min(flown_s, wind_window_s);
    const double grown = wind.growth_mps_per_h.value * half_s / units::seconds_per_hour;
    const double grown_sd = wind.growth_mps_per_h.sd * half_s / units::seconds_per_hour;
    constexpr double least_mps = 0.5;
    if (speed > least_mps) {
        const double factor = std::max(1.0 + grown / speed, 0.0);
        measured.value = {factor * measured.value.east, factor * measured.value.north};
    }
    const double more = unsteady_mps * unsteady_mps + grown_sd * grown_sd;
    measured.covariance[0] += more;
    measured.covariance[2] += more;
    return measured;
}

/// The whole triangle is known: the wind is the velocity over ground less the one through the air.
Plane of_triangle(const geodesy::EastNorth& ground_mps, const Estimate& heading_rad, const Estimate& airspeed_mps) {
    const double sine = std::sin(heading_rad.value);
    const double cosine = std::cos(heading_rad.value);
    const double v = airspeed_mps.value;
    const double gusts2 = leg_gust_mps * leg_gust_mps;
    const double nose2 = airspeed_mps.sd * airspeed_mps.sd + gusts2;
    const double side2 = v * v * heading_rad.sd * heading_rad.sd + gusts2;
    return {{ground_mps.east_m - v * sine, ground_mps.north_m - v * cosine},
            {sine * sine * nose2 + cosine * cosine * side2, sine * cosine * (nose2 - side2),
             cosine * cosine * nose2 + sine * sine * side2}};
}

/// Of the direction that is known worse.
double worst_sd(const std::array<double, 3>& covariance) {
    const double half_trace = 0.5 * (covariance[0] + covariance[2]);
    const double det = covariance[0] * covariance[2] - covariance[1] * covariance[1];
    return std::sqrt(half_trace + std::sqrt(std::max(half_trace * half_trace - det, 0.0)));
}

} // namespace

double LiveWind::sd_along_mps(double direction_deg) const {
    const double s = std::sin(units::radians(direction_deg));
    const double c = std::cos(units::radians(direction_deg));
    const auto& v = covariance_m2ps2;
    return std::sqrt(std::max(s * s * v[0] + 2.0 * s * c * v[1] + c * c * v[2], 0.0));
}

const char* state_word(FlightState state) {
    switch (state) {
    case FlightState::waiting: return "waiting";
    case FlightState::ground: return "ground";
    case FlightState::outbound: return "outbound";
    case FlightState::inbound: return "inbound";
    case FlightState::landed: return "landed";
    case FlightState::lost: return "lost";
    }
    return "";
}

/// The plan's request and conditions in the air as it is now, time counted from now.
struct LiveSolver::Live {
    mission::Plan plan;
    mission::Homeward homeward;
    mission::ReturnState station;
    double draw = 1.0;

    Live(const mission::Plan& forecast, mission::PlanRequest request, const LiveAnswer& answer)
        : plan{.request = std::move(request),
               .conditions = forecast.conditions,
               .usable_energy_wh = {},
               .usable_charge_ah = {},
               .outward = {},
               .legs_out = {},
               .station = {},
               .least_clearance = {},
               .turn = {},
               .turn_rules = {},
               .flight = {},
               .turn_sensitivities = {},
               .diagnostics = {},
               .chance = {}},
          homeward(aligned(plan), plan.conditions), draw(answer.draw.value) {
        station.at = *answer.now.at;
        station.height_m = std::max(answer.now.height_m.value_or(plan.request.mission.height_m), 0.0);
        const auto& v = answer.now.velocity_mps;
        if (v && std::hypot(v->east_m, v->north_m) > 2.0) station.course_deg = geodesy::bearing_deg({}, *v);
    }

    /// Speeds and powers of the live air; the plan's own where it cannot be flown.
    static const mission::PlanRequest& aligned(mission::Plan& plan) {
        if (auto made = mission::conditions_on_bearing(plan.request, plan.conditions)) plan.conditions = *made;
        return plan.request;
    }
    /// A return leg as this flight draws.
    mission::ReturnEstimate home_from(const mission::ReturnState& from) const {
        auto way = homeward.from(from);
        way.energy_wh *= draw;
        way.level_w *= draw;
        for (auto& part : way.draws) {
            part.energy_wh *= draw;
            part.power_w *= draw;
        }
        return way;
    }
    const flying::PackAtPowers& pack() const { return *plan.conditions.at_powers; }
    double usable_wh() const { return plan.conditions.usable_energy_wh(); }
    /// What it remembers of the flight is taken for that of its cruise.
    flying::PackCourse pack_after(double used_ah) const {
        return pack().after(draw * plan.conditions.cruise_power_w.value, used_ah);
    }
    /// What a return leg takes of what is left before it, Wh; from where no wind lets it home, all there is would
    /// not do.
    double needed_wh(const mission::ReturnEstimate& way, double used_ah) const {
        if (!way.wind_allows) return 2.0 * usable_wh();
        return homeward.books(way, pack_after(used_ah)).needed_wh() + homeward.reserve_wh(way);
    }
    /// Of an intact reserve at home, turned for home from there.
    double chance_of_reserve(const LiveAnswer& answer, const mission::ReturnState& from, double used_ah) const {
        const auto way = home_from(from);
        if (!way.wind_allows) return 0.0;
        const mission::DrawnFlights drawn(plan.request, plan.conditions, false);
        auto spread = mission::spread_of(plan.request, plan.conditions);
        spread.draw = answer.draw.sd;
        spread.growth_mps_per_h = answer.wind.growth_mps_per_h.sd;
        spread.usable = answer.remaining->used_ah.sd / std::max(answer.usable_ah, 1e-9);
        const double across = answer.wind.sd_along_mps(answer.wind.from_deg + 90.0);
        spread.wind_from_deg = units::degrees(std::atan2(across, std::max(answer.wind.speed_mps, 1.0)));
        const double used_wh = pack().energy_wh(way.level_w, used_ah);
        auto flight = drawn.prepared(homeward.legs_from(from), way.level_w, homeward.reserve_wh(way) + used_wh);
        for (auto& leg : flight.legs) leg.counted_w *= draw;
        return drawn.chance_of_reserve(flight, spread);
    }
    double left_wh(const mission::ReturnEstimate& way, double used_ah) const {
        return pack().left_after_wh(pack_after(used_ah), way.level_w);
    }
};

/// What one flight has shown says nothing of the next.
void LiveSolver::begin_flight(int flight) {
    flight_ = flight;
    wind_at_s_ = -1e18;
    wind_.reset();
    airspeed_.reset();
    leg_.reset();
    leg_heading_.reset();
    leg_airspeed_.reset();
    samples_.clear();
}

/// What the motion so far tells of the wind, the airspeed and the leg that is being flown.
void LiveSolver::look_at_motion(const LiveFlight& flight, double now_s, const Estimate& cruise) {
    wind_at_s_ = now_s;
    const auto motion = thinned(flight.motion(wind_window_s), wind_moments);
    wind_.reset();
    const Turned how = turned(motion);
    if (how.across || how.back) {
        auto found = telemetry::wind_estimate(motion, cruise);
        if (!how.across) {
            const double s = std::cos(units::radians(how.line_deg));
            const double c = -std::sin(units::radians(how.line_deg));
            const double more = across_unknown_mps * across_unknown_mps;
            found.covariance_m2ps2[0] += more * s * s;
            found.covariance_m2ps2[1] += more * s * c;
            found.covariance_m2ps2[2] += more * c * c;
        }
        if (found.known()) wind_ = found;
        wind_is_whole_ = how.across;
    }
    // Known from turns, it tells the wind of the straight leg after them.
    constexpr double least_sd_mps = 0.3;
    if (wind_) airspeed_ = Estimate{wind_->airspeed_mps.value, std::max(wind_->airspeed_mps.sd, least_sd_mps)};
    const auto leg = leg_velocity(flight.motion(leg_s), leg_s);
    const auto sample = leg_velocity(flight.motion(sample_s), sample_s);
    if (sample && (samples_.empty() || now_s - samples_.back().time_s >= sample_s)) {
        samples_.push_back({now_s, std::hypot(sample->east, sample->north),
                            units::degrees(std::atan2(sample->east, sample->north))});
    }
    leg_ = leg ? std::optional(geodesy::EastNorth{leg->east, leg->north}) : std::nullopt;
    find_nose(flight, motion);
}

void LiveSolver::find_wind(const LiveFlight& flight, LiveAnswer& answer) {
    const Measured& now = answer.now;
    if (flight_ != flight.flight()) begin_flight(flight.flight());
    const double cruise_mps = plan_->conditions.airspeed_out_mps;
    const Estimate cruise{cruise_mps, airspeed_share_sd * cruise_mps};
    if (now.airborne && now.time_s - wind_at_s_ >= wind_every_s) look_at_motion(flight, now.time_s, cruise);
    const mission::PlanRequest& request = plan_->request;
    constexpr double least_height_m = 10.0;
    const double height_m = std::max(now.height_m.value_or(request.mission.height_m), least_height_m);
    const double flown_s = std::max(now.time_s - now.launch_s.value_or(now.time_s), 0.0);
    const Plane prior = forecast_plane(request, height_m, flown_s);
    Plane live = prior;
    LiveWind& wind = answer.wind;
    wind.airspeed_mps = airspeed_.value_or(cruise);
    if (wind_) {
        if (wind_is_whole_) wind.measured = wind_;
        live = weighed(prior, carried_on(*wind_, flown_s));
    }
    // A sensor says more of this leg's airspeed than the cruise or the mean of the flight.
    Estimate leg_airspeed = wind.airspeed_mps;
    if (leg_ && leg_airspeed_) {
        const double a = 1.0 / (leg_airspeed.sd * leg_airspeed.sd);
        const double b = 1.0 / (leg_airspeed_->sd * leg_airspeed_->sd);
        leg_airspeed = {(a * leg_airspeed.value + b * leg_airspeed_->value) / (a + b), std::sqrt(1.0 / (a + b))};
    }
    if (leg_ && leg_heading_)
        live = weighed(live, of_triangle(*leg_, *leg_heading_, leg_airspeed));
    else if (leg_)
        live = corrected_by_leg(live, {leg_->east_m, leg_->north_m}, leg_airspeed);
    const atmosphere::Wind decided = wind_of(live.value);
    wind.speed_mps = decided.speed_mps;
    wind.from_deg = decided.from_deg;
    wind.covariance_m2ps2 = live.covariance;
    wind.sd_mps = worst_sd(live.covariance);
    wind.forecast_mps = std::hypot(prior.value.east, prior.value.north);
    find_growth(wind);
    wind.change_mps = std::hypot(live.value.east - prior.value.east, live.value.north - prior.value.north);
}

/// Where the nose points and what a sensor shows of the airspeed on the straight leg that is being flown. A rotor
/// may point anywhere.
void LiveSolver::find_nose(const LiveFlight& flight, const telemetry::Motion& whole) {
    leg_heading_.reset();
    leg_airspeed_.reset();
    if (!leg_) return;
    const LegNose nose = leg_nose(flight.motion(leg_s));
    if (std::isfinite(nose.airspeed_mps))
        leg_airspeed_ = Estimate{nose.airspeed_mps, airspeed_sensor_sd * nose.airspeed_mps};
    if (plan_->request.aircraft.craft != airframe::Craft::wing || !std::isfinite(nose.heading_rad)) return;
    const bool shown = wind_ && wind_is_whole_;
    const double off = shown ? heading_offset_rad(whole, *wind_) : 0.0;
    // Not the nose of this aircraft, or not its heading: in no wind that it could fly in.
    const double drift = turn_rad(nose.heading_rad - off, std::atan2(leg_->east_m, leg_->north_m));
    constexpr double most_drift_rad = 1.0;
    if (std::abs(drift) > most_drift_rad) return;
    leg_heading_ = Estimate{nose.heading_rad - off, shown ? shown_offset_sd_rad : heading_offset_sd_rad};
}

/// On one leg, at one airspeed, the ground speed changes by what the wind along it does: its slope over time,
/// whatever the airspeed is. All legs that are long enough, each with its own mean.
void LiveSolver::find_growth(LiveWind& wind) const {
    const double planned = plan_->request.weather.wind_growth_mps_per_h;
    double weight = 1.0 / (growth_sd_mps_per_h * growth_sd_mps_per_h);
    double sum = planned * weight;
    for (std::size_t first = 0; first < samples_.size();) {
        std::size_t end = first + 1;
        while (end < samples_.size() &&
               std::abs(units::signed_turn_degrees(samples_[first].course_deg, samples_[end].course_deg)) <
                   same_course_deg)
            ++end;
        const double n = double(end - first);
        double t = 0.0;
        double v = 0.0;
        double east = 0.0;
        double north = 0.0;
        for (std::size_t i = first; i < end; ++i) {
            t += samples_[i].time_s / n;
            v += samples_[i].ground_mps / n;
            east += std::sin(units::radians(samples_[i].course_deg));
            north += std::cos(units::radians(samples_[i].course_deg));
        }
        double tt = 0.0;
        double tv = 0.0;
        for (std::size_t i = first; i < end; ++i) {
            const double hours = (samples_[i].time_s - t) / units::seconds_per_hour;
            tt += hours * hours;
            tv += hours * (samples_[i].ground_mps - v);
        }
        first = end;
        // Along the course, the share of the wind that is felt there; a wind from behind makes it faster.
        const double course = units::degrees(std::atan2(east, north));
        const double felt = -std::cos(units::radians(wind.from_deg - course));
        if (!(tt > 0.0) || std::abs(felt) < 0.3) continue;
        const double leg_weight = tt * felt * felt / (sample_sd_mps * sample_sd_mps);
        sum += leg_weight * tv / tt / felt;
        weight += leg_weight;
    }
    wind.growth_mps_per_h = {sum / weight, std::sqrt(1.0 / weight)};
}

void LiveSolver::find_draw(const LiveFlight& flight, LiveAnswer& answer) const {
    const auto& conditions = plan_->conditions;
    const double prior_sd =
        std::max(conditions.cruise_power_w.sd / std::max(conditions.cruise_power_w.value, 1e-9), 0.02);
    answer.draw = {1.0, prior_sd};
    const auto motion = flight.motion(draw_window_s);
    double seconds = 0.0;
    double power_ws = 0.0;
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
        const auto& m = motion.moments[i];
        if (!std::isfinite(m.power_w) || !(std::abs(m.climb_mps) < level_climb_mps)) continue;
        seconds += 1.0;
        power_ws += m.power_w;
    }
    if (seconds < least_level_s) return;
    const Estimate speed = answer.wind.airspeed_mps;
    const double height_m = answer.now.height_m.value_or(plan_->request.mission.height_m);
    const auto planned = mission::power_at(plan_->request, speed.value, std::max(height_m, 0.0), 0.0);
    if (!planned || !(planned->value > 0.0)) return;
    const double ratio = power_ws / seconds / planned->value;
    const double sd =
        units::combine_sd(power_per_airspeed * speed.sd / speed.value, 0.03 * std::sqrt(60.0 / seconds));
    const double a = 1.0 / (prior_sd * prior_sd);
    const double b = 1.0 / (sd * sd);
    constexpr double most = 2.0;
    answer.draw = {std::clamp((a + b * ratio) / (a + b), 1.0 / most, most), std::sqrt(1.0 / (a + b))};
}

mission::PlanRequest LiveSolver::live_request(const LiveAnswer& answer) const {
    mission::PlanRequest request = plan_->request;
    auto& weather = request.weather;
    const LiveWind& live = answer.wind;
    const double height_m = std::max(answer.now.height_m.value_or(request.mission.height_m), 10.0);
    const double forecast_sd = std::max(plan_->request.weather.wind_sd_mps, 0.3);
    if (weather.wind_table.size() > 1) {
        const auto column = mission::air_column(plan_->request);
        const double flown_s = std::max(answer.now.time_s - answer.now.launch_s.value_or(answer.now.time_s), 0.0);
        const Vector moved = towards({live.speed_mps, live.from_deg});
        const Vector was = towards(column.at(height_m, flown_s));
        for (auto& row : weather.wind_table) {
            const Vector at = towards(column.at(row.height_m, flown_s));
            row.wind = wind_of({at.east + moved.east - was.east, at.north + moved.north - was.north});
        }
    } else {
        weather.wind = {live.speed_mps, live.from_deg};
        weather.wind_height_m = height_m;
    }
    // On the return it is the wind along the course that counts; what is across it, in the second order.
    constexpr double across_counts = 0.3;
    const double home_deg = answer.now.bearing_home_deg;
    const double sd =
        units::combine_sd(live.sd_along_mps(home_deg), across_counts * live.sd_along_mps(home_deg + 90.0));
    weather.wind_growth_mps_per_h = live.growth_mps_per_h.value;
    // Half of what it may grow by on the return beside that.
    const double home_h = answer.now.from_home_m /
                          std::max(live.airspeed_mps.value - live.speed_mps, 0.3 * live.airspeed_mps.value) /
                          units::seconds_per_hour;
    weather.wind_sd_mps = units::combine_sd(std::clamp(sd, unsteady_mps, std::max(forecast_sd, unsteady_mps)),
                                            0.5 * home_h * live.growth_mps_per_h.sd);
    if (answer.now.at && answer.now.from_home_m > 1.0) {
        // Speeds and powers on the course that is flown home.
        request.mission.waypoints.clear();
        request.mission.kind = mission::MissionKind::out_and_back;
        request.mission.bearing_deg = units::wrap_degrees(answer.now.bearing_home_deg + 180.0);
    }
    return request;
}

void LiveSolver::find_remaining(const Live& live, LiveAnswer& answer) const {
    const Measured& now = answer.now;
    const auto& conditions = plan_->conditions;
    const double usable_sd = battery::usable_relative_sd(plan_->request.pack);
    const double usable_ah = conditions.usable_charge_ah();
    const auto way = live.home_from(live.station);
    Remaining found;
    std::optional<Estimate> counted;
    // Pauses of the record are missing from the sum; an aircraft's own counter went on.
    std::optional<double> used = now.charge_ah;
    if (now.counter_ah && (!used || now.gaps_s > 0.0)) used = std::max(used.value_or(0.0), *now.counter_ah);
    if (used) {
        counted = Estimate{*used, units::combine_sd(now.current_scale_sd * *used, usable_sd * usable_ah)};
        found.by_count_wh = Estimate{live.left_wh(way, *used), counted->sd / usable_ah * live.usable_wh()};
    }
    std::optional<Estimate> by_volts;
    const auto& points = conditions.cruise.points;
    if (now.filtered_v && now.airborne && points.size() > 3) {
        const double series = plan_->request.pack.series;
        const double amps = now.filtered_a.value_or(points.front().current_a);
        const auto shown = [&](std::size_t i) {
            const double ohm = conditions.pack->resistanceOhm(conditions.cruise.state_at(points[i]));
            return points[i].voltage_v - (amps - points[i].current_a) * ohm;
        };
        // Volts fall along a discharge, but for a cold pack that warms: the last place where they stand so high.
        std::size_t i = points.size() - 1;
        while (i > 0 && shown(i - 1) < *now.filtered_v) --i;
        const std::size_t lo = i > 0 ? i - 1 : 0;
        const std::size_t hi = std::min(lo + 1, points.size() - 1);
        const double a = shown(lo);
        const double b = shown(hi);
        const double share = a > b ? std::clamp((a - *now.filtered_v) / (a - b), 0.0, 1.0) : 0.0;
        const double ah = std::lerp(points[lo].charge_used_ah, points[hi].charge_used_ah, share);
        // The slope around it, over a tenth of the discharge.
        const std::size_t wide = std::max<std::size_t>(points.size() / 20, 1);
        const std::size_t from = lo > wide ? lo - wide : 0;
        const std::size_t to = std::min(hi + wide, points.size() - 1);
        const double slope =
            (shown(from) - shown(to)) / std::max(points[to].charge_used_ah - points[from].charge_used_ah, 1e-9);
        const double ohm = conditions.pack->resistanceOhm(conditions.cruise.state_at(points[lo]));
        const double sd_v = units::combine_sd(units::combine_sd(meter_sd_v, curve_sd_v) * series,
                                              resistance_sd * ohm * std::abs(amps));
        by_volts = Estimate{ah, std::min(sd_v / std::max(slope, 1e-6), usable_ah)};
        found.by_volts_wh = Estimate{live.left_wh(way, ah), by_volts->sd / usable_ah * live.usable_wh()};
    }
    if (!counted && !by_volts) return;
    if (counted && by_volts) {
        const double apart = std::abs(counted->value - by_volts->value);
        found.disagree = apart > disagree_sds * units::combine_sd(counted->sd, by_volts->sd);
        if (found.disagree) {
            found.used_ah = counted->value > by_volts->value ? *counted : *by_volts;
        } else {
            const double a = 1.0 / (counted->sd * counted->sd);
            const double b = 1.0 / (by_volts->sd * by_volts->sd);
            found.used_ah = {(a * counted->value + b * by_volts->value) / (a + b), std::sqrt(1.0 / (a + b))};
        }
    } else {
        found.used_ah = counted ? *counted : *by_volts;
    }
    found.wh = {live.left_wh(way, found.used_ah.value), found.used_ah.sd / usable_ah * live.usable_wh()};
    answer.remaining = found;
}

void LiveSolver::find_home(const Live& live, LiveAnswer& answer) const {
    const auto way = live.home_from(live.station);
    answer.wind_allows = way.wind_allows;
    answer.time_home_s = way.wind_allows ? std::optional(way.time_s) : std::nullopt;
    answer.reserve_wh = live.homeward.reserve_wh(way);
    if (!answer.remaining) return;
    const double needed = live.needed_wh(way, answer.remaining->used_ah.value);
    const double sd = units::combine_sd(answer.draw.sd * way.energy_wh,
                                        mission::wind_sd_wh_per_m(live.plan.request, live.plan.conditions) *
                                            answer.now.from_home_m);
    answer.needed_wh = Estimate{needed, sd};
    answer.margin_wh =
        Estimate{answer.remaining->wh.value - needed, units::combine_sd(answer.remaining->wh.sd, sd)};

    const double used_ah = answer.remaining->used_ah.value;
    if (way.wind_allows) {
        answer.chance_reserve = live.chance_of_reserve(answer, live.station, used_ah);
        return;
    }
    // The worst credible wind is one day of many: how many of them let it home is asked in the wind as it is
    // likeliest.
    auto likeliest = live.plan.request;
    likeliest.weather.home_wind_factor = 1.0;
    const Live usual(*plan_, std::move(likeliest), answer);
    answer.chance_reserve = usual.chance_of_reserve(answer, usual.station, used_ah);
}

namespace {

/// Until when a value stays above 0, s: the first place where it does not, to a second. It may rise again later, so
/// the span is walked through first.
template <class Value>
double crossing(double until_s, const Value& value) {
    if (!(value(0.0) > 0.0)) return 0.0;
    constexpr int steps = 12;
    double low = 0.0;
    double high = until_s;
    bool found = false;
    for (int i = 1; i <= steps && !found; ++i) {
        const double at = until_s * i / steps;
        found = !(value(at) > 0.0);
        (found ? high : low) = at;
    }
    for (int i = 0; found && i < 12 && high - low > 1.0; ++i) {
        const double middle = 0.5 * (low + high);
        (value(middle) > 0.0 ? low : high) = middle;
    }
    return high;
}

/// The same of a chance, which falls throughout and costs more to ask for: to two seconds.
template <class Sure>
double sure_until(double until_s, const Sure& sure) {
    if (sure(until_s) > 0.0) return until_s;
    double low = 0.0;
    double high = until_s;
    if (!(sure(0.0) > 0.0)) high = 0.0;
    for (int i = 0; i < 10 && high - low > 2.0; ++i) {
        const double middle = 0.5 * (low + high);
        (sure(middle) > 0.0 ? low : high) = middle;
    }
    return high;
}

} // namespace

void LiveSolver::find_turn(const Live& live, LiveAnswer& answer) const {
    const Measured& now = answer.now;
    if (!answer.remaining || !now.velocity_mps || !now.power_w || !(*now.power_w > 0.0)) return;
    const double used_ah = answer.remaining->used_ah.value;
    const double power_w = *now.power_w;
    const double empty_s = std::min(
        std::max(live.pack().left_wh(power_w, used_ah), 0.0) / power_w * units::seconds_per_hour, longest_look_s);
    const auto station_in = [&](double seconds) {
        mission::ReturnState ahead = live.station;
        if (!ahead_.empty()) {
            const auto after = std::find_if(ahead_.begin(), ahead_.end(),
                                            [&](const Ahead& point) { return point.time_s > seconds; });
            const Ahead& b = after == ahead_.end() ? ahead_.back() : *after;
            const Ahead& a = after == ahead_.begin() ? b : *(after - 1);
            const double span_s = b.time_s - a.time_s;
            const double share = after != ahead_.end() && span_s > 0.0 ? (seconds - a.time_s) / span_s : 1.0;
            ahead.at = {std::lerp(a.at.east_m, b.at.east_m, share), std::lerp(a.at.north_m, b.at.north_m, share)};
            ahead.height_m = std::max(0.0, std::lerp(a.height_m, b.height_m, share));
            if (std::hypot(b.at.east_m - a.at.east_m, b.at.north_m - a.at.north_m) > 1.0)
                ahead.course_deg = geodesy::bearing_deg(a.at, b.at);
            return ahead;
        }
        ahead.at = {now.at->east_m + now.velocity_mps->east_m * seconds,
                    now.at->north_m + now.velocity_mps->north_m * seconds};
        return ahead;
    };
    const auto used_in = [&](double seconds) {
        return live.pack().charge_after_ah(power_w, used_ah, power_w * seconds / units::seconds_per_hour);
    };
    // Left less needed, and without keeping the reserve.
    const auto margin_in = [&](double seconds, bool reserve) {
        const auto way = live.home_from(station_in(seconds));
        const double used = used_in(seconds);
        const double margin = live.left_wh(way, used) - live.needed_wh(way, used);
        return reserve ? margin : margin + live.homeward.reserve_wh(way);
    };
    answer.latest_s = crossing(empty_s, [&](double t) { return margin_in(t, false); });
    if (answer.state != FlightState::outbound) return;
    TurnAhead turn{TurnRule::energy_home, crossing(empty_s, [&](double t) { return margin_in(t, true); })};
    const auto counts = [&](TurnRule turn_rule) {
        const auto& counted = plan_->request.turn.counted;
        return std::find(counted.begin(), counted.end(), turn_rule) != counted.end();
    };
    if (!counts(TurnRule::energy_home)) turn.time_s = empty_s;
    if (counts(TurnRule::chance) && answer.chance_reserve) {
        const auto sure = [&](double seconds) {
            const double chance = live.chance_of_reserve(answer, station_in(seconds), used_in(seconds));
            return mission::sureness(chance, plan_->request.turn.least_chance);
        };
        if (const double sure_s = sure_until(turn.time_s, sure); sure_s < turn.time_s) {
            turn.time_s = sure_s;
            turn.rule = TurnRule::chance;
        }
    }
    for (const TurnRule turn_rule : mission::all_turn_rules()) {
        if (!counts(turn_rule)) continue;
        const auto at_ah = mission::charge_to_turn_ah(turn_rule, plan_->request, plan_->conditions);
        if (!at_ah) continue;
        const double wh = live.pack().energy_wh(power_w, *at_ah) - live.pack().energy_wh(power_w, used_ah);
        const double seconds = std::max(wh, 0.0) / power_w * units::seconds_per_hour;
        if (seconds >= turn.time_s) continue;
        turn.time_s = seconds;
        turn.rule = turn_rule;
    }
    // Where the pilot wants to turn in any case.
    const double radial_mps =
        now.from_home_m > 1.0
            ? (now.velocity_mps->east_m * now.at->east_m + now.velocity_mps->north_m * now.at->north_m) /
                  now.from_home_m
            : 0.0;
    if (const auto farthest = plan_->request.mission.farthest_m; farthest && radial_mps > 1.0)
        turn.time_s = std::min(turn.time_s, std::max(*farthest - now.from_home_m, 0.0) / radial_mps);
    // At the end of its route the flight goes home by itself.
    if (!ahead_.empty()) turn.time_s = std::min(turn.time_s, ahead_.back().time_s);
    const auto there = station_in(turn.time_s).at;
    turn.distance_m = std::hypot(there.east_m, there.north_m);
    turn.charge_ah = used_in(turn.time_s);
    turn.at = there;
    answer.turn = turn;
}

std::vector<LiveSolver::Ahead> LiveSolver::route_ahead(const LiveAnswer& answer) const {
    const Measured& now = answer.now;
    const auto& track = plan_->outward;
    if (!now.airborne || !now.at || !now.velocity_mps || plan_->request.mission.waypoints.empty() ||
        track.size() < 2)
        return {};
    const double ground_mps = std::hypot(now.velocity_mps->east_m, now.velocity_mps->north_m);
    if (ground_mps < 2.0) return {};
    // The piece that is near, flown in its own direction; of several the one at about the distance flown by now.
    constexpr double near_m = 250.0;
    constexpr double same_way = 0.6;
    std::optional<std::size_t> best;
    double best_share = 0.0;
    double least_m = HUGE_VAL;
    for (std::size_t i = 0; i + 1 < track.size(); ++i) {
        const double east_m = track[i + 1].at.east_m - track[i].at.east_m;
        const double north_m = track[i + 1].at.north_m - track[i].at.north_m;
        const double length_m = std::hypot(east_m, north_m);
        if (length_m < 1.0) continue;
        const double along =
            (now.velocity_mps->east_m * east_m + now.velocity_mps->north_m * north_m) / (ground_mps * length_m);
        const double share = std::clamp(
            ((now.at->east_m - track[i].at.east_m) * east_m + (now.at->north_m - track[i].at.north_m) * north_m) /
                (length_m * length_m),
            0.0, 1.0);
        const double off_m = std::hypot(now.at->east_m - track[i].at.east_m - share * east_m,
                                        now.at->north_m - track[i].at.north_m - share * north_m);
        if (along < same_way || off_m > near_m) continue;
        const double flown_m = std::lerp(track[i].distance_m, track[i + 1].distance_m, share);
        if (std::abs(flown_m - now.ground_m) >= least_m) continue;
        least_m = std::abs(flown_m - now.ground_m);
        best = i;
        best_share = share;
    }
    if (!best) return {};
    // Through the air as now, over ground as the live wind lets it on each course.
    const double from = units::radians(answer.wind.from_deg);
    const double airspeed_mps = std::hypot(now.velocity_mps->east_m + answer.wind.speed_mps * std::sin(from),
                                           now.velocity_mps->north_m + answer.wind.speed_mps * std::cos(from));
    const double planned_m = std::lerp(track[*best].height_m, track[*best + 1].height_m, best_share);
    const double above_plan_m = now.height_m.value_or(planned_m) - planned_m;
    std::vector<Ahead> ahead{{0.0, *now.at, now.height_m.value_or(planned_m)}};
    for (std::size_t i = *best + 1; i < track.size(); ++i) {
        const geodesy::EastNorth& to = track[i].at;
        const double length_m =
            std::hypot(to.east_m - ahead.back().at.east_m, to.north_m - ahead.back().at.north_m);
        double seconds = 0.0;
        if (length_m > 1.0) {
            const auto heading = geodesy::wind_triangle(geodesy::bearing_deg(ahead.back().at, to), airspeed_mps,
                                                        answer.wind.from_deg, answer.wind.speed_mps);
            if (!heading || !(heading->ground_speed_mps > 0.5)) break;
            seconds = length_m / heading->ground_speed_mps;
        } else if (i > *best + 1) {
            // Circles over a place.
            seconds = std::max(track[i].time_s - track[i - 1].time_s, 0.0);
        }
        ahead.push_back({ahead.back().time_s + seconds, to, track[i].height_m + above_plan_m});
    }
    return ahead;
}

std::vector<geodesy::EastNorth> LiveSolver::reach_from_here(const LiveAnswer& answer, int bearings) const {
    std::vector<geodesy::EastNorth> line;
    if (!answer.remaining || !answer.now.airborne || !answer.now.at || !answer.margin_wh) return line;
    const Live live(*plan_, live_request(answer), answer);
    const double power_w = live.plan.conditions.cruise_power_w.value * live.draw;
    const double airspeed_mps = live.plan.conditions.airspeed_out_mps;
    const double used_ah = answer.remaining->used_ah.value;
    const double left_wh = std::max(live.pack().left_wh(power_w, used_ah), 0.0);
    if (!(power_w > 0.0) || !(left_wh > 0.0)) return line;
    for (int i = 0; i < bearings; ++i) {
        const double bearing_deg = 360.0 * i / bearings;
        const auto heading =
            geodesy::wind_triangle(bearing_deg, airspeed_mps, answer.wind.from_deg, answer.wind.speed_mps);
        if (!heading) { // no way to be made there
            line.push_back(*answer.now.at);
            continue;
        }
        const double ground_mps = heading->ground_speed_mps;
        const geodesy::EastNorth along{std::sin(units::radians(bearing_deg)),
                                       std::cos(units::radians(bearing_deg))};
        const auto place_at = [&](double distance_m) {
            return geodesy::EastNorth{answer.now.at->east_m + along.east_m * distance_m,
                                      answer.now.at->north_m + along.north_m * distance_m};
        };
        const auto margin_at = [&](double distance_m) {
            mission::ReturnState there = live.station;
            there.at = place_at(distance_m);
            there.course_deg = bearing_deg;
            const double wh = power_w * distance_m / ground_mps / units::seconds_per_hour;
            const double used = live.pack().charge_after_ah(power_w, used_ah, wh);
            const auto way = live.home_from(there);
            return live.left_wh(way, used) - live.needed_wh(way, used);
        };
        // Nearly a straight line, so that a few chords find where it is nothing; the end that stays put counts half
        // (the Illinois rule).
        double low = 0.0;
        double high = left_wh / power_w * units::seconds_per_hour * ground_mps;
        double at_low = margin_at(low);
        if (!(at_low > 0.0)) return {};
        double at_high = margin_at(high);
        if (at_high > 0.0) {
            line.push_back(place_at(high));
            continue;
        }
        constexpr int most_chords = 12;
        constexpr double close_m = 10.0;
        int side = 0;
        for (int chord = 0; chord < most_chords && high - low > close_m; ++chord) {
            const double middle = low + (high - low) * at_low / (at_low - at_high);
            const double margin = margin_at(middle);
            if (margin > 0.0) {
                if (middle - low < close_m && side == 1) {
                    low = middle;
                    break;
                }
                low = middle;
                at_low = margin;
                if (side == 1) at_high *= 0.5;
                side = 1;
            } else {
                high = middle;
                at_high = margin;
                if (side == -1) at_low *= 0.5;
                side = -1;
            }
        }
        line.push_back(place_at(low));
    }
    return line;
}

void LiveSolver::find_places(const Live& live, LiveAnswer& answer) const {
    mission::Plan here = live.plan;
    mission::OutwardPoint point;
    point.at = live.station.at;
    point.height_m = live.station.height_m;
    point.course_deg = live.station.course_deg;
    point.set_pack(live.pack_after(answer.remaining->used_ah.value));
    point.distance_m = answer.now.from_home_m;
    for (const auto& way : mission::bail_outs(here, point)) {
        // As much more, or less, as this flight draws.
        const double margin = way.margin_wh - (live.draw - 1.0) * way.needed_wh;
        answer.places.push_back(
            {way.home, way.name, way.distance_m, way.bearing_deg, margin, way.reachable && margin >= 0.0});
    }
    if (!here.request.failsafe) return;
    here.outward = {point, point};
    here.outward.front().distance_m = 0.0;
    here.outward.front().at = {};
    here.turn.emplace();
    here.turn->distance_m = {point.distance_m, 0.0};
    if (const auto outcome = mission::failsafe_return(here))
        answer.failsafe_gets_home =
            outcome->gets_home && outcome->left_wh >= (live.draw - 1.0) * outcome->energy_wh;
}

LiveAnswer LiveSolver::answer(const LiveFlight& flight) {
    LiveAnswer answer;
    const auto& conditions = plan_->conditions;
    answer.usable_ah = conditions.usable_charge_ah();
    answer.usable_wh = conditions.usable_energy_wh();
    if (!flight.begun()) return answer;
    answer.now = flight.now();
    const Measured& now = answer.now;
    find_wind(flight, answer);
    ahead_ = route_ahead(answer);
    if (now.landed) {
        answer.state = FlightState::landed;
    } else if (!now.airborne) {
        answer.state = FlightState::ground;
    } else {
        // Homeward where it closes in on home for good: not in a circle, not for a gust.
        answer.state = FlightState::outbound;
        constexpr double look_back_s = 20.0;
        const auto& seconds = flight.seconds();
        const auto before = std::find_if(seconds.rbegin(), seconds.rend(), [&](const Second& s) {
            return s.time_s <= now.time_s - look_back_s && std::isfinite(s.from_home_m);
        });
        if (before != seconds.rend() && now.at) {
            const double closed_m = before->from_home_m - now.from_home_m;
            const double flown_m = answer.now.ground_mps.value_or(0.0) * (now.time_s - before->time_s);
            constexpr double near_m = 150.0;
            const bool came_back = now.farthest_m > 2.0 * near_m && now.from_home_m < 0.5 * now.farthest_m;
            // A leg of a route may lead towards home without being the return leg.
            const bool on_route = ahead_.size() > 1;
            if (!on_route &&
                (closed_m > least_radial_share * std::max(flown_m, 1.0) || (came_back && now.from_home_m < near_m)))
                answer.state = FlightState::inbound;
        }
    }
    if (now.power_w && now.filtered_a && now.ground_mps && *now.ground_mps > 1.0)
        answer.charge_ah_per_m = *now.filtered_a / *now.ground_mps / units::seconds_per_hour;
    if (plan_->flight)
        answer.planned_ah_per_m = answer.state == FlightState::inbound ? plan_->flight->charge_home_ah_per_m
                                                                       : plan_->flight->charge_out_ah_per_m;
    telemetry::LogSummary volts;
    volts.energy.highest_voltage_v = now.highest_v;
    answer.pack_fits = telemetry::volts_fit(volts, plan_->request.pack);
    if (now.airborne) find_draw(flight, answer);
    if (!answer.pack_fits || !conditions.at_powers || !(answer.usable_ah > 0.0)) return answer;
    if (!now.at) {
        // Where it is nobody knows, or no longer; what its pack holds is known all the same, as over home.
        LiveAnswer over_home = answer;
        over_home.now.at = geodesy::EastNorth{};
        over_home.now.from_home_m = 0.0;
        find_remaining(Live(*plan_, live_request(over_home), over_home), answer);
        return answer;
    }
    const Live live(*plan_, live_request(answer), answer);
    find_remaining(live, answer);
    if (!answer.remaining) return answer;
    find_home(live, answer);
    if (now.airborne) find_turn(live, answer);
    find_places(live, answer);
    return answer;
}

} // namespace sobremesa::watch
