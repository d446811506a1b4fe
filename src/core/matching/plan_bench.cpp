#include "core/matching/plan_bench.hpp"

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/atmosphere/wind.hpp"
#include "core/mission/winds.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::matching {

units::Result<Bench> bench_of(const mission::PlanRequest& request) {
    const auto valid = mission::validate(request);
    if (!valid) return tl::unexpected(valid.error());
    const auto& r = *valid;
    const auto air =
        atmosphere::air_above_field(r.weather.field_elevation_m, r.mission.height_m, r.weather.temperature_c);
    if (!air) return tl::unexpected(air.error());
    const auto wind = mission::air_column(r).steady(r.mission.height_m);
    Bench bench;
    bench.aircraft = r.aircraft;
    bench.reference_mass_kg = mission::all_up_mass_kg(r);
    bench.airspeed_mps = r.aircraft.cruise_airspeed_mps;
    bench.density_kgm3 = air->density_kgm3;
    bench.air_temperature_c = units::celsius(air->temperature_k);
    bench.wind_mps = wind.speed_mps;
    bench.wind_from_deg = wind.from_deg;
    bench.bearing_deg = r.mission.bearing_deg;
    const auto& a = r.aircraft;
    bench.most_pack_mass_kg = a.most_pack_mass_kg;
    if (a.bay_length_m && a.bay_width_m && a.bay_height_m)
        bench.bay = battery::Size{*a.bay_length_m, *a.bay_width_m, *a.bay_height_m};
    bench.climb_mps = r.mission.climb_rate_mps;
    if (const auto* share = std::get_if<mission::ShareOfUsable>(&r.reserve)) bench.reserve_share = share->share;
    return bench;
}

} // namespace sobremesa::matching
