// The health of a pack: readings kept, their trend, advice, and what a filed flight says of it.

#include <map>

#include <QLineEdit>
#include <QPushButton>

#include "app/charts/bill_chart.hpp"
#include "app/charts/forecast_chart.hpp"
#include "app/charts/health_chart.hpp"
#include "app/charts/known_history_chart.hpp"
#include "app/charts/pack_lines.hpp"
#include "app/charts/strip_charts.hpp"
#include "app/opened_window.hpp"
#include "app/places/debrief/debrief_place.hpp"
#include "app/places/packs/packs_place.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/number_field.hpp"
#include "support/compare.hpp"
#include "support/drawn_packs.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::app;
using sobremesa::tests::OpenedWindow;

class HealthTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void cleanupTestCase() { window_.reset(); }
    void withoutAReadingItSaysWhatToDo();
    void readingsMakeATrend();
    void readingsOfOtherDays();
    void packsAtAGlance();
    void anOddCellIsNamed();
    void fullAndStoredAreOneClick();
    void whatCannotBeIsMarked();
    void readingsAreRemovedAndUndone();
    void theChartIsATable();
    void whatFlightsShowIsShownUsedAndForgotten();
    void aNewPackSaysThatNothingIsKnown();
    void aFiledFlightTeachesItsPack();
    void fortyFlightsOfAWornPack();
    void theBillStandsInDebrief();
    void debriefTellsWhatIsLeft();
    void measuredSagIsTakenForThePack();
    void inEveryLook();

private:
    HealthPage& page() { return (*window_)->packs().health(); }
    const book::KeptPack& pack() { return (*window_)->workspace().library().packs.at(id_); }
    void type(const char* field, const QString& text) {
        auto* edit = window_->find<QLineEdit>(field);
        edit->setFocus();
        edit->clear();
        QTest::keyClicks(edit, text);
    }
    void press(const char* button) { QTest::mouseClick(window_->find<QPushButton>(button), Qt::LeftButton); }
    void keep(const QString& cycles, const QString& recharge, const QString& ohms) {
        type("healthCycles", cycles);
        type("healthRecharge", recharge);
        type("healthResistances", ohms);
        press("healthKeep");
    }
    session::Id id_ = 0;
    std::unique_ptr<OpenedWindow> window_;
};

void HealthTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    Look::instance().setTextScale(1.0);
    window_ = std::make_unique<OpenedWindow>();
    for (const auto& [id, kept] : (*window_)->workspace().library().packs) {
        if (kept.pack.name == "B-07") id_ = id;
    }
    (*window_)->showPlace(Place::packs);
    (*window_)->packs().showRecordList();
    (*window_)->packs().recordList().choose(id_);
    (*window_)->packs().showHealth();
}

void HealthTest::withoutAReadingItSaysWhatToDo() {
    QVERIFY(window_->said("healthSentence").contains(QStringLiteral("Two full recharges")));
    QVERIFY(window_->said("healthName").contains(QStringLiteral("B-07")));
    QVERIFY(!window_->find<QLabel>("healthAdvice")->isVisible());
}

void HealthTest::readingsMakeATrend() {
    keep(QStringLiteral("0"), QStringLiteral("6500"), QStringLiteral("24 24 25 24"));
    keep(QStringLiteral("60"), QStringLiteral("6110"), QStringLiteral("27;27;28;27"));
    keep(QStringLiteral("120"), QStringLiteral("5720"), QStringLiteral("30,5 30 31 30"));
    QCOMPARE(pack().readings.size(), std::size_t(3));
    VERIFY_NEAR(pack().readings.back().cell_resistance_ohm.front(), 0.0305, 1e-12);
    // 6.5 Ah on the label: 88 % now, 6 % in 60 cycles; eighty more to four fifths.
    VERIFY_NEAR(page().health().capacity->now.value, 0.88, 1e-6);
    VERIFY_NEAR(page().health().cycles_left->value, 80.0, 0.1);
    QVERIFY2(window_->said("healthSentence").contains(QStringLiteral("88")),
             qPrintable(window_->said("healthSentence")));
    // Down to 78 %: said with a triangle and in words.
    keep(QStringLiteral("240"), QStringLiteral("4700"), QStringLiteral("62 62 61 63"));
    const QString advice = window_->said("healthAdvice");
    QVERIFY2(advice.contains(QStringLiteral("less than 80")), qPrintable(advice));
    QVERIFY2(advice.contains(QStringLiteral("doubled")), qPrintable(advice));
}

/// A reading of another day, in the cells' own lists with commas.
void HealthTest::readingsOfOtherDays() {
    auto* date = window_->find<QLineEdit>("healthDate");
    date->setText(QStringLiteral("2026-03-14"));
    keep(QStringLiteral("20"), {}, QStringLiteral("24.1, 24, 25.3, 24"));
    QCOMPARE(pack().readings.size(), std::size_t(1));
    QCOMPARE(QDateTime::fromSecsSinceEpoch(qint64(pack().readings.front().time_s)).date(), QDate(2026, 3, 14));
    VERIFY_NEAR(pack().readings.front().cell_resistance_ohm[2], 0.0253, 1e-12);
    QVERIFY(date->text().isEmpty());
    for (const char* typed : {"14.3.26", "2026-02-30", "2999-01-01"}) {
        date->setText(QString::fromLatin1(typed));
        keep(QStringLiteral("20"), {}, QStringLiteral("24 24 25 24"));
        QCOMPARE(pack().readings.size(), std::size_t(1));
        QVERIFY(!window_->said("healthTrouble").isEmpty());
    }
}

/// Under the list a line for each pack; its figures are those of the bench.
void HealthTest::packsAtAGlance() {
    window_->bringInFlights();
    auto& packs = (*window_)->packs();
    packs.showRecordList();
    auto* lines = window_->find<PackLines>("packLines");
    EVENTUALLY_EQUAL(lines->shownTable().rows.size(), std::size_t(4));
    QVERIFY(lines->isVisible());
    packs.showBench();
    auto& bench = packs.bench().session();
    EVENTUALLY(bench.shown() && bench.is_settled() && bench.shown()->matches.size() == 4);
    std::map<QString, double> usable_wh;
    for (std::size_t i = 0; i < 4; ++i)
        usable_wh[QString::fromStdString(bench.shown()->candidates[i].pack.name)] =
            bench.shown()->matches[i].usable_energy_wh;
    int flown = 0;
    for (const auto& row : lines->shownTable().rows) {
        const QString name = row[0].text.section(QLatin1Char(','), 0, 0);
        QVERIFY2(usable_wh.contains(name), qPrintable(row[0].text));
        VERIFY_NEAR(row[1].sort.toDouble(), usable_wh[name], 0.06);
        QVERIFY(row[2].sort.toDouble() > 0.0);
        flown += row[5].text.startsWith(QStringLiteral("2026-")) ? 1 : 0;
    }
    QCOMPARE(flown, 4);
    // Less room: the table goes first.
    packs.showRecordList();
    (*window_)->resize(1280, 460);
    EVENTUALLY(!lines->isVisible());
    (*window_)->resize(1280, 800);
    EVENTUALLY(lines->isVisible());
}

void HealthTest::anOddCellIsNamed() {
    keep(QStringLiteral("10"), {}, QStringLiteral("24 24 41 24"));
    QVERIFY2(window_->said("healthAdvice").contains(QStringLiteral("Cell 3")),
             qPrintable(window_->said("healthAdvice")));
}

void HealthTest::fullAndStoredAreOneClick() {
    press("healthFull");
    QCOMPARE(pack().readings.back().cell_v, std::vector<double>(4, 4.2));
    // Full now is no reason to worry; full for a week is.
    QVERIFY(!window_->find<QLabel>("healthAdvice")->isVisible());
    auto old = pack();
    old.readings.back().time_s -= 7.0 * 86400.0;
    QVERIFY((*window_)->workspace().put(logbook::EditKind::change_pack, id_, old));
    QVERIFY(window_->said("healthAdvice").contains(QStringLiteral("storage")));
    press("healthStored");
    QVERIFY(!window_->find<QLabel>("healthAdvice")->isVisible());
}

void HealthTest::whatCannotBeIsMarked() {
    keep(QStringLiteral("10"), {}, QStringLiteral("24 24 41"));
    QVERIFY(window_->said("healthTrouble").contains(QStringLiteral("4 cells")));
    keep(QStringLiteral("10"), {}, QStringLiteral("24 24 x 4"));
    QVERIFY(window_->find<QLabel>("healthTrouble")->isVisible());
    keep(QStringLiteral("10"), QStringLiteral("99000"), {});
    QVERIFY(window_->find<QLabel>("healthTrouble")->isVisible());
    keep(QStringLiteral("10"), {}, {});
    QVERIFY(window_->said("healthTrouble").contains(QStringLiteral("at least one")));
    QVERIFY(pack().readings.empty());
}

void HealthTest::readingsAreRemovedAndUndone() {
    keep(QStringLiteral("0"), QStringLiteral("6500"), {});
    keep(QStringLiteral("60"), QStringLiteral("6110"), {});
    // Edits in quick succession are one; this is to be another.
    QTest::qWait(1600);
    window_->find<DataTable>("healthTable")->selectRow(0);
    press("healthRemove");
    QCOMPARE(pack().readings.size(), std::size_t(1));
    (*window_)->workspace().undo();
    QCOMPARE(pack().readings.size(), std::size_t(2));
}

void HealthTest::theChartIsATable() {
    keep(QStringLiteral("0"), QStringLiteral("6500"), {});
    keep(QStringLiteral("60"), QStringLiteral("6110"), QStringLiteral("24 24 25 24"));
    const auto table = page().chart().shownTable();
    QCOMPARE(table.rows.size(), std::size_t(2));
    QCOMPARE(table.rows[1][1].text, QStringLiteral("94"));
    QCOMPARE(table.rows[0][2].text, QStringLiteral("–"));
}

void HealthTest::aNewPackSaysThatNothingIsKnown() {
    EVENTUALLY((*window_)->packs().learning().findings() != nullptr);
    QVERIFY2(window_->said("packKnown").contains(QStringLiteral("Nothing flown")),
             qPrintable(window_->said("packKnown")));
    QVERIFY(!window_->find<QPushButton>("packLearn")->isEnabled());
    QVERIFY(!window_->find<QPushButton>("packForget")->isEnabled());
    // One reading is something.
    keep(QStringLiteral("20"), QStringLiteral("5800"), {});
    EVENTUALLY(window_->said("packKnown").contains(QStringLiteral("less than its label")));
    QVERIFY(window_->find<QPushButton>("packLearn")->isEnabled());
}

void HealthTest::whatFlightsShowIsShownUsedAndForgotten() {
    window_->bringInFlights();
    (*window_)->packs().showRecordList();
    for (const auto& [id, kept] : (*window_)->workspace().library().packs)
        if (kept.pack.name == "B-07") id_ = id;
    (*window_)->packs().recordList().choose(id_);
    (*window_)->packs().showHealth();
    auto& learning = (*window_)->packs().learning();
    EVENTUALLY(learning.findings() && learning.findings()->estimate.known.flights == 4);
    QVERIFY2(window_->said("packKnown").contains(QStringLiteral("known from 4 flights")),
             qPrintable(window_->said("packKnown")));
    const auto found = learning.findings();
    // Of the simulator: 24 mΩ a cell, 6.5 Ah.
    VERIFY_NEAR(found->estimate.known.cell_resistance_ohm.value, 0.024, 0.006);
    VERIFY_NEAR(found->estimate.known.capacity_share.value, 1.0, 0.06);
    QVERIFY(!pack().pack.known);

    press("packLearn");
    QVERIFY(pack().pack.known);
    QCOMPARE(pack().pack.known->flights, 4);
    QVERIFY(!pack().pack.known->known_utc.empty());
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("usable")));
    // The open plan is flown with it, and its band is that of the fit.
    window_->settle();
    const auto& plan = *(*window_)->planSession().plan();
    QCOMPARE(plan.request.pack.known.has_value(), plan.request.pack.name == "B-07");
    if (plan.request.pack.known) {
        VERIFY_NEAR(plan.usable_energy_wh.sd / plan.usable_energy_wh.value, pack().pack.known->usable_relative_sd,
                    1e-9);
        QVERIFY(plan.usable_energy_wh.sd / plan.usable_energy_wh.value < battery::assumed_usable_sd);
    }
    (*window_)->workspace().undo();
    QVERIFY(!pack().pack.known);
    (*window_)->workspace().redo();
    QVERIFY(pack().pack.known);

    // Frozen, a flight that is filed leaves it as it is.
    press("packFreeze");
    QVERIFY(pack().pack.known->frozen);
    QVERIFY(!window_->find<QPushButton>("packLearn")->isEnabled());
    const auto before = *pack().pack.known;
    for (const auto& [id, flight] : (*window_)->workspace().library().flights)
        if (flight.pack_id == id_) learning.learnFrom(id);
    EVENTUALLY(learning.is_settled());
    QVERIFY(*pack().pack.known == before);
    press("packFreeze");
    QVERIFY(!pack().pack.known->frozen);
    press("packForget");
    QVERIFY(!pack().pack.known);
    QVERIFY(!window_->find<QPushButton>("packForget")->isEnabled());
}

void HealthTest::aFiledFlightTeachesItsPack() {
    window_->bringInFlights();
    auto& learning = (*window_)->packs().learning();
    session::Id flight_id = 0;
    for (const auto& [id, flight] : (*window_)->workspace().library().flights)
        if (flight.pack_id == id_ && flight.recharged_ah) flight_id = id;
    for (const auto& [id, kept] : (*window_)->workspace().library().packs)
        if (kept.pack.name == "B-07") id_ = id;
    for (const auto& [id, flight] : (*window_)->workspace().library().flights)
        if (flight.pack_id == id_ && flight.recharged_ah) flight_id = id;
    QVERIFY(flight_id != 0);
    learning.learnFrom(flight_id);
    EVENTUALLY(pack().pack.known.has_value());
    QCOMPARE(pack().pack.known->flights, 4);
    // A slip of the pen in its recharge is said, and left out.
    auto flight = (*window_)->workspace().library().flights.at(flight_id);
    flight.recharged_ah = 2.0 * *flight.recharged_ah;
    QVERIFY((*window_)->workspace().put(logbook::EditKind::change_flight, flight_id, flight));
    QString odd;
    connect(&learning, &session::PackSession::leftOut, this,
            [&](session::Id, const QString& name, int) { odd = name; });
    learning.learnFrom(flight_id);
    EVENTUALLY(!odd.isEmpty());
    QCOMPARE(odd, QString::fromStdString(flight.name));
    // One that is excluded teaches nothing.
    flight.set_apart = true;
    QVERIFY((*window_)->workspace().put(logbook::EditKind::set_flight_apart, flight_id, flight));
    learning.choose(std::nullopt);
    learning.choose(id_);
    EVENTUALLY(learning.findings() && learning.findings()->estimate.known.flights == 3);
}

void HealthTest::fortyFlightsOfAWornPack() {
    // A pack that lost a tenth of its label over the years, down to its landing voltage on every other flight.
    std::mt19937_64 random(41);
    auto drawn = tests::drawn_pack(random);
    while (drawn.kind == tests::DrawnKind::published || drawn.label.chemistry != battery::Chemistry::lipo)
        drawn = tests::drawn_pack(random);
    drawn.label.name = "Old faithful";
    drawn.capacity_share = 0.88;
    book::KeptPack kept;
    kept.pack = drawn.label;
    auto& workspace = (*window_)->workspace();
    const auto put = workspace.put(logbook::EditKind::add_pack, std::nullopt, kept);
    QVERIFY(put);
    id_ = *put;
    const session::Id aircraft = workspace.library().aircraft.begin()->first;
    const double land_v = battery::traits(drawn.label.chemistry).default_landing_cell_v;
    for (int f = 0; f < 40; ++f) {
        const auto flown = tests::drawn_flight(random, drawn, land_v, f % 2 == 0 ? 0.02 : 0.35, f % 5 == 0);
        book::KeptFlight flight;
        flight.name = "evening " + std::to_string(f + 1);
        flight.pack_id = id_;
        flight.aircraft_id = aircraft;
        flight.flown = (*window_)->planSession().request();
        flight.flown.pack = drawn.label;
        flight.flown.landing_cell_v = land_v;
        flight.flown.weather.temperature_c = flown.flight.air_temperature_c;
        flight.recharged_ah = flown.flight.recharged_ah;
        flight.start_clock_s = 1.75e9 + 86400.0 * f;
        const auto filed = workspace.put(logbook::EditKind::file_flight, std::nullopt, flight);
        QVERIFY(filed);
        telemetry::LogSummary summary;
        summary.duration_s = 900.0;
        summary.pack = flown.flight.trace;
        summary.energy.charge_ah = units::Estimate{flown.flight.trace.points.back().charge_ah, 0.05};
        summary.energy.mean_power_w = drawn.cruise_w;
        workspace.setSummary(*filed, summary);
    }
    (*window_)->packs().showRecordList();
    (*window_)->packs().recordList().choose(id_);
    (*window_)->packs().showHealth();
    auto& learning = (*window_)->packs().learning();
    EVENTUALLY(learning.findings() && learning.findings()->estimate.known.flights == 40 &&
               learning.findings()->history.landings.size() > 30);
    EVENTUALLY(window_->said("packKnown").contains(QStringLiteral("less than its label")));
    const auto& share = learning.findings()->estimate.known.capacity_share;
    VERIFY_NEAR(share.value, 0.88, 0.03);
    QVERIFY(share.sd < 0.03);
    auto* chart = window_->find<ForecastChart>("packLandings");
    EVENTUALLY(chart->isVisible());
    const auto table = chart->shownTable();
    QVERIFY(table.rows.size() >= 19);
    int near = 0;
    for (const auto& row : table.rows) near += std::abs(row[2].sort.toDouble()) < 6.0 ? 1 : 0;
    QVERIFY2(near >= int(0.9 * double(table.rows.size())), qPrintable(QString::number(near)));
    // How it became known: by its label, then with every flight a little better.
    auto* history = window_->find<KnownHistoryChart>("packBecameKnown");
    QVERIFY(history->isVisible());
    const auto stages = history->shownTable();
    QCOMPARE(stages.rows.size(), std::size_t(41));
    QVERIFY(stages.rows[0][0].text.contains(QStringLiteral("before")));
    QCOMPARE(stages.rows[1][0].text, QStringLiteral("evening 1"));
    QCOMPARE(stages.rows[1][5].text, QStringLiteral("voltage, recharge"));
    QCOMPARE(stages.rows[2][5].text, QStringLiteral("voltage"));
    VERIFY_NEAR(stages.rows.back()[1].sort.toDouble(), 88.0, 3.0);
    QVERIFY(stages.rows.back()[2].sort.toDouble() < 0.5 * stages.rows.front()[2].sort.toDouble());
    if (const QString folder = qEnvironmentVariable("SOBREMESA_SHOTS"); !folder.isEmpty()) {
        QTest::qWait(100);
        (*window_)->grab().save(folder + QStringLiteral("/health-forty.png"));
    }
}

void HealthTest::theBillStandsInDebrief() {
    window_->openLog("2026-04-18-alcaravan-west-wind.csv");
    auto& flight = (*window_)->flightSession();
    EVENTUALLY(flight.bill().has_value());
    QCoreApplication::processEvents();
    auto* chart = window_->find<BillChart>("billChart");
    QVERIFY(chart->isVisibleTo(&(*window_)->debriefPlace()));
    // Sentence, chart and bill say the same.
    const auto table = chart->shownTable();
    QCOMPARE(table.rows.size(), debrief::bill_causes + 2);
    double sum = 0.0;
    for (std::size_t i = 1; i + 1 < table.rows.size(); ++i) sum += table.rows[i][1].sort.toDouble();
    VERIFY_NEAR(table.rows.front()[1].sort.toDouble() + sum, table.rows.back()[1].sort.toDouble(), 0.1);
    QVERIFY(window_->said("billSentence").startsWith(QStringLiteral("Forecast")));
    QCOMPARE(chart->accessibleDescription(), window_->said("billSentence"));
    QImage picture(420, chart->height(), QImage::Format_RGB32);
    picture.fill(Qt::white);
    chart->paintInto(picture, picture.size());
    QVERIFY(picture.pixelColor(int(0.5 * picture.width()), 11) != QColor(Qt::white));
    // Its recharge says what the sensor reads.
    const double unknown_sd = flight.bill()->row(debrief::BillCause::sensor).wh.sd;
    auto after = flight.flight();
    QVERIFY(unknown_sd > 0.04 * flight.bill()->flown.wh);
}

void HealthTest::debriefTellsWhatIsLeft() {
    window_->openLog("2026-04-11-alcaravan-calm.csv");
    QVERIFY(window_->said("debriefRemaining").contains(QStringLiteral("by the charge used")));
    auto* volts = window_->find<NumberField>("flightRestedVolts");
    volts->setFocus();
    QTest::keyClicks(volts, QStringLiteral("3,62"));
    auto* minutes = window_->find<NumberField>("flightRestMinutes");
    minutes->setFocus();
    QTest::keyClicks(minutes, QStringLiteral("30"));
    const auto& flight = (*window_)->flightSession().flight();
    VERIFY_NEAR(*flight.rested_cell_v, 3.62, 1e-12);
    VERIFY_NEAR(*flight.rest_s, 1800.0, 1e-9);
    const QString said = window_->said("debriefRemaining");
    QVERIFY2(said.contains(QStringLiteral("resting voltage")) && said.contains(QStringLiteral("combined")),
             qPrintable(said));
    // Volts that no cell has change nothing and are marked.
    volts->setFocus();
    volts->selectAll();
    QTest::keyClicks(volts, QStringLiteral("14.5"));
    VERIFY_NEAR((*window_)->flightSession().flight().rested_cell_v.value_or(0.0), 1.0, 5.0);
    QVERIFY((*window_)->flightSession().flight().rested_cell_v != 14.5);
    // What the wind was, and level flight in still air.
    QVERIFY(window_->said("debriefFindings").contains(QStringLiteral("Still-air")));
    auto* segments = window_->find<DataTable>("segmentTable");
    QVERIFY(segments->model()->rowCount() >= 4);
    const auto before = (*window_)->debriefPlace().strips().shownRange();
    segments->setCurrentIndex(segments->model()->index(0, 0)); // the climb
    const auto after = (*window_)->debriefPlace().strips().shownRange();
    QVERIFY(after.second - after.first < before.second - before.first);
}

void HealthTest::measuredSagIsTakenForThePack() {
    window_->openLog("2026-05-16-alcaravan-three-hills.csv");
    const auto debrief = (*window_)->debriefSession().debrief();
    QVERIFY(debrief->findings.sag);
    // 24 mΩ a cell in the simulator, by data/demo/scenario.json, and its own quick part.
    const double seen = telemetry::cell_ohm(*debrief->findings.sag, pack().pack).value;
    QVERIFY2(seen > 0.015 && seen < 0.045, qPrintable(QString::number(seen)));
    QVERIFY(!pack().pack.measured_cell_ohm);
    press("takeSagButton");
    VERIFY_NEAR(*pack().pack.measured_cell_ohm, seen, 1e-12);
    QVERIFY(!window_->find<QPushButton>("takeSagButton")->isEnabled());
    (*window_)->workspace().undo();
    QVERIFY(!pack().pack.measured_cell_ohm);
}

void HealthTest::inEveryLook() {
    keep(QStringLiteral("0"), QStringLiteral("6500"), QStringLiteral("24 24 25 24"));
    keep(QStringLiteral("60"), QStringLiteral("6110"), QStringLiteral("27 27 28 27"));
    window_->showInEveryLook();
}

SOBREMESA_TEST(HealthTest)
#include "tst_health.moc"
