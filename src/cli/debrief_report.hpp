#pragma once

#include "cli/json_text.hpp"
#include "core/debrief/flight_report.hpp"

namespace sobremesa::cli {

/// What a flight says together with its aircraft and pack, key by key: `further`, `shares`, `limits`, `turns`,
/// `link`, `ledger`.
Json flight_report_json(const debrief::FlightReport& flight_report);

} // namespace sobremesa::cli
