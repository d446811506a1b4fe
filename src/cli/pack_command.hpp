#pragma once

#include <iosfwd>
#include <optional>
#include <string>

namespace sobremesa::cli {

struct PackOptions {
    /// Pack document; empty where candidates are tried.
    std::string pack;
    std::optional<double> current_a;
    std::optional<double> power_w;
    double temperature_c = 23.0;
    std::optional<double> landing_cell_v;
    bool fixed_temperature = false;
    /// CSV of packs, and the plan whose aircraft and air they are tried in.
    std::string candidates;
    std::string plan;
    bool json = false;
};

int run_pack(const PackOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
