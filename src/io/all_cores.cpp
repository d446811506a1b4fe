#include "io/all_cores.hpp"

#include <algorithm>
#include <atomic>
#include <thread>
#include <vector>

namespace sobremesa::io {

void on_cores(std::size_t parts, std::size_t most_threads, const std::function<void(std::size_t)>& job) {
    // The system is asked only where there is something to share: that alone costs as much as reading a short log.
    const std::size_t useful = std::min(parts, most_threads);
    const std::size_t threads =
        useful < 2 ? 1 : std::min(std::max<std::size_t>(std::thread::hardware_concurrency(), 1), useful);
    std::atomic<std::size_t> next = 0;
    const auto work = [&] {
        for (std::size_t part = next++; part < parts; part = next++) job(part);
    };
    std::vector<std::jthread> others;
    for (std::size_t i = 1; i < threads; ++i) others.emplace_back(work);
    work();
}

} // namespace sobremesa::io
