// The bench of the Packs place: which pack to fly, what it does under load, and the two classic mistakes.

#include <QClipboard>
#include <QComboBox>
#include <QPushButton>
#include <QScrollArea>
#include <QTableView>

#include <cmath>

#include "app/charts/bench_chart.hpp"
#include "app/charts/frontier_chart.hpp"
#include "app/opened_window.hpp"
#include "app/places/packs/packs_place.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/number_field.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "io/pack_table.hpp"
#include "io/text_file.hpp"
#include "support/compare.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

class BenchTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void cleanupTestCase() { window_.reset(); }
    void theKeyOpensTheBenchOnThePlansPack();
    void sentenceTableAndChartSayTheSame();
    void landingALiIonLikeALipoCannotBeMissed();
    void chargeAcrossCellCountsCannotMislead();
    void severalPacksLieOverEachOther();
    void theBenchFollowsThePlanAndTheRecordList();
    void theFrontierIsPickedByMouseAndKey();
    void theCursorIsMovedByKeys();
    void everyFigureSaysWhyByKey();
    void chartsAreTablesToo();
    void withoutAPlanItSaysWhatItTakes();
    void aTableOfPacksIsDroppedAndExported();
    void aPackIsBuiltOnPaperAndShelved();
    void aPartOfAFlightTellsTheWhole();
    void sixtyPacksInEveryLook();

private:
    BenchPage& bench() { return (*window_)->packs().bench(); }
    void settle() {
        QVERIFY(sobremesa::tests::eventually(
            [&] { return bench().session().shown() && bench().session().is_settled(); }));
        QCoreApplication::processEvents();
        QVERIFY(sobremesa::tests::eventually([&] { return bench().session().is_settled(); }));
    }
    session::Id idOf(const std::string& name) {
        for (const auto& [id, kept] : (*window_)->workspace().library().packs) {
            if (kept.pack.name == name) return id;
        }
        qFatal("no such pack");
    }
    void chooseAll() {
        bench().table().selectAll();
        settle();
    }
    QString warnings() { return window_->said("benchWarnings"); }
    std::unique_ptr<OpenedWindow> window_;
};

void BenchTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    Look::instance().setTextScale(1.0);
    window_ = std::make_unique<OpenedWindow>();
    QTest::keyClick(&**window_, Qt::Key_B, Qt::ControlModifier);
    settle();
}

void BenchTest::theKeyOpensTheBenchOnThePlansPack() {
    QCOMPARE(int((*window_)->place()), int(Place::packs));
    QVERIFY((*window_)->packs().onBench());
    const auto& workspace = (*window_)->workspace();
    const auto& plan = workspace.library().plans.at(*workspace.openPlanId());
    QCOMPARE(bench().session().chosen(), std::vector<session::Id>{*plan.pack_id});
    // The setting it is computed from stands above it.
    QVERIFY(window_->find<QWidget>("settingLine")->isVisible());
    // Back on the list there is none.
    (*window_)->packs().showRecordList();
    QVERIFY(!window_->find<QWidget>("settingLine")->isVisible());
}

void BenchTest::sentenceTableAndChartSayTheSame() {
    const auto shown = bench().session().shown();
    const auto& curve = shown->curves.front();
    const auto& match = shown->matches[curve.candidate];
    // Two ways to the same pack: the bench runs it to its landing, the table on the aircraft.
    VERIFY_NEAR(curve.result.run.last().energy_wh, match.usable_energy_wh, 1e-3 * match.usable_energy_wh);
    VERIFY_NEAR(match.endurance_s.value, curve.result.run.last().time_s * (1.0 - shown->bench.reserve_share), 1.0);
    const auto& q = Look::instance().quantities();
    const QString sentence = window_->said("benchSentence");
    QVERIFY2(sentence.contains(q.energy(curve.result.run.last().energy_wh)), qPrintable(sentence));
    QVERIFY(sentence.contains(q.duration(curve.result.run.last().time_s)));
    QVERIFY(bench().chart().accessibleName().contains(q.energy(curve.result.run.last().energy_wh)));
    QVERIFY(window_->said("benchAlarms").contains(q.charge(curve.result.alarms.capacity_ah)));
    bool in_table = false;
    const auto* model = bench().table().model();
    for (int row = 0; row < model->rowCount(); ++row)
        in_table = in_table || model->index(row, 3).data().toString() ==
                                   q.text(units::Quantity::usable_energy,
                                          {match.usable_energy_wh, 0.04 * match.usable_energy_wh});
    QVERIFY(in_table);
}

void BenchTest::landingALiIonLikeALipoCannotBeMissed() {
    // On the chart before anyone has made it, with what it costs.
    QVERIFY2(bench().chart().unusedText().contains(QStringLiteral("like a LiPo")),
             qPrintable(bench().chart().unusedText()));
    QVERIFY(!warnings().contains(QStringLiteral("unused")));
    // Made: said in words.
    auto* landing = window_->find<QComboBox>("benchLanding");
    landing->setCurrentIndex(landing->findText(QStringLiteral("all at 3.5 V")));
    settle();
    QVERIFY2(warnings().contains(QStringLiteral("unused")), qPrintable(warnings()));
    QCOMPARE(bench().session().shown()->curves.front().result.landing_cell_v, 3.5);
    // A LiPo has no such loss to show.
    landing->setCurrentIndex(0);
    auto lipo = (*window_)->workspace().library().packs.begin()->second;
    lipo.pack.name = "lip";
    lipo.pack.chemistry = battery::Chemistry::lipo;
    const auto id = *(*window_)->workspace().put(logbook::EditKind::add_pack, std::nullopt, lipo);
    settle();
    bench().choose(id);
    settle();
    QVERIFY(bench().chart().unusedText().isEmpty());
}

void BenchTest::chargeAcrossCellCountsCannotMislead() {
    auto five = (*window_)->workspace().library().packs.at(idOf("B-07"));
    five.pack.name = "three in series";
    five.pack.series = 3;
    five.pack.cell_capacity_ah *= 1.1;
    (void)*(*window_)->workspace().put(logbook::EditKind::add_pack, std::nullopt, five);
    settle();
    QVERIFY(!warnings().contains(QStringLiteral("mAh mislead")));
    chooseAll();
    QVERIFY2(warnings().contains(QStringLiteral("mAh mislead")), qPrintable(warnings()));
}

void BenchTest::severalPacksLieOverEachOther() {
    chooseAll();
    const auto shown = bench().session().shown();
    QCOMPARE(shown->curves.size(), shown->candidates.size());
    QVERIFY(shown->curves.size() >= 2);
    auto* basis = window_->find<QComboBox>("benchBasis");
    basis->setCurrentIndex(1);
    settle();
    const auto equal = bench().session().shown();
    for (const auto& curve : equal->curves)
        VERIFY_NEAR(curve.compared.pack_mass_kg, equal->curves.front().compared.pack_mass_kg, 1e-9);
    const QString said = window_->said("benchCompared");
    for (const auto& curve : equal->curves)
        QVERIFY(said.contains(QString::fromStdString(equal->candidates[curve.candidate].pack.name)));
}

void BenchTest::theBenchFollowsThePlanAndTheRecordList() {
    const double before_s = bench().session().shown()->curves.front().result.run.last().time_s;
    auto request = (*window_)->planSession().request();
    request.aircraft.cruise_power_w *= 1.3;
    QVERIFY(!(*window_)->planSession().setRequest(request));
    settle();
    QVERIFY(bench().session().shown()->curves.front().result.run.last().time_s < 0.85 * before_s);
    const std::size_t packs = bench().session().shown()->candidates.size();
    auto another = (*window_)->workspace().library().packs.begin()->second;
    another.pack.name = "another";
    const auto id = *(*window_)->workspace().put(logbook::EditKind::add_pack, std::nullopt, another);
    settle();
    QCOMPARE(bench().session().shown()->candidates.size(), packs + 1);
    // What is retired is no candidate; undo returns it.
    another.retired = true;
    (void)*(*window_)->workspace().put(logbook::EditKind::retire_pack, id, another);
    settle();
    QCOMPARE(bench().session().shown()->candidates.size(), packs);
    QTest::keyClick(&**window_, Qt::Key_Z, Qt::ControlModifier);
    settle();
    QCOMPARE(bench().session().shown()->candidates.size(), packs + 1);
}

void BenchTest::theFrontierIsPickedByMouseAndKey() {
    auto& frontier = bench().frontier();
    const auto shown = bench().session().shown();
    const std::size_t other = shown->curves.front().candidate == 0 ? 1 : 0;
    QTest::mouseClick(frontier.findChild<QWidget*>(), Qt::LeftButton, {}, frontier.toScreen(other));
    settle();
    QCOMPARE(bench().session().chosen(), std::vector<session::Id>{shown->ids[other]});
    frontier.setFocus();
    for (int i = 0; i < 10; ++i) {
        QTest::keyClick(&frontier, Qt::Key_Left);
        settle();
    }
    const auto lightest = bench().session().shown();
    for (const auto& match : lightest->matches)
        QVERIFY(match.pack_mass_kg >= lightest->matches[lightest->curves.front().candidate].pack_mass_kg);
}

void BenchTest::theCursorIsMovedByKeys() {
    bench().chart().setFocus();
    QTest::keyClick(&bench().chart(), Qt::Key_Right);
    QTest::keyClick(&bench().chart(), Qt::Key_Right);
    QVERIFY(bench().chart().cursorText().contains(QStringLiteral("B-07")));
    QCOMPARE(window_->said("benchCursor"), bench().chart().cursorText());
    const QString before = bench().chart().cursorText();
    window_->find<QComboBox>("benchShows")->setCurrentIndex(2);
    QVERIFY(bench().chart().cursorText().contains(QStringLiteral("°C")));
    QVERIFY(bench().chart().cursorText() != before);
    QTest::keyClick(&bench().chart(), Qt::Key_End);
    QVERIFY(bench().chart().cursorText().contains(QStringLiteral("has landed")));
}

void BenchTest::everyFigureSaysWhyByKey() {
    int figures = 0;
    for (auto* figure : bench().findChildren<ExplainedNumber*>()) {
        if (!figure->isVisible()) continue;
        QVERIFY(figure->explanation().has_value());
        ++figures;
    }
    QCOMPARE(figures, 6);
    auto& table = bench().table();
    for (int column = 0; column < table.model()->columnCount(); ++column) {
        const QString head = table.model()->headerData(column, Qt::Horizontal).toString();
        const bool given = head == QStringLiteral("pack") || head == QStringLiteral("build") ||
                           head == QStringLiteral("rated") || head == QStringLiteral("mass") ||
                           head == QStringLiteral("continuous") || head == QStringLiteral("remarks");
        const QModelIndex at = table.model()->index(0, column);
        if (at.data().toString() == QStringLiteral("–")) continue;
        QCOMPARE(at.data(explanation_role).isValid(), !given);
    }
    table.setCurrentIndex(table.model()->index(0, 8));
    table.setFocus();
    QTest::keyClick(&table, Qt::Key_F1);
    EVENTUALLY(QApplication::activePopupWidget());
    QApplication::activePopupWidget()->close();
}

void BenchTest::chartsAreTablesToo() {
    chooseAll();
    const ShownTable curves = bench().chart().shownTable();
    QCOMPARE(curves.headers.size(), 1 + int(bench().session().shown()->curves.size()));
    QVERIFY(curves.rows.size() > 20);
    const ShownTable frontier = bench().frontier().shownTable();
    QCOMPARE(frontier.rows.size(), bench().session().shown()->matches.size());
    bench().chart().setFocus();
    QTest::keyClick(&**window_, Qt::Key_C, Qt::ControlModifier);
    QVERIFY(QApplication::clipboard()->text().contains(QStringLiteral("B-07")));
}

void BenchTest::withoutAPlanItSaysWhatItTakes() {
    const QTemporaryDir settings;
    MainWindow fresh(settings.path(), settings.filePath(QStringLiteral("logbook.sqlite")));
    fresh.resize(1280, 800);
    fresh.show();
    QVERIFY(QTest::qWaitForWindowExposed(&fresh));
    fresh.activateWindow();
    QTest::keyClick(&fresh, Qt::Key_B, Qt::ControlModifier);
    auto* to_plan = fresh.findChild<QPushButton*>(QStringLiteral("benchPlanButton"));
    EVENTUALLY(to_plan->isVisible());
    QTest::keyClick(to_plan, Qt::Key_Space);
    QCOMPARE(int(fresh.place()), int(Place::plan));
}

void BenchTest::aTableOfPacksIsDroppedAndExported() {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("shop.csv"));
    QVERIFY(io::write_text_file(path.toStdString(),
                                "name,chemistry,series,parallel,cell_capacity_mah,mass_g,price\n"
                                "offer one,li-ion,4,1,3400,205,41.5\n"
                                "offer two,lipo,4,1,4000,390,38\n")
                .has_value());
    const std::size_t before = (*window_)->workspace().library().packs.size();
    tests::drop(&**window_, path);
    EVENTUALLY_EQUAL((*window_)->workspace().library().packs.size(), before + 2);
    settle();
    QVERIFY(bench().session().shown()->matches.size() == before + 2);
    const QString out = folder.filePath(QStringLiteral("out.csv"));
    (*window_)->exportPacks(out);
    const auto back = io::packs_from_csv(*io::read_text_file(out.toStdString()), "out.csv");
    QVERIFY(back.has_value());
    QCOMPARE(back->packs.size(), before + 2);
    // A broken one is refused whole, with the line.
    QVERIFY(io::write_text_file(path.toStdString(), "name,chemistry,series,parallel,cell_capacity_mah,mass_g\n"
                                                    "good,li-ion,4,1,3400,205\nbad,li-ion,4,1,none,205\n")
                .has_value());
    tests::drop(&**window_, path);
    QCOMPARE((*window_)->workspace().library().packs.size(), before + 2);
    QVERIFY((*window_)->messages().findChild<QLabel*>()->accessibleName().contains(QStringLiteral("3")));
}

void BenchTest::aPackIsBuiltOnPaperAndShelved() {
    auto& packs = (*window_)->packs();
    packs.showPackBuilder();
    auto& pack_builder = packs.packBuilder();
    const auto type = [&](const char* field, const char* text) {
        auto* edit = pack_builder.findChild<NumberField*>(QLatin1String(field));
        QVERIFY2(edit, field);
        edit->setFocus();
        edit->selectAll();
        QTest::keyClicks(edit, QLatin1String(text));
    };
    const double before_kg = pack_builder.made().pack.mass_kg;
    type("In parallel", "3");
    QCOMPARE(pack_builder.build().parallel, 3);
    QVERIFY(pack_builder.made().pack.mass_kg > 1.4 * before_kg);
    const QString said = window_->said("builtSentence");
    QVERIFY2(said.contains(QStringLiteral("4S3P")), qPrintable(said));
    // A weak strip limits the pack, and says so in the figure.
    const double wide_a = battery::continuous_current_a(pack_builder.made().pack);
    type("Strip width", "3");
    QVERIFY(battery::continuous_current_a(pack_builder.made().pack) < wide_a);
    // What cannot be is marked where it is typed and changes nothing.
    type("Cell mass", "0");
    auto* trouble = pack_builder.findChild<QLabel*>(QStringLiteral("Cell mass trouble"));
    QVERIFY(trouble->isVisible());
    QVERIFY(pack_builder.build().cell.mass_kg > 0.0);
    const std::size_t before = (*window_)->workspace().library().packs.size();
    QTest::keyClick(pack_builder.findChild<QPushButton*>(QStringLiteral("builtShelve")), Qt::Key_Space);
    QCOMPARE((*window_)->workspace().library().packs.size(), before + 1);
    QVERIFY(!packs.onBench());
    QCOMPARE((*window_)->workspace().library().packs.at(*packs.recordList().chosen()).pack.parallel, 3);
}

void BenchTest::aPartOfAFlightTellsTheWhole() {
    auto& packs = (*window_)->packs();
    packs.showRecordList();
    packs.recordList().choose(idOf("B-07"));
    packs.showPackBuilder();
    const auto type = [&](const char* field, const char* text) {
        auto* edit = packs.packBuilder().findChild<NumberField*>(QLatin1String(field));
        edit->setFocus();
        edit->selectAll();
        QTest::keyClicks(edit, QLatin1String(text));
    };
    type("Put back by the charger", "2600");
    type("Flown", "30");
    // 80 % of 6.5 Ah over 2.6 Ah in half an hour: one hour by charge, a little less at constant power.
    std::vector<double> seconds;
    for (auto* figure : packs.packBuilder().findChildren<ExplainedNumber*>()) {
        if (!figure->isVisible() || figure->explanation()->quantity != units::Quantity::endurance) continue;
        seconds.push_back(figure->explanation()->value.value);
    }
    QCOMPARE(seconds.size(), std::size_t(2));
    VERIFY_NEAR(seconds[0], 3600.0, 1.0);
    QVERIFY(seconds[1] < seconds[0]);
    QVERIFY(seconds[1] > 0.9 * seconds[0]);
    // More than the pack holds was put back by no charger.
    type("Put back by the charger", "9000");
    QVERIFY(packs.packBuilder().findChild<QLabel*>(QStringLiteral("Put back by the charger trouble"))->isVisible());
    QVERIFY(packs.packBuilder().test().recharged_ah <= 1.2 * 6.5); // the last that could be, as it was typed
}

void BenchTest::sixtyPacksInEveryLook() {
    std::vector<logbook::RecordChange> changes;
    const auto pack = (*window_)->workspace().library().packs.begin()->second;
    for (int i = 0; i < 60; ++i) {
        auto made = pack;
        made.pack.name = "candidate with a rather long name, number " + std::to_string(i);
        made.pack.parallel = 1 + i % 5;
        made.pack.mass_kg = 0.11 * made.pack.parallel + 0.004 * i;
        made.pack.chemistry = battery::Chemistry(i % 3);
        QVERIFY((*window_)->workspace().put(logbook::EditKind::add_pack, std::nullopt, made).has_value());
    }
    settle();
    QVERIFY(bench().session().shown()->matches.size() > 60);
    for (const Theme* theme : all_themes()) {
        // The design's size, and the smallest at the largest text.
        for (const auto& [scale, size] : {std::pair(1.0, QSize(1280, 800)), std::pair(1.5, QSize(1024, 700))}) {
            Look::instance().setTheme(*theme);
            Look::instance().setTextScale(scale);
            (*window_)->resize(size);
            QTest::qWait(30);
            QCOMPARE((*window_)->size(), size);
            for (const auto* area : bench().findChildren<QScrollArea*>()) {
                if (area->isVisible()) EVENTUALLY(area->widget()->width() <= area->viewport()->width());
            }
        }
    }
    Look::instance().setTextScale(1.0);
}

SOBREMESA_TEST(BenchTest)
#include "tst_bench.moc"
