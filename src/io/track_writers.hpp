#pragma once

#include <string>

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::io {

/// The track as GeoJSON (RFC 7946): one line of [longitude, latitude, height], its times and readings as arrays of
/// the same length in the properties.
std::string geojson_from_log(const telemetry::FlightLog& log);

/// The track as KML 2.2 (OGC 07-147r2): one line at its height above ground.
std::string kml_from_log(const telemetry::FlightLog& log);

} // namespace sobremesa::io
