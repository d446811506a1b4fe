#pragma once

#include <optional>
#include <string>

#include "core/book/kept.hpp"
#include "core/debrief/bill_history.hpp"
#include "core/units/error.hpp"

namespace sobremesa::io {

// What the logbook keeps, as JSON documents: the formats of docs/file-formats.md with what only a logbook knows
// beside them. Each reads what its writer wrote, and what an earlier version wrote.

std::string json_from(const book::KeptAircraft& kept);
std::string json_from(const book::KeptPack& kept);
std::string json_from(const book::KeptPlan& kept);
std::string json_from(const book::KeptFlight& kept);

/// @param from  named in errors
/// @error as `plan_from_json`
units::Result<book::KeptAircraft> kept_aircraft_from_json(const std::string& text, const std::string& from);
units::Result<book::KeptPack> kept_pack_from_json(const std::string& text, const std::string& from);
units::Result<book::KeptPlan> kept_plan_from_json(const std::string& text, const std::string& from);
units::Result<book::KeptFlight> kept_flight_from_json(const std::string& text, const std::string& from);

/// What was worked out of a flight's log: its figures without the track, and its bill where one was made out.
struct KeptFigures {
    telemetry::LogSummary summary;
    std::optional<debrief::KeptBill> bill;
};
std::string json_from(const KeptFigures& figures);
units::Result<KeptFigures> figures_from_json(const std::string& text, const std::string& from);

} // namespace sobremesa::io
