#include "core/mission/outward.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

constexpr int open_samples = 160;
constexpr int coarse_open_samples = 40;
/// Samples of a leg that ends by itself.
constexpr double sample_m = 200.0;
constexpr int least_samples = 6;
constexpr int most_samples = 80;
/// Given for its whole time, but for rounding.
constexpr double whole = 1.0 - 1e-9;

/// What the return from a point takes, and what would be left.
void look_home(OutwardPoint& point, const PlanRequest& request, const FlightConditions& conditions,
               const Homeward& homeward, double wind_sd_wh_per_m) {
    const ReturnEstimate way = homeward.from(station_of(point));
    const Books books = homeward.books(way, point.pack());
    const double usable_wh = conditions.usable_energy_wh();
    point.left_wh = books.left_wh;
    point.reserve_wh = homeward.reserve_wh(way);
    point.needed_wh = books.needed_wh() + point.reserve_wh;
    // From where no wind lets it home, all there is would not do.
    point.return_flight = way.wind_allows;
    if (!way.wind_allows) point.needed_wh = std::max(point.needed_wh, 2.0 * usable_wh);
    const double draw_sd = conditions.cruise_power_w.sd / conditions.cruise_power_w.value;
    const double pack_sd_wh = battery::usable_relative_sd(request.pack) * usable_wh;
    const double wind_sd_wh = wind_sd_wh_per_m * geodesy::distance_m(point.at, {});
    point.left_sd_wh = units::combine_sd(pack_sd_wh, draw_sd * point.energy_used_wh);
    point.needed_sd_wh = units::combine_sd(draw_sd * way.energy_wh, wind_sd_wh);
    point.margin_sd_wh =
        units::combine_sd(pack_sd_wh, draw_sd * (point.energy_used_wh + way.energy_wh), wind_sd_wh);
}

/// Flies the phases one after the other.
class Outbound {
public:
    Outbound(const PlanRequest& request, const FlightConditions& conditions, const Homeward& homeward,
             std::vector<units::Diagnostic>& diagnostics, bool coarse)
        : request_(request), conditions_(conditions), homeward_(homeward), diagnostics_(diagnostics),
          winds_(air_column(request)), wind_sd_wh_per_m_(wind_sd_wh_per_m(request, conditions)),
          pack_(*conditions.at_powers), coarse_(coarse), open_samples_(coarse ? coarse_open_samples : open_samples),
          drawn_(pack_.at_start()) {}

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
        out_.exhausted = out_.exhausted || (goes_on && !out_.whole);
        return std::move(out_);
    }

private:
    void warn(units::DiagnosticCode code, std::vector<units::Parameter> parameters) {
        diagnostics_.push_back({code, units::Severity::warning, std::move(parameters)});
    }

    void add_point() {
        OutwardPoint point;
        point.distance_m = distance_m_;
        point.time_s = time_s_;
        point.height_m = height_m_;
        point.at = at_;
        point.course_deg = course_deg_;
        point.phase = group_;
        point.set_pack(drawn_);
        if (!coarse_ && !conditions_.cruise.points.empty())
            point.cell_voltage_v =
                battery::point_at_charge(conditions_.cruise, drawn_.charge_ah).voltage_v / request_.pack.series;
        point.energy_used_wh = used_wh_;
        look_home(point, request_, conditions_, homeward_, wind_sd_wh_per_m_);
        if (const auto& terrain = request_.mission.terrain) {
            if (const auto ground = terrain->above_home_m(at_)) point.ground_height_m = *ground;
            // Launch and landing are near the ground by nature.
            if (group_ > 0 && !out_.track.empty() && !coarse_) look_down(*terrain, out_.track.back(), point);
        }
        out_.track.push_back(point);
    }

    /// Height above the highest ground beside and below the way between two points.
    static void look_down(const geodesy::Terrain& terrain, const OutwardPoint& from, OutwardPoint& to) {
        const auto clear = clearance_along(terrain, from.at, to.at, from.height_m, to.height_m);
        to.least_clear_m = clear.least_m;
        to.ground_unknown = clear.unknown;
    }

    /// Draws a power for a time, until the landing voltage.
    /// @param judged_w  power that the landing voltage is judged under: a climb may dip below it
    /// @return how long it could be given, s; below 0: not at all
    double draw(double power_w, double judged_w, double duration_s) {
        const double wanted_wh = power_w * duration_s / units::seconds_per_hour;
        flying::PackCourse after = drawn_;
        pack_.draw(after, power_w, wanted_wh);
        const double left_wh = pack_.left_after_wh(after, judged_w);
        double given_wh = wanted_wh;
        if (left_wh < 0.0) {
            // What is left falls as straight as anything with what is drawn.
            const double before_wh = std::max(pack_.left_after_wh(drawn_, judged_w), 0.0);
            given_wh = wanted_wh * before_wh / (before_wh - left_wh);
            after = drawn_;
            pack_.draw(after, power_w, given_wh);
        }
        const bool hard = power_w > conditions_.cruise_power_w.value;
        if (hard && !pack_.can_give(power_w, after)) return -1.0;
        drawn_ = after;
        used_wh_ += given_wh;
        return power_w > 0.0 ? given_wh * units::seconds_per_hour / power_w : duration_s;
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
        leg.end_charge_ah = drawn_.charge_ah;
        leg.to = at_;
    }

    /// Up or down in bands; in circles where `course_deg` is empty.
    /// @param way_m  the gradient may use so much of the way; 0: as steep as the plan's rates
    bool vertical(const Phase& phase, std::optional<double> course_deg, double airspeed_mps, double to_height_m,
                  double way_m = 0.0) {
        course_deg_ = course_deg;
        const bool up = to_height_m > height_m_;
        const double rate = up ? conditions_.climb_rate_mps : request_.mission.descent_rate_mps;
        if (up && rate <= 0.0) {
            warn(units::DiagnosticCode::climb_not_possible, {{"height_m", to_height_m}});
            return false;
        }
        const Vertical way = fly_vertical(request_, conditions_,
                                          {course_deg.value_or(0.0), height_m_, to_height_m, airspeed_mps, rate,
                                           false, time_s_, course_deg ? way_m : 0.0});
        if (course_deg && !up && rate >= airspeed_mps) {
            warn(units::DiagnosticCode::descent_above_airspeed,
                 {{"descent_mps", rate}, {"airspeed_mps", airspeed_mps}});
            return false;
        }
        if (course_deg && !way.wind_allows)
            return stopped(phase, winds_.at(to_height_m, time_s_).speed_mps, airspeed_mps);
        const double from_height_m = height_m_;
        double left_m = course_deg && way_m > 0.0 ? way_m : HUGE_VAL;
        for (const VerticalBand& band : way.bands) {
            const double share = band.ground_m > left_m ? left_m / band.ground_m : 1.0;
            if (!fly_band(phase, band, course_deg, up, share)) return false;
            left_m -= band.ground_m;
            // The way is not long enough for so steep a path: the rest is flown in circles over its end.
            constexpr double rounding = 0.01;
            const double short_m = std::abs(to_height_m - height_m_);
            if (left_m <= 0.0 && short_m > rounding * std::abs(to_height_m - from_height_m)) {
                at_ = phase.to;
                return vertical(phase, std::nullopt, airspeed_mps, to_height_m);
            }
        }
        height_m_ = to_height_m; // the bands add up to it but for rounding
        return true;
    }

    /// @param share  so much of the band
    bool fly_band(const Phase& phase, const VerticalBand& band, const std::optional<double>& course_deg, bool up,
                  double share) {
        const double from_m = up ? band.bottom_height_m : band.top_height_m;
        const double end_m = std::lerp(from_m, up ? band.top_height_m : band.bottom_height_m, share);
        const double seconds = share * band.duration_s;
        const double ground_m = course_deg ? share * band.ground_m : 0.0;
        FlightLeg& leg = note_leg(up ? PhaseKind::climb : PhaseKind::glide, course_deg.value_or(0.0),
                                  course_deg ? band.horizontal_mps : 0.0, band.power_w);
        leg.by_time = true;
        leg.height_m = 0.5 * (from_m + end_m);
        const double given_s =
            draw(band.power_w, std::min(band.power_w, conditions_.cruise_power_w.value), seconds);
        const bool launches = phase.kind == PhaseKind::launch;
        if (given_s < 0.0)
            warn(units::DiagnosticCode::power_not_available, {{"power_w", band.power_w}, {"height_m", from_m}});
        else if (given_s < whole * seconds && launches)
            warn(units::DiagnosticCode::energy_short_for_climb, {{"height_m", end_m}});
        if (given_s < whole * seconds) {
            if (launches) out_.track.clear();
            return false;
        }
        move(course_deg.value_or(0.0), ground_m, seconds, end_m);
        // In circles the ground distance is the air distance.
        if (!course_deg) distance_m_ += band.horizontal_mps * seconds;
        close_leg(leg, ground_m, seconds);
        add_point();
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
        // A share of full power that no level flight keeps to is said in the plan's diagnostics; the known cruise
        // is flown.
        if (!airspeed && request_.mission.speed_out == SpeedRule::power_share)
            airspeed = request_.aircraft.cruise_airspeed_mps;
        if (!airspeed) return stopped(phase, wind.speed_mps, conditions_.airspeed_out_mps);
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
        // From here on the return begins with a turn: the need steps up where it is.
        if (from_circles) add_point();
        if (std::abs(turn_deg) < least_turn_deg) return true;
        const auto level = power_at(request_, airspeed_mps, height_m_, 0.0);
        const Turning way =
            turning(request_, airspeed_mps, density_kgm3, level ? level->value : conditions_.cruise_power_w.value);
        const double turn_s = way.seconds(turn_deg);
        if (turn_s <= 0.0) return true;
        FlightLeg& leg = note_leg(PhaseKind::turn, course_deg, 0.0, way.banked_w);
        leg.by_time = true;
        const double given_s = draw(way.banked_w, level ? level->value : way.banked_w, turn_s);
        time_s_ += std::max(given_s, 0.0);
        distance_m_ += airspeed_mps * std::max(given_s, 0.0);
        close_leg(leg, 0.0, std::max(given_s, 0.0));
        add_point();
        return given_s >= whole * turn_s;
    }

    bool level(const Phase& phase, double course_deg, double airspeed_mps, double leg_m) {
        const auto known = airspeed_mps == conditions_.airspeed_out_mps && height_m_ == request_.mission.height_m
                               ? units::Result<units::Estimate>(conditions_.cruise_power_w)
                               : power_at(request_, airspeed_mps, height_m_, 0.0);
        const double power_w = known ? known->value : conditions_.cruise_power_w.value;
        const int samples =
            phase.open ? open_samples_ : std::clamp(int(std::ceil(leg_m / sample_m)), least_samples, most_samples);
        const double open_s = open_time_s(power_w) / samples;
        if (!phase.open && leg_m <= 0.0) return true;
        FlightLeg& leg = note_leg(PhaseKind::leg, course_deg, airspeed_mps, power_w);
        for (int i = 0; i < samples; ++i) {
            const auto flown = flown_on(course_deg, airspeed_mps, phase.open ? open_s : 0.0, leg_m / samples);
            if (!flown) return stopped(phase, winds_.at(height_m_, time_s_).speed_mps, airspeed_mps);
            const double step_s = phase.open ? open_s : leg_m / samples / flown->ground_speed_mps;
            const double given_s = draw(power_w, power_w, step_s);
            if (given_s <= 0.0) return exhausted();
            move(course_deg, flown->ground_speed_mps * given_s, given_s, height_m_);
            close_leg(leg, flown->ground_speed_mps * given_s, given_s);
            add_point();
            if (given_s < whole * step_s) return exhausted();
        }
        return true;
    }

    /// A course that the wind does not let it hold. Where it is, and when, says whether it was so from the start.
    bool stopped(const Phase& phase, double wind_mps, double airspeed_mps) {
        std::vector<units::Parameter> said = {{"wind_mps", wind_mps}, {"airspeed_mps", airspeed_mps}};
        if (phase.kind != PhaseKind::launch && distance_m_ > 0.0) {
            said.push_back({"distance_m", distance_m_});
            said.push_back({"time_s", time_s_});
            // Without a waypoint to reach, it goes as far as it may.
            out_.stopped = phase.waypoint < 0;
        }
        warn(units::DiagnosticCode::no_solution_out, std::move(said));
        return false;
    }

    bool exhausted() {
        out_.exhausted = true;
        return false;
    }

    /// In the wind of the middle of a step that takes a time, or where that is 0 goes a way.
    std::optional<geodesy::Heading> flown_on(double course_deg, double airspeed_mps, double step_s,
                                             double step_m) const {
        const auto begin = heading(course_deg, airspeed_mps, winds_.at(height_m_, time_s_));
        if (!begin || !winds_.changes()) return begin;
        const double half_s = 0.5 * (step_s > 0.0 ? step_s : step_m / begin->ground_speed_mps);
        return heading(course_deg, airspeed_mps, winds_.at(height_m_, time_s_ + half_s));
    }

    bool circle(const Phase& phase) {
        if (std::abs(phase.to_height_m - height_m_) > 0.01)
            return vertical(phase, std::nullopt, conditions_.airspeed_out_mps, phase.to_height_m);
        // Out of a circle any course is left without a turn of its own.
        course_deg_.reset();
        const double airspeed_mps = conditions_.airspeed_out_mps;
        const double power_w = loiter_power_w(airspeed_mps);
        const int samples = phase.open ? open_samples_ : 2 * least_samples;
        const double step_s = (phase.open ? open_time_s(power_w) : phase.duration_s) / samples;
        FlightLeg& leg = note_leg(PhaseKind::loiter, 0.0, 0.0, power_w);
        leg.by_time = true;
        for (int i = 0; i < samples; ++i) {
            const double given_s = draw(power_w, power_w, step_s);
            if (given_s <= 0.0) return exhausted();
            time_s_ += given_s;
            distance_m_ += airspeed_mps * given_s;
            close_leg(leg, 0.0, given_s);
            add_point();
            if (given_s < whole * step_s) return exhausted();
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
        return power ? out_of_pack_w(request_.sun, power->value) : conditions_.cruise_power_w.value;
    }

    /// Time until the landing voltage at this power, s.
    double open_time_s(double power_w) const {
        return std::max(pack_.left_after_wh(drawn_, power_w), 0.0) * units::seconds_per_hour / power_w;
    }

    const PlanRequest& request_;
    const FlightConditions& conditions_;
    const Homeward& homeward_;
    std::vector<units::Diagnostic>& diagnostics_;
    flying::AirColumn winds_;
    double wind_sd_wh_per_m_;
    WayOut out_;
    const flying::PackAtPowers& pack_;
    bool coarse_;
    int open_samples_;
    geodesy::EastNorth at_;
    std::optional<double> course_deg_;
    double distance_m_ = 0.0;
    double time_s_ = 0.0;
    double height_m_ = 0.0;
    flying::PackCourse drawn_;
    double used_wh_ = 0.0;
    int group_ = 0;
};

} // namespace

OutwardPoint looked_home(OutwardPoint point, const PlanRequest& request, const FlightConditions& conditions,
                         const Homeward& homeward) {
    look_home(point, request, conditions, homeward, wind_sd_wh_per_m(request, conditions));
    return point;
}

WayOut way_out(const PlanRequest& request, const FlightConditions& conditions, const Homeward& homeward,
               std::vector<units::Diagnostic>& diagnostics, bool coarse) {
    return Outbound(request, conditions, homeward, diagnostics, coarse).fly();
}

OutwardPoint between(const OutwardPoint& a, const OutwardPoint& b, double share) {
    OutwardPoint point = a;
    for (double OutwardPoint::*member :
         {&OutwardPoint::distance_m, &OutwardPoint::time_s, &OutwardPoint::height_m, &OutwardPoint::charge_used_ah,
          &OutwardPoint::slow_gap, &OutwardPoint::pack_temperature_c, &OutwardPoint::energy_used_wh,
          &OutwardPoint::cell_voltage_v, &OutwardPoint::left_wh, &OutwardPoint::needed_wh,
          &OutwardPoint::reserve_wh, &OutwardPoint::left_sd_wh, &OutwardPoint::needed_sd_wh,
          &OutwardPoint::margin_sd_wh, &OutwardPoint::ground_height_m}) {
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

OutwardPoint point_at(const std::vector<OutwardPoint>& track, double distance_m) {
    if (track.empty()) return {};
    const auto above = std::upper_bound(track.begin(), track.end(), distance_m,
                                        [](double d, const OutwardPoint& p) { return d < p.distance_m; });
    if (above == track.begin()) return track.front();
    if (above == track.end()) return track.back();
    const OutwardPoint& a = *(above - 1);
    const OutwardPoint& b = *above;
    return between(a, b, (distance_m - a.distance_m) / (b.distance_m - a.distance_m));
}

namespace {

std::vector<FlightLeg> legs_as_far_as(const std::vector<FlightLeg>& legs_out, const OutwardPoint& end) {
    std::vector<FlightLeg> legs;
    double time_s = 0.0;
    for (const FlightLeg& leg : legs_out) {
        const double left_s = end.time_s - time_s;
        if (left_s <= 0.0) break;
        time_s += leg.duration_s;
        legs.push_back(leg);
        if (left_s >= leg.duration_s) continue;
        FlightLeg& cut = legs.back();
        const double share = left_s / leg.duration_s;
        cut.duration_s = left_s;
        // By its place: in a wind that changes, half of the time is not half of the way.
        if (leg.ground_m > 0.0) cut.ground_m = geodesy::distance_m(leg.from, end.at);
        cut.energy_wh *= share;
        cut.end_charge_ah = end.charge_used_ah;
        cut.to = end.at;
    }
    return legs;
}

void add_way(std::vector<FlightLeg>& legs, const std::vector<FlightLeg>& way, bool homeward,
             const flying::PackAtPowers& pack, flying::PackCourse drawn) {
    const int group = legs.empty() ? 0 : legs.back().group + 1;
    for (const FlightLeg& piece : way) {
        legs.push_back(piece);
        FlightLeg& leg = legs.back();
        leg.group = group;
        leg.homeward = homeward;
        pack.draw(drawn, leg.power_w, leg.energy_wh);
        leg.end_charge_ah = drawn.charge_ah;
    }
}

} // namespace

std::vector<FlightLeg> turned_legs(const FlightConditions& conditions, const Homeward& homeward,
                                   const std::vector<FlightLeg>& legs_out, const OutwardPoint& turn) {
    auto legs = legs_as_far_as(legs_out, turn);
    add_way(legs, homeward.legs_from(station_of(turn)), true, *conditions.at_powers, turn.pack());
    return legs;
}

std::vector<FlightLeg> landed_legs(const FlightConditions& conditions, const Homeward& homeward,
                                   const std::vector<FlightLeg>& legs_out, const OutwardPoint& end) {
    auto legs = legs_as_far_as(legs_out, end);
    add_way(legs, homeward.legs_to(end.at, 0.0, station_of(end)), false, *conditions.at_powers, end.pack());
    return legs;
}

ReturnState station_of(const OutwardPoint& point) {
    return {point.at, point.height_m, point.time_s, {}, point.course_deg};
}

} // namespace sobremesa::mission
