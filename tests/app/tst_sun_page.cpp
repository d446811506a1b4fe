// The tab Sun of Fleet: what an array gives through a day, in a real window.

#include <QDateEdit>
#include <QDir>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSlider>
#include <QTableView>
#include <QTemporaryDir>

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
#include "io/text_file.hpp"
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
    void whatIfAsksTheSunToo();
    void theTenMinuteTestIsATable();
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

void SunPageTest::whatIfAsksTheSunToo() {
    withArray();
    const double noon_w = sun().report()->noon.array_w;
    fleet().showWhatIf();
    settle();
    auto* table = window_->find<QTableView>("whatIfTable");
    const auto row_of = [&](const QString& caption) {
        for (int row = 0; row < table->model()->rowCount(); ++row) {
            if (table->model()->index(row, 0).data().toString() == caption) return row;
        }
        return -1;
    };
    const auto figure = [&](int column) {
        const int row = row_of(QStringLiteral("array at noon"));
        const auto why = table->model()->index(row, column).data(explanation_role);
        return row >= 0 && why.isValid() ? why.value<units::Explanation>().value.value : -1.0;
    };
    EVENTUALLY(std::abs(figure(1) - noon_w) < 0.01 * noon_w);
    // Half as many cells: half the watts, as on the page Sun once they are entered.
    auto* cells = window_->find<QSlider>("dialCells");
    QVERIFY(cells->isVisible());
    cells->setValue(50);
    EVENTUALLY(figure(2) > 0.0 && std::abs(figure(2) - 0.5 * noon_w) < 0.02 * noon_w);
    VERIFY_NEAR(figure(1), noon_w, 0.01 * noon_w);
    QVERIFY(row_of(QStringLiteral("endurance in the sun")) > 0);
    shot(QStringLiteral("what-if-sun.png"));
    // A wing without an array has neither.
    open("Tarabilla");
    fleet().showWhatIf();
    settle();
    QVERIFY(!window_->find<QSlider>("dialCells")->isVisible());
    EVENTUALLY(row_of(QStringLiteral("array at noon")) < 0);
}

void SunPageTest::theTenMinuteTestIsATable() {
    // Three minutes of cruise, one with the motor off, three of cruise, three with the array off; 60 W of load, 30
    // W from the array, of which 27 reach the pack.
    QString csv =
        QStringLiteral("time_s,height_m,ground_speed_mps,course_deg,voltage_v,current_a,array_current_a\n");
    for (int t = 0; t < 640; ++t) {
        const bool launch = t < 20;
        const bool glide = t >= 200 && t < 260;
        const bool off = t >= 440;
        const double volts = 15.6 - 0.0004 * t;
        const double load_w = glide ? 5.0 : 60.0;
        const double array_w = off ? 0.0 : 30.0;
        const double height = std::min(t, 20) * 5.0 - (t >= 200 ? 0.6 * std::min(t - 200, 60) : 0.0);
        csv += QStringLiteral("%1,%2,%3,%4,%5,%6,%7\n")
                   .arg(t)
                   .arg(height, 0, 'f', 1)
                   .arg(launch && t < 2 ? 0.0 : 14.0)
                   .arg((t * 6) % 360)
                   .arg(volts, 0, 'f', 3)
                   .arg((load_w - 0.9 * array_w) / volts, 0, 'f', 3)
                   .arg(array_w / volts, 0, 'f', 3);
    }
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("test.csv"));
    QVERIFY(io::write_text_file(path.toStdString(), csv.toStdString()));
    (*window_)->openFile(path);
    auto& flight = (*window_)->flightSession();
    EVENTUALLY(flight.flightReport() && flight.flightReport()->sun);
    auto* table = window_->find<QTableView>("sunTestTable");
    EVENTUALLY(table->isVisible());
    QStringList parts;
    for (int row = 0; row < table->model()->rowCount(); ++row)
        parts << table->model()->index(row, 0).data().toString();
    QCOMPARE(parts, QStringList({QStringLiteral("level cruise"), QStringLiteral("motor off"),
                                 QStringLiteral("level cruise"), QStringLiteral("level cruise, array off")}));
    QVERIFY(!words("sunTestWords").contains(QStringLiteral("missing")));
    const auto& sun = *flight.flightReport()->sun;
    VERIFY_NEAR(sun.switched_off_w->value, 27.0, 1.0);
    VERIFY_NEAR(sun.array_w->value, 30.0, 1.0);
    VERIFY_NEAR(sun.glide_array_w->value, 30.0, 1.0);
    for (QWidget* at = table; at; at = at->parentWidget()) {
        if (auto* scroll = qobject_cast<QScrollArea*>(at)) scroll->ensureWidgetVisible(table, 0, 120);
    }
    shot(QStringLiteral("debrief-sun-test.png"));
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
