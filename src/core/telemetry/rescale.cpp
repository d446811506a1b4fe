#include "core/telemetry/rescale.hpp"

namespace sobremesa::telemetry {

std::shared_ptr<const FlightLog> rescaled(std::shared_ptr<const FlightLog> log, double current_factor) {
    if (current_factor == 1.0) return log;
    auto copy = std::make_shared<FlightLog>(*log);
    for (const Channel channel : {Channel::current_a, Channel::charge_ah, Channel::energy_wh, Channel::power_w}) {
        for (double& value : (*copy)[channel]) value *= current_factor;
    }
    return copy;
}

LogSummary rescaled(LogSummary summary, double current_factor) {
    const auto scale = [&](auto& value) {
        if (value) value = *value * current_factor;
    };
    const auto scale_estimate = [&](std::optional<units::Estimate>& value) {
        if (value) value = units::Estimate{value->value * current_factor, value->sd * current_factor};
    };
    scale_estimate(summary.energy.charge_ah);
    scale_estimate(summary.energy.energy_wh);
    scale_estimate(summary.energy.logged_charge_ah);
    scale_estimate(summary.energy.logged_energy_wh);
    scale_estimate(summary.energy_wh_per_m);
    scale_estimate(summary.charge_ah_per_m);
    for (LevelPoint& point : summary.level)
        point.power_w = {point.power_w.value * current_factor, point.power_w.sd * current_factor};
    scale(summary.energy.counter_ah);
    scale(summary.energy.before_log_ah);
    if (summary.energy.highest_current) summary.energy.highest_current->value *= current_factor;
    scale(summary.energy.mean_current_a);
    scale(summary.energy.mean_power_w);
    return summary;
}

} // namespace sobremesa::telemetry
