// The live answer, against a walk home in other code, against what the simulator really had, and where it must be
// silent.

#include <cmath>

#include <QTest>

#include "core/mission/winds.hpp"
#include "core/units/constants.hpp"
#include "core/watch/live_answer.hpp"
#include "practice/plan_scenario.hpp"
#include "sim/simulated_flight.hpp"
#include "support/compare.hpp"
#include "support/planned.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"
#include "support/watched.hpp"

using namespace sobremesa;
using telemetry::Channel;

namespace {

std::shared_ptr<const mission::Plan> shared_plan(const mission::PlanRequest& request) {
    return std::make_shared<const mission::Plan>(tests::planned(request));
}

/// Calm air, and sure to stay so; by the book, to the west.
mission::PlanRequest calm_westward() {
    auto request = tests::by_the_book(tests::sample_request());
    request.weather.wind = {0.0, 0.0};
    request.weather.wind_sd_mps = 0.0;
    request.weather.home_wind_factor = 1.0;
    request.weather.wind_from_sd_deg = 0.0;
    request.mission.bearing_deg = 270.0;
    return request;
}

/// Straight out to the west at a height, without noise: what a ruler and a clock say.
telemetry::FlightLog straight_out(double ground_mps, double height_m, double power_w, int seconds) {
    telemetry::FlightLog log;
    const geodesy::Position home{39.4, -31.4};
    double used_ah = 0.0;
    for (int i = 0; i < seconds; ++i) {
        const auto place = geodesy::destination(home, 270.0, std::max(ground_mps * (i - 5), 0.0));
        const double volts = 16.4 - 0.4 * used_ah;
        log[Channel::time_s].push_back(i);
        log[Channel::latitude_deg].push_back(place->latitude_deg);
        log[Channel::longitude_deg].push_back(place->longitude_deg);
        log[Channel::ground_speed_mps].push_back(i < 5 ? 0.0 : ground_mps);
        log[Channel::course_deg].push_back(270.0);
        log[Channel::height_m].push_back(i < 5 ? 0.0 : height_m);
        log[Channel::voltage_v].push_back(volts);
        log[Channel::current_a].push_back(power_w / volts);
        used_ah += power_w / volts / 3600.0;
        log.lines.push_back(std::uint32_t(i + 2));
    }
    log.rows_met = log.lines.size();
    return log;
}

} // namespace

class LiveAnswerTest : public QObject {
    Q_OBJECT
private slots:
    void theReturnIsThatOfARulerAndAClock();
    void remainingIsWhatTheDischargeGives();
    void anEmptyPackIsToldByItsVolts();
    void aKnownSensorScaleCorrectsWhatIsCounted();
    void turnsWhereThePlanDoesOnADayAsForecast();
    void onARouteItLooksAlongTheLegs();
    void aThirstyAircraftTurnsEarlier();
    void aHeadwindHomeTurnsEarlier();
    void aCrosswindThatGrowsShowsInTheHeading();
    void aWindThatGrewIsCarriedOnFromEveryDirection_data();
    void aWindThatGrewIsCarriedOnFromEveryDirection();
    void voltsAndCounterDisagree();
    void anotherPackIsNotAnswered();
    void landingPlacesFromHere();
    void chanceFallsAlongTheWay();
    void theWorstCredibleWindIsNotTheOnlyOne();
    void reachFromHereIsAnEllipseInCalmAir();
    void reachFromHereGoesThroughTheTurn();
    void nothingIsKnownOfNothing();
    void beforeAnyLegTheWindIsAsSureAsTheForecast();
};

/// In calm air, at the known cruise, without turn, landing and reserve: P·d/V and the descent, no more.
void LiveAnswerTest::theReturnIsThatOfARulerAndAClock() {
    auto request = calm_westward();
    request.reserve = mission::ShareOfUsable{0.0};
    const auto plan = shared_plan(request);
    const double power_w = plan->conditions.cruise_power_w.value;
    const auto log = straight_out(14.0, 90.0, power_w, 505);
    watch::LiveFlight live;
    live.update(log);
    watch::LiveSolver solver(plan);
    const auto answer = solver.answer(live);
    const double way_m = 14.0 * 499.0;
    QVERIFY(std::abs(answer.now.from_home_m - way_m) < 15.0);
    // The descent gives back some of the height's energy, and its last minute is flown at less than level power.
    const double level_wh = power_w * way_m / 14.0 / 3600.0;
    const double descent_s = 90.0 / request.mission.descent_rate_mps;
    const double least_wh = level_wh - power_w * descent_s / 3600.0;
    QVERIFY(answer.needed_wh);
    QVERIFY2(answer.needed_wh->value < 1.02 * level_wh && answer.needed_wh->value > least_wh,
             qPrintable(QStringLiteral("%1 Wh of %2").arg(answer.needed_wh->value).arg(level_wh)));
    QVERIFY(std::abs(*answer.time_home_s - way_m / 14.0) < 0.02 * way_m / 14.0);
}

/// Of a pack that is discharged at the power of the return, from the counted charge down to the landing voltage.
void LiveAnswerTest::remainingIsWhatTheDischargeGives() {
    auto request = tests::sample_request();
    const auto plan = shared_plan(request);
    const auto log = straight_out(10.0, 90.0, plan->conditions.cruise_power_w.value, 1200);
    watch::LiveFlight live;
    live.update(log);
    watch::LiveSolver solver(plan);
    const auto answer = solver.answer(live);
    const auto& c = plan->conditions;
    auto state = c.start;
    const double first_wh =
        battery::discharge_at_power(*c.pack, state, c.cruise_power_w.value, {0.0, 1194.0}, c.around)
            .last()
            .energy_wh;
    const double all_wh =
        battery::discharge_at_power(*c.pack, state, c.cruise_power_w.value, {2.8, 1e9}, c.around).last().energy_wh;
    QVERIFY(answer.remaining && answer.remaining->by_count_wh);
    // The log's own volts differ from the pack's, so the counter's charge is another energy by their ratio.
    QVERIFY2(
        std::abs(answer.remaining->by_count_wh->value - (all_wh - first_wh)) < 0.03 * all_wh,
        qPrintable(QStringLiteral("%1 of %2").arg(answer.remaining->by_count_wh->value).arg(all_wh - first_wh)));
}

/// At the knee a tenth of a volt is next to nothing of the charge: volts say it more surely there than anywhere.
void LiveAnswerTest::anEmptyPackIsToldByItsVolts() {
    const auto plan = shared_plan(tests::sample_request());
    const auto& points = plan->conditions.cruise.points;
    const auto at_volts_of = [&](const auto& point) {
        auto log = straight_out(10.0, 90.0, plan->conditions.cruise_power_w.value, 1200);
        // From a full pack's down to these, by a little up and down: a reading that stands still says nothing.
        auto& volts = log[Channel::voltage_v];
        for (std::size_t i = 0; i < volts.size(); ++i) {
            const double share = std::min(double(i) / 1000.0, 1.0);
            volts[i] = std::lerp(volts[0], point.voltage_v, share) + 0.02 * std::sin(double(i));
            log[Channel::current_a][i] = point.current_a;
        }
        watch::LiveFlight live;
        for (std::size_t rows = 100; rows <= log.rows(); rows += 100) live.update(log, 0, rows);
        watch::LiveSolver solver(plan);
        return solver.answer(live).remaining->by_volts_wh.value_or(units::Estimate{});
    };
    const double usable_ah = plan->conditions.usable_charge_ah();
    const auto used = [&](double share) {
        return *std::find_if(points.begin(), points.end(),
                             [&](const auto& p) { return p.charge_used_ah >= share * usable_ah; });
    };
    const double all_wh = used(1.0).energy_wh;
    const auto empty = at_volts_of(used(0.97));
    const auto half = at_volts_of(used(0.5));
    QVERIFY2(empty.value > 0.0 && empty.value < 0.05 * all_wh, qPrintable(QString::number(empty.value / all_wh)));
    QVERIFY2(empty.sd < 0.04 * all_wh && empty.sd > 0.002 * all_wh, qPrintable(QString::number(empty.sd / all_wh)));
    QVERIFY2(std::abs(half.value / all_wh - 0.5) < 0.05, qPrintable(QString::number(half.value / all_wh)));
    QVERIFY(half.sd > 2.0 * empty.sd);
}

/// A sensor that reads a tenth low, and is known to: the answer is that of a right one, with less doubt about it.
void LiveAnswerTest::aKnownSensorScaleCorrectsWhatIsCounted() {
    const auto plan = shared_plan(tests::sample_request());
    const double power_w = plan->conditions.cruise_power_w.value;
    const auto right = straight_out(10.0, 90.0, power_w, 1200);
    auto low = right;
    for (double& amps : low[Channel::current_a]) amps *= 0.9;
    const auto answered = [&](const telemetry::FlightLog& log, std::optional<watch::KnownCurrentScale> scale) {
        watch::LiveFlight live(std::nullopt, scale);
        // As it comes, so that what was settled is corrected once and no more.
        for (std::size_t rows = 60; rows <= log.rows(); rows += 60) live.update(log, 0, rows);
        return watch::LiveSolver(plan).answer(live);
    };
    const auto truth = answered(right, std::nullopt);
    const auto trusting = answered(low, std::nullopt);
    const auto corrected = answered(low, watch::KnownCurrentScale{.factor = 1.0 / 0.9});
    QVERIFY(std::abs(*trusting.now.charge_ah - 0.9 * *truth.now.charge_ah) < 1e-6);
    QVERIFY(std::abs(*corrected.now.charge_ah - *truth.now.charge_ah) < 1e-6);
    QVERIFY(std::abs(*corrected.now.energy_wh - *truth.now.energy_wh) < 1e-6);
    QVERIFY(std::abs(*corrected.now.power_w - *truth.now.power_w) < 1e-6);
    QVERIFY(std::abs(corrected.draw.value - truth.draw.value) < 1e-6);
    QVERIFY(std::abs(corrected.remaining->by_count_wh->value - truth.remaining->by_count_wh->value) < 1e-6);
    QVERIFY(corrected.remaining->by_count_wh->sd < truth.remaining->by_count_wh->sd);
    QVERIFY(trusting.remaining->by_count_wh->value > truth.remaining->by_count_wh->value + 1.0);
}

void LiveAnswerTest::turnsWhereThePlanDoesOnADayAsForecast() {
    for (const double bearing : {80.0, 170.0, 265.0}) {
        auto request = tests::sample_request();
        request.mission.bearing_deg = bearing;
        const auto plan = shared_plan(request);
        auto scenario = practice::scenario_of(*plan);
        scenario.mission.distance_m *= 3.0;
        sim::FlightInProgress flight(scenario);
        tests::Obedient pilot(plan);
        const auto truth = tests::flown(flight, 5.0, [&](const auto& f) { return pilot(f); });
        QVERIFY(truth.came_home);
        // A little later than planned, since by then the wind is known better.
        const double planned_m = plan->turn->distance_m.value;
        QVERIFY2(std::abs(truth.farthest_m - planned_m) < 0.15 * planned_m,
                 qPrintable(QStringLiteral("%1 m planned, %2 m flown").arg(planned_m).arg(truth.farthest_m)));
        // What was left against the reserve that was asked for, a fifth.
        const double left = 1.0 - truth.energy_wh / plan->usable_energy_wh.value;
        QVERIFY2(left > 0.15 && left < 0.35, qPrintable(QString::number(left)));
    }
}

/// A route out, across, and back towards home: the turn ahead is the plan's already on the first leg, a leg towards
/// home is not the return leg, and whoever leaves the route for home is inbound.
void LiveAnswerTest::onARouteItLooksAlongTheLegs() {
    auto request = calm_westward();
    request.mission.kind = mission::MissionKind::route;
    request.mission.waypoints = {{{}, {-3000.0, 0.0}, {}},
                                 {{}, {-3000.0, 2500.0}, {}},
                                 {{}, {-600.0, 2500.0}, {}},
                                 {{}, {-600.0, 9000.0}, {}},
                                 {{}, {-9000.0, 9000.0}, {}}};
    const auto plan = shared_plan(request);
    const double airspeed_mps = request.aircraft.cruise_airspeed_mps;
    const double power_w = plan->conditions.cruise_power_w.value;
    // A ruler and a clock along the corners, then straight home.
    const auto flown = [&](double way_m, bool then_home) {
        std::vector<geodesy::EastNorth> corners = {{0.0, 0.0}};
        for (const auto& point : request.mission.waypoints) corners.push_back(point.at);
        auto log = straight_out(airspeed_mps, request.mission.height_m, power_w,
                                5 + int((way_m + (then_home ? 600.0 : 0.0)) / airspeed_mps));
        const auto frame = *geodesy::LocalFrame::around({39.4, -31.4});
        geodesy::EastNorth at;
        double course_deg = 270.0;
        std::size_t next = 1;
        for (std::size_t i = 0; i < log.rows(); ++i) {
            double step_m = i < 5 ? 0.0 : airspeed_mps;
            const bool home = then_home && double(i) > 5.0 + way_m / airspeed_mps;
            while (step_m > 0.0) {
                const geodesy::EastNorth to =
                    home ? geodesy::EastNorth{} : corners[std::min(next, corners.size() - 1)];
                const double left_m = std::hypot(to.east_m - at.east_m, to.north_m - at.north_m);
                if (left_m < 1e-6 || (home && left_m < step_m)) break;
                course_deg = geodesy::bearing_deg(at, to);
                const double here_m = std::min(step_m, left_m);
                at = {at.east_m + here_m * std::sin(units::radians(course_deg)),
                      at.north_m + here_m * std::cos(units::radians(course_deg))};
                step_m -= here_m;
                if (here_m == left_m) ++next;
            }
            const auto place = frame.reverse(at);
            log[Channel::latitude_deg][i] = place.latitude_deg;
            log[Channel::longitude_deg][i] = place.longitude_deg;
            log[Channel::course_deg][i] = course_deg;
        }
        return log;
    };
    const auto answered = [&](const telemetry::FlightLog& log) {
        watch::LiveFlight live;
        watch::LiveSolver solver(plan);
        live.update(log);
        return solver.answer(live);
    };
    const auto first = answered(flown(2000.0, false));
    QVERIFY(first.state == watch::FlightState::outbound && first.turn);
    const double off_m =
        std::hypot(first.turn->at.east_m - plan->turn->at.east_m, first.turn->at.north_m - plan->turn->at.north_m);
    QVERIFY2(off_m < 0.06 * plan->turn->distance_m.value,
             qPrintable(QStringLiteral("%1 m from the plan's turn, %2 m flown to it")
                            .arg(off_m)
                            .arg(plan->turn->distance_m.value)));
    // On the leg back towards home.
    const auto back = answered(flown(7200.0, false));
    QVERIFY(back.state == watch::FlightState::outbound && back.turn && back.turn->time_s > 60.0);
    const auto home = answered(flown(7200.0, true));
    QVERIFY(home.state == watch::FlightState::inbound);
}

void LiveAnswerTest::aThirstyAircraftTurnsEarlier() {
    const auto plan = shared_plan(tests::sample_request());
    const auto farthest = [&](double factor) {
        auto scenario = practice::scenario_of(*plan);
        scenario.mission.distance_m *= 3.0;
        scenario.aircraft.propulsive_efficiency /= factor;
        scenario.aircraft.motor_efficiency /= factor;
        sim::FlightInProgress flight(scenario);
        tests::Obedient pilot(plan);
        const auto truth = tests::flown(flight, 5.0, [&](const auto& f) { return pilot(f); });
        // Of 20 % more, what is known before and an airspeed that is not measured hold some back.
        if (factor > 1.0) {
            const double draw = pilot.answer().draw.value;
            if (draw < 1.06 || draw > 1.25) qWarning("draw %f", draw);
            return draw < 1.06 || draw > 1.25 || !truth.came_home ? 1e9 : truth.farthest_m;
        }
        return truth.farthest_m;
    };
    QVERIFY(farthest(1.2) < 0.93 * farthest(1.0));
}

void LiveAnswerTest::aHeadwindHomeTurnsEarlier() {
    auto request = tests::sample_request();
    request.weather.wind = {2.0, 265.0};
    request.mission.bearing_deg = 85.0;
    const auto plan = shared_plan(request);
    const auto farthest = [&](double wind_mps) {
        auto scenario = practice::scenario_of(*plan);
        scenario.mission.distance_m *= 3.0;
        scenario.weather.wind_mps = wind_mps;
        sim::FlightInProgress flight(scenario);
        tests::Obedient pilot(plan);
        const auto truth = tests::flown(flight, 5.0, [&](const auto& f) { return pilot(f); });
        if (!truth.came_home) qWarning("%s at %f m/s", truth.ending.c_str(), wind_mps);
        return truth.came_home ? truth.farthest_m : 1e9;
    };
    QVERIFY(farthest(6.0) < 0.95 * farthest(2.0));
}

/// Straight to the west, a wind from the north that grows from 3 to 9 m/s within twenty minutes: the nose turns
/// into it, the course does not. On a wing the heading tells; what a compass is off by stays within what is said.
void LiveAnswerTest::aCrosswindThatGrowsShowsInTheHeading() {
    auto request = calm_westward();
    request.aircraft.craft = airframe::Craft::wing;
    request.weather.wind = {3.0, 0.0};
    request.weather.wind_sd_mps = 1.5;
    request.weather.wind_from_sd_deg = 10.0;
    const double airspeed_mps = request.aircraft.cruise_airspeed_mps;
    const auto flown = [&](double compass_off_deg) {
        auto log = straight_out(airspeed_mps, request.mission.height_m, request.aircraft.cruise_power_w, 1205);
        auto& place = log[Channel::longitude_deg];
        double gone_m = 0.0;
        for (std::size_t i = 0; i < log.rows(); ++i) {
            const double wind_mps = 3.0 + 6.0 * double(i) / 1200.0;
            const double ground_mps = i < 5 ? 0.0 : std::sqrt(airspeed_mps * airspeed_mps - wind_mps * wind_mps);
            const auto at = geodesy::destination({39.4, -31.4}, 270.0, gone_m);
            place[i] = at->longitude_deg;
            log[Channel::latitude_deg][i] = at->latitude_deg;
            log[Channel::ground_speed_mps][i] = ground_mps;
            log[Channel::heading_deg].push_back(270.0 + units::degrees(std::asin(wind_mps / airspeed_mps)) +
                                                compass_off_deg);
            gone_m += ground_mps;
        }
        return log;
    };
    const auto wind_at_end = [&](const telemetry::FlightLog& log) {
        watch::LiveFlight live;
        watch::LiveSolver solver(shared_plan(request));
        watch::LiveAnswer answer;
        for (std::size_t rows = 60; rows <= log.rows(); rows += 5) {
            live.update(log, 0, rows);
            answer = solver.answer(live);
        }
        return answer.wind;
    };
    const auto off = [](const watch::LiveWind& wind) {
        const double from = units::radians(wind.from_deg);
        return std::hypot(wind.speed_mps * std::sin(from), wind.speed_mps * std::cos(from) - 9.0);
    };
    const auto told = wind_at_end(flown(0.0));
    QVERIFY2(off(told) < 2.6, qPrintable(QStringLiteral("off by %1 m/s").arg(off(told))));
    QVERIFY2(told.change_mps > 3.0, qPrintable(QStringLiteral("changed by %1 m/s").arg(told.change_mps)));
    for (const double compass_deg : {-5.0, 5.0}) {
        const auto astray = wind_at_end(flown(compass_deg));
        QVERIFY2(off(astray) < 2.5 * astray.sd_mps + 1.0,
                 qPrintable(QStringLiteral("off by %1, said %2").arg(off(astray)).arg(astray.sd_mps)));
    }
    // A rotor's nose says nothing of the wind.
    request.aircraft.craft = airframe::Craft::rotor;
    const auto rotor = wind_at_end(flown(0.0));
    auto blind = flown(0.0);
    blind[Channel::heading_deg].clear();
    QVERIFY(std::abs(rotor.speed_mps - wind_at_end(blind).speed_mps) < 1e-9);
    QVERIFY(off(rotor) > off(told) + 1.0);
}

void LiveAnswerTest::aWindThatGrewIsCarriedOnFromEveryDirection_data() {
    QTest::addColumn<double>("from_deg");
    for (const double from_deg : {20.0, 110.0, 200.0, 290.0}) QTest::addRow("%.0f", from_deg) << from_deg;
}

/// Circles for half an hour in a wind that grows from 2 to 8 m/s: the answer is of now, not of the half hour's
/// mean, and the same from every direction.
void LiveAnswerTest::aWindThatGrewIsCarriedOnFromEveryDirection() {
    QFETCH(double, from_deg);
    auto request = calm_westward();
    request.weather.wind = {2.0, from_deg};
    request.weather.wind_sd_mps = 6.0;
    request.weather.wind_from_sd_deg = 40.0;
    constexpr int seconds = 1800;
    constexpr double circle_s = 60.0;
    const double airspeed_mps = request.aircraft.cruise_airspeed_mps;
    auto log = straight_out(airspeed_mps, request.mission.height_m, request.aircraft.cruise_power_w, seconds);
    const auto frame = geodesy::LocalFrame::around({39.4, -31.4});
    geodesy::EastNorth at{};
    for (int i = 5; i < seconds; ++i) {
        const double nose = 2.0 * units::pi * (i - 5) / circle_s;
        const double wind_mps = 2.0 + 6.0 * i / double(seconds);
        const double east_mps = airspeed_mps * std::sin(nose) - wind_mps * std::sin(units::radians(from_deg));
        const double north_mps = airspeed_mps * std::cos(nose) - wind_mps * std::cos(units::radians(from_deg));
        const auto place = frame->reverse(at);
        const auto row = std::size_t(i);
        log[Channel::latitude_deg][row] = place.latitude_deg;
        log[Channel::longitude_deg][row] = place.longitude_deg;
        log[Channel::ground_speed_mps][row] = std::hypot(east_mps, north_mps);
        log[Channel::course_deg][row] =
            units::degrees(std::atan2(east_mps, north_mps)) + (east_mps < 0.0 ? 360.0 : 0.0);
        at.east_m += east_mps;
        at.north_m += north_mps;
    }
    watch::LiveFlight live;
    watch::LiveSolver solver(shared_plan(request));
    watch::LiveAnswer answer;
    for (std::size_t rows = 60; rows <= log.rows(); rows += 30) {
        live.update(log, 0, rows);
        answer = solver.answer(live);
    }
    VERIFY_NEAR(answer.wind.speed_mps, 8.0, 1.0);
    VERIFY_NEAR(std::remainder(answer.wind.from_deg - from_deg, 360.0), 0.0, 5.0);
}

void LiveAnswerTest::voltsAndCounterDisagree() {
    const auto plan = shared_plan(tests::sample_request());
    auto scenario = practice::scenario_of(*plan);
    scenario.sensors.current_scale = 0.5; // counts half of what is drawn
    sim::FlightInProgress flight(scenario);
    watch::LiveFlight live;
    watch::LiveSolver solver(plan);
    flight.fly_to(2400.0);
    live.update(flight.log());
    const auto answer = solver.answer(live);
    QVERIFY(answer.remaining && answer.remaining->by_volts_wh);
    QVERIFY(answer.remaining->by_volts_wh->value < answer.remaining->by_count_wh->value);
    QVERIFY(answer.remaining->disagree);
    // The lower one counts.
    QVERIFY(std::abs(answer.remaining->wh.value - answer.remaining->by_volts_wh->value) < 1e-6);
}

void LiveAnswerTest::anotherPackIsNotAnswered() {
    auto request = tests::sample_request();
    const auto plan = shared_plan(request);
    auto scenario = practice::scenario_of(*plan);
    scenario.pack.series = 6;
    sim::FlightInProgress flight(scenario);
    flight.fly_to(300.0);
    watch::LiveFlight live;
    live.update(flight.log());
    watch::LiveSolver solver(plan);
    const auto answer = solver.answer(live);
    QVERIFY(!answer.pack_fits);
    QVERIFY(!answer.remaining && !answer.needed_wh && !answer.margin_wh && !answer.turn && !answer.chance_reserve);
    QVERIFY(answer.now.from_home_m > 500.0);
}

void LiveAnswerTest::landingPlacesFromHere() {
    auto request = tests::sample_request();
    request.mission.bearing_deg = 270.0;
    request.mission.alternates = {{"the quarry", {-6000.0, 300.0}, 0.0}, {"beyond reach", {200000.0, 0.0}, 0.0}};
    const auto plan = shared_plan(request);
    const auto log = straight_out(10.0, 90.0, plan->conditions.cruise_power_w.value, 900);
    watch::LiveFlight live;
    live.update(log);
    watch::LiveSolver solver(plan);
    const auto answer = solver.answer(live);
    QCOMPARE(answer.places.size(), std::size_t(3));
    for (const auto& place : answer.places) {
        QCOMPARE(place.reachable, place.name != "beyond reach");
        if (place.name == "the quarry") {
            QVERIFY(std::abs(place.distance_m - std::hypot(8950.0 - 6000.0, 300.0)) < 30.0);
            QVERIFY(place.margin_wh > 0.0);
        }
    }
}

void LiveAnswerTest::chanceFallsAlongTheWay() {
    auto request = tests::sample_request();
    request.turn.counted = {mission::TurnRule::energy_home, mission::TurnRule::chance};
    const auto plan = shared_plan(request);
    auto scenario = practice::scenario_of(*plan);
    scenario.mission.distance_m *= 2.0;
    sim::FlightInProgress flight(scenario);
    watch::LiveFlight live;
    watch::LiveSolver solver(plan);
    double before = 1.0;
    for (double t = 600.0; t <= 4200.0; t += 600.0) {
        flight.fly_to(t);
        live.update(flight.log());
        const auto answer = solver.answer(live);
        QVERIFY(answer.chance_reserve);
        QVERIFY(*answer.chance_reserve <= before + 0.05);
        before = *answer.chance_reserve;
    }
    QVERIFY(before < 0.5);
}

/// A wind that grows on the outbound leg: from some moment on the worst that is credible would not let it home.
/// Most days still would, and turning then keeps the reserve: the chance says so, and does not fall from sure to
/// nothing in a breath.
void LiveAnswerTest::theWorstCredibleWindIsNotTheOnlyOne() {
    auto request = tests::sample_request();
    request.weather.wind = {4.2, 262.0};
    request.mission.bearing_deg = 82.0;
    const auto plan = shared_plan(request);
    QVERIFY(plan->turn);
    const auto scenario = practice::scenario_of(*plan, {practice::Day::growing_wind, 20, 6.0});
    sim::FlightInProgress flight(scenario);
    watch::LiveFlight live;
    watch::LiveSolver solver(plan);
    std::optional<double> before;
    bool met = false;
    for (double t = 5.0; !flight.ended() && !flight.homeward(); t += 5.0) {
        flight.fly_to(t);
        live.update(flight.log());
        const auto answer = solver.answer(live);
        if (answer.state != watch::FlightState::outbound) continue;
        if (!answer.wind_allows && before) {
            met = true;
            QVERIFY2(answer.chance_reserve && *answer.chance_reserve > *before - 0.3,
                     qPrintable(QStringLiteral("%1 after %2 at %3 s")
                                    .arg(answer.chance_reserve.value_or(-1.0))
                                    .arg(*before)
                                    .arg(t)));
            QVERIFY2(*answer.chance_reserve > 0.3, "most days let it home");
            flight.go_home();
            break;
        }
        before = answer.chance_reserve;
    }
    QVERIFY2(met, "the scenario shows what is tried here");
    // The day as it is: home after all.
    for (double t = 5.0; !flight.ended(); t += 5.0) flight.fly_to(t);
    QVERIFY(flight.truth().came_home);
}

/// Out to a point and home again at one power and one speed is one length of way, whatever the point: the two legs
/// of an ellipse whose foci are aircraft and home.
void LiveAnswerTest::reachFromHereIsAnEllipseInCalmAir() {
    auto request = calm_westward();
    request.reserve = mission::ShareOfUsable{0.2};
    const auto plan = shared_plan(request);
    const double power_w = plan->conditions.cruise_power_w.value;
    watch::LiveFlight live;
    live.update(straight_out(plan->conditions.airspeed_out_mps, 90.0, power_w, 405));
    watch::LiveSolver solver(plan);
    const auto answer = solver.answer(live);
    const auto line = solver.reach_from_here(answer);
    QCOMPARE(line.size(), std::size_t(36));
    const geodesy::EastNorth here = *answer.now.at;
    double shortest_m = 1e300;
    double longest_m = 0.0;
    for (const auto& p : line) {
        const double way_m = geodesy::distance_m(here, p) + geodesy::distance_m(p, {});
        shortest_m = std::min(shortest_m, way_m);
        longest_m = std::max(longest_m, way_m);
    }
    QVERIFY2(longest_m - shortest_m < 0.01 * longest_m,
             qPrintable(QStringLiteral("%1 to %2 m").arg(shortest_m).arg(longest_m)));
    // What is left above the reserve, at that power and speed; the descent at home gives a little back.
    const double above_wh = answer.remaining->wh.value - *answer.reserve_wh;
    const double way_m = above_wh / power_w * 3600.0 * plan->conditions.airspeed_out_mps;
    QVERIFY2(std::abs(longest_m - way_m) < 0.04 * way_m,
             qPrintable(QStringLiteral("%1 of %2").arg(longest_m).arg(way_m)));
}

/// In any wind the line crosses the course where the turn is, when energy alone decides and the flight draws what
/// the plan says.
void LiveAnswerTest::reachFromHereGoesThroughTheTurn() {
    auto request = tests::sample_request();
    request.turn.counted = {mission::TurnRule::energy_home};
    request.mission.bearing_deg = 270.0;
    const auto plan = shared_plan(request);
    const double ground_mps = plan->conditions.out->ground_speed_mps;
    watch::LiveFlight live;
    live.update(straight_out(ground_mps, 90.0, plan->conditions.cruise_power_w.value, 305));
    watch::LiveSolver solver(plan);
    const auto answer = solver.answer(live);
    QVERIFY(answer.turn && answer.turn->time_s > 0.0);
    const auto line = solver.reach_from_here(answer);
    const double to_turn_m = geodesy::distance_m(*answer.now.at, answer.turn->at);
    const double along_m = geodesy::distance_m(*answer.now.at, line[27]); // 270 degrees of 36 bearings
    QVERIFY2(std::abs(along_m - to_turn_m) < 0.02 * to_turn_m + 30.0,
             qPrintable(QStringLiteral("%1 of %2 m").arg(along_m).arg(to_turn_m)));
}

/// An error of the forecast's speed lies along the wind, one of its direction across it: an ellipse with these axes
/// wherever the wind comes from, rotated here by hand.
void LiveAnswerTest::beforeAnyLegTheWindIsAsSureAsTheForecast() {
    for (const double from_deg : {236.0, 20.0, 118.0}) {
        auto request = calm_westward();
        request.weather.wind = {6.0, from_deg};
        request.weather.wind_sd_mps = 0.8;
        request.weather.wind_from_sd_deg = 30.0;
        watch::LiveFlight live;
        live.update(straight_out(14.0, 90.0, 68.0, 8));
        watch::LiveSolver solver(shared_plan(request));
        const auto& wind = solver.answer(live).wind;
        const double height_m = 90.0;
        const double along = 0.8 * mission::air_column(request).error_share(height_m);
        const double across = std::sin(units::radians(30.0)) * wind.forecast_mps;
        QVERIFY(across > 2.0 * along && along > 0.3);
        VERIFY_NEAR(wind.sd_along_mps(from_deg), along, 1e-9);
        VERIFY_NEAR(wind.sd_along_mps(from_deg + 90.0), across, 1e-9);
        // Between the two axes: cos²·along² + sin²·across².
        const double half = std::sqrt(0.5) * std::hypot(along, across);
        VERIFY_NEAR(wind.sd_along_mps(from_deg + 45.0), half, 1e-9);
        VERIFY_NEAR(wind.sd_along_mps(from_deg - 45.0), half, 1e-9);
        VERIFY_NEAR(wind.sd_mps, across, 1e-9);
    }
}

void LiveAnswerTest::nothingIsKnownOfNothing() {
    watch::LiveFlight live;
    watch::LiveSolver solver(shared_plan(tests::sample_request()));
    const auto answer = solver.answer(live);
    QCOMPARE(QString::fromLatin1(watch::state_word(answer.state)), QStringLiteral("waiting"));
    QVERIFY(!answer.remaining && !answer.turn && !answer.margin_wh);
    // Volts alone, without a position: what is in the pack is not told from nowhere.
    telemetry::FlightLog log = straight_out(10.0, 90.0, 68.0, 60);
    log[Channel::latitude_deg].clear();
    log[Channel::longitude_deg].clear();
    live.update(log);
    const auto blind = solver.answer(live);
    QVERIFY(!blind.margin_wh && !blind.turn);
    QVERIFY(blind.now.charge_ah);
}

SOBREMESA_TEST(LiveAnswerTest)
#include "tst_live_answer.moc"
