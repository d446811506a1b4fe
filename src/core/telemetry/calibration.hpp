#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/units/error.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::telemetry {

/// How a current sensor's scale acts. In one family a higher scale reads lower, in the other higher.
enum class ScaleConvention { divides, multiplies };
const char* scale_convention_word(ScaleConvention convention);
std::optional<ScaleConvention> scale_convention_from_word(std::string_view word);

/// One flight between two full charges: what the log counted and what the charger put back, Ah.
struct CalibrationPair {
    double counted_ah = 0.0;
    double recharged_ah = 0.0;
};

/// Relative sd of a charger's count: common practice. More flights do not lower it, the charger errs alike each
/// time.
inline constexpr double charger_accuracy = 0.015;

struct Calibration {
    /// Counted over recharged: above 1 the sensor reads too high.
    units::Estimate reads;
    /// What to set the scale to.
    units::Estimate scale;
    int flights = 0;
    /// Each pair's own counted over recharged, in the order given.
    std::vector<double> each;
    /// Scatter of one flight of ordinary size around the mean, relative.
    double scatter = 0.0;
    /// Flights that stand apart from the others by more than three times the scatter, from 0.
    std::vector<int> outliers;
    /// Flights still wanted until scatter adds less than the charger's own accuracy; 0: enough.
    int more_flights = 0;
};

/// Scale of a current sensor by recharge.
///
/// Counted over recharged of all charge together, so that large flights weigh more; new scale = old × that where
/// the scale divides, old ÷ that where it multiplies (common practice). The sd holds the scatter between flights, 4
/// % a flight until three were flown, over their number, and the charger's accuracy as its floor.
///
/// @param scale   as set now, any unit
/// @error `value_missing` without a pair; `value_out_of_range` for a scale, a count or a recharge not above zero,
/// or a pair that differs by more than a factor of ten
units::Result<Calibration> calibrate(double scale, ScaleConvention convention,
                                     const std::vector<CalibrationPair>& pairs, double charger = charger_accuracy);

/// What a current sensor reads when next to nothing flows: its offset, A, from moments on the ground; its sd.
/// @param idle_a     mean current on the ground before launch or after landing
/// @param really_a   what the electronics are known to draw there
units::Estimate current_offset(const units::Estimate& idle_a, const units::Estimate& really_a);

/// Scale of a voltage reading against a meter: what every reading is to be multiplied by.
/// @error `value_out_of_range` when one is not above zero or they differ by more than a fifth
units::Result<units::Estimate> voltage_scale(double shown_v, double meter_v);

/// Why the scale is to be set so.
units::Explanation explain(const Calibration& calibration, const std::vector<CalibrationPair>& pairs);

} // namespace sobremesa::telemetry
