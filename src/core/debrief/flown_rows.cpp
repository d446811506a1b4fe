#include "core/debrief/flown_rows.hpp"

#include <cmath>
#include <optional>

#include "core/battery/discharge.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::debrief {

FlownRows flown_rows(const telemetry::CleanLog& log) {
    using telemetry::Channel;
    FlownRows rows;
    if (!log.raw->has(Channel::voltage_v) || !log.raw->has(Channel::current_a)) return rows;
    const std::size_t n = log.rows.size();
    rows.charge_ah.assign(n, std::nan(""));
    rows.energy_wh.assign(n, std::nan(""));
    rows.smooth_v.assign(n, 0.0);
    double sum_as = 0.0;
    double sum_ws = 0.0;
    double smooth_v = 0.0;
    std::optional<std::size_t> previous;
    double previous_a = 0.0;
    double previous_w = 0.0;
    for (std::size_t i = 0; i < n; ++i) {
        const double volts = log.value(Channel::voltage_v, i);
        const double amps = log.value(Channel::current_a, i);
        rows.smooth_v[i] = smooth_v;
        if (!std::isfinite(volts * amps)) continue;
        if (previous) {
            const double step_s = log.time_s(i) - log.time_s(*previous);
            if (!(step_s > log.longest_step_s)) {
                sum_as += 0.5 * (previous_a + amps) * step_s;
                sum_ws += 0.5 * (previous_w + volts * amps) * step_s;
            }
            smooth_v += (volts - smooth_v) * (1.0 - std::exp(-step_s / battery::voltage_filter_s));
        } else {
            smooth_v = volts;
        }
        rows.smooth_v[i] = smooth_v;
        rows.charge_ah[i] = sum_as / units::seconds_per_hour;
        rows.energy_wh[i] = sum_ws / units::seconds_per_hour;
        previous = i;
        previous_a = amps;
        previous_w = volts * amps;
    }
    return rows;
}

} // namespace sobremesa::debrief
