#pragma once

#include <optional>
#include <string>

#include "core/debrief/bill_history.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// What the bill of a flight is made of, beside its log.
struct BillOf {
    /// Its own plan, as it stands in the book; else what was set for the flight, in the wind that was forecast.
    mission::PlanRequest planned;
    bool own_plan = false;
    mission::PlanRequest flown;
    std::optional<double> recharged_ah;
};

BillOf bill_of(const Library& library, const book::KeptFlight& flight);

/// Another text for whatever would change the bill.
std::string bill_made_from(const BillOf& of, const book::KeptFlight& flight);

/// Where the log's volts can be those of the pack, and plan and log tell enough.
std::optional<debrief::Bill> make_bill(const BillOf& of, const telemetry::LogSummary& summary,
                                       const telemetry::Findings& found);

} // namespace sobremesa::session
