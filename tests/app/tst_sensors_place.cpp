// Sensors: the scale from recharged flights, what correcting them does, and its undoing.

#include <algorithm>

#include <QComboBox>
#include <QPushButton>

#include "app/charts/recharge_chart.hpp"
#include "app/opened_window.hpp"
#include "app/places/sensors/sensors_place.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/data_table.hpp"
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

class SensorsTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void cleanupTestCase() { window_.reset(); }
    void withoutAircraftItSaysWhatItTakes();
    void withoutARechargeItSaysWhatToDo();
    void theDemosSensorIsFound();
    void aFlightOnAPackThatWasNotFullTellsNothing();
    void theChartShowsTheError();
    void correctingFlightsChangesTheBookAndIsUndone();
    void pairsAreWrittenDown();
    void theScaleIsNoted();
    void badInputIsMarked();
    void voltsAgainstAMeter();
    void theOffsetOnTheGround();
    void inEveryLook();

private:
    SensorsPlace& place() { return (*window_)->sensors(); }
    void type(const char* field, const QString& text) {
        auto* edit = window_->find<NumberField>(field);
        edit->setFocus();
        edit->selectAll();
        QTest::keyClicks(edit, text);
    }
    void press(const char* button) { QTest::mouseClick(window_->find<QPushButton>(button), Qt::LeftButton); }
    session::Id aircraft(const std::string& name) {
        for (const auto& [id, kept] : (*window_)->workspace().library().aircraft) {
            if (kept.aircraft.name == name) return id;
        }
        qFatal("no such aircraft");
    }
    /// The wing's flights recharged: its sensor reads 3 % too high, by data/demo/scenario.json.
    void rechargeTheWing() {
        auto& workspace = (*window_)->workspace();
        for (const auto& [id, kept] : std::map(workspace.library().flights)) {
            if (kept.aircraft_id != aircraft("Alcaraván")) continue;
            auto changed = kept;
            changed.recharged_ah = telemetry::charge_used_ah(workspace.summaries().at(id))->value / 1.03;
            QVERIFY(workspace.put(logbook::EditKind::change_flight, id, changed));
        }
    }
    std::unique_ptr<OpenedWindow> window_;
};

void SensorsTest::init() {
    window_.reset();
    Look::instance().setTheme(day_theme());
    Look::instance().setTextScale(1.0);
    window_ = std::make_unique<OpenedWindow>();
    QTest::keyClick(&**window_, Qt::Key_3, Qt::ControlModifier);
    QCOMPARE(int((*window_)->place()), int(Place::sensors));
    QVERIFY(!window_->find<QWidget>("settingLine")->isVisible());
}

void SensorsTest::withoutAircraftItSaysWhatItTakes() {
    QTemporaryDir folder;
    MainWindow fresh(folder.path(), folder.filePath(QStringLiteral("logbook.sqlite")));
    fresh.showPlace(Place::sensors);
    fresh.show();
    bool said = false;
    for (const auto* label : fresh.sensors().findChildren<QLabel*>())
        said = said || (label->isVisible() && label->text().contains(QStringLiteral("aircraft in Fleet")));
    QVERIFY(said);
}

void SensorsTest::theOffsetOnTheGround() {
    // Without a flight it says what it takes.
    QVERIFY2(window_->said("offsetSentence").contains(QStringLiteral("before launch")),
             qPrintable(window_->said("offsetSentence")));
    window_->bringInFlights();
    place().session().choose(aircraft("Alcaraván"));
    QVERIFY2(window_->said("offsetSentence").contains(QStringLiteral("electronics draw")),
             qPrintable(window_->said("offsetSentence")));
    const auto read = place().session().offset();
    QVERIFY(read && read->flights >= 2);
    // The same sensor with half an ampere on top, as a calibrated flight is stored: what counts is what it read.
    auto& workspace = (*window_)->workspace();
    for (const auto& [id, kept] : std::map(workspace.library().flights)) {
        if (kept.aircraft_id != aircraft("Alcaraván")) continue;
        auto summary = workspace.summaries().at(id);
        QVERIFY(summary.idle.has_value());
        summary.idle->current_a.value += 0.5;
        workspace.setSummary(id, summary);
    }
    auto listed = workspace.library().aircraft.at(aircraft("Alcaraván"));
    listed.aircraft.electronics_w = airframe::electronics_power_w(listed.aircraft);
    QVERIFY(workspace.put(logbook::EditKind::change_aircraft, aircraft("Alcaraván"), listed));
    VERIFY_NEAR(place().session().offset()->read_a.value - read->read_a.value, 0.5, 0.01);
    QVERIFY2(window_->said("offsetSentence").contains(QStringLiteral("too much")),
             qPrintable(window_->said("offsetSentence")));
}

void SensorsTest::withoutARechargeItSaysWhatToDo() {
    QVERIFY(window_->said("calibrationSentence").contains(QStringLiteral("recharge")));
    QVERIFY(!window_->find<QPushButton>("calibrateFlightsButton")->isEnabled());
}

void SensorsTest::theDemosSensorIsFound() {
    window_->bringInFlights();
    rechargeTheWing();
    place().session().choose(aircraft("Alcaraván"));
    const auto found = place().session().result();
    QVERIFY(found && *found);
    VERIFY_NEAR((*found)->reads.value, 1.03, 1e-6);
    QVERIFY((*found)->flights >= 3);
    QVERIFY2(window_->said("calibrationSentence").contains(QStringLiteral("too high")),
             qPrintable(window_->said("calibrationSentence")));
    QCOMPARE(place().table().model()->rowCount(), (*found)->flights);
    // One left out by hand is not counted.
    place().table().selectRow(0);
    press("calibrationTake");
    QCOMPARE((*place().session().result())->flights, (*found)->flights - 1);
    QVERIFY(place().table().model()->index(0, 5).data().toString().contains(QStringLiteral("excluded")));
}

void SensorsTest::aFlightOnAPackThatWasNotFullTellsNothing() {
    window_->bringInFlights();
    rechargeTheWing();
    auto& session = place().session();
    session.choose(aircraft("Alcaraván"));
    auto before = session.flights();
    QVERIFY(before.size() >= 3);
    std::sort(before.begin(), before.end(),
              [](const auto& a, const auto& b) { return a.recharged_ah > b.recharged_ah; });
    // Twice the same: much of what the charger put back was missing at launch. The log shows it by the volts of its
    // first minutes; the pilot may have said it.
    auto& workspace = (*window_)->workspace();
    const book::Id by_volts = *before[0].flight_id;
    auto summary = workspace.summaries().at(by_volts);
    auto& points = summary.pack.points;
    const double gone_ah = 0.7 * points.back().charge_ah;
    points.erase(points.begin(), std::find_if(points.begin(), points.end(),
                                              [&](const auto& point) { return point.charge_ah > gone_ah; }));
    for (auto& point : points) point.charge_ah -= gone_ah;
    summary.energy.charge_ah->value -= gone_ah;
    workspace.setSummary(by_volts, summary);
    const book::Id by_word = *before[1].flight_id;
    auto kept = workspace.library().flights.at(by_word);
    kept.flown.pack.start_cell_v = 3.8;
    kept.recharged_ah = 1.5 * *kept.recharged_ah;
    QVERIFY(workspace.put(logbook::EditKind::change_flight, by_word, kept));
    std::size_t row = 0;
    for (std::size_t i = 0; i < session.flights().size(); ++i) {
        const auto& flight = session.flights()[i];
        const bool is_short = flight.flight_id == by_volts || flight.flight_id == by_word;
        QVERIFY2(flight.begun_short == is_short, qPrintable(flight.name));
        QCOMPARE(flight.taken, !is_short);
        if (flight.flight_id == by_volts) row = i;
    }
    VERIFY_NEAR((*session.result())->reads.value, 1.03, 1e-6);
    QCOMPARE(place().table().model()->index(int(row), 5).data().toString(), QStringLiteral("not full at launch"));
    // The pilot knows better.
    session.take(row, true);
    QVERIFY(session.flights()[row].taken);
    session.take(row, false);
    QVERIFY(!session.flights()[row].taken);
}

/// The slope of counted against recharged is the sensor's error; who stands apart is named.
void SensorsTest::theChartShowsTheError() {
    window_->bringInFlights();
    rechargeTheWing();
    auto& session = place().session();
    session.choose(aircraft("Alcaraván"));
    auto* chart = window_->find<RechargeChart>("rechargeChart");
    EVENTUALLY(chart->isVisible());
    const auto table = chart->shownTable();
    QVERIFY(table.rows.size() >= 3);
    for (const auto& row : table.rows) VERIFY_NEAR(row[3].sort.toDouble(), 103.0, 0.1);
    QVERIFY2(chart->accessibleDescription().contains(QStringLiteral("103")),
             qPrintable(chart->accessibleDescription()));
    // A flight that was not charged to full stands apart, by name.
    const std::size_t before = table.rows.size();
    for (int i = 0; i < 4; ++i) session.addPair(5.0, 5.0 / 1.03);
    session.addPair(5.0, 3.0);
    const auto after = chart->shownTable();
    QCOMPARE(after.rows.size(), before + 5);
    QVERIFY2(chart->accessibleDescription().contains(QStringLiteral("Outliers")),
             qPrintable(chart->accessibleDescription()));
    const QImage with = chart->grab().toImage();
    session.setCharger(0.1);
    QVERIFY(chart->grab().toImage() != with);
}

void SensorsTest::correctingFlightsChangesTheBookAndIsUndone() {
    window_->bringInFlights();
    rechargeTheWing();
    place().session().choose(aircraft("Alcaraván"));
    auto& workspace = (*window_)->workspace();
    const session::Id flight = *place().session().flights().front().flight_id;
    const auto before = workspace.summaries().at(flight);
    press("calibrateFlightsButton");
    VERIFY_NEAR(workspace.library().flights.at(flight).current_factor, 1.0 / 1.03, 1e-6);
    const auto after = workspace.summaries().at(flight);
    VERIFY_NEAR(after.energy.charge_ah->value, before.energy.charge_ah->value / 1.03, 1e-9);
    VERIFY_NEAR(after.charge_ah_per_m->value, before.charge_ah_per_m->value / 1.03, 1e-12);
    QCOMPARE(after.energy.lowest_voltage_v, before.energy.lowest_voltage_v);
    // What the sensor read is not changed by it: the same again finds the same scale.
    VERIFY_NEAR((*place().session().result())->reads.value, 1.03, 1e-6);
    // Debriefed anew from its raw log it says the same.
    (*window_)->flightSession().openFlight(flight);
    EVENTUALLY((*window_)->debriefSession().debrief() && (*window_)->flightSession().filed() == flight);
    VERIFY_NEAR((*window_)->debriefSession().debrief()->summary.energy.charge_ah->value,
                after.energy.charge_ah->value, 1e-6);
    // One undo takes it back, in the book and on the table.
    workspace.undo();
    QCOMPARE(workspace.library().flights.at(flight).current_factor, 1.0);
    VERIFY_NEAR(workspace.summaries().at(flight).energy.charge_ah->value, before.energy.charge_ah->value, 1e-9);
    EVENTUALLY(std::abs((*window_)->debriefSession().debrief()->summary.energy.charge_ah->value -
                        before.energy.charge_ah->value) < 1e-6);
    workspace.redo();
    VERIFY_NEAR(workspace.summaries().at(flight).energy.charge_ah->value, before.energy.charge_ah->value / 1.03,
                1e-9);
}

void SensorsTest::pairsAreWrittenDown() {
    type("pairCounted", QStringLiteral("510"));
    type("pairRecharged", QStringLiteral("275"));
    press("pairAdd");
    type("sensorScale", QStringLiteral("65"));
    const auto found = place().session().result();
    QVERIFY(found && *found);
    VERIFY_NEAR((*found)->scale.value, 120.0, 1.0); // common practice, no source
    QVERIFY(window_->said("calibrationSentence").contains(QStringLiteral("Set the scale")));
    window_->find<QComboBox>("sensorConvention")->setCurrentIndex(1);
    emit window_->find<QComboBox>("sensorConvention")->activated(1);
    VERIFY_NEAR((*place().session().result())->scale.value, 65.0 * 275.0 / 510.0, 1e-6);
    // The figure says why.
    int explained = 0;
    for (auto* figure : place().findChildren<ExplainedNumber*>())
        explained +=
            figure->isVisible() && figure->explanation()->quantity == units::Quantity::sensor_scale ? 1 : 0;
    QCOMPARE(explained, 1);
}

void SensorsTest::theScaleIsNoted() {
    type("sensorScale", QStringLiteral("50"));
    place().session().addPair(2.2, 2.0);
    window_->find<NumberField>("pairCounted")->setFocus();
    // Edits in quick succession are one; this is to be another.
    QTest::qWait(1600);
    press("takeScaleButton");
    const auto chosen = *place().session().chosen();
    VERIFY_NEAR(*(*window_)->workspace().library().aircraft.at(chosen).current_scale, 55.0, 1e-9);
    (*window_)->workspace().undo();
    VERIFY_NEAR(*(*window_)->workspace().library().aircraft.at(chosen).current_scale, 50.0, 1e-9);
}

void SensorsTest::badInputIsMarked() {
    type("sensorScale", QStringLiteral("-3"));
    QVERIFY(window_->find<QLabel>("sensorTrouble")->isVisible());
    QVERIFY(!place().session().scale());
    type("sensorScale", QStringLiteral("3,5"));
    QVERIFY(!window_->find<QLabel>("sensorTrouble")->isVisible());
    VERIFY_NEAR(*place().session().scale(), 3.5, 1e-12);
    type("pairCounted", QStringLiteral("510"));
    press("pairAdd");
    QVERIFY(window_->find<QLabel>("pairTrouble")->isVisible());
    QVERIFY(place().session().flights().empty());
}

void SensorsTest::voltsAgainstAMeter() {
    type("voltsShown", QStringLiteral("16.4"));
    type("voltsMeter", QStringLiteral("16.8"));
    QVERIFY2(window_->said("voltsSentence").contains(QStringLiteral("1.024")),
             qPrintable(window_->said("voltsSentence")));
    type("voltsMeter", QStringLiteral("4.2"));
    QVERIFY(window_->said("voltsSentence").contains(QStringLiteral("fifth")));
}

void SensorsTest::inEveryLook() {
    window_->bringInFlights();
    rechargeTheWing();
    window_->showInEveryLook();
}

SOBREMESA_TEST(SensorsTest)
#include "tst_sensors_place.moc"
