#pragma once

#include <optional>
#include <vector>

#include "core/telemetry/air_motion.hpp"
#include "core/units/estimate.hpp"

namespace sobremesa::telemetry {

/// What a current sensor read on the ground, before the launch and after the landing.
struct IdleReading {
    /// Mean, and the error of the mean; as the log has it.
    units::Estimate current_a;
    /// Of the pack there, V.
    double voltage_v = 0.0;
    double seconds = 0.0;
};

/// Nothing where the log has no current, or less than five seconds on the ground.
std::optional<IdleReading> idle_reading(const Motion& motion);

/// A current sensor's offset, from flights that stood on the ground.
struct SensorOffset {
    int flights = 0;
    /// Read, and what the electronics draw there.
    units::Estimate read_a;
    units::Estimate really_a;
    /// Above 0: the sensor reads too much.
    units::Estimate offset_a;

    /// Beyond three times its error, and beyond 0.15 A, which is within what such sensors do (common practice).
    bool matters() const;
};

/// Readings weighted by their errors, their scatter counted where it is larger.
/// @param electronics_w  what is drawn on the ground, with its error
/// @return nothing without a reading
std::optional<SensorOffset> sensor_offset(const std::vector<IdleReading>& readings,
                                          const units::Estimate& electronics_w);

} // namespace sobremesa::telemetry
