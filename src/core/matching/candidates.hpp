#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "core/airframe/aircraft.hpp"
#include "core/battery/discharge.hpp"
#include "core/geodesy/wind_triangle.hpp"
#include "core/units/constants.hpp"
#include "core/units/diagnostic.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::matching {

/// A pack that might be flown, with its circuit made once: packs do not change while speed and wind are dragged.
struct Candidate {
    battery::Pack pack;
    std::shared_ptr<const battery::PackModel> model;
};

std::vector<Candidate> candidates_of(const std::vector<battery::Pack>& packs);

/// What the packs are tried in.
struct Bench {
    airframe::Aircraft aircraft;
    /// All-up mass of the aircraft's known cruise where the aircraft does not state it, kg.
    double reference_mass_kg = 0.0;
    double airspeed_mps = 0.0;
    double density_kgm3 = units::sea_level_density_kgm3;
    double air_temperature_c = 15.0;
    /// Out and back on a line: along-track speeds both ways. Still air where the wind is 0.
    double wind_mps = 0.0;
    double wind_from_deg = 0.0;
    double bearing_deg = 0.0;
    double climb_mps = 2.5;
    /// Kept back, as a share of what the pack gives.
    double reserve_share = 0.0;
    /// One landing voltage for all, V/cell; empty: the usual one of each chemistry.
    std::optional<double> landing_cell_v;
    std::optional<battery::Size> bay;
    std::optional<double> most_pack_mass_kg;
};

/// One pack on the aircraft.
struct Match {
    std::size_t candidate = 0;
    double pack_mass_kg = 0.0;
    double all_up_mass_kg = 0.0;
    double landing_cell_v = 0.0;
    units::Estimate cruise_power_w;
    double usable_charge_ah = 0.0;
    double usable_energy_wh = 0.0;
    /// Down to the reserve. 0 where the pack cannot carry the cruise.
    units::Estimate endurance_s;
    /// Over ground, out and back together; nothing where the wind allows none.
    std::optional<units::Estimate> range_m;
    double cruise_cell_a = 0.0; ///< at the end, where it is largest
    double climb_cell_a = 0.0;  ///< full pack; NaN where the climb's power cannot be given
    double continuous_cell_a = 0.0;
    double lowest_cell_v = 0.0;
    double peak_temperature_c = 0.0;
    double rated_wh_per_kg = 0.0;
    double rated_mah_per_g = 0.0;
    std::optional<double> price_per_wh;
    std::optional<bool> fits_bay;
    std::optional<bool> light_enough;
    bool within_current = true;
    /// No other is both lighter and longer in the air.
    bool on_frontier = false;

    bool flies() const { return endurance_s.value > 0.0; }
};

/// Every candidate on the bench, in their order.
std::vector<Match> match(const Bench& bench, const std::vector<Candidate>& candidates);

/// @param quantity  endurance, flight range, usable energy or charge, cell current, all-up mass, energy density,
/// charge per
///                  mass, price per energy
std::optional<units::Explanation> explain(const Bench& bench, const Candidate& candidate, const Match& match,
                                          units::Quantity quantity);

/// Packs of one kind of cell made larger or smaller at will, by how much.
struct ScaledMatch {
    double scale = 1.0;
    double pack_mass_kg = 0.0;
    double endurance_s = 0.0;
    double range_m = 0.0;
};

/// The same cells, as many in parallel as one likes (also parts of one): endurance and range for a scale.
ScaledMatch scaled(const Bench& bench, const Candidate& candidate, double scale);

/// Where more of these cells no longer go farther: mass goes into power. Nothing where range still grows at eight
/// times the pack.
std::optional<ScaledMatch> best_range_scale(const Bench& bench, const Candidate& candidate);

/// What two packs are made equal in before they are compared.
enum class Basis { as_they_are, equal_mass, equal_energy };

/// Candidates brought to the first one's mass or rated energy, by scaling.
std::vector<ScaledMatch> compare(const Bench& bench, const std::vector<Candidate>& candidates, Basis basis);

/// Among packs that differ in cells in series, the one with the most mAh that is not the one that flies longest:
/// the mistake of comparing by mAh. Nothing where mAh do not mislead.
std::optional<units::Diagnostic> charge_misleads(const std::vector<Candidate>& candidates,
                                                 const std::vector<Match>& matches,
                                                 const std::vector<std::size_t>& chosen);

/// Whether a box fits into another, turned as one likes along the axes.
bool fits(const battery::Size& box, const battery::Size& bay);
/// The bay turned as the box goes into it best: its longest side along the longest of the box, and so on.
battery::Size turned_for(const battery::Size& bay, const battery::Size& box);

} // namespace sobremesa::matching
