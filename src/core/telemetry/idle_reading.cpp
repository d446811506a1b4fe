#include "core/telemetry/idle_reading.hpp"

#include <algorithm>
#include <cmath>

#include "core/telemetry/calibration.hpp"

namespace sobremesa::telemetry {

namespace {

constexpr double least_ground_s = 5.0;
constexpr double least_offset_a = 0.15;
/// A reading of a few seconds is no better than the sensor's last digit, A.
constexpr double least_reading_sd_a = 0.005;

} // namespace

std::optional<IdleReading> idle_reading(const Motion& motion) {
    // A counter does not resolve what is drawn at rest.
    if (!motion.has_power || motion.current_counted || motion.first_airborne >= motion.last_airborne)
        return std::nullopt;
    double sum_a = 0.0;
    double squares = 0.0;
    double sum_v = 0.0;
    double n = 0.0;
    for (std::size_t i = 0; i < motion.moments.size(); ++i) {
        // The seconds around launch and touching down are neither.
        const bool on_ground = i + 2 < motion.first_airborne || i > motion.last_airborne + 2;
        const Moment& m = motion.moments[i];
        if (!on_ground || !std::isfinite(m.current_a) || !std::isfinite(m.power_w) || m.current_a == 0.0) continue;
        sum_a += m.current_a;
        squares += m.current_a * m.current_a;
        sum_v += m.power_w / m.current_a;
        n += 1.0;
    }
    if (n * motion.step_s < least_ground_s) return std::nullopt;
    IdleReading reading;
    const double mean_a = sum_a / n;
    reading.current_a = {mean_a,
                         std::max(std::sqrt(std::max(squares / n - mean_a * mean_a, 0.0) / n), least_reading_sd_a)};
    reading.voltage_v = sum_v / n;
    reading.seconds = n * motion.step_s;
    return reading;
}

bool SensorOffset::matters() const {
    return std::abs(offset_a.value) >= least_offset_a && std::abs(offset_a.value) >= 3.0 * offset_a.sd;
}

std::optional<SensorOffset> sensor_offset(const std::vector<IdleReading>& readings,
                                          const units::Estimate& electronics_w) {
    if (readings.empty()) return std::nullopt;
    double weights = 0.0;
    double read_a = 0.0;
    double volts = 0.0;
    for (const IdleReading& reading : readings) {
        const double weight = 1.0 / (reading.current_a.sd * reading.current_a.sd);
        weights += weight;
        read_a += weight * reading.current_a.value;
        volts += weight * reading.voltage_v;
    }
    read_a /= weights;
    volts /= weights;
    double squares = 0.0;
    for (const IdleReading& reading : readings)
        squares += std::pow((reading.current_a.value - read_a) / reading.current_a.sd, 2);
    const auto n = double(readings.size());
    // Flights that scatter more than their own errors say: Birge's ratio (Birge, Phys. Rev. 40, 1932).
    const double birge = n > 1.0 ? std::max(std::sqrt(squares / (n - 1.0)), 1.0) : 1.0;
    SensorOffset found;
    found.flights = int(readings.size());
    found.read_a = {read_a, birge / std::sqrt(weights)};
    found.really_a = {electronics_w.value / volts, electronics_w.sd / volts};
    found.offset_a = current_offset(found.read_a, found.really_a);
    return found;
}

} // namespace sobremesa::telemetry
