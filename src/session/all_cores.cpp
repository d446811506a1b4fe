#include "session/all_cores.hpp"

#include <algorithm>
#include <atomic>
#include <thread>
#include <vector>

namespace sobremesa::session {

void on_all_cores(std::size_t parts, const std::function<void(std::size_t)>& job) {
    const std::size_t cores = std::clamp<std::size_t>(std::thread::hardware_concurrency(), 1, parts);
    std::atomic<std::size_t> next = 0;
    const auto work = [&] {
        for (std::size_t part = next++; part < parts; part = next++) job(part);
    };
    std::vector<std::jthread> others;
    for (std::size_t i = 1; i < cores; ++i) others.emplace_back(work);
    work();
}

} // namespace sobremesa::session
