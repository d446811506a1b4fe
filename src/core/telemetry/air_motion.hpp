#pragma once

#include <optional>
#include <vector>

#include "core/telemetry/clean_log.hpp"

namespace sobremesa::telemetry {

/// Less than this share of the draw in flight is drawn on the ground. Common practice, no source: motors that idle
/// and electronics together take a tenth or two.
inline constexpr double ground_draw_share = 0.3;

/// One second of a flight, averaged from the rows in it. What the log lacks is NaN.
struct Moment {
    double time_s = 0.0;
    /// Over ground, m/s.
    double east_mps = 0.0;
    double north_mps = 0.0;
    double height_m = 0.0;
    double climb_mps = 0.0;
    /// What the aircraft takes: out of the pack, and out of a solar array where its current is recorded.
    double power_w = 0.0;
    double current_a = 0.0;
    double heading_deg = 0.0;
    double airspeed_mps = 0.0;
    double throttle_share = 0.0;
    /// No row of the log falls into this second, nor is it between two rows of a slow record: nothing above is
    /// known.
    bool empty = true;
    /// Straight between the rows before and after it, which are no gap apart.
    bool between_rows = false;
    /// Of a slow record, a row before or after which the aircraft set off or stopped: its velocity is neither.
    bool abrupt = false;
};

/// A flight second by second, evenly spaced, gaps as empty moments. A record slower than that is bridged from row
/// to row, as far as its charge and energy are.
struct Motion {
    double step_s = 1.0;
    /// From row to row of the record where that is longer than a step, s; else 0.
    double row_step_s = 0.0;
    std::vector<Moment> moments;
    /// From launch to landing, as indices [first, last); nothing flown: equal.
    std::size_t first_airborne = 0;
    std::size_t last_airborne = 0;
    /// What the moments hold at all.
    bool has_velocity = false;
    bool has_height = false;
    bool has_power = false;
    /// Current and power are the slope of a counter over ten seconds: neither was written.
    bool current_counted = false;
    bool has_heading = false;
    bool has_airspeed = false;
};

/// Averages a cleaned log second by second.
///
/// Velocity: ground speed and course where the log has both, else from good positions, by the slope of a line
/// through those within 2 s. Climb: the slope of height within 3 s; the log's own climb where it has no height.
/// Airborne: between the first and the last moment that moves over ground or stands above the launch by more than
/// its noise.
///
/// @error `cancelled`
units::Result<Motion> motion(const CleanLog& log, const std::stop_token& stop = {});

} // namespace sobremesa::telemetry
