#pragma once

#include <optional>

#include "io/header_cell.hpp"

namespace sobremesa::io {

/// What the words of a header say.
struct NamedQuantity {
    telemetry::Channel channel = telemetry::Channel::time_s;
    /// The lower, the more it is the one that is meant where several columns are that quantity.
    int rank = 0;
    /// Volts of a receiver, a transmitter, a camera: not the pack's, whatever else is missing.
    bool of_another = false;
    /// Charge that is left, not charge that was used.
    bool remaining = false;
};

/// Times and dates are not among them; their cells tell more than their words.
std::optional<NamedQuantity> quantity_from_words(const HeaderCell& header);

} // namespace sobremesa::io
