#pragma once

#include <cstddef>
#include <string>

#include "core/telemetry/flight_log.hpp"
#include "io/csv_log_reader.hpp"

namespace sobremesa::io {

/// Whether the first bytes of a file are those of a MAVLink telemetry log: a time stamp and a packet.
bool looks_like_mavlink(const unsigned char* bytes, std::size_t count);

/// Reads a MAVLink telemetry log: packets of version 1 or 2, each behind its time in microseconds since 1970.
///
/// Of the published common message set: GPS_RAW_INT, GLOBAL_POSITION_INT, VFR_HUD, SYS_STATUS, BATTERY_STATUS. Each
/// position makes a row; it takes the other messages' last values where they are not older than three seconds.
/// Packets whose checksum fails, or that are of no known length, are counted as unreadable rows and skipped to the
/// next start. Source: mavlink.io, "Serialization" and the common message set, from memory; checked against an
/// independent encoder.
/// @error `file_not_found`, `file_unreadable`, `no_track` without a message that tells of a flight, `cancelled`
units::Result<std::shared_ptr<const telemetry::FlightLog>> read_mavlink_log(const std::string& path,
                                                                            const ReadingJob& job = {});

/// A log as a telemetry log of version 2 packets, with the same messages.
std::string mavlink_from_log(const telemetry::FlightLog& log);

} // namespace sobremesa::io
