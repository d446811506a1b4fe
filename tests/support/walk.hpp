#pragma once

#include <array>
#include <cmath>
#include <random>

#include "core/mission/drawn_flights.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"

// A walk that shares none of the planner's steps: second by second, with winds as vectors and an atmosphere of its
// own, the pack integrated as it goes. Only the aircraft's power and the pack's circuit are the program's.

namespace sobremesa::tests {

using namespace mission;

struct Vector {
    double east = 0.0;
    double north = 0.0;
};
inline Vector operator+(Vector a, Vector b) {
    return {a.east + b.east, a.north + b.north};
}
inline Vector operator*(double s, Vector a) {
    return {s * a.east, s * a.north};
}
inline double dot(Vector a, Vector b) {
    return a.east * b.east + a.north * b.north;
}
inline double length(Vector a) {
    return std::sqrt(dot(a, a));
}
/// Unit vector of a compass direction.
inline Vector towards(double deg) {
    const double a = deg * M_PI / 180.0;
    return {std::sin(a), std::cos(a)};
}

/// The day that is flown on: how it differs from the forecast.
struct Day {
    bool worst_home = false;
    DayDraw off;
};

class Walker {
public:
    Walker(const PlanRequest& request, const FlightConditions&, const Day& day)
        : r_(request), day_(day), pack_(pack_of(request, day)), state_(start_of(request, day)),
          mass_kg_(request.aircraft.mass_kg + request.pack.mass_kg) {}

    double energy_wh = 0.0;
    double time_s = 0.0;
    Vector at;
    double height_m = 0.0;
    bool possible = true;

    /// Up or down on a course, or along a leg so that the height is reached where it ends.
    void change_height(Vector course, double airspeed, double to_m, double rate, bool home,
                       double even_over_m = 0.0) {
        const double from_m = height_m;
        const double sign = to_m > from_m ? 1.0 : -1.0;
        double gone_m = 0.0;
        double now = rate;
        while (possible && sign * (to_m - height_m) > 1e-9) {
            double mps = over_ground(course, std::sqrt(std::max(airspeed * airspeed - now * now, 0.0)), home);
            if (even_over_m > 0.0) {
                now = std::min(rate, std::abs(to_m - from_m) * mps / even_over_m);
                mps = over_ground(course, std::sqrt(std::max(airspeed * airspeed - now * now, 0.0)), home);
                // Too steep for the way: the rest in circles.
                if (gone_m >= even_over_m) mps = 0.0;
            }
            const double dt = std::min(step_s, sign * (to_m - height_m) / now);
            draw(power(airspeed, height_m + 0.5 * sign * now * dt, sign * now), dt);
            height_m += sign * now * dt;
            at = at + mps * dt * course;
            gone_m += mps * dt;
        }
    }
    void level(Vector course, double airspeed, double way_m, bool home) {
        const double watts = power(airspeed, height_m, 0.0);
        while (possible && way_m > 1e-6) {
            const double mps = over_ground(course, airspeed, home);
            if (!(mps > 0.3)) possible = false;
            if (!possible) return;
            const double dt = std::min(step_s, way_m / mps);
            draw(watts, dt);
            at = at + mps * dt * course;
            way_m -= mps * dt;
        }
    }
    void circle(double airspeed, double seconds) {
        const double watts = power(airspeed, height_m, 0.0);
        for (double left = seconds; left > 1e-9; left -= step_s) draw(watts, std::min(step_s, left));
    }
    /// Straight home: level, then down so that the descent ends over home.
    void home(double airspeed) {
        const double way_m = length(at);
        const Vector course = (-1.0 / way_m) * at;
        // Where the descent begins is found by flying it, from too early on.
        double level_m = 0.5 * way_m;
        for (int round = 0; round < 12; ++round) {
            Walker trial = *this;
            trial.level(course, airspeed, level_m, true);
            trial.change_height(course, airspeed, 0.0, r_.mission.descent_rate_mps, true);
            const double short_m = dot(trial.at, course); // below 0: not there yet
            if (!trial.possible || std::abs(short_m) < 0.05) break;
            level_m = std::max(level_m - short_m, 0.0);
        }
        level(course, airspeed, level_m, true);
        change_height(course, airspeed, 0.0, r_.mission.descent_rate_mps, true);
    }
    /// What the pack still gives at a power until its filtered volts are at the landing voltage.
    double left_wh(double watts) {
        double left = 0.0;
        const double landing_v = *r_.landing_cell_v * r_.pack.series;
        double filtered = volts(watts);
        if (filtered <= landing_v) return -1.0;
        while (filtered > landing_v) {
            const double dt = 1.0;
            const auto point = pack_.atPower(state_, watts);
            if (!point) break;
            step_pack(watts, dt);
            filtered += (volts(watts) - filtered) * dt / 10.0;
            left += watts * dt / 3600.0;
        }
        return left;
    }
    double level_power(double airspeed, double height) const { return power(airspeed, height, 0.0); }

    static constexpr double step_s = 2.0;

private:
    static battery::PackModel pack_of(const PlanRequest& request, const Day& day) {
        battery::Pack pack = request.pack;
        pack.capacity_factor *= day.off.usable;
        return battery::PackModel(pack);
    }
    static battery::PackState start_of(const PlanRequest& request, const Day& day) {
        battery::PackState state;
        state.temperature_c = request.weather.temperature_c + day.off.warmer_k;
        return state;
    }
    /// International Standard Atmosphere's pressure, the field's temperature with its lapse.
    double density(double height) const {
        const double p =
            101325.0 * std::pow(1.0 - 0.0065 * (r_.weather.field_elevation_m + height) / 288.15, 5.25588);
        return p / (287.05287 * (273.15 + r_.weather.temperature_c - 0.0065 * height));
    }
    double power(double airspeed, double height, double climb) const {
        const auto watts = airframe::power_w(r_.aircraft, mass_kg_, {airspeed, mass_kg_, density(height), climb});
        return day_.off.draw * watts->value;
    }
    /// Where the air goes, m/s.
    Vector wind() const {
        const Weather& w = r_.weather;
        Vector from;
        if (w.wind_table.size() > 1) {
            std::size_t i = 0;
            while (i < w.wind_table.size() && w.wind_table[i].height_m <= height_m) ++i;
            const auto row = [&](std::size_t k) {
                return w.wind_table[k].wind.speed_mps * towards(w.wind_table[k].wind.from_deg);
            };
            if (i == 0 || i == w.wind_table.size()) {
                from = row(i == 0 ? 0 : i - 1);
            } else {
                const double share = (height_m - w.wind_table[i - 1].height_m) /
                                     (w.wind_table[i].height_m - w.wind_table[i - 1].height_m);
                from = (1.0 - share) * row(i - 1) + share * row(i);
            }
        } else {
            const double known_at = std::max(w.wind_height_m.value_or(r_.mission.height_m), 2.0);
            from = w.wind.speed_mps * std::pow(std::max(height_m, 2.0) / known_at, w.wind_exponent) *
                   towards(w.wind.from_deg);
        }
        const double speed = length(from);
        const double direction_deg =
            speed > 0.0 ? std::atan2(from.east, from.north) * 180.0 / M_PI : w.wind.from_deg;
        const double hours = time_s / 3600.0;
        const double aloft =
            std::pow(std::max(height_m, 2.0) / std::max(r_.mission.height_m, 2.0), w.wind_exponent);
        const double now = std::max(speed + w.wind_growth_mps_per_h * hours, 0.0) +
                           aloft * (day_.off.wind_mps + day_.off.growth_mps_per_h * hours);
        return -now * towards(direction_deg + day_.off.wind_from_deg);
    }
    static double along(Vector course, double airspeed, Vector wind) {
        const double ahead = dot(wind, course);
        const double across = dot(wind, {-course.north, course.east});
        const double squared = airspeed * airspeed - across * across;
        return squared > 0.0 ? std::sqrt(squared) + ahead : 0.0;
    }
    double over_ground(Vector course, double airspeed, bool home) {
        if (length(course) == 0.0) return 0.0; // in circles
        const Vector air = wind();
        double mps = along(course, airspeed, air);
        if (home && day_.worst_home) {
            const double f = r_.weather.home_wind_factor;
            mps = std::min(along(course, airspeed, f * air), along(course, airspeed, 1.0 / f * air));
            const double aloft =
                std::pow(std::max(height_m, 2.0) / std::max(r_.mission.height_m, 2.0), r_.weather.wind_exponent);
            // Off by 1.65 standard deviations straight against the course; a factor of 1 switches all of it off.
            if (f != 1.0)
                mps = std::min(mps, along(course, airspeed, air + -1.65 * r_.weather.wind_sd_mps * aloft * course));
        }
        if (!(mps > 0.0)) possible = false;
        return mps;
    }
    double volts(double watts) const {
        const auto point = pack_.atPower(state_, watts);
        return point ? point->voltage_v : 0.0;
    }
    void step_pack(double watts, double dt) {
        const double air_c = r_.weather.temperature_c + day_.off.warmer_k - 0.0065 * r_.mission.height_m;
        // The slope in the middle of the step.
        const auto slope = [&](const battery::PackState& s) {
            const auto point = pack_.circuit(s).atPowerOrLimit(watts);
            const auto rates = pack_.rates(s, point.current_a, air_c);
            return std::array<double, 3>{point.current_a / 3600.0, rates.slow_gap_per_s, rates.kelvin_per_s};
        };
        const auto moved = [&](const std::array<double, 3>& k, double h) {
            return battery::PackState{state_.charge_used_ah + h * k[0], state_.slow_gap + h * k[1],
                                      state_.temperature_c + h * k[2]};
        };
        state_ = moved(slope(moved(slope(state_), 0.5 * dt)), dt);
    }
    void draw(double watts, double dt) {
        step_pack(watts, dt);
        energy_wh += watts * dt / 3600.0;
        time_s += dt;
    }

    const PlanRequest& r_;
    Day day_;
    battery::PackModel pack_;
    battery::PackState state_;
    double mass_kg_;
};

class Random {
public:
    explicit Random(std::uint64_t seed) : engine_(seed) {}
    double between(double least, double most) {
        return least + (most - least) * (double(engine_() >> 11) * 0x1.0p-53);
    }
    bool one_in(double n) { return between(0.0, n) < 1.0; }

private:
    std::mt19937_64 engine_;
};

/// Aircraft, packs, heights and winds of all kinds; flown as textbooks fly: turned on the spot, down to the ground.
inline PlanRequest random_request(Random& random, bool route) {
    PlanRequest r = by_the_book(sample_request());
    r.aircraft.craft = random.one_in(2.0) ? airframe::Craft::rotor : airframe::Craft::wing;
    r.aircraft.mass_kg = random.between(0.6, 2.5);
    r.aircraft.cruise_airspeed_mps = random.between(11.0, 22.0);
    r.aircraft.cruise_power_w = random.between(50.0, 140.0);
    r.pack.cell_capacity_ah = random.between(3.0, 5.0);
    r.pack.parallel = random.one_in(2.0) ? 2 : 3;
    r.pack.cell_resistance_ohm = random.between(0.015, 0.03);
    r.weather.temperature_c = random.between(2.0, 32.0);
    r.weather.field_elevation_m = random.between(0.0, 1200.0);
    const double most_wind = 0.5 * r.aircraft.cruise_airspeed_mps;
    r.weather.wind = {random.between(0.0, most_wind), random.between(0.0, 360.0)};
    r.mission.height_m = random.between(30.0, 400.0);
    if (random.one_in(2.0)) r.weather.wind_growth_mps_per_h = random.between(-2.0, 4.0);
    if (random.one_in(2.0)) r.weather.wind_height_m = random.between(5.0, 120.0);
    if (random.one_in(3.0)) {
        const double from = random.between(90.0, 270.0);
        r.weather.wind_table = {{10.0, {random.between(0.0, 0.5 * most_wind), from}},
                                {150.0, {random.between(0.0, most_wind), from + random.between(-60.0, 60.0)}},
                                {600.0, {random.between(0.0, most_wind), from + random.between(-90.0, 90.0)}}};
    }
    r.weather.home_wind_factor = random.one_in(3.0) ? 1.0 : random.between(1.1, 1.4);
    r.mission.bearing_deg = random.between(0.0, 360.0);
    r.mission.climb_rate_mps = random.between(1.5, 4.0);
    r.mission.descent_rate_mps = random.between(1.0, 3.0);
    r.landing_cell_v = random.between(2.8, 3.1);
    r.reserve = ShareOfUsable{random.between(0.05, 0.35)};
    if (random.one_in(3.0)) {
        r.mission.speed_out = r.mission.speed_home = SpeedRule::fixed;
        r.mission.airspeed_mps = r.aircraft.cruise_airspeed_mps * random.between(0.9, 1.2);
    }
    if (!route) return r;
    r.mission.kind = MissionKind::route;
    const double far_m = random.between(1500.0, 5000.0);
    r.mission.waypoints = {
        {"A", geodesy::offset({}, random.between(0.0, 360.0), far_m), random.between(30.0, 500.0), 0.0, false},
        {"B", geodesy::offset({}, random.between(0.0, 360.0), far_m), {}, random.between(0.0, 300.0), false}};
    return r;
}

/// Out as far as a distance and home again.
inline Walker out_and_back(const PlanRequest& r, const FlightConditions& c, const Day& day, double turn_m) {
    Walker walk(r, c, day);
    const Vector course = towards(r.mission.bearing_deg);
    walk.change_height(course, c.airspeed_out_mps, r.mission.height_m, r.mission.climb_rate_mps, false);
    walk.level(course, c.airspeed_out_mps, turn_m - length(walk.at), false);
    if (walk.possible) walk.home(c.airspeed_home_mps);
    return walk;
}

inline Walker over_the_route(const PlanRequest& r, const FlightConditions& c, const Day& day) {
    Walker walk(r, c, day);
    const double V = c.airspeed_out_mps;
    const auto leg_to = [&](const Waypoint& point) {
        const Vector there{point.at.east_m, point.at.north_m};
        const Vector way = there + -1.0 * walk.at;
        const Vector course = (1.0 / length(way)) * way;
        const double to_m = point.height_m.value_or(r.mission.height_m);
        const double rate = to_m > walk.height_m ? r.mission.climb_rate_mps : r.mission.descent_rate_mps;
        const Vector begin = walk.at;
        if (std::abs(to_m - walk.height_m) > 0.01) walk.change_height(course, V, to_m, rate, false, length(way));
        walk.level(course, V, length(way) - length(walk.at + -1.0 * begin), false);
        walk.at = there;
        if (point.loiter_s > 0.0) walk.circle(V, point.loiter_s);
    };
    const Vector first{r.mission.waypoints[0].at.east_m, r.mission.waypoints[0].at.north_m};
    // A climb that would overshoot the first place is flown in circles.
    Walker trial = walk;
    trial.change_height((1.0 / length(first)) * first, V, r.mission.height_m, r.mission.climb_rate_mps, false);
    const bool over = length(trial.at) > length(first);
    walk.change_height(over ? Vector{} : (1.0 / length(first)) * first, V, r.mission.height_m,
                       r.mission.climb_rate_mps, false);
    for (const Waypoint& point : r.mission.waypoints) leg_to(point);
    if (walk.possible) walk.home(c.airspeed_home_mps);
    return walk;
}

} // namespace sobremesa::tests
