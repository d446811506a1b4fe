#pragma once

#include <memory>

#include "core/telemetry/consumption.hpp"

namespace sobremesa::telemetry {

// A current sensor that was calibrated after the flight: all that counts charge is multiplied, the raw log stays.

/// @return the same log where the factor is 1
std::shared_ptr<const FlightLog> rescaled(std::shared_ptr<const FlightLog> log, double current_factor);

/// The figures that `summarise` would find in the rescaled log.
LogSummary rescaled(LogSummary summary, double current_factor);

} // namespace sobremesa::telemetry
