#pragma once

#include <string>

#include "core/telemetry/flight_log.hpp"
#include "io/csv_log_reader.hpp"

namespace sobremesa::io {

/// Largest GPX file that is read, bytes: it is held in memory whole.
inline constexpr std::size_t most_gpx_bytes = 512u << 20;

/// Reads the tracks of a GPX 1.1 file (or 1.0) as a log, all segments one after the other; of a KML file its
/// tracks with times (OGC KML 2.3, Track: `when`, `coord`, SimpleArrayData; from memory).
///
/// Time, position and height are the standard's; every number in `extensions`, however deep, is understood by the
/// name of its element as a CSV column is by its header. Entities of a document type are not expanded. Source:
/// topografix.com, GPX 1.1 schema documentation.
/// @error `file_not_found`, `file_unreadable`, `file_too_large`, `xml_syntax` with its line, `no_track`,
/// `cancelled`
units::Result<std::shared_ptr<const telemetry::FlightLog>> read_gpx_log(const std::string& path,
                                                                        const ReadingJob& job = {});

/// A log as GPX 1.1; all that GPX has no element for stands in `extensions`, its names with their units.
std::string gpx_from_log(const telemetry::FlightLog& log);

/// "2026-04-11T09:02:00.250Z" of seconds since 1970, and back; nothing for what is no such time.
std::string utc_text(double seconds);
std::optional<double> utc_from_text(std::string_view text);

} // namespace sobremesa::io
