#pragma once

#include <QString>

namespace sobremesa::app {

/// The shortest distance, m, that is at least as long and 1, 2 or 5 times a power of ten in what the pilot thinks
/// in.
/// @param least_m  above 0
double round_distance_m(double least_m);

/// A multiple of a round distance, without figures behind the point that say nothing: "5 km", "500 m", "0.5 mi".
QString round_distance_text(double metres);

} // namespace sobremesa::app
