#pragma once

#include <array>
#include <optional>
#include <string_view>

namespace sobremesa::battery {

enum class Chemistry { lipo, lipo_hv, li_ion };
/// In the order of choices.
inline constexpr std::array all_chemistries = {Chemistry::lipo, Chemistry::lipo_hv, Chemistry::li_ion};

/// What is common to all cells of one chemistry.
///
/// The curves are smoothed from common practice (no published source; from memory): resting volts against charge
/// left for a healthy cell near 23 °C. They are an assumption until a pack of one's own is measured.
struct ChemistryTraits {
    double full_cell_v;
    double storage_cell_v;
    /// Under no circumstances below this under load; at this resting voltage the cell counts as empty.
    double floor_cell_v;
    /// Landing voltage under gentle cruise load that most pilots of this chemistry would choose.
    double default_landing_cell_v;
    /// A landing voltage at or above this leaves a notable share of the pack unused.
    double wasteful_landing_cell_v;
};

/// What a cell is built for. Decides what is assumed of a cell of which only the label is known.
enum class Construction {
    high_capacity, ///< thick electrodes: most energy for its mass, gives it slowly
    high_drain,    ///< thin electrodes: less energy, gives it fast
};

/// What is assumed of a cell without measured resistance or rate table. Common practice, no source, all of it.
struct CellDefaults {
    /// Ohmic resistance near 23 °C times capacity, Ω·Ah.
    double resistance_ohm_ah;
    /// Share of the charge that a steady load of 1 C leaves out of reach, near 23 °C; grows with the load.
    double slow_gap_per_c;
    /// Continuous current, in C.
    double continuous_c;
    /// Near empty the resistance is up to this much larger, falling off over this share of charge.
    double resistance_rise_empty;
    double resistance_rise_share;
    /// Arrhenius temperatures (activation energy over the gas constant), K.
    double resistance_activation_k;
    double slow_activation_k;
};

const CellDefaults& defaults(Chemistry chemistry, Construction construction);

/// Stable word for documents: `high-capacity`, `high-drain`.
const char* construction_word(Construction construction);
std::optional<Construction> construction_from_word(std::string_view word);

/// Stable word for documents: `lipo`, `lipo-hv`, `li-ion`.
const char* chemistry_word(Chemistry chemistry);
std::optional<Chemistry> chemistry_from_word(std::string_view word);

const ChemistryTraits& traits(Chemistry chemistry);

/// Resting volts of one cell at a state of charge.
///
/// Monotone interpolation (PCHIP) of the chemistry's curve. Below 0 the curve goes on steeply, so that an
/// integrator may step a little past empty and find its way back.
/// @param state_of_charge  1 full, 0 empty
double open_circuit_cell_v(Chemistry chemistry, double state_of_charge);

/// Mean of the resting curve over the charge, V: energy over charge of a cell drawn without hurry.
double mean_open_circuit_cell_v(Chemistry chemistry);

/// The inverse: charge left for a resting voltage, clamped to 0 … 1.
double state_of_charge_at_rest(Chemistry chemistry, double resting_cell_v);

} // namespace sobremesa::battery
