#include "core/geodesy/utm.hpp"

#include <exception>

#include <GeographicLib/MGRS.hpp>
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

std::optional<Position> from_military_grid(const std::string& reference) {
    try {
        int zone = 0;
        bool northern = true;
        double east_m = 0.0;
        double north_m = 0.0;
        int digits = 0;
        GeographicLib::MGRS::Reverse(reference, zone, northern, east_m, north_m, digits);
        constexpr int hundred_metres = 3;
        if (digits < hundred_metres) return std::nullopt;
        const auto place = from_utm({zone, northern}, {east_m, north_m});
        if (place) return *place;
    } catch (const std::exception&) { // how the library says that it is none
    }
    return std::nullopt;
}

} // namespace sobremesa::geodesy
