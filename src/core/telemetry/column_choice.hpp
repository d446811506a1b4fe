#pragma once

#include <string>

namespace sobremesa::telemetry {

/// What a pilot says a column of a log is, where its header does not, or says it wrongly.
struct ColumnChoice {
    /// The header cell, as it stands in the file.
    std::string header;
    /// Stable word of a channel (`voltage_v`), or `ignored`, `date`, `clock`, `position`.
    std::string meaning;
    /// Unit that its numbers are in (`mV`); empty: as the header says, or the usual one.
    std::string unit;
    friend bool operator==(const ColumnChoice&, const ColumnChoice&) = default;
};

} // namespace sobremesa::telemetry
