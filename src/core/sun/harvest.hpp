#pragma once

#include <optional>
#include <vector>

#include "core/sun/solar_array.hpp"

namespace sobremesa::sun {

/// Volts between which a pack works: at its landing voltage, in the middle, and full.
struct PackVolts {
    double least_v = 0.0;
    double mean_v = 0.0;
    double full_v = 0.0;
};

/// Why a converter (or its absence) does not serve an array and a pack.
enum class Misfit {
    array_below_pack,     ///< a step-down, or none, whose array does not reach the pack's volts
    array_above_pack,     ///< a step-up whose array stands above them
    input_volts_too_high, ///< the array's open-circuit volts in the cold pass what the converter bears
};
/// Stable word: `array-below-pack`, `array-above-pack`, `input-volts-too-high`.
const char* misfit_word(Misfit misfit);

struct MisfitFound {
    Misfit why = Misfit::array_below_pack;
    /// Volts of the array that clash, and what they clash with.
    double array_v = 0.0;
    double other_v = 0.0;
    /// What would serve as it is.
    std::optional<ConverterKind> kind_that_fits;
    /// Cells in series from and to which this converter serves this pack; 0, 0: none.
    int least_series = 0;
    int most_series = 0;
};

/// What cells are coldest at in air of so many °C, where their volts are highest: a morning, or a shadow.
double coldest_cells_c(double air_c);

/// Whether they belong together at all. A step-down wants the array's volts at maximum power above the pack's
/// middle volts, a step-up below them, a direct connection its open-circuit volts above them; open-circuit volts at
/// `coldest_c` stay within the converter's.
std::optional<MisfitFound> misfit(const SolarArray& array, const Converter& converter, const PackVolts& pack,
                                  double coldest_c);

/// Series count whose volts at maximum power, at this cell temperature, meet the pack's middle volts: best for a
/// direct connection.
int best_direct_series(const SolarArray& array, const PackVolts& pack, double cell_temperature_c);

struct Harvest {
    /// Into the node of pack and motor, W.
    double power_w = 0.0;
    OperatingPoint array;
    /// What the limit of output current kept back, W.
    double limited_w = 0.0;
};

/// What array and converter give at one moment into a pack at its terminal volts. Direct: the curve at those volts.
/// Tracking: the maximum, or where the volts would have to be crossed the nearest point of the curve that the
/// converter reaches (a step-down cannot go below the pack's volts, a step-up passes them through above), times its
/// efficiency.
Harvest harvest(const ArrayCurve& curve, const Converter& converter, double irradiance_w_per_m2,
                double cell_temperature_c, double pack_v);

} // namespace sobremesa::sun
