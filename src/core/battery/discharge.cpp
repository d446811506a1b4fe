#include "core/battery/discharge.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include <boost/numeric/odeint/integrate/max_step_checker.hpp>
#include <boost/numeric/odeint/stepper/controlled_runge_kutta.hpp>
#include <boost/numeric/odeint/stepper/dense_output_runge_kutta.hpp>
#include <boost/numeric/odeint/stepper/generation.hpp>
#include <boost/numeric/odeint/stepper/runge_kutta_dopri5.hpp>

#include "core/units/constants.hpp"

namespace sobremesa::battery {

namespace {

namespace odeint = boost::numeric::odeint;

/// Charge used, Ah.
using State = std::array<double, 1>;

/// Beyond this a discharge is not a flight any more; it bounds the work for a load of nearly nothing.
constexpr double longest_discharge_s = 1000.0 * units::seconds_per_hour;
constexpr double least_power_w = 1e-3;
constexpr double end_tolerance_s = 1e-3;

/// Terminal behaviour at a charge, going on smoothly past the point where the power fails, so that an integrator
/// that steps over it gets a number; the bisection then brings it back.
LoadPoint load_or_limit(const Pack& pack, double charge_used_ah, double power_w) {
    if (const auto load = at_power(pack, {charge_used_ah}, power_w)) return *load;
    const double half = std::max(0.5 * open_circuit_v(pack, {charge_used_ah}), 1e-3);
    return {power_w / half, half};
}

/// Charge over time between the integrator's steps: value and slope are exact at the knots, cubic Hermite between.
class ChargeCurve {
public:
    struct Knot {
        double time_s;
        double charge_ah;
        double rate_ah_per_s;
    };
    void add(const Knot& knot) { knots_.push_back(knot); }
    double end_s() const { return knots_.back().time_s; }

    double at(double time_s) const {
        const auto above = std::upper_bound(knots_.begin() + 1, knots_.end() - 1, time_s,
                                            [](double t, const Knot& k) { return t < k.time_s; });
        const Knot& b = *above;
        const Knot& a = *(above - 1);
        const double h = b.time_s - a.time_s;
        const double u = h > 0.0 ? std::clamp((time_s - a.time_s) / h, 0.0, 1.0) : 1.0;
        const double h00 = (1 + 2 * u) * (1 - u) * (1 - u);
        const double h10 = u * (1 - u) * (1 - u);
        const double h01 = u * u * (3 - 2 * u);
        const double h11 = u * u * (u - 1);
        return h00 * a.charge_ah + h10 * h * a.rate_ah_per_s + h01 * b.charge_ah + h11 * h * b.rate_ah_per_s;
    }

private:
    std::vector<Knot> knots_;
};

/// A moment between two others at which a condition turns true, to the tolerance.
template <class Condition>
double bisected(double before_s, double after_s, Condition holds) {
    while (after_s - before_s > end_tolerance_s) {
        const double middle_s = 0.5 * (before_s + after_s);
        (holds(middle_s) ? after_s : before_s) = middle_s;
    }
    return after_s;
}

struct Load {
    const Pack& pack;
    double power_w;
    double full_ah;

    LoadPoint at(double charge_ah) const { return load_or_limit(pack, charge_ah, power_w); }
    double rate_ah_per_s(double charge_ah) const { return at(charge_ah).current_a / units::seconds_per_hour; }
    /// Whether the pack itself is at its end there, whatever the landing voltage.
    bool is_over(double charge_ah, DischargeEnd& end) const {
        if (charge_ah >= full_ah) {
            end = DischargeEnd::empty;
            return true;
        }
        if (at_power(pack, {charge_ah}, power_w)) return false;
        end = DischargeEnd::power_not_available;
        return true;
    }
};

/// Integrates until the pack's own end or the wanted time.
ChargeCurve integrate_charge(const Load& load, double start_ah, double longest_s, DischargeEnd& end) {
    ChargeCurve curve;
    curve.add({0.0, start_ah, load.rate_ah_per_s(start_ah)});
    const auto rates = [&](const State& x, State& dxdt, double) { dxdt[0] = load.rate_ah_per_s(x[0]); };
    auto stepper = odeint::make_dense_output(1e-8, 1e-8, odeint::runge_kutta_dopri5<State>());
    stepper.initialize(State{start_ah}, 0.0, std::min(longest_s, 10.0));
    for (;;) {
        const auto [from_s, to_s] = stepper.do_step(rates);
        const auto charge_at = [&stepper = stepper](double time_s) {
            State state{};
            stepper.calc_state(time_s, state);
            return state[0];
        };
        double step_end_s = std::min(to_s, longest_s);
        bool over = load.is_over(charge_at(step_end_s), end);
        if (over) {
            step_end_s =
                bisected(from_s, step_end_s, [&](double time_s) { return load.is_over(charge_at(time_s), end); });
            load.is_over(charge_at(step_end_s), end);
        } else if (to_s >= longest_s) {
            end = DischargeEnd::time_over;
            over = true;
        }
        const double charge_ah = charge_at(step_end_s);
        curve.add({step_end_s, charge_ah, load.rate_ah_per_s(charge_ah)});
        if (over) return curve;
    }
}

/// When the filtered voltage falls to the landing voltage; nothing when it never does on this curve.
///
/// The filter is exact for a voltage that runs straight between steps. It runs only where the voltage is near the
/// landing voltage, and starts with the lag it has by then: ten seconds' worth of slope.
std::optional<double> landing_time_s(const Load& load, const ChargeCurve& curve, double landing_v) {
    constexpr double step_s = 2.0;
    constexpr double near_share = 0.05;
    const auto voltage_at = [&](double time_s) { return load.at(curve.at(time_s)).voltage_v; };
    const double end_s = curve.end_s();
    if (voltage_at(end_s) > landing_v) return std::nullopt;
    const double near_v = landing_v * (1.0 + near_share);
    double time_s = 0.0;
    if (voltage_at(0.0) > near_v) {
        time_s = bisected(0.0, end_s, [&](double t) { return voltage_at(t) <= near_v; });
    }
    double raw_v = voltage_at(time_s);
    const double before_s = std::max(time_s - step_s, 0.0);
    const double lag_v =
        time_s > before_s ? (voltage_at(before_s) - raw_v) / (time_s - before_s) * voltage_filter_s : 0.0;
    double filtered_v = raw_v + lag_v;
    while (time_s < end_s) {
        const double h = std::min(step_s, end_s - time_s);
        const double next_v = voltage_at(time_s + h);
        const double slope = (next_v - raw_v) / h;
        const auto filtered_after = [&](double t) {
            const double settled = raw_v + slope * (t - voltage_filter_s);
            return settled + (filtered_v - raw_v + slope * voltage_filter_s) * std::exp(-t / voltage_filter_s);
        };
        if (filtered_after(h) <= landing_v) {
            return time_s + bisected(0.0, h, [&](double t) { return filtered_after(t) <= landing_v; });
        }
        filtered_v = filtered_after(h);
        raw_v = next_v;
        time_s += h;
    }
    return std::nullopt;
}

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
    const Load load{pack, power_w, full_charge_ah(pack)};
    Discharge result;
    result.power_w = power_w;
    const auto sample = [&](double time_s, double charge_used_ah) {
        const LoadPoint point = load.at(charge_used_ah);
        // At constant power the energy is known exactly; integrating it would only add an error.
        result.points.push_back(
            {time_s, charge_used_ah, power_w * time_s / units::seconds_per_hour, point.voltage_v, point.current_a});
    };
    sample(0.0, start.charge_used_ah);
    if (load.is_over(start.charge_used_ah, result.end)) return result;
    const double landing_v = stop.landing_cell_v * pack.series;
    if (landing_v > 0.0 && load.at(start.charge_used_ah).voltage_v <= landing_v) {
        result.end = DischargeEnd::landing_voltage;
        return result;
    }
    const double longest_s = std::min(stop.longest_s, longest_discharge_s);
    if (longest_s <= 0.0) {
        result.end = DischargeEnd::time_over;
        return result;
    }

    const ChargeCurve curve = integrate_charge(load, start.charge_used_ah, longest_s, result.end);
    double end_s = curve.end_s();
    if (landing_v > 0.0) {
        if (const auto landing_s = landing_time_s(load, curve, landing_v)) {
            end_s = *landing_s;
            result.end = DischargeEnd::landing_voltage;
        }
    }
    const int samples = std::max(stop.samples, 1);
    result.points.reserve(std::size_t(samples) + 1);
    for (int i = 1; i <= samples; ++i) {
        const double time_s = end_s * i / samples;
        sample(time_s, curve.at(time_s));
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
