#include "io/log_file.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <iterator>
#include <limits>

#include "core/geodesy/geodesic.hpp"
#include "io/channel_columns.hpp"
#include "io/csv_log_writer.hpp"
#include "io/gpx_log.hpp"
#include "io/log_source.hpp"
#include "io/mavlink_log.hpp"
#include "io/open_file.hpp"
#include "io/text_logs.hpp"
#include "io/track_writers.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;

/// The log without positions near its first fix.
FlightLog without_home(FlightLog log, double radius_m) {
    std::optional<geodesy::Position> home;
    auto& latitude = log[Channel::latitude_deg];
    auto& longitude = log[Channel::longitude_deg];
    for (std::size_t i = 0; i < latitude.size(); ++i) {
        const geodesy::Position here{latitude[i], longitude[i]};
        const bool fix = geodesy::is_possible(here) && (latitude[i] != 0.0 || longitude[i] != 0.0);
        if (!home && fix) home = here;
        if (!home || !fix) continue;
        const auto line = geodesy::geodesic(*home, here);
        if (line && line->distance_m < radius_m) latitude[i] = longitude[i] = telemetry::missing_value;
    }
    return log;
}

std::size_t fixes_in(const FlightLog& log) {
    if (!log.has(Channel::latitude_deg) || !log.has(Channel::longitude_deg)) return 0;
    const auto& latitude = log[Channel::latitude_deg];
    const auto& longitude = log[Channel::longitude_deg];
    const auto& time = log[Channel::time_s];
    std::size_t fixes = 0;
    for (std::size_t i = 0; i < log.rows(); ++i) {
        const bool fix = std::isfinite(latitude[i]) && std::isfinite(longitude[i]) &&
                         (latitude[i] != 0.0 || longitude[i] != 0.0);
        fixes += fix && std::isfinite(time[i]) ? 1 : 0;
    }
    return fixes;
}

std::string ending_of(const std::string& name) {
    const auto dot = name.find_last_of('.');
    std::string ending = dot == std::string::npos ? std::string() : name.substr(dot);
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return char(std::tolower(c)); });
    return ending;
}

} // namespace

const char* format_word(LogFormat format) {
    switch (format) {
    case LogFormat::csv: return "csv";
    case LogFormat::gpx: return "gpx";
    case LogFormat::mavlink: return "mavlink";
    case LogFormat::nmea: return "nmea";
    case LogFormat::igc: return "igc";
    case LogFormat::subrip: return "subrip";
    case LogFormat::json: return "json";
    case LogFormat::named_lines: return "named-lines";
    case LogFormat::named_blocks: return "named-blocks";
    case LogFormat::long_table: return "long-table";
    case LogFormat::transposed: return "transposed";
    case LogFormat::records: return "records";
    case LogFormat::xml: return "xml";
    case LogFormat::html: return "html";
    case LogFormat::sql: return "sql";
    case LogFormat::workbook: break;
    }
    return "workbook";
}

bool is_table(LogFormat format) {
    return format != LogFormat::gpx && format != LogFormat::mavlink;
}

units::Result<LogFormat> log_format(const std::string& path) {
    const auto source = LogSource::open(path);
    if (!source) return tl::unexpected(source.error());
    return source->format();
}

namespace {

units::Result<std::shared_ptr<const FlightLog>> read_source(const LogSource& source, const ReadingJob& job) {
    if (is_table(source.format())) return read_csv_log(source.readable(), job);
    const auto said = said_of_log(job.columns);
    if (!said) return tl::unexpected(said.error());
    auto log = source.format() == LogFormat::gpx ? read_gpx_log(source.readable(), job)
                                                 : read_mavlink_log(source.readable(), job, said->vehicle);
    if (!log) return log;
    return with_channels_as_said(*log, said->channels);
}

} // namespace

units::Result<CsvHead> read_head_of_log(const std::string& path,
                                        const std::vector<telemetry::ColumnChoice>& choices) {
    const auto source = LogSource::open(path);
    if (!source) return tl::unexpected(source.error());
    auto head = [&]() -> units::Result<CsvHead> {
        if (is_table(source->format())) return read_csv_head(source->readable(), choices, false);
        const auto said = said_of_log(choices);
        if (!said) return tl::unexpected(said.error());
        ReadingJob job;
        std::copy_if(choices.begin(), choices.end(), std::back_inserter(job.columns), is_vehicle_choice);
        const auto log = read_source(*source, job);
        if (!log) return tl::unexpected(log.error());
        return head_of_channels(**log, said->channels);
    }();
    if (!head) return tl::unexpected(source->named(head.error()));
    return head;
}

units::Result<std::shared_ptr<const FlightLog>> read_log(const std::string& path, const ReadingJob& job) {
    const auto source = LogSource::open(path);
    if (!source) return tl::unexpected(source.error());
    auto log = read_source(*source, job);
    if (!log) return tl::unexpected(source->named(log.error()));
    if (source->readable() == path && source->diagnostics().empty()) return log;
    auto named = std::make_shared<FlightLog>(**log);
    named->name = path;
    named->diagnostics.insert(named->diagnostics.begin(), source->diagnostics().begin(),
                              source->diagnostics().end());
    return named;
}

std::string endings_written() {
    return ".csv, .gpx, .geojson, .kml, .igc, .tlog";
}

units::Result<std::string> log_as(const FlightLog& log, const std::string& file_name,
                                  const Discretion& discretion) {
    const std::string ending = ending_of(file_name);
    const FlightLog shown = discretion.hide_home_m ? without_home(log, *discretion.hide_home_m) : log;
    if (ending == ".csv") return csv_from_log(shown, LogStyle::whole);
    const bool track =
        ending == ".tlog" || ending == ".gpx" || ending == ".geojson" || ending == ".kml" || ending == ".igc";
    if (!track)
        return units::failure(units::ErrorCode::format_not_written, in_file(file_name),
                              {{"ending", ending.empty() ? file_name : ending}, {"allowed", endings_written()}});
    // A track of one point is none: no reader takes it, ours neither.
    if (fixes_in(shown) < 2) return units::failure(units::ErrorCode::no_track, in_file(log.name));
    if (ending == ".tlog") return mavlink_from_log(shown);
    if (ending == ".gpx") return gpx_from_log(shown);
    if (ending == ".igc") return igc_from_log(shown);
    return ending == ".kml" ? kml_from_log(shown) : geojson_from_log(shown);
}

} // namespace sobremesa::io
