#include "session/figures_reading.hpp"

#include <algorithm>

namespace sobremesa::session {

void FiguresReading::start(std::vector<logbook::Figures> documents, const std::function<void()>& finished) {
    stop();
    if (documents.empty()) return;
    documents_ = std::move(documents);
    read_.assign(documents_.size(), std::nullopt);
    next_ = 0;
    wanted_ = true;
    // One core is left to whoever makes the window meanwhile.
    const int others = std::max(int(std::thread::hardware_concurrency()) - 1, 1);
    at_work_ = others;
    for (int i = 0; i < others; ++i) {
        threads_.emplace_back([this, finished] {
            readOn();
            if (--at_work_ == 0 && wanted_) finished();
        });
    }
}

/// Takes one document after the other until none is left.
void FiguresReading::readOn() {
    for (std::size_t i = next_++; wanted_ && i < documents_.size(); i = next_++) {
        if (auto kept = io::figures_from_json(documents_[i].document, "logbook")) read_[i] = std::move(*kept);
    }
}

std::vector<FiguresReading::Read> FiguresReading::take() {
    if (!isPending()) return {};
    readOn();
    join();
    std::vector<Read> all;
    for (std::size_t i = 0; i < documents_.size(); ++i) {
        if (read_[i]) all.push_back({documents_[i].flight_id, std::move(*read_[i])});
    }
    documents_.clear();
    read_.clear();
    return all;
}

void FiguresReading::stop() {
    wanted_ = false;
    join();
    documents_.clear();
    read_.clear();
}

void FiguresReading::join() {
    for (std::thread& thread : threads_) thread.join();
    threads_.clear();
}

} // namespace sobremesa::session
