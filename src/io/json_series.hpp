#pragma once

#include "io/ordered_json.hpp"
#include "io/table_of_rows.hpp"

namespace sobremesa::io {

/// A document of series, as dashboards and recorders write them: each a quantity's name (and perhaps unit) beside
/// pairs of a moment and a value, in either order; beside two arrays, of moments and of values; or beside its
/// values alone, where one of the series is the time. Series of different moments make a row for each.
/// @return false where the document is none
bool put_series(const OrderedJson& document, TableOfNames& table);

} // namespace sobremesa::io
