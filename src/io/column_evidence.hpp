#pragma once

#include "io/time_columns.hpp"

namespace sobremesa::io {

/// Settles by arithmetic what words leave open: a speed's unit by the places it led to, a current's by what a
/// counter counted meanwhile; and, of columns that nothing names, which are that speed and that current.
///
/// @param together  so many of the cells, from the first on, are rows one behind the other
void weigh_evidence(std::vector<ColumnAtHand>& columns, std::size_t together);

/// Guesses what columns without any word are, by their numbers alone: a place, volts of a pack, a counter of
/// charge. What the numbers do not show clearly stays unused.
void guess_by_shape(std::vector<ColumnAtHand>& columns);

/// Volts as a pack has them in flight, in V: two cells and more, to fourteen.
bool could_be_pack(double volts);

} // namespace sobremesa::io
