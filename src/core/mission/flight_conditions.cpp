#include "core/mission/flight_conditions.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

/// Bands of height in a climb or descent; with the 1/7 law, six hold time and distance to better than 0.3 %.
constexpr int vertical_bands = 6;
/// More of them where the climb is higher than this, m.
constexpr double usual_band_m = 40.0;
constexpr int most_bands = 24;

/// Rate of climb by the plan's angle, throttle or rate, m/s.
double climb_rate_mps(const PlanRequest& request, double airspeed_mps, double level_w) {
    const Mission& mission = request.mission;
    if (mission.climb_throttle && request.aircraft.full_power_w) {
        // A fixed propeller: the pack's power goes as the cube of the duty (model notes, headroom).
        const double given_w = *request.aircraft.full_power_w * std::pow(*mission.climb_throttle, 3.0);
        const auto one = power_at(request, airspeed_mps, 0.5 * mission.height_m, 1.0);
        const double cost_w = one ? one->value - level_w : 0.0;
        if (!(cost_w > 0.0) || given_w <= level_w) return 0.0;
        const double rate = (given_w - level_w) / cost_w;
        if (!mission.climb_angle_deg) return std::min(rate, 0.7 * airspeed_mps);
        return std::min(rate, airspeed_mps * std::sin(units::radians(*mission.climb_angle_deg)));
    }
    if (mission.climb_angle_deg) return airspeed_mps * std::sin(units::radians(*mission.climb_angle_deg));
    return mission.climb_rate_mps;
}

} // namespace

double FlightConditions::left_wh(double charge_used_ah) const {
    return usable_energy_wh() - battery::point_at_charge(cruise, charge_used_ah).energy_wh;
}

units::Result<units::Estimate> power_at(const PlanRequest& request, double airspeed_mps, double height_m,
                                        double climb_mps) {
    const auto air = air_at(request, height_m);
    if (!air) return tl::unexpected(air.error());
    const double mass_kg = all_up_mass_kg(request);
    return airframe::power_w(request.aircraft, mass_kg, {airspeed_mps, mass_kg, air->density_kgm3, climb_mps});
}

double first_bearing_deg(const PlanRequest& request) {
    for (const Waypoint& point : request.mission.waypoints) {
        const bool flies_there = request.mission.kind == MissionKind::route ||
                                 request.mission.kind == MissionKind::visit ||
                                 request.mission.kind == MissionKind::one_way;
        if (flies_there && geodesy::distance_m({}, point.at) > 1.0) return geodesy::bearing_deg({}, point.at);
    }
    return request.mission.bearing_deg;
}

double top_height_m(const PlanRequest& request) {
    double top_m = request.mission.height_m;
    for (const Waypoint& point : request.mission.waypoints) top_m = std::max(top_m, point.height_m.value_or(0.0));
    if (request.failsafe) top_m = std::max(top_m, request.failsafe->height_m);
    return top_m;
}

units::Result<FlightConditions> flight_conditions(const PlanRequest& request, const FlightConditions* like) {
    FlightConditions conditions;
    conditions.all_up_mass_kg = all_up_mass_kg(request);

    const double height_m = request.mission.height_m;
    const auto air = air_at(request, height_m);
    if (!air) return tl::unexpected(air.error());
    conditions.air = *air;
    if (const auto top = air_at(request, top_height_m(request)); !top) return tl::unexpected(top.error());

    const Winds winds(request);
    const double out_deg = first_bearing_deg(request);
    const double home_deg = units::wrap_degrees(out_deg + 180.0);
    conditions.wind_out = winds.at(height_m);
    const double rho = air->density_kgm3;
    conditions.airspeed_out_mps =
        leg_airspeed(request, request.mission.speed_out, out_deg, conditions.wind_out, rho)
            .value_or(request.aircraft.cruise_airspeed_mps);
    const auto power = power_at(request, conditions.airspeed_out_mps, height_m, 0.0);
    if (!power) return tl::unexpected(power.error());
    conditions.cruise_power_w = *power;

    conditions.wind_home = winds.worst_home(home_deg, request.aircraft.cruise_airspeed_mps, height_m);
    conditions.airspeed_home_mps =
        leg_airspeed(request, request.mission.speed_home, home_deg, conditions.wind_home, rho)
            .value_or(request.aircraft.cruise_airspeed_mps);
    const auto home_power = power_at(request, conditions.airspeed_home_mps, height_m, 0.0);
    if (!home_power) return tl::unexpected(home_power.error());
    conditions.home_power_w = *home_power;

    conditions.climb_rate_mps = climb_rate_mps(request, conditions.airspeed_out_mps, power->value);
    conditions.out = heading(out_deg, conditions.airspeed_out_mps, conditions.wind_out);
    conditions.home = heading(home_deg, conditions.airspeed_home_mps, conditions.wind_home);
    conditions.pack = std::make_shared<const battery::PackModel>(request.pack, like ? like->pack.get() : nullptr);
    conditions.around = {units::celsius(air->temperature_k), true};
    conditions.start = conditions.pack->atStart(request.weather.temperature_c);
    conditions.cruise = battery::discharge_at_power(*conditions.pack, conditions.start, power->value,
                                                    {landing_cell_v(request), 1e9}, conditions.around);
    return conditions;
}

Vertical fly_vertical(const PlanRequest& request, const FlightConditions& conditions, const VerticalSense& sense) {
    Vertical vertical;
    const double way_m = std::abs(sense.to_m - sense.from_m);
    if (way_m <= 0.0 || sense.rate_mps <= 0.0) return vertical;
    const bool up = sense.to_m > sense.from_m;
    const double bottom = std::min(sense.from_m, sense.to_m);
    const double V = sense.airspeed_mps;
    // The airspeed is flown along the path; over ground only its horizontal part counts.
    const double horizontal_mps = std::sqrt(std::max(V * V - sense.rate_mps * sense.rate_mps, 0.0));
    const int bands = std::clamp(int(std::ceil(way_m / usual_band_m)), vertical_bands, most_bands);
    const double band_m = way_m / bands;
    const Winds winds(request);
    vertical.bands.reserve(std::size_t(bands));
    double time_s = sense.time_s;
    for (int i = 0; i < bands; ++i) {
        const double bottom_m = bottom + band_m * (up ? i : bands - 1 - i);
        const double middle_m = bottom_m + 0.5 * band_m;
        const atmosphere::Wind wind = sense.way_home
                                          ? winds.worst_home(sense.course_deg, horizontal_mps, middle_m, time_s)
                                          : winds.at(middle_m, time_s);
        const auto solved = heading(sense.course_deg, horizontal_mps, wind);
        const auto power = power_at(request, V, middle_m, up ? sense.rate_mps : -sense.rate_mps);
        vertical.wind_allows = vertical.wind_allows && solved.has_value();
        const double duration_s = band_m / sense.rate_mps;
        vertical.bands.push_back({bottom_m + band_m, bottom_m,
                                  power ? power->value : conditions.cruise_power_w.value, duration_s,
                                  solved ? solved->ground_speed_mps * duration_s : 0.0, horizontal_mps});
        time_s += duration_s;
    }
    return vertical;
}

Vertical climb_out(const PlanRequest& request, const FlightConditions& conditions) {
    return fly_vertical(request, conditions,
                        {first_bearing_deg(request), 0.0, request.mission.height_m, conditions.airspeed_out_mps,
                         conditions.climb_rate_mps, false, 0.0});
}

Vertical descent_home(const PlanRequest& request, const FlightConditions& conditions) {
    return fly_vertical(request, conditions,
                        {units::wrap_degrees(first_bearing_deg(request) + 180.0), request.mission.height_m, 0.0,
                         conditions.airspeed_home_mps, request.mission.descent_rate_mps, true, 0.0});
}

namespace {

/// Nearer than this there is no course to a place.
constexpr double overhead_m = 1.0;

/// A rotor comes down in its own wake: as slow as its model goes, with no credit for the height; a wing flies its
/// approach level. Never less than the way home.
double landing_power_w(const PlanRequest& request, const FlightConditions& conditions) {
    const double level_w = conditions.home_power_w.value;
    if (request.aircraft.craft != airframe::Craft::rotor) return level_w;
    const double slowest_mps = airspeed_range(request, conditions.air.density_kgm3).least_mps;
    const auto slow = power_at(request, slowest_mps, 0.0, 0.0);
    return slow ? std::max(slow->value, level_w) : level_w;
}

} // namespace

Homeward::Homeward(const PlanRequest& request, const FlightConditions& conditions)
    : request_(request), conditions_(conditions), winds_(request), top_m_(top_height_m(request)),
      landing_power_w_(landing_power_w(request, conditions)),
      main_(course(units::wrap_degrees(first_bearing_deg(request) + 180.0), 0.0, top_m_)) {}

HomeCourse Homeward::course(double course_deg, double time_s, double top_m) const {
    HomeCourse home;
    home.course_deg = course_deg;
    const double height_m = request_.mission.height_m;
    const double known_mps = request_.aircraft.cruise_airspeed_mps;
    const auto wind = winds_.worst_home(course_deg, known_mps, height_m, time_s);
    home.airspeed_mps =
        leg_airspeed(request_, request_.mission.speed_home, course_deg, wind, conditions_.air.density_kgm3)
            .value_or(known_mps);
    const auto level = heading(course_deg, home.airspeed_mps, wind);
    const auto power = home.airspeed_mps == conditions_.airspeed_home_mps
                           ? units::Result<units::Estimate>(conditions_.home_power_w)
                           : power_at(request_, home.airspeed_mps, height_m, 0.0);
    home.power_w = power ? power->value : conditions_.home_power_w.value;
    const auto climbing = power_at(request_, home.airspeed_mps, height_m, conditions_.climb_rate_mps);
    home.climb_power_w = climbing ? climbing->value : home.power_w;
    home.descent =
        fly_vertical(request_, conditions_,
                     {course_deg, top_m, 0.0, home.airspeed_mps, request_.mission.descent_rate_mps, true, time_s});
    home.turning = turning(request_, home.airspeed_mps, conditions_.air.density_kgm3, home.power_w);
    home.ground_mps = level ? level->ground_speed_mps : 0.0;
    home.wind_allows = level.has_value() && home.descent.wind_allows;
    return home;
}

HomeCourse Homeward::course_from(const geodesy::EastNorth& at, double time_s) const {
    const double distance_m = geodesy::distance_m(at, {});
    const double course_deg = distance_m > overhead_m ? geodesy::bearing_deg(at, {}) : main_.course_deg;
    constexpr double same_course_deg = 1e-6;
    const bool same = std::abs(units::signed_turn_degrees(course_deg, main_.course_deg)) < same_course_deg;
    if (same && !winds_.changes()) return main_;
    if (!winds_.changes()) return course(course_deg, time_s, top_m_);
    // The wind in the middle of the way home stands for all of it.
    const double half_s = 0.5 * distance_m / std::max(main_.ground_mps, geodesy::least_ground_speed_mps);
    return course(course_deg, time_s + half_s, top_m_);
}

double Homeward::ridge_from(const Station& station, const geodesy::EastNorth& to) const {
    if (station.ridge_m) return *station.ridge_m;
    const auto& terrain = request_.mission.terrain;
    if (!terrain) return -HUGE_VAL;
    return terrain->highest_m(station.at, to).value_or(-HUGE_VAL);
}

WayHome Homeward::fly(const HomeCourse& course, const Way& asked, std::vector<FlightLeg>* record) const {
    WayHome way;
    way.wind_allows = course.wind_allows;
    way.height_m = asked.height_m;
    const auto note = [&](PhaseKind kind, double power_w, double seconds, double ground_m, double height_m,
                          double end_height_m, double airspeed_mps) {
        const double energy_wh = power_w * seconds / units::seconds_per_hour;
        way.energy_wh += energy_wh;
        way.time_s += seconds;
        if (!record || !(seconds > 0.0)) return;
        FlightLeg leg;
        leg.kind = kind;
        leg.homeward = true;
        leg.course_deg = course.course_deg;
        leg.airspeed_mps = airspeed_mps;
        leg.power_w = power_w;
        leg.height_m = height_m;
        leg.duration_s = seconds;
        leg.ground_m = ground_m;
        leg.energy_wh = energy_wh;
        leg.end_height_m = end_height_m;
        leg.by_time = kind != PhaseKind::leg;
        record->push_back(leg);
    };
    if (const double turning_s = course.turning.seconds(asked.turn_deg); turning_s > 0.0)
        note(PhaseKind::turn, course.turning.banked_w, turning_s, 0.0, way.height_m, way.height_m, 0.0);
    double climb_ground_m = 0.0;
    // What ends the way, its own field, is no ridge; where it lies higher it is climbed to, and landed on from
    // above.
    const bool something_stands = asked.ridge_m > asked.end_height_m + request_.mission.clearance_m;
    const double to_land_m = asked.end_height_m > 0.0 ? asked.end_height_m + landing_height_m(request_) : -HUGE_VAL;
    const double over_m =
        std::max(something_stands ? asked.ridge_m + request_.mission.clearance_m : -HUGE_VAL, to_land_m);
    if (over_m > asked.height_m && conditions_.climb_rate_mps > 0.0) {
        const double climb_s = (over_m - asked.height_m) / conditions_.climb_rate_mps;
        climb_ground_m = course.ground_mps * climb_s;
        way.height_m = over_m;
        note(PhaseKind::climb, course.climb_power_w, climb_s, climb_ground_m, 0.5 * (over_m + asked.height_m),
             over_m, course.airspeed_mps);
    }
    struct Part {
        const VerticalBand* band;
        double times;
        double height_m;
        double end_height_m;
    };
    std::vector<Part> parts;
    const auto& bands = course.descent.bands;
    double covered_m = 0.0;
    for (const VerticalBand& band : bands) covered_m = std::max(covered_m, band.top_height_m);
    // Above the bands: as the highest of them.
    if (way.height_m > covered_m && !bands.empty()) {
        const VerticalBand& top = bands.front();
        parts.push_back({&top, (way.height_m - covered_m) / (top.top_height_m - top.bottom_height_m),
                         0.5 * (way.height_m + covered_m), covered_m});
    }
    const double landing_m = std::clamp(way.height_m - asked.end_height_m, 0.0, landing_height_m(request_));
    for (const VerticalBand& band : bands) {
        // From inside the climb only the part of the descent below the aircraft is flown.
        const double top_m = std::min(way.height_m, band.top_height_m);
        const double bottom_m = std::max(asked.end_height_m + landing_m, band.bottom_height_m);
        const double share = std::max(top_m - bottom_m, 0.0) / (band.top_height_m - band.bottom_height_m);
        if (share > 0.0) parts.push_back({&band, share, 0.5 * (top_m + bottom_m), bottom_m});
    }
    double descent_ground_m = 0.0;
    for (const Part& part : parts) descent_ground_m += part.times * part.band->ground_m;
    const double level_m = std::max(asked.distance_m - climb_ground_m - descent_ground_m, 0.0);
    // Nearer than the descent is long it circles down: over ground only what is left of the way counts.
    const double left_m = std::clamp(asked.distance_m - climb_ground_m, 0.0, descent_ground_m);
    const double on_the_way = descent_ground_m > 0.0 ? left_m / descent_ground_m : 1.0;
    if (level_m > 0.0 && course.ground_mps <= 0.0) {
        way.wind_allows = false;
        return way;
    }
    if (level_m > 0.0)
        note(PhaseKind::leg, course.power_w, level_m / course.ground_mps, level_m, way.height_m, way.height_m,
             course.airspeed_mps);
    for (const Part& part : parts) {
        note(PhaseKind::descent, part.band->power_w, part.times * part.band->duration_s,
             on_the_way * part.times * part.band->ground_m, part.height_m, part.end_height_m,
             part.band->horizontal_mps);
    }
    note(PhaseKind::landing, landing_power_w_, landing_m / request_.mission.landing_sink_mps, 0.0,
         asked.end_height_m + 0.5 * landing_m, asked.end_height_m, 0.0);
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

Homeward::Way Homeward::way_to(const geodesy::EastNorth& place, double place_height_m, const Station& station,
                               const HomeCourse& course) const {
    Way way;
    way.distance_m = geodesy::distance_m(station.at, place);
    way.height_m = station.height_m;
    way.end_height_m = place_height_m;
    way.ridge_m = ridge_from(station, place);
    if (station.course_deg && way.distance_m > overhead_m)
        way.turn_deg = units::signed_turn_degrees(*station.course_deg, course.course_deg);
    return way;
}

HomeCourse Homeward::course_to(const geodesy::EastNorth& place, double place_height_m,
                               const Station& station) const {
    if (geodesy::distance_m(station.at, place) <= overhead_m) return main_;
    return course(geodesy::bearing_deg(station.at, place), station.time_s, std::max(top_m_, place_height_m));
}

WayHome Homeward::from(const Station& station) const {
    const HomeCourse course = course_from(station.at, station.time_s);
    return fly(course, way_to({}, 0.0, station, course));
}

std::vector<FlightLeg> Homeward::legs_from(const Station& station) const {
    std::vector<FlightLeg> legs;
    const HomeCourse course = course_from(station.at, station.time_s);
    (void)fly(course, way_to({}, 0.0, station, course), &legs);
    place_legs(legs, station.at, {});
    return legs;
}

WayHome Homeward::from(double distance_m, double height_m) const {
    return from({geodesy::offset({}, first_bearing_deg(request_), distance_m), height_m, 0.0, {}});
}

WayHome Homeward::to(const geodesy::EastNorth& place, double place_height_m, const Station& station) const {
    const HomeCourse course = course_to(place, place_height_m, station);
    // A ridge that is known is the one on the way home.
    const Station from{station.at, station.height_m, station.time_s, {}, station.course_deg};
    return fly(course, way_to(place, place_height_m, from, course));
}

std::vector<FlightLeg> Homeward::legs_to(const geodesy::EastNorth& place, double place_height_m,
                                         const Station& station) const {
    std::vector<FlightLeg> legs;
    const HomeCourse course = course_to(place, place_height_m, station);
    (void)fly(course, way_to(place, place_height_m, station, course), &legs);
    place_legs(legs, station.at, place);
    return legs;
}

double Homeward::reserve_wh(const Station& station) const {
    if (const auto* share = std::get_if<ShareOfUsable>(&request_.reserve)) {
        return share->share * conditions_.usable_energy_wh();
    }
    if (const auto* loiter = std::get_if<LoiterAtHome>(&request_.reserve)) {
        return conditions_.home_power_w.value * loiter->minutes * units::seconds_per_minute /
               units::seconds_per_hour;
    }
    return (std::get<FactorOnWayHome>(request_.reserve).factor - 1.0) * from(station).energy_wh;
}

double Homeward::reserve_wh(double distance_m, double height_m) const {
    return reserve_wh({geodesy::offset({}, first_bearing_deg(request_), distance_m), height_m, 0.0, {}});
}

} // namespace sobremesa::mission
