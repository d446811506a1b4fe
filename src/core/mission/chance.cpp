#include "core/mission/chance.hpp"

#include <algorithm>
#include <cmath>
#include <random>

#include <boost/random/normal_distribution.hpp>

#include "core/mission/outward.hpp"
#include "core/mission/schools.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantile.hpp"

namespace sobremesa::mission {

namespace {

// Common practice, no source.
constexpr double growth_sd_mps_per_h = 1.0;
constexpr double temperature_sd_k = 2.0;

/// Slower than this over ground, a drawn flight does not come home.
constexpr double least_way_mps = 0.5;

/// Drawn in blocks, each with its own stream: any number of cores then draws the same days.
constexpr int block = 256;

/// Steps of power and temperature that the pack is asked at.
constexpr double power_step = 0.1;
constexpr double temperature_step_k = 4.0;

double share_of(const std::vector<DrawnFlight>& flights, bool DrawnFlight::*what) {
    const auto count = std::count_if(flights.begin(), flights.end(), [&](const auto& f) { return f.*what; });
    return double(count) / double(flights.size());
}

Probability counted(const std::vector<DrawnFlight>& flights, bool DrawnFlight::*what) {
    const double p = share_of(flights, what);
    const double n = double(flights.size());
    // Laplace's rule keeps the error of 0 and 1 from being nothing.
    const double smoothed = (p * n + 1.0) / (n + 2.0);
    return {p, std::sqrt(smoothed * (1.0 - smoothed) / n)};
}

} // namespace

void in_turn(std::size_t parts, const std::function<void(std::size_t)>& job) {
    for (std::size_t part = 0; part < parts; ++part) job(part);
}

DaySpread spread_of(const Plan& plan) {
    const auto& weather = plan.request.weather;
    DaySpread spread;
    spread.wind_mps = weather.wind_sd_mps;
    spread.wind_from_deg = weather.wind_from_sd_deg;
    spread.growth_mps_per_h = growth_sd_mps_per_h;
    spread.draw = plan.conditions.cruise_power_w.sd / plan.conditions.cruise_power_w.value;
    spread.usable = battery::assumed_usable_sd;
    spread.warmer_k = temperature_sd_k;
    return spread;
}

std::vector<DayDraw> draw_days(const DaySpread& spread, int days, std::uint64_t seed) {
    std::vector<DayDraw> drawn;
    drawn.reserve(std::size_t(days));
    for (int first = 0; first < days; first += block) {
        std::seed_seq seeds{std::uint32_t(seed), std::uint32_t(seed >> 32), std::uint32_t(first / block)};
        std::mt19937_64 engine(seeds);
        // The standard leaves open how its distribution draws; this one draws the same on every machine.
        boost::random::normal_distribution<double> normal;
        for (int i = first; i < std::min(first + block, days); ++i) {
            DayDraw day;
            day.wind_mps = spread.wind_mps * normal(engine);
            day.wind_from_deg = spread.wind_from_deg * normal(engine);
            day.growth_mps_per_h = spread.growth_mps_per_h * normal(engine);
            day.draw = std::max(1.0 + spread.draw * normal(engine), 0.2);
            day.usable = std::max(1.0 + spread.usable * normal(engine), 0.1);
            day.warmer_k = spread.warmer_k * normal(engine);
            drawn.push_back(day);
        }
    }
    return drawn;
}

DrawnFlights::DrawnFlights(const Plan& plan) : plan_(plan), winds_(plan.request) {
    const FlightConditions& c = plan.conditions;
    const double power_w = c.cruise_power_w.value;
    const double landing_v = landing_cell_v(plan.request);
    const double floor_v = std::min(battery::traits(plan.request.pack.chemistry).floor_cell_v, landing_v);
    const auto usable_wh = [&](double draw, double warmer_k, double cell_v) {
        const double air_c = plan.request.weather.temperature_c + warmer_k;
        battery::Surroundings around = c.around;
        around.air_temperature_c += warmer_k;
        return battery::discharge_at_power(*c.pack, c.pack->atStart(air_c), draw * power_w, {cell_v, 1e9, 1},
                                           around)
            .last()
            .energy_wh;
    };
    const auto known = [&](double cell_v) {
        Usable usable;
        usable.wh = usable_wh(1.0, 0.0, cell_v);
        usable.per_draw_wh = (usable_wh(1.0 + power_step, 0.0, cell_v) - usable_wh(1.0 - power_step, 0.0, cell_v)) /
                             (2.0 * power_step);
        usable.per_kelvin_wh =
            (usable_wh(1.0, temperature_step_k, cell_v) - usable_wh(1.0, -temperature_step_k, cell_v)) /
            (2.0 * temperature_step_k);
        return usable;
    };
    to_landing_ = known(landing_v);
    to_floor_ = known(floor_v);
}

std::vector<DrawnFlights::LegInAir> DrawnFlights::legs_to(double turn_distance_m) const {
    std::vector<LegInAir> legs;
    for (const FlightLeg& leg : flight_legs(plan_, turn_distance_m)) {
        LegInAir in_air{leg, 0.0, 1.0, 0.0, 1.0};
        const auto wind = winds_.steady(leg.height_m);
        in_air.wind_mps = wind.speed_mps;
        // An error aloft is smaller near the ground, as a wind would be: by the same law, on a calm day too.
        in_air.error_share = atmosphere::wind_at_height({1.0, 0.0}, plan_.request.mission.height_m, leg.height_m,
                                                        plan_.request.weather.wind_exponent)
                                 .speed_mps;
        const double angle = units::radians(wind.from_deg - leg.course_deg);
        in_air.sine = std::sin(angle);
        in_air.cosine = std::cos(angle);
        legs.push_back(in_air);
    }
    return legs;
}

DrawnFlight DrawnFlights::fly_legs(const DayDraw& day, const std::vector<LegInAir>& legs, double reserve_wh) const {
    double time_s = 0.0;
    double energy_wh = 0.0;
    bool possible = true;
    const double growth_mps_per_h = plan_.request.weather.wind_growth_mps_per_h;
    const double turned = units::radians(day.wind_from_deg);
    const double turned_sine = std::sin(turned);
    const double turned_cosine = std::cos(turned);
    const auto met_mps = [&](const LegInAir& in_air) {
        const double hours = time_s / units::seconds_per_hour;
        // A wind that eases never turns round, but weaker than nothing is one from the other side.
        return std::max(in_air.wind_mps + growth_mps_per_h * hours, 0.0) +
               in_air.error_share * (day.wind_mps + day.growth_mps_per_h * hours);
    };
    // Who stays over a place in a wind above the airspeed is carried off.
    const auto holds = [&](const LegInAir& in_air) {
        return in_air.leg.kind != PhaseKind::loiter ||
               std::abs(met_mps(in_air)) < plan_.conditions.airspeed_out_mps;
    };
    const auto ground_mps = [&](const LegInAir& in_air) {
        const double wind_mps = met_mps(in_air);
        const double cross = wind_mps * (in_air.sine * turned_cosine + in_air.cosine * turned_sine);
        const double along = wind_mps * (in_air.cosine * turned_cosine - in_air.sine * turned_sine);
        const double V = in_air.leg.airspeed_mps;
        const double squared = V * V - cross * cross;
        return squared > 0.0 ? std::sqrt(squared) - along : 0.0;
    };
    // Legs of one group share their way: what its climbs and descents do not cover, its level part does. The launch
    // leads into the first leg, which takes over what it left or overshot.
    double owed_m = 0.0;
    for (std::size_t first = 0; first < legs.size() && possible;) {
        std::size_t end = first;
        double level_m = owed_m;
        double planned_level_m = 0.0;
        for (; end < legs.size() && legs[end].leg.group == legs[first].leg.group; ++end) {
            const FlightLeg& leg = legs[end].leg;
            level_m += leg.ground_m;
            if (!leg.by_time) {
                planned_level_m += leg.ground_m;
                continue;
            }
            possible = possible && holds(legs[end]);
            if (leg.ground_m > 0.0) level_m -= std::max(ground_mps(legs[end]), 0.0) * leg.duration_s;
            energy_wh += leg.power_w * leg.duration_s / units::seconds_per_hour;
            time_s += leg.duration_s;
            possible = possible && holds(legs[end]);
        }
        owed_m = planned_level_m > 0.0 ? 0.0 : level_m;
        for (std::size_t i = first; i < end && planned_level_m > 0.0; ++i) {
            const FlightLeg& leg = legs[i].leg;
            if (leg.by_time) continue;
            const double mps = ground_mps(legs[i]);
            possible = possible && mps >= least_way_mps;
            if (!possible) break;
            const double seconds = std::max(level_m, 0.0) * leg.ground_m / planned_level_m / mps;
            energy_wh += leg.power_w * seconds / units::seconds_per_hour;
            time_s += seconds;
        }
        first = end;
    }
    DrawnFlight flight;
    flight.duration_s = time_s;
    if (!possible) {
        flight.left_wh = -to_landing_.wh;
        return flight;
    }
    energy_wh *= day.draw;
    const auto usable = [&](const Usable& known) {
        return day.usable * (known.wh + known.per_draw_wh * (day.draw - 1.0) + known.per_kelvin_wh * day.warmer_k);
    };
    flight.left_wh = usable(to_landing_) - energy_wh;
    flight.home = usable(to_floor_) >= energy_wh;
    flight.reserve_intact = flight.home && flight.left_wh >= reserve_wh;
    return flight;
}

DrawnFlight DrawnFlights::fly(const DayDraw& day, double turn_distance_m) const {
    return fly_legs(day, legs_to(turn_distance_m), outward_at(plan_, turn_distance_m).reserve_wh);
}

std::vector<DrawnFlight> DrawnFlights::fly(const std::vector<DayDraw>& days, double turn_distance_m,
                                           const std::stop_token& stop, const Parallel& parallel) const {
    const auto legs = legs_to(turn_distance_m);
    const double reserve_wh = outward_at(plan_, turn_distance_m).reserve_wh;
    std::vector<DrawnFlight> flights(days.size());
    const auto part = [&](std::size_t from, std::size_t to) {
        for (std::size_t i = from; i < to; ++i) {
            if (i % block == 0 && stop.stop_requested()) return;
            flights[i] = fly_legs(days[i], legs, reserve_wh);
        }
    };
    constexpr std::size_t parts = 8;
    parallel(parts, [&](std::size_t k) { part(k * days.size() / parts, (k + 1) * days.size() / parts); });
    return flights;
}

units::Result<Chance> chance(const Plan& plan, int days, std::uint64_t seed, const std::stop_token& stop,
                             const Parallel& parallel) {
    Chance result;
    result.days = days;
    result.seed = seed;
    if (!plan.turn || days <= 0) return result;
    const DrawnFlights drawn(plan);
    const auto all = draw_days(spread_of(plan), days, seed);
    const double turn_m = plan.turn->distance_m.value;
    const auto flights = drawn.fly(all, turn_m, stop, parallel);
    if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
    result.home = counted(flights, &DrawnFlight::home);
    result.reserve_intact = counted(flights, &DrawnFlight::reserve_intact);
    std::vector<double> left;
    left.reserve(flights.size());
    for (const auto& flight : flights) left.push_back(flight.left_wh);
    result.landing_low_wh = units::quantile(left, 0.05);
    result.landing_median_wh = units::quantile(left, 0.5);
    result.landing_high_wh = units::quantile(left, 0.95);

    // The rest by fewer of the same days: places of a line need no third digit.
    constexpr std::size_t fewer = 1000;
    const std::vector<DayDraw> some(all.begin(), all.begin() + std::ptrdiff_t(std::min(all.size(), fewer)));
    constexpr int places = 24;
    const double end_m = plan.outward.back().distance_m;
    std::optional<double> held_m;
    std::optional<double> broken_m;
    for (int i = 0; i <= places && !stop.stop_requested(); ++i) {
        const double distance_m = end_m * i / places;
        const auto there = drawn.fly(some, distance_m, stop, parallel);
        const double reserve_wh = outward_at(plan, distance_m).reserve_wh;
        std::vector<double> spare;
        spare.reserve(there.size());
        for (const auto& flight : there) spare.push_back(flight.left_wh - reserve_wh);
        const OutwardPoint at = outward_at(plan, distance_m);
        const double spread = 1.6449 * at.left_sd_wh; // 5 and 95 % of a normal distribution
        result.bands.push_back({distance_m, at.left_wh - spread, at.left_wh + spread, units::quantile(spare, 0.05),
                                units::quantile(spare, 0.95)});
        const bool holds = share_of(there, &DrawnFlight::reserve_intact) >= plan.request.turn.least_chance;
        if (holds && !broken_m) held_m = distance_m;
        if (!holds && !broken_m) broken_m = distance_m;
    }
    if (held_m && broken_m) {
        double low = *held_m;
        double high = *broken_m;
        for (int i = 0; i < 12 && !stop.stop_requested(); ++i) {
            const double middle = 0.5 * (low + high);
            const bool holds = share_of(drawn.fly(some, middle, stop, parallel), &DrawnFlight::reserve_intact) >=
                               plan.request.turn.least_chance;
            (holds ? low : high) = middle;
        }
        const OutwardPoint at = outward_at(plan, 0.5 * (low + high));
        const Homeward homeward(plan.request, plan.conditions);
        result.turn = turn_at_point(School::chance, at, plan.conditions, homeward);
    }
    if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
    return result;
}

} // namespace sobremesa::mission
