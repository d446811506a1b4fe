#pragma once

#include <algorithm>
#include <cmath>
#include <cstddef>
#include <vector>

namespace sobremesa::units {

/// The value below which a share of the values lies: the lower of its neighbours, not interpolated. NaN of nothing.
///
/// @param values  are put into another order
/// @param share   0 to 1
inline double quantile(std::vector<double>& values, double share) {
    if (values.empty()) return std::nan("");
    const auto place = values.begin() + std::ptrdiff_t(share * double(values.size() - 1));
    std::nth_element(values.begin(), place, values.end());
    return *place;
}

} // namespace sobremesa::units
