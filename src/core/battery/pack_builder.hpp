#pragma once

#include "core/battery/pack.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::battery {

/// A round or a pouch cell as its data sheet has it.
struct BuildCell {
    Chemistry chemistry = Chemistry::li_ion;
    std::optional<Construction> construction;
    double capacity_ah = 3.0;
    std::optional<double> resistance_ohm;
    double mass_kg = 0.047;
    /// Round: diameter in both, height last. Pouch: its three sides.
    Size size{0.0185, 0.0185, 0.0653};
    std::optional<double> rated_current_a;
    std::optional<double> price;
};

/// A usual size of round cell, named by its nominal diameter and length.
struct CellFormat {
    const char* name;
    Size size;
    double mass_kg;
};

/// With their wrap, and the mass of an ordinary cell of each; common practice, no source.
const std::vector<CellFormat>& cell_formats();

enum class StripMaterial { pure_nickel, plated_steel, copper };

/// How cells become a pack.
struct Build {
    BuildCell cell;
    int series = 4;
    int parallel = 2;
    StripMaterial strip = StripMaterial::pure_nickel;
    double strip_width_m = 0.008;
    double strip_thickness_m = 0.00015;
    /// Strips welded on top of each other.
    int strip_layers = 1;
    /// Cross-section and length of each of the two leads.
    double lead_area_m2 = 3.3e-6;
    double lead_length_m = 0.12;
    /// Connector, balance lead, wrap, glue.
    double extras_kg = 0.012;
    /// Cells side by side in the layer that lies in the aircraft; the rest stack up. 0: as flat as it goes.
    int columns = 0;
};

/// What comes of it.
struct Built {
    Pack pack;
    double cells_kg = 0.0;
    double strips_kg = 0.0;
    double leads_kg = 0.0;
    double extras_kg = 0.0;
    double cells_resistance_ohm = 0.0;
    double strip_resistance_ohm = 0.0;
    double leads_resistance_ohm = 0.0;
    /// Of the whole pack, A: cells, and strips at `most_strip_rise_k`.
    double cells_current_a = 0.0;
    double strips_current_a = 0.0;
};

/// How the cells of a build lie, seen from above: along the ends of round cells, on the face of pouches.
struct PackLayout {
    struct Place {
        /// Centre, m from the corner of the pack, wrap included.
        double x_m = 0.0;
        double y_m = 0.0;
        /// Which of the cells in series it belongs to, from 0.
        int group = 0;
        /// The positive end is the one seen.
        bool positive_up = true;
    };
    /// In the order in which they are joined: rows one after the other, every second one backwards.
    std::vector<Place> cells;
    struct Strip {
        std::size_t from = 0; ///< index into `cells`
        std::size_t to = 0;
        bool seen = true; ///< on the side that is seen, else on the other
        /// From one group to the next, rather than within one.
        bool in_series = false;
    };
    std::vector<Strip> strips;
    /// Of the whole pack: x, y, and the side that is not seen.
    Size size;
};

/// @param build  one that `built` takes
PackLayout layout(const Build& build);

/// Warmer than this a strip heats the cells it is welded to, K above them: common practice.
inline constexpr double most_strip_rise_k = 30.0;

/// Resistivity at 20 °C, Ω·m, and density, kg/m³. From memory of handbook tables (CRC): nickel 6.93e-8, copper
/// 1.68e-8, low-carbon steel 1.43e-7.
double resistivity_ohm_m(StripMaterial material);
double density_kgm3(StripMaterial material);

/// How far a strip settles above its surroundings at a current, K: heat I²ρ/(w·t) per metre, given off by both
/// faces at 8 W/m²K under the wrap (common practice).
double strip_rise_k(const Build& build, double strip_current_a);

/// @error `value_out_of_range` naming the field
units::Result<Built> built(const Build& build);

/// @param quantity  pack mass, pack resistance, cruise current (what it may deliver continuously), rated charge,
/// energy density
std::optional<units::Explanation> explain(const Build& build, const Built& made, units::Quantity quantity);

} // namespace sobremesa::battery
