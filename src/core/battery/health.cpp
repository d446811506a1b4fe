#include "core/battery/health.hpp"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::battery {

namespace {

/// A charger's count and a meter's resistance, relative sd: common practice.
constexpr double recharge_sd = 0.015;
constexpr double resistance_sd = 0.10;
/// Volts above the storage voltage by which a pack counts as left full.
constexpr double above_storage_v = 0.15;

double mean(const std::vector<double>& values) {
    return std::accumulate(values.begin(), values.end(), 0.0) / double(values.size());
}

/// The value farthest from the mean of the others. @return index, and the distance with its sign
std::pair<int, double> farthest(const std::vector<double>& values) {
    int at = 0;
    double most = 0.0;
    for (std::size_t i = 0; i < values.size(); ++i) {
        const double others = (mean(values) * double(values.size()) - values[i]) / double(values.size() - 1);
        const double off = values[i] - others;
        if (std::abs(off) > std::abs(most)) {
            most = off;
            at = int(i);
        }
    }
    return {at, most};
}

void look_for_odd_cell(const HealthReading& reading, Health& health) {
    if (reading.cell_resistance_ohm.size() > 1) {
        const auto [cell, off] = farthest(reading.cell_resistance_ohm);
        const double relative = off / mean(reading.cell_resistance_ohm);
        if (relative > odd_resistance_over_mean) {
            health.odd_cell = cell;
            health.odd_cell_over_mean = relative;
        }
    }
    if (!health.odd_cell && reading.cell_v.size() > 1) {
        const auto [cell, off] = farthest(reading.cell_v);
        if (std::abs(off) > odd_cell_v) {
            health.odd_cell = cell;
            health.odd_cell_over_mean = off / mean(reading.cell_v);
        }
    }
    if (health.odd_cell) health.advice.push_back(HealthAdvice::cell_unbalanced);
}

} // namespace

std::optional<Trend> trend(const std::vector<double>& cycles, const std::vector<double>& values,
                           double reading_sd) {
    const auto n = double(values.size());
    if (values.size() < 2) return std::nullopt;
    const double x_mean = mean(cycles);
    const double y_mean = mean(values);
    double sxx = 0.0;
    double sxy = 0.0;
    for (std::size_t i = 0; i < values.size(); ++i) {
        sxx += (cycles[i] - x_mean) * (cycles[i] - x_mean);
        sxy += (cycles[i] - x_mean) * (values[i] - y_mean);
    }
    if (sxx <= 0.0) return std::nullopt;
    const double slope = sxy / sxx;
    double scatter = 0.0;
    for (std::size_t i = 0; i < values.size(); ++i) {
        const double off = values[i] - (y_mean + slope * (cycles[i] - x_mean));
        scatter += off * off;
    }
    const double seen_sd = values.size() > 2 ? std::sqrt(scatter / (n - 2.0)) : 0.0;
    // A few readings may lie on a line by luck: never surer than the instrument.
    const double sd = std::max(seen_sd, reading_sd);
    const double x_last = cycles.back() - x_mean;
    Trend result;
    result.readings = int(values.size());
    result.per_cycle = {slope, sd / std::sqrt(sxx)};
    result.now = {y_mean + slope * x_last, sd * std::sqrt(1.0 / n + x_last * x_last / sxx)};
    return result;
}

Health health(const Pack& pack, const std::vector<HealthReading>& readings, double now_s,
              std::optional<double> resting_cell_v_now, double since_s) {
    Health result;
    std::vector<double> recharge_cycles;
    std::vector<double> capacities;
    std::vector<double> resistance_cycles;
    std::vector<double> resistances;
    for (const HealthReading& reading : readings) {
        if (reading.full_recharge_ah) {
            recharge_cycles.push_back(reading.cycles);
            capacities.push_back(*reading.full_recharge_ah / rated_charge_ah(pack));
        }
        if (!reading.cell_resistance_ohm.empty()) {
            resistance_cycles.push_back(reading.cycles);
            resistances.push_back(mean(reading.cell_resistance_ohm));
        }
    }
    result.capacity = trend(recharge_cycles, capacities, recharge_sd);
    if (!resistances.empty())
        result.resistance = trend(resistance_cycles, resistances, resistance_sd * resistances.front());

    const double capacity_now = result.capacity       ? result.capacity->now.value
                                : !capacities.empty() ? capacities.back()
                                                      : 1.0;
    if (capacity_now < retire_capacity) result.advice.push_back(HealthAdvice::capacity_low);
    if (result.capacity && result.capacity->per_cycle.value < 0.0 && capacity_now > retire_capacity) {
        const units::Estimate& slope = result.capacity->per_cycle;
        const double left = (retire_capacity - capacity_now) / slope.value;
        const double sd = units::combine_sd(left * slope.sd / slope.value, result.capacity->now.sd / slope.value);
        result.cycles_left = units::Estimate{left, sd};
    }
    const double resistance_now = result.resistance      ? result.resistance->now.value
                                  : !resistances.empty() ? resistances.back()
                                                         : 0.0;
    if (!resistances.empty() && resistance_now > retire_resistance_factor * resistances.front())
        result.advice.push_back(HealthAdvice::resistance_high);
    const auto last_cells = std::find_if(readings.rbegin(), readings.rend(), [](const HealthReading& r) {
        return r.cell_resistance_ohm.size() > 1 || r.cell_v.size() > 1;
    });
    if (last_cells != readings.rend()) look_for_odd_cell(*last_cells, result);

    const ChemistryTraits& chemistry = traits(pack.chemistry);
    if (resting_cell_v_now && now_s - since_s > longest_full_s) {
        const bool full = *resting_cell_v_now > chemistry.storage_cell_v + above_storage_v;
        const bool empty = *resting_cell_v_now < open_circuit_cell_v(pack.chemistry, 0.1);
        if (full || empty) result.advice.push_back(HealthAdvice::store_it);
    }
    return result;
}

Health health(const Pack& pack, const std::vector<HealthReading>& readings, double now_s) {
    std::optional<double> resting_v;
    double since_s = now_s;
    for (const HealthReading& reading : readings) {
        if (reading.cell_v.empty()) continue;
        resting_v = mean(reading.cell_v);
        since_s = reading.time_s;
    }
    return health(pack, readings, now_s, resting_v, since_s);
}

units::Result<HealthReading> validate(const Pack& pack, HealthReading reading) {
    constexpr double most_cycles = 1e5;
    constexpr double most_over_label = 2.0;
    constexpr double most_ohm = 1.0;
    const ChemistryTraits& chemistry = traits(pack.chemistry);
    if (!(reading.cycles >= 0.0 && reading.cycles <= most_cycles))
        return units::out_of_range("cycles", reading.cycles, 0.0, most_cycles);
    if (const auto charge = reading.full_recharge_ah) {
        const double most = most_over_label * rated_charge_ah(pack);
        if (!(*charge > 0.0 && *charge <= most)) return units::out_of_range("full_recharge_ah", *charge, 0.0, most);
    }
    for (const auto* values : {&reading.cell_resistance_ohm, &reading.cell_v}) {
        if (!values->empty() && int(values->size()) != pack.series)
            return units::out_of_range(values == &reading.cell_v ? "cell_v" : "cell_resistance_ohm",
                                       double(values->size()), pack.series, pack.series);
    }
    for (const double ohm : reading.cell_resistance_ohm) {
        if (!(ohm > 0.0 && ohm <= most_ohm)) return units::out_of_range("cell_resistance_ohm", ohm, 1e-5, most_ohm);
    }
    constexpr double beyond_v = 0.3;
    for (const double volts : reading.cell_v) {
        if (!(volts >= 1.0 && volts <= chemistry.full_cell_v + beyond_v))
            return units::out_of_range("cell_v", volts, 1.0, chemistry.full_cell_v + beyond_v);
    }
    return reading;
}

std::optional<units::Explanation> explain(const Pack& pack, const Health& health, units::Quantity quantity) {
    using units::Origin;
    using units::Quantity;
    units::Explanation why;
    why.quantity = quantity;
    why.relation = units::Relation::line_through_readings;
    why.source = units::Source::least_squares;
    switch (quantity) {
    case Quantity::full_charge_share:
        if (!health.capacity) return std::nullopt;
        why.value = health.capacity->now;
        why.inputs = {{Quantity::rated_charge, {rated_charge_ah(pack), 0.0}, Origin::given}};
        return why;
    case Quantity::measured_cell_resistance:
        if (!health.resistance) return std::nullopt;
        why.value = health.resistance->now;
        return why;
    case Quantity::cycles_left:
        if (!health.cycles_left) return std::nullopt;
        why.value = *health.cycles_left;
        why.relation = units::Relation::line_to_end_of_life;
        why.inputs = {{Quantity::full_charge_share, health.capacity->now, Origin::computed}};
        return why;
    default: return std::nullopt;
    }
}

} // namespace sobremesa::battery
