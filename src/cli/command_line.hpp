#pragma once

#include <iosfwd>
#include <string>
#include <vector>

namespace sobremesa::cli {

/// Exit codes that scripts may rely on.
inline constexpr int exit_done = 0;
inline constexpr int exit_unusable_input = 1;
inline constexpr int exit_usage = 2;

/// The whole program: the answer goes to `out`, everything else to `err`. Never throws, never exits by itself.
int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
