#pragma once

#include "core/battery/remaining.hpp"
#include "core/telemetry/consumption.hpp"

namespace sobremesa::telemetry {

/// What the pilot wrote down after the landing.
struct AfterLanding {
    std::optional<double> recharged_ah;
    std::optional<double> rested_cell_v;
    std::optional<double> rest_s;
    double temperature_c = battery::reference_temperature_c;
};

/// All that is known about what is left: the log's count, what was written down, and that the pack was not full at
/// launch where its volts say so.
battery::LandedEvidence landed_evidence(const LogSummary& summary, const battery::PackModel& pack,
                                        const AfterLanding& after);

} // namespace sobremesa::telemetry
