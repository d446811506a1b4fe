#include "core/telemetry/leg_power.hpp"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <utility>

#include "core/units/constants.hpp"
#include "core/units/median.hpp"

namespace sobremesa::telemetry {

namespace {

constexpr double least_leg_s = 60.0;
constexpr double same_course_deg = 25.0;
/// Slower than this over ground there is no course.
constexpr double least_course_mps = 2.0;
constexpr double level_climb_mps = 0.7;
constexpr double correlation_time_s = 40.0;

double course_deg(const Moment& m) {
    if (!(std::hypot(m.east_mps, m.north_mps) > least_course_mps)) return std::nan("");
    return units::degrees(std::atan2(m.east_mps, m.north_mps));
}

std::optional<units::Estimate> level_power_w(const Motion& motion, std::size_t first, std::size_t last) {
    std::vector<double> power;
    for (std::size_t i = first; i < last; ++i) {
        const Moment& m = motion.moments[i];
        const bool level = !motion.has_height || std::abs(m.climb_mps) < level_climb_mps;
        if (level && std::isfinite(m.power_w) && m.power_w > 0.0) power.push_back(m.power_w);
    }
    if (double(power.size()) * motion.step_s < least_leg_s) return std::nullopt;
    const double middle = units::median(power);
    const double independent = std::max(double(power.size()) * motion.step_s / correlation_time_s, 1.0);
    for (double& p : power) p = std::abs(p - middle);
    // Median of absolute deviations as an sd, and what a median loses against a mean.
    return units::Estimate{middle, 1.2533 * 1.4826 * units::median(std::move(power)) / std::sqrt(independent)};
}

} // namespace

std::vector<LegPower> leg_powers(const Motion& motion, std::size_t first, std::size_t last) {
    std::vector<LegPower> legs;
    if (!motion.has_power || !motion.has_velocity) return legs;
    const auto close = [&](std::size_t from, std::size_t to) {
        if (double(to - from) * motion.step_s < least_leg_s) return;
        if (const auto power = level_power_w(motion, from, to)) legs.push_back({from, to, *power});
    };
    std::size_t begin = first;
    double east = 0.0;
    double north = 0.0;
    for (std::size_t i = first; i < last; ++i) {
        const double course = course_deg(motion.moments[i]);
        if (!std::isfinite(course)) continue;
        const bool same =
            (east == 0.0 && north == 0.0) ||
            std::abs(units::signed_turn_degrees(units::degrees(std::atan2(east, north)), course)) < same_course_deg;
        if (!same) {
            close(begin, i);
            begin = i;
            east = north = 0.0;
        }
        east += motion.moments[i].east_mps;
        north += motion.moments[i].north_mps;
    }
    close(begin, last);
    return legs;
}

bool powers_differ(const std::vector<LegPower>& legs) {
    constexpr double differ_share = 0.1;
    constexpr double sure = 3.0;
    for (std::size_t a = 0; a < legs.size(); ++a) {
        for (std::size_t b = a + 1; b < legs.size(); ++b) {
            const double apart = std::abs(legs[a].power_w.value - legs[b].power_w.value);
            const double sd = units::combine_sd(legs[a].power_w.sd, legs[b].power_w.sd);
            if (apart > differ_share * std::min(legs[a].power_w.value, legs[b].power_w.value) && apart > sure * sd)
                return true;
        }
    }
    return false;
}

std::vector<double> paces(const std::vector<LegPower>& legs, std::size_t first, std::size_t last,
                          double airspeed_per_power) {
    if (first >= last) return {};
    std::vector<double> pace(last - first, 1.0);
    if (legs.empty()) return pace;
    const auto of = [&](const LegPower& leg) { return std::pow(leg.power_w.value, airspeed_per_power); };
    std::size_t k = 0;
    for (std::size_t i = first; i < last; ++i) {
        while (k + 1 < legs.size() && legs[k + 1].first <= i) ++k;
        double value = of(legs[k]);
        if (i >= legs[k].last && k + 1 < legs.size()) {
            const double share = double(i - legs[k].last + 1) / double(legs[k + 1].first - legs[k].last + 1);
            value = std::lerp(value, of(legs[k + 1]), share);
        }
        pace[i - first] = value;
    }
    const double mean = std::accumulate(pace.begin(), pace.end(), 0.0) / double(pace.size());
    for (double& p : pace) p /= mean;
    return pace;
}

} // namespace sobremesa::telemetry
