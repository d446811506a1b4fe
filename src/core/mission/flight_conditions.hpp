#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/battery/discharge.hpp"
#include "core/flying/pack_at_powers.hpp"
#include "core/geodesy/wind_triangle.hpp"
#include "core/mission/flight_leg.hpp"
#include "core/mission/plan_request.hpp"
#include "core/mission/winds.hpp"

namespace sobremesa::mission {

/// Everything about the air, the aircraft and the pack that stays the same during one plan.
///
/// Built once from a request; the turn rules and the homeward energy then only look things up.
struct FlightConditions {
    double all_up_mass_kg = 0.0;
    atmosphere::Air air;
    /// Level, on the mission's bearing out and home, at mission height.
    double airspeed_out_mps = 0.0;
    double airspeed_home_mps = 0.0;
    units::Estimate cruise_power_w;
    units::Estimate home_power_w;
    /// Rate that the climb is flown at, m/s; 0 where what was asked for cannot be flown.
    double climb_rate_mps = 0.0;
    atmosphere::Wind wind_out;
    /// Worst credible for the return.
    atmosphere::Wind wind_home;
    /// Empty where the wind allows no solution.
    std::optional<geodesy::Heading> out;
    std::optional<geodesy::Heading> home;
    /// The pack as a circuit, shared because a rate table takes a while to fit.
    std::shared_ptr<const battery::PackModel> pack;
    battery::Surroundings around;
    /// As it is plugged in at the field.
    battery::PackState start;
    /// The pack discharged at cruise power from full to the landing voltage.
    battery::Discharge cruise;
    /// What it gives at the other powers of the flight.
    std::shared_ptr<const flying::PackAtPowers> at_powers;

    /// For each kelvin that the day is warmer, Wh.
    double usable_wh_per_kelvin = 0.0;

    double usable_energy_wh() const;
    double usable_charge_ah() const;
};

/// @param request  already validated
/// @param like     conditions of nearly the same request, to take over what is slow to make
/// @error `height_outside_atmosphere`, `airspeed_outside_model`
units::Result<FlightConditions> flight_conditions(const PlanRequest& request,
                                                  const FlightConditions* like = nullptr);

/// Of a request that differs in one input, as far as its turn depends on them: without the cruise discharge, and
/// with fewer tables of the pack or the same.
/// @error as `flight_conditions`
units::Result<FlightConditions> nearly_the_same_conditions(const PlanRequest& request,
                                                           const FlightConditions& like);

/// Speeds, powers and winds on the request's own bearing, the pack as it is in `known`.
/// @error as `flight_conditions`
units::Result<FlightConditions> conditions_on_bearing(const PlanRequest& request, FlightConditions known);

/// Power of steady flight in this plan's air, as the pack has to give it, W.
/// @error `airspeed_outside_model`, `height_outside_atmosphere`
units::Result<units::Estimate> power_at(const PlanRequest& request, double airspeed_mps, double height_m,
                                        double climb_mps);

/// The highest that this mission is flown, above home, m.
double top_height_m(const PlanRequest& request);

/// Bearing of the outbound leg at its start: the mission's, or that of its first waypoint.
double first_bearing_deg(const PlanRequest& request);

} // namespace sobremesa::mission
