#pragma once

#include <optional>
#include <string_view>

#include "core/geodesy/geodesic.hpp"
#include "core/geodesy/utm.hpp"

namespace sobremesa::io {

/// "32T", "32 N": a zone of the Universal Transverse Mercator grid with its hemisphere, or with its band of
/// latitude.
/// @param northing_m  tells whether "S" is the south or the band of 32 to 40 degrees north
std::optional<geodesy::UtmZone> utm_zone_from_text(std::string_view text, double northing_m);

/// A place in a form that is more than two numbers:
/// - a reference of the UTM grid, "32U 461344 5481745", or of the military one, "32UMV6134481745" to 100 m or
/// better;
/// - a geo URI (RFC 5870), "geo:47.1234,11.5,610";
/// - well-known text (OGC, ISO 19125), "POINT(11.5 47.1234)", and a point of GeoJSON (RFC 7946): x before y;
/// - names beside the numbers: "lat=47.1234 lon=11.5", "{'lat': 47.1234, 'lng': 11.5}".
/// @return nothing where it is none of these, in any case of letters
std::optional<geodesy::Position> written_position(std::string_view text);

} // namespace sobremesa::io
