// What is left, by counting, by resting volts and by the charger: each, together, and against each other.

#include <QTest>

#include "core/battery/remaining.hpp"
#include "core/units/estimate.hpp"
#include "support/compare.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using namespace sobremesa::battery;

namespace {

PackModel sample_pack() {
    return PackModel(tests::sample_request().pack); // 9 Ah
}

} // namespace

class RemainingTest : public QObject {
    Q_OBJECT
private slots:
    void nothingKnownIsNothingSaid();
    void eachMethodAlone();
    void theFullPackIsOneErrorForBoth();
    void restedAndCountedAreWeighedByTheirVariances();
    void whatDisagreesIsSaidWithItsCause_data();
    void whatDisagreesIsSaidWithItsCause();
};

void RemainingTest::nothingKnownIsNothingSaid() {
    const auto left = remaining(sample_pack(), {});
    QVERIFY(!left.share && left.methods.empty() && !left.disagreement);
}

void RemainingTest::eachMethodAlone() {
    const auto pack = sample_pack();
    const double full = pack.fullChargeAh();
    LandedEvidence counted;
    counted.counted_ah = 0.6 * full;
    counted.counted_relative_sd = 0.10;
    auto left = remaining(pack, counted);
    VERIFY_NEAR(left.share->value, 0.4, 1e-9);
    // A tenth of the sensor and 3 % of what a full pack holds, of what was taken.
    VERIFY_NEAR(left.share->sd, 0.6 * std::hypot(0.10, 0.03), 1e-9);
    VERIFY_NEAR(left.charge_ah->value, 0.4 * full, 1e-9);
    VERIFY_NEAR(left.charge_ah->sd, full * left.share->sd, 1e-9);
    LandedEvidence recharged;
    recharged.recharged_ah = 0.7 * full;
    left = remaining(pack, recharged);
    VERIFY_NEAR(left.share->value, 0.3, 1e-9);
    VERIFY_NEAR(left.share->sd, 0.7 * std::hypot(charger_relative_sd, 0.03), 1e-9);
    LandedEvidence rested;
    rested.rested_cell_v = open_circuit_cell_v(Chemistry::li_ion, 0.5);
    rested.rest_s = 1e6;
    left = remaining(pack, rested);
    VERIFY_NEAR(left.share->value, 0.5, 0.002);
    QVERIFY(left.share->sd > 0.005 && left.share->sd < 0.1);
}

void RemainingTest::theFullPackIsOneErrorForBoth() {
    const auto pack = sample_pack();
    const double full = pack.fullChargeAh();
    LandedEvidence e;
    e.counted_ah = 0.8 * full;
    e.counted_relative_sd = charger_relative_sd;
    e.recharged_ah = 0.8 * full;
    const auto left = remaining(pack, e);
    VERIFY_NEAR(left.share->value, 0.2, 1e-9);
    // Two say what was taken; what was in the pack they both take from its label.
    VERIFY_NEAR(left.share->sd, 0.8 * std::hypot(charger_relative_sd / std::sqrt(2.0), 0.03), 1e-9);
    QVERIFY(left.share->sd > 0.8 * 0.03);
}

void RemainingTest::restedAndCountedAreWeighedByTheirVariances() {
    const auto pack = sample_pack();
    LandedEvidence e;
    e.counted_ah = 0.52 * pack.fullChargeAh();
    e.counted_relative_sd = 0.05;
    const auto counted = remaining(pack, e).share.value();
    LandedEvidence r;
    r.rested_cell_v = open_circuit_cell_v(Chemistry::li_ion, 0.5);
    r.rest_s = 1e6;
    const auto rested = remaining(pack, r).share.value();
    e.rested_cell_v = r.rested_cell_v;
    e.rest_s = r.rest_s;
    const auto both = remaining(pack, e);
    QVERIFY(!both.disagreement);
    const double w1 = 1.0 / (counted.sd * counted.sd);
    const double w2 = 1.0 / (rested.sd * rested.sd);
    VERIFY_NEAR(both.share->value, (w1 * counted.value + w2 * rested.value) / (w1 + w2), 1e-9);
    VERIFY_NEAR(both.share->sd, 1.0 / std::sqrt(w1 + w2), 1e-9);
    QCOMPARE(both.methods.size(), std::size_t(2));
}

void RemainingTest::whatDisagreesIsSaidWithItsCause_data() {
    QTest::addColumn<double>("counted");
    QTest::addColumn<double>("rested");
    QTest::addColumn<double>("recharged");
    QTest::addColumn<double>("rest_s");
    QTest::addColumn<QString>("cause");
    // Shares left, as each method has them; below 0: not there.
    QTest::newRow("all of one mind") << 0.30 << 0.31 << 0.30 << 3600.0 << QString();
    QTest::newRow("counter and charger apart") << 0.60 << -1.0 << 0.30 << 3600.0 << QStringLiteral("sensor-scale");
    QTest::newRow("rested says more") << 0.20 << 0.60 << -1.0 << 3600.0 << QStringLiteral("sensor-reads-high");
    QTest::newRow("rested says less, long rest")
        << 0.60 << 0.20 << -1.0 << 3600.0 << QStringLiteral("pack-holds-less");
    QTest::newRow("rested says less, no rest")
        << 0.60 << 0.20 << -1.0 << 60.0 << QStringLiteral("not-rested-or-cold");
    // Before five minutes are over the voltage is still on its way back.
    QTest::newRow("rested says less, short of five minutes")
        << 0.60 << 0.20 << -1.0 << 290.0 << QStringLiteral("not-rested-or-cold");
    QTest::newRow("rested says less, after five minutes")
        << 0.60 << 0.20 << -1.0 << 310.0 << QStringLiteral("pack-holds-less");
    QTest::newRow("rested against the charger")
        << -1.0 << 0.20 << 0.60 << 3600.0 << QStringLiteral("pack-holds-less");
    QTest::newRow("the same, no rest") << -1.0 << 0.20 << 0.60 << 60.0 << QStringLiteral("not-rested-or-cold");
}

void RemainingTest::whatDisagreesIsSaidWithItsCause() {
    QFETCH(double, counted);
    QFETCH(double, rested);
    QFETCH(double, recharged);
    QFETCH(double, rest_s);
    QFETCH(QString, cause);
    const auto pack = sample_pack();
    const double full = pack.fullChargeAh();
    LandedEvidence e;
    e.counted_relative_sd = 0.03;
    e.rest_s = rest_s;
    if (counted >= 0.0) e.counted_ah = (1.0 - counted) * full;
    if (rested >= 0.0) e.rested_cell_v = open_circuit_cell_v(Chemistry::li_ion, rested);
    if (recharged >= 0.0) e.recharged_ah = (1.0 - recharged) * full;
    const auto left = remaining(pack, e);
    QCOMPARE(left.disagreement ? QString::fromLatin1(disagreement_word(*left.disagreement)) : QString(), cause);
    if (!left.disagreement) return;
    // Then the band holds both, and the diagnostic says the shares.
    double least = 1.0;
    double most = 0.0;
    for (const auto& method : left.methods) {
        least = std::min(least, method.share.value);
        most = std::max(most, method.share.value);
    }
    QVERIFY(left.share->sd >= 0.5 * (most - least) - 1e-12);
    const auto diagnostic = disagreement_diagnostic(left);
    QCOMPARE(QString::fromStdString(std::get<std::string>(diagnostic->parameters[0].value)), cause);
}

SOBREMESA_TEST(RemainingTest)
#include "tst_remaining.moc"
