#include "core/telemetry/calibration_check.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::telemetry {

double off_by(const CalibrationPair& pair) {
    return pair.counted_ah / pair.recharged_ah - 1.0;
}

double off_after(const CalibrationPair& pair, const Calibration& calibration) {
    return off_by({pair.counted_ah / calibration.reads.value, pair.recharged_ah});
}

CalibrationCheck check(const std::vector<CalibrationPair>& pairs, const Calibration& calibration) {
    CalibrationCheck result;
    for (const CalibrationPair& pair : pairs) {
        result.worst_before = std::max(result.worst_before, std::abs(off_by(pair)));
        result.worst_after = std::max(result.worst_after, std::abs(off_after(pair, calibration)));
    }
    return result;
}

} // namespace sobremesa::telemetry
