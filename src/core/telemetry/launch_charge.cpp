#include "core/telemetry/launch_charge.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::telemetry {

namespace {

constexpr double first_s = 300.0;
constexpr double least_s = 30.0;
/// Further into the pack it is the middle of a flight that is looked at.
constexpr double most_share_used = 0.25;
constexpr double step_s = 5.0;

// Common practice, no source.
constexpr double sensor_relative_sd = 0.01;
constexpr double curve_sd_v = 0.050;
constexpr double resistance_relative_sd = 0.35;
constexpr double known_resistance_relative_sd = 0.15;
constexpr double slow_part_relative_sd = 0.5;
constexpr double short_sds = 2.5;

struct Seen {
    double cell_v = 0.0; ///< mean over the time
    double current_a = 0.0;
    double ohm = 0.0;
    double held_back_v = 0.0; ///< by the slow part, of a cell
};

class FirstMinutes {
public:
    FirstMinutes(const PackTrace& trace, const battery::PackModel& pack, double air_temperature_c)
        : trace_(trace), pack_(pack), air_c_(air_temperature_c) {
        const double full_ah = pack.fullChargeAh();
        double seconds = 0.0;
        double volts = 0.0;
        for (const PackTracePoint& point : trace.points) {
            if (seconds > least_s &&
                (seconds + point.seconds > first_s || point.charge_ah - before_ah() > most_share_used * full_ah))
                break;
            ++parts_;
            if (!std::isfinite(point.voltage_v)) continue;
            seconds += point.seconds;
            volts += point.seconds * point.voltage_v;
        }
        if (seconds >= least_s) measured_cell_v_ = volts / seconds / pack.pack().series;
    }

    std::optional<double> measured_cell_v() const { return measured_cell_v_; }

    Seen from(double share) const {
        const double series = pack_.pack().series;
        battery::PackState state = pack_.atStart(air_c_);
        state.charge_used_ah = (1.0 - share) * pack_.fullChargeAh() + before_ah();
        Seen mean;
        double seconds = 0.0;
        for (std::size_t k = 0; k < parts_; ++k) {
            const PackTracePoint& point = trace_.points[k];
            const int steps = std::max(1, int(std::ceil(point.seconds / step_s)));
            const double dt_s = point.seconds / steps;
            for (int i = 0; i < steps; ++i) {
                auto circuit = pack_.circuit(state);
                if (trace_.sag_ohm) circuit.resistance_ohm = trace_.sag_ohm->value;
                if (std::isfinite(point.voltage_v)) {
                    seconds += dt_s;
                    mean.cell_v += dt_s * circuit.atCurrent(point.current_a).voltage_v / series;
                    mean.current_a += dt_s * point.current_a;
                    mean.ohm += dt_s * circuit.resistance_ohm;
                    mean.held_back_v += dt_s * (pack_.restingV(state) - circuit.open_circuit_v) / series;
                }
                const auto rates = pack_.rates(state, circuit, point.current_a, air_c_);
                state.charge_used_ah += rates.charge_a * dt_s / units::seconds_per_hour;
                state.slow_gap += rates.slow_gap_per_s * dt_s;
                state.temperature_c += rates.kelvin_per_s * dt_s;
            }
        }
        mean.cell_v /= seconds;
        mean.current_a /= seconds;
        mean.ohm /= seconds;
        mean.held_back_v /= seconds;
        return mean;
    }

    /// How far its volts may be off, of a cell.
    double sd_v(const Seen& seen) const {
        const double sag_v = seen.current_a * seen.ohm / pack_.pack().series;
        double relative = pack_.pack().known ? known_resistance_relative_sd : resistance_relative_sd;
        if (trace_.sag_ohm) relative = trace_.sag_ohm->sd / std::max(trace_.sag_ohm->value, 1e-9);
        return units::combine_sd(units::combine_sd(sensor_relative_sd * seen.cell_v, curve_sd_v), relative * sag_v,
                                 slow_part_relative_sd * seen.held_back_v);
    }

private:
    /// Drawn before the log began.
    double before_ah() const {
        const PackTracePoint& first = trace_.points.front();
        return std::max(first.charge_ah - first.current_a * first.seconds / units::seconds_per_hour, 0.0);
    }

    const PackTrace& trace_;
    const battery::PackModel& pack_;
    double air_c_;
    std::size_t parts_ = 0;
    std::optional<double> measured_cell_v_;
};

} // namespace

std::optional<LaunchCharge> launch_charge(const PackTrace& trace, const battery::PackModel& pack,
                                          double air_temperature_c) {
    if (trace.points.empty()) return std::nullopt;
    const FirstMinutes first(trace, pack, air_temperature_c);
    if (!first.measured_cell_v()) return std::nullopt;
    const double measured_v = *first.measured_cell_v();
    LaunchCharge found;
    found.assumed_share = pack.meanCharge(pack.atStart(air_temperature_c));
    const Seen assumed = first.from(found.assumed_share);
    found.is_short = assumed.cell_v - measured_v > short_sds * first.sd_v(assumed);
    double low = 0.0;
    double high = 1.0;
    constexpr int halvings = 20;
    for (int i = 0; i < halvings; ++i) {
        const double middle = 0.5 * (low + high);
        (first.from(middle).cell_v < measured_v ? low : high) = middle;
    }
    const double share = 0.5 * (low + high);
    constexpr double around = 0.05;
    const double below = std::max(share - around, 0.0);
    const double above = std::min(share + around, 1.0);
    const double slope_v = (first.from(above).cell_v - first.from(below).cell_v) / (above - below);
    found.share = {share, std::min(first.sd_v(first.from(share)) / std::max(slope_v, 1e-3), 1.0)};
    battery::PackState rested;
    rested.charge_used_ah = (1.0 - share) * pack.fullChargeAh();
    found.resting_cell_v = pack.restingV(rested) / pack.pack().series;
    return found;
}

std::optional<units::Diagnostic> launch_diagnostic(const LaunchCharge& launch) {
    if (!launch.is_short) return std::nullopt;
    return units::Diagnostic{units::DiagnosticCode::pack_not_full_at_launch,
                             units::Severity::warning,
                             {{"share", launch.share.value},
                              {"share_sd", launch.share.sd},
                              {"assumed_share", launch.assumed_share},
                              {"resting_cell_v", launch.resting_cell_v}}};
}

} // namespace sobremesa::telemetry
