#include "session/latest_job.hpp"

namespace sobremesa::session {

LatestJob::LatestJob(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
}

LatestJob::~LatestJob() {
    stop_.request_stop();
    pool_.waitForDone();
}

void LatestJob::enqueue(Step step) {
    waiting_ = std::move(step);
    if (!running_) begin();
}

void LatestJob::begin() {
    Step step = std::exchange(waiting_, nullptr);
    stop_ = std::stop_source();
    if (!running_) {
        running_ = true;
        emit runningChanged(true);
    }
    pool_.start([this, step = std::move(step), token = stop_.get_token()] {
        auto deliver = step(token);
        // Queued to the owner's thread; dropped with the owner.
        QMetaObject::invokeMethod(
            this,
            [this, deliver = std::move(deliver)]() mutable {
                deliver();
                if (waiting_) {
                    begin();
                    return;
                }
                running_ = false;
                emit runningChanged(false);
            },
            Qt::QueuedConnection);
    });
}

void LatestJob::cancel() {
    stop_.request_stop();
}

} // namespace sobremesa::session
