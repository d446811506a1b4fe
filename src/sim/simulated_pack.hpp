#pragma once

#include "sim/scenario.hpp"

namespace sobremesa::sim {

/// A pack with an ohmic resistance and two relaxing pairs, stepped in time.
///
/// Resting curves are closed forms of their own (linear plus exponential knee), so that they are near the program's
/// tables and not equal to them. Resistance grows in the cold.
class SimulatedPack {
public:
    SimulatedPack(const SimulatedPackSpec& spec, double temperature_c);

    struct Output {
        double voltage_v = 0.0;
        double current_a = 0.0;
        bool collapsed = false; ///< the power cannot be given
    };
    Output step(double power_w, double step_s);

    double charge_used_ah() const { return used_ah_; }
    double energy_given_wh() const { return given_wh_; }
    double temperature_c() const { return temperature_c_; }
    double resting_cell_v() const;

private:
    SimulatedPackSpec spec_;
    double used_ah_ = 0.0;
    double given_wh_ = 0.0;
    double fast_v_ = 0.0; ///< over the fast pair, whole pack
    double slow_v_ = 0.0;
    double temperature_c_;
    double air_c_;
};

} // namespace sobremesa::sim
