#pragma once

#include <cstddef>
#include <functional>

namespace sobremesa::session {

/// Runs a job for each part on all cores, and returns when all are done. Jobs write to places of their own.
void on_all_cores(std::size_t parts, const std::function<void(std::size_t part)>& job);

} // namespace sobremesa::session
