// The promises of the logbook, each with a way to break it.

#include <csignal>
#include <filesystem>
#include <fstream>

#include <QElapsedTimer>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <fcntl.h>
#include <sqlite3.h>
#include <sys/file.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include "logbook/book.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using logbook::Book;
using logbook::BookOptions;
using logbook::Edit;
using logbook::Kind;
using units::DiagnosticCode;
using units::ErrorCode;

namespace {

Edit pack_edit(std::int64_t id, const std::string& before, const std::string& after) {
    const auto document = [](const std::string& text) {
        return text.empty() ? std::optional<std::string>() : std::optional<std::string>(text);
    };
    return {id, "change-pack", "B-07", {{Kind::pack, 7, document(before), document(after)}}, false};
}

std::string pack_in(Book& book) {
    const auto contents = book.read();
    if (!contents) return "unreadable";
    for (const auto& record : contents->records) {
        if (record.kind == Kind::pack && record.id == 7) return record.document;
    }
    return "";
}

bool notes(const Book& book, DiagnosticCode code) {
    for (const auto& diagnostic : book.diagnostics()) {
        if (diagnostic.code == code) return true;
    }
    return false;
}

std::string bytes_of(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

/// A log's worth of bytes that do not repeat too soon.
std::string many_bytes(std::size_t count) {
    std::string bytes;
    bytes.reserve(count);
    std::uint32_t state = 1;
    while (bytes.size() < count) {
        state = state * 1664525U + 1013904223U;
        bytes += char('0' + (state >> 24) % 75);
    }
    return bytes;
}

/// Runs in a process of its own until it is killed: commits, and says so only afterwards.
[[noreturn]] void commit_for_ever(const std::string& path, int acknowledge) {
    auto book = Book::open(path);
    if (!book) _exit(3);
    const auto contents = book->read();
    std::int64_t id = contents->edits.empty() ? 1 : contents->edits.back().id + 1;
    const std::int64_t opened = 0;
    if (write(acknowledge, &opened, sizeof opened) != sizeof opened) _exit(5);
    for (;; ++id) {
        const std::string before = id == 1 ? "" : logbook::digits(id - 1);
        if (!book->make(pack_edit(id, before, logbook::digits(id)), id)) _exit(4);
        if (write(acknowledge, &id, sizeof id) != sizeof id) _exit(5);
    }
}

} // namespace

class BookTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void keepsAllItWasGiven();
    void undoAndRedoOutliveTheProgram();
    void aNewEditEndsWhatWasUndone();
    void forgetsTheOldestEditsOnly();
    void losesNothingCommittedWhenKilled();
    void saysWhenTheDiskIsFullAndStaysWhole();
    void readsAReadOnlyFile();
    void tellsADamagedFile();
    void tellsDamagedPagesInside();
    void leavesOtherPeoplesFilesAlone();
    void opensANewerSchemaForReadingOnly();
    void copiesBeforeItMigrates();
    void aFailedMigrationChangesNothing();
    void readsTheBookOfEveryEarlierVersion();
    void tellsASecondInstance();
    void worksWhereTheWriteAheadLogDoesNot();
    void keepsLogsByteByByte_data();
    void keepsLogsByteByByte();
    void stopsStoringWhenAsked();
    void tellsADamagedChunk();
    void backsUpTheWhole();
    void aBackupHarmsNothingThatIsThere();

private:
    std::string file(const char* name) const { return folder_->filePath(QLatin1String(name)).toStdString(); }
    std::unique_ptr<QTemporaryDir> folder_;
    std::string path_;
};

void BookTest::init() {
    folder_ = std::make_unique<QTemporaryDir>();
    path_ = file("logbook.sqlite");
}

void BookTest::keepsAllItWasGiven() {
    {
        auto book = Book::open(path_);
        QVERIFY(book && book->is_writable() && book->diagnostics().empty());
        QVERIFY(book->make(pack_edit(1, "", "{\"name\":\"B-07 \\\"Größe\\\"\"}"), 12));
        QVERIFY(book->put(logbook::Record{Kind::workspace, 1, "{\"plan\":3}"}));
        QVERIFY(book->put(logbook::Figures{9, "log 3", "{\"ground_m\":4000}"}));
    }
    auto book = Book::open(path_);
    QVERIFY(book);
    const auto contents = book->read();
    QVERIFY(contents);
    QCOMPARE(contents->records.size(), std::size_t(2));
    QCOMPARE(contents->records[0].document, std::string("{\"name\":\"B-07 \\\"Größe\\\"\"}"));
    QCOMPARE(contents->edits.size(), std::size_t(1));
    QCOMPARE(contents->edits[0].subject, std::string("B-07"));
    QVERIFY(!contents->edits[0].changes[0].before);
    QCOMPARE(contents->figures[0].made_from, std::string("log 3"));
    QCOMPARE(contents->last_id, 12);
}

void BookTest::undoAndRedoOutliveTheProgram() {
    const Edit first = pack_edit(1, "", "one");
    const Edit second = pack_edit(2, "one", "two");
    {
        auto book = Book::open(path_);
        QVERIFY(book->make(first, 7) && book->make(second, 7) && book->undo(second));
        QCOMPARE(pack_in(*book), std::string("one"));
    }
    {
        auto book = Book::open(path_);
        const auto contents = book->read();
        QCOMPARE(contents->edits.size(), std::size_t(2));
        QVERIFY(!contents->edits[0].undone && contents->edits[1].undone);
        QVERIFY(book->redo(contents->edits[1]));
        QCOMPARE(pack_in(*book), std::string("two"));
        QVERIFY(book->undo(contents->edits[1]) && book->undo(contents->edits[0]));
    }
    auto book = Book::open(path_);
    QCOMPARE(pack_in(*book), std::string(""));
}

void BookTest::aNewEditEndsWhatWasUndone() {
    auto book = Book::open(path_);
    const Edit second = pack_edit(2, "one", "two");
    QVERIFY(book->make(pack_edit(1, "", "one"), 7) && book->make(second, 7) && book->undo(second));
    QVERIFY(book->make(pack_edit(3, "one", "three"), 7));
    const auto contents = book->read();
    QCOMPARE(contents->edits.size(), std::size_t(2));
    QCOMPARE(contents->edits.back().id, 3);
}

void BookTest::forgetsTheOldestEditsOnly() {
    auto book = Book::open(path_);
    for (std::int64_t id = 1; id <= logbook::edits_kept + 20; ++id)
        QVERIFY(book->make(pack_edit(id, "x", logbook::digits(id)), id));
    const auto contents = book->read();
    QCOMPARE(std::int64_t(contents->edits.size()), logbook::edits_kept);
    QCOMPARE(contents->edits.back().id, logbook::edits_kept + 20);
    QCOMPARE(pack_in(*book), logbook::digits(logbook::edits_kept + 20));
}

void BookTest::losesNothingCommittedWhenKilled() {
    // Killed a thousand times at any moment. What was acknowledged must be there, and the file whole.
    // In memory where that is possible: a kill is no power cut, and the disk only makes it slow.
    QTemporaryDir memory(QStringLiteral("/dev/shm/sobremesa-book-XXXXXX"));
    if (memory.isValid()) path_ = memory.filePath(QStringLiteral("logbook.sqlite")).toStdString();
    constexpr int kills = 1000;
    // How long a few commits take here: a sanitizer makes ten of one.
    constexpr int first_commits = 4;
    int watched[2];
    QCOMPARE(pipe(watched), 0);
    const pid_t first = fork();
    if (first == 0) commit_for_ever(path_, watched[1]);
    close(watched[1]);
    std::int64_t heard = -1;
    QElapsedTimer commits;
    for (int i = 0; i <= first_commits; ++i) {
        QCOMPARE(read(watched[0], &heard, sizeof heard), ssize_t(sizeof heard));
        if (i == 0) commits.start();
    }
    const auto span_us = useconds_t(std::max<qint64>(3000, commits.nsecsElapsed() / 1000));
    kill(first, SIGKILL);
    waitpid(first, nullptr, 0);
    close(watched[0]);
    std::int64_t acknowledged = 0;
    int after_a_commit = 0;
    /// Each kill may have come between one commit and its acknowledgement.
    int unheard = 0;
    for (int kill_number = 0; kill_number < kills; ++kill_number) {
        int ends[2];
        QCOMPARE(pipe(ends), 0);
        const pid_t child = fork();
        if (child == 0) commit_for_ever(path_, ends[1]);
        close(ends[1]);
        std::int64_t id = -1;
        // Some are killed while they open the book, most from before their first commit to some commits on.
        if (kill_number % 8 != 0) (void)!read(ends[0], &id, sizeof id);
        // Five in eight commit once at least, however busy the machine is by now.
        if (kill_number % 8 >= 3 && read(ends[0], &id, sizeof id) == sizeof id && id != 0) {
            acknowledged = id;
            unheard = 0;
        }
        usleep(useconds_t(kill_number * 37) % span_us);
        kill(child, SIGKILL);
        int status = 0;
        waitpid(child, &status, 0);
        QVERIFY2(WIFSIGNALED(status), "the child ended by itself: it could not commit");
        while (read(ends[0], &id, sizeof id) == sizeof id) {
            if (id == 0) continue;
            acknowledged = id;
            unheard = 0;
        }
        if (unheard++ == 0) ++after_a_commit;
        close(ends[0]);
        // Every look costs a start; the last kill of each ten is looked at in full.
        if (kill_number % 10 != 9) continue;
        auto book = Book::open(path_);
        QVERIFY2(book.has_value(), "not openable after a kill");
        QVERIFY(book->checkWhole());
        const auto contents = book->read();
        QVERIFY(contents);
        if (acknowledged == 0) continue;
        const std::int64_t kept = contents->edits.back().id;
        QVERIFY2(kept >= acknowledged, "a commit that was acknowledged is gone");
        QVERIFY2(kept <= acknowledged + unheard, "more than the commits under way");
        // The record and its place in the history went together.
        QCOMPARE(pack_in(*book), logbook::digits(kept));
    }
    QVERIFY2(after_a_commit > kills / 2, "hardly any kill came after a commit: the test tests nothing");
}

void BookTest::saysWhenTheDiskIsFullAndStaysWhole() {
    { QVERIFY(Book::open(path_)); }
    BookOptions small;
    small.max_pages = 40;
    auto book = Book::open(path_, small);
    QVERIFY(book);
    QVERIFY(book->make(pack_edit(1, "", "before"), 7));
    const auto refused = book->make(pack_edit(2, "before", many_bytes(400'000)), 7);
    QVERIFY(!refused);
    QCOMPARE(int(refused.error().code), int(ErrorCode::book_full));
    QCOMPARE(pack_in(*book), std::string("before"));
    QCOMPARE(book->read()->edits.size(), std::size_t(1));
    // A log that does not fit leaves nothing behind either.
    std::ofstream(file("flight.csv"), std::ios::binary) << many_bytes(3'000'000);
    QVERIFY(!book->storeLog(file("flight.csv")));
    QVERIFY(book->read()->logs.empty());
    // With room again the same edit is kept.
    book = tl::unexpected(units::Error{});
    book = Book::open(path_);
    QVERIFY(book->make(pack_edit(2, "before", many_bytes(400'000)), 7));
    QVERIFY(book->checkWhole());
}

void BookTest::readsAReadOnlyFile() {
    {
        auto book = Book::open(path_);
        QVERIFY(book->make(pack_edit(1, "", "one"), 7));
    }
    std::filesystem::remove(path_ + "-in-use");
    namespace fs = std::filesystem;
    fs::permissions(path_, fs::perms::owner_read | fs::perms::group_read | fs::perms::others_read);
    fs::permissions(folder_->path().toStdString(), fs::perms::owner_read | fs::perms::owner_exec |
                                                       fs::perms::group_read | fs::perms::group_exec |
                                                       fs::perms::others_read | fs::perms::others_exec);
    // Root writes through permissions: another user looks.
    const pid_t child = fork();
    if (child == 0) {
        if (getuid() == 0 && setuid(65534) != 0) _exit(9);
        auto book = Book::open(path_);
        if (!book) _exit(1);
        if (book->is_writable() || !notes(*book, DiagnosticCode::book_read_only)) _exit(2);
        if (pack_in(*book) != "one") _exit(3);
        const auto refused = book->make(pack_edit(2, "one", "two"), 7);
        _exit(!refused && refused.error().code == ErrorCode::book_read_only ? 0 : 4);
    }
    int status = 0;
    waitpid(child, &status, 0);
    fs::permissions(folder_->path().toStdString(), fs::perms::owner_all);
    QVERIFY(WIFEXITED(status));
    QCOMPARE(WEXITSTATUS(status), 0);
}

void BookTest::tellsADamagedFile() {
    { QVERIFY(Book::open(path_)); }
    std::ofstream(path_, std::ios::binary | std::ios::trunc) << many_bytes(20'000);
    const std::string before = bytes_of(path_);
    const auto book = Book::open(path_);
    QVERIFY(!book);
    QCOMPARE(int(book.error().code), int(ErrorCode::book_damaged));
    QCOMPARE(bytes_of(path_), before);
}

void BookTest::tellsDamagedPagesInside() {
    {
        auto book = Book::open(path_);
        for (std::int64_t id = 1; id < 60; ++id) QVERIFY(book->make(pack_edit(id, "x", many_bytes(3000)), id));
        QVERIFY(book->checkWhole());
    }
    {
        std::fstream pages(path_, std::ios::binary | std::ios::in | std::ios::out);
        pages.seekp(4096 * 20);
        pages << std::string(4096 * 10, '\x5A');
    }
    auto book = Book::open(path_);
    // Either opening or reading comes upon it; neither crashes, and the check names it.
    if (!book) {
        QCOMPARE(int(book.error().code), int(ErrorCode::book_damaged));
        return;
    }
    const auto whole = book->checkWhole();
    QVERIFY(!whole);
    QCOMPARE(int(whole.error().code), int(ErrorCode::book_damaged));
    const auto contents = book->read();
    if (!contents) QCOMPARE(int(contents.error().code), int(ErrorCode::book_damaged));
}

void BookTest::leavesOtherPeoplesFilesAlone() {
    sqlite3* other = nullptr;
    QCOMPARE(sqlite3_open(path_.c_str(), &other), SQLITE_OK);
    sqlite3_exec(other, "CREATE TABLE recipes (name TEXT)", nullptr, nullptr, nullptr);
    sqlite3_close(other);
    const std::string before = bytes_of(path_);
    const auto book = Book::open(path_);
    QVERIFY(!book);
    QCOMPARE(int(book.error().code), int(ErrorCode::book_not_ours));
    QCOMPARE(bytes_of(path_), before);
}

namespace {

/// The schema as a later version might have it.
std::vector<logbook::SchemaStep> with_step(const char* sql) {
    auto steps = logbook::schema_steps();
    steps.push_back({sql});
    return steps;
}

} // namespace

void BookTest::opensANewerSchemaForReadingOnly() {
    const auto newer = with_step("ALTER TABLE pack ADD COLUMN colour TEXT");
    BookOptions later;
    later.steps = &newer;
    {
        auto book = Book::open(path_, later);
        QVERIFY(book->put(logbook::Record{Kind::workspace, 1, "kept"}));
    }
    auto book = Book::open(path_);
    QVERIFY(book);
    QVERIFY(!book->is_writable());
    QVERIFY(notes(*book, DiagnosticCode::book_newer));
    QCOMPARE(book->read()->records.size(), std::size_t(1));
    QVERIFY(!book->make(pack_edit(1, "", "one"), 7));
}

void BookTest::copiesBeforeItMigrates() {
    {
        auto book = Book::open(path_);
        QVERIFY(book->make(pack_edit(1, "", "one"), 7));
    }
    const auto newer = with_step("CREATE TABLE weather (id INTEGER PRIMARY KEY)");
    BookOptions later;
    later.steps = &newer;
    auto book = Book::open(path_, later);
    QVERIFY(book && book->is_writable() && notes(*book, DiagnosticCode::book_migrated));
    QCOMPARE(pack_in(*book), std::string("one"));
    const auto copies = QDir(folder_->path()).entryList({QStringLiteral("*.version-1.*.sqlite")});
    QCOMPARE(copies.size(), 1);
    auto copy = Book::open(folder_->filePath(copies[0]).toStdString());
    QVERIFY(copy && copy->diagnostics().empty());
    QCOMPARE(pack_in(*copy), std::string("one"));
}

void BookTest::aFailedMigrationChangesNothing() {
    {
        auto book = Book::open(path_);
        QVERIFY(book->make(pack_edit(1, "", "one"), 7));
    }
    const auto broken = with_step("CREATE TABLE weather (id INTEGER); CREATE TABLE pack (id INTEGER)");
    BookOptions later;
    later.steps = &broken;
    QVERIFY(!Book::open(path_, later));
    auto book = Book::open(path_);
    QVERIFY(book && book->is_writable());
    QCOMPARE(pack_in(*book), std::string("one"));
}

void BookTest::readsTheBookOfEveryEarlierVersion() {
    // One fixture a version, as that version wrote it; SQL text, so that a reviewer can read it.
    const QDir fixtures(QStringLiteral(SOURCE_DIR "/tests/logbook/versions"));
    const auto names = fixtures.entryList({QStringLiteral("version-*.sql")});
    QCOMPARE(std::size_t(names.size()), logbook::schema_steps().size());
    for (const QString& name : names) {
        const std::string path = file(qPrintable(name));
        QFile sql(fixtures.filePath(name));
        QVERIFY(sql.open(QIODevice::ReadOnly));
        sqlite3* database = nullptr;
        QCOMPARE(sqlite3_open(path.c_str(), &database), SQLITE_OK);
        QCOMPARE(sqlite3_exec(database, sql.readAll().constData(), nullptr, nullptr, nullptr), SQLITE_OK);
        sqlite3_close(database);
        auto book = Book::open(path);
        QVERIFY2(book && book->is_writable(), qPrintable(name));
        QCOMPARE(pack_in(*book), std::string("{\"name\":\"B-07\"}"));
        QCOMPARE(book->read()->edits.size(), std::size_t(1));
        QVERIFY(book->make(pack_edit(2, "{\"name\":\"B-07\"}", "two"), 8));
    }
}

void BookTest::tellsASecondInstance() {
    auto first = Book::open(path_);
    QVERIFY(first->make(pack_edit(1, "", "one"), 7));
    {
        auto second = Book::open(path_);
        QVERIFY(second);
        QVERIFY(!second->is_writable());
        QVERIFY(notes(*second, DiagnosticCode::book_in_use));
        QCOMPARE(pack_in(*second), std::string("one"));
        QVERIFY(!second->make(pack_edit(2, "one", "two"), 7));
    }
    QVERIFY(first->make(pack_edit(2, "one", "two"), 7));
    first = tl::unexpected(units::Error{});
    QVERIFY(Book::open(path_)->is_writable());
}

void BookTest::worksWhereTheWriteAheadLogDoesNot() {
    BookOptions network;
    network.vfs = "unix-dotfile"; // locks by files and has no shared memory, as on a network folder
    {
        auto book = Book::open(path_, network);
        QVERIFY(book && book->is_writable());
        QVERIFY(notes(*book, DiagnosticCode::book_without_wal));
        QVERIFY(book->make(pack_edit(1, "", "one"), 7));
    }
    auto book = Book::open(path_, network);
    QCOMPARE(pack_in(*book), std::string("one"));
}

void BookTest::keepsLogsByteByByte_data() {
    QTest::addColumn<int>("bytes");
    QTest::newRow("empty") << 0;
    QTest::newRow("one byte") << 1;
    QTest::newRow("one chunk, to the byte") << (2 << 20);
    QTest::newRow("some chunks and a rest") << 5'000'001;
}

void BookTest::keepsLogsByteByByte() {
    QFETCH(int, bytes);
    const std::string raw = many_bytes(std::size_t(bytes));
    std::ofstream(file("flight.csv"), std::ios::binary) << raw;
    auto book = Book::open(path_);
    const auto log = book->storeLog(file("flight.csv"));
    QVERIFY(log);
    QCOMPARE(log->bytes, std::int64_t(bytes));
    QCOMPARE(log->name, std::string("flight.csv"));
    QVERIFY(book->writeLog(log->id, file("again.csv")));
    QVERIFY(bytes_of(file("again.csv")) == raw);
    const auto nothing = book->writeLog(log->id + 1, file("nothing.csv"));
    QVERIFY(!nothing);
    QCOMPARE(int(nothing.error().code), int(ErrorCode::log_not_the_file));
}

void BookTest::stopsStoringWhenAsked() {
    std::ofstream(file("flight.csv"), std::ios::binary) << many_bytes(8'000'000);
    auto book = Book::open(path_);
    std::stop_source stop;
    const auto log = book->storeLog(file("flight.csv"), stop.get_token(), [&stop](double share) {
        if (share > 0.3) stop.request_stop();
    });
    QVERIFY(!log);
    QCOMPARE(int(log.error().code), int(ErrorCode::cancelled));
    QVERIFY(book->read()->logs.empty());
}

void BookTest::tellsADamagedChunk() {
    std::ofstream(file("flight.csv"), std::ios::binary) << many_bytes(5'000'000);
    {
        auto book = Book::open(path_);
        QVERIFY(book->storeLog(file("flight.csv")));
    }
    sqlite3* database = nullptr;
    sqlite3_open(path_.c_str(), &database);
    sqlite3_exec(database, "UPDATE log_chunk SET crc32 = crc32 + 1 WHERE number = 1", nullptr, nullptr, nullptr);
    sqlite3_close(database);
    auto book = Book::open(path_);
    const auto written = book->writeLog(1, file("again.csv"));
    QVERIFY(!written);
    QCOMPARE(int(written.error().code), int(ErrorCode::log_damaged));
    QCOMPARE(std::get<double>(written.error().parameters[0].value), 2.0);
}

void BookTest::backsUpTheWhole() {
    std::ofstream(file("flight.csv"), std::ios::binary) << many_bytes(3'000'000);
    auto book = Book::open(path_);
    QVERIFY(book->make(pack_edit(1, "", "one"), 7) && book->storeLog(file("flight.csv")));
    QVERIFY(book->backUp(file("backup.sqlite")));
    QVERIFY2(!book->backUp(file("backup.sqlite")), "a backup must never replace another file");
    auto copy = Book::open(file("backup.sqlite"));
    QVERIFY(copy && copy->is_writable());
    QCOMPARE(pack_in(*copy), std::string("one"));
    QVERIFY(copy->writeLog(1, file("again.csv")));
    QVERIFY(bytes_of(file("again.csv")) == bytes_of(file("flight.csv")));
}

void BookTest::aBackupHarmsNothingThatIsThere() {
    std::ofstream(file("flight.csv"), std::ios::binary) << many_bytes(3'000'000);
    auto book = Book::open(path_);
    QVERIFY(book->make(pack_edit(1, "", "one"), 7) && book->storeLog(file("flight.csv")));
    // The book itself, by whatever name.
    for (const std::string& itself : {path_, file("./logbook.sqlite")}) {
        const auto refused = book->backUp(itself, true);
        QVERIFY(!refused);
        QCOMPARE(int(refused.error().code), int(ErrorCode::backup_is_the_book));
    }
    QCOMPARE(pack_in(*book), std::string("one"));
    // No room for the copy: the earlier one stays as it was, and no half of a copy beside it.
    std::ofstream(file("backup.sqlite"), std::ios::binary) << "an earlier backup";
    const auto there = book->backUp(file("backup.sqlite"));
    QCOMPARE(int(there.error().code), int(ErrorCode::backup_exists));
    rlimit before{};
    getrlimit(RLIMIT_FSIZE, &before);
    rlimit small = before;
    small.rlim_cur = 100'000;
    signal(SIGXFSZ, SIG_IGN);
    setrlimit(RLIMIT_FSIZE, &small);
    const auto full = book->backUp(file("backup.sqlite"), true);
    setrlimit(RLIMIT_FSIZE, &before);
    QVERIFY(!full);
    QCOMPARE(bytes_of(file("backup.sqlite")), std::string("an earlier backup"));
    QVERIFY(!std::filesystem::exists(file("backup.sqlite.part")));
    // With room it is replaced, and reads back.
    QVERIFY(book->backUp(file("backup.sqlite"), true));
    auto copy = Book::open(file("backup.sqlite"));
    QVERIFY(copy && copy->checkWhole());
    QCOMPARE(pack_in(*copy), std::string("one"));
    // Into a folder that is not there: said, and nothing made.
    QVERIFY(!book->backUp(file("nowhere/backup.sqlite"), true));
    QCOMPARE(pack_in(*book), std::string("one"));
}

SOBREMESA_TEST(BookTest)
#include "tst_book.moc"
