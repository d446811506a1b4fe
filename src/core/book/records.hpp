#pragma once

#include <vector>

#include "core/book/kept.hpp"

namespace sobremesa::book {

/// A flight with what its log says; `summary.track` is empty here.
struct FlightFigures {
    Id flight_id = 0;
    std::optional<Id> aircraft_id;
    std::optional<Id> pack_id;
    std::optional<double> recharged_ah;
    telemetry::LogSummary summary;
};

/// The flights that stand out. Nothing where no flight qualifies.
struct PersonalBests {
    std::optional<Id> longest;  ///< in time
    std::optional<Id> farthest; ///< from home
    std::optional<Id> most_efficient;
};

/// Shorter flights are no measure of efficiency, m: launch and landing weigh more than the distance.
inline constexpr double least_distance_for_efficiency_m = 2000.0;

PersonalBests personal_bests(const std::vector<FlightFigures>& flights);

/// What a pack has behind it.
struct PackUse {
    int flights = 0;
    /// Recharged where that is known, else counted, Ah.
    double charge_ah = 0.0;
    /// Charge over the rated charge: what cell makers count as cycles.
    double full_cycles = 0.0;
};

PackUse pack_use(const std::vector<FlightFigures>& flights, Id pack_id, const battery::Pack& pack);

/// The answers to "why?" for what the library shows.
units::Explanation explain_rated_charge(const battery::Pack& pack);
units::Explanation explain_flights(int flights);
/// @return that for the cycles of a pack
units::Explanation explain_cycles(const PackUse& use, const battery::Pack& pack);

} // namespace sobremesa::book
