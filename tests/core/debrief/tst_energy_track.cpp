// What a flight had used along the way, for laying flights over each other.

#include <QTest>

#include "core/debrief/energy_track.hpp"
#include "core/telemetry/consumption.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using debrief::TrackAxis;
using telemetry::Channel;

namespace {

telemetry::CleanLog clean(telemetry::FlightLog log) {
    return *telemetry::clean(tests::shared(std::move(log)));
}

} // namespace

class EnergyTrackTest : public QObject {
    Q_OBJECT
private slots:
    void itEndsWhereTheSummaryEnds();
    void evenPowerIsAStraightLine();
    void beyondItsEndThereIsNothing();
    void withoutPositionsThereIsOnlyTime();
    void withoutCurrentThereIsNone();
    void readingsOfANotebookMakeOne();
    void theShortestEndsTheCommonPart();
    void mostAndLeastAreFoundAtTheCommonEnd();
};

void EnergyTrackTest::itEndsWhereTheSummaryEnds() {
    const auto log = clean(tests::made_log());
    const auto summary = *telemetry::summarise(log);
    for (const std::size_t most : {5, 50, 100000}) {
        const auto track = debrief::energy_track(log, most);
        QVERIFY(track.time_s.size() <= most);
        QCOMPARE(track.ground_m.size(), track.time_s.size());
        VERIFY_NEAR(track.ground_m.back(), summary.distance.ground_m->value, 1.0);
        VERIFY_NEAR(track.energy_wh.back(), 80.0 * 600.0 / 3600.0, 1e-6);
        VERIFY_NEAR(track.time_s.back(), 600.0, 1e-9);
        QVERIFY(std::is_sorted(track.ground_m.begin(), track.ground_m.end()));
    }
    // Never more than asked for, wherever the strides come out: of 601 rows.
    for (std::size_t most = 3; most < 310; ++most) QVERIFY(debrief::energy_track(log, most).time_s.size() <= most);
}

void EnergyTrackTest::evenPowerIsAStraightLine() {
    // 80 W at 10 m/s are 8 J a metre, whatever the thinning; a hairpin hides up to two chords of 20 m,
    // and thinned readings lie between.
    const auto track = debrief::energy_track(clean(tests::made_log()), 20);
    for (double at_s = 0.0; at_s <= 600.0; at_s += 7.0)
        VERIFY_NEAR(*debrief::energy_at(track, TrackAxis::time, at_s), 80.0 * at_s / 3600.0, 1e-6);
    for (double at_m = 100.0; at_m < 5900.0; at_m += 300.0)
        VERIFY_NEAR(*debrief::energy_at(track, TrackAxis::distance, at_m), at_m * 8.0 / 3600.0,
                    45.0 * 8.0 / 3600.0);
}

void EnergyTrackTest::beyondItsEndThereIsNothing() {
    const auto track = debrief::energy_track(clean(tests::made_log()));
    QVERIFY(debrief::energy_at(track, TrackAxis::time, 0.0));
    QVERIFY(debrief::energy_at(track, TrackAxis::time, 600.0));
    QVERIFY(!debrief::energy_at(track, TrackAxis::time, 600.1));
    QVERIFY(!debrief::energy_at(track, TrackAxis::time, -1.0));
    QVERIFY(!debrief::energy_at(track, TrackAxis::distance, 1e5));
}

void EnergyTrackTest::withoutPositionsThereIsOnlyTime() {
    auto log = tests::made_log();
    log[Channel::latitude_deg].clear();
    log[Channel::longitude_deg].clear();
    const auto track = debrief::energy_track(clean(std::move(log)));
    QVERIFY(!track.time_s.empty());
    QVERIFY(track.ground_m.empty());
    QVERIFY(!debrief::energy_at(track, TrackAxis::distance, 0.0));
    QCOMPARE(debrief::common_end({&track}, TrackAxis::distance), 0.0);
}

void EnergyTrackTest::withoutCurrentThereIsNone() {
    auto log = tests::made_log();
    log[Channel::current_a].clear();
    QVERIFY(debrief::energy_track(clean(std::move(log))).time_s.empty());
}

void EnergyTrackTest::readingsOfANotebookMakeOne() {
    // By hand: 0.5 Ah at 16.0 V (nothing was read before), 0.5 Ah between 16.0 and 15.0 V, 0.25 Ah at 15.0 V.
    const std::vector<telemetry::NotedReading> readings = {{600.0, 1.0, 15.0, {}, 6000.0},
                                                           {300.0, 0.5, 16.0, {}, 3000.0}};
    const telemetry::NotedReading landed{900.0, 1.25, {}, {}, 8000.0};
    const auto track = debrief::energy_track(readings, landed, 14.0);
    QCOMPARE(track.time_s, std::vector<double>({0.0, 300.0, 600.0, 900.0}));
    QCOMPARE(track.ground_m, std::vector<double>({0.0, 3000.0, 6000.0, 8000.0}));
    VERIFY_NEAR(track.energy_wh[1], 8.0, 1e-12);
    VERIFY_NEAR(track.energy_wh[2], 8.0 + 7.75, 1e-12);
    VERIFY_NEAR(track.energy_wh[3], 8.0 + 7.75 + 3.75, 1e-12);
    // Where a distance is missing there is none to lay it along; without volts the usual ones count.
    const auto timed = debrief::energy_track({{{300.0}, {0.5}, {}, {}, {}}}, landed, 14.0);
    QVERIFY(timed.ground_m.empty());
    VERIFY_NEAR(timed.energy_wh.back(), 1.25 * 14.0, 1e-12);
    // A landing that was not counted, or less than what had been read, is left out.
    QCOMPARE(debrief::energy_track(readings, {{900.0}, {0.9}, {}, {}, {}}, 14.0).time_s.size(), std::size_t(3));
    QVERIFY(debrief::energy_track({{{}, {0.5}, {15.0}, {}, {}}}, landed, 14.0).time_s.empty());
}

void EnergyTrackTest::theShortestEndsTheCommonPart() {
    debrief::EnergyTrack near{{0.0, 100.0}, {0.0, 1500.0}, {0.0, 2.0}};
    debrief::EnergyTrack far{{0.0, 90.0}, {0.0, 2500.0}, {0.0, 4.0}};
    QCOMPARE(debrief::common_end({&near, &far}, TrackAxis::distance), 1500.0);
    QCOMPARE(debrief::common_end({&near, &far}, TrackAxis::time), 90.0);
    QCOMPARE(*debrief::energy_at(far, TrackAxis::distance, 1500.0), 2.4);
    QCOMPARE(debrief::common_end({}, TrackAxis::time), 0.0);
}

void EnergyTrackTest::mostAndLeastAreFoundAtTheCommonEnd() {
    debrief::EnergyTrack sun{{0.0, 100.0}, {0.0, 2000.0}, {0.0, -1.0}}; // gave more than was used
    debrief::EnergyTrack near{{0.0, 100.0}, {0.0, 1500.0}, {0.0, 2.0}};
    debrief::EnergyTrack far{{0.0, 90.0}, {0.0, 2500.0}, {0.0, 4.0}};
    const auto spread = debrief::energy_spread({&near, &sun, &far}, TrackAxis::distance);
    QVERIFY(spread);
    QCOMPARE(spread->at, 1500.0);
    QCOMPARE(spread->least, std::size_t(1));
    QCOMPARE(spread->most, std::size_t(2));
    QCOMPARE(spread->least_wh, -0.75);
    QCOMPARE(spread->most_wh, 2.4);
    QVERIFY(!debrief::energy_spread({&near}, TrackAxis::time));
    debrief::EnergyTrack placeless{{0.0, 10.0}, {}, {0.0, 1.0}};
    QVERIFY(!debrief::energy_spread({&near, &placeless}, TrackAxis::distance));
}

SOBREMESA_TEST(EnergyTrackTest)
#include "tst_energy_track.moc"
