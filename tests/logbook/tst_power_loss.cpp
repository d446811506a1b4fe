// The power goes: not the program is stopped, but the disk. Of what was written since a file was last synced, the
// disk keeps some, drops some, tears some in two. A file system of the test's own, under SQLite, does that at a
// thousand points; each time the book must open, be whole, and hold everything that was said to be kept.

#include <filesystem>
#include <fstream>
#include <map>
#include <random>
#include <set>

#include <QTemporaryDir>
#include <QTest>

#include <sqlite3.h>

#include "logbook/book.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using logbook::Book;
using logbook::Kind;

namespace {

/// What a disk does with writes that were not synced when the power goes.
enum class Disk { drops_all, keeps_all, keeps_some, tears };

/// The disk under all files of one run.
class FalseDisk {
public:
    struct Write {
        std::int64_t offset = 0;
        std::string bytes;
        bool truncates = false; ///< to `offset`
    };
    struct File {
        std::string synced;
        std::vector<Write> since;
        /// Deleted, but the folder was not synced: it may be there again.
        bool deleted = false;
    };

    void begin(std::int64_t operations_until_cut) {
        files_.clear();
        left_ = operations_until_cut;
        done_ = 0;
        off_ = false;
    }
    bool off() const { return off_; }
    void cut() { off_ = true; }
    std::int64_t operations() const { return done_; }

    /// @return whether there is still power
    bool operation() {
        if (off_) return false;
        ++done_;
        off_ = --left_ < 0;
        return !off_;
    }

    File& file(const std::string& path) {
        const auto found = files_.find(path);
        if (found != files_.end()) return found->second;
        // What stands there from before was synced.
        File file;
        std::error_code none;
        const auto bytes = std::filesystem::file_size(path, none);
        if (!none) {
            file.synced.resize(std::size_t(bytes));
            std::ifstream(path, std::ios::binary).read(file.synced.data(), std::streamsize(bytes));
        }
        return files_.emplace(path, std::move(file)).first->second;
    }
    void sync(const std::string& path) {
        File& synced = file(path);
        for (const Write& write : synced.since) put(synced.synced, write, 0, write.bytes.size());
        synced.since.clear();
    }
    void forget(const std::string& path) { files_.erase(path); }

    /// Leaves on the real disk what this one has after the cut.
    void leave(Disk disk, std::mt19937& draw) const {
        for (const auto& [path, file] : files_) {
            std::string bytes = file.synced;
            for (const Write& write : file.since) apply(bytes, write, disk, draw);
            const bool there_again = file.deleted && draw() % 2 == 0;
            if (file.deleted && !there_again) continue;
            std::ofstream(path, std::ios::binary | std::ios::trunc) << bytes;
        }
    }

private:
    static void apply(std::string& bytes, const Write& write, Disk disk, std::mt19937& draw) {
        constexpr std::size_t sector = 512;
        if (disk == Disk::drops_all || (disk == Disk::keeps_some && draw() % 2 == 0)) return;
        std::size_t from = 0;
        std::size_t to = write.bytes.size();
        if (disk == Disk::tears) {
            // Some sectors of it, from either end.
            const std::size_t sectors = (to + sector - 1) / sector;
            const std::size_t cut = sector * (draw() % (sectors + 1));
            (draw() % 2 == 0 ? from : to) = std::min(cut, to);
        }
        put(bytes, write, from, to);
    }
    static void put(std::string& bytes, const Write& write, std::size_t from, std::size_t to) {
        if (write.truncates) {
            bytes.resize(std::size_t(write.offset), '\0');
            return;
        }
        if (from >= to) return;
        const auto at = std::size_t(write.offset);
        if (bytes.size() < at + to) bytes.resize(at + to, '\0');
        bytes.replace(at + from, to - from, write.bytes, from, to - from);
    }

    std::map<std::string, File> files_;
    std::int64_t left_ = 0;
    std::int64_t done_ = 0;
    bool off_ = false;
};

FalseDisk disk;

/// A file of SQLite's own file system, watched. The real one follows behind it in memory.
struct WatchedFile {
    sqlite3_file base;
    std::string* path;
    sqlite3_file* real() { return reinterpret_cast<sqlite3_file*>(this + 1); }
};

WatchedFile* watched(sqlite3_file* file) {
    return reinterpret_cast<WatchedFile*>(file);
}
sqlite3_file* real(sqlite3_file* file) {
    return watched(file)->real();
}
sqlite3_vfs* real_system() {
    return sqlite3_vfs_find(nullptr);
}

int close_file(sqlite3_file* file) {
    delete watched(file)->path;
    return real(file)->pMethods->xClose(real(file));
}
int read_file(sqlite3_file* file, void* to, int bytes, sqlite3_int64 at) {
    return real(file)->pMethods->xRead(real(file), to, bytes, at);
}
int write_file(sqlite3_file* file, const void* from, int bytes, sqlite3_int64 at) {
    if (disk.off()) return SQLITE_IOERR_WRITE;
    auto& record = disk.file(*watched(file)->path);
    // The write during which the power goes may get there as well.
    record.since.push_back({at, std::string(static_cast<const char*>(from), std::size_t(bytes)), false});
    if (!disk.operation()) return SQLITE_IOERR_WRITE;
    return real(file)->pMethods->xWrite(real(file), from, bytes, at);
}
int truncate_file(sqlite3_file* file, sqlite3_int64 size) {
    if (!disk.operation()) return SQLITE_IOERR_TRUNCATE;
    disk.file(*watched(file)->path).since.push_back({size, {}, true});
    return real(file)->pMethods->xTruncate(real(file), size);
}
int sync_file(sqlite3_file* file, int) {
    if (!disk.operation()) return SQLITE_IOERR_FSYNC;
    disk.sync(*watched(file)->path);
    return SQLITE_OK;
}
int file_size(sqlite3_file* file, sqlite3_int64* size) {
    return real(file)->pMethods->xFileSize(real(file), size);
}
int lock_file(sqlite3_file* file, int kind) {
    return real(file)->pMethods->xLock(real(file), kind);
}
int unlock_file(sqlite3_file* file, int kind) {
    return real(file)->pMethods->xUnlock(real(file), kind);
}
int check_lock(sqlite3_file* file, int* result) {
    return real(file)->pMethods->xCheckReservedLock(real(file), result);
}
int control_file(sqlite3_file* file, int what, void* argument) {
    return real(file)->pMethods->xFileControl(real(file), what, argument);
}
int sector_size(sqlite3_file*) {
    return 512;
}
int characteristics(sqlite3_file*) {
    return 0; // no promise whatever about what a torn write spares
}
int shm_map(sqlite3_file* file, int page, int bytes, int extend, void volatile** to) {
    return real(file)->pMethods->xShmMap(real(file), page, bytes, extend, to);
}
int shm_lock(sqlite3_file* file, int offset, int n, int flags) {
    return real(file)->pMethods->xShmLock(real(file), offset, n, flags);
}
void shm_barrier(sqlite3_file* file) {
    real(file)->pMethods->xShmBarrier(real(file));
}
int shm_unmap(sqlite3_file* file, int remove) {
    return real(file)->pMethods->xShmUnmap(real(file), remove);
}

const sqlite3_io_methods methods = {
    2,         close_file,  read_file,  write_file,   truncate_file, sync_file,       file_size,
    lock_file, unlock_file, check_lock, control_file, sector_size,   characteristics, shm_map,
    shm_lock,  shm_barrier, shm_unmap,  nullptr,      nullptr};

int open_file(sqlite3_vfs*, const char* name, sqlite3_file* file, int flags, int* out_flags) {
    auto* const one = watched(file);
    one->base.pMethods = nullptr;
    const int code = real_system()->xOpen(real_system(), name, one->real(), flags, out_flags);
    if (code != SQLITE_OK) return code;
    one->path = new std::string(name ? name : "");
    one->base.pMethods = &methods;
    if (name) disk.file(name).deleted = false;
    return SQLITE_OK;
}
int delete_file(sqlite3_vfs*, const char* name, int sync_folder) {
    if (!disk.operation()) return SQLITE_IOERR_DELETE;
    if (sync_folder)
        disk.forget(name);
    else
        disk.file(name).deleted = true;
    return real_system()->xDelete(real_system(), name, 0);
}

const char* false_system() {
    static sqlite3_vfs system = [] {
        sqlite3_vfs vfs = *real_system();
        vfs.zName = "false-disk";
        vfs.pNext = nullptr;
        vfs.szOsFile = int(sizeof(WatchedFile)) + real_system()->szOsFile;
        vfs.xOpen = open_file;
        vfs.xDelete = delete_file;
        return vfs;
    }();
    static const int registered = sqlite3_vfs_register(&system, 0);
    return registered == SQLITE_OK ? system.zName : nullptr;
}

/// What a book holds, as far as it was said to be kept.
struct Held {
    std::map<std::int64_t, std::string> packs;
    std::map<std::int64_t, std::uint32_t> logs;
    std::set<std::int64_t> figures;
    std::int64_t last_edit = 0;
    bool operator==(const Held&) const = default;
};

Held held_by(const logbook::BookContents& contents) {
    Held held;
    for (const auto& record : contents.records) {
        if (record.kind == Kind::pack) held.packs[record.id] = record.document;
    }
    for (const auto& log : contents.logs) held.logs[log.id] = log.crc32;
    for (const auto& figures : contents.figures) held.figures.insert(figures.flight_id);
    held.last_edit = contents.edits.empty() ? 0 : contents.edits.back().id;
    return held;
}

/// A day's work on a book, until it is done or the power goes. Before each step `held` is what was said to be kept,
/// and `after` what it will be when the step is done.
class Day {
public:
    Day(const std::string& folder, std::uint32_t seed) : folder_(folder), draw_(seed) {}

    void work(Book& book) {
        for (int step = 0; step < 12; ++step) {
            if (!one_step(book)) return;
        }
    }

    Held held;
    Held after;
    int kept = 0;

private:
    bool one_step(Book& book) {
        after = held;
        bool done = false;
        switch (draw_() % 6) {
        case 0:
        case 1: { // an edit
            const std::int64_t id = 1 + std::int64_t(draw_() % 5);
            done = edit(book, {id}, 40 + draw_() % 3000);
            break;
        }
        case 2: // a book brought in: many records as one edit
            done = edit(book, {11, 12, 13, 14, 15, 16, 17, 18}, 2000);
            break;
        case 3: { // a flight filed
            const std::string file = folder_ + "/flight.csv";
            std::string bytes;
            for (std::size_t n = 1000 + draw_() % 20'000; n > 0; --n) bytes += char('0' + draw_() % 75);
            std::ofstream(file, std::ios::binary | std::ios::trunc) << bytes;
            const std::int64_t next = held.logs.empty() ? 1 : held.logs.rbegin()->first + 1;
            after.logs[next] = logbook::crc_of_file(file).value_or(0);
            done = book.storeLog(file).has_value();
            break;
        }
        case 4: {
            const auto id = std::int64_t(draw_() % 9);
            after.figures.insert(id);
            done = book.put(logbook::Figures{id, "log", std::string(300, 'f')}).has_value();
            break;
        }
        default:
            (void)book.moveIn();
            done = !disk.off();
            break;
        }
        if (!done) return false;
        held = after;
        ++kept;
        return true;
    }

    bool edit(Book& book, const std::vector<std::int64_t>& ids, std::size_t bytes) {
        logbook::Edit edit{held.last_edit + 1, "change-pack", "made", {}, false};
        for (const auto id : ids) {
            const auto before = held.packs.find(id);
            const std::string document(bytes, char('a' + draw_() % 26));
            edit.changes.push_back({Kind::pack, id,
                                    before == held.packs.end() ? std::nullopt : std::optional(before->second),
                                    document});
            after.packs[id] = document;
        }
        after.last_edit = edit.id;
        return book.make(edit, 20).has_value();
    }

    std::string folder_;
    std::mt19937 draw_;
};

/// Today's schema and one more step, as a later version brings it.
const std::vector<logbook::SchemaStep>& later_steps() {
    static const std::vector<logbook::SchemaStep> steps = [] {
        auto all = logbook::schema_steps();
        all.push_back({"CREATE TABLE later (id INTEGER PRIMARY KEY, document TEXT NOT NULL);"
                       "INSERT INTO later SELECT id, document FROM pack;"});
        return all;
    }();
    return steps;
}

} // namespace

class PowerLossTest : public QObject {
    Q_OBJECT
private slots:
    void theFalseDiskLosesWhatIsNotSynced();
    void aThousandCuts_data();
    void aThousandCuts();
};

void PowerLossTest::theFalseDiskLosesWhatIsNotSynced() {
    // A check that cannot fail is none: a file that is never synced must lose what it said it kept.
    QTemporaryDir folder;
    const std::string path = folder.filePath(QStringLiteral("unsynced.sqlite")).toStdString();
    std::mt19937 draw(3);
    disk.begin(INT64_MAX);
    sqlite3* database = nullptr;
    sqlite3_open_v2(path.c_str(), &database, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE, false_system());
    QCOMPARE(
        sqlite3_exec(
            database,
            "PRAGMA journal_mode = WAL; PRAGMA synchronous = OFF; CREATE TABLE t (x); INSERT INTO t VALUES (1)",
            nullptr, nullptr, nullptr),
        SQLITE_OK);
    disk.cut();
    sqlite3_close(database);
    disk.leave(Disk::drops_all, draw);
    std::filesystem::remove(path + "-shm");
    sqlite3_open(path.c_str(), &database);
    QVERIFY(sqlite3_exec(database, "SELECT x FROM t", nullptr, nullptr, nullptr) != SQLITE_OK);
    sqlite3_close(database);
}

void PowerLossTest::aThousandCuts_data() {
    QTest::addColumn<bool>("migrates");
    QTest::addColumn<int>("cuts");
    QTest::newRow("a day's work") << false << 850;
    QTest::newRow("a schema that is migrated") << true << 150;
}

void PowerLossTest::aThousandCuts() {
    QFETCH(bool, migrates);
    QFETCH(int, cuts);
    std::mt19937 draw(11);
    int in_the_middle = 0;
    int kept = 0;
    for (int cut = 0; cut < cuts; ++cut) {
        QTemporaryDir folder;
        const std::string path = folder.filePath(QStringLiteral("book.sqlite")).toStdString();
        const std::uint32_t seed = draw();
        Day day(folder.path().toStdString(), seed);
        // A book with something in it, made while there was power.
        disk.begin(INT64_MAX);
        logbook::BookOptions first;
        first.vfs = false_system();
        {
            auto book = Book::open(path, first);
            QVERIFY(book);
            day.work(*book);
        }
        disk.begin(std::int64_t(draw() % (migrates ? 40 : 160)));
        logbook::BookOptions options;
        options.vfs = false_system();
        if (migrates) options.steps = &later_steps();
        {
            day.after = day.held;
            day.kept = 0;
            auto book = Book::open(path, options);
            if (book) day.work(*book);
        }
        in_the_middle += disk.off() ? 1 : 0;
        const auto operations = disk.operations();
        kept += day.kept;
        disk.leave(static_cast<Disk>(draw() % 4), draw);
        // The shared memory goes with the machine.
        std::filesystem::remove(path + "-shm");
        disk.begin(INT64_MAX);
        logbook::BookOptions again;
        again.vfs = false_system(); // by now an ordinary disk, and a quick one
        if (migrates) again.steps = &later_steps();
        auto book = Book::open(path, again);
        const auto where =
            QStringLiteral("cut %1, seed %2, after %3 operations").arg(cut).arg(seed).arg(operations);
        QVERIFY2(book, qPrintable(where));
        const auto check = book->check();
        QVERIFY2(check, qPrintable(where));
        QVERIFY2(check->damage.empty(), qPrintable(where));
        const Held found = held_by(check->contents);
        // Whole or not there: what was under way may have been kept, and then all of it.
        QVERIFY2(found == day.held || found == day.after, qPrintable(where));
        // And work goes on.
        QVERIFY2(book->put(logbook::Figures{99, "log", "f"}), qPrintable(where));
    }
    QVERIFY2(in_the_middle > cuts / 2, qPrintable(QString::number(in_the_middle)));
    QVERIFY2(migrates || kept > cuts, qPrintable(QString::number(kept)));
}

SOBREMESA_TEST(PowerLossTest)
#include "tst_power_loss.moc"
