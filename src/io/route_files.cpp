#include "io/route_files.hpp"

#include <algorithm>
#include <sstream>

#include <nlohmann/json.hpp>
#include <pugixml.hpp>

#include "io/document_reader.hpp"
#include "io/open_file.hpp"
#include "io/text_file.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using nlohmann::ordered_json;
using units::ErrorCode;

constexpr int route_decimals = 7;
constexpr double home_circle_m = 300.0;
constexpr double same_place_m = 20.0;
/// A route that a pilot drew; anything longer is a track, or hostile.
constexpr std::size_t most_points = 5000;
/// Of all areas of a file together; a plan takes less, and says so.
constexpr std::size_t most_corners = 500000;

class Reader {
public:
    explicit Reader(std::string path) : path_(std::move(path)) {}

    /// @param areas  they are what is wanted; else a way or places
    units::Result<RouteFile> read(bool areas) {
        const auto text = read_text_file(path_);
        if (!text) return tl::unexpected(text.error());
        const auto format = route_format(path_);
        const auto first = text->find_first_not_of(" \t\r\n\xEF\xBB\xBF");
        const bool braces = first != std::string::npos && (*text)[first] == '{';
        const auto done =
            format == RouteFormat::geojson || (!format && braces) ? read_geojson(*text) : read_xml(*text);
        if (!done) return tl::unexpected(done.error());
        if (impossible_) {
            return units::failure(
                ErrorCode::position_impossible, in_file(path_),
                {{"latitude", impossible_->latitude_deg}, {"longitude", impossible_->longitude_deg}});
        }
        if (areas) {
            if (file_.areas.empty()) return units::failure(ErrorCode::no_areas, in_file(path_));
            // Cut short, an area would be another one.
            if (corners_ > most_corners) {
                return units::failure(
                    ErrorCode::value_out_of_range, in_file(path_),
                    {{"value", double(corners_)}, {"least", 3.0}, {"most", double(most_corners)}});
            }
            return file_;
        }
        if (file_.points.empty()) std::swap(file_.points, file_.places);
        if (file_.points.empty() || file_.points.size() > most_points)
            return units::failure(ErrorCode::no_route, in_file(path_));
        return file_;
    }

private:
    void add(std::vector<RoutePoint>& into, RoutePoint point) {
        if (!geodesy::is_possible(point.at)) {
            impossible_ = point.at;
            return;
        }
        if (into.size() <= most_points) into.push_back(std::move(point));
    }

    /// A ring of fewer than three corners encloses nothing; the first one is the outline.
    void add_area(const std::string& name, const std::vector<std::vector<RoutePoint>>& rings) {
        RouteArea area{name, {}};
        for (const auto& ring : rings) {
            std::vector<geodesy::Position> corners;
            for (const auto& corner : ring) {
                if (!geodesy::is_possible(corner.at))
                    impossible_ = corner.at;
                else if (corners_++ < most_corners)
                    corners.push_back(corner.at);
            }
            if (corners.size() > 1 && corners.front() == corners.back()) corners.pop_back();
            constexpr std::size_t least_corners = 3;
            if (corners.size() >= least_corners)
                area.rings.push_back(std::move(corners));
            else if (area.rings.empty())
                return;
        }
        if (!area.rings.empty() && file_.areas.size() < most_points) file_.areas.push_back(std::move(area));
    }

    units::Result<void> read_xml(const std::string& text) {
        pugi::xml_document document;
        const auto parsed = document.load_buffer(text.data(), text.size());
        if (!parsed) {
            units::Where where = in_file(path_);
            where.line =
                1 + std::count(text.begin(),
                               text.begin() + std::min<std::ptrdiff_t>(parsed.offset, std::ptrdiff_t(text.size())),
                               '\n');
            return units::failure(ErrorCode::xml_syntax, where, {{"reason", std::string(parsed.description())}});
        }
        if (const auto gpx = document.child("gpx"))
            read_gpx(gpx);
        else if (const auto kml = document.child("kml"))
            read_kml(kml);
        else {
            return units::failure(
                ErrorCode::format_unknown, in_file(path_),
                {{"found", std::string(document.first_child().name())}, {"wanted", std::string("gpx, kml")}});
        }
        return {};
    }

    static std::optional<double> number(const char* text) { return number_from_text(text); }

    RoutePoint gpx_point(const pugi::xml_node& node) const {
        RoutePoint point;
        point.name = node.child_value("name");
        point.at = {number(node.attribute("lat").value()).value_or(999.0),
                    number(node.attribute("lon").value()).value_or(999.0)};
        point.height_m = number(node.child_value("ele"));
        return point;
    }

    void read_gpx(const pugi::xml_node& gpx) {
        const auto route = gpx.child("rte");
        file_.name = route.child_value("name");
        for (const auto& node : route.children("rtept")) add(file_.points, gpx_point(node));
        for (const auto& node : gpx.children("wpt")) add(file_.places, gpx_point(node));
    }

    /// "lon,lat[,height]" with blanks between.
    std::vector<RoutePoint> kml_coordinates(const char* text) const {
        std::vector<RoutePoint> points;
        std::istringstream words(text);
        for (std::string word; words >> word && points.size() <= most_corners;) {
            std::vector<std::optional<double>> parts;
            std::istringstream figures(word);
            for (std::string figure; std::getline(figures, figure, ',');) parts.push_back(number(figure.c_str()));
            RoutePoint point;
            point.at = {parts.size() > 1 ? parts[1].value_or(999.0) : 999.0,
                        parts.empty() ? 999.0 : parts[0].value_or(999.0)};
            if (parts.size() > 2) point.height_m = parts[2];
            points.push_back(point);
        }
        return points;
    }

    void read_kml_polygon(const std::string& name, const pugi::xml_node& polygon) {
        std::vector<std::vector<RoutePoint>> rings;
        const auto ring = [&](const pugi::xml_node& boundary) {
            rings.push_back(kml_coordinates(boundary.child("LinearRing").child_value("coordinates")));
        };
        ring(polygon.child("outerBoundaryIs"));
        for (const auto& inner : polygon.children("innerBoundaryIs")) ring(inner);
        add_area(name, rings);
    }

    void read_kml(const pugi::xml_node& kml) {
        std::vector<pugi::xml_node> open{kml};
        std::size_t looked = 0;
        constexpr std::size_t most_nodes = 200000;
        for (; !open.empty() && looked < most_nodes; ++looked) {
            const pugi::xml_node node = open.back();
            open.pop_back();
            if (std::string_view(node.name()) == "Placemark") {
                const std::string name = node.child_value("name");
                if (const auto line = node.child("LineString")) {
                    if (file_.points.empty()) file_.name = name;
                    for (auto& point : kml_coordinates(line.child_value("coordinates"))) add(file_.points, point);
                } else if (const auto place = node.child("Point")) {
                    for (auto& point : kml_coordinates(place.child_value("coordinates"))) {
                        point.name = name;
                        add(file_.places, point);
                    }
                }
                for (const auto& polygon : node.children("Polygon")) read_kml_polygon(name, polygon);
                for (const auto& polygon : node.child("MultiGeometry").children("Polygon"))
                    read_kml_polygon(name, polygon);
                continue;
            }
            // Last first, so that the document's order is kept.
            for (auto child = node.last_child(); child; child = child.previous_sibling()) {
                if (child.type() == pugi::node_element) open.push_back(child);
            }
        }
    }

    RoutePoint geojson_point(const nlohmann::json& position) const {
        RoutePoint point;
        const auto part = [&](std::size_t i) {
            return position.is_array() && position.size() > i && position[i].is_number()
                       ? std::optional(position[i].get<double>())
                       : std::nullopt;
        };
        point.at = {part(1).value_or(999.0), part(0).value_or(999.0)};
        point.height_m = part(2);
        return point;
    }

    void read_polygon(const std::string& name, const nlohmann::json& coordinates) {
        if (!coordinates.is_array()) return;
        std::vector<std::vector<RoutePoint>> rings;
        for (const auto& ring : coordinates) {
            auto& corners = rings.emplace_back();
            if (!ring.is_array()) continue;
            for (const auto& position : ring) corners.push_back(geojson_point(position));
        }
        add_area(name, rings);
    }

    void read_feature(const nlohmann::json& feature) {
        if (!feature.is_object()) return;
        static const nlohmann::json nothing = nlohmann::json::object();
        const auto member = [](const nlohmann::json& object, const char* key) -> const nlohmann::json& {
            const auto found = object.find(key);
            return found == object.end() ? nothing : *found;
        };
        const auto word = [&](const nlohmann::json& object, const char* key) {
            const auto& value = member(object, key);
            return value.is_string() ? value.get<std::string>() : std::string();
        };
        const auto& geometry = word(feature, "type") == "Feature" ? member(feature, "geometry") : feature;
        if (!geometry.is_object()) return;
        const auto& properties = member(feature, "properties");
        const std::string name = properties.is_object() ? word(properties, "name") : std::string();
        const auto& coordinates = member(geometry, "coordinates");
        if (word(geometry, "type") == "LineString" && coordinates.is_array()) {
            if (file_.points.empty()) file_.name = name;
            for (const auto& position : coordinates) add(file_.points, geojson_point(position));
        } else if (word(geometry, "type") == "Point") {
            RoutePoint point = geojson_point(coordinates);
            point.name = name;
            add(file_.places, std::move(point));
        } else if (word(geometry, "type") == "Polygon") {
            read_polygon(name, coordinates);
        } else if (word(geometry, "type") == "MultiPolygon" && coordinates.is_array()) {
            for (const auto& polygon : coordinates) read_polygon(name, polygon);
        }
    }

    units::Result<void> read_geojson(const std::string& text) {
        const auto tree = parse_json(text, path_);
        if (!tree) return tl::unexpected(tree.error());
        const auto features = tree->is_object() ? tree->find("features") : tree->end();
        if (tree->is_object() && features != tree->end() && features->is_array()) {
            for (const auto& feature : *features) read_feature(feature);
        } else {
            read_feature(*tree);
        }
        return {};
    }

    std::string path_;
    RouteFile file_;
    std::optional<geodesy::Position> impossible_;
    std::size_t corners_ = 0;
};

/// A plan's way on earth.
RouteFile route_of(const mission::PlanRequest& request, const std::optional<geodesy::EastNorth>& turn,
                   const geodesy::LocalFrame& frame, bool hide_home) {
    const auto& mission = request.mission;
    RouteFile route;
    route.name = request.name;
    std::vector<mission::Waypoint> way = mission.waypoints;
    if (way.empty() && turn) way.push_back({"turn", *turn, {}, 0.0, false});
    if (!hide_home) {
        way.insert(way.begin(), {"home", {}, 0.0, 0.0, false});
        if (mission::comes_home(mission.kind)) way.push_back({"home", {}, 0.0, 0.0, false});
    }
    const auto shown = [&](const geodesy::EastNorth& at) {
        return !hide_home || geodesy::distance_m(at, {}) > home_circle_m;
    };
    for (const auto& point : way) {
        if (!shown(point.at)) continue;
        route.points.push_back({point.name, frame.reverse(point.at), point.height_m.value_or(mission.height_m)});
    }
    for (const auto& place : mission.alternates) {
        if (shown(place.at)) route.places.push_back({place.name, frame.reverse(place.at), place.height_m});
    }
    for (const auto& area : mission.no_landing) {
        // An outline around home, or past its door, would tell where it is.
        const bool tells = std::any_of(area.rings.begin(), area.rings.end(), [&](const auto& ring) {
            return std::any_of(ring.begin(), ring.end(), [&](const auto& corner) { return !shown(corner); });
        });
        if (tells || (hide_home && geodesy::inside(area.rings, {}))) continue;
        auto& written = route.areas.emplace_back();
        written.name = area.name;
        for (const auto& ring : area.rings) {
            auto& corners = written.rings.emplace_back();
            for (const auto& corner : ring) corners.push_back(frame.reverse(corner));
            corners.push_back(corners.front());
        }
    }
    return route;
}

std::string degrees(double value) {
    return text_from_number(value, route_decimals);
}

std::string saved(const pugi::xml_document& document) {
    std::ostringstream out;
    document.save(out, " ");
    return out.str();
}

pugi::xml_node begin_xml(pugi::xml_document& document) {
    auto declaration = document.append_child(pugi::node_declaration);
    declaration.append_attribute("version") = "1.0";
    declaration.append_attribute("encoding") = "UTF-8";
    return document;
}

std::string gpx_text(const RouteFile& route) {
    pugi::xml_document document;
    auto gpx = begin_xml(document).append_child("gpx");
    gpx.append_attribute("version") = "1.1";
    gpx.append_attribute("creator") = "Sobremesa";
    gpx.append_attribute("xmlns") = "http://www.topografix.com/GPX/1/1";
    const auto write = [](pugi::xml_node node, const RoutePoint& point) {
        node.append_attribute("lat") = degrees(point.at.latitude_deg).c_str();
        node.append_attribute("lon") = degrees(point.at.longitude_deg).c_str();
        if (point.height_m) node.append_child("ele").text() = text_from_number(*point.height_m, 1).c_str();
        if (!point.name.empty()) node.append_child("name").text() = point.name.c_str();
    };
    for (const auto& place : route.places) write(gpx.append_child("wpt"), place);
    auto way = gpx.append_child("rte");
    if (!route.name.empty()) way.append_child("name").text() = route.name.c_str();
    for (const auto& point : route.points) write(way.append_child("rtept"), point);
    return saved(document);
}

std::string kml_text(const RouteFile& route) {
    pugi::xml_document document;
    auto kml = begin_xml(document).append_child("kml");
    kml.append_attribute("xmlns") = "http://www.opengis.net/kml/2.2";
    auto folder = kml.append_child("Document");
    const auto written = [](const RoutePoint& point) {
        return degrees(point.at.longitude_deg) + "," + degrees(point.at.latitude_deg) + "," +
               text_from_number(point.height_m.value_or(0.0), 1);
    };
    auto way = folder.append_child("Placemark");
    way.append_child("name").text() = route.name.c_str();
    auto line = way.append_child("LineString");
    line.append_child("altitudeMode").text() = "relativeToGround";
    std::string coordinates;
    for (const auto& point : route.points) coordinates += written(point) + "\n";
    line.append_child("coordinates").text() = coordinates.c_str();
    const auto pin = [&](const RoutePoint& point) {
        auto place = folder.append_child("Placemark");
        place.append_child("name").text() = point.name.c_str();
        place.append_child("Point").append_child("coordinates").text() = written(point).c_str();
    };
    for (const auto& place : route.places) pin(place);
    for (const auto& area : route.areas) {
        auto place = folder.append_child("Placemark");
        place.append_child("name").text() = area.name.c_str();
        auto polygon = place.append_child("Polygon");
        for (std::size_t i = 0; i < area.rings.size(); ++i) {
            std::string ring;
            for (const auto& at : area.rings[i]) ring += written({{}, at, 0.0}) + "\n";
            polygon.append_child(i == 0 ? "outerBoundaryIs" : "innerBoundaryIs")
                .append_child("LinearRing")
                .append_child("coordinates")
                .text() = ring.c_str();
        }
    }
    return saved(document);
}

std::string geojson_text(const RouteFile& route) {
    const auto position = [](const RoutePoint& point) {
        ordered_json list = {point.at.longitude_deg, point.at.latitude_deg};
        if (point.height_m) list.push_back(*point.height_m);
        return list;
    };
    ordered_json line = ordered_json::array();
    ordered_json names = ordered_json::array();
    for (const auto& point : route.points) {
        line.push_back(position(point));
        names.push_back(point.name);
    }
    ordered_json features = ordered_json::array();
    features.push_back({{"type", "Feature"},
                        {"properties", {{"name", route.name}, {"names", names}}},
                        {"geometry", {{"type", "LineString"}, {"coordinates", line}}}});
    for (const auto& place : route.places) {
        features.push_back({{"type", "Feature"},
                            {"properties", {{"name", place.name}}},
                            {"geometry", {{"type", "Point"}, {"coordinates", position(place)}}}});
    }
    for (const auto& area : route.areas) {
        ordered_json rings = ordered_json::array();
        for (const auto& ring : area.rings) {
            ordered_json corners = ordered_json::array();
            for (const auto& at : ring) corners.push_back({at.longitude_deg, at.latitude_deg});
            rings.push_back(std::move(corners));
        }
        features.push_back({{"type", "Feature"},
                            {"properties", {{"name", area.name}}},
                            {"geometry", {{"type", "Polygon"}, {"coordinates", rings}}}});
    }
    return ordered_json{{"type", "FeatureCollection"}, {"features", features}}.dump(1) + "\n";
}

} // namespace

std::optional<RouteFormat> route_format(const std::string& path) {
    const auto ends = [&](std::string_view ending) {
        if (path.size() < ending.size()) return false;
        return std::equal(ending.begin(), ending.end(), path.end() - std::ptrdiff_t(ending.size()),
                          [](char a, char b) { return a == std::tolower(static_cast<unsigned char>(b)); });
    };
    if (ends(".gpx")) return RouteFormat::gpx;
    if (ends(".geojson") || ends(".json")) return RouteFormat::geojson;
    if (ends(".kml")) return RouteFormat::kml;
    return std::nullopt;
}

units::Result<RouteFile> read_route(const std::string& path) {
    return Reader(path).read(false);
}

units::Result<std::vector<RouteArea>> read_areas(const std::string& path) {
    auto file = Reader(path).read(true);
    if (!file) return tl::unexpected(file.error());
    return std::move(file->areas);
}

units::Result<void> take_areas(mission::PlanRequest& request, const std::vector<RouteArea>& areas) {
    auto& mission = request.mission;
    if (!mission.home) {
        units::Where where;
        where.field = "mission.home";
        return units::failure(ErrorCode::value_missing, where);
    }
    const auto frame = geodesy::LocalFrame::around(*mission.home);
    if (!frame) return tl::unexpected(frame.error());
    // Imported again, an area is replaced, not doubled; parts of one file may share a name.
    const auto is_there = [&](const mission::NoLandingArea& there) {
        return std::any_of(areas.begin(), areas.end(),
                           [&](const RouteArea& area) { return !area.name.empty() && area.name == there.name; });
    };
    std::erase_if(mission.no_landing, is_there);
    for (const RouteArea& area : areas) {
        auto& taken = mission.no_landing.emplace_back();
        taken.name = area.name;
        for (const auto& ring : area.rings) {
            auto& corners = taken.rings.emplace_back();
            for (const auto& at : ring) corners.push_back(frame->forward(at));
        }
    }
    return {};
}

units::Result<void> take_route(mission::PlanRequest& request, const RouteFile& route) {
    auto& mission = request.mission;
    if (route.points.empty()) return units::failure(ErrorCode::no_route);
    if (!mission.home) mission.home = route.points.front().at;
    const auto frame = geodesy::LocalFrame::around(*mission.home);
    if (!frame) return tl::unexpected(frame.error());
    mission.waypoints.clear();
    for (const auto& point : route.points)
        mission.waypoints.push_back({point.name, frame->forward(point.at), {}, 0.0, false});
    const auto at_home = [](const mission::Waypoint& w) { return geodesy::distance_m(w.at, {}) < same_place_m; };
    auto& way = mission.waypoints;
    const bool comes_back = way.size() > 1 && at_home(way.back());
    if (comes_back) way.pop_back();
    if (!way.empty() && at_home(way.front())) way.erase(way.begin());
    if (way.empty()) return units::failure(ErrorCode::no_route);
    for (const auto& place : route.places)
        mission.alternates.push_back({place.name, frame->forward(place.at), 0.0});
    mission.kind = mission::MissionKind::route;
    return {};
}

units::Result<std::string> route_text(const mission::PlanRequest& request,
                                      const std::optional<geodesy::EastNorth>& turn, RouteFormat format,
                                      bool hide_home) {
    if (!request.mission.home) {
        units::Where where;
        where.field = "mission.home";
        return units::failure(ErrorCode::value_missing, where);
    }
    const auto frame = geodesy::LocalFrame::around(*request.mission.home);
    if (!frame) return tl::unexpected(frame.error());
    const RouteFile route = route_of(request, turn, *frame, hide_home);
    if (route.points.empty()) return units::failure(ErrorCode::no_route);
    switch (format) {
    case RouteFormat::gpx: return gpx_text(route);
    case RouteFormat::kml: return kml_text(route);
    case RouteFormat::geojson: break;
    }
    return geojson_text(route);
}

} // namespace sobremesa::io
