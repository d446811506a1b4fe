#pragma once

#include <array>
#include <cstddef>
#include <cstdint>
#include <limits>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/units/diagnostic.hpp"

namespace sobremesa::telemetry {

/// What a column holds where the log has nothing.
inline constexpr double missing_value = std::numeric_limits<double>::quiet_NaN();

/// What a column of a log can be. All SI; an angle in degrees; charge in Ah, energy in Wh.
enum class Channel {
    time_s, ///< since the first row
    latitude_deg,
    longitude_deg,
    height_m,
    ground_speed_mps,
    course_deg,
    heading_deg,
    airspeed_mps,
    climb_mps,
    voltage_v,
    cell_voltage_v,
    current_a,
    charge_ah, ///< the log's own counter
    energy_wh, ///< the log's own counter
    throttle_share,
    link_quality_share,
    signal_dbm,
    satellites,
    gps_height_m, ///< where `height_m` is a barometer's
    // what an aircraft with an estimate of its own wrote down of the wind
    wind_speed_mps,
    wind_from_deg,
    // on aircraft with more than one current sensor; `current_a` is the pack's, negative while it is charged
    array_current_a,
    motor_current_a,
    power_w, ///< of recorders that write watts, and perhaps no amps
    // of the video link, where it is another than the control link
    video_quality_share,
    video_signal_dbm,
    video_bitrate_mbit_s,
};
inline constexpr std::size_t channel_count = static_cast<std::size_t>(Channel::video_bitrate_mbit_s) + 1;

/// Stable word for scripts and documents, unit included: `voltage_v`.
const char* channel_word(Channel channel);
std::optional<Channel> channel_from_word(std::string_view word);

/// Why a row, or a value of it, does not take part.
enum class SetAsideReason {
    bad_row,      ///< number of cells differs from the header
    bad_number,   ///< text where a number belongs
    cut_last_row, ///< the file ends in the middle of a row
    repeated_header,
    no_time,
    backward_time, ///< time repeated or running backwards
    clock_glitch,  ///< the clock ran ahead for some rows and came back
    no_fix,
    position_jump,
    impossible_position,
    impossible_value, ///< volts or amps that no pack has
    other_flight,     ///< before or after the flight that was chosen, in the same file
    few_satellites,
    stuck_sensor, ///< the very same value for long, in the middle of a flight
    // listed, though their values take part
    saturated_sensor, ///< at the end of its range: the truth is as much or more
    counter_reset,
    heights_disagree, ///< barometer and GPS
};

/// Stable word for scripts.
const char* set_aside_word(SetAsideReason reason);

/// Whether rows with that against them take part all the same.
bool takes_part(SetAsideReason reason);

/// Rows one after the other, excluded for one reason.
struct SetAsidePlace {
    /// Line of the file, from 1, of the first of them.
    std::int64_t first_row = 0;
    std::size_t rows = 0;
};

/// One reason, as listed to the pilot.
struct SetAside {
    SetAsideReason reason;
    std::size_t rows = 0;
    /// Line of the file, from 1, of the first such row.
    std::int64_t first_row = 0;
    /// The first `places_listed` places, in the order of the file.
    std::vector<SetAsidePlace> places = {};
};
inline constexpr std::size_t places_listed = 200;

/// Counts a row for a reason; rows come in the order of the file, `line` is that of the row.
void add_to(std::vector<SetAside>& list, SetAsideReason reason, std::int64_t line);

/// A log as columns. A channel that the log does not have is an empty column; a value it lacks is NaN.
struct FlightLog {
    std::string name;
    std::array<std::vector<double>, channel_count> columns;
    /// Line of the file, from 1, that each row came from.
    std::vector<std::uint32_t> lines;
    /// Start in seconds since 1970-01-01 of the clock that wrote the log (its offset to UTC unknown), if it has
    /// one.
    std::optional<double> start_clock_s;
    /// Cells in series, where a column counts them.
    std::optional<int> series;
    /// Rows that could not become numbers at all; they are not in the columns.
    std::vector<SetAside> unreadable;
    /// Data rows met in the file, the unreadable ones included.
    std::size_t rows_met = 0;
    std::vector<units::Diagnostic> diagnostics;

    std::size_t rows() const { return lines.size(); }
    const std::vector<double>& operator[](Channel channel) const { return columns[std::size_t(channel)]; }
    std::vector<double>& operator[](Channel channel) { return columns[std::size_t(channel)]; }
    bool has(Channel channel) const { return !columns[std::size_t(channel)].empty(); }
};

} // namespace sobremesa::telemetry
