#pragma once

#include <cstdint>
#include <string>
#include <string_view>

#include "core/telemetry/flight_log.hpp"
#include "io/log_file.hpp"

namespace sobremesa::io {

/// A log of another text format as a table in CSV, so that one reader understands columns, units and choices for
/// all.
struct TableOfLog {
    std::string csv;
    /// Lines that should have been records and could not be read.
    std::size_t unread = 0;
    std::int64_t first_unread = 0;
};

/// Whether the beginning of a text is that format.
bool looks_like_nmea(std::string_view head);
bool looks_like_igc(std::string_view head);
bool looks_like_subrip(std::string_view head);
bool looks_like_json(std::string_view head);
bool looks_like_named_lines(std::string_view head);
bool looks_like_named_blocks(std::string_view head);
bool looks_like_long_table(std::string_view head);
bool looks_like_transposed(std::string_view head);
bool looks_like_records(std::string_view head);
bool looks_like_xml(std::string_view head);
bool looks_like_html(std::string_view head);
bool looks_like_sql(std::string_view head);

/// NMEA 0183: RMC, GGA, VTG and ZDA of any talker, XDR for volts (U) and amps (I). Sentences of one time make a
/// row. A sentence with a wrong checksum is not read. Source: the standard's sentence formats, as generally
/// published (from memory).
TableOfLog nmea_as_table(std::string_view text);

/// IGC: H records for the date, B records for place and heights, with the additions that the I record names (GSP,
/// TAS, TRT, SIU, LAD, LOD); L records of this program for volts, amps and charge. Source: FAI, Technical
/// Specification for GNSS Flight Recorders, appendix A (from memory).
TableOfLog igc_as_table(std::string_view text);

/// A log as IGC. Readings that IGC has no place for follow each B record as an L record.
std::string igc_from_log(const telemetry::FlightLog& log);

/// SubRip: each caption's beginning is a time; lines and pairs of `name: value` are columns.
TableOfLog subrip_as_table(std::string_view text);

/// JSON (RFC 8259): an object a line, objects or arrays one behind the other; or one document, of which the longest
/// list of objects is taken, else arrays of one length under their names, or rows as arrays below or beside their
/// names. An object of thirty members and more whose keys begin with digits is such a list, its keys the time where
/// they are no row numbers. Objects in objects give names with a point: "gps.lat".
TableOfLog json_as_table(std::string_view text);

/// Lines of names and values, "lat=47.1 volts=16.2", with a moment in front perhaps.
TableOfLog named_lines_as_table(std::string_view text);

/// A name and its value a line, records one below the other, parted by empty lines, headings in brackets or dashes,
/// or by nothing: "volts: 16.2", "amps = 5.3"; lists of YAML without further levels.
TableOfLog named_blocks_as_table(std::string_view text);

/// A table with one reading a row (time, name, value, perhaps its unit): readings of one time make a row, also
/// where all of one name stand before those of the next.
TableOfLog long_table_as_table(std::string_view text);

/// A table that lies on its side: a quantity a row, its name in front, the time in the first row.
TableOfLog transposed_as_table(std::string_view text);

/// Records of several kinds, each with its kind in front, defined by rows of the kind FMT or by a header for each
/// ("#GPS,time_ms,lat,lon"): of those that tell of place, height, airspeed or pack each record is a row; of several
/// sensors of one kind the first.
TableOfLog records_as_table(std::string_view text);

/// XML of any schema but GPX and KML, which have readers of their own: the elements that come most often, a row
/// each, with their attributes and the texts of the elements in them; rows of cells without names, as spreadsheets
/// have them, as a table.
TableOfLog xml_as_table(std::string_view text);

/// A database's dump in SQL: of the tables into which rows are inserted, or that PostgreSQL's COPY gives with tabs,
/// the one of most rows.
TableOfLog sql_as_table(std::string_view text);

/// The table of a web page that has the most rows, with what browsers forgive: elements that are not closed,
/// attributes without quotes, characters by name.
TableOfLog html_as_table(std::string_view text);

} // namespace sobremesa::io
