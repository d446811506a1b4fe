#include "core/flying/air_column.hpp"

#include <algorithm>

#include "core/units/constants.hpp"

namespace sobremesa::flying {

atmosphere::Wind AirColumn::steady(double height_m) const {
    if (weather_.wind_table.size() > 1) return atmosphere::wind_from_table(weather_.wind_table, height_m);
    return atmosphere::wind_at_height(weather_.wind, weather_.wind_height_m.value_or(usual_height_m_), height_m,
                                      weather_.wind_exponent);
}

atmosphere::Wind AirColumn::grown(atmosphere::Wind steady, double time_s) const {
    steady.speed_mps =
        std::max(steady.speed_mps + weather_.wind_growth_mps_per_h * time_s / units::seconds_per_hour, 0.0);
    return steady;
}

atmosphere::Wind AirColumn::worst_of(const atmosphere::Wind& forecast, double course_deg,
                                     double airspeed_mps) const {
    const double factor = weather_.home_wind_factor;
    if (factor == 1.0) return forecast;
    const auto ground_mps = [&](const atmosphere::Wind& wind) {
        const auto solved = heading(course_deg, airspeed_mps, wind);
        return solved ? solved->ground_speed_mps : 0.0;
    };
    const atmosphere::Wind stronger{forecast.speed_mps * factor, forecast.from_deg};
    const atmosphere::Wind weaker{forecast.speed_mps / factor, forecast.from_deg};
    return ground_mps(weaker) < ground_mps(stronger) ? weaker : stronger;
}

double AirColumn::error_share(double height_m) const {
    return atmosphere::wind_at_height({1.0, 0.0}, usual_height_m_, height_m, weather_.wind_exponent).speed_mps;
}

units::Result<atmosphere::Air> AirColumn::air(double height_m) const {
    auto air = atmosphere::air_above_field(weather_.field_elevation_m, height_m, weather_.temperature_c);
    if (!air || (!weather_.pressure_pa && !weather_.relative_humidity)) return air;
    const auto field = atmosphere::air_above_field(weather_.field_elevation_m, 0.0, weather_.temperature_c);
    if (weather_.pressure_pa) air->pressure_pa *= *weather_.pressure_pa / field->pressure_pa;
    air->density_kgm3 = atmosphere::air_density_kgm3(air->pressure_pa, air->temperature_k,
                                                     weather_.relative_humidity.value_or(0.0));
    return air;
}

std::optional<geodesy::Heading> heading(double course_deg, double airspeed_mps, const atmosphere::Wind& wind) {
    const auto solved = geodesy::wind_triangle(course_deg, airspeed_mps, wind.from_deg, wind.speed_mps);
    return solved ? std::optional(*solved) : std::nullopt;
}

} // namespace sobremesa::flying
