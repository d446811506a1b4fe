#pragma once

#include <limits>
#include <string>
#include <vector>

#include "core/telemetry/air_motion.hpp"
#include "core/telemetry/wind_estimate.hpp"

namespace sobremesa::telemetry {

enum class SegmentKind { ground, launch, climb, level, glide, descent, loiter, landing };

/// Stable word for scripts.
const char* segment_word(SegmentKind kind);

/// A part of a flight in which one thing was done.
struct Segment {
    SegmentKind kind = SegmentKind::ground;
    double start_s = 0.0;
    double end_s = 0.0;
    /// Moments [first, last).
    std::size_t first = 0;
    std::size_t last = 0;
    /// Over ground and through the air, m; NaN where the log or the wind does not tell.
    double ground_m = 0.0;
    double air_m = 0.0;
    double climb_m = 0.0;
    double energy_wh = 0.0;
    double charge_ah = 0.0;
    double mean_power_w = 0.0;
    /// Vertical air, m/s: what the aircraft climbed beyond what its power bought (above 0: lift). NaN where level
    /// power or the cost of climbing are not known.
    double lift_mps = std::numeric_limits<double>::quiet_NaN();
};

/// Cuts a flight into segments.
///
/// Nothing here is tuned to one aircraft. Climb and descent begin where the climb rate leaves a band around level
/// that is as wide as the flight's own unsteadiness (at least 0.4 m/s), and end where it is back within half of it;
/// a glide is a descent or a level segment on less than a third of the flight's median power; a loiter is level
/// turning through a full circle. What lasts less than 8 s joins its neighbour.
std::vector<Segment> segments(const Motion& motion, const WindEstimate& wind);

/// The answers to "why?" for duration, ground distance, climb (as `height`), mean power and used energy.
std::optional<units::Explanation> explain(const Segment& segment, units::Quantity quantity);

} // namespace sobremesa::telemetry
