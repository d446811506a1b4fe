#include "core/battery/pack_model.hpp"

#include <algorithm>
#include <array>
#include <cmath>

// Boost 1.74: pchip.hpp does not include what it uses.
#include <boost/math/special_functions/fpclassify.hpp>

#include <boost/math/interpolators/pchip.hpp>
#include <boost/math/quadrature/gauss.hpp>
#include <boost/math/tools/toms748_solve.hpp>
#include <boost/numeric/odeint/integrate/max_step_checker.hpp>
#include <boost/numeric/odeint/stepper/controlled_runge_kutta.hpp>
#include <boost/numeric/odeint/stepper/dense_output_runge_kutta.hpp>
#include <boost/numeric/odeint/stepper/generation.hpp>
#include <boost/numeric/odeint/stepper/runge_kutta_dopri5.hpp>

#include "core/units/constants.hpp"

namespace sobremesa::battery {

namespace {

using Curve = boost::math::interpolators::pchip<std::vector<double>>;
namespace odeint = boost::numeric::odeint;

constexpr double reference_k = units::zero_celsius_k + reference_temperature_c;
/// A cell beyond these is no subject for these laws; they bound the exponentials.
constexpr double coldest_c = -60.0;
constexpr double hottest_c = 150.0;

/// Common practice, no source: what cells and their wrap take up.
constexpr double heat_capacity_j_per_kg_k = 950.0;

/// What stands between 1 C of load and a gap that never closes, share per C: keeps the passage's curve a curve.
constexpr double least_gap_per_c = 0.001;
constexpr double fit_tolerance = 0.0005;
constexpr double misfit_tolerance = 0.02;
/// Common practice, no source: of a cell whose pack nobody weighed.
constexpr double usual_cell_kg_per_ah = 0.018;

double arrhenius(double activation_k, double temperature_c) {
    const double T = std::clamp(temperature_c, coldest_c, hottest_c) + units::zero_celsius_k;
    return std::exp(activation_k * (1.0 / T - 1.0 / reference_k));
}

double cell_mass_kg(const Pack& pack) {
    return pack.mass_kg > 0.0 ? pack.mass_kg / (pack.series * pack.parallel)
                              : usual_cell_kg_per_ah * pack.cell_capacity_ah;
}

/// Whether a rate table fitted for one is right for the other: age and arrangement do not come into it.
bool same_cell(const Pack& a, const Pack& b) {
    const auto same_row = [](const RatePoint& one, const RatePoint& other) {
        return one.current_a == other.current_a && one.charge_ah == other.charge_ah;
    };
    return a.chemistry == b.chemistry && construction(a) == construction(b) &&
           a.cell_capacity_ah == b.cell_capacity_ah && cell_resistance_ohm(a) == cell_resistance_ohm(b) &&
           a.rate_table_cutoff_v == b.rate_table_cutoff_v &&
           a.rate_table_held_temperature == b.rate_table_held_temperature && cell_mass_kg(a) == cell_mass_kg(b) &&
           std::equal(a.rate_table.begin(), a.rate_table.end(), b.rate_table.begin(), b.rate_table.end(), same_row);
}

} // namespace

/// Current that the passage between the wells carries at the reference temperature, for one cell, by the gap.
struct PackModel::Passage {
    double amps_per_gap = 0.0; ///< where nothing but the kind of cell is known
    double activation_k = 0.0;
    std::optional<Curve> curve;
    double last_gap = 0.0;
    double last_a = 0.0;
    double last_slope = 0.0;

    double amps(double gap) const {
        if (gap < 0.0) return -amps(-gap);
        if (!curve) return amps_per_gap * gap;
        return gap < last_gap ? (*curve)(gap) : last_a + last_slope * (gap - last_gap);
    }

    void setTable(const std::vector<double>& gaps, const std::vector<double>& currents) {
        std::vector<double> x{0.0};
        std::vector<double> y{0.0};
        for (std::size_t i = 0; i < gaps.size(); ++i) {
            x.push_back(gaps[i]);
            y.push_back(currents[i]);
        }
        last_gap = x.back();
        last_a = y.back();
        last_slope = (y.back() - y[y.size() - 2]) / (x.back() - x[x.size() - 2]);
        while (x.size() < 4) {
            x.insert(x.begin() + 1, 0.5 * x[1]);
            y.insert(y.begin() + 1, 0.5 * y[1]);
        }
        curve.emplace(std::move(x), std::move(y));
    }
};

PackModel::PackModel(const Pack& pack, const PackModel* like)
    : pack_(pack), new_cell_full_ah_(pack.cell_capacity_ah),
      cell_full_ah_(pack.cell_capacity_ah * capacity_share(pack)),
      cell_resistance_ohm_(aged_cell_resistance_ohm(pack)), cooling_w_per_k_(battery::cooling_w_per_k(pack)),
      slow_factor_(pack.known ? pack.known->slow_factor.value : 1.0),
      usual_(defaults(pack.chemistry, battery::construction(pack))) {
    auto passage = std::make_shared<Passage>();
    passage->amps_per_gap = pack.cell_capacity_ah / usual_.slow_gap_per_c;
    passage->activation_k = usual_.slow_activation_k;
    passage_ = passage;
    if (pack.rate_table.empty()) return;
    if (like && same_cell(like->pack_, pack)) {
        passage_ = like->passage_;
        misfits_ = like->misfits_;
        new_cell_full_ah_ = like->new_cell_full_ah_;
    } else {
        fitRateTable();
    }
    // What flights have shown is counted in the label's charge, not in the table's.
    if (!pack.known) cell_full_ah_ = new_cell_full_ah_ * pack.capacity_factor;
}

namespace {

/// A passage whose cell, held at its temperature, gives a table's charges.
/// @param full_ah  of the cell
/// @param gaps     to begin with, as shares of it
/// @return what the cell gives at each row in the end, Ah
template <class Passage>
std::vector<double> fit_held(const PackModel& cell, double full_ah, Passage& passage,
                             const std::vector<RatePoint>& rows, double cutoff_v, std::vector<double> gaps) {
    std::vector<double> currents;
    std::transform(rows.begin(), rows.end(), std::back_inserter(currents),
                   [](const RatePoint& row) { return row.current_a; });
    const double per_a = least_gap_per_c / cell.pack().cell_capacity_ah;
    std::vector<double> given_ah(rows.size());
    std::vector<double> risen_before(rows.size());
    std::vector<double> off_before(rows.size());
    for (int pass = 0; pass < 24; ++pass) {
        double below = 0.0;
        double below_a = 0.0;
        std::vector<double> risen = gaps;
        for (std::size_t i = 0; i < risen.size(); ++i) {
            risen[i] = std::max(risen[i], below + per_a * (currents[i] - below_a));
            below = risen[i];
            below_a = currents[i];
        }
        passage.setTable(risen, currents);
        double worst = 0.0;
        for (std::size_t i = 0; i < rows.size(); ++i) {
            given_ah[i] = charge_at_current_ah(cell, rows[i].current_a, cutoff_v, reference_temperature_c);
            const double off = (given_ah[i] - rows[i].charge_ah) / full_ah;
            worst = std::max(worst, std::abs(off));
            // A short discharge ends before its gap has settled and answers less than one to one: the last two
            // passes say how much.
            const double moved = risen[i] - risen_before[i];
            const double answer =
                pass > 0 && std::abs(moved) > 1e-9 ? std::clamp((off_before[i] - off) / moved, 0.2, 1.0) : 1.0;
            risen_before[i] = risen[i];
            off_before[i] = off;
            // What is already as small as it may be is not drawn further down, pass after pass.
            gaps[i] = std::max(risen[i] + off / answer, 0.0);
        }
        if (worst < fit_tolerance) break;
    }
    return given_ah;
}

} // namespace

void PackModel::fitRateTable() {
    std::vector<RatePoint> rows = pack_.rate_table;
    std::sort(rows.begin(), rows.end(), [](auto& a, auto& b) { return a.current_a < b.current_a; });
    const double cutoff_v = pack_.rate_table_cutoff_v.value_or(traits(pack_.chemistry).floor_cell_v);

    // The table is that of a new cell, alone, at the reference temperature.
    Pack alone = pack_;
    alone.series = alone.parallel = 1;
    alone.lead_resistance_ohm = 0.0;
    alone.capacity_factor = alone.resistance_factor = 1.0;
    alone.rate_table.clear();
    alone.known.reset();
    alone.mass_kg = cell_mass_kg(pack_);
    PackModel cell(alone);
    const auto end_level = [&](double current_a) {
        PackState empty;
        empty.charge_used_ah = alone.cell_capacity_ah;
        return state_of_charge_at_rest(alone.chemistry, cutoff_v + current_a * cell.resistanceOhm(empty));
    };

    // A gentle first row says what the cell holds; from a harder one the label has to.
    const double gentle_c = 0.5;
    const bool first_is_gentle = rows.front().current_a <= gentle_c * alone.cell_capacity_ah;
    const double first_gap = usual_.slow_gap_per_c * rows.front().current_a / alone.cell_capacity_ah;
    const double from_first_ah =
        rows.front().charge_ah / std::max(1.0 - end_level(rows.front().current_a) - first_gap, 0.1);
    cell.cell_full_ah_ = first_is_gentle ? from_first_ah : std::max(alone.cell_capacity_ah, from_first_ah);

    std::vector<double> gaps;
    std::transform(rows.begin(), rows.end(), std::back_inserter(gaps), [&](const RatePoint& row) {
        return 1.0 - row.charge_ah / cell.cell_full_ah_ - end_level(row.current_a);
    });
    auto passage = std::make_shared<Passage>();
    passage->activation_k = usual_.slow_activation_k;
    cell.passage_ = passage;
    std::vector<double> given_ah(rows.size());
    const bool held = pack_.rate_table_held_temperature;
    if (held) given_ah = fit_held(cell, cell.cell_full_ah_, *passage, rows, cutoff_v, gaps);
    // A table that takes much from a cell which warmed a lot shows that warmth helps its passage less than usual.
    for (const double share : {1.0, 0.6, 0.3, 0.0}) {
        if (held) break;
        passage->activation_k = share * usual_.slow_activation_k;
        fitWarming(cell, *passage, rows, cutoff_v, gaps);
        double worst = 0.0;
        for (std::size_t i = 0; i < rows.size(); ++i) {
            given_ah[i] = charge_at_current_ah(cell, rows[i].current_a, cutoff_v, reference_temperature_c, true);
            worst = std::max(worst, std::abs(given_ah[i] / rows[i].charge_ah - 1.0));
        }
        if (worst < 0.25 * misfit_tolerance) break;
    }
    for (std::size_t i = 0; i < rows.size(); ++i) {
        if (std::abs(given_ah[i] - rows[i].charge_ah) > misfit_tolerance * rows[i].charge_ah)
            misfits_.push_back({rows[i].current_a, rows[i].charge_ah, given_ah[i]});
    }
    passage_ = passage;
    new_cell_full_ah_ = cell.cell_full_ah_;
}

/// Rows of a table whose cells warmed, gentlest first: each sets its own point of the passage's curve, the ones
/// above it as they stand. A warm cell carries the same current over a smaller gap, so a row's point lies at the
/// current that its end temperature makes of it at the reference; found in a few sweeps, because points bend each
/// other.
void PackModel::fitWarming(PackModel& cell, Passage& passage, const std::vector<RatePoint>& rows, double cutoff_v,
                           std::vector<double> gaps) {
    constexpr int sweeps = 8;
    constexpr double least_step = 1.01;
    std::vector<double> cold_a(rows.size());
    std::transform(rows.begin(), rows.end(), cold_a.begin(), [](const RatePoint& row) { return row.current_a; });
    const double per_a = least_gap_per_c / cell.pack_.cell_capacity_ah;
    std::size_t known = 0;
    const auto set = [&](std::size_t count) {
        std::vector<double> risen;
        std::vector<double> currents;
        for (std::size_t k = 0; k < count; ++k) {
            const double below = k > 0 ? risen[k - 1] : 0.0;
            const double below_a = k > 0 ? currents[k - 1] : 0.0;
            currents.push_back(std::max(cold_a[k], least_step * below_a));
            risen.push_back(std::max(gaps[k], below + per_a * (currents[k] - below_a)));
        }
        passage.setTable(risen, currents);
    };
    for (int sweep = 0; sweep < sweeps; ++sweep) {
        double worst = 0.0;
        for (std::size_t i = 0; i < rows.size(); ++i) {
            known = std::max(known, i + 1);
            const auto drained = [&](double gap) {
                gaps[i] = gap;
                set(known);
                return drained_at_current(cell, rows[i].current_a, cutoff_v, reference_temperature_c, true);
            };
            const double least = i > 0 ? gaps[i - 1] : 0.0;
            PackState end;
            const auto off = [&](double gap) {
                end = drained(gap);
                return end.charge_used_ah - rows[i].charge_ah;
            };
            // A larger gap leaves less charge: a few steps along the chord, from one to one half to begin with.
            double gap = std::max(gaps[i], least);
            double miss = off(gap);
            worst = std::max(worst, std::abs(miss) / cell.cell_full_ah_);
            double per_gap = -0.5 * cell.cell_full_ah_;
            constexpr int steps = 4;
            for (int step = 0; step < steps && std::abs(miss) > 0.3 * fit_tolerance * cell.cell_full_ah_; ++step) {
                const double there = std::clamp(gap - miss / per_gap, std::max(least, 0.25 * gap), 3.0 * gap + 0.1);
                if (there == gap) break;
                const double miss_there = off(there);
                const double chord = (miss_there - miss) / (there - gap);
                if (chord < -0.02 * cell.cell_full_ah_) per_gap = chord;
                gap = there;
                miss = miss_there;
            }
            gaps[i] = gap;
            cold_a[i] = rows[i].current_a * arrhenius(passage.activation_k, end.temperature_c);
        }
        if (sweep > 0 && worst < fit_tolerance) break;
    }
    set(rows.size());
}

PackState PackModel::atStart(double air_temperature_c) const {
    PackState state;
    if (pack_.start_cell_v)
        state.charge_used_ah =
            fullChargeAh() * (1.0 - state_of_charge_at_rest(pack_.chemistry, *pack_.start_cell_v));
    state.temperature_c = pack_.start_temperature_c.value_or(air_temperature_c);
    return state;
}

double PackModel::meanCharge(const PackState& state) const {
    return 1.0 - state.charge_used_ah / fullChargeAh();
}

double PackModel::restingCellV(double charge) const {
    const double usual_v = open_circuit_cell_v(pack_.chemistry, charge);
    if (!pack_.known) return usual_v;
    const auto& offset = pack_.known->curve_offset_v;
    if (charge <= curve_knots.front()) return usual_v + offset.front();
    if (charge >= curve_knots.back()) return usual_v + offset.back();
    std::size_t k = 1;
    while (curve_knots[k] < charge) ++k;
    return usual_v + std::lerp(offset[k - 1], offset[k],
                               (charge - curve_knots[k - 1]) / (curve_knots[k] - curve_knots[k - 1]));
}

double PackModel::openCircuitV(const PackState& state) const {
    return pack_.series * restingCellV(surfaceCharge(state));
}

double PackModel::restingV(const PackState& state) const {
    return pack_.series * restingCellV(meanCharge(state));
}

double PackModel::resistanceOhm(const PackState& state) const {
    const double h = std::max(surfaceCharge(state), 0.0);
    const double low_charge = 1.0 + usual_.resistance_rise_empty * std::exp(-h / usual_.resistance_rise_share);
    const double cell =
        cell_resistance_ohm_ * low_charge * arrhenius(usual_.resistance_activation_k, state.temperature_c);
    return cell * pack_.series / pack_.parallel + pack_.lead_resistance_ohm;
}

std::optional<LoadPoint> PackModel::Circuit::atPower(double power_w) const {
    const double U = open_circuit_v;
    const double R = resistance_ohm;
    const double P = power_w;
    if (U <= 0.0) return std::nullopt;
    const double root_of = U * U - 4.0 * P * R;
    if (root_of < 0.0) return std::nullopt;
    // The book's form loses all its digits when R is small; this one is the same number and does not divide by R.
    const double I = 2.0 * P / (U + std::sqrt(root_of));
    return LoadPoint{I, U - I * R};
}

LoadPoint PackModel::Circuit::atPowerOrLimit(double power_w) const {
    if (const auto load = atPower(power_w)) return *load;
    const double half = std::max(0.5 * open_circuit_v, 1e-3);
    return {power_w / half, half};
}

double PackModel::peakPowerW(const PackState& state, double landing_cell_v) const {
    const double U = openCircuitV(state);
    const double R = resistanceOhm(state);
    const double U_land = landing_cell_v * pack_.series;
    if (U <= U_land) return 0.0;
    // At U_land above U/2 the landing voltage binds before the circuit's own maximum does.
    return U_land > 0.5 * U ? U_land * (U - U_land) / R : U * U / (4.0 * R);
}

double PackModel::peakCurrentA(const PackState& state, double landing_cell_v) const {
    return std::max(openCircuitV(state) - landing_cell_v * pack_.series, 0.0) / resistanceOhm(state);
}

double PackModel::passageA(double gap, double temperature_c) const {
    return passage_->amps(gap) / (slow_factor_ * arrhenius(passage_->activation_k, temperature_c));
}

PackRates PackModel::rates(const PackState& state, const Circuit& circuit, double current_a,
                           double air_temperature_c, bool warms) const {
    const double c = within_reach_share;
    const double Q = cell_full_ah_ * units::seconds_per_hour;
    const double I = current_a / pack_.parallel;
    const double s = meanCharge(state);
    const double behind = s + c / (1.0 - c) * state.slow_gap;
    const double F = passageA(state.slow_gap, state.temperature_c);
    const double cells = pack_.series * pack_.parallel;

    PackRates rates;
    rates.charge_a = current_a;
    rates.slow_gap_per_s = (1.0 - c) / (c * Q) * (I - F);
    rates.source_w = current_a * restingV(state);
    const double R = circuit.resistance_ohm;
    rates.ohmic_w = current_a * current_a * R;
    rates.mixing_w = cells * (1.0 - c) * F * (restingCellV(behind) - circuit.open_circuit_v / pack_.series);
    if (warms && pack_.mass_kg > 0.0) {
        // What the leads turn into heat does not warm the cells.
        const double in_cells_w = current_a * current_a * (R - pack_.lead_resistance_ohm) + rates.mixing_w;
        const double off_w = cooling_w_per_k_ * (state.temperature_c - air_temperature_c);
        rates.kelvin_per_s = (in_cells_w - off_w) / (heat_capacity_j_per_kg_k * pack_.mass_kg);
    }
    return rates;
}

double PackModel::heldWh(const PackState& state) const {
    const double c = within_reach_share;
    const double s = meanCharge(state);
    const double h = s - state.slow_gap;
    const double behind = s + c / (1.0 - c) * state.slow_gap;
    // ∫U from one level to another, in pieces small enough for the curve's knots.
    const auto between = [&](double low, double high) {
        constexpr int pieces = 8;
        const auto U = [&](double level) { return restingCellV(level); };
        double sum = 0.0;
        for (int i = 0; i < pieces; ++i) {
            sum += boost::math::quadrature::gauss<double, 10>::integrate(
                U, std::lerp(low, high, double(i) / pieces), std::lerp(low, high, (i + 1.0) / pieces));
        }
        return sum;
    };
    if (std::abs(state.slow_gap) < 1e-12) return 0.0;
    return ((1.0 - c) * between(s, behind) - c * between(h, s)) * fullChargeAh() * pack_.series;
}

double PackModel::settledGap(double current_a, double temperature_c) const {
    const double wanted = current_a / pack_.parallel;
    if (wanted <= 0.0) return 0.0;
    double most = 0.05;
    constexpr double none_is_wider = 1e3;
    while (passageA(most, temperature_c) < wanted && most < none_is_wider) most *= 2.0;
    // No gap carries so much, of a cell that no maker makes.
    if (!(passageA(most, temperature_c) >= wanted)) return most;
    std::uintmax_t passes = 60;
    const auto found =
        boost::math::tools::toms748_solve([&](double gap) { return passageA(gap, temperature_c) - wanted; }, 0.0,
                                          most, boost::math::tools::eps_tolerance<double>(40), passes);
    return 0.5 * (found.first + found.second);
}

PackState PackModel::rested(PackState state, double rest_s, double air_temperature_c) const {
    using State = std::array<double, 2>;
    State x{state.slow_gap, state.temperature_c};
    const auto slopes = [&](const State& at, State& dxdt, double) {
        PackState now = state;
        now.slow_gap = at[0];
        now.temperature_c = at[1];
        const PackRates r = rates(now, 0.0, air_temperature_c);
        dxdt = {r.slow_gap_per_s, r.kelvin_per_s};
    };
    auto stepper = odeint::make_dense_output(1e-9, 1e-9, odeint::runge_kutta_dopri5<State>());
    stepper.initialize(x, 0.0, std::min(rest_s, 1.0));
    while (stepper.current_time() < rest_s) stepper.do_step(slopes);
    if (rest_s > 0.0) stepper.calc_state(rest_s, x);
    state.slow_gap = x[0];
    state.temperature_c = x[1];
    return state;
}

double charge_at_current_ah(const PackModel& cell, double current_a, double cutoff_cell_v, double temperature_c,
                            bool warms) {
    return drained_at_current(cell, current_a, cutoff_cell_v, temperature_c, warms).charge_used_ah;
}

PackState drained_at_current(const PackModel& cell, double current_a, double cutoff_cell_v, double temperature_c,
                             bool warms) {
    using State = std::array<double, 2>;
    const double full_ah = cell.fullChargeAh();
    const auto state_at = [](double used_ah, const State& x) { return PackState{used_ah, x[0], x[1]}; };
    const auto slope = [&](const State& x, State& dx, double used_ah) {
        const PackRates r = cell.rates(state_at(used_ah, x), current_a, temperature_c, warms);
        const double seconds_per_ah = units::seconds_per_hour / current_a;
        dx = {r.slow_gap_per_s * seconds_per_ah, r.kelvin_per_s * seconds_per_ah};
    };
    const auto over = [&](double used_ah, const State& x) {
        return cell.atCurrent(state_at(used_ah, x), current_a).voltage_v <= cutoff_cell_v * cell.pack().series;
    };
    const State full{0.0, temperature_c};
    if (over(0.0, full)) return state_at(0.0, full);
    // Over days the slow part stands where the current keeps it and the cell is as warm as the air; followed step
    // by step, that would take a step every few minutes of it.
    constexpr double slow_h = 100.0;
    if (full_ah / current_a > slow_h) {
        const State settled{cell.settledGap(current_a, temperature_c), temperature_c};
        double from = 0.0;
        double to = 1.2 * full_ah;
        while (to - from > 1e-7 * full_ah) {
            const double middle = 0.5 * (from + to);
            (over(middle, settled) ? to : from) = middle;
        }
        return state_at(to, settled);
    }
    auto stepper = odeint::make_dense_output(1e-6, 1e-6, odeint::runge_kutta_dopri5<State>());
    stepper.initialize(full, 0.0, 0.01 * full_ah);
    for (;;) {
        auto [from, to] = stepper.do_step(slope);
        const auto at = [&stepper = stepper](double used_ah) {
            State x{};
            stepper.calc_state(used_ah, x);
            return x;
        };
        if (to < 1.2 * full_ah && !over(to, at(to))) continue;
        while (to - from > 1e-7 * full_ah) {
            const double middle = 0.5 * (from + to);
            (over(middle, at(middle)) ? to : from) = middle;
        }
        return state_at(to, at(to));
    }
}

} // namespace sobremesa::battery
