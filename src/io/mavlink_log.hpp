#pragma once

#include <cstddef>
#include <cstdint>
#include <string>
#include <vector>

#include "core/telemetry/flight_log.hpp"
#include "io/csv_log_reader.hpp"
#include "io/mavlink_rows.hpp"

namespace sobremesa::io {

/// Whether the first bytes of a file are those of a MAVLink telemetry log: a time stamp and a packet.
bool looks_like_mavlink(const unsigned char* bytes, std::size_t count);

/// Reads a MAVLink telemetry log: packets of version 1 or 2, each behind its time in microseconds since 1970.
///
/// Of the published common message set: GPS_RAW_INT, GLOBAL_POSITION_INT, VFR_HUD, SYS_STATUS, BATTERY_STATUS,
/// RC_CHANNELS, WIND_COV. Rows are made and timed as `mavlink::Rows` does, the same for a file and a live link.
/// Packets whose checksum fails, or that are of no known length, are counted as unreadable rows and skipped to the
/// next start. Source: mavlink.io, "Serialization" and the common message set, from memory; checked against an
/// independent encoder.
/// @error `file_not_found`, `file_unreadable`, `no_track` without a message that tells of a flight, `cancelled`
units::Result<std::shared_ptr<const telemetry::FlightLog>>
read_mavlink_log(const std::string& path, const ReadingJob& job = {}, const mavlink::Choice& choice = {});

/// A log row by row as packets of version 2, as an aircraft would send it.
class MavlinkWriter {
public:
    explicit MavlinkWriter(std::uint8_t system = 1) : system_(system) {}
    /// Readings first, the position last. A row without a time has none.
    std::vector<std::string> row(const telemetry::FlightLog& log, std::size_t row);
    std::string heartbeat();

private:
    std::uint8_t system_;
    std::uint8_t sequence_ = 0;
};

/// What stands before a packet in a telemetry log. @param time_s  since 1970
std::string mavlink_stamp(double time_s);

/// A log as a telemetry log of version 2 packets, with the same messages.
std::string mavlink_from_log(const telemetry::FlightLog& log);

} // namespace sobremesa::io
