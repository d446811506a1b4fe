#pragma once

#include "core/mission/plan_request.hpp"

namespace sobremesa::tests {

/// The smallest plan of the file-format page: what most tests start from and change.
inline mission::PlanRequest sample_request() {
    mission::PlanRequest request;
    request.aircraft.mass_kg = 1.25;
    request.aircraft.cruise_airspeed_mps = 14.0;
    request.aircraft.cruise_power_w = 68.0;
    request.pack.chemistry = battery::Chemistry::li_ion;
    request.pack.series = 4;
    request.pack.parallel = 2;
    request.pack.cell_capacity_ah = 4.5;
    request.pack.cell_resistance_ohm = 0.022;
    request.pack.mass_kg = 0.58;
    request.weather.wind = {4.0, 270.0};
    request.weather.temperature_c = 18.0;
    request.mission.bearing_deg = 265.0;
    request.mission.height_m = 90.0;
    request.landing_cell_v = 2.8;
    // Most tests are about the turn by energy; the chance counts where they ask for it.
    request.turn.counted = {mission::TurnRule::energy_home};
    request.weather.wind_sd_mps = 1.0;
    request.weather.gust_mps = 0.0;
    return request;
}

} // namespace sobremesa::tests
