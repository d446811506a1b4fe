#pragma once

#include <iosfwd>
#include <optional>
#include <string>

namespace sobremesa::cli {

struct SunOptions {
    std::string plan;
    std::string date;      ///< YYYY-MM-DD; empty: that of the plan's start
    std::string at;        ///< LAT,LON; empty: the plan's home
    std::string start_utc; ///< HH:MM; empty: that of the plan, else the best of the day
    std::optional<double> cloud_okta;
    std::optional<double> sustain_h;
    bool json = false;
};

int sun_day(const SunOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
