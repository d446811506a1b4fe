#pragma once

#include <QString>

#include "core/debrief/bill.hpp"
#include "core/debrief/bill_history.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// "Wind", "Distance and route".
QString name(debrief::BillCause cause);
/// "wind", "distance and route".
QString name_in_sentence(debrief::BillCause cause);

/// "Forecast 21.4 Wh, flown 23.8 Wh: wind +1.9 Wh, gusts +0.4 Wh, …": what matters, largest first.
QString sentence(const debrief::Bill& bill, const Quantities& quantities);

/// "Wind: +1.9 Wh ± 0.3 Wh, +118 mAh, −1.4 km".
QString line(const debrief::BillRow& row, const Quantities& quantities);

/// "+1.9 Wh ± 0.3, −1.4 km".
QString energy_and_distance(const debrief::BillRow& row, const Quantities& quantities);

/// "+3.1 % ± 1.2 %": the mean, and how the flights differ.
QString mean_and_spread(const units::Estimate& mean, double spread, const Quantities& quantities);

/// What forecasts missed repeatedly, and by what flights differ most.
/// @param flights  that have a log
/// @param unread  of them, not read yet
QString causes_sentence(const std::optional<debrief::CausesOverFlights>& causes, int flights, int unread,
                        const Quantities& quantities);

/// Why there is none, and what it takes.
QString no_bill(const mission::Plan& plan, const telemetry::LogSummary& summary);

} // namespace sobremesa::wording
