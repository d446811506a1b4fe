#include "core/mission/flight_conditions.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::mission {

namespace {

/// Bands of height in a climb or descent; with the 1/7 law, six hold time and distance to better than 0.3 %.
constexpr int vertical_bands = 6;

atmosphere::Wind wind_aloft(const PlanRequest& request, double height_m) {
    const double reference_m = request.weather.wind_height_m.value_or(request.mission.height_m);
    return atmosphere::wind_at_height(request.weather.wind, reference_m, height_m);
}

double home_course_deg(const PlanRequest& request) {
    return units::wrap_degrees(request.mission.bearing_deg + 180.0);
}

/// Forecast times or over the factor: whichever makes the way home slower over ground, or impossible.
atmosphere::Wind worst_credible(const PlanRequest& request, const atmosphere::Wind& forecast) {
    const auto ground_speed = [&](const atmosphere::Wind& wind) {
        const auto heading = geodesy::wind_triangle(home_course_deg(request), request.aircraft.cruise_airspeed_mps,
                                                    wind.from_deg, wind.speed_mps);
        return heading ? heading->ground_speed_mps : 0.0;
    };
    const double factor = request.weather.home_wind_factor;
    const atmosphere::Wind stronger{forecast.speed_mps * factor, forecast.from_deg};
    const atmosphere::Wind weaker{forecast.speed_mps / factor, forecast.from_deg};
    return ground_speed(weaker) < ground_speed(stronger) ? weaker : stronger;
}

std::optional<geodesy::Heading> heading(double course_deg, double airspeed_mps, const atmosphere::Wind& wind) {
    const auto solved = geodesy::wind_triangle(course_deg, airspeed_mps, wind.from_deg, wind.speed_mps);
    return solved ? std::optional(*solved) : std::nullopt;
}

struct VerticalSense {
    double course_deg;
    double rate_mps; ///< positive up
    bool way_home;
};

Vertical fly_vertical(const PlanRequest& request, const FlightConditions& conditions, const VerticalSense& sense) {
    Vertical vertical;
    const double height_m = request.mission.height_m;
    if (height_m <= 0.0) return vertical;
    const bool up = sense.rate_mps > 0.0;
    const double V = request.aircraft.cruise_airspeed_mps;
    // The airspeed is flown along the path; over ground only its horizontal part counts.
    const double horizontal_mps = std::sqrt(std::max(V * V - sense.rate_mps * sense.rate_mps, 0.0));
    const double band_m = height_m / vertical_bands;
    for (int i = 0; i < vertical_bands; ++i) {
        const double bottom_m = band_m * (up ? i : vertical_bands - 1 - i);
        const double middle_m = bottom_m + 0.5 * band_m;
        atmosphere::Wind wind = wind_aloft(request, middle_m);
        if (sense.way_home) wind = worst_credible(request, wind);
        const auto solved = heading(sense.course_deg, horizontal_mps, wind);
        const auto air =
            atmosphere::air_above_field(request.weather.field_elevation_m, middle_m, request.weather.temperature_c);
        const auto power = airframe::power_w(
            request.aircraft, conditions.all_up_mass_kg,
            {V, conditions.all_up_mass_kg, air ? air->density_kgm3 : conditions.air.density_kgm3, sense.rate_mps});
        vertical.wind_allows = vertical.wind_allows && solved.has_value();
        const double duration_s = band_m / std::abs(sense.rate_mps);
        vertical.bands.push_back({bottom_m + band_m, bottom_m,
                                  power ? power->value : conditions.cruise_power_w.value, duration_s,
                                  solved ? solved->ground_speed_mps * duration_s : 0.0});
    }
    return vertical;
}

} // namespace

double FlightConditions::left_wh(double charge_used_ah) const {
    return usable_energy_wh() - battery::point_at_charge(cruise, charge_used_ah).energy_wh;
}

units::Result<FlightConditions> flight_conditions(const PlanRequest& request, const FlightConditions* like) {
    FlightConditions conditions;
    conditions.all_up_mass_kg = all_up_mass_kg(request);

    const double height_m = request.mission.height_m;
    const auto air =
        atmosphere::air_above_field(request.weather.field_elevation_m, height_m, request.weather.temperature_c);
    if (!air) return tl::unexpected(air.error());
    conditions.air = *air;

    const double V = request.aircraft.cruise_airspeed_mps;
    const auto power = airframe::power_w(request.aircraft, conditions.all_up_mass_kg,
                                         {V, conditions.all_up_mass_kg, air->density_kgm3, 0.0});
    if (!power) return tl::unexpected(power.error());
    conditions.cruise_power_w = *power;

    conditions.wind_out = wind_aloft(request, height_m);
    conditions.wind_home = worst_credible(request, conditions.wind_out);
    conditions.out = heading(request.mission.bearing_deg, V, conditions.wind_out);
    conditions.home = heading(home_course_deg(request), V, conditions.wind_home);
    conditions.pack = std::make_shared<const battery::PackModel>(request.pack, like ? like->pack.get() : nullptr);
    conditions.around = {units::celsius(air->temperature_k), true};
    conditions.start = conditions.pack->atStart(request.weather.temperature_c);
    conditions.cruise = battery::discharge_at_power(*conditions.pack, conditions.start, power->value,
                                                    {landing_cell_v(request), 1e9}, conditions.around);
    return conditions;
}

Vertical climb_out(const PlanRequest& request, const FlightConditions& conditions) {
    return fly_vertical(request, conditions, {request.mission.bearing_deg, request.mission.climb_rate_mps, false});
}

Vertical descent_home(const PlanRequest& request, const FlightConditions& conditions) {
    return fly_vertical(request, conditions, {home_course_deg(request), -request.mission.descent_rate_mps, true});
}

Homeward::Homeward(const PlanRequest& request, const FlightConditions& conditions)
    : request_(request), conditions_(conditions), descent_(descent_home(request, conditions)) {}

WayHome Homeward::from(double distance_m, double height_m) const {
    WayHome way;
    double descent_ground_m = 0.0;
    for (const VerticalBand& band : descent_.bands) {
        // From inside the climb only the part of the descent below the aircraft is flown.
        const double share =
            std::clamp((height_m - band.bottom_height_m) / (band.top_height_m - band.bottom_height_m), 0.0, 1.0);
        way.energy_wh += share * band.power_w * band.duration_s / units::seconds_per_hour;
        way.time_s += share * band.duration_s;
        descent_ground_m += share * band.ground_m;
    }
    const double cruise_s = std::max(distance_m - descent_ground_m, 0.0) / conditions_.home->ground_speed_mps;
    way.energy_wh += conditions_.cruise_power_w.value * cruise_s / units::seconds_per_hour;
    way.time_s += cruise_s;
    return way;
}

double Homeward::reserve_wh(double distance_m, double height_m) const {
    if (const auto* share = std::get_if<ShareOfUsable>(&request_.reserve)) {
        return share->share * conditions_.usable_energy_wh();
    }
    if (const auto* loiter = std::get_if<LoiterAtHome>(&request_.reserve)) {
        return conditions_.cruise_power_w.value * loiter->minutes * units::seconds_per_minute /
               units::seconds_per_hour;
    }
    return (std::get<FactorOnWayHome>(request_.reserve).factor - 1.0) * from(distance_m, height_m).energy_wh;
}

} // namespace sobremesa::mission
