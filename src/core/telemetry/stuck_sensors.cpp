#include "core/telemetry/stuck_sensors.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <utility>

#include "core/telemetry/air_motion.hpp"
#include "core/units/constants.hpp"
#include "core/units/median.hpp"
#include "core/units/quantile.hpp"

namespace sobremesa::telemetry {

namespace {

/// Shorter runs are not judged.
constexpr double least_run_s = 10.0;
constexpr std::size_t least_run_rows = 4;
/// Above this ground speed the aircraft flies, m/s.
constexpr double flying_mps = 3.0;
/// What must be exceeded: a change hidden by rounding, and what the expectation may be off.
constexpr double hidden_steps = 2.0;
constexpr double expectation_sds = 3.0;

// Noise of what is compared with, one standard deviation.
constexpr double height_by_climb_sd_m = 2.0;
constexpr double height_by_gps_sd_m = 5.0;
constexpr double speed_by_positions_sd = 0.7;
constexpr double course_by_positions_sd_deg = 12.0;
/// An aircraft may point elsewhere than it goes, and the more so in a changing wind.
constexpr double heading_by_course_sd_deg = 20.0;

/// Windows in which neighbours are compared: so many rows, and so long.
constexpr std::size_t least_window_rows = 16;
constexpr double least_window_s = 10.0;
constexpr double chance_of_silence = 1e-6;

using Column = std::vector<double>;

Column values_of(const CleanLog& log, Channel channel) {
    Column result(log.rows.size(), missing_value);
    if (!log.raw->has(channel)) return result;
    const auto& raw = (*log.raw)[channel];
    for (std::size_t i = 0; i < result.size(); ++i) result[i] = raw[log.rows[i]];
    return result;
}

/// Difference between high and low of some rows, leaving out the wildest twentieth at each end.
std::optional<double> span(const Column& values, const Run& run) {
    Column some;
    for (std::size_t i = run.first; i < run.last; ++i) {
        if (std::isfinite(values[i])) some.push_back(values[i]);
    }
    if (some.size() < least_run_rows) return std::nullopt;
    const std::size_t low = some.size() / 20;
    const std::size_t high = some.size() - 1 - low;
    std::nth_element(some.begin(), some.begin() + std::ptrdiff_t(low), some.end());
    const double least = some[low];
    std::nth_element(some.begin(), some.begin() + std::ptrdiff_t(high), some.end());
    return some[high] - least;
}

/// A current above this is that of a flight, A.
double half_of_median(const Column& current) {
    Column drawn;
    for (const double amps : current) {
        if (std::isfinite(amps)) drawn.push_back(amps);
    }
    return drawn.empty() ? 0.0 : 0.5 * units::median(std::move(drawn));
}

/// What is surely drawn in flight, also where most of a log was spent on the ground, A.
double flown_draw_a(const Column& current) {
    constexpr double surely_flown = 0.9;
    Column drawn;
    for (const double amps : current) {
        if (std::isfinite(amps)) drawn.push_back(amps);
    }
    return drawn.empty() ? 0.0 : units::quantile(drawn, surely_flown);
}

/// Metres east and north from one place to another that is not far.
std::pair<double, double> way_between(const geodesy::Position& a, const geodesy::Position& b) {
    constexpr double metres_per_degree = 111320.0;
    return {std::remainder(b.longitude_deg - a.longitude_deg, 360.0) * metres_per_degree *
                std::cos(units::radians(a.latitude_deg)),
            (b.latitude_deg - a.latitude_deg) * metres_per_degree};
}

bool has_positions(const CleanLog& log) {
    return log.position_ok.size() == log.rows.size() && log.raw->has(Channel::latitude_deg);
}

/// Speed over ground by places some seconds apart, for logs that have no column of it.
Column speed_by_positions(const CleanLog& log) {
    constexpr double least_s = 4.0;
    Column speed(log.rows.size(), missing_value);
    std::optional<std::size_t> from;
    for (std::size_t i = 0; i < speed.size(); ++i) {
        if (!log.position_ok[i]) continue;
        if (!from) from = i;
        const double seconds = log.time_s(i) - log.time_s(*from);
        if (seconds < least_s) continue;
        const auto [east, north] = way_between(log.position(*from), log.position(i));
        std::fill(speed.begin() + std::ptrdiff_t(*from), speed.begin() + std::ptrdiff_t(i) + 1,
                  std::hypot(east, north) / seconds);
        from = i;
    }
    return speed;
}

/// Whether the aircraft is under way, row by row.
std::vector<std::uint8_t> flying_rows(const CleanLog& log, Channel judged) {
    std::vector<std::uint8_t> flying(log.rows.size(), 1);
    const bool has_speed = log.raw->has(Channel::ground_speed_mps);
    const bool by_speed = has_speed ? judged != Channel::ground_speed_mps : has_positions(log);
    const bool by_current = log.raw->has(Channel::current_a) && judged != Channel::current_a;
    const Column speed =
        by_speed && !has_speed ? speed_by_positions(log) : values_of(log, Channel::ground_speed_mps);
    const Column current = values_of(log, Channel::current_a);
    const double half_a = half_of_median(current);
    for (std::size_t i = 0; i < flying.size(); ++i) {
        const bool moves = by_speed && speed[i] > flying_mps;
        const bool draws = by_current && current[i] > half_a;
        if (by_speed || by_current) flying[i] = moves || (!by_speed && draws) ? 1 : 0;
    }
    return flying;
}

bool can_tell_flying(const CleanLog& log, Channel judged) {
    if (log.raw->has(Channel::current_a) && judged != Channel::current_a) return true;
    return log.raw->has(Channel::ground_speed_mps) ? judged != Channel::ground_speed_mps : has_positions(log);
}

/// Rows at both ends of a log in which the aircraft may stand, where only the channel itself could tell: a motor at
/// rest draws the same from row to row, a pack under no load keeps its volts.
class MaybeGround {
public:
    MaybeGround(const CleanLog& log, Channel judged, const Column& values, const std::vector<Run>& runs)
        : last_(values.size()), rows_(values.size()) {
        if (can_tell_flying(log, judged)) return;
        if (judged == Channel::current_a) {
            const double ground_a = ground_draw_share * flown_draw_a(values);
            const auto draws = [ground_a](double amps) { return amps > ground_a; };
            first_ = std::size_t(std::find_if(values.begin(), values.end(), draws) - values.begin());
            last_ = rows_ - std::size_t(std::find_if(values.rbegin(), values.rend(), draws) - values.rbegin());
            return;
        }
        if (runs.front().seconds >= least_run_s) first_ = runs.front().last;
        if (runs.back().seconds >= least_run_s) last_ = runs.back().first;
    }

    bool holds(const Run& run) const { return run.last <= first_ || run.first >= last_; }

    void take_out_of(std::vector<std::uint8_t>& flying) const {
        std::fill(flying.begin(), flying.begin() + std::ptrdiff_t(std::min(first_, rows_)), std::uint8_t(0));
        std::fill(flying.begin() + std::ptrdiff_t(std::max(first_, last_)), flying.end(), std::uint8_t(0));
    }

private:
    std::size_t first_ = 0;
    std::size_t last_;
    std::size_t rows_;
};

double share_flying(const std::vector<std::uint8_t>& flying, std::size_t first, std::size_t last) {
    std::size_t count = 0;
    for (std::size_t i = first; i < last; ++i) count += flying[i];
    return last > first ? double(count) / double(last - first) : 0.0;
}

/// Whether a sensor's readings go up and down as those of real sensors do; one that only rises and falls smoothly,
/// as a course does, may well stand still in between.
bool is_noisy(const std::vector<Run>& runs, const Column& values) {
    constexpr double least_share = 0.2;
    std::size_t turns = 0;
    for (std::size_t i = 2; i < runs.size(); ++i) {
        const double before = values[runs[i - 1].first] - values[runs[i - 2].first];
        const double after = values[runs[i].first] - values[runs[i - 1].first];
        turns += before * after < 0.0 ? 1 : 0;
    }
    return double(turns) > least_share * double(runs.size());
}

/// Readings alike for longer than this sensor's noise allows.
class Silence {
public:
    Silence(const CleanLog& log, const Column& values, const std::vector<std::uint8_t>& flying)
        : values_(values), flying_(flying) {
        const double step_s = log.rows.size() > 1
                                  ? (log.time_s(log.rows.size() - 1) - log.time_s(0)) / double(log.rows.size() - 1)
                                  : 1.0;
        rows_ = std::max(least_window_rows, std::size_t(least_window_s / std::max(step_s, 1e-6)));
    }

    bool broken_by(const Run& run) const {
        // How often neighbours are alike elsewhere in this flight: in its quietest windows.
        std::vector<double> shares;
        for (std::size_t from = 0; from + rows_ < values_.size(); from += rows_) {
            const bool apart = from + rows_ <= run.first || from >= run.last;
            if (!apart || share_flying(flying_, from, from + rows_) < 0.95) continue;
            std::size_t same = 0;
            for (std::size_t i = from + 1; i < from + rows_; ++i) same += values_[i] == values_[i - 1] ? 1 : 0;
            shares.push_back(double(same) / double(rows_ - 1));
        }
        constexpr std::size_t enough = 4;
        if (shares.size() < enough) return false;
        const auto quiet = shares.begin() + std::lround(0.98 * double(shares.size() - 1));
        std::nth_element(shares.begin(), quiet, shares.end());
        // One in a window more than was seen: a share of nothing is not known from so few.
        const double alike = std::min(1.0, *quiet + 1.0 / double(rows_));
        if (alike >= 1.0) return false;
        const double rows = double(run.last - run.first - 1);
        return rows * std::log(alike) + std::log(double(shares.size())) < std::log(chance_of_silence);
    }

private:
    const Column& values_;
    const std::vector<std::uint8_t>& flying_;
    std::size_t rows_ = least_window_rows;
};

/// Straight dependence of y on two others, by least squares; rows with a run in them left out.
struct Plane {
    double at_zero = 0.0;
    double by_first = 0.0;
    double by_second = 0.0;
    double sd = 0.0;
};

std::optional<Plane> plane_through(const Column& y, const Column& a, const Column& b, const Run& without,
                                   const std::vector<std::uint8_t>& use) {
    double n = 0, sa = 0, sb = 0, sy = 0, saa = 0, sab = 0, sbb = 0, say = 0, sby = 0, syy = 0;
    for (std::size_t i = 0; i < y.size(); ++i) {
        const bool in_run = i >= without.first && i < without.last;
        if (in_run || !use[i] || !std::isfinite(y[i]) || !std::isfinite(a[i]) || !std::isfinite(b[i])) continue;
        n += 1.0;
        sa += a[i];
        sb += b[i];
        sy += y[i];
        saa += a[i] * a[i];
        sab += a[i] * b[i];
        sbb += b[i] * b[i];
        say += a[i] * y[i];
        sby += b[i] * y[i];
        syy += y[i] * y[i];
    }
    constexpr double enough = 20.0;
    if (n < enough) return std::nullopt;
    const double aa = saa - sa * sa / n;
    const double ab = sab - sa * sb / n;
    const double bb = sbb - sb * sb / n;
    const double ay = say - sa * sy / n;
    const double by = sby - sb * sy / n;
    const double determinant = aa * bb - ab * ab;
    Plane plane;
    if (determinant > 1e-9 * aa * bb && determinant > 0.0) {
        plane.by_first = (ay * bb - by * ab) / determinant;
        plane.by_second = (by * aa - ay * ab) / determinant;
    } else if (aa > 0.0) {
        plane.by_first = ay / aa;
    } else {
        return std::nullopt;
    }
    plane.at_zero = (sy - plane.by_first * sa - plane.by_second * sb) / n;
    const double left = syy - sy * sy / n - plane.by_first * ay - plane.by_second * by;
    plane.sd = std::sqrt(std::max(0.0, left / (n - 3.0)));
    return plane;
}

/// What should have changed in a run, by the other channels: the change, and what it may be off.
struct Expected {
    double change = 0.0;
    double sd = 0.0;
};

class Expectation {
public:
    Expectation(const CleanLog& log, Channel channel, std::vector<std::uint8_t> flying)
        : log_(log), channel_(channel), flying_(std::move(flying)), step_(step_of(log, channel)) {}

    /// @param on_ground  the aircraft may stand: what the noise of others makes of it says nothing then
    std::optional<Expected> over(const Run& run, bool on_ground) {
        switch (channel_) {
        case Channel::voltage_v: return volts(run);
        case Channel::current_a: return current(run, on_ground);
        case Channel::height_m: return height(run);
        case Channel::ground_speed_mps: return speed(run);
        case Channel::course_deg: return course(run, course_by_positions_sd_deg);
        case Channel::heading_deg: return course(run, heading_by_course_sd_deg);
        default: return std::nullopt;
        }
    }

    double step() const { return step_; }

private:
    const Column& used_ah() {
        if (!used_.empty()) return used_;
        used_ = values_of(log_, Channel::charge_ah);
        if (log_.raw->has(Channel::charge_ah)) return used_;
        const Column amps = values_of(log_, Channel::current_a);
        double sum = 0.0;
        for (std::size_t i = 0; i < used_.size(); ++i) {
            if (i > 0 && std::isfinite(amps[i]) && std::isfinite(amps[i - 1]) && !log_.step_is_gap(i))
                sum +=
                    0.5 * (amps[i] + amps[i - 1]) * (log_.time_s(i) - log_.time_s(i - 1)) / units::seconds_per_hour;
            used_[i] = sum;
        }
        return used_;
    }

    std::optional<Expected> volts(const Run& run) {
        const Column amps =
            log_.raw->has(Channel::current_a) ? values_of(log_, Channel::current_a) : Column(log_.rows.size(), 0.0);
        const Column volts = values_of(log_, Channel::voltage_v);
        const auto plane = plane_through(volts, used_ah(), amps, run, flying_);
        if (!plane) return std::nullopt;
        Column expected(log_.rows.size(), missing_value);
        for (std::size_t i = run.first; i < run.last; ++i)
            expected[i] = plane->by_first * used_ah()[i] + plane->by_second * amps[i];
        const auto change = span(expected, run);
        if (!change) return std::nullopt;
        // Rounding is in the scatter of the fit, but not in what is expected.
        const double rounding = step_ * step_ / 12.0;
        return Expected{*change, std::sqrt(std::max(0.0, plane->sd * plane->sd - rounding))};
    }

    /// Charge on the counter over the run against the frozen current's; else what the volts say it was.
    std::optional<Expected> current(const Run& run, bool on_ground) {
        const Column amps = values_of(log_, Channel::current_a);
        const double frozen_a = amps[run.first];
        if (log_.raw->has(Channel::charge_ah)) {
            if (const auto counted = current_by_counter(run, frozen_a)) return counted;
        }
        if (!log_.raw->has(Channel::voltage_v)) return std::nullopt;
        const Column volts = values_of(log_, Channel::voltage_v);
        const auto plane = plane_through(amps, used_ah(), volts, run, flying_);
        // Volts that do not sag under a current say nothing of it.
        if (!plane || !(plane->by_second < 0.0)) return std::nullopt;
        Column expected(log_.rows.size(), missing_value);
        for (std::size_t i = run.first; i < run.last; ++i)
            expected[i] = plane->at_zero + plane->by_first * used_ah()[i] + plane->by_second * volts[i];
        if (on_ground) {
            // Volts that sag as in flight where the current says that nothing is drawn.
            double sum_a = 0.0;
            for (std::size_t i = run.first; i < run.last; ++i)
                sum_a += std::isfinite(expected[i]) ? expected[i] : 0.0;
            const double mean_a = sum_a / double(run.last - run.first);
            return Expected{mean_a - frozen_a, 0.5 * flown_draw_a(amps) / expectation_sds};
        }
        const auto change = span(expected, run);
        return change ? std::optional(Expected{*change, plane->sd}) : std::nullopt;
    }

    /// Its mean over blocks of half a minute and more: how far they are from each other, and from the frozen value.
    std::optional<Expected> current_by_counter(const Run& run, double frozen_a) {
        const Column counter = values_of(log_, Channel::charge_ah);
        constexpr double least_block_s = 30.0;
        double least_a = HUGE_VAL;
        double most_a = -HUGE_VAL;
        double block_s = HUGE_VAL;
        std::size_t from = run.first;
        for (std::size_t i = run.first + 1; i < run.last; ++i) {
            const double seconds = log_.time_s(i) - log_.time_s(from);
            if (seconds < least_block_s) continue;
            const double mean_a = (counter[i] - counter[from]) * units::seconds_per_hour / seconds;
            if (std::isfinite(mean_a) && mean_a >= 0.0) {
                least_a = std::min(least_a, mean_a);
                most_a = std::max(most_a, mean_a);
                block_s = std::min(block_s, seconds);
            }
            from = i;
        }
        const double whole_a =
            (counter[run.last - 1] - counter[run.first]) * units::seconds_per_hour / std::max(run.seconds, 1e-9);
        if (!std::isfinite(whole_a) || whole_a < 0.0) return std::nullopt;
        const double count_sd_ah = step_of(log_, Channel::charge_ah) / std::sqrt(6.0);
        // Sensor and counter are mostly one; where they are two, their scales differ by some per cent.
        const Expected off{std::abs(whole_a - frozen_a),
                           count_sd_ah * units::seconds_per_hour / run.seconds + 0.03 * std::abs(frozen_a)};
        if (most_a < least_a) return off;
        const Expected apart{most_a - least_a, std::sqrt(2.0) * count_sd_ah * units::seconds_per_hour / block_s};
        const auto excess = [](const Expected& e) { return e.change - expectation_sds * e.sd; };
        return excess(off) > excess(apart) ? off : apart;
    }

    std::optional<Expected> height(const Run& run) {
        if (log_.raw->has(Channel::climb_mps)) {
            const Column climb = values_of(log_, Channel::climb_mps);
            Column sum(log_.rows.size(), missing_value);
            double height_m = 0.0;
            for (std::size_t i = run.first; i < run.last; ++i) {
                if (i > run.first && std::isfinite(climb[i]) && std::isfinite(climb[i - 1]))
                    height_m += 0.5 * (climb[i] + climb[i - 1]) * (log_.time_s(i) - log_.time_s(i - 1));
                sum[i] = height_m;
            }
            const auto change = span(sum, run);
            if (change) return Expected{*change, height_by_climb_sd_m};
        }
        if (!log_.raw->has(Channel::gps_height_m)) return std::nullopt;
        const auto change = span(values_of(log_, Channel::gps_height_m), run);
        return change ? std::optional(Expected{*change, height_by_gps_sd_m}) : std::nullopt;
    }

    /// Speed and direction between fixes some metres apart.
    void measure_track() {
        if (!track_speed_.empty()) return;
        const std::size_t n = log_.rows.size();
        track_speed_.assign(n, missing_value);
        track_course_.assign(n, missing_value);
        chord_begin_.assign(n, 0);
        chord_end_.assign(n, 0);
        constexpr double least_chord_m = 25.0;
        std::optional<std::size_t> from;
        double unwound = 0.0;
        std::optional<double> last;
        for (std::size_t i = 0; i < n; ++i) {
            if (!log_.position_ok[i]) continue;
            if (!from) {
                from = i;
                continue;
            }
            const auto [east, north] = way_between(log_.position(*from), log_.position(i));
            const double chord_m = std::hypot(north, east);
            const double seconds = log_.time_s(i) - log_.time_s(*from);
            if (chord_m < least_chord_m && seconds < 10.0) continue;
            const double course = units::degrees(std::atan2(east, north));
            if (chord_m >= least_chord_m) {
                unwound = last ? unwound + std::remainder(course - *last, 360.0) : course;
                last = course;
            }
            for (std::size_t j = *from; j < i; ++j) {
                track_speed_[j] = chord_m / seconds;
                chord_begin_[j] = *from;
                chord_end_[j] = i;
                if (chord_m >= least_chord_m) track_course_[j] = unwound;
            }
            from = i;
        }
    }

    /// The rows of a run whose chord lies in it: one that reaches beyond shows what came before or behind.
    Run inner(const Run& run) {
        measure_track();
        Run inside = run;
        while (inside.last > inside.first && chord_end_[inside.last - 1] >= run.last) --inside.last;
        while (inside.first < inside.last && chord_begin_[inside.first] < run.first) ++inside.first;
        return inside;
    }

    std::optional<Expected> speed(const Run& run) {
        const Run inside = inner(run);
        const auto change = span(track_speed_, inside);
        return change ? std::optional(Expected{*change, speed_by_positions_sd}) : std::nullopt;
    }

    std::optional<Expected> course(const Run& run, double sd) {
        const Run inside = inner(run);
        const auto change = span(track_course_, inside);
        return change ? std::optional(Expected{*change, sd}) : std::nullopt;
    }

    const CleanLog& log_;
    Channel channel_;
    std::vector<std::uint8_t> flying_;
    double step_;
    Column used_;
    Column track_speed_;
    Column track_course_;
    std::vector<std::size_t> chord_begin_;
    std::vector<std::size_t> chord_end_;
};

} // namespace

std::vector<Run> runs_of(const CleanLog& log, Channel channel) {
    std::vector<Run> runs;
    const auto& column = (*log.raw)[channel];
    for (std::size_t i = 0; i < log.rows.size();) {
        const double here = column[log.rows[i]];
        std::size_t j = i + 1;
        while (j < log.rows.size() && column[log.rows[j]] == here) ++j;
        if (std::isfinite(here)) runs.push_back({i, j, log.time_s(j - 1) - log.time_s(i)});
        i = j;
    }
    return runs;
}

double step_of(const CleanLog& log, Channel channel) {
    Column values = values_of(log, channel);
    std::erase_if(values, [](double v) { return !std::isfinite(v); });
    std::sort(values.begin(), values.end());
    double least = 0.0;
    for (std::size_t i = 1; i < values.size(); ++i) {
        const double apart = values[i] - values[i - 1];
        // Nearer than numbers of a few digits can stand they are one.
        if (apart <= 1e-7 * std::max(1.0, std::abs(values[i]))) continue;
        if (least == 0.0 || apart < least) least = apart;
    }
    return least;
}

std::vector<Run> frozen_runs(const CleanLog& log, Channel channel) {
    const std::vector<Run> runs = runs_of(log, channel);
    // A column of one value is a setting, not a sensor that stuck.
    if (runs.size() < 3) return {};
    const Column values = values_of(log, channel);
    std::vector<std::uint8_t> flying = flying_rows(log, channel);
    const MaybeGround maybe_ground(log, channel, values, runs);
    maybe_ground.take_out_of(flying);
    Expectation expectation(log, channel, flying);
    const Silence silence(log, values, flying);
    // Beside a turn a course goes from one side of north to the other and back.
    const bool direction = channel == Channel::course_deg || channel == Channel::heading_deg;
    const bool noisy = !direction && is_noisy(runs, values);
    std::vector<Run> frozen;
    for (const Run& run : runs) {
        if (run.seconds < least_run_s || run.last - run.first < least_run_rows) continue;
        const bool on_ground = maybe_ground.holds(run);
        if (!on_ground && share_flying(flying, run.first, run.last) < 0.8) continue;
        // Standing on the ground is no fault.
        if (channel == Channel::ground_speed_mps && values[run.first] < flying_mps) continue;
        const auto expected = expectation.over(run, on_ground);
        const bool should_change =
            expected && expected->change > hidden_steps * expectation.step() + expectation_sds * expected->sd;
        if (should_change || (noisy && !on_ground && silence.broken_by(run))) frozen.push_back(run);
    }
    return frozen;
}

} // namespace sobremesa::telemetry
