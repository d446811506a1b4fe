#include <sys/stat.h>

#include <QFile>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include "io/kept_documents.hpp"
#include "io/pack_table.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"
#include "session/book_transfer.hpp"
#include "support/eventually.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::session;

namespace {

struct Laid {
    explicit Laid(const QString& path) : workspace(plans), importer(workspace) {
        if (!workspace.openBook(path)) qFatal("the book does not open");
    }
    /// Brings in what stands at a path, and waits.
    bool bringIn(const QString& path) {
        auto entries = read_book_document(path);
        if (!entries) return false;
        QSignalSpy finished(&importer, &LogbookImporter::finished);
        QSignalSpy refused(&importer, &LogbookImporter::refused);
        const QFileInfo file(path);
        importer.bringIn(std::move(*entries), file.isDir() ? path : file.absolutePath(), file.fileName());
        return sobremesa::tests::eventually([&] { return finished.count() + refused.count() > 0; }) &&
               finished.count() == 1;
    }
    PlanSession plans;
    Workspace workspace;
    LogbookImporter importer;
};

} // namespace

class BookTransferTest : public QObject {
    Q_OBJECT
private slots:
    void aWholeBookGoesOutAndComesBack();
    void onlyPacksComeFromTheirCsv();
    void theProgramsOwnTableIsRecognised();
    void aTableWithoutItsColumnsIsToldWhichOne();
    void whatAPlanBroughtTakesOnWhatTheBookKnows();
    void linksAreMovedToTheirNewNumbers();
    void aMissingLogIsSaidAndNothingComesIn();
    void oneBadRecordKeepsAllOut();
    void onlyPlainFilesBelowTheFolderComeIn_data();
    void onlyPlainFilesBelowTheFolderComeIn();
    void theSameLogUnderAnotherNameIsNoSecondLog();
    void anExportCanBeStopped();
    void flightsAreReadAgainOneAfterTheOther();
    void figuresOfAnotherModelAreNotTrusted();

private:
    QString file(const char* name) const { return folder_.filePath(QLatin1String(name)); }
    QTemporaryDir folder_;
};

void BookTransferTest::aWholeBookGoesOutAndComesBack() {
    Laid first(file("a.sqlite"));
    QVERIFY(first.bringIn(QStringLiteral(DEMO_DIR)));
    QCOMPARE(first.workspace.library().flights.size(), std::size_t(8));
    first.workspace.settle();
    {
        logbook::BookOptions look_only;
        look_only.read_only = true;
        auto book = logbook::Book::open(file("a.sqlite").toStdString(), look_only);
        double last = 0.0;
        QVERIFY(export_book(*book, file("out"), {}, [&](double share) { last = share; }));
        QCOMPARE(last, 1.0);
    }
    Laid second(file("b.sqlite"));
    QVERIFY(second.bringIn(file("out")));
    // Log by log, the same bytes.
    second.workspace.settle();
    logbook::BookOptions look_only;
    look_only.read_only = true;
    auto book = logbook::Book::open(file("b.sqlite").toStdString(), look_only);
    const auto contents = book->read();
    QCOMPARE(contents->logs.size(), std::size_t(8));
    for (const auto& log : contents->logs) {
        const QString name = QString::fromStdString(log.name).mid(2); // "1-…"
        QVERIFY(book->writeLog(log.id, file("copy.csv").toStdString()));
        QFile copy(file("copy.csv"));
        QFile raw(QStringLiteral(DEMO_DIR "/") + name);
        QVERIFY2(raw.open(QIODevice::ReadOnly) && copy.open(QIODevice::ReadOnly), qPrintable(name));
        QVERIFY(copy.readAll() == raw.readAll());
    }
}

void BookTransferTest::onlyPacksComeFromTheirCsv() {
    Laid laid(file("c.sqlite"));
    QVERIFY(laid.bringIn(file("out/packs.csv")));
    QCOMPARE(laid.workspace.library().packs.size(), std::size_t(4));
    QVERIFY(laid.workspace.library().aircraft.empty() && laid.workspace.library().flights.empty());
    QVERIFY(laid.bringIn(file("out/flights.csv")));
    // Without their logs, and without what they pointed to elsewhere.
    QCOMPARE(laid.workspace.library().flights.size(), std::size_t(8));
    for (const auto& [id, flight] : laid.workspace.library().flights) QVERIFY(!flight.log_id && !flight.pack_id);
}

void BookTransferTest::theProgramsOwnTableIsRecognised() {
    Laid laid(file("own.sqlite"));
    QVERIFY(laid.bringIn(QStringLiteral(DEMO_DIR)));
    const std::size_t before = laid.workspace.library().packs.size();
    std::vector<battery::Pack> packs;
    for (const auto& [id, kept] : laid.workspace.library().packs) packs.push_back(kept.pack);
    QVERIFY(io::write_text_file(file("own.csv").toStdString(), io::csv_from_packs(packs)));
    QVERIFY(laid.bringIn(file("own.csv")));
    QCOMPARE(laid.workspace.library().packs.size(), before);
    // One that is another by a gram comes in beside it.
    packs.resize(1);
    packs[0].mass_kg += 0.001;
    QVERIFY(io::write_text_file(file("own.csv").toStdString(), io::csv_from_packs(packs)));
    QVERIFY(laid.bringIn(file("own.csv")));
    QCOMPARE(laid.workspace.library().packs.size(), before + 1);
}

void BookTransferTest::aTableWithoutItsColumnsIsToldWhichOne() {
    QVERIFY(io::write_text_file(file("shop.csv").toStdString(),
                                "name,Chemistry,series,colour,mass_g\nA,Li-ion,4,green,190\n"));
    const auto read = read_book_document(file("shop.csv"));
    QVERIFY(!read);
    QCOMPARE(int(read.error().code), int(units::ErrorCode::value_missing));
    QCOMPARE(QString::fromStdString(read.error().where.field), QStringLiteral("cell_capacity_mah"));
}

void BookTransferTest::whatAPlanBroughtTakesOnWhatTheBookKnows() {
    // A plan file puts the bare aircraft and pack into the library; the book then knows their readings and sensor.
    Laid laid(file("enriched.sqlite"));
    laid.workspace.bringInPlan(io::read_plan_file(DEMO_DIR "/alcaravan-west.plan.json")->request);
    QCOMPARE(laid.workspace.library().packs.size(), std::size_t(1));
    QVERIFY(laid.bringIn(QStringLiteral(DEMO_DIR)));
    int named = 0;
    for (const auto& [id, kept] : laid.workspace.library().packs) {
        if (kept.pack.name != "B-07") continue;
        ++named;
        QVERIFY(!kept.readings.empty());
    }
    QCOMPARE(named, 1);
    QCOMPARE(laid.workspace.library().aircraft.size(), std::size_t(3));
    // One edit: undone, the list is as the plan left it.
    laid.workspace.undo();
    QCOMPARE(laid.workspace.library().packs.size(), std::size_t(1));
    QVERIFY(laid.workspace.library().packs.begin()->second.readings.empty());
}

void BookTransferTest::linksAreMovedToTheirNewNumbers() {
    Laid laid(file("d.sqlite"));
    for (int i = 0; i < 5; ++i) laid.workspace.newId(); // other numbers than in the document
    QVERIFY(laid.bringIn(QStringLiteral(DEMO_DIR)));
    for (const auto& [id, flight] : laid.workspace.library().flights) {
        QVERIFY(id > 5);
        QCOMPARE(laid.workspace.library().packs.at(*flight.pack_id).pack.name, flight.flown.pack.name);
        QCOMPARE(laid.workspace.library().aircraft.at(*flight.aircraft_id).aircraft.name,
                 flight.flown.aircraft.name);
    }
}

void BookTransferTest::aMissingLogIsSaidAndNothingComesIn() {
    QDir().mkpath(file("thin"));
    QVERIFY(QFile::copy(QStringLiteral(DEMO_DIR "/book.json"), file("thin/book.json")));
    Laid laid(file("e.sqlite"));
    QSignalSpy refused(&laid.importer, &LogbookImporter::refused);
    QVERIFY(!laid.bringIn(file("thin")));
    QCOMPARE(refused.count(), 1);
    QCOMPARE(int(refused[0][0].value<units::Error>().code), int(units::ErrorCode::file_not_found));
    QVERIFY(laid.workspace.library().packs.empty());
    QVERIFY(!laid.workspace.nextUndo());
}

void BookTransferTest::oneBadRecordKeepsAllOut() {
    QFile bad(file("book.json"));
    QVERIFY(bad.open(QIODevice::WriteOnly));
    bad.write("{\"format\":\"sobremesa-book\",\"version\":1,\"records\":["
              "{\"kind\":\"pack\",\"id\":1,\"document\":{\"format\":\"sobremesa-pack\",\"version\":1,\"chemistry\":"
              "\"lipo\","
              "\"series\":4,\"cell_capacity_ah\":2.2,\"mass_kg\":0.2}},"
              "{\"kind\":\"pack\",\"id\":2,\"document\":{\"format\":\"sobremesa-pack\",\"version\":1,\"chemistry\":"
              "\"lipo\","
              "\"series\":4,\"cell_capacity_ah\":2.2,\"mass_kg\":-3}}]}");
    bad.close();
    Laid laid(file("f.sqlite"));
    QVERIFY(!laid.bringIn(file("book.json")));
    QVERIFY(laid.workspace.library().packs.empty());
}

void BookTransferTest::onlyPlainFilesBelowTheFolderComeIn_data() {
    QTest::addColumn<QString>("log_file");
    QTest::addColumn<bool>("comes");
    QTest::newRow("below") << "logs/ok.csv" << true;
    QTest::newRow("round about, and below") << "logs/../logs/ok.csv" << true;
    QTest::newRow("above") << "../../../../../../etc/passwd" << false;
    QTest::newRow("absolute") << "/etc/passwd" << false;
    QTest::newRow("beside the folder") << "../outside.csv" << false;
    QTest::newRow("above and not there") << "../nowhere.csv" << false;
    QTest::newRow("a link out") << "logs/link.csv" << false;
    QTest::newRow("a link to nothing") << "logs/dangling.csv" << false;
    QTest::newRow("a link to a device") << "logs/zero.csv" << false;
    QTest::newRow("a pipe") << "logs/pipe.csv" << false;
    QTest::newRow("a folder") << "logs" << false;
}

void BookTransferTest::onlyPlainFilesBelowTheFolderComeIn() {
    QFETCH(QString, log_file);
    QFETCH(bool, comes);
    QTemporaryDir folder;
    const QDir dir(folder.filePath(QStringLiteral("in")));
    QVERIFY(dir.mkpath(QStringLiteral("logs")));
    const auto put = [](const QString& path, const QByteArray& text) {
        QFile out(path);
        QVERIFY(out.open(QIODevice::WriteOnly) && out.write(text) == text.size());
    };
    put(dir.filePath(QStringLiteral("logs/ok.csv")), "time,voltage\n0,16\n");
    put(folder.filePath(QStringLiteral("outside.csv")), "time,voltage\n0,16\n");
    QVERIFY(
        QFile::link(folder.filePath(QStringLiteral("outside.csv")), dir.filePath(QStringLiteral("logs/link.csv"))));
    QVERIFY(QFile::link(folder.filePath(QStringLiteral("nothing.csv")),
                        dir.filePath(QStringLiteral("logs/dangling.csv"))));
    QVERIFY(QFile::link(QStringLiteral("/dev/zero"), dir.filePath(QStringLiteral("logs/zero.csv"))));
    QCOMPARE(mkfifo(dir.filePath(QStringLiteral("logs/pipe.csv")).toLocal8Bit().constData(), 0600), 0);
    book::KeptFlight flight;
    flight.flown = tests::sample_request();
    io::BookEntry entry{"flight", 1, io::json_from(flight), log_file.toStdString(), std::nullopt};
    put(dir.filePath(QStringLiteral("book.json")), QByteArray::fromStdString(io::json_from_book({entry})));
    Laid laid(file("paths.sqlite"));
    QSignalSpy refused(&laid.importer, &LogbookImporter::refused);
    const auto logs_before = laid.workspace.logs().size();
    QCOMPARE(laid.bringIn(dir.path()), comes);
    if (comes) return;
    QCOMPARE(laid.workspace.logs().size(), logs_before);
    const auto error = refused[0][0].value<units::Error>();
    QCOMPARE(int(error.code), int(units::ErrorCode::import_path_refused));
    QCOMPARE(std::get<std::string>(error.parameters[0].value), log_file.toStdString());
}

void BookTransferTest::theSameLogUnderAnotherNameIsNoSecondLog() {
    Laid laid(file("same.sqlite"));
    const auto put = [this](const char* name, const QByteArray& text) {
        QFile out(file(name));
        QVERIFY(out.open(QIODevice::WriteOnly) && out.write(text) == text.size());
    };
    put("one.csv", "time,voltage\n0,16.1\n");
    put("two.csv", "time,voltage\n0,16.1\n");
    put("onf.csv", "time,voltage\n0,16.2\n"); // as long, and another
    book::KeptFlight flight;
    flight.flown = tests::sample_request();
    std::vector<io::BookEntry> entries;
    for (const char* name : {"one.csv", "two.csv", "onf.csv"}) {
        flight.name = name;
        entries.push_back({"flight", std::int64_t(entries.size()) + 1, io::json_from(flight), name, std::nullopt});
    }
    put("book.json", QByteArray::fromStdString(io::json_from_book(entries)));
    QVERIFY(laid.bringIn(file("book.json")));
    QCOMPARE(laid.workspace.logs().size(), std::size_t(2));
    std::map<std::string, Id> log_of;
    for (const auto& [id, kept] : laid.workspace.library().flights) log_of[kept.name] = *kept.log_id;
    QCOMPARE(log_of["one.csv"], log_of["two.csv"]);
    QVERIFY(log_of["onf.csv"] != log_of["one.csv"]);
}

void BookTransferTest::anExportCanBeStopped() {
    logbook::BookOptions look_only;
    look_only.read_only = true;
    auto book = logbook::Book::open(file("a.sqlite").toStdString(), look_only);
    std::stop_source stop;
    const auto done = export_book(*book, file("half"), stop.get_token(), [&](double) { stop.request_stop(); });
    QVERIFY(!done);
    QCOMPARE(int(done.error().code), int(units::ErrorCode::cancelled));
    // A folder with a book.json is whole; this one has none.
    QVERIFY(!QFile::exists(file("half/book.json")));
}

void BookTransferTest::flightsAreReadAgainOneAfterTheOther() {
    Laid laid(file("a.sqlite"));
    QCOMPARE(laid.workspace.unread().size(), std::size_t(8)); // the demo's document has no figures
    FlightReader reader(laid.workspace);
    QSignalSpy finished(&reader, &FlightReader::finished);
    QSignalSpy progressed(&reader, &FlightReader::progressed);
    reader.read(laid.workspace.unread());
    EVENTUALLY_EQUAL(finished.count(), 1);
    QCOMPARE(finished[0][0].toInt(), 8);
    QCOMPARE(progressed.count(), 8);
    QVERIFY(laid.workspace.unread().empty());
    for (const auto& [id, summary] : laid.workspace.summaries()) QVERIFY(summary.duration_s > 600.0);
}

void BookTransferTest::figuresOfAnotherModelAreNotTrusted() {
    Id id = 0;
    {
        Laid laid(file("a.sqlite"));
        QVERIFY(laid.workspace.unread().empty()); // kept from the reading before
        id = laid.workspace.library().flights.begin()->first;
    }
    {
        auto book = logbook::Book::open(file("a.sqlite").toStdString());
        QVERIFY(book->put(logbook::Figures{id, "log 1, model 0", io::json_from(io::KeptFigures{})}));
    }
    Laid laid(file("a.sqlite"));
    QCOMPARE(laid.workspace.unread(), std::vector<Id>{id});
}

SOBREMESA_TEST(BookTransferTest)
#include "tst_book_transfer.moc"
