#pragma once

#include "core/units/estimate.hpp"

namespace sobremesa::airframe {

/// Before any climb was seen: common practice, no source.
inline constexpr double usual_climb_efficiency = 0.5;
inline constexpr double usual_climb_efficiency_sd = 0.125;
/// Change for each metre a second of airspeed: none is known of, but propellers have one speed they are best at.
inline constexpr double usual_efficiency_slope_sd_per_mps = 0.015;

/// Efficiency of propeller, motor and controller together, from the pack to work done on the aircraft, against
/// airspeed: a straight line over the speeds that were climbed at.
///
/// Level flight shows only drag over efficiency, one number; a climb shows the efficiency itself, because the work
/// done is known: `η = m·g·ḣ / (P − P_level)`.
struct ClimbEfficiency {
    double reference_airspeed_mps = 0.0;
    double at_reference = usual_climb_efficiency;
    double per_mps = 0.0;
    /// Variances of both, and what they share.
    double variance_at_reference = usual_climb_efficiency_sd * usual_climb_efficiency_sd;
    double variance_per_mps = 0.0;
    double covariance = 0.0;
    /// Airspeeds that were climbed at; beyond them the line is held.
    double least_flown_mps = 0.0;
    double most_flown_mps = 0.0;
    /// Climbs that it rests on; 0: on what is usual.
    int climbs = 0;
    /// Whether the climbs tell how it changes with airspeed.
    bool slope_known = false;
    friend bool operator==(const ClimbEfficiency&, const ClimbEfficiency&) = default;
};

/// @return between 0.1 and 0.95
units::Estimate efficiency_at(const ClimbEfficiency& efficiency, double airspeed_mps);

} // namespace sobremesa::airframe
