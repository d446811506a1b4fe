#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "core/battery/chemistry.hpp"

namespace sobremesa::io {

/// What a column of a pilot's own list of packs may say.
enum class PackColumn {
    name,
    chemistry,
    layout, ///< "4S2P"
    series,
    parallel,
    capacity, ///< of the whole pack
    cell_capacity,
    mass,
    cell_resistance, ///< as a charger shows it, of one cell
    pack_resistance,
    price,
    c_rating,
    rated_current,
    length,
    width,
    height,
};

struct PackHeader {
    PackColumn column;
    /// Factor to kg, Ah, Ω, m; empty where the header names no unit.
    std::optional<double> scale;
    /// Of a capacity: the header says that it is the whole pack's.
    bool whole_pack = false;
};

/// English, German, Spanish and French words, with a unit in brackets, behind a slash or as a word.
std::optional<PackHeader> pack_column_from_header(std::string_view header);

/// The table's own name of that column, for messages.
const char* pack_column_word(PackColumn column);
/// Whether it says what one of the table's own columns says.
bool says(PackColumn column, std::string_view own_name);
bool is_needed(PackColumn column);
bool has_unit(PackColumn column);

struct PackUnit {
    std::string_view word;
    double scale = 1.0;
};
/// The unit that numbers as large are in.
PackUnit likely_unit(PackColumn column, double most);

/// "480 g", "€39.90", "65C", "1.234,5": a number, and the factor of its unit where one is written.
struct PackAmount {
    double value = 0.0;
    std::optional<double> scale;
};
std::optional<PackAmount> pack_amount(std::string_view cell, PackColumn column);

/// "4S2P", "6s", "4".
struct PackLayout {
    int series = 0;
    /// 0: not said.
    int parallel = 0;
};
std::optional<PackLayout> pack_layout(std::string_view cell);

/// "Li-ion 21700", "LiPo", "LiHV".
std::optional<battery::Chemistry> chemistry_in(std::string_view cell);

} // namespace sobremesa::io
