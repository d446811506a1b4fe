#pragma once

#include <cstdint>
#include <iosfwd>
#include <optional>
#include <string>

namespace sobremesa::cli {

struct PlanOptions {
    std::string plan;
    std::string terrain;    ///< elevation raster, in place of the document's
    std::string route;      ///< route file whose points become the waypoints
    std::string no_landing; ///< file of areas not to come down in
    std::string home;       ///< LAT,LON
    std::uint64_t seed = 1;
    int days = 10000;
    std::string card;      ///< PDF to write
    std::string route_out; ///< route file to write
    bool hide_home = false;
    bool json = false;
    int bearings = 36; ///< of `reach`
};

int plan(const PlanOptions& options, std::ostream& out, std::ostream& err);
int reach(const PlanOptions& options, std::ostream& out, std::ostream& err);
int alarms(const PlanOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
