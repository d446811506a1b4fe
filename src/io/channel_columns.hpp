#pragma once

#include <memory>
#include <vector>

#include "core/telemetry/flight_log.hpp"
#include "io/csv_head.hpp"
#include "io/mavlink_rows.hpp"

namespace sobremesa::io {

/// What a pilot says of a log that is no table (GPX, KML, MAVLink), apart: the vehicle and the battery to read
/// (`system=2`, `battery=1`), and the rest.
struct SaidOfLog {
    mavlink::Choice vehicle;
    std::vector<telemetry::ColumnChoice> channels;
};
/// @error `word_unknown` for a vehicle or a battery that is no number of MAVLink's
units::Result<SaidOfLog> said_of_log(const std::vector<telemetry::ColumnChoice>& choices);
/// Of a vehicle or a battery, as a choice.
telemetry::ColumnChoice vehicle_choice(std::uint8_t system);
telemetry::ColumnChoice battery_choice(std::uint8_t battery);
/// Whether a choice is one of those.
bool is_vehicle_choice(const telemetry::ColumnChoice& choice);

/// The columns of such a log: one for each channel that it has, under the channel's stable word, time first. Its
/// header line is empty: what is said of one log holds for that log.
/// @error as `understand_columns`
units::Result<CsvHead> head_of_channels(const telemetry::FlightLog& log,
                                        const std::vector<telemetry::ColumnChoice>& choices);

/// The log with channels left out, taken for another one, or brought from another unit, as the pilot says.
/// @error as `understand_columns`; `column_missing` for a channel that the log does not have; `no_time` where no
///        time would be left
units::Result<std::shared_ptr<const telemetry::FlightLog>>
with_channels_as_said(std::shared_ptr<const telemetry::FlightLog> log,
                      const std::vector<telemetry::ColumnChoice>& choices);

} // namespace sobremesa::io
