#pragma once

#include <atomic>
#include <functional>
#include <optional>
#include <thread>
#include <vector>

#include "io/kept_documents.hpp"
#include "logbook/book.hpp"

namespace sobremesa::session {

/// Reads the kept figures of many flights on other cores: those of a thousand flights take longer than a window
/// takes to show. Whoever needs them earlier helps and waits.
class FiguresReading {
public:
    struct Read {
        std::int64_t flight_id = 0;
        io::KeptFigures kept;
    };

    FiguresReading() = default;
    FiguresReading(const FiguresReading&) = delete;
    FiguresReading& operator=(const FiguresReading&) = delete;
    ~FiguresReading() { stop(); }

    /// @param finished  called on another thread when all are read; not after `stop`
    void start(std::vector<logbook::Figures> documents, const std::function<void()>& finished);
    /// Something was started and not taken yet.
    bool isPending() const { return !documents_.empty(); }
    /// All of them, without those that cannot be read; nothing the second time.
    std::vector<Read> take();
    /// Drops what is not taken.
    void stop();

private:
    void readOn();
    void join();

    std::vector<logbook::Figures> documents_;
    /// One for each document, each written by one thread.
    std::vector<std::optional<io::KeptFigures>> read_;
    std::atomic<std::size_t> next_ = 0;
    std::atomic<int> at_work_ = 0;
    std::atomic<bool> wanted_ = false;
    std::vector<std::thread> threads_;
};

} // namespace sobremesa::session
