#pragma once

#include <vector>

#include "core/telemetry/air_motion.hpp"
#include "core/units/estimate.hpp"

namespace sobremesa::telemetry {

/// One straight level leg, and the power it was flown on.
struct LegPower {
    std::size_t first = 0; ///< moments [first, last)
    std::size_t last = 0;
    units::Estimate power_w;
};

/// Straight legs of at least a minute within [first, last): their course stays within 25°. The power is the median
/// of the level moments, its error that of residuals which hang together for 40 s.
std::vector<LegPower> leg_powers(const Motion& motion, std::size_t first, std::size_t last);

/// Two legs differ in power by more than a tenth, and by more than three times the error of their difference: they
/// were not flown at one airspeed.
bool powers_differ(const std::vector<LegPower>& legs);

/// Airspeed of every moment in [first, last) over their mean, as the power of the legs tells it: V ∝ P^g along the
/// legs, linear from leg to leg between them.
/// @param airspeed_per_power  g = d ln V / d ln P of level flight
std::vector<double> paces(const std::vector<LegPower>& legs, std::size_t first, std::size_t last,
                          double airspeed_per_power);

/// g where nothing is known of the aircraft: between a wing's 0.5 (parasite drag most of it) and a rotor's 1
/// (common practice, no source).
inline constexpr units::Estimate usual_airspeed_per_power{0.65, 0.25};

} // namespace sobremesa::telemetry
