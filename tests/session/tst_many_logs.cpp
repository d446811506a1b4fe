// Many logs at once: files, folders and archives are understood, shown, and filed; what is known is not filed
// twice.

#include <QDir>
#include <QFile>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include "io/csv_log_writer.hpp"
#include "session/many_logs.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using session::ManyLogs;
using telemetry::Channel;

class ManyLogsTest : public QObject {
    Q_OBJECT
private slots:
    void init() {
        folder_ = std::make_unique<QTemporaryDir>();
        plans_ = std::make_unique<session::PlanSession>();
        workspace_ = std::make_unique<session::Workspace>(*plans_);
        QVERIFY(workspace_->openBook(folder_->filePath(QStringLiteral("book.sqlite"))).has_value());
        QDir(folder_->path()).mkpath(QStringLiteral("logs/deep"));
    }
    void cleanup() {
        workspace_->settle();
        workspace_.reset();
        plans_.reset();
    }
    void aFolderIsUnderstoodAndFiled();
    void whatIsKnownIsNotFiledTwice();
    void flightsOfOneFileAreFiledOneByOne();
    void theUnusableIsListed();
    void stoppingLosesNothing();
    void aCellsVoltsAreThoseOfThePackThatIsChosen();

private:
    /// A flight of so many minutes that began on a day of May.
    void write(const QString& name, int day, int rows = 301) {
        auto log = tests::made_log(rows);
        log.start_clock_s = 1777593600.0 + day * 86400.0;
        put(name, QByteArray::fromStdString(io::csv_from_log(log, io::LogStyle::radio)));
    }
    void put(const QString& name, const QByteArray& text) {
        QFile file(folder_->filePath(QStringLiteral("logs/") + name));
        if (!file.open(QIODevice::WriteOnly) || file.write(text) != text.size()) qFatal("cannot write");
    }
    std::string logs() const { return folder_->filePath(QStringLiteral("logs")).toStdString(); }
    void understand(ManyLogs& many, const std::vector<std::string>& paths) {
        QSignalSpy understood(&many, &ManyLogs::understood);
        many.understand(paths);
        QVERIFY(understood.count() > 0 || understood.wait(sobremesa::tests::patience_ms));
    }
    int file(ManyLogs& many) {
        QSignalSpy filed(&many, &ManyLogs::filed);
        book::KeptFlight flown;
        flown.flown = session::first_request();
        many.file(flown);
        if (filed.count() == 0 && !filed.wait(sobremesa::tests::patience_ms)) return -1;
        return filed.front().front().toInt();
    }

    std::unique_ptr<QTemporaryDir> folder_;
    std::unique_ptr<session::PlanSession> plans_;
    std::unique_ptr<session::Workspace> workspace_;
};

void ManyLogsTest::aFolderIsUnderstoodAndFiled() {
    write(QStringLiteral("second.csv"), 5);
    write(QStringLiteral("deep/first.csv"), 3, 601);
    ManyLogs many(*workspace_);
    understand(many, {logs()});
    QCOMPARE(many.flights().size(), std::size_t(2));
    // In the order flown.
    QVERIFY(QString::fromStdString(many.flights()[0].path).endsWith(QStringLiteral("first.csv")));
    VERIFY_NEAR(many.flights()[0].summary.duration_s, 600.0, 1e-6);
    VERIFY_NEAR(many.flights()[0].summary.distance.ground_m->value, 6000.0, 30.0);
    QCOMPARE(file(many), 2);
    QCOMPARE(workspace_->library().flights.size(), std::size_t(2));
    QCOMPARE(workspace_->summaries().size(), std::size_t(2));
    // One edit: undone at once.
    workspace_->undo();
    QCOMPARE(workspace_->library().flights.size(), std::size_t(0));
    workspace_->redo();
    // What was filed can be had from the book again.
    workspace_->settle();
    QVERIFY(workspace_->openBook(folder_->filePath(QStringLiteral("book.sqlite"))).has_value());
    QCOMPARE(workspace_->library().flights.size(), std::size_t(2));
    QCOMPARE(workspace_->logs().size(), std::size_t(2));
}

void ManyLogsTest::whatIsKnownIsNotFiledTwice() {
    write(QStringLiteral("one.csv"), 3);
    write(QStringLiteral("same-as-one.csv"), 3);
    write(QStringLiteral("other.csv"), 4);
    ManyLogs many(*workspace_);
    understand(many, {logs()});
    QCOMPARE(file(many), 2);
    write(QStringLiteral("new.csv"), 6);
    understand(many, {logs()});
    QCOMPARE(std::count_if(many.flights().begin(), many.flights().end(), [](const auto& f) { return f.known; }), 3);
    QCOMPARE(file(many), 1);
    QCOMPARE(workspace_->library().flights.size(), std::size_t(3));
}

void ManyLogsTest::flightsOfOneFileAreFiledOneByOne() {
    // Three flights one after another, the clock starting again with each.
    auto day = tests::made_log();
    for (int flight = 1; flight < 3; ++flight) {
        const auto next = tests::made_log();
        for (std::size_t c = 0; c < telemetry::channel_count; ++c)
            day.columns[c].insert(day.columns[c].end(), next.columns[c].begin(), next.columns[c].end());
        for (std::size_t i = 0; i < next.rows(); ++i) day.lines.push_back(std::uint32_t(day.lines.size() + 2));
    }
    put(QStringLiteral("day.csv"), QByteArray::fromStdString(io::csv_from_log(day, io::LogStyle::recorder)));
    ManyLogs many(*workspace_);
    understand(many, {logs()});
    QCOMPARE(many.flights().size(), std::size_t(3));
    many.setWanted(1, false);
    QCOMPARE(file(many), 2);
    QCOMPARE(workspace_->logs().size(), std::size_t(1)); // one log, two flights of it
    understand(many, {logs()});
    QVERIFY(!many.flights()[1].known && many.flights()[0].known && many.flights()[2].known);
}

void ManyLogsTest::theUnusableIsListed() {
    write(QStringLiteral("good.csv"), 3);
    put(QStringLiteral("prose.txt"), "Dear diary,\ntoday we flew far.\n");
    put(QStringLiteral("torn.zip"), "PK\3\4 none");
    ManyLogs many(*workspace_);
    understand(many, {logs()});
    QCOMPARE(many.flights().size(), std::size_t(3));
    QCOMPARE(std::count_if(many.flights().begin(), many.flights().end(), [](const auto& f) { return f.error; }), 2);
    QCOMPARE(file(many), 1);
    // Paths that are not there are refused before anything is read.
    QSignalSpy refused(&many, &ManyLogs::refused);
    many.understand({"/nowhere/at/all"});
    QCOMPARE(refused.count(), 1);
    QVERIFY(!many.is_running());
}

void ManyLogsTest::stoppingLosesNothing() {
    for (int i = 0; i < 12; ++i) write(QStringLiteral("f%1.csv").arg(i), 1 + i);
    ManyLogs many(*workspace_);
    understand(many, {logs()});
    QSignalSpy filed(&many, &ManyLogs::filed);
    QObject::connect(&many, &ManyLogs::progressed, &many, [&](double share) {
        if (share > 0.3) many.cancel();
    });
    book::KeptFlight flown;
    flown.flown = session::first_request();
    many.file(flown);
    QVERIFY(filed.count() > 0 || filed.wait(sobremesa::tests::patience_ms));
    const auto first = workspace_->library().flights.size();
    QVERIFY(first >= 3 && first < 12);
    ManyLogs again(*workspace_);
    understand(again, {logs()});
    QCOMPARE(file(again), int(12 - first));
    QCOMPARE(workspace_->library().flights.size(), std::size_t(12));
}

void ManyLogsTest::aCellsVoltsAreThoseOfThePackThatIsChosen() {
    QByteArray text("time (s),cell (V),amps\n");
    for (int i = 0; i <= 300; ++i) text += QByteArray::number(i) + (i % 2 == 0 ? ",4.01,6\n" : ",3.99,6\n");
    put(QStringLiteral("cells.csv"), text);
    for (const int thought : {4, 6}) {
        ManyLogs many(*workspace_);
        QSignalSpy understood(&many, &ManyLogs::understood);
        many.understand({logs()}, thought);
        QVERIFY(understood.count() > 0 || understood.wait(sobremesa::tests::patience_ms));
        VERIFY_NEAR(many.flights().front().summary.energy.energy_wh->value, 2.0 * thought, 0.01);
        many.setWanted(0, true);
        // Filed with a pack of four: where six were thought, it is to be read again.
        QCOMPARE(session::first_request().pack.series, 4);
        QCOMPARE(file(many), 1);
        QCOMPARE(workspace_->unread().size(), std::size_t(thought == 4 ? 0 : 1));
        workspace_->undo();
    }
}

SOBREMESA_TEST(ManyLogsTest)
#include "tst_many_logs.moc"
