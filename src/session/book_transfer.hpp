#pragma once

#include <functional>
#include <string>
#include <vector>

#include <QObject>
#include <QString>

#include "io/book_document.hpp"
#include "session/workspace.hpp"

namespace sobremesa::session {

/// The user's own logbook, where nothing else is said.
QString default_book_path();

/// The records of a book as entries of a document.
std::vector<io::BookEntry> entries_of(const logbook::BookContents& contents);

/// Everything that docs/file-formats.md promises of a book: what `Book::check` reads, and that every record is a
/// document that can be used and every flight's log is there.
units::Result<logbook::BookCheck> check_book(logbook::Book& book, const std::stop_token& stop = {},
                                             const std::function<void(double)>& progress = {});

/// Writes a whole book into a folder: `book.json`, one CSV for each kind, and the raw logs in `logs/`. Runs
/// anywhere. What is damaged keeps nothing else back: a record that cannot be used goes out word for word
/// (`damaged.json`), of a damaged log its whole parts (`logs/partial-…`).
/// @return what is damaged
/// @error `cancelled`, `file_unwritable`
units::Result<std::vector<units::Error>> export_book(logbook::Book& book, const QString& folder,
                                                     const std::stop_token& stop = {},
                                                     const std::function<void(double)>& progress = {});

/// Whether a file is a table of packs in the units of shops, told by its header.
bool is_pack_table(const QString& path);

/// Reads a `book.json`, or one CSV of `export_book` told by its name, or a folder with a `book.json`, or a table of
/// packs.
/// @param said  gets what was assumed of a table of packs
units::Result<std::vector<io::BookEntry>> read_book_document(const QString& path,
                                                             std::vector<units::Diagnostic>* said = nullptr);

/// Brings entries into a workspace: logs first, then all records as one edit. What is there already, word for word,
/// is not imported twice.
class LogbookImporter : public QObject {
    Q_OBJECT
public:
    explicit LogbookImporter(Workspace& workspace, QObject* parent = nullptr);
    /// @param folder  the log files' paths are relative to it
    void bringIn(std::vector<io::BookEntry> entries, const QString& folder, const QString& name);
    void cancel();
    bool is_running() const { return running_; }

signals:
    void progressed(double share);
    void finished(int added, int known);
    void refused(const units::Error& error);

private:
    void nextLog();
    void finish();

    Workspace& workspace_;
    std::vector<io::BookEntry> entries_;
    std::map<std::size_t, logbook::StoredLog> logs_;
    QString folder_;
    QString name_;
    std::size_t next_ = 0;
    bool running_ = false;
    bool cancelled_ = false;
};

/// Works the figures of flights out anew from their kept logs, one after the other.
class FlightReader : public QObject {
    Q_OBJECT
public:
    explicit FlightReader(Workspace& workspace, QObject* parent = nullptr);
    ~FlightReader() override;
    void read(std::vector<Id> flights);
    void cancel() { flights_.clear(); }
    bool is_running() const { return running_; }

signals:
    void progressed(double share);
    void finished(int read);
    void refused(const units::Error& error);

private:
    void next();
    Workspace& workspace_;
    std::vector<Id> flights_;
    std::size_t whole_ = 0;
    int read_ = 0;
    bool running_ = false;
};

} // namespace sobremesa::session
