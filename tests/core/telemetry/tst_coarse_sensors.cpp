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
