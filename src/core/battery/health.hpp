#pragma once

#include <optional>
#include <vector>

#include "core/battery/pack.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::battery {

/// One reading of a pack, as a charger or a meter gives it. What was not read is empty.
struct HealthReading {
    /// Seconds since 1970, UTC.
    double time_s = 0.0;
    /// Charge behind the pack in full cycles at that moment.
    double cycles = 0.0;
    /// What a full charge put back after the pack was emptied to its landing voltage, Ah.
    std::optional<double> full_recharge_ah;
    /// Of each cell, Ω.
    std::vector<double> cell_resistance_ohm;
    /// Resting volts of each cell.
    std::vector<double> cell_v;
    friend bool operator==(const HealthReading&, const HealthReading&) = default;
};

/// A straight line through readings over cycles.
struct Trend {
    /// At the last reading.
    units::Estimate now;
    /// Per full cycle.
    units::Estimate per_cycle;
    int readings = 0;
};

enum class HealthAdvice {
    capacity_low,    ///< below 80 % of the label: for short flights, then for the bench
    resistance_high, ///< twice that of the first readings
    cell_unbalanced, ///< one cell apart from the others
    store_it,        ///< full, or empty, for days
};

struct Health {
    /// Full recharge over the rated charge.
    std::optional<Trend> capacity;
    /// Mean resistance of a cell, Ω.
    std::optional<Trend> resistance;
    /// From 0; the cell farthest from the others, and by how much.
    std::optional<int> odd_cell;
    double odd_cell_over_mean = 0.0;
    /// Full cycles until the capacity is at 80 %, by the trend. Empty where it does not fall.
    std::optional<units::Estimate> cycles_left;
    std::vector<HealthAdvice> advice;
};

/// Common practice, no source.
inline constexpr double retire_capacity = 0.8;
inline constexpr double retire_resistance_factor = 2.0;
inline constexpr double odd_resistance_over_mean = 0.3;
inline constexpr double odd_cell_v = 0.03;
inline constexpr double longest_full_s = 3.0 * 86400.0;

/// @param readings     in the order of time
/// @param now_s        seconds since 1970, UTC
/// @param resting_cell_v_now  as last known; empty: not known, no reminder
/// @param since_s      since when it rests there
Health health(const Pack& pack, const std::vector<HealthReading>& readings, double now_s,
              std::optional<double> resting_cell_v_now, double since_s);

/// With what the last reading of volts says of how it rests.
Health health(const Pack& pack, const std::vector<HealthReading>& readings, double now_s);

/// @error `value_out_of_range` naming what no charger or meter shows: a recharge of more than twice the label, a
/// resistance beyond 1 Ω, volts outside of the chemistry, or another number of cells than the pack has in series
units::Result<HealthReading> validate(const Pack& pack, HealthReading reading);

/// The answers to "why?" for full charge, resistance and cycles left; nothing where the readings do not tell.
std::optional<units::Explanation> explain(const Pack& pack, const Health& health, units::Quantity quantity);

/// Least squares through two or more readings; the sd of the line from the scatter around it, and from `reading_sd`
/// where there are too few to see a scatter.
std::optional<Trend> trend(const std::vector<double>& cycles, const std::vector<double>& values, double reading_sd);

} // namespace sobremesa::battery
