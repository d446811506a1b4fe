#include "core/flying/air_column.hpp"

#include <algorithm>
#include <cmath>

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

namespace {

/// Where the two winds' velocities add up.
atmosphere::Wind sum_of(const atmosphere::Wind& a, const atmosphere::Wind& b) {
    const double from_a = units::radians(a.from_deg);
    const double from_b = units::radians(b.from_deg);
    const double east = a.speed_mps * std::sin(from_a) + b.speed_mps * std::sin(from_b);
    const double north = a.speed_mps * std::cos(from_a) + b.speed_mps * std::cos(from_b);
    return {std::hypot(east, north), units::wrap_degrees(units::degrees(std::atan2(east, north)))};
}

} // namespace

double AirColumn::error_mps(double height_m) const {
    constexpr double one_in_twenty = 1.65; // of a normal distribution
    return weather_.wind_sd_mps > 0.0 ? one_in_twenty * weather_.wind_sd_mps * error_share(height_m) : 0.0;
}

double AirColumn::gust_mps(double height_m, double time_s) const {
    constexpr double share = 1.0 / 3.0;
    constexpr double least_mps = 1.5;
    return weather_.gust_mps.value_or(std::max(share * at(height_m, time_s).speed_mps, least_mps));
}

atmosphere::Wind AirColumn::worst_of(const atmosphere::Wind& forecast, double error_mps, double course_deg,
                                     double airspeed_mps) const {
    const double factor = weather_.home_wind_factor;
    if (factor == 1.0) return forecast;
    const auto ground_mps = [&](const atmosphere::Wind& wind) {
        const auto solved = heading(course_deg, airspeed_mps, wind);
        return solved ? solved->ground_speed_mps : 0.0;
    };
    const atmosphere::Wind stronger{forecast.speed_mps * factor, forecast.from_deg};
    const atmosphere::Wind weaker{forecast.speed_mps / factor, forecast.from_deg};
    atmosphere::Wind worst = ground_mps(weaker) < ground_mps(stronger) ? weaker : stronger;
    if (!(error_mps > 0.0)) return worst;
    const atmosphere::Wind off = sum_of(forecast, {error_mps, course_deg});
    return ground_mps(off) < ground_mps(worst) ? off : worst;
}

WindOnCourse AirColumn::on_course(const atmosphere::Wind& steady, double error_mps, double course_deg) const {
    const double angle = units::radians(steady.from_deg - course_deg);
    return {steady.speed_mps, error_mps, std::sin(angle), std::cos(angle)};
}

std::optional<double> AirColumn::worst_ground_mps(const WindOnCourse& wind, double airspeed_mps,
                                                  double time_s) const {
    const double speed_mps =
        std::max(wind.steady_mps + weather_.wind_growth_mps_per_h * time_s / units::seconds_per_hour, 0.0);
    const auto ground = [&](double factor, double more_mps) {
        const double across = factor * speed_mps * wind.sine;
        const double against = factor * speed_mps * wind.cosine + more_mps;
        const double squared = airspeed_mps * airspeed_mps - across * across;
        return squared > 0.0 ? std::sqrt(squared) - against : 0.0;
    };
    const double factor = weather_.home_wind_factor;
    double least_mps = ground(1.0, 0.0);
    if (factor != 1.0)
        least_mps = std::min({ground(factor, 0.0), ground(1.0 / factor, 0.0), ground(1.0, wind.error_mps)});
    return least_mps >= geodesy::least_ground_speed_mps ? std::optional(least_mps) : std::nullopt;
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
