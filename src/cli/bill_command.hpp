#pragma once

#include <iosfwd>
#include <optional>
#include <string>

namespace sobremesa::cli {

struct BillOptions {
    /// The plan that was made.
    std::string plan;
    std::string log;
    /// Plan document of how it was really flown: mass, pack, air; or empty.
    std::string flown_as;
    std::optional<double> recharged_mah;
    bool json = false;
};

/// A flight against its forecast, cause by cause.
int bill(const BillOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
