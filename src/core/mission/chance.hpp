#pragma once

#include <cstdint>
#include <functional>
#include <stop_token>
#include <vector>

#include "core/mission/plan.hpp"

namespace sobremesa::mission {

/// Runs a job for each of `parts` parts, at once where it can; the core itself knows no threads.
using Parallel = std::function<void(std::size_t parts, const std::function<void(std::size_t part)>& job)>;
/// One after the other.
void in_turn(std::size_t parts, const std::function<void(std::size_t part)>& job);

/// What one drawn day is off by.
struct DayDraw {
    /// Added to the forecast wind, m/s, and turned by so much, degrees.
    double wind_mps = 0.0;
    double wind_from_deg = 0.0;
    /// Added to its growth, m/s per hour.
    double growth_mps_per_h = 0.0;
    /// Factors on the power drawn and on what the pack gives.
    double draw = 1.0;
    double usable = 1.0;
    /// Added to the temperature, K.
    double warmer_k = 0.0;
};

/// What the draws are drawn from, one standard deviation each: as the forecast states them.
struct DaySpread {
    double wind_mps = 1.0;
    double wind_from_deg = 10.0;
    double growth_mps_per_h = 1.0;
    double draw = 0.08;
    double usable = 0.04;
    double warmer_k = 2.0;
};
DaySpread spread_of(const Plan& plan);

/// The same seed gives the same days on every machine and any number of cores.
std::vector<DayDraw> draw_days(const DaySpread& spread, int days, std::uint64_t seed);

/// How one drawn flight ended.
struct DrawnFlight {
    /// Landed at home (one way: at its end) before the pack's floor, still able to give level power.
    bool home = false;
    bool reserve_intact = false;
    double duration_s = 0.0;
    /// Above the landing voltage at landing, Wh; below 0: it landed under it.
    double left_wh = 0.0;
};

/// A probability and the error of counting draws.
struct Probability {
    double value = 0.0;
    double sd = 0.0;
};

/// 5 and 95 % of the drawn flights at one place of the way out.
struct ChanceBand {
    double distance_m = 0.0;
    double left_low_wh = 0.0;
    double left_high_wh = 0.0;
    double spare_low_wh = 0.0;
    double spare_high_wh = 0.0;
};

struct Chance {
    Probability home;
    Probability reserve_intact;
    /// Landing energy above the landing voltage, Wh: 5, 50 and 95 %.
    double landing_low_wh = 0.0;
    double landing_median_wh = 0.0;
    double landing_high_wh = 0.0;
    /// Where the chance of the reserve falls below the plan's least; empty: already at launch, or never.
    std::optional<SchoolTurn> turn;
    std::vector<ChanceBand> bands;
    int days = 0;
    std::uint64_t seed = 0;
};

/// Flies one plan through drawn days.
///
/// A flight is the plan's own legs flown again: at the planned airspeeds, to the same places, in the drawn wind
/// (the forecast one: the worst credible wind is the plan's caution, not the weather). Its power is the plan's
/// times the draw's error; what the pack gives to its landing voltage and to its floor are known at three powers
/// and three temperatures, and interpolated.
class DrawnFlights {
public:
    /// @param plan  with a turn; must outlive this
    explicit DrawnFlights(const Plan& plan);

    /// One flight turned at a distance.
    DrawnFlight fly(const DayDraw& day, double turn_distance_m) const;
    /// All of them; the same whatever runs them.
    std::vector<DrawnFlight> fly(const std::vector<DayDraw>& days, double turn_distance_m,
                                 const std::stop_token& stop = {}, const Parallel& parallel = in_turn) const;

private:
    /// A leg and the forecast air that it is flown in: the same on every drawn day.
    struct LegInAir {
        FlightLeg leg;
        double wind_mps = 0.0;
        /// How much of an error of the wind aloft is felt at its height.
        double error_share = 1.0;
        /// Of the angle from the course to where the wind comes from.
        double sine = 0.0;
        double cosine = 1.0;
    };
    std::vector<LegInAir> legs_to(double turn_distance_m) const;
    DrawnFlight fly_legs(const DayDraw& day, const std::vector<LegInAir>& legs, double reserve_wh) const;

    const Plan& plan_;
    Winds winds_;
    /// Usable to the landing voltage and to the floor: at the plan's power, change for each part of power, and for
    /// each kelvin.
    struct Usable {
        double wh = 0.0;
        double per_draw_wh = 0.0;
        double per_kelvin_wh = 0.0;
    };
    Usable to_landing_;
    Usable to_floor_;
};

inline constexpr int usual_days = 10000;

/// Chance of coming home, and of the reserve being whole there, with the plan's own turn.
/// @param plan  with a turn, else everything is 0
/// @error `cancelled`
units::Result<Chance> chance(const Plan& plan, int days = usual_days, std::uint64_t seed = 1,
                             const std::stop_token& stop = {}, const Parallel& parallel = in_turn);

} // namespace sobremesa::mission
