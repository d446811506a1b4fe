#include <QTest>

#include "core/book/by_hand.hpp"
#include "core/book/records.hpp"
#include "core/units/explanation.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using book::FlightFigures;

namespace {

FlightFigures flight(book::Id id, double minutes, double ground_m, double farthest_m, double wh) {
    FlightFigures figures;
    figures.flight_id = id;
    figures.summary.duration_s = 60.0 * minutes;
    figures.summary.distance.ground_m = units::Estimate{ground_m, 1.0};
    figures.summary.distance.farthest_from_home_m = units::Estimate{farthest_m, 1.0};
    figures.summary.energy.energy_wh = units::Estimate{wh, 0.1};
    figures.summary.energy.charge_ah = units::Estimate{wh / 15.0, 0.01};
    figures.summary.energy_wh_per_m = units::Estimate{wh / ground_m, 1e-5};
    return figures;
}

} // namespace

class RecordsTest : public QObject {
    Q_OBJECT
private slots:
    void noFlightsHaveNoBests();
    void eachBestIsItsOwnFlight();
    void aShortHopIsNeverThrifty();
    void flightsWithoutPositionCanStillBeTheLongest();
    void rechargeGoesBeforeCounting();
    void anotherPacksFlightsDoNotCount();
    void cyclesExplainThemselves();
    void figuresByHandCarryTheirErrors();
};

void RecordsTest::figuresByHandCarryTheirErrors() {
    // As documented: 7 % of a counter, 3 % of a charger and of a distance, 4 % more of the volts.
    battery::Pack pack;
    pack.chemistry = battery::Chemistry::li_ion;
    pack.series = 4;
    const double volts = book::usual_voltage_v(pack);
    QVERIFY(volts > 13.6 && volts < 15.2);
    book::HandFigures hand;
    hand.duration_s = 1800.0;
    hand.ground_m = 20000.0;
    hand.charge_ah = 2.0;
    const auto counted = book::summary_by_hand(hand, pack, 2.2);
    VERIFY_NEAR(counted.energy.charge_ah->value, 2.0, 1e-12);
    VERIFY_NEAR(counted.energy.charge_ah->sd, 0.07 * 2.0, 1e-12);
    VERIFY_NEAR(counted.energy.energy_wh->value, 2.0 * volts, 1e-9);
    VERIFY_NEAR(counted.energy.energy_wh->sd, 2.0 * volts * std::hypot(0.07, 0.04), 1e-9);
    VERIFY_NEAR(counted.distance.ground_m->sd, 0.03 * 20000.0, 1e-9);
    VERIFY_NEAR(counted.energy_wh_per_m->sd,
                counted.energy_wh_per_m->value * std::hypot(std::hypot(0.07, 0.04), 0.03), 1e-12);
    VERIFY_NEAR(*counted.energy.mean_power_w, 4.0 * volts, 1e-9);
    // What was read off a screen has no moment.
    hand.highest_current_a = 21.0;
    hand.highest_speed_mps = 24.0;
    const auto peaks = book::summary_by_hand(hand, pack, {});
    QCOMPARE(peaks.energy.highest_current->value, 21.0);
    QCOMPARE(peaks.energy.highest_current->at_s, 0.0);
    QCOMPARE(peaks.energy.highest_current->for_s, 0.0);
    QCOMPARE(peaks.distance.highest_ground_speed->at_s, 0.0);
    QCOMPARE(peaks.distance.highest_ground_speed->for_s, 0.0);
    hand.charge_ah.reset();
    const auto recharged = book::summary_by_hand(hand, pack, 2.2);
    VERIFY_NEAR(recharged.energy.charge_ah->value, 2.2, 1e-12);
    VERIFY_NEAR(recharged.energy.charge_ah->sd, 0.03 * 2.2, 1e-12);
}

void RecordsTest::noFlightsHaveNoBests() {
    const auto bests = book::personal_bests({});
    QVERIFY(!bests.longest && !bests.farthest && !bests.most_efficient);
}

void RecordsTest::eachBestIsItsOwnFlight() {
    const auto bests = book::personal_bests(
        {flight(1, 60, 20'000, 4'000, 40), flight(2, 30, 25'000, 12'000, 45), flight(3, 20, 12'000, 5'000, 14)});
    QCOMPARE(*bests.longest, 1);
    QCOMPARE(*bests.farthest, 2);
    QCOMPARE(*bests.most_efficient, 3);
}

void RecordsTest::aShortHopIsNeverThrifty() {
    // Gliding down from a hand launch: next to nothing used, and no record.
    const auto bests = book::personal_bests({flight(1, 2, 900, 300, 0.1), flight(2, 20, 12'000, 5'000, 14)});
    QCOMPARE(*bests.most_efficient, 2);
    const auto hop = book::personal_bests({flight(1, 2, 900, 300, 0.1)});
    QVERIFY(!hop.most_efficient);
}

void RecordsTest::flightsWithoutPositionCanStillBeTheLongest() {
    FlightFigures blind;
    blind.flight_id = 9;
    blind.summary.duration_s = 5000.0;
    const auto bests = book::personal_bests({flight(1, 30, 20'000, 4'000, 40), blind});
    QCOMPARE(*bests.longest, 9);
    QCOMPARE(*bests.farthest, 1);
}

void RecordsTest::rechargeGoesBeforeCounting() {
    battery::Pack pack;
    pack.parallel = 2;
    pack.cell_capacity_ah = 3.0;
    auto counted = flight(1, 30, 20'000, 4'000, 45); // 3 Ah by counting
    auto recharged = flight(2, 30, 20'000, 4'000, 45);
    counted.pack_id = 7;
    recharged.pack_id = 7;
    recharged.recharged_ah = 2.7;
    const auto use = book::pack_use({counted, recharged}, 7, pack);
    QCOMPARE(use.flights, 2);
    VERIFY_NEAR(use.charge_ah, 5.7, 1e-12);
    VERIFY_NEAR(use.full_cycles, 5.7 / 6.0, 1e-12);
}

void RecordsTest::anotherPacksFlightsDoNotCount() {
    battery::Pack pack;
    auto other = flight(1, 30, 20'000, 4'000, 45);
    other.pack_id = 8;
    const auto use = book::pack_use({other, flight(2, 30, 20'000, 4'000, 45)}, 7, pack);
    QCOMPARE(use.flights, 0);
    QCOMPARE(use.full_cycles, 0.0);
}

void RecordsTest::cyclesExplainThemselves() {
    battery::Pack pack;
    pack.parallel = 2;
    pack.cell_capacity_ah = 3.0;
    const auto cycles = book::explain_cycles({4, 12.0, 2.0}, pack);
    QCOMPARE(cycles.value.value, 2.0);
    QCOMPARE(cycles.inputs[0].value.value / cycles.inputs[1].value.value, cycles.value.value);
    const auto rated = book::explain_rated_charge(pack);
    QCOMPARE(rated.inputs[0].value.value * rated.inputs[1].value.value, rated.value.value);
    QCOMPARE(book::explain_flights(4).value.value, 4.0);
}

SOBREMESA_TEST(RecordsTest)
#include "tst_records.moc"
