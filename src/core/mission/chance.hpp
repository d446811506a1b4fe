#pragma once

#include <cstdint>
#include <stop_token>
#include <vector>

#include "core/mission/drawn_flights.hpp"
#include "core/mission/parallel.hpp"
#include "core/mission/plan.hpp"

namespace sobremesa::mission {

DaySpread spread_of(const Plan& plan);

/// A plan's flight turned at a distance, ready to be flown on drawn days.
DrawnFlights::Flight prepared_flight(const Plan& plan, const DrawnFlights& drawn, double turn_distance_m);
/// One plan's flights of all days, turned at a distance; the same whatever runs them.
std::vector<DrawnFlight> fly_days(const Plan& plan, const DrawnFlights& drawn, const std::vector<DayDraw>& days,
                                  double turn_distance_m, const std::stop_token& stop = {},
                                  const Parallel& parallel = in_turn);

/// A probability and the error of counting draws.
struct Probability {
    double value = 0.0;
    double sd = 0.0;
};

/// 5 and 95 % of the drawn flights at one place of the outbound leg.
struct ChanceBand {
    double distance_m = 0.0;
    double left_low_wh = 0.0;
    double left_high_wh = 0.0;
    double margin_low_wh = 0.0;
    double margin_high_wh = 0.0;
};

struct Chance {
    Probability home;
    Probability reserve_intact;
    /// Landing energy above the landing voltage, Wh: 5, 50 and 95 %.
    double landing_low_wh = 0.0;
    double landing_median_wh = 0.0;
    double landing_high_wh = 0.0;
    std::vector<ChanceBand> bands;
    int days = 0;
    std::uint64_t seed = 0;
};

inline constexpr int usual_days = 10000;

/// Chance of coming home, and of the reserve being whole there, with the plan's own turn.
/// @param plan  with a turn, else everything is 0
/// @error `cancelled`
units::Result<Chance> chance(const Plan& plan, int days = usual_days, std::uint64_t seed = 1,
                             const std::stop_token& stop = {}, const Parallel& parallel = in_turn);

} // namespace sobremesa::mission
