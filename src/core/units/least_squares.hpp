#pragma once

#include <algorithm>
#include <cmath>

namespace sobremesa::units {

/// Where damped least squares stops.
struct LeastSquaresLimits {
    int rounds = 100;
    /// Relative decrease of the cost at which a minimum counts as found.
    double least_decrease = 1e-10;
};

/// Minimises a cost by damped Gauss-Newton steps on its normal equations, the diagonal scaled by the damping.
/// Source: Marquardt 1963, SIAM J. 11(2); Eigen's own solver of that name takes matrices of unknown size only, and
/// a minute to compile.
///
/// @param x        start; the minimum afterwards
/// @param cost_of  cost at x; not finite where x is impossible
/// @param build    (x, H, b): normal matrix and right side (minus the gradient) at x; both come in as they went out
/// @return cost at the minimum
template <class Vector, class Matrix, class CostOf, class Build>
double damped_least_squares(Vector& x, Matrix& H, Vector& b, const CostOf& cost_of, const Build& build,
                            const LeastSquaresLimits& limits = {}) {
    constexpr double harder = 5.0;
    constexpr int most_tries = 12;
    double damping = 1e-3;
    double cost = cost_of(x);
    for (int round = 0; round < limits.rounds; ++round) {
        build(x, H, b);
        bool better = false;
        bool done = false;
        for (int tries = 0; tries < most_tries && !better; ++tries) {
            Matrix damped = H;
            damped.diagonal() *= 1.0 + damping;
            const Vector there = x + damped.ldlt().solve(b);
            const double cost_there = cost_of(there);
            if (!(cost_there < cost)) {
                damping *= harder;
                continue;
            }
            better = true;
            done = cost - cost_there < limits.least_decrease * (1.0 + cost);
            x = there;
            cost = cost_there;
            damping = std::max(damping / harder, 1e-9);
        }
        if (!better || done) break;
    }
    return cost;
}

} // namespace sobremesa::units
