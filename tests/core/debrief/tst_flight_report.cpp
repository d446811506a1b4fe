// What a flight says together with its aircraft and pack, on logs whose truth is arithmetic or the simulator's.

#include <variant>

#include <QTest>

#include "core/debrief/compare.hpp"
#include "core/debrief/flight_report.hpp"
#include "core/mission/homeward.hpp"
#include "core/mission/make_plan.hpp"
#include "core/telemetry/level_points.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "sim/simulated_flight.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using telemetry::Channel;
using units::DiagnosticCode;
using units::Quantity;

namespace {

struct Opened {
    telemetry::CleanLog clean;
    telemetry::LogSummary summary;
    telemetry::Findings found;
};

Opened opened(telemetry::FlightLog log) {
    Opened result;
    result.clean = *telemetry::clean(tests::shared(std::move(log)));
    result.summary = *telemetry::summarise(result.clean);
    result.found = *telemetry::find_out(result.clean);
    telemetry::complete(result.summary, result.found);
    return result;
}

debrief::FlightReport flight_report(const Opened& log, const mission::PlanRequest& flown, bool with_plan = true) {
    const auto plan = *mission::make_plan(flown);
    return debrief::flight_report_of(log.clean, log.summary, log.found, flown, with_plan ? &plan : nullptr,
                                     std::nullopt);
}

bool says(const debrief::FlightReport& flight_report, DiagnosticCode code) {
    return std::any_of(flight_report.diagnostics.begin(), flight_report.diagnostics.end(),
                       [&](const auto& n) { return n.code == code; });
}

/// A wing in the wind with a turn on the way: everything can be told from it.
sim::Scenario scenario() {
    sim::Scenario s;
    s.seed = 17;
    s.weather.wind_mps = 4.0;
    s.weather.wind_from_deg = 240.0;
    s.mission.kind = sim::SimulatedMission::Kind::loiter;
    s.mission.loiter_s = 600.0;
    s.pack.parallel = 2;
    return s;
}

/// What that flight was flown with, as its pilot would write it down.
mission::PlanRequest flown_by(const sim::Scenario& s) {
    mission::PlanRequest request = tests::sample_request();
    request.aircraft.craft = airframe::Craft::wing;
    request.aircraft.mass_kg = s.aircraft.mass_without_pack_kg;
    request.aircraft.cruise_airspeed_mps = s.aircraft.airspeed_mps;
    request.aircraft.cruise_power_w = 70.0;
    request.aircraft.electronics_w = s.aircraft.electronics_w;
    request.pack.series = s.pack.series;
    request.pack.parallel = s.pack.parallel;
    request.pack.cell_capacity_ah = s.pack.cell_capacity_ah;
    request.pack.cell_resistance_ohm = s.pack.cell_resistance_ohm;
    request.pack.mass_kg = s.pack.mass_kg;
    return request;
}

} // namespace

class FlightReportTest : public QObject {
    Q_OBJECT
private slots:
    void furtherIsWhatThePackStillGives();
    void aReserveTakesFromIt();
    void moreUsedMeansLessFurther();
    void turnRulesTurnWhereTheirRuleIsMet();
    void aTurnRuleThatIsNeverMetSaysSo();
    void thePowerOfAPackIsWhatIsKnownBest();
    void whatIsLeftNeedsNoVolts();
    void withoutPlacesTheDrawTellsTheFlight();
    void consumptionIsThatOfTheWayThatIsKnown();
    void secondsAboveALimitAreCounted();
    void electronicsPartByPart();
    void climbsHaveTheirShare();
    void theLowestCellAndWhen();
    void theLinkIsCarriedOn();
    void theVideoLinkIsApart();
    void theLedgerOfThreeSensorsCloses();
    void aSensorThatLiesOpensTheLedger();
    void anOffsetShowsOnTheGround();
    void levelPointsAgreeWithTheTruth();
    void equalFlightsCompareEqual();
    void aHeavierFlightIsBroughtToTheSameMass();
    void oneFlightIsNoComparison();
    void everyFigureAnswersWhy();
};

void FlightReportTest::furtherIsWhatThePackStillGives() {
    const auto log = opened(tests::made_log());
    auto request = tests::sample_request();
    request.reserve = mission::ShareOfUsable{0.0};
    const auto known = flight_report(log, request);
    QVERIFY(!known.further.empty());
    // 80 W were drawn for 600 s; the same load from full to that voltage lasts so much longer than was flown.
    const battery::PackModel pack(request.pack);
    for (const auto& further : known.further) {
        if (further.rule.at_rest) continue;
        const auto whole = battery::discharge_at_power(pack, pack.atStart(request.weather.temperature_c), 80.0,
                                                       {further.rule.cell_v, 1e9}, {request.weather.temperature_c});
        const double used_s = battery::point_at_charge(whole, log.summary.energy.charge_ah->value).time_s;
        VERIFY_NEAR(further.time_s.value, whole.last().time_s - used_s, 15.0);
        QVERIFY(further.time_s.sd > 0.0);
        // Without a wind the way is that over ground.
        VERIFY_NEAR(further.distance_m.value / (10.0 * further.time_s.value), 1.0, 0.01);
    }
    // Lower landing, longer flight.
    for (std::size_t i = 1; i < known.further.size(); ++i)
        QVERIFY(known.further[i].time_s.value >= known.further[i - 1].time_s.value - 1e-6);
}

void FlightReportTest::aReserveTakesFromIt() {
    const auto log = opened(tests::made_log());
    auto request = tests::sample_request();
    request.reserve = mission::LoiterAtHome{5.0};
    const auto kept = flight_report(log, request);
    for (const auto& further : kept.further)
        VERIFY_NEAR(further.without_reserve_s - further.time_s.value, 300.0, 1e-6);
    request.reserve = mission::ShareOfUsable{0.2};
    const auto share = flight_report(log, request);
    for (std::size_t i = 0; i < share.further.size(); ++i) {
        QCOMPARE(share.further[i].without_reserve_s, kept.further[i].without_reserve_s);
        QVERIFY(share.further[i].time_s.value < share.further[i].without_reserve_s);
    }
}

void FlightReportTest::moreUsedMeansLessFurther() {
    const auto log = opened(tests::made_log());
    const auto request = tests::sample_request();
    const auto counted = flight_report(log, request);
    battery::Remaining remaining;
    remaining.charge_ah = units::Estimate{1.0, 0.05};
    const auto plan = *mission::make_plan(request);
    const auto nearly_empty =
        debrief::flight_report_of(log.clean, log.summary, log.found, request, &plan, remaining);
    QVERIFY(nearly_empty.further.back().time_s.value < counted.further.back().time_s.value - 600.0);
}

void FlightReportTest::turnRulesTurnWhereTheirRuleIsMet() {
    auto raw = tests::made_log(2401); // out 12 km and back, 5 A
    const auto log = opened(std::move(raw));
    auto request = tests::sample_request();
    request.turn.landing_charge_ah = 2.0;
    request.turn.share_left = 0.8;
    const auto known = flight_report(log, request);
    const auto plan = *mission::make_plan(request);
    for (const auto& turn : known.turns) {
        if (turn.turn_rule == mission::TurnRule::charge_count) {
            // Half of 2 Ah at 5 A is 720 s; at 10 m/s that is 7.2 km.
            QVERIFY(turn.reached);
            VERIFY_NEAR(turn.time_s.value, 720.0, 1.5);
            VERIFY_NEAR(turn.from_home_m.value, 7200.0, 15.0);
            VERIFY_NEAR(turn.charge_used_ah.value, 1.0, 2e-3);
            QVERIFY(!turn.after_farthest);
        }
        if (turn.turn_rule ==
            mission::TurnRule::eighty_percent) // two fifths of 9 Ah at 5 A: 2592 s, the log ends before
            QVERIFY(!turn.reached);
        if (turn.turn_rule == mission::TurnRule::share_left)
            VERIFY_NEAR(turn.charge_used_ah.value, 0.2 * plan.usable_charge_ah.value, 3e-3);
        if (turn.reached) {
            // Left less needed from the very place: out on the plan's own bearing and height, as the forecast has
            // it.
            const double used_wh = turn.charge_used_ah.value * 16.0;
            const mission::Homeward homeward(plan.request, plan.conditions);
            const mission::ReturnState there{
                geodesy::offset({}, 250.0, turn.from_home_m.value), 90.0, turn.time_s.value, {}, 250.0};
            const auto way = homeward.from(there);
            const double needed_wh = way.energy_wh + homeward.reserve_wh(way);
            VERIFY_NEAR(turn.margin_wh.value, plan.usable_energy_wh.value - used_wh - needed_wh, 0.3);
            // 5 % of an uncalibrated sensor: of the charge, and at a steady draw of the time as well.
            VERIFY_NEAR(turn.charge_used_ah.sd, 0.05 * turn.charge_used_ah.value, 0.01 * turn.charge_used_ah.value);
            if (turn.turn_rule == mission::TurnRule::charge_count) {
                VERIFY_NEAR(turn.time_s.sd, 0.05 * turn.time_s.value, 0.01 * turn.time_s.value);
                VERIFY_NEAR(turn.from_home_m.sd, 10.0 * turn.time_s.sd, 0.05 * turn.from_home_m.sd + 1.0);
            }
            QVERIFY(turn.margin_wh.sd > 0.0);
        }
    }
}

void FlightReportTest::aTurnRuleThatIsNeverMetSaysSo() {
    const auto log = opened(tests::made_log(121)); // two minutes
    const auto known = flight_report(log, tests::sample_request());
    QVERIFY(!known.turns.empty());
    QVERIFY(std::none_of(known.turns.begin(), known.turns.end(), [](const auto& t) { return t.reached; }));
    QVERIFY(flight_report(log, tests::sample_request(), false).turns.empty());
}

void FlightReportTest::thePowerOfAPackIsWhatIsKnownBest() {
    auto flown = flown_by(scenario());
    flown.aircraft.cruise_power_w = 90.0;
    telemetry::LogSummary summary;
    summary.energy.mean_power_w = 70.0;
    summary.energy.mean_current_a = 4.0;
    const double mean_v = battery::mean_open_circuit_cell_v(flown.pack.chemistry) * flown.pack.series;
    const auto power_w = [&] { return debrief::power_of_pack_w(summary, flown.aircraft, flown.pack); };
    VERIFY_NEAR(power_w(), 70.0, 1e-9);
    summary.energy.mean_power_w.reset();
    VERIFY_NEAR(power_w(), 4.0 * mean_v, 1e-9);
    summary.energy.mean_current_a = 0.0;
    VERIFY_NEAR(power_w(), 90.0, 1e-9);
    // Nothing is known: half its capacity an hour, as long-range packs are flown.
    flown.aircraft.cruise_power_w = 0.0;
    VERIFY_NEAR(power_w(), 0.5 * battery::rated_charge_ah(flown.pack) * mean_v, 1e-9);
}

void FlightReportTest::whatIsLeftNeedsNoVolts() {
    // The same charge counted with and without volts in the log: the same is left, within what the power matters.
    const auto flown = flown_by(scenario());
    const auto left = [&](const Opened& log) {
        const battery::PackModel pack(flown.pack);
        const double power_w = debrief::power_of_pack_w(log.summary, flown.aircraft, flown.pack);
        const auto usable = battery::discharge_at_power(pack, pack.atStart(20.0), power_w, {2.8, 1e9});
        return telemetry::left_by_charge(log.summary, usable.last().charge_used_ah)->charge_ah.value;
    };
    const double with_volts = left(opened(tests::made_log()));
    QVERIFY(with_volts > 0.0);
    auto log = tests::made_log();
    log[Channel::voltage_v].clear();
    VERIFY_NEAR(left(opened(log)), with_volts, 0.02 * with_volts);
    log[Channel::current_a].clear();
    VERIFY_NEAR(left(opened(log)), with_volts, 0.02 * with_volts);
}

void FlightReportTest::consumptionIsThatOfTheWayThatIsKnown() {
    // 5 A at 16 V and 10 m/s: 2.22 Wh/km. Where the places end after a third, so does the way; the draw goes on.
    auto log = tests::made_log();
    for (std::size_t i = 201; i < log.rows(); ++i) {
        log[Channel::latitude_deg][i] = log[Channel::longitude_deg][i] = std::nan("");
        log[Channel::ground_speed_mps][i] = std::nan("");
    }
    const auto told = opened(std::move(log));
    VERIFY_NEAR(told.summary.distance.ground_m->value, 2000.0, 20.0);
    VERIFY_NEAR(told.summary.energy_wh_per_m->value * 1000.0, 80.0 / 36.0, 0.03);
    VERIFY_NEAR(told.summary.charge_ah_per_m->value * 1000.0, 5.0 / 36.0, 0.002);
    VERIFY_NEAR(told.summary.energy.energy_wh->value, 80.0 * 600.0 / 3600.0, 0.05);
    // And it is said from when until when.
    const auto partly = [](const auto& report) {
        return std::find_if(report.summary.diagnostics.begin(), report.summary.diagnostics.end(),
                            [](const auto& d) { return d.code == units::DiagnosticCode::position_partly_known; });
    };
    const auto said = partly(told);
    QVERIFY(said != told.summary.diagnostics.end());
    VERIFY_NEAR(std::get<double>(said->parameters[0].value), 0.0, 1e-9);
    VERIFY_NEAR(std::get<double>(said->parameters[1].value), 200.0, 1e-9);
    const auto whole = opened(tests::made_log());
    QVERIFY(partly(whole) == whole.summary.diagnostics.end());
}

void FlightReportTest::withoutPlacesTheDrawTellsTheFlight() {
    // Two minutes on the ground at 0.4 A, eight in the air, with a glide in between, one on the ground: only volts
    // and amps are recorded.
    telemetry::FlightLog log;
    for (int t = 0; t < 660; ++t) {
        const bool flies = t >= 120 && t < 600;
        const bool glides = t >= 300 && t < 340;
        log[Channel::time_s].push_back(t);
        log[Channel::voltage_v].push_back(flies ? 15.0 : 16.0);
        log[Channel::current_a].push_back(flies && !glides ? 5.0 + 0.5 * std::sin(0.3 * t) : 0.4);
        log.lines.push_back(std::uint32_t(t + 2));
    }
    log.rows_met = 660;
    const auto told = opened(std::move(log));
    const auto& segments = told.found.segments;
    double ground_s = 0.0;
    for (const auto& segment : segments) {
        if (segment.kind == telemetry::SegmentKind::ground) ground_s += segment.end_s - segment.start_s;
    }
    VERIFY_NEAR(ground_s, 180.0, 4.0);
    VERIFY_NEAR(segments.front().end_s, 120.0, 2.0);
    VERIFY_NEAR(segments.back().start_s, 600.0, 2.0);
}

void FlightReportTest::secondsAboveALimitAreCounted() {
    auto raw = tests::made_log();
    for (std::size_t i = 100; i < 130; ++i) raw[Channel::current_a][i] = 25.0;
    auto request = tests::sample_request();
    request.pack.rated_current_a = 20.0;
    request.pack.current_label = battery::CurrentLabel::cell_maker;
    request.aircraft.controller_current_a = 30.0;
    const auto known = flight_report(opened(std::move(raw)), request);
    QCOMPARE(known.limits.size(), std::size_t(2));
    VERIFY_NEAR(known.limits[0].limit_a, 20.0, 1e-9);
    VERIFY_NEAR(known.limits[0].above_s, 30.0, 1e-9);
    VERIFY_NEAR(known.limits[0].highest_a, 25.0, 1e-9);
    QCOMPARE(known.limits[1].above_s, 0.0);
    QVERIFY(says(known, DiagnosticCode::current_above_limit));
    request.aircraft.motor_current_a = 22.0;
    const auto hot = flight_report(opened(tests::made_log()), request);
    QCOMPARE(hot.limits.size(), std::size_t(3));
    QVERIFY(hot.limits[2].part == debrief::LimitKept::Part::motors);
    VERIFY_NEAR(hot.limits[2].limit_a, 22.0, 1e-9);
    QVERIFY(says(flight_report(opened(tests::made_log()), tests::sample_request()),
                 DiagnosticCode::current_above_limit) == false);
}

void FlightReportTest::electronicsPartByPart() {
    auto request = tests::sample_request();
    request.aircraft.electronics = {{"video", 8.0}, {"control", 2.0}};
    const auto known = flight_report(opened(tests::made_log()), request);
    QCOMPARE(known.shares.electronics.size(), std::size_t(2));
    VERIFY_NEAR(known.shares.electronics[0].share.value, 0.1, 1e-3); // of 80 W
    VERIFY_NEAR(known.shares.electronics_together->value, 0.125, 1e-3);
    QCOMPARE(airframe::electronics_power_w(request.aircraft), 10.0);
}

void FlightReportTest::climbsHaveTheirShare() {
    const auto flight = sim::simulate(scenario());
    const auto log = opened(flight.log);
    const auto known = flight_report(log, flown_by(scenario()));
    QVERIFY(known.shares.climb.has_value());
    // Eighty metres of climb for 1.2 kg are 0.26 Wh of lift; what the motor takes for it is twice to three times
    // that.
    const double lift_wh = 1.2 * 9.80665 * 80.0 / 3600.0;
    const double climb_wh = known.shares.climb->value * log.summary.energy.energy_wh->value;
    QVERIFY2(climb_wh > 1.2 * lift_wh && climb_wh < 4.0 * lift_wh, qPrintable(QString::number(climb_wh)));
    QVERIFY(known.shares.gust_w.has_value());
}

void FlightReportTest::theLowestCellAndWhen() {
    auto raw = tests::made_log();
    raw[Channel::voltage_v][400] = 13.2;
    const auto by_pack = flight_report(opened(raw), tests::sample_request());
    VERIFY_NEAR(by_pack.lowest_cell->cell_v, 3.3, 1e-9);
    VERIFY_NEAR(by_pack.lowest_cell->at_s, 400.0, 1e-9);
    QVERIFY(!by_pack.lowest_cell->measured);
    raw[Channel::cell_voltage_v].assign(raw.rows(), 4.0);
    raw[Channel::cell_voltage_v][500] = 3.1;
    const auto by_cell = flight_report(opened(raw), tests::sample_request());
    VERIFY_NEAR(by_cell.lowest_cell->cell_v, 3.1, 1e-9);
    VERIFY_NEAR(by_cell.lowest_cell->at_s, 500.0, 1e-9);
    QVERIFY(by_cell.lowest_cell->measured);
}

void FlightReportTest::theLinkIsCarriedOn() {
    auto raw = tests::made_log(2401);
    for (std::size_t i = 0; i < raw.rows(); ++i) {
        const double d = std::max(10.0 * std::min(double(i), 2400.0 - double(i)), 1.0);
        raw[Channel::signal_dbm].push_back(-50.0 - 20.0 * std::log10(d / 100.0));
    }
    auto request = tests::sample_request();
    request.aircraft.failsafe_signal_dbm = -94.0; // that of 16 km
    const auto known = flight_report(opened(std::move(raw)), request);
    QVERIFY(known.link.has_value() && known.link->failsafe_m.has_value());
    VERIFY_NEAR(known.link->failsafe_m->value, 15'850.0, 1500.0);
    QVERIFY(says(known, DiagnosticCode::link_near_failsafe)); // twelve were flown
}

void FlightReportTest::theVideoLinkIsApart() {
    auto raw = tests::made_log(2401);
    for (std::size_t i = 0; i < raw.rows(); ++i) {
        const double d = std::max(10.0 * std::min(double(i), 2400.0 - double(i)), 1.0);
        raw[Channel::signal_dbm].push_back(-50.0 - 20.0 * std::log10(d / 100.0));
        raw[Channel::video_signal_dbm].push_back(-40.0 - 20.0 * std::log10(d / 100.0));
        raw[Channel::video_bitrate_mbit_s].push_back(i == 900 ? 4.5 : 25.0);
    }
    auto request = tests::sample_request();
    const auto blind = flight_report(opened(raw), request);
    QVERIFY(blind.video && !blind.video->reach); // nothing says what the picture needs
    VERIFY_NEAR(blind.video->worst->distance_m, 12'000.0, 100.0);
    VERIFY_NEAR(blind.video->worst->reading, -40.0 - 20.0 * std::log10(120.0), 0.1);
    VERIFY_NEAR(blind.video->lowest_bitrate->reading, 4.5, 1e-12);
    VERIFY_NEAR(blind.video->lowest_bitrate->distance_m, 9'000.0, 100.0);
    request.video_link = mission::Link{};
    request.video_link->frequency_mhz = 5800.0;
    request.video_link->least_signal_dbm = -84.0;
    const auto known = flight_report(opened(raw), request);
    QVERIFY(known.video->reach && known.video->reach->failsafe_m);
    VERIFY_NEAR(known.video->reach->failsafe_m->value, 15'850.0, 1500.0);
    // The control link's figures are its own.
    VERIFY_NEAR(known.link->worst.reading, -50.0 - 20.0 * std::log10(120.0), 0.1);
    QVERIFY(!flight_report(opened(tests::made_log()), request).video);
}

void FlightReportTest::theLedgerOfThreeSensorsCloses() {
    auto raw = tests::made_log();
    // The motors take 6 A, the electronics half an ampere; the array gives 3, the pack the rest, and charges while
    // the motors stand.
    for (std::size_t i = 0; i < raw.rows(); ++i) {
        const bool glides = i >= 300 && i < 400;
        raw[Channel::array_current_a].push_back(3.0);
        raw[Channel::motor_current_a].push_back(glides ? 0.0 : 6.0);
        raw[Channel::current_a][i] = (glides ? 0.0 : 6.0) + 0.5 - 3.0;
    }
    auto request = tests::sample_request();
    request.aircraft.electronics_w = 8.0; // half an ampere at 16 V
    const auto known = flight_report(opened(std::move(raw)), request);
    QVERIFY(known.ledger.has_value());
    VERIFY_NEAR(known.ledger->array_wh, 3.0 * 16.0 * 600.0 / 3600.0, 1e-6);
    VERIFY_NEAR(known.ledger->charged_wh, 2.5 * 16.0 * 100.0 / 3600.0, 1e-6);
    VERIFY_NEAR(known.ledger->missing_wh, 0.0, 1e-6);
    QVERIFY(!says(known, DiagnosticCode::ledger_does_not_close));
}

void FlightReportTest::aSensorThatLiesOpensTheLedger() {
    auto raw = tests::made_log();
    for (std::size_t i = 0; i < raw.rows(); ++i) {
        raw[Channel::array_current_a].push_back(3.0);
        raw[Channel::motor_current_a].push_back(4.0);
    }
    auto request = tests::sample_request();
    request.aircraft.electronics_w = 8.0;
    // 3 + 5 A come in, 4.5 go out.
    const auto known = flight_report(opened(std::move(raw)), request);
    VERIFY_NEAR(known.ledger->missing_wh, 3.5 * 16.0 * 600.0 / 3600.0, 1e-6);
    QVERIFY(says(known, DiagnosticCode::ledger_does_not_close));
}

void FlightReportTest::anOffsetShowsOnTheGround() {
    auto s = scenario();
    s.sensors.current_offset_a = 0.6;
    s.sensors.current_sd_a = 0.05;
    auto flight = sim::simulate(s);
    // A minute on the field before launch, with the electronics on.
    const double idle_a = s.aircraft.electronics_w / 16.6 + 0.6;
    telemetry::FlightLog log = flight.log;
    for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
        auto& column = log.columns[c];
        if (column.empty()) continue;
        std::vector<double> before(300, column.front());
        if (Channel(c) == Channel::current_a) before.assign(300, idle_a);
        if (Channel(c) == Channel::ground_speed_mps) before.assign(300, 0.0);
        if (Channel(c) == Channel::time_s) {
            for (double& t : column) t += 60.0;
            for (std::size_t i = 0; i < 300; ++i) before[i] = 0.2 * double(i);
        }
        column.insert(column.begin(), before.begin(), before.end());
    }
    log.lines.resize(log.lines.size() + 300);
    for (std::size_t i = 0; i < log.lines.size(); ++i) log.lines[i] = std::uint32_t(i + 2);
    const auto known = flight_report(opened(std::move(log)), flown_by(s));
    QVERIFY(known.idle_offset_a.has_value());
    VERIFY_NEAR(known.idle_offset_a->value, 0.6, 0.1);
    QVERIFY(says(known, DiagnosticCode::idle_current));
}

void FlightReportTest::levelPointsAgreeWithTheTruth() {
    const auto flight = sim::simulate(scenario());
    const auto log = opened(flight.log);
    QVERIFY(!log.summary.level.empty());
    const auto& longest = *std::max_element(log.summary.level.begin(), log.summary.level.end(),
                                            [](const auto& a, const auto& b) { return a.seconds < b.seconds; });
    VERIFY_NEAR(longest.airspeed_mps.value, scenario().aircraft.airspeed_mps, 0.8);
    VERIFY_NEAR(longest.power_w.value / flight.truth.level_power_w, 1.0, 0.06);
    QVERIFY(std::is_sorted(log.summary.level.begin(), log.summary.level.end(), [](const auto& a, const auto& b) {
        return a.airspeed_mps.value < b.airspeed_mps.value;
    }));
}

void FlightReportTest::equalFlightsCompareEqual() {
    const auto log = opened(sim::simulate(scenario()).log);
    const auto flight = debrief::compared_flight("one", flown_by(scenario()), log.summary);
    QVERIFY(flight.has_value());
    auto twin = *flight;
    twin.name = "two";
    const auto compared = debrief::compare({*flight, twin});
    QVERIFY(compared.has_value());
    QVERIFY(!compared->differ);
    VERIFY_NEAR(compared->rows[0].energy_wh_per_m.value, compared->rows[1].energy_wh_per_m.value, 1e-12);
    // At its own speed and mass it takes what it took, but for the density.
    VERIFY_NEAR(compared->rows[0].power_w.value / flight->level_power_w.value, 1.0, 0.02);
    VERIFY_NEAR(compared->rows[0].energy_wh.value, compared->rows[0].energy_wh_per_m.value * compared->distance_m,
                1e-9);
}

void FlightReportTest::aHeavierFlightIsBroughtToTheSameMass() {
    // Simulated at two masses; brought to equal mass they must agree within their errors, as flown they do not.
    auto light = scenario();
    auto heavy = scenario();
    heavy.seed = 18;
    heavy.pack.mass_kg += 0.45;
    const auto a = debrief::compared_flight("light", flown_by(light), opened(sim::simulate(light).log).summary);
    const auto b = debrief::compared_flight("heavy", flown_by(heavy), opened(sim::simulate(heavy).log).summary);
    QVERIFY(a && b);
    QVERIFY(b->level_power_w.value > 1.05 * a->level_power_w.value);
    const auto compared = debrief::compare({*a, *b});
    QVERIFY(compared.has_value());
    const auto& rows = compared->rows;
    const double apart = std::abs(rows[0].energy_wh_per_m.value - rows[1].energy_wh_per_m.value);
    QVERIFY(apart < 2.0 * units::combine_sd(rows[0].energy_wh_per_m.sd, rows[1].energy_wh_per_m.sd));
    QVERIFY(!compared->differ);
}

void FlightReportTest::oneFlightIsNoComparison() {
    const auto log = opened(sim::simulate(scenario()).log);
    const auto flight = debrief::compared_flight("one", flown_by(scenario()), log.summary);
    QCOMPARE(debrief::compare({*flight}).error().code, units::ErrorCode::value_missing);
    // A speed far from what was flown is not made up.
    const auto far = debrief::compare({*flight, *flight}, {60.0, {}, {}});
    QCOMPARE(far.error().code, units::ErrorCode::airspeed_outside_model);
    QCOMPARE(QString::fromStdString(far.error().where.field), QStringLiteral("one"));
    QVERIFY(!debrief::compared_flight("none", flown_by(scenario()), {}).has_value());
}

void FlightReportTest::everyFigureAnswersWhy() {
    const auto log = opened(sim::simulate(scenario()).log);
    const auto known = flight_report(log, flown_by(scenario()));
    for (const auto quantity : {Quantity::lowest_cell_voltage, Quantity::gust_power, Quantity::electronics_share,
                                Quantity::climb_share, Quantity::time_above_limit})
        QVERIFY(debrief::explain(known, quantity).has_value());
    QVERIFY(!debrief::explain(known, Quantity::array_energy).has_value());
    const auto why = debrief::explain_further(known, known.further.front(), Quantity::further_time);
    QVERIFY(!why.inputs.empty());
}

SOBREMESA_TEST(FlightReportTest)
#include "tst_flight_report.moc"
