#pragma once

#include <vector>

#include "core/telemetry/calibration.hpp"

namespace sobremesa::telemetry {

/// How far one flight's count is off the charger's, relative; positive reads too high.
double off_by(const CalibrationPair& pair);
/// The same once its count is corrected by what a calibration found.
double off_after(const CalibrationPair& pair, const Calibration& calibration);

/// The largest of both among several flights, without sign.
struct CalibrationCheck {
    double worst_before = 0.0;
    double worst_after = 0.0;
};
CalibrationCheck check(const std::vector<CalibrationPair>& pairs, const Calibration& calibration);

} // namespace sobremesa::telemetry
