#pragma once

#include <vector>

#include "core/geodesy/geodesic.hpp"

namespace sobremesa::geodesy {

/// Closed lines on flat ground, metres from home: what lies within an odd number of them is inside. So an island in
/// a lake is the lake's second ring. The last corner joins the first, whether or not it is written twice.
using Rings = std::vector<std::vector<EastNorth>>;

/// Whether a place is inside. On the line itself either may be said.
bool inside(const Rings& rings, const EastNorth& at);

/// Where a straight way crosses the rings: shares of its length, 0 … 1, in order.
std::vector<double> crossings(const Rings& rings, const EastNorth& from, const EastNorth& to);

} // namespace sobremesa::geodesy
