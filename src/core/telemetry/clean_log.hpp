#pragma once

#include <limits>
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

/// One of the flights that a file holds: rows [first_row, last_row) of the raw log.
struct FlightPart {
    std::size_t first_row = 0;
    std::size_t last_row = 0;
    double start_s = 0.0;
    double end_s = 0.0;
};

/// The bit by which a reading of that channel is marked as not to be used; 0 for channels that are never judged.
constexpr std::uint8_t doubt_bit(Channel channel) {
    switch (channel) {
    case Channel::current_a: return 1;
    case Channel::voltage_v: return 2;
    case Channel::height_m: return 4;
    case Channel::ground_speed_mps: return 8;
    case Channel::airspeed_mps: return 16;
    case Channel::heading_deg: return 32;
    case Channel::course_deg: return 64;
    default: return 0;
    }
}

/// A log with a judgement on each of its rows. The raw values stay as they were read.
struct CleanLog {
    std::shared_ptr<const FlightLog> raw;
    /// What the file holds, and which of them this is.
    std::vector<FlightPart> parts;
    std::size_t part = 0;
    /// Rows whose time, volts and amps take part, in order of time.
    std::vector<std::uint32_t> rows;
    /// Per entry of `rows`: whether its position takes part too.
    std::vector<std::uint8_t> position_ok;
    /// Per entry of `rows`: bits of the channels whose reading does not take part. Empty: all do.
    std::vector<std::uint8_t> doubtful;
    /// Latitude and longitude stand in each other's column.
    bool positions_swapped = false;
    std::vector<SetAside> set_aside;
    /// Rows excluded for any reason, each counted once.
    std::size_t rows_set_aside = 0;
    std::vector<Gap> gaps;
    /// From row to row, s: the median.
    double usual_step_s = 0.0;
    /// A step in time longer than this is a gap, s.
    double longest_step_s = 0.0;
    std::optional<geodesy::Position> home;
    /// The pack's volts are those of a cell times this many; 0: the log's own.
    int volts_of_cells = 0;
    std::vector<units::Diagnostic> diagnostics;

    double time_s(std::size_t i) const { return (*raw)[Channel::time_s][rows[i]]; }
    /// NaN where the log has no such reading, or one that is not to be believed.
    double value(Channel channel, std::size_t i) const {
        if (!doubtful.empty() && (doubtful[i] & doubt_bit(channel)))
            return std::numeric_limits<double>::quiet_NaN();
        return (*raw)[channel][rows[i]];
    }
    geodesy::Position position(std::size_t i) const {
        const double latitude = (*raw)[Channel::latitude_deg][rows[i]];
        const double longitude = (*raw)[Channel::longitude_deg][rows[i]];
        return positions_swapped ? geodesy::Position{longitude, latitude} : geodesy::Position{latitude, longitude};
    }
    bool step_is_gap(std::size_t i) const { return time_s(i) - time_s(i - 1) > longest_step_s; }
};

/// The time between which rows of the file lie, s from the log's beginning; rows that could not be read lie between
/// those that could.
/// @return nothing where the lines are all before or after the flight
std::optional<std::pair<double, double>> time_of_lines(const CleanLog& log, std::int64_t first_line,
                                                       std::int64_t lines);

struct CleaningRules {
    /// Given by the pilot; empty: the first good fix.
    std::optional<geodesy::Position> home;
    /// Between two fixes no model flies faster than this over ground, m/s.
    double credible_speed_mps = 120.0;
    /// Scatter of a fix that is not a jump, m.
    double credible_scatter_m = 25.0;
    /// A pause longer than this ends a flight, s.
    double other_flight_s = 900.0;
    /// Which flight of the file, from 0; empty: the one with the most rows.
    std::optional<std::size_t> flight;
    /// Cells in series of the pack that was flown: what makes its volts where the log has only those of a cell and
    /// does not count them itself. 0: not known.
    int series = 0;
};

/// Rows whose clock runs ahead for a moment, 1 each: it jumps by seconds, and after a few rows goes on from where
/// it was. Without them being known, all that follows would seem to run backwards, or to be another flight.
std::vector<std::uint8_t> clock_glitches(const std::vector<double>& time);

/// The log with one clock throughout, where its clock was set in flight: the first fix brings the date, and time
/// jumps by hours or years while counter, position and speed go on as if nothing had happened. Rows before the jump
/// are moved to it. Else the log itself.
/// @return and by how much the clock was set, s; 0 where it was not
std::pair<std::shared_ptr<const FlightLog>, double> with_one_clock(const std::shared_ptr<const FlightLog>& log);

/// The log with the current that leaves the pack positive, and its counter counting up: some sensors count both the
/// other way. A current that charges the pack stays negative: volts rise, the counter goes down, or there is an
/// array. Else the log itself.
std::shared_ptr<const FlightLog> with_drawn_current_positive(const std::shared_ptr<const FlightLog>& log);

/// Whether the pack's volts can only be made of those of a cell, by a number of cells that the log does not say.
bool needs_series(const FlightLog& log);

/// The log with the volts of its pack, cell by cells in series, where it has only those of a cell: of the weakest
/// or of a mean one, so that they may be 1 % low. What the log says of its cells comes before what is given. Else
/// the log itself.
/// @param series  0: not known
std::shared_ptr<const FlightLog> with_pack_volts(const std::shared_ptr<const FlightLog>& log, int series);

/// The flights of a file, in its order. A new one begins after a long pause, where the clock starts again, and
/// where a shorter pause ends with the counter of charge back near zero, or the volts well up: another pack.
std::vector<FlightPart> flights_in(const FlightLog& log, const CleaningRules& rules = {});

/// Judges every row: backward time, other flights in the file, impossible values, no fix, too few satellites,
/// jumps, stuck and saturated sensors, counter resets, latitude and longitude swapped, a barometer against the GPS.
///
/// @param stop  asked between passes
/// @error `no_time` when the log has no time column; `no_usable_rows` when fewer than two rows are left;
/// `value_out_of_range` for a flight that the file does not hold; `cancelled`
units::Result<CleanLog> clean(std::shared_ptr<const FlightLog> log, const CleaningRules& rules = {},
                              const std::stop_token& stop = {});

/// The height that the log gives the place it begins at, m: logs count from sea level, from the launch or from
/// where the instrument was switched on; what is planned and shown counts from home. Nothing where no row has a
/// height.
std::optional<double> home_height_m(const CleanLog& log);

} // namespace sobremesa::telemetry
