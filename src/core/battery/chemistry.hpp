#pragma once

#include <optional>
#include <string_view>

namespace sobremesa::battery {

enum class Chemistry { lipo, lipo_hv, li_ion };

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

/// The inverse: charge left for a resting voltage, clamped to 0 … 1.
double state_of_charge_at_rest(Chemistry chemistry, double resting_cell_v);

} // namespace sobremesa::battery
