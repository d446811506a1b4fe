#include "core/geodesy/geodesic.hpp"

#include <cmath>

#include <GeographicLib/Geodesic.hpp>
#include <GeographicLib/LocalCartesian.hpp>

#include "core/units/constants.hpp"

namespace sobremesa::geodesy {

namespace {

tl::unexpected<units::Error> impossible(const Position& position) {
    return units::failure(units::ErrorCode::position_impossible, {},
                          {{"latitude", position.latitude_deg}, {"longitude", position.longitude_deg}});
}

} // namespace

bool is_possible(const Position& position) {
    return std::abs(position.latitude_deg) <= 90.0 && std::abs(position.longitude_deg) <= 180.0;
}

units::Result<Line> geodesic(const Position& from, const Position& to) {
    if (!is_possible(from)) return impossible(from);
    if (!is_possible(to)) return impossible(to);
    Line line;
    double azimuth_start = 0.0;
    double azimuth_end = 0.0;
    GeographicLib::Geodesic::WGS84().Inverse(from.latitude_deg, from.longitude_deg, to.latitude_deg,
                                             to.longitude_deg, line.distance_m, azimuth_start, azimuth_end);
    line.azimuth_deg = units::wrap_degrees(azimuth_start);
    return line;
}

units::Result<Position> destination(const Position& from, double azimuth_deg, double distance_m) {
    if (!is_possible(from)) return impossible(from);
    Position to;
    GeographicLib::Geodesic::WGS84().Direct(from.latitude_deg, from.longitude_deg, azimuth_deg, distance_m,
                                            to.latitude_deg, to.longitude_deg);
    return to;
}

struct LocalFrame::Plane {
    GeographicLib::LocalCartesian cartesian;
};

LocalFrame::LocalFrame(const Position& origin)
    : origin_(origin), plane_(std::make_shared<const Plane>(
                           Plane{GeographicLib::LocalCartesian(origin.latitude_deg, origin.longitude_deg, 0.0)})) {}

units::Result<LocalFrame> LocalFrame::around(const Position& origin) {
    if (!is_possible(origin)) return impossible(origin);
    return LocalFrame(origin);
}

EastNorth LocalFrame::forward(const Position& position) const {
    EastNorth point;
    double up = 0.0;
    plane_->cartesian.Forward(position.latitude_deg, position.longitude_deg, 0.0, point.east_m, point.north_m, up);
    return point;
}

Position LocalFrame::reverse(const EastNorth& point) const {
    // On the ellipsoid itself the ground falls away from the tangent plane; the drop is recovered by one
    // correction, which at 50 km leaves less than a millimetre.
    Position position;
    double height = 0.0;
    double up = 0.0;
    for (int pass = 0; pass < 3; ++pass) {
        plane_->cartesian.Reverse(point.east_m, point.north_m, up, position.latitude_deg, position.longitude_deg,
                                  height);
        up -= height;
    }
    return position;
}

} // namespace sobremesa::geodesy
