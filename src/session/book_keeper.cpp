#include "session/book_keeper.hpp"

namespace sobremesa::session {

namespace {
constexpr int retry_after_ms = 3000;
}

BookKeeper::BookKeeper(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
    pool_.setExpiryTimeout(-1);
    retry_.setInterval(retry_after_ms);
    connect(&retry_, &QTimer::timeout, this, [this] {
        const std::lock_guard lock(queue_guard_);
        if (draining_ || queue_.empty()) return;
        draining_ = true;
        pool_.start([this] { drain(); });
    });
}

BookKeeper::~BookKeeper() {
    close();
}

units::Result<logbook::BookContents> BookKeeper::open(const std::string& path,
                                                      const logbook::BookOptions& options) {
    close();
    auto book = logbook::Book::open(path, options);
    if (!book) return tl::unexpected(book.error());
    auto contents = book->read();
    if (!contents) return tl::unexpected(contents.error());
    path_ = QString::fromStdString(path);
    writable_ = book->is_writable();
    notices_ = book->notices();
    book_ = std::make_unique<logbook::Book>(std::move(*book));
    open_ = true;
    return contents;
}

void BookKeeper::close() {
    settle();
    retry_.stop();
    {
        const std::lock_guard lock(queue_guard_);
        queue_.clear();
        stalled_ = false;
    }
    pool_.waitForDone();
    book_.reset();
    open_ = false;
    writable_ = false;
    notices_.clear();
}

void BookKeeper::write(Write write) {
    if (!open_ || !writable_) return;
    enqueue([this, write = std::move(write)] {
        const auto done = write(*book_);
        if (done) return true;
        QMetaObject::invokeMethod(
            this, [this, error = done.error()] { fail(error); }, Qt::QueuedConnection);
        return false;
    });
}

void BookKeeper::enqueue(Task task) {
    const std::lock_guard lock(queue_guard_);
    queue_.push_back(std::move(task));
    if (draining_ || stalled_) return;
    draining_ = true;
    pool_.start([this] { drain(); });
}

void BookKeeper::drain() {
    for (;;) {
        Task task;
        {
            const std::lock_guard lock(queue_guard_);
            if (queue_.empty()) {
                draining_ = false;
                if (std::exchange(stalled_, false)) {
                    QMetaObject::invokeMethod(
                        this,
                        [this] {
                            retry_.stop();
                            emit recovered();
                        },
                        Qt::QueuedConnection);
                }
                return;
            }
            task = queue_.front();
        }
        const bool done = task();
        const std::lock_guard lock(queue_guard_);
        if (!done) {
            stalled_ = true;
            draining_ = false;
            return;
        }
        if (!queue_.empty()) queue_.pop_front();
    }
}

void BookKeeper::fail(const units::Error& error) {
    retry_.start();
    emit failed(error);
}

void BookKeeper::cancelWork() {
    stop_.request_stop();
    pool_.waitForDone();
    stop_ = std::stop_source();
}

void BookKeeper::settle() {
    pool_.waitForDone();
    // One last try for what a full disk held up.
    {
        const std::lock_guard lock(queue_guard_);
        if (queue_.empty() || !stalled_ || !book_) return;
        draining_ = true;
        pool_.start([this] { drain(); });
    }
    pool_.waitForDone();
}

std::size_t BookKeeper::waiting() const {
    const std::lock_guard lock(queue_guard_);
    return queue_.size();
}

} // namespace sobremesa::session
