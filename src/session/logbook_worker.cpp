#include "session/logbook_worker.hpp"

#include <algorithm>

#include <QDeadlineTimer>

namespace sobremesa::session {

namespace {
constexpr int retry_after_ms = 3000;
}

LogbookWorker::LogbookWorker(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
    pool_.setExpiryTimeout(-1);
    retry_.setInterval(retry_after_ms);
    connect(&retry_, &QTimer::timeout, this, [this] {
        const std::lock_guard lock(queue_guard_);
        if (!queue_.empty()) startDraining();
    });
}

LogbookWorker::~LogbookWorker() {
    // Those who asked may be half gone: what was asked is done, and told nobody.
    pool_.waitForDone();
    giveUp();
}

units::Result<logbook::BookContents> LogbookWorker::open(const std::string& path,
                                                         const logbook::BookOptions& options) {
    close();
    auto book = logbook::Book::open(path, options);
    if (!book) return tl::unexpected(book.error());
    auto contents = book->read();
    if (!contents) return tl::unexpected(contents.error());
    path_ = QString::fromStdString(path);
    writable_ = book->is_writable();
    diagnostics_ = book->diagnostics();
    book_ = std::make_unique<logbook::Book>(std::move(*book));
    open_ = true;
    return contents;
}

void LogbookWorker::close() {
    settle();
    giveUp();
    book_.reset();
    ++book_number_;
    open_ = false;
    writable_ = false;
    diagnostics_.clear();
}

/// One last try for what is held up; then the queue is emptied.
void LogbookWorker::giveUp() {
    retry_.stop();
    {
        const std::lock_guard lock(queue_guard_);
        if (!queue_.empty() && book_) startDraining();
    }
    pool_.waitForDone();
    {
        const std::lock_guard lock(queue_guard_);
        queue_.clear();
        stalled_ = false;
    }
}

void LogbookWorker::write(Write write) {
    if (!open_ || !writable_) return;
    enqueue({true, [this, write = std::move(write), book = book_number_] {
                 const auto done = write(*book_);
                 if (done) return true;
                 tell([this, error = done.error(), book] {
                     if (book == book_number_) fail(error);
                 });
                 return false;
             }});
}

void LogbookWorker::tell(std::function<void()> what) {
    {
        const std::lock_guard lock(told_guard_);
        told_.push_back(std::move(what));
    }
    QMetaObject::invokeMethod(this, &LogbookWorker::hear, Qt::QueuedConnection);
}

void LogbookWorker::hear() {
    // One after the other: what one of them asks for may be told meanwhile.
    for (;;) {
        std::function<void()> what;
        {
            const std::lock_guard lock(told_guard_);
            if (told_.empty()) return;
            what = std::move(told_.front());
            told_.pop_front();
        }
        what();
    }
}

void LogbookWorker::enqueue(Task task) {
    const std::lock_guard lock(queue_guard_);
    // A write behind one that failed waits with it for the next try.
    const bool waits = stalled_ && task.is_write;
    queue_.push_back(std::move(task));
    if (!waits) startDraining();
}

/// With the queue's guard held.
void LogbookWorker::startDraining() {
    if (std::exchange(draining_, true)) return;
    pool_.start([this] { drain(); });
}

void LogbookWorker::drain() {
    // One failed write holds up all writes of this round, and no other work.
    bool held_up = false;
    for (;;) {
        Task task;
        std::size_t at = 0;
        {
            const std::lock_guard lock(queue_guard_);
            const auto next = std::find_if(queue_.begin(), queue_.end(),
                                           [held_up](const Task& t) { return !held_up || !t.is_write; });
            at = std::size_t(next - queue_.begin());
            if (next == queue_.end() && (held_up || !unmoved_ || !book_)) {
                draining_ = false;
                const bool was_stalled = std::exchange(stalled_, held_up);
                if (held_up) return;
                tell([this, was_stalled] {
                    if (was_stalled) {
                        retry_.stop();
                        emit recovered();
                    }
                    if (waiting() == 0) emit idle();
                });
                return;
            }
            if (next != queue_.end()) task = *next;
        }
        if (!task.run) {
            // Not done is no loss: what is in the write-ahead log is in the book.
            (void)book_->moveIn();
            unmoved_ = false;
            continue;
        }
        const bool done = task.run();
        const std::lock_guard lock(queue_guard_);
        if (done) {
            // New ones join behind, so the place is still its own.
            queue_.erase(queue_.begin() + std::ptrdiff_t(at));
            unmoved_ = unmoved_ || book_->is_writable();
        } else {
            held_up = stalled_ = true;
        }
    }
}

void LogbookWorker::fail(const units::Error& error) {
    retry_.start();
    trouble_ = error;
    emit failed(error);
}

void LogbookWorker::cancelWork() {
    stop_.request_stop();
    pool_.waitForDone();
    stop_ = std::stop_source();
}

void LogbookWorker::settle(int most_ms) {
    const QDeadlineTimer deadline(most_ms < 0 ? QDeadlineTimer(QDeadlineTimer::Forever) : QDeadlineTimer(most_ms));
    const auto wait = [&] { return pool_.waitForDone(most_ms < 0 ? -1 : int(deadline.remainingTime())); };
    // A result may ask for more, as filing does: the log is stored, then the flight. The count only keeps two that
    // ask each other for ever from stopping the program.
    constexpr int most_rounds = 1000;
    for (int round = 0; round < most_rounds; ++round) {
        const bool done = wait();
        hear();
        if (!done) return;
        const std::lock_guard lock(queue_guard_);
        if (queue_.empty() || stalled_) break;
    }
    // One last try for what a full disk held up.
    {
        const std::lock_guard lock(queue_guard_);
        if (queue_.empty() || !book_) return;
        startDraining();
    }
    wait();
    hear();
}

void LogbookWorker::loseWaiting() {
    pool_.waitForDone();
    const std::lock_guard lock(queue_guard_);
    queue_.clear();
    stalled_ = false;
}

std::size_t LogbookWorker::waiting() const {
    const std::lock_guard lock(queue_guard_);
    return queue_.size();
}

std::size_t LogbookWorker::heldUp() const {
    const std::lock_guard lock(queue_guard_);
    if (!stalled_) return 0;
    return std::size_t(std::count_if(queue_.begin(), queue_.end(), [](const Task& t) { return t.is_write; }));
}

} // namespace sobremesa::session
