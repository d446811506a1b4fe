#include "core/telemetry/energy_used.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/units/constants.hpp"

namespace sobremesa::telemetry {

namespace {

using units::DiagnosticCode;
using units::Estimate;
using units::Severity;

constexpr double voltage_scale_sd = 0.01;
/// A counter in steps of 1 mAh, or 10.
constexpr double counter_step_sd_ah = 0.003;
/// A gap bridged by a straight line, one standard deviation of its share: the sag of a gust or a climb is
/// missed.
constexpr double bridged_volts_sd = 0.03;
/// How far a cell may be from the mean of its pack, of its volts: some 40 mV of 3.7 V (common practice, no source).
constexpr double cell_volts_sd = 0.01;
constexpr double bridged_current_sd = 0.3;
/// Readings missing for shorter than this are a matter of course: a sensor slower than the record.
constexpr double said_from_s = 5.0;

/// Rows farther apart than this are samples of a current, s: gusts and throttle come and go between them.
constexpr double slow_record_s = 2.5;

/// A current in steps of more than this share of what is drawn on average is known less well than the sensor's
/// scale is: half a step may be missing all the while.
constexpr double coarse_share = 2.0 * current_scale_sd;

/// A counter that falls back by less than this jitters.
constexpr double jitter_ah = 0.010;
/// … and that falls below this share of what it showed has begun anew.
constexpr double reset_share = 0.2;
/// A log that begins with more than this on its counter began late: idling on the ground uses less.
constexpr double late_start_ah = 0.05;
/// Current below which power over current says nothing of volts.
constexpr double least_current_a = 0.3;

bool is_number(double value) {
    return std::isfinite(value);
}

/// The channels of energy, row by row, with what was missing bridged.
class EnergyRows {
public:
    explicit EnergyRows(const CleanLog& log) : log_(log), rows_(log.rows.size()) {
        volts_ = column(Channel::voltage_v);
        amps_ = column(Channel::current_a);
        watts_ = column(Channel::power_w);
        counter_ = column(Channel::charge_ah);
        for (double& v : volts_) {
            // Before the pack is plugged in a sensor may read zero; that is no voltage.
            if (v <= 0.0) v = missing_value;
        }
        find_step();
    }

    /// Steps of a tenth of an ampere and more in which the current was written, A; else 0.
    double step_a() const { return step_a_; }
    /// Share of rows with the very reading of the row before.
    double standing_share() const { return standing_share_; }
    /// A coarse current's steps were counted by the counter.
    bool counts_steps() const { return coarse_ && has_counter(); }

    bool has_volts() const { return any(volts_); }
    bool has_amps() const { return any(amps_); }
    bool has_watts() const { return any(watts_); }
    bool has_counter() const { return any(counter_); }
    /// Energy was counted where nothing else says what was drawn.
    bool has_counted_energy() const { return first_counted_wh_.has_value(); }
    /// The charge that was counted as energy.
    const std::optional<Counted>& charge_of_energy() const { return charge_of_energy_; }

    /// Volts of power over current, where no volts were logged.
    void volts_from_power() {
        if (has_volts() || !has_amps() || !has_watts()) return;
        volts_.assign(rows_, missing_value);
        for (std::size_t i = 0; i < rows_; ++i) {
            if (amps_[i] > least_current_a && watts_[i] > 0.0) volts_[i] = watts_[i] / amps_[i];
        }
    }

    void bridge_volts() {
        has_volts_ = has_volts();
        if (has_volts_) volts_bridged_s_ = bridge(volts_);
        count_energy();
    }

    /// Charge and energy from row to row. Where the current is missing it is the counter's, the power's, or a
    /// straight line between its neighbours.
    void add_up() {
        const bool amps = has_amps();
        if (!amps) amps_.assign(rows_, missing_value);
        if (has_watts() && has_volts()) {
            for (std::size_t i = 0; i < rows_; ++i) {
                if (!is_number(amps_[i]) && is_number(watts_[i])) amps_[i] = watts_[i] / volts_[i];
            }
            from_power_ = !amps;
        }
        if (any(amps_)) {
            for (std::size_t i = 0; i < rows_;) {
                if (is_number(amps_[i])) {
                    ++i;
                    continue;
                }
                std::size_t end = i;
                while (end < rows_ && !is_number(amps_[end])) ++end;
                bridge_current(i, end);
                i = end;
            }
        } else if (has_counter()) {
            from_counter_ = true;
        }
        drawn_.assign(rows_, 0.0);
        spent_.assign(rows_, 0.0);
        for (std::size_t i = 1; i < rows_; ++i) {
            const double step_s = log_.time_s(i) - log_.time_s(i - 1);
            if (step_s <= log_.longest_step_s) add_step(i, step_s);
            drawn_[i] = charge_ah_;
            spent_[i] = energy_wh_;
        }
        if (from_counter_) add_counter();
    }

    double charge_ah() const { return charge_ah_; }
    /// What went through the sensor, there and back: its scale is off by a share of that, not of the difference.
    double moved_ah() const { return std::abs(charge_ah_ + back_ah_) + back_ah_; }
    /// The current alone, by trapezoids: for comparing it with the counter.
    double sampled_ah() const { return sampled_ah_; }
    double energy_wh() const { return energy_wh_; }
    bool from_counter() const { return from_counter_; }
    bool from_power() const { return from_power_; }
    double volts_bridged_s() const { return volts_bridged_s_; }
    double current_bridged_s() const { return current_bridged_s_; }
    double charge_bridged_ah() const { return charge_bridged_ah_; }
    bool bridged_by_counter() const { return bridged_by_counter_; }
    const std::vector<double>& volts() const { return volts_; }
    /// Charge drawn up to each row, Ah.
    const std::vector<double>& drawn() const { return drawn_; }
    /// Energy given up to each row, Wh.
    const std::vector<double>& spent() const { return spent_; }

private:
    /// Where neither current, power nor charge was logged: a counter of energy, over the volts of the moment.
    void count_energy() {
        if (any(amps_) || any(watts_) || any(counter_)) return;
        const auto counted_wh = column(Channel::energy_wh);
        double top_wh = 0.0;
        double spent_wh = 0.0;
        double drawn_ah = 0.0;
        energy_counter_.assign(rows_, missing_value);
        for (std::size_t i = 0; i < rows_; ++i) {
            const double here = counted_wh[i];
            if (!is_number(here)) continue;
            if (!first_counted_wh_) {
                first_counted_wh_ = here;
                top_wh = here;
                if (has_volts_) charge_of_energy_ = Counted{here / volts_[i], 0.0};
            }
            const bool anew = is_counter_reset(top_wh, here);
            const double more_wh = anew ? here : std::max(0.0, here - top_wh);
            top_wh = anew ? here : std::max(top_wh, here);
            spent_wh += more_wh;
            energy_counter_[i] = spent_wh;
            if (!has_volts_) continue;
            drawn_ah += more_wh / volts_[i];
            counter_[i] = drawn_ah;
        }
        if (charge_of_energy_) charge_of_energy_->counted_ah = drawn_ah;
    }

    void find_step() {
        double before = missing_value;
        double sum_a = 0.0;
        std::size_t readings = 0;
        std::size_t standing = 0;
        // The largest of which all readings are multiples; finer ones are lost beside the sensor's scale.
        constexpr std::array<double, 4> steps = {1.0, 0.5, 0.2, 0.1};
        std::size_t finest = 0;
        const auto fits = [](double a, double step) { return std::abs(std::remainder(a, step)) < 1e-4 * step; };
        for (const double a : amps_) {
            if (!is_number(a)) continue;
            while (finest < steps.size() && !fits(a, steps[finest])) ++finest;
            standing += a == before ? 1 : 0;
            sum_a += std::abs(a);
            ++readings;
            before = a;
        }
        if (readings == 0 || finest == steps.size()) return;
        step_a_ = steps[finest];
        standing_share_ = double(standing) / double(readings);
        coarse_ = step_a_ > coarse_share * sum_a / double(readings) && rounding_explains_counter();
    }

    /// Whether the counter is no farther from the current's sum than its steps may hide: another disagreement is
    /// one of the sensors', and said.
    bool rounding_explains_counter() const {
        const auto counter = counted(log_, Channel::charge_ah);
        if (!counter) return false;
        double sampled_ah = 0.0;
        double hidden_ah = 0.0;
        for (std::size_t i = 1; i < rows_; ++i) {
            const double hours = (log_.time_s(i) - log_.time_s(i - 1)) / units::seconds_per_hour;
            if (hours * units::seconds_per_hour > log_.longest_step_s || !is_number(amps_[i]) ||
                !is_number(amps_[i - 1]))
                continue;
            sampled_ah += 0.5 * (amps_[i] + amps_[i - 1]) * hours;
            hidden_ah += 0.5 * step_a_ * hours;
        }
        constexpr double little_ah = 0.02;
        return std::abs(counter->counted_ah - sampled_ah) <
               hidden_ah + std::max(little_ah, current_scale_sd * counter->counted_ah);
    }

    std::vector<double> column(Channel channel) const {
        if (!log_.raw->has(channel)) return std::vector<double>(rows_, missing_value);
        std::vector<double> result(rows_);
        for (std::size_t i = 0; i < rows_; ++i) result[i] = log_.value(channel, i);
        return result;
    }

    static bool any(const std::vector<double>& values) {
        return std::any_of(values.begin(), values.end(), is_number);
    }

    /// Straight lines over what is missing; level before the first and behind the last value. @return seconds
    /// bridged
    double bridge(std::vector<double>& values) const {
        double seconds = 0.0;
        std::size_t last = rows_;
        for (std::size_t i = 0; i < rows_; ++i) {
            if (!is_number(values[i])) continue;
            const std::size_t from = last == rows_ ? 0 : last + 1;
            for (std::size_t j = from; j < i; ++j) {
                const double share =
                    last == rows_ ? 1.0
                                  : (log_.time_s(j) - log_.time_s(last)) / (log_.time_s(i) - log_.time_s(last));
                const double before = last == rows_ ? values[i] : values[last];
                values[j] = before + share * (values[i] - before);
            }
            if (from < i) seconds += log_.time_s(i) - log_.time_s(last == rows_ ? 0 : last);
            last = i;
        }
        if (last == rows_) return 0.0;
        for (std::size_t j = last + 1; j < rows_; ++j) values[j] = values[last];
        if (last + 1 < rows_) seconds += log_.time_s(rows_ - 1) - log_.time_s(last);
        return seconds;
    }

    /// Rows [begin, end) without a current.
    void bridge_current(std::size_t begin, std::size_t end) {
        const std::size_t before = begin > 0 ? begin - 1 : begin;
        const std::size_t after = end < rows_ ? end : rows_ - 1;
        const double seconds = log_.time_s(after) - log_.time_s(before);
        if (seconds <= 0.0) return;
        const double left = begin > 0 ? amps_[begin - 1] : end < rows_ ? amps_[end] : 0.0;
        const double right = end < rows_ ? amps_[end] : left;
        // The counter went on counting: its mean holds, wherever it has readings at both ends.
        if (is_number(counter_[before]) && is_number(counter_[after]) && counter_[after] >= counter_[before] &&
            seconds >= said_from_s) {
            const double mean_a = (counter_[after] - counter_[before]) * units::seconds_per_hour / seconds;
            for (std::size_t i = begin; i < end; ++i) amps_[i] = mean_a;
            bridged_by_counter_ = true;
            current_bridged_s_ += seconds;
            return;
        }
        for (std::size_t i = begin; i < end; ++i) {
            const double share = (log_.time_s(i) - log_.time_s(before)) / seconds;
            amps_[i] = left + (begin > 0 && end < rows_ ? share : 0.0) * (right - left);
        }
        if (seconds < said_from_s) return;
        current_bridged_s_ += seconds;
        charge_bridged_ah_ += 0.5 * (left + right) * seconds / units::seconds_per_hour;
    }

    void add_step(std::size_t i, double step_s) {
        const double hours = step_s / units::seconds_per_hour;
        if (!from_counter_ && is_number(amps_[i]) && is_number(amps_[i - 1])) {
            const double sampled_ah = 0.5 * (amps_[i] + amps_[i - 1]) * hours;
            sampled_ah_ += sampled_ah;
            // Between rows that are seconds apart a current is a sample, and a coarse one is rounded; the counter
            // has seen all of it.
            if ((step_s > slow_record_s || coarse_) && is_number(counter_[i]) && is_number(counter_[i - 1]) &&
                counter_[i] >= counter_[i - 1]) {
                const double counted_ah = counter_[i] - counter_[i - 1];
                charge_ah_ += counted_ah;
                if (has_volts_) energy_wh_ += counted_ah * 0.5 * (volts_[i] + volts_[i - 1]);
                return;
            }
            charge_ah_ += sampled_ah;
            back_ah_ += std::max(-sampled_ah, 0.0);
            if (has_volts_) energy_wh_ += 0.5 * (amps_[i] * volts_[i] + amps_[i - 1] * volts_[i - 1]) * hours;
        } else if (is_number(watts_[i]) && is_number(watts_[i - 1])) {
            // Power alone, without volts or amps.
            energy_wh_ += 0.5 * (watts_[i] + watts_[i - 1]) * hours;
        } else if (has_counted_energy() && is_number(energy_counter_[i])) {
            energy_wh_ = energy_counter_[i];
        }
    }

    /// Volts times what the counter counted meanwhile.
    void add_counter() {
        double top = missing_value;
        energy_wh_ = 0.0;
        for (std::size_t i = 0; i < rows_; ++i) {
            const double here = counter_[i];
            drawn_[i] = charge_ah_;
            spent_[i] = energy_wh_;
            if (!is_number(here)) continue;
            if (!is_number(top)) top = here;
            double more = std::max(0.0, here - top);
            if (is_counter_reset(top, here)) {
                top = here;
                more = here;
            }
            top = std::max(top, here);
            charge_ah_ += more;
            drawn_[i] = charge_ah_;
            if (has_volts_) energy_wh_ += more * volts_[i];
            spent_[i] = energy_wh_;
        }
    }

    const CleanLog& log_;
    std::size_t rows_;
    std::vector<double> volts_, amps_, watts_, counter_;
    std::vector<double> energy_counter_;
    std::optional<double> first_counted_wh_;
    std::optional<Counted> charge_of_energy_;
    std::vector<double> drawn_;
    std::vector<double> spent_;
    double step_a_ = 0.0;
    double standing_share_ = 0.0;
    bool coarse_ = false;
    double charge_ah_ = 0.0;
    double back_ah_ = 0.0;
    double sampled_ah_ = 0.0;
    double energy_wh_ = 0.0;
    double volts_bridged_s_ = 0.0;
    double current_bridged_s_ = 0.0;
    double charge_bridged_ah_ = 0.0;
    bool bridged_by_counter_ = false;
    bool from_counter_ = false;
    bool from_power_ = false;
    bool has_volts_ = false;
};

void find_lowest_volts(const CleanLog& log, EnergyUsed& energy) {
    if (!log.raw->has(Channel::voltage_v)) return;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double v = log.value(Channel::voltage_v, i);
        if (!is_number(v) || v <= 0.0) continue;
        energy.highest_voltage_v = std::max(energy.highest_voltage_v.value_or(v), v);
        if (energy.lowest_voltage_v && v >= *energy.lowest_voltage_v) continue;
        energy.lowest_voltage_v = v;
        energy.lowest_voltage_at_s = log.time_s(i);
    }
}

/// Charge on the counter before the log's first row: only of the first flight of a file, since a counter may run on
/// from one flight to the next.
double before_log(const CleanLog& log, const std::optional<Counted>& counter) {
    if (!counter || log.part > 0 || !(counter->first_ah > jitter_ah)) return 0.0;
    return counter->first_ah;
}

} // namespace

bool is_counter_reset(double top_ah, double here_ah) {
    return here_ah < top_ah - jitter_ah && here_ah < reset_share * top_ah;
}

namespace {

/// A sensor at a pack that is charged in flight counts both ways: what falls row by row, never by much, while the
/// current is below zero, is charge that came back and no reset.
bool counts_both_ways(const CleanLog& log, Channel channel) {
    if (channel != Channel::charge_ah || !log.raw->has(Channel::current_a)) return false;
    constexpr double charging_a = -0.05;
    double fell_ah = 0.0;
    double last = missing_value;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double here = log.value(channel, i);
        if (!is_number(here)) continue;
        if (is_number(last) && here < last && last - here <= jitter_ah &&
            log.value(Channel::current_a, i) < charging_a)
            fell_ah += last - here;
        last = here;
    }
    return fell_ah > 2.0 * jitter_ah;
}

/// The net of a counter that goes both ways.
std::optional<Counted> counted_net(const CleanLog& log, Channel channel) {
    std::optional<Counted> result;
    double last = 0.0;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double here = log.value(channel, i);
        if (!is_number(here)) continue;
        if (!result)
            result = Counted{std::max(here, 0.0), 0.0};
        else
            result->counted_ah += here - last;
        last = here;
    }
    return result;
}

} // namespace

std::optional<Counted> counted(const CleanLog& log, Channel channel) {
    if (!log.raw->has(channel)) return std::nullopt;
    if (counts_both_ways(log, channel)) return counted_net(log, channel);
    std::optional<Counted> result;
    double top = 0.0;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double here = log.value(channel, i);
        if (!is_number(here)) continue;
        if (!result) {
            result = Counted{here, 0.0};
            top = here;
        } else if (here >= top) {
            result->counted_ah += here - top;
            top = here;
        } else if (is_counter_reset(top, here)) {
            result->counted_ah += here;
            top = here;
        }
    }
    return result;
}

std::optional<Peak> highest(const CleanLog& log, Channel channel) {
    if (!log.raw->has(channel)) return std::nullopt;
    std::optional<Peak> peak;
    std::size_t at = 0;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double here = log.value(channel, i);
        if (!is_number(here) || (peak && here <= peak->value)) continue;
        peak = Peak{here, log.time_s(i), 0.0};
        at = i;
    }
    if (!peak || !(peak->value > 0.0)) return std::nullopt;
    constexpr double nearly = 0.9;
    std::size_t first = at;
    std::size_t last = at;
    while (first > 0 && log.value(channel, first - 1) >= nearly * peak->value && !log.step_is_gap(first)) --first;
    while (last + 1 < log.rows.size() && log.value(channel, last + 1) >= nearly * peak->value &&
           !log.step_is_gap(last + 1))
        ++last;
    peak->for_s = log.time_s(last) - log.time_s(first);
    return peak;
}

RunningEnergy running_energy(const CleanLog& log) {
    EnergyRows rows(log);
    rows.volts_from_power();
    rows.bridge_volts();
    RunningEnergy running;
    const bool has_volts = rows.has_volts();
    rows.add_up();
    running.has_charge = rows.has_amps() || rows.from_power() || rows.from_counter();
    running.has_energy = (has_volts && running.has_charge) || rows.has_watts() || rows.has_counted_energy();
    running.charge_ah = rows.drawn();
    running.energy_wh = rows.spent();
    if (has_volts) running.voltage_v = rows.volts();
    return running;
}

namespace {

/// What the rows can tell of charge and energy.
struct Told {
    bool volts = false;
    /// Energy was counted, and charge follows from it.
    bool by_energy = false;
    /// Charge by samples of current or power, or from counted energy.
    bool charge = false;
    /// … or by any counter.
    bool counted_at_all = false;
    /// Energy without volts.
    bool energy_alone = false;
    /// Used before the log began, Ah.
    double before_ah = 0.0;
};

void say_what_is_missing(const CleanLog& log, const EnergyRows& rows, const Told& told, LogSummary& summary) {
    const auto say = [&](DiagnosticCode code, Severity severity) {
        summary.diagnostics.push_back({code, severity, {}});
    };
    if (told.before_ah > late_start_ah)
        summary.diagnostics.push_back(
            {DiagnosticCode::start_missing, Severity::warning, {{"charge_ah", told.before_ah}}});
    if (told.by_energy)
        say(DiagnosticCode::charge_from_energy, Severity::note);
    else if (!told.charge && rows.from_counter())
        say(DiagnosticCode::counter_only, Severity::note);
    if (!told.counted_at_all && !told.energy_alone)
        say(DiagnosticCode::no_current, Severity::warning);
    else if (!told.counted_at_all)
        say(DiagnosticCode::charge_unknown, Severity::note);
    else if (!told.volts && !told.energy_alone)
        say(needs_series(*log.raw) ? DiagnosticCode::cells_not_counted : DiagnosticCode::no_voltage,
            Severity::warning);
    if (rows.from_power()) say(DiagnosticCode::charge_from_power, Severity::note);
}

void say_what_was_bridged(const CleanLog& log, const EnergyRows& rows, const Told& told, LogSummary& summary) {
    if (told.volts && rows.volts_bridged_s() >= said_from_s && log.raw->has(Channel::voltage_v)) {
        summary.diagnostics.push_back(
            {DiagnosticCode::volts_bridged, Severity::note, {{"bridged_s", rows.volts_bridged_s()}}});
    }
    if (told.charge && rows.current_bridged_s() >= said_from_s) {
        summary.diagnostics.push_back({rows.bridged_by_counter() ? DiagnosticCode::current_bridged_by_counter
                                                                 : DiagnosticCode::current_bridged,
                                       rows.bridged_by_counter() ? Severity::note : Severity::warning,
                                       {{"bridged_s", rows.current_bridged_s()}}});
    }
}

void estimate_charge(const EnergyRows& rows, const Told& told, double recorded_s, EnergyUsed& energy) {
    const double charge_ah = rows.charge_ah();
    energy.rounding_ah = rows.has_amps() ? 0.5 * rows.step_a() * recorded_s / units::seconds_per_hour : 0.0;
    if (told.charge) {
        // Readings that scatter over several steps round to nothing; those that stand are all off alike.
        const double rounded_ah =
            rows.counts_steps() ? 0.0 : rows.standing_share() * energy.rounding_ah / std::sqrt(3.0);
        const double sd = units::combine_sd(current_scale_sd * (rows.moved_ah() + told.before_ah), rounded_ah,
                                            bridged_current_sd * std::abs(rows.charge_bridged_ah()));
        energy.charge_ah = Estimate{charge_ah + told.before_ah, sd};
        if (!told.by_energy) energy.sampled_charge_ah = rows.sampled_ah();
    }
    if (!told.charge && !rows.from_counter()) return;
    if (recorded_s > 0.0) energy.mean_current_a = charge_ah * units::seconds_per_hour / recorded_s;
    energy.logged_charge_ah =
        Estimate{charge_ah, units::combine_sd(current_scale_sd * std::max(rows.moved_ah(), std::abs(charge_ah)),
                                              rows.from_counter() ? counter_step_sd_ah : 0.0)};
}

void estimate_energy(const CleanLog& log, const EnergyRows& rows, const Told& told, double duration_s,
                     double recorded_s, EnergyUsed& energy) {
    const double charge_ah = rows.charge_ah();
    const double energy_wh = rows.energy_wh();
    const double first_v = told.volts ? rows.volts().front() : 0.0;
    const double share_bridged = duration_s > 0.0 ? rows.volts_bridged_s() / duration_s : 0.0;
    // Of an aircraft that is charged in flight more moved than is missing.
    const double moved_more = std::abs(charge_ah) > 0.0 ? rows.moved_ah() / std::abs(charge_ah) : 1.0;
    double sd =
        std::abs(energy_wh) * std::max(moved_more, 1.0) * units::combine_sd(current_scale_sd, voltage_scale_sd);
    sd = units::combine_sd(sd, bridged_volts_sd * share_bridged * std::abs(energy_wh));
    if (log.volts_of_cells > 0) sd = units::combine_sd(sd, cell_volts_sd * std::abs(energy_wh));
    sd = units::combine_sd(sd, bridged_current_sd * std::abs(rows.charge_bridged_ah()) * first_v);
    if (rows.from_counter()) sd = units::combine_sd(sd, counter_step_sd_ah * first_v);
    energy.logged_energy_wh = Estimate{energy_wh, sd};
    // Before the log the pack stood a little higher than at its first row.
    const double before_wh = told.before_ah * first_v;
    energy.energy_wh = Estimate{energy_wh + before_wh, units::combine_sd(sd, 2.0 * current_scale_sd * before_wh)};
    if (recorded_s > 0.0) energy.mean_power_w = energy_wh * units::seconds_per_hour / recorded_s;
}

} // namespace

void measure_energy(const CleanLog& log, LogSummary& summary) {
    EnergyUsed& energy = summary.energy;
    for (const Gap& gap : log.gaps) energy.gap_time_s += gap.end_s - gap.start_s;
    energy.highest_current = highest(log, Channel::current_a);
    find_lowest_volts(log, energy);

    EnergyRows rows(log);
    rows.volts_from_power();
    rows.bridge_volts();
    Told told;
    told.volts = rows.has_volts();
    rows.add_up();

    told.by_energy = rows.charge_of_energy().has_value();
    const auto counter = told.by_energy ? rows.charge_of_energy() : counted(log, Channel::charge_ah);
    told.before_ah = before_log(log, counter);
    told.charge = rows.has_amps() || rows.from_power() || told.by_energy;
    told.counted_at_all = told.charge || counter;
    told.energy_alone = rows.has_watts() || rows.has_counted_energy();
    if (counter && !told.by_energy) energy.counter_ah = told.before_ah + counter->counted_ah;
    if (told.before_ah > 0.0) energy.before_log_ah = told.before_ah;
    if (told.volts) summary.pack = pack_trace(log, rows.drawn(), rows.volts(), told.before_ah);
    say_what_is_missing(log, rows, told, summary);

    const double recorded_s = summary.duration_s - energy.gap_time_s;
    estimate_charge(rows, told, recorded_s, energy);
    if ((told.volts && (told.charge || rows.from_counter())) || told.energy_alone)
        estimate_energy(log, rows, told, summary.duration_s, recorded_s, energy);
    say_what_was_bridged(log, rows, told, summary);
}

} // namespace sobremesa::telemetry
