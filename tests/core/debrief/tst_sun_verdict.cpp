// Gaining, holding or losing: read from the logs of a simulated solar wing, whose sun, sky, array and pack have
// equations of their own.

#include <QTest>

#include "core/debrief/sun_verdict.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"
#include "sim/simulated_flight.hpp"
#include "sim/simulated_sun.hpp"
#include "support/compare.hpp"
#include "support/made_log.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using debrief::SunEvidence;
using debrief::SunVerdict;
using telemetry::Channel;

namespace {

/// A solar wing circling over home for ten minutes around noon in June, seen by one sensor at the load.
sim::Scenario scenario(std::uint64_t seed, double area_m2) {
    sim::Scenario s;
    s.seed = seed;
    s.start_clock_s = 1782043200.0; // 2026-06-21 12:00 UTC
    s.home_latitude_deg = 42.0;
    s.home_longitude_deg = 0.0;
    s.aircraft.mass_without_pack_kg = 1.2;
    s.aircraft.airspeed_mps = 12.5;
    s.aircraft.area_m2 = 0.55;
    s.aircraft.aspect_ratio = 8.0;
    s.aircraft.electronics_w = 5.0;
    s.pack.series = 5;
    s.pack.cell_capacity_ah = 2.7;
    s.pack.mass_kg = 0.25;
    s.array.area_m2 = area_m2;
    s.mission.kind = sim::SimulatedMission::Kind::loiter;
    s.mission.height_m = 60.0;
    s.mission.loiter_s = 640.0;
    s.sensors.rate_hz = 2.0;
    s.sensors.current_at_pack = false;
    s.weather.temperature_c = 24.0;
    s.weather.wind_mps = 2.0;
    return s;
}

battery::PackModel pack_of(const sim::Scenario& s) {
    battery::Pack pack;
    pack.chemistry = battery::Chemistry::li_ion;
    pack.series = s.pack.series;
    pack.parallel = s.pack.parallel;
    pack.cell_capacity_ah = s.pack.cell_capacity_ah;
    pack.mass_kg = s.pack.mass_kg;
    return battery::PackModel(pack);
}

struct Read {
    debrief::SunReading reading;
    double truth_w = 0.0;
};

Read read(const sim::Scenario& s, double volts_step) {
    auto flight = sim::simulate(s);
    if (volts_step > 0.0) {
        for (double& v : flight.log[Channel::voltage_v]) v = volts_step * std::round(v / volts_step);
    }
    const auto clean = *telemetry::clean(tests::shared(std::move(flight.log)));
    const auto found = *telemetry::find_out(clean);
    const auto reading = debrief::read_sun(clean, found, pack_of(s), s.weather.temperature_c);
    return {reading.value_or(debrief::SunReading{}), flight.truth.cruise_balance_w};
}

} // namespace

class SunVerdictTest : public QObject {
    Q_OBJECT
private slots:
    void tenMinutesTellGainFromLoss_data();
    void tenMinutesTellGainFromLoss();
    void threeSensorsTellItAll();
    void aSwitchedOffArrayIsRecognised();
    void tooShortIsNotTold();
    void theSimulatorsSunIsItsOwn();
};

void SunVerdictTest::tenMinutesTellGainFromLoss_data() {
    QTest::addColumn<double>("step");
    QTest::addColumn<double>("inside_w");
    QTest::newRow("volts to 0.01") << 0.01 << 3.0;
    QTest::newRow("volts to 0.1") << 0.1 << 8.0;
}

void SunVerdictTest::tenMinutesTellGainFromLoss() {
    QFETCH(double, step);
    QFETCH(double, inside_w);
    int outside = 0, right = 0, silent = 0, inside = 0, inside_silent = 0, held = 0;
    double worst = 0.0;
    for (int i = 0; i < 100; ++i) {
        const auto result = read(scenario(1000 + std::uint64_t(i), 0.10 + 0.0022 * i), step);
        const auto& r = result.reading;
        const bool told = r.verdict == SunVerdict::gaining || r.verdict == SunVerdict::losing;
        worst = std::max(worst, std::abs(r.balance_w.value - result.truth_w) / std::max(r.balance_w.sd, 0.1));
        held += std::abs(r.balance_w.value - result.truth_w) < 2.0 * r.balance_w.sd ? 1 : 0;
        if (qEnvironmentVariableIsSet("SOBREMESA_SUN_ROWS"))
            qInfo("%6.1f true %6.1f ± %4.1f read  %s  used %.0f out %.0f", result.truth_w, r.balance_w.value,
                  r.balance_w.sd, sun_verdict_word(r.verdict), r.used_s, r.left_out_s);
        if (std::abs(result.truth_w) <= inside_w) {
            ++inside;
            inside_silent += told ? 0 : 1;
            continue;
        }
        ++outside;
        silent += told ? 0 : 1;
        right += told && (r.verdict == SunVerdict::gaining) == (result.truth_w > 0.0) ? 1 : 0;
    }
    const QString said =
        QStringLiteral("outside %1: right %2, not told %3; inside %4: not told %5; in two sd %6, worst %7")
            .arg(outside)
            .arg(right)
            .arg(silent)
            .arg(inside)
            .arg(inside_silent)
            .arg(held)
            .arg(worst);
    qInfo("%s", qPrintable(said));
    QVERIFY2(outside > 50 && inside > 3, qPrintable(said));
    QVERIFY2(silent <= 0.2 * outside, qPrintable(said));
    QVERIFY2(right >= 0.95 * (outside - silent), qPrintable(said));
    QCOMPARE(inside_silent, inside);
    QVERIFY2(held >= 90, qPrintable(said));
}

void SunVerdictTest::threeSensorsTellItAll() {
    for (const double area : {0.12, 0.2, 0.3}) {
        auto s = scenario(77, area);
        s.sensors.current_at_pack = true;
        s.sensors.array_current = true;
        s.sensors.motor_current = true;
        const auto result = read(s, 0.0);
        QCOMPARE(result.reading.evidence, SunEvidence::pack_current);
        VERIFY_NEAR(result.reading.balance_w.value, result.truth_w, 2.0 * result.reading.balance_w.sd + 0.3);
        QVERIFY(result.reading.array_w);
        const auto why = debrief::explain(result.reading, units::Quantity::power_balance);
        QVERIFY(why && why->source == units::Source::log_itself);
        if (std::abs(result.truth_w) > 6.0)
            QCOMPARE(result.reading.verdict, result.truth_w > 0.0 ? SunVerdict::gaining : SunVerdict::losing);
    }
}

void SunVerdictTest::aSwitchedOffArrayIsRecognised() {
    auto s = scenario(5, 0.2);
    s.sensors.current_at_pack = true;
    s.sensors.array_current = true;
    auto flight = sim::simulate(s);
    // Two minutes without the array: its current goes into the pack's.
    auto& time = flight.log[Channel::time_s];
    auto& array = flight.log[Channel::array_current_a];
    auto& pack = flight.log[Channel::current_a];
    double moved_w = 0.0;
    int rows = 0;
    for (std::size_t i = 0; i < time.size(); ++i) {
        if (time[i] < 300.0 || time[i] > 420.0) continue;
        moved_w += array[i] * flight.log[Channel::voltage_v][i];
        ++rows;
        pack[i] += array[i];
        array[i] = 0.0;
    }
    const auto clean = *telemetry::clean(tests::shared(std::move(flight.log)));
    const auto reading = debrief::read_sun(clean, *telemetry::find_out(clean), pack_of(s), 24.0);
    QVERIFY(reading && reading->switched_off_w);
    VERIFY_NEAR(reading->switched_off_w->value, moved_w / rows, 2.0);
    // What is switched off is not part of the verdict.
    VERIFY_NEAR(reading->balance_w.value, flight.truth.cruise_balance_w, 3.0);
}

void SunVerdictTest::tooShortIsNotTold() {
    auto s = scenario(9, 0.3);
    s.mission.loiter_s = 120.0;
    const auto result = read(s, 0.01);
    QCOMPARE(result.reading.verdict, SunVerdict::cannot_tell);
    QCOMPARE(result.reading.used_s, 0.0);
}

void SunVerdictTest::theSimulatorsSunIsItsOwn() {
    // Within some per cent of any clear-sky model: around 1000 W/m² at midsummer noon at 42 °, nothing at night.
    const double noon = sim::simulated_clear_sky_w_per_m2(42.0, 0.0, 1782043200.0);
    QVERIFY2(noon > 880.0 && noon < 1050.0, qPrintable(QString::number(noon)));
    QCOMPARE(sim::simulated_clear_sky_w_per_m2(42.0, 0.0, 1782000000.0), 0.0);
    const double winter = sim::simulated_clear_sky_w_per_m2(60.0, 10.0, 1797853260.0);
    QVERIFY2(winter > 10.0 && winter < 120.0, qPrintable(QString::number(winter)));
}

SOBREMESA_TEST(SunVerdictTest)
#include "tst_sun_verdict.moc"
