#include "core/book/kept.hpp"

namespace sobremesa::book {

void take_found_wind(KeptFlight& flight, const atmosphere::Wind& found) {
    auto& weather = flight.flown.weather;
    if (!flight.forecast_wind) {
        flight.forecast_wind =
            KeptWind{weather.wind, weather.wind_height_m, weather.wind_table, weather.wind_growth_mps_per_h};
    }
    weather.wind = found;
    // Found where it was flown, whatever height the forecast was for, and over the whole flight.
    weather.wind_height_m.reset();
    weather.wind_table.clear();
    weather.wind_growth_mps_per_h = 0.0;
}

void take_forecast_wind(KeptFlight& flight) {
    if (!flight.forecast_wind) return;
    flight.flown.weather = forecast_weather(flight);
    flight.forecast_wind.reset();
}

mission::Weather forecast_weather(const KeptFlight& flight) {
    mission::Weather weather = flight.flown.weather;
    if (!flight.forecast_wind) return weather;
    weather.wind = flight.forecast_wind->wind;
    weather.wind_height_m = flight.forecast_wind->height_m;
    weather.wind_table = flight.forecast_wind->table;
    weather.wind_growth_mps_per_h = flight.forecast_wind->growth_mps_per_h;
    return weather;
}

} // namespace sobremesa::book
