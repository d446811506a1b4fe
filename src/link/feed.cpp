#include "link/feed.hpp"

#include <algorithm>
#include <cmath>
#include <filesystem>

namespace sobremesa::link {

namespace {

constexpr double ms = 1e-3;
constexpr int sync_every_ms = 500;

} // namespace

LinkFeed::LinkFeed(std::unique_ptr<Source> source, const io::mavlink::Choice& choice)
    : source_(std::move(source)), live_(choice) {
    connect(source_.get(), &Source::received, this, [this](const QByteArray& bytes, double arrival_s) {
        since_.restart();
        live_.feed({bytes.constData(), std::size_t(bytes.size())}, arrival_s);
    });
    connect(source_.get(), &Source::connectedChanged, this, &Feed::connectedChanged);
    sync_.setInterval(sync_every_ms);
    connect(&sync_, &QTimer::timeout, this, [this] { write_down(); });
}

LinkFeed::~LinkFeed() {
    source_->disconnect(this);
    live_.finish();
    write_down();
}

units::Result<void> LinkFeed::start() {
    if (std::filesystem::path(record_to_).has_extension()) {
        if (auto opened = recorder_.open(record_to_); !opened) return opened;
        emit recording(recorder_.path());
    }
    sync_.start();
    return source_->open();
}

void LinkFeed::write_down() {
    if (!recorder_.is_open()) {
        if (record_to_.empty()) {
            (void)live_.take_recording();
            return;
        }
        if (live_.kind() == io::LiveLog::Kind::unknown) return;
        if (auto opened = recorder_.open(record_to_ + live_.recording_ending()); !opened) {
            record_to_.clear();
            emit troubled(opened.error());
            return;
        }
        emit recording(recorder_.path());
    }
    if (const auto trouble = recorder_.write(live_.take_recording())) emit troubled(*trouble);
}

Rows LinkFeed::rows() {
    live_.refresh();
    return {&live_.log(), live_.log().rows(), live_.generation()};
}

double LinkFeed::silent_s() const {
    return since_.isValid() ? double(since_.elapsed()) * ms : 0.0;
}

telemetry::FlightLog LinkFeed::finished() {
    live_.finish();
    write_down();
    return live_.finished();
}

ReplayFeed::ReplayFeed(std::shared_ptr<const telemetry::FlightLog> log, double speed)
    : log_(std::move(log)), speed_(speed) {
    const auto& time = (*log_)[telemetry::Channel::time_s];
    const auto first = std::find_if(time.begin(), time.end(), [](double t) { return std::isfinite(t); });
    if (first != time.end()) begin_s_ = end_s_ = *first;
    for (const double t : time) {
        if (std::isfinite(t)) end_s_ = std::max(end_s_, t);
    }
}

units::Result<void> ReplayFeed::start() {
    clock_.start();
    return {};
}

double ReplayFeed::time_s() const {
    const double run_s = paused_ || !clock_.isValid() ? 0.0 : double(clock_.elapsed()) * ms * speed_;
    return std::min(from_s_ + run_s, length_s());
}

void ReplayFeed::set_speed(double speed) {
    from_s_ = time_s();
    speed_ = speed;
    clock_.restart();
}

void ReplayFeed::set_paused(bool paused) {
    from_s_ = time_s();
    paused_ = paused;
    clock_.restart();
}

void ReplayFeed::seek(double time_s) {
    const double wanted_s = std::clamp(time_s, 0.0, length_s());
    if (wanted_s < this->time_s()) {
        rows_ = 0;
        ++generation_;
    }
    from_s_ = wanted_s;
    clock_.restart();
}

Rows ReplayFeed::rows() {
    const auto& time = (*log_)[telemetry::Channel::time_s];
    const double until_s = begin_s_ + time_s();
    while (rows_ < time.size() && !(time[rows_] > until_s)) ++rows_;
    // Rows without a time, or behind a clock that was set back, come with those around them.
    if (time_s() >= length_s()) rows_ = time.size();
    return {log_.get(), rows_, generation_};
}

bool ReplayFeed::has_ended() const {
    return rows_ >= log_->rows();
}

} // namespace sobremesa::link
