#include "core/battery/discharge.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include <boost/numeric/odeint/integrate/max_step_checker.hpp>
#include <boost/numeric/odeint/stepper/controlled_runge_kutta.hpp>
#include <boost/numeric/odeint/stepper/dense_output_runge_kutta.hpp>
#include <boost/numeric/odeint/stepper/generation.hpp>
#include <boost/numeric/odeint/stepper/runge_kutta_dopri5.hpp>

#include "core/units/constants.hpp"

namespace sobremesa::battery {

namespace {

namespace odeint = boost::numeric::odeint;

/// [0] charge used, Ah; [1] filtered terminal voltage, V.
using State = std::array<double, 2>;

/// Beyond this a discharge is not a flight any more; it bounds the work for a load of nearly nothing.
constexpr double longest_discharge_s = 1000.0 * units::seconds_per_hour;
constexpr double least_power_w = 1e-3;
constexpr int sample_count = 240;
constexpr double end_tolerance_s = 1e-3;

/// Terminal behaviour at a charge, going on smoothly past the point where the power fails, so that an integrator
/// that steps over it gets a number; the event below then brings it back.
LoadPoint load_or_limit(const Pack& pack, double charge_used_ah, double power_w) {
    if (const auto load = at_power(pack, {charge_used_ah}, power_w)) return *load;
    const double half = std::max(0.5 * open_circuit_v(pack, {charge_used_ah}), 1e-3);
    return {power_w / half, half};
}

struct EndTest {
    const Pack& pack;
    double power_w;
    double landing_pack_v;
    double full_ah;

    bool reached(const State& state, DischargeEnd& end) const {
        if (state[0] >= full_ah) {
            end = DischargeEnd::empty;
            return true;
        }
        if (!at_power(pack, {state[0]}, power_w)) {
            end = DischargeEnd::power_not_available;
            return true;
        }
        if (landing_pack_v > 0.0 && state[1] <= landing_pack_v) {
            end = DischargeEnd::landing_voltage;
            return true;
        }
        return false;
    }
};

template <class Compare>
DischargePoint interpolated(const Discharge& discharge, double at, Compare key) {
    const auto& points = discharge.points;
    if (at <= key(points.front())) return points.front();
    if (at >= key(points.back())) return points.back();
    const auto above = std::upper_bound(points.begin(), points.end(), at,
                                        [&](double value, const DischargePoint& p) { return value < key(p); });
    const DischargePoint& b = *above;
    const DischargePoint& a = *(above - 1);
    const double f = (at - key(a)) / (key(b) - key(a));
    return {std::lerp(a.time_s, b.time_s, f), std::lerp(a.charge_used_ah, b.charge_used_ah, f),
            std::lerp(a.energy_wh, b.energy_wh, f), std::lerp(a.voltage_v, b.voltage_v, f),
            std::lerp(a.current_a, b.current_a, f)};
}

} // namespace

Discharge discharge_at_power(const Pack& pack, const PackState& start, double power_w, const DischargeStop& stop) {
    power_w = std::max(power_w, least_power_w);
    Discharge result;
    result.power_w = power_w;

    const auto sample = [&](double time_s, double charge_used_ah) {
        const LoadPoint load = load_or_limit(pack, charge_used_ah, power_w);
        // At constant power the energy is known exactly; integrating it would only add an error.
        result.points.push_back(
            {time_s, charge_used_ah, power_w * time_s / units::seconds_per_hour, load.voltage_v, load.current_a});
    };

    const double start_v = load_or_limit(pack, start.charge_used_ah, power_w).voltage_v;
    State state{start.charge_used_ah, start_v};
    sample(0.0, state[0]);

    const EndTest test{pack, power_w, stop.landing_cell_v * pack.series, full_charge_ah(pack)};
    if (test.reached(state, result.end)) return result;
    const double longest_s = std::min(stop.longest_s, longest_discharge_s);
    if (longest_s <= 0.0) {
        result.end = DischargeEnd::time_over;
        return result;
    }

    const auto rates = [&](const State& x, State& dxdt, double) {
        const LoadPoint load = load_or_limit(pack, x[0], power_w);
        dxdt[0] = load.current_a / units::seconds_per_hour;
        dxdt[1] = (load.voltage_v - x[1]) / voltage_filter_s;
    };
    auto stepper = odeint::make_dense_output(1e-9, 1e-9, odeint::runge_kutta_dopri5<State>());
    stepper.initialize(state, 0.0, 1.0);

    // First pass: step until an end lies inside the step, then bisect it on the dense output. The steps' ends are
    // kept: they are what the samples are later drawn from.
    struct Knot {
        double time_s;
        double charge_ah;
        double rate_ah_per_s;
    };
    std::vector<Knot> knots{{0.0, state[0], 0.0}};
    State slope{};
    rates(state, slope, 0.0);
    knots.back().rate_ah_per_s = slope[0];
    double end_s = longest_s;
    result.end = DischargeEnd::time_over;
    for (;;) {
        const auto [from_s, to_s] = stepper.do_step(rates);
        const double step_end_s = std::min(to_s, longest_s);
        State at_end{};
        stepper.calc_state(step_end_s, at_end);
        DischargeEnd why = result.end;
        bool over = test.reached(at_end, why);
        if (over) {
            double before = from_s;
            double after = step_end_s;
            while (after - before > end_tolerance_s) {
                const double middle = 0.5 * (before + after);
                State at_middle{};
                stepper.calc_state(middle, at_middle);
                (test.reached(at_middle, why) ? after : before) = middle;
            }
            end_s = after;
            stepper.calc_state(end_s, at_end);
            test.reached(at_end, result.end);
        } else if (to_s >= longest_s) {
            end_s = longest_s;
            over = true;
        }
        rates(at_end, slope, step_end_s);
        knots.push_back({over ? end_s : to_s, at_end[0], slope[0]});
        if (over) break;
    }

    // Second pass: even samples, by cubic Hermite between the knots (value and slope are exact there).
    std::size_t k = 0;
    for (int i = 1; i <= sample_count; ++i) {
        const double t = end_s * i / sample_count;
        while (k + 2 < knots.size() && knots[k + 1].time_s < t)
            ++k;
        const Knot& a = knots[k];
        const Knot& b = knots[k + 1];
        const double h = b.time_s - a.time_s;
        const double u = h > 0.0 ? std::clamp((t - a.time_s) / h, 0.0, 1.0) : 1.0;
        const double h00 = (1 + 2 * u) * (1 - u) * (1 - u);
        const double h10 = u * (1 - u) * (1 - u);
        const double h01 = u * u * (3 - 2 * u);
        const double h11 = u * u * (u - 1);
        sample(t, h00 * a.charge_ah + h10 * h * a.rate_ah_per_s + h01 * b.charge_ah + h11 * h * b.rate_ah_per_s);
    }
    return result;
}

DischargePoint point_at_time(const Discharge& discharge, double time_s) {
    return interpolated(discharge, time_s, [](const DischargePoint& p) { return p.time_s; });
}

DischargePoint point_at_charge(const Discharge& discharge, double charge_used_ah) {
    return interpolated(discharge, charge_used_ah, [](const DischargePoint& p) { return p.charge_used_ah; });
}

DischargePoint point_at_energy(const Discharge& discharge, double energy_wh) {
    return interpolated(discharge, energy_wh, [](const DischargePoint& p) { return p.energy_wh; });
}

} // namespace sobremesa::battery
