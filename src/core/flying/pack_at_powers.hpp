#pragma once

#include <limits>
#include <memory>
#include <vector>

#include "core/battery/discharge.hpp"
#include "core/flying/pack_course.hpp"

namespace sobremesa::flying {

/// What one pack gives at any power, from its start down to the landing voltage under that power: the fast stand-in
/// for discharging it through a flight.
///
/// A flight draws several powers, and a pack gives less energy at a high one than at a low one: its books are kept
/// in charge, and each leg takes the charge that its energy costs at its own power. The energy given at a constant
/// power is known as a function of charge at a few powers (whole discharges), and runs straight between them: `V =
/// U − I·R` does so but for its second order.
///
/// What the pack remembers of the order of the legs (how far its slow part trails behind, how warm it is) is
/// carried as what it is apart from the table's pack at the same charge. Small as that is it fades along a leg as
/// the model's own rates, taken straight around the table, have it; what it is worth until the landing is found
/// once for each table, from the landing backwards (the adjoint of the same equations). A test holds all of it to
/// the discharge through the legs themselves, to 0.5 % of the pack's energy.
class PackAtPowers {
public:
    /// All that its tables depend on besides the powers.
    struct Start {
        battery::PackState state;
        battery::Surroundings around;
        double landing_cell_v = 0.0;
        friend bool operator==(const Start&, const Start&) = default;
    };
    struct Powers {
        /// What most of the flight is flown at; tables lie around it.
        double reference_w = 0.0;
        /// Wants a table of its own.
        double other_w = 0.0;
        /// Two tables: enough for what a change of the pack moves.
        bool few = false;
    };
    /// @param known  the discharge at the reference power where it is there already
    PackAtPowers(std::shared_ptr<const battery::PackModel> pack, const Start& start, const Powers& powers,
                 const battery::Discharge* known = nullptr);

    const Start& start() const { return start_; }
    /// Whether it can be flown at this power at all: given at the start, and above the landing voltage.
    bool gives(double power_w) const { return !rows_.empty() && power_w < too_much_w_; }
    /// Given from full until so much charge is used, at constant power, Wh.
    double energy_wh(double power_w, double charge_ah) const;
    /// Charge used after a further energy is drawn at a power, Ah.
    double charge_after_ah(double power_w, double from_ah, double energy_wh) const;
    /// Charge used at the landing voltage under this power, Ah; 0 where it cannot be given.
    double usable_ah(double power_w) const;
    /// Down to the landing voltage under this power, Wh; negative: so much more was drawn than it gives.
    double left_wh(double power_w, double charge_ah) const;
    /// Charge at which so much is left, Ah: the other way round.
    double charge_at_left_ah(double power_w, double left_wh) const;
    /// The pack at launch.
    PackCourse at_start() const { return {0.0, start_.state.slow_gap, start_.state.temperature_c}; }
    /// The same after so much charge given at one power.
    PackCourse after(double power_w, double charge_ah) const;
    /// Draws an energy at a power. A gentler one than before lets the slow part come back and the cells cool, a
    /// harder one the other way round.
    void draw(PackCourse& course, double power_w, double energy_wh) const;
    /// What it still gives at a power, down to the landing voltage under that power, Wh.
    double left_after_wh(const PackCourse& course, double power_w) const;
    /// Whether the pack can give a power at all by then.
    bool can_give(double power_w, const PackCourse& course) const;
    /// Whether a power lies between its tables.
    bool spans(double power_w) const;

private:
    /// The pack of a table at one charge, and what another one there becomes of it: one that trails farther behind
    /// by a share, or is warmer by a kelvin.
    struct Standing {
        double slow_gap = 0.0;
        double temperature_c = 0.0;
        /// By which share the two fade with each Ah given.
        double gap_fades_per_ah = 0.0;
        double warmth_fades_per_ah = 0.0;
        /// By how much the warmer one trails farther behind with each Ah; below nought.
        double gap_per_kelvin_ah = 0.0;
        /// What its volts give more from there to where the table lands, Wh for a whole share and Wh for a kelvin.
        double gap_worth_wh = 0.0;
        double kelvin_worth_wh = 0.0;
        /// What is left of the two where the table lands: of a share, of a kelvin, and as a gap of a kelvin.
        double gap_kept = 1.0;
        double warmth_kept = 1.0;
        double gap_per_kelvin = 0.0;

        static Standing between(const Standing& a, const Standing& b, double share);
    };
    struct Row {
        double power_w = 0.0;
        double step_ah = 0.0;
        double end_v = 0.0;
        /// What a whole share, and a kelvin, change of its volts there.
        double end_v_per_gap = 0.0;
        double end_v_per_kelvin = 0.0;
        /// How fast they fall there, V/Ah; 0 where it is not they that end it.
        double end_v_per_ah = 0.0;
        /// At the same steps as the energy.
        std::vector<double> volts;
        /// From full, at even steps of charge up to the landing, Wh.
        std::vector<double> energy_wh;
        /// At wider even steps.
        std::vector<Standing> standings;
        battery::Discharge run;

        double usable_ah() const { return step_ah * double(energy_wh.size() - 1); }
        double energy_at_wh(double charge_ah) const;
        /// Its ends beyond them.
        Standing standing(double charge_ah) const;
        /// What a pack gives more beyond the table's landing, Wh, with a gap and a warmth of its own there.
        double past_landing_wh(double gap, double warmth_k, double full_ah) const;
    };
    void tabulate(Row& row) const;
    /// What a gap and a kelvin change of the pack of a table at one of its steps.
    struct Response;
    Response response(const Row& row, double charge_ah) const;
    /// The two rows that a power lies between, and how far from the first.
    struct Between {
        const Row& low;
        const Row& high;
        double share;
    };
    Between between(double power_w) const;
    /// Of a constant power after so much charge.
    static Standing standing(const Between& rows, double charge_ah);
    static double energy_wh(const Between& rows, double charge_ah);

    std::shared_ptr<const battery::PackModel> pack_;
    Start start_;
    double slow_activation_k_ = 0.0;
    std::vector<Row> rows_; ///< by power
    /// The least power that was tried and not given; infinite where all were.
    double too_much_w_ = std::numeric_limits<double>::infinity();
};

} // namespace sobremesa::flying
