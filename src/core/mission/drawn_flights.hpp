#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <vector>

#include "core/mission/outward.hpp"

namespace sobremesa::mission {

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
DaySpread spread_of(const PlanRequest& request, const FlightConditions& conditions);

/// The same seed gives the same days on every machine and any number of cores.
std::vector<DayDraw> draw_days(const DaySpread& spread, int days, std::uint64_t seed);
/// Days come in blocks of so many, each drawn from its own stream.
inline constexpr int days_in_block = 256;

/// How one drawn flight ended.
struct DrawnFlight {
    /// Landed at home (one way: at its end) before the pack's floor, still able to give level power.
    bool home = false;
    bool reserve_intact = false;
    double duration_s = 0.0;
    /// Above the landing voltage at landing, Wh; below 0: it landed under it.
    double left_wh = 0.0;
};

/// Flies a flight's legs again on days that are not as forecast.
///
/// At the planned airspeeds, to the same places, in the wind of the day: the forecast one and its error, met anew
/// along each leg as it grows (the worst credible wind is the plan's caution, not the weather). Its power is the
/// plan's times the draw's error. The energy of each leg counts as what the pack gives at the power of the return
/// over the same charge.
class DrawnFlights {
public:
    /// @param request, conditions  must outlive this
    /// @param to_floor             also whether it comes home on the pack's last: costs some discharges
    DrawnFlights(const PlanRequest& request, const FlightConditions& conditions, bool to_floor);

    /// Legs with the forecast air that they are flown in: the same on every drawn day.
    struct Flight {
        struct Leg {
            PhaseKind kind = PhaseKind::leg;
            int group = 0;
            bool by_time = false;
            double airspeed_mps = 0.0;
            double ground_m = 0.0;
            double begin_s = 0.0;
            double duration_s = 0.0;
            /// Taken from the pack, as counted at the power of the return, W.
            double counted_w = 0.0;
            double wind_mps = 0.0;
            /// How much of an error of the wind aloft is felt at its height.
            double error_share = 1.0;
            /// Of the angle from the course to where the wind comes from.
            double sine = 0.0;
            double cosine = 1.0;

            /// Makes one of it and the leg that follows.
            void add(const Leg& next);
        };
        std::vector<Leg> legs;
        double level_w = 0.0;
        double reserve_wh = 0.0;
        /// What the pack gives more after these legs than after one constant power, its warmth and its slow part
        /// being what they are; before the last descent, or after it where that is less.
        double remembered_wh = 0.0;
    };
    /// @param level_w     of the return
    /// @param reserve_wh  to be kept
    Flight prepared(const std::vector<FlightLeg>& legs, double level_w, double reserve_wh) const;

    DrawnFlight fly(const DayDraw& day, const Flight& flight) const;

    /// Chance that the reserve stays whole, without drawing days.
    ///
    /// Over the errors of the wind by Gauss–Hermite quadrature: those of its speed and growth together along what
    /// moves this flight most and beside it, and that of its direction. Over those of power, pack and temperature,
    /// whose sum is nearly normal, in closed form at each of its points. Where some of these winds let it come home
    /// and others do not, the wind between them is sought. Smooth in the flight, and held by a test to what drawn
    /// days count, within 0.01.
    double chance_of_reserve(const Flight& flight, const DaySpread& spread) const;

private:
    /// How much of the error that moves a flight most is that of the wind's growth, the rest being that of its
    /// speed: the sine of an angle, negative where one makes up for the other.
    double growth_share_of(const Flight& flight, const DaySpread& spread) const;
    double usable_wh(const flying::PackAtPowers& pack, const DayDraw& day, double level_w) const;

    const PlanRequest& request_;
    const FlightConditions& conditions_;
    flying::AirColumn column_;
    std::shared_ptr<const flying::PackAtPowers> to_floor_;
};

/// The same as a number of standard deviations of a normal distribution, above `least_chance`: nearly straight
/// along a flight, and nought where the rule turns.
double sureness(double chance, double least_chance);

/// Where the chance of keeping the reserve falls to `TurnRules::least_chance` first.
/// @return nothing where it is less from the start, or never
/// @return the first place where not even a return at once is so likely; nothing where all of the outbound leg is
/// likelier
std::optional<OutwardPoint> chance_crossing(const PlanRequest& request, const FlightConditions& conditions,
                                            const Homeward& homeward, const WayOut& out);

} // namespace sobremesa::mission
