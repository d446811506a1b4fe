#include "core/mission/homeward.hpp"

#include <algorithm>
#include <cmath>

#include "core/mission/ground_below.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

/// Nearer than this there is no course to a place.
constexpr double overhead_m = 1.0;
/// A changing wind is met anew so often, s; a way that takes more steps is none.
constexpr double wind_step_s = 120.0;
constexpr int most_wind_steps = 500;

/// A rotor comes down in its own wake: as slow as its model goes, with no credit for the height; a wing flies its
/// approach level. Never less than the return.
double landing_power_w(const PlanRequest& request, const FlightConditions& conditions) {
    const double level_w = conditions.home_power_w.value;
    if (request.aircraft.craft != airframe::Craft::rotor) return level_w;
    const double slowest_mps = airspeed_range(request, conditions.air.density_kgm3).least_mps;
    const auto slow = power_at(request, slowest_mps, 0.0, 0.0);
    return slow ? std::max(slow->value, level_w) : level_w;
}

} // namespace

struct Homeward::Way {
    double course_deg = 0.0;
    double distance_m = 0.0;
    double height_m = 0.0;
    double end_height_m = 0.0;
    /// Where what stands in the way, or the place itself, asks for more than `height_m`.
    double over_m = 0.0;
    double time_s = 0.0;
    std::optional<double> from_course_deg;
};

/// A descent in bands, with its ground distance.
struct Homeward::Glide {
    struct Part {
        const VerticalBand* band = nullptr;
        double top_m = 0.0;
        double bottom_m = 0.0;
        double duration_s = 0.0;
        double ground_m = 0.0;
    };
    std::vector<Part> parts;
    double ground_m = 0.0;
    double duration_s = 0.0;
    bool wind_allows = true;
};

/// Adds up what is flown, and notes it piece by piece where that is wanted.
class Homeward::Record {
public:
    Record(ReturnEstimate& way, const Way& asked, std::vector<FlightLeg>* legs)
        : way_(way), course_deg_(asked.course_deg), legs_(legs) {}

    struct Piece {
        PhaseKind kind = PhaseKind::leg;
        double power_w = 0.0;
        double duration_s = 0.0;
        double ground_m = 0.0;
        double height_m = 0.0;
        double end_height_m = 0.0;
        double airspeed_mps = 0.0;
    };
    /// @param draw  which of the way's draws it belongs to
    void note(const Piece& piece, std::size_t draw) {
        const double energy_wh = piece.power_w * piece.duration_s / units::seconds_per_hour;
        way_.energy_wh += energy_wh;
        way_.time_s += piece.duration_s;
        seconds_[draw] += piece.duration_s;
        way_.draws[draw].energy_wh += energy_wh;
        if (seconds_[draw] > 0.0)
            way_.draws[draw].power_w = way_.draws[draw].energy_wh * units::seconds_per_hour / seconds_[draw];
        if (!legs_ || !(piece.duration_s > 0.0)) return;
        FlightLeg leg;
        leg.kind = piece.kind;
        leg.homeward = true;
        leg.course_deg = course_deg_;
        leg.airspeed_mps = piece.airspeed_mps;
        leg.power_w = piece.power_w;
        leg.height_m = piece.height_m;
        leg.duration_s = piece.duration_s;
        leg.ground_m = piece.ground_m;
        leg.energy_wh = energy_wh;
        leg.end_height_m = piece.end_height_m;
        leg.by_time = piece.kind != PhaseKind::leg;
        legs_->push_back(leg);
    }

private:
    ReturnEstimate& way_;
    double course_deg_;
    std::vector<FlightLeg>* legs_;
    std::array<double, 5> seconds_ = {};
};

Homeward::Homeward(const PlanRequest& request, const FlightConditions& conditions)
    : request_(request), conditions_(conditions), column_(air_column(request)), top_m_(top_height_m(request)),
      landing_power_w_(landing_power_w(request, conditions)),
      main_(made_course(units::wrap_degrees(first_bearing_deg(request) + 180.0), request.mission.height_m, 0.0)) {
    const double from_m = request.mission.height_m;
    main_wind_allows_ = column_.worst_ground_mps(main_.wind, main_.airspeed_mps, 0.0).has_value() &&
                        glide(main_, from_m, std::min(from_m, landing_height_m(request)), 0.0).wind_allows;
}

Homeward::Course Homeward::made_course(double course_deg, double height_m, double time_s) const {
    Course course;
    course.course_deg = course_deg;
    course.height_m = height_m;
    const auto steady = column_.steady(height_m);
    const double error_mps = column_.error_mps(height_m);
    course.wind = column_.on_course(steady, error_mps, course_deg);
    const auto air = air_at(request_, height_m);
    const double density = air ? air->density_kgm3 : conditions_.air.density_kgm3;
    const double known_mps = request_.aircraft.cruise_airspeed_mps;
    const auto wind = column_.worst_of(column_.grown(steady, time_s), error_mps, course_deg, known_mps);
    course.airspeed_mps =
        leg_airspeed(request_, request_.mission.speed_home, course_deg, wind, density).value_or(known_mps);
    const bool planned =
        height_m == request_.mission.height_m && course.airspeed_mps == conditions_.airspeed_home_mps;
    const auto power = planned ? units::Result<units::Estimate>(conditions_.home_power_w)
                               : power_at(request_, course.airspeed_mps, height_m, 0.0);
    course.level_w = power ? power->value : conditions_.home_power_w.value;
    course.turning = turning(request_, course.airspeed_mps, density, course.level_w);
    // What does not depend on the course is taken over where the mission's own return has it.
    const bool same = course.airspeed_mps == main_.airspeed_mps && !main_.descent.empty() &&
                      height_m <= main_.descent.front().top_height_m;
    course.descent = same ? main_.descent
                          : vertical_bands(request_, conditions_,
                                           {course_deg, std::max(top_m_, height_m), 0.0, course.airspeed_mps,
                                            request_.mission.descent_rate_mps, true, 0.0});
    course.band_winds.reserve(course.descent.size());
    for (const VerticalBand& band : course.descent)
        course.band_winds.push_back(column_.on_course(band.steady, band.error_mps, course_deg));
    return course;
}

const Homeward::Course& Homeward::course(double course_deg, double height_m, double time_s,
                                         std::optional<Course>& own) const {
    constexpr double same_course_deg = 1e-6;
    const bool same = std::abs(units::signed_turn_degrees(course_deg, main_.course_deg)) < same_course_deg &&
                      height_m == main_.height_m;
    const bool by_wind = request_.mission.speed_home == SpeedRule::best_range;
    if (same && !(by_wind && column_.changes())) return main_;
    return own.emplace(made_course(course_deg, height_m, time_s));
}

std::optional<double> Homeward::level_s(const Course& course, double way_m, double time_s) const {
    const auto mps_at = [&](double at_s) {
        return column_.worst_ground_mps(course.wind, course.airspeed_mps, at_s);
    };
    const auto first = mps_at(time_s);
    if (!first || !column_.changes()) return first ? std::optional(way_m / *first) : std::nullopt;
    double seconds = 0.0;
    double left_m = way_m;
    for (int i = 0; i < most_wind_steps; ++i) {
        // The wind in the middle of a step stands for all of it.
        const auto begin = mps_at(time_s + seconds);
        if (!begin) return std::nullopt;
        const double step_s = std::min(wind_step_s, left_m / *begin);
        const auto middle = mps_at(time_s + seconds + 0.5 * step_s);
        if (!middle) return std::nullopt;
        if (*middle * step_s >= left_m || step_s < wind_step_s) return seconds + left_m / *middle;
        seconds += step_s;
        left_m -= *middle * step_s;
    }
    return std::nullopt;
}

Homeward::Glide Homeward::glide(const Course& course, double from_m, double to_m, double time_s) const {
    Glide glide;
    glide.parts.reserve(course.descent.size());
    for (std::size_t i = 0; i < course.descent.size(); ++i) {
        const VerticalBand& band = course.descent[i];
        // From inside the climb only the part of the descent below the aircraft is flown.
        const double top_m = std::min(from_m, band.top_height_m);
        const double bottom_m = std::max(to_m, band.bottom_height_m);
        if (!(top_m > bottom_m)) continue;
        const double seconds = (top_m - bottom_m) / (band.top_height_m - band.bottom_height_m) * band.duration_s;
        const double at_s = time_s + glide.duration_s + 0.5 * seconds;
        const double mps = column_.worst_ground_mps(course.band_winds[i], band.horizontal_mps, at_s).value_or(0.0);
        glide.wind_allows = glide.wind_allows && mps > 0.0;
        glide.parts.push_back({&band, top_m, bottom_m, seconds, mps * seconds});
        glide.ground_m += mps * seconds;
        glide.duration_s += seconds;
    }
    return glide;
}

ReturnEstimate Homeward::fly(const Way& asked, std::vector<FlightLeg>* legs) const {
    enum : std::size_t { turn, climb, level, descent, landing };
    ReturnEstimate way;
    way.height_m = asked.height_m;
    const bool climbs = asked.over_m > asked.height_m && conditions_.climb_rate_mps > 0.0;
    if (climbs) way.height_m = asked.over_m;
    std::optional<Course> own;
    const Course& course = this->course(asked.course_deg, way.height_m, asked.time_s, own);
    way.level_w = course.level_w;
    Record record(way, asked, legs);
    if (asked.from_course_deg) {
        const double turn_deg = units::signed_turn_degrees(*asked.from_course_deg, asked.course_deg);
        record.note({PhaseKind::turn, course.turning.banked_w, course.turning.seconds(turn_deg), 0.0,
                     asked.height_m, asked.height_m, 0.0},
                    turn);
    }
    double left_m = asked.distance_m;
    if (climbs) {
        const Vertical up = fly_vertical(request_, conditions_,
                                         {asked.course_deg, asked.height_m, way.height_m, course.airspeed_mps,
                                          conditions_.climb_rate_mps, true, asked.time_s + way.time_s});
        way.wind_allows = up.wind_allows;
        for (const VerticalBand& band : up.bands) {
            record.note({PhaseKind::climb, band.power_w, band.duration_s, std::min(band.ground_m, left_m),
                         band.height_m(), band.top_height_m, band.horizontal_mps},
                        climb);
            left_m = std::max(left_m - band.ground_m, 0.0);
        }
    }
    const double landing_m = std::clamp(way.height_m - asked.end_height_m, 0.0, landing_height_m(request_));
    const double down_to_m = asked.end_height_m + landing_m;
    const double now_s = asked.time_s + way.time_s;
    Glide down = glide(course, way.height_m, down_to_m, now_s);
    double level_m = std::max(left_m - down.ground_m, 0.0);
    const auto level_time_s = [&] { return level_m > 0.0 ? level_s(course, level_m, now_s) : std::optional(0.0); };
    std::optional<double> seconds = level_time_s();
    // Where the wind changes, the descent lies the farther or nearer the later it begins.
    constexpr int rounds = 3;
    for (int round = 0; column_.changes() && seconds && round < rounds; ++round) {
        down = glide(course, way.height_m, down_to_m, now_s + *seconds);
        level_m = std::max(left_m - down.ground_m, 0.0);
        seconds = level_time_s();
    }
    way.wind_allows = way.wind_allows && seconds && (down.wind_allows || asked.distance_m <= overhead_m);
    // Where the worst credible wind allows no return, another day's may: its pieces are those of still air.
    if (!seconds) seconds = level_m / course.airspeed_mps;
    if (level_m > 0.0) {
        record.note(
            {PhaseKind::leg, course.level_w, *seconds, level_m, way.height_m, way.height_m, course.airspeed_mps},
            level);
    }
    // Nearer than the descent is long it circles down: over ground only what is left of the way counts.
    const double on_the_way = down.ground_m > 0.0 ? std::min(left_m / down.ground_m, 1.0) : 1.0;
    for (const Glide::Part& part : down.parts) {
        record.note({PhaseKind::descent, part.band->power_w, part.duration_s, on_the_way * part.ground_m,
                     0.5 * (part.top_m + part.bottom_m), part.bottom_m, part.band->horizontal_mps},
                    descent);
    }
    record.note({PhaseKind::landing, landing_power_w_, landing_m / request_.mission.landing_sink_mps, 0.0,
                 asked.end_height_m + 0.5 * landing_m, asked.end_height_m, 0.0},
                landing);
    return way;
}

namespace {

/// Where the pieces lead, each to its end, none beyond the place.
void place_legs(std::vector<FlightLeg>& legs, geodesy::EastNorth at, const geodesy::EastNorth& place) {
    for (FlightLeg& leg : legs) {
        leg.from = at;
        at = geodesy::offset(at, leg.course_deg, std::min(leg.ground_m, geodesy::distance_m(at, place)));
        leg.to = at;
    }
}

} // namespace

Homeward::Way Homeward::way_to(const geodesy::EastNorth& place, double place_height_m,
                               const ReturnState& station) const {
    Way way;
    way.distance_m = geodesy::distance_m(station.at, place);
    const bool overhead = way.distance_m <= overhead_m;
    way.course_deg = overhead ? main_.course_deg : geodesy::bearing_deg(station.at, place);
    way.height_m = station.height_m;
    way.end_height_m = place_height_m;
    way.time_s = station.time_s;
    if (!overhead) way.from_course_deg = station.course_deg;
    const auto& terrain = request_.mission.terrain;
    std::optional<double> ridge_m = station.ridge_m;
    if (!ridge_m && terrain) ridge_m = terrain->highest_m(station.at, place, off_course_m);
    // What ends the way, its own field, is no ridge; where it lies higher it is climbed to, and landed on from
    // above.
    way.over_m = place_height_m > 0.0 ? place_height_m + landing_height_m(request_) : -HUGE_VAL;
    if (ridge_m && *ridge_m > place_height_m + request_.mission.clearance_m)
        way.over_m = std::max(way.over_m, *ridge_m + request_.mission.clearance_m);
    return way;
}

ReturnEstimate Homeward::from(const ReturnState& station) const {
    return fly(way_to({}, 0.0, station), nullptr);
}

std::vector<FlightLeg> Homeward::legs_from(const ReturnState& station) const {
    std::vector<FlightLeg> legs;
    (void)fly(way_to({}, 0.0, station), &legs);
    place_legs(legs, station.at, {});
    return legs;
}

ReturnEstimate Homeward::from(double distance_m, double height_m) const {
    return from({geodesy::offset({}, first_bearing_deg(request_), distance_m), height_m, 0.0, {}});
}

ReturnEstimate Homeward::to(const geodesy::EastNorth& place, double place_height_m,
                            const ReturnState& station) const {
    // A ridge that is known is the one on the return.
    return fly(
        way_to(place, place_height_m, {station.at, station.height_m, station.time_s, {}, station.course_deg}),
        nullptr);
}

std::vector<FlightLeg> Homeward::legs_to(const geodesy::EastNorth& place, double place_height_m,
                                         const ReturnState& station) const {
    std::vector<FlightLeg> legs;
    (void)fly(way_to(place, place_height_m, {station.at, station.height_m, station.time_s, {}, station.course_deg}),
              &legs);
    place_legs(legs, station.at, place);
    return legs;
}

Books Homeward::books(const ReturnEstimate& way, const flying::PackCourse& pack_before) const {
    const flying::PackAtPowers& pack = *conditions_.at_powers;
    Books books;
    books.left_wh = pack.left_after_wh(pack_before, way.level_w);
    flying::PackCourse course = pack_before;
    for (const ReturnEstimate::Draw& draw : way.draws) {
        if (draw.energy_wh > 0.0) pack.draw(course, draw.power_w, draw.energy_wh);
    }
    books.landing_charge_ah = course.charge_ah;
    books.landing_left_wh = pack.left_after_wh(course, way.level_w);
    return books;
}

double Homeward::reserve_wh(const ReturnEstimate& way) const {
    if (const auto* share = std::get_if<ShareOfUsable>(&request_.reserve))
        return share->share * conditions_.usable_energy_wh();
    if (const auto* loiter = std::get_if<LoiterAtHome>(&request_.reserve)) {
        return conditions_.home_power_w.value * loiter->minutes * units::seconds_per_minute /
               units::seconds_per_hour;
    }
    return (std::get<FactorOnReturn>(request_.reserve).factor - 1.0) * way.energy_wh;
}

double wind_sd_wh_per_m(const PlanRequest& request, const FlightConditions& conditions) {
    const double sd = request.weather.wind_sd_mps;
    const double course_deg = first_bearing_deg(request) + 180.0;
    const auto wh_per_m = [&](double wind_mps) {
        const auto flown = heading(course_deg, conditions.airspeed_home_mps,
                                   {std::max(wind_mps, 0.0), conditions.wind_home.from_deg});
        const double ground_mps = flown ? flown->ground_speed_mps : geodesy::least_ground_speed_mps;
        return conditions.home_power_w.value / ground_mps / units::seconds_per_hour;
    };
    return 0.5 *
           std::abs(wh_per_m(conditions.wind_home.speed_mps + sd) - wh_per_m(conditions.wind_home.speed_mps - sd));
}

} // namespace sobremesa::mission
