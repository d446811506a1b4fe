#pragma once

#include <deque>
#include <functional>
#include <mutex>
#include <stop_token>

#include <QObject>
#include <QThreadPool>
#include <QTimer>

#include "logbook/book.hpp"

namespace sobremesa::session {

/// Owns the open book and the one thread that touches it.
///
/// Writes are kept in order. One that fails stays at the head and is tried again, with what came after it behind
/// it: a full disk delays, it loses nothing while the program runs.
class BookKeeper : public QObject {
    Q_OBJECT
public:
    explicit BookKeeper(QObject* parent = nullptr);
    ~BookKeeper() override;

    /// Opens a book in place of the one before, and reads it.
    units::Result<logbook::BookContents> open(const std::string& path, const logbook::BookOptions& options = {});
    void close();
    bool is_open() const { return open_; }
    bool is_writable() const { return writable_; }
    const QString& path() const { return path_; }
    const std::vector<units::Notice>& notices() const { return notices_; }

    using Write = std::function<units::Result<void>(logbook::Book&)>;
    /// Queues a write; dropped where the book can only be read (which was said when it was opened).
    void write(Write write);

    /// Long work on the book, off the UI thread; `done` runs on this object's thread.
    template <class Result>
    void run(std::function<Result(logbook::Book&, std::stop_token)> work, std::function<void(Result)> done) {
        enqueue([this, work = std::move(work), done = std::move(done)] {
            auto result = std::make_shared<Result>(work(*book_, stop_.get_token()));
            QMetaObject::invokeMethod(
                this, [done, result] { done(std::move(*result)); }, Qt::QueuedConnection);
            return true;
        });
    }
    void cancelWork();

    /// Waits until nothing is queued, or the book cannot be written.
    void settle();
    /// Writes that are not in the book yet.
    std::size_t waiting() const;

signals:
    void failed(const units::Error& error);
    void recovered();

private:
    using Task = std::function<bool()>;
    void enqueue(Task task);
    void drain();
    void fail(const units::Error& error);

    std::unique_ptr<logbook::Book> book_;
    bool open_ = false;
    bool writable_ = false;
    QString path_;
    std::vector<units::Notice> notices_;

    mutable std::mutex queue_guard_;
    std::deque<Task> queue_;
    bool draining_ = false;
    bool stalled_ = false;
    std::stop_source stop_;
    QTimer retry_;
    QThreadPool pool_;
};

} // namespace sobremesa::session
