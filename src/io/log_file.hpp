#pragma once

#include <string>

#include "core/telemetry/flight_log.hpp"
#include "io/csv_head.hpp"
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
    named_blocks,
    long_table,
    transposed,
    records,
    xml,
    html,
    sql,
    workbook
};

/// Stable word for scripts.
const char* format_word(LogFormat format);

/// CSV, or a text format that is read as a table: its columns are those of the file. The columns of the others
/// (GPX, KML, MAVLink) are the channels that they hold.
bool is_table(LogFormat format);

/// Told by its first bytes, not by its name: XML is GPX or a KML track, a packet behind a time stamp is a MAVLink
/// telemetry log, sentences behind a dollar sign are NMEA 0183, A and B records IGC, captions SubRip, objects JSON,
/// lines of names and values, and statements of SQL, are read as such, and so are a table of one reading a row and
/// one that lies on its side; all else is taken for CSV.
/// @param path  also of an archive that holds one log, or "ARCHIVE/NAME" for one of many
/// @error as `LogSource::open`
units::Result<LogFormat> log_format(const std::string& path);

/// What the columns of a log are, unpacked or turned into a table first; one without a time column is no error. Of
/// a log that is no table all of it is read.
/// @error as `read_csv_head`, `read_log`
units::Result<CsvHead> read_head_of_log(const std::string& path,
                                        const std::vector<telemetry::ColumnChoice>& choices = {});

/// Reads a log, whatever it is written in, unpacked where it is compressed.
/// @error as the reader of that format, and as `LogSource::open`; of columns that the pilot says of a log that is
/// no
///        table as `with_channels_as_said`
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
