#pragma once

#include <memory>

#include <QElapsedTimer>
#include <QObject>
#include <QTimer>

#include "io/live_log.hpp"
#include "link/recorder.hpp"
#include "link/source.hpp"

namespace sobremesa::link {

/// Rows of a log as far as they have come.
struct Rows {
    const telemetry::FlightLog* log = nullptr;
    std::size_t rows = 0;
    int generation = 0;
};

/// What a flight is watched from: a live link, an old log played again, a practice flight.
class Feed : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// @error as the source's
    virtual units::Result<void> start() = 0;
    /// All that has come by now.
    virtual Rows rows() = 0;
    /// Since something came last, s; 0 where that says nothing.
    virtual double silent_s() const = 0;
    /// There will be no more.
    virtual bool has_ended() const { return false; }
    /// As a reader of the recorded file gives it.
    virtual telemetry::FlightLog finished() = 0;
    virtual std::string where() const = 0;

signals:
    void connectedChanged(bool connected);
    /// A recording has begun.
    void recording(const std::string& path);
    void troubled(const sobremesa::units::Error& error);
};

/// A live link, and its recording where one is wanted.
class LinkFeed : public Feed {
    Q_OBJECT
public:
    LinkFeed(std::unique_ptr<Source> source, const io::mavlink::Choice& choice = {});
    ~LinkFeed() override;

    /// Every byte is written down. A path without an ending gets that of what comes, when it comes.
    void record_to(const std::string& path) { record_to_ = path; }
    const std::string& recording_path() const { return recorder_.path(); }

    units::Result<void> start() override;
    Rows rows() override;
    double silent_s() const override;
    telemetry::FlightLog finished() override;
    std::string where() const override { return source_->where(); }
    const io::LiveLog& live() const { return live_; }
    Source& source() { return *source_; }

private:
    void write_down();

    std::unique_ptr<Source> source_;
    io::LiveLog live_;
    Recorder recorder_;
    std::string record_to_;
    QTimer sync_;
    QElapsedTimer since_;
};

/// A log played again, so many times as fast as it was flown.
class ReplayFeed : public Feed {
    Q_OBJECT
public:
    ReplayFeed(std::shared_ptr<const telemetry::FlightLog> log, double speed);

    units::Result<void> start() override;
    Rows rows() override;
    double silent_s() const override { return 0.0; }
    bool has_ended() const override;
    telemetry::FlightLog finished() override { return *log_; }
    std::string where() const override { return log_->name; }

    double length_s() const { return end_s_ - begin_s_; }
    double time_s() const;
    double speed() const { return speed_; }
    void set_speed(double speed);
    void set_paused(bool paused);
    bool is_paused() const { return paused_; }
    /// s from its beginning. Going back begins the flight anew as far as there.
    void seek(double time_s);

private:
    std::shared_ptr<const telemetry::FlightLog> log_;
    double begin_s_ = 0.0;
    double end_s_ = 0.0;
    double speed_ = 1.0;
    double from_s_ = 0.0;
    bool paused_ = false;
    QElapsedTimer clock_;
    std::size_t rows_ = 0;
    int generation_ = 0;
};

} // namespace sobremesa::link
