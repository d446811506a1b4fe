#pragma once

#include <QString>

#include "core/debrief/bill.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::wording {

/// "Wind", "Distance and route".
QString name(debrief::BillCause cause);

/// "Forecast 21.4 Wh, flown 23.8 Wh: wind +1.9 Wh, gusts +0.4 Wh, …": what matters, largest first.
QString sentence(const debrief::Bill& bill, const Quantities& quantities);

/// "Wind: +1.9 Wh ± 0.3 Wh, +118 mAh, −1.4 km".
QString line(const debrief::BillRow& row, const Quantities& quantities);

/// "+1.9 Wh ± 0.3, −1.4 km".
QString energy_and_distance(const debrief::BillRow& row, const Quantities& quantities);

/// Why there is none, and what it takes.
QString no_bill(const mission::Plan& plan, const telemetry::LogSummary& summary);

} // namespace sobremesa::wording
