#pragma once

#include <cstddef>
#include <functional>
#include <limits>

namespace sobremesa::io {

/// Runs a job for each part on all cores, and returns when all are done; whoever is free takes the next part. Jobs
/// write to places of their own.
///
/// @param most_threads  upper bound of the threads used, this one counted
void on_cores(std::size_t parts, std::size_t most_threads, const std::function<void(std::size_t part)>& job);

/// The same, on as many threads as there are cores.
inline void on_all_cores(std::size_t parts, const std::function<void(std::size_t part)>& job) {
    on_cores(parts, std::numeric_limits<std::size_t>::max(), job);
}

} // namespace sobremesa::io
