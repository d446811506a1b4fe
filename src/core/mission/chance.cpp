#include "core/mission/chance.hpp"

#include <algorithm>
#include <cmath>

#include "core/mission/outward.hpp"
#include "core/units/quantile.hpp"

namespace sobremesa::mission {

namespace {

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

DaySpread spread_of(const Plan& plan) {
    return spread_of(plan.request, plan.conditions);
}

DrawnFlights::Flight prepared_flight(const Plan& plan, const DrawnFlights& drawn, double turn_distance_m) {
    const OutwardPoint turn = outward_at(plan, turn_distance_m);
    return drawn.prepared(flight_legs(plan, turn_distance_m), plan.conditions.home_power_w.value, turn.reserve_wh);
}

std::vector<DrawnFlight> fly_days(const Plan& plan, const DrawnFlights& drawn, const std::vector<DayDraw>& days,
                                  double turn_distance_m, const std::stop_token& stop, const Parallel& parallel) {
    const auto prepared = prepared_flight(plan, drawn, turn_distance_m);
    std::vector<DrawnFlight> flights(days.size());
    const auto part = [&](std::size_t from, std::size_t to) {
        for (std::size_t i = from; i < to; ++i) {
            if (i % days_in_block == 0 && stop.stop_requested()) return;
            flights[i] = drawn.fly(days[i], prepared);
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
    const DrawnFlights drawn(plan.request, plan.conditions, true);
    const auto all = draw_days(spread_of(plan), days, seed);
    const double turn_m = plan.turn->distance_m.value;
    const auto flights = fly_days(plan, drawn, all, turn_m, stop, parallel);
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
    for (int i = 0; i <= places && !stop.stop_requested(); ++i) {
        const double distance_m = end_m * i / places;
        const auto there = fly_days(plan, drawn, some, distance_m, stop, parallel);
        const double reserve_wh = outward_at(plan, distance_m).reserve_wh;
        std::vector<double> margin;
        margin.reserve(there.size());
        for (const auto& flight : there) margin.push_back(flight.left_wh - reserve_wh);
        const OutwardPoint at = outward_at(plan, distance_m);
        const double spread = 1.6449 * at.left_sd_wh; // 5 and 95 % of a normal distribution
        result.bands.push_back({distance_m, at.left_wh - spread, at.left_wh + spread, units::quantile(margin, 0.05),
                                units::quantile(margin, 0.95)});
    }
    if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
    return result;
}

} // namespace sobremesa::mission
