#pragma once

#include <iosfwd>
#include <optional>
#include <string>

namespace sobremesa::cli {

struct BuildOptions {
    std::string build;
    bool json = false;
};
/// Designs a pack from cells.
int build_pack(const BuildOptions& options, std::ostream& out, std::ostream& err);

struct PartialOptions {
    std::string pack;
    double flown_min = 0.0;
    double recharged_mah = 0.0;
    double share_percent = 80.0;
    std::optional<double> temperature_c;
    bool json = false;
};
/// A whole flight told from a part of it.
int partial(const PartialOptions& options, std::ostream& out, std::ostream& err);

struct HealthOptions {
    std::string pack;
    bool json = false;
};
/// How a pack ages, from the readings in its document.
int pack_health(const HealthOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
