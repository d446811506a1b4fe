#pragma once

#include "cli/json_text.hpp"
#include "core/debrief/flight_account.hpp"

namespace sobremesa::cli {

/// What a flight says together with its aircraft and pack, key by key: `further`, `shares`, `limits`, `turns`,
/// `link`, `ledger`.
Json account_json(const debrief::FlightAccount& account);

} // namespace sobremesa::cli
