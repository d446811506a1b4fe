#include "core/telemetry/still_air.hpp"

#include <algorithm>
#include <cmath>

#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/huber.hpp"
#include "core/units/median.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::telemetry {

namespace {

constexpr double least_level_s = 30.0;
constexpr double correlation_time_s = 120.0;
/// An airspeed that is not known better than this share gives no consumption.
constexpr double most_airspeed_share_sd = 0.15;
/// A line through power over climb wants this much climb rate, sd in m/s.
constexpr double least_climb_spread_mps = 0.5;

struct Level {
    std::vector<std::size_t> moments;
    std::vector<double> power_w;
    double charge_per_energy = 0.0; ///< Ah per Wh: one over the mean volts
};

/// What a metre a second of climb costs, by least squares over all powered flight.
std::optional<units::Estimate> climb_cost(const Motion& motion, const std::vector<Segment>& segments) {
    double n = 0.0;
    double sc = 0.0;
    double sp = 0.0;
    double scc = 0.0;
    double scp = 0.0;
    double spp = 0.0;
    for (const Segment& s : segments) {
        if (s.kind != SegmentKind::climb && s.kind != SegmentKind::level && s.kind != SegmentKind::loiter) continue;
        for (std::size_t i = s.first; i < s.last; ++i) {
            const Moment& m = motion.moments[i];
            if (!std::isfinite(m.power_w) || !std::isfinite(m.climb_mps)) continue;
            n += 1.0;
            sc += m.climb_mps;
            sp += m.power_w;
            scc += m.climb_mps * m.climb_mps;
            scp += m.climb_mps * m.power_w;
            spp += m.power_w * m.power_w;
        }
    }
    if (n < least_level_s) return std::nullopt;
    const double spread = scc - sc * sc / n;
    if (std::sqrt(spread / n) < least_climb_spread_mps) return std::nullopt;
    const double slope = (scp - sc * sp / n) / spread;
    if (slope <= 0.0) return std::nullopt;
    const double scatter = std::max(spp - sp * sp / n - slope * slope * spread, 0.0) / std::max(n - 2.0, 1.0);
    // Neighbours are alike: some ten seconds count as one.
    constexpr double alike_s = 10.0;
    return units::Estimate{slope, std::sqrt(scatter / spread * alike_s)};
}

Level level_of(const Motion& motion, const std::vector<Segment>& segments, double cost_w_per_mps) {
    Level level;
    double charge = 0.0;
    double energy = 0.0;
    for (const Segment& s : segments) {
        if (s.kind != SegmentKind::level && s.kind != SegmentKind::loiter) continue;
        for (std::size_t i = s.first; i < s.last; ++i) {
            const Moment& m = motion.moments[i];
            if (!std::isfinite(m.power_w)) continue;
            const double climb = std::isfinite(m.climb_mps) ? m.climb_mps : 0.0;
            level.moments.push_back(i);
            level.power_w.push_back(m.power_w - cost_w_per_mps * climb);
            charge += m.current_a;
            energy += m.power_w;
        }
    }
    level.charge_per_energy = energy > 0.0 ? charge / energy : 0.0;
    return level;
}

struct Location {
    units::Estimate mean;
    double spread = 0.0;
};

/// Huber's mean, its sd by the scores' autocovariance, and the robust spread.
Location huber_mean(const std::vector<double>& values) {
    double centre = units::median(values);
    std::vector<double> off(values.size());
    for (std::size_t i = 0; i < values.size(); ++i) off[i] = std::abs(values[i] - centre);
    const double scale = std::max(1.4826 * units::median(off), 1e-3 * std::abs(centre) + 1e-9);
    std::vector<double> score(values.size());
    double slope = 1.0;
    for (int round = 0; round < 20; ++round) {
        double weights = 0.0;
        double sum = 0.0;
        double inside = 0.0;
        for (std::size_t i = 0; i < values.size(); ++i) {
            const double r = (values[i] - centre) / scale;
            const double w = units::huber_weight(r);
            weights += w;
            sum += w * values[i];
            inside += std::abs(r) <= units::huber_turn ? 1.0 : 0.0;
            score[i] = w * r * scale;
        }
        slope = inside / double(values.size());
        const double next = sum / weights;
        if (std::abs(next - centre) < 1e-6 * scale) break;
        centre = next;
    }
    const auto n = values.size();
    const auto lags = std::min(std::size_t(correlation_time_s), n / 3);
    double variance = 0.0;
    for (std::size_t i = 0; i < n; ++i) variance += score[i] * score[i];
    const double own = variance;
    for (std::size_t lag = 1; lag <= lags; ++lag) {
        double together = 0.0;
        for (std::size_t i = 0; i + lag < n; ++i) together += score[i] * score[i + lag];
        variance += 2.0 * (1.0 - double(lag) / double(lags + 1)) * together;
    }
    variance = std::max(variance, own);
    return {{centre, std::sqrt(variance) / (std::max(slope, 0.3) * double(n))}, scale};
}

/// A straight part of level flight.
struct Leg {
    double start_s = 0.0;
    int seconds = 0;
    double east = 0.0;
    double north = 0.0;
    double speed = 0.0;
    double power = 0.0;
};

std::vector<Leg> legs_of(const Motion& motion, const Level& level) {
    constexpr double straight_deg = 25.0;
    std::vector<Leg> legs;
    std::size_t before = 0;
    for (std::size_t k = 0; k < level.moments.size(); ++k) {
        const Moment& m = motion.moments[level.moments[k]];
        if (!std::isfinite(m.east_mps)) continue;
        const double course = units::degrees(std::atan2(m.east_mps, m.north_mps));
        const bool follows = !legs.empty() && level.moments[k] - before < 10;
        const double mean = legs.empty() ? 0.0 : units::degrees(std::atan2(legs.back().east, legs.back().north));
        if (!follows || std::abs(units::signed_turn_degrees(mean, course)) > straight_deg)
            legs.push_back({m.time_s, 0, 0.0, 0.0, 0.0, 0.0});
        Leg& leg = legs.back();
        ++leg.seconds;
        leg.east += m.east_mps;
        leg.north += m.north_mps;
        leg.speed += std::hypot(m.east_mps, m.north_mps);
        leg.power += level.power_w[k];
        before = level.moments[k];
    }
    return legs;
}

/// The longest two straight ways against each other.
std::optional<OutAndBackPair> pair_of(const Motion& motion, const Level& level, const WindEstimate& wind) {
    constexpr int least_leg_s = 45;
    constexpr double opposite_deg = 20.0;
    const auto legs = legs_of(motion, level);
    std::optional<OutAndBackPair> best;
    int longest = 0;
    for (std::size_t a = 0; a < legs.size(); ++a) {
        for (std::size_t b = a + 1; b < legs.size(); ++b) {
            const int shorter = std::min(legs[a].seconds, legs[b].seconds);
            if (shorter < least_leg_s || shorter <= longest) continue;
            const double one = units::degrees(std::atan2(legs[a].east, legs[a].north));
            const double other = units::degrees(std::atan2(-legs[b].east, -legs[b].north));
            if (std::abs(units::signed_turn_degrees(one, other)) > opposite_deg) continue;
            const auto mean = [](const Leg& leg, double value) { return value / leg.seconds; };
            const double along_mps = 0.5 * (mean(legs[a], legs[a].speed) + mean(legs[b], legs[b].speed));
            // What the wind takes across has to be flown too, as far as it is known.
            const double course = units::radians(one);
            const double cross =
                wind.known() ? wind.east_mps * std::cos(course) - wind.north_mps * std::sin(course) : 0.0;
            const double V = std::hypot(along_mps, cross);
            const double power = 0.5 * (mean(legs[a], legs[a].power) + mean(legs[b], legs[b].power));
            if (V < 1.0 || power <= 0.0) continue;
            longest = shorter;
            const double per_m = power / V / units::seconds_per_hour;
            const double differ =
                0.5 * std::abs(mean(legs[a], legs[a].power) - mean(legs[b], legs[b].power)) / power;
            constexpr double steadiness = 0.02;
            best = OutAndBackPair{
                legs[a].start_s, legs[b].start_s, {per_m, per_m * units::combine_sd(differ, steadiness)}};
        }
    }
    return best;
}

} // namespace

std::optional<StillAir> still_air(const Motion& motion, const WindEstimate& wind,
                                  const std::vector<Segment>& segments) {
    const bool speed_known = wind.knowledge == WindKnowledge::known || wind.knowledge == WindKnowledge::along_only;
    if (!speed_known || !motion.has_power || wind.airspeed_mps.value < 1.0) return std::nullopt;
    if (wind.airspeed_mps.sd > most_airspeed_share_sd * wind.airspeed_mps.value) return std::nullopt;
    StillAir result;
    result.climb_cost_w_per_mps = climb_cost(motion, segments);
    const double cost = result.climb_cost_w_per_mps ? result.climb_cost_w_per_mps->value : 0.0;
    const Level level = level_of(motion, segments, cost);
    result.level_s = double(level.moments.size()) * motion.step_s;
    if (result.level_s < least_level_s) return std::nullopt;

    const Location power = huber_mean(level.power_w);
    result.gust_power_sd_w = power.spread;
    result.level_power_w = power.mean;
    double V = wind.airspeed_mps.value;
    if (wind.known()) {
        // The speed of the level moments, not that of climbs and descents.
        std::vector<double> speeds;
        for (const std::size_t i : level.moments) {
            const double v = airspeed_at(motion, wind, i);
            if (std::isfinite(v)) speeds.push_back(v);
        }
        if (!speeds.empty()) V = huber_mean(speeds).mean.value;
    }
    result.airspeed_mps = {V, wind.airspeed_mps.sd};
    // Not every unsteadiness averages out: half descents give back less than half climbs take.
    constexpr double model_share_sd = 0.008;
    const double share_sd = units::combine_sd(units::combine_sd(power.mean.sd / power.mean.value, model_share_sd),
                                              wind.airspeed_mps.sd / V);
    const double per_m = power.mean.value / V / units::seconds_per_hour;
    result.energy_wh_per_m = {per_m, per_m * share_sd};
    if (level.charge_per_energy > 0.0)
        result.charge_ah_per_m =
            units::Estimate{per_m * level.charge_per_energy, per_m * level.charge_per_energy * share_sd};

    double air_m = 0.0;
    double energy_wh = 0.0;
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
        const Moment& m = motion.moments[i];
        if (m.empty) continue;
        const double v = wind.known() && std::isfinite(m.east_mps) ? airspeed_at(motion, wind, i) : V;
        air_m += v * motion.step_s;
        if (std::isfinite(m.power_w)) energy_wh += m.power_w * motion.step_s / units::seconds_per_hour;
    }
    const double air_share = wind.airspeed_mps.sd / V;
    result.air_m = {air_m, air_m * air_share};
    if (air_m > 0.0) result.through_air_wh_per_m = {energy_wh / air_m, energy_wh / air_m * air_share};
    result.pair = pair_of(motion, level, wind);
    return result;
}

void find_lift(std::vector<Segment>& segments, const Motion& motion, const StillAir& still) {
    if (!still.climb_cost_w_per_mps || !(still.climb_cost_w_per_mps->value > 0.0)) return;
    for (Segment& s : segments) {
        // At the ends of a flight the ground takes part in the balance.
        if (s.kind == SegmentKind::ground || s.kind == SegmentKind::launch || s.kind == SegmentKind::landing)
            continue;
        double sum = 0.0;
        double n = 0.0;
        for (std::size_t i = s.first; i < s.last; ++i) {
            const Moment& m = motion.moments[i];
            if (!std::isfinite(m.climb_mps) || !std::isfinite(m.power_w)) continue;
            sum += m.climb_mps - (m.power_w - still.level_power_w.value) / still.climb_cost_w_per_mps->value;
            n += 1.0;
        }
        if (n > 0.0) s.lift_mps = sum / n;
    }
}

std::optional<units::Explanation> explain(const StillAir& still, units::Quantity quantity) {
    using units::Quantity;
    units::Explanation why;
    why.quantity = quantity;
    why.relation = units::Relation::level_power_over_airspeed;
    why.source = units::Source::log_itself;
    why.inputs = {{Quantity::level_power, still.level_power_w, units::Origin::computed},
                  {Quantity::airspeed, still.airspeed_mps, units::Origin::computed}};
    switch (quantity) {
    case Quantity::still_air_energy_per_distance: why.value = still.energy_wh_per_m; return why;
    case Quantity::still_air_charge_per_distance:
        if (!still.charge_ah_per_m) return std::nullopt;
        why.value = *still.charge_ah_per_m;
        return why;
    case Quantity::air_distance:
        why.value = still.air_m;
        why.relation = units::Relation::airspeed_over_time;
        why.inputs = {{Quantity::airspeed, still.airspeed_mps, units::Origin::computed}};
        return why;
    default: return std::nullopt;
    }
}

} // namespace sobremesa::telemetry
