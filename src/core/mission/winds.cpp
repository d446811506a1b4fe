#include "core/mission/winds.hpp"

#include <algorithm>
#include <cmath>

#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/roots.hpp>

#include "core/airframe/speeds_to_fly.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

/// No speed to fly below this times the stall (common practice).
constexpr double above_stall = 1.2;
/// Half of the digits of a double is all that a minimum has.
constexpr int minimum_bits = 16;

} // namespace

atmosphere::Wind Winds::steady(double height_m) const {
    const Weather& weather = request_.weather;
    if (weather.wind_table.size() > 1) return atmosphere::wind_from_table(weather.wind_table, height_m);
    const double reference_m = weather.wind_height_m.value_or(request_.mission.height_m);
    return atmosphere::wind_at_height(weather.wind, reference_m, height_m, weather.wind_exponent);
}

atmosphere::Wind Winds::at(double height_m, double time_s) const {
    const Weather& weather = request_.weather;
    atmosphere::Wind wind = steady(height_m);
    const double grown_mps = weather.wind_growth_mps_per_h * time_s / units::seconds_per_hour;
    wind.speed_mps = std::max(wind.speed_mps + grown_mps, 0.0);
    return wind;
}

atmosphere::Wind Winds::worst_home(double course_deg, double airspeed_mps, double height_m, double time_s) const {
    const atmosphere::Wind forecast = at(height_m, time_s);
    const double factor = request_.weather.home_wind_factor;
    if (factor == 1.0) return forecast;
    const auto ground_mps = [&](const atmosphere::Wind& wind) {
        const auto solved = heading(course_deg, airspeed_mps, wind);
        return solved ? solved->ground_speed_mps : 0.0;
    };
    const atmosphere::Wind stronger{forecast.speed_mps * factor, forecast.from_deg};
    const atmosphere::Wind weaker{forecast.speed_mps / factor, forecast.from_deg};
    return ground_mps(weaker) < ground_mps(stronger) ? weaker : stronger;
}

units::Result<atmosphere::Air> air_at(const PlanRequest& request, double height_m) {
    const Weather& weather = request.weather;
    auto air = atmosphere::air_above_field(weather.field_elevation_m, height_m, weather.temperature_c);
    if (!air || (!weather.pressure_pa && !weather.relative_humidity)) return air;
    const auto field = atmosphere::air_above_field(weather.field_elevation_m, 0.0, weather.temperature_c);
    if (weather.pressure_pa) air->pressure_pa *= *weather.pressure_pa / field->pressure_pa;
    air->density_kgm3 =
        atmosphere::air_density_kgm3(air->pressure_pa, air->temperature_k, weather.relative_humidity.value_or(0.0));
    return air;
}

std::optional<geodesy::Heading> heading(double course_deg, double airspeed_mps, const atmosphere::Wind& wind) {
    const auto solved = geodesy::wind_triangle(course_deg, airspeed_mps, wind.from_deg, wind.speed_mps);
    return solved ? std::optional(*solved) : std::nullopt;
}

AirspeedRange airspeed_range(const PlanRequest& request, double density_kgm3) {
    const auto& aircraft = request.aircraft;
    const double mass_kg = all_up_mass_kg(request);
    AirspeedRange range{0.6 * aircraft.cruise_airspeed_mps, 1.6 * aircraft.cruise_airspeed_mps};
    if (aircraft.curve) {
        range.least_mps = std::min(0.8 * aircraft.curve->least_flown_mps, aircraft.cruise_airspeed_mps);
        range.most_mps = 1.4 * std::max(aircraft.curve->most_flown_mps, aircraft.cruise_airspeed_mps);
    }
    if (const auto stall = airframe::stall_speed_mps(aircraft, mass_kg, density_kgm3))
        range.least_mps = std::max(range.least_mps, above_stall * *stall);
    range.most_mps = std::max(range.most_mps, range.least_mps);
    return range;
}

std::optional<double> leg_airspeed(const PlanRequest& request, SpeedRule rule, double course_deg,
                                   const atmosphere::Wind& wind, double density_kgm3) {
    const auto& aircraft = request.aircraft;
    if (rule == SpeedRule::known_cruise) return aircraft.cruise_airspeed_mps;
    if (rule == SpeedRule::fixed) return request.mission.airspeed_mps.value_or(aircraft.cruise_airspeed_mps);
    const double mass_kg = all_up_mass_kg(request);
    const AirspeedRange range = airspeed_range(request, density_kgm3);
    const auto power = [&](double airspeed_mps) {
        const auto level = airframe::power_w(aircraft, mass_kg, {airspeed_mps, mass_kg, density_kgm3, 0.0});
        return level ? level->value : HUGE_VAL;
    };
    if (rule == SpeedRule::best_range) {
        const auto energy_per_metre = [&](double airspeed_mps) {
            const auto flown = heading(course_deg, airspeed_mps, wind);
            // No way made: the more the slower, so that the search leaves this end.
            return flown ? power(airspeed_mps) / flown->ground_speed_mps : 1e9 * (1.0 + 1.0 / airspeed_mps);
        };
        const auto best =
            boost::math::tools::brent_find_minima(energy_per_metre, range.least_mps, range.most_mps, minimum_bits);
        return heading(course_deg, best.first, wind) ? std::optional(best.first) : std::nullopt;
    }
    if (!aircraft.full_power_w) return std::nullopt;
    const double most_w = request.mission.most_power_share * *aircraft.full_power_w;
    const auto over = [&](double airspeed_mps) { return power(airspeed_mps) - most_w; };
    if (over(range.most_mps) <= 0.0) return range.most_mps;
    // The power rises from its least on: look on that side.
    const double slow_mps =
        boost::math::tools::brent_find_minima(power, range.least_mps, range.most_mps, minimum_bits).first;
    if (over(slow_mps) > 0.0) return std::nullopt;
    boost::uintmax_t rounds = 60;
    const auto found = boost::math::tools::toms748_solve(over, slow_mps, range.most_mps,
                                                         boost::math::tools::eps_tolerance<double>(30), rounds);
    return 0.5 * (found.first + found.second);
}

} // namespace sobremesa::mission
