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

/// Beyond this a discharge is not a flight any more; it bounds the work for a load of nearly nothing.
constexpr double longest_discharge_s = 1000.0 * units::seconds_per_hour;
constexpr double least_load = 1e-3;
constexpr double end_tolerance_s = 1e-3;
constexpr double tolerance = 1e-6;

/// Charge used (Ah), gap, temperature (°C), then energies (Wh): delivered, ohmic, mixing, source.
using State = std::array<double, 7>;

PackState pack_state(const State& x) {
    return {x[0], x[1], x[2]};
}

struct Course {
    const PackModel& pack;
    const std::vector<LoadPhase>& phases;
    const Surroundings& around;

    LoadPoint load(std::size_t phase, const PackModel::Circuit& circuit) const {
        const double value = std::max(phases[phase].value, least_load);
        return phases[phase].kind == LoadPhase::Kind::current ? circuit.atCurrent(value)
                                                              : circuit.atPowerOrLimit(value);
    }
    LoadPoint load(std::size_t phase, const PackState& state) const { return load(phase, pack.circuit(state)); }
    State slope(std::size_t phase, const State& x) const {
        const PackState state = pack_state(x);
        const PackModel::Circuit circuit = pack.circuit(state);
        const LoadPoint at = load(phase, circuit);
        const PackRates r = pack.rates(state, circuit, at.current_a, around.air_temperature_c, around.warms);
        const double h = units::seconds_per_hour;
        return {at.current_a / h, r.slow_gap_per_s, r.kelvin_per_s, at.current_a * at.voltage_v / h,
                r.ohmic_w / h,    r.mixing_w / h,   r.source_w / h};
    }
    /// Whether the pack itself is at its end there, whatever the landing voltage.
    bool isOver(std::size_t phase, const State& x, DischargeEnd& end) const {
        const PackState state = pack_state(x);
        if (pack.surfaceCharge(state) <= 0.0) {
            end = DischargeEnd::empty;
            return true;
        }
        const double value = std::max(phases[phase].value, least_load);
        const bool can = phases[phase].kind == LoadPhase::Kind::current
                             ? pack.atCurrent(state, value).voltage_v > 0.0
                             : pack.atPower(state, value).has_value();
        if (can) return false;
        end = DischargeEnd::power_not_available;
        return true;
    }
};

/// States between the integrator's steps: values and slopes are exact at the knots, cubic Hermite between.
class StateCurve {
public:
    struct Knot {
        double time_s;
        std::size_t phase;
        State value;
        State slope;
    };
    void add(const Knot& knot) { knots_.push_back(knot); }
    const std::vector<Knot>& knots() const { return knots_; }
    double end_s() const { return knots_.back().time_s; }

    std::pair<std::size_t, State> at(double time_s) const {
        if (knots_.size() < 2) return {knots_.front().phase, knots_.front().value};
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
        State x{};
        for (std::size_t i = 0; i < x.size(); ++i) {
            x[i] = h00 * a.value[i] + h10 * h * a.slope[i] + h01 * b.value[i] + h11 * h * b.slope[i];
        }
        return {b.phase, x};
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

/// Integrates one phase onto the curve. @return true when the discharge is over
bool integrate_phase(const Course& course, std::size_t phase, double until_s, StateCurve& curve,
                     DischargeEnd& end) {
    const State from = curve.knots().back().value;
    const double start_s = curve.end_s();
    curve.add({start_s, phase, from, course.slope(phase, from)});
    if (course.isOver(phase, from, end)) return true;
    const auto slopes = [&](const State& x, State& dxdt, double) { dxdt = course.slope(phase, x); };
    auto stepper = odeint::make_dense_output(tolerance, tolerance, odeint::runge_kutta_dopri5<State>());
    stepper.initialize(from, start_s, std::min(until_s - start_s, 5.0));
    while (curve.end_s() < until_s) {
        const auto [from_s, to_s] = stepper.do_step(slopes);
        const auto state_at = [&stepper = stepper](double time_s) {
            State state{};
            stepper.calc_state(time_s, state);
            return state;
        };
        double step_end_s = std::min(to_s, until_s);
        const bool over = course.isOver(phase, state_at(step_end_s), end);
        if (over) {
            step_end_s = bisected(from_s, step_end_s,
                                  [&](double time_s) { return course.isOver(phase, state_at(time_s), end); });
            course.isOver(phase, state_at(step_end_s), end);
        }
        const State x = state_at(step_end_s);
        curve.add({step_end_s, phase, x, course.slope(phase, x)});
        if (over) return true;
    }
    return false;
}

/// Finds the landing on a finished curve, and what came back from below the landing voltage.
class LandingSearch {
public:
    LandingSearch(const Course& course, const StateCurve& curve, double landing_v, double filter_s)
        : course_(course), curve_(curve), landing_v_(landing_v), filter_s_(filter_s) {}

    std::vector<Dip> dips;

    /// The filter is exact for a voltage that runs straight between steps. It runs only from where the voltage
    /// first is near the landing voltage, and starts with the lag it has by then: the slope times its ten seconds.
    std::optional<double> run() {
        constexpr double step_s = 2.0;
        constexpr double most_steps = 600.0;
        constexpr double near_share = 0.02;
        const auto& knots = curve_.knots();
        const auto near = std::find_if(knots.begin(), knots.end(), [&](const StateCurve::Knot& knot) {
            return course_.load(knot.phase, pack_state(knot.value)).voltage_v <= landing_v_ * (1.0 + near_share);
        });
        if (near == knots.end()) return std::nullopt;
        double time_s = near == knots.begin() ? 0.0 : (near - 1)->time_s;
        const double end_s = curve_.end_s();
        const double step = std::max(step_s, (end_s - time_s) / most_steps);
        double raw_v = voltageAt(time_s);
        const double before_s = std::max(time_s - step, 0.0);
        const double lag_v =
            time_s > before_s ? (voltageAt(before_s) - raw_v) / (time_s - before_s) * filter_s_ : 0.0;
        double filtered_v = raw_v + lag_v;
        note(time_s, filtered_v, raw_v, time_s);
        while (time_s < end_s) {
            const double h = std::min(step, end_s - time_s);
            const double next_v = voltageAt(time_s + h);
            const auto filtered_after = [&, slope = (next_v - raw_v) / h](double t) {
                if (filter_s_ <= 0.0) return voltageAt(time_s + t);
                const double settled = raw_v + slope * (t - filter_s_);
                return settled + (filtered_v - raw_v + slope * filter_s_) * std::exp(-t / filter_s_);
            };
            const double after_v = filtered_after(h);
            double crossed_s = time_s + h;
            if (after_v <= landing_v_ && !below_since_s_)
                crossed_s = time_s + bisected(0.0, h, [&](double t) { return filtered_after(t) <= landing_v_; });
            note(crossed_s, after_v, next_v, time_s + h);
            filtered_v = after_v;
            raw_v = next_v;
            time_s += h;
        }
        return below_since_s_;
    }

private:
    double voltageAt(double time_s) const {
        const auto [phase, x] = curve_.at(time_s);
        return course_.load(phase, pack_state(x)).voltage_v;
    }
    void note(double crossed_s, double filtered_v, double raw_v, double time_s) {
        if (filtered_v <= landing_v_) {
            if (!below_since_s_) lowest_v_ = raw_v;
            lowest_v_ = std::min(lowest_v_, raw_v);
            if (!below_since_s_) below_since_s_ = crossed_s;
            return;
        }
        if (!below_since_s_) return;
        const auto [phase_before, before] = curve_.at(*below_since_s_);
        const auto [phase_after, after] = curve_.at(time_s);
        dips.push_back({*below_since_s_, time_s, lowest_v_ / course_.pack.pack().series,
                        phase_before == phase_after && after[2] > before[2]});
        below_since_s_.reset();
    }

    const Course& course_;
    const StateCurve& curve_;
    double landing_v_;
    double filter_s_;
    std::optional<double> below_since_s_;
    double lowest_v_ = 0.0;
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
    DischargePoint point;
    for (double DischargePoint::*member :
         {&DischargePoint::time_s, &DischargePoint::charge_used_ah, &DischargePoint::energy_wh,
          &DischargePoint::voltage_v, &DischargePoint::current_a, &DischargePoint::temperature_c,
          &DischargePoint::slow_gap}) {
        point.*member = std::lerp(a.*member, b.*member, f);
    }
    return point;
}

} // namespace

const char* discharge_end_word(DischargeEnd end) {
    switch (end) {
    case DischargeEnd::landing_voltage: return "landing-voltage";
    case DischargeEnd::weakest_cell: return "weakest-cell";
    case DischargeEnd::power_not_available: return "power-not-available";
    case DischargeEnd::empty: return "empty";
    case DischargeEnd::time_over: break;
    }
    return "time-over";
}

Discharge discharge(const PackModel& pack, const PackState& start, const std::vector<LoadPhase>& phases,
                    const DischargeStop& stop, const Surroundings& around) {
    // Nothing is drawn for no time: a flight that ends where it begins.
    if (phases.empty()) return discharge(pack, start, {{LoadPhase::Kind::current, least_load, 0.0}}, stop, around);
    const Course course{pack, phases, around};
    Discharge result;
    result.power_w = phases.front().value;
    result.start = start;
    const State first{start.charge_used_ah, start.slow_gap, start.temperature_c, 0, 0, 0, 0};
    result.peak_temperature_c = start.temperature_c;
    result.lowest_voltage_v = course.load(0, start).voltage_v;
    const auto sample = [&](double time_s, std::size_t phase, const State& x) {
        const LoadPoint at = course.load(phase, pack_state(x));
        result.points.push_back(
            {time_s, x[0] - start.charge_used_ah, x[3], at.voltage_v, at.current_a, x[2], x[1]});
        result.lowest_voltage_v = std::min(result.lowest_voltage_v, at.voltage_v);
        result.peak_temperature_c = std::max(result.peak_temperature_c, x[2]);
    };
    sample(0.0, 0, first);
    StateCurve curve;
    curve.add({0.0, 0, first, course.slope(0, first)});
    if (course.isOver(0, first, result.end)) return result;

    const double longest_s = std::min(stop.longest_s, longest_discharge_s);
    result.end = DischargeEnd::time_over;
    if (longest_s <= 0.0) return result;
    for (std::size_t phase = 0; phase < phases.size() && curve.end_s() < longest_s; ++phase) {
        const double until_s = std::min(curve.end_s() + phases[phase].duration_s, longest_s);
        if (integrate_phase(course, phase, until_s, curve, result.end)) break;
    }

    double end_s = curve.end_s();
    if (stop.landing_cell_v > 0.0) {
        const Pack& described = pack.pack();
        const double floor_v = traits(described.chemistry).floor_cell_v;
        // Who lands below the floor has given the cells up.
        const bool minds_cells = described.series > 1 && stop.landing_cell_v >= floor_v;
        const double weakest_v = minds_cells ? floor_v + weakest_cell_below_v(described) : 0.0;
        const bool weakest_binds = weakest_v > stop.landing_cell_v;
        LandingSearch landing(course, curve, described.series * std::max(stop.landing_cell_v, weakest_v),
                              stop.filter_s);
        if (const auto landing_s = landing.run()) {
            end_s = *landing_s;
            result.end = weakest_binds ? DischargeEnd::weakest_cell : DischargeEnd::landing_voltage;
        }
        result.dips = std::move(landing.dips);
    }
    if (end_s <= 0.0) return result;
    const int samples = std::max(stop.samples, 1);
    result.points.reserve(std::size_t(samples) + 1);
    State x = first;
    for (int i = 1; i <= samples; ++i) {
        const double time_s = end_s * i / samples;
        const auto [phase, at] = curve.at(time_s);
        x = at;
        sample(time_s, phase, x);
    }
    for (const Dip& dip : result.dips)
        result.lowest_voltage_v = std::min(result.lowest_voltage_v, dip.lowest_cell_v * pack.pack().series);
    result.ledger = {x[6], x[3], x[4], x[5], 0.0};
    if (samples > 1) result.ledger.held_wh = pack.heldWh(pack_state(x)) - pack.heldWh(start);
    return result;
}

Discharge discharge_at_power(const PackModel& pack, const PackState& start, double power_w,
                             const DischargeStop& stop, const Surroundings& around) {
    return discharge(pack, start, {{LoadPhase::Kind::power, power_w, 1e9}}, stop, around);
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
