#include "app/map/wind_barb.hpp"

#include <cmath>

#include <QPainter>

#include "core/units/constants.hpp"

namespace sobremesa::app {

void paint_wind_barb(QPainter& painter, const QPointF& station, double staff_length, double wind_mps,
                     double from_deg) {
    constexpr double long_feather_knots = 10.0;
    constexpr double pennant_knots = 50.0;
    const double ring = 0.09 * staff_length;
    painter.drawEllipse(station, ring, ring);
    // WMO practice: rounded to the nearest five knots.
    int fives = int(std::lround(wind_mps / units::mps_per_knot / 5.0));
    if (fives == 0) {
        painter.drawEllipse(station, 1.8 * ring, 1.8 * ring);
        return;
    }
    const double a = units::radians(from_deg);
    const QPointF out(std::sin(a), -std::cos(a)); // screen: y grows downwards
    // Left of the wind as it blows along -out: the staff's direction turned clockwise on the screen.
    const QPointF left(-out.y(), out.x());
    const QPointF tip = station + staff_length * out;
    painter.drawLine(station + ring * out, tip);

    const double spacing = 0.16 * staff_length;
    const double feather = 0.42 * staff_length;
    double along = 0.0;
    const auto from_tip = [&](double distance) { return tip - distance * out; };
    const auto pennants = int(fives * 5 / pennant_knots);
    for (int i = 0; i < pennants; ++i) {
        const QPointF triangle[] = {from_tip(along), from_tip(along) + feather * left, from_tip(along + spacing)};
        painter.save();
        painter.setBrush(painter.pen().color());
        painter.drawPolygon(triangle, 3);
        painter.restore();
        along += 1.4 * spacing;
    }
    fives -= pennants * int(pennant_knots / 5.0);
    // A lone short feather stands off the tip, so that it is not taken for a long one.
    if (pennants == 0 && fives == 1) along = spacing;
    for (; fives > 0; fives -= 2) {
        const double length = fives * 5.0 >= long_feather_knots ? feather : 0.5 * feather;
        painter.drawLine(from_tip(along), from_tip(along) + length * (left + 0.35 * out));
        along += spacing;
    }
}

} // namespace sobremesa::app
