#pragma once

#include <memory>
#include <optional>
#include <stop_token>
#include <vector>

#include "core/geodesy/geodesic.hpp"
#include "core/telemetry/flight_log.hpp"

namespace sobremesa::telemetry {

/// A pause in the record longer than its rhythm. Nothing is invented across it.
struct Gap {
    double start_s = 0.0;
    double end_s = 0.0;
};

/// A log with a judgement on each of its rows. The raw values stay as they were read.
struct CleanLog {
    std::shared_ptr<const FlightLog> raw;
    /// Rows whose time, volts and amps take part, in order of time.
    std::vector<std::uint32_t> rows;
    /// Per entry of `rows`: whether its position takes part too.
    std::vector<std::uint8_t> position_ok;
    std::vector<SetAside> set_aside;
    /// Rows set aside for any reason, each counted once.
    std::size_t rows_set_aside = 0;
    std::vector<Gap> gaps;
    /// A step in time longer than this is a gap, s.
    double longest_step_s = 0.0;
    std::optional<geodesy::Position> home;
    std::vector<units::Notice> notices;

    double time_s(std::size_t i) const { return (*raw)[Channel::time_s][rows[i]]; }
    double value(Channel channel, std::size_t i) const { return (*raw)[channel][rows[i]]; }
    geodesy::Position position(std::size_t i) const {
        return {value(Channel::latitude_deg, i), value(Channel::longitude_deg, i)};
    }
    bool step_is_gap(std::size_t i) const { return time_s(i) - time_s(i - 1) > longest_step_s; }
};

struct CleaningRules {
    /// Given by the pilot; empty: the first good fix.
    std::optional<geodesy::Position> home;
    /// Between two fixes no model flies faster than this over ground, m/s.
    double credible_speed_mps = 120.0;
    /// Scatter of a fix that is not a jump, m.
    double credible_scatter_m = 25.0;
    /// A pause longer than this ends a flight, s.
    double other_flight_s = 900.0;
};

/// First cleaning: backward time, other flights in the file, impossible values, no fix, jumps.
///
/// @param stop  asked between passes
/// @error `no_time` when the log has no time column; `no_usable_rows` when fewer than two rows are left;
/// `cancelled`
units::Result<CleanLog> clean(std::shared_ptr<const FlightLog> log, const CleaningRules& rules = {},
                              const std::stop_token& stop = {});

} // namespace sobremesa::telemetry
