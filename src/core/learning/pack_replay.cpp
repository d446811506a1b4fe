#include "core/learning/pack_replay.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::learning {

namespace {

constexpr double longest_step_s = 20.0;
constexpr double gap_nudge = 1e-4;

} // namespace

void step(const battery::PackModel& model, battery::PackState& state, double current_a, double air_temperature_c,
          double seconds) {
    constexpr double seconds_per_hour = 3600.0;
    const auto circuit = model.circuit(state);
    const auto now = model.rates(state, circuit, current_a, air_temperature_c);
    battery::PackState nudged = state;
    nudged.slow_gap += gap_nudge;
    const double slope =
        (model.rates(nudged, circuit, current_a, air_temperature_c).slow_gap_per_s - now.slow_gap_per_s) /
        gap_nudge;
    // dD/dt = f + f'·(D − D₀): its own solution over the step.
    const double over = slope < -1e-9 ? std::expm1(slope * seconds) / slope : seconds;
    state.slow_gap += now.slow_gap_per_s * over;
    state.temperature_c += now.kelvin_per_s * seconds;
    state.charge_used_ah += current_a * seconds / seconds_per_hour;
}

Replay replay(const battery::PackModel& model, const PackFlight& flight, double current_gain, double deficit,
              std::size_t parts) {
    Replay result;
    battery::PackState state = model.atStart(flight.air_temperature_c);
    state.charge_used_ah += deficit * model.fullChargeAh();
    const auto& points = flight.trace.points;
    // What the log's counter had before its first row.
    if (!points.empty()) {
        const double first_ah = points.front().current_a * points.front().seconds / 3600.0;
        state.charge_used_ah += std::max(points.front().charge_ah - first_ah, 0.0) / current_gain;
    }
    for (std::size_t k = 0; k < std::min(parts, points.size()); ++k) {
        const double current_a = points[k].current_a / current_gain;
        const int steps = std::clamp(int(std::ceil(points[k].seconds / longest_step_s)), 2, 60);
        const double step_s = points[k].seconds / steps;
        double volts = 0.0;
        double surface = 0.0;
        for (int i = 0; i < steps; ++i) {
            step(model, state, current_a, flight.air_temperature_c, 0.5 * step_s);
            volts += model.atCurrent(state, current_a).voltage_v / steps;
            surface += model.surfaceCharge(state) / steps;
            step(model, state, current_a, flight.air_temperature_c, 0.5 * step_s);
        }
        result.cell_v.push_back(volts / model.pack().series);
        result.surface_charge.push_back(surface);
        result.temperature_c.push_back(state.temperature_c);
    }
    result.end = state;
    return result;
}

} // namespace sobremesa::learning
