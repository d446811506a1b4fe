#pragma once

#include <cmath>
#include <memory>
#include <random>
#include <vector>

#include "core/learning/joint_estimate.hpp"
#include "core/telemetry/consumption.hpp"
#include "sim/simulated_pack.hpp"

namespace sobremesa::tests {

/// A cell by a published model: open-circuit voltage, a resistance and two relaxing pairs, all by charge. Chen &
/// Rincón-Mora, IEEE Trans. Energy Conversion 21(2), 2006 (a polymer cell of 0.85 Ah; its numbers from memory).
/// Here with its capacity, and its resistances by one factor, scaled to other cells of that kind.
class PublishedCell {
public:
    PublishedCell(double capacity_ah, double ohm_factor) : capacity_ah_(capacity_ah), factor_(ohm_factor) {}

    static double open_circuit_v(double s) {
        return -1.031 * std::exp(-35.0 * s) + 3.685 + 0.2156 * s - 0.1178 * s * s + 0.3201 * s * s * s;
    }
    static double series_ohm(double s) { return 0.1562 * std::exp(-24.37 * s) + 0.07446; }

    double volts(double current_a, double step_s) {
        const double s = 1.0 - used_ah_ / capacity_ah_;
        const double per = factor_ * 0.85 / capacity_ah_;
        const auto relax = [&](double& v, double ohm, double farad) {
            const double target = current_a * ohm * per;
            v = target + (v - target) * std::exp(-step_s / (ohm * farad));
        };
        relax(fast_v_, 0.3208 * std::exp(-29.14 * s) + 0.04669,
              std::max(703.6 - 752.9 * std::exp(-13.51 * s), 50.0));
        relax(slow_v_, 6.603 * std::exp(-155.2 * s) + 0.04984,
              std::max(4475.0 - 6056.0 * std::exp(-27.12 * s), 300.0));
        used_ah_ += current_a * step_s / 3600.0;
        return open_circuit_v(s) - current_a * per * series_ohm(s) - fast_v_ - slow_v_;
    }
    double used_ah() const { return used_ah_; }

private:
    double capacity_ah_;
    double factor_;
    double used_ah_ = 0.0;
    double fast_v_ = 0.0;
    double slow_v_ = 0.0;
};

/// A cell whose open-circuit curve is that of the electrodes of a 21700 cell of high capacity: Chen et al.,
/// J. Electrochem. Soc. 167 080534, 2020 (their fits and stoichiometries from memory; they give the 2.50 V and 4.19
/// V that were measured). Resistance and two relaxing pairs by charge and warmth: common practice, no source.
class HighCapacityCell {
public:
    HighCapacityCell(double capacity_ah, double ohm, double air_c)
        : capacity_ah_(capacity_ah), ohm_(ohm), air_c_(air_c), cell_c_(air_c) {}

    static double open_circuit_v(double s) {
        using std::exp, std::tanh;
        const double y = 0.9077 + (0.2661 - 0.9077) * s;
        const double x = 0.0279 + (0.9014 - 0.0279) * s;
        const double positive = -0.8090 * y + 4.4875 - 0.0428 * tanh(18.5138 * (y - 0.5542)) -
                                17.7326 * tanh(15.7890 * (y - 0.3117)) + 17.5842 * tanh(15.9308 * (y - 0.3120));
        const double negative = 1.9793 * exp(-39.3631 * x) + 0.2482 - 0.0909 * tanh(29.8538 * (x - 0.1234)) -
                                0.04478 * tanh(14.9159 * (x - 0.2769)) - 0.0205 * tanh(30.4444 * (x - 0.6103));
        return positive - negative;
    }

    double volts(double current_a, double step_s) {
        const double s = 1.0 - used_ah_ / capacity_ah_;
        const double cold = std::exp(2600.0 * (1.0 / (273.15 + cell_c_) - 1.0 / 296.15));
        const double nearly_empty = 1.0 + 0.9 * std::max(0.25 - s, 0.0) / 0.25;
        const double ohm = ohm_ * cold * nearly_empty;
        const double v = open_circuit_v(s) - fast_v_ - slow_v_ - current_a * ohm;
        fast_v_ += step_s * (current_a * 0.5 * ohm - fast_v_) / 18.0;
        slow_v_ += step_s * (current_a * 0.7 * ohm - slow_v_) / 110.0;
        used_ah_ += current_a * step_s / 3600.0;
        cell_c_ += step_s *
                   (current_a * current_a * 2.2 * ohm -
                    0.012 * std::cbrt(capacity_ah_ * capacity_ah_) * (cell_c_ - air_c_)) /
                   (16.0 * capacity_ah_);
        return v;
    }
    double used_ah() const { return used_ah_; }

private:
    double capacity_ah_;
    double ohm_;
    double air_c_;
    double cell_c_;
    double used_ah_ = 0.0;
    double fast_v_ = 0.0;
    double slow_v_ = 0.0;
};

enum class DrawnKind { simulated, published, high_capacity };

/// A pack that nobody knows, with what is written on it, and the sensors that look at it.
struct DrawnPack {
    battery::Pack label;
    double capacity_share = 1.0;
    double cell_ohm = 0.02; ///< ohmic, at 23 °C
    DrawnKind kind = DrawnKind::simulated;
    double current_gain = 1.0;
    double volts_gain = 1.0;
    double cruise_w = 0.0;
};

struct DrawnFlight {
    learning::PackFlight flight;
    double true_ah = 0.0;
    double left_share = 0.0;
};

template <class Random>
DrawnPack drawn_pack(Random& random) {
    const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(random); };
    std::normal_distribution<double> normal;
    DrawnPack pack;
    pack.kind = random() % 3 == 0 ? DrawnKind::published : DrawnKind::simulated;
    const bool li_ion = pack.kind == DrawnKind::simulated && random() % 2 == 0;
    pack.label.chemistry = li_ion ? battery::Chemistry::li_ion : battery::Chemistry::lipo;
    pack.label.series = li_ion ? 6 : 4;
    pack.label.parallel = li_ion ? 2 : 1;
    pack.label.cell_capacity_ah = li_ion ? between(2.6, 4.2) : between(1.3, 5.0);
    pack.label.mass_kg =
        pack.label.series * pack.label.parallel * pack.label.cell_capacity_ah * (li_ion ? 0.017 : 0.025);
    pack.capacity_share = between(0.84, 1.02);
    pack.cell_ohm = (li_ion ? between(0.05, 0.09) : between(0.012, 0.022)) / pack.label.cell_capacity_ah;
    pack.current_gain = 1.0 + 0.04 * normal(random);
    pack.volts_gain = 1.0 + 0.005 * normal(random);
    const double c_rate = li_ion ? between(0.6, 1.8) : between(1.0, 4.0);
    pack.cruise_w = c_rate * pack.label.cell_capacity_ah * pack.label.parallel * pack.label.series * 3.6;
    return pack;
}

/// One of cells that are nothing like the simulator's, at the loads of a small aircraft on a large pack.
template <class Random>
DrawnPack drawn_high_capacity_pack(Random& random) {
    const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(random); };
    std::normal_distribution<double> normal;
    DrawnPack pack;
    pack.kind = DrawnKind::high_capacity;
    pack.label.chemistry = battery::Chemistry::li_ion;
    pack.label.series = random() % 2 == 0 ? 4 : 6;
    pack.label.cell_capacity_ah = between(3.0, 12.0);
    pack.label.mass_kg = 0.0165 * pack.label.series * pack.label.cell_capacity_ah;
    pack.capacity_share = between(0.86, 1.0);
    pack.cell_ohm = between(0.03, 0.07) / pack.label.cell_capacity_ah;
    pack.current_gain = 1.0 + 0.03 * normal(random);
    pack.cruise_w = between(1.5, 3.5) * pack.label.cell_capacity_ah * pack.label.series * 3.6;
    return pack;
}

/// A flight of that pack: take-off, a climb, cruise in gusts with two speeds, a landing; read once a second in
/// steps of 0.1 V and 0.1 A, until the volts of a cell, or the charge left, are what it is to land at.
/// @param land_at_cell_v  under load, over ten seconds
/// @param land_at_left    share of the charge
template <class Random>
DrawnFlight drawn_flight(Random& random, const DrawnPack& pack, double land_at_cell_v, double land_at_left,
                         bool recharged) {
    const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(random); };
    std::normal_distribution<double> normal;
    const int cells = pack.label.series;
    const double full_ah = pack.label.cell_capacity_ah * pack.label.parallel * pack.capacity_share;
    const double air_c = between(5.0, 30.0);
    sim::SimulatedPackSpec spec;
    spec.li_ion = pack.label.chemistry == battery::Chemistry::li_ion;
    spec.series = cells;
    spec.parallel = pack.label.parallel;
    spec.cell_capacity_ah = pack.label.cell_capacity_ah * pack.capacity_share;
    spec.cell_resistance_ohm = pack.cell_ohm;
    spec.mass_kg = pack.label.mass_kg;
    sim::SimulatedPack own(spec, air_c);
    PublishedCell published(spec.cell_capacity_ah, pack.cell_ohm / (0.07446 * 0.85 / spec.cell_capacity_ah));
    HighCapacityCell high_capacity(spec.cell_capacity_ah, pack.cell_ohm, air_c);
    telemetry::FlightLog log;
    const auto put = [&](telemetry::Channel channel, double value) { log[channel].push_back(value); };
    double used_ah = 0.0;
    double gust = 0.0;
    double low_s = 0.0;
    double landing_s = -1.0;
    const double second_speed_from = between(0.3, 0.6);
    const double second_speed = between(0.75, 1.4);
    double volts = cells * 4.15;
    for (int t = 0; t < 20000; ++t) {
        gust += -gust / 8.0 + 0.04 * normal(random);
        double power = pack.cruise_w * (1.0 + gust) * (used_ah / full_ah > second_speed_from ? second_speed : 1.0);
        if (t < 5)
            power = 0.05 * pack.cruise_w;
        else if (t < 45)
            power = 2.0 * pack.cruise_w * (1.0 + gust);
        if (landing_s >= 0.0) power = 0.4 * pack.cruise_w * (1.0 + gust);
        double current = 0.0;
        const auto led = [&](auto& cell) {
            current = power / volts;
            volts = cells * cell.volts(current, 1.0);
            used_ah = cell.used_ah();
        };
        if (pack.kind == DrawnKind::published) {
            led(published);
        } else if (pack.kind == DrawnKind::high_capacity) {
            led(high_capacity);
        } else {
            const auto out = own.step(power, 1.0);
            current = out.current_a;
            volts = out.voltage_v;
            used_ah = own.charge_used_ah();
        }
        put(telemetry::Channel::time_s, t);
        put(telemetry::Channel::voltage_v,
            std::round(10.0 * volts * pack.volts_gain + 0.3 * normal(random)) / 10.0);
        put(telemetry::Channel::current_a,
            std::round(10.0 * (current * pack.current_gain + 0.1 * normal(random))) / 10.0);
        log.lines.push_back(std::uint32_t(t + 2));
        low_s = volts / cells < land_at_cell_v ? low_s + 1.0 : 0.0;
        const double left = 1.0 - used_ah / full_ah;
        if (landing_s < 0.0 && t > 60 && (low_s >= 10.0 || left < land_at_left)) landing_s = 0.0;
        if (landing_s >= 0.0 && (landing_s += 1.0) > 25.0) break;
    }
    log.rows_met = log.lines.size();
    DrawnFlight flight;
    const auto clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(std::move(log)));
    const auto summary = telemetry::summarise(*clean);
    flight.flight.trace = summary->pack;
    flight.flight.air_temperature_c = air_c;
    flight.true_ah = used_ah;
    flight.left_share = 1.0 - used_ah / full_ah;
    if (recharged) flight.flight.recharged_ah = used_ah * (1.0 + 0.01 * normal(random));
    return flight;
}

} // namespace sobremesa::tests
