#pragma once

#include <iosfwd>
#include <optional>
#include <string>
#include <vector>

namespace sobremesa::cli {

struct ConvertOptions {
    std::string log;
    std::string target;
    std::optional<double> hide_home_m;
    /// As of `DebriefOptions`.
    std::vector<std::string> columns;
};

/// A log in another format, told by the ending of the target.
int convert(const ConvertOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
