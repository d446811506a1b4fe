#include "core/atmosphere/wind.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::atmosphere {

Wind wind_at_height(const Wind& reference, double reference_height_m, double height_m, double exponent) {
    const double from = std::max(reference_height_m, lowest_profile_height_m);
    const double to = std::max(height_m, lowest_profile_height_m);
    return {reference.speed_mps * std::pow(to / from, exponent), reference.from_deg};
}

Wind wind_from_table(const std::vector<WindAtHeight>& table, double height_m) {
    const auto above =
        std::find_if(table.begin(), table.end(), [&](const WindAtHeight& row) { return row.height_m > height_m; });
    if (above == table.begin()) return table.front().wind;
    if (above == table.end()) return table.back().wind;
    const WindAtHeight& low = *(above - 1);
    const double share = (height_m - low.height_m) / (above->height_m - low.height_m);
    const auto part = [&](double (*of)(double)) {
        return std::lerp(low.wind.speed_mps * of(units::radians(low.wind.from_deg)),
                         above->wind.speed_mps * of(units::radians(above->wind.from_deg)), share);
    };
    const double north = part([](double a) { return std::cos(a); });
    const double east = part([](double a) { return std::sin(a); });
    return {std::hypot(north, east), units::wrap_degrees(units::degrees(std::atan2(east, north)))};
}

int beaufort_number(double wind_mps) {
    // First speed, m/s, of forces 1 … 12.
    constexpr std::array<double, 12> first_mps = {0.3,  1.6,  3.4,  5.5,  8.0,  10.8,
                                                  13.9, 17.2, 20.8, 24.5, 28.5, 32.7};
    return static_cast<int>(std::upper_bound(first_mps.begin(), first_mps.end(), wind_mps) - first_mps.begin());
}

} // namespace sobremesa::atmosphere
