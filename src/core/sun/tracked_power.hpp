#pragma once

#include <vector>

#include "core/sun/harvest.hpp"

namespace sobremesa::sun {

/// The maximum of an array's curve by light, worked out once: a day asks for it thousands of times.
///
/// Power over light and volts are tabulated every 10 W/m² and joined by lines: within 1e-3 of the power above 50
/// W/m², and within 20 mW below (a test holds it to `ArrayCurve::maximumPower`).
class TrackedPower {
public:
    /// @param array  validated
    TrackedPower(const SolarArray& array, const ArrayCurve& curve);
    OperatingPoint at(double irradiance_w_per_m2, double cell_temperature_c) const;

private:
    struct Row {
        double power_per_light = 0.0;
        double voltage_v = 0.0;
    };
    std::vector<Row> rows_;
    double per_k_ = 0.0;
};

/// As `harvest`, the maximum of the curve already known.
Harvest harvest_at(const OperatingPoint& maximum, const ArrayCurve& curve, const Converter& converter,
                   double irradiance_w_per_m2, double cell_temperature_c, double pack_v);

} // namespace sobremesa::sun
