// Straight legs and their powers, by hand.

#include <cmath>

#include <QTest>

#include "core/telemetry/leg_power.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::telemetry;

namespace {

/// A second of flight on a course, at a power.
Moment second(double course_deg, double power_w, double speed_mps = 12.0) {
    Moment m;
    m.empty = false;
    m.east_mps = speed_mps * std::sin(course_deg * 3.14159265358979 / 180.0);
    m.north_mps = speed_mps * std::cos(course_deg * 3.14159265358979 / 180.0);
    m.climb_mps = 0.0;
    m.power_w = power_w;
    return m;
}

Motion flown(const std::vector<std::pair<int, Moment>>& parts) {
    Motion motion;
    motion.has_power = motion.has_velocity = motion.has_height = true;
    for (const auto& [seconds, moment] : parts)
        motion.moments.insert(motion.moments.end(), std::size_t(seconds), moment);
    return motion;
}

} // namespace

class LegPowerTest : public QObject {
    Q_OBJECT
private slots:
    void legsEndWhereTheCourseDoes();
    void shortOrClimbingLegsSayNothing();
    void aHoverHasNoCourse();
    void theErrorCountsWhatHangsTogether();
    void powersDifferByMoreThanATenth();
    void paceFollowsThePower();
};

void LegPowerTest::legsEndWhereTheCourseDoes() {
    const Motion motion = flown({{100, second(80.0, 60.0)}, {90, second(260.0, 80.0)}});
    const auto legs = leg_powers(motion, 0, 190);
    QCOMPARE(legs.size(), std::size_t(2));
    QCOMPARE(legs[0].first, std::size_t(0));
    QCOMPARE(legs[0].last, std::size_t(100));
    QCOMPARE(legs[1].first, std::size_t(100));
    QCOMPARE(legs[1].last, std::size_t(190));
    VERIFY_NEAR(legs[0].power_w.value, 60.0, 1e-12);
    VERIFY_NEAR(legs[1].power_w.value, 80.0, 1e-12);
    // Only what was asked for.
    QCOMPARE(leg_powers(motion, 10, 95).size(), std::size_t(1));
    QCOMPARE(leg_powers(motion, 10, 95)[0].first, std::size_t(10));
    // 24° off is the same leg, 26° is another.
    QCOMPARE(leg_powers(flown({{100, second(80.0, 60.0)}, {100, second(104.0, 60.0)}}), 0, 200).size(),
             std::size_t(1));
    QCOMPARE(leg_powers(flown({{100, second(80.0, 60.0)}, {100, second(106.0, 60.0)}}), 0, 200).size(),
             std::size_t(2));
    // Across north, where degrees begin again.
    QCOMPARE(leg_powers(flown({{100, second(355.0, 60.0)}, {100, second(10.0, 60.0)}}), 0, 200).size(),
             std::size_t(1));
    Motion blind = motion;
    blind.has_power = false;
    QVERIFY(leg_powers(blind, 0, 190).empty());
    blind.has_power = true;
    blind.has_velocity = false;
    QVERIFY(leg_powers(blind, 0, 190).empty());
}

void LegPowerTest::shortOrClimbingLegsSayNothing() {
    QVERIFY(leg_powers(flown({{59, second(80.0, 60.0)}}), 0, 59).empty());
    QCOMPARE(leg_powers(flown({{60, second(80.0, 60.0)}}), 0, 60).size(), std::size_t(1));
    // A minute of level flight is wanted, not a minute of flight.
    Moment climbing = second(80.0, 150.0);
    climbing.climb_mps = 0.8;
    QVERIFY(leg_powers(flown({{59, second(80.0, 60.0)}, {30, climbing}}), 0, 89).empty());
    const auto legs = leg_powers(flown({{60, second(80.0, 60.0)}, {80, climbing}}), 0, 140);
    QCOMPARE(legs.size(), std::size_t(1));
    VERIFY_NEAR(legs[0].power_w.value, 60.0, 1e-12); // the climb's watts are none of a level leg's
    climbing.climb_mps = -0.8;
    VERIFY_NEAR(leg_powers(flown({{60, second(80.0, 60.0)}, {80, climbing}}), 0, 140)[0].power_w.value, 60.0,
                1e-12);
    // Without a height nobody can tell: all counts.
    Motion flat = flown({{60, second(80.0, 60.0)}, {80, climbing}});
    flat.has_height = false;
    VERIFY_NEAR(leg_powers(flat, 0, 140)[0].power_w.value, 150.0, 1e-12);
    // A glide's zero watts and gaps are no level flight.
    QVERIFY(leg_powers(flown({{59, second(80.0, 60.0)}, {30, second(80.0, 0.0)}}), 0, 89).empty());
    QVERIFY(leg_powers(flown({{59, second(80.0, 60.0)}, {30, second(80.0, std::nan(""))}}), 0, 89).empty());
}

void LegPowerTest::aHoverHasNoCourse() {
    // Slower than 2 m/s over ground: whichever way it drifts ends no leg.
    const auto legs = leg_powers(
        flown({{70, second(80.0, 60.0)}, {20, second(260.0, 60.0, 1.9)}, {70, second(80.0, 60.0)}}), 0, 160);
    QCOMPARE(legs.size(), std::size_t(1));
    QCOMPARE(leg_powers(flown({{70, second(80.0, 60.0)}, {70, second(260.0, 60.0, 2.1)}, {70, second(80.0, 60.0)}}),
                        0, 210)
                 .size(),
             std::size_t(3));
}

void LegPowerTest::theErrorCountsWhatHangsTogether() {
    // 160 s of 58 and 62 W in turn: median 60, all deviations 2. 1.2533 · 1.4826 · 2 over the root of 160/40
    // independent readings.
    Motion motion = flown({{160, second(80.0, 62.0)}});
    for (std::size_t i = 0; i < 160; i += 2) motion.moments[i].power_w = 58.0;
    const auto legs = leg_powers(motion, 0, 160);
    QCOMPARE(legs.size(), std::size_t(1));
    VERIFY_NEAR(legs[0].power_w.sd, 1.2533 * 1.4826 * 2.0 / 2.0, 1e-9);
    // At one row in two seconds the same rows are twice as long.
    motion.step_s = 2.0;
    VERIFY_NEAR(leg_powers(motion, 0, 160)[0].power_w.sd, 1.2533 * 1.4826 * 2.0 / std::sqrt(8.0), 1e-9);
}

void LegPowerTest::powersDifferByMoreThanATenth() {
    const auto legs = [](double a, double sd_a, double b, double sd_b) {
        return std::vector<LegPower>{{0, 100, {a, sd_a}}, {100, 200, {b, sd_b}}};
    };
    QVERIFY(!powers_differ(legs(100.0, 0.1, 109.0, 0.1)));
    QVERIFY(powers_differ(legs(100.0, 0.1, 111.0, 0.1)));
    QVERIFY(powers_differ(legs(111.0, 0.1, 100.0, 0.1)));
    // Of the lesser of the two.
    QVERIFY(powers_differ(legs(100.0, 0.1, 110.5, 0.1)));
    // Three times the error of the difference, √(3² + 4²) = 5.
    QVERIFY(!powers_differ(legs(100.0, 3.0, 114.9, 4.0)));
    QVERIFY(powers_differ(legs(100.0, 3.0, 115.1, 4.0)));
    // Any two of them, not only neighbours.
    QVERIFY(powers_differ({{0, 100, {100.0, 0.1}}, {100, 200, {106.0, 0.1}}, {200, 300, {112.0, 0.1}}}));
    QVERIFY(!powers_differ({{0, 100, {100.0, 0.1}}}));
    QVERIFY(!powers_differ({}));
}

void LegPowerTest::paceFollowsThePower() {
    const std::vector<LegPower> legs{{0, 4, {60.0, 0.0}}, {8, 12, {90.0, 0.0}}};
    const auto pace = paces(legs, 0, 12, 0.5);
    QCOMPARE(pace.size(), std::size_t(12));
    double sum = 0.0;
    for (const double p : pace) sum += p;
    VERIFY_NEAR(sum / 12.0, 1.0, 1e-12);
    // V ∝ √P on the legs, and linear from leg to leg: four seconds between are a fifth of the way each.
    VERIFY_NEAR(pace[11] / pace[0], std::sqrt(1.5), 1e-12);
    for (int i = 0; i < 4; ++i) {
        VERIFY_NEAR(pace[std::size_t(i)], pace[0], 1e-12);
        VERIFY_NEAR(pace[std::size_t(8 + i)], pace[11], 1e-12);
        VERIFY_NEAR(pace[std::size_t(4 + i)], pace[0] + (i + 1) / 5.0 * (pace[11] - pace[0]), 1e-12);
    }
    // Another exponent, and a part that begins within a leg and ends behind the last one.
    const auto later = paces(legs, 2, 15, 1.0);
    QCOMPARE(later.size(), std::size_t(13));
    VERIFY_NEAR(later[12] / later[0], 1.5, 1e-12);
    VERIFY_NEAR(later[6] / later[0], 1.5, 1e-12);
    for (const double p : paces({}, 3, 7, 0.5)) QCOMPARE(p, 1.0);
    QCOMPARE(paces({}, 3, 7, 0.5).size(), std::size_t(4));
}

SOBREMESA_TEST(LegPowerTest)
#include "tst_leg_power.moc"
