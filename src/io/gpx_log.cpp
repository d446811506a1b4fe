#include "io/gpx_log.hpp"

#include <algorithm>
#include <array>
#include <chrono>
#include <cmath>
#include <fstream>
#include <limits>
#include <map>
#include <sstream>
#include <vector>

#include <pugixml.hpp>
#include <unistd.h>

#include "io/log_clock.hpp"
#include "io/log_header.hpp"
#include "io/open_file.hpp"
#include "io/text_number.hpp"
#include "io/xml_parts.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;
using units::ErrorCode;

/// Element names that say less than a header would.
constexpr std::pair<std::string_view, std::string_view> short_names[] = {{"sat", "satellites"},
                                                                         {"speed", "ground speed (m/s)"},
                                                                         {"course", "course (deg)"},
                                                                         {"hr", ""},
                                                                         {"cad", ""},
                                                                         {"atemp", ""},
                                                                         {"hdop", ""},
                                                                         {"vdop", ""},
                                                                         {"pdop", ""}};

class GpxReading {
public:
    GpxReading(const std::string& path, const ReadingJob& job) : path_(path), job_(job) { log_.name = path; }

    units::Result<std::shared_ptr<const FlightLog>> run() {
        std::uint64_t size = 0;
        const auto opened = open_for_reading(path_, size);
        if (!opened) return tl::unexpected(opened.error());
        ::close(*opened);
        if (size > most_gpx_bytes)
            return units::failure(ErrorCode::file_too_large, in_file(path_),
                                  {{"most_mb", double(most_gpx_bytes >> 20)}});
        const pugi::xml_parse_result parsed =
            document_.load_file(path_.c_str(), pugi::parse_default, pugi::encoding_auto);
        if (!parsed && !is_cut(parsed, size)) return broken(parsed);
        cut_ = !parsed;
        if (job_.progress) job_.progress(0.5);
        if (auto stopped = points(); !stopped) return tl::unexpected(stopped.error());
        return finish();
    }

private:
    tl::unexpected<units::Error> broken(const pugi::xml_parse_result& parsed) const {
        units::Where where = in_file(path_);
        std::ifstream file(path_, std::ios::binary);
        std::int64_t line = 1;
        std::int64_t left = parsed.offset;
        for (std::string buffer(1 << 16, '\0'); left > 0 && file;) {
            file.read(buffer.data(), std::streamsize(std::min<std::int64_t>(left, std::int64_t(buffer.size()))));
            line += std::count(buffer.begin(), buffer.begin() + file.gcount(), '\n');
            left -= file.gcount();
            if (file.gcount() == 0) break;
        }
        where.line = line;
        return units::failure(ErrorCode::xml_syntax, where, {{"reason", std::string(parsed.description())}});
    }

    /// The file ends in the middle: what stands before is read, as of any other log. The error then lies behind the
    /// last tag that was begun.
    bool is_cut(const pugi::xml_parse_result& parsed, std::uint64_t size) const {
        if (!document_.child("gpx").child("trk")) return false;
        std::ifstream file(path_, std::ios::binary);
        constexpr std::uint64_t tail_bytes = 4096;
        const std::uint64_t from = size > tail_bytes ? size - tail_bytes : 0;
        file.seekg(std::streamoff(from));
        std::string tail(std::size_t(size - from), '\0');
        file.read(tail.data(), std::streamsize(tail.size()));
        if (tail.find("</gpx>") != std::string::npos) return false;
        // A tag was begun and not ended, or all are ended and those around them are not.
        const auto begun = tail.rfind('<');
        const auto ended = tail.rfind('>');
        if (begun == std::string::npos) return false;
        const bool torn = ended == std::string::npos || ended < begun;
        const auto offset = std::uint64_t(std::max<std::ptrdiff_t>(parsed.offset, 0));
        return offset >= from + (torn ? begun : ended);
    }

    units::Result<void> points() {
        if (const pugi::xml_node kml = document_.child("kml")) return tracks_of(kml);
        const pugi::xml_node gpx = document_.child("gpx");
        std::size_t met = 0;
        constexpr std::size_t points_between_questions = 4096;
        for (const pugi::xml_node track : gpx.children("trk")) {
            for (const pugi::xml_node segment : track.children("trkseg")) {
                for (const pugi::xml_node point : segment.children("trkpt")) {
                    // Of a file that was cut the last point is a torso: "12" may have been 123.
                    if (cut_ && !point.next_sibling("trkpt") && !segment.next_sibling("trkseg") &&
                        !track.next_sibling("trk")) {
                        ++log_.rows_met;
                        log_.unreadable.push_back(
                            {telemetry::SetAsideReason::cut_last_row, 1, std::int64_t(met) + 1});
                        continue;
                    }
                    if (++met % points_between_questions == 0 && job_.stop.stop_requested())
                        return units::failure(ErrorCode::cancelled);
                    take(point, met);
                }
            }
        }
        return {};
    }

    /// Tracks of KML 2.3 (before it Google's extension, gx:): moments, then as many places "longitude latitude
    /// height", and arrays of readings by name. In a document without one, points that each say when.
    units::Result<void> tracks_of(const pugi::xml_node& kml) {
        std::vector<pugi::xml_node> open{kml};
        std::vector<pugi::xml_node> points;
        std::size_t met = 0;
        while (!open.empty()) {
            const pugi::xml_node node = open.back();
            open.pop_back();
            if (job_.stop.stop_requested()) return units::failure(ErrorCode::cancelled);
            if (local_name(node.name()) == "Track") {
                take_track(node, met);
                continue;
            }
            if (is_moment_of_track(node)) {
                points.push_back(node);
                continue;
            }
            // The first child is to be the next.
            for (pugi::xml_node child = node.last_child(); child; child = child.previous_sibling())
                open.push_back(child);
        }
        // Many programs write both, the same flight twice.
        if (met == 0) {
            for (const pugi::xml_node point : points) take_moment(point, ++met);
        }
        return {};
    }

    /// A point of KML 2.2 that says when it was.
    static bool is_moment_of_track(const pugi::xml_node& node) {
        return local_name(node.name()) == "Placemark" && node.child("TimeStamp").child("when") &&
               node.child("Point").child("coordinates");
    }

    /// Its place is "longitude,latitude,height"; readings stand beside it by name.
    void take_moment(const pugi::xml_node& placemark, std::size_t number) {
        if (!begin_row(placemark.child("TimeStamp").child_value("when"), number)) return;
        std::string place = placemark.child("Point").child_value("coordinates");
        std::replace(place.begin(), place.end(), ',', ' ');
        put_place(place);
        for (const pugi::xml_node each : placemark.child("ExtendedData").children("Data"))
            understand(each.attribute("name").value(), each.child_value("value"));
        for (const pugi::xml_node schema : placemark.child("ExtendedData").children("SchemaData")) {
            for (const pugi::xml_node each : schema.children("SimpleData"))
                understand(each.attribute("name").value(), each.child_value());
        }
    }

    /// "longitude latitude height"
    void put_place(const std::string& text) {
        std::istringstream place(text);
        std::array<std::string, 3> parts;
        place >> parts[0] >> parts[1] >> parts[2];
        put(Channel::longitude_deg, number_from_text(parts[0]).value_or(telemetry::missing_value));
        put(Channel::latitude_deg, number_from_text(parts[1]).value_or(telemetry::missing_value));
        if (const auto height = number_from_text(parts[2])) put(Channel::height_m, *height);
    }

    struct Readings {
        std::string name;
        std::vector<pugi::xml_node> values;
    };

    static std::vector<Readings> readings_of(const pugi::xml_node& track) {
        std::vector<Readings> all;
        std::vector<pugi::xml_node> open{track};
        while (!open.empty()) {
            const pugi::xml_node node = open.back();
            open.pop_back();
            if (local_name(node.name()) == "SimpleArrayData") {
                Readings readings{node.attribute("name").value(), {}};
                for (const pugi::xml_node value : node.children()) readings.values.push_back(value);
                all.push_back(std::move(readings));
                continue;
            }
            for (const pugi::xml_node child : node.children()) open.push_back(child);
        }
        return all;
    }

    void take_track(const pugi::xml_node& track, std::size_t& met) {
        std::vector<const char*> moments;
        std::vector<const char*> places;
        for (const pugi::xml_node child : track.children()) {
            const auto name = local_name(child.name());
            if (name == "when") moments.push_back(child.child_value());
            if (name == "coord") places.push_back(child.child_value());
        }
        const std::vector<Readings> readings = readings_of(track);
        for (std::size_t i = 0; i < std::min(moments.size(), places.size()); ++i) {
            if (!begin_row(moments[i], ++met)) continue;
            put_place(places[i]);
            for (const Readings& each : readings) {
                if (i < each.values.size()) understand(each.name, each.values[i].child_value());
            }
        }
    }

    void put(Channel channel, double value) {
        auto& column = log_[channel];
        column.resize(rows_, telemetry::missing_value);
        column[rows_ - 1] = value;
    }

    /// @return false where it says no time: such a point is none of a flight
    bool begin_row(const char* moment, std::size_t number) {
        ++log_.rows_met;
        const auto time = utc_from_text(moment);
        if (!time) {
            ++without_time_;
            if (first_without_time_ == 0) first_without_time_ = std::int64_t(number);
            return false;
        }
        ++rows_;
        log_.lines.push_back(std::uint32_t(number));
        put(Channel::time_s, *time);
        return true;
    }

    void take(const pugi::xml_node& point, std::size_t number) {
        if (!begin_row(point.child_value("time"), number)) return;
        put(Channel::latitude_deg,
            number_from_text(point.attribute("lat").value()).value_or(telemetry::missing_value));
        put(Channel::longitude_deg,
            number_from_text(point.attribute("lon").value()).value_or(telemetry::missing_value));
        if (const auto height = number_from_text(point.child_value("ele"))) put(Channel::height_m, *height);
        for (const pugi::xml_node child : point.children()) {
            const auto name = local_name(child.name());
            if (name == "extensions")
                extensions(child);
            else if (name == "sat" || name == "speed" || name == "course")
                understand(std::string(name), child.child_value());
        }
    }

    /// All elements below, without recursion: a file may nest them as deep as it likes.
    void extensions(const pugi::xml_node& top) {
        std::vector<pugi::xml_node> open{top};
        while (!open.empty()) {
            const pugi::xml_node node = open.back();
            open.pop_back();
            for (const pugi::xml_node child : node.children()) {
                if (child.type() != pugi::node_element) continue;
                for (const pugi::xml_attribute attribute : child.attributes()) {
                    if (number_from_text(attribute.value()))
                        understand(std::string(local_name(attribute.name())), attribute.value());
                }
                if (child.first_child().type() == pugi::node_element)
                    open.push_back(child);
                else if (child.first_child())
                    understand(std::string(local_name(child.name())), child.child_value());
            }
        }
    }

    void understand(const std::string& name, const std::string& value) {
        auto found = columns_.find(name);
        if (found == columns_.end()) {
            std::string header = name;
            for (const auto& [word, meaning] : short_names) {
                if (name == word) header = meaning;
            }
            LogColumn column = understand_name(header, value);
            const bool number = column.kind == LogColumn::Kind::number && column.channel != Channel::time_s;
            // The first element of a meaning counts, as the first column does.
            const bool taken = taken_[std::size_t(column.channel)];
            if (!number || taken) column.kind = LogColumn::Kind::ignored;
            if (column.kind == LogColumn::Kind::number) taken_[std::size_t(column.channel)] = true;
            if (column.kind == LogColumn::Kind::number && column.unit_assumed) {
                log_.diagnostics.push_back({units::DiagnosticCode::unit_assumed,
                                            units::Severity::note,
                                            {{"unit", choice_of(column).unit},
                                             {"column", name},
                                             {"channel", std::string(channel_word(column.channel))}}});
            }
            if (column.kind == LogColumn::Kind::ignored && ++unused_ <= most_unused_named)
                log_.diagnostics.push_back(
                    {units::DiagnosticCode::column_not_understood, units::Severity::note, {{"column", name}}});
            found = columns_.emplace(name, column).first;
        }
        if (found->second.kind != LogColumn::Kind::number) return;
        if (const auto number = number_from_text(value)) put(found->second.channel, *number * found->second.scale);
    }

    units::Result<std::shared_ptr<const FlightLog>> finish() {
        if (rows_ < 2) return units::failure(ErrorCode::no_track, in_file(path_));
        for (auto& column : log_.columns) {
            if (!column.empty()) column.resize(rows_, telemetry::missing_value);
        }
        if (without_time_ > 0)
            log_.unreadable.push_back({telemetry::SetAsideReason::no_time, without_time_, first_without_time_});
        if (unused_ > most_unused_named) {
            log_.diagnostics.push_back(
                {units::DiagnosticCode::column_not_understood,
                 units::Severity::note,
                 {{"column", std::string()}, {"more", double(unused_ - most_unused_named)}}});
        }
        count_from_first_row(log_);
        if (job_.progress) job_.progress(1.0);
        return std::make_shared<const FlightLog>(std::move(log_));
    }

    std::string path_;
    const ReadingJob& job_;
    pugi::xml_document document_;
    FlightLog log_;
    std::size_t rows_ = 0;
    std::size_t without_time_ = 0;
    std::int64_t first_without_time_ = 0;
    bool cut_ = false;
    std::map<std::string, LogColumn> columns_;
    std::array<bool, telemetry::channel_count> taken_{};
    std::size_t unused_ = 0;
};

/// What stands in the extensions, and with how many decimals; each name as a header that any reader of ours takes.
struct Extension {
    Channel channel;
    const char* name;
    int decimals;
};
constexpr Extension extensions_written[] = {
    {Channel::ground_speed_mps, "ground_speed_mps", 3},
    {Channel::course_deg, "course_deg", 2},
    {Channel::heading_deg, "heading_deg", 2},
    {Channel::airspeed_mps, "airspeed_mps", 3},
    {Channel::climb_mps, "climb_mps", 3},
    {Channel::voltage_v, "voltage_v", 3},
    {Channel::cell_voltage_v, "cell_voltage_v", 3},
    {Channel::current_a, "current_a", 3},
    {Channel::charge_ah, "used_ah", 6},
    {Channel::energy_wh, "energy_wh", 5},
    {Channel::satellites, "satellites", 0},
    {Channel::throttle_share, "throttle_share", 4},
    {Channel::link_quality_share, "link_quality_share", 4},
    {Channel::signal_dbm, "signal_dbm", 1},
    {Channel::gps_height_m, "gps_height_m", 3},
    {Channel::wind_speed_mps, "wind_speed_mps", 3},
    {Channel::wind_from_deg, "wind_from_deg", 2},
    {Channel::array_current_a, "array_current_a", 3},
    {Channel::motor_current_a, "motor_current_a", 3},
    {Channel::power_w, "power_w", 3},
    {Channel::video_quality_share, "video_quality_share", 4},
    {Channel::video_signal_dbm, "video_signal_dbm", 1},
    {Channel::video_bitrate_mbit_s, "video_bitrate_mbit_s", 3},
};

} // namespace

units::Result<std::shared_ptr<const FlightLog>> read_gpx_log(const std::string& path, const ReadingJob& job) {
    return GpxReading(path, job).run();
}

std::string utc_text(double seconds) {
    const auto milliseconds = std::llround(seconds * 1000.0);
    const std::chrono::sys_time<std::chrono::milliseconds> moment{std::chrono::milliseconds(milliseconds)};
    const auto day = std::chrono::floor<std::chrono::days>(moment);
    const std::chrono::year_month_day date{day};
    const auto of_day = (moment - day).count();
    const auto padded = [](std::int64_t value, std::size_t width) {
        std::string text = text_from_number(double(value), 0);
        return std::string(width > text.size() ? width - text.size() : 0, '0') + text;
    };
    return padded(int(date.year()), 4) + "-" + padded(unsigned(date.month()), 2) + "-" +
           padded(unsigned(date.day()), 2) + "T" + padded(of_day / 3600000, 2) + ":" +
           padded(of_day / 60000 % 60, 2) + ":" + padded(of_day / 1000 % 60, 2) + "." + padded(of_day % 1000, 3) +
           "Z";
}

std::optional<double> utc_from_text(std::string_view text) {
    while (!text.empty() && std::isspace(static_cast<unsigned char>(text.front()))) text.remove_prefix(1);
    while (!text.empty() && std::isspace(static_cast<unsigned char>(text.back()))) text.remove_suffix(1);
    // 2026-04-11T09:02:00 at least, then a fraction, then Z or an offset.
    constexpr std::string_view shape = "dddd-dd-ddTdd:dd:dd";
    if (text.size() < shape.size()) return std::nullopt;
    for (std::size_t i = 0; i < shape.size(); ++i) {
        const bool digit = text[i] >= '0' && text[i] <= '9';
        if (shape[i] == 'd' ? !digit : text[i] != shape[i] && !(shape[i] == 'T' && text[i] == ' '))
            return std::nullopt;
    }
    const auto field = [&](std::size_t from, std::size_t length) {
        return int(*number_from_text(text.substr(from, length)));
    };
    const std::chrono::year_month_day date{std::chrono::year(field(0, 4)),
                                           std::chrono::month(unsigned(field(5, 2))),
                                           std::chrono::day(unsigned(field(8, 2)))};
    if (!date.ok() || field(11, 2) > 24 || field(14, 2) > 59 || field(17, 2) > 60) return std::nullopt;
    double seconds = double(std::chrono::sys_days(date).time_since_epoch().count()) * 86400.0 +
                     field(11, 2) * 3600.0 + field(14, 2) * 60.0 + field(17, 2);
    std::string_view rest = text.substr(shape.size());
    if (!rest.empty() && rest.front() == '.') {
        std::size_t end = 1;
        while (end < rest.size() && rest[end] >= '0' && rest[end] <= '9') ++end;
        if (end > 1) seconds += *number_from_text("0" + std::string(rest.substr(0, end)));
        rest.remove_prefix(end);
    }
    if (rest.empty() || rest == "Z" || rest == "z") return seconds;
    // +02:00
    if (rest.size() != 6 || (rest[0] != '+' && rest[0] != '-') || rest[3] != ':') return std::nullopt;
    const auto hours = number_from_text(rest.substr(1, 2));
    const auto minutes = number_from_text(rest.substr(4, 2));
    if (!hours || !minutes) return std::nullopt;
    return seconds - (rest[0] == '-' ? -1.0 : 1.0) * (*hours * 3600.0 + *minutes * 60.0);
}

std::string gpx_from_log(const FlightLog& log) {
    pugi::xml_document document;
    auto declaration = document.append_child(pugi::node_declaration);
    declaration.append_attribute("version") = "1.0";
    declaration.append_attribute("encoding") = "UTF-8";
    auto gpx = document.append_child("gpx");
    gpx.append_attribute("version") = "1.1";
    gpx.append_attribute("creator") = "Sobremesa";
    gpx.append_attribute("xmlns") = "http://www.topografix.com/GPX/1/1";
    gpx.append_attribute("xmlns:flight") = "urn:sobremesa:flight:1";
    auto track = gpx.append_child("trk");
    track.append_child("name").text() = log.name.substr(log.name.find_last_of('/') + 1).c_str();
    auto segment = track.append_child("trkseg");
    const auto& time = log[Channel::time_s];
    const auto& latitude = log[Channel::latitude_deg];
    const auto& longitude = log[Channel::longitude_deg];
    const double start_s = log.start_clock_s.value_or(0.0);
    for (std::size_t row = 0; row < log.rows(); ++row) {
        if (latitude.empty() || !std::isfinite(latitude[row]) || !std::isfinite(longitude[row]) ||
            (latitude[row] == 0.0 && longitude[row] == 0.0) || !std::isfinite(time[row]))
            continue;
        auto point = segment.append_child("trkpt");
        point.append_attribute("lat") = text_from_number(latitude[row], 8).c_str();
        point.append_attribute("lon") = text_from_number(longitude[row], 8).c_str();
        if (log.has(Channel::height_m) && std::isfinite(log[Channel::height_m][row]))
            point.append_child("ele").text() = text_from_number(log[Channel::height_m][row], 3).c_str();
        point.append_child("time").text() = utc_text(start_s + time[row]).c_str();
        pugi::xml_node more;
        for (const Extension& extension : extensions_written) {
            if (!log.has(extension.channel)) continue;
            const double value = log[extension.channel][row];
            if (!std::isfinite(value)) continue;
            if (!more) more = point.append_child("extensions");
            more.append_child((std::string("flight:") + extension.name).c_str()).text() =
                text_from_number(value, extension.decimals).c_str();
        }
    }
    std::ostringstream out;
    document.save(out, " ");
    return out.str();
}

} // namespace sobremesa::io
