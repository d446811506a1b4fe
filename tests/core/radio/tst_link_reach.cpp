#include <QTest>

#include <random>

#include "core/radio/link_reach.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class LinkReachTest : public QObject {
    Q_OBJECT
private slots:
    void freeSpaceAsPublished();
    void horizonAsPublished();
    void fresnelZoneAsPublished();
    void aSignalIsCarriedOn_data();
    void aSignalIsCarriedOn();
    void aQualityIsCarriedOn();
    void whatDoesNotFallHasNoEnd();
    void notBeyondThreeTimesWhatWasFlown();
    void fewReadingsSayNothing();
};

void LinkReachTest::freeSpaceAsPublished() {
    // ITU-R P.525-4 (2019), eq. (4): L = 32.4 + 20·log f(MHz) + 20·log d(km): a megahertz over a kilometre is 32.4
    // dB, each factor of ten in either 20 dB more.
    VERIFY_NEAR(radio::free_space_loss_db(1.0, 1000.0), 32.4, 1e-9);
    VERIFY_NEAR(radio::free_space_loss_db(1000.0, 1000.0), 92.4, 1e-9);
    VERIFY_NEAR(radio::free_space_loss_db(1000.0, 10'000.0), 112.4, 1e-9);
}

void LinkReachTest::horizonAsPublished() {
    // The usual form for k = 4/3 in handbooks of radio planning, d(km) = 4.12·(√h₁ + √h₂): from memory.
    VERIFY_NEAR(radio::radio_horizon_m(100.0, 0.0), 41'200.0, 50.0);
    VERIFY_NEAR(radio::radio_horizon_m(120.0, 2.0), 4120.0 * (std::sqrt(120.0) + std::sqrt(2.0)), 60.0);
    QCOMPARE(radio::radio_horizon_m(-5.0, 0.0), 0.0);
}

void LinkReachTest::fresnelZoneAsPublished() {
    // ITU-R P.526, first ellipsoid: R = 550·√(d₁·d₂/((d₁+d₂)·f)), km and MHz, m.
    const double d1 = 2.0;
    const double d2 = 6.0;
    const double f = 2400.0;
    const double published = 550.0 * std::sqrt(d1 * d2 / ((d1 + d2) * f)); // 550 is rounded from 547.7
    VERIFY_NEAR(radio::fresnel_radius_m(f, 1000.0 * d1, 1000.0 * d2) / published, 1.0, 0.005);
}

void LinkReachTest::aSignalIsCarriedOn_data() {
    QTest::addColumn<double>("slope");
    QTest::newRow("free space") << 20.0;
    QTest::newRow("over rough ground") << 27.0;
}

void LinkReachTest::aSignalIsCarriedOn() {
    QFETCH(double, slope);
    std::mt19937 random{11};
    std::normal_distribution<double> fade(0.0, 2.0);
    std::vector<radio::LinkReading> readings;
    for (int i = 0; i < 6000; ++i) {
        const double d = 40.0 + i;
        readings.push_back({d, -40.0 - slope * std::log10(d / 40.0) + fade(random)});
    }
    // The worst tenth stands about 1.28 sd below the mean; it meets the level where the mean is so much above it.
    const double level = -40.0 - slope * std::log10(9000.0 / 40.0) - 1.2816 * 2.0;
    const auto reach = radio::link_reach(radio::LinkKind::signal_dbm, readings, level);
    QVERIFY(reach.has_value() && reach->failsafe_m.has_value());
    QVERIFY(reach->failsafe_m->sd > 0.0);
    QVERIFY2(std::abs(reach->failsafe_m->value - 9000.0) < 2.5 * reach->failsafe_m->sd,
             qPrintable(QString::number(reach->failsafe_m->value)));
    VERIFY_NEAR(reach->farthest_m, 6039.0, 1e-9);
}

void LinkReachTest::aQualityIsCarriedOn() {
    std::mt19937 random{5};
    std::normal_distribution<double> fade(0.0, 0.03);
    std::vector<radio::LinkReading> readings;
    for (int i = 0; i < 5000; ++i) readings.push_back({double(i), 1.0 - 0.00005 * i + fade(random)});
    const auto reach = radio::link_reach(radio::LinkKind::quality_share, readings, 0.6);
    QVERIFY(reach.has_value() && reach->failsafe_m.has_value());
    VERIFY_NEAR(reach->failsafe_m->value, (1.0 - 1.2816 * 0.03 - 0.6) / 0.00005, 900.0);
    VERIFY_NEAR(reach->fall, 0.05, 0.01);
}

void LinkReachTest::whatDoesNotFallHasNoEnd() {
    std::vector<radio::LinkReading> readings;
    for (int i = 0; i < 5000; ++i) readings.push_back({double(i), 0.99 + 0.01 * (i % 2)});
    const auto reach = radio::link_reach(radio::LinkKind::quality_share, readings, 0.5);
    QVERIFY(reach.has_value());
    QVERIFY(!reach->failsafe_m.has_value());
    VERIFY_NEAR(reach->worst.reading, 0.99, 1e-12);
}

void LinkReachTest::notBeyondThreeTimesWhatWasFlown() {
    std::vector<radio::LinkReading> readings;
    for (int i = 40; i < 2000; ++i) readings.push_back({double(i), -40.0 - 20.0 * std::log10(i / 40.0)});
    // Thirty decibels below the last reading: thirty times as far, which nothing here vouches for.
    const auto reach = radio::link_reach(radio::LinkKind::signal_dbm, readings, -104.0);
    QVERIFY(reach.has_value());
    QVERIFY(!reach->failsafe_m.has_value());
}

void LinkReachTest::fewReadingsSayNothing() {
    std::vector<radio::LinkReading> readings;
    for (int i = 0; i < 30; ++i) readings.push_back({100.0 + i, -60.0});
    QVERIFY(!radio::link_reach(radio::LinkKind::signal_dbm, readings, -100.0).has_value());
    QVERIFY(!radio::link_reach(radio::LinkKind::signal_dbm, {}, -100.0).has_value());
}

SOBREMESA_TEST(LinkReachTest)
#include "tst_link_reach.moc"
