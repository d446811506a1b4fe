// The Logbook: flights, bests, filters, removal, re-reading, and the book's own file.

#include <QAction>
#include <QLineEdit>
#include <QPushButton>

#include "app/charts/homeward_chart.hpp"
#include "app/map/map_view.hpp"
#include "app/opened_window.hpp"
#include "app/places/logbook/logbook_place.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/kept_documents.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;
using units::Quantity;

class LogbookPlaceTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void init();
    void cleanupTestCase() { window_.reset(); }
    void emptyLogbookSaysWhatBelongsHere();
    void flightsStandWithTheirFigures();
    void personalBestsAreAmongThoseShown();
    void aPackShowsItsCycles();
    void sortsByValue();
    void findsByText();
    void aFlightOpensInDebrief();
    void removalIsUndone();
    void lostFiguresAreReadAgainFromTheLog();
    void exportsAndBringsInTheWholeBook();
    void backsUpAndRestores();
    void aDamagedBackupRestoresNothing();
    void tracksOfAllThenTheChosenFlight();
    void aThousandFlightsAreShown();

private:
    LogbookPlace& place() { return (*window_)->logbookPlace(); }
    DataTable& table() { return place().table(); }
    QString text(int row, int column) { return table().model()->index(row, column).data().toString(); }
    std::optional<units::Explanation> best(const char* what) {
        for (const auto* number : place().findChildren<ExplainedNumber*>()) {
            if (number->isVisible() && number->accessibleName().startsWith(QLatin1String(what)))
                return number->explanation();
        }
        return std::nullopt;
    }
    session::Id flight(const char* name) {
        for (const auto& [id, kept] : (*window_)->workspace().library().flights) {
            if (kept.name == name) return id;
        }
        qFatal("no such flight");
    }
    std::unique_ptr<OpenedWindow> window_;
};

void LogbookPlaceTest::initTestCase() {
    Look::instance().setTheme(day_theme());
    window_ = std::make_unique<OpenedWindow>();
    window_->bringInFlights();
}

void LogbookPlaceTest::init() {
    (*window_)->showPlace(Place::logbook);
    window_->find<QLineEdit>("logbookFind")->clear();
    for (const char* box : {"logbookAircraft", "logbookPack"}) {
        auto* choice = window_->find<ChoiceBox>(box);
        choice->setCurrentIndex(0);
        emit choice->activated(0);
    }
    table().sortByColumn(0, Qt::DescendingOrder);
    QTest::qWait(10);
}

void LogbookPlaceTest::emptyLogbookSaysWhatBelongsHere() {
    const QTemporaryDir folder;
    MainWindow fresh(folder.path(), folder.filePath(QStringLiteral("logbook.sqlite")));
    fresh.show();
    QVERIFY(QTest::qWaitForWindowExposed(&fresh));
    QTest::keyClick(&fresh, Qt::Key_7, Qt::ControlModifier);
    QCOMPARE(int(fresh.place()), int(Place::logbook));
    auto* lay_open = fresh.findChild<QPushButton*>(QStringLiteral("logbookDebriefButton"));
    QVERIFY(lay_open->isVisible());
    QTest::mouseClick(lay_open, Qt::LeftButton);
    QCOMPARE(int(fresh.place()), int(Place::debrief));
}

void LogbookPlaceTest::flightsStandWithTheirFigures() {
    QCOMPARE(table().model()->rowCount(), 8);
    QCOMPARE(text(0, 0), QStringLiteral("2026-06-20 09:15"));
    QCOMPARE(text(1, 0), QStringLiteral("2026-05-23 10:50"));
    QCOMPARE(text(7, 1), QStringLiteral("calm"));
    QCOMPARE(text(7, 2), QString::fromUtf8("Alcaraván"));
    const auto& q = Look::instance().quantities();
    const auto& summary = (*window_)->workspace().summaries().at(flight("calm"));
    QCOMPARE(text(7, 5), q.text(Quantity::ground_distance, *summary.distance.ground_m));
    // Every figure read from a log says why; what the pilot wrote does not.
    // What the sun carried used nothing, and so has no consumption.
    QCOMPARE(text(0, 8), QString::fromUtf8("–"));
    for (int row = 1; row < 8; ++row) {
        for (const int column : {4, 5, 6, 7, 8, 9, 13, 14})
            QVERIFY(table().model()->index(row, column).data(explanation_role).isValid());
        for (const int column : {0, 1, 2, 3, 10, 11, 12})
            QVERIFY(!table().model()->index(row, column).data(explanation_role).isValid());
    }
    QVERIFY(window_->said("logbookPath").contains((*window_)->workspace().worker().path()));
}

void LogbookPlaceTest::personalBestsAreAmongThoseShown() {
    QVERIFY(best("farthest: calm"));
    QCOMPARE(int(best("farthest: calm")->quantity), int(Quantity::farthest_from_home));
    QVERIFY(best("longest"));
    QVERIFY(best("most efficient: thermals"));
    auto* aircraft = window_->find<ChoiceBox>("logbookAircraft");
    aircraft->setFocus();
    QTest::keyClick(aircraft, Qt::Key_End);
    QTest::keyClick(aircraft, Qt::Key_Up); // Tarabilla, or Alcaraván
    emit aircraft->activated(aircraft->currentIndex());
    const int shown = table().model()->rowCount();
    QVERIFY(shown == 3 || shown == 4);
    QVERIFY(window_->said("logbookCount").contains(QStringLiteral("of 8")));
    const QString name = aircraft->currentText();
    for (int row = 0; row < shown; ++row) QCOMPARE(text(row, 2), name);
    if (shown == 3) QVERIFY(best("farthest: quarry and back"));
}

void LogbookPlaceTest::aPackShowsItsCycles() {
    auto* pack = window_->find<ChoiceBox>("logbookPack");
    pack->setCurrentIndex(pack->findText(QStringLiteral("C-01")));
    emit pack->activated(pack->currentIndex());
    QCOMPARE(table().model()->rowCount(), 2);
    const auto cycles = best("of this pack");
    QVERIFY(cycles);
    // Two flights, recharged with 2.58 and 1.74 Ah, on 4.35 Ah.
    VERIFY_NEAR(cycles->value.value, (2.58 + 1.74) / 4.35, 0.02);
    QCOMPARE(cycles->inputs.size(), std::size_t(2));
}

void LogbookPlaceTest::sortsByValue() {
    table().sortByColumn(5, Qt::AscendingOrder);
    double last = -2.0;
    for (int row = 0; row < 8; ++row) {
        const double value = table().model()->index(row, 5).data(sort_role).toDouble();
        QVERIFY(value >= last);
        last = value;
    }
    // Dashes stand together, below everything known.
    table().sortByColumn(10, Qt::AscendingOrder);
    QCOMPARE(text(0, 10), QString::fromUtf8("–"));
    QCOMPARE(text(1, 10), QString::fromUtf8("–"));
    QCOMPARE(text(2, 10), QString::fromUtf8("–"));
    QVERIFY(text(3, 10) != QString::fromUtf8("–"));
}

void LogbookPlaceTest::findsByText() {
    auto* find = window_->find<QLineEdit>("logbookFind");
    find->setFocus();
    QTest::keyClicks(find, QStringLiteral("LIPO"));
    QCOMPARE(table().model()->rowCount(), 2); // in a name, and in a note
    QTest::keyClicks(find, QStringLiteral("-nothing"));
    QCOMPARE(table().model()->rowCount(), 0);
    (*window_)->grab();
}

void LogbookPlaceTest::aFlightOpensInDebrief() {
    place().choose(flight("three hills"));
    QTest::mouseClick(window_->find<QPushButton>("logbookOpen"), Qt::LeftButton);
    EVENTUALLY_EQUAL(int((*window_)->place()), int(Place::debrief));
    QCOMPARE((*window_)->flightSession().flight().note, std::string("video dropped out behind the second hill"));
    QVERIFY((*window_)->debriefSession().debrief()->clean.rows_set_aside > 0);
    QVERIFY(window_->said("debriefFile").startsWith(QStringLiteral("2026-05-16-alcaravan-three-hills.csv")));
}

void LogbookPlaceTest::removalIsUndone() {
    place().choose(flight("calm"));
    QTest::mouseClick(window_->find<QPushButton>("logbookRemove"), Qt::LeftButton);
    QCOMPARE(table().model()->rowCount(), 7);
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("Ctrl+Z")));
    auto* undo = (*window_)->findChild<QAction*>(QStringLiteral("undoAction"));
    QVERIFY(undo->text().contains(QStringLiteral("remove flight “calm”")));
    undo->trigger();
    QCOMPARE(table().model()->rowCount(), 8);
    // With its figures: nothing need be read again.
    QVERIFY(table().model()->index(7, 5).data(explanation_role).isValid());
    // Several at once are one edit.
    (*window_)->workspace().removeFlights({flight("calm"), flight("thermals")});
    QCOMPARE(table().model()->rowCount(), 6);
    undo->trigger();
    QCOMPARE(table().model()->rowCount(), 8);
}

void LogbookPlaceTest::lostFiguresAreReadAgainFromTheLog() {
    const auto id = flight("calm");
    const auto before = (*window_)->workspace().summaries().at(id);
    telemetry::LogSummary wrong;
    wrong.duration_s = 1.0;
    (*window_)->workspace().setSummary(id, wrong);
    place().choose(id);
    QTest::mouseClick(window_->find<QPushButton>("logbookReread"), Qt::LeftButton);
    EVENTUALLY(!(*window_)->flightReader().is_running());
    auto kept = before;
    kept.track = {};
    QCOMPARE(io::json_from(io::KeptFigures{(*window_)->workspace().summaries().at(id), {}}),
             io::json_from(io::KeptFigures{kept, {}}));
}

void LogbookPlaceTest::exportsAndBringsInTheWholeBook() {
    const QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    (*window_)->exportBook(out);
    EVENTUALLY((*window_)->messages().text().contains(QStringLiteral("Exported")));
    MainWindow other(folder.path(), folder.filePath(QStringLiteral("other.sqlite")));
    other.show();
    other.openFile(QDir(out).filePath(QStringLiteral("book.json"))); // as if it had been dropped
    EVENTUALLY(!other.importer().is_running() && other.workspace().library().flights.size() == 8);
    QCOMPARE(other.workspace().summaries().size(), std::size_t(8));
    QCOMPARE(other.workspace().library().packs.size(), (*window_)->workspace().library().packs.size());
    for (const auto& [id, flight] : other.workspace().library().flights) {
        QVERIFY(flight.log_id);
        QVERIFY(flight.pack_id && other.workspace().library().packs.contains(*flight.pack_id));
        QCOMPARE(other.workspace().library().packs.at(*flight.pack_id).pack.name, flight.flown.pack.name);
    }
    // Once more brings in nothing; one undo takes all of it out.
    other.bringIn(out);
    EVENTUALLY(other.messages().text().contains(QStringLiteral("0 entries")));
    other.workspace().undo();
    QVERIFY(other.workspace().library().flights.empty());
}

void LogbookPlaceTest::backsUpAndRestores() {
    const QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("logbook.sqlite"));
    const QString backup = folder.filePath(QStringLiteral("backup.sqlite"));
    MainWindow window(folder.path(), book);
    window.show();
    window.packsPlace();
    const auto pack = *window.workspace().put(logbook::EditKind::add_pack, std::nullopt,
                                              book::KeptPack{session::first_request().pack, "before", false});
    window.backUpBook(backup);
    EVENTUALLY(window.messages().text().contains(QStringLiteral("Backed up")));
    window.workspace().remove(logbook::EditKind::remove_pack, logbook::Kind::pack, pack);
    QVERIFY(window.workspace().library().packs.empty());
    window.restoreBook(backup);
    QCOMPARE(window.workspace().library().packs.size(), std::size_t(1));
    QCOMPARE(window.workspace().library().packs.begin()->second.note, std::string("before"));
    QVERIFY(window.workspace().worker().is_writable());
    QCOMPARE(window.workspace().worker().path(), book);
    // The book as it was is not lost either.
    QCOMPARE(QDir(folder.path())
                 .entryList({QStringLiteral("*.before-restore-*")})
                 .filter(QRegularExpression(QStringLiteral("Z$")))
                 .size(),
             1);
}

void LogbookPlaceTest::aDamagedBackupRestoresNothing() {
    const QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("logbook.sqlite"));
    MainWindow window(folder.path(), book);
    window.show();
    QVERIFY(window.workspace().put(logbook::EditKind::add_pack, std::nullopt,
                                   book::KeptPack{session::first_request().pack, {}, false}));
    QFile bad(folder.filePath(QStringLiteral("bad.sqlite")));
    QVERIFY(bad.open(QIODevice::WriteOnly));
    bad.write(QByteArray(9000, 'x'));
    bad.close();
    window.restoreBook(bad.fileName());
    QVERIFY(window.messages().text().contains(QStringLiteral("damaged")));
    QCOMPARE(window.workspace().library().packs.size(), std::size_t(1));
    QVERIFY(window.workspace().worker().is_writable());
}

/// Under the table: every track out of the figures, then one flight's own, with its homeward chart.
void LogbookPlaceTest::tracksOfAllThenTheChosenFlight() {
    table().clearSelection();
    auto* map = window_->find<MapView>("logbookMap");
    auto* chart = window_->find<HomewardChart>("logbookChart");
    const auto words = [&] { return window_->said("logbookPictureWords"); };
    QVERIFY(map->isVisible() && !chart->isVisible());
    QVERIFY2(words().startsWith(QStringLiteral("8 tracks")), qPrintable(words()));
    // The way to the farthest point is the flight's own, thinned or not.
    const auto& summary = (*window_)->workspace().summaries().at(flight("calm"));
    QVERIFY(summary.outline.size() > 20 && summary.outline.size() <= telemetry::most_outline_points);
    double farthest_m = 0.0;
    for (const auto& point : summary.outline) farthest_m = std::max(farthest_m, geodesy::distance_m(point, {}));
    VERIFY_NEAR(farthest_m, summary.distance.farthest_from_home_m->value, 30.0);
    const auto all = map->grab().toImage();
    place().choose(flight("calm"));
    QVERIFY(sobremesa::tests::eventually([&] { return place().preview().is_settled() && chart->isVisible(); }));
    QVERIFY2(words().startsWith(QStringLiteral("calm: ")) && words().contains(QStringLiteral("margin")),
             qPrintable(words()));
    QVERIFY(map->grab().toImage() != all);
    // What it shows is what Debrief works out.
    const auto shown = place().preview().picture();
    QVERIFY(shown && shown->flown);
    (*window_)->openFlight(flight("calm"));
    auto& debrief = (*window_)->flightSession();
    QVERIFY(sobremesa::tests::eventually([&] {
        return debrief.filed() == flight("calm") && debrief.flown().is_settled() && debrief.overForecast();
    }));
    const auto debriefed = debrief.overForecast();
    VERIFY_NEAR(shown->flown->least_margin_wh(), debriefed->least_margin_wh(), 1e-6);
    (*window_)->showPlace(Place::logbook);
    // Another one while the first is still read: only the last is shown.
    for (const char* name : {"west wind", "three hills", "thermals"}) place().choose(flight(name));
    QVERIFY(sobremesa::tests::eventually([&] { return place().preview().picture() != nullptr; }));
    QCOMPARE(place().preview().picture()->flight_id, flight("thermals"));
    QVERIFY(words().startsWith(QStringLiteral("thermals: ")));
    // One that is removed while it is read, and while the table is out of sight.
    place().choose(flight("calm"));
    (*window_)->showPlace(Place::plan);
    (*window_)->workspace().removeFlights({flight("calm")});
    QVERIFY(sobremesa::tests::eventually([&] { return place().preview().is_settled(); }));
    (*window_)->showPlace(Place::logbook);
    window_->find<QAction>("undoAction")->trigger();
    QVERIFY(sobremesa::tests::eventually([&] { return table().model()->rowCount() == 8; }));
    table().clearSelection();
    QVERIFY(words().startsWith(QStringLiteral("8 tracks")));
    QVERIFY(!chart->isVisible());
    // A filter thins the tracks too.
    window_->find<QLineEdit>("logbookFind")->setText(QStringLiteral("Tarabilla"));
    QVERIFY2(words().startsWith(QStringLiteral("3 tracks")), qPrintable(words()));
}

void LogbookPlaceTest::aThousandFlightsAreShown() {
    auto& workspace = (*window_)->workspace();
    const auto model = workspace.library().flights.begin()->second;
    const auto summary = workspace.summaries().begin()->second;
    std::vector<logbook::RecordChange> changes;
    std::vector<std::pair<session::Id, telemetry::LogSummary>> summaries;
    for (int i = 0; i < 1000; ++i) {
        auto kept = model;
        kept.name = "flight " + std::to_string(i);
        kept.log_id.reset();
        const auto id = workspace.newId();
        changes.push_back({logbook::Kind::flight, id, std::nullopt, io::json_from(kept)});
        summaries.emplace_back(id, summary);
    }
    workspace.make(logbook::EditKind::bring_in, "a thousand", std::move(changes));
    workspace.setSummaries(summaries);
    QCOMPARE(table().model()->rowCount(), 1008);
    (*window_)->grab();
    workspace.undo();
    QCOMPARE(table().model()->rowCount(), 8);
}

SOBREMESA_TEST(LogbookPlaceTest)
#include "tst_logbook_place.moc"
