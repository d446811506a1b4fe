#pragma once

#include <limits>
#include <memory>
#include <vector>

#include "core/battery/discharge.hpp"

namespace sobremesa::flying {

/// What one pack gives at any power, from its start down to the landing voltage under that power: the fast stand-in
/// for discharging it through a flight.
///
/// A flight draws several powers, and a pack gives less energy at a high one than at a low one: its books are kept
/// in charge, and each leg takes the charge that its energy costs at its own power. The energy given at a constant
/// power is known as a function of charge at a few powers (whole discharges), and runs straight between them: `V =
/// U − I·R` does so but for its second order. What the pack remembers of the order of the legs (its warmth, its
/// slow part) is left out; a test holds it to the discharge through the legs themselves, to 0.2 % of the pack's
/// energy.
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
    /// A pack on its way through several powers: what it is judged by at the end, and how far its slow part is from
    /// where it would stand had that power been drawn all the time.
    struct Course {
        double judged_w = 0.0;
        double charge_ah = 0.0;
        double gap_beyond = 0.0;
    };
    /// Draws an energy at a power. A gentler one lets the slow part come back, a harder one draws it down.
    void draw(Course& course, double power_w, double energy_wh) const;
    /// What is left by then at the power that it is judged by, Wh: also what came back, as far as it has not been
    /// drawn down again before the landing voltage.
    double left_after_wh(const Course& course) const;
    /// Whether the pack can give a power at all after so much charge.
    bool can_give(double power_w, double charge_ah) const;
    /// Whether a power lies between its tables.
    bool spans(double power_w) const;

private:
    struct Row {
        double power_w = 0.0;
        double step_ah = 0.0;
        double end_v = 0.0;
        /// From full, at even steps of charge up to the landing, Wh.
        std::vector<double> energy_wh;
        /// How far the charge within reach trails behind, at the same steps.
        std::vector<double> gap;
        /// Time constant of the slow part at wider even steps, s: it hardly changes along a discharge.
        std::vector<double> gap_s;
        battery::Discharge run;

        double usable_ah() const { return step_ah * double(energy_wh.size() - 1); }
        double energy_at_wh(double charge_ah) const;
        /// Of a table at even steps from full to the landing; its ends beyond them.
        double at(const std::vector<double>& table, double charge_ah) const;
    };
    void tabulate(Row& row) const;
    /// The two rows that a power lies between, and how far from the first.
    struct Between {
        const Row& low;
        const Row& high;
        double share;
    };
    Between between(double power_w) const;
    /// How far the charge within reach trails behind after so much charge at a constant power.
    double gap(double power_w, double charge_ah) const;
    /// Time constant of the slow part under a power, s.
    double gap_s(double power_w, double charge_ah) const;
    static double energy_wh(const Between& rows, double charge_ah);

    std::shared_ptr<const battery::PackModel> pack_;
    Start start_;
    std::vector<Row> rows_; ///< by power
    /// The least power that was tried and not given; infinite where all were.
    double too_much_w_ = std::numeric_limits<double>::infinity();
};

} // namespace sobremesa::flying
