#pragma once

#include <optional>
#include <vector>

#include "core/telemetry/sag.hpp"
#include "core/telemetry/still_air.hpp"

namespace sobremesa::telemetry {

/// What a log says of air, aircraft and pack, beyond its sums.
struct Findings {
    Motion motion;
    WindEstimate wind;
    std::vector<Segment> segments;
    std::optional<StillAir> still;
    std::optional<MeasuredSag> sag;
    /// What could not be found, and why.
    std::vector<units::Diagnostic> diagnostics;
};

/// @param airspeed_hint  cruise airspeed by the pilot, as for `wind_estimate`
/// @param airspeed_per_power  of the aircraft, where it is known
/// @error `cancelled`
units::Result<Findings> find_out(const CleanLog& log, const std::stop_token& stop = {},
                                 std::optional<units::Estimate> airspeed_hint = std::nullopt,
                                 units::Estimate airspeed_per_power = usual_airspeed_per_power);

} // namespace sobremesa::telemetry
