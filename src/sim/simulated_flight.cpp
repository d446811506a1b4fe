#include "sim/simulated_flight.hpp"

#include <algorithm>
#include <cmath>
#include <limits>
#include <optional>

#include <GeographicLib/LocalCartesian.hpp>

#include "core/units/constants.hpp"
#include "sim/random_draws.hpp"
#include "sim/simulated_pack.hpp"
#include "sim/simulated_power.hpp"
#include "sim/simulated_sun.hpp"

namespace sobremesa::sim {

namespace {

using telemetry::Channel;

constexpr double step_s = 0.1;
constexpr double longest_flight_s = 5.0 * 3600.0;
constexpr double on_ground_s = 15.0;
constexpr double arrival_m = 40.0;

struct Vector {
    double east = 0.0;
    double north = 0.0;
};

Vector towards(double from_deg, double speed) {
    const double a = units::radians(from_deg);
    return {-speed * std::sin(a), -speed * std::cos(a)};
}

/// Where the aircraft is told to go next.
class Guidance {
public:
    explicit Guidance(const SimulatedMission& mission) : mission_(mission) {
        const double b = units::radians(mission.bearing_deg);
        if (mission.kind == SimulatedMission::Kind::out_and_back) {
            targets_.push_back({mission.distance_m * std::sin(b), mission.distance_m * std::cos(b)});
        }
        if (mission.kind == SimulatedMission::Kind::route) targets_ = mission.route;
    }

    void go_home() { home_ = true; }
    bool homeward() const { return home_; }

    Waypoint target(double east, double north, double time_s) {
        if (mission_.kind == SimulatedMission::Kind::loiter && !home_) {
            if (time_s > mission_.loiter_s) home_ = true;
            // Chase a point a little ahead on the circle.
            const double angle = std::atan2(north, east) + 0.5;
            return {mission_.loiter_radius_m * std::cos(angle), mission_.loiter_radius_m * std::sin(angle)};
        }
        if (!home_ && next_ < targets_.size() &&
            std::hypot(targets_[next_].east_m - east, targets_[next_].north_m - north) < arrival_m) {
            ++next_;
        }
        if (next_ >= targets_.size()) home_ = true;
        return home_ ? Waypoint{} : targets_[next_];
    }

private:
    SimulatedMission mission_;
    std::vector<Waypoint> targets_;
    std::size_t next_ = 0;
    bool home_ = false;
};

/// Turns what happens into what a receiver, a pressure sensor and a current sensor would write down.
class LogRecorder {
public:
    LogRecorder(const Scenario& scenario, RandomDraws& draws)
        : scenario_(scenario), draws_(draws), plane_(scenario.home_latitude_deg, scenario.home_longitude_deg, 0.0) {
        log_.name = scenario.name;
        log_.start_clock_s = scenario.start_clock_s;
    }

    struct Sample {
        double time_s, east_m, north_m, height_m, ground_east, ground_north, heading_deg, airspeed_mps, climb_mps,
            voltage_v, current_a, throttle, array_a, motor_a;
    };

    void record(const Sample& s) {
        const Sensors& sensors = scenario_.sensors;
        // At the pack a sensor for an aircraft with an array sees both ways; at the load, what motors and
        // electronics take.
        const bool both_ways = scenario_.array.area_m2 > 0.0 && sensors.current_at_pack;
        const double flows_a = sensors.current_at_pack ? s.current_a : s.current_a + s.array_a;
        const double read_a =
            flows_a * sensors.current_scale + sensors.current_offset_a + draws_.normal(sensors.current_sd_a);
        const double seen_a = rounded(both_ways ? read_a : std::max(read_a, 0.0), sensors.current_step_a);
        counter_ah_ += seen_a / sensors.rate_hz / 3600.0;
        double latitude = 0.0;
        double longitude = 0.0;
        double ignored = 0.0;
        // One after the other: compilers differ in which argument they work out first.
        const double north_m = s.north_m + draws_.normal(sensors.position_sd_m);
        const double east_m = s.east_m + draws_.normal(sensors.position_sd_m);
        plane_.Reverse(east_m, north_m, 0.0, latitude, longitude, ignored);
        const bool fix = s.time_s >= sensors.fix_after_s;
        const double speed =
            std::max(std::hypot(s.ground_east, s.ground_north) + draws_.normal(sensors.speed_sd_mps), 0.0);
        add(Channel::time_s, s.time_s);
        add(Channel::latitude_deg, fix ? latitude : 0.0);
        add(Channel::longitude_deg, fix ? longitude : 0.0);
        add(Channel::satellites, fix ? std::round(13.0 + draws_.normal(1.0)) : 0.0);
        add(Channel::height_m,
            s.height_m + draws_.normal(sensors.height_sd_m) + sensors.height_drift_m * s.time_s / 3600.0);
        add(Channel::ground_speed_mps, fix ? speed : 0.0);
        add(Channel::course_deg, units::wrap_degrees(units::degrees(std::atan2(s.ground_east, s.ground_north))));
        if (sensors.heading) add(Channel::heading_deg, units::wrap_degrees(s.heading_deg + draws_.normal(2.0)));
        if (sensors.airspeed) add(Channel::airspeed_mps, s.airspeed_mps + draws_.normal(0.3));
        add(Channel::climb_mps, s.climb_mps + draws_.normal(0.1));
        add(Channel::voltage_v, rounded(s.voltage_v * sensors.voltage_scale + draws_.normal(sensors.voltage_sd_v),
                                        sensors.voltage_step_v));
        add(Channel::current_a, seen_a);
        add(Channel::charge_ah, counter_ah_);
        if (sensors.array_current) add(Channel::array_current_a, s.array_a + draws_.normal(sensors.current_sd_a));
        if (sensors.motor_current) add(Channel::motor_current_a, s.motor_a + draws_.normal(sensors.current_sd_a));
        add(Channel::throttle_share, s.throttle);
        const double distance_m = std::hypot(s.east_m, s.north_m);
        add(Channel::link_quality_share,
            std::clamp(1.0 - std::pow(distance_m / 60000.0, 2.0) + draws_.normal(0.01), 0.0, 1.0));
        log_.lines.push_back(std::uint32_t(log_.lines.size() + 2));
    }

    const telemetry::FlightLog& log() const { return log_; }

    telemetry::FlightLog finish() {
        spoil();
        log_.rows_met = log_.rows();
        return std::move(log_);
    }

private:
    static double rounded(double value, double step) {
        return step > 0.0 ? std::round(value / step) * step : value;
    }
    void add(Channel channel, double value) { log_[channel].push_back(value); }

    /// Faults that real logs have: jumps of position and pauses of the link.
    void spoil() {
        const std::size_t n = log_.rows();
        if (n < 100) return;
        const Sensors& sensors = scenario_.sensors;
        for (int i = 0; i < sensors.position_jumps; ++i) {
            const auto row = std::size_t(draws_.uniform(0.15, 0.85) * double(n));
            log_[Channel::latitude_deg][row] += draws_.uniform(0.02, 0.2);
            log_[Channel::longitude_deg][row] -= draws_.uniform(0.02, 0.2);
        }
        for (int i = 0; i < sensors.gaps; ++i) {
            const std::size_t rows_lost = std::size_t(sensors.gap_s * sensors.rate_hz);
            const auto from = std::size_t(draws_.uniform(0.2, 0.7) * double(log_.rows()));
            const auto to = std::min(from + rows_lost, log_.rows());
            for (auto& column : log_.columns) {
                if (!column.empty())
                    column.erase(column.begin() + std::ptrdiff_t(from), column.begin() + std::ptrdiff_t(to));
            }
            log_.lines.erase(log_.lines.begin() + std::ptrdiff_t(from), log_.lines.begin() + std::ptrdiff_t(to));
        }
    }

    const Scenario& scenario_;
    RandomDraws& draws_;
    GeographicLib::LocalCartesian plane_;
    telemetry::FlightLog log_;
    double counter_ah_ = 0.0;
};

} // namespace

class FlightInProgress::Flight {
public:
    explicit Flight(const Scenario& scenario)
        : s_(scenario), draws_(scenario.seed), guidance_(scenario.mission),
          pack_(scenario.pack, scenario.weather.temperature_c), recorder_(s_, draws_),
          sun_(scenario.array, scenario.home_latitude_deg, scenario.home_longitude_deg),
          mass_kg_(scenario.aircraft.mass_without_pack_kg + scenario.pack.mass_kg) {
        heading_deg_ = scenario.mission.bearing_deg;
    }

    void fly_to(double time_s) {
        const int steps_per_row = std::max(1, int(std::lround(1.0 / (s_.sensors.rate_hz * step_s))));
        for (; ending_.empty() && step_ * step_s <= time_s; ++step_) {
            time_s_ = step_ * step_s;
            advance();
            if (step_ % steps_per_row == 0) record();
            if (time_s_ > longest_flight_s) ending_ = "out-of-time";
        }
    }
    void go_home() { guidance_.go_home(); }
    bool homeward() const { return guidance_.homeward(); }
    bool ended() const { return !ending_.empty(); }
    double time_s() const { return time_s_; }
    const telemetry::FlightLog& log() const { return recorder_.log(); }
    telemetry::FlightLog finished_log() { return recorder_.finish(); }

private:
    Vector wind() {
        const SimulatedWeather& w = s_.weather;
        const double mean = std::min(w.wind_mps + w.wind_growth_mps_per_h * time_s_ / 3600.0, w.most_wind_mps);
        const double profile = std::pow(std::max(height_m_, 2.0) / std::max(w.wind_height_m, 2.0), 1.0 / 7.0);
        const Vector steady = towards(w.wind_from_deg, mean * profile);
        return {steady.east + gust_east_.step(draws_, w.gust_sd_mps, w.gust_time_s, step_s),
                steady.north + gust_north_.step(draws_, w.gust_sd_mps, w.gust_time_s, step_s)};
    }

    double told_mps() const {
        const double home = s_.mission.home_airspeed_mps;
        return guidance_.homeward() && home > 0.0 ? home : s_.aircraft.airspeed_mps;
    }

    double lift_mps() {
        const SimulatedWeather& w = s_.weather;
        double lift = gust_up_.step(draws_, 0.4 * w.gust_sd_mps, 0.6 * w.gust_time_s, step_s);
        for (const Thermal& thermal : w.thermals) {
            const double d = std::hypot(east_m_ - thermal.east_m, north_m_ - thermal.north_m) / thermal.radius_m;
            lift += thermal.strength_mps * (1.0 - d * d) * std::exp(-d * d);
        }
        return lift;
    }

    void steer(const Vector& wind) {
        const Waypoint target = guidance_.target(east_m_, north_m_, time_s_);
        const double course_deg = units::degrees(std::atan2(target.east_m - east_m_, target.north_m - north_m_));
        const double c = units::radians(course_deg);
        const double cross = wind.east * std::cos(c) - wind.north * std::sin(c); // to the right of the course
        const double correction = std::asin(std::clamp(-cross / told_mps(), -0.95, 0.95));
        const double wanted_deg = course_deg + units::degrees(correction);
        const double bank_rad = units::radians(32.0);
        const double most_rate =
            s_.aircraft.wing ? units::degrees(9.80665 * std::tan(bank_rad) / told_mps()) : 60.0;
        const double turn = units::signed_turn_degrees(heading_deg_, wanted_deg);
        heading_deg_ += std::clamp(turn, -most_rate * step_s, most_rate * step_s);
    }

    /// Climb rate that the pilot holds: up to height, level, and down so as to arrive at home.
    double wanted_climb_mps(double ground_mps) const {
        const SimulatedMission& m = s_.mission;
        const double home_m = std::hypot(east_m_, north_m_);
        const double descent_way_m = height_m_ / m.descent_mps * std::max(ground_mps, 1.0);
        if (guidance_.homeward() && home_m <= descent_way_m + arrival_m) return -m.descent_mps;
        return std::clamp((m.height_m - height_m_) * 0.5, -m.descent_mps, m.climb_mps);
    }

    void advance() {
        if (landed_s_ > 0.0) {
            rest();
            return;
        }
        const Vector air = wind();
        steer(air);
        const double h = units::radians(heading_deg_);
        const double V = told_mps() + airspeed_wander_.step(draws_, 0.3, 15.0, step_s);
        ground_ = {V * std::sin(h) + air.east, V * std::cos(h) + air.north};
        const double lift = lift_mps();
        climb_mps_ = wanted_climb_mps(std::hypot(ground_.east, ground_.north));
        // Through rising air less power holds the same climb; the aircraft pays only for what the air does not
        // give.
        const double density = density_kgm3(height_m_, s_.weather.temperature_c);
        const double power = std::clamp(flight_power_w(s_.aircraft, mass_kg_, density, V, climb_mps_ - lift),
                                        s_.aircraft.electronics_w, s_.aircraft.full_power_w);
        draw(power);
        if (!guidance_.homeward() && height_m_ > s_.mission.height_m - 3.0) {
            balance_sum_w_ += array_w_ - power;
            ++balance_count_;
        }

        east_m_ += ground_.east * step_s;
        north_m_ += ground_.north * step_s;
        height_m_ = std::max(height_m_ + climb_mps_ * step_s, 0.0);
        airspeed_mps_ = V;
        ground_m_ += std::hypot(ground_.east, ground_.north) * step_s;
        air_m_ += V * step_s;
        farthest_m_ = std::max(farthest_m_, std::hypot(east_m_, north_m_));
        wind_sum_ = {wind_sum_.east + air.east, wind_sum_.north + air.north};
        ++wind_count_;
        watch_voltage();
        if (guidance_.homeward() && climb_mps_ < 0.0 && height_m_ <= 0.0) landed_s_ = time_s_;
    }

    void rest() {
        ground_ = {};
        climb_mps_ = 0.0;
        airspeed_mps_ = 0.0;
        draw(s_.aircraft.electronics_w);
        if (time_s_ - landed_s_ > on_ground_s) ending_ = "landed";
    }

    void draw(double power_w) {
        array_w_ =
            sun_.power_w(draws_, s_.start_clock_s + time_s_, s_.weather.temperature_c, airspeed_mps_, step_s);
        // A full pack takes no more: the converter holds back what is too much.
        constexpr double full_cell_v = 4.2;
        if (output_.voltage_v > full_cell_v * s_.pack.series && array_w_ > power_w) array_w_ = power_w;
        array_wh_ += array_w_ * step_s / 3600.0;
        output_ = pack_.step(power_w - array_w_, step_s);
        motor_a_ = (power_w - s_.aircraft.electronics_w) / std::max(output_.voltage_v, 1.0);
        throttle_ = (power_w - s_.aircraft.electronics_w) / s_.aircraft.full_power_w;
        lowest_v_ = std::min(lowest_v_, output_.voltage_v);
        const bool empty = output_.voltage_v < 2.0 * s_.pack.series;
        if (output_.collapsed || empty) ending_ = "pack-collapsed";
    }

    void watch_voltage() {
        const double cell_v = output_.voltage_v / s_.pack.series;
        low_for_s_ = cell_v < s_.mission.home_at_cell_v ? low_for_s_ + step_s : 0.0;
        if (low_for_s_ >= 10.0) guidance_.go_home();
    }

    void record() {
        recorder_.record({time_s_, east_m_, north_m_, height_m_, ground_.east, ground_.north, heading_deg_,
                          airspeed_mps_, climb_mps_, output_.voltage_v, output_.current_a, std::max(throttle_, 0.0),
                          array_w_ / std::max(output_.voltage_v, 1.0), std::max(motor_a_, 0.0)});
    }

public:
    const SimulatedPack& pack() const { return pack_; }
    Truth truth() const {
        Truth t;
        t.duration_s = time_s_;
        t.ground_m = ground_m_;
        t.air_m = air_m_;
        t.farthest_m = farthest_m_;
        t.charge_ah = pack_.charge_used_ah();
        t.energy_wh = pack_.energy_given_wh();
        t.lowest_voltage_v = lowest_v_;
        t.resting_cell_v = pack_.resting_cell_v();
        t.pack_temperature_c = pack_.temperature_c();
        t.array_wh = array_wh_;
        if (balance_count_ > 0) t.cruise_balance_w = balance_sum_w_ / balance_count_;
        if (wind_count_ > 0) {
            const Vector mean{wind_sum_.east / wind_count_, wind_sum_.north / wind_count_};
            t.mean_wind_mps = std::hypot(mean.east, mean.north);
            t.mean_wind_from_deg = units::wrap_degrees(units::degrees(std::atan2(-mean.east, -mean.north)));
        }
        t.level_power_w =
            flight_power_w(s_.aircraft, mass_kg_, density_kgm3(s_.mission.height_m, s_.weather.temperature_c),
                           s_.aircraft.airspeed_mps, 0.0);
        t.came_home = ending_ == "landed" && std::hypot(east_m_, north_m_) < 300.0;
        t.ending = ending_;
        return t;
    }

private:
    Scenario s_;
    RandomDraws draws_;
    Guidance guidance_;
    SimulatedPack pack_;
    LogRecorder recorder_;
    SimulatedSun sun_;
    double array_w_ = 0.0;
    double array_wh_ = 0.0;
    double motor_a_ = 0.0;
    double balance_sum_w_ = 0.0;
    int balance_count_ = 0;
    GustComponent gust_east_, gust_north_, gust_up_, airspeed_wander_;
    double mass_kg_;
    int step_ = 0;
    double time_s_ = 0.0;
    double east_m_ = 0.0;
    double north_m_ = 0.0;
    double height_m_ = 0.0;
    double heading_deg_ = 0.0;
    double airspeed_mps_ = 0.0;
    double climb_mps_ = 0.0;
    double throttle_ = 0.0;
    Vector ground_;
    SimulatedPack::Output output_;
    double low_for_s_ = 0.0;
    double landed_s_ = 0.0;
    double ground_m_ = 0.0;
    double air_m_ = 0.0;
    double farthest_m_ = 0.0;
    double lowest_v_ = 1e9;
    Vector wind_sum_;
    int wind_count_ = 0;
    std::string ending_;
};

FlightInProgress::FlightInProgress(const Scenario& scenario) : flight_(std::make_unique<Flight>(scenario)) {}
FlightInProgress::FlightInProgress(FlightInProgress&&) noexcept = default;
FlightInProgress& FlightInProgress::operator=(FlightInProgress&&) noexcept = default;
FlightInProgress::~FlightInProgress() = default;

void FlightInProgress::fly_to(double time_s) {
    flight_->fly_to(time_s);
}
void FlightInProgress::go_home() {
    flight_->go_home();
}
bool FlightInProgress::homeward() const {
    return flight_->homeward();
}
bool FlightInProgress::ended() const {
    return flight_->ended();
}
double FlightInProgress::time_s() const {
    return flight_->time_s();
}
const telemetry::FlightLog& FlightInProgress::log() const {
    return flight_->log();
}
const SimulatedPack& FlightInProgress::pack() const {
    return flight_->pack();
}
Truth FlightInProgress::truth() const {
    return flight_->truth();
}
SimulatedFlight FlightInProgress::finish() && {
    // The log first: spoiling it draws on.
    auto log = flight_->finished_log();
    return {std::move(log), flight_->truth()};
}

SimulatedFlight simulate(const Scenario& scenario) {
    FlightInProgress flight(scenario);
    flight.fly_to(std::numeric_limits<double>::infinity());
    return std::move(flight).finish();
}

} // namespace sobremesa::sim
