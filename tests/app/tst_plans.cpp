// Many plans: kept, named, duplicated, side by side, and what changed since.

#include <QFile>
#include <QJsonDocument>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QTemporaryDir>

#include "app/charts/homeward_chart.hpp"
#include "app/opened_window.hpp"
#include "app/places/plan/beside_panel.hpp"
#include "app/places/plan/plan_place.hpp"
#include "app/places/plan/plan_sheet.hpp"
#include "app/shell/setting_sheet.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "core/mission/differences.hpp"
#include "core/mission/make_plan.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

class PlansTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void plansAreOpenedByKeyboard();
    void plansAreNamedDuplicatedAndRemoved();
    void twoPlansStandSideBySide();
    void theOtherPlanFollowsUnitsAndRemoval();
    void whatChangedSinceItWasKeptIsSaid();
    void theRecordListIsChosenInTheSentence();
    void retiredPacksAreNotOffered();
    void differencesNameWhatDiffersOnly();
    void openingAFileTwiceKeepsOnePlan();
    void aPlanInOneLineIsAPlan();

private:
    PlanSheet* sheet() {
        (*window_)->planPlace().showPlans();
        return qobject_cast<PlanSheet*>(QApplication::activePopupWidget());
    }
    std::string openName() {
        const auto& workspace = (*window_)->workspace();
        return workspace.library().plans.at(*workspace.openPlanId()).request.name;
    }
    void choose(PlanSheet* from, const QString& name) {
        auto* list = from->findChild<QListView*>(QStringLiteral("planList"));
        for (int row = 0; row < list->model()->rowCount(); ++row) {
            if (!list->model()->index(row, 0).data().toString().startsWith(name)) continue;
            list->setCurrentIndex(list->model()->index(row, 0));
            return;
        }
    }
    std::unique_ptr<OpenedWindow> window_;
};

void PlansTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    Look::instance().setUnits({});
    window_ = std::make_unique<OpenedWindow>();
}

void PlansTest::plansAreOpenedByKeyboard() {
    QCOMPARE(openName(), std::string("West along the ridge"));
    QTest::keyClick(&**window_, Qt::Key_P, Qt::ControlModifier);
    auto* plans = qobject_cast<PlanSheet*>(QApplication::activePopupWidget());
    QVERIFY(plans);
    auto* list = plans->findChild<QListView*>(QStringLiteral("planList"));
    QCOMPARE(list->model()->rowCount(), 2);
    choose(plans, QStringLiteral("Quarry"));
    list->setFocus();
    QTest::keyClick(list, Qt::Key_Return);
    EVENTUALLY_EQUAL(openName(), std::string("Quarry and back"));
    window_->settle();
    QCOMPARE((*window_)->planSession().request().aircraft.name, std::string("Tarabilla"));
    // Opening is no edit: the history has not grown.
    QVERIFY((*window_)->workspace().nextUndo()->what == "add-plan");
}

void PlansTest::plansAreNamedDuplicatedAndRemoved() {
    auto* plans = sheet();
    auto* name = plans->findChild<QLineEdit*>(QStringLiteral("planName"));
    name->setFocus();
    name->selectAll();
    QTest::keyClicks(name, QStringLiteral("Ridge, first try"));
    QCOMPARE(openName(), std::string("Ridge, first try"));
    QVERIFY(window_->find<QAbstractButton>("planNameWord")->text().contains(QStringLiteral("first try")));
    QTest::mouseClick(plans->findChild<QPushButton*>(QStringLiteral("planDuplicate")), Qt::LeftButton);
    QCOMPARE(openName(), std::string("Ridge, first try, copy"));
    QCOMPARE((*window_)->workspace().library().plans.size(), std::size_t(3));
    // The copy is its own: an edit does not reach the first.
    auto request = (*window_)->planSession().request();
    request.mission.bearing_deg = 90.0;
    QVERIFY(!(*window_)->planSession().setRequest(request));
    plans = sheet();
    choose(plans, QStringLiteral("Ridge, first try"));
    QTest::mouseClick(plans->findChild<QPushButton*>(QStringLiteral("planOpen")), Qt::LeftButton);
    window_->settle();
    VERIFY_NEAR((*window_)->planSession().request().mission.bearing_deg, 265.0, 1e-9);
    plans = sheet();
    QTest::mouseClick(plans->findChild<QPushButton*>(QStringLiteral("planRemove")), Qt::LeftButton);
    QCOMPARE((*window_)->workspace().library().plans.size(), std::size_t(2));
    plans->close();
    (*window_)->workspace().undo();
    QCOMPARE((*window_)->workspace().library().plans.size(), std::size_t(3));
    window_->settle();
}

void PlansTest::twoPlansStandSideBySide() {
    auto* plans = sheet();
    choose(plans, QStringLiteral("Quarry"));
    QTest::mouseClick(plans->findChild<QPushButton*>(QStringLiteral("planBeside")), Qt::LeftButton);
    auto* panel = window_->find<BesidePanel>("besidePanel");
    EVENTUALLY(panel->isVisible());
    QVERIFY(window_->said("besideSentence").startsWith(QStringLiteral("Turn for home at")));
    auto* table = window_->find<DataTable>("besideTable");
    QString lines;
    for (int row = 0; row < table->model()->rowCount(); ++row) {
        lines += table->model()->index(row, 0).data().toString() + QLatin1Char('\n');
        // What was worked out says why, for both plans.
        const bool computed = row < 6;
        for (const int column : {1, 2}) {
            QCOMPARE(table->model()->index(row, column).data(explanation_role).isValid(), computed);
        }
    }
    QVERIFY(lines.contains(QStringLiteral("mass without pack")));
    QVERIFY(lines.contains(QStringLiteral("turn distance")));
    QVERIFY(!lines.contains(QStringLiteral("reserve share")));
    // The open plan can be edited with the other beside it.
    auto request = (*window_)->planSession().request();
    request.weather.wind.speed_mps = 6.0;
    QVERIFY(!(*window_)->planSession().setRequest(request));
    window_->settle();
    QVERIFY(panel->isVisible());
    QTest::mouseClick(window_->find<QPushButton>("besideClose"), Qt::LeftButton);
    QVERIFY(!panel->isVisible());
    QVERIFY(window_->find<QWidget>("planMap")->isVisible());
}

void PlansTest::theOtherPlanFollowsUnitsAndRemoval() {
    session::Id other = 0;
    for (const auto& [id, plan] : (*window_)->workspace().library().plans) {
        if (id != *(*window_)->workspace().openPlanId()) other = id;
    }
    (*window_)->planPlace().layBeside(other);
    EVENTUALLY(window_->find<QWidget>("besidePanel")->isVisible());
    wording::UnitChoice miles;
    miles.distance = wording::UnitChoice::Distance::miles;
    Look::instance().setUnits(miles);
    EVENTUALLY(window_->said("besideSentence").contains(QString::fromUtf8("\u202Fmi")));
    Look::instance().setUnits({});
    (*window_)->workspace().remove(logbook::EditKind::remove_plan, logbook::Kind::plan, other);
    QVERIFY(!window_->find<QWidget>("besidePanel")->isVisible());
    // A plan is never laid beside itself.
    (*window_)->planPlace().layBeside((*window_)->workspace().openPlanId());
    QVERIFY(!(*window_)->planPlace().beside());
}

void PlansTest::whatChangedSinceItWasKeptIsSaid() {
    auto& workspace = (*window_)->workspace();
    const session::Id ridge = *workspace.openPlanId();
    for (const auto& [id, plan] : workspace.library().plans) {
        if (id != ridge) workspace.openPlan(id);
    }
    window_->settle();
    // While the plan lies away, its pack is found to hold less.
    const session::Id pack = *workspace.library().plans.at(ridge).pack_id;
    auto kept = workspace.library().packs.at(pack);
    kept.pack.cell_capacity_ah = 2.9;
    QVERIFY(workspace.put(logbook::EditKind::change_pack, pack, kept));
    workspace.openPlan(ridge);
    window_->settle();
    EVENTUALLY(window_->find<QLabel>("planChanged")->isVisible());
    QVERIFY2(window_->said("planChanged").startsWith(QString::fromUtf8("turn −")),
             qPrintable(window_->said("planChanged")));
}

void PlansTest::theRecordListIsChosenInTheSentence() {
    QTest::mouseClick(window_->find<QAbstractButton>("settingPack"), Qt::LeftButton);
    auto* open = qobject_cast<SettingSheet*>(QApplication::activePopupWidget());
    auto* record_list = open->findChild<ChoiceBox*>(QStringLiteral("listChoice"));
    QVERIFY(record_list);
    QCOMPARE(record_list->currentText(), QStringLiteral("B-07"));
    record_list->setFocus();
    QTest::keyClick(record_list, Qt::Key_Home);
    QCOMPARE((*window_)->planSession().request().pack.name, std::string("C-01"));
    // The fields below show the pack that was chosen.
    QCOMPARE(open->findChild<QLineEdit*>(QStringLiteral("Cells in series"))->text(), QStringLiteral("6"));
    open->close();
    QTest::keyClick(&**window_, Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE((*window_)->planSession().request().pack.name, std::string("B-07"));
    window_->settle();
}

void PlansTest::retiredPacksAreNotOffered() {
    auto& workspace = (*window_)->workspace();
    for (auto [id, kept] : workspace.library().packs) {
        if (kept.pack.name != "C-01") continue;
        kept.retired = true;
        QVERIFY(workspace.put(logbook::EditKind::retire_pack, id, kept));
    }
    QTest::mouseClick(window_->find<QAbstractButton>("settingPack"), Qt::LeftButton);
    auto* open = qobject_cast<SettingSheet*>(QApplication::activePopupWidget());
    auto* record_list = open->findChild<ChoiceBox*>(QStringLiteral("listChoice"));
    QCOMPARE(record_list->findText(QStringLiteral("C-01")), -1);
    open->close();
}

void PlansTest::differencesNameWhatDiffersOnly() {
    const auto one = mission::make_plan(tests::sample_request());
    auto request = tests::sample_request();
    request.weather.wind.speed_mps = 7.0;
    const auto other = mission::make_plan(request);
    const auto lines = mission::differences(*one, *other);
    int given = 0;
    for (const auto& line : lines) given += line.computed ? 0 : 1;
    QCOMPARE(given, 1);
    QCOMPARE(int(lines[0].quantity), int(units::Quantity::wind_speed));
    QCOMPARE(lines[0].other.value, 7.0);
    for (const auto& line : mission::differences(*one, *one)) {
        QVERIFY(line.computed);
        QCOMPARE(line.one.value, line.other.value);
    }
    // A plan without a turn has nothing there, not zero.
    request.weather.wind = {25.0, 265.0};
    const auto none = mission::make_plan(request);
    for (const auto& line : mission::differences(*one, *none)) {
        if (line.quantity == units::Quantity::turn_distance) QVERIFY(std::isnan(line.other.value));
    }
}

void PlansTest::openingAFileTwiceKeepsOnePlan() {
    const auto before = (*window_)->workspace().library().plans.size();
    (*window_)->openFile(QStringLiteral(DEMO_DIR "/tarabilla-quarry.plan.json"));
    QCOMPARE((*window_)->workspace().library().plans.size(), before);
    QCOMPARE(openName(), std::string("Quarry and back"));
    window_->settle();
}

/// As programs write it: the words of a table of packs are all in its first line.
void PlansTest::aPlanInOneLineIsAPlan() {
    QFile demo(QStringLiteral(DEMO_DIR "/tarabilla-quarry.plan.json"));
    QVERIFY(demo.open(QIODevice::ReadOnly));
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("one-line.json"));
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(QJsonDocument::fromJson(demo.readAll()).toJson(QJsonDocument::Compact));
    file.close();
    (*window_)->openFile(path);
    EVENTUALLY(openName() == "Quarry and back");
}

SOBREMESA_TEST(PlansTest)
#include "tst_plans.moc"
