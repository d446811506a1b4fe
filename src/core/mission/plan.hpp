#pragma once

#include <optional>
#include <vector>

#include "core/mission/flight_conditions.hpp"
#include "core/mission/outward_point.hpp"
#include "core/mission/rule_turn.hpp"
#include "core/units/diagnostic.hpp"
#include "core/units/sensitivity.hpp"

namespace sobremesa::mission {

struct Turn {
    TurnRule turn_rule = TurnRule::energy_home;
    units::Estimate distance_m;
    units::Estimate time_s;
    units::Estimate charge_used_ah;
    units::Estimate energy_used_wh;
    units::Estimate cell_voltage_v;
    geodesy::EastNorth at = {};
    /// No rule asks for it: the mission itself goes home from here.
    bool at_end_of_mission = false;
};

/// The least height above ground on the outbound leg after the launch.
struct Clearance {
    double height_m = 0.0;
    double distance_m = 0.0;
    geodesy::EastNorth at = {};
};

/// Staying at a place.
struct OnStation {
    geodesy::EastNorth at = {};
    double arrival_s = 0.0;
    /// When it must leave, and how long that leaves there, s.
    units::Estimate last_moment_s;
    units::Estimate time_s;
};

/// The whole flight, turned at `Turn`, home in the worst credible wind.
struct PlannedFlight {
    units::Estimate duration_s;
    double ground_m = 0.0;
    double landing_charge_used_ah = 0.0;
    units::Estimate landing_energy_left_wh;
    double charge_out_ah_per_m = 0.0;
    double charge_home_ah_per_m = 0.0;
    double energy_out_wh_per_m = 0.0;
    double energy_home_wh_per_m = 0.0;
    /// Out as far as the turn, then home (one way: to the last waypoint).
    std::vector<FlightLeg> legs = {};
};

struct Chance;

struct Plan {
    PlanRequest request;
    FlightConditions conditions;
    units::Estimate usable_energy_wh;
    units::Estimate usable_charge_ah;
    /// From launch until the pack is at its landing voltage; empty when the wind or the pack allows no flight.
    std::vector<OutwardPoint> outward;
    std::vector<FlightLeg> legs_out;
    /// All of a mission that ends by itself can be flown, and home with the reserve.
    bool whole = false;
    std::optional<OnStation> station;
    std::optional<Clearance> least_clearance;
    std::optional<Turn> turn;
    std::vector<RuleTurn> turn_rules; ///< sorted by distance, those never reached last
    std::optional<PlannedFlight> flight;
    /// Of the turn's distance, largest first; of its time for a mission that stays over a place.
    std::vector<units::Sensitivity> turn_sensitivities;
    std::vector<units::Diagnostic> diagnostics;
    /// Drawn afterwards, because it takes longer; empty until then.
    std::shared_ptr<const Chance> chance;
};

/// The mission stays over a place as long as it goes: its answer is a time, not a distance.
bool stays(const PlanRequest& request);

/// What `Plan::turn_sensitivities` are changes of: the turn's time (s) where the mission stays over a place, else
/// its distance (m).
units::Quantity turn_is_felt_in(const PlanRequest& request);

/// The flight as it is flown with a turn at a distance: out so far, then straight home.
std::vector<FlightLeg> flight_legs(const Plan& plan, double turn_distance_m);

/// Point on the outbound leg at a distance, linear between the samples.
OutwardPoint outward_at(const Plan& plan, double distance_m);

/// Over the ground, the outbound leg from one distance flown to another, both included.
std::vector<geodesy::EastNorth> way_between(const Plan& plan, double from_m, double to_m);

} // namespace sobremesa::mission
