#include "io/all_cores.hpp"

#include <algorithm>
#include <atomic>
#include <thread>
#include <vector>

namespace sobremesa::io {

void on_cores(std::size_t parts, std::size_t most_threads, const std::function<void(std::size_t)>& job) {
    const std::size_t threads =
        std::min({std::max<std::size_t>(std::thread::hardware_concurrency(), 1), parts, most_threads});
    std::atomic<std::size_t> next = 0;
    const auto work = [&] {
        for (std::size_t part = next++; part < parts; part = next++) job(part);
    };
    std::vector<std::jthread> others;
    for (std::size_t i = 1; i < threads; ++i) others.emplace_back(work);
    work();
}

} // namespace sobremesa::io
