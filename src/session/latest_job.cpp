#include "session/latest_job.hpp"

namespace sobremesa::session {

LatestJob::LatestJob(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
}

LatestJob::~LatestJob() {
    cancel();
    pool_.waitForDone();
    const std::lock_guard lock(handover_);
    deliver_ = nullptr;
}

void LatestJob::enqueue(Step step) {
    waiting_ = std::move(step);
    if (!running_) begin();
}

void LatestJob::begin() {
    {
        const std::lock_guard lock(handover_);
        step_ = std::exchange(waiting_, nullptr);
        stop_ = std::stop_source();
    }
    if (!running_) {
        running_ = true;
        emit runningChanged(true);
    }
    pool_.start([this] { work(); });
}

void LatestJob::work() {
    Step step;
    std::stop_token stop;
    {
        const std::lock_guard lock(handover_);
        step = std::exchange(step_, nullptr);
        stop = stop_.get_token();
    }
    auto deliver = step(stop);
    step = nullptr;
    {
        const std::lock_guard lock(handover_);
        deliver_ = std::move(deliver);
    }
    // Queued to the owner's thread; dropped with the owner.
    QMetaObject::invokeMethod(this, &LatestJob::finish, Qt::QueuedConnection);
}

void LatestJob::finish() {
    std::function<void()> deliver;
    {
        const std::lock_guard lock(handover_);
        deliver = std::exchange(deliver_, nullptr);
    }
    deliver();
    if (waiting_) {
        begin();
        return;
    }
    running_ = false;
    emit runningChanged(false);
}

void LatestJob::cancel() {
    const std::lock_guard lock(handover_);
    stop_.request_stop();
}

} // namespace sobremesa::session
