#include "core/telemetry/steady_pieces.hpp"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/telemetry/segments.hpp"
#include "core/units/constants.hpp"
#include "core/units/median.hpp"

namespace sobremesa::telemetry {

namespace {

// Chosen on made flights, no source.
constexpr std::size_t block_moments = 10;
constexpr std::size_t blocks_that_last = 3;
constexpr double power_changed = 0.08;
constexpr double sure = 3.0;
constexpr double least_seconds = 20.0;
constexpr double straight_s = 30.0;
constexpr double sector_deg = 20.0;
/// Turning faster than this is a circle, not a way that bends.
constexpr double circling_deg_per_s = 1.5;
constexpr double off_course_deg = 25.0;
constexpr double blocks_alike = 2.0;
constexpr double least_power_sd = 0.01;
constexpr double least_gust_mps = 0.25;
constexpr double turning_deg_per_s = 4.0;
constexpr double least_turn_deg = 60.0;

struct Block {
    std::size_t first = 0;
    std::size_t last = 0;
    double power_w = 0.0;
    double height_m = 0.0;
    double seconds = 0.0;
    double course_deg = 0.0;
    double turned_deg = 0.0;
};

double course_of(const Moment& m) {
    return units::degrees(std::atan2(m.east_mps, m.north_mps));
}

bool counts(const Moment& m) {
    return std::isfinite(m.east_mps) && std::isfinite(m.north_mps) && std::isfinite(m.power_w) && m.power_w > 0.0;
}

std::vector<Block> blocks_of(const Motion& motion, const Segment& s, double climb_cost, double ground_m) {
    std::vector<Block> blocks;
    for (std::size_t first = s.first; first + block_moments <= s.last; first += block_moments) {
        Block block{first, first + block_moments};
        double east = 0.0;
        double north = 0.0;
        double n = 0.0;
        double before = std::nan("");
        for (std::size_t i = block.first; i < block.last; ++i) {
            const Moment& m = motion.moments[i];
            if (!counts(m)) continue;
            const double climb = std::isfinite(m.climb_mps) ? m.climb_mps : 0.0;
            block.power_w += m.power_w - climb_cost * climb;
            block.height_m += std::isfinite(m.height_m) ? m.height_m - ground_m : 0.0;
            east += m.east_mps;
            north += m.north_mps;
            const double course = course_of(m);
            if (std::isfinite(before)) block.turned_deg += units::signed_turn_degrees(before, course);
            before = course;
            n += 1.0;
        }
        if (n < 0.7 * double(block_moments)) continue;
        block.power_w /= n;
        block.height_m /= n;
        block.seconds = n * motion.step_s;
        block.course_deg = units::degrees(std::atan2(east, north));
        blocks.push_back(block);
    }
    return blocks;
}

double median_power(const std::vector<Block>& blocks, std::size_t first, std::size_t last) {
    std::vector<double> power;
    for (std::size_t i = first; i < last; ++i) power.push_back(blocks[i].power_w);
    return units::median(std::move(power));
}

/// From this block on the power is another one, or the course.
bool another_begins(const std::vector<Block>& blocks, std::size_t first, std::size_t at, double scatter_w) {
    const bool circling = std::abs(blocks[at].turned_deg) > circling_deg_per_s * blocks[at].seconds;
    const bool circled = std::abs(blocks[at - 1].turned_deg) > circling_deg_per_s * blocks[at - 1].seconds;
    if (!circling && !circled &&
        std::abs(units::signed_turn_degrees(blocks[first].course_deg, blocks[at].course_deg)) > off_course_deg)
        return true;
    if (circling != circled && at + 1 < blocks.size() &&
        (std::abs(blocks[at + 1].turned_deg) > circling_deg_per_s * blocks[at + 1].seconds) == circling)
        return true;
    if (at + blocks_that_last > blocks.size()) return false;
    const double before = median_power(blocks, first, at);
    const double after = median_power(blocks, at, at + blocks_that_last);
    const double least_w = std::max(power_changed * before, sure * scatter_w / std::sqrt(double(blocks_that_last)));
    if (std::abs(after - before) < least_w) return false;
    // All of them, not one gust.
    return std::all_of(blocks.begin() + std::ptrdiff_t(at), blocks.begin() + std::ptrdiff_t(at + blocks_that_last),
                       [&](const Block& b) { return std::abs(b.power_w - before) > 0.5 * least_w; });
}

class PieceSum {
public:
    PieceSum(const Motion& motion, const std::vector<Block>& blocks, std::size_t first, std::size_t last)
        : motion_(motion), blocks_(blocks), first_(first), last_(last) {}

    SteadyPiece piece() {
        SteadyPiece piece;
        const double n = double(last_ - first_);
        for (std::size_t i = first_; i < last_; ++i) {
            piece.power_w.value += blocks_[i].power_w / n;
            piece.height_m += blocks_[i].height_m / n;
            piece.seconds += blocks_[i].seconds;
        }
        double spread = 0.0;
        for (std::size_t i = first_; i < last_; ++i)
            spread += std::pow(blocks_[i].power_w - piece.power_w.value, 2);
        const double of_mean =
            n > 1.5 ? std::sqrt(blocks_alike * spread / (n - 1.0) / n) : 0.05 * piece.power_w.value;
        piece.power_w.sd = units::combine_sd(of_mean, least_power_sd * piece.power_w.value);
        double turned = 0.0;
        for (std::size_t i = first_; i < last_; ++i) turned += std::abs(blocks_[i].turned_deg);
        circling_ = turned > circling_deg_per_s * piece.seconds;
        piece.velocities = circling_ ? by_sector() : by_time();
        piece.gust_mps = gust_mps();
        return piece;
    }

private:
    struct Sum {
        double east = 0.0;
        double north = 0.0;
        double speed = 0.0;
        double n = 0.0;
        double time = 0.0;
        void add(const Moment& m) {
            east += m.east_mps;
            north += m.north_mps;
            speed += std::hypot(m.east_mps, m.north_mps);
            time += m.time_s;
            n += 1.0;
        }
    };

    GroundVelocity velocity(const Sum& sum) const {
        const double mean = std::hypot(sum.east, sum.north);
        return {sum.east / sum.n, sum.north / sum.n, sum.speed > 0.0 ? mean / sum.speed : 1.0,
                sum.n * motion_.step_s, sum.time / sum.n};
    }

    template <class Take>
    void each(const Take& take) const {
        for (std::size_t b = first_; b < last_; ++b) {
            for (std::size_t i = blocks_[b].first; i < blocks_[b].last; ++i)
                if (counts(motion_.moments[i])) take(motion_.moments[i]);
        }
    }

    std::vector<GroundVelocity> by_sector() const {
        // Sectors of the first and of the second half apart: a wind that grows shows between them.
        const double middle_s = 0.5 * (motion_.moments[blocks_[first_].first].time_s +
                                       motion_.moments[blocks_[last_ - 1].last - 1].time_s);
        std::map<std::pair<bool, int>, Sum> sectors;
        each([&](const Moment& m) {
            const int sector = int(std::floor(units::wrap_degrees(course_of(m)) / sector_deg));
            sectors[{m.time_s > middle_s, sector}].add(m);
        });
        std::vector<GroundVelocity> velocities;
        for (const auto& [key, sum] : sectors)
            if (sum.n > 1.5) velocities.push_back(velocity(sum));
        return velocities;
    }

    std::vector<GroundVelocity> by_time() const {
        std::vector<GroundVelocity> velocities;
        Sum sum;
        each([&](const Moment& m) {
            sum.add(m);
            if (sum.n * motion_.step_s < straight_s) return;
            velocities.push_back(velocity(sum));
            sum = {};
        });
        if (sum.n * motion_.step_s >= 0.3 * straight_s) velocities.push_back(velocity(sum));
        return velocities;
    }

    /// Of ten-second means around those next to them, so that turning and a growing wind do not count.
    double gust_mps() const {
        double squares = 0.0;
        double n = 0.0;
        for (std::size_t b = first_ + 1; b + 1 < last_; ++b) {
            const auto speed = [&](std::size_t at) {
                double sum = 0.0;
                double count = 0.0;
                for (std::size_t i = blocks_[at].first; i < blocks_[at].last; ++i) {
                    const Moment& m = motion_.moments[i];
                    if (!counts(m)) continue;
                    sum += std::hypot(m.east_mps, m.north_mps);
                    count += 1.0;
                }
                return sum / std::max(count, 1.0);
            };
            if (circling_) continue;
            const double second = speed(b) - 0.5 * (speed(b - 1) + speed(b + 1));
            squares += second * second / 1.5;
            n += 1.0;
        }
        return n > 0.0 ? std::max(std::sqrt(squares / n), least_gust_mps) : 0.0;
    }

    const Motion& motion_;
    const std::vector<Block>& blocks_;
    std::size_t first_;
    std::size_t last_;
    bool circling_ = false;
};

/// Turns from one course to another, whatever they were flown on: their power says nothing, but a circle's arc
/// shows the wind across the ways before and after it.
void add_turns(const Motion& motion, double ground_m, const std::vector<bool>& taken,
               std::vector<SteadyPiece>& pieces) {
    std::size_t i = motion.first_airborne + 1;
    while (i < motion.last_airborne) {
        SteadyPiece turn;
        double turned = 0.0;
        std::map<int, std::vector<const Moment*>> sectors;
        double height_m = 0.0;
        double n = 0.0;
        std::size_t calm = 0;
        std::size_t k = i;
        for (; k < motion.last_airborne && calm < 2; ++k) {
            const Moment& m = motion.moments[k];
            const Moment& before = motion.moments[k - 1];
            if (taken[k] || !std::isfinite(m.east_mps) || !std::isfinite(before.east_mps)) break;
            const double step = units::signed_turn_degrees(course_of(before), course_of(m));
            calm = std::abs(step) > turning_deg_per_s * motion.step_s ? 0 : calm + 1;
            if (n < 0.5 && calm > 0) break;
            turned += step;
            sectors[int(std::floor(units::wrap_degrees(course_of(m)) / sector_deg))].push_back(&m);
            height_m += std::isfinite(m.height_m) ? m.height_m - ground_m : 0.0;
            n += 1.0;
        }
        if (std::abs(turned) >= least_turn_deg) {
            for (const auto& [sector, moments] : sectors) {
                GroundVelocity v;
                double speed = 0.0;
                for (const Moment* m : moments) {
                    v.east_mps += m->east_mps / double(moments.size());
                    v.north_mps += m->north_mps / double(moments.size());
                    v.time_s += m->time_s / double(moments.size());
                    speed += std::hypot(m->east_mps, m->north_mps) / double(moments.size());
                }
                v.straightness = speed > 0.0 ? std::hypot(v.east_mps, v.north_mps) / speed : 1.0;
                v.seconds = double(moments.size()) * motion.step_s;
                turn.velocities.push_back(v);
            }
            turn.height_m = height_m / n;
            turn.seconds = n * motion.step_s;
            pieces.push_back(std::move(turn));
        }
        i = std::max(k, i + 1);
    }
}

} // namespace

std::vector<SteadyPiece> steady_pieces(const Motion& motion, const std::vector<Segment>& segments,
                                       double climb_cost_w_per_mps) {
    std::vector<SteadyPiece> pieces;
    if (!motion.has_power || !motion.has_velocity) return pieces;
    const double ground_m = motion.has_height && motion.first_airborne < motion.moments.size()
                                ? motion.moments[motion.first_airborne].height_m
                                : 0.0;
    std::vector<bool> taken(motion.moments.size(), false);
    for (const Segment& s : segments) {
        if (s.kind != SegmentKind::level && s.kind != SegmentKind::loiter) continue;
        const auto blocks = blocks_of(motion, s, climb_cost_w_per_mps, ground_m);
        if (blocks.empty()) continue;
        std::vector<double> steps;
        for (std::size_t i = 1; i < blocks.size(); ++i)
            steps.push_back(std::abs(blocks[i].power_w - blocks[i - 1].power_w));
        // Median of steps as the sd of a block.
        const double scatter_w = steps.empty() ? 0.0 : units::median(steps) * 1.4826 / std::sqrt(2.0);
        std::size_t first = 0;
        const auto close = [&](std::size_t last) {
            SteadyPiece piece = PieceSum(motion, blocks, first, last).piece();
            if (piece.seconds >= least_seconds && !piece.velocities.empty()) {
                for (std::size_t b = first; b < last; ++b)
                    std::fill(taken.begin() + std::ptrdiff_t(blocks[b].first),
                              taken.begin() + std::ptrdiff_t(blocks[b].last), piece.gust_mps == 0.0);
                pieces.push_back(std::move(piece));
            }
            first = last;
        };
        for (std::size_t i = 1; i < blocks.size(); ++i)
            if (i > first && another_begins(blocks, first, i, scatter_w)) close(i);
        close(blocks.size());
    }
    if (!pieces.empty()) add_turns(motion, ground_m, taken, pieces);
    return pieces;
}

} // namespace sobremesa::telemetry
