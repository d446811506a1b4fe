// The bill: closes exactly, and each cause that the simulator was given stands in its own row.

#include <QTest>

#include "core/debrief/bill_history.hpp"
#include "core/mission/make_plan.hpp"
#include "core/telemetry/level_points.hpp"
#include "sim/simulated_flight.hpp"
#include "sim/simulated_power.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using debrief::BillCause;

namespace {

sim::Scenario calm_day(std::uint64_t seed) {
    sim::Scenario s;
    s.seed = seed;
    s.pack.parallel = 2;
    s.pack.mass_kg = 0.4;
    s.mission.distance_m = 4000.0;
    s.mission.height_m = 90.0;
    s.mission.bearing_deg = 262.0;
    s.weather.wind_mps = 0.0;
    s.weather.gust_sd_mps = 0.2;
    s.sensors.rate_hz = 2.0;
    return s;
}

/// The plan of somebody who knows his aircraft, and the day as forecast.
mission::PlanRequest plan_of(const sim::Scenario& s) {
    mission::PlanRequest plan;
    plan.aircraft.craft = airframe::Craft::wing;
    plan.aircraft.mass_kg = s.aircraft.mass_without_pack_kg;
    plan.aircraft.cruise_airspeed_mps = s.aircraft.airspeed_mps;
    plan.aircraft.cruise_power_w = sim::flight_power_w(s.aircraft, s.aircraft.mass_without_pack_kg + s.pack.mass_kg,
                                                       1.2, s.aircraft.airspeed_mps, 0.0);
    plan.aircraft.electronics_w = s.aircraft.electronics_w;
    plan.aircraft.wing = {s.aircraft.area_m2, std::sqrt(s.aircraft.area_m2 * s.aircraft.aspect_ratio), {}};
    plan.pack.series = s.pack.series;
    plan.pack.parallel = s.pack.parallel;
    plan.pack.cell_capacity_ah = s.pack.cell_capacity_ah;
    plan.pack.cell_resistance_ohm = s.pack.cell_resistance_ohm;
    plan.pack.mass_kg = s.pack.mass_kg;
    plan.weather.temperature_c = s.weather.temperature_c;
    plan.weather.wind.speed_mps = s.weather.wind_mps;
    plan.weather.wind.from_deg = s.weather.wind_from_deg;
    plan.mission.bearing_deg = s.mission.bearing_deg;
    plan.mission.height_m = s.mission.height_m;
    plan.mission.climb_rate_mps = s.mission.climb_mps;
    plan.mission.descent_rate_mps = s.mission.descent_mps;
    plan.mission.farthest_m = s.mission.distance_m;
    return plan;
}

/// Circles of the plan, over its turn and its landing, that this aircraft of the simulator does not fly.
double circles_wh(const mission::PlanRequest& planned) {
    const auto plan = mission::make_plan(planned);
    double wh = 0.0;
    for (const auto& leg : plan->flight->legs)
        if (leg.by_time && leg.ground_m == 0.0) wh += leg.energy_wh;
    return wh;
}

struct Made {
    debrief::Bill bill;
    sim::Truth truth;
};

Made bill_of(const sim::Scenario& flown, const mission::PlanRequest& planned,
             const std::optional<mission::PlanRequest>& flown_as = {}, std::optional<double> recharged_ah = {}) {
    const auto plan = mission::make_plan(planned);
    const auto flight = sim::simulate(flown);
    const auto clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(flight.log));
    auto summary = telemetry::summarise(*clean);
    const auto found = telemetry::find_out(*clean, {}, units::Estimate{planned.aircraft.cruise_airspeed_mps, 1.5});
    telemetry::complete(*summary, *found);
    debrief::BillQuestion question;
    question.plan = &*plan;
    question.flown_as = flown_as.value_or(plan->request);
    question.recharged_ah = recharged_ah;
    return {debrief::bill(*summary, *found, question).value(), flight.truth};
}

} // namespace

class BillTest : public QObject {
    Q_OBJECT
private slots:
    void itClosesExactly();
    void aFlightAsPlannedHasNothingToExplain();
    void windThatWasNotForecast();
    void aHeavierPack();
    void anotherAirspeed();
    void aSensorThatReadsHigh();
    void aFlightThatTurnedEarlier();
    void aLogThatBeganLateIsBilledForWhatItShows();
    void withoutAWayThereIsNone();
    void billsAreComparedCauseByCause();
    void whatIsForgottenAgainAndAgainStandsOut();
};

void BillTest::itClosesExactly() {
    for (const std::uint64_t seed : {1, 2, 3}) {
        sim::Scenario s = calm_day(seed);
        const auto plan = plan_of(s);
        s.weather.wind_mps = 2.0 * double(seed);
        s.weather.wind_from_deg = 100.0 * double(seed);
        s.sensors.current_scale = 1.05;
        s.mission.distance_m -= 500.0;
        const auto made = bill_of(s, plan, {}, 1.0);
        debrief::BillSums sum;
        for (const auto& row : made.bill.rows) {
            sum.wh += row.wh.value;
            sum.ah += row.ah;
            sum.distance_m += row.distance_m;
        }
        VERIFY_NEAR(sum.wh, made.bill.flown.wh - made.bill.forecast.wh, 1e-9);
        VERIFY_NEAR(sum.ah, made.bill.flown.ah - made.bill.forecast.ah, 1e-9);
        VERIFY_NEAR(sum.distance_m, made.bill.flown.distance_m - made.bill.forecast.distance_m, 1e-6);
    }
}

void BillTest::aFlightAsPlannedHasNothingToExplain() {
    const sim::Scenario s = calm_day(11);
    const auto made = bill_of(s, plan_of(s));
    VERIFY_NEAR(made.bill.forecast.distance_m, 8000.0, 100.0);
    for (const auto& row : made.bill.rows) {
        if (row.cause == BillCause::sensor) continue;
        const double circles = row.cause == BillCause::distance ? circles_wh(plan_of(s)) : 0.0;
        QVERIFY2(std::abs(row.wh.value + circles) < 0.03 * made.bill.flown.wh,
                 qPrintable(QStringLiteral("%1: %2 of %3")
                                .arg(QLatin1String(debrief::bill_cause_word(row.cause)))
                                .arg(row.wh.value)
                                .arg(made.bill.flown.wh)));
    }
}

void BillTest::windThatWasNotForecast() {
    // What a wind along the way takes out and home, by the simulator's own power and ground speeds: level flight
    // on 2·D in a calm against D/(V − w) + D/(V + w).
    sim::Scenario s = calm_day(12);
    const auto plan = plan_of(s);
    s.weather.wind_mps = 6.0;
    s.weather.wind_from_deg = s.mission.bearing_deg;
    const auto made = bill_of(s, plan);
    const double V = s.aircraft.airspeed_mps;
    const double w = s.weather.wind_mps * std::pow(90.0 / 80.0, 1.0 / 7.0);
    const double level_w = made.truth.level_power_w;
    const double expected_wh = level_w * 4000.0 * (1.0 / (V - w) + 1.0 / (V + w) - 2.0 / V) / 3600.0;
    const auto& row = made.bill.row(BillCause::wind);
    VERIFY_NEAR(row.wh.value, expected_wh, 2.0 * row.wh.sd + 0.05 * expected_wh);
    QVERIFY(row.wh.sd < 0.5 * expected_wh);
    QVERIFY(row.distance_m < -300.0);
    QVERIFY(std::abs(made.bill.row(BillCause::unexplained).wh.value) < 0.04 * made.bill.flown.wh);
}

void BillTest::aHeavierPack() {
    sim::Scenario s = calm_day(13);
    const auto plan = plan_of(s);
    s.aircraft.mass_without_pack_kg += 0.3;
    auto flown_as = plan;
    flown_as.aircraft.mass_kg += 0.3;
    const auto made = bill_of(s, plan, flown_as);
    const double before_w = plan.aircraft.cruise_power_w;
    const double after_w = sim::flight_power_w(s.aircraft, s.aircraft.mass_without_pack_kg + s.pack.mass_kg, 1.2,
                                               s.aircraft.airspeed_mps, 0.0);
    const double expected_wh = (after_w - before_w) * 8000.0 / s.aircraft.airspeed_mps / 3600.0;
    VERIFY_NEAR(made.bill.row(BillCause::mass).wh.value, expected_wh, 0.3 * expected_wh);
    // Nobody said so: then it is not explained, and not put on anything else.
    const auto unsaid = bill_of(s, plan);
    VERIFY_NEAR(unsaid.bill.row(BillCause::mass).wh.value, 0.0, 1e-9);
    QVERIFY(unsaid.bill.row(BillCause::unexplained).wh.value > 0.5 * expected_wh);
}

void BillTest::anotherAirspeed() {
    sim::Scenario s = calm_day(14);
    const auto plan = plan_of(s);
    s.aircraft.airspeed_mps = 19.0;
    const auto made = bill_of(s, plan);
    const auto per_m = [&](double v) {
        return sim::flight_power_w(s.aircraft, s.aircraft.mass_without_pack_kg + s.pack.mass_kg, 1.2, v, 0.0) / v;
    };
    const double expected_wh = (per_m(19.0) - per_m(15.0)) * 8000.0 / 3600.0;
    const auto& row = made.bill.row(BillCause::speed);
    VERIFY_NEAR(row.wh.value, expected_wh, 2.0 * row.wh.sd + 0.15 * expected_wh);
}

void BillTest::aSensorThatReadsHigh() {
    sim::Scenario s = calm_day(15);
    const auto plan = plan_of(s);
    s.sensors.current_scale = 1.10;
    const double truly_ah = sim::simulate(s).truth.charge_ah;
    const auto made = bill_of(s, plan, {}, truly_ah);
    const auto& row = made.bill.row(BillCause::sensor);
    VERIFY_NEAR(row.wh.value, made.bill.flown.wh * (1.0 - 1.0 / 1.10), 2.0 * row.wh.sd);
    QVERIFY(row.wh.sd < 0.02 * made.bill.flown.wh);
    QVERIFY(std::abs(made.bill.row(BillCause::unexplained).wh.value) < 0.04 * made.bill.flown.wh);
    // Without a recharge it may be the sensor, and nobody can tell.
    const auto unknown = bill_of(s, plan);
    VERIFY_NEAR(unknown.bill.row(BillCause::sensor).wh.value, 0.0, 1e-9);
    QVERIFY(unknown.bill.row(BillCause::sensor).wh.sd > 0.04 * unknown.bill.flown.wh);
}

void BillTest::aFlightThatTurnedEarlier() {
    sim::Scenario s = calm_day(16);
    const auto plan = plan_of(s);
    s.mission.distance_m = 3000.0;
    const auto made = bill_of(s, plan);
    const auto& row = made.bill.row(BillCause::distance);
    VERIFY_NEAR(row.wh.value + circles_wh(plan), -0.25 * made.bill.forecast.wh, 0.04 * made.bill.forecast.wh);
    VERIFY_NEAR(made.bill.flown.distance_m, 6000.0, 200.0);
}

void BillTest::aLogThatBeganLateIsBilledForWhatItShows() {
    const sim::Scenario s = calm_day(18);
    const auto plan = mission::make_plan(plan_of(s));
    auto flight = sim::simulate(s);
    const std::size_t late = flight.log.rows() / 3;
    for (auto& column : flight.log.columns)
        if (!column.empty()) column.erase(column.begin(), column.begin() + std::ptrdiff_t(late));
    flight.log.lines.erase(flight.log.lines.begin(), flight.log.lines.begin() + std::ptrdiff_t(late));
    const auto clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(flight.log));
    const auto summary = telemetry::summarise(*clean);
    const auto found = telemetry::find_out(*clean, {}, units::Estimate{15.0, 1.5});
    QVERIFY(summary->energy.before_log_ah.has_value());
    debrief::BillQuestion question;
    question.plan = &*plan;
    question.flown_as = plan->request;
    // A right recharge of the whole flight: the sensor reads right.
    question.recharged_ah = flight.truth.charge_ah;
    const auto bill = debrief::bill(*summary, *found, question);
    QVERIFY(bill);
    VERIFY_NEAR(bill->flown.wh, summary->energy.logged_energy_wh->value, 1e-9);
    VERIFY_NEAR(bill->row(BillCause::sensor).wh.value, 0.0, 0.03 * bill->flown.wh);
    QVERIFY(std::abs(bill->row(BillCause::unexplained).wh.value) < 0.08 * bill->flown.wh);
}

void BillTest::withoutAWayThereIsNone() {
    const sim::Scenario s = calm_day(17);
    const auto plan = mission::make_plan(plan_of(s));
    auto flight = sim::simulate(s);
    for (const auto channel : {telemetry::Channel::latitude_deg, telemetry::Channel::longitude_deg,
                               telemetry::Channel::ground_speed_mps, telemetry::Channel::course_deg})
        flight.log[channel].clear();
    const auto clean = telemetry::clean(std::make_shared<telemetry::FlightLog>(flight.log));
    const auto summary = telemetry::summarise(*clean);
    const auto found = telemetry::find_out(*clean);
    debrief::BillQuestion question;
    question.plan = &*plan;
    question.flown_as = plan->request;
    QVERIFY(!debrief::bill(*summary, *found, question));
}

void BillTest::billsAreComparedCauseByCause() {
    const auto at = [](BillCause cause) { return std::size_t(cause); };
    debrief::BillShares a{100.0, {}};
    a.wh[at(BillCause::distance)] = -20.0; // 80 Wh were forecast for the distance flown
    a.wh[at(BillCause::wind)] = 8.0;
    a.wh[at(BillCause::unexplained)] = -4.0;
    debrief::BillShares b{50.0, {}};
    b.wh[at(BillCause::wind)] = 2.5;
    b.wh[at(BillCause::unexplained)] = 2.5;
    debrief::BillShares c{40.0, {}};
    c.wh[at(BillCause::distance)] = 10.0;
    c.wh[at(BillCause::wind)] = 5.0;
    c.wh[at(BillCause::pack)] = 99.0; // charge alone
    const debrief::BillShares none;   // a flight without a bill
    debrief::BillShares nowhere{30.0, {}};
    nowhere.wh[at(BillCause::distance)] = -30.0;
    QVERIFY(!debrief::over_flights({a, none, nowhere}));
    const auto causes = debrief::over_flights({a, none, b, nowhere, c});
    QVERIFY(causes.has_value());
    QCOMPARE(causes->flights, 3);
    QCOMPARE(causes->rows.size(), debrief::bill_causes - 2);
    // By numpy 1.24: mean and std(ddof=1) of 0.1, 0.05, 0.1, of -0.05, 0.05, 0, and of 0.05, 0.1, 0.1.
    for (const auto& row : causes->rows) {
        QVERIFY(row.cause != BillCause::distance && row.cause != BillCause::pack);
        const bool wind = row.cause == BillCause::wind;
        const double spread = wind ? 0.0288675135 : row.cause == BillCause::unexplained ? 0.05 : 0.0;
        VERIFY_NEAR(row.mean.value, wind ? 0.0833333333 : 0.0, 1e-9);
        VERIFY_NEAR(row.spread, spread, 1e-9);
        VERIFY_NEAR(row.mean.sd, spread / std::sqrt(3.0), 1e-9);
    }
    VERIFY_NEAR(causes->whole.value, 0.0833333333, 1e-9);
    VERIFY_NEAR(causes->whole_spread, 0.0288675135, 1e-9);
    for (std::size_t i = 0; i < debrief::bill_causes; ++i)
        QVERIFY(debrief::bill_cause_from_word(debrief::bill_cause_word(BillCause(i))) == BillCause(i));
    QVERIFY(!debrief::bill_cause_from_word("rain"));
}

void BillTest::whatIsForgottenAgainAndAgainStandsOut() {
    // Four days with a wind of another strength each, none of them forecast, by a pilot who flies 1.5 m/s faster
    // than planned.
    std::vector<debrief::BillShares> bills;
    for (const std::uint64_t seed : {21, 22, 23, 24}) {
        sim::Scenario s = calm_day(seed);
        const auto plan = plan_of(s);
        s.weather.wind_mps = 2.0 * double(seed - 20);
        s.weather.wind_from_deg = s.mission.bearing_deg;
        s.aircraft.airspeed_mps += 1.5;
        bills.push_back(debrief::shares_of(bill_of(s, plan).bill));
    }
    const auto causes = debrief::over_flights(bills);
    QVERIFY(causes.has_value());
    const auto row = [&](BillCause cause) {
        return *std::find_if(causes->rows.begin(), causes->rows.end(),
                             [&](const auto& r) { return r.cause == cause; });
    };
    // The speed is the same in all of them, the wind is not.
    QVERIFY(row(BillCause::speed).mean.value > 3.0 * row(BillCause::speed).mean.sd);
    QVERIFY(row(BillCause::wind).spread > 2.0 * row(BillCause::speed).spread);
    for (const auto& r : causes->rows) QVERIFY(r.spread <= row(BillCause::wind).spread);
    double sum = 0.0;
    for (const auto& r : causes->rows) sum += r.mean.value;
    VERIFY_NEAR(sum, causes->whole.value, 1e-12);
}

SOBREMESA_TEST(BillTest)
#include "tst_bill.moc"
