#include "core/telemetry/level_points.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::telemetry {

namespace {

// Common practice, no source.
constexpr std::size_t block_moments = 10; ///< that make one mean, a second each
constexpr double width_mps = 1.0;         ///< of airspeed that makes one point
constexpr double least_seconds = 20.0;    ///< that a point must rest on
/// Blocks next to each other share their gusts: an error of the mean is that of so many fewer.
constexpr double blocks_alike = 2.0;
/// Of a point's power whatever its blocks say: gusts that all of them share.
constexpr double least_power_sd = 0.01;

constexpr double least_climb_s = 15.0;
constexpr double least_climb_mps = 0.5;
constexpr double air_rises_mps = 0.25; ///< sd over `alike_s`
constexpr double alike_s = 30.0;

struct Block {
    double airspeed_mps = 0.0;
    double power_w = 0.0;
    double height_m = 0.0;
    double seconds = 0.0;
};

std::vector<Block> blocks_of(const Motion& motion, const WindEstimate& wind, const std::vector<Segment>& segments,
                             double climb_cost) {
    std::vector<Block> blocks;
    const double ground_m = motion.has_height && motion.first_airborne < motion.moments.size()
                                ? motion.moments[motion.first_airborne].height_m
                                : 0.0;
    for (const Segment& s : segments) {
        if (s.kind != SegmentKind::level && s.kind != SegmentKind::loiter) continue;
        for (std::size_t first = s.first; first + block_moments <= s.last; first += block_moments) {
            Block block;
            for (std::size_t i = first; i < first + block_moments; ++i) {
                const Moment& m = motion.moments[i];
                const double airspeed = airspeed_at(motion, wind, i);
                if (!std::isfinite(airspeed) || !std::isfinite(m.power_w)) continue;
                const double climb = std::isfinite(m.climb_mps) ? m.climb_mps : 0.0;
                block.airspeed_mps += airspeed;
                block.power_w += m.power_w - climb_cost * climb;
                block.height_m += std::isfinite(m.height_m) ? m.height_m - ground_m : 0.0;
                block.seconds += motion.step_s;
            }
            const double n = block.seconds / motion.step_s;
            if (n < 0.7 * double(block_moments)) continue;
            block.airspeed_mps /= n;
            block.power_w /= n;
            block.height_m /= n;
            blocks.push_back(block);
        }
    }
    return blocks;
}

LevelPoint point_of(const Block* first, const Block* last, double airspeed_sd_mps) {
    const double n = double(last - first);
    LevelPoint point;
    for (const Block* b = first; b != last; ++b) {
        point.airspeed_mps.value += b->airspeed_mps / n;
        point.power_w.value += b->power_w / n;
        point.height_m += b->height_m / n;
        point.seconds += b->seconds;
    }
    double spread = 0.0;
    for (const Block* b = first; b != last; ++b) spread += std::pow(b->power_w - point.power_w.value, 2);
    const double of_mean = n > 1.5 ? std::sqrt(blocks_alike * spread / (n - 1.0) / n) : 0.1 * point.power_w.value;
    point.power_w.sd = units::combine_sd(of_mean, least_power_sd * point.power_w.value);
    point.airspeed_mps.sd = airspeed_sd_mps;
    return point;
}

} // namespace

std::vector<LevelPoint> level_points(const Motion& motion, const WindEstimate& wind,
                                     const std::vector<Segment>& segments,
                                     const std::optional<units::Estimate>& climb_cost_w_per_mps) {
    if (!wind.known() || !motion.has_power) return {};
    auto blocks = blocks_of(motion, wind, segments, climb_cost_w_per_mps ? climb_cost_w_per_mps->value : 0.0);
    std::sort(blocks.begin(), blocks.end(),
              [](const Block& a, const Block& b) { return a.airspeed_mps < b.airspeed_mps; });
    std::vector<LevelPoint> points;
    for (std::size_t i = 0; i < blocks.size();) {
        std::size_t j = i + 1;
        while (j < blocks.size() && blocks[j].airspeed_mps - blocks[i].airspeed_mps < width_mps) ++j;
        const LevelPoint point = point_of(blocks.data() + i, blocks.data() + j, wind.airspeed_mps.sd);
        if (point.seconds >= least_seconds) points.push_back(point);
        i = j;
    }
    return points;
}

std::vector<ClimbPoint> climb_points(const Motion& motion, const WindEstimate& wind,
                                     const std::vector<Segment>& segments) {
    std::vector<ClimbPoint> points;
    if (!wind.known() || !motion.has_power || !motion.has_height) return points;
    const double ground_m =
        motion.first_airborne < motion.moments.size() ? motion.moments[motion.first_airborne].height_m : 0.0;
    for (const Segment& s : segments) {
        if (s.kind != SegmentKind::climb || s.end_s - s.start_s < least_climb_s) continue;
        ClimbPoint point;
        double n = 0.0;
        double squares = 0.0;
        for (std::size_t i = s.first; i < s.last; ++i) {
            const Moment& m = motion.moments[i];
            const double airspeed = airspeed_at(motion, wind, i);
            if (!std::isfinite(airspeed) || !std::isfinite(m.power_w) || !std::isfinite(m.climb_mps)) continue;
            n += 1.0;
            point.flown.airspeed_mps.value += airspeed;
            point.flown.power_w.value += m.power_w;
            squares += m.power_w * m.power_w;
            point.flown.height_m += m.height_m - ground_m;
            point.climb_mps.value += m.climb_mps;
        }
        point.flown.seconds = n * motion.step_s;
        if (point.flown.seconds < least_climb_s) continue;
        point.flown.airspeed_mps = {point.flown.airspeed_mps.value / n, wind.airspeed_mps.sd};
        point.flown.height_m /= n;
        point.climb_mps.value /= n;
        if (point.climb_mps.value < least_climb_mps) continue;
        const double mean_w = point.flown.power_w.value / n;
        const double spread_w = std::sqrt(std::max(squares / n - mean_w * mean_w, 0.0));
        const double alike = std::max(point.flown.seconds / double(block_moments), 1.0);
        point.flown.power_w = {mean_w, units::combine_sd(spread_w / std::sqrt(alike), least_power_sd * mean_w)};
        point.climb_mps.sd = air_rises_mps / std::sqrt(std::max(point.flown.seconds / alike_s, 1.0));
        points.push_back(point);
    }
    return points;
}

void complete(LogSummary& summary, const Findings& findings) {
    summary.level = level_points(findings.motion, findings.wind, findings.segments,
                                 findings.still ? findings.still->climb_cost_w_per_mps : std::nullopt);
    summary.pieces = steady_pieces(
        findings.motion, findings.segments,
        findings.still && findings.still->climb_cost_w_per_mps ? findings.still->climb_cost_w_per_mps->value : 0.0);
    summary.climbs = climb_points(findings.motion, findings.wind, findings.segments);
    summary.idle = idle_reading(findings.motion);
    if (findings.wind.known()) summary.wind_mps = findings.wind.speed_mps;
}

} // namespace sobremesa::telemetry
