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

/// @param wander_v  added to the volts, up and down every hundred seconds: what no model of the pack explains
Read read(const sim::Scenario& s, double volts_step, double wander_v = 0.0) {
    auto flight = sim::simulate(s);
    for (std::size_t i = 0; i < flight.log.rows(); ++i) {
        constexpr double per_second = 2.0 * 3.14159265358979 / 100.0;
        flight.log[Channel::voltage_v][i] += wander_v * std::sin(per_second * flight.log[Channel::time_s][i]);
    }
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
    void aSensorAtThePackShowsTheCharging();
    void aSwitchedOffArrayIsRecognised();
    void aSlowDescentIsNotSun();
    void theTestIsReadPartByPart();
    void tooShortIsNotTold();
    void voltsThatWanderWidenTheError();
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

/// A sensor that never shows less than nothing sits behind the array and counts the sun along; one that shows
/// current into the pack does not, nor does a log that has the array's own.
void SunVerdictTest::aSensorAtThePackShowsTheCharging() {
    const auto counts = [](telemetry::FlightLog log, bool has_array = true) {
        airframe::Aircraft aircraft;
        if (has_array) aircraft.array.emplace();
        return debrief::counts_the_sun(*telemetry::clean(tests::shared(std::move(log))), aircraft);
    };
    auto log = tests::made_log(301);
    QVERIFY(counts(log));
    QVERIFY(!counts(log, false));
    log[telemetry::Channel::current_a][150] = -1.5;
    QVERIFY(!counts(log));
    log[telemetry::Channel::current_a][150] = -0.1; // a sensor's own zero
    QVERIFY(counts(log));
    log[telemetry::Channel::array_current_a].assign(301, 1.0);
    QVERIFY(!counts(log));
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

void SunVerdictTest::aSlowDescentIsNotSun() {
    auto s = scenario(21, 0.2);
    s.mission.height_m = 200.0;
    s.sensors.current_at_pack = true;
    s.sensors.array_current = true;
    auto flight = sim::simulate(s);
    const auto as_flown = *telemetry::clean(tests::shared(flight.log));
    const double truth_w =
        debrief::read_sun(as_flown, *telemetry::find_out(as_flown), pack_of(s), 24.0)->balance_w.value;
    VERIFY_NEAR(truth_w, flight.truth.cruise_balance_w, 2.0);
    // For five of the ten minutes it sinks by 0.3 m/s, on a tenth less power: m·g·ḣ/η by hand, 1.45 kg · 9.81 · 0.3
    // / 0.6 = 7.1 W, that no sun gave.
    auto& time = flight.log[Channel::time_s];
    auto& height = flight.log[Channel::height_m];
    auto& current = flight.log[Channel::current_a];
    const double end_s = time.back();
    constexpr double saved_w = 7.1;
    for (std::size_t i = 0; i < time.size(); ++i) {
        if (time[i] < 0.25 * end_s) continue;
        height[i] -= 0.3 * std::min(time[i] - 0.25 * end_s, 300.0);
        if (time[i] < 0.25 * end_s + 300.0) current[i] -= saved_w / flight.log[Channel::voltage_v][i];
    }
    const auto clean = *telemetry::clean(tests::shared(std::move(flight.log)));
    const auto reading = debrief::read_sun(clean, *telemetry::find_out(clean), pack_of(s), 24.0);
    QVERIFY(reading);
    // What of it leaves the band of level flight is left out as a descent.
    QVERIFY2(reading->drifting_s > 200.0 && reading->drifting_s < 310.0,
             qPrintable(QString::number(reading->drifting_s)));
    // Counted, it makes 4.0 W of sun (seen with the drift left in).
    VERIFY_NEAR(reading->balance_w.value, truth_w, 1.7);
}

void SunVerdictTest::theTestIsReadPartByPart() {
    auto s = scenario(22, 0.2);
    s.sensors.current_at_pack = true;
    s.sensors.array_current = true;
    auto flight = sim::simulate(s);
    auto& time = flight.log[Channel::time_s];
    auto& volts = flight.log[Channel::voltage_v];
    auto& array = flight.log[Channel::array_current_a];
    auto& pack = flight.log[Channel::current_a];
    // Minute 4 with the motor off, minutes 7 and 8 with the array off; and it glides in to land.
    double glide_w = 0.0, cruise_w = 0.0;
    int glides = 0, cruises = 0;
    for (std::size_t i = 0; i < time.size(); ++i) {
        const double load_a = pack[i] + array[i];
        if (time[i] >= 240.0 && time[i] < 300.0) {
            pack[i] = 5.0 / volts[i] - array[i];
            glide_w += volts[i] * array[i];
            ++glides;
        } else if (time[i] >= 420.0 && time[i] < 540.0) {
            pack[i] = load_a;
            array[i] = 0.0;
        } else if (time[i] > 120.0 && time[i] < 240.0) {
            cruise_w += volts[i] * pack[i];
            ++cruises;
        }
    }
    const auto clean = *telemetry::clean(tests::shared(std::move(flight.log)));
    const auto reading = debrief::read_sun(clean, *telemetry::find_out(clean), pack_of(s), 24.0);
    QVERIFY(reading);
    using Kind = debrief::SunPart::Kind;
    std::vector<Kind> kinds;
    for (const auto& part : reading->parts) kinds.push_back(part.kind);
    const std::vector<Kind> flown = {Kind::cruise,    Kind::motor_off, Kind::cruise,
                                     Kind::array_off, Kind::cruise,    Kind::motor_off};
    QString said;
    for (const auto& part : reading->parts)
        said += QStringLiteral("%1 %2-%3; ")
                    .arg(QLatin1String(debrief::sun_part_word(part.kind)))
                    .arg(part.start_s)
                    .arg(part.end_s);
    QVERIFY2(kinds == flown, qPrintable(said));
    const auto& parts = reading->parts;
    VERIFY_NEAR(parts[1].start_s, 240.0, 6.0);
    VERIFY_NEAR(parts[1].end_s, 300.0, 6.0);
    VERIFY_NEAR(parts[1].array_w->value, glide_w / glides, 2.0);
    VERIFY_NEAR(parts[1].load_w, 5.0, 1.0);
    VERIFY_NEAR(parts[0].pack_w->value, cruise_w / cruises, 2.0);
    VERIFY_NEAR(parts[3].array_w->value, 0.0, 0.1);
    VERIFY_NEAR(parts[3].pack_w->value, parts[3].load_w, 1e-9);
    // One sensor at the load: what was flown is seen, what went into the pack is not.
    auto one = scenario(22, 0.2);
    auto seen = sim::simulate(one);
    const auto clean_one = *telemetry::clean(tests::shared(std::move(seen.log)));
    const auto by_volts = debrief::read_sun(clean_one, *telemetry::find_out(clean_one), pack_of(one), 24.0);
    QVERIFY(by_volts && !by_volts->parts.empty());
    QVERIFY(!by_volts->parts[0].pack_w && by_volts->parts[0].load_w > 10.0);
}

void SunVerdictTest::tooShortIsNotTold() {
    auto s = scenario(9, 0.3);
    s.mission.loiter_s = 120.0;
    const auto result = read(s, 0.01);
    QCOMPARE(result.reading.verdict, SunVerdict::cannot_tell);
    QCOMPARE(result.reading.used_s, 0.0);
}

/// Residuals that are large, and hang together, are worth fewer than they are: the error says so.
void SunVerdictTest::voltsThatWanderWidenTheError() {
    const auto s = scenario(77, 0.2);
    const double calm_w = read(s, 0.01).reading.balance_w.sd;
    const double wandering_w = read(s, 0.01, 0.1).reading.balance_w.sd;
    QVERIFY(calm_w > 0.0);
    QVERIFY2(wandering_w > 2.0 * calm_w, qPrintable(QStringLiteral("%1 W, %2 W").arg(calm_w).arg(wandering_w)));
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
