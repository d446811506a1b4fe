#include "session/book_transfer.hpp"

#include <algorithm>
#include <set>

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QStandardPaths>
#include <QTemporaryDir>

#include "io/kept_documents.hpp"
#include "io/pack_table.hpp"
#include "io/text_file.hpp"
#include "session/flight_session.hpp"

namespace sobremesa::session {

using logbook::EditKind;
using logbook::Kind;
using logbook::RecordChange;

namespace {

constexpr std::pair<const char*, const char*> tables[] = {
    {"aircraft", "aircraft.csv"}, {"pack", "packs.csv"}, {"plan", "plans.csv"}, {"flight", "flights.csv"}};

QString log_file_name(const logbook::StoredLog& log) {
    return QStringLiteral("logs/%1-%2").arg(QString::number(log.id), QString::fromStdString(log.name));
}

units::Error unwritable(const QString& path) {
    units::Error error;
    error.code = units::ErrorCode::file_unwritable;
    error.where.file = path.toStdString();
    error.parameters = {{"reason", std::string("the folder cannot be made")}};
    return error;
}

} // namespace

QString default_book_path() {
    return QDir(QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation))
        .filePath(QStringLiteral("sobremesa/logbook.sqlite"));
}

namespace {

/// What is wrong with a document, where it is one of those that can be used or not.
std::optional<units::Error> trouble_of(const std::string& kind, const std::string& document,
                                       const std::string& from) {
    std::optional<units::Error> trouble;
    const auto check = [&](const auto& read) {
        if (!read) trouble = read.error();
    };
    if (kind == "aircraft") check(io::kept_aircraft_from_json(document, from));
    if (kind == "pack") check(io::kept_pack_from_json(document, from));
    if (kind == "plan") check(io::kept_plan_from_json(document, from));
    if (kind == "flight") check(io::kept_flight_from_json(document, from));
    return trouble;
}

} // namespace

std::vector<io::BookEntry> entries_of(const logbook::BookContents& contents) {
    std::vector<io::BookEntry> entries;
    for (const auto& record : contents.records) {
        if (record.kind == Kind::workspace) continue;
        io::BookEntry entry{logbook::kind_word(record.kind), record.id, record.document, std::nullopt,
                            std::nullopt};
        if (record.kind == Kind::flight) {
            const auto flight = io::kept_flight_from_json(record.document, "logbook");
            for (const auto& log : contents.logs) {
                if (flight && flight->log_id == log.id) entry.log_file = log_file_name(log).toStdString();
            }
            for (const auto& figures : contents.figures) {
                if (figures.flight_id == record.id) entry.figures = figures.document;
            }
        }
        entries.push_back(std::move(entry));
    }
    return entries;
}

units::Result<logbook::BookCheck> check_book(logbook::Book& book, const std::stop_token& stop,
                                             const std::function<void(double)>& progress) {
    auto check = book.check(stop, progress);
    if (!check) return check;
    for (const auto& record : check->contents.records) {
        if (const auto trouble = trouble_of(logbook::kind_word(record.kind), record.document, "")) {
            check->damage.push_back(damaged_record(record.kind, record.id, *trouble));
            continue;
        }
        if (record.kind != Kind::flight) continue;
        const auto flight = io::kept_flight_from_json(record.document, "");
        const auto& logs = check->contents.logs;
        if (flight->log_id &&
            std::none_of(logs.begin(), logs.end(), [&](const auto& l) { return l.id == *flight->log_id; }))
            check->damage.push_back(
                {units::ErrorCode::log_missing, {book.path(), {}, {}, {}}, {{"flight", flight->name}}});
    }
    return check;
}

units::Result<std::vector<units::Error>> export_book(logbook::Book& book, const QString& folder,
                                                     const std::stop_token& stop,
                                                     const std::function<void(double)>& progress) {
    const auto check = check_book(book, stop, [&](double share) {
        if (progress) progress(share / 2.0);
    });
    if (!check) return tl::unexpected(check.error());
    const auto& contents = check->contents;
    const QDir dir(folder);
    if (!dir.mkpath(QStringLiteral("logs"))) return tl::unexpected(unwritable(folder));
    std::size_t done = 0;
    std::set<std::string> partial;
    for (const auto& log : contents.logs) {
        if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
        const auto& whole = check->whole_logs;
        const bool is_whole = std::find(whole.begin(), whole.end(), log.id) != whole.end();
        QString name = log_file_name(log);
        if (!is_whole) {
            partial.insert(name.toStdString());
            name.replace(QLatin1String("logs/"), QLatin1String("logs/partial-"));
        }
        if (auto written = book.rescueLog(log.id, dir.filePath(name).toStdString()); !written)
            return tl::unexpected(written.error());
        if (progress) progress(0.5 + double(++done) / double(contents.logs.size()) / 2.0);
    }
    // A book.json can be imported again: what cannot be used stands beside it, word for word.
    std::vector<io::BookEntry> entries;
    QJsonArray damaged;
    for (auto& entry : entries_of(contents)) {
        if (trouble_of(entry.kind, entry.document, "")) {
            damaged.append(QJsonObject{{QStringLiteral("kind"), QString::fromStdString(entry.kind)},
                                       {QStringLiteral("id"), double(entry.id)},
                                       {QStringLiteral("document"), QString::fromStdString(entry.document)}});
            continue;
        }
        if (entry.log_file && partial.contains(*entry.log_file)) entry.log_file.reset();
        entries.push_back(std::move(entry));
    }
    const auto write = [&](const QString& name, const std::string& text) {
        return io::write_text_file(dir.filePath(name).toStdString(), text);
    };
    if (!damaged.isEmpty()) {
        if (auto written = write(QStringLiteral("damaged.json"), QJsonDocument(damaged).toJson().toStdString());
            !written)
            return tl::unexpected(written.error());
    }
    for (const auto& [kind, name] : tables) {
        if (auto written = write(QLatin1String(name), io::csv_from_book(entries, kind)); !written)
            return tl::unexpected(written.error());
    }
    // Last: a folder with a book.json is whole.
    if (auto written = write(QStringLiteral("book.json"), io::json_from_book(entries)); !written)
        return tl::unexpected(written.error());
    return check->damage;
}

bool is_pack_table(const QString& path) {
    constexpr qint64 head_bytes = 4096;
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return false;
    const QByteArray head = file.read(head_bytes);
    return io::looks_like_pack_table(head.toStdString());
}

namespace {

units::Result<std::vector<io::BookEntry>> entries_of_packs(const std::string& text, const std::string& file,
                                                           std::vector<units::Diagnostic>* said) {
    const auto table = io::packs_from_csv(text, file);
    if (!table) return tl::unexpected(table.error());
    if (said) *said = table->diagnostics;
    std::vector<io::BookEntry> entries;
    for (const battery::Pack& pack : table->packs) {
        io::BookEntry entry;
        entry.kind = "pack";
        entry.id = std::int64_t(entries.size()) + 1;
        entry.document = io::json_from(book::KeptPack{pack, {}, false});
        entries.push_back(std::move(entry));
    }
    return entries;
}

} // namespace

units::Result<std::vector<io::BookEntry>> read_book_document(const QString& path,
                                                             std::vector<units::Diagnostic>* said) {
    const QFileInfo file(path);
    const QString document = file.isDir() ? QDir(path).filePath(QStringLiteral("book.json")) : path;
    const auto text = io::read_text_file(document.toStdString());
    if (!text) return tl::unexpected(text.error());
    if (is_pack_table(document)) return entries_of_packs(*text, document.toStdString(), said);
    for (const auto& [kind, name] : tables) {
        if (file.fileName() == QLatin1String(name)) return io::book_from_csv(*text, kind, document.toStdString());
    }
    // A table whose columns are called something else is still a table, and is told which column it lacks.
    const auto first = text->find_first_not_of(" \t\r\n\xEF\xBB\xBF");
    if (first != std::string::npos && (*text)[first] != '{' && (*text)[first] != '[')
        return entries_of_packs(*text, document.toStdString(), said);
    return io::book_from_json(*text, document.toStdString());
}

namespace {

/// A log may only be a plain file below the folder that is imported: a document from elsewhere must not read
/// this machine's other files into the book, nor wait for a pipe.
std::optional<units::Error> refused_path(const QString& folder, const std::string& log_file) {
    units::Error error{units::ErrorCode::import_path_refused, {}, {{"path", log_file}}};
    const QString name = QString::fromStdString(log_file);
    if (QDir::isAbsolutePath(name)) return error;
    const QFileInfo file(QDir(folder).filePath(name));
    const QString root = QDir(folder).canonicalPath();
    // Not there is another error, said when it is read; a dangling link is refused here.
    if (!file.exists())
        return file.isSymLink() || QDir::cleanPath(name).startsWith(QLatin1String("..")) ? std::optional(error)
                                                                                         : std::nullopt;
    const QString real = file.canonicalFilePath();
    if (root.isEmpty() || !real.startsWith(root + QLatin1Char('/')) || !file.isFile()) return error;
    return std::nullopt;
}

} // namespace

LogbookImporter::LogbookImporter(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {
    connect(&workspace_, &Workspace::bookOpened, this, [this] {
        if (!running_) return;
        // What was on its way was for the book before.
        running_ = false;
        units::Error error;
        error.code = units::ErrorCode::cancelled;
        emit refused(error);
    });
}

void LogbookImporter::bringIn(std::vector<io::BookEntry> entries, const QString& folder, const QString& name) {
    if (running_) return;
    // Everything is checked before anything is changed.
    for (const auto& entry : entries) {
        if (const auto trouble = trouble_of(entry.kind, entry.document, name.toStdString())) {
            emit refused(*trouble);
            return;
        }
        if (entry.log_file) {
            if (const auto trouble = refused_path(folder, *entry.log_file)) {
                emit refused(*trouble);
                return;
            }
        }
    }
    entries_ = std::move(entries);
    folder_ = folder;
    name_ = name;
    logs_.clear();
    next_ = 0;
    running_ = true;
    cancelled_ = false;
    nextLog();
}

void LogbookImporter::cancel() {
    cancelled_ = true;
}

void LogbookImporter::nextLog() {
    while (next_ < entries_.size() && !entries_[next_].log_file) ++next_;
    if (cancelled_) {
        running_ = false;
        units::Error error;
        error.code = units::ErrorCode::cancelled;
        emit refused(error);
        return;
    }
    if (next_ == entries_.size()) {
        finish();
        return;
    }
    const std::size_t at = next_++;
    const QString path = QDir(folder_).filePath(QString::fromStdString(*entries_[at].log_file));
    if (const auto* log = logbook::same_log(workspace_.logs(), path.toStdString())) {
        logs_[at] = *log;
        nextLog();
        return;
    }
    workspace_.worker().run<units::Result<logbook::StoredLog>>(
        this,
        [path](logbook::Book& book, const std::stop_token& stop) {
            return book.storeLog(path.toStdString(), stop);
        },
        [this, at](const units::Result<logbook::StoredLog>& stored) {
            if (!stored) {
                running_ = false;
                emit refused(stored.error());
                return;
            }
            workspace_.addLog(*stored);
            logs_[at] = *stored;
            emit progressed(double(at + 1) / double(entries_.size()));
            nextLog();
        });
}

namespace {

/// A pack that stands here and says, as far as a table of packs has columns for it, the very same.
std::optional<Id> pack_of_table(const std::map<Id, book::KeptPack>& record_list, const book::KeptPack& kept) {
    if (!(kept == book::KeptPack{kept.pack, {}, false})) return std::nullopt;
    for (const auto& [id, there] : record_list) {
        if (there.pack.name != kept.pack.name) continue;
        const auto again = io::packs_from_csv(io::csv_from_packs({there.pack}), "");
        if (again && again->packs.size() == 1 && again->packs.front() == kept.pack) return id;
    }
    return std::nullopt;
}

} // namespace

void LogbookImporter::finish() {
    std::vector<RecordChange> changes;
    std::map<Id, Id> renumbered;
    std::vector<std::pair<Id, std::string>> figures;
    int known = 0;
    const auto move_link = [&](std::optional<Id>& link) {
        if (!link) return;
        const auto found = renumbered.find(*link);
        link = found == renumbered.end() ? std::nullopt : std::optional(found->second);
    };
    const auto add = [&](Kind kind, const auto& record_list, const auto& kept, Id was) -> Id {
        for (const auto& [id, there] : record_list) {
            if (there == kept) {
                ++known;
                renumbered[was] = id;
                return 0;
            }
        }
        const Id id = workspace_.newId();
        renumbered[was] = id;
        changes.push_back({kind, id, std::nullopt, io::json_from(kept)});
        return id;
    };
    // What stands here as a plan brought it, with nothing written beside it, takes on what the book knows of it.
    const auto enrich = [&](Kind kind, const auto& record_list, const auto& kept, const auto& bare, Id was) {
        for (const auto& [id, there] : record_list) {
            if (kept == bare || !(there == bare)) continue;
            renumbered[was] = id;
            changes.push_back({kind, id, io::json_from(bare), io::json_from(kept)});
            return;
        }
        add(kind, record_list, kept, was);
    };
    // In the order of their links: what is pointed to comes first.
    for (const char* kind : {"aircraft", "pack", "plan", "flight", "learned"}) {
        for (std::size_t i = 0; i < entries_.size(); ++i) {
            const auto& entry = entries_[i];
            if (entry.kind != kind) continue;
            const auto& library = workspace_.library();
            if (entry.kind == "aircraft") {
                const auto kept = *io::kept_aircraft_from_json(entry.document, "");
                enrich(Kind::aircraft, library.aircraft, kept, book::KeptAircraft{kept.aircraft, {}, false},
                       entry.id);
            }
            if (entry.kind == "pack") {
                const auto kept = *io::kept_pack_from_json(entry.document, "");
                if (const auto there = pack_of_table(library.packs, kept)) {
                    ++known;
                    renumbered[entry.id] = *there;
                    continue;
                }
                enrich(Kind::pack, library.packs, kept, book::KeptPack{kept.pack, {}, false}, entry.id);
            }
            if (entry.kind == "plan") {
                auto plan = *io::kept_plan_from_json(entry.document, "");
                move_link(plan.aircraft_id);
                move_link(plan.pack_id);
                add(Kind::plan, library.plans, plan, entry.id);
            }
            if (entry.kind == "flight") {
                auto flight = *io::kept_flight_from_json(entry.document, "");
                move_link(flight.aircraft_id);
                move_link(flight.pack_id);
                move_link(flight.plan_id);
                flight.log_id = logs_.contains(i) ? std::optional(logs_.at(i).id) : std::nullopt;
                if (const Id id = add(Kind::flight, library.flights, flight, entry.id); id && entry.figures)
                    figures.emplace_back(id, *entry.figures);
            }
            if (entry.kind == "learned")
                changes.push_back({Kind::learned, workspace_.newId(), std::nullopt, entry.document});
        }
    }
    const int added = int(changes.size());
    workspace_.make(EditKind::bring_in, name_.toStdString(), std::move(changes));
    std::vector<std::pair<Id, telemetry::LogSummary>> summaries;
    std::vector<std::pair<Id, debrief::KeptBill>> bills;
    for (const auto& [id, document] : figures) {
        const auto kept = io::figures_from_json(document, "logbook");
        if (!kept) continue;
        summaries.emplace_back(id, kept->summary);
        if (kept->bill) bills.emplace_back(id, *kept->bill);
    }
    workspace_.setSummaries(summaries);
    for (const auto& [id, bill] : bills) workspace_.setBill(id, bill);
    running_ = false;
    emit finished(added, known);
}

FlightReader::FlightReader(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {
    connect(&workspace_, &Workspace::bookClosing, this, &FlightReader::cancel);
    connect(&workspace_, &Workspace::bookOpened, this, [this] {
        if (!running_) return;
        running_ = false;
        emit finished(read_);
    });
}

FlightReader::~FlightReader() {
    workspace_.worker().cancelWork();
}

void FlightReader::read(std::vector<Id> flights) {
    if (running_) return;
    flights_ = std::move(flights);
    std::reverse(flights_.begin(), flights_.end());
    whole_ = flights_.size();
    read_ = 0;
    running_ = true;
    next();
}

void FlightReader::next() {
    if (flights_.empty()) {
        running_ = false;
        emit finished(read_);
        return;
    }
    const Id id = flights_.back();
    flights_.pop_back();
    const auto found = workspace_.library().flights.find(id);
    if (found == workspace_.library().flights.end() || !found->second.log_id) {
        next();
        return;
    }
    using Outcome = units::Result<telemetry::LogSummary>;
    workspace_.worker().run<Outcome>(
        this,
        [log_id = *found->second.log_id,
         choices = reading_choices(found->second)](logbook::Book& book, const std::stop_token& stop) -> Outcome {
            const QTemporaryDir folder;
            const QString path = folder.filePath(QStringLiteral("flight.csv"));
            if (auto written = book.writeLog(log_id, path.toStdString()); !written)
                return tl::unexpected(written.error());
            auto debrief = debrief_file(path, stop, {}, choices);
            if (!debrief) return tl::unexpected(debrief.error());
            return debrief->summary;
        },
        [this, id](const Outcome& summary) {
            if (summary) {
                workspace_.setSummary(id, *summary);
                ++read_;
            } else {
                emit refused(summary.error());
            }
            emit progressed(1.0 - double(flights_.size()) / double(whole_));
            next();
        });
}

} // namespace sobremesa::session
