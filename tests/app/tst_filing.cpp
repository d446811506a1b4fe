// From a dropped log to a filed flight, its edits, and its neighbours.

#include <QLineEdit>
#include <QPushButton>

#include <future>

#include "app/charts/homeward_chart.hpp"
#include "app/opened_window.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/shell/commands.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/number_field.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

class FilingTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void aLogIsFiledByKeyboard();
    void theLogIsKeptWhole();
    void whatOnlyThePilotKnowsIsKeptWithIt();
    void nonsenseIsMarkedWhereTyped();
    void aFiledFlightFollowsItsPack();
    void theSameLogIsNotFiledTwice();
    void anotherLogOpenedWhileFilingChangesNothing();
    void undoTakesTheFlightOutAndTheLogStaysOnTheTable();
    void theFlownChartLiesOverItsForecast();
    void aLogWithoutCurrentHasNoFlownChart();
    void neighboursOpenInTheOrderOfTheDay();
    void aBookThatCannotBeWrittenSaysSo();

private:
    void file() {
        (*window_)->flightSession().file();
        EVENTUALLY((*window_)->flightSession().filed().has_value());
    }
    const book::KeptFlight& kept() {
        return (*window_)->workspace().library().flights.at(*(*window_)->flightSession().filed());
    }
    std::unique_ptr<OpenedWindow> window_;
};

void FilingTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    window_ = std::make_unique<OpenedWindow>();
}

void FilingTest::aLogIsFiledByKeyboard() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    QVERIFY(window_->find<QPushButton>("fileFlightButton")->isVisible());
    QTest::keyClick(&**window_, Qt::Key_F, Qt::ControlModifier);
    EVENTUALLY((*window_)->flightSession().filed().has_value());
    QVERIFY(!window_->find<QPushButton>("fileFlightButton")->isVisible());
    QVERIFY(window_->said("flightState").contains(QStringLiteral("In the logbook")));
    // Flown with what the open plan flies with, on the day of the log's clock.
    QCOMPARE(kept().flown.aircraft.name, std::string("Alcaraván"));
    QCOMPARE(kept().pack_id,
             (*window_)->workspace().library().plans.at(*(*window_)->workspace().openPlanId()).pack_id);
    QCOMPARE(*kept().start_clock_s, 1775898120.0);
    QVERIFY(!kept().filed_utc.empty());
    VERIFY_NEAR(kept().flown.mission.bearing_deg, 262.0, 1.0); // as it was flown
    VERIFY_NEAR(kept().flown.mission.height_m, 90.0, 8.0);
    QVERIFY((*window_)->workspace().summaries().contains(*(*window_)->flightSession().filed()));
}

void FilingTest::theLogIsKeptWhole() {
    window_->openLog("2026-05-16-alcaravan-three-hills.csv");
    file();
    (*window_)->workspace().settle();
    QTemporaryDir folder;
    const QString copy = folder.filePath(QStringLiteral("copy.csv"));
    bool written = false;
    (*window_)->workspace().worker().run<bool>(
        &(*window_)->workspace(),
        [&, id = *kept().log_id](logbook::Book& book, std::stop_token) {
            return book.writeLog(id, copy.toStdString()).has_value();
        },
        [&](bool done) { written = done; });
    EVENTUALLY(written);
    QFile out(copy);
    QFile raw(QStringLiteral(DEMO_DIR "/2026-05-16-alcaravan-three-hills.csv"));
    QVERIFY(out.open(QIODevice::ReadOnly) && raw.open(QIODevice::ReadOnly));
    QVERIFY(out.readAll() == raw.readAll());
}

void FilingTest::whatOnlyThePilotKnowsIsKeptWithIt() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    auto* name = window_->find<QLineEdit>("flightName");
    auto* recharged = window_->find<NumberField>("flightRecharged");
    auto* note = window_->find<QLineEdit>("flightNote");
    name->setFocus();
    name->selectAll();
    QTest::keyClicks(name, QStringLiteral("first of the year"));
    recharged->setFocus();
    QTest::keyClicks(recharged, QStringLiteral("1 340"));
    file();
    QCOMPARE(kept().name, std::string("first of the year"));
    VERIFY_NEAR(*kept().recharged_ah, 1.34, 1e-9);
    // What is written afterwards is kept as well.
    note->setFocus();
    QTest::keyClicks(note, QStringLiteral("hands cold"));
    QCOMPARE(kept().note, std::string("hands cold"));
    recharged->setFocus();
    recharged->selectAll();
    QTest::keyClick(recharged, Qt::Key_Backspace);
    QVERIFY(!kept().recharged_ah);
    // Weather and pack are words of the sentence, and edits of the flight.
    auto request = (*window_)->flightSession().flown().request();
    request.weather.wind = {6.5, 200.0};
    QVERIFY(!(*window_)->flightSession().flown().setRequest(request));
    QCOMPARE(kept().flown.weather.wind.speed_mps, 6.5);
    QCOMPARE((*window_)->workspace().nextUndo()->what, std::string("change-flight"));
    (*window_)->workspace().undo();
    QVERIFY(kept().flown.weather.wind.speed_mps != 6.5);
    EVENTUALLY((*window_)->flightSession().flown().request().weather.wind.speed_mps != 6.5);
    // The plan's own weather was never touched.
    QCOMPARE((*window_)->planSession().request().weather.wind.speed_mps, 4.2);
}

void FilingTest::nonsenseIsMarkedWhereTyped() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    auto* recharged = window_->find<NumberField>("flightRecharged");
    recharged->setFocus();
    for (const char* typed : {"lots", "-50", "99999999999"}) {
        recharged->selectAll();
        QTest::keyClicks(recharged, QLatin1String(typed));
        QVERIFY2(recharged->property("wrong").toBool(), typed);
    }
    recharged->selectAll();
    QTest::keyClicks(recharged, QStringLiteral("1340"));
    QVERIFY(!recharged->property("wrong").toBool());
    VERIFY_NEAR(*(*window_)->flightSession().flight().recharged_ah, 1.34, 1e-9);
}

void FilingTest::aFiledFlightFollowsItsPack() {
    window_->openLog("2026-05-02-tarabilla-landed-at-3v5.csv");
    file();
    auto& workspace = (*window_)->workspace();
    for (const auto& [id, pack] : workspace.library().packs) {
        if (pack.pack.name == "C-01") (*window_)->flightSession().choosePack(id);
    }
    QCOMPARE(kept().flown.pack.name, std::string("C-01"));
    QVERIFY(window_->said("debriefSentence").contains(QStringLiteral("remained")));
    (*window_)->showPlace(Place::packs);
    QCOMPARE(workspace.packUse(*kept().pack_id).flights, 1);
    VERIFY_NEAR(workspace.packUse(*kept().pack_id).full_cycles, 2.55 / 4.35, 0.02);
}

void FilingTest::theSameLogIsNotFiledTwice() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    file();
    const auto id = *(*window_)->flightSession().filed();
    window_->openLog("2026-04-18-alcaravan-west-wind.csv");
    QVERIFY(!(*window_)->flightSession().filed());
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    QCOMPARE((*window_)->flightSession().filed(), std::optional(id));
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("already")));
    (*window_)->flightSession().file();
    QTest::qWait(50);
    QCOMPARE((*window_)->workspace().library().flights.size(), std::size_t(1));
}

void FilingTest::anotherLogOpenedWhileFilingChangesNothing() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    // The logbook worker is busy: whatever is filed waits behind this.
    std::promise<void> busy;
    (*window_)->workspace().worker().run<int>(
        &(*window_)->workspace(),
        [until = busy.get_future().share()](logbook::Book&, std::stop_token) {
            until.wait();
            return 0;
        },
        [](int) {});
    auto& flight = (*window_)->flightSession();
    flight.setNote(QStringLiteral("calm as said"));
    flight.file();
    flight.setRecharged(1.234);
    const std::string name = flight.flight().name;
    const double wind_mps = flight.flight().flown.weather.wind.speed_mps;
    window_->openLog("2026-05-09-tarabilla-quarry-and-back.csv");
    QVERIFY(flight.flight().name != name);
    busy.set_value();
    EVENTUALLY_EQUAL((*window_)->workspace().library().flights.size(), std::size_t(1));
    EVENTUALLY(!flight.is_filing());
    const auto& kept = (*window_)->workspace().library().flights.begin()->second;
    QCOMPARE(kept.name, name);
    QCOMPARE(kept.note, std::string("calm as said"));
    // What was said while it was being filed counts, too.
    QVERIFY(kept.recharged_ah.has_value());
    VERIFY_NEAR(*kept.recharged_ah, 1.234, 1e-12);
    QCOMPARE(kept.flown.weather.wind.speed_mps, wind_mps);
    // The other log is on the table, not filed.
    QVERIFY(!flight.filed());
    QVERIFY(flight.flight().note.empty());
}

void FilingTest::undoTakesTheFlightOutAndTheLogStaysOnTheTable() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    file();
    // What it taught its pack and its aircraft are edits of their own, and go first.
    const auto pack_fitted = [&] {
        const auto& packs = (*window_)->workspace().library().packs;
        return std::ranges::any_of(packs, [](const auto& p) { return p.second.pack.known.has_value(); });
    };
    const auto aircraft_fitted = [&] {
        const auto& aircraft = (*window_)->workspace().library().aircraft;
        return std::ranges::any_of(aircraft, [](const auto& a) { return a.second.aircraft.curve.has_value(); });
    };
    EVENTUALLY(pack_fitted() && aircraft_fitted());
    for (int taught = 0; taught < 2; ++taught) (*window_)->workspace().undo();
    QVERIFY(!pack_fitted() && !aircraft_fitted());
    QCOMPARE((*window_)->workspace().library().flights.size(), std::size_t(1));
    (*window_)->workspace().undo();
    QVERIFY((*window_)->workspace().library().flights.empty());
    QVERIFY(!(*window_)->flightSession().filed());
    QVERIFY((*window_)->debriefSession().debrief() != nullptr);
    QVERIFY(window_->find<QPushButton>("fileFlightButton")->isVisible());
    (*window_)->workspace().redo();
    QCOMPARE((*window_)->workspace().library().flights.size(), std::size_t(1));
}

void FilingTest::theFlownChartLiesOverItsForecast() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    EVENTUALLY((*window_)->flightSession().overForecast() != nullptr);
    const auto flown = (*window_)->flightSession().overForecast();
    const auto& summary = (*window_)->debriefSession().debrief()->summary;
    // The last point has used what the summary says was used.
    const double usable = (*window_)->flightSession().flown().plan()->usable_energy_wh.value;
    VERIFY_NEAR(usable - flown->points.back().left_wh, summary.energy.energy_wh->value, 0.1);
    VERIFY_NEAR(flown->farthest.from_home_m, summary.distance.farthest_from_home_m->value, 5.0);
    QVERIFY(window_->said("flownWords").contains(QStringLiteral("minimum margin")));
    auto* chart = window_->find<HomewardChart>("flownChart");
    const auto table = chart->shownTable();
    QCOMPARE(table.headers.size(), 5);
    QVERIFY(table.rows.size() > 50);
    bool explained = false;
    for (const auto* number : (*window_)->debriefPlace().findChildren<ExplainedNumber*>()) {
        explained = explained || (number->explanation() && number->isVisible() &&
                                  number->explanation()->quantity == units::Quantity::least_margin);
    }
    QVERIFY(explained);
}

void FilingTest::aLogWithoutCurrentHasNoFlownChart() {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("thin.csv"));
    QFile out(path);
    QVERIFY(out.open(QIODevice::WriteOnly));
    out.write("time (s),voltage (V)\n0,16.1\n1,16.0\n2,15.9\n");
    out.close();
    (*window_)->openFile(path);
    EVENTUALLY((*window_)->debriefSession().debrief() != nullptr);
    QTest::qWait(30);
    QVERIFY(!(*window_)->flightSession().overForecast());
    QVERIFY(window_->said("flownWords").contains(QStringLiteral("needs position")));
    (*window_)->grab();
    file(); // and is filed all the same
    QCOMPARE((*window_)->workspace().library().flights.size(), std::size_t(1));
}

void FilingTest::neighboursOpenInTheOrderOfTheDay() {
    window_->bringInFlights();
    (*window_)->showPlace(Place::debrief);
    const auto opened = [&](const char* name) {
        return sobremesa::tests::eventually([&] {
            return (*window_)->flightSession().filed() && !(*window_)->debriefSession().is_opening() &&
                   (*window_)->flightSession().flight().name == name;
        });
    };
    QTest::keyClick(&**window_, Qt::Key_PageDown, Qt::ControlModifier);
    QVERIFY(opened("calm"));
    QTest::keyClick(&**window_, Qt::Key_PageDown, Qt::ControlModifier);
    QVERIFY(opened("west wind"));
    QTest::mouseClick(window_->find<QPushButton>("earlierFlight"), Qt::LeftButton);
    QVERIFY(opened("calm"));
    QTest::keyClick(&**window_, Qt::Key_PageUp, Qt::ControlModifier);
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("earliest")));
}

void FilingTest::aBookThatCannotBeWrittenSaysSo() {
    (*window_)->workspace().withoutBook();
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    (*window_)->flightSession().file();
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("read-only")));
    QVERIFY(!(*window_)->flightSession().filed());
}

SOBREMESA_TEST(FilingTest)
#include "tst_filing.moc"
