#pragma once

#include <iosfwd>
#include <optional>
#include <string>

namespace sobremesa::cli {

struct DebriefOptions {
    std::string log;
    std::string home; ///< "LAT,LON" or empty
    std::optional<int> cells;
    std::optional<double> recharged_mah;
    std::string pack; ///< pack document, or empty
    std::optional<double> rested_cell_v;
    std::optional<double> rest_min;
    std::optional<double> temperature_c;
    std::optional<double> cruise_mps;
    bool json = false;
};

int debrief(const DebriefOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
