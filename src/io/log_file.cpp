#include "io/log_file.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <limits>

#include <unistd.h>

#include "core/geodesy/geodesic.hpp"
#include "io/csv_log_writer.hpp"
#include "io/gpx_log.hpp"
#include "io/mavlink_log.hpp"
#include "io/open_file.hpp"
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

units::Result<LogFormat> log_format(const std::string& path) {
    std::uint64_t size = 0;
    const auto file = open_for_reading(path, size);
    if (!file) return tl::unexpected(file.error());
    // As much as holds a whole packet, wherever in one the recording began.
    std::array<unsigned char, 1024> head{};
    const auto read = ::read(*file, head.data(), head.size());
    ::close(*file);
    if (read < 0) return system_failure(units::ErrorCode::file_unreadable, path);
    if (read == 0) return units::failure(units::ErrorCode::file_empty, in_file(path));
    if (looks_like_mavlink(head.data(), std::size_t(read))) return LogFormat::mavlink;
    // A byte-order mark and blanks may come first.
    std::size_t at = read >= 3 && head[0] == 0xEF && head[1] == 0xBB && head[2] == 0xBF ? 3 : 0;
    while (at < std::size_t(read) && std::isspace(head[at])) ++at;
    return at < std::size_t(read) && head[at] == '<' ? LogFormat::gpx : LogFormat::csv;
}

units::Result<std::shared_ptr<const FlightLog>> read_log(const std::string& path, const ReadingJob& job) {
    const auto format = log_format(path);
    if (!format) return tl::unexpected(format.error());
    switch (*format) {
    case LogFormat::gpx: return read_gpx_log(path, job);
    case LogFormat::mavlink: return read_mavlink_log(path, job);
    case LogFormat::csv: break;
    }
    return read_csv_log(path, job);
}

std::string endings_written() {
    return ".csv, .gpx, .geojson, .kml, .tlog";
}

units::Result<std::string> log_as(const FlightLog& log, const std::string& file_name,
                                  const Discretion& discretion) {
    const std::string ending = ending_of(file_name);
    const FlightLog shown = discretion.hide_home_m ? without_home(log, *discretion.hide_home_m) : log;
    if (ending == ".csv") return csv_from_log(shown, LogStyle::whole);
    const bool track = ending == ".tlog" || ending == ".gpx" || ending == ".geojson" || ending == ".kml";
    if (!track)
        return units::failure(units::ErrorCode::format_not_written, in_file(file_name),
                              {{"ending", ending.empty() ? file_name : ending}, {"allowed", endings_written()}});
    // A track of one point is none: no reader takes it, ours neither.
    if (fixes_in(shown) < 2) return units::failure(units::ErrorCode::no_track, in_file(log.name));
    if (ending == ".tlog") return mavlink_from_log(shown);
    if (ending == ".gpx") return gpx_from_log(shown);
    return ending == ".kml" ? kml_from_log(shown) : geojson_from_log(shown);
}

} // namespace sobremesa::io
