#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/geodesy/geodesic.hpp"
#include "core/mission/plan_request.hpp"

namespace sobremesa::io {

/// A place of a route file, on earth.
struct RoutePoint {
    std::string name;
    geodesy::Position at;
    /// As the file has it, m; files do not say above what.
    std::optional<double> height_m;
};

/// A polygon of a route file: its outline, then what is cut out of it.
struct RouteArea {
    std::string name;
    std::vector<std::vector<geodesy::Position>> rings;
};

struct RouteFile {
    std::string name;
    std::vector<RoutePoint> points;
    /// Places beside the way: GPX waypoints beside a route, GeoJSON and KML points beside a line.
    std::vector<RoutePoint> places;
    /// Polygons of GeoJSON and KML.
    std::vector<RouteArea> areas;
};

/// A route out of GPX 1.1 (`rte`, else `wpt`), GeoJSON (RFC 7946: a LineString, else Points) or KML 2.2 (a
/// LineString, else Points); which, by the name's ending, else by what stands in it.
/// @error `file_not_found`, `file_too_large`, `xml_syntax`, `json_syntax`, `format_unknown`, `no_route`,
///        `position_impossible`
units::Result<RouteFile> read_route(const std::string& path);

/// The points put into a request as its waypoints: metres from home, which becomes the file's first point where the
/// plan knows none. A first or last point at home itself is left out: the plan begins and ends there.
/// @error `position_impossible`
units::Result<void> take_route(mission::PlanRequest& request, const RouteFile& route);

/// The polygons of GeoJSON (RFC 7946: Polygon, MultiPolygon) or KML 2.2 (Polygon).
/// @error as `read_route`; `no_areas` where there is none
units::Result<std::vector<RouteArea>> read_areas(const std::string& path);

/// Added to the plan's no-landing areas; one of the same name takes the place of the one that is there.
/// @error `value_missing` where the plan does not know where home is
units::Result<void> take_areas(mission::PlanRequest& request, const std::vector<RouteArea>& areas);

enum class RouteFormat { gpx, geojson, kml };
std::optional<RouteFormat> route_format(const std::string& path);

/// A plan's way as a route: home, its waypoints (an out-and-back: its turn), home; alternates beside it, and
/// no-landing areas where the format has polygons.
/// @param turn  where it turns, for a plan that has no waypoints
/// @param hide_home  leaves home and the first and last 300 m out
/// @error `value_missing` where the plan does not know where home is
units::Result<std::string> route_text(const mission::PlanRequest& request,
                                      const std::optional<geodesy::EastNorth>& turn, RouteFormat format,
                                      bool hide_home = false);

} // namespace sobremesa::io
