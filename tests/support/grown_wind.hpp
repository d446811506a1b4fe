#pragma once

#include <algorithm>
#include <memory>
#include <optional>

#include "core/mission/make_plan.hpp"
#include "core/units/constants.hpp"
#include "support/watched.hpp"

namespace sobremesa::tests {

// Practice flights whose wind grows to half as much again as forecast by the time that the plan turns.

struct GrownWindFlight {
    std::shared_ptr<const mission::Plan> plan;
    sim::Scenario scenario;
    double reserve_share = 0.2;
};

inline mission::PlanRequest grown_wind_request(int i) {
    mission::PlanRequest r;
    const bool wing = i % 3 != 2;
    r.aircraft.craft = wing ? airframe::Craft::wing : airframe::Craft::rotor;
    r.aircraft.mass_kg = wing ? 1.25 : 0.9;
    r.aircraft.cruise_airspeed_mps = wing ? 15.0 : 13.0;
    r.aircraft.cruise_power_w = wing ? 70.0 : 135.0;
    r.pack.series = 4;
    r.pack.parallel = wing ? 2 : 3;
    r.pack.cell_capacity_ah = 3.0;
    r.pack.mass_kg = wing ? 0.42 : 0.6;
    r.weather.wind = {4.0 + 0.5 * (i % 8), 40.0 * (i % 9)};
    r.mission.bearing_deg = units::wrap_degrees(73.0 * i);
    r.mission.height_m = 80.0 + 10.0 * (i % 4);
    return r;
}

inline std::optional<GrownWindFlight> grown_wind_flight(int i) {
    auto request = mission::validate(grown_wind_request(i));
    if (!request) return std::nullopt;
    auto made = mission::make_plan(*request);
    if (!made || !made->turn) return std::nullopt;
    GrownWindFlight flight;
    flight.plan = std::make_shared<const mission::Plan>(std::move(*made));
    flight.scenario = practice::scenario_of(*flight.plan, {practice::Day::growing_wind, std::uint64_t(i + 1)});
    return flight;
}

inline double left_share(const sim::Truth& truth, const GrownWindFlight& flight) {
    return 1.0 - truth.energy_wh / flight.plan->usable_energy_wh.value;
}

struct Tally {
    int flights = 0;
    int home = 0;
    int reserve = 0;
    double least = 1e9;
    double most = -1e9;
    double sum = 0.0;

    void add(const sim::Truth& truth, const GrownWindFlight& flight) {
        constexpr double within = 0.1;
        const double share = left_share(truth, flight);
        ++flights;
        home += truth.came_home;
        reserve += truth.came_home && share >= flight.reserve_share - within;
        least = std::min(least, share);
        most = std::max(most, share);
        sum += share;
    }
};

inline sim::Truth fly_as_planned(const GrownWindFlight& made) {
    sim::FlightInProgress flight(made.scenario);
    return flown(flight, 5.0, [](const auto&) { return false; });
}

inline sim::Truth fly_obediently(const GrownWindFlight& made) {
    auto scenario = made.scenario;
    scenario.mission.distance_m *= 4.0;
    sim::FlightInProgress flight(scenario);
    Obedient pilot(made.plan);
    return flown(flight, 5.0, [&](const auto& f) { return pilot(f); });
}

} // namespace sobremesa::tests
