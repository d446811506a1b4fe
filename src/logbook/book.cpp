#include "logbook/book.hpp"

#include <cerrno>
#include <charconv>
#include <chrono>
#include <cstdio>
#include <cstring>
#include <ctime>
#include <filesystem>
#include <thread>

#include <fcntl.h>
#include <unistd.h>

#include <nlohmann/json.hpp>
#include <sqlite3.h>

namespace sobremesa::logbook {

namespace {

using nlohmann::json;
using units::DiagnosticCode;
using units::Severity;

json optional_text(const std::optional<std::string>& text) {
    return text ? json(*text) : json(nullptr);
}

std::string text_of(const std::vector<RecordChange>& changes) {
    json list = json::array();
    for (const RecordChange& change : changes) {
        list.push_back({{"kind", kind_word(change.kind)},
                        {"id", change.id},
                        {"before", optional_text(change.before)},
                        {"after", optional_text(change.after)}});
    }
    return list.dump();
}

std::optional<std::vector<RecordChange>> changes_of(const std::string& text) {
    const json list = json::parse(text, nullptr, false);
    if (!list.is_array()) return std::nullopt;
    std::vector<RecordChange> changes;
    const auto document = [](const json& entry, const char* key) -> std::optional<std::string> {
        const auto found = entry.find(key);
        if (found == entry.end() || !found->is_string()) return std::nullopt;
        return found->get<std::string>();
    };
    for (const json& entry : list) {
        if (!entry.is_object() || !entry.contains("kind") || !entry["kind"].is_string()) return std::nullopt;
        const auto kind = kind_from_word(entry["kind"].get<std::string>());
        if (!kind || !entry.contains("id") || !entry["id"].is_number_integer()) return std::nullopt;
        changes.push_back(
            {*kind, entry["id"].get<std::int64_t>(), document(entry, "before"), document(entry, "after")});
    }
    return changes;
}

bool can_write(const std::string& path) {
    std::error_code ignored;
    const bool exists = std::filesystem::exists(path, ignored);
    // Asked of the system, not worked out of the bits: a read-only medium has none.
    return !exists || access(path.c_str(), W_OK) == 0;
}

std::string dated_copy(const std::string& path, std::int64_t version) {
    const std::filesystem::path file(path);
    const std::string stem =
        (file.parent_path() / file.stem()).string() + ".version-" + digits(version) + "." + utc_now().substr(0, 10);
    std::string name = stem + ".sqlite";
    for (int n = 2; std::filesystem::exists(name); ++n) name = stem + "-" + digits(n) + ".sqlite";
    return name;
}

} // namespace

const char* kind_word(Kind kind) {
    switch (kind) {
    case Kind::aircraft: return "aircraft";
    case Kind::pack: return "pack";
    case Kind::plan: return "plan";
    case Kind::flight: return "flight";
    case Kind::learned: return "learned";
    case Kind::workspace: return "desk";
    }
    return "";
}

std::optional<Kind> kind_from_word(const std::string& word) {
    for (const Kind kind : all_kinds) {
        if (word == kind_word(kind)) return kind;
    }
    return std::nullopt;
}

std::string digits(std::int64_t number) {
    char text[24];
    return {text, std::to_chars(text, text + sizeof text, number).ptr};
}

std::string utc_now() {
    const std::time_t now = std::time(nullptr);
    std::tm parts{};
    gmtime_r(&now, &parts);
    char text[32];
    std::strftime(text, sizeof text, "%Y-%m-%dT%H:%M:%SZ", &parts);
    return text;
}

units::Result<Book> Book::open(const std::string& path, const BookOptions& options) {
    // Of two that make the same book at once the second finds a file without anything in it yet.
    constexpr int tries = 40;
    constexpr auto pause = std::chrono::milliseconds(50);
    for (int n = 1;; ++n) {
        bool being_made = false;
        auto book = openOnce(path, options, being_made);
        if (book || !being_made || n == tries) return book;
        std::this_thread::sleep_for(pause);
    }
}

units::Result<Book> Book::openOnce(const std::string& path, const BookOptions& options, bool& being_made) {
    Book book;
    being_made = false;
    const auto note = [&book](DiagnosticCode code, std::vector<units::Parameter> parameters = {}) {
        book.diagnostics_.push_back({code, Severity::warning, std::move(parameters)});
    };
    std::error_code trouble;
    const auto folder = std::filesystem::path(path).parent_path();
    if (!options.read_only && !folder.empty()) std::filesystem::create_directories(folder, trouble);

    bool write = !options.read_only;
    bool elsewhere = false;
    if (write && !can_write(path)) {
        write = false;
        note(DiagnosticCode::book_read_only);
    }
    if (write && book.lock_.take(path) == BookLock::Outcome::held_elsewhere) {
        write = false;
        note(DiagnosticCode::book_in_use);
        elsewhere = true;
        being_made = !std::filesystem::exists(path, trouble) || std::filesystem::file_size(path, trouble) == 0;
        if (being_made) return units::failure(units::ErrorCode::book_in_use, {path, {}, {}, {}});
    }
    auto connection =
        Connection::open(path, write ? Connection::Mode::create : Connection::Mode::read_only, options.vfs);
    if (!connection) return tl::unexpected(connection.error());
    // The first read is where a read-only folder, or a file that is no book, comes out.
    auto id = connection->integer("PRAGMA application_id");
    auto first = connection->integer("SELECT count(*) FROM sqlite_master");
    if (!write && !first && first.error().code != units::ErrorCode::book_damaged) {
        connection = Connection::open(path, Connection::Mode::immutable, options.vfs);
        if (!connection) return tl::unexpected(connection.error());
        id = connection->integer("PRAGMA application_id");
        first = connection->integer("SELECT count(*) FROM sqlite_master");
    }
    if (!first) return tl::unexpected(first.error());
    if (!id) return tl::unexpected(id.error());
    // What another one is making has pages and no mark yet: both come with one commit.
    being_made = !write && *id == 0 && (elsewhere || *first == 0);
    if (being_made && elsewhere && *first == 0)
        return units::failure(units::ErrorCode::book_in_use, {path, {}, {}, {}});
    if (*id != application_id && (*first > 0 || !write)) {
        return units::failure(units::ErrorCode::book_not_ours, {path, {}, {}, {}});
    }
    const auto version = connection->integer("PRAGMA user_version");
    if (!version) return tl::unexpected(version.error());
    const auto newest = std::int64_t(options.steps->size());
    if (*version > newest) {
        write = false;
        note(DiagnosticCode::book_newer, {{"found", double(*version)}, {"newest", double(newest)}});
    }
    book.writable_ = write;
    book.connection_ = std::move(*connection);
    if (write) {
        if (auto done = book.prepare(options); !done) return tl::unexpected(done.error());
    }
    return book;
}

units::Result<void> Book::prepare(const BookOptions& options) {
    if (options.max_pages > 0) {
        const std::string limit = "PRAGMA max_page_count = " + digits(options.max_pages);
        if (auto done = connection_.run(limit.c_str()); !done) return done;
    }
    const auto mode = connection_.text("PRAGMA journal_mode = WAL");
    if (!mode) return tl::unexpected(mode.error());
    if (*mode != "wal") diagnostics_.push_back({DiagnosticCode::book_without_wal, Severity::warning, {}});
    if (auto done = connection_.run("PRAGMA synchronous = FULL; PRAGMA foreign_keys = ON"); !done) return done;

    const auto version = connection_.integer("PRAGMA user_version");
    if (!version) return tl::unexpected(version.error());
    if (*version == std::int64_t(options.steps->size())) return {};
    if (*version > 0) {
        const std::string copy = dated_copy(path(), *version);
        if (auto done = backUp(copy); !done) return done;
        diagnostics_.push_back({DiagnosticCode::book_migrated, Severity::note, {{"copy", copy}}});
    }
    return migrate(connection_, *options.steps);
}

units::Result<BookContents> Book::read(std::vector<units::Error>* damage) {
    BookContents contents;
    std::optional<units::Error> trouble;
    // One table after the other; with `damage`, one that cannot be read keeps none of the others back.
    const auto each = [&](const std::string& table, const std::string& sql, const auto& take) {
        if (trouble) return;
        Statement rows = connection_.prepare(sql.c_str());
        while (rows.step()) take(rows);
        if (rows.code() == SQLITE_DONE) return;
        units::Error error = connection_.error();
        if (rows.code() == SQLITE_ERROR) error = missing_table(table);
        if (damage)
            damage->push_back(error);
        else
            trouble = error;
    };
    for (const Kind kind : all_kinds) {
        const std::string table = kind_word(kind);
        each(table, "SELECT id, document FROM " + table + " ORDER BY id", [&](const Statement& row) {
            contents.records.push_back({kind, row.integer(0), row.text(1)});
        });
    }
    each("edit", "SELECT id, what, subject, changes, undone FROM edit ORDER BY id", [&](const Statement& row) {
        auto changes = changes_of(row.text(3));
        // An edit that cannot be read cannot be undone, nor can any before it.
        if (!changes) {
            contents.edits.clear();
            if (damage)
                damage->push_back(
                    {units::ErrorCode::history_damaged, {path(), {}, {}, {}}, {{"edit", double(row.integer(0))}}});
            return;
        }
        contents.edits.push_back(
            {row.integer(0), row.text(1), row.text(2), std::move(*changes), row.integer(4) != 0});
    });
    each("figures", "SELECT flight_id, made_from, document FROM figures", [&](const Statement& row) {
        contents.figures.push_back({row.integer(0), row.text(1), row.text(2)});
    });
    each("log", "SELECT id, name, bytes, crc32 FROM log", [&](const Statement& row) {
        contents.logs.push_back({row.integer(0), row.text(1), row.integer(2), std::uint32_t(row.integer(3))});
    });
    each("count", "SELECT last_id FROM count", [&](const Statement& row) { contents.last_id = row.integer(0); });
    if (trouble) return tl::unexpected(*trouble);
    return contents;
}

units::Result<void> Book::apply(const std::vector<RecordChange>& changes, bool forward) {
    for (const RecordChange& change : changes) {
        const auto& document = forward ? change.after : change.before;
        const std::string table = kind_word(change.kind);
        const std::string sql = document ? "INSERT OR REPLACE INTO " + table + " VALUES (?, ?, ?)"
                                         : "DELETE FROM " + table + " WHERE id = ?";
        Statement statement = connection_.prepare(sql.c_str());
        statement.bind(change.id);
        if (document) statement.bind(*document).bind(utc_now());
        if (auto done = connection_.run(statement); !done) return done;
    }
    return {};
}

units::Result<void> Book::make(const Edit& edit, std::int64_t last_id) {
    Transaction transaction(connection_);
    if (!transaction.begun()) return transaction.begun();
    if (auto done = apply(edit.changes, true); !done) return done;
    if (auto done = connection_.run("DELETE FROM edit WHERE undone"); !done) return done;
    Statement line = connection_.prepare("INSERT OR REPLACE INTO edit VALUES (?, ?, ?, ?, 0, ?)");
    line.bind(edit.id).bind(edit.what).bind(edit.subject).bind(text_of(edit.changes)).bind(utc_now());
    if (auto done = connection_.run(line); !done) return done;
    Statement old =
        connection_.prepare("DELETE FROM edit WHERE id <= (SELECT id FROM edit ORDER BY id DESC LIMIT 1 OFFSET ?)");
    old.bind(edits_kept);
    if (auto done = connection_.run(old); !done) return done;
    Statement count = connection_.prepare("UPDATE count SET last_id = max(last_id, ?)");
    count.bind(last_id);
    if (auto done = connection_.run(count); !done) return done;
    return transaction.commit();
}

namespace {

units::Result<void> mark(Connection& connection, std::int64_t edit, bool undone) {
    Statement flag = connection.prepare("UPDATE edit SET undone = ? WHERE id = ?");
    flag.bind(std::int64_t(undone)).bind(edit);
    return connection.run(flag);
}

} // namespace

units::Result<void> Book::undo(const Edit& edit) {
    Transaction transaction(connection_);
    if (!transaction.begun()) return transaction.begun();
    if (auto done = apply(edit.changes, false); !done) return done;
    if (auto done = mark(connection_, edit.id, true); !done) return done;
    return transaction.commit();
}

units::Result<void> Book::redo(const Edit& edit) {
    Transaction transaction(connection_);
    if (!transaction.begun()) return transaction.begun();
    if (auto done = apply(edit.changes, true); !done) return done;
    if (auto done = mark(connection_, edit.id, false); !done) return done;
    return transaction.commit();
}

units::Result<void> Book::put(const Record& record) {
    return apply({{record.kind, record.id, std::nullopt, record.document}}, true);
}

units::Result<void> Book::put(const Figures& figures) {
    Statement statement = connection_.prepare("INSERT OR REPLACE INTO figures VALUES (?, ?, ?)");
    statement.bind(figures.flight_id).bind(figures.made_from).bind(figures.document);
    return connection_.run(statement);
}

units::Result<void> Book::backUp(const std::string& path, bool replace) {
    std::error_code trouble;
    units::Where where;
    where.file = path;
    if (std::filesystem::equivalent(path, this->path(), trouble))
        return units::failure(units::ErrorCode::backup_is_the_book, where);
    if (!replace && std::filesystem::exists(path, trouble))
        return units::failure(units::ErrorCode::backup_exists, where);
    const std::string beside = path + ".part";
    std::filesystem::remove(beside, trouble);
    auto done = copyTo(beside);
    if (done && ::rename(beside.c_str(), path.c_str()) != 0)
        done = tl::unexpected(book_error(path, SQLITE_IOERR, std::strerror(errno)));
    if (!done) std::filesystem::remove(beside, trouble);
    return done;
}

/// A copy that is on the disk and reads back whole.
units::Result<void> Book::copyTo(const std::string& path) {
    {
        Statement statement = connection_.prepare("VACUUM INTO ?");
        statement.bind(path);
        if (auto done = connection_.run(statement); !done) return done;
    }
    const int descriptor = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
    const bool synced = descriptor >= 0 && ::fsync(descriptor) == 0;
    const std::string reason = synced ? "" : std::strerror(errno);
    if (descriptor >= 0) ::close(descriptor);
    if (!synced) return tl::unexpected(book_error(path, SQLITE_IOERR, reason));
    BookOptions look_only;
    look_only.read_only = true;
    auto copy = Book::open(path, look_only);
    if (!copy) return tl::unexpected(copy.error());
    return copy->checkWhole();
}

units::Result<void> Book::checkWhole() {
    const auto said = connection_.text("PRAGMA integrity_check(1)");
    if (!said) return tl::unexpected(said.error());
    if (*said != "ok") return tl::unexpected(book_error(path(), SQLITE_CORRUPT, *said));
    return {};
}

units::Result<void> Book::moveIn() {
    if (!writable_) return {};
    return connection_.run("PRAGMA wal_checkpoint(PASSIVE)");
}

units::Error Book::missing_table(const std::string& table) const {
    return {units::ErrorCode::table_missing, {path(), {}, {}, {}}, {{"table", table}}};
}

units::Result<BookCheck> Book::check(const std::stop_token& stop, const std::function<void(double)>& progress) {
    BookCheck check;
    if (auto whole = checkWhole(); !whole) check.damage.push_back(whole.error());
    auto contents = read(&check.damage);
    if (!contents) return tl::unexpected(contents.error());
    check.contents = std::move(*contents);

    std::int64_t highest = 0;
    for (const Record& record : check.contents.records) {
        if (record.kind != Kind::workspace) highest = std::max(highest, record.id);
    }
    // A number that is given twice lets a flight point to another pack than it flew.
    if (highest > check.contents.last_id) {
        check.damage.push_back({units::ErrorCode::count_behind,
                                {path(), {}, {}, {}},
                                {{"count", double(check.contents.last_id)}, {"highest", double(highest)}}});
    }

    std::vector<std::int64_t> logs;
    {
        Statement rows = connection_.prepare("SELECT id FROM log UNION SELECT DISTINCT log_id FROM log_chunk");
        while (rows.step()) logs.push_back(rows.integer(0));
        // Where one of the two tables is gone the other says what there is.
        if (rows.code() == SQLITE_ERROR) {
            for (const StoredLog& log : check.contents.logs) logs.push_back(log.id);
            Statement chunks = connection_.prepare("SELECT 1 FROM log_chunk LIMIT 1");
            chunks.step();
            if (chunks.code() == SQLITE_ERROR) check.damage.push_back(missing_table("log_chunk"));
        }
    }
    for (std::size_t i = 0; i < logs.size(); ++i) {
        if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
        const auto trouble = unpack(logs[i], stop, [](std::string_view) { return true; });
        if (!trouble) return tl::unexpected(trouble.error());
        if (trouble->empty()) check.whole_logs.push_back(logs[i]);
        check.damage.insert(check.damage.end(), trouble->begin(), trouble->end());
        if (progress) progress(double(i + 1) / double(logs.size()));
    }
    return check;
}

} // namespace sobremesa::logbook
