#pragma once

#include <iosfwd>
#include <optional>
#include <string>
#include <vector>

namespace sobremesa::cli {

struct CompareOptions {
    /// LOG and the plan document that it was flown with, in turn.
    std::vector<std::string> flights;
    std::optional<double> airspeed_mps;
    std::optional<double> all_up_mass_kg;
    std::optional<double> distance_m;
    bool json = false;
};

/// Lays flights side by side at equal distance, speed and mass.
int compare(const CompareOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
