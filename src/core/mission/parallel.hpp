#pragma once

#include <cstddef>
#include <functional>

namespace sobremesa::mission {

/// Runs a job for each of `parts` parts, at once where it can; the core itself knows no threads.
using Parallel = std::function<void(std::size_t parts, const std::function<void(std::size_t part)>& job)>;

/// One after the other.
inline void in_turn(std::size_t parts, const std::function<void(std::size_t part)>& job) {
    for (std::size_t part = 0; part < parts; ++part) job(part);
}

} // namespace sobremesa::mission
