// The one thread that touches the book: what was asked of one book never reaches another, a write that cannot be
// done holds up no other work, and the file holds what was written.

#include <filesystem>
#include <fstream>
#include <future>

#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include <sys/wait.h>
#include <unistd.h>

#include "session/book_transfer.hpp"
#include "session/flight_session.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::session;

namespace {

logbook::Edit edit_of(std::int64_t id, const std::string& document) {
    return {id, "change-pack", "B-07", {{logbook::Kind::pack, id, std::nullopt, document}}, false};
}

LogbookWorker::Write write_of(std::int64_t id, std::size_t bytes = 10) {
    return [id, bytes](logbook::Book& book) { return book.make(edit_of(id, std::string(bytes, 'x')), id); };
}

/// What a window holds where flights are filed.
struct Filing {
    PlanSession plans;
    Workspace workspace{plans};
    DebriefSession debriefs;
    FlightSession flights{workspace, debriefs, plans};

    void openDemoLog() { flights.openLog(QStringLiteral(DEMO_DIR "/2026-04-11-alcaravan-calm.csv")); }
};

} // namespace

class LogbookWorkerTest : public QObject {
    Q_OBJECT
private slots:
    void init() { folder_ = std::make_unique<QTemporaryDir>(); }
    void aResultReachesNoOtherBook();
    void aResultReachesNobodyWhoIsGone();
    void filingEndsInTheBookItBeganIn();
    void aBillInTheMakingIsKeptWithTheFlight();
    void aCellsVoltsFollowThePackThatFlew();
    void theSettingStaysWhileALogIsReadAnew();
    void aHeldUpWriteHoldsUpNoBackup();
    void whatIsHeldUpIsCountedAndKeptLater();
    void theFileItselfHoldsWhatWasWritten();
    void twoFirstWritersDoNotTakeEachOtherForStrangers();

private:
    QString file(const char* name) const { return folder_->filePath(QLatin1String(name)); }
    std::string path(const char* name) const { return file(name).toStdString(); }
    std::unique_ptr<QTemporaryDir> folder_;
};

void LogbookWorkerTest::aResultReachesNoOtherBook() {
    LogbookWorker worker;
    QVERIFY(worker.open(path("a.sqlite")));
    QString reached;
    std::promise<void> go;
    worker.run<int>(
        this,
        [until = go.get_future().share()](logbook::Book&, const std::stop_token&) {
            until.wait();
            return 1;
        },
        [&](int) { reached = worker.path(); });
    go.set_value();
    QVERIFY(worker.open(path("b.sqlite")));
    QCoreApplication::processEvents();
    // Given out while its own book was still open.
    QCOMPARE(reached, file("a.sqlite"));
}

void LogbookWorkerTest::aResultReachesNobodyWhoIsGone() {
    LogbookWorker worker;
    QVERIFY(worker.open(path("a.sqlite")));
    bool told = false;
    {
        QObject asker;
        worker.run<int>(
            &asker, [](logbook::Book&, const std::stop_token&) { return 1; }, [&](int) { told = true; });
    }
    worker.settle();
    QCoreApplication::processEvents();
    QVERIFY(!told);
}

void LogbookWorkerTest::filingEndsInTheBookItBeganIn() {
    Filing filing;
    Workspace& workspace = filing.workspace;
    FlightSession& flights = filing.flights;
    QVERIFY(workspace.openBook(file("a.sqlite")));
    filing.openDemoLog();
    EVENTUALLY(filing.debriefs.debrief());
    flights.file();
    QVERIFY(flights.is_filing());
    QVERIFY(workspace.openBook(file("b.sqlite")));
    QCoreApplication::processEvents();
    QVERIFY(!flights.is_filing());
    QVERIFY(workspace.library().flights.empty() && workspace.logs().empty());
    QVERIFY(workspace.openBook(file("a.sqlite")));
    QCOMPARE(workspace.library().flights.size(), std::size_t(1));
    QCOMPARE(workspace.logs().size(), std::size_t(1));
    QCOMPARE(*workspace.library().flights.begin()->second.log_id, workspace.logs()[0].id);
    QCOMPARE(workspace.summaries().size(), std::size_t(1));
    // A bill stands with the flight's figures, and comes back with them.
    const Id filed = workspace.library().flights.begin()->first;
    const debrief::KeptBill bill{"made from that", {12.5, {0.25, -0.5}}};
    workspace.setBill(filed + 1, bill); // no such figures
    workspace.setBill(filed, bill);
    QVERIFY(workspace.openBook(file("b.sqlite")));
    QVERIFY(workspace.bills().empty());
    QVERIFY(workspace.openBook(file("a.sqlite")));
    QCOMPARE(workspace.bills().size(), std::size_t(1));
    QVERIFY(workspace.bills().at(filed) == bill);
}

void LogbookWorkerTest::aBillInTheMakingIsKeptWithTheFlight() {
    Filing filing;
    filing.plans.setRequest(sobremesa::tests::sample_request());
    Workspace& workspace = filing.workspace;
    FlightSession& flights = filing.flights;
    QVERIFY(workspace.openBook(file("a.sqlite")));
    filing.openDemoLog();
    EVENTUALLY(filing.debriefs.debrief());
    QVERIFY(flights.pack_fits());
    flights.file();
    std::promise<void> stored;
    workspace.worker().run<int>(
        this,
        [&](logbook::Book&, const std::stop_token&) {
            stored.set_value();
            return 1;
        },
        [](int) {});
    stored.get_future().wait();
    // The log is in the book, but this thread has yet to hear of it: the draft gets another bill meanwhile.
    flights.setRecharged(2.5);
    QVERIFY(!flights.bill_is_settled() && !flights.filed());
    EVENTUALLY(flights.filed() && flights.bill_is_settled());
    QVERIFY(flights.bill());
    QCOMPARE(workspace.bills().size(), std::size_t(1));
    QVERIFY(workspace.bills().begin()->second.shares == debrief::shares_of(flights.bill()));
}

void LogbookWorkerTest::aCellsVoltsFollowThePackThatFlew() {
    const QString log = file("cells.csv");
    QFile text(log);
    QVERIFY(text.open(QIODevice::WriteOnly));
    text.write("time (s),cell (V),amps\n");
    for (int i = 0; i <= 600; ++i) text.write(QByteArray::number(i) + (i % 2 == 0 ? ",4.01,6\n" : ",3.99,6\n"));
    text.close();
    Filing filing;
    auto request = sobremesa::tests::sample_request();
    request.pack.series = 4;
    filing.plans.setRequest(request);
    QVERIFY(filing.workspace.openBook(file("a.sqlite")));
    QSignalSpy read(&filing.debriefs, &DebriefSession::debriefChanged);
    filing.flights.openLog(log);
    EVENTUALLY_EQUAL(read.count(), 1);
    const auto energy_wh = [&] { return filing.debriefs.debrief()->summary.energy.energy_wh->value; };
    VERIFY_NEAR(energy_wh(), 16.0, 0.01);
    // Another pack, before it is filed and afterwards, and taken back.
    auto six = filing.flights.flown().request();
    six.pack.series = 6;
    filing.flights.flown().setRequest(six);
    EVENTUALLY_EQUAL(read.count(), 2);
    VERIFY_NEAR(energy_wh(), 24.0, 0.01);
    filing.flights.file();
    EVENTUALLY(filing.flights.filed());
    auto five = six;
    five.pack.series = 5;
    filing.flights.flown().setRequest(five);
    EVENTUALLY_EQUAL(read.count(), 3);
    VERIFY_NEAR(energy_wh(), 20.0, 0.01);
    VERIFY_NEAR(filing.workspace.summaries().begin()->second.energy.energy_wh->value, 20.0, 0.01);
    filing.workspace.undo();
    EVENTUALLY_EQUAL(read.count(), 4);
    VERIFY_NEAR(energy_wh(), 24.0, 0.01);
}

void LogbookWorkerTest::theSettingStaysWhileALogIsReadAnew() {
    const QString log = file("day.csv");
    QFile text(log);
    QVERIFY(text.open(QIODevice::WriteOnly));
    text.write("time (s),volts,amps,draw\n");
    for (const int rows : {600, 500}) {
        for (int i = 0; i <= rows; ++i)
            text.write(QByteArray::number(i) + (i % 2 == 0 ? ",16.1,6,3\n" : ",16.0,6,3\n"));
    }
    text.close();
    Filing filing;
    filing.plans.setRequest(sobremesa::tests::sample_request());
    QVERIFY(filing.workspace.openBook(file("a.sqlite")));
    QSignalSpy read(&filing.debriefs, &DebriefSession::debriefChanged);
    filing.flights.openLog(log);
    EVENTUALLY_EQUAL(read.count(), 1);
    auto flown = filing.flights.flown().request();
    flown.pack.name = "the other pack";
    filing.flights.flown().setRequest(flown);
    filing.flights.setRecharged(1.5);
    filing.flights.choosePart(1);
    EVENTUALLY_EQUAL(read.count(), 2);
    QCOMPARE(filing.flights.flight().flown.pack.name, std::string("the other pack"));
    // Another flight of that log: what its pack took back is not known.
    QVERIFY(!filing.flights.flight().recharged_ah && filing.flights.flight().part == 1);
    filing.flights.setRecharged(1.2);
    filing.flights.chooseColumns(log, {}, {{"draw", "current_a", "A"}, {"amps", "ignored", ""}});
    EVENTUALLY_EQUAL(read.count(), 3);
    VERIFY_NEAR(filing.debriefs.debrief()->summary.energy.highest_current->value, 3.0, 1e-9);
    QCOMPARE(filing.flights.flight().flown.pack.name, std::string("the other pack"));
    QVERIFY(filing.flights.flight().recharged_ah && filing.flights.flight().part == 1);
    QCOMPARE(filing.flights.flight().columns.size(), std::size_t(2));
    // The log once more is a new beginning.
    filing.flights.openLog(log);
    EVENTUALLY_EQUAL(read.count(), 4);
    QCOMPARE(filing.flights.flight().flown.pack.name, sobremesa::tests::sample_request().pack.name);
}

void LogbookWorkerTest::aHeldUpWriteHoldsUpNoBackup() {
    { QVERIFY(logbook::Book::open(path("a.sqlite"))); }
    logbook::BookOptions small;
    small.max_pages = 40;
    LogbookWorker worker;
    QVERIFY(worker.open(path("a.sqlite"), small));
    worker.write(write_of(1));
    worker.settle();
    QSignalSpy failed(&worker, &LogbookWorker::failed);
    worker.write(write_of(2, 400'000));
    worker.write(write_of(3));
    EVENTUALLY(failed.count() > 0);
    QCOMPARE(worker.heldUp(), std::size_t(2));
    QCOMPARE(int(worker.trouble().code), int(units::ErrorCode::book_full));
    bool done = false;
    worker.run<bool>(
        this,
        [to = path("backup.sqlite")](logbook::Book& book, const std::stop_token&) {
            return book.backUp(to).has_value();
        },
        [&](bool whole) { done = whole; });
    EVENTUALLY(done);
    auto backup = logbook::Book::open(path("backup.sqlite"));
    QCOMPARE(backup->read()->records.size(), std::size_t(1));
    worker.loseWaiting();
    QCOMPARE(worker.waiting(), std::size_t(0));
}

void LogbookWorkerTest::whatIsHeldUpIsCountedAndKeptLater() {
    LogbookWorker worker;
    QVERIFY(worker.open(path("a.sqlite")));
    bool room = false;
    std::vector<int> order;
    QSignalSpy failed(&worker, &LogbookWorker::failed);
    QSignalSpy recovered(&worker, &LogbookWorker::recovered);
    worker.write([&](logbook::Book&) -> units::Result<void> {
        if (!room) return units::failure(units::ErrorCode::book_full);
        order.push_back(1);
        return {};
    });
    EVENTUALLY_EQUAL(failed.count(), 1);
    worker.write([&](logbook::Book&) -> units::Result<void> {
        order.push_back(2);
        return {};
    });
    worker.settle();
    QCOMPARE(worker.heldUp(), std::size_t(2));
    QVERIFY(order.empty());
    room = true;
    worker.settle();
    QCoreApplication::processEvents();
    QCOMPARE(order, (std::vector<int>{1, 2}));
    QCOMPARE(recovered.count(), 1);
    QCOMPARE(worker.waiting(), std::size_t(0));
}

void LogbookWorkerTest::theFileItselfHoldsWhatWasWritten() {
    LogbookWorker worker;
    QVERIFY(worker.open(path("a.sqlite")));
    QSignalSpy idle(&worker, &LogbookWorker::idle);
    for (int i = 1; i <= 20; ++i) worker.write(write_of(i, 20'000));
    EVENTUALLY(idle.count() > 0);
    // As a file manager copies it: the one file, while the book is open.
    QVERIFY(std::filesystem::exists(path("a.sqlite-wal")));
    std::filesystem::copy_file(path("a.sqlite"), path("copy.sqlite"));
    auto copy = logbook::Book::open(path("copy.sqlite"));
    QVERIFY(copy && copy->checkWhole());
    QCOMPARE(copy->read()->records.size(), std::size_t(20));
}

void LogbookWorkerTest::twoFirstWritersDoNotTakeEachOtherForStrangers() {
    // Many times over, because the moment in which it matters is short: each ends with the book, or hears that it
    // is in use; none hears that it is no logbook.
    constexpr int rounds = 60;
    for (int round = 0; round < rounds; ++round) {
        const std::string book = path(("race-" + std::to_string(round) + ".sqlite").c_str());
        std::vector<pid_t> children;
        for (int i = 0; i < 3; ++i) {
            const pid_t child = fork();
            if (child == 0) {
                auto opened = logbook::Book::open(book);
                if (!opened) _exit(int(opened.error().code) == int(units::ErrorCode::book_in_use) ? 0 : 1);
                bool in_use = false;
                for (const auto& n : opened->diagnostics())
                    in_use = in_use || n.code == units::DiagnosticCode::book_in_use;
                _exit(opened->is_writable() || in_use ? 0 : 2);
            }
            children.push_back(child);
        }
        for (const pid_t child : children) {
            int status = 0;
            waitpid(child, &status, 0);
            QVERIFY(WIFEXITED(status));
            QCOMPARE(WEXITSTATUS(status), 0);
        }
    }
    // Held by one that has not made it yet: waited for, then said.
    logbook::BookLock lock;
    QVERIFY(lock.take(path("half.sqlite")) == logbook::BookLock::Outcome::taken);
    const auto refused = logbook::Book::open(path("half.sqlite"));
    QVERIFY(!refused);
    QCOMPARE(int(refused.error().code), int(units::ErrorCode::book_in_use));
}

SOBREMESA_TEST(LogbookWorkerTest)
#include "tst_logbook_worker.moc"
