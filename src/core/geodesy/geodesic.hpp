#pragma once

#include <memory>
#include <vector>

#include "core/units/error.hpp"

namespace sobremesa::geodesy {

/// A place on the WGS 84 ellipsoid, degrees; north and east positive.
struct Position {
    double latitude_deg = 0.0;
    double longitude_deg = 0.0;
    friend bool operator==(const Position&, const Position&) = default;
};

bool is_possible(const Position& position);

struct Line {
    double distance_m = 0.0;
    /// Direction at the start, degrees from true north, [0, 360).
    double azimuth_deg = 0.0;
};

/// Shortest way between two places on the ellipsoid.
///
/// GeographicLib (Karney 2013), accurate to about 15 nm.
/// @error `position_impossible` for a latitude beyond ±90°, a longitude beyond ±180°, or a value that is no number
units::Result<Line> geodesic(const Position& from, const Position& to);

/// Where one comes to after a distance in a direction.
/// @error `position_impossible` as above
units::Result<Position> destination(const Position& from, double azimuth_deg, double distance_m);

struct EastNorth {
    double east_m = 0.0;
    double north_m = 0.0;
    friend bool operator==(const EastNorth&, const EastNorth&) = default;
};

/// A flat frame around a place, for tracks of some tens of kilometres.
///
/// East and north of the tangent plane (GeographicLib::LocalCartesian). A step 50 km away is shown 0.003 % short.
class LocalFrame {
public:
    /// @error `position_impossible`
    static units::Result<LocalFrame> around(const Position& origin);

    EastNorth forward(const Position& position) const;
    Position reverse(const EastNorth& point) const;
    const Position& origin() const { return origin_; }

private:
    struct Plane;
    explicit LocalFrame(const Position& origin);
    Position origin_;
    std::shared_ptr<const Plane> plane_;
};

} // namespace sobremesa::geodesy
