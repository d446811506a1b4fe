#pragma once

#include <deque>
#include <functional>
#include <mutex>
#include <stop_token>

#include <QObject>
#include <QPointer>
#include <QThreadPool>
#include <QTimer>

#include "logbook/book.hpp"

namespace sobremesa::session {

/// Owns the open book and the one thread that touches it.
///
/// Writes are kept in order. One that fails stays at the head and is tried again, with the writes that came after
/// it behind it: a full disk delays, it loses nothing while the program runs. Other work (a backup to another disk,
/// an export) does not wait for a write that cannot be done. When nothing is left to write, the write-ahead log is
/// moved into the book's own file, so that a copy made by a file manager opens.
class LogbookWorker : public QObject {
    Q_OBJECT
public:
    explicit LogbookWorker(QObject* parent = nullptr);
    ~LogbookWorker() override;

    /// Opens a book in place of the one before, and reads it.
    units::Result<logbook::BookContents> open(const std::string& path, const logbook::BookOptions& options = {});
    /// Ends the book: what is queued is done and its results are given out first; writes that still fail then are
    /// lost, so whoever closes looks at `waiting` before.
    void close();
    bool is_open() const { return open_; }
    bool is_writable() const { return writable_; }
    const QString& path() const { return path_; }
    const std::vector<units::Diagnostic>& diagnostics() const { return diagnostics_; }

    using Write = std::function<units::Result<void>(logbook::Book&)>;
    /// Queues a write; dropped where the book can only be read (which was said when it was opened).
    void write(Write write);

    /// Long work on the book, off the UI thread; `done` runs on this object's thread, unless `asker` is gone by
    /// then.
    template <class Result>
    void run(QObject* asker, std::function<Result(logbook::Book&, std::stop_token)> work,
             std::function<void(Result)> done) {
        enqueue({false, [this, work = std::move(work), done = std::move(done), asker = QPointer<QObject>(asker),
                         book = book_number_] {
                     auto result = std::make_shared<Result>(work(*book_, stop_.get_token()));
                     // A result is of the book that was open when it was asked for, and of no other.
                     tell([this, done, result, asker, book] {
                         if (asker && book == book_number_) done(std::move(*result));
                     });
                     return true;
                 }});
    }
    void cancelWork();

    /// Waits until nothing is queued, or the book cannot be written; gives out the results, and does what they ask
    /// for.
    /// @param most_ms  waits no longer than that; below 0: as long as it takes
    void settle(int most_ms = -1);
    /// What is not done yet: work, and writes that are not in the book.
    std::size_t waiting() const;
    /// Writes that were tried, or wait behind one that was, and are not in the book.
    std::size_t heldUp() const;
    /// Why the last write failed.
    const units::Error& trouble() const { return trouble_; }
    /// The pilot would rather lose what is held up.
    void loseWaiting();

signals:
    void failed(const units::Error& error);
    void recovered();
    /// Nothing is left to do.
    void idle();

private:
    struct Task {
        bool is_write = false;
        std::function<bool()> run;
    };
    void enqueue(Task task);
    void startDraining();
    void giveUp();
    /// From the worker to this object's thread. What is told crosses under its own guard, where a thread
    /// sanitizer sees it; Qt only rings the bell.
    void tell(std::function<void()> what);
    void hear();
    void drain();
    void fail(const units::Error& error);

    std::unique_ptr<logbook::Book> book_;
    bool open_ = false;
    bool writable_ = false;
    QString path_;
    std::vector<units::Diagnostic> diagnostics_;
    /// Counts the books opened; read and changed on this object's thread only.
    std::uint64_t book_number_ = 0;
    units::Error trouble_ = {};

    std::mutex told_guard_;
    std::deque<std::function<void()>> told_;

    mutable std::mutex queue_guard_;
    std::deque<Task> queue_;
    bool draining_ = false;
    bool stalled_ = false;
    /// Written since the write-ahead log was last moved into the book. The worker's own.
    bool unmoved_ = false;
    std::stop_source stop_;
    QTimer retry_;
    QThreadPool pool_;
};

} // namespace sobremesa::session
