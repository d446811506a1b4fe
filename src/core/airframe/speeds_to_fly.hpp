#pragma once

#include <functional>
#include <optional>
#include <vector>

#include "core/airframe/aircraft.hpp"
#include "core/units/constants.hpp"
#include "core/units/diagnostic.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::airframe {

/// What speeds are asked for.
struct SpeedQuestion {
    double all_up_mass_kg = 0.0;
    double density_kgm3 = units::sea_level_density_kgm3;
    /// Along the course, m/s: above 0 from ahead; and across it.
    double head_wind_mps = 0.0;
    double cross_wind_mps = 0.0;
    /// Share of full power that is still sensible: half leaves what gusts and climbs ask for (common practice).
    double most_power_share = 0.5;
};

/// A speed, and what it takes.
struct SpeedToFly {
    units::Estimate airspeed_mps;
    units::Estimate power_w;
    double ground_speed_mps = 0.0;
    /// Over ground in that wind, Wh/m.
    units::Estimate energy_wh_per_m;
};

struct SpeedsToFly {
    /// Wings only, straight.
    std::optional<double> stall_mps;
    /// Where no area is known.
    std::optional<units::Estimate> assumed_stall_mps;
    /// The slowest that may be flown.
    double slowest_mps = 0.0;
    std::optional<SpeedToFly> endurance;
    /// Nothing where no speed makes 2 m/s over ground against this wind.
    std::optional<SpeedToFly> range;
    /// Where the power-demand share is met; empty where full power is not known.
    std::optional<SpeedToFly> fastest;
    std::vector<units::Diagnostic> diagnostics;
};

/// Stalling speed of a wing, m/s: √(2·n·m·g/(ρ·S·C_L,max)), n = 1/cos(bank). Anderson, *Introduction to Flight*,
/// ch. 6.
/// @return nothing for a rotor, or a wing whose area is not known
std::optional<double> stall_speed_mps(const Aircraft& aircraft, double all_up_mass_kg, double density_kgm3,
                                      double bank_deg = 0.0);

/// Stalling speed of a wing whose area is not known, m/s, by its span, else by its mass: an aspect ratio of 7
/// ± 2.5, or 12 kg/m³ of mass over area to the 3/2, within a factor of 1.8 either way. Common practice of
/// long-range models, no source.
/// @return nothing for a rotor, or a wing whose area is known
std::optional<units::Estimate> assumed_stall_mps(const Aircraft& aircraft, double all_up_mass_kg,
                                                 double density_kgm3);

/// The slowest speed that a wing may be told to fly, m/s: 1.2 times its stall. Where that is assumed, as much
/// above the middle of its band, which holds a stall of one standard deviation more; nothing that was flown is
/// forbidden.
/// @param flown_mps  the slowest that it is known to fly
std::optional<double> slowest_wing_mps(const Aircraft& aircraft, double all_up_mass_kg, double density_kgm3,
                                       double flown_mps);

/// Power of a level turn over that of straight flight at the same airspeed: a bank asks for n = 1/cos(bank) times
/// the lift, which is what mass does.
double circling_cost(const PowerCurve& curve, double airspeed_mps, double all_up_mass_kg, double density_kgm3,
                     double bank_deg);

/// Best endurance: least power. Best range: least energy over ground. Fastest: the share of full power. None is
/// slower than `slowest_wing_mps`, a wing whose stall is not known not than 0.8 times its slowest flight either; a
/// rotor, not than half of it. Errors come from those of the curve's parts: how far each speed moves when a part
/// does.
SpeedsToFly speeds_to_fly(const Aircraft& aircraft, const PowerCurve& curve, const SpeedQuestion& question);

/// One speed and what it takes, in that wind; for dragging.
SpeedToFly at_speed(const PowerCurve& curve, const SpeedQuestion& question, double airspeed_mps);

/// The curve speed by speed, from a little below what was flown to a little above it, for drawing.
std::vector<SpeedToFly> sampled(const PowerCurve& curve, const SpeedQuestion& question, int steps);

/// What one more metre a second over the ground costs at a speed, Wh/m for each m/s: the price of hurry.
double price_of_speed_wh_per_m_per_mps(const PowerCurve& curve, const SpeedQuestion& question, double airspeed_mps);

/// Headwind of the return: that of the outbound leg turned round, times or over the factor, whichever costs more.
double home_wind_mps(double head_wind_out_mps, double home_wind_factor);

/// Whether a ground speed that is wanted is sensible today: the share of full power that it takes against this
/// wind.
struct GoOrNoGo {
    double airspeed_mps = 0.0;
    units::Estimate power_share;
    bool go = false;
    /// The strongest headwind at which it still is, m/s; below 0: not even in still air.
    double most_head_wind_mps = 0.0;
};
std::optional<GoOrNoGo> go_or_no_go(const Aircraft& aircraft, const PowerCurve& curve,
                                    const SpeedQuestion& question, double wanted_ground_mps);

/// Nothing where no stall is known.
std::optional<units::Explanation> explain_stall(const Aircraft& aircraft, const SpeedQuestion& question);
units::Explanation explain(const SpeedToFly& speed, units::Quantity quantity, const SpeedQuestion& question);

} // namespace sobremesa::airframe
