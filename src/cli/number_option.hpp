#pragma once

#include <string>
#include <vector>

#include <CLI/CLI.hpp>

namespace sobremesa::cli {

/// Holds a numeric option to a range, both ends allowed. The parser's own range lets "nan" through, because nothing
/// is less or more than it.
CLI::Validator number_between(double least, double most);
/// The same of a whole number.
CLI::Validator number_between(int least, int most);

/// Holds an option to some words.
CLI::Validator one_of(const std::vector<std::string>& words);

/// Lets every numeric option of the program and its subcommands bring its unit: `--pack-mass-kg "430 g"`. The unit
/// in which it is then held stands at the end of the option's name. Call it when all options are there.
void take_units(CLI::App& app);

} // namespace sobremesa::cli
