#include "core/watch/live_flight.hpp"

#include <algorithm>
#include <cmath>

#include "core/battery/discharge.hpp"
#include "core/geodesy/terrain.hpp"
#include "core/telemetry/air_motion.hpp"
#include "core/telemetry/rescale.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::watch {

using telemetry::Channel;
using telemetry::CleanLog;
using telemetry::FlightLog;
using telemetry::Moment;

namespace {

/// So much of the log is looked at again each time, at most and after settling, s; before it lies the context.
constexpr double longest_open_s = 180.0;
constexpr double left_open_s = 90.0;
constexpr double context_s = 60.0;
constexpr double velocity_s = 5.0;
constexpr double power_s = 30.0;
constexpr double moving_mps = 3.0;
constexpr double above_m = 5.0;
constexpr double launch_s = 3.0;
constexpr double still_mps = 1.5;
constexpr double landed_s = 10.0;

/// Rows [first, last) as a log of their own.
std::shared_ptr<const FlightLog> slice(const FlightLog& log, std::size_t first, std::size_t last) {
    auto part = std::make_shared<FlightLog>();
    part->name = log.name;
    part->start_clock_s = log.start_clock_s;
    part->series = log.series;
    const auto at = [](const auto& column, std::size_t i) { return column.begin() + std::ptrdiff_t(i); };
    for (std::size_t c = 0; c < telemetry::channel_count; ++c) {
        const auto& column = log.columns[c];
        if (column.size() < last) continue;
        // A channel that has had nothing so far is none, as at the end of a file.
        const bool any =
            std::any_of(at(column, first), at(column, last), [](double v) { return std::isfinite(v); });
        if (any) part->columns[c].assign(at(column, first), at(column, last));
    }
    part->lines.assign(at(log.lines, first), at(log.lines, last));
    part->rows_met = last - first;
    return part;
}

std::optional<double> finite(double value) {
    return std::isfinite(value) ? std::optional(value) : std::nullopt;
}

} // namespace

void LiveFlight::begin_flight(std::size_t row) {
    flight_row_ = settled_row_ = context_row_ = row;
    settled_ = {};
    settled_moments_.clear();
    seconds_.clear();
    settled_seconds_ = 0;
    tail_.reset();
    now_ = {};
    frame_.reset();
    ground_height_m_.reset();
    before_log_ah_.reset();
    first_v_.reset();
    airborne_power_w_ = 0.0;
    airborne_seconds_ = 0;
    told_where_ = false;
}

std::shared_ptr<const FlightLog> LiveFlight::looked_at(const FlightLog& log) const {
    return telemetry::rescaled(slice(log, context_row_, rows_), scale_ ? scale_->factor : 1.0);
}

std::optional<CleanLog> LiveFlight::cleaned(const FlightLog& log) {
    telemetry::CleaningRules rules;
    rules.home = given_home_ ? given_home_ : now_.home;
    rules.series = series_;
    auto part = looked_at(log);
    const auto flights = telemetry::flights_in(*telemetry::with_one_clock(part).first, rules);
    if (flights.empty()) return std::nullopt;
    if (flights.size() > 1) {
        begin_flight(context_row_ + flights.back().first_row);
        ++flight_;
        rules.home = given_home_;
        part = looked_at(log);
    }
    rules.flight = 0;
    auto made = telemetry::clean(part, rules);
    if (!made) return std::nullopt;
    return std::move(*made);
}

void LiveFlight::update(const FlightLog& log, int generation, std::size_t rows) {
    if (generation != generation_ || rows < rows_) {
        begin_flight(0);
        generation_ = generation;
    }
    rows_ = rows;
    if (rows_ < flight_row_ + 2 || !log.has(Channel::time_s)) return;
    auto made = cleaned(log);
    if (!made) return;
    const auto motion = telemetry::motion(*made);
    if (!motion) return;
    if (!tail_) start_s_ = made->time_s(0);
    tail_ = std::move(*made);
    tail_motion_ = *motion;
    add_up(*tail_, tail_motion_);
    read_now(*tail_, tail_motion_);
    judge_phase();
    settle(log);
}

void LiveFlight::add_up(const CleanLog& tail, const telemetry::Motion&) {
    if (!now_.home && tail.home) now_.home = tail.home;
    if (!frame_ && now_.home) {
        if (auto made = geodesy::LocalFrame::around(*now_.home)) frame_ = *made;
    }
    const std::size_t open_row = settled_row_ - context_row_;
    const auto first_open =
        std::size_t(std::lower_bound(tail.rows.begin(), tail.rows.end(), open_row) - tail.rows.begin());
    const std::size_t before = first_open > 0 ? first_open - 1 : 0;
    const auto energy = telemetry::running_energy(tail);
    const std::size_t n = tail.rows.size();

    if (!before_log_ah_) {
        const auto counter = telemetry::counted(tail, Channel::charge_ah);
        constexpr double jitter_ah = 0.010;
        if (counter) before_log_ah_ = flight_row_ == 0 && counter->first_ah > jitter_ah ? counter->first_ah : 0.0;
    }
    if (!first_v_ && !energy.voltage_v.empty()) first_v_ = finite(energy.voltage_v.front());
    const double before_ah = before_log_ah_.value_or(0.0);
    std::vector<double> charge(n);
    std::vector<double> spent(n);
    for (std::size_t i = 0; i < n; ++i) {
        charge[i] = before_ah + settled_.charge_ah + energy.charge_ah[i] - energy.charge_ah[before];
        spent[i] = before_ah * first_v_.value_or(0.0) + settled_.energy_wh + energy.energy_wh[i] -
                   energy.energy_wh[before];
    }
    now_.charge_ah = energy.has_charge ? std::optional(charge[n - 1]) : std::nullopt;
    now_.energy_wh = energy.has_energy ? std::optional(spent[n - 1]) : std::nullopt;

    telemetry::ChordDistance ground = settled_.ground;
    for (std::size_t i = first_open; i < n; ++i) {
        if (tail.position_ok[i]) ground.add(tail.position(i));
    }
    now_.ground_m = ground.metres();
    now_.gaps_s = settled_.gaps_s;
    for (const auto& gap : tail.gaps) {
        if (gap.end_s > tail.time_s(before)) now_.gaps_s += gap.end_s - gap.start_s;
    }
    add_seconds(tail, charge, spent, first_open);
}

void LiveFlight::add_seconds(const CleanLog& tail, const std::vector<double>& charge,
                             const std::vector<double>& energy, std::size_t from) {
    seconds_.resize(settled_seconds_);
    for (std::size_t i = from; i < tail.rows.size(); ++i) {
        if (!ground_height_m_)
            ground_height_m_ =
                finite(tail.raw->has(Channel::height_m) ? tail.value(Channel::height_m, i) : std::nan(""));
        const auto read = [&](Channel channel) {
            return tail.raw->has(channel) ? tail.value(channel, i) : telemetry::missing_value;
        };
        Second second;
        second.time_s = tail.time_s(i) - start_s_;
        second.at = {std::nan(""), std::nan("")};
        if (frame_ && tail.position_ok[i]) second.at = frame_->forward(tail.position(i));
        second.from_home_m = std::hypot(second.at.east_m, second.at.north_m);
        second.height_m = read(Channel::height_m) - ground_height_m_.value_or(0.0);
        second.ground_mps = read(Channel::ground_speed_mps);
        second.voltage_v = read(Channel::voltage_v);
        second.current_a = read(Channel::current_a);
        second.charge_ah = charge[i];
        second.energy_wh = energy[i];
        // The last row of each second stands for it.
        const bool same =
            seconds_.size() > settled_seconds_ && std::floor(seconds_.back().time_s) == std::floor(second.time_s);
        if (same)
            seconds_.back() = second;
        else
            seconds_.push_back(second);
        if (std::isfinite(second.from_home_m)) now_.farthest_m = std::max(now_.farthest_m, second.from_home_m);
    }
}

void LiveFlight::read_now(const CleanLog& tail, const telemetry::Motion& motion) {
    if (scale_) now_.current_scale_sd = scale_->relative_sd;
    const std::size_t n = tail.rows.size();
    now_.log_time_s = tail.time_s(n - 1);
    now_.time_s = now_.log_time_s - start_s_;
    const auto last = [&](Channel channel, double within_s) -> std::optional<double> {
        if (!tail.raw->has(channel)) return std::nullopt;
        for (std::size_t i = n; i-- > 0;) {
            if (now_.log_time_s - tail.time_s(i) > within_s) return std::nullopt;
            const double v = tail.value(channel, i);
            if (std::isfinite(v)) return v;
        }
        return std::nullopt;
    };
    constexpr double recent_s = 3.0;
    now_.ground_mps = last(Channel::ground_speed_mps, recent_s);
    now_.voltage_v = last(Channel::voltage_v, recent_s);
    now_.current_a = last(Channel::current_a, recent_s);
    now_.link_share = last(Channel::link_quality_share, recent_s);
    now_.counter_ah = last(Channel::charge_ah, power_s);
    now_.height_m = last(Channel::height_m, power_s);
    if (now_.height_m) *now_.height_m -= ground_height_m_.value_or(0.0);

    // As `flown_rows` filters them; a minute of context is enough to forget how it began.
    const auto filtered = [&](Channel channel) -> std::optional<double> {
        if (!tail.raw->has(channel)) return std::nullopt;
        std::optional<double> smooth;
        double before_s = 0.0;
        for (std::size_t i = 0; i < n; ++i) {
            const double v = tail.value(channel, i);
            if (!std::isfinite(v)) continue;
            const double t = tail.time_s(i);
            smooth =
                smooth ? *smooth + (v - *smooth) * (1.0 - std::exp((before_s - t) / battery::voltage_filter_s)) : v;
            before_s = t;
        }
        return smooth;
    };
    now_.filtered_v = now_.voltage_v ? filtered(Channel::voltage_v) : std::nullopt;
    now_.filtered_a = now_.current_a ? filtered(Channel::current_a) : std::nullopt;
    if (now_.voltage_v) now_.highest_v = std::max(now_.highest_v.value_or(0.0), *now_.voltage_v);
    const auto doubted = [&](Channel channel) {
        return !tail.doubtful.empty() && (tail.doubtful[n - 1] & telemetry::doubt_bit(channel)) != 0;
    };
    now_.frozen_current = doubted(Channel::current_a);
    now_.frozen_voltage = doubted(Channel::voltage_v);

    now_.at.reset();
    now_.position.reset();
    for (std::size_t i = n; i-- > 0 && frame_;) {
        if (!tail.position_ok[i]) continue;
        now_.position = tail.position(i);
        now_.at = frame_->forward(*now_.position);
        now_.from_home_m = std::hypot(now_.at->east_m, now_.at->north_m);
        constexpr double over_home_m = 1.0;
        if (now_.from_home_m > over_home_m) now_.bearing_home_deg = geodesy::bearing_deg(*now_.at, {});
        break;
    }
    const auto mean = [&](double seconds, double Moment::*part) -> std::optional<double> {
        double sum = 0.0;
        int count = 0;
        const auto& moments = motion.moments;
        for (std::size_t k = moments.size(); k-- > 0 && double(moments.size() - k) <= seconds;) {
            if (!std::isfinite(moments[k].*part)) continue;
            sum += moments[k].*part;
            ++count;
        }
        return count > 0 ? std::optional(sum / count) : std::nullopt;
    };
    const auto east = mean(velocity_s, &Moment::east_mps);
    const auto north = mean(velocity_s, &Moment::north_mps);
    now_.velocity_mps.reset();
    if (east && north) now_.velocity_mps = geodesy::EastNorth{*east, *north};
    now_.climb_mps = mean(velocity_s, &Moment::climb_mps);
    now_.power_w = mean(power_s, &Moment::power_w);
    if (!now_.ground_mps && now_.velocity_mps)
        now_.ground_mps = std::hypot(now_.velocity_mps->east_m, now_.velocity_mps->north_m);
}

void LiveFlight::judge_phase() {
    const auto& moments = tail_motion_.moments;
    const auto over = [&](double seconds, const auto& holds) {
        std::size_t seen = 0;
        for (std::size_t k = moments.size(); k-- > 0 && double(moments.size() - k) <= seconds;) {
            if (moments[k].empty) continue;
            if (!holds(moments[k])) return false;
            ++seen;
        }
        return double(seen) >= 0.5 * seconds;
    };
    const double base_m = ground_height_m_.value_or(std::nan(""));
    told_where_ = told_where_ || std::any_of(moments.begin(), moments.end(), [](const Moment& m) {
                      return std::isfinite(m.east_mps) || std::isfinite(m.height_m);
                  });
    const auto draws_to_fly = [&](const Moment& m) {
        if (!std::isfinite(m.power_w)) return m.current_a > telemetry::ground_draw_share * usual_current_a_;
        return m.power_w > telemetry::ground_draw_share * usual_power_w_;
    };
    const auto flies = [&](const Moment& m) {
        if (!told_where_) return usual_power_w_ > 0.0 && draws_to_fly(m);
        return std::hypot(m.east_mps, m.north_mps) > moving_mps || m.height_m - base_m > above_m;
    };
    if (!now_.airborne && over(launch_s, flies)) {
        now_.airborne = true;
        now_.landed = false;
        // It may have flown for a while before it was looked at.
        const std::size_t first = tail_motion_.first_airborne;
        const double flown_from_s =
            first < moments.size() ? moments[first].time_s - start_s_ : now_.time_s - launch_s;
        if (!now_.launch_s) now_.launch_s = std::max(flown_from_s, 0.0);
    }
    if (!now_.airborne) return;
    if (now_.power_w) {
        ++airborne_seconds_;
        airborne_power_w_ +=
            (*now_.power_w - airborne_power_w_) / double(std::min<std::size_t>(airborne_seconds_, 600));
    }
    const auto rests = [&](const Moment& m) {
        if (!told_where_) return !draws_to_fly(m);
        if (!(std::hypot(m.east_mps, m.north_mps) < still_mps)) return false;
        // A rotor that hovers stands still as well; on the ground it draws next to nothing.
        if (std::isfinite(m.power_w) && airborne_power_w_ > 0.0)
            return m.power_w < telemetry::ground_draw_share * airborne_power_w_;
        return !(m.height_m - base_m > above_m);
    };
    if (over(landed_s, rests)) {
        now_.airborne = false;
        now_.landed = true;
    }
}

void LiveFlight::settle(const FlightLog& log) {
    const auto& time = log[Channel::time_s];
    const CleanLog& tail = *tail_;
    const std::size_t n = tail.rows.size();
    if (time[settled_row_] + longest_open_s >= now_.log_time_s) return;
    // The first row that stays open.
    std::size_t k = 0;
    while (k < n && (tail.rows[k] + context_row_ < settled_row_ || tail.time_s(k) < now_.log_time_s - left_open_s))
        ++k;
    if (k == 0 || k >= n) return;
    const std::size_t open = settled_row_ - context_row_;
    const auto first_open =
        std::size_t(std::lower_bound(tail.rows.begin(), tail.rows.end(), open) - tail.rows.begin());
    const std::size_t before = first_open > 0 ? first_open - 1 : 0;
    if (k <= first_open) return;
    const auto energy = telemetry::running_energy(tail);
    settled_.charge_ah += energy.charge_ah[k - 1] - energy.charge_ah[before];
    settled_.energy_wh += energy.energy_wh[k - 1] - energy.energy_wh[before];
    for (std::size_t i = first_open; i < k; ++i) {
        if (tail.position_ok[i]) settled_.ground.add(tail.position(i));
    }
    for (const auto& gap : tail.gaps) {
        if (gap.end_s > tail.time_s(before) && gap.end_s <= tail.time_s(k - 1))
            settled_.gaps_s += gap.end_s - gap.start_s;
    }
    const double until_s = tail.time_s(k);
    const double known_s = settled_moments_.empty() ? -HUGE_VAL : settled_moments_.back().time_s;
    for (const Moment& m : tail_motion_.moments) {
        if (m.time_s > known_s + 0.5 && m.time_s < until_s) settled_moments_.push_back(m);
    }
    while (settled_seconds_ < seconds_.size() && seconds_[settled_seconds_].time_s + start_s_ < until_s)
        ++settled_seconds_;
    settled_row_ = context_row_ + tail.rows[k];
    const auto context = std::lower_bound(tail.rows.begin(), tail.rows.end(), tail.rows[k], [&](auto row, auto) {
        return time[context_row_ + row] < until_s - context_s;
    });
    if (context != tail.rows.end()) context_row_ += *context;
}

telemetry::Motion LiveFlight::motion(double last_s) const {
    telemetry::Motion all = tail_motion_;
    if (all.moments.empty()) return all;
    const double end_s = all.moments.back().time_s;
    const double known_s = settled_moments_.empty() ? -HUGE_VAL : settled_moments_.back().time_s;
    std::vector<Moment> moments;
    for (const Moment& m : settled_moments_) {
        if (m.time_s >= end_s - last_s) moments.push_back(m);
    }
    for (const Moment& m : tail_motion_.moments) {
        if (m.time_s > known_s + 0.5 && m.time_s >= end_s - last_s) moments.push_back(m);
    }
    all.moments = std::move(moments);
    const double from_s = start_s_ + now_.launch_s.value_or(0.0);
    all.first_airborne = 0;
    while (all.first_airborne < all.moments.size() && all.moments[all.first_airborne].time_s < from_s)
        ++all.first_airborne;
    all.last_airborne = all.moments.size();
    // Once it has landed, the seconds at rest are no flight.
    while (now_.landed && all.last_airborne > all.first_airborne) {
        const Moment& m = all.moments[all.last_airborne - 1];
        if (std::hypot(m.east_mps, m.north_mps) > moving_mps) break;
        --all.last_airborne;
    }
    return all;
}

} // namespace sobremesa::watch
