#pragma once

#include <QPointF>

class QPainter;

namespace sobremesa::app {

/// A wind barb as the World Meteorological Organization draws it: the staff points to where the wind comes from, a
/// long feather is 10 knots, a short one 5, a pennant 50, on the left as seen by the wind (northern hemisphere);
/// under 2.5 knots only the ring of calm.
void paint_wind_barb(QPainter& painter, const QPointF& station, double staff_length, double wind_mps,
                     double from_deg);

} // namespace sobremesa::app
