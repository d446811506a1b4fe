#pragma once

#include <cmath>

namespace sobremesa::units {

/// A number that knows how sure it is.
///
/// The core returns no bare figure that a pilot could take for exact: the standard deviation travels with the value
/// to the screen, where it decides how many digits are shown.
struct Estimate {
    double value = 0.0;
    /// Standard deviation in the unit of the value; 0 means exact by definition (a count, a given rule).
    double sd = 0.0;
    friend bool operator==(const Estimate&, const Estimate&) = default;
};

/// Independent errors add in quadrature.
inline double combine_sd(double a, double b) {
    return std::hypot(a, b);
}
inline double combine_sd(double a, double b, double c) {
    return std::hypot(a, b, c);
}

} // namespace sobremesa::units
