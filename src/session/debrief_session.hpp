#pragma once

#include <atomic>
#include <memory>
#include <optional>

#include <QObject>
#include <QString>

#include "core/battery/pack.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"
#include "session/latest_job.hpp"

namespace sobremesa::session {

/// A log laid open: one immutable snapshot of every step from the file to the figures.
struct Debrief {
    QString path;
    std::shared_ptr<const telemetry::FlightLog> log;
    telemetry::CleanLog clean;
    telemetry::LogSummary summary;
    telemetry::Findings findings;
};

/// What was left, for the pack of the setting; or why it cannot be said.
struct LeftAtLanding {
    std::optional<telemetry::LeftByCharge> left;
    std::optional<units::Notice> notice;
};

/// Opens logs off the UI thread, with progress and cancel.
class DebriefSession : public QObject {
    Q_OBJECT
public:
    explicit DebriefSession(QObject* parent = nullptr);

    /// @param current_factor  what the current sensor's readings are multiplied by
    void open(const QString& path, double current_factor = 1.0);
    void cancel() { job_.cancel(); }
    bool is_opening() const { return job_.is_running(); }

    /// Nothing until a log was opened; a log that fails to open leaves the one before.
    std::shared_ptr<const Debrief> debrief() const { return debrief_; }
    LeftAtLanding left(const battery::Pack& pack, double landing_cell_v) const;

signals:
    void opening(const QString& path);
    void progressed(double share);
    void debriefChanged();
    void refused(const units::Error& error);

private:
    std::shared_ptr<const Debrief> debrief_;
    int latest_ = 0;
    std::atomic<double> progress_ = 0.0;
    LatestJob job_;
};

/// The steps from file to figures, as one function.
units::Result<Debrief> debrief_file(const QString& path, const std::stop_token& stop,
                                    std::function<void(double)> progress, double current_factor = 1.0);

} // namespace sobremesa::session
