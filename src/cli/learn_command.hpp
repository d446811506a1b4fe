#pragma once

#include <iosfwd>
#include <string>
#include <vector>

namespace sobremesa::cli {

struct LearnOptions {
    /// Plan document: aircraft and pack as known before.
    std::string plan;
    /// "LOG[,plan=FILE][,recharged=MAH][,rested=V/MIN]", in the order of time.
    std::vector<std::string> flights;
    bool json = false;
};

/// Pack, sensors and power curve from flights, what changed and why, and how good each forecast would have been.
int learn(const LearnOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
