#pragma once

#include <algorithm>
#include <cmath>
#include <vector>

namespace sobremesa::units {

/// The middle value, or the mean of the two middle ones where their number is even; NaN of nothing.
inline double median(std::vector<double> values) {
    if (values.empty()) return std::nan("");
    const auto middle = values.begin() + std::ptrdiff_t(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    if (values.size() % 2 == 1) return *middle;
    return 0.5 * (*std::max_element(values.begin(), middle) + *middle);
}

} // namespace sobremesa::units
