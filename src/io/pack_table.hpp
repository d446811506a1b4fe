#pragma once

#include <string>
#include <vector>

#include "core/battery/pack.hpp"
#include "core/units/diagnostic.hpp"

namespace sobremesa::io {

struct PackTable {
    std::vector<battery::Pack> packs;
    /// Columns that were not understood.
    std::vector<units::Diagnostic> diagnostics;
};

/// A list of packs as CSV, in the units that shops and scales use:
///
/// `name,chemistry,construction,series,parallel,cell_capacity_mah,cell_resistance_mohm,mass_g,price,rated_current_a,
/// current_label,strips_current_a,connector_current_a,length_mm,width_mm,height_mm`
///
/// `name`, `chemistry`, `series`, `cell_capacity_mah` and `mass_g` are needed, in any order; empty cells are
/// unknown. Comma, semicolon or tab; decimal comma or point.
/// A pilot's own table is understood, too: columns by usual words ("Weight (g)", "Kapazität mAh", "IR", "C
/// rating"), in whatever unit they or their cells name ("480 g", "65C", "4S2P"); a capacity is the pack's unless it
/// says cell. Units that nothing names are taken by the size of the numbers, which is said.
/// @error `no_header`, `value_missing` (column or cell), `value_out_of_range`, `word_unknown`, each with its line
units::Result<PackTable> packs_from_csv(const std::string& text, const std::string& file);
/// Whether the first line of a text names what a list of packs has: cells, capacity, mass, and no time.
bool looks_like_pack_table(const std::string& head);

std::string csv_from_packs(const std::vector<battery::Pack>& packs);

} // namespace sobremesa::io
