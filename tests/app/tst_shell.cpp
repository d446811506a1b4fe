// The window around the places: rail, setting, themes, what it remembers, how it folds.

#include <QAbstractButton>
#include <QAction>
#include <QDialog>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QScreen>
#include <QScrollArea>
#include <QSignalSpy>
#include <QTabWidget>
#include <QTableView>
#include <QTest>

#include "app/opened_window.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/places/plan/first_plan_page.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/shell/help_sheets.hpp"
#include "app/shell/message_bar.hpp"
#include "app/shell/place_rail.hpp"
#include "app/shell/setting_line.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/number_field.hpp"
#include "core/mission/cruise_current.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"
#include "wording/language.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using tests::OpenedWindow;

class ShellTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void placesByRailAndKey();
    void themeByKey();
    void windowRemembersItself();
    void settingSpeaksTheRequest();
    void longNamesWrapAndNothingIsLost();
    void nothingIsClipped_data();
    void nothingIsClipped();
    void emptyPlacesAreNotClippedEither_data() { nothingIsClipped_data(); }
    void emptyPlacesAreNotClippedEither();
    void everyControlHasANameAndASize();
    void wholePlanByKeyboardAlone();
    void aPlanThatCannotBeReadIsSaid();
    void firstStartLeadsToAPlanByKeyboard();
    void fieldsReadBothDecimals();
    void theFirstFormAnswersAtOnce();
    void aMessageGoesWithItsCause();
    void helpIsInTheProgram();
    void aNewPlanIsBlankAndADuplicateIsNot();
    void enterPressesTheButtonThatIsMeant();
    void itFitsOnASmallScreen();

private:
    std::unique_ptr<OpenedWindow> window_;
};

void ShellTest::init() {
    window_.reset();
    Look::instance().setTextScale(1.0);
    Look::instance().setTheme(day_theme());
    window_ = std::make_unique<OpenedWindow>();
}

void ShellTest::placesByRailAndKey() {
    QCOMPARE(int((*window_)->place()), int(Place::plan));
    QTest::mouseClick(window_->find<QAbstractButton>("railDebrief"), Qt::LeftButton);
    QCOMPARE(int((*window_)->place()), int(Place::debrief));
    QTest::keyClick(&**window_, Qt::Key_4, Qt::ControlModifier);
    QCOMPARE(int((*window_)->place()), int(Place::plan));
    QVERIFY(window_->find<QAbstractButton>("railPlan")->isChecked());
}

void ShellTest::themeByKey() {
    QTest::keyClick(&**window_, Qt::Key_E, Qt::ControlModifier);
    QVERIFY(Look::instance().theme().dark);
    QTest::keyClick(&**window_, Qt::Key_E, Qt::ControlModifier);
    QCOMPARE(Look::instance().theme().name, QStringLiteral("field"));
    QTest::keyClick(&**window_, Qt::Key_E, Qt::ControlModifier);
    QCOMPARE(Look::instance().theme().name, QStringLiteral("day"));
}

void ShellTest::windowRemembersItself() {
    const QTemporaryDir settings;
    {
        MainWindow first(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
        first.resize(1111, 777);
        Look::instance().setTheme(evening_theme());
        first.show();
        first.close();
        EVENTUALLY(!first.isVisible());
    }
    Look::instance().setTheme(day_theme());
    const MainWindow second(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    QCOMPARE(second.size(), QSize(1111, 777));
    QVERIFY(Look::instance().theme().dark);
}

void ShellTest::settingSpeaksTheRequest() {
    QCOMPARE(window_->find<QAbstractButton>("settingAircraft")->text(), QStringLiteral("Alcaraván"));
    QVERIFY(window_->find<QAbstractButton>("settingPack")->text().contains(QStringLiteral("4S2P Li-ion")));
    QVERIFY(window_->find<QAbstractButton>("settingBearing")->text().contains(QStringLiteral("265°")));
    // Nothing lies on the debrief table yet: there is nothing that a setting could speak of.
    (*window_)->showPlace(Place::debrief);
    QVERIFY(!window_->find<SettingLine>("settingLine")->isVisible());
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    auto* flown = window_->find<SettingLine>("flownSettingLine");
    QVERIFY(flown->isVisible());
    QVERIFY(!flown->findChild<QAbstractButton*>(QStringLiteral("flownBearing"))->isVisible());
    QVERIFY(flown->findChild<QAbstractButton*>(QStringLiteral("flownPack"))->isVisible());
}

void ShellTest::longNamesWrapAndNothingIsLost() {
    auto request = (*window_)->planSession().request();
    request.aircraft.name = "The long-winged survey aircraft of the upper valley";
    request.pack.name = "Winter pack number seventeen, the one with the green wrap";
    (*window_)->planSession().setRequest(request);
    window_->settle();
    QTest::qWait(20);
    auto* line = window_->find<SettingLine>("settingLine");
    for (auto* word : line->findChildren<QAbstractButton*>()) {
        if (!word->isVisible()) continue;
        QVERIFY2(line->rect().contains(word->geometry()), qPrintable(word->text()));
    }
}

void ShellTest::nothingIsClipped_data() {
    QTest::addColumn<QSize>("size");
    QTest::addColumn<double>("scale");
    for (const double scale : {1.0, 1.25, 1.5}) {
        QTest::newRow(qPrintable(QStringLiteral("1024x700 at %1").arg(scale))) << QSize(1024, 700) << scale;
        QTest::newRow(qPrintable(QStringLiteral("1280x800 at %1").arg(scale))) << QSize(1280, 800) << scale;
    }
}

void ShellTest::nothingIsClipped() {
    QFETCH(QSize, size);
    QFETCH(double, scale);
    window_.reset();
    Look::instance().setTextScale(scale);
    window_ = std::make_unique<OpenedWindow>();
    window_->openLog("2026-05-16-alcaravan-three-hills.csv");
    (*window_)->resize(size);
    for (const Place place : {Place::fleet, Place::packs, Place::plan, Place::debrief, Place::logbook}) {
        (*window_)->showPlace(place);
        QTest::qWait(40);
        QCOMPARE((*window_)->size(), size);
        for (const auto* label : (*window_)->findChildren<QLabel*>()) {
            if (!label->isVisible() || label->text().isEmpty() ||
                label->objectName() == QStringLiteral("movesMost"))
                continue;
            QVERIFY2(label->width() >= (label->wordWrap() ? 40 : label->sizeHint().width()),
                     qPrintable(QStringLiteral("clipped: %1").arg(label->text())));
            if (label->wordWrap()) {
                QVERIFY2(label->height() >= label->heightForWidth(label->width()) - 1,
                         qPrintable(QStringLiteral("too low: %1").arg(label->text())));
            }
        }
        // What scrolls up and down must never have to scroll sideways. Layouts settle over a few rounds of events.
        for (const auto* area : (*window_)->findChildren<QScrollArea*>()) {
            if (!area->isVisible()) continue;
            QTRY_VERIFY2(area->widget()->width() <= area->viewport()->width(),
                         qPrintable(QStringLiteral("%1 in place %2: %3 of %4")
                                        .arg(area->objectName())
                                        .arg(int(place))
                                        .arg(area->widget()->width())
                                        .arg(area->viewport()->width())));
            QTRY_VERIFY2(area->width() <= area->parentWidget()->width(), "an area is wider than its place");
        }
    }
    Look::instance().setTextScale(1.0);
}

void ShellTest::everyControlHasANameAndASize() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    for (const Place place : {Place::fleet, Place::packs, Place::plan, Place::debrief, Place::logbook}) {
        (*window_)->showPlace(place);
        QTest::qWait(20);
        for (const auto* widget : (*window_)->findChildren<QWidget*>()) {
            if (!widget->isVisible() || !(widget->focusPolicy() & Qt::TabFocus)) continue;
            const auto* button = qobject_cast<const QAbstractButton*>(widget);
            QVERIFY2(!widget->accessibleName().isEmpty() || (button && !button->text().isEmpty()),
                     qPrintable(QLatin1String(widget->metaObject()->className()) + widget->objectName()));
            QVERIFY2(widget->height() >= 24, qPrintable(widget->objectName()));
        }
    }
}

void ShellTest::wholePlanByKeyboardAlone() {
    // From the first focus on, Tab alone comes to every word of the setting, the map, the answer and the chart.
    QSet<QString> met;
    QTest::qWait(20);
    for (int i = 0; i < 60; ++i) {
        QTest::keyClick(QApplication::focusWidget() ? QApplication::focusWidget() : &**window_, Qt::Key_Tab);
        if (const QWidget* focus = QApplication::focusWidget()) met.insert(focus->objectName());
    }
    for (const char* name : {"settingAircraft", "settingPack", "settingWind", "settingReserve", "settingLanding",
                             "planMap", "schoolsTable", "homewardChart", "menuButton"}) {
        QVERIFY2(met.contains(QLatin1String(name)), name);
    }
}

void ShellTest::aPlanThatCannotBeReadIsSaid() {
    const auto before = (*window_)->planSession().request().aircraft.name;
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("typo.json"));
    QFile out(path);
    QVERIFY(out.open(QIODevice::WriteOnly));
    out.write("{ \"aircraft\": {,} }");
    out.close();
    (*window_)->openFile(path);
    QVERIFY((*window_)->messages().isVisible());
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("typo.json, line 1")));
    QCOMPARE((*window_)->planSession().request().aircraft.name, before);
}

void ShellTest::emptyPlacesAreNotClippedEither() {
    QFETCH(QSize, size);
    QFETCH(double, scale);
    window_.reset();
    Look::instance().setTextScale(scale);
    const QTemporaryDir settings;
    MainWindow fresh(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    fresh.resize(size);
    fresh.show();
    for (const Place place : {Place::fleet, Place::packs, Place::plan, Place::debrief, Place::logbook}) {
        fresh.showPlace(place);
        QTest::qWait(40);
        QCOMPARE(fresh.size(), size);
        for (const auto* area : fresh.findChildren<QScrollArea*>()) {
            if (!area->isVisible()) continue;
            QTRY_VERIFY2(area->widget()->width() <= area->viewport()->width(), qPrintable(area->objectName()));
        }
        for (const auto* button : fresh.findChildren<QAbstractButton*>()) {
            if (button->isVisible())
                QVERIFY2(button->width() >= button->sizeHint().width(), qPrintable(button->text()));
        }
    }
    Look::instance().setTextScale(1.0);
}

void ShellTest::firstStartLeadsToAPlanByKeyboard() {
    const QTemporaryDir settings;
    MainWindow fresh(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    fresh.resize(1280, 800);
    fresh.show();
    QVERIFY(QTest::qWaitForWindowExposed(&fresh));
    QCOMPARE(int(fresh.place()), int(Place::plan));
    auto* page = fresh.findChild<QWidget*>(QStringLiteral("firstPlanPage"));
    QVERIFY(page->isVisible());
    QVERIFY(!fresh.workspace().openPlanId());
    // Two figures typed, the rest left as it stands: Tab, type, Enter on "Plan it".
    auto* mass = page->findChild<NumberField*>(QStringLiteral("Mass without pack"));
    mass->setFocus();
    mass->selectAll();
    QTest::keyClicks(mass, QStringLiteral("1180"));
    for (int i = 0; i < 40 && QApplication::focusWidget()->objectName() != QStringLiteral("firstPlanButton"); ++i)
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
    QCOMPARE(QApplication::focusWidget()->objectName(), QStringLiteral("firstPlanButton"));
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space);
    EVENTUALLY(fresh.planSession().plan() != nullptr);
    QVERIFY(fresh.planSession().plan()->turn.has_value());
    QCOMPARE(fresh.planSession().request().aircraft.mass_kg, 1.18);
    QVERIFY(!page->isVisible());
    // The aircraft and the pack stand in the library now, and one undo takes all of it back.
    QCOMPARE(fresh.workspace().library().aircraft.size(), std::size_t(1));
    QTest::keyClick(&fresh, Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(fresh.workspace().library().aircraft.empty());
    EVENTUALLY(page->isVisible());
}

void ShellTest::fieldsReadBothDecimals() {
    NumberField field;
    field.setValue(1.5, 1);
    QCOMPARE(field.text(), QStringLiteral("1.5"));
    field.setText(QStringLiteral("1,5"));
    VERIFY_NEAR(*field.value(), 1.5, 1e-12);
    field.setText(QStringLiteral("2 740"));
    VERIFY_NEAR(*field.value(), 2740.0, 1e-12);
    field.setText(QStringLiteral("1.234,5"));
    QVERIFY(!field.value().has_value());
    field.setValue(3.0, 0);
    field.setStep(2.0);
    QTest::keyClick(&field, Qt::Key_Up);
    QCOMPARE(field.text(), QStringLiteral("5"));
}

/// What the figures come to stands beside them from the first moment; fields are reached as they are read, and take
/// amps for watts and any unit of speed.
void ShellTest::theFirstFormAnswersAtOnce() {
    const QTemporaryDir settings;
    MainWindow fresh(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    fresh.resize(1280, 800);
    fresh.show();
    QVERIFY(QTest::qWaitForWindowExposed(&fresh));
    auto* page = fresh.findChild<FirstPlanPage*>(QStringLiteral("firstPlanPage"));
    auto* chart = page->findChild<QWidget*>(QStringLiteral("firstPlanChart"));
    auto* answer = page->findChild<QLabel*>(QStringLiteral("firstPlanAnswer"));
    EVENTUALLY(page->preview().plan() && page->preview().plan()->turn);
    QVERIFY(chart->isVisible());
    EVENTUALLY(answer->accessibleName().contains(QStringLiteral("Turn for home at")));
    // The first field has the focus; Tab goes on as one reads, and comes to the buttons last.
    QCOMPARE(QApplication::focusWidget()->objectName(), QStringLiteral("Name"));
    QStringList order;
    for (int i = 0; i < 30; ++i) {
        order << QApplication::focusWidget()->objectName();
        if (order.back() == QStringLiteral("firstOpenButton")) break;
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
    }
    QVERIFY(order.indexOf(QStringLiteral("Mass without pack")) < order.indexOf(QStringLiteral("Chemistry")));
    QVERIFY(order.indexOf(QStringLiteral("Chemistry")) < order.indexOf(QStringLiteral("Coming from")));
    QVERIFY(order.indexOf(QStringLiteral("Coming from")) < order.indexOf(QStringLiteral("firstPlanButton")));
    const auto type = [&](const char* name, const char* text) {
        auto* field = page->findChild<QLineEdit*>(QString::fromUtf8(name));
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, QString::fromUtf8(text));
        return field;
    };
    const double before_m = page->preview().plan()->turn->distance_m.value;
    // Amps, at the volts of this pack at half charge: half as many watts as 9.8 A.
    type("Cruise power", "9.8 A");
    const double watts = page->preview().request().aircraft.cruise_power_w;
    QVERIFY(watts > 9.8 * 12.5 && watts < 9.8 * 16.8);
    EVENTUALLY(page->preview().is_settled() && page->preview().plan()->turn->distance_m.value < 0.7 * before_m);
    // What was read off the screen stays so, whatever pack is entered after it; watts are watts.
    type("Cells in series", "6");
    VERIFY_NEAR(mission::cruise_current_a(page->preview().request()), 9.8, 1e-3);
    VERIFY_NEAR(page->preview().request().aircraft.cruise_power_w / watts, 1.5, 0.03);
    type("Cruise power", "140");
    type("Cells in series", "4");
    VERIFY_NEAR(page->preview().request().aircraft.cruise_power_w, 140.0, 1e-9);
    type("or cruise current", "9.8");
    type("Cells in parallel", "3");
    VERIFY_NEAR(mission::cruise_current_a(page->preview().request()), 9.8, 1e-3);
    type("Cells in parallel", "2");
    type("Cruise airspeed", "31 mph");
    VERIFY_NEAR(page->preview().request().aircraft.cruise_airspeed_mps, 31.0 * 0.44704, 1e-6);
    auto* from = type("Coming from", "NW");
    QCOMPARE(page->preview().request().weather.wind.from_deg, 315.0);
    // Once it is left, the field shows its own unit.
    page->findChild<QWidget*>(QStringLiteral("Name"))->setFocus();
    QCOMPARE(from->text(), QStringLiteral("315"));
    // A unit of something else is refused where it is typed.
    type("Coming from", "3 kg");
    auto* trouble = page->findChild<QLabel*>(QStringLiteral("Coming from trouble"));
    QVERIFY(trouble->isVisible());
    QVERIFY(trouble->accessibleName().contains(QStringLiteral("kg")));
    type("Coming from", "300");
    QVERIFY(!trouble->isVisible());
}

/// What was said of an edit goes when it is undone, what was refused when it is put right; nothing is pushed.
void ShellTest::aMessageGoesWithItsCause() {
    auto& messages = (*window_)->messages();
    (*window_)->showPlace(Place::plan);
    QCoreApplication::processEvents();
    const QRect map = (*window_)->planPlace().geometry();
    messages.showNote(QStringLiteral("Two flights were removed."));
    QCoreApplication::processEvents();
    QVERIFY(messages.isVisible());
    QCOMPARE((*window_)->planPlace().geometry(), map);
    // Wholly inside, in the corner.
    QVERIFY(messages.parentWidget()->rect().contains(messages.geometry()));
    auto request = (*window_)->planSession().request();
    request.weather.temperature_c += 3.0;
    (*window_)->planSession().setRequest(request);
    QVERIFY(!messages.isVisible());
    messages.showTrouble(QStringLiteral("That file cannot be read."));
    QCoreApplication::processEvents();
    (*window_)->workspace().undo();
    QVERIFY(!messages.isVisible());
    // What holds until it is mended stays, and so does what is being worked on.
    messages.showLasting(QStringLiteral("The logbook cannot be written."));
    QCoreApplication::processEvents();
    (*window_)->workspace().redo();
    QVERIFY(messages.isVisible());
    messages.showProgress(QStringLiteral("Reading"), 0.5);
    QCoreApplication::processEvents();
    (*window_)->workspace().undo();
    QVERIFY(messages.isVisible());
    messages.clear();
    // Long words wrap inside the window, however narrow it is.
    (*window_)->resize(700, 500);
    messages.showTrouble(QStringLiteral("word ").repeated(60));
    QCoreApplication::processEvents();
    QVERIFY(messages.parentWidget()->rect().contains(messages.geometry()));
    messages.clear();
}

/// F1 opens the chapter of the place, the search finds words, commands are found by other names for the same thing.
void ShellTest::helpIsInTheProgram() {
    const auto guide_at = [&](Place place) {
        (*window_)->showPlace(place);
        (*window_)->setFocus();
        QTest::keyClick(&**window_, Qt::Key_F1);
        return (*window_)->findChild<GuideWindow*>(QStringLiteral("guideWindow"));
    };
    auto* guide = guide_at(Place::debrief);
    QVERIFY(guide && guide->isVisible());
    QCOMPARE(guide->chapter(), QStringLiteral("Debrief"));
    QCOMPARE(guide_at(Place::plan)->chapter(), QStringLiteral("Plan"));
    QVERIFY(guide->find(QStringLiteral("homeward chart")));
    QVERIFY(!guide->find(QStringLiteral("no such words at all")));
    guide->close();
    // In another language it is the same chapter, under that language's heading.
    wording::use_language(QStringLiteral("de"));
    GuideWindow german;
    german.showChapter(QStringLiteral("Debrief"));
    QCOMPARE(german.chapter(), QStringLiteral("Analyse"));
    QVERIFY(german.find(QStringLiteral("Heimwegdiagramm")));
    wording::use_language(QStringLiteral("en"));
    const auto trigger = [&](const char* name) { window_->find<QAction>(name)->trigger(); };
    trigger("shortcutsAction");
    auto* keys = (*window_)->findChild<QTableView*>(QStringLiteral("shortcutsTable"));
    QVERIFY(keys && keys->model()->rowCount() > 20);
    keys->window()->close();
    trigger("aboutAction");
    auto* about = (*window_)->findChild<QDialog*>(QStringLiteral("aboutSheet"));
    QVERIFY(about && about->isVisible());
    about->close();
    QTest::keyClick(&**window_, Qt::Key_K, Qt::ControlModifier);
    QWidget* search = QApplication::activePopupWidget();
    auto* words = search->findChild<QLineEdit*>(QStringLiteral("commandWords"));
    auto* list = search->findChild<QListView*>(QStringLiteral("commandList"));
    for (const char* other : {"waypoint", "dark", "manual"}) {
        words->clear();
        QTest::keyClicks(words, QLatin1String(other));
        QVERIFY2(list->model()->rowCount() >= 1, other);
    }
    search->close();
}

void ShellTest::aNewPlanIsBlankAndADuplicateIsNot() {
    const auto before = (*window_)->planSession().request();
    window_->find<QAction>("newPlanAction")->trigger();
    const auto blank = (*window_)->planSession().request();
    QVERIFY(blank.aircraft == before.aircraft && blank.pack == before.pack);
    QVERIFY(blank.mission.alternates.empty() && blank.mission.terrain_file.empty());
    QVERIFY(blank.name != before.name);
    // The name is ready to be typed over.
    auto* name = (*window_)->findChild<QLineEdit*>(QStringLiteral("planName"));
    QVERIFY(name);
    QCOMPARE(name->selectedText(), QString::fromStdString(blank.name));
    if (QWidget* sheet = QApplication::activePopupWidget()) sheet->close();
    (*window_)->workspace().undo();
    window_->settle();
    window_->find<QAction>("duplicatePlanAction")->trigger();
    auto copy = (*window_)->planSession().request();
    QVERIFY(copy.name != before.name);
    copy.name = before.name;
    QVERIFY(copy == before);
    if (QWidget* sheet = QApplication::activePopupWidget()) sheet->close();
    window_->settle();
}

/// On a focused button, and in a field of a form that has one.
void ShellTest::enterPressesTheButtonThatIsMeant() {
    const QTemporaryDir settings;
    MainWindow fresh(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    fresh.show();
    fresh.showPlace(Place::plan);
    auto* page = fresh.findChild<QWidget*>(QStringLiteral("firstPlanPage"));
    QVERIFY(page && page->isVisible());
    auto* field = page->findChild<QLineEdit*>();
    QVERIFY(field);
    QTest::keyClick(field, Qt::Key_Return);
    EVENTUALLY(fresh.workspace().openPlanId());
    // A button by itself.
    (*window_)->showPlace(Place::debrief);
    QSignalSpy wanted(&(*window_)->debriefPlace(), &DebriefPlace::openWanted);
    // The file dialog that would follow is not for here.
    (*window_)->debriefPlace().disconnect(&**window_);
    auto* open = window_->find<QPushButton>("openLogButton");
    open->setFocus();
    QTest::keyClick(open, Qt::Key_Return);
    QCOMPARE(wanted.size(), 1);
    QTest::keyClick(open, Qt::Key_Return, Qt::ControlModifier);
    QCOMPARE(wanted.size(), 1);
}

void ShellTest::itFitsOnASmallScreen() {
    const QTemporaryDir settings;
    Look::instance().setTextScale(1.5);
    MainWindow fresh(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    const QSize room = fresh.screen()->availableSize();
    QVERIFY(fresh.width() <= room.width() && fresh.height() <= room.height());
    Look::instance().setTextScale(1.0);
}

SOBREMESA_TEST(ShellTest)
#include "tst_shell.moc"
