#pragma once

#include <mutex>
#include <optional>
#include <stop_token>
#include <string>
#include <thread>
#include <vector>

#include <QObject>
#include <QTemporaryDir>

#include "session/workspace.hpp"

namespace sobremesa::session {

/// One flight of one log among many, as it was understood.
struct FoundFlight {
    /// As given: a file, or "ARCHIVE/NAME".
    std::string path;
    /// Of several flights in the log, from 0; empty where it holds one.
    std::optional<int> part;
    std::optional<double> start_clock_s;
    telemetry::LogSummary summary;
    /// Its pack's volts are a cell's times this many; 0: the log's own.
    int volts_of_cells = 0;
    /// … or would be, if their number were known.
    bool needs_series = false;
    mission::Mission mission;
    /// The wind that it shows, where it does.
    std::optional<atmosphere::Wind> found_wind;
    /// What is doubtful in it: warnings of its reading.
    std::vector<units::Diagnostic> doubts;
    /// In the book already, or met before among these.
    bool known = false;
    /// Why it cannot be filed; it is listed all the same.
    std::optional<units::Error> error;
    /// Chosen to be filed; off for what is known or cannot be.
    bool wanted = false;
};

/// Many logs at once: files, folders, archives. First they are all understood and shown, then those that are wanted
/// are filed; both in the background, both can be stopped. What was filed is known the next time, so that stopping
/// loses nothing.
class ManyLogs : public QObject {
    Q_OBJECT
public:
    explicit ManyLogs(Workspace& workspace, QObject* parent = nullptr);
    ~ManyLogs() override;

    /// Reads all logs below these paths. `found` tells of each flight, `understood` of the end.
    /// @param series  of the pack that is likely to have flown, for logs with the volts of a cell alone; 0: not
    /// known
    void understand(const std::vector<std::string>& paths, int series = 0);
    const std::vector<FoundFlight>& flights() const { return flights_; }
    void setWanted(std::size_t flight, bool wanted);
    /// Files what is wanted, all flown with the same: aircraft, pack and air of `flown`. `filed` tells of the end.
    void file(const book::KeptFlight& flown);
    void cancel();
    bool is_running() const { return running_; }

signals:
    void found();
    void progressed(double share);
    void understood();
    /// @param flights  filed now; 0 where nothing was wanted, fewer than wanted where it was stopped
    void filed(int flights);
    void refused(const units::Error& error);

private:
    void hear();
    void markKnown(std::vector<FoundFlight>& flights);
    void fileNext();
    void endFiling();
    units::Result<std::string> asFile(const std::string& path);

    Workspace& workspace_;
    std::stop_source stop_;
    bool running_ = false;
    std::size_t logs_ = 0;
    std::size_t logs_done_ = 0;
    /// By length and checksum: what was met among these.
    std::vector<std::pair<std::int64_t, std::uint32_t>> met_;
    std::vector<FoundFlight> flights_;
    /// Handed over from the workers.
    std::mutex guard_;
    std::vector<std::vector<FoundFlight>> handed_;
    // While filing.
    book::KeptFlight flown_;
    std::vector<std::size_t> to_file_;
    std::size_t next_ = 0;
    std::vector<std::pair<Id, telemetry::LogSummary>> summaries_;
    std::vector<logbook::RecordChange> changes_;
    QTemporaryDir unpacked_;
    /// Last: they end before what they hand over to.
    std::vector<std::jthread> workers_;
};

} // namespace sobremesa::session
