#pragma once

#include <functional>
#include <mutex>
#include <stop_token>
#include <utility>

#include <QObject>
#include <QThreadPool>

namespace sobremesa::session {

/// One job at a time off the UI thread; a newer request replaces the one that waits, so that dragging never queues
/// up.
///
/// The work runs on a thread of its own; `done` runs on the thread of this object. When the object goes, the
/// running work is asked to stop and waited for, and its result is dropped.
class LatestJob : public QObject {
    Q_OBJECT
public:
    explicit LatestJob(QObject* parent = nullptr);
    ~LatestJob() override;

    /// @param work  runs elsewhere; must look at the token now and then if it takes long
    /// @param done  gets the result here, unless a newer job was started with `replace_running`
    template <class Work, class Done>
    void start(Work work, Done done) {
        enqueue([work = std::move(work), done = std::move(done)](std::stop_token stop) -> std::function<void()> {
            return [result = work(stop), done]() mutable { done(std::move(result)); };
        });
    }

    /// Asks the running job to stop; what it returns is still delivered.
    void cancel();
    bool is_running() const { return running_; }

signals:
    void runningChanged(bool running);

private:
    using Step = std::function<std::function<void()>(std::stop_token)>;
    void enqueue(Step step);
    void begin();
    void work();
    void finish();

    QThreadPool pool_;
    Step waiting_;
    bool running_ = false;
    /// All that crosses from thread to thread crosses under this lock, where a thread sanitizer can see it too.
    std::mutex handover_;
    Step step_;
    std::stop_source stop_;
    std::function<void()> deliver_;
};

} // namespace sobremesa::session
