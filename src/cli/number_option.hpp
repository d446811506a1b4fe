#pragma once

#include <cmath>
#include <string>

#include <CLI/CLI.hpp>

#include "io/text_number.hpp"

namespace sobremesa::cli {

/// Holds a numeric option to a range, both ends allowed. The parser's own range lets "nan" through, because nothing
/// is less or more than it.
inline CLI::Validator number_between(double least, double most) {
    const auto written = [](double value) { return io::shortest_text(value, 6); };
    const std::string range = written(least) + " to " + written(most);
    return CLI::Validator(
        [least, most, range](std::string& text) {
            const auto value = io::number_from_text(text);
            if (value && *value >= least && *value <= most) return std::string();
            return "\"" + text + "\" is not possible here; it takes a number from " + range;
        },
        range);
}

/// Lets every numeric option of the program and its subcommands bring its unit: `--pack-mass-kg "430 g"`. The unit
/// in which it is then held stands at the end of the option's name. Call it when all options are there.
void take_units(CLI::App& app);

} // namespace sobremesa::cli
