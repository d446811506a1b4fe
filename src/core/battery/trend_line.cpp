#include "core/battery/trend_line.hpp"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace sobremesa::battery {

std::vector<HealthPoint> charge_points(const Pack& pack, const std::vector<HealthReading>& readings) {
    std::vector<HealthPoint> points;
    for (const HealthReading& reading : readings) {
        if (reading.full_recharge_ah)
            points.push_back({reading.cycles, *reading.full_recharge_ah / rated_charge_ah(pack), 0.0});
    }
    return points;
}

std::vector<HealthPoint> resistance_points(const std::vector<HealthReading>& readings) {
    std::vector<HealthPoint> points;
    for (const HealthReading& reading : readings) {
        const auto& cells = reading.cell_resistance_ohm;
        if (cells.empty()) continue;
        const auto [least, most] = std::minmax_element(cells.begin(), cells.end());
        points.push_back({reading.cycles, std::accumulate(cells.begin(), cells.end(), 0.0) / double(cells.size()),
                          0.5 * (*most - *least)});
    }
    return points;
}

units::Estimate trend_at(const Trend& trend, const std::vector<HealthPoint>& points, double cycles) {
    const auto n = double(points.size());
    double middle = 0.0;
    for (const HealthPoint& point : points) middle += point.cycles / n;
    double spread = 0.0;
    for (const HealthPoint& point : points) spread += std::pow(point.cycles - middle, 2);
    // The slope's sd is that of one reading over the root of the spread; the middle's over the root of their
    // number.
    const double reading_sd = trend.per_cycle.sd * std::sqrt(spread);
    return {trend.now.value + (cycles - points.back().cycles) * trend.per_cycle.value,
            units::combine_sd(reading_sd / std::sqrt(n), (cycles - middle) * trend.per_cycle.sd)};
}

} // namespace sobremesa::battery
