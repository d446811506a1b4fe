#pragma once

#include <algorithm>
#include <cmath>
#include <vector>

namespace sobremesa::units {

/// The upper of the two middle values where their number is even; NaN of nothing.
inline double median(std::vector<double> values) {
    if (values.empty()) return std::nan("");
    const auto middle = values.begin() + std::ptrdiff_t(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

} // namespace sobremesa::units
