#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/battery/chemistry.hpp"
#include "core/units/error.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::battery {

/// One point of a cell maker's constant-current table.
struct RatePoint {
    double current_a = 0.0;
    double charge_ah = 0.0;
    friend bool operator==(const RatePoint&, const RatePoint&) = default;
};

/// Usable energy of a pack that was never measured, relative standard deviation: common practice, no source.
inline constexpr double assumed_usable_sd = 0.04;

/// Charges (1 full) at which the offsets of a fitted resting curve are kept; straight lines between them.
inline constexpr std::array<double, 6> curve_knots = {0.0, 0.15, 0.4, 0.65, 0.85, 1.0};

/// A pack as its flights, chargers and meters have shown it: goes before label, age and assumption wherever it is
/// there. Made by `learning::joint_estimate`.
struct PackKnown {
    /// Full charge now over the rated charge.
    units::Estimate capacity_share{1.0, 0.0};
    /// Ohmic, of one cell now, near 23 °C, Ω.
    units::Estimate cell_resistance_ohm;
    /// Slow part over that of the cell as described.
    units::Estimate slow_factor{1.0, 0.0};
    /// Resting curve of this pack over that of its chemistry, V, at `curve_knots`.
    std::array<double, curve_knots.size()> curve_offset_v{};
    /// Of what it gives down to the landing voltage, one standard deviation, relative.
    double usable_relative_sd = 0.0;
    int flights = 0;
    int recharges = 0;
    std::string known_utc;
    /// Flights that are filed change it no more.
    bool frozen = false;
    friend bool operator==(const PackKnown&, const PackKnown&) = default;
};

/// What a rated current on a label is worth.
enum class CurrentLabel {
    none,       ///< no current is printed
    cell_maker, ///< a data sheet's continuous current
    pack_c,     ///< a C figure on a pack
    burst_c,    ///< a burst figure
};

/// Size of a box, m.
struct Size {
    double length_m = 0.0;
    double width_m = 0.0;
    double height_m = 0.0;
    friend bool operator==(const Size&, const Size&) = default;
};

/// A pack as the pilot describes it.
struct Pack {
    std::string name;
    Chemistry chemistry = Chemistry::li_ion;
    int series = 4;
    int parallel = 1;
    /// Rated charge of one cell at a gentle load to the chemistry's floor, Ah.
    double cell_capacity_ah = 3.0;
    /// Ohmic resistance of one cell near 23 °C, Ω. Empty: assumed, see `cell_resistance_ohm`.
    std::optional<double> cell_resistance_ohm;
    /// Leads, connector and strips of the whole pack, Ω.
    double lead_resistance_ohm = 0.0;
    double mass_kg = 0.0;
    /// That mass is a scale's, not a label's or a sum of parts.
    bool mass_on_scale = false;

    /// Age, as factors on the values of the new pack. 1 is a new pack.
    double capacity_factor = 1.0;
    double resistance_factor = 1.0;
    /// Temperature of the pack at launch, °C; empty means that of the air.
    std::optional<double> start_temperature_c;
    /// Rate table of the cell and the voltage it was measured to; empty: the chemistry's floor.
    std::vector<RatePoint> rate_table;
    std::optional<double> rate_table_cutoff_v;
    /// The table was measured on cells held at its temperature; otherwise they were free to warm up, in still air.
    bool rate_table_held_temperature = false;

    /// Fitted to flights and recharges; empty: never.
    std::optional<PackKnown> known;

    /// Empty: Li-ion high-capacity, LiPo high-drain.
    std::optional<Construction> construction;
    /// Resting volts of a cell at launch, V; empty: full. Charged yesterday, or put to storage.
    std::optional<double> start_cell_v;
    /// How far the weakest cell is below the mean under load, V; empty: 0.05.
    std::optional<double> weakest_cell_below_v;
    /// Rated current of the whole pack, A, and what kind of figure it is.
    std::optional<double> rated_current_a;
    CurrentLabel current_label = CurrentLabel::none;
    /// What the strips between the cells, and the connector with its leads, carry continuously, A of the whole
    /// pack. Empty: not known.
    std::optional<double> strips_current_a;
    std::optional<double> connector_current_a;
    /// Ohmic resistance of one cell with its share of leads and strips, as flights showed it, Ω. Empty: never
    /// measured.
    std::optional<double> measured_cell_ohm;
    /// In whatever money the pilot pays with; only packs are compared by it.
    std::optional<double> price;
    std::optional<Size> size;

    friend bool operator==(const Pack&, const Pack&) = default;
};

/// Resistance of one cell where the pilot gives none: a typical cell of that chemistry, construction and size, see
/// `CellDefaults`. An assumption to be shown as one.
double assumed_cell_resistance_ohm(const Pack& pack);

/// That of the pack's cells when new: given, or assumed.
double cell_resistance_ohm(const Pack& pack);

/// Full charge now over the rated charge: fitted, else by age.
double capacity_share(const Pack& pack);

/// Ohmic resistance of one cell at its present age near 23 °C, Ω: fitted, else given or assumed, times the age.
double aged_cell_resistance_ohm(const Pack& pack);

/// Where that figure comes from: measured in flights, typed, or assumed by the chemistry.
units::Origin resistance_origin(const Pack& pack);

/// Usable energy and charge, relative standard deviation: as fitted, else `assumed_usable_sd`.
double usable_relative_sd(const Pack& pack);

/// The same pack holding that many times as much, whatever its capacity is known from.
Pack with_capacity_times(Pack pack, double factor);

/// Given, or assumed by chemistry.
Construction construction(const Pack& pack);

/// Given, or 0.05 V (common practice).
double weakest_cell_below_v(const Pack& pack);

/// Share of a rated current that may be relied on: 1 for a cell maker's continuous figure, a half for a pack's C
/// figure, a quarter for a burst figure (common practice, no source: labels promise twice what packs give).
double trust_in_label(CurrentLabel label);
const char* current_label_word(CurrentLabel label);
std::optional<CurrentLabel> current_label_from_word(std::string_view word);

/// What a pack gives off to the air, W/K, over a box of its mass with edges as 1 : 2 : 3. In a tray, to the air
/// stream around it: 15 W/m²K (common practice, no source). A cell alone, as on a tester, in still air: 10.5 W/m²K,
/// half free convection, half radiation at an emissivity of 0.9 (Incropera & DeWitt, Fundamentals of Heat and Mass
/// Transfer: free convection of gases 2–25 W/m²K, radiation 4·ε·σ·T³ = 5.4 W/m²K at 300 K).
double cooling_w_per_k(const Pack& pack);

/// What a pack may warm by above the air when it is loaded continuously, K: from 25 °C to the 60 °C that no lithium
/// pack should pass (common practice).
inline constexpr double most_rise_k = 35.0;

/// Where a continuous current comes from.
enum class CurrentTrust { assumed, label, measured_sag };
CurrentTrust current_trust(const Pack& pack);

/// Current of the whole pack that its cells may deliver continuously, A. With measured sag, the current whose heat
/// settles `most_rise_k` above the air; else the rated current times the trust in its label; else what is assumed
/// of such cells.
double cells_current_a(const Pack& pack);

/// The least of what cells, strips and connector bear continuously, as far as they are known, A.
double continuous_current_a(const Pack& pack);

/// @error `value_out_of_range` naming the field, for anything that no pack can have
units::Result<Pack> validate(Pack pack);

/// Charge of the whole pack when new and full, Ah: what the label says.
double rated_charge_ah(const Pack& pack);

/// Energy of the whole pack when new and full, Wh: rated charge times the mean resting voltage of its chemistry.
double rated_energy_wh(const Pack& pack);

/// Ohmic resistance of the whole pack with leads near 23 °C, Ω.
double resistance_ohm(const Pack& pack);

} // namespace sobremesa::battery
