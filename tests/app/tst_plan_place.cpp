// Drives the Plan place in a real window: by dragging, by typing, by keyboard.

#include <QAbstractButton>
#include <QAction>
#include <QComboBox>
#include <QContextMenuEvent>
#include <QLineEdit>
#include <QMenu>
#include <QScopeGuard>
#include <QTest>
#include <qcustomplot.h>

#include "app/charts/homeward_chart.hpp"
#include "app/map/map_view.hpp"
#include "app/opened_window.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/places/plan/turn_rules_table.hpp"
#include "app/shell/setting_sheet.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/explanation_sheet.hpp"
#include "app/widgets/number_field.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using tests::OpenedWindow;

namespace {

void drag(QWidget* widget, const QPoint& from, const QPoint& to) {
    QTest::mousePress(widget, Qt::LeftButton, {}, from);
    for (int i = 1; i <= 8; ++i) QTest::mouseMove(widget, from + (to - from) * i / 8);
    QTest::mouseRelease(widget, Qt::LeftButton, {}, to);
}

/// The sheet that is open, if any.
template <class Sheet>
Sheet* open_sheet() {
    return qobject_cast<Sheet*>(QApplication::activePopupWidget());
}

} // namespace

class PlanPlaceTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void sentenceTableAndChartAgree();
    void noWordsOfTheChartStandUnderTheTurns();
    void aNarrowChartSaysFewerWords();
    void draggingTheTurnMovesTheBearing();
    void draggingTheWindMovesEverything();
    void theWindKeepsOffTheNameOfHome();
    void namesKeepOffTheLineOfReach();
    void draggingTheReserveMovesTheTurn();
    void draggingAWordStepsIt();
    void wordsStepByKeyboard();
    void typingInASheetTakesEffectAtOnce_data();
    void typingInASheetTakesEffectAtOnce();
    void badValuesAreMarkedWhereTyped();
    void cellsComeWhole();
    void chemistryTakesItsLandingVoltageAlong();
    void rulesThatCountAreChosenInTheTable();
    void rulesAreChosenByKeyboard();
    void everyNumberSaysWhy_data();
    void everyNumberSaysWhy();
    void aPlanWithoutTurnIsAnAnswerOnScreen();
    void whatChangedIsSaid();
    void anotherDocumentIsNoChange();
    void chartCursorByKeyboard();
    void mapByKeyboardAndWheel();
    void placesAreAddedOnTheMap();
    void menusOfThings();
    void liIonAtLipoVoltsIsImpossibleToMiss();

private:
    std::unique_ptr<OpenedWindow> window_;
};

void PlanPlaceTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    window_ = std::make_unique<OpenedWindow>();
}

void PlanPlaceTest::sentenceTableAndChartAgree() {
    const auto plan = (*window_)->planSession().plan();
    const QString distance = Look::instance().quantities().distance(plan->turn->distance_m.value);
    const QString charge = Look::instance().quantities().charge(plan->turn->charge_used_ah.value);
    QVERIFY(window_->said("planSentence").contains(distance));
    QVERIFY(window_->said("planSentence").contains(charge));

    auto* table = window_->find<TurnRulesTable>("schoolsTable");
    QString in_table;
    for (int row = 0; row < table->turnRules().rowCount(); ++row) {
        if (table->turnRules().index(row, 0).data(Qt::CheckStateRole).toInt() != Qt::Checked) continue;
        in_table = table->turnRules().index(row, TurnRulesModel::distance).data().toString();
        QCOMPARE(table->turnRules().index(row, TurnRulesModel::used).data().toString(), charge);
        break; // the earliest of those that count
    }
    QCOMPARE(in_table, distance);

    auto* plot = window_->find<HomewardChart>("homewardChart")->findChild<QCustomPlot*>();
    bool in_chart = false;
    for (int i = 0; i < plot->itemCount(); ++i) {
        const auto* text = qobject_cast<QCPItemText*>(plot->item(i));
        in_chart = in_chart || (text && text->text().contains(distance));
    }
    QVERIFY(in_chart);
    QVERIFY(window_->find<MapView>("planMap")->accessibleName().contains(distance));
}

/// Wherever rule and turn fall together, the turn's label hides no other words.
void PlanPlaceTest::noWordsOfTheChartStandUnderTheTurns() {
    auto* plot = window_->find<HomewardChart>("homewardChart")->findChild<QCustomPlot*>();
    int looked_at = 0;
    (*window_)->openFile(QStringLiteral(DEMO_DIR "/tarabilla-quarry.plan.json"));
    Look::instance().setTheme(field_theme());
    const auto restore = qScopeGuard([] { Look::instance().setTheme(day_theme()); });
    window_->settle();
    for (int wind = 2; wind <= 6; ++wind) {
        auto request = (*window_)->planSession().request();
        request.weather.wind.speed_mps = wind;
        (*window_)->planSession().setRequest(request);
        window_->settle();
        std::vector<std::pair<QRectF, QString>> texts;
        std::optional<QRectF> turn;
        for (int i = 0; i < plot->itemCount(); ++i) {
            const auto* text = qobject_cast<QCPItemText*>(plot->item(i));
            if (!text || !text->visible() || text->text().isEmpty()) continue;
            const QRectF place(text->topLeft->pixelPosition(), text->bottomRight->pixelPosition());
            if (text->text().startsWith(QStringLiteral("turn ")))
                turn = place;
            else
                texts.emplace_back(place, text->text());
        }
        if (!turn) continue;
        for (const auto& [place, words] : texts) {
            QVERIFY2(!place.intersects(*turn), qPrintable(QStringLiteral("%1, wind %2").arg(words).arg(wind)));
            ++looked_at;
        }
    }
    QVERIFY(looked_at > 10);
}

/// As beside the first form in a small window: no words leave it, and none of those beside a line cross it.
void PlanPlaceTest::aNarrowChartSaysFewerWords() {
    HomewardChart chart;
    chart.setPlan((*window_)->planSession().plan());
    chart.show();
    for (const int width : {330, 380, 450}) {
        chart.resize(width, 480);
        QCoreApplication::processEvents();
        auto* plot = chart.findChild<QCustomPlot*>();
        plot->replot();
        int looked_at = 0;
        for (int i = 0; i < plot->itemCount(); ++i) {
            const auto* text = qobject_cast<QCPItemText*>(plot->item(i));
            if (!text || !text->visible() || text->text().isEmpty()) continue;
            const QRectF place(text->topLeft->pixelPosition(), text->bottomRight->pixelPosition());
            QVERIFY2(place.left() >= 0.0 && place.right() <= plot->width() + 1.0,
                     qPrintable(QStringLiteral("%1, %2 wide").arg(text->text()).arg(width)));
            ++looked_at;
        }
        QVERIFY(looked_at >= 4);
    }
}

void PlanPlaceTest::draggingTheTurnMovesTheBearing() {
    auto* map = window_->find<MapView>("planMap");
    const auto& turn = *(*window_)->planSession().plan()->turn;
    const double bearing = units::radians((*window_)->planSession().request().mission.bearing_deg);
    const QPoint from =
        map->toScreen({turn.distance_m.value * std::sin(bearing), turn.distance_m.value * std::cos(bearing)})
            .toPoint();
    const QPoint home = map->toScreen({}).toPoint();
    drag(map, from, home + QPoint(60, -60));
    window_->settle();
    VERIFY_NEAR((*window_)->planSession().request().mission.bearing_deg, 45.0, 1.5);
    const double bearing_now = (*window_)->planSession().request().mission.bearing_deg;
    QVERIFY(map->accessibleName().contains(Look::instance().quantities().direction(bearing_now)));
}

void PlanPlaceTest::draggingTheWindMovesEverything() {
    auto* map = window_->find<MapView>("planMap");
    const QString before = window_->said("planSentence");
    const QPoint handle = map->windHandle().toPoint();
    drag(map, handle, handle + QPoint(-18, 0));
    window_->settle();
    const auto& wind = (*window_)->planSession().request().weather.wind;
    QVERIFY(wind.speed_mps > 6.0);
    VERIFY_NEAR(wind.from_deg, 265.0, 12.0);
    QVERIFY(window_->said("planSentence") != before);
    auto* word = window_->find<QAbstractButton>("settingWind");
    QVERIFY(word->text().contains(wording::written(wind.speed_mps, 0.0, {1.0, {}, 1})));
}

void PlanPlaceTest::namesKeepOffTheLineOfReach() {
    // The demo's landing place lies under the ridge that ends the reach, and the turn on the line itself.
    auto* map = window_->find<MapView>("planMap");
    auto& session = (*window_)->planSession();
    for (double bearing_deg = 265.0; bearing_deg < 625.0; bearing_deg += 45.0) {
        auto request = session.request();
        request.mission.bearing_deg = std::fmod(bearing_deg, 360.0);
        session.setRequest(request);
        QTRY_VERIFY_WITH_TIMEOUT(session.outlook_is_settled(), 30000);
        window_->settle();
        map->showAll();
        QVERIFY(map->reachLine().line.size() > 3);
        auto names = map->markNames();
        QVERIFY(names.size() >= 2U);
        if (session.plan()->turn) names.push_back(map->turnName());
        for (const QRectF& name : names) {
            for (const QLineF& line : map->outlineLines(map->reachLine().line)) {
                // Looked at point by point: not as the map looks.
                for (double share = 0.0; share <= 1.0; share += 0.01) {
                    const QPointF at = line.pointAt(share);
                    QVERIFY2(!name.contains(at),
                             qPrintable(QStringLiteral("%1°: %2, %3").arg(bearing_deg).arg(at.x()).arg(at.y())));
                }
            }
            for (const QRectF& other : names) QVERIFY(&other == &name || !other.intersects(name));
        }
    }
}

void PlanPlaceTest::theWindKeepsOffTheNameOfHome() {
    // Calm but for the sign: its handle stands in the middle of the barb.
    auto* map = window_->find<MapView>("planMap");
    auto request = (*window_)->planSession().request();
    request.weather.wind.speed_mps = 0.5;
    bool moved = false;
    for (double bearing_deg = 0.0; bearing_deg < 360.0; bearing_deg += 15.0) {
        request.mission.bearing_deg = bearing_deg;
        (*window_)->planSession().setRequest(request);
        window_->settle();
        map->showAll();
        const QPointF barb = map->windHandle();
        QVERIFY2(!map->homeName().adjusted(-20, -20, 20, 20).contains(barb),
                 qPrintable(QString::number(bearing_deg)));
        QVERIFY(barb.x() > 0.5 * map->width());
        moved = moved || barb.y() > 0.5 * map->height();
    }
    QVERIFY(moved);
}

void PlanPlaceTest::draggingTheReserveMovesTheTurn() {
    auto* chart = window_->find<HomewardChart>("homewardChart");
    auto* plot = chart->findChild<QCustomPlot*>();
    const auto plan = (*window_)->planSession().plan();
    const double usable = plan->usable_energy_wh.value;
    const double before_m = plan->turn->distance_m.value;
    drag(plot, chart->toScreen(8000.0, 0.2 * usable), chart->toScreen(8000.0, 0.4 * usable));
    window_->settle();
    const auto& reserve = std::get<mission::ShareOfUsable>((*window_)->planSession().request().reserve);
    VERIFY_NEAR(reserve.share, 0.4, 0.02);
    QVERIFY((*window_)->planSession().plan()->turn->distance_m.value < before_m);
}

void PlanPlaceTest::draggingAWordStepsIt() {
    auto* word = window_->find<QAbstractButton>("settingHeight");
    const QPoint middle = word->rect().center();
    drag(word, middle, middle + QPoint(28, 0)); // three steps of five metres
    window_->settle();
    VERIFY_NEAR((*window_)->planSession().request().mission.height_m, 105.0, 1e-6);
    QVERIFY(!QApplication::activePopupWidget()); // a drag is no click
}

void PlanPlaceTest::wordsStepByKeyboard() {
    auto* word = window_->find<QAbstractButton>("settingReserve");
    word->setFocus();
    QTest::keyClick(word, Qt::Key_Up);
    QTest::keyClick(word, Qt::Key_Up);
    QTest::keyClick(word, Qt::Key_Down);
    window_->settle();
    VERIFY_NEAR(std::get<mission::ShareOfUsable>((*window_)->planSession().request().reserve).share, 0.21, 1e-9);
}

void PlanPlaceTest::typingInASheetTakesEffectAtOnce_data() {
    QTest::addColumn<QString>("typed");
    QTest::newRow("decimal point") << "7.5";
    QTest::newRow("decimal comma") << "7,5";
}

void PlanPlaceTest::typingInASheetTakesEffectAtOnce() {
    QFETCH(QString, typed);
    auto* word = window_->find<QAbstractButton>("settingWind");
    word->setFocus();
    QTest::keyClick(word, Qt::Key_Return);
    auto* sheet = open_sheet<SettingSheet>();
    QVERIFY(sheet);
    auto* field = sheet->findChild<NumberField*>(QStringLiteral("Wind speed"));
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, typed);
    VERIFY_NEAR((*window_)->planSession().request().weather.wind.speed_mps, 7.5, 1e-9);
    QTest::keyClick(field, Qt::Key_Escape);
    EVENTUALLY(!QApplication::activePopupWidget());
    window_->settle();
}

void PlanPlaceTest::badValuesAreMarkedWhereTyped() {
    auto* word = window_->find<QAbstractButton>("settingAircraft");
    QTest::mouseClick(word, Qt::LeftButton);
    auto* sheet = open_sheet<SettingSheet>();
    QVERIFY(sheet);
    auto* field = sheet->findChild<NumberField*>(QStringLiteral("Mass without pack"));
    auto* trouble = sheet->findChild<QLabel*>(QStringLiteral("Mass without pack trouble"));
    const int height = sheet->height();
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("heavy"));
    QVERIFY(field->property("wrong").toBool());
    QVERIFY(trouble->isVisible());
    QVERIFY(sheet->height() > height);
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("-40"));
    QVERIFY(field->property("wrong").toBool());
    QVERIFY(trouble->accessibleName().contains(QStringLiteral("not possible")));
    VERIFY_NEAR((*window_)->planSession().request().aircraft.mass_kg, 0.94, 1e-9);
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("1020"));
    QVERIFY(!field->property("wrong").toBool());
    QVERIFY(!trouble->isVisible());
    // The room of the line goes with it.
    QCOMPARE(sheet->height(), height);
    VERIFY_NEAR((*window_)->planSession().request().aircraft.mass_kg, 1.02, 1e-9);
    sheet->close();
    window_->settle();
}

void PlanPlaceTest::cellsComeWhole() {
    QTest::mouseClick(window_->find<QAbstractButton>("settingPack"), Qt::LeftButton);
    auto* sheet = open_sheet<SettingSheet>();
    auto* field = sheet->findChild<NumberField*>(QStringLiteral("Cells in series"));
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("4.7"));
    QVERIFY(field->property("wrong").toBool());
    QVERIFY(sheet->findChild<QLabel*>(QStringLiteral("Cells in series trouble"))->isVisible());
    QCOMPARE((*window_)->planSession().request().pack.series, 4);
    sheet->close();
    window_->settle();
}

void PlanPlaceTest::chemistryTakesItsLandingVoltageAlong() {
    QTest::mouseClick(window_->find<QAbstractButton>("settingPack"), Qt::LeftButton);
    auto* sheet = open_sheet<SettingSheet>();
    auto* box = sheet->findChild<QComboBox*>(QStringLiteral("Chemistry"));
    box->setFocus();
    QTest::keyClick(box, Qt::Key_Home);
    sheet->close();
    window_->settle();
    const auto& request = (*window_)->planSession().request();
    QCOMPARE(request.pack.chemistry, battery::Chemistry::lipo);
    QCOMPARE(mission::landing_cell_v(request), 3.5);
}

void PlanPlaceTest::rulesThatCountAreChosenInTheTable() {
    auto* table = window_->find<TurnRulesTable>("schoolsTable");
    const QModelIndex first = table->turnRules().index(0, TurnRulesModel::rule);
    QCOMPARE(first.data(Qt::CheckStateRole).toInt(), int(Qt::Unchecked));
    QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, table->visualRect(first).center());
    window_->settle();
    const auto plan = (*window_)->planSession().plan();
    QCOMPARE(plan->turn->turn_rule, plan->turn_rules.front().turn_rule);
    QVERIFY(window_->said("planSentence").contains(QStringLiteral("remaining.")));
    // The last rule that counts cannot be taken away.
    for (int row = 0; row < table->turnRules().rowCount(); ++row) {
        const QModelIndex index = table->turnRules().index(row, TurnRulesModel::rule);
        if (index.data(Qt::CheckStateRole).toInt() == Qt::Checked) {
            table->turnRules().setData(index, Qt::Unchecked, Qt::CheckStateRole);
        }
        window_->settle();
    }
    QCOMPARE((*window_)->planSession().request().turn.counted.size(), std::size_t(1));
}

void PlanPlaceTest::rulesAreChosenByKeyboard() {
    auto* table = window_->find<TurnRulesTable>("schoolsTable");
    table->setFocus();
    table->setCurrentIndex(table->turnRules().index(1, TurnRulesModel::rule));
    const auto counted = [&] { return (*window_)->planSession().request().turn.counted.size(); };
    const bool before = table->currentIndex().data(Qt::CheckStateRole).toInt() == Qt::Checked;
    const std::size_t others = counted() - (before ? 1 : 0);
    QTest::keyClick(table, Qt::Key_Space);
    window_->settle();
    QCOMPARE(counted(), others + (before ? 0 : 1));
    table->setCurrentIndex(table->turnRules().index(1, TurnRulesModel::distance));
    QTest::keyClick(table, Qt::Key_F1);
    QVERIFY(open_sheet<ExplanationSheet>());
    open_sheet<ExplanationSheet>()->close();
}

void PlanPlaceTest::everyNumberSaysWhy_data() {
    QTest::addColumn<bool>("by_key");
    QTest::newRow("by mouse") << false;
    QTest::newRow("by key") << true;
}

void PlanPlaceTest::everyNumberSaysWhy() {
    QFETCH(bool, by_key);
    int asked = 0;
    for (auto* number : (*window_)->planPlace().findChildren<ExplainedNumber*>()) {
        QVERIFY2(number->explanation().has_value(), "a number on screen without an explanation");
        if (by_key) {
            number->setFocus();
            QTest::keyClick(number, Qt::Key_F1);
        } else {
            QTest::mouseClick(number, Qt::LeftButton);
        }
        auto* sheet = open_sheet<ExplanationSheet>();
        QVERIFY(sheet);
        QVERIFY(sheet->accessibleDescription().contains(QStringLiteral("Source:")));
        sheet->close();
        EVENTUALLY(!QApplication::activePopupWidget());
        ++asked;
    }
    QCOMPARE(asked, 4);
    auto* table = window_->find<TurnRulesTable>("schoolsTable");
    for (int row = 0; row < table->turnRules().rowCount(); ++row) {
        for (int column = TurnRulesModel::distance; column < TurnRulesModel::column_count; ++column) {
            QVERIFY(table->turnRules().explanation(table->turnRules().index(row, column)).has_value());
        }
    }
}

void PlanPlaceTest::aPlanWithoutTurnIsAnAnswerOnScreen() {
    auto request = (*window_)->planSession().request();
    request.weather.wind = {20.0, 265.0};
    (*window_)->planSession().setRequest(request);
    window_->settle();
    QVERIFY(window_->said("planSentence").startsWith(QStringLiteral("This bearing cannot be flown")));
    QVERIFY(!window_->find<TurnRulesTable>("schoolsTable")->isVisible());
    (*window_)->grab(); // paints without a turn
    request.weather.wind = {4.0, 265.0};
    (*window_)->planSession().setRequest(request);
    window_->settle();
    QVERIFY(window_->said("planSentence").startsWith(QStringLiteral("Turn for home")));
    QVERIFY(window_->find<TurnRulesTable>("schoolsTable")->isVisible());
}

void PlanPlaceTest::whatChangedIsSaid() {
    auto request = (*window_)->planSession().request();
    request.weather.wind.speed_mps += 2.0;
    (*window_)->planSession().setRequest(request);
    window_->settle();
    QVERIFY(window_->said("planChanged").startsWith(QStringLiteral("turn ")));
    QVERIFY(window_->said("planChanged").contains(QStringLiteral("wind aloft")));
}

void PlanPlaceTest::anotherDocumentIsNoChange() {
    (*window_)->openFile(QStringLiteral(DEMO_DIR "/tarabilla-quarry.plan.json"));
    window_->settle();
    QVERIFY(!window_->find<QLabel>("planChanged")->isVisible());
    QCOMPARE((*window_)->planSession().request().aircraft.name, std::string("Tarabilla"));
}

void PlanPlaceTest::chartCursorByKeyboard() {
    auto* chart = window_->find<HomewardChart>("homewardChart");
    chart->setFocus();
    for (int i = 0; i < 10; ++i) QTest::keyClick(chart, Qt::Key_Right);
    QVERIFY(chart->cursorText().contains(QStringLiteral("margin")));
    const QString there = chart->cursorText();
    QTest::keyClick(chart, Qt::Key_Left);
    QVERIFY(chart->cursorText() != there);
}

void PlanPlaceTest::mapByKeyboardAndWheel() {
    auto* map = window_->find<MapView>("planMap");
    map->setFocus();
    const geodesy::EastNorth far{-20000.0, 0.0};
    const QPointF before = map->toScreen(far);
    QTest::keyClick(map, Qt::Key_Plus);
    QVERIFY(map->toScreen(far) != before);
    QTest::keyClick(map, Qt::Key_Home);
    QCOMPARE(map->toScreen(far), before);
    QTest::keyClick(map, Qt::Key_Left);
    QVERIFY(map->toScreen(far) != before);
    QTest::keyClick(map, Qt::Key_Home);
    QCOMPARE(map->toScreen(far), before);
}

/// A double click or Insert adds a waypoint and asks for its name; the menu does the same, and removes.
void PlanPlaceTest::placesAreAddedOnTheMap() {
    auto* map = window_->find<MapView>("planMap");
    const auto& session = (*window_)->planSession();
    const auto waypoints = [&]() -> const auto& {
        return session.request().mission.waypoints;
    };
    const geodesy::EastNorth wanted{-1500.0, 2500.0};
    const QPoint there = map->toScreen(wanted).toPoint();
    QVERIFY(map->rect().contains(there));
    const std::size_t before = waypoints().size();
    const std::size_t landing_places = session.request().mission.alternates.size();
    QTest::mouseDClick(map, Qt::LeftButton, {}, there);
    QCOMPARE(waypoints().size(), before + 1);
    QCOMPARE(int(session.request().mission.kind), int(mission::MissionKind::route));
    auto* name = window_->find<QLineEdit>("markName");
    QVERIFY(name->hasFocus());
    QTest::keyClicks(name, QStringLiteral("Chapel"));
    QTest::keyClick(name, Qt::Key_Return);
    QCOMPARE(waypoints().back().name, std::string("Chapel"));
    // As exact as the hand on this scale: a pixel either way.
    const double pixel_m = 10000.0 / (map->toScreen({10000.0, 0.0}).x() - map->toScreen({0.0, 0.0}).x());
    VERIFY_NEAR(waypoints().back().at.east_m, wanted.east_m, 1.5 * std::abs(pixel_m) + 1.0);
    VERIFY_NEAR(waypoints().back().at.north_m, wanted.north_m, 1.5 * std::abs(pixel_m) + 1.0);
    window_->settle();
    QTest::keyClick(map, Qt::Key_Insert);
    QCOMPARE(waypoints().size(), before + 2);
    name = map->findChildren<QLineEdit*>(QStringLiteral("markName")).back();
    QTest::keyClicks(name, QStringLiteral("nonsense"));
    QTest::keyClick(name, Qt::Key_Escape);
    QVERIFY(waypoints().back().name.empty());
    window_->settle();
    // The menu of an empty spot, then that of a place.
    const auto menu_at = [&](const QPoint& at) {
        QContextMenuEvent asked(QContextMenuEvent::Mouse, at, map->mapToGlobal(at));
        QApplication::sendEvent(map, &asked);
        auto menus = (*window_)->findChildren<QMenu*>(QStringLiteral("contextMenu"));
        return menus.isEmpty() ? nullptr : menus.back();
    };
    const auto chosen = [&](QMenu* menu, const QString& begin) {
        for (QAction* action : menu->actions()) {
            if (!action->text().startsWith(begin)) continue;
            action->trigger();
            menu->close();
            return true;
        }
        return false;
    };
    QMenu* menu = menu_at(QPoint(40, map->height() / 2));
    QVERIFY(menu);
    QVERIFY(chosen(menu, QStringLiteral("Add a landing place")));
    QCOMPARE(session.request().mission.alternates.size(), landing_places + 1);
    QTest::keyClick(map->findChildren<QLineEdit*>(QStringLiteral("markName")).back(), Qt::Key_Escape);
    window_->settle();
    menu = menu_at(map->toScreen(waypoints()[before].at).toPoint());
    QVERIFY(menu);
    QVERIFY(chosen(menu, QStringLiteral("Remove Chapel")));
    QCOMPARE(waypoints().size(), before + 1);
    // All of it is undone, step by step.
    auto* undo = (*window_)->findChild<QAction*>(QStringLiteral("undoAction"));
    for (int i = 0; i < 10 && waypoints().size() != before; ++i) undo->trigger();
    QCOMPARE(waypoints().size(), before);
}

/// Right button or menu key: what applies to the thing, then what applies to any table or chart.
void PlanPlaceTest::menusOfThings() {
    const auto texts = [&](QWidget* on, QContextMenuEvent::Reason reason) {
        QStringList found;
        const QPoint middle = on->rect().center();
        QContextMenuEvent asked(reason, middle, on->mapToGlobal(middle));
        QApplication::sendEvent(on, &asked);
        const auto menus = (*window_)->findChildren<QMenu*>(QStringLiteral("contextMenu"));
        if (!menus.isEmpty()) {
            for (QAction* action : menus.back()->actions()) found << action->text();
            menus.back()->close();
            QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        }
        return found.join(QLatin1Char('|'));
    };
    const QString chart = texts(window_->find<HomewardChart>("homewardChart"), QContextMenuEvent::Mouse);
    QVERIFY2(chart.contains(QStringLiteral("Copy table or chart")), qPrintable(chart));
    QVERIFY2(chart.contains(QStringLiteral("Show chart as a table")), qPrintable(chart));
    auto* number = (*window_)->planPlace().findChild<ExplainedNumber*>();
    QVERIFY(number);
    const QString figure = texts(number, QContextMenuEvent::Mouse);
    QVERIFY2(figure.contains(QStringLiteral("Why this number?")), qPrintable(figure));
    QTest::keyClick(&**window_, Qt::Key_2, Qt::ControlModifier);
    auto* table = window_->find<DataTable>("packsTable");
    table->setFocus();
    table->setCurrentIndex(table->model()->index(0, 0));
    const QString row = texts(table, QContextMenuEvent::Keyboard);
    QVERIFY2(row.contains(QStringLiteral("Duplicate")), qPrintable(row));
    QVERIFY2(row.contains(QStringLiteral("Retire")), qPrintable(row));
    QVERIFY2(row.contains(QStringLiteral("Export table or chart")), qPrintable(row));
    QVERIFY2(!row.contains(QStringLiteral("as a table")), qPrintable(row));
    // The right button on a figure asks nothing by itself.
    QTest::keyClick(&**window_, Qt::Key_4, Qt::ControlModifier);
    QTest::mouseClick(number, Qt::RightButton);
    QVERIFY(!QApplication::activePopupWidget());
}

void PlanPlaceTest::liIonAtLipoVoltsIsImpossibleToMiss() {
    auto request = (*window_)->planSession().request();
    request.landing_cell_v = 3.5;
    (*window_)->planSession().setRequest(request);
    window_->settle();
    bool warned = false;
    for (const auto* label : (*window_)->planPlace().findChildren<QLabel*>()) {
        warned = warned || (label->isVisible() && label->text().contains(QStringLiteral("unused")));
    }
    QVERIFY(warned);
}

SOBREMESA_TEST(PlanPlaceTest)
#include "tst_plan_place.moc"
