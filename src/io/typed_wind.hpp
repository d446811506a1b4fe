#pragma once

#include <optional>
#include <string_view>

#include "io/typed_number.hpp"

namespace sobremesa::io {

/// A wind written as a whole.
struct TypedWind {
    double from_deg = 0.0;
    /// Without a unit it is in that of its field.
    TypedNumber speed;
    /// In the unit of the speed; empty: not said.
    std::optional<double> gust;
    /// As airfields report it: of ten metres above the ground (ICAO Annex 3; from memory).
    bool of_airfield = false;
};

/// Height of the winds that airfields report, m.
inline constexpr double airfield_wind_height_m = 10.0;

/// "12 kn NW", "SW 4 Bft", "22 km/h from 250°", "270/12", "W@15", "8 kt gusting 14 from the south west", "SW 8G14
/// kt", "calm", and the group of an airfield's report, "27012G18KT", alone or in the whole of it.
/// @return nothing where a text does not hold both, as of a wind that varies, or where its gusts are
/// less than the wind
std::optional<TypedWind> typed_wind(std::string_view text);

} // namespace sobremesa::io
