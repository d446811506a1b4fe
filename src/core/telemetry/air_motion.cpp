#include "core/telemetry/air_motion.hpp"

#include <algorithm>
#include <cmath>
#include <limits>
#include <utility>

#include "core/units/constants.hpp"
#include "core/units/median.hpp"
#include "core/units/quantile.hpp"

namespace sobremesa::telemetry {

namespace {

constexpr double missing = std::numeric_limits<double>::quiet_NaN();
/// Longest flight that is laid out second by second, s: four days. A clock that jumps ends there.
constexpr double longest_s = 4.0 * 86400.0;
constexpr double velocity_half_window_s = 2.0;
constexpr double climb_half_window_s = 3.0;
/// A counter's last digit, a milliampere-hour, is a third of an ampere over ten seconds.
constexpr double counter_half_window_s = 5.0;
/// Places farther apart than this are told from those that a receiver only repeats, s; slower than the second, it
/// knows no velocity.
constexpr double slow_fixes_s = 1.5;
constexpr double slowest_fixes_s = 15.0;

/// Sums of what fell into one second.
struct Sum {
    double total = 0.0;
    int count = 0;
    void add(double value) {
        if (!std::isfinite(value)) return;
        total += value;
        ++count;
    }
    double mean() const { return count > 0 ? total / count : missing; }
};

struct Second {
    Sum east, north, x, y, t, height, climb, power, current, heading_east, heading_north, airspeed, throttle;
    /// Where charge or energy is counted and neither current nor power written.
    Sum counted, volts;
    int rows = 0;
};

/// Slope of a line through (t, y) of the seconds around one, per s; NaN with fewer than two that count.
template <class Value>
double slope(const std::vector<Second>& seconds, std::size_t at, double half_window_s, Value value) {
    const auto reach = std::size_t(half_window_s);
    const std::size_t from = at > reach ? at - reach : 0;
    const std::size_t to = std::min(at + reach + 1, seconds.size());
    double n = 0.0;
    double st = 0.0;
    double sy = 0.0;
    double stt = 0.0;
    double sty = 0.0;
    for (std::size_t i = from; i < to; ++i) {
        const double y = value(seconds[i]);
        // Times as measured, relative: positions do not fall into the middle of their second.
        const double t = seconds[i].t.mean() - double(at);
        if (!std::isfinite(y) || !std::isfinite(t)) continue;
        n += 1.0;
        st += t;
        sy += y;
        stt += t * t;
        sty += t * y;
    }
    const double spread = n * stt - st * st;
    return n < 2.0 || spread < 1e-9 ? missing : (n * sty - st * sy) / spread;
}

/// Launch and landing: outside of them the aircraft neither moves over ground nor stands above the launch, and
/// draws no more than its electronics. Where neither is recorded, by what it draws.
void find_airborne(Motion& motion) {
    constexpr double moving_mps = 3.0;
    constexpr double above_m = 5.0;
    constexpr double dead_band_s = 3.0;
    double ground_m = missing;
    for (const Moment& m : motion.moments) {
        if (std::isfinite(m.height_m)) {
            ground_m = m.height_m;
            break;
        }
    }
    double last_m = ground_m;
    for (const Moment& m : motion.moments) {
        if (std::isfinite(m.height_m)) last_m = m.height_m;
    }
    // Without places and heights only the draw tells: of somebody who flies, far above that of what waits on the
    // ground.
    const bool told = std::any_of(motion.moments.begin(), motion.moments.end(), [](const Moment& m) {
        return std::isfinite(m.height_m) || std::isfinite(m.east_mps);
    });
    const auto draw = [](const Moment& m) { return std::isfinite(m.power_w) ? m.power_w : m.current_a; };
    double flying_draw = missing;
    if (!told) {
        std::vector<double> draws;
        for (const Moment& m : motion.moments) {
            if (draw(m) > 0.0) draws.push_back(draw(m));
        }
        constexpr double usual_place = 0.75;
        if (!draws.empty()) flying_draw = ground_draw_share * units::quantile(draws, usual_place);
    }
    const auto flies = [&](const Moment& m, double base_m) {
        if (!told) return draw(m) > flying_draw;
        const bool moves = std::hypot(m.east_mps, m.north_mps) > moving_mps;
        const bool high = std::isfinite(base_m) && m.height_m - base_m > above_m;
        return moves || high;
    };
    const auto held = [&](std::size_t i, double base_m) {
        // One second of scatter is no launch.
        for (std::size_t k = i; k < std::min(i + std::size_t(dead_band_s), motion.moments.size()); ++k) {
            if (!motion.moments[k].empty && !flies(motion.moments[k], base_m)) return false;
        }
        return flies(motion.moments[i], base_m);
    };
    std::size_t first = 0;
    while (first < motion.moments.size() && !held(first, ground_m)) ++first;
    std::size_t last = motion.moments.size();
    while (last > first && !flies(motion.moments[last - 1], last_m)) --last;
    motion.first_airborne = first;
    motion.last_airborne = last;
}

/// The counter whose slope is what is drawn, where neither current nor power was written.
std::optional<Channel> counter_for_draw(const FlightLog& log) {
    if (log.has(Channel::current_a) || log.has(Channel::power_w)) return std::nullopt;
    if (log.has(Channel::charge_ah)) return Channel::charge_ah;
    return log.has(Channel::energy_wh) ? std::optional(Channel::energy_wh) : std::nullopt;
}

/// Gathers rows into seconds, and seconds into moments.
class Gathering {
public:
    explicit Gathering(const CleanLog& log)
        : log_(log), raw_(*log.raw), start_s_(log.time_s(0)),
          length_s_(std::min(log.time_s(log.rows.size() - 1) - start_s_, longest_s)),
          by_speed_(raw_.has(Channel::ground_speed_mps) && raw_.has(Channel::course_deg)),
          counter_(counter_for_draw(raw_)), seconds_(std::size_t(length_s_) + 1) {
        if (!raw_.has(Channel::latitude_deg) || !log.home) return;
        if (auto made = geodesy::LocalFrame::around(*log.home)) frame_ = *made;
        find_fix_interval();
    }

    void take_row(std::size_t i) {
        const double t = log_.time_s(i) - start_s_;
        if (!(t >= 0.0) || t > length_s_) return;
        const auto second = std::size_t(t);
        if (i > 0 && second > last_second_ + 1 && !log_.step_is_gap(i)) bridges_.emplace_back(last_second_, second);
        last_second_ = second;
        Second& s = seconds_[second];
        ++s.rows;
        s.t.add(t);
        // Speed and course without positions are taken as they are.
        const bool fix = !raw_.has(Channel::latitude_deg) || log_.position_ok.empty() || log_.position_ok[i] != 0;
        if (by_speed_ && fix) {
            const double speed = read(Channel::ground_speed_mps, i);
            const double course = units::radians(read(Channel::course_deg, i));
            s.east.add(speed * std::sin(course));
            s.north.add(speed * std::cos(course));
        }
        if (frame_ && fix && !by_speed_ && is_fresh(i)) {
            const auto here = frame_->forward(log_.position(i));
            s.x.add(here.east_m);
            s.y.add(here.north_m);
        }
        s.height.add(read(Channel::height_m, i));
        s.climb.add(read(Channel::climb_mps, i));
        if (raw_.has(Channel::current_a)) {
            // What the aircraft takes is what leaves the pack and what the array adds.
            double amps = log_.value(Channel::current_a, i);
            if (raw_.has(Channel::array_current_a)) {
                const double array_a = log_.value(Channel::array_current_a, i);
                if (std::isfinite(array_a)) amps += array_a;
            }
            s.current.add(amps);
            if (raw_.has(Channel::voltage_v)) s.power.add(amps * log_.value(Channel::voltage_v, i));
        } else if (raw_.has(Channel::power_w)) {
            const double watts = log_.value(Channel::power_w, i);
            s.power.add(watts);
            const double volts = read(Channel::voltage_v, i);
            if (volts > 0.0) s.current.add(watts / volts);
        }
        if (counter_) {
            s.counted.add(read(*counter_, i));
            s.volts.add(read(Channel::voltage_v, i));
        }
        const double heading = units::radians(read(Channel::heading_deg, i));
        s.heading_east.add(std::sin(heading));
        s.heading_north.add(std::cos(heading));
        s.airspeed.add(read(Channel::airspeed_mps, i));
        s.throttle.add(read(Channel::throttle_share, i));
    }

    std::vector<Moment> moments() const {
        std::vector<Moment> all(seconds_.size());
        for (std::size_t i = 0; i < all.size(); ++i) all[i] = moment(i);
        if (!by_speed_ && frame_ && fix_interval_s_ == 0.0) {
            sharpen(all, &Moment::east_mps);
            sharpen(all, &Moment::north_mps);
        }
        if (log_.usual_step_s >= slow_fixes_s) {
            mark_abrupt(all);
            if (is_slow_record() && fix_interval_s_ > 0.0 && !by_speed_) {
                straighten(all, &Moment::east_mps);
                straighten(all, &Moment::north_mps);
            }
        }
        for (const auto& [from, to] : bridges_) bridge(all, from, to);
        return all;
    }

    static std::vector<std::size_t> with_rows(const std::vector<Moment>& all) {
        std::vector<std::size_t> rows;
        for (std::size_t i = 0; i < all.size(); ++i) {
            if (!all[i].empty) rows.push_back(i);
        }
        return rows;
    }

    static void mark_abrupt(std::vector<Moment>& all) {
        // A circle flown in a wind of half the airspeed keeps more of its speed from row to row.
        constexpr double least_share = 0.4;
        const std::vector<std::size_t> rows = with_rows(all);
        for (std::size_t k = 1; k < rows.size(); ++k) {
            Moment& a = all[rows[k - 1]];
            Moment& b = all[rows[k]];
            const double before = std::hypot(a.east_mps, a.north_mps);
            const double after = std::hypot(b.east_mps, b.north_mps);
            if (std::min(before, after) < least_share * std::max(before, after)) a.abrupt = b.abrupt = true;
        }
    }

    /// Rows slower than the second, each with a place of its own.
    bool is_slow_record() const {
        constexpr double own_place = 0.75;
        return log_.usual_step_s >= slow_fixes_s && log_.usual_step_s > own_place * fix_interval_s_;
    }

    /// The slope between the row before and the row after cuts a turn short. A cubic spline through the places (de
    /// Boor, A Practical Guide to Splines, ch. IV) has velocities of which a sixth of the second difference, added,
    /// makes that slope: found in two rounds, which amplify noise less than the spline itself.
    void straighten(std::vector<Moment>& all, double Moment::*value) const {
        const std::vector<std::size_t> rows = with_rows(all);
        std::vector<double> blunt;
        blunt.reserve(rows.size());
        for (const std::size_t i : rows) blunt.push_back(all[i].*value);
        std::vector<double> sharp = blunt;
        constexpr int rounds = 2;
        const double longest_row_step_s = 1.5 * log_.usual_step_s + 1.0;
        for (int round = 0; round < rounds; ++round) {
            const std::vector<double> before = sharp;
            for (std::size_t k = 1; k + 1 < rows.size(); ++k) {
                if (all[rows[k]].abrupt) continue;
                if (double(rows[k + 1] - rows[k]) > longest_row_step_s ||
                    double(rows[k] - rows[k - 1]) > longest_row_step_s)
                    continue;
                const double curved = (before[k + 1] - 2.0 * before[k] + before[k - 1]) / 6.0;
                if (std::isfinite(curved)) sharp[k] = blunt[k] - curved;
            }
        }
        for (std::size_t k = 0; k < rows.size(); ++k) all[rows[k]].*value = sharp[k];
    }

    /// The seconds between two that are known, straight from one to the other.
    static void bridge(std::vector<Moment>& all, std::size_t from, std::size_t to) {
        const Moment& a = all[from];
        const Moment& b = all[to];
        for (std::size_t i = from + 1; i < to; ++i) {
            Moment& m = all[i];
            const double share = double(i - from) / double(to - from);
            m.empty = false;
            m.between_rows = true;
            for (const auto part :
                 {&Moment::east_mps, &Moment::north_mps, &Moment::height_m, &Moment::climb_mps, &Moment::power_w,
                  &Moment::current_a, &Moment::airspeed_mps, &Moment::throttle_share})
                m.*part = std::lerp(a.*part, b.*part, share);
            m.heading_deg = units::wrap_degrees(a.heading_deg +
                                                share * units::signed_turn_degrees(a.heading_deg, b.heading_deg));
        }
    }

    /// The slope of a line through places within 2 s cuts a turn short, by (0.57 + 0.04) ω² of the velocity at ω
    /// radians a second: as much as 15 % of its second difference over 2 s.
    static void sharpen(std::vector<Moment>& all, double Moment::*value) {
        constexpr std::size_t reach = std::size_t(velocity_half_window_s);
        constexpr double cut = 0.61 / (velocity_half_window_s * velocity_half_window_s);
        std::vector<double> blunt;
        blunt.reserve(all.size());
        for (const Moment& m : all) blunt.push_back(m.*value);
        for (std::size_t i = reach; i + reach < all.size(); ++i) {
            const double more = cut * (blunt[i + reach] - 2.0 * blunt[i] + blunt[i - reach]);
            if (std::isfinite(more)) all[i].*value -= more;
        }
    }

private:
    /// How far apart places are that differ: a receiver may be slower than the record, and repeats its place
    /// meanwhile, or the record itself slow.
    void find_fix_interval() {
        std::vector<double> intervals;
        std::optional<std::size_t> changed;
        for (std::size_t i = 0; i < log_.rows.size(); ++i) {
            if (!log_.position_ok.empty() && log_.position_ok[i] == 0) continue;
            if (changed && is_same_place(*changed, i)) continue;
            if (changed) intervals.push_back(log_.time_s(i) - log_.time_s(*changed));
            changed = i;
        }
        if (intervals.empty()) return;
        fix_interval_s_ = std::min(units::median(intervals), slowest_fixes_s);
        // A few changes among many rows are no receiver's pace: it stands, and was carried a step.
        constexpr std::size_t least_changes = 5;
        if (intervals.size() < least_changes && fix_interval_s_ > 1.5 * log_.usual_step_s) fix_interval_s_ = 0.0;
        // Where second follows second nothing need be told apart.
        if (fix_interval_s_ < slow_fixes_s) fix_interval_s_ = 0.0;
    }

    bool is_same_place(std::size_t a, std::size_t b) const {
        const geodesy::Position one = log_.position(a);
        const geodesy::Position other = log_.position(b);
        return one.latitude_deg == other.latitude_deg && one.longitude_deg == other.longitude_deg;
    }

    /// Not the place of a row before, repeated; one that stays for longer than the receiver takes is where the
    /// aircraft is.
    bool is_fresh(std::size_t i) {
        if (fix_interval_s_ == 0.0) return true;
        if (!fresh_ || !is_same_place(*fresh_, i)) {
            fresh_ = i;
            return true;
        }
        return log_.time_s(i) - log_.time_s(*fresh_) > 1.5 * fix_interval_s_;
    }

    double read(Channel channel, std::size_t i) const {
        return raw_.has(channel) ? log_.value(channel, i) : missing;
    }

    Moment moment(std::size_t i) const {
        const Second& s = seconds_[i];
        Moment m;
        m.time_s = start_s_ + double(i) + 0.5;
        m.empty = s.rows == 0;
        m.east_mps = s.east.mean();
        m.north_mps = s.north.mean();
        if (!by_speed_ && frame_ && !m.empty) {
            const double half_s = std::max(velocity_half_window_s, std::ceil(1.1 * fix_interval_s_));
            m.east_mps = slope(seconds_, i, half_s, [](const Second& x) { return x.x.mean(); });
            m.north_mps = slope(seconds_, i, half_s, [](const Second& x) { return x.y.mean(); });
        }
        m.height_m = s.height.mean();
        m.climb_mps = s.climb.mean();
        if (raw_.has(Channel::height_m) && !m.empty) {
            const double half_s = std::max(climb_half_window_s, std::ceil(1.1 * log_.usual_step_s));
            m.climb_mps = slope(seconds_, i, half_s, [](const Second& x) { return x.height.mean(); });
        }
        m.power_w = s.power.mean();
        m.current_a = s.current.mean();
        if (counter_ && !m.empty) {
            const double half_s = std::max(counter_half_window_s, std::ceil(1.1 * log_.usual_step_s));
            const double a_second = slope(seconds_, i, half_s, [](const Second& x) { return x.counted.mean(); });
            // One that starts again within the window says nothing.
            const double an_hour = a_second >= 0.0 ? a_second * units::seconds_per_hour : missing;
            const double volts = s.volts.mean();
            const bool charge = *counter_ == Channel::charge_ah;
            m.current_a = charge ? an_hour : an_hour / volts;
            m.power_w = charge ? an_hour * volts : an_hour;
        }
        m.heading_deg =
            units::wrap_degrees(units::degrees(std::atan2(s.heading_east.mean(), s.heading_north.mean())));
        m.airspeed_mps = s.airspeed.mean();
        m.throttle_share = s.throttle.mean();
        return m;
    }

    const CleanLog& log_;
    const FlightLog& raw_;
    double start_s_;
    double length_s_;
    bool by_speed_;
    std::optional<Channel> counter_;
    std::vector<Second> seconds_;
    std::size_t last_second_ = 0;
    /// Seconds with rows that have some without between them, and no gap.
    std::vector<std::pair<std::size_t, std::size_t>> bridges_;
    std::optional<geodesy::LocalFrame> frame_;
    /// Seconds between places that differ, where these are seconds; else 0.
    double fix_interval_s_ = 0.0;
    std::optional<std::size_t> fresh_;
};

} // namespace

units::Result<Motion> motion(const CleanLog& log, const std::stop_token& stop) {
    Motion result;
    if (log.rows.empty()) return result;
    Gathering gathering(log);
    constexpr std::size_t rows_between_questions = 1 << 16;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        if (i % rows_between_questions == 0 && stop.stop_requested())
            return units::failure(units::ErrorCode::cancelled);
        gathering.take_row(i);
    }
    result.moments = gathering.moments();
    result.current_counted = counter_for_draw(*log.raw).has_value();
    if (log.usual_step_s > result.step_s) result.row_step_s = log.usual_step_s;
    const auto any = [&](double Moment::*value) {
        return std::any_of(result.moments.begin(), result.moments.end(),
                           [&](const Moment& m) { return std::isfinite(m.*value); });
    };
    result.has_velocity = any(&Moment::east_mps);
    result.has_height = any(&Moment::climb_mps);
    result.has_power = any(&Moment::power_w);
    result.has_heading = any(&Moment::heading_deg);
    // A column of zeros is a sensor that is not fitted.
    std::vector<double> airspeeds;
    for (const Moment& m : result.moments) {
        if (std::isfinite(m.airspeed_mps)) airspeeds.push_back(m.airspeed_mps);
    }
    result.has_airspeed = units::median(airspeeds) > 1.0;
    find_airborne(result);
    return result;
}

} // namespace sobremesa::telemetry
