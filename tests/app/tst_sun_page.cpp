// The tab Sun of Fleet: what an array gives through a day, in a real window.

#include <QDateEdit>
#include <QDir>
#include <QLineEdit>
#include <QPushButton>
#include <QSlider>
#include <QTableView>

#include "app/charts/sun_chart.hpp"
#include "app/opened_window.hpp"
#include "app/places/fleet/fleet_place.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/plan.hpp"
#include "core/units/explanation.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using session::Id;
using sobremesa::tests::OpenedWindow;

class SunPageTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void cleanupTestCase() { window_.reset(); }
    void withoutAnArrayItOffersOne();
    void theDayIsShownAndFollowsEveryField();
    void aMisfitIsSaidWhereItIsTyped();
    void theStartAndThePlaceAreTyped();
    void anArrayIsTakenOffAndUndone();
    void theChartIsReadAsATable();
    void aPlanOnTheSunSaysItsBonus();
    void debriefSaysWhetherItGained();
    void inEveryLook();

private:
    FleetPlace& fleet() { return (*window_)->fleet(); }
    session::SunSession& sun() { return fleet().sunSession(); }
    void settle() {
        QTest::qWait(20);
        EVENTUALLY(sun().is_settled());
    }
    Id aircraft(const std::string& name) {
        for (const auto& [id, kept] : (*window_)->workspace().library().aircraft) {
            if (kept.aircraft.name == name) return id;
        }
        qFatal("no such aircraft");
    }
    void open(const char* name) {
        (*window_)->showPlace(Place::fleet);
        fleet().showRecordList();
        fleet().recordList().choose(aircraft(name));
        fleet().showSun();
        settle();
    }
    QString words(const char* label) { return window_->find<TextLabel>(label)->text(); }
    void shot(const QString& name) {
        const QString folder = qEnvironmentVariable("SOBREMESA_SHOTS");
        if (folder.isEmpty()) return;
        QTest::qWait(150);
        (*window_)->grab().save(QDir(folder).filePath(name));
    }
    /// The demo's wing with an array on midsummer's day.
    void withArray() {
        open("Alcaraván");
        QTest::mouseClick(window_->find<QPushButton>("sunAddArray"), Qt::LeftButton);
        settle();
        window_->find<QDateEdit>("sunDay")->setDate(QDate(2026, 6, 21));
        settle();
        QVERIFY(sun().report());
    }

    std::optional<OpenedWindow> window_;
};

void SunPageTest::init() {
    window_.reset();
    window_.emplace();
}

void SunPageTest::withoutAnArrayItOffersOne() {
    open("Alcaraván");
    QVERIFY(words("sunSentence").contains(QStringLiteral("no solar array")));
    QVERIFY(!window_->find<SunChart>("sunChart")->isVisible());
    QVERIFY(window_->find<QPushButton>("sunAddArray")->isVisible());
    shot(QStringLiteral("sun-none.png"));
    QTest::mouseClick(window_->find<QPushButton>("sunAddArray"), Qt::LeftButton);
    settle();
    QVERIFY(window_->find<SunChart>("sunChart")->isVisible());
    QVERIFY((*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.array);
}

void SunPageTest::theDayIsShownAndFollowsEveryField() {
    withArray();
    const double clear_w = sun().report()->noon.array_w;
    QVERIFY(clear_w > 0.0);
    const auto& figures = window_->find<FigureRow>("sunFigures")->figures();
    VERIFY_NEAR(figures[0]->explanation()->value.value, clear_w, 1e-9);
    shot(QStringLiteral("sun-june.png"));
    // More cloud, less sun; it says how much cloud.
    window_->find<QSlider>("sunCloud")->setValue(6);
    settle();
    QVERIFY(sun().report()->noon.array_w < clear_w);
    QVERIFY(words("sunCloudWords").contains(QLatin1Char('6')));
    window_->find<QSlider>("sunCloud")->setValue(0);
    settle();
    // Another count of cells, typed in the form, is kept with the aircraft.
    auto* series = window_->find<QWidget>("sunPage")->findChild<QLineEdit*>(QStringLiteral("Strings in parallel"));
    QVERIFY(series);
    series->setFocus();
    series->selectAll();
    QTest::keyClicks(series, QStringLiteral("2"));
    settle();
    QVERIFY(sun().report()->noon.array_w > 1.8 * clear_w);
    QCOMPARE((*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.array->strings, 2);
    // December at 60 ° north.
    window_->find<QDateEdit>("sunDay")->setDate(QDate(2026, 12, 21));
    auto* place = window_->find<QLineEdit>("sunPlace");
    place->setFocus();
    place->selectAll();
    QTest::keyClicks(place, QStringLiteral("60.0, 10.0"));
    settle();
    VERIFY_NEAR(sun().report()->noon.elevation_deg, 6.56, 0.05);
    QVERIFY(words("sunSentence").contains(QStringLiteral("never")));
    shot(QStringLiteral("sun-december.png"));
    Look::instance().setTheme(evening_theme());
    settle();
    shot(QStringLiteral("sun-december-evening.png"));
    Look::instance().setTheme(day_theme());
    // On the other side of the world a day is one day.
    place->setFocus();
    place->selectAll();
    QTest::keyClicks(place, QStringLiteral("-33.9, 151.2"));
    settle();
    QCOMPARE(sun().report()->daylight.size(), std::size_t(1));
    QVERIFY(words("sunSentence").contains(QStringLiteral("21 December 2026")));
}

void SunPageTest::aMisfitIsSaidWhereItIsTyped() {
    withArray();
    auto request = *sun().request();
    request.aircraft.array->cells_series += 8;
    request.aircraft.converter = sun::Converter{sun::ConverterKind::step_up, {}, {}, {}};
    QVERIFY(!sun().setRequest(request));
    settle();
    QVERIFY(window_->find<TextLabel>("sunTrouble")->isVisible());
    QVERIFY(words("sunTrouble").contains(QStringLiteral("step-down")));
    QCOMPARE(sun().report()->noon.array_w, 0.0);
    shot(QStringLiteral("sun-misfit.png"));
}

void SunPageTest::theStartAndThePlaceAreTyped() {
    withArray();
    auto* start = window_->find<QLineEdit>("sunStart");
    start->setFocus();
    start->clear();
    QTest::keyClicks(start, QStringLiteral("10:3"));
    QTest::keyClicks(start, QStringLiteral("0"));
    settle();
    QVERIFY(sun().question().start_utc_s);
    QCOMPARE(QDateTime::fromSecsSinceEpoch(qint64(*sun().question().start_utc_s)).time(), QTime(10, 30));
    QVERIFY(!window_->find<TextLabel>("sunEntryTrouble")->isVisible());
    start->clear();
    QTest::keyClicks(start, QStringLiteral("noon"));
    QVERIFY(window_->find<TextLabel>("sunEntryTrouble")->isVisible());
    auto* place = window_->find<QLineEdit>("sunPlace");
    place->setFocus();
    place->selectAll();
    QTest::keyClicks(place, QStringLiteral("142, 3"));
    QVERIFY(words("sunEntryTrouble").contains(QStringLiteral("degrees")));
}

void SunPageTest::anArrayIsTakenOffAndUndone() {
    withArray();
    // Edits of one thing within a pause are one edit.
    QTest::qWait(1500);
    QTest::mouseClick(window_->find<QPushButton>("sunRemoveArray"), Qt::LeftButton);
    settle();
    QVERIFY(!(*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.array);
    QVERIFY(words("sunSentence").contains(QStringLiteral("no solar array")));
    (*window_)->workspace().undo();
    settle();
    QVERIFY((*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.array);
    QVERIFY(window_->find<SunChart>("sunChart")->isVisible());
}

void SunPageTest::theChartIsReadAsATable() {
    withArray();
    const auto table = window_->find<SunChart>("sunChart")->shownTable();
    QCOMPARE(table.rows.size(), sun().report()->rows.size());
    QCOMPARE(table.headers.size(), qsizetype(8));
    auto* changes = window_->find<DataTable>("sunChanges");
    QVERIFY(changes->isVisible());
    QCOMPARE(changes->model()->rowCount(), int(sun().report()->changes.size()));
}

void SunPageTest::aPlanOnTheSunSaysItsBonus() {
    (*window_)->openFile(QStringLiteral(DEMO_DIR "/vencejo-sun.plan.json"));
    window_->settle();
    (*window_)->showPlace(Place::plan);
    auto& session = (*window_)->planSession();
    EVENTUALLY(session.outlook_is_settled() && session.outlook() && session.outlook()->sun);
    EVENTUALLY(window_->said("planSentence").contains(QStringLiteral("Bonus")));
    const double alone_s = session.plan()->turn->time_s.value;
    shot(QStringLiteral("plan-sun.png"));
    auto request = session.request();
    request.sun->counted = true;
    QVERIFY(!session.setRequest(request));
    EVENTUALLY(session.outlook_is_settled() && session.plan()->request.sun->counted);
    QVERIFY(session.plan()->turn->time_s.value > alone_s + 3600.0);
    EVENTUALLY(window_->said("planSentence").contains(QStringLiteral("is counted")));
}

void SunPageTest::debriefSaysWhetherItGained() {
    window_->bringInFlights();
    for (const auto& [id, flight] : (*window_)->workspace().library().flights) {
        if (flight.name == "solar noon") (*window_)->flightSession().openFlight(id);
    }
    (*window_)->showPlace(Place::debrief);
    EVENTUALLY((*window_)->flightSession().flightReport() && (*window_)->flightSession().flightReport()->sun);
    const auto& sun = *(*window_)->flightSession().flightReport()->sun;
    QCOMPARE(sun.verdict, debrief::SunVerdict::gaining);
    EVENTUALLY(window_->find<TextLabel>("energyShares")->text().contains(QStringLiteral("gaining")));
    shot(QStringLiteral("debrief-sun.png"));
}

void SunPageTest::inEveryLook() {
    withArray();
    for (const Theme* theme : all_themes()) {
        Look::instance().setTheme(*theme);
        settle();
        shot(QStringLiteral("sun-%1.png").arg(theme->name.left(5)));
    }
    Look::instance().setTheme(day_theme());
    (*window_)->resize(1024, 700);
    QTest::qWait(50);
    shot(QStringLiteral("sun-1024.png"));
}

SOBREMESA_TEST(SunPageTest)
#include "tst_sun_page.moc"
