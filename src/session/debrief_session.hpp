#pragma once

#include <atomic>
#include <memory>
#include <optional>

#include <QObject>
#include <QString>

#include "core/mission/plan_request.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"
#include "io/csv_head.hpp"
#include "session/column_memory.hpp"
#include "session/latest_job.hpp"

namespace sobremesa::session {

/// How a log is to be read, where it is not as it comes.
struct ReadingChoices {
    /// What the current sensor's readings are multiplied by.
    double current_factor = 1.0;
    /// Which flight of the file, from 0; empty: the one with the most rows.
    std::optional<std::size_t> part = {};
    /// What the pilot says of its columns.
    std::vector<telemetry::ColumnChoice> columns = {};
    /// Of the pack that was flown: cells in series, where the log has the volts of a cell alone. 0: not known.
    int series = 0;
};

/// A log laid open: one immutable snapshot of every step from the file to the figures.
struct Debrief {
    QString path;
    ReadingChoices choices;
    std::shared_ptr<const telemetry::FlightLog> log;
    telemetry::CleanLog clean;
    telemetry::LogSummary summary;
    telemetry::Findings findings;
};

/// What was left, for the pack of the setting; or why it cannot be said.
struct LeftAtLanding {
    std::optional<telemetry::LeftByCharge> left;
    std::optional<units::Diagnostic> diagnostic;
};

/// Opens logs off the UI thread, with progress and cancel.
class DebriefSession : public QObject {
    Q_OBJECT
public:
    explicit DebriefSession(QObject* parent = nullptr);

    /// Where answers about columns are kept from now on.
    void rememberColumnsIn(const QString& file) { memory_ = ColumnMemory(file); }
    /// Where nothing is said of the columns, what was said of that header before holds.
    void open(const QString& path, const ReadingChoices& choices = {});
    /// The open log once more, with other choices.
    void openAgain(const ReadingChoices& choices);
    /// Reads a log with these columns, and remembers them for its header.
    void openWithColumns(const QString& path, const io::CsvHead& head,
                         const std::vector<telemetry::ColumnChoice>& columns);
    void cancel() { job_.cancel(); }
    bool is_opening() const { return job_.is_running(); }

    /// Nothing until a log was opened; a log that fails to open leaves the one before.
    std::shared_ptr<const Debrief> debrief() const { return debrief_; }
    LeftAtLanding left(const mission::PlanRequest& flown) const;

signals:
    void opening(const QString& path);
    void progressed(double share);
    void debriefChanged();
    void refused(const units::Error& error);

private:
    void tellProgress();

    std::shared_ptr<const Debrief> debrief_;
    ColumnMemory memory_;
    int latest_ = 0;
    std::atomic<double> progress_ = 0.0;
    LatestJob job_;
};

/// The steps from file to figures, as one function.
units::Result<Debrief> debrief_file(const QString& path, const std::stop_token& stop,
                                    std::function<void(double)> progress, const ReadingChoices& choices = {});

} // namespace sobremesa::session
