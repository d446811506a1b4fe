#include "session/many_logs.hpp"

#include <algorithm>
#include <atomic>
#include <filesystem>
#include <memory>

#include <QDir>
#include <QFile>
#include <QFileInfo>

#include "core/debrief/flown_homeward.hpp"
#include "io/kept_documents.hpp"
#include "io/log_source.hpp"
#include "io/text_number.hpp"
#include "session/debrief_session.hpp"

namespace sobremesa::session {

namespace {

/// All flights of one log; where it cannot be read, one that says why.
/// @param series  0: not known
std::vector<FoundFlight> flights_of(const std::string& path, int series, const std::stop_token& stop) {
    std::vector<FoundFlight> flights;
    std::size_t parts = 1;
    for (std::size_t part = 0; part < parts; ++part) {
        FoundFlight flight;
        flight.path = path;
        ReadingChoices choices;
        choices.series = series;
        if (part > 0) choices.part = part;
        auto debrief = debrief_file(QString::fromStdString(path), stop, {}, choices);
        if (debrief && part == 0 && debrief->clean.parts.size() > 1) {
            // Which of them is shown first is the longest; here they go in their order.
            parts = debrief->clean.parts.size();
            choices.part = 0;
            debrief = debrief_file(QString::fromStdString(path), stop, {}, choices);
        }
        if (!debrief) {
            flight.error = debrief.error();
            flights.push_back(std::move(flight));
            continue;
        }
        flight.start_clock_s = debrief->log->start_clock_s;
        flight.needs_series = telemetry::needs_series(*debrief->log);
        flight.volts_of_cells = debrief->clean.volts_of_cells;
        if (parts > 1) {
            flight.part = int(part);
            // Each flight of the day begins at its own time.
            if (flight.start_clock_s) *flight.start_clock_s += debrief->clean.time_s(0);
        }
        flight.mission = debrief::flown_mission(debrief->clean, debrief->summary, {});
        flight.found_wind = debrief::found_wind(debrief->findings.wind);
        for (const auto& diagnostic : debrief->summary.diagnostics) {
            if (diagnostic.severity == units::Severity::warning &&
                diagnostic.code != units::DiagnosticCode::several_flights)
                flight.doubts.push_back(diagnostic);
        }
        // The track of two hundred flights is not wanted, their figures are.
        flight.summary = std::move(debrief->summary);
        flight.summary.track = {};
        flight.wanted = true;
        flights.push_back(std::move(flight));
    }
    return flights;
}

std::string file_name(const std::string& path) {
    return std::filesystem::path(path).filename().string();
}

} // namespace

ManyLogs::ManyLogs(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {}

ManyLogs::~ManyLogs() {
    stop_.request_stop();
    workers_.clear();
}

void ManyLogs::understand(const std::vector<std::string>& paths, int series) {
    if (running_) return;
    auto logs = io::logs_below(paths);
    if (!logs) {
        emit refused(logs.error());
        return;
    }
    flights_.clear();
    met_.clear();
    stop_ = {};
    logs_ = logs->size();
    logs_done_ = 0;
    running_ = true;
    if (logs_ == 0) {
        running_ = false;
        QMetaObject::invokeMethod(this, &ManyLogs::understood, Qt::QueuedConnection);
        return;
    }
    // Threads of the standard library: how a pool of Qt's hands work over, the thread sanitizer cannot see.
    workers_.clear();
    const auto next = std::make_shared<std::atomic<std::size_t>>(0);
    const auto paths_to_read = std::make_shared<const std::vector<std::string>>(std::move(*logs));
    const std::size_t cores = std::max(1u, std::thread::hardware_concurrency());
    for (std::size_t worker = 0; worker < std::min(cores, logs_); ++worker) {
        workers_.emplace_back([this, next, paths_to_read, series, stop = stop_.get_token()] {
            for (std::size_t i = (*next)++; i < paths_to_read->size(); i = (*next)++) {
                auto flights = stop.stop_requested() ? std::vector<FoundFlight>()
                                                     : flights_of((*paths_to_read)[i], series, stop);
                {
                    const std::lock_guard lock(guard_);
                    handed_.push_back(std::move(flights));
                }
                QMetaObject::invokeMethod(this, &ManyLogs::hear, Qt::QueuedConnection);
            }
        });
    }
}

void ManyLogs::hear() {
    std::vector<std::vector<FoundFlight>> handed;
    {
        const std::lock_guard lock(guard_);
        handed.swap(handed_);
    }
    for (auto& flights : handed) {
        ++logs_done_;
        if (stop_.stop_requested()) continue;
        markKnown(flights);
        for (FoundFlight& flight : flights) flights_.push_back(std::move(flight));
    }
    if (handed.empty()) return;
    emit found();
    emit progressed(double(logs_done_) / double(std::max<std::size_t>(logs_, 1)));
    if (logs_done_ < logs_) return;
    // In the order in which they were flown, those without a date by their names; what is no log comes last.
    std::stable_sort(flights_.begin(), flights_.end(), [](const FoundFlight& a, const FoundFlight& b) {
        if (a.error.has_value() != b.error.has_value()) return b.error.has_value();
        if (a.start_clock_s && b.start_clock_s && *a.start_clock_s != *b.start_clock_s)
            return *a.start_clock_s < *b.start_clock_s;
        if (a.start_clock_s.has_value() != b.start_clock_s.has_value()) return a.start_clock_s.has_value();
        return std::pair(a.path, a.part) < std::pair(b.path, b.part);
    });
    running_ = false;
    emit understood();
}

units::Result<std::string> ManyLogs::asFile(const std::string& path) {
    std::error_code ignored;
    if (std::filesystem::exists(path, ignored)) return path;
    const auto source = io::LogSource::unpacked(path);
    if (!source) return tl::unexpected(source.error());
    // A folder for each, so that two logs of one name do not meet.
    const QString folder = unpacked_.filePath(QString::number(qHash(QString::fromStdString(path))));
    QDir().mkpath(folder);
    const QString target = QDir(folder).filePath(QString::fromStdString(file_name(path)));
    if (!QFile::exists(target) && !QFile::copy(QString::fromStdString(source->readable()), target))
        return units::failure(units::ErrorCode::file_unwritable, {target.toStdString(), {}, {}, {}});
    return target.toStdString();
}

void ManyLogs::markKnown(std::vector<FoundFlight>& flights) {
    if (flights.empty() || flights.front().error) return;
    const auto file = asFile(flights.front().path);
    if (!file) return;
    std::error_code ignored;
    const auto bytes = std::int64_t(std::filesystem::file_size(*file, ignored));
    const auto crc = logbook::crc_of_file(*file);
    if (!crc) return;
    const std::pair key{bytes, *crc};
    const bool met = std::find(met_.begin(), met_.end(), key) != met_.end();
    met_.push_back(key);
    for (FoundFlight& flight : flights) {
        flight.known = met;
        for (const auto& log : workspace_.logs()) {
            if (log.bytes != bytes || log.crc32 != *crc) continue;
            for (const auto& [id, kept] : workspace_.library().flights)
                flight.known = flight.known || (kept.log_id == log.id && kept.part == flight.part);
        }
        flight.wanted = !flight.known;
    }
}

void ManyLogs::setWanted(std::size_t flight, bool wanted) {
    if (flight < flights_.size() && !flights_[flight].error) flights_[flight].wanted = wanted;
}

void ManyLogs::file(const book::KeptFlight& flown) {
    if (running_) return;
    if (!workspace_.worker().is_writable()) {
        units::Error error;
        error.code = units::ErrorCode::book_read_only;
        emit refused(error);
        return;
    }
    flown_ = flown;
    to_file_.clear();
    for (std::size_t i = 0; i < flights_.size(); ++i) {
        if (flights_[i].wanted && !flights_[i].error) to_file_.push_back(i);
    }
    next_ = 0;
    changes_.clear();
    summaries_.clear();
    stop_ = {};
    running_ = true;
    fileNext();
}

void ManyLogs::fileNext() {
    if (stop_.stop_requested() || next_ == to_file_.size()) {
        endFiling();
        return;
    }
    const std::size_t at = to_file_[next_++];
    const auto file = asFile(flights_[at].path);
    if (!file) {
        flights_[at].error = file.error();
        QMetaObject::invokeMethod(this, &ManyLogs::fileNext, Qt::QueuedConnection);
        return;
    }
    const auto keep = [this, at](std::int64_t log_id) {
        FoundFlight& flight = flights_[at];
        book::KeptFlight kept = flown_;
        kept.log_id = log_id;
        kept.part = flight.part;
        kept.name = QFileInfo(QString::fromStdString(file_name(flight.path))).completeBaseName().toStdString();
        if (flight.part) kept.name += " " + io::text_from_number(*flight.part + 1, 0);
        kept.flown.name = kept.name;
        kept.flown.mission = flight.mission;
        if (flight.found_wind) book::take_found_wind(kept, *flight.found_wind);
        kept.start_clock_s = flight.start_clock_s;
        kept.filed_utc = logbook::utc_now();
        const Id id = workspace_.newId();
        changes_.push_back({logbook::Kind::flight, id, std::nullopt, io::json_from(kept)});
        // With another pack than was thought its figures are others: they are read again.
        if (!flight.needs_series || flight.volts_of_cells == kept.flown.pack.series)
            summaries_.emplace_back(id, flight.summary);
        flight.known = true;
        flight.wanted = false;
        emit progressed(double(next_) / double(to_file_.size()));
        fileNext();
    };
    // The other flights of a log that was stored a moment ago.
    if (const auto* log = logbook::same_log(workspace_.logs(), *file)) {
        const auto id = log->id;
        QMetaObject::invokeMethod(
            this, [keep, id] { keep(id); }, Qt::QueuedConnection);
        return;
    }
    workspace_.worker().run<units::Result<logbook::StoredLog>>(
        this,
        [path = *file](logbook::Book& book, const std::stop_token& stop) { return book.storeLog(path, stop); },
        [this, keep](const units::Result<logbook::StoredLog>& stored) {
            if (!stored) {
                emit refused(stored.error());
                endFiling();
                return;
            }
            workspace_.addLog(*stored);
            keep(stored->id);
        });
}

void ManyLogs::endFiling() {
    const auto count = int(changes_.size());
    if (count > 0) {
        workspace_.make(logbook::EditKind::file_flight, io::text_from_number(count, 0),
                        std::exchange(changes_, {}));
        workspace_.setSummaries(summaries_);
    }
    running_ = false;
    emit filed(count);
    emit found();
}

void ManyLogs::cancel() {
    stop_.request_stop();
}

} // namespace sobremesa::session
