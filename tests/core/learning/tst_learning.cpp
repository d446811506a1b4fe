// What flights teach: the curve against the simulator's truth, its bands over many histories, outliers, the
// backtest.

#include <QTest>

#include <random>

#include "core/atmosphere/standard_atmosphere.hpp"
#include "core/learning/backtest.hpp"
#include "core/telemetry/level_points.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"

#include "sim/simulated_flight.hpp"
#include "sim/simulated_power.hpp"
#include "support/compare.hpp"
#include "support/drawn_craft.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using learning::FlightObservation;

namespace {

constexpr double rho0 = 1.225;

airframe::Aircraft wing() {
    airframe::Aircraft aircraft;
    aircraft.craft = airframe::Craft::wing;
    aircraft.mass_kg = 0.9;
    aircraft.cruise_airspeed_mps = 15.0;
    aircraft.cruise_power_w = 62.0;
    aircraft.electronics_w = 6.0;
    aircraft.full_power_w = 320.0;
    return aircraft;
}

/// What its pilot knows of it: the form, and a cruise read off by eye.
airframe::Aircraft as_its_pilot_knows(const sim::SimulatedAircraft& a, double pack_kg, double cruise_off) {
    airframe::Aircraft aircraft;
    aircraft.craft = a.wing ? airframe::Craft::wing : airframe::Craft::rotor;
    aircraft.mass_kg = a.mass_without_pack_kg;
    aircraft.cruise_airspeed_mps = a.airspeed_mps;
    const double mass = a.mass_without_pack_kg + pack_kg;
    aircraft.cruise_power_w = cruise_off * sim::flight_power_w(a, mass, rho0, a.airspeed_mps, 0.0);
    aircraft.cruise_all_up_mass_kg = mass;
    aircraft.electronics_w = a.electronics_w;
    if (a.wing)
        aircraft.wing = {a.area_m2, std::sqrt(a.area_m2 * a.aspect_ratio), {}};
    else
        aircraft.rotor = {double(a.rotors), a.rotor_diameter_m};
    return aircraft;
}

/// A flight of a history: level points at a few speeds, off as a whole by what the day and the sensor do.
FlightObservation drawn_observation(std::mt19937_64& random, const sim::SimulatedAircraft& a, double pack_kg,
                                    double scatter) {
    std::normal_distribution<double> normal;
    const auto between = [&](double x, double y) { return std::uniform_real_distribution<double>(x, y)(random); };
    FlightObservation observation;
    observation.all_up_mass_kg = a.mass_without_pack_kg + pack_kg * between(0.8, 1.25);
    const double day = 1.0 + scatter * normal(random);
    const int speeds = 1 + int(random() % 3);
    for (int i = 0; i < speeds; ++i) {
        telemetry::LevelPoint point;
        const double v = a.airspeed_mps * between(0.85, 1.25);
        const double airspeed_sd = 0.015 * v;
        point.airspeed_mps = {v + airspeed_sd * normal(random), airspeed_sd};
        const double true_w = sim::flight_power_w(a, observation.all_up_mass_kg, rho0, v, 0.0);
        point.power_w = {true_w * day * (1.0 + 0.02 * normal(random)), 0.02 * true_w};
        point.seconds = between(40.0, 400.0);
        observation.level.push_back(point);
    }
    return observation;
}

} // namespace

class LearningTest : public QObject {
    Q_OBJECT
private slots:
    void withoutAFlightItIsTheKnownCruise_data();
    void withoutAFlightItIsTheKnownCruise();
    void aPairBendsTheCurve();
    void aFlightObservationMovesItTowardsWhatWasFlown();
    void moreFlightsNarrowTheBand();
    void threeFlightsOfTheSimulator_data();
    void threeFlightsOfTheSimulator();
    void flightsAtTwoAirspeeds_data();
    void flightsAtTwoAirspeeds();
    void bandsHoldTheTruth_data();
    void bandsHoldTheTruth();
    void anOutlierIsNamedAndHardlyBendsIt();
    void whatWasNeverFlownIsSaid();
    void backtestKnowsOnlyTheFlightsBefore();
    void flightsWithoutAnAirspeedTeachAndAreNoForecast();
    void backtestShowsThatLearningHelped();
    void theBandFollowsTheBacktest();
    void calibrationLiesOnTheDiagonalForHonestBands();
    void backtestCanBeStopped();
    void climbsTeachTheEfficiency_data();
    void climbsTeachTheEfficiency();
    void climbsAtManySpeedsTeachHowItChanges();
    void theStepTestCoversTheCurve();
    void impossibleAircraftAreRefused();
};

void LearningTest::withoutAFlightItIsTheKnownCruise_data() {
    QTest::addColumn<bool>("is_wing");
    QTest::addColumn<bool>("form_known");
    QTest::newRow("wing") << true << false;
    QTest::newRow("wing with its span") << true << true;
    QTest::newRow("rotor") << false << false;
    QTest::newRow("rotor with its propellers") << false << true;
}

void LearningTest::withoutAFlightItIsTheKnownCruise() {
    QFETCH(bool, is_wing);
    QFETCH(bool, form_known);
    auto aircraft = wing();
    aircraft.craft = is_wing ? airframe::Craft::wing : airframe::Craft::rotor;
    if (form_known) {
        aircraft.wing.span_m = 1.3;
        aircraft.rotor.propeller_diameter_m = 0.178;
    }
    const auto fit = learning::fit_curve(aircraft, 1.3, {});
    QVERIFY(fit.has_value());
    const auto power = airframe::level_power_w(fit->curve, 15.0, 1.3, rho0);
    VERIFY_NEAR(power.value, 62.0, 0.5);
    QVERIFY(power.sd / power.value > 0.06 && power.sd / power.value < 0.15);
    // Away from it the band is wider.
    const auto fast = airframe::level_power_w(fit->curve, 22.0, 1.3, rho0);
    QVERIFY(fast.sd / fast.value > 1.2 * power.sd / power.value);
    QCOMPARE(fit->curve.flights, 0);
    // The known cruise tells a wing's drag, not what holds it up; of a rotor's three parts it tells none.
    using Parts = std::vector<std::size_t>;
    QCOMPARE(fit->assumed_parts, is_wing ? (Parts{0}) : (Parts{0, 1, 2}));
}

void LearningTest::aPairBendsTheCurve() {
    const auto bare = learning::fit_curve(wing(), 1.3, {});
    const auto paired = learning::fit_curve(wing(), 1.3, {}, {{20.0, 130.0}});
    const auto before = airframe::level_power_w(bare->curve, 20.0, 1.3, rho0);
    const auto after = airframe::level_power_w(paired->curve, 20.0, 1.3, rho0);
    QVERIFY(std::abs(after.value - 130.0) < std::abs(before.value - 130.0));
    QVERIFY(after.sd / after.value < before.sd / before.value);
}

void LearningTest::aFlightObservationMovesItTowardsWhatWasFlown() {
    FlightObservation observation;
    observation.all_up_mass_kg = 1.3;
    observation.level = {{{15.0, 0.2}, {75.0, 1.0}, 0.0, 300.0}};
    const auto fit = learning::fit_curve(wing(), 1.3, {observation});
    const double power = airframe::level_power_w(fit->curve, 15.0, 1.3, rho0).value;
    // Between what the pilot said and what was measured: one flight is one flight.
    QVERIFY(power > 64.0 && power < 74.0);
    QVERIFY(fit->off.front() > 0.0);
}

void LearningTest::moreFlightsNarrowTheBand() {
    std::mt19937_64 random(5);
    const auto truth = tests::drawn_aircraft(random, true);
    const auto aircraft = as_its_pilot_knows(truth, 0.4, 1.0);
    std::vector<FlightObservation> observations;
    double before = HUGE_VAL;
    for (int n = 0; n < 12; ++n) {
        observations.push_back(drawn_observation(random, truth, 0.4, 0.03));
        if (n % 4 != 3) continue;
        const auto fit = learning::fit_curve(aircraft, truth.mass_without_pack_kg + 0.4, observations);
        auto curve = fit->curve;
        curve.scatter = 0.0; // of the curve itself
        const auto power =
            airframe::level_power_w(curve, truth.airspeed_mps, truth.mass_without_pack_kg + 0.4, rho0);
        QVERIFY(power.sd / power.value < before);
        before = power.sd / power.value;
    }
    QVERIFY(before < 0.025);
}

void LearningTest::threeFlightsOfTheSimulator_data() {
    QTest::addColumn<bool>("is_wing");
    QTest::addColumn<int>("seed");
    for (const bool is_wing : {true, false}) {
        for (int seed = 1; seed <= 3; ++seed)
            QTest::addRow("%s %d", is_wing ? "wing" : "multirotor", seed) << is_wing << seed;
    }
}

void LearningTest::threeFlightsOfTheSimulator() {
    // Flown by the simulator without thermals, read from their logs as any other flight: within 4 % of its truth
    // over the speeds flown.
    QFETCH(bool, is_wing);
    QFETCH(int, seed);
    sim::Scenario s;
    s.aircraft.wing = is_wing;
    if (!is_wing) {
        s.aircraft.mass_without_pack_kg = 0.7;
        s.aircraft.electronics_w = 9.0;
        s.aircraft.full_power_w = 980.0;
        s.pack.parallel = 2;
    }
    s.mission.kind = sim::SimulatedMission::Kind::loiter;
    s.mission.loiter_s = 420.0;
    s.weather.wind_mps = 3.0;
    s.weather.gust_sd_mps = 0.4;
    const double pack_kg = s.pack.mass_kg;
    const double cruise = is_wing ? 15.0 : 12.0;
    std::vector<FlightObservation> observations;
    std::vector<double> speeds = {cruise - 2.0, cruise, cruise + 4.0};
    for (std::size_t i = 0; i < speeds.size(); ++i) {
        s.aircraft.airspeed_mps = speeds[i];
        s.seed = std::uint64_t(100 * seed) + i;
        const auto flight = sim::simulate(s);
        const auto clean = telemetry::clean(std::make_shared<const telemetry::FlightLog>(flight.log));
        auto summary = *telemetry::summarise(*clean);
        telemetry::complete(summary, *telemetry::find_out(*clean));
        QVERIFY(!summary.level.empty());
        FlightObservation observation;
        observation.all_up_mass_kg = s.aircraft.mass_without_pack_kg + pack_kg;
        observation.field_temperature_c = s.weather.temperature_c;
        observation.level = summary.level;
        observations.push_back(observation);
    }
    s.aircraft.airspeed_mps = cruise;
    // The pilot's own figure is 10 % too hopeful.
    const auto aircraft = as_its_pilot_knows(s.aircraft, pack_kg, 0.9);
    const auto fit = learning::fit_curve(aircraft, observations.front().all_up_mass_kg, observations);
    QVERIFY(fit.has_value());
    for (double v = speeds.front(); v <= speeds.back() + 1e-9; v += 1.0) {
        const double truth = sim::flight_power_w(s.aircraft, observations.front().all_up_mass_kg, 1.2, v, 0.0);
        const double learned =
            airframe::level_power_w(fit->curve, v, observations.front().all_up_mass_kg, 1.2).value;
        QVERIFY2(std::abs(learned / truth - 1.0) < 0.04,
                 qPrintable(QStringLiteral("at %1 m/s: %2 of the truth").arg(v).arg(learned / truth)));
    }
}

void LearningTest::flightsAtTwoAirspeeds_data() {
    QTest::addColumn<bool>("is_wing");
    QTest::newRow("wing") << true;
    QTest::newRow("multirotor") << false;
}

void LearningTest::flightsAtTwoAirspeeds() {
    // A tenth of the table in docs/learning-truth.md. Asked there: 3 % after six flights; held here is the median.
    QFETCH(bool, is_wing);
    std::vector<double> by_pieces;
    std::vector<double> by_points;
    int inside = 0;
    constexpr int histories = 8;
    for (int h = 0; h < histories; ++h) {
        std::mt19937_64 random(std::uint64_t(9000 + 2 * h + (is_wing ? 0 : 1)));
        auto craft = tests::drawn_craft(random, is_wing);
        for (int f = 0; f < 6; ++f) tests::fly_at_two_airspeeds(craft, random, f);
        const auto fit = learning::fit_curve(craft.described, craft.all_up_mass_kg(), craft.observations);
        QVERIFY(fit);
        QCOMPARE(fit->curve.flights, 6);
        QCOMPARE(fit->flown.size(), craft.observations.size());
        // Each point carries the error of its piece, and a little for what a piece cannot know of itself.
        for (std::size_t f = 0; f < fit->flown.size(); ++f) {
            const auto& pieces = craft.observations[f].pieces;
            QVERIFY(!fit->flown[f].empty() && fit->flown[f].size() <= pieces.size());
            for (const auto& point : fit->flown[f]) {
                const auto piece = std::find_if(pieces.begin(), pieces.end(), [&](const auto& one) {
                    return one.power_w.value == point.power_w.value;
                });
                QVERIFY(piece != pieces.end());
                QVERIFY(point.power_w.sd >= piece->power_w.sd);
                QVERIFY(point.power_w.sd <= piece->power_w.sd + 0.2 * point.power_w.value);
            }
        }
        const auto [worst, holds] = tests::worst_of(craft, fit->curve);
        by_pieces.push_back(worst);
        inside += holds ? 1 : 0;
        for (FlightObservation& observation : craft.observations) observation.pieces.clear();
        by_points.push_back(
            tests::worst_of(craft,
                            learning::fit_curve(craft.described, craft.all_up_mass_kg(), craft.observations)->curve)
                .first);
    }
    std::sort(by_pieces.begin(), by_pieces.end());
    std::sort(by_points.begin(), by_points.end());
    QVERIFY2(by_pieces[histories / 2] < 0.04, qPrintable(QString::number(by_pieces[histories / 2])));
    QVERIFY(by_pieces[histories / 2] < 0.7 * by_points[histories / 2]);
    QVERIFY2(inside >= histories - 1, qPrintable(QString::number(inside)));
}

void LearningTest::bandsHoldTheTruth_data() {
    QTest::addColumn<int>("flights");
    QTest::newRow("two flights") << 2;
    QTest::newRow("five flights") << 5;
}

void LearningTest::bandsHoldTheTruth() {
    // Three hundred independent histories, one verdict each: the power of the next flight within the 90 % band in
    // 85 to 95 of a hundred. Days scatter by the 5 % that is usual, pilots misjudge their cruise by 8 %.
    QFETCH(int, flights);
    std::mt19937_64 random(2026);
    std::normal_distribution<double> normal;
    constexpr int histories = 300;
    int inside = 0;
    for (int h = 0; h < histories; ++h) {
        const auto truth = tests::drawn_aircraft(random, h % 2 == 0);
        constexpr double pack_kg = 0.4;
        const auto aircraft = as_its_pilot_knows(truth, pack_kg, 1.0 + 0.08 * normal(random));
        std::vector<FlightObservation> observations;
        for (int n = 0; n < flights; ++n)
            observations.push_back(drawn_observation(random, truth, pack_kg, learning::usual_scatter));
        const FlightObservation next = drawn_observation(random, truth, pack_kg, learning::usual_scatter);
        const auto fit = learning::fit_curve(aircraft, truth.mass_without_pack_kg + pack_kg, observations);
        QVERIFY(fit.has_value());
        const auto& point = next.level.front();
        const auto forecast =
            airframe::level_power_w(fit->curve, point.airspeed_mps.value, next.all_up_mass_kg, rho0);
        // The flight was not quite at the airspeed that its log says.
        const double by_airspeed =
            airframe::level_power_w(fit->curve, point.airspeed_mps.value + point.airspeed_mps.sd,
                                    next.all_up_mass_kg, rho0)
                .value -
            forecast.value;
        inside += std::abs(point.power_w.value - forecast.value) <=
                          1.6449 * units::combine_sd(forecast.sd, point.power_w.sd, by_airspeed)
                      ? 1
                      : 0;
    }
    QVERIFY2(inside >= 255 && inside <= 285, qPrintable(QStringLiteral("%1 of %2").arg(inside).arg(histories)));
}

void LearningTest::anOutlierIsNamedAndHardlyBendsIt() {
    std::mt19937_64 random(8);
    const auto truth = tests::drawn_aircraft(random, true);
    const double mass = truth.mass_without_pack_kg + 0.4;
    const auto aircraft = as_its_pilot_knows(truth, 0.4, 1.0);
    std::vector<FlightObservation> observations;
    for (int n = 0; n < 8; ++n) observations.push_back(drawn_observation(random, truth, 0.4, 0.02));
    const auto good = learning::fit_curve(aircraft, mass, observations);
    QVERIFY(good->outliers.empty());
    // A forgotten scale: half of the current.
    for (auto& point : observations[5].level) point.power_w.value *= 0.5;
    const auto bad = learning::fit_curve(aircraft, mass, observations);
    QCOMPARE(bad->outliers, std::vector<std::size_t>({5}));
    QVERIFY(bad->off[5] < -0.4);
    const double before = airframe::level_power_w(good->curve, truth.airspeed_mps, mass, rho0).value;
    const double after = airframe::level_power_w(bad->curve, truth.airspeed_mps, mass, rho0).value;
    VERIFY_NEAR(after / before, 1.0, 0.03);
}

void LearningTest::whatWasNeverFlownIsSaid() {
    std::mt19937_64 random(9);
    const auto truth = tests::drawn_aircraft(random, true);
    const auto aircraft = as_its_pilot_knows(truth, 0.4, 1.0);
    FlightObservation one_speed;
    one_speed.all_up_mass_kg = truth.mass_without_pack_kg + 0.4;
    one_speed.level = {{{truth.airspeed_mps, 0.1}, {60.0, 1.0}, 0.0, 500.0}};
    const auto fit = learning::fit_curve(aircraft, one_speed.all_up_mass_kg, {one_speed, one_speed});
    VERIFY_NEAR(fit->curve.least_flown_mps, truth.airspeed_mps, 1e-9);
    VERIFY_NEAR(fit->curve.most_flown_mps, truth.airspeed_mps, 1e-9);
    // One speed cannot tell the parts from each other.
    QVERIFY(!fit->assumed_parts.empty());
}

void LearningTest::backtestKnowsOnlyTheFlightsBefore() {
    std::mt19937_64 random(12);
    const auto truth = tests::drawn_aircraft(random, false);
    const double mass = truth.mass_without_pack_kg + 0.4;
    const auto aircraft = as_its_pilot_knows(truth, 0.4, 1.05);
    std::vector<FlightObservation> observations;
    for (int n = 0; n < 6; ++n) {
        observations.push_back(drawn_observation(random, truth, 0.4, 0.05));
        observations.back().flight_id = n + 1;
    }
    const auto whole = learning::backtest(aircraft, mass, observations);
    QVERIFY(whole.has_value());
    QCOMPARE(whole->rows.size(), std::size_t(6));
    // Whatever came later changes nothing of an earlier forecast.
    auto changed = observations;
    for (auto& point : changed.back().level) point.power_w.value *= 3.0;
    const auto other = learning::backtest(aircraft, mass, changed);
    for (std::size_t i = 0; i < 5; ++i) {
        QCOMPARE(other->rows[i].forecast_wh.value, whole->rows[i].forecast_wh.value);
        QCOMPARE(whole->rows[i].from_flights, int(i));
    }
    const auto& row = whole->rows[3];
    VERIFY_NEAR(row.forecast_wh.value / row.flown_wh - 1.0, row.off, 1e-12);
    VERIFY_NEAR(row.forecast_wh_per_m.value / row.flown_wh_per_m - 1.0, row.off, 1e-12);
    VERIFY_NEAR(row.minutes_off_per_hour, 60.0 * (1.0 / (1.0 + row.off) - 1.0), 1e-9);
    // Only the forecast has a band; what was flown has happened.
    using units::Quantity;
    for (const auto quantity : {Quantity::flight_count, Quantity::used_energy, Quantity::energy_per_distance})
        QCOMPARE(learning::explain(row, quantity).value.sd, 0.0);
    QCOMPARE(learning::explain(row, Quantity::energy_per_distance).value.value, row.flown_wh_per_m);
    QCOMPARE(learning::explain(row, Quantity::compared_energy_per_distance).value.value,
             row.forecast_wh_per_m.value);
    VERIFY_NEAR(learning::explain(row, Quantity::forecast_error).value.sd, row.forecast_wh.sd / row.flown_wh,
                1e-12);
    for (const auto& input : learning::explain(row, Quantity::forecast_error).inputs) QCOMPARE(input.value.sd, 0.0);
}

void LearningTest::flightsWithoutAnAirspeedTeachAndAreNoForecast() {
    std::mt19937_64 random(41);
    auto craft = tests::drawn_craft(random, true);
    for (int f = 0; f < 6; ++f) tests::fly_at_two_airspeeds(craft, random, f);
    for (std::size_t i = 0; i < craft.observations.size(); ++i) {
        craft.observations[i].flight_id = std::int64_t(i + 1);
        if (i < 5) craft.observations[i].level.clear();
    }
    const auto& last = craft.observations.back();
    QVERIFY(!last.level.empty());
    const double mass_kg = craft.all_up_mass_kg();
    const auto test = learning::backtest(craft.described, mass_kg, craft.observations);
    QCOMPARE(test->rows.size(), std::size_t(1));
    QCOMPARE(test->rows.front().flight_id, 6);
    QCOMPARE(test->rows.front().from_flights, 5);
    // What they teach is in its forecast: that of a fit of the five.
    const std::vector<FlightObservation> five(craft.observations.begin(), craft.observations.end() - 1);
    const auto fit = learning::fit_curve(craft.described, mass_kg, five);
    double watt_seconds = 0.0;
    for (const auto& point : last.level) {
        const auto air =
            atmosphere::air_above_field(last.field_elevation_m, point.height_m, last.field_temperature_c);
        watt_seconds += point.seconds * airframe::level_power_w(fit->curve, point.airspeed_mps.value,
                                                                last.all_up_mass_kg, air->density_kgm3)
                                            .value;
    }
    VERIFY_NEAR(test->rows.front().forecast_wh.value, watt_seconds / 3600.0, 1e-6);
}

void LearningTest::backtestShowsThatLearningHelped() {
    std::mt19937_64 random(21);
    const auto truth = tests::drawn_aircraft(random, true);
    // The pilot's figure is a fifth off: without learning every forecast is.
    const auto aircraft = as_its_pilot_knows(truth, 0.4, 1.2);
    std::vector<FlightObservation> observations;
    for (int n = 0; n < 10; ++n) observations.push_back(drawn_observation(random, truth, 0.4, 0.03));
    const auto test = learning::backtest(aircraft, truth.mass_without_pack_kg + 0.4, observations);
    QVERIFY(test->spread < 0.6 * test->spread_unlearned);
    QVERIFY(test->inside_share > 0.6);
}

void LearningTest::theBandFollowsTheBacktest() {
    std::mt19937_64 random(33);
    const auto truth = tests::drawn_aircraft(random, true);
    const double mass = truth.mass_without_pack_kg + 0.4;
    const auto aircraft = as_its_pilot_knows(truth, 0.4, 1.0);
    std::vector<FlightObservation> wild;
    for (int n = 0; n < 12; ++n) wild.push_back(drawn_observation(random, truth, 0.4, 0.14));
    const auto fit = learning::fit_curve(aircraft, mass, wild);
    const auto test = learning::backtest(aircraft, mass, wild);
    QVERIFY(learning::justified_scatter(*fit, *test) > 0.08);
    // With two flights there is nothing to go by yet.
    wild.resize(2);
    const auto few = learning::fit_curve(aircraft, mass, wild);
    QCOMPARE(learning::justified_scatter(*few, *learning::backtest(aircraft, mass, wild)), few->curve.scatter);
}

void LearningTest::calibrationLiesOnTheDiagonalForHonestBands() {
    QVERIFY(learning::calibration(std::vector<double>{}).empty());
    std::mt19937_64 random(3);
    std::normal_distribution<double> normal;
    std::vector<double> honest;
    std::vector<double> timid; // twice as wide as they need be
    for (int i = 0; i < 4000; ++i) {
        honest.push_back(normal(random));
        timid.push_back(0.5 * honest.back());
    }
    const auto on = learning::calibration(honest);
    QCOMPARE(on.size(), std::size_t(9));
    for (const auto& share : on) VERIFY_NEAR(share.observed, share.nominal, 0.03);
    for (const auto& share : learning::calibration(timid)) QVERIFY(share.observed > share.nominal + 0.05);
    // A normal's own: 0.6745 sd holds half, 1.6449 nine tenths (tables of the normal distribution, from memory).
    VERIFY_NEAR(learning::calibration({0.6744, 0.6746})[4].observed, 0.5, 1e-12);
    VERIFY_NEAR(learning::calibration({1.6448, -1.6450})[8].observed, 0.5, 1e-12);
}

void LearningTest::backtestCanBeStopped() {
    std::stop_source stop;
    stop.request_stop();
    FlightObservation observation;
    observation.all_up_mass_kg = 1.3;
    observation.level = {{{15.0, 0.2}, {75.0, 1.0}, 0.0, 300.0}};
    QCOMPARE(learning::backtest(wing(), 1.3, {observation}, stop.get_token()).error().code,
             units::ErrorCode::cancelled);
}

namespace {

telemetry::ClimbPoint climb_at(double airspeed_mps, double climb_mps, double power_w) {
    telemetry::ClimbPoint point;
    point.flown.airspeed_mps = {airspeed_mps, 0.2};
    point.flown.power_w = {power_w, 0.01 * power_w};
    point.flown.seconds = 45.0;
    point.climb_mps = {climb_mps, 0.1};
    return point;
}

} // namespace

void LearningTest::climbsTeachTheEfficiency_data() {
    QTest::addColumn<double>("truth");
    QTest::newRow("a poor propeller") << 0.38;
    QTest::newRow("as the simulator's wing") << 0.53;
    QTest::newRow("a good one") << 0.68;
}

void LearningTest::climbsTeachTheEfficiency() {
    QFETCH(double, truth);
    sim::SimulatedAircraft a;
    a.propulsive_efficiency = truth;
    const auto aircraft = as_its_pilot_knows(a, 0.4, 1.0);
    std::mt19937_64 random(77);
    std::normal_distribution<double> normal;
    std::vector<FlightObservation> observations;
    for (int i = 0; i < 4; ++i) {
        FlightObservation observation = drawn_observation(random, a, 0.4, 0.03);
        const double c = 2.0 + 0.3 * i;
        const double day = observation.level.front().power_w.value /
                           sim::flight_power_w(a, observation.all_up_mass_kg, rho0,
                                               observation.level.front().airspeed_mps.value, 0.0);
        const double power_w = day * sim::flight_power_w(a, observation.all_up_mass_kg, rho0, a.airspeed_mps, c);
        observation.climbs.push_back(climb_at(a.airspeed_mps, c + 0.1 * normal(random), power_w));
        observations.push_back(observation);
    }
    const auto fit = learning::fit_curve(aircraft, observations.front().all_up_mass_kg, observations);
    QVERIFY(fit.has_value());
    const auto& climbing = fit->curve.climbing;
    QCOMPARE(climbing.climbs, 4);
    const auto found = airframe::efficiency_at(climbing, a.airspeed_mps);
    QVERIFY(found.sd < 0.5 * airframe::usual_climb_efficiency_sd);
    VERIFY_NEAR(found.value, truth, 2.5 * found.sd);
    // One speed only: how it changes with speed is not claimed.
    QVERIFY(!climbing.slope_known);
    QVERIFY(learning::fit_curve(aircraft, 1.3, {})->curve.climbing.climbs == 0);
}

void LearningTest::climbsAtManySpeedsTeachHowItChanges() {
    sim::SimulatedAircraft a;
    const auto aircraft = as_its_pilot_knows(a, 0.4, 1.0);
    std::mt19937_64 random(78);
    std::vector<FlightObservation> observations;
    for (int i = 0; i < 6; ++i) {
        FlightObservation observation = drawn_observation(random, a, 0.4, 0.0);
        for (const double v : {13.0, 15.0, 18.0}) {
            const double level_w = sim::flight_power_w(a, observation.all_up_mass_kg, rho0, v, 0.0);
            const double efficiency = 0.55 - 0.02 * (v - 15.0);
            observation.climbs.push_back(
                climb_at(v, 2.5, level_w + observation.all_up_mass_kg * 9.80665 * 2.5 / efficiency));
        }
        observations.push_back(observation);
    }
    const auto fit = learning::fit_curve(aircraft, observations.front().all_up_mass_kg, observations);
    const auto& climbing = fit->curve.climbing;
    QVERIFY(climbing.slope_known);
    VERIFY_NEAR(climbing.per_mps, -0.02, 2.5 * std::sqrt(climbing.variance_per_mps));
    // A lift of the air that looks like a climb for nothing does not count.
    observations.front().climbs.push_back(climb_at(15.0, 3.0, 20.0));
    QCOMPARE(
        learning::fit_curve(aircraft, observations.front().all_up_mass_kg, observations)->curve.climbing.climbs,
        climbing.climbs);
}

void LearningTest::theStepTestCoversTheCurve() {
    const auto legs = learning::step_test(wing(), 11.2);
    QCOMPARE(legs.size(), std::size_t(10));
    VERIFY_NEAR(legs.front().airspeed_mps, 11.0, 0.51);
    QVERIFY(legs.back().airspeed_mps > 1.3 * wing().cruise_airspeed_mps);
    double seconds = 0.0;
    for (std::size_t i = 0; i < legs.size(); i += 2) {
        QCOMPARE(legs[i].airspeed_mps, legs[i + 1].airspeed_mps);
        QVERIFY(!legs[i].back && legs[i + 1].back);
        seconds += legs[i].seconds + legs[i + 1].seconds;
    }
    QVERIFY(seconds < 600.0); // a few minutes
}

void LearningTest::impossibleAircraftAreRefused() {
    auto aircraft = wing();
    aircraft.mass_kg = -1.0;
    QCOMPARE(learning::fit_curve(aircraft, 1.3, {}).error().code, units::ErrorCode::value_out_of_range);
}

SOBREMESA_TEST(LearningTest)
#include "tst_learning.moc"
