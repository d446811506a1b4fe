#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/mission/plan_request.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::debrief {

/// A flight to be laid beside others.
struct ComparedFlight {
    std::string name;
    /// Aircraft, pack, air and landing voltage as flown.
    mission::PlanRequest flown;
    /// What it took level in still air, and at which airspeed.
    units::Estimate level_power_w;
    units::Estimate airspeed_mps;
    double ground_m = 0.0;
    /// As flown over ground, Wh/m: wind and climbs in it.
    std::optional<double> flown_wh_per_m;
};

/// What all flights are brought to. Empty: the mean of the flights.
struct EqualTerms {
    std::optional<double> airspeed_mps;
    std::optional<double> all_up_mass_kg;
    std::optional<double> distance_m;
};

struct ComparedRow {
    std::string name;
    double flown_mass_kg = 0.0;
    double flown_airspeed_mps = 0.0;
    std::optional<double> flown_wh_per_m;
    /// At the common speed and mass, level in still air, sea-level standard density.
    units::Estimate energy_wh_per_m;
    units::Estimate power_w;
    /// For the common distance, Wh, and as a share of what its own pack gives there.
    units::Estimate energy_wh;
    units::Estimate share_of_pack;
    /// With its own pack at that power, s.
    units::Estimate endurance_s;
};

struct Comparison {
    double airspeed_mps = 0.0;
    double all_up_mass_kg = 0.0;
    double distance_m = 0.0;
    std::vector<ComparedRow> rows;
    /// The two that differ most do so by more than twice the error of their difference.
    bool differ = false;
};

/// Brings flights to equal airspeed, mass, density and distance by the physics of their aircraft: the known cruise
/// of each is what the flight measured, the curve gives the ratio where there is one. The farther a flight is from
/// the common terms, the wider its error.
/// @error `value_missing` with fewer than two flights; `airspeed_outside_model` for a speed that one of them cannot
///        be carried to
units::Result<Comparison> compare(const std::vector<ComparedFlight>& flights, const EqualTerms& terms = {});

/// A filed flight as it can be compared; nothing where its log did not show level flight in a known wind.
std::optional<ComparedFlight> compared_flight(const std::string& name, const mission::PlanRequest& flown,
                                              const telemetry::LogSummary& summary);

units::Explanation explain(const ComparedRow& row, units::Quantity quantity);

} // namespace sobremesa::debrief
