#pragma once

#include <array>
#include <optional>
#include <string>
#include <vector>

#include "core/debrief/bill.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::debrief {

/// What is kept of a bill: the energy that was forecast, and what each cause took more than that, Wh.
struct BillShares {
    /// 0: the flight has no bill (its plan does not reach a turn, or its log does not tell).
    double forecast_wh = 0.0;
    std::array<double, bill_causes> wh = {};
    friend bool operator==(const BillShares&, const BillShares&) = default;
};

BillShares shares_of(const std::optional<Bill>& bill);

/// Beside the figures of a flight.
struct KeptBill {
    /// What it was made from: another text means that it has to be made anew.
    std::string made_from;
    BillShares shares;
    friend bool operator==(const KeptBill&, const KeptBill&) = default;
};

/// What one cause took in several flights, each in shares of what its plan's figures forecast for the way that was
/// flown (the forecast and *distance*: how far a pilot goes is no miss of a forecast); positive: more than
/// forecast.
struct CauseOverFlights {
    BillCause cause = BillCause::unexplained;
    /// Mean over the flights; its sd is that of the mean, by how the flights differ.
    units::Estimate mean;
    /// Standard deviation between flights.
    double spread = 0.0;
};

struct CausesOverFlights {
    int flights = 0;
    /// In the order of the causes, but for distance, and the pack, which takes charge and no energy.
    std::vector<CauseOverFlights> rows;
    /// Flown over forecast for that way, less one: the sum of the rows.
    units::Estimate whole;
    double whole_spread = 0.0;
};

/// From how many flights on a spread is known.
inline constexpr int least_flights_for_causes = 2;

/// Bills compared cause by cause: what forecasts miss repeatedly (a mean away from zero), and what makes one
/// flight unlike the other (a spread). Bills without a forecast for the distance flown are left out.
/// @return nothing below `least_flights_for_causes`
std::optional<CausesOverFlights> over_flights(const std::vector<BillShares>& bills);

units::Explanation explain(const CauseOverFlights& cause, int flights);

} // namespace sobremesa::debrief
