#pragma once

#include <string>

#include "core/telemetry/flight_log.hpp"
#include "io/csv_log_reader.hpp"

namespace sobremesa::io {

/// What a log file is written in.
enum class LogFormat {
    csv,
    gpx,
    mavlink,
    nmea,
    igc,
    subrip,
    json,
    named_lines,
    long_table,
    records,
    xml,
    workbook
};

/// Stable word for scripts.
const char* format_word(LogFormat format);

/// Whether its columns can be said: it is CSV, or a text format that is read as a table.
bool has_columns(LogFormat format);

/// Told by its first bytes, not by its name: XML is GPX or a KML track, a packet behind a time stamp is a MAVLink
/// telemetry log, sentences behind a dollar sign are NMEA 0183, A and B records IGC, captions SubRip, objects JSON,
/// lines of names and values are read as such, and so is a table of one reading a row; all else is taken for CSV.
/// @param path  also of an archive that holds one log, or "ARCHIVE/NAME" for one of many
/// @error as `LogSource::open`
units::Result<LogFormat> log_format(const std::string& path);

/// Reads a log, whatever it is written in, unpacked where it is compressed.
/// @error as the reader of that format, and as `LogSource::open`
units::Result<std::shared_ptr<const telemetry::FlightLog>> read_log(const std::string& path,
                                                                    const ReadingJob& job = {});

/// Where exported tracks may not show the beginning of: no position within that distance of home is written.
struct Discretion {
    std::optional<double> hide_home_m;
};

/// Endings that `log_as_text` writes, for messages: ".csv, .gpx, …".
std::string endings_written();

/// A log in the format that a file name asks for by its ending: .csv, .gpx, .geojson, .kml, .igc or .tlog.
/// @error `format_not_written`; `no_track` where the format needs positions and there are none
units::Result<std::string> log_as(const telemetry::FlightLog& log, const std::string& file_name,
                                  const Discretion& discretion = {});

} // namespace sobremesa::io
