// A damaged book: the check names what is damaged, the rest is still to be had. Damage is done with SQLite itself
// and with bytes, never through the program.

#include <filesystem>
#include <fstream>

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <sqlite3.h>

#include "io/kept_documents.hpp"
#include "session/book_transfer.hpp"
#include "support/eventually.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::session;
using units::ErrorCode;

namespace {

std::string words_of(const std::vector<units::Error>& damage) {
    std::string words;
    for (const auto& error : damage) words += std::to_string(int(error.code)) + " ";
    return words;
}

bool has(const std::vector<units::Error>& damage, ErrorCode code) {
    return std::any_of(damage.begin(), damage.end(), [code](const auto& e) { return e.code == code; });
}

logbook::BookOptions look_only() {
    logbook::BookOptions options;
    options.read_only = true;
    return options;
}

std::string bytes_of(const QString& path) {
    std::ifstream in(path.toStdString(), std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

} // namespace

class BookDamageTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void aSoundBookIsWhole();
    void eachDamageIsNamed_data();
    void eachDamageIsNamed();
    void aFlippedByteInAChunkIsFound();
    void whatIsLeftIsExported();
    void aBookWithABadRecordOpens();

private:
    QString file(const char* name) const { return folder_->filePath(QLatin1String(name)); }
    void damage(const char* sql) {
        sqlite3* database = nullptr;
        QCOMPARE(sqlite3_open(path_.toStdString().c_str(), &database), SQLITE_OK);
        char* why = nullptr;
        QVERIFY2(sqlite3_exec(database, sql, nullptr, nullptr, &why) == SQLITE_OK, why);
        QVERIFY(sqlite3_changes(database) > 0 || std::string_view(sql).starts_with("DROP"));
        sqlite3_close(database);
    }
    std::unique_ptr<QTemporaryDir> folder_;
    QString path_;
};

void BookDamageTest::init() {
    folder_ = std::make_unique<QTemporaryDir>();
    path_ = file("book.sqlite");
    PlanSession plans;
    Workspace workspace(plans);
    QVERIFY(workspace.openBook(path_));
    workspace.beginWith(tests::sample_request()); // records 1, 2 and 3
    // Two logs, one of three chunks.
    std::string big;
    for (std::uint32_t i = 0, state = 1; i < 5'000'000; ++i)
        big += char('0' + ((state = state * 1664525U + 1013904223U) >> 24) % 75);
    std::ofstream(file("big.csv").toStdString(), std::ios::binary) << big;
    std::ofstream(file("small.csv").toStdString(), std::ios::binary) << "time,voltage\n0,16.8\n";
    for (const char* name : {"big.csv", "small.csv"}) {
        book::KeptFlight flight;
        flight.name = name;
        flight.flown = tests::sample_request();
        workspace.worker().run<units::Result<logbook::StoredLog>>(
            &workspace,
            [path = file(name)](logbook::Book& book, const std::stop_token&) {
                return book.storeLog(path.toStdString());
            },
            [&](const units::Result<logbook::StoredLog>& log) {
                QVERIFY(log);
                flight.log_id = log->id;
            });
        workspace.settle();
        QVERIFY(workspace.put(logbook::EditKind::file_flight, std::nullopt, flight)); // records 4 and 5
    }
    workspace.settle();
}

void BookDamageTest::aSoundBookIsWhole() {
    auto book = logbook::Book::open(path_.toStdString(), look_only());
    const auto check = check_book(*book);
    QVERIFY(check);
    QCOMPARE(words_of(check->damage), std::string());
    QCOMPARE(check->whole_logs.size(), std::size_t(2));
    QCOMPARE(check->contents.records.size(), std::size_t(6)); // and what lies in the workspace
}

void BookDamageTest::eachDamageIsNamed_data() {
    QTest::addColumn<QString>("sql");
    QTest::addColumn<int>("code");
    QTest::addColumn<int>("whole_logs");
    const auto row = [](const char* name, const char* sql, ErrorCode code, int logs) {
        QTest::newRow(name) << QString::fromLatin1(sql) << int(code) << logs;
    };
    row("a chunk's checksum", "UPDATE log_chunk SET crc32 = crc32 + 1 WHERE log_id = 1 AND number = 1",
        ErrorCode::log_damaged, 1);
    row("a chunk is missing", "DELETE FROM log_chunk WHERE log_id = 1 AND number = 1", ErrorCode::log_damaged, 1);
    row("the last chunk is missing", "DELETE FROM log_chunk WHERE log_id = 1 AND number = 2",
        ErrorCode::log_damaged, 1);
    row("all chunks are missing", "DELETE FROM log_chunk WHERE log_id = 2", ErrorCode::log_damaged, 1);
    row("the whole checksum", "UPDATE log SET crc32 = crc32 + 1 WHERE id = 2", ErrorCode::log_not_the_file, 1);
    row("the length", "UPDATE log SET bytes = bytes - 1 WHERE id = 2", ErrorCode::log_not_the_file, 1);
    row("a log is missing", "DELETE FROM log WHERE id = 2", ErrorCode::log_missing, 1);
    row("a flight's document", "UPDATE flight SET document = substr(document, 1, 40) WHERE id = 4",
        ErrorCode::record_damaged, 2);
    row("a pack that cannot be", "UPDATE pack SET document = replace(document, '\"series\":4', '\"series\":-4')",
        ErrorCode::record_damaged, 2);
    row("a table is gone", "DROP TABLE learned", ErrorCode::table_missing, 2);
    row("the logs' table is gone", "DROP TABLE log", ErrorCode::table_missing, 0);
    row("an edit", "UPDATE edit SET changes = '[{' WHERE id = 1", ErrorCode::history_damaged, 2);
    row("the count", "UPDATE count SET last_id = 2", ErrorCode::count_behind, 2);
}

void BookDamageTest::eachDamageIsNamed() {
    QFETCH(QString, sql);
    QFETCH(int, code);
    QFETCH(int, whole_logs);
    damage(sql.toLatin1().constData());
    auto book = logbook::Book::open(path_.toStdString(), look_only());
    QVERIFY(book);
    const auto check = check_book(*book);
    QVERIFY(check);
    QVERIFY2(has(check->damage, ErrorCode(code)), words_of(check->damage).c_str());
    QCOMPARE(int(check->whole_logs.size()), whole_logs);
}

void BookDamageTest::aFlippedByteInAChunkIsFound() {
    // In the middle of the file lie the big log's chunks; SQLite itself has nothing to say of it.
    std::string bytes = bytes_of(path_);
    const std::size_t at = bytes.size() / 2 / 4096 * 4096 + 1000; // inside a page, behind its head
    bytes[at] = char(bytes[at] ^ 0x10);
    std::ofstream(path_.toStdString(), std::ios::binary | std::ios::trunc) << bytes;
    auto book = logbook::Book::open(path_.toStdString(), look_only());
    QVERIFY(book->checkWhole());
    const auto check = check_book(*book);
    QVERIFY2(has(check->damage, ErrorCode::log_damaged), words_of(check->damage).c_str());
}

void BookDamageTest::whatIsLeftIsExported() {
    damage("UPDATE log_chunk SET crc32 = crc32 + 1 WHERE log_id = 1 AND number = 1");
    damage("UPDATE pack SET document = '{broken' WHERE id = 2");
    auto book = logbook::Book::open(path_.toStdString(), look_only());
    const auto damaged = export_book(*book, file("out"));
    QVERIFY(damaged);
    QCOMPARE(damaged->size(), std::size_t(2));
    // The whole log as it was; of the other its first and last part, under a name that says so.
    QCOMPARE(bytes_of(file("out/logs/2-small.csv")), bytes_of(file("small.csv")));
    const std::string raw = bytes_of(file("big.csv"));
    constexpr std::size_t chunk = std::size_t(2) << 20;
    QVERIFY(bytes_of(file("out/logs/partial-1-big.csv")) == raw.substr(0, chunk) + raw.substr(2 * chunk));
    QVERIFY(bytes_of(file("out/damaged.json")).find("{broken") != std::string::npos);
    // What went out comes in again, both flights with it; the damaged log is not taken for the one that was filed.
    PlanSession plans;
    Workspace workspace(plans);
    QVERIFY(workspace.openBook(file("again.sqlite")));
    LogbookImporter importer(workspace);
    bool done = false;
    connect(&importer, &LogbookImporter::finished, [&] { done = true; });
    importer.bringIn(*read_book_document(file("out")), file("out"), QStringLiteral("out"));
    EVENTUALLY(done);
    QCOMPARE(workspace.library().flights.size(), std::size_t(2));
    for (const auto& [id, flight] : workspace.library().flights)
        QCOMPARE(flight.log_id.has_value(), flight.name == "small.csv");
    QVERIFY(workspace.library().packs.empty());
}

void BookDamageTest::aBookWithABadRecordOpens() {
    // One that older versions took in and that no discharge can be made of.
    damage("UPDATE pack SET document = replace(document, '\"mass_kg\":', '\"mass_kg\":1e-300,\"was\":')");
    PlanSession plans;
    Workspace workspace(plans);
    std::vector<units::Error> said;
    connect(&workspace, &Workspace::unreadable, [&](const units::Error& error) { said.push_back(error); });
    QVERIFY(workspace.openBook(path_));
    QCOMPARE(said.size(), std::size_t(1));
    QCOMPARE(int(said[0].code), int(ErrorCode::record_damaged));
    QCOMPARE(std::get<std::string>(said[0].parameters[0].value), std::string("pack"));
    QCOMPARE(int(said[0].cause->code), int(ErrorCode::value_out_of_range));
    QVERIFY(workspace.library().packs.empty() && workspace.library().flights.size() == 2);
    // Left alone: work goes on beside it, and the record is still what it was.
    QVERIFY(workspace.put(logbook::EditKind::add_pack, std::nullopt,
                          book::KeptPack{tests::sample_request().pack, "new", false}));
    workspace.settle();
    workspace.withoutBook();
    auto book = logbook::Book::open(path_.toStdString(), look_only());
    const auto contents = book->read();
    int bad = 0;
    int packs = 0;
    for (const auto& record : contents->records) {
        packs += record.kind == logbook::Kind::pack;
        bad += record.document.find("1e-300") != std::string::npos;
    }
    QCOMPARE(bad, 1);
    QCOMPARE(packs, 2);
}

SOBREMESA_TEST(BookDamageTest)
#include "tst_book_damage.moc"
