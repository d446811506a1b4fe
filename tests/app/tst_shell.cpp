// The window around the places: rail, setting, themes, what it remembers, how it folds.

#include <QAbstractButton>
#include <QAction>
#include <QLineEdit>
#include <QPushButton>
#include <QScreen>
#include <QScrollArea>
#include <QSignalSpy>
#include <QTabWidget>
#include <QTest>

#include "app/opened_window.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/shell/message_bar.hpp"
#include "app/shell/place_rail.hpp"
#include "app/shell/setting_line.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/number_field.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

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
            QTRY_VERIFY(area->widget()->width() <= area->viewport()->width());
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
    QVERIFY(!fresh.desk().openPlanId());
    // Two figures typed, the rest left as it stands: Tab, type, Enter on "Plan it".
    auto* mass = page->findChild<NumberField*>(QStringLiteral("Mass without pack"));
    mass->setFocus();
    mass->selectAll();
    QTest::keyClicks(mass, QStringLiteral("1180"));
    for (int i = 0; i < 40 && QApplication::focusWidget()->objectName() != QStringLiteral("firstPlanButton"); ++i)
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
    QCOMPARE(QApplication::focusWidget()->objectName(), QStringLiteral("firstPlanButton"));
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space);
    QTRY_VERIFY(fresh.planSession().plan() != nullptr);
    QVERIFY(fresh.planSession().plan()->turn.has_value());
    QCOMPARE(fresh.planSession().request().aircraft.mass_kg, 1.18);
    QVERIFY(!page->isVisible());
    // The aircraft and the pack stand on their shelves now, and one undo takes all of it back.
    QCOMPARE(fresh.desk().shelves().aircraft.size(), std::size_t(1));
    QTest::keyClick(&fresh, Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(fresh.desk().shelves().aircraft.empty());
    QTRY_VERIFY(page->isVisible());
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
    QTRY_VERIFY_WITH_TIMEOUT(fresh.desk().openPlanId(), 20000);
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
