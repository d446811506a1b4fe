// Fleet beyond the list: the power curve and its speeds, what a change would do, how good forecasts were, and the
// loop from a filed flight to the plan.

#include <QComboBox>
#include <QPushButton>
#include <QSlider>
#include <QTableView>

#include "app/charts/aircraft_lines.hpp"
#include "app/charts/calibration_chart.hpp"
#include "app/charts/cause_chart.hpp"
#include "app/charts/curve_change_chart.hpp"
#include "app/charts/curve_chart.hpp"
#include "app/charts/forecast_chart.hpp"
#include "app/charts/headroom_chart.hpp"
#include "app/charts/reach_rings.hpp"
#include "app/opened_window.hpp"
#include "app/places/fleet/fleet_place.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/number_field.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "support/compare.hpp"
#include "support/drawn_packs.hpp"
#include "support/eventually.hpp"
#include "support/test_program.hpp"
#include <qcustomplot.h>

using namespace sobremesa;
using namespace sobremesa::app;
using session::Id;
using sobremesa::tests::OpenedWindow;

class FleetTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void cleanupTestCase() { window_.reset(); }
    void withoutAnAircraftItSaysWhatToDo();
    void everyColumnStandsUnderItsOwnHead();
    void oneCruiseIsEnoughForACurve();
    void flightsDrawTheCurve();
    void takingTheCurveChangesThePlanAndIsUndone();
    void anAircraftThatIsUndoneTakesWhatItTaughtAlong();
    void aHeadWindMovesTheSpeedForRange();
    void namesOfSpeedsKeepOffTheCurve();
    void aWantedGroundSpeedIsJudged();
    void theSpeedIsDraggedForItsPrice();
    void chartsAreReadAsTables();
    void everyAircraftIsSeenAtAGlance();
    void slidersShowBeforeAndAfter();
    void onlyWhatTheAircraftHasCanBeChanged();
    void headroomWantsFullPower();
    void forecastsAreListed();
    void wholeFlightsAreForecast();
    void whatForecastsMissedStandsByCause();
    void aFlightIsSetApartAndLetInAgain();
    void aFiledFlightTeaches();
    void anOutlierTeachesNothingAndIsSaid();
    void withFortyFlights();
    void inEveryLook();

private:
    FleetPlace& fleet() { return (*window_)->fleet(); }
    session::LearningSession& learning() { return fleet().learning(); }
    void settle() {
        EVENTUALLY(learning().observations() && learning().is_settled());
        QTest::qWait(120);
        EVENTUALLY(learning().is_settled());
    }
    Id aircraft(const std::string& name) {
        for (const auto& [id, kept] : (*window_)->workspace().library().aircraft) {
            if (kept.aircraft.name == name) return id;
        }
        qFatal("no such aircraft");
    }
    void chooseAircraft(const char* name) {
        (*window_)->showPlace(Place::fleet);
        fleet().showRecordList();
        fleet().recordList().choose(aircraft(name));
    }
    void press(const char* button) { QTest::mouseClick(window_->find<QPushButton>(button), Qt::LeftButton); }
    /// A flight of the wing as the book keeps it, its level power so many times that of its known cruise.
    Id addFlight(const char* name, double times, double start_s, bool through_session = false) {
        auto& workspace = (*window_)->workspace();
        book::KeptFlight flight;
        flight.name = name;
        flight.aircraft_id = aircraft("Alcaraván");
        flight.flown = (*window_)->planSession().request();
        flight.flown.aircraft = workspace.library().aircraft.at(*flight.aircraft_id).aircraft;
        flight.flown.aircraft.curve.reset();
        flight.pack_id = workspace.library().packs.begin()->first;
        flight.start_clock_s = start_s;
        const Id id = *workspace.put(logbook::EditKind::file_flight, std::nullopt, flight);
        telemetry::LogSummary summary;
        summary.duration_s = 1200.0;
        const double v = flight.flown.aircraft.cruise_airspeed_mps;
        for (const double ratio : {0.9, 1.0, 1.2}) {
            const double level_w = airframe::power_w(flight.flown.aircraft, mission::all_up_mass_kg(flight.flown),
                                                     {ratio * v, mission::all_up_mass_kg(flight.flown), 1.225, 0.0})
                                       ->value;
            summary.level.push_back({{ratio * v, 0.2}, {times * level_w, 0.02 * level_w}, 0.0, 200.0});
        }
        workspace.setSummary(id, summary);
        if (through_session) learning().learnFrom(id);
        return id;
    }
    std::unique_ptr<OpenedWindow> window_;
};

void FleetTest::init() {
    window_.reset();
    window_ = std::make_unique<OpenedWindow>();
}

void FleetTest::withoutAnAircraftItSaysWhatToDo() {
    for (const auto& [id, kept] : std::map((*window_)->workspace().library().aircraft))
        (*window_)->workspace().remove(logbook::EditKind::remove_aircraft, logbook::Kind::aircraft, id);
    (*window_)->showPlace(Place::fleet);
    fleet().showCurve();
    QVERIFY(window_->said("curveName").contains(QStringLiteral("No aircraft")));
    fleet().showWhatIf();
    QVERIFY(window_->said("whatIfName").contains(QStringLiteral("No aircraft")));
    fleet().showForecasts();
    QVERIFY(window_->said("forecastsName").contains(QStringLiteral("No aircraft")));
}

void FleetTest::everyColumnStandsUnderItsOwnHead() {
    chooseAircraft("Tarabilla");
    const auto& model = *fleet().recordList().table().model();
    QStringList heads;
    int row = -1;
    for (int c = 0; c < model.columnCount(); ++c) heads << model.headerData(c, Qt::Horizontal).toString();
    for (int r = 0; r < model.rowCount(); ++r) {
        if (model.index(r, 0).data().toString() == QStringLiteral("Tarabilla")) row = r;
    }
    QVERIFY(row >= 0 && !heads.contains(QString()));
    const auto under = [&](const char* head) {
        return model.index(row, int(heads.indexOf(QLatin1String(head)))).data().toString().remove(QChar(0x202F));
    };
    QCOMPARE(under("electronics"), QStringLiteral("9.0W"));
    QCOMPARE(under("full power"), QStringLiteral("980W"));
}

void FleetTest::oneCruiseIsEnoughForACurve() {
    chooseAircraft("Alcaraván");
    fleet().showCurve();
    settle();
    QVERIFY(window_->said("curveName").contains(QStringLiteral("Alcaraván")));
    QVERIFY(window_->said("curveSentence").contains(QStringLiteral("best range")));
    // And it says how to get to know the aircraft better.
    QVERIFY(window_->said("curveFitted").contains(QStringLiteral("known cruise")));
    QVERIFY(window_->said("stepTest").contains(QStringLiteral("on each leg")));
    QVERIFY(!window_->find<QPushButton>("learnCurveButton")->isEnabled());
    QVERIFY(window_->find<CurveChart>("curveChart")->shownTable().rows.size() > 10);
}

void FleetTest::flightsDrawTheCurve() {
    chooseAircraft("Alcaraván");
    for (int i = 0; i < 3; ++i) addFlight("Made", 1.15, 1e9 + i);
    fleet().showCurve();
    settle();
    QCOMPARE(learning().observations()->observations.size(), std::size_t(3));
    QVERIFY(window_->said("curveFitted").contains(QStringLiteral("3 flights")));
    QVERIFY(window_->said("curveUnknown").contains(QStringLiteral("No flight was slower")));
    const auto& observations = *learning().observations();
    const auto power = airframe::level_power_w(observations.fit.curve, observations.aircraft.cruise_airspeed_mps,
                                               observations.reference_mass_kg, 1.225);
    QVERIFY(power.value > 1.07 * observations.aircraft.cruise_power_w);
}

void FleetTest::takingTheCurveChangesThePlanAndIsUndone() {
    chooseAircraft("Alcaraván");
    for (int i = 0; i < 4; ++i) addFlight("Made", 1.25, 1e9 + i);
    fleet().showCurve();
    settle();
    window_->settle();
    const double before = (*window_)->planSession().plan()->turn->distance_m.value;
    press("learnCurveButton");
    QVERIFY((*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.curve.has_value());
    EVENTUALLY((*window_)->planSession().plan()->turn->distance_m.value < 0.93 * before);
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("more than assumed")));
    // The aircraft of the book carries it through a restart: it is in its document.
    (*window_)->workspace().undo();
    EVENTUALLY(std::abs((*window_)->planSession().plan()->turn->distance_m.value - before) < 1e-6 * before);
    (*window_)->workspace().redo();
    settle();
    press("forgetCurveButton");
    QVERIFY(!(*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.curve.has_value());
}

void FleetTest::anAircraftThatIsUndoneTakesWhatItTaughtAlong() {
    chooseAircraft("Alcaraván");
    for (int i = 0; i < 4; ++i) addFlight("Made", 1.25, 1e9 + i);
    fleet().showCurve();
    settle();
    auto& workspace = (*window_)->workspace();
    const Id id = aircraft("Alcaraván");
    for (int edits = 0; workspace.library().aircraft.contains(id) && edits < 50; ++edits) workspace.undo();
    QVERIFY(!workspace.library().aircraft.contains(id));
    learning().learn();
    learning().forget();
    QVERIFY(!learning().observations() || learning().observations()->aircraft_id != id);
    QVERIFY(!workspace.library().aircraft.contains(id));
}

void FleetTest::aHeadWindMovesTheSpeedForRange() {
    chooseAircraft("Alcaraván");
    fleet().showCurve();
    settle();
    auto* wind = window_->find<NumberField>("curveHeadWind");
    const auto range_speed = [&] {
        for (auto* number : window_->find<QWidget>("curvePage")->findChildren<ExplainedNumber*>()) {
            if (number->explanation() && number->explanation()->quantity == units::Quantity::best_range_speed)
                return number->explanation()->value.value;
        }
        return 0.0;
    };
    const auto type = [&](const char* text) {
        wind->setFocus();
        wind->selectAll();
        QTest::keyClicks(wind, QLatin1String(text));
    };
    type("0");
    const double calm = range_speed();
    QVERIFY(calm > 0.0);
    type("8");
    QVERIFY(range_speed() > calm + 0.5);
    type("-8");
    QVERIFY(range_speed() < calm - 0.2);
    // A wind that nothing flies against is an answer.
    type("90");
    QVERIFY(window_->said("curveSentence").contains(QStringLiteral("no speed")));
}

void FleetTest::namesOfSpeedsKeepOffTheCurve() {
    chooseAircraft("Alcaraván");
    fleet().showCurve();
    settle();
    auto* chart = window_->find<CurveChart>("curveChart");
    auto* plot = chart->findChild<QCustomPlot*>();
    QVERIFY(plot && plot->graphCount() > 2);
    plot->replot();
    int upright = 0;
    for (int i = 0; i < plot->itemCount(); ++i) {
        auto* words = qobject_cast<QCPItemText*>(plot->item(i));
        if (!words || words->rotation() != -90.0) continue;
        ++upright;
        // From where it begins to where it ends it is on one side of the dashed line.
        const double x = words->position->coords().x();
        const auto* line = plot->graph(2);
        const auto at = line->data()->findBegin(x);
        const double curve_px = plot->yAxis->coordToPixel(at->value);
        const double from_px = words->position->pixelPosition().y();
        const double to_px = from_px - QFontMetrics(words->font()).horizontalAdvance(words->text());
        QVERIFY2((from_px < curve_px) == (to_px < curve_px), qPrintable(words->text()));
    }
    QVERIFY(upright >= 2);
}

void FleetTest::aWantedGroundSpeedIsJudged() {
    chooseAircraft("Alcaraván");
    fleet().showCurve();
    settle();
    auto* ground = window_->find<NumberField>("wantedGroundSpeed");
    const auto type = [&](const char* text) {
        ground->setFocus();
        ground->selectAll();
        QTest::keyClicks(ground, QLatin1String(text));
    };
    type("40");
    QVERIFY(window_->said("goOrNoGo").startsWith(QStringLiteral("Go")));
    type("130");
    QVERIFY(window_->said("goOrNoGo").contains(QStringLiteral("No go")));
    QVERIFY(window_->said("curveLegs").contains(QStringLiteral("return leg")));
}

void FleetTest::theSpeedIsDraggedForItsPrice() {
    chooseAircraft("Alcaraván");
    fleet().showCurve();
    settle();
    auto* chart = window_->find<CurveChart>("curveChart");
    const QString before = window_->said("speedPrice");
    chart->setFocus();
    for (int i = 0; i < 12; ++i) QTest::keyClick(chart, Qt::Key_Right);
    const QString faster = window_->said("speedPrice");
    QVERIFY(faster != before);
    QVERIFY(faster.contains(QStringLiteral("costs")));
    // With the mouse, anywhere on the chart.
    auto* plot = chart->findChild<QCustomPlot*>();
    QTest::mouseClick(plot, Qt::LeftButton, {}, chart->toScreen(14.0, 50.0));
    VERIFY_NEAR(chart->chosenSpeed(), 14.0, 0.3);
    QTest::keyClick(chart, Qt::Key_Home);
    QCOMPARE(window_->said("speedPrice"), before);
}

void FleetTest::chartsAreReadAsTables() {
    chooseAircraft("Alcaraván");
    for (int i = 0; i < 3; ++i) addFlight("Made", 1.0 + 0.05 * i, 1e9 + i);
    fleet().showCurve();
    fleet().showWhatIf();
    fleet().showForecasts();
    settle();
    QCOMPARE(window_->find<CurveChart>("curveChart")->shownTable().headers.size(), 3);
    QVERIFY(!window_->find<HeadroomChart>("headroomChart")->shownTable().rows.empty());
    QCOMPARE(window_->find<ForecastChart>("forecastChart")->shownTable().rows.size(), std::size_t(3));
}

void FleetTest::everyAircraftIsSeenAtAGlance() {
    (*window_)->showPlace(Place::fleet);
    fleet().showRecordList();
    auto* lines = window_->find<AircraftLines>("aircraftLines");
    const auto& all = (*window_)->workspace().library().aircraft;
    EVENTUALLY_EQUAL(lines->shownTable().rows.size(), all.size());
    // What the list weighs with the pack of the open plan, to the gram.
    const double pack_kg = (*window_)->planSession().request().pack.mass_kg;
    for (const auto& row : lines->shownTable().rows) {
        const auto kept = std::find_if(all.begin(), all.end(), [&](const auto& entry) {
            return QString::fromStdString(entry.second.aircraft.name) == row[0].text;
        });
        QVERIFY(kept != all.end());
        VERIFY_NEAR(row[1].sort.toDouble(), 1000.0 * (kept->second.aircraft.mass_kg + pack_kg), 1.0);
        // Nobody flies for distance slower than for time, in still air.
        QVERIFY(row[4].sort.toDouble() >= row[2].sort.toDouble());
    }
    auto kept = all.at(aircraft("Tarabilla"));
    kept.retired = true;
    QVERIFY((*window_)->workspace().put(logbook::EditKind::retire_aircraft, aircraft("Tarabilla"), kept));
    EVENTUALLY_EQUAL(lines->shownTable().rows.size(), all.size() - 1);
}

void FleetTest::slidersShowBeforeAndAfter() {
    chooseAircraft("Tarabilla");
    fleet().showWhatIf();
    settle();
    auto* table = window_->find<QTableView>("whatIfTable");
    QVERIFY(table->model()->rowCount() >= 5);
    for (int row = 0; row < table->model()->rowCount(); ++row)
        QCOMPARE(table->model()->index(row, 3).data().toString(), QStringLiteral("unchanged"));
    window_->find<QSlider>("dialPayload")->setValue(-30);
    VERIFY_NEAR(fleet().whatIf().change().extra_mass_kg, -0.3, 1e-9);
    QVERIFY(window_->said("whatIfSentence").contains(QStringLiteral("longer")));
    QVERIFY(table->model()->index(1, 3).data().toString().startsWith(QChar(0x2212))); // less power
    for (int row = 0; row < table->model()->rowCount(); ++row) {
        for (int column = 1; column < 3; ++column)
            QVERIFY(table->model()->index(row, column).data(explanation_role).isValid());
    }
    // The pictures say the same: less power at every airspeed, farther on every bearing.
    const auto curves = window_->find<CurveChangeChart>("whatIfCurves")->shownTable();
    QVERIFY(curves.rows.size() > 10);
    for (const auto& row : curves.rows) QVERIFY(row[3].sort.toDouble() < row[1].sort.toDouble());
    auto* rings = window_->find<ReachRings>("whatIfReach");
    EVENTUALLY(!rings->shownTable().rows.empty() &&
               rings->shownTable().rows[0][2].sort != rings->shownTable().rows[0][1].sort);
    for (const auto& row : rings->shownTable().rows) QVERIFY(row[2].sort.toDouble() > row[1].sort.toDouble());
    press("whatIfReset");
    VERIFY_NEAR(fleet().whatIf().change().extra_mass_kg, 0.0, 1e-12);
    EVENTUALLY(rings->shownTable().rows[0][2].sort == rings->shownTable().rows[0][1].sort);
}

void FleetTest::onlyWhatTheAircraftHasCanBeChanged() {
    chooseAircraft("Alcaraván"); // a wing whose area nobody said
    fleet().showWhatIf();
    settle();
    QVERIFY(!window_->find<QSlider>("dialPropellers")->isVisible());
    QVERIFY(!window_->find<QSlider>("dialWing")->isVisible());
    QVERIFY(window_->find<QSlider>("dialPack")->isVisible());
    auto kept = (*window_)->workspace().library().aircraft.at(aircraft("Alcaraván"));
    kept.aircraft.wing.area_m2 = 0.3;
    QVERIFY((*window_)->workspace().put(logbook::EditKind::change_aircraft, aircraft("Alcaraván"), kept));
    settle();
    EVENTUALLY(window_->find<QSlider>("dialWing")->isVisible());
}

void FleetTest::headroomWantsFullPower() {
    chooseAircraft("Alcaraván");
    fleet().showWhatIf();
    settle();
    QVERIFY(window_->said("headroomWords").contains(QStringLiteral("Full throttle")));
    auto kept = (*window_)->workspace().library().aircraft.at(aircraft("Alcaraván"));
    kept.aircraft.full_power_w.reset();
    QVERIFY((*window_)->workspace().put(logbook::EditKind::change_aircraft, aircraft("Alcaraván"), kept));
    settle();
    EVENTUALLY(window_->said("headroomWords").contains(QStringLiteral("needs")));
}

void FleetTest::forecastsAreListed() {
    chooseAircraft("Alcaraván");
    for (int i = 0; i < 5; ++i) addFlight("Made", 1.1, 1e9 + i);
    fleet().showForecasts();
    settle();
    auto* table = window_->find<QTableView>("forecastsTable");
    QCOMPARE(table->model()->rowCount(), 5);
    QVERIFY(window_->said("forecastsSentence").contains(QStringLiteral("last 4 forecasts")));
    // From the second flight on the error shrinks: that is what learning is for.
    const auto& test = learning().observations()->test;
    QVERIFY(std::abs(test.rows.back().off) < 0.5 * std::abs(test.rows.front().off));
    QVERIFY(test.spread < test.spread_unlearned);
    // How often the bands held: by table and by ear as in the picture.
    auto* calibration = window_->find<CalibrationChart>("calibrationChart");
    QVERIFY(calibration->isVisible());
    const auto shares = calibration->shownTable();
    QCOMPARE(shares.rows.size(), std::size_t(9));
    QCOMPARE(shares.rows.back()[0].sort.toDouble(), 90.0);
    QVERIFY(calibration->accessibleDescription().contains(QStringLiteral("of 4 forecasts")));
}

void FleetTest::wholeFlightsAreForecast() {
    // Ten flights, by turns with two packs, down to their landing voltage or half of the way there.
    auto& workspace = (*window_)->workspace();
    std::mt19937_64 random(42);
    const Id wing = aircraft("Alcaraván");
    std::vector<std::pair<Id, tests::DrawnPack>> packs;
    while (packs.size() < 2) {
        auto drawn = tests::drawn_pack(random);
        if (drawn.kind == tests::DrawnKind::published) continue;
        book::KeptPack kept;
        kept.pack = drawn.label;
        packs.emplace_back(*workspace.put(logbook::EditKind::add_pack, std::nullopt, kept), std::move(drawn));
    }
    for (int f = 0; f < 10; ++f) {
        auto& [pack_id, drawn] = packs[std::size_t(f % 2)];
        const double land_v = battery::traits(drawn.label.chemistry).default_landing_cell_v;
        const auto flown = tests::drawn_flight(random, drawn, land_v, f % 4 < 2 ? 0.02 : 0.4, f < 4);
        book::KeptFlight flight;
        flight.name = "evening " + std::to_string(f + 1);
        flight.pack_id = pack_id;
        flight.aircraft_id = wing;
        flight.flown = (*window_)->planSession().request();
        flight.flown.aircraft = workspace.library().aircraft.at(wing).aircraft;
        flight.flown.pack = drawn.label;
        flight.flown.landing_cell_v = land_v;
        flight.flown.weather.temperature_c = flown.flight.air_temperature_c;
        flight.recharged_ah = flown.flight.recharged_ah;
        flight.start_clock_s = 1.75e9 + 86400.0 * f;
        const Id id = *workspace.put(logbook::EditKind::file_flight, std::nullopt, flight);
        telemetry::LogSummary summary;
        summary.duration_s = 900.0;
        summary.pack = flown.flight.trace;
        summary.energy.charge_ah = units::Estimate{flown.flight.trace.points.back().charge_ah, 0.05};
        summary.energy.mean_power_w = drawn.cruise_w;
        // One day takes a little more than the other.
        const double power_w = (f % 3 == 0 ? 1.04 : 0.98) * packs.front().second.cruise_w;
        summary.level = {{{15.0, 0.2}, {power_w, 0.01 * power_w}, 0.0, 600.0}};
        // Of one the log had no home.
        if (f != 5) summary.distance.farthest_from_home_m = units::Estimate{6000.0, 10.0};
        workspace.setSummary(id, summary);
    }
    chooseAircraft("Alcaraván");
    fleet().showForecasts();
    settle();
    auto* of = window_->find<QComboBox>("forecastOf");
    auto* model = window_->find<QTableView>("forecastsTable")->model();
    auto* chart = window_->find<ForecastChart>("forecastChart");
    QCOMPARE(model->rowCount(), 10);
    QCOMPARE(chart->shownTable().rows.size(), std::size_t(10));
    const auto show = [&](learning::ForecastPart part) { of->setCurrentIndex(1 + int(part)); };
    show(learning::ForecastPart::landing_charge);
    EVENTUALLY(window_->said("forecastsSentence").contains(QStringLiteral("9 landings forecast")));
    QCOMPARE(model->rowCount(), 10);
    QCOMPARE(model->columnCount(), 7);
    QCOMPARE(model->index(0, 0).data().toString(), QStringLiteral("evening 1"));
    QCOMPARE(model->index(9, 1).data().toString(), QStringLiteral("9"));
    // Near the landing voltage its volts tell a pack's charge, on the flat of the curve what level flight takes.
    QCOMPARE(model->index(9, 5).data().toString(), QStringLiteral("voltage"));
    const auto landings = chart->shownTable();
    QVERIFY(std::abs(landings.rows.back()[2].sort.toDouble()) < 8.0);
    QVERIFY(window_->find<CalibrationChart>("calibrationChart")->isVisible());
    // As far as it lasts: the same errors in time and in way, of the flights that know how far they went.
    show(learning::ForecastPart::duration);
    EVENTUALLY(window_->said("forecastsSentence").contains(QStringLiteral("9 flying times forecast")));
    const auto times = chart->shownTable();
    QCOMPARE(times.rows.size(), std::size_t(10));
    show(learning::ForecastPart::turn);
    EVENTUALLY(window_->said("forecastsSentence").contains(QStringLiteral("8 turn points forecast")));
    const auto turns = chart->shownTable();
    QCOMPARE(turns.rows.size(), std::size_t(9));
    QCOMPARE(turns.rows.back()[2].sort.toDouble(), times.rows.back()[2].sort.toDouble());
    QVERIFY(model->index(0, 3).data().toString().startsWith(QStringLiteral("6.0")));
    if (const QString folder = qEnvironmentVariable("SOBREMESA_SHOTS"); !folder.isEmpty()) {
        QTest::qWait(200);
        (*window_)->grab().save(folder + QStringLiteral("/forecasts-turn.png"));
    }
    // Another aircraft has none of these.
    fleet().showRecordList();
    fleet().recordList().choose(aircraft("Tarabilla"));
    fleet().showForecasts();
    settle();
    EVENTUALLY_EQUAL(model->rowCount(), 0);
    EVENTUALLY(window_->said("forecastsSentence").contains(QStringLiteral("two filed flights")));
    fleet().showRecordList();
    chooseAircraft("Alcaraván");
    fleet().showForecasts();
    settle();
    EVENTUALLY_EQUAL(model->rowCount(), 9);
}

void FleetTest::whatForecastsMissedStandsByCause() {
    auto& workspace = (*window_)->workspace();
    fleet().showForecasts();
    QVERIFY(window_->said("causesSentence").contains(QStringLiteral("Filed flights")));
    for (const char* log : {"2026-05-16-alcaravan-three-hills.csv", "2026-05-23-alcaravan-thermals.csv"}) {
        (*window_)->openFile(QStringLiteral(DEMO_DIR "/") + QLatin1String(log));
        EVENTUALLY((*window_)->debriefSession().debrief() &&
                   (*window_)->debriefSession().debrief()->path.endsWith(QLatin1String(log)));
        EVENTUALLY((*window_)->flightSession().bill_is_settled());
        press("fileFlightButton");
        EVENTUALLY((*window_)->flightSession().filed().has_value());
    }
    // What Debrief made out is kept, and counts as it is.
    EVENTUALLY_EQUAL(workspace.bills().size(), std::size_t(2));
    const auto kept = workspace.bills();
    chooseAircraft("Alcaraván");
    fleet().showForecasts();
    EVENTUALLY(window_->find<CauseChart>("causeChart")->isVisible());
    auto* chart = window_->find<CauseChart>("causeChart");
    QVERIFY(window_->said("causesSentence").contains(QStringLiteral("In 2 flights")));
    const auto table = chart->shownTable();
    QCOMPARE(table.rows.size(), std::size_t(10));
    QVERIFY(workspace.bills() == kept);
    // Another mass, and its bill is of another flight: the log is read again, here alone.
    fleet().showRecordList();
    const Id changed = kept.begin()->first; // not the one that lies open in Debrief
    auto flight = workspace.library().flights.at(changed);
    flight.flown.aircraft.mass_kg *= 1.2;
    QVERIFY(workspace.put(logbook::EditKind::change_flight, changed, flight));
    QTest::qWait(150);
    QVERIFY(workspace.bills() == kept);
    fleet().showForecasts();
    EVENTUALLY(workspace.bills().at(changed) != kept.at(changed));
    QVERIFY(workspace.bills().rbegin()->second == kept.rbegin()->second);
    // The heavier aircraft explains something now.
    const auto mass = std::size_t(debrief::BillCause::mass);
    QVERIFY(workspace.bills().at(changed).shares.wh[mass] > kept.at(changed).shares.wh[mass]);
    EVENTUALLY(chart->shownTable().rows.size() == 10 &&
               chart->shownTable().rows.back()[1].sort != table.rows.back()[1].sort);
    // An excluded flight is compared no more.
    flight = workspace.library().flights.at(changed);
    flight.set_apart = true;
    QVERIFY(workspace.put(logbook::EditKind::set_flight_apart, changed, flight));
    EVENTUALLY(!chart->isVisible());
    QVERIFY(window_->said("causesSentence").contains(QStringLiteral("two flights")));
}

void FleetTest::aFlightIsSetApartAndLetInAgain() {
    chooseAircraft("Alcaraván");
    for (int i = 0; i < 4; ++i) addFlight("Made", 1.1, 1e9 + i);
    fleet().showForecasts();
    settle();
    auto* table = window_->find<QTableView>("forecastsTable");
    table->setCurrentIndex(table->model()->index(1, 0));
    press("setApartButton");
    EVENTUALLY_EQUAL(learning().observations()->observations.size(), std::size_t(3));
    EVENTUALLY_EQUAL(table->model()->rowCount(), 4); // below the others, to be let in again
    table->setCurrentIndex(table->model()->index(3, 0));
    QVERIFY(window_->find<QPushButton>("setApartButton")->text().contains(QStringLiteral("again")));
    (*window_)->workspace().undo();
    EVENTUALLY_EQUAL(learning().observations()->observations.size(), std::size_t(4));
    (*window_)->workspace().redo();
    EVENTUALLY_EQUAL(learning().observations()->observations.size(), std::size_t(3));
    EVENTUALLY_EQUAL(table->model()->rowCount(), 4);
    table->setCurrentIndex(table->model()->index(3, 0));
    press("setApartButton");
    EVENTUALLY_EQUAL(learning().observations()->observations.size(), std::size_t(4));
}

void FleetTest::aFiledFlightTeaches() {
    // The whole loop: a log opened, filed with aircraft and pack, and the aircraft has learned.
    (*window_)->openFile(QStringLiteral(DEMO_DIR "/2026-05-16-alcaravan-three-hills.csv"));
    EVENTUALLY((*window_)->debriefSession().debrief() != nullptr);
    QVERIFY((*window_)->flightSession().flight().aircraft_id.has_value());
    QVERIFY(!(*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.curve);
    press("fileFlightButton");
    EVENTUALLY((*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.curve.has_value());
    QCOMPARE((*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.curve->flights, 1);
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("refitted from 1 flight")));
    // One undo takes the observation back, the next the filing.
    (*window_)->workspace().undo();
    QVERIFY(!(*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.curve);
    QCOMPARE((*window_)->workspace().library().flights.size(), std::size_t(1));
}

void FleetTest::anOutlierTeachesNothingAndIsSaid() {
    for (int i = 0; i < 6; ++i) addFlight("Made", 1.0, 1e9 + i);
    const auto before = (*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.curve;
    addFlight("Half a scale", 0.45, 2e9, true);
    QVERIFY(!before && !(*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.curve);
    QVERIFY((*window_)->messages().text().contains(QStringLiteral("not used for the fit")));
    addFlight("An ordinary one", 1.02, 2.1e9, true);
    QVERIFY((*window_)->workspace().library().aircraft.at(aircraft("Alcaraván")).aircraft.curve.has_value());
}

void FleetTest::withFortyFlights() {
    chooseAircraft("Alcaraván");
    for (int i = 0; i < 40; ++i) addFlight("Made", 1.05 + 0.04 * std::sin(1.7 * i), 1e9 + i);
    fleet().showForecasts();
    settle();
    QCOMPARE(learning().observations()->test.rows.size(), std::size_t(40));
    QVERIFY(learning().observations()->fit.curve.scatter < 0.05);
    fleet().showCurve();
    QVERIFY(window_->said("curveFitted").contains(QStringLiteral("40 flights")));
}

void FleetTest::inEveryLook() {
    chooseAircraft("Alcaraván");
    for (int i = 0; i < 4; ++i) addFlight("A flight with quite a long name, as pilots write them", 1.1, 1e9 + i);
    // Every page is made, and asks for its room, whichever of them is in front.
    fleet().showWhatIf();
    fleet().showForecasts();
    fleet().showCurve();
    settle();
    window_->showInEveryLook();
}

SOBREMESA_TEST(FleetTest)
#include "tst_fleet.moc"
