#include <QTest>

#include <random>

#include "core/telemetry/calibration.hpp"
#include "core/telemetry/calibration_check.hpp"
#include "core/telemetry/idle_reading.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::telemetry;

class CalibrationTest : public QObject {
    Q_OBJECT
private slots:
    void bothConventions();
    void aGoodCalibration();
    void largeFlightsWeighMore();
    void theChargerIsTheFloor();
    void statedErrorIsHonest();
    void outliersAreNamed();
    void theImpossibleIsRefused();
    void offsetAndVolts();
    void offsetOverFlights();
    void whatStoodOnTheGround();
    void beforeAndAfter();
};

void CalibrationTest::bothConventions() {
    // Counted 510, recharged 275, scale 65 → 120 where it divides: common practice, no source.
    const auto divides = calibrate(65.0, ScaleConvention::divides, {{0.510, 0.275}});
    QVERIFY(divides);
    VERIFY_NEAR(divides->scale.value, 120.0, 1.0);
    QCOMPARE(divides->flights, 1);
    // Where it multiplies, the same sensor wants less.
    const auto multiplies = calibrate(65.0, ScaleConvention::multiplies, {{0.510, 0.275}});
    VERIFY_NEAR(multiplies->scale.value, 65.0 * 275.0 / 510.0, 1e-9);
    QVERIFY(divides->reads.value > 1.0);
    QVERIFY(divides->more_flights > 0);
}

void CalibrationTest::aGoodCalibration() {
    // Within 100 mAh of 4900 mAh, flight after flight: common practice, no source. That is no reason to change.
    const auto good = calibrate(100.0, ScaleConvention::divides,
                                {{4.95, 4.90}, {4.84, 4.90}, {4.93, 4.90}, {4.88, 4.90}, {4.91, 4.90}});
    QVERIFY(std::abs(good->reads.value - 1.0) < 2.0 * good->reads.sd);
    QVERIFY(good->outliers.empty());
    QVERIFY(good->more_flights <= 2);
}

void CalibrationTest::largeFlightsWeighMore() {
    const auto both = calibrate(100.0, ScaleConvention::multiplies, {{0.110, 0.100}, {4.0, 4.0}});
    VERIFY_NEAR(both->reads.value, 4.110 / 4.100, 1e-12);
}

void CalibrationTest::theChargerIsTheFloor() {
    std::vector<CalibrationPair> pairs(200, {2.2, 2.0});
    const auto many = calibrate(100.0, ScaleConvention::divides, pairs);
    VERIFY_NEAR(many->scale.value, 110.0, 1e-9);
    VERIFY_NEAR(many->scale.sd / many->scale.value, charger_accuracy, 1e-4);
    QCOMPARE(many->more_flights, 0);
    // A better charger is believed more.
    QVERIFY(calibrate(100.0, ScaleConvention::divides, pairs, 0.005)->scale.sd < 0.5 * many->scale.sd);
    // One flight says less than three.
    QVERIFY(calibrate(100.0, ScaleConvention::divides, {pairs.front()})->scale.sd >
            calibrate(100.0, ScaleConvention::divides, {3, pairs.front()})->scale.sd);
}

void CalibrationTest::statedErrorIsHonest() {
    // 500 sensors 12 % too high, four flights of mixed size with 2 % of scatter each, a charger off by its 1.5 %:
    // the truth lies within two sd about 95 times in a hundred. Never less than 90, and not always.
    std::mt19937 draws(11);
    std::normal_distribution<double> normal(0.0, 1.0);
    std::uniform_real_distribution<double> size(1.0, 5.0);
    int within = 0;
    constexpr int sensors = 500;
    for (int s = 0; s < sensors; ++s) {
        const double charger = 1.0 + charger_accuracy * normal(draws);
        std::vector<CalibrationPair> pairs;
        for (int i = 0; i < 4; ++i) {
            const double used = size(draws);
            pairs.push_back({used * 1.12 * (1.0 + 0.02 * normal(draws)), used * charger});
        }
        const auto found = calibrate(50.0, ScaleConvention::divides, pairs);
        within += std::abs(found->scale.value - 56.0) <= 2.0 * found->scale.sd ? 1 : 0;
    }
    QVERIFY2(within >= 0.90 * sensors && within <= 0.995 * sensors, qPrintable(QString::number(within)));
}

void CalibrationTest::outliersAreNamed() {
    const auto found =
        calibrate(50.0, ScaleConvention::divides, {{2.2, 2.0}, {3.3, 3.0}, {1.11, 1.0}, {2.2, 1.3}, {4.39, 4.0}});
    QCOMPARE(found->outliers, std::vector<int>{3});
    QCOMPARE(found->each.size(), std::size_t(5));
    // Two and a half times what the others scatter is not far enough; three and a half times is. The others lie 4 %
    // to either side: √(4 · 0.04² / 3) = 4.6 %.
    const auto with = [](double ratio) {
        return calibrate(50.0, ScaleConvention::divides,
                         {{2.08, 2.0}, {1.92, 2.0}, {2.08, 2.0}, {1.92, 2.0}, {2.0 * ratio, 2.0}});
    };
    QVERIFY(with(1.0 + 2.5 * 0.0462)->outliers.empty());
    QCOMPARE(with(1.0 + 3.5 * 0.0462)->outliers, std::vector<int>{4});
    QCOMPARE(with(1.0 - 3.5 * 0.0462)->outliers, std::vector<int>{4});
    // Others that agree to the last digit are believed to scatter by a quarter of what is usual: 3 · 1 %.
    const auto alike = [](double ratio) {
        return calibrate(50.0, ScaleConvention::divides, {{2.0, 2.0}, {2.0, 2.0}, {2.0, 2.0}, {2.0 * ratio, 2.0}});
    };
    QVERIFY(alike(1.029)->outliers.empty());
    QCOMPARE(alike(1.031)->outliers, std::vector<int>{3});
    // Three flights cannot tell.
    QVERIFY(calibrate(50.0, ScaleConvention::divides, {{2.0, 2.0}, {2.0, 2.0}, {4.0, 2.0}})->outliers.empty());
}

void CalibrationTest::theImpossibleIsRefused() {
    QVERIFY(!calibrate(0.0, ScaleConvention::divides, {{1, 1}}));
    QVERIFY(!calibrate(50.0, ScaleConvention::divides, {}));
    QVERIFY(!calibrate(50.0, ScaleConvention::divides, {{0, 1}}));
    QVERIFY(!calibrate(50.0, ScaleConvention::divides, {{1, -1}}));
    QVERIFY(!calibrate(50.0, ScaleConvention::divides, {{std::nan(""), 1}}));
    const auto swapped = calibrate(50.0, ScaleConvention::divides, {{1, 1}, {500, 1}});
    QVERIFY(!swapped);
    QCOMPARE(swapped.error().where.field, std::string("pair 2"));
    for (const auto convention : {ScaleConvention::divides, ScaleConvention::multiplies})
        QVERIFY(scale_convention_from_word(scale_convention_word(convention)) == convention);
    QVERIFY(!scale_convention_from_word("adds"));
}

void CalibrationTest::offsetAndVolts() {
    const auto offset = current_offset({0.9, 0.05}, {0.5, 0.1});
    VERIFY_NEAR(offset.value, 0.4, 1e-12);
    VERIFY_NEAR(offset.sd, std::hypot(0.05, 0.1), 1e-12);
    VERIFY_NEAR(voltage_scale(16.4, 16.8)->value, 16.8 / 16.4, 1e-12);
    QVERIFY(!voltage_scale(16.4, 4.2)); // a cell against a pack
    QVERIFY(!voltage_scale(0.0, 4.2));
}

void CalibrationTest::offsetOverFlights() {
    // 5 W at 16 V are 0.3125 A.
    const units::Estimate draw_w{5.0, 0.5};
    const auto one = sensor_offset({{{0.80, 0.01}, 16.0, 60.0}}, draw_w);
    QVERIFY(one && one->flights == 1);
    VERIFY_NEAR(one->really_a.value, 0.3125, 1e-12);
    VERIFY_NEAR(one->offset_a.value, 0.4875, 1e-12);
    VERIFY_NEAR(one->offset_a.sd, std::hypot(0.01, 0.5 / 16.0), 1e-12);
    QVERIFY(one->matters());
    // Two that agree are surer than one, weighted by their errors; two that do not are as unsure as they scatter.
    const auto agreed = sensor_offset({{{0.80, 0.01}, 16.0, 60.0}, {{0.80, 0.02}, 16.0, 20.0}}, draw_w);
    VERIFY_NEAR(agreed->read_a.sd, 1.0 / std::sqrt(1e4 + 2500.0), 1e-9);
    const auto apart = sensor_offset({{{0.60, 0.01}, 16.0, 60.0}, {{1.00, 0.01}, 16.0, 60.0}}, draw_w);
    VERIFY_NEAR(apart->read_a.value, 0.80, 1e-9);
    VERIFY_NEAR(apart->read_a.sd, 0.2, 1e-9); // half of what they are apart
    // What is within such a sensor's scatter is no offset.
    QVERIFY(!sensor_offset({{{0.40, 0.01}, 16.0, 60.0}}, draw_w)->matters());
    QVERIFY(!sensor_offset({{{0.80, 0.01}, 16.0, 60.0}}, {5.0, 3.5})->matters());
    QVERIFY(!sensor_offset({}, draw_w));
}

void CalibrationTest::whatStoodOnTheGround() {
    Motion motion;
    motion.has_power = true;
    for (int i = 0; i < 120; ++i) {
        Moment m;
        m.time_s = i;
        const bool flies = i >= 30 && i < 100;
        m.current_a = flies ? 9.0 : 0.5;
        m.power_w = m.current_a * 16.0;
        m.empty = false;
        motion.moments.push_back(m);
    }
    motion.first_airborne = 30;
    motion.last_airborne = 100;
    const auto idle = idle_reading(motion);
    QVERIFY(idle.has_value());
    VERIFY_NEAR(idle->current_a.value, 0.5, 1e-12);
    VERIFY_NEAR(idle->voltage_v, 16.0, 1e-12);
    // Two seconds on either side are neither ground nor flight.
    VERIFY_NEAR(idle->seconds, 28.0 + 17.0, 1e-12);
    // A reading that never moves is still no better than the sensor's last digit.
    VERIFY_NEAR(idle->current_a.sd, 0.005, 1e-12);
    // One that moves: the scatter over the root of their number.
    for (std::size_t i = 0; i < motion.moments.size(); ++i) {
        auto& m = motion.moments[i];
        if (m.current_a < 1.0) m.current_a = i % 2 == 0 ? 0.4 : 0.6;
        m.power_w = m.current_a * 16.0;
    }
    // 28 seconds before, half of each; 17 behind, of which 9 odd ones.
    const double mean_a = (22.0 * 0.4 + 23.0 * 0.6) / 45.0;
    VERIFY_NEAR(idle_reading(motion)->current_a.value, mean_a, 1e-9);
    VERIFY_NEAR(idle_reading(motion)->current_a.sd,
                std::sqrt((22.0 * std::pow(0.4 - mean_a, 2) + 23.0 * std::pow(0.6 - mean_a, 2)) / 45.0 / 45.0),
                1e-9);
    // Less than five seconds are no reading; zeros and gaps are none at all.
    for (auto& m : motion.moments) m.current_a = 0.0;
    QVERIFY(!idle_reading(motion));
    for (std::size_t i = 0; i < 5; ++i) motion.moments[i].current_a = 0.5;
    QVERIFY(idle_reading(motion));
    motion.moments[4].current_a = std::nan("");
    QVERIFY(!idle_reading(motion));
    for (auto& m : motion.moments) m.current_a = 0.5;
    motion.first_airborne = 3;
    motion.last_airborne = 118;
    QVERIFY(!idle_reading(motion));
    motion.last_airborne = motion.first_airborne;
    QVERIFY(!idle_reading(motion)); // it never flew
}

void CalibrationTest::beforeAndAfter() {
    const std::vector<CalibrationPair> pairs{{2.2, 2.0}, {3.2, 3.0}};
    const auto found = calibrate(50.0, ScaleConvention::divides, pairs);
    VERIFY_NEAR(off_by(pairs[0]), 0.10, 1e-12);
    VERIFY_NEAR(off_after(pairs[0], *found), 1.1 / 1.08 - 1.0, 1e-12);
    VERIFY_NEAR(off_after(pairs[1], *found), 3.2 / 3.0 / 1.08 - 1.0, 1e-12);
    const auto both = check(pairs, *found);
    VERIFY_NEAR(both.worst_before, 0.10, 1e-12);
    VERIFY_NEAR(both.worst_after, 1.1 / 1.08 - 1.0, 1e-12);
}

SOBREMESA_TEST(CalibrationTest)
#include "tst_calibration.moc"
