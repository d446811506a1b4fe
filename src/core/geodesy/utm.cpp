#include "core/geodesy/utm.hpp"

#include <exception>

#include <GeographicLib/UTMUPS.hpp>

namespace sobremesa::geodesy {

units::Result<Position> from_utm(const UtmZone& zone, const EastNorth& grid) {
    try {
        Position place;
        GeographicLib::UTMUPS::Reverse(zone.number, zone.northern, grid.east_m, grid.north_m, place.latitude_deg,
                                       place.longitude_deg);
        if (is_possible(place)) return place;
    } catch (const std::exception&) { // how the library says that there is no such place
    }
    return units::failure(units::ErrorCode::position_impossible, {},
                          {{"latitude", grid.north_m}, {"longitude", grid.east_m}});
}

} // namespace sobremesa::geodesy
