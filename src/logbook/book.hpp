#pragma once

#include <functional>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/units/diagnostic.hpp"
#include "logbook/book_lock.hpp"
#include "logbook/connection.hpp"
#include "logbook/record.hpp"
#include "logbook/schema.hpp"

namespace sobremesa::logbook {

/// What a test needs to bring about what a pilot meets only on a bad day.
struct BookOptions {
    bool read_only = false;
    /// Name of an SQLite file system layer; one without shared memory behaves as a network folder does.
    std::string vfs;
    /// The file may grow to this many pages of 4 KiB; 0: as the disk allows.
    std::int64_t max_pages = 0;
    const std::vector<SchemaStep>* steps = &schema_steps();
};

/// Figures worked out of a flight's log, kept so that they need not be worked out again.
struct Figures {
    std::int64_t flight_id = 0;
    /// What they were made from: log, home, version of the model. Another one means: work them out anew.
    std::string made_from;
    std::string document;
};

struct StoredLog {
    std::int64_t id = 0;
    std::string name;
    std::int64_t bytes = 0;
    std::uint32_t crc32 = 0;
};

/// Everything but the raw logs.
struct BookContents {
    std::vector<Record> records;
    std::vector<Edit> edits; ///< oldest first; those undone stand at the end
    std::vector<Figures> figures;
    std::vector<StoredLog> logs;
    std::int64_t last_id = 0;
};

/// What a check found: everything that could be read, and what is damaged.
struct BookCheck {
    BookContents contents;
    std::vector<units::Error> damage;
    /// Numbers of the logs that are, byte for byte, what was filed.
    std::vector<std::int64_t> whole_logs;
};

/// The logbook: one SQLite file.
///
/// What it promises, each promise with its test in tests/logbook: a commit that has returned survives the process
/// being killed; a commit is whole or not there; a full disk, a read-only file, a damaged file and a newer version
/// are told apart and said, and change nothing; before the schema changes a dated copy is made beside the file; a
/// second instance is told and reads only; where the write-ahead log does not work the book does, with a
/// diagnostic.
///
/// Used by one thread at a time.
class Book {
public:
    /// Opens a book, or makes one where there is none.
    /// @error `book_damaged`, `book_not_ours`, `book_full`, `book_failed`, `file_unreadable`
    static units::Result<Book> open(const std::string& path, const BookOptions& options = {});

    const std::string& path() const { return connection_.path(); }
    bool is_writable() const { return writable_; }
    const std::vector<units::Diagnostic>& diagnostics() const { return diagnostics_; }

    /// @param damage  where given, what cannot be read is named there and the rest read all the same
    units::Result<BookContents> read(std::vector<units::Error>* damage = nullptr);

    /// Keeps an edit: its changes and its place in the history, and with it goes what had been undone.
    units::Result<void> make(const Edit& edit, std::int64_t last_id);
    units::Result<void> undo(const Edit& edit);
    units::Result<void> redo(const Edit& edit);
    /// A record that is no edit: what is open.
    units::Result<void> put(const Record& record);
    units::Result<void> put(const Figures& figures);

    /// Keeps a file whole, in compressed chunks of 2 MiB.
    /// @error `cancelled`, `file_unreadable`, and all of a book's
    units::Result<StoredLog> storeLog(const std::string& file, const std::stop_token& stop = {},
                                      const std::function<void(double)>& progress = {});
    /// Writes a kept log back as the file it was, byte by byte.
    /// @error `log_damaged` naming the chunk, `log_not_the_file` where the whole is not what was filed
    units::Result<void> writeLog(std::int64_t log_id, const std::string& file);
    /// What is left of a damaged log: its whole chunks, in order.
    /// @return what is damaged
    units::Result<std::vector<units::Error>> rescueLog(std::int64_t log_id, const std::string& file);

    /// A copy of the whole book, compact. Written beside, read again, and only then put in its place: what was
    /// there before stays until the copy is known to be whole.
    /// @param replace  whether a file that is there may be replaced
    /// @error `backup_is_the_book`, `backup_exists`, `book_full`, `book_damaged` where the copy does not read back
    units::Result<void> backUp(const std::string& path, bool replace = false);
    /// Moves what the write-ahead log holds into the book's own file; waits for nobody who reads.
    units::Result<void> moveIn();
    /// Reads every page. @error `book_damaged`
    units::Result<void> checkWhole();
    /// Reads everything: pages, tables, history, and every log against its checksums. What the documents say is
    /// for those who know them (`session::check_book`).
    /// @error `cancelled`, and what keeps anything at all from being read
    units::Result<BookCheck> check(const std::stop_token& stop = {},
                                   const std::function<void(double)>& progress = {});

private:
    static units::Result<Book> openOnce(const std::string& path, const BookOptions& options, bool& being_made);
    units::Result<void> copyTo(const std::string& path);
    units::Error missing_table(const std::string& table) const;
    units::Result<void> prepare(const BookOptions& options);
    units::Result<void> apply(const std::vector<RecordChange>& changes, bool forward);
    units::Result<std::vector<units::Error>> unpack(std::int64_t log_id, const std::stop_token& stop,
                                                    const std::function<bool(std::string_view)>& take);

    Connection connection_;
    BookLock lock_;
    bool writable_ = false;
    std::vector<units::Diagnostic> diagnostics_;
};

/// Edits that can be undone; older ones are done for good.
inline constexpr std::int64_t edits_kept = 500;

/// CRC-32 of a whole file, as a kept log has it; empty where it cannot be read.
std::optional<std::uint32_t> crc_of_file(const std::string& path);

/// The kept log that is, byte for byte as far as length and checksum tell, this file.
const StoredLog* same_log(const std::vector<StoredLog>& logs, const std::string& path);

/// Now, as `2026-11-25T03:19:33Z`.
std::string utc_now();

} // namespace sobremesa::logbook
