#pragma once

#include <iosfwd>
#include <optional>
#include <string>

namespace sobremesa::cli {

struct ConvertOptions {
    std::string log;
    std::string target;
    std::optional<double> hide_home_m;
};

/// A log in another format, told by the ending of the target.
int convert(const ConvertOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
