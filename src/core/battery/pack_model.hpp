#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "core/battery/pack.hpp"

namespace sobremesa::battery {

/// Share of a cell's charge within quick reach of the terminals. With it a gap comes back over minutes, as resting
/// volts do after landing (common practice, no source).
inline constexpr double within_reach_share = 0.5;

/// Where resistances and rate tables are stated, °C.
inline constexpr double reference_temperature_c = 23.0;

/// How a pack stands at one moment.
struct PackState {
    /// Taken out since it was full, Ah.
    double charge_used_ah = 0.0;
    /// How far the charge within reach of the terminals trails behind the mean, as a share of the full charge: what
    /// the load has drawn faster than the cell could follow. Goes back to 0 at rest.
    double slow_gap = 0.0;
    /// Of the cells, °C.
    double temperature_c = 23.0;
    friend bool operator==(const PackState&, const PackState&) = default;
};

struct LoadPoint {
    double current_a = 0.0;
    double voltage_v = 0.0;
};

/// How fast a state moves under a current, and where its energy goes.
struct PackRates {
    double charge_a = 0.0;
    double slow_gap_per_s = 0.0;
    double kelvin_per_s = 0.0;
    double source_w = 0.0; ///< resting volts of the mean charge, times current
    double ohmic_w = 0.0;  ///< cells and leads
    double mixing_w = 0.0; ///< charge flowing from where it stands higher to where it was drawn down
};

/// A row of a rate table that the model cannot meet with the resistance it was given.
struct RateMisfit {
    double current_a = 0.0;
    double table_ah = 0.0;
    double model_ah = 0.0;
};

/// A pack as a circuit: resting curve, ohmic resistance, a slow part, its own temperature.
///
/// Each cell holds its charge in two wells joined by a slow passage: a share `c` within reach of the terminals, the
/// rest behind it. The load draws on the first; the terminals see `V = U(h) - I·R(h, T)` with `h` the level of the
/// first well. The gap `D = s - h` between the mean charge and what is within reach follows
/// `dD/dt = (1 - c)/(c·Q)·(I - F(D, T))`: it settles where the passage carries as much as the load draws. `F` is
/// linear for a cell of which nothing is known, and read from the maker's rate table where there is one, so that
/// charge out of reach comes back when the load drops, and volts and energy stay right, which they would not if the
/// table were taken for resistance. More current never gives more charge, whatever the table.
///
/// Temperature acts on `R` and `F` by Arrhenius laws. The cells warm by all of the cells' heat and cool to the air.
/// Energy closes: ∫U(s)·I dt = delivered + ohmic + mixing heat + energy held in the uneven wells.
///
/// Sources: two wells after Manwell & McGowan, Solar Energy 50(5), 1993 (there with a linear passage); the circuit
/// itself; Arrhenius. Default values: common practice, no source; see `CellDefaults`.
class PackModel {
public:
    /// @param pack  validated
    /// @param like  a model whose fitted rate table is taken over where it is that of the same cell: fitting takes
    ///              longer than a plan
    explicit PackModel(const Pack& pack, const PackModel* like = nullptr);

    const Pack& pack() const { return pack_; }
    /// Everything in it when full, at its present age, Ah: as fitted, else the rate table's, else the label's.
    double fullChargeAh() const { return cell_full_ah_ * pack_.parallel; }
    /// As charged, and as warm as it is kept until launch; at rest.
    PackState atStart(double air_temperature_c) const;

    /// Mean state of charge; 1 full.
    double meanCharge(const PackState& state) const;
    /// State of charge within reach of the terminals.
    double surfaceCharge(const PackState& state) const { return meanCharge(state) - state.slow_gap; }
    /// Volts of the whole pack with the load just taken off: the slow part has not come back yet.
    double openCircuitV(const PackState& state) const;
    /// Volts after a rest, when the slow part has come back.
    double restingV(const PackState& state) const;
    /// Cells at this charge and temperature, and leads, Ω.
    double resistanceOhm(const PackState& state) const;

    /// Source and resistance as they are at one moment: worked out once where several questions follow.
    struct Circuit {
        double open_circuit_v = 0.0;
        double resistance_ohm = 0.0;

        LoadPoint atCurrent(double current_a) const {
            return {current_a, open_circuit_v - current_a * resistance_ohm};
        }
        /// As `PackModel::atPower`.
        std::optional<LoadPoint> atPower(double power_w) const;
        /// The same, going on smoothly past the point where it fails, so that an integrator that steps over it gets
        /// a number.
        LoadPoint atPowerOrLimit(double power_w) const;
    };
    Circuit circuit(const PackState& state) const { return {openCircuitV(state), resistanceOhm(state)}; }

    LoadPoint atCurrent(const PackState& state, double current_a) const {
        return circuit(state).atCurrent(current_a);
    }
    /// Current and terminal volts when the pack gives a power: `I = (U - √(U² - 4·P·R)) / 2R`, the smaller of two.
    /// @return nothing when the pack cannot give this power (U² < 4·P·R): an answer, not an error
    std::optional<LoadPoint> atPower(const PackState& state, double power_w) const {
        return circuit(state).atPower(power_w);
    }
    /// The largest power without the volts falling under a landing voltage, W: the lesser of `U²/4R` and
    /// `U_land·(U - U_land)/R`; 0 when it rests below.
    double peakPowerW(const PackState& state, double landing_cell_v) const;
    /// The largest current to the same end, A.
    double peakCurrentA(const PackState& state, double landing_cell_v) const;

    PackRates rates(const PackState& state, const Circuit& circuit, double current_a, double air_temperature_c,
                    bool warms = true) const;
    PackRates rates(const PackState& state, double current_a, double air_temperature_c, bool warms = true) const {
        return rates(state, circuit(state), current_a, air_temperature_c, warms);
    }

    /// Energy that a state holds above what it would hold with its wells level, Wh: turns to heat at rest.
    double heldWh(const PackState& state) const;
    /// The gap that a steady current settles at, at this temperature.
    double settledGap(double current_a, double temperature_c) const;
    /// The state after resting for a time.
    PackState rested(PackState state, double rest_s, double air_temperature_c) const;

    /// Rows of the rate table that the stated resistance alone already falls short of by more than 2 %.
    const std::vector<RateMisfit>& misfits() const { return misfits_; }

private:
    struct Passage;
    double passageA(double gap, double temperature_c) const;
    double restingCellV(double charge) const;
    void fitRateTable();
    void fitWarming(PackModel& cell, Passage& passage, const std::vector<RatePoint>& rows, double cutoff_v,
                    std::vector<double> gaps);

    Pack pack_;
    double new_cell_full_ah_ = 0.0;
    double cell_full_ah_ = 0.0;
    double cell_resistance_ohm_ = 0.0;
    double cooling_w_per_k_ = 0.0;
    double slow_factor_ = 1.0;
    CellDefaults usual_;
    std::shared_ptr<const Passage> passage_;
    std::vector<RateMisfit> misfits_;
};

/// What the maker's table says of a single cell, from the model: constant current from full to a voltage, no
/// filter.
/// @param warms  starting at that temperature, in air of it; otherwise held there
double charge_at_current_ah(const PackModel& cell, double current_a, double cutoff_cell_v, double temperature_c,
                            bool warms = false);
/// The same, with the temperature that it ends at.
PackState drained_at_current(const PackModel& cell, double current_a, double cutoff_cell_v, double temperature_c,
                             bool warms);

} // namespace sobremesa::battery
