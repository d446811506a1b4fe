// Missions, limits, terrain and paper in the Plan place, in a real window.

#include <algorithm>
#include <cmath>

#include <QAction>
#include <QFileDialog>
#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPainter>
#include <QPointer>
#include <QPushButton>
#include <QSignalSpy>
#include <QTabWidget>
#include <QTableWidget>
#include <QTemporaryDir>
#include <QTest>
#include <qcustomplot.h>

#include "app/charts/homeward_chart.hpp"
#include "app/charts/profile_chart.hpp"
#include "app/map/map_view.hpp"
#include "app/opened_window.hpp"
#include "app/places/plan/alarms_sheet.hpp"
#include "app/places/plan/limits_panel.hpp"
#include "app/places/plan/mission_panel.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/places/plan/turn_rules_table.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/sensitivity_bars.hpp"
#include "core/mission/height_profile.hpp"
#include "core/mission/move_home.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/quantity.hpp"
#include "paper/flight_card.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"
#include "wording/sentences.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using tests::OpenedWindow;

class MissionsInPlanTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void theChanceComesAfterThePlan();
    void theMissionDocks();
    void aRasterIsBrowsedFor();
    void limitsAreSaidWithTheirVerdict();
    void aRouteIsDraggedOnTheMap();
    void aRouteIsMovedByKeys();
    void placesAreTypedInTheTable();
    void aMissionIsTypedInItsSheet();
    void heightsTakeTheChartsPlace();
    void labelsOfHeightsKeepOffTheLine();
    void heightsAreDraggedInTheProfile();
    void terrainLiesUnderTheMap();
    void aRasterThatIsNotThereIsSaidOnce();
    void alarmsAreThoseOfThePlan();
    void theCardIsSaved();
    void routesGoOutAndComeBack();
    void whatMovesItMostIsDrawn();
    void landingPlacesFollowTheCursor();
    void homeIsDragged();
    void homeIsMovedByKeys();
    void whereLandingPlacesAreWithinReach();
    void windsByHeightAreATable();
    void anEnduranceFlightIsDrawnOverTime();
    void anAreaIsDrawnOnTheMap();
    void anAreaIsDrawnByKeys();
    void areasComeOutOfAFile();
    void theFigureOfARuleIsTypedWhereItStands();
    void theVideoHasLimitsOfItsOwn();

private:
    session::PlanSession& session() { return (*window_)->planSession(); }
    void settle() {
        QVERIFY(sobremesa::tests::eventually([&] { return session().plan() && session().outlook_is_settled(); }));
    }
    void change(const std::function<void(mission::PlanRequest&)>& make) {
        auto request = session().request();
        make(request);
        QVERIFY(!session().setRequest(request));
        settle();
    }
    void makeRoute() {
        change([](mission::PlanRequest& r) {
            r.mission.kind = mission::MissionKind::route;
            r.mission.waypoints = {{"Mill", {-3000.0, 2000.0}, {}, 0.0, false},
                                   {"Quarry", {2500.0, 3000.0}, {}, 0.0, false}};
        });
    }
    void act(const char* name) { window_->find<QAction>(name)->trigger(); }
    template <class Sheet>
    Sheet* sheet() {
        return qobject_cast<Sheet*>(QApplication::activePopupWidget());
    }
    std::unique_ptr<OpenedWindow> window_;
};

void MissionsInPlanTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    window_ = std::make_unique<OpenedWindow>();
    settle();
}

/// It stands beside the chart: map and answer stay in sight. Where there is no room it hangs as a sheet.
void MissionsInPlanTest::theMissionDocks() {
    auto& place = (*window_)->planPlace();
    const auto panels = [&] { return (*window_)->findChildren<MissionPanel*>().size(); };
    place.showMission();
    auto* panel = window_->find<MissionPanel>("missionPanel");
    QVERIFY(panel->isVisible() && panel->window() == &**window_);
    const auto on_screen = [&](QWidget* widget) {
        return QRect(widget->mapTo(&**window_, QPoint()), widget->size());
    };
    for (const char* other : {"planMap", "planSentence", "homewardChart"}) {
        auto* widget = (*window_)->findChild<QWidget*>(QLatin1String(other));
        QVERIFY(widget->isVisible());
        QVERIFY2(!on_screen(panel).intersects(on_screen(widget)), other);
    }
    // What is dragged on the map shows there, and the other way round.
    makeRoute();
    panel->tabs().setCurrentIndex(1);
    QCOMPARE(panel->findChild<QTableWidget*>(QStringLiteral("placesTable"))->item(0, 1)->text(),
             QStringLiteral("Mill"));
    // Another look makes it anew, on the same page.
    Look::instance().setTheme(evening_theme());
    EVENTUALLY_EQUAL(panels(), 1);
    panel = window_->find<MissionPanel>("missionPanel");
    QCOMPARE(panel->tabs().currentIndex(), 1);
    Look::instance().setTheme(day_theme());
    EVENTUALLY_EQUAL(panels(), 1);
    QTest::keyClick(window_->find<MissionPanel>("missionPanel"), Qt::Key_Escape);
    EVENTUALLY_EQUAL(panels(), 0);
    // Asked for twice it comes and goes.
    place.showMission();
    QCOMPARE(panels(), 1);
    place.showMission();
    EVENTUALLY_EQUAL(panels(), 0);
    // Less room: it goes with the panes, and hangs next time.
    place.showMission();
    (*window_)->resize(900, 640);
    EVENTUALLY_EQUAL(panels(), 0);
    place.showMission();
    QVERIFY(QApplication::activePopupWidget());
    QVERIFY(window_->find<MissionPanel>("missionPanel")->window() == QApplication::activePopupWidget());
    QApplication::activePopupWidget()->close();
}

/// The raster is chosen in a dialog; where the mission is a sheet it steps aside for it and comes back.
void MissionsInPlanTest::aRasterIsBrowsedFor() {
    const auto browse = [&] {
        window_->find<QPushButton>("Elevation raster browse")->click();
        auto* dialog = (*window_)->findChild<QFileDialog*>(QStringLiteral("browseDialog"));
        if (!dialog) qFatal("no dialog");
        return dialog;
    };
    (*window_)->planPlace().showMission();
    QFileDialog* dialog = browse();
    emit dialog->fileSelected(QStringLiteral(DEMO_DIR "/valdesorna.tif"));
    delete dialog;
    QCOMPARE(session().request().mission.terrain_file, std::string(DEMO_DIR "/valdesorna.tif"));
    (*window_)->planPlace().showMission();
    EVENTUALLY(!(*window_)->findChild<MissionPanel*>());
    (*window_)->resize(900, 640);
    QCoreApplication::processEvents();
    (*window_)->planPlace().showMission();
    const QPointer<QWidget> sheet = QApplication::activePopupWidget();
    QVERIFY(sheet);
    dialog = browse();
    QVERIFY(sheet && sheet->isHidden());
    emit dialog->fileSelected(QStringLiteral("/nowhere/land.tif"));
    dialog->close();
    QCOMPARE(session().request().mission.terrain_file, std::string("/nowhere/land.tif"));
    QVERIFY(sheet && sheet->isVisible());
    sheet->close();
}

void MissionsInPlanTest::theChanceComesAfterThePlan() {
    QVERIFY(session().plan()->chance);
    QVERIFY(window_->said("planSentence").contains(QStringLiteral("Likely to get home")));
    auto* turn_rules = window_->find<TurnRulesTable>("schoolsTable");
    QCOMPARE(turn_rules->turnRules().rowCount(), 6);
    // While a newer plan is on its way, no chance of the older one is shown for it.
    auto request = session().request();
    request.weather.wind.speed_mps += 2.0;
    QVERIFY(!session().setRequest(request));
    QVERIFY(sobremesa::tests::eventually([&] { return session().is_settled(); }));
    settle();
    QCOMPARE(session().outlook()->plan, session().plan());
    // Where it counts it can bind.
    change([](mission::PlanRequest& r) {
        r.turn.counted = {mission::TurnRule::energy_home, mission::TurnRule::chance};
        r.turn.least_chance = 0.99;
    });
    QVERIFY(session().plan()->turn->turn_rule == mission::TurnRule::chance);
    QVERIFY(!window_->said("planSentence").contains(QStringLiteral("untouched")));
}

void MissionsInPlanTest::limitsAreSaidWithTheirVerdict() {
    QVERIFY(window_->find<LimitsPanel>("limitsPanel")->isVisible());
    change([](mission::PlanRequest& r) { r.mission.height_m = 160.0; });
    auto* go = window_->find<QLabel>("planGo");
    QVERIFY(go->text().contains(QStringLiteral("No go")));
    QVERIFY(go->text().contains(QStringLiteral("height above ground")));
    change([](mission::PlanRequest& r) {
        r.mission.height_m = 80.0;
        r.mission.terrain_file.clear();
    });
    QVERIFY2(!go->text().contains(QStringLiteral("No go")), qPrintable(go->text()));
    // All of them as a table, each met figure with its "why?".
    QTest::mouseClick(window_->find<QWidget>("allLimits"), Qt::LeftButton);
    QVERIFY(QApplication::activePopupWidget());
    auto* table = QApplication::activePopupWidget()->findChild<QTableView*>(QStringLiteral("limitsTable"));
    QVERIFY(table && table->model()->rowCount() >= 17);
    QApplication::activePopupWidget()->close();
    QVERIFY(window_->said("planReach").contains(QStringLiteral("out and back")));
}

void MissionsInPlanTest::aRouteIsDraggedOnTheMap() {
    makeRoute();
    auto* map = window_->find<MapView>("planMap");
    QVERIFY(window_->said("planSentence").contains(QStringLiteral("whole route")));
    QTest::qWait(1600); // what follows is an edit of its own
    const QPoint from = map->toScreen({-3000.0, 2000.0}).toPoint();
    QTest::mousePress(map, Qt::LeftButton, {}, from);
    for (int i = 1; i <= 6; ++i) {
        QTest::mouseMove(map, from + QPoint(0, -4 * i));
        // Held still for longer than edits wait for each other, to read the answer: still one drag.
        if (i == 3) QTest::qWait(1700);
    }
    QTest::mouseRelease(map, Qt::LeftButton, {}, from + QPoint(0, -24));
    settle();
    const auto moved = session().request().mission.waypoints[0].at;
    QVERIFY(moved.north_m > 2100.0);
    VERIFY_NEAR(moved.east_m, -3000.0, 120.0);
    // Undone it is where it was.
    (*window_)->workspace().undo();
    settle();
    QCOMPARE(session().request().mission.waypoints.size(), 2u);
    VERIFY_NEAR(session().request().mission.waypoints[0].at.north_m, 2000.0, 1.0);
    // As a table the map names the places.
    const auto table = map->shownTable();
    const auto has = [&](const QString& name) {
        return std::any_of(table.rows.begin(), table.rows.end(),
                           [&](const auto& row) { return row[0].text == name; });
    };
    QVERIFY(has(QStringLiteral("Mill")) && has(QStringLiteral("Quarry")) && has(QStringLiteral("reach")));
}

void MissionsInPlanTest::aRouteIsMovedByKeys() {
    makeRoute();
    auto* map = window_->find<MapView>("planMap");
    map->setFocus();
    // From one thing that can be moved to the next: the wind, then the places (the route has no bearing to drag).
    QTest::keyClick(map, Qt::Key_N);
    const double wind = session().request().weather.wind.speed_mps;
    QTest::keyClick(map, Qt::Key_Up, Qt::ControlModifier);
    QVERIFY(session().request().weather.wind.speed_mps > wind);
    QTest::keyClick(map, Qt::Key_N);
    QTest::keyClick(map, Qt::Key_Right, Qt::ControlModifier);
    QVERIFY(session().request().mission.waypoints[0].at.east_m > -3000.0);
    QTest::keyClick(map, Qt::Key_N);
    QTest::keyClick(map, Qt::Key_Down, Qt::ControlModifier);
    QVERIFY(session().request().mission.waypoints[1].at.north_m < 3000.0);
}

void MissionsInPlanTest::placesAreTypedInTheTable() {
    window_->find<PlanPlace>("planPlace")->showMission();
    auto* mission = window_->find<MissionPanel>("missionPanel");
    QVERIFY(mission);
    mission->findChild<QTabWidget*>(QStringLiteral("missionTabs"))->setCurrentIndex(1);
    auto* table = mission->findChild<QTableWidget*>(QStringLiteral("placesTable"));
    const int landing = table->rowCount();
    mission->findChild<QPushButton*>(QStringLiteral("addPlace"))->click();
    QCOMPARE(table->rowCount(), landing + 1);
    QVERIFY(session().request().mission.kind == mission::MissionKind::route);
    table->item(0, 1)->setText(QStringLiteral("Tower"));
    table->item(0, 2)->setText(QStringLiteral("4,5"));
    table->item(0, 3)->setText(QStringLiteral("90"));
    table->item(0, 4)->setText(QStringLiteral("100"));
    table->item(0, 5)->setText(QStringLiteral("3"));
    const auto& point = session().request().mission.waypoints[0];
    QCOMPARE(point.name, std::string("Tower"));
    VERIFY_NEAR(point.at.east_m, 4500.0, 1.0);
    VERIFY_NEAR(point.at.north_m, 0.0, 1.0);
    VERIFY_NEAR(*point.height_m, 100.0, 1e-9);
    VERIFY_NEAR(point.loiter_s, 180.0, 1e-9);
    // What is no number is said and changes nothing.
    table->item(0, 2)->setText(QStringLiteral("far"));
    auto* trouble = mission->findChild<QLabel*>(QStringLiteral("placesTrouble"));
    QVERIFY(trouble->isVisible() && trouble->text().contains(QStringLiteral("far")));
    VERIFY_NEAR(session().request().mission.waypoints[0].at.east_m, 4500.0, 1.0);
    mission->findChild<QPushButton*>(QStringLiteral("addLandingPlace"))->click();
    QVERIFY(!session().request().mission.alternates.empty());
    table->setCurrentCell(0, 1);
    mission->findChild<QPushButton*>(QStringLiteral("removePlace"))->click();
    QVERIFY(session().request().mission.waypoints.empty());
    QVERIFY(session().request().mission.kind == mission::MissionKind::out_and_back);
    mission->close();
    // What was chosen on the map is gone: its keys move nothing else.
    const auto home = session().request().mission.home;
    const auto alternates = session().request().mission.alternates;
    QTest::keyClick(window_->find<MapView>("planMap"), Qt::Key_Right, Qt::ControlModifier);
    QVERIFY(session().request().mission.home == home);
    QVERIFY(session().request().mission.alternates == alternates);
}

void MissionsInPlanTest::aMissionIsTypedInItsSheet() {
    window_->find<PlanPlace>("planPlace")->showMission();
    auto* mission = window_->find<MissionPanel>("missionPanel");
    auto* tabs = mission->findChild<QTabWidget*>(QStringLiteral("missionTabs"));
    QCOMPARE(tabs->count(), 6);
    tabs->setCurrentIndex(3);
    auto* height = mission->findChild<NumberField*>(QStringLiteral("Failsafe return height"));
    QVERIFY(height);
    height->setFocus();
    height->selectAll();
    QTest::keyClicks(height, QStringLiteral("95"));
    QVERIFY(session().request().failsafe.has_value());
    VERIFY_NEAR(session().request().failsafe->height_m, 95.0, 1e-9);
    tabs->setCurrentIndex(4);
    auto* goggles = mission->findChild<NumberField*>(QStringLiteral("Goggles last"));
    goggles->setFocus();
    goggles->selectAll();
    QTest::keyClicks(goggles, QStringLiteral("20"));
    mission->close();
    settle();
    QVERIFY(window_->find<QLabel>("planGo")->text().contains(QStringLiteral("goggles")));
}

void MissionsInPlanTest::heightsTakeTheChartsPlace() {
    auto* profile = window_->find<ProfileChart>("profileChart");
    QVERIFY(!profile->isVisible());
    auto* word = window_->find<QAbstractButton>("heightsWord");
    word->click();
    QVERIFY(profile->isVisible());
    const auto table = profile->shownTable();
    QVERIFY(table.rows.size() > 20);
    word->click();
    QVERIFY(!profile->isVisible());
    // Out and home again, never below the ground, landing at home's height.
    const auto points = mission::height_profile(*session().plan());
    QVERIFY(!points.front().homeward && points.back().homeward);
    VERIFY_NEAR(points.back().height_m, 0.0, 2.0);
    VERIFY_NEAR(points.back().distance_m, session().plan()->flight->ground_m, 100.0);
}

/// Up a steep slope the label stands on the lower side, down one as well, on a summit in the middle.
void MissionsInPlanTest::labelsOfHeightsKeepOffTheLine() {
    change([](mission::PlanRequest& r) {
        r.mission.kind = mission::MissionKind::route;
        r.mission.terrain_file.clear();
        r.mission.waypoints = {{"Meadow", {-3000.0, 500.0}, 60.0, 0.0, false},
                               {"Cutting", {-4500.0, 500.0}, 150.0, 0.0, false},
                               {"Summit", {-6000.0, 500.0}, 320.0, 0.0, false},
                               {"Slope", {-5500.0, 2000.0}, 200.0, 0.0, false},
                               {"Quarry", {-3500.0, 2500.0}, 50.0, 0.0, false}};
    });
    window_->find<QAbstractButton>("heightsWord")->click();
    auto* profile = window_->find<ProfileChart>("profileChart");
    auto* plot = profile->findChild<QCustomPlot*>();
    QTest::qWait(50);
    plot->replot();
    const auto points = mission::height_profile(*session().plan());
    int labels = 0;
    for (int i = 0; i < plot->itemCount(); ++i) {
        const auto* text = qobject_cast<QCPItemText*>(plot->item(i));
        if (!text || !text->text().contains(QLatin1Char('m')) || !text->text().contains(QLatin1Char(' '))) continue;
        // The letters themselves, without what keeps them off their ring.
        const QMargins around = text->padding();
        const QRectF letters =
            QRectF(text->topLeft->pixelPosition(), text->bottomRight->pixelPosition()).marginsRemoved(around);
        ++labels;
        for (std::size_t k = 1; k < points.size(); ++k) {
            const auto screen = [&](double share) {
                return profile->toScreen({std::lerp(points[k - 1].distance_m, points[k].distance_m, share),
                                          std::lerp(points[k - 1].height_m, points[k].height_m, share),
                                          std::nullopt});
            };
            for (double share = 0.0; share <= 1.0; share += 0.05)
                QVERIFY2(!letters.contains(screen(share)), qPrintable(text->text()));
        }
    }
    QCOMPARE(labels, 5);
}

/// By the hand and by keys; without places it is the mission's height.
void MissionsInPlanTest::heightsAreDraggedInTheProfile() {
    change([](mission::PlanRequest& r) {
        r.mission.kind = mission::MissionKind::route;
        r.mission.terrain_file.clear();
        r.mission.waypoints = {{"Mill", {-3000.0, 2000.0}, {}, 0.0, false},
                               {"Quarry", {2500.0, 3000.0}, {}, 0.0, false}};
    });
    window_->find<QAbstractButton>("heightsWord")->click();
    auto* profile = window_->find<ProfileChart>("profileChart");
    auto* plot = profile->findChild<QCustomPlot*>();
    QTest::qWait(50);
    const auto heights = [&] { return mission::chosen_heights(*session().plan()); };
    QCOMPARE(heights().size(), std::size_t(2));
    const QPoint ring = profile->toScreen(heights()[1]);
    QTest::mousePress(plot, Qt::LeftButton, {}, ring);
    QTest::mouseMove(plot, ring + QPoint(0, 30));
    QTest::mouseRelease(plot, Qt::LeftButton, {}, ring + QPoint(0, 30));
    QVERIFY(sobremesa::tests::eventually(
        [&] { return session().request().mission.waypoints[1].height_m.has_value(); }));
    settle();
    const double lower_m = *session().request().mission.waypoints[1].height_m;
    QVERIFY(lower_m < session().request().mission.height_m);
    QVERIFY(!session().request().mission.waypoints[0].height_m);
    VERIFY_NEAR(double(profile->toScreen(heights()[1]).x()), double(ring.x()), 40.0);
    profile->setFocus();
    QTest::keyClick(profile, Qt::Key_Right);
    QTest::keyClick(profile, Qt::Key_Up);
    QVERIFY(sobremesa::tests::eventually(
        [&] { return session().request().mission.waypoints[0].height_m.has_value(); }));
    QCOMPARE(*session().request().mission.waypoints[0].height_m, session().request().mission.height_m + 5.0);
    change([](mission::PlanRequest& r) {
        r.mission.kind = mission::MissionKind::out_and_back;
        r.mission.waypoints.clear();
    });
    QCOMPARE(heights().size(), std::size_t(1));
    const double before_m = session().request().mission.height_m;
    QTest::keyClick(profile, Qt::Key_Down);
    if (session().request().mission.height_m == before_m) QTest::keyClick(profile, Qt::Key_Down);
    QVERIFY(sobremesa::tests::eventually([&] { return session().request().mission.height_m == before_m - 5.0; }));
}

void MissionsInPlanTest::terrainLiesUnderTheMap() {
    change([](mission::PlanRequest& r) {
        r.mission.home = geodesy::Position{39.418250, -31.361480};
        r.mission.terrain_file = DEMO_DIR "/valdesorna.tif";
    });
    QVERIFY(session().outlook()->relief);
    QVERIFY(session().plan()->least_clearance.has_value());
    auto* map = window_->find<MapView>("planMap");
    const QImage with = map->grab().toImage();
    change([](mission::PlanRequest& r) { r.mission.terrain_file.clear(); });
    QVERIFY(!session().outlook()->relief);
    QVERIFY(map->grab().toImage() != with);
}

void MissionsInPlanTest::aRasterThatIsNotThereIsSaidOnce() {
    QSignalSpy said(&session(), &session::PlanSession::terrainRefused);
    change([](mission::PlanRequest& r) {
        r.mission.home = geodesy::Position{39.418250, -31.361480};
        r.mission.terrain_file = "/nowhere/land.tif";
    });
    QCOMPARE(said.size(), 1);
    QVERIFY(session().plan()->turn.has_value()); // the plan goes on without
    change([](mission::PlanRequest& r) { r.weather.wind.speed_mps += 1.0; });
    QCOMPARE(said.size(), 1);
}

void MissionsInPlanTest::alarmsAreThoseOfThePlan() {
    window_->find<PlanPlace>("planPlace")->showAlarms();
    auto* alarms = sheet<AlarmsSheet>();
    QVERIFY(alarms);
    QString all;
    for (const QLabel* label : alarms->findChildren<QLabel*>()) all += label->text() + QLatin1Char('\n');
    const auto& q = Look::instance().quantities();
    QVERIFY(all.contains(q.charge(session().plan()->turn->charge_used_ah.value)));
    QVERIFY(all.contains(QStringLiteral("capacity to enter")));
    alarms->close();
}

void MissionsInPlanTest::theCardIsSaved() {
    QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("card.pdf"));
    (*window_)->saveCard(path);
    QFile file(path);
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QByteArray pdf = file.readAll();
    QVERIFY(pdf.startsWith("%PDF") && pdf.contains("/Count 1"));
    // Sentence, table and card say the same.
    const auto card = paper::flight_card(*session().plan(), Look::instance().quantities());
    const QString turn = Look::instance().quantities().distance(session().plan()->turn->distance_m.value);
    QVERIFY(card.sentence.contains(turn));
    QCOMPARE(card.turns.back().distance, turn);
    QVERIFY(card.turns.back().is_turn);
    QVERIFY(card.checklist.size() >= 6 && card.alarms.size() >= 7);
    // From above: out and home over the same ground, each with its course, distance and time, and the landing
    // places.
    QVERIFY(card.sketch.legs.size() >= 2);
    QVERIFY(!card.sketch.legs.front().homeward && card.sketch.legs.back().homeward);
    // A figure too wide for its column stands there whole, on two lines: its ink is that of its halves.
    const auto ink = [](const QStringList& figures) {
        paper::FlightCard alone;
        for (const QString& figure : figures) alone.alarms.push_back({{}, figure});
        QImage page(1000, 1414, QImage::Format_Grayscale8);
        page.fill(Qt::white);
        QPainter painter(&page);
        paper::paint(painter, QRectF(50.0, 50.0, 900.0, 1314.0), alone, {});
        painter.end();
        int dark = 0;
        for (int y = 0; y < page.height(); ++y) {
            const uchar* line = page.constScanLine(y);
            dark += int(std::count_if(line, line + page.width(), [](uchar grey) { return grey < 128; }));
        }
        return dark;
    };
    const QString half = QStringLiteral("3340 mAh 8888 mAh 3300 mAh 12345 mAh");
    const int without = ink({});
    const int halves = ink({half, half}) - without;
    const int whole = ink({half + QLatin1Char(' ') + half}) - without;
    QVERIFY(halves > 500);
    QVERIFY2(std::abs(whole - halves) < 0.03 * halves, qPrintable(QStringLiteral("%1 %2").arg(whole).arg(halves)));
    double farthest_m = 0.0;
    bool labelled = false;
    for (const auto& leg : card.sketch.legs) {
        labelled = labelled || leg.label.startsWith(QStringLiteral("265°, 2"));
        for (const QPointF& at : leg.points) farthest_m = std::max(farthest_m, std::hypot(at.x(), at.y()));
    }
    QVERIFY(labelled);
    VERIFY_NEAR(farthest_m, session().plan()->turn->distance_m.value, 1.0);
    QCOMPARE(card.sketch.places.size(), session().request().mission.alternates.size());
    QVERIFY(std::any_of(card.legs.begin(), card.legs.end(),
                        [](const auto& leg) { return leg.course == QStringLiteral("85°"); }));
    (*window_)->saveCard(QStringLiteral("/nowhere/card.pdf"));
    QVERIFY(!(*window_)->messages().text().isEmpty());
    QVERIFY(!QFile::exists(QStringLiteral("/nowhere/card.pdf")));
}

void MissionsInPlanTest::routesGoOutAndComeBack() {
    QTemporaryDir dir;
    makeRoute();
    change([](mission::PlanRequest& r) { r.mission.home = geodesy::Position{39.418250, -31.361480}; });
    for (const char* ending : {"gpx", "geojson", "kml"}) {
        const QString path = dir.filePath(QStringLiteral("way.") + QLatin1String(ending));
        (*window_)->saveRoute(path, false);
        QVERIFY2(QFile::exists(path), ending);
        change([](mission::PlanRequest& r) {
            r.mission.kind = mission::MissionKind::out_and_back;
            r.mission.waypoints.clear();
        });
        (*window_)->takeRoute(path);
        settle();
        QCOMPARE(session().request().mission.waypoints.size(), 2u);
        VERIFY_NEAR(session().request().mission.waypoints[1].at.east_m, 2500.0, 0.1);
    }
}

void MissionsInPlanTest::whatMovesItMostIsDrawn() {
    auto* bars = window_->find<SensitivityBars>("sensitivityBars");
    QVERIFY(bars->isVisible());
    QVERIFY(bars->accessibleDescription().count(QLatin1Char(';')) >= 5);
    QVERIFY(bars->height() >= 6 * 16);
    // A route that is flown whole is not moved.
    makeRoute();
    QVERIFY(!bars->isVisible());
}

void MissionsInPlanTest::landingPlacesFollowTheCursor() {
    auto* chart = window_->find<HomewardChart>("homewardChart");
    auto* map = window_->find<MapView>("planMap");
    chart->setFocus();
    for (int i = 0; i < 4; ++i) QTest::keyClick(chart, Qt::Key_Right);
    QVERIFY(!chart->cursorText().isEmpty());
    // From near home everything is said of home and of both landing places.
    QVERIFY2(map->accessibleDescription().contains(QStringLiteral("home")) &&
                 map->accessibleDescription().contains(QStringLiteral("Era Vieja")),
             qPrintable(map->accessibleDescription()));
    const QImage with = map->grab().toImage();
    QEvent leave(QEvent::Leave);
    QApplication::sendEvent(chart->findChild<QCustomPlot*>(), &leave);
    QVERIFY(map->grab().toImage() != with);
}

void MissionsInPlanTest::homeIsDragged() {
    makeRoute();
    auto* map = window_->find<MapView>("planMap");
    QTest::qWait(1600); // what follows is an edit of its own
    const auto before = session().request();
    const QPoint home = map->toScreen({}).toPoint();
    const QPointF mill = map->toScreen({-3000.0, 2000.0});
    QTest::mousePress(map, Qt::LeftButton, {}, home);
    for (int i = 1; i <= 5; ++i) {
        QTest::mouseMove(map, home + QPoint(6 * i, 4 * i));
        // While home is held the plan follows, and the ground stays still: the mill is where it was on the screen.
        QVERIFY(sobremesa::tests::eventually([&] { return session().is_settled(); }));
        const QPointF now = map->toScreen(session().plan()->request.mission.waypoints[0].at);
        QVERIFY(std::abs(now.x() - mill.x()) < 1.5 && std::abs(now.y() - mill.y()) < 1.5);
    }
    QVERIFY(session().request().mission.waypoints[0].at.east_m < -3000.0);
    QTest::mouseRelease(map, Qt::LeftButton, {}, home + QPoint(30, 20));
    settle();
    const auto after = session().request();
    const auto by = *mission::home_moved_by(before, after);
    QVERIFY(by.east_m > 50.0 && by.north_m < -30.0);
    VERIFY_NEAR(after.mission.waypoints[1].at.east_m, 2500.0 - by.east_m, 1.0);
    VERIFY_NEAR(after.mission.alternates[0].at.north_m, before.mission.alternates[0].at.north_m - by.north_m, 1.0);
    QVERIFY(after.mission.home->longitude_deg > before.mission.home->longitude_deg);
    // One drag is one step back.
    (*window_)->workspace().undo();
    settle();
    VERIFY_NEAR(session().request().mission.waypoints[0].at.east_m, -3000.0, 1e-6);
    VERIFY_NEAR(session().request().mission.home->longitude_deg, before.mission.home->longitude_deg, 1e-12);
}

void MissionsInPlanTest::homeIsMovedByKeys() {
    makeRoute();
    auto* map = window_->find<MapView>("planMap");
    map->setFocus();
    const auto before = session().request();
    // The wind, two places, the landing places, then home.
    const auto all = 1 + before.mission.waypoints.size() + before.mission.alternates.size() + 1;
    for (std::size_t i = 0; i < all; ++i) QTest::keyClick(map, Qt::Key_N);
    QVERIFY2(map->accessibleDescription().contains(QStringLiteral("home")),
             qPrintable(map->accessibleDescription()));
    QTest::keyClick(map, Qt::Key_Up, Qt::ControlModifier);
    settle();
    QVERIFY(session().request().mission.waypoints[0].at.north_m < 2000.0);
    QCOMPARE(session().request().mission.waypoints[0].at.east_m, -3000.0);
    QVERIFY(session().request().mission.home->latitude_deg > before.mission.home->latitude_deg);
}

void MissionsInPlanTest::whereLandingPlacesAreWithinReach() {
    auto* map = window_->find<MapView>("planMap");
    const auto& places = session().outlook()->landing_places;
    QCOMPARE(places.size(), 1 + session().request().mission.alternates.size());
    QVERIFY(places[0].name.empty()); // home
    QVERIFY2(window_->said("landingPlaces").contains(QStringLiteral("all the way outbound")),
             qPrintable(window_->said("landingPlaces")));
    // One that lies the other way is within reach at first, and then no more: that is worth a line beside the way.
    change([](mission::PlanRequest& r) { r.mission.alternates.push_back({"Far side", {26000.0, 2000.0}, 0.0}); });
    const auto& far = session().outlook()->landing_places.back();
    QVERIFY(far.parts.size() == 1 && far.parts[0].to_m < session().plan()->turn->distance_m.value);
    QVERIFY2(window_->said("landingPlaces").contains(QStringLiteral("Far side is within reach up to")),
             qPrintable(window_->said("landingPlaces")));
    const QImage with = map->grab().toImage();
    map->setWithinReach({});
    QVERIFY(map->grab().toImage() != with);
    // Without landing places there is nothing to say.
    change([](mission::PlanRequest& r) { r.mission.alternates.clear(); });
    QVERIFY(session().outlook()->landing_places.empty());
}

void MissionsInPlanTest::windsByHeightAreATable() {
    window_->find<PlanPlace>("planPlace")->showMission();
    auto* mission = window_->find<MissionPanel>("missionPanel");
    mission->findChild<QTabWidget*>(QStringLiteral("missionTabs"))->setCurrentIndex(2);
    auto* table = mission->findChild<QTableWidget*>(QStringLiteral("windTable"));
    QVERIFY(table && !table->isVisible());
    const auto press = [&](const char* button) {
        QTest::mouseClick(mission->findChild<QPushButton*>(QLatin1String(button)), Qt::LeftButton);
    };
    const auto winds = [this] { return session().request().weather.wind_table; };
    const auto one_wind = session().request().weather.wind;
    // The first two say what the one wind and its law said: nothing changes yet.
    press("addWindHeight");
    QCOMPARE(winds().size(), 2u);
    QVERIFY(table->isVisible());
    QCOMPARE(table->rowCount(), 2);
    VERIFY_NEAR(winds()[0].wind.from_deg, one_wind.from_deg, 1e-9);
    QVERIFY(winds()[0].wind.speed_mps < winds()[1].wind.speed_mps);
    press("addWindHeight");
    QCOMPARE(winds().size(), 3u);
    // Typed with a decimal comma, in the units of the screen; the rows stay lowest first.
    const auto& q = Look::instance().quantities();
    table->item(1, 1)->setText(QStringLiteral("2,5"));
    VERIFY_NEAR(winds()[1].wind.speed_mps, 2.5 / q.notation(units::Quantity::wind_speed).factor, 1e-9);
    table->item(1, 2)->setText(QStringLiteral("-90"));
    VERIFY_NEAR(winds()[1].wind.from_deg, 270.0, 1e-9);
    table->item(0, 0)->setText(QStringLiteral("900"));
    VERIFY_NEAR(winds()[2].height_m, 900.0 / q.notation(units::Quantity::height).factor, 1e-6);
    QVERIFY(winds()[0].height_m < winds()[1].height_m);
    // What is no number, or no wind, is said, and the winds stay.
    const auto before = winds();
    const auto* trouble = mission->findChild<QLabel*>(QStringLiteral("windTrouble"));
    table->item(0, 1)->setText(QStringLiteral("much"));
    QVERIFY(trouble->isVisible());
    table->item(0, 1)->setText(QStringLiteral("9000"));
    QVERIFY(trouble->isVisible());
    QCOMPARE(winds().size(), before.size());
    VERIFY_NEAR(winds()[0].wind.speed_mps, before[0].wind.speed_mps, 1e-12);
    // What is said of the wind is theirs at the mission's height, not the one wind that they replace.
    settle();
    const auto spoken = mission::spoken_wind(session().request());
    const QString map = window_->find<MapView>("planMap")->accessibleName();
    QVERIFY2(map.contains(q.direction(spoken.from_deg)), qPrintable(map));
    // One alone is the one wind again.
    table->setCurrentCell(2, 0);
    press("removeWindHeight");
    table->setCurrentCell(1, 0);
    press("removeWindHeight");
    QVERIFY(winds().empty());
    QVERIFY(!table->isVisible() && !trouble->isVisible());
    VERIFY_NEAR(session().request().weather.wind.speed_mps, before[0].wind.speed_mps, 1e-12);
    mission->close();
}

/// Round and round over home there is no distance to turn at: across stand minutes.
void MissionsInPlanTest::anEnduranceFlightIsDrawnOverTime() {
    auto request = session().request();
    request.mission.kind = mission::MissionKind::endurance;
    session().setRequest(request);
    settle();
    auto* chart = window_->find<HomewardChart>("homewardChart");
    const auto plan = session().plan();
    QVERIFY(plan->turn);
    const auto* plot = chart->findChild<QCustomPlot*>();
    const double end_min = plan->turn->time_s.value / 60.0;
    const auto range = plot->axisRect(0)->axis(QCPAxis::atBottom)->range();
    QVERIFY(range.upper > end_min && range.upper < 2.0 * end_min);
    // The ring of the end stands at its minute.
    const QPoint at = chart->toScreen(plan->turn->distance_m.value, 0.0);
    VERIFY_NEAR(plot->axisRect(0)->axis(QCPAxis::atBottom)->pixelToCoord(at.x()), end_min, 0.02 * end_min);
    bool said = false;
    for (int i = 0; i < plot->itemCount(); ++i) {
        const auto* text = qobject_cast<const QCPItemText*>(plot->item(i));
        if (!text) continue;
        QVERIFY(!text->text().startsWith(QStringLiteral("turn ")));
        said = said || (text->text().startsWith(QStringLiteral("start of the descent")) &&
                        text->text().contains(QStringLiteral("min")));
    }
    QVERIFY(said);
    chart->setFocus();
    QTest::keyClick(chart, Qt::Key_Right, Qt::ControlModifier);
    QVERIFY(chart->cursorText().startsWith(QStringLiteral("at ")));
    QVERIFY(chart->cursorText().contains(QStringLiteral("min:")));
    // And what moves it is said in minutes.
    QVERIFY(!wording::what_moves_it(*plan, Look::instance().quantities()).contains(QStringLiteral("km,")));
    QVERIFY(wording::what_moves_it(*plan, Look::instance().quantities()).contains(QStringLiteral("min")));
}

/// Clicks are its corners; it is hatched, named in the table, a limit, on the alarm sheet, and gone by the menu.
void MissionsInPlanTest::anAreaIsDrawnOnTheMap() {
    auto& place = (*window_)->planPlace();
    auto* map = window_->find<MapView>("planMap");
    change([](mission::PlanRequest& r) {
        r.mission.bearing_deg = 90.0;
        r.mission.no_landing.clear();
    });
    const auto plain = map->grab().toImage();
    place.showMission();
    auto* panel = window_->find<MissionPanel>("missionPanel");
    panel->tabs().setCurrentIndex(1);
    QTest::mouseClick(panel->findChild<QPushButton*>(QStringLiteral("drawArea")), Qt::LeftButton);
    QVERIFY(map->isDrawing());
    const geodesy::EastNorth corners[] = {{1500.0, -900.0}, {3000.0, -900.0}, {3000.0, 900.0}, {1500.0, 900.0}};
    for (const auto& corner : corners) QTest::mouseClick(map, Qt::LeftButton, {}, map->toScreen(corner).toPoint());
    QTest::keyClick(map, Qt::Key_Backspace);
    QTest::mouseClick(map, Qt::LeftButton, {}, map->toScreen(corners[3]).toPoint());
    QTest::keyClick(map, Qt::Key_Return);
    QVERIFY(!map->isDrawing());
    settle();
    const auto& areas = session().request().mission.no_landing;
    QCOMPARE(areas.size(), std::size_t(1));
    QCOMPARE(areas.front().rings.front().size(), std::size_t(4));
    QVERIFY(geodesy::distance_m(areas.front().rings.front()[2], corners[2]) < 100.0);
    auto* table = panel->findChild<QTableWidget*>(QStringLiteral("placesTable"));
    const int last = table->rowCount() - 1;
    QCOMPARE(table->item(last, 0)->text(), QStringLiteral("no landing"));
    table->item(last, 1)->setText(QStringLiteral("Laguna"));
    QVERIFY(sobremesa::tests::eventually(
        [&] { return session().request().mission.no_landing.front().name == "Laguna"; }));
    settle();
    QVERIFY(map->grab().toImage() != plain);
    const auto& checks = session().outlook()->limits.checks;
    QVERIFY(std::any_of(checks.begin(), checks.end(),
                        [](const auto& c) { return c.kind == mission::LimitKind::over_land && c.worst > 0.0; }));
    place.showMission();
    place.showAlarms();
    auto* alarms = sheet<AlarmsSheet>();
    QVERIFY(alarms);
    bool said = false;
    for (const auto* label : alarms->findChildren<QLabel*>())
        said = said || label->text().contains(QStringLiteral("over land by"));
    QVERIFY(said);
    alarms->close();
    QMenu menu;
    map->fillMenu(menu, map->toScreen({2200.0, 600.0}).toPoint());
    QAction* remove = nullptr;
    for (QAction* action : menu.actions()) {
        if (action->text().contains(QStringLiteral("Laguna"))) remove = action;
    }
    QVERIFY(remove);
    remove->trigger();
    QVERIFY(session().request().mission.no_landing.empty());
}

void MissionsInPlanTest::anAreaIsDrawnByKeys() {
    auto* map = window_->find<MapView>("planMap");
    change([](mission::PlanRequest& r) { r.mission.no_landing.clear(); });
    act("drawAreaAction");
    QVERIFY(map->isDrawing());
    QTest::keyClick(map, Qt::Key_Insert);
    QTest::keyClick(map, Qt::Key_Right);
    QTest::keyClick(map, Qt::Key_Insert);
    QTest::keyClick(map, Qt::Key_Return); // two corners enclose nothing
    QVERIFY(!map->isDrawing());
    QVERIFY(session().request().mission.no_landing.empty());
    act("drawAreaAction");
    for (const int key :
         {int(Qt::Key_Insert), int(Qt::Key_Right), int(Qt::Key_Insert), int(Qt::Key_Up), int(Qt::Key_Insert)})
        QTest::keyClick(map, Qt::Key(key));
    QTest::keyClick(map, Qt::Key_Escape);
    QVERIFY(!map->isDrawing());
    QVERIFY(session().request().mission.no_landing.empty());
    act("drawAreaAction");
    for (const int key :
         {int(Qt::Key_Insert), int(Qt::Key_Right), int(Qt::Key_Insert), int(Qt::Key_Up), int(Qt::Key_Insert)})
        QTest::keyClick(map, Qt::Key(key));
    QTest::keyClick(map, Qt::Key_Enter);
    QCOMPARE(session().request().mission.no_landing.size(), std::size_t(1));
    const auto drawn = session().request().mission.no_landing;
    settle();
    // An edit like any other; those of one moment are undone together.
    act("undoAction");
    QVERIFY(sobremesa::tests::eventually([&] { return session().request().mission.no_landing != drawn; }));
}

void MissionsInPlanTest::areasComeOutOfAFile() {
    QTemporaryDir dir;
    QFile file(dir.filePath(QStringLiteral("water.geojson")));
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(R"({"type": "Feature", "properties": {"name": "Bay"}, "geometry": {"type": "Polygon",
        "coordinates": [[[-5.0, 42.01], [-4.98, 42.01], [-4.98, 42.03], [-5.0, 42.01]]]}})");
    file.close();
    change([](mission::PlanRequest& r) {
        r.mission.home.reset();
        r.mission.no_landing.clear();
    });
    (*window_)->takeAreas(file.fileName());
    QVERIFY(session().request().mission.no_landing.empty());
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("home position")));
    change([](mission::PlanRequest& r) { r.mission.home = geodesy::Position{42.0, -5.0}; });
    (*window_)->takeAreas(file.fileName());
    QCOMPARE(session().request().mission.no_landing.size(), std::size_t(1));
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("1 no-landing area imported")));
}

void MissionsInPlanTest::theFigureOfARuleIsTypedWhereItStands() {
    auto* rules = window_->find<TurnRulesTable>("schoolsTable");
    const auto type = [&](mission::TurnRule rule, const QString& text) {
        for (int row = 0; row < rules->model()->rowCount(); ++row) {
            if (session().plan()->turn_rules[std::size_t(row)].turn_rule != rule) continue;
            rules->setCurrentIndex(rules->model()->index(row, TurnRulesModel::rule));
            rules->setFocus();
            QTest::keyClick(rules, Qt::Key_F2);
            auto* editor = rules->findChild<QLineEdit*>();
            QVERIFY(editor);
            editor->selectAll();
            QTest::keyClicks(editor, text);
            QTest::keyClick(editor, Qt::Key_Return);
            return;
        }
        QFAIL("no such rule");
    };
    type(mission::TurnRule::share_left, QStringLiteral("55"));
    QVERIFY(sobremesa::tests::eventually([&] { return session().request().turn.share_left == 0.55; }));
    settle();
    type(mission::TurnRule::chance, QStringLiteral("95 %"));
    QVERIFY(sobremesa::tests::eventually([&] { return session().request().turn.least_chance == 0.95; }));
    settle();
    type(mission::TurnRule::charge_count, QStringLiteral("3100 mAh"));
    QVERIFY(sobremesa::tests::eventually([&] { return session().request().turn.landing_charge_ah.has_value(); }));
    VERIFY_NEAR(*session().request().turn.landing_charge_ah, 3.1, 1e-9);
    settle();
    type(mission::TurnRule::share_left, QStringLiteral("400"));
    QVERIFY(sobremesa::tests::eventually([&] { return !(*window_)->messages().text().isEmpty(); }));
    QCOMPARE(session().request().turn.share_left, 0.55);
}

void MissionsInPlanTest::theVideoHasLimitsOfItsOwn() {
    const auto video = [&]() -> std::optional<mission::LimitCheck> {
        for (const auto& check : session().outlook()->limits.checks) {
            if (check.kind == mission::LimitKind::video_distance) return check;
        }
        return std::nullopt;
    };
    QVERIFY(!video());
    change([](mission::PlanRequest& r) {
        r.link = mission::Link{868.0, 20.0, -105.0, {}, 2.0};
        r.video_link = mission::Link{5800.0, {}, {}, 1000.0, 2.0};
    });
    QVERIFY(video());
    QCOMPARE(video()->verdict, mission::Verdict::broken);
    QVERIFY(!session().outlook()->limits.go);
}

SOBREMESA_TEST(MissionsInPlanTest)
#include "tst_missions_in_plan.moc"
