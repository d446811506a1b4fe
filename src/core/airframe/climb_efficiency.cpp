#include "core/airframe/climb_efficiency.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::airframe {

units::Estimate efficiency_at(const ClimbEfficiency& efficiency, double airspeed_mps) {
    constexpr double least = 0.1;
    constexpr double most = 0.95;
    double dv = 0.0;
    if (efficiency.climbs > 0)
        dv = std::clamp(airspeed_mps, efficiency.least_flown_mps, efficiency.most_flown_mps) -
             efficiency.reference_airspeed_mps;
    const double variance =
        efficiency.variance_at_reference + dv * (2.0 * efficiency.covariance + dv * efficiency.variance_per_mps);
    return {std::clamp(efficiency.at_reference + dv * efficiency.per_mps, least, most),
            std::sqrt(std::max(variance, 0.0))};
}

} // namespace sobremesa::airframe
