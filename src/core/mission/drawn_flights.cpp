#include "core/mission/drawn_flights.hpp"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>
#include <random>

#include <boost/math/distributions/normal.hpp>
#include <boost/random/normal_distribution.hpp>

#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

// Common practice, no source.
constexpr double growth_sd_mps_per_h = 1.0;
constexpr double temperature_sd_k = 2.0;

/// Slower than this over ground, a drawn flight does not come home.
constexpr double least_way_mps = 0.5;

/// A growing wind is met anew so often, s.
constexpr double wind_step_s = 300.0;
/// Bands of a climb or descent taken as one: over so much height the wind's change is as good as straight.
constexpr int bands_as_one = 3;

/// One drawn flight on its way.
class Flying {
public:
    using Flight = DrawnFlights::Flight;

    Flying(const DayDraw& day, const Flight& flight, double growth_mps_per_h, double holds_mps)
        : day_(day), flight_(flight), growth_mps_per_h_(growth_mps_per_h), holds_mps_(holds_mps),
          turned_sine_(std::sin(units::radians(day.wind_from_deg))),
          turned_cosine_(std::cos(units::radians(day.wind_from_deg))) {}

    /// @return false where the wind does not let it
    bool fly() {
        const auto& legs = flight_.legs;
        // Legs of one group share their way: what its climbs and descents do not cover, its level part does. The
        // launch leads into the first leg, which takes over what it left or overshot.
        double owed_m = 0.0;
        for (std::size_t first = 0; first < legs.size();) {
            std::size_t end = first;
            double level_m = owed_m;
            double planned_m = 0.0;
            const double late_s = time_s - legs[first].begin_s;
            for (; end < legs.size() && legs[end].group == legs[first].group; ++end) {
                const Flight::Leg& leg = legs[end];
                level_m += leg.ground_m;
                if (!leg.by_time)
                    planned_m += leg.ground_m;
                else if (leg.ground_m > 0.0)
                    level_m -= std::max(ground_mps(leg, leg.begin_s + late_s + 0.5 * leg.duration_s), 0.0) *
                               leg.duration_s;
            }
            owed_m = planned_m > 0.0 ? 0.0 : level_m;
            const double segment = planned_m > 0.0 ? std::max(level_m, 0.0) / planned_m : 0.0;
            for (std::size_t i = first; i < end; ++i) {
                if (!(legs[i].by_time ? wait(legs[i]) : cover(legs[i], segment * legs[i].ground_m))) return false;
            }
            first = end;
        }
        return true;
    }

    double time_s = 0.0;
    double counted_wh = 0.0;

private:
    double met_mps(const Flight::Leg& leg, double at_s) const {
        const double hours = at_s / units::seconds_per_hour;
        // A wind that eases never turns round, but weaker than nothing is one from the other side.
        return std::max(leg.wind_mps + growth_mps_per_h_ * hours, 0.0) +
               leg.error_share * (day_.wind_mps + day_.growth_mps_per_h * hours);
    }
    double ground_mps(const Flight::Leg& leg, double at_s) const {
        const double wind_mps = met_mps(leg, at_s);
        const double cross = wind_mps * (leg.sine * turned_cosine_ + leg.cosine * turned_sine_);
        const double along = wind_mps * (leg.cosine * turned_cosine_ - leg.sine * turned_sine_);
        const double squared = leg.airspeed_mps * leg.airspeed_mps - cross * cross;
        return squared > 0.0 ? std::sqrt(squared) - along : 0.0;
    }
    /// Who stays over a place in a wind above the airspeed is carried off.
    bool holds(const Flight::Leg& leg) const {
        return leg.kind != PhaseKind::loiter || std::abs(met_mps(leg, time_s)) < holds_mps_;
    }
    bool wait(const Flight::Leg& leg) {
        if (!holds(leg)) return false;
        counted_wh += leg.counted_w * leg.duration_s / units::seconds_per_hour;
        time_s += leg.duration_s;
        return holds(leg);
    }
    bool cover(const Flight::Leg& leg, double way_m) {
        if (!(way_m > 0.0)) return true;
        const double begin_s = time_s;
        double mps = std::max(leg.ground_m / std::max(leg.duration_s, 1e-9), least_way_mps);
        while (way_m > 0.0) {
            // The wind in the middle of a step, as fast as the last one went.
            const double step_s = std::min(wind_step_s, way_m / mps);
            mps = ground_mps(leg, time_s + 0.5 * step_s);
            if (mps < least_way_mps) return false;
            const double flown_s = mps * step_s >= way_m || step_s < wind_step_s ? way_m / mps : step_s;
            way_m -= mps * flown_s;
            time_s += flown_s;
            constexpr double there_m = 1e-6;
            if (way_m < there_m) break;
        }
        counted_wh += leg.counted_w * (time_s - begin_s) / units::seconds_per_hour;
        return true;
    }

    const DayDraw& day_;
    const Flight& flight_;
    double growth_mps_per_h_;
    double holds_mps_;
    double turned_sine_;
    double turned_cosine_;
};

} // namespace

DaySpread spread_of(const PlanRequest& request, const FlightConditions& conditions) {
    DaySpread spread;
    spread.wind_mps = request.weather.wind_sd_mps;
    spread.wind_from_deg = request.weather.wind_from_sd_deg;
    spread.growth_mps_per_h = growth_sd_mps_per_h;
    spread.draw = conditions.cruise_power_w.sd / conditions.cruise_power_w.value;
    spread.usable = battery::usable_relative_sd(request.pack);
    spread.warmer_k = temperature_sd_k;
    return spread;
}

std::vector<DayDraw> draw_days(const DaySpread& spread, int days, std::uint64_t seed) {
    std::vector<DayDraw> drawn;
    drawn.reserve(std::size_t(std::max(days, 0)));
    for (int first = 0; first < days; first += days_in_block) {
        std::seed_seq seeds{std::uint32_t(seed), std::uint32_t(seed >> 32), std::uint32_t(first / days_in_block)};
        std::mt19937_64 engine(seeds);
        // The standard leaves open how its distribution draws; this one draws the same on every machine.
        boost::random::normal_distribution<double> normal;
        for (int i = first; i < std::min(first + days_in_block, days); ++i) {
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

DrawnFlights::DrawnFlights(const PlanRequest& request, const FlightConditions& conditions, bool to_floor)
    : request_(request), conditions_(conditions), column_(air_column(request)) {
    if (!to_floor) return;
    const double landing_v = landing_cell_v(request);
    const double floor_v = std::min(battery::traits(request.pack.chemistry).floor_cell_v, landing_v);
    to_floor_ = std::make_shared<const flying::PackAtPowers>(
        conditions.pack, flying::PackAtPowers::Start{conditions.start, conditions.around, floor_v},
        flying::PackAtPowers::Powers{conditions.home_power_w.value, conditions.cruise_power_w.value});
}

DrawnFlights::Flight DrawnFlights::prepared(const std::vector<FlightLeg>& legs, double level_w,
                                            double reserve_wh) const {
    const flying::PackAtPowers& pack = *conditions_.at_powers;
    Flight flight;
    flight.level_w = level_w;
    flight.reserve_wh = reserve_wh;
    flight.legs.reserve(legs.size());
    double time_s = 0.0;
    flying::PackCourse drawn = pack.at_start();
    double counted_wh = 0.0;
    int merged = 0;
    for (const FlightLeg& leg : legs) {
        Flight::Leg in_air;
        in_air.kind = leg.kind;
        in_air.group = leg.group;
        in_air.by_time = leg.by_time;
        in_air.airspeed_mps = leg.airspeed_mps;
        in_air.ground_m = leg.ground_m;
        in_air.begin_s = time_s;
        in_air.duration_s = leg.duration_s;
        time_s += leg.duration_s;
        pack.draw(drawn, leg.power_w, leg.energy_wh);
        const double now_wh = pack.energy_wh(level_w, drawn.charge_ah);
        // What comes back in the last descent is of no use to who lands: nothing to count on. What is lost in it
        // (cells that warmed on the way cool) is lost.
        constexpr double as_level = 0.9;
        const double remembered_wh = pack.left_after_wh(drawn, level_w) - pack.left_wh(level_w, drawn.charge_ah);
        flight.remembered_wh =
            leg.power_w >= as_level * level_w ? remembered_wh : std::min(flight.remembered_wh, remembered_wh);
        in_air.counted_w =
            leg.duration_s > 0.0 ? (now_wh - counted_wh) * units::seconds_per_hour / leg.duration_s : leg.power_w;
        counted_wh = now_wh;
        const auto wind = column_.steady(leg.height_m);
        in_air.wind_mps = wind.speed_mps;
        in_air.error_share = column_.error_share(leg.height_m);
        const double angle = units::radians(wind.from_deg - leg.course_deg);
        in_air.sine = std::sin(angle);
        in_air.cosine = std::cos(angle);
        const bool goes_on = !flight.legs.empty() && leg.by_time && leg.ground_m > 0.0 && merged < bands_as_one &&
                             flight.legs.back().kind == leg.kind && flight.legs.back().group == leg.group;
        merged = goes_on ? merged + 1 : 1;
        if (goes_on)
            flight.legs.back().add(in_air);
        else
            flight.legs.push_back(in_air);
    }
    return flight;
}

void DrawnFlights::Flight::Leg::add(const Leg& next) {
    const double share = duration_s / (duration_s + next.duration_s);
    for (double Leg::*mean :
         {&Leg::airspeed_mps, &Leg::counted_w, &Leg::wind_mps, &Leg::error_share, &Leg::sine, &Leg::cosine})
        this->*mean = share * this->*mean + (1.0 - share) * next.*mean;
    ground_m += next.ground_m;
    duration_s += next.duration_s;
}

double DrawnFlights::usable_wh(const flying::PackAtPowers& pack, const DayDraw& day, double level_w) const {
    return day.usable * (pack.left_wh(level_w * day.draw, 0.0) + conditions_.usable_wh_per_kelvin * day.warmer_k);
}

DrawnFlight DrawnFlights::fly(const DayDraw& day, const Flight& flight) const {
    Flying flying(day, flight, request_.weather.wind_growth_mps_per_h, conditions_.airspeed_out_mps);
    const bool possible = flying.fly();
    DrawnFlight flown;
    flown.duration_s = flying.time_s;
    if (!possible) {
        flown.left_wh = -conditions_.usable_energy_wh();
        return flown;
    }
    const double counted_wh = day.draw * flying.counted_wh;
    flown.left_wh = usable_wh(*conditions_.at_powers, day, flight.level_w) + flight.remembered_wh - counted_wh;
    flown.home = to_floor_ ? usable_wh(*to_floor_, day, flight.level_w) + flight.remembered_wh >= counted_wh
                           : flown.left_wh >= 0.0;
    flown.reserve_intact = flown.home && flown.left_wh >= flight.reserve_wh;
    return flown;
}

namespace {

struct Node {
    double at = 0.0;
    double weight = 0.0;
};

/// Errors of the wind, in standard deviations: of its direction, and two of its speed and growth together. `along`
/// is the one that moves the flight, `beside` the one at right angles to it; of the former those that are looked
/// at, and how much of all days each stands for.
struct WindErrors {
    double direction = 0.0;
    double beside = 0.0;
    std::vector<Node> along; ///< lowest first
};

/// Gauss–Hermite quadrature over three normal distributions: five points along, three of the others (Abramowitz &
/// Stegun, table 25.10). Corners that stand for less than a thousandth are left out.
std::vector<WindErrors> wind_errors() {
    static constexpr Node five[] = {{-2.8569700138728056, 0.0112574113277207},
                                    {-1.3556261799742659, 0.2220759220056126},
                                    {0.0, 8.0 / 15.0},
                                    {1.3556261799742659, 0.2220759220056126},
                                    {2.8569700138728056, 0.0112574113277207}};
    static constexpr Node three[] = {
        {0.0, 2.0 / 3.0}, {1.7320508075688772, 1.0 / 6.0}, {-1.7320508075688772, 1.0 / 6.0}};
    constexpr double least_weight = 1e-3;
    std::vector<WindErrors> errors;
    double all = 0.0;
    for (const Node& direction : three) {
        for (const Node& beside : three) {
            WindErrors some{direction.at, beside.at, {}};
            for (const Node& along : five) {
                const double weight = along.weight * direction.weight * beside.weight;
                if (weight < least_weight) continue;
                some.along.push_back({along.at, weight});
                all += weight;
            }
            errors.push_back(std::move(some));
        }
    }
    for (WindErrors& some : errors) {
        for (Node& along : some.along) along.weight /= all;
    }
    return errors;
}

/// Share of a normal distribution below a deviation.
double normal_share(double deviations) {
    return 0.5 * std::erfc(-deviations / std::numbers::sqrt2);
}

double normal_density(double deviations) {
    return std::exp(-0.5 * deviations * deviations) / std::sqrt(2.0 * std::numbers::pi);
}

/// Mean over a normal distribution of what is a share where a flight is possible and 0 beyond. Between where it is
/// possible and where it is not the edge is sought, since no quadrature of few points sees it.
/// @param share  nothing where it is not possible
/// @param at     points already looked at, lowest first, with what they gave
template <class Share>
double mean_up_to_edges(const Share& share, const std::vector<std::pair<double, std::optional<double>>>& at) {
    constexpr double far = 4.0;
    constexpr int halvings = 9;
    constexpr double longest_step = 0.5;
    double mean = 0.0;
    enum class Edge { none, front, back };
    /// By Simpson's rule. The return leg takes ever longer towards an edge, as a root of what is left to it: steps
    /// get shorter towards it, by squares.
    const auto add = [&](double from, double from_share, double to, double to_share, Edge edge = Edge::none) {
        const int pairs = std::max(int(std::ceil(0.5 * (to - from) / longest_step)), edge == Edge::none ? 1 : 2);
        const int steps = 2 * pairs;
        for (int i = 0; i <= steps; ++i) {
            const double even = double(i) / steps;
            const double other = 1.0 - even;
            const double part = edge == Edge::none ? even : edge == Edge::front ? even * even : 1.0 - other * other;
            const double stretch = edge == Edge::none ? 1.0 : 2.0 * (edge == Edge::front ? even : other);
            const double here = std::lerp(from, to, part);
            const double here_share = i == 0 ? from_share : i == steps ? to_share : share(here).value_or(0.0);
            const double weight = (i == 0 || i == steps ? 1.0 : i % 2 == 1 ? 4.0 : 2.0) / (3.0 * steps);
            mean += weight * (to - from) * stretch * here_share * normal_density(here);
        }
    };
    // Beyond the outermost points it goes on as there.
    if (at.front().second) add(-far, *at.front().second, at.front().first, *at.front().second);
    if (at.back().second) add(at.back().first, *at.back().second, far, *at.back().second);
    for (std::size_t i = 0; i + 1 < at.size(); ++i) {
        const auto& [a, a_share] = at[i];
        const auto& [b, b_share] = at[i + 1];
        if (a_share && b_share) add(a, *a_share, b, *b_share);
        if (a_share.has_value() == b_share.has_value()) continue;
        double possible = a_share ? a : b;
        double edge_share = a_share ? *a_share : *b_share;
        double impossible = a_share ? b : a;
        for (int k = 0; k < halvings; ++k) {
            const double middle = 0.5 * (possible + impossible);
            const auto here = share(middle);
            (here ? possible : impossible) = middle;
            if (here) edge_share = *here;
        }
        if (a_share)
            add(a, *a_share, possible, edge_share, Edge::back);
        else
            add(possible, edge_share, b, *b_share, Edge::front);
    }
    return mean;
}

} // namespace

double DrawnFlights::growth_share_of(const Flight& flight, const DaySpread& spread) const {
    const auto counted_wh = [&](double wind, double growth) -> std::optional<double> {
        DayDraw day;
        day.wind_mps = spread.wind_mps * wind;
        day.growth_mps_per_h = spread.growth_mps_per_h * growth;
        Flying flying(day, flight, request_.weather.wind_growth_mps_per_h, conditions_.airspeed_out_mps);
        if (!flying.fly()) return std::nullopt;
        return flying.counted_wh;
    };
    const auto as_forecast = counted_wh(0.0, 0.0);
    const auto windier = counted_wh(1.0, 0.0);
    const auto growing = counted_wh(0.0, 1.0);
    double by_wind = spread.wind_mps;
    double by_growth = 0.0;
    if (as_forecast && windier && growing) {
        by_wind = *windier - *as_forecast;
        by_growth = *growing - *as_forecast;
    } else if (!flight.legs.empty()) {
        // Not every one of them is flown: the wind is what it comes to on the return leg.
        constexpr double on_the_way_home = 0.75;
        by_growth = spread.growth_mps_per_h * on_the_way_home *
                    (flight.legs.back().begin_s + flight.legs.back().duration_s) / units::seconds_per_hour;
    }
    const double both = std::hypot(by_wind, by_growth);
    // The sign is a matter of which way is called along: more wind, or where that does nothing more growth.
    return both > 0.0 ? std::copysign(by_growth / both, by_wind * by_growth) : 0.0;
}

double DrawnFlights::chance_of_reserve(const Flight& flight, const DaySpread& spread) const {
    static const std::vector<WindErrors> errors = wind_errors();
    const flying::PackAtPowers& pack = *conditions_.at_powers;
    const double usable_wh = pack.left_wh(flight.level_w, 0.0);
    constexpr double step = 0.05;
    const double usable_per_draw_wh =
        (pack.left_wh(flight.level_w * (1.0 + step), 0.0) - pack.left_wh(flight.level_w * (1.0 - step), 0.0)) /
        (2.0 * step);
    const double pack_sd_wh =
        std::hypot(spread.usable * usable_wh, spread.warmer_k * conditions_.usable_wh_per_kelvin);
    double chance = 0.0;
    DayDraw day;
    const double growth_share = growth_share_of(flight, spread);
    const double wind_share = std::sqrt(1.0 - growth_share * growth_share);
    double beside = 0.0;
    /// Of days with so much more wind and growth together; nothing where they do not let the flight be flown.
    const auto share = [&](double along) -> std::optional<double> {
        day.wind_mps = spread.wind_mps * (wind_share * along - growth_share * beside);
        day.growth_mps_per_h = spread.growth_mps_per_h * (growth_share * along + wind_share * beside);
        Flying flying(day, flight, request_.weather.wind_growth_mps_per_h, conditions_.airspeed_out_mps);
        if (!flying.fly()) return std::nullopt;
        const double margin_wh = usable_wh + flight.remembered_wh - flying.counted_wh - flight.reserve_wh;
        const double sd_wh = std::hypot(pack_sd_wh, spread.draw * (flying.counted_wh - usable_per_draw_wh));
        if (!(sd_wh > 0.0)) return margin_wh >= 0.0 ? 1.0 : 0.0;
        return normal_share(margin_wh / sd_wh);
    };
    std::vector<std::pair<double, std::optional<double>>> at;
    for (const WindErrors& some : errors) {
        day.wind_from_deg = spread.wind_from_deg * some.direction;
        beside = some.beside;
        at.clear();
        double sum = 0.0;
        double weight = 0.0;
        std::size_t possible = 0;
        for (const Node& along : some.along) {
            at.emplace_back(along.at, share(along.at));
            weight += along.weight;
            if (!at.back().second) continue;
            ++possible;
            sum += along.weight * *at.back().second;
        }
        const bool edge = possible > 0 && possible < at.size();
        chance += edge ? weight * mean_up_to_edges(share, at) : sum;
    }
    return chance;
}

double sureness(double chance, double least_chance) {
    static constexpr double surest = 1e-5;
    const auto deviations = [](double p) {
        return boost::math::quantile(boost::math::normal(), std::clamp(p, surest, 1.0 - surest));
    };
    return deviations(chance) - deviations(least_chance);
}

std::optional<OutwardPoint> chance_crossing(const PlanRequest& request, const FlightConditions& conditions,
                                            const Homeward& homeward, const WayOut& out) {
    if (out.track.size() < 2) return std::nullopt;
    const DrawnFlights drawn(request, conditions, false);
    const DaySpread spread = spread_of(request, conditions);
    constexpr double no_return = -1.0;
    const auto sure = [&](const OutwardPoint& point) {
        const ReturnEstimate way = homeward.from(station_of(point));
        // A turn from which the plan's own caution finds no return is none.
        if (!way.wind_allows) return no_return;
        const auto flight = drawn.prepared(turned_legs(conditions, homeward, out.legs, point), way.level_w,
                                           homeward.reserve_wh(way));
        return sureness(drawn.chance_of_reserve(flight, spread), request.turn.least_chance);
    };
    // A straight outbound leg gets less sure all along, and turns near where its energy does; another is looked at
    // from place to place.
    const bool straight = goes_straight_out(request.mission.kind) || circles_home(request.mission.kind);
    std::vector<double> places;
    const double end_m = out.track.back().distance_m;
    if (straight) {
        const auto energy = first_crossing(
            out.track, [](const OutwardPoint& point) { return point.margin_wh(); }, 0.0);
        for (const double share : {0.75, 1.0}) {
            if (energy) places.push_back(share * energy->distance_m);
        }
    } else {
        constexpr int looks = 16;
        for (int i = 1; i < looks; ++i) places.push_back(end_m * i / looks);
    }
    places.push_back(end_m);
    OutwardPoint before = out.track.front();
    double before_sure = sure(before);
    if (before_sure < 0.0) return before;
    for (const double place_m : places) {
        OutwardPoint after = point_at(out.track, place_m);
        double after_sure = sure(after);
        if (after_sure < 0.0) {
            // The secant; half way every third time, and towards where there is no return at all. A metre is near
            // enough.
            constexpr int rounds = 16;
            for (int round = 0; round < rounds && after.distance_m - before.distance_m > 1.0; ++round) {
                const bool halve = round % 3 == 2 || after_sure == no_return;
                const double share = halve ? 0.5 : before_sure / (before_sure - after_sure);
                const OutwardPoint middle = point_at(
                    out.track, std::lerp(before.distance_m, after.distance_m, std::clamp(share, 0.02, 0.98)));
                const double middle_sure = sure(middle);
                (middle_sure < 0.0 ? after : before) = middle;
                (middle_sure < 0.0 ? after_sure : before_sure) = middle_sure;
                constexpr double near_enough = 2e-3;
                if (std::abs(middle_sure) < near_enough) return middle;
            }
            return before;
        }
        before = after;
        before_sure = after_sure;
    }
    return std::nullopt;
}

} // namespace sobremesa::mission
