#pragma once

#include <string>

#include "core/mission/plan_request.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"

namespace sobremesa::cli {

/// A log and the plan document that it was flown with.
struct ReadFlight {
    mission::PlanRequest flown;
    /// With its level flight and wind.
    telemetry::LogSummary summary;
    telemetry::Findings found;
};

/// @error as the readers of both
units::Result<ReadFlight> read_flight(const std::string& log_file, const std::string& plan_file);

} // namespace sobremesa::cli
