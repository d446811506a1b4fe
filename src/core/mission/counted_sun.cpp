#include "core/mission/counted_sun.hpp"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/sun/harvest.hpp"
#include "core/sun/sky.hpp"
#include "core/sun/solar_position.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::mission {

double counted_sun_w(const PlanRequest& request) {
    if (request.mission.kind != MissionKind::on_sun || !request.sun || !request.sun->counted ||
        !request.sun->start_utc_s || !request.aircraft.array || !request.mission.home)
        return 0.0;
    constexpr double step_s = 300.0;
    constexpr double longest_s = sun::seconds_per_day;
    // More than nearly all of the power is never counted: a plan on nothing would never end.
    constexpr double most_share = 0.95;
    const double start_s = *request.sun->start_utc_s;
    const auto sky = sun::SolarDay::over(*request.mission.home, start_s, longest_s);
    if (!sky) return 0.0;
    const auto& pack = request.pack;
    const double mean_v = battery::mean_open_circuit_cell_v(pack.chemistry) * pack.series;
    const sun::PackVolts volts{landing_cell_v(request) * pack.series, mean_v,
                               battery::traits(pack.chemistry).full_cell_v * pack.series};
    const sun::SolarArray& array = *request.aircraft.array;
    const sun::Converter converter = request.aircraft.converter.value_or(sun::Converter{});
    if (sun::misfit(array, converter, volts, sun::coldest_cells_c(request.weather.temperature_c))) return 0.0;
    const sun::ArrayCurve curve(array);
    const double airspeed_mps = request.aircraft.cruise_airspeed_mps;
    const double level_w = request.aircraft.cruise_power_w;
    // The rated energy is more than can be used: the flight is taken to be longer, and the least to be less.
    const double pack_wh = battery::rated_energy_wh(pack) * battery::capacity_share(pack);
    double least_w = most_share * level_w;
    for (double at_s = 0.0; at_s < longest_s; at_s += step_s) {
        const auto direction = sky->at(start_s + at_s);
        const double light = sun::on_cells_w_per_m2(sun::irradiance(direction, request.sun->cloud_okta),
                                                    direction.elevation_deg, array.tilt_deg.value_or(0.0));
        const double here_w =
            (1.0 - sun::clear_sky_sd) *
            sun::harvest(curve, converter, light,
                         sun::cell_temperature_c(request.weather.temperature_c, light, airspeed_mps), mean_v)
                .power_w;
        // With what held so far the pack would be empty by now: what comes later does not matter.
        if (at_s > pack_wh / (level_w - least_w) * units::seconds_per_hour) break;
        least_w = std::min(least_w, here_w);
    }
    return std::max(least_w, 0.0);
}

} // namespace sobremesa::mission
