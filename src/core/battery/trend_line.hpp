#pragma once

#include <vector>

#include "core/battery/health.hpp"

namespace sobremesa::battery {

/// One reading of one quantity over full cycles.
struct HealthPoint {
    double cycles = 0.0;
    double value = 0.0;
    /// Half of the distance from the best cell to the worst; 0 where it is one number for the pack.
    double half_spread = 0.0;
};

/// Full recharges over the rated charge.
std::vector<HealthPoint> charge_points(const Pack& pack, const std::vector<HealthReading>& readings);
/// Mean resistance of a cell, Ω.
std::vector<HealthPoint> resistance_points(const std::vector<HealthReading>& readings);

/// The line of a trend at any number of cycles, with its sd: least at the middle of the readings, wider to both
/// sides.
/// @param points  those that the trend was drawn through
units::Estimate trend_at(const Trend& trend, const std::vector<HealthPoint>& points, double cycles);

} // namespace sobremesa::battery
