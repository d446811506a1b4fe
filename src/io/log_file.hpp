#pragma once

#include <string>

#include "core/telemetry/flight_log.hpp"
#include "io/csv_log_reader.hpp"

namespace sobremesa::io {

/// What a log file is written in.
enum class LogFormat { csv, gpx, mavlink };

/// Told by its first bytes, not by its name: XML is GPX, a packet behind a time stamp is a MAVLink telemetry log,
/// all else is taken for CSV.
/// @error `file_not_found`, `file_unreadable`, `file_empty`
units::Result<LogFormat> log_format(const std::string& path);

/// Reads a log, whatever it is written in.
/// @error as the reader of that format
units::Result<std::shared_ptr<const telemetry::FlightLog>> read_log(const std::string& path,
                                                                    const ReadingJob& job = {});

/// Where exported tracks may not show the beginning of: no position within that distance of home is written.
struct Discretion {
    std::optional<double> hide_home_m;
};

/// Endings that `log_as_text` writes, for messages: ".csv, .gpx, …".
std::string endings_written();

/// A log in the format that a file name asks for by its ending: .csv, .gpx, .geojson, .kml or .tlog.
/// @error `format_not_written`; `no_track` where the format needs positions and there are none
units::Result<std::string> log_as(const telemetry::FlightLog& log, const std::string& file_name,
                                  const Discretion& discretion = {});

} // namespace sobremesa::io
