#include "core/mission/outward.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

constexpr int open_samples = 160;
/// Samples of a leg that ends by itself.
constexpr double sample_m = 200.0;
constexpr int least_samples = 6;
constexpr int most_samples = 80;

/// Flies the phases one after the other.
class Outbound {
public:
    Outbound(const PlanRequest& request, const FlightConditions& conditions, const Homeward& homeward,
             std::vector<units::Notice>& notices)
        : request_(request), conditions_(conditions), homeward_(homeward), notices_(notices), winds_(request),
          wind_sd_wh_per_m_(wind_sd_wh_per_m(request, conditions)),
          draw_sd_(conditions.cruise_power_w.sd / conditions.cruise_power_w.value), state_(conditions.start) {}

    WayOut fly() {
        const auto list = phases(request_);
        add_point();
        bool goes_on = true;
        for (std::size_t i = 0; i < list.size() && goes_on; ++i) {
            group_ = int(i);
            const Phase& phase = list[i];
            if (phase.kind == PhaseKind::launch)
                goes_on = launch(phase, i + 1 < list.size() ? &list[i + 1] : nullptr);
            else if (phase.kind == PhaseKind::loiter)
                goes_on = circle(phase);
            else
                goes_on = leg(phase);
        }
        out_.whole = goes_on && !list.empty() && !list.back().open;
        return std::move(out_);
    }

private:
    void warn(units::NoticeCode code, std::vector<units::Parameter> parameters) {
        notices_.push_back({code, units::Severity::warning, std::move(parameters)});
    }

    void add_point() {
        OutwardPoint point;
        point.distance_m = distance_m_;
        point.time_s = time_s_;
        point.height_m = height_m_;
        point.at = at_;
        point.course_deg = course_deg_;
        point.phase = group_;
        point.charge_used_ah = used_ah_;
        point.cell_voltage_v =
            battery::point_at_charge(conditions_.cruise, used_ah_).voltage_v / request_.pack.series;
        point.left_wh = conditions_.left_wh(used_ah_);
        const Station station{at_, height_m_, time_s_, {}, course_deg_};
        const WayHome way = homeward_.from(station);
        const double usable_wh = conditions_.usable_energy_wh();
        point.reserve_wh = homeward_.reserve_wh(station);
        point.needed_wh = way.energy_wh + point.reserve_wh;
        // From where no wind lets it home, all there is would not do.
        if (!way.wind_allows) point.needed_wh = std::max(point.needed_wh, 2.0 * usable_wh);
        const double used_wh = usable_wh - point.left_wh;
        const double wind_sd_wh = wind_sd_wh_per_m_ * geodesy::distance_m(at_, {});
        point.left_sd_wh = units::combine_sd(battery::assumed_usable_sd * usable_wh, draw_sd_ * used_wh);
        point.needed_sd_wh = units::combine_sd(draw_sd_ * way.energy_wh, wind_sd_wh);
        point.spare_sd_wh = units::combine_sd(battery::assumed_usable_sd * usable_wh,
                                              draw_sd_ * (used_wh + way.energy_wh), wind_sd_wh);
        if (const auto& terrain = request_.mission.terrain) {
            if (const auto ground = terrain->above_home_m(at_)) point.ground_height_m = *ground;
            // Launch and landing are near the ground by nature.
            if (group_ > 0 && !out_.track.empty()) look_down(*terrain, out_.track.back(), point);
        }
        out_.track.push_back(point);
    }

    /// Height above the ground between two points of the way, as finely as the raster knows it.
    static void look_down(const geodesy::Terrain& terrain, const OutwardPoint& from, OutwardPoint& to) {
        const double way_m = geodesy::distance_m(from.at, to.at);
        const int steps = std::max(int(std::ceil(way_m / (0.5 * terrain.step_m))), 1);
        for (int i = 1; i <= steps; ++i) {
            const OutwardPoint here = between(from, to, double(i) / steps);
            const auto ground = terrain.above_home_m(here.at);
            to.ground_unknown = to.ground_unknown || !ground;
            if (ground) to.least_clear_m = std::min(to.least_clear_m, here.height_m - *ground);
        }
    }

    /// Draws a power for a time. @return how long it could be given, s
    double draw(double power_w, double duration_s) {
        const double cruise_w = conditions_.cruise_power_w.value;
        // At cruise power the flight moves along the cruise discharge itself.
        constexpr double same_power = 1e-9;
        if (std::abs(power_w - cruise_w) <= same_power * cruise_w) {
            const double start_s = battery::point_at_charge(conditions_.cruise, used_ah_).time_s;
            const double able_s = std::min(duration_s, conditions_.cruise.last().time_s - start_s);
            const auto point = battery::point_at_time(conditions_.cruise, start_s + able_s);
            used_ah_ = point.charge_used_ah;
            state_ = conditions_.cruise.state_at(point);
            return able_s;
        }
        // The landing voltage is judged under cruise load, so a climb may dip below it; only the pack's own end
        // counts.
        const auto run = battery::discharge_at_power(*conditions_.pack, state_, power_w, {0.0, duration_s, 1},
                                                     conditions_.around);
        if (run.end == battery::DischargeEnd::power_not_available && run.gives_nothing()) return -1.0;
        state_ = run.end_state();
        used_ah_ = state_.charge_used_ah - conditions_.start.charge_used_ah;
        return run.end == battery::DischargeEnd::time_over && conditions_.left_wh(used_ah_) > 0.0
                   ? duration_s
                   : std::min(run.last().time_s, duration_s);
    }

    void move(double course_deg, double ground_m, double duration_s, double to_height_m) {
        at_ = geodesy::offset(at_, course_deg, ground_m);
        distance_m_ += ground_m;
        time_s_ += duration_s;
        height_m_ = to_height_m;
    }

    FlightLeg& note_leg(PhaseKind kind, double course_deg, double airspeed_mps, double power_w) {
        FlightLeg leg;
        leg.kind = kind;
        leg.course_deg = course_deg;
        leg.airspeed_mps = airspeed_mps;
        leg.power_w = power_w;
        leg.height_m = height_m_;
        leg.group = group_;
        leg.from = leg.to = at_;
        out_.legs.push_back(leg);
        return out_.legs.back();
    }

    void close_leg(FlightLeg& leg, double ground_m, double duration_s) {
        leg.ground_m += ground_m;
        leg.duration_s += duration_s;
        leg.energy_wh = leg.power_w * leg.duration_s / units::seconds_per_hour;
        leg.end_height_m = height_m_;
        leg.to = at_;
    }

    /// Up or down in bands; in circles where `course_deg` is empty.
    /// @param way_m  the gradient may use so much of the way; 0: as steep as the plan's rates
    bool vertical(const Phase& phase, std::optional<double> course_deg, double airspeed_mps, double to_height_m,
                  double way_m = 0.0) {
        course_deg_ = course_deg;
        const bool up = to_height_m > height_m_;
        double rate = up ? conditions_.climb_rate_mps : request_.mission.descent_rate_mps;
        if (way_m > 0.0 && course_deg) {
            const auto flown =
                heading(*course_deg, airspeed_mps, winds_.at(0.5 * (height_m_ + to_height_m), time_s_));
            if (flown) rate = std::min(rate, std::abs(to_height_m - height_m_) * flown->ground_speed_mps / way_m);
        }
        if (up && rate <= 0.0) {
            warn(units::NoticeCode::climb_not_possible, {{"height_m", to_height_m}});
            return false;
        }
        const Vertical way =
            fly_vertical(request_, conditions_,
                         {course_deg.value_or(0.0), height_m_, to_height_m, airspeed_mps, rate, false, time_s_});
        if (course_deg && !up && rate >= airspeed_mps) {
            warn(units::NoticeCode::descent_above_airspeed,
                 {{"descent_mps", rate}, {"airspeed_mps", airspeed_mps}});
            return false;
        }
        if (course_deg && !way.wind_allows) {
            warn(units::NoticeCode::no_solution_out,
                 {{"wind_mps", winds_.at(to_height_m, time_s_).speed_mps}, {"airspeed_mps", airspeed_mps}});
            return false;
        }
        for (const VerticalBand& band : way.bands) {
            FlightLeg& leg = note_leg(up ? PhaseKind::climb : PhaseKind::glide, course_deg.value_or(0.0),
                                      course_deg ? band.horizontal_mps : 0.0, band.power_w);
            leg.by_time = true;
            leg.height_m = 0.5 * (band.top_height_m + band.bottom_height_m);
            const double given_s = draw(band.power_w, band.duration_s);
            if (given_s < 0.0) {
                warn(units::NoticeCode::power_not_available,
                     {{"power_w", band.power_w}, {"height_m", band.bottom_height_m}});
                if (phase.kind == PhaseKind::launch) out_.track.clear();
                return false;
            }
            if (given_s < band.duration_s) {
                if (phase.kind == PhaseKind::launch) {
                    warn(units::NoticeCode::energy_short_for_climb, {{"height_m", band.top_height_m}});
                    out_.track.clear();
                }
                return false;
            }
            // In circles the way over ground is the air's.
            move(course_deg.value_or(0.0), course_deg ? band.ground_m : 0.0, band.duration_s,
                 up ? band.top_height_m : band.bottom_height_m);
            if (!course_deg) distance_m_ += band.horizontal_mps * band.duration_s;
            close_leg(leg, course_deg ? band.ground_m : 0.0, band.duration_s);
            add_point();
        }
        height_m_ = to_height_m; // the bands add up to it but for rounding
        return true;
    }

    bool launch(const Phase& phase, const Phase* next) {
        std::optional<double> course_deg;
        if (next && geodesy::distance_m(next->from, next->to) > 0.0)
            course_deg = geodesy::bearing_deg(next->from, next->to);
        if (phase.to_height_m <= 0.0) return true;
        // A climb that would overshoot a near waypoint is flown in circles.
        if (course_deg && next && !next->open) {
            const Vertical way = fly_vertical(request_, conditions_,
                                              {*course_deg, 0.0, phase.to_height_m, conditions_.airspeed_out_mps,
                                               std::max(conditions_.climb_rate_mps, 0.1), false, 0.0});
            double ground_m = 0.0;
            for (const VerticalBand& band : way.bands) ground_m += band.ground_m;
            if (ground_m > geodesy::distance_m(next->from, next->to)) course_deg.reset();
        }
        return vertical(phase, course_deg, conditions_.airspeed_out_mps, phase.to_height_m);
    }

    bool leg(const Phase& phase) {
        const double course_deg = geodesy::bearing_deg(phase.open ? phase.from : at_, phase.to);
        const double density = air_at(request_, height_m_)->density_kgm3;
        const auto wind = winds_.at(height_m_, time_s_);
        // On the first course the speed is known already.
        const bool first = request_.mission.speed_out == SpeedRule::known_cruise;
        auto airspeed = first ? std::optional(conditions_.airspeed_out_mps)
                              : leg_airspeed(request_, request_.mission.speed_out, course_deg, wind, density);
        // A share of full power that no level flight keeps to is said in the plan's notices; the known cruise is
        // flown.
        if (!airspeed && request_.mission.speed_out == SpeedRule::power_share)
            airspeed = request_.aircraft.cruise_airspeed_mps;
        if (!airspeed) {
            warn(units::NoticeCode::no_solution_out,
                 {{"wind_mps", wind.speed_mps}, {"airspeed_mps", conditions_.airspeed_out_mps}});
            return false;
        }
        if (!turn_onto(course_deg, *airspeed, density)) return false;
        // Other heights are reached evenly over the leg, as the ground under it would be followed.
        constexpr double same_height_m = 0.01;
        const double way_m = geodesy::distance_m(at_, phase.to);
        if (std::abs(phase.to_height_m - height_m_) > same_height_m &&
            !vertical(phase, course_deg, *airspeed, phase.to_height_m, phase.open ? 0.0 : way_m))
            return false;
        constexpr double arrived_m = 20.0;
        const double rest_m = geodesy::distance_m(at_, phase.to);
        const double along_m = rest_m * std::cos(units::radians(geodesy::bearing_deg(at_, phase.to) - course_deg));
        if (!phase.open && along_m < arrived_m) {
            at_ = phase.to;
            return true;
        }
        return level(phase, course_deg, *airspeed, rest_m);
    }

    /// From the course flown so far, where there is one, over the place where it is.
    bool turn_onto(double course_deg, double airspeed_mps, double density_kgm3) {
        const double turn_deg = course_deg_ ? units::signed_turn_degrees(*course_deg_, course_deg) : 0.0;
        const bool from_circles = !course_deg_ && distance_m_ > 0.0;
        course_deg_ = course_deg;
        // From here on the way home begins with a turn: the need steps up where it is.
        if (from_circles) add_point();
        if (std::abs(turn_deg) < least_turn_deg) return true;
        const auto level = power_at(request_, airspeed_mps, height_m_, 0.0);
        const Turning way =
            turning(request_, airspeed_mps, density_kgm3, level ? level->value : conditions_.cruise_power_w.value);
        const double turn_s = way.seconds(turn_deg);
        if (turn_s <= 0.0) return true;
        FlightLeg& leg = note_leg(PhaseKind::turn, course_deg, 0.0, way.banked_w);
        leg.by_time = true;
        const double given_s = draw(way.banked_w, turn_s);
        time_s_ += std::max(given_s, 0.0);
        distance_m_ += airspeed_mps * std::max(given_s, 0.0);
        close_leg(leg, 0.0, std::max(given_s, 0.0));
        add_point();
        constexpr double whole = 1.0 - 1e-9;
        return given_s >= whole * turn_s;
    }

    bool level(const Phase& phase, double course_deg, double airspeed_mps, double leg_m) {
        const auto known = airspeed_mps == conditions_.airspeed_out_mps && height_m_ == request_.mission.height_m
                               ? units::Result<units::Estimate>(conditions_.cruise_power_w)
                               : power_at(request_, airspeed_mps, height_m_, 0.0);
        const double power_w = known ? known->value : conditions_.cruise_power_w.value;
        const int samples =
            phase.open ? open_samples : std::clamp(int(std::ceil(leg_m / sample_m)), least_samples, most_samples);
        const double open_s = open_time_s(power_w) / samples;
        if (!phase.open && leg_m <= 0.0) return true;
        FlightLeg& leg = note_leg(PhaseKind::leg, course_deg, airspeed_mps, power_w);
        for (int i = 0; i < samples; ++i) {
            const auto flown = heading(course_deg, airspeed_mps, winds_.at(height_m_, time_s_));
            if (!flown) {
                warn(units::NoticeCode::no_solution_out,
                     {{"wind_mps", winds_.at(height_m_, time_s_).speed_mps}, {"airspeed_mps", airspeed_mps}});
                return false;
            }
            const double step_s = phase.open ? open_s : leg_m / samples / flown->ground_speed_mps;
            const double given_s = draw(power_w, step_s);
            if (given_s <= 0.0) return false;
            move(course_deg, flown->ground_speed_mps * given_s, given_s, height_m_);
            close_leg(leg, flown->ground_speed_mps * given_s, given_s);
            add_point();
            constexpr double whole = 1.0 - 1e-9;
            if (given_s < whole * step_s) return false;
        }
        return true;
    }

    bool circle(const Phase& phase) {
        if (std::abs(phase.to_height_m - height_m_) > 0.01)
            return vertical(phase, std::nullopt, conditions_.airspeed_out_mps, phase.to_height_m);
        // Out of a circle any course is left without a turn of its own.
        course_deg_.reset();
        const double airspeed_mps = conditions_.airspeed_out_mps;
        const double power_w = loiter_power_w(airspeed_mps);
        const int samples = phase.open ? open_samples : 2 * least_samples;
        const double step_s = (phase.open ? open_time_s(power_w) : phase.duration_s) / samples;
        FlightLeg& leg = note_leg(PhaseKind::loiter, 0.0, 0.0, power_w);
        leg.by_time = true;
        for (int i = 0; i < samples; ++i) {
            const double given_s = draw(power_w, step_s);
            if (given_s <= 0.0) return false;
            time_s_ += given_s;
            distance_m_ += airspeed_mps * given_s;
            close_leg(leg, 0.0, given_s);
            add_point();
            constexpr double whole = 1.0 - 1e-9;
            if (given_s < whole * step_s) return false;
        }
        return true;
    }

    /// A circle's bank asks for n = 1/cos(bank) times the lift, which is what mass does.
    double loiter_power_w(double airspeed_mps) const {
        if (!request_.mission.loiter_radius_m && height_m_ == request_.mission.height_m)
            return conditions_.cruise_power_w.value;
        double load = 1.0;
        if (request_.mission.loiter_radius_m) {
            const double tangent =
                airspeed_mps * airspeed_mps / (units::standard_gravity_mps2 * *request_.mission.loiter_radius_m);
            load = std::hypot(1.0, tangent);
        }
        const double mass_kg = conditions_.all_up_mass_kg;
        const auto power =
            airframe::power_w(request_.aircraft, mass_kg,
                              {airspeed_mps, load * mass_kg, air_at(request_, height_m_)->density_kgm3, 0.0});
        return power ? power->value : conditions_.cruise_power_w.value;
    }

    /// Time until the landing voltage at this power, s.
    double open_time_s(double power_w) const {
        const auto& cruise = conditions_.cruise;
        const double cruise_s = cruise.last().time_s - battery::point_at_charge(cruise, used_ah_).time_s;
        return std::max(cruise_s * conditions_.cruise_power_w.value / power_w, 0.0);
    }

    const PlanRequest& request_;
    const FlightConditions& conditions_;
    const Homeward& homeward_;
    std::vector<units::Notice>& notices_;
    Winds winds_;
    double wind_sd_wh_per_m_;
    double draw_sd_;
    WayOut out_;
    battery::PackState state_;
    geodesy::EastNorth at_;
    std::optional<double> course_deg_;
    double distance_m_ = 0.0;
    double time_s_ = 0.0;
    double height_m_ = 0.0;
    double used_ah_ = 0.0;
    int group_ = 0;
};

} // namespace

double wind_sd_wh_per_m(const PlanRequest& request, const FlightConditions& conditions) {
    const double sd = request.weather.wind_sd_mps;
    const double course_deg = first_bearing_deg(request) + 180.0;
    const auto wh_per_m = [&](double wind_mps) {
        const auto flown = geodesy::wind_triangle(course_deg, conditions.airspeed_home_mps,
                                                  conditions.wind_home.from_deg, std::max(wind_mps, 0.0));
        const double ground_mps = flown ? flown->ground_speed_mps : geodesy::least_ground_speed_mps;
        return conditions.home_power_w.value / ground_mps / units::seconds_per_hour;
    };
    return 0.5 *
           std::abs(wh_per_m(conditions.wind_home.speed_mps + sd) - wh_per_m(conditions.wind_home.speed_mps - sd));
}

WayOut way_out(const PlanRequest& request, const FlightConditions& conditions, const Homeward& homeward,
               std::vector<units::Notice>& notices) {
    return Outbound(request, conditions, homeward, notices).fly();
}

OutwardPoint between(const OutwardPoint& a, const OutwardPoint& b, double share) {
    OutwardPoint point = a;
    for (double OutwardPoint::*member :
         {&OutwardPoint::distance_m, &OutwardPoint::time_s, &OutwardPoint::height_m, &OutwardPoint::charge_used_ah,
          &OutwardPoint::cell_voltage_v, &OutwardPoint::left_wh, &OutwardPoint::needed_wh,
          &OutwardPoint::reserve_wh, &OutwardPoint::left_sd_wh, &OutwardPoint::needed_sd_wh,
          &OutwardPoint::spare_sd_wh, &OutwardPoint::ground_height_m}) {
        point.*member = std::lerp(a.*member, b.*member, share);
    }
    point.at = {std::lerp(a.at.east_m, b.at.east_m, share), std::lerp(a.at.north_m, b.at.north_m, share)};
    point.phase = b.phase;
    point.course_deg = b.course_deg;
    return point;
}

std::optional<OutwardPoint> first_crossing(const std::vector<OutwardPoint>& track,
                                           double (*quantity)(const OutwardPoint&), double value) {
    for (std::size_t i = 1; i < track.size(); ++i) {
        const double before = quantity(track[i - 1]) - value;
        const double after = quantity(track[i]) - value;
        if (before == 0.0) return track[i - 1];
        // What is met just where the track ends, to rounding.
        constexpr double rounding = 1e-9;
        if (i + 1 == track.size() && std::abs(after) < rounding * (1.0 + std::abs(before))) return track[i];
        if ((before < 0.0) != (after < 0.0)) return between(track[i - 1], track[i], before / (before - after));
    }
    return std::nullopt;
}

Station station_of(const OutwardPoint& point) {
    return {point.at, point.height_m, point.time_s, {}, point.course_deg};
}

} // namespace sobremesa::mission
