#include "io/track_writers.hpp"

#include <cmath>
#include <sstream>

#include <nlohmann/json.hpp>
#include <pugixml.hpp>

#include "io/gpx_log.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;

constexpr int track_decimals = 8;
constexpr int metres_decimals = 2;

bool has_fix(const FlightLog& log, std::size_t row) {
    const auto& latitude = log[Channel::latitude_deg];
    const auto& longitude = log[Channel::longitude_deg];
    return !latitude.empty() && std::isfinite(latitude[row]) && std::isfinite(longitude[row]) &&
           (latitude[row] != 0.0 || longitude[row] != 0.0);
}

double rounded(double value, int decimals) {
    const double factor = std::pow(10.0, decimals);
    return std::round(value * factor) / factor;
}

std::string plain_name(const FlightLog& log) {
    return log.name.substr(log.name.find_last_of('/') + 1);
}

} // namespace

std::string geojson_from_log(const FlightLog& log) {
    using nlohmann::ordered_json;
    ordered_json line = ordered_json::array();
    ordered_json properties = {{"name", plain_name(log)}};
    const auto& height = log[Channel::height_m];
    for (std::size_t row = 0; row < log.rows(); ++row) {
        if (!has_fix(log, row)) continue;
        ordered_json point = {rounded(log[Channel::longitude_deg][row], track_decimals),
                              rounded(log[Channel::latitude_deg][row], track_decimals)};
        if (!height.empty() && std::isfinite(height[row])) point.push_back(rounded(height[row], metres_decimals));
        line.push_back(std::move(point));
    }
    if (log.start_clock_s) properties["start_utc"] = utc_text(*log.start_clock_s);
    for (const Channel channel :
         {Channel::time_s, Channel::ground_speed_mps, Channel::voltage_v, Channel::current_a, Channel::charge_ah}) {
        if (!log.has(channel)) continue;
        ordered_json values = ordered_json::array();
        for (std::size_t row = 0; row < log.rows(); ++row) {
            if (!has_fix(log, row)) continue;
            const double value = log[channel][row];
            values.push_back(std::isfinite(value) ? ordered_json(rounded(value, 4)) : ordered_json(nullptr));
        }
        properties[telemetry::channel_word(channel)] = std::move(values);
    }
    const ordered_json document = {
        {"type", "FeatureCollection"},
        {"features", ordered_json::array({{{"type", "Feature"},
                                           {"properties", properties},
                                           {"geometry", {{"type", "LineString"}, {"coordinates", line}}}}})}};
    return document.dump() + "\n";
}

std::string kml_from_log(const FlightLog& log) {
    pugi::xml_document document;
    auto declaration = document.append_child(pugi::node_declaration);
    declaration.append_attribute("version") = "1.0";
    declaration.append_attribute("encoding") = "UTF-8";
    auto kml = document.append_child("kml");
    kml.append_attribute("xmlns") = "http://www.opengis.net/kml/2.2";
    auto place = kml.append_child("Document").append_child("Placemark");
    place.append_child("name").text() = plain_name(log).c_str();
    auto line = place.append_child("LineString");
    line.append_child("altitudeMode").text() = "relativeToGround";
    const auto& height = log[Channel::height_m];
    std::string coordinates;
    for (std::size_t row = 0; row < log.rows(); ++row) {
        if (!has_fix(log, row)) continue;
        coordinates += text_from_number(log[Channel::longitude_deg][row], track_decimals) + "," +
                       text_from_number(log[Channel::latitude_deg][row], track_decimals);
        if (!height.empty() && std::isfinite(height[row])) coordinates += "," + text_from_number(height[row], 2);
        coordinates += "\n";
    }
    line.append_child("coordinates").text() = coordinates.c_str();
    std::ostringstream out;
    document.save(out, " ");
    return out.str();
}

} // namespace sobremesa::io
