// The power curve against the identities of the textbooks, and the speeds to fly that follow from it.

#include <QTest>

#include "core/airframe/speeds_to_fly.hpp"
#include "core/units/constants.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::airframe;

namespace {

constexpr double rho0 = 1.225;

PowerCurve wing_curve() {
    PowerCurve curve;
    curve.craft = Craft::wing;
    curve.reference_mass_kg = 1.5;
    curve.reference_airspeed_mps = 16.0;
    curve.part_w = {20.0, 0.0, 40.0};
    curve.least_flown_mps = 10.0;
    curve.most_flown_mps = 22.0;
    curve.scatter = 0.05;
    for (std::size_t i = 0; i < 3; ++i) curve.covariance[3 * i + i] = 0.01;
    return curve;
}

PowerCurve rotor_curve() {
    PowerCurve curve = wing_curve();
    curve.craft = Craft::rotor;
    curve.disc_area_m2 = 4.0 * units::pi / 4.0 * 0.18 * 0.18;
    curve.reference_mass_kg = 0.9;
    curve.part_w = {50.0, 30.0, 25.0};
    return curve;
}

Aircraft wing() {
    Aircraft aircraft;
    aircraft.craft = Craft::wing;
    aircraft.mass_kg = 1.0;
    aircraft.cruise_airspeed_mps = 16.0;
    aircraft.cruise_power_w = 65.0;
    aircraft.full_power_w = 300.0;
    return aircraft;
}

SpeedQuestion still(double mass_kg) {
    SpeedQuestion question;
    question.all_up_mass_kg = mass_kg;
    question.density_kgm3 = rho0;
    return question;
}

} // namespace

class PowerCurveTest : public QObject {
    Q_OBJECT
private slots:
    void leastPowerIsWhereInducedIsThreeTimesParasite();
    void bestGlideIsWhereBothDragsAreEqual();
    void theTwoClassicSpeedsStandAsTheFourthRootOfThree();
    void electronicsMoveTheSpeedForRangeOnly();
    void headWindAsksForMoreSpeed_data();
    void headWindAsksForMoreSpeed();
    void windAboveEverySpeedHasNoAnswer();
    void glauertInHoverAndFarBeyond();
    void hoverPowerIsMomentumTheory();
    void massAndDensityScaleAsPhysicsSays();
    void neverBelowTheElectronics();
    void stallAsTheTextbookHasIt();
    void nothingIsFlownUnderTheStall();
    void circlingCostsItsLoad();
    void thePriceOfSpeedGrows();
    void fastestIsHalfOfFullPower();
    void goOrNoGo();
    void theWindHomeIsTheDearOne();
    void aWingOfUnknownStallIsNotSentFarBelow();
    void anAssumedStallKeepsSpeedsAboveItsBand();
    void bandsHoldTheScatter();
    void theCurveTakesThePlaceOfTheKnownCruise();
};

void PowerCurveTest::leastPowerIsWhereInducedIsThreeTimesParasite() {
    // Anderson, Introduction to Flight, ch. 6: at minimum power C_Di = 3·C_D0.
    const auto curve = wing_curve();
    const auto speeds = speeds_to_fly(wing(), curve, still(1.5));
    const auto parts = parts_of_level_power(curve, speeds.endurance->airspeed_mps.value, 1.5, rho0);
    VERIFY_NEAR(parts[0] / parts[2], 3.0, 1e-3);
}

void PowerCurveTest::bestGlideIsWhereBothDragsAreEqual() {
    // The same: at the best lift over drag C_Di = C_D0. Without electronics that is the speed for range.
    const auto curve = wing_curve();
    const auto speeds = speeds_to_fly(wing(), curve, still(1.5));
    const auto parts = parts_of_level_power(curve, speeds.range->airspeed_mps.value, 1.5, rho0);
    VERIFY_NEAR(parts[0] / parts[2], 1.0, 1e-3);
}

void PowerCurveTest::theTwoClassicSpeedsStandAsTheFourthRootOfThree() {
    // A wing so large that its stall is below all of them.
    auto large = wing();
    large.wing.area_m2 = 1.0;
    for (const double mass : {1.0, 1.5, 2.2}) {
        const auto speeds = speeds_to_fly(large, wing_curve(), still(mass));
        VERIFY_NEAR(speeds.range->airspeed_mps.value / speeds.endurance->airspeed_mps.value, std::pow(3.0, 0.25),
                    1e-3);
    }
}

void PowerCurveTest::electronicsMoveTheSpeedForRangeOnly() {
    auto curve = wing_curve();
    const auto bare = speeds_to_fly(wing(), curve, still(1.5));
    curve.electronics_w = 12.0;
    const auto laden = speeds_to_fly(wing(), curve, still(1.5));
    VERIFY_NEAR(laden.endurance->airspeed_mps.value, bare.endurance->airspeed_mps.value, 1e-3);
    QVERIFY(laden.range->airspeed_mps.value > bare.range->airspeed_mps.value + 0.3);
}

void PowerCurveTest::headWindAsksForMoreSpeed_data() {
    QTest::addColumn<bool>("is_wing");
    QTest::newRow("wing") << true;
    QTest::newRow("rotor") << false;
}

void PowerCurveTest::headWindAsksForMoreSpeed() {
    QFETCH(bool, is_wing);
    const auto curve = is_wing ? wing_curve() : rotor_curve();
    auto aircraft = wing();
    aircraft.craft = curve.craft;
    auto question = still(curve.reference_mass_kg);
    double before = 0.0;
    for (const double wind : {-6.0, -3.0, 0.0, 3.0, 6.0}) {
        question.head_wind_mps = wind;
        const auto speeds = speeds_to_fly(aircraft, curve, question);
        QVERIFY(speeds.range.has_value());
        QVERIFY(speeds.range->airspeed_mps.value > before);
        before = speeds.range->airspeed_mps.value;
        // It is the least: a little slower or faster takes more over the ground.
        const double best = speeds.range->energy_wh_per_m.value;
        for (const double step : {-0.3, 0.3})
            QVERIFY(at_speed(curve, question, before + step).energy_wh_per_m.value >= best - 1e-12);
        // And the tangent from the wind speed touches there: dP/dV = P/(V − w).
        const double slope = (at_speed(curve, question, before + 0.01).power_w.value -
                              at_speed(curve, question, before - 0.01).power_w.value) /
                             0.02;
        const double tangent = at_speed(curve, question, before).power_w.value / (before - wind);
        VERIFY_NEAR(slope / tangent, 1.0, 5e-3);
    }
}

void PowerCurveTest::windAboveEverySpeedHasNoAnswer() {
    auto question = still(1.5);
    question.head_wind_mps = 60.0;
    const auto speeds = speeds_to_fly(wing(), wing_curve(), question);
    QVERIFY(!speeds.range.has_value());
    QVERIFY(speeds.endurance.has_value());
    QCOMPARE(speeds.diagnostics.size(), std::size_t(1));
    question.head_wind_mps = 0.0;
    question.cross_wind_mps = 60.0;
    QVERIFY(!speeds_to_fly(wing(), wing_curve(), question).range.has_value());
}

void PowerCurveTest::glauertInHoverAndFarBeyond() {
    // Leishman, ch. 2: v_i = v_h in hover, v_i → v_h²/V in fast edgewise flight.
    VERIFY_NEAR(induced_velocity_ratio(0.0), 1.0, 1e-12);
    VERIFY_NEAR(induced_velocity_ratio(8.0) * 8.0, 1.0, 1e-3);
    // And in between it solves (v_i/v_h)²·((V/v_h)² + (v_i/v_h)²) = 1.
    for (const double v : {0.3, 1.0, 2.0, 4.0}) {
        const double i = induced_velocity_ratio(v);
        VERIFY_NEAR(i * i * (v * v + i * i), 1.0, 1e-9);
    }
}

void PowerCurveTest::hoverPowerIsMomentumTheory() {
    // P = (m·g)^1.5/√(2·ρ·A) over an efficiency: twice the mass takes 2^1.5, four times the disc half.
    auto curve = rotor_curve();
    const double slow = 1e-3;
    const double one = parts_of_level_power(curve, slow, 0.9, rho0)[0];
    VERIFY_NEAR(parts_of_level_power(curve, slow, 1.8, rho0)[0] / one, std::pow(2.0, 1.5), 1e-6);
    VERIFY_NEAR(parts_of_level_power(curve, slow, 0.9, 0.5 * rho0)[0] / one, std::sqrt(2.0), 1e-6);
}

void PowerCurveTest::massAndDensityScaleAsPhysicsSays() {
    const auto curve = wing_curve();
    const auto at = [&](double mass, double density) { return parts_of_level_power(curve, 16.0, mass, density); };
    VERIFY_NEAR(at(3.0, rho0)[0], 4.0 * 20.0, 1e-9);
    VERIFY_NEAR(at(1.5, 0.8 * rho0)[0], 20.0 / 0.8, 1e-9);
    VERIFY_NEAR(at(1.5, 0.8 * rho0)[2], 0.8 * 40.0, 1e-9);
    VERIFY_NEAR(at(3.0, rho0)[2], 40.0, 1e-9);
}

void PowerCurveTest::neverBelowTheElectronics() {
    auto curve = rotor_curve();
    curve.electronics_w = 11.0;
    for (double v = 1.0; v < 40.0; v += 1.0) QVERIFY(level_power_w(curve, v, 0.9, rho0).value > 11.0);
}

void PowerCurveTest::stallAsTheTextbookHasIt() {
    // Anderson, Introduction to Flight, eq. for stalling speed: √(2W/(ρ·S·C_L,max)).
    auto aircraft = wing();
    QVERIFY(!stall_speed_mps(aircraft, 1.5, rho0).has_value());
    aircraft.wing.area_m2 = 0.3;
    aircraft.wing.cl_max = 1.2;
    const double level = std::sqrt(2.0 * 1.5 * 9.80665 / (1.225 * 0.3 * 1.2));
    VERIFY_NEAR(*stall_speed_mps(aircraft, 1.5, rho0), level, 1e-9);
    // In a bank of sixty degrees the load is two, and the stall √2 as fast.
    VERIFY_NEAR(*stall_speed_mps(aircraft, 1.5, rho0, 60.0), std::sqrt(2.0) * level, 1e-9);
    aircraft.craft = Craft::rotor;
    QVERIFY(!stall_speed_mps(aircraft, 1.5, rho0).has_value());
}

void PowerCurveTest::nothingIsFlownUnderTheStall() {
    auto aircraft = wing();
    aircraft.wing.area_m2 = 0.12;
    const auto speeds = speeds_to_fly(aircraft, wing_curve(), still(1.5));
    const double slowest = 1.2 * *speeds.stall_mps;
    QVERIFY(slowest > 12.2); // where least power would be
    VERIFY_NEAR(speeds.slowest_mps, slowest, 1e-9);
    VERIFY_NEAR(speeds.endurance->airspeed_mps.value, slowest, 0.01);
    QVERIFY(speeds.range->airspeed_mps.value >= slowest - 0.01);
}

void PowerCurveTest::circlingCostsItsLoad() {
    const auto curve = wing_curve();
    VERIFY_NEAR(circling_cost(curve, 16.0, 1.5, rho0, 0.0), 1.0, 1e-12);
    // At 60° the induced part is four times as large.
    VERIFY_NEAR(circling_cost(curve, 16.0, 1.5, rho0, 60.0), (4.0 * 20.0 + 40.0) / 60.0, 1e-9);
}

void PowerCurveTest::thePriceOfSpeedGrows() {
    const auto curve = wing_curve();
    const auto question = still(1.5);
    const auto speeds = speeds_to_fly(wing(), curve, question);
    const double best = speeds.range->airspeed_mps.value;
    VERIFY_NEAR(price_of_speed_wh_per_m_per_mps(curve, question, best), 0.0, 1e-7);
    QVERIFY(price_of_speed_wh_per_m_per_mps(curve, question, best + 3.0) >
            price_of_speed_wh_per_m_per_mps(curve, question, best + 1.0));
}

void PowerCurveTest::fastestIsHalfOfFullPower() {
    const auto speeds = speeds_to_fly(wing(), wing_curve(), still(1.5));
    VERIFY_NEAR(speeds.fastest->power_w.value, 150.0, 0.05);
    auto unknown = wing();
    unknown.full_power_w.reset();
    QVERIFY(!speeds_to_fly(unknown, wing_curve(), still(1.5)).fastest.has_value());
}

void PowerCurveTest::goOrNoGo() {
    const auto curve = wing_curve();
    auto question = still(1.5);
    const auto calm = airframe::go_or_no_go(wing(), curve, question, 12.0);
    QVERIFY(calm && calm->go);
    question.head_wind_mps = calm->most_head_wind_mps + 0.1;
    QVERIFY(!airframe::go_or_no_go(wing(), curve, question, 12.0)->go);
    question.head_wind_mps = calm->most_head_wind_mps - 0.1;
    QVERIFY(airframe::go_or_no_go(wing(), curve, question, 12.0)->go);
}

void PowerCurveTest::theWindHomeIsTheDearOne() {
    VERIFY_NEAR(home_wind_mps(-5.0, 1.3), 6.5, 1e-12);       // out with it, home against it: stronger
    VERIFY_NEAR(home_wind_mps(5.0, 1.3), -5.0 / 1.3, 1e-12); // out against it, home with it: weaker
    QCOMPARE(home_wind_mps(3.0, 1.0), -3.0);
}

void PowerCurveTest::aWingOfUnknownStallIsNotSentFarBelow() {
    auto curve = wing_curve();
    curve.least_flown_mps = 16.0; // least power would be slower
    const auto speeds = speeds_to_fly(wing(), curve, still(1.5));
    QVERIFY(!speeds.stall_mps.has_value());
    QVERIFY(speeds.endurance->airspeed_mps.value >= 0.8 * 16.0 - 0.01);
}

void PowerCurveTest::anAssumedStallKeepsSpeedsAboveItsBand() {
    // Heavy for its span: 3 kg on 1.2 m of span, some 0.2 m² of area, stall at some 15 m/s.
    auto aircraft = wing();
    aircraft.wing.area_m2.reset();
    aircraft.wing.span_m = 1.2;
    const auto assumed = airframe::assumed_stall_mps(aircraft, 3.0, rho0);
    VERIFY_NEAR(assumed->value, std::sqrt(2.0 * 3.0 * 9.80665 / (rho0 * 1.44 / 7.0 * 1.1)), 1e-9);
    QVERIFY(assumed->sd > 0.1 * assumed->value);
    auto curve = wing_curve();
    curve.least_flown_mps = 21.0;
    curve.reference_airspeed_mps = 21.0;
    const auto speeds = speeds_to_fly(aircraft, curve, still(3.0));
    VERIFY_NEAR(speeds.slowest_mps, 1.2 * assumed->value, 1e-9);
    QVERIFY(speeds.slowest_mps > assumed->value + 0.99 * assumed->sd);
    QVERIFY(speeds.endurance->airspeed_mps.value >= speeds.slowest_mps - 0.01);
    // What was flown is not forbidden, whatever is assumed.
    curve.least_flown_mps = 14.0;
    QVERIFY(speeds_to_fly(aircraft, curve, still(3.0)).slowest_mps <= 14.0);
    // By mass alone: models of 12 kg/m³ of mass over area to the 3/2.
    aircraft.wing.span_m.reset();
    VERIFY_NEAR(airframe::assumed_stall_mps(aircraft, 1.345, rho0)->value, 9.2, 0.3);
    // The area typed in, nothing is assumed; and a rotor has none.
    aircraft.wing.area_m2 = 0.24;
    QVERIFY(!airframe::assumed_stall_mps(aircraft, 3.0, rho0).has_value());
    aircraft.craft = Craft::rotor;
    QVERIFY(!airframe::slowest_wing_mps(aircraft, 3.0, rho0, 14.0).has_value());
}

void PowerCurveTest::bandsHoldTheScatter() {
    auto curve = wing_curve();
    const auto power = level_power_w(curve, 16.0, 1.5, rho0);
    // Two independent tenths on 20 and 40 W, and the scatter of flights on all of it.
    VERIFY_NEAR(power.sd, std::hypot(std::hypot(2.0, 4.0), 0.05 * 60.0), 1e-9);
    const auto speeds = speeds_to_fly(wing(), curve, still(1.5));
    QVERIFY(speeds.range->airspeed_mps.sd > 0.1);
    // The speed goes as the fourth root of the parts' ratio: a relative error of √2/4 of a tenth.
    VERIFY_NEAR(speeds.range->airspeed_mps.sd / speeds.range->airspeed_mps.value, 0.1 * std::sqrt(2.0) / 4.0, 2e-3);
}

void PowerCurveTest::theCurveTakesThePlaceOfTheKnownCruise() {
    auto aircraft = wing();
    aircraft.curve = wing_curve();
    const FlightState state{18.0, 1.5, rho0, 0.0};
    VERIFY_NEAR(power_w(aircraft, 1.5, state)->value, level_power_w(*aircraft.curve, 18.0, 1.5, rho0).value, 1e-9);
    QCOMPARE(power_w(aircraft, 1.5, {60.0, 1.5, rho0, 0.0}).error().code, units::ErrorCode::airspeed_outside_model);
    // A climb costs the same on top.
    const FlightState climbing{18.0, 1.5, rho0, 2.0};
    VERIFY_NEAR(power_w(aircraft, 1.5, climbing)->value - power_w(aircraft, 1.5, state)->value,
                1.5 * 9.80665 * 2.0 / 0.5, 1e-6);
}

SOBREMESA_TEST(PowerCurveTest)
#include "tst_power_curve.moc"
