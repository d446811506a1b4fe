// Coarse sensors and slow records are not frozen ones. Flights of the simulator, which shares no equation with what
// is judged, are written as radios write them: volts and amps to a tenth, whole metres, whole milliampere-hours, a
// row every five seconds to fifty a second.

#include <QTest>

#include "core/telemetry/consumption.hpp"
#include "core/units/constants.hpp"
#include "sim/fleet.hpp"
#include "sim/simulated_flight.hpp"
#include "support/coarse_log.hpp"
#include "support/test_program.hpp"

#include <algorithm>
#include <cmath>
#include <random>

using namespace sobremesa;
using telemetry::Channel;
using telemetry::FlightLog;

namespace {

const std::vector<FlightLog>& flights() {
    static const std::vector<FlightLog> all = [] {
        std::vector<FlightLog> logs;
        for (auto& flight : sim::fleet(75)) {
            // Sound sensors: what they do wrong is put in by the tests.
            flight.scenario.sensors.position_jumps = 0;
            flight.scenario.sensors.gaps = 0;
            logs.push_back(sim::simulate(flight.scenario).log);
        }
        return logs;
    }();
    return all;
}

telemetry::CleanLog cleaned(FlightLog log) {
    return *telemetry::clean(std::make_shared<const FlightLog>(std::move(log)));
}

double share_off(double is, double should) {
    return std::abs(is - should) / should;
}

/// Middle nine tenths of a column's rows.
double span(std::vector<double> values) {
    std::erase_if(values, [](double v) { return !std::isfinite(v); });
    std::sort(values.begin(), values.end());
    return values[values.size() - 1 - values.size() / 20] - values[values.size() / 20];
}

} // namespace

class CoarseSensorsTest : public QObject {
    Q_OBJECT
private slots:
    void sumsHoldAndNothingIsCalledFrozen();
    void wholeAmperesAreCountedByTheCounter();
    void aCoarseSensorThatStandsIsNotAtItsEnd();
    void freezesThatShowAreFound();
};

void CoarseSensorsTest::sumsHoldAndNothingIsCalledFrozen() {
    int judged = 0;
    int called_frozen = 0;
    double worst_charge = 0.0;
    double worst_energy = 0.0;
    for (const FlightLog& log : flights()) {
        const auto fine = *telemetry::summarise(cleaned(log));
        for (const double rate : tests::coarse_rates_hz) {
            const auto clean = cleaned(tests::coarse_log(log, rate));
            const auto coarse = *telemetry::summarise(clean);
            ++judged;
            const bool frozen =
                std::any_of(clean.diagnostics.begin(), clean.diagnostics.end(), [](const auto& diagnostic) {
                    return diagnostic.code == units::DiagnosticCode::sensor_stuck;
                });
            if (frozen) {
                ++called_frozen;
                for (const auto& diagnostic : clean.diagnostics) {
                    if (diagnostic.code == units::DiagnosticCode::sensor_stuck)
                        qInfo("%s at %g rows a second: %s", log.name.c_str(), rate,
                              std::get<std::string>(diagnostic.parameters[0].value).c_str());
                }
            }
            worst_charge =
                std::max(worst_charge, share_off(coarse.energy.charge_ah->value, fine.energy.charge_ah->value));
            worst_energy =
                std::max(worst_energy, share_off(coarse.energy.energy_wh->value, fine.energy.energy_wh->value));
        }
    }
    qInfo("%d logs, %d called frozen; charge off by %.2f %% at worst, energy by %.2f %%", judged, called_frozen,
          100.0 * worst_charge, 100.0 * worst_energy);
    QCOMPARE(judged, 300);
    QVERIFY(called_frozen <= 2);
    QVERIFY(worst_charge < 0.01);
    QVERIFY(worst_energy < 0.01);
}

/// The current as a sensor of whole amperes shows it, beside a counter in milliampere-hours that saw all of it.
FlightLog in_whole_amperes(FlightLog log) {
    auto& current = log[Channel::current_a];
    auto& counter = log[Channel::charge_ah];
    const auto& time = log[Channel::time_s];
    counter.assign(current.size(), 0.0);
    double used_ah = 0.0;
    for (std::size_t i = 0; i < current.size(); ++i) {
        if (i > 0 && std::isfinite(current[i]) && std::isfinite(current[i - 1]))
            used_ah += 0.5 * (current[i] + current[i - 1]) * (time[i] - time[i - 1]) / units::seconds_per_hour;
        counter[i] = std::round(1000.0 * used_ah) / 1000.0;
    }
    for (double& a : current) a = std::round(a);
    return log;
}

bool says(const telemetry::LogSummary& summary, units::DiagnosticCode code) {
    return std::any_of(summary.diagnostics.begin(), summary.diagnostics.end(),
                       [&](const auto& diagnostic) { return diagnostic.code == code; });
}

void CoarseSensorsTest::wholeAmperesAreCountedByTheCounter() {
    for (std::size_t f = 0; f < 20; ++f) {
        FlightLog log = flights()[f];
        // Of a light wing: an ampere or two.
        for (double& a : log[Channel::current_a]) a *= 0.3;
        for (double& ah : log[Channel::charge_ah]) ah *= 0.3;
        const auto fine = *telemetry::summarise(cleaned(log));
        const auto coarse = *telemetry::summarise(cleaned(in_whole_amperes(log)));
        QVERIFY(share_off(coarse.energy.charge_ah->value, fine.energy.charge_ah->value) < 0.01);
        QVERIFY(share_off(coarse.energy.energy_wh->value, fine.energy.energy_wh->value) < 0.01);
        QVERIFY(!says(coarse, units::DiagnosticCode::counter_disagrees));
        QVERIFY(!says(coarse, units::DiagnosticCode::sensor_saturated) ||
                says(fine, units::DiagnosticCode::sensor_saturated));
        // Without the counter nobody knows what the steps hide, and the band says so.
        FlightLog alone = in_whole_amperes(log);
        alone[Channel::charge_ah].clear();
        const auto blind = *telemetry::summarise(cleaned(alone));
        QVERIFY(std::abs(blind.energy.charge_ah->value - fine.energy.charge_ah->value) <
                2.5 * blind.energy.charge_ah->sd);
        QVERIFY(blind.energy.charge_ah->sd / blind.energy.charge_ah->value >
                fine.energy.charge_ah->sd / fine.energy.charge_ah->value);
    }
}

void CoarseSensorsTest::aCoarseSensorThatStandsIsNotAtItsEnd() {
    // A motor glider: two climbs of a minute at 25 A, a quarter of an ampere between them.
    std::mt19937 random(5);
    std::normal_distribution<double> scatter(0.0, 0.15);
    const auto said = [&](double step_a, double end_a) {
        FlightLog log;
        for (int t = 0; t < 1200; ++t) {
            const bool climbs = t < 60 || (t >= 600 && t < 660);
            log[Channel::time_s].push_back(t);
            log[Channel::voltage_v].push_back(12.0);
            const double amps = climbs ? 25.0 + scatter(random) : 0.25 + 0.1 * scatter(random);
            log[Channel::current_a].push_back(step_a * std::round(std::min(amps, end_a) / step_a));
            log.lines.push_back(std::uint32_t(t + 2));
        }
        log.rows_met = log.rows();
        return says(*telemetry::summarise(cleaned(log)), units::DiagnosticCode::sensor_saturated);
    };
    QVERIFY(!said(1.0, 100.0));
    QVERIFY(!said(0.1, 100.0));
    // A fine sensor that ends at 20 A.
    QVERIFY(said(0.01, 20.0));
}

void CoarseSensorsTest::freezesThatShowAreFound() {
    std::mt19937 random(42);
    int visible = 0;
    int found = 0;
    for (const tests::SensorStep& sensor : tests::sensor_steps) {
        const bool judged = sensor.channel == Channel::voltage_v || sensor.channel == Channel::current_a ||
                            sensor.channel == Channel::height_m || sensor.channel == Channel::ground_speed_mps;
        if (!judged) continue;
        int here_visible = 0;
        int here_found = 0;
        for (std::size_t f = 0; f < 40; ++f) {
            const double rate = tests::coarse_rates_hz[f % 4];
            FlightLog log = tests::coarse_log(flights()[f], rate);
            auto& column = log[sensor.channel];
            if (column.empty()) continue;
            // In the middle of the flight, one to four minutes.
            const auto& time = log[Channel::time_s];
            const double length_s = std::uniform_real_distribution<double>(60.0, 240.0)(random);
            const double begin_s = time.back() * std::uniform_real_distribution<double>(0.2, 0.5)(random) *
                                   (sensor.channel == Channel::height_m ? 0.1 : 1.0); // while it climbs
            const auto first = std::size_t(std::lower_bound(time.begin(), time.end(), begin_s) - time.begin());
            const auto last =
                std::min(std::size_t(std::lower_bound(time.begin(), time.end(), begin_s + length_s) - time.begin()),
                         time.size() - 1);
            if (last < first + 5) continue;
            const double change =
                span({column.begin() + std::ptrdiff_t(first), column.begin() + std::ptrdiff_t(last)});
            for (std::size_t i = first; i < last; ++i) column[i] = column[first];
            if (!(change > 3.1 * sensor.step)) continue; // three, and the rounding of this arithmetic
            ++here_visible;
            const auto clean = cleaned(std::move(log));
            std::size_t marked = 0;
            for (std::size_t i = 0; i < clean.rows.size(); ++i) {
                const bool inside = clean.rows[i] > first && clean.rows[i] < last;
                marked += inside && std::isnan(clean.value(sensor.channel, i)) ? 1 : 0;
            }
            if (2 * marked > last - first)
                ++here_found;
            else
                qInfo("missed: %s of flight %zu at %g rows a second, %.0f s, change %g",
                      telemetry::channel_word(sensor.channel), f, rate, length_s, change);
        }
        qInfo("%s: %d of %d freezes that show were found", telemetry::channel_word(sensor.channel), here_found,
              here_visible);
        visible += here_visible;
        found += here_found;
    }
    QVERIFY(visible >= 60);
    QVERIFY2(100 * found >= 95 * visible, qPrintable(QStringLiteral("%1 of %2").arg(found).arg(visible)));
}

SOBREMESA_TEST(CoarseSensorsTest)
#include "tst_coarse_sensors.moc"
