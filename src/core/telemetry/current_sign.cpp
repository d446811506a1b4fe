// Some sensors count what leaves the pack as negative.

#include <algorithm>
#include <cmath>
#include <iterator>
#include <span>

#include "core/telemetry/clean_log.hpp"
#include "core/units/median.hpp"

namespace sobremesa::telemetry {

namespace {

/// Nearly all of what went through the sensor went one way.
constexpr double one_way = 4.0;
/// Volts that rose by more than this share of themselves tell of a pack that was charged.
constexpr double risen_share = 0.005;

/// Whether a sum of steps is negative, one way.
bool mostly_negative(const std::vector<double>& values) {
    double forward = 0.0;
    double backward = 0.0;
    for (const double value : values) {
        if (value > 0.0) forward += value;
        if (value < 0.0) backward -= value;
    }
    return backward > one_way * forward && backward > 0.0;
}

/// A counter that only ever shows what is below zero, and goes down.
bool counts_down_from_zero(const std::vector<double>& counter) {
    double last = 0.0;
    for (const double value : counter) {
        if (value > 0.0) return false;
        if (std::isfinite(value)) last = value;
    }
    return last < 0.0;
}

bool counter_rises(const std::vector<double>& counter) {
    constexpr double least_ah = 0.02;
    const auto known = [](double value) { return std::isfinite(value); };
    const auto first = std::find_if(counter.begin(), counter.end(), known);
    const auto last = std::find_if(counter.rbegin(), counter.rend(), known);
    return first != counter.end() && *last > *first + least_ah;
}

/// Median volts of some rows; NaN where none of them has any.
double median_volts(std::span<const double> volts) {
    std::vector<double> known;
    std::copy_if(volts.begin(), volts.end(), std::back_inserter(known), [](double v) { return v > 0.0; });
    return known.empty() ? missing_value : units::median(std::move(known));
}

/// From the first tenth of the rows to the last.
bool volts_rise(std::span<const double> volts) {
    const std::size_t tenth = (volts.size() + 9) / 10;
    return median_volts(volts.last(tenth)) > (1.0 + risen_share) * median_volts(volts.first(tenth));
}

} // namespace

std::shared_ptr<const FlightLog> with_drawn_current_positive(const std::shared_ptr<const FlightLog>& log) {
    const auto& current = (*log)[Channel::current_a];
    const auto& counter = (*log)[Channel::charge_ah];
    const bool counter_turned = counts_down_from_zero(counter);
    bool current_turned = mostly_negative(current);
    // What comes in is negative where what goes out is positive: an array that charges the pack is no fault.
    if (current_turned && !counter_turned && !counter_rises(counter))
        current_turned = !log->has(Channel::array_current_a) && !volts_rise((*log)[Channel::voltage_v]);
    if (!current_turned && !counter_turned) return log;
    auto turned = std::make_shared<FlightLog>(*log);
    const auto turn = [&](Channel channel) {
        for (double& value : (*turned)[channel]) value = -value;
    };
    if (current_turned) turn(Channel::current_a);
    if (counter_turned) turn(Channel::charge_ah);
    return turned;
}

} // namespace sobremesa::telemetry
