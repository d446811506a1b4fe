#include "core/debrief/sun_verdict.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <vector>

#include <Eigen/Dense>

#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/huber.hpp"
#include "core/units/median.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::debrief {

namespace {

using telemetry::Channel;

/// Readings are averaged over so long; less would be noise, more would hide what a load does.
constexpr double bin_s = 5.0;
constexpr double steady_share = 0.12;
constexpr double least_steady_s = 240.0;
/// Of the flight's power: the motor is off.
constexpr double glide_share = 0.33;
/// Over a minute: more is lift, sink, or a slow descent, and a watt for every half metre of a kilogram.
constexpr double most_drift_mps = 0.2;
constexpr double drift_window_s = 30.0;
constexpr double least_part_s = 20.0;
/// Common practice, no source.
constexpr double current_scale_sd = 0.05;
constexpr double current_zero_sd_a = 0.05;
constexpr double slope_of_curve_sd = 0.35;
constexpr double capacity_sd = 0.05;
/// What the slow part of a cell that nobody measured leaves, W for each watt-hour of the pack.
constexpr double slow_part_sd_per_h = 0.035;
/// W that fine volts tell, and what each volt of their step adds: a step of 0.1 V of a pack hides some 8 W in ten
/// minutes.
constexpr double least_told_w = 3.0;
constexpr double told_w_per_volt = 60.0;

struct Bin {
    double time_s = 0.0;
    double volts = 0.0;
    double amps = 0.0; ///< of the main sensor
    double array_a = 0.0;
    double height_m = 0.0; ///< NaN where the log has none
    double volts_sd = 0.0;
    int rows = 0;
    telemetry::SegmentKind segment = telemetry::SegmentKind::ground;
    bool level = false;
    bool glide = false;
    bool drifting = false;
    bool steady = false;
    double power_w() const { return volts * amps; }
};

/// Smallest step between different readings: what the volts are written in.
double step_of(const telemetry::CleanLog& log) {
    std::vector<double> values;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double v = log.value(Channel::voltage_v, i);
        if (std::isfinite(v)) values.push_back(v);
    }
    std::sort(values.begin(), values.end());
    double least = 1.0;
    for (std::size_t i = 1; i < values.size(); ++i) {
        const double step = values[i] - values[i - 1];
        if (step > 1e-6) least = std::min(least, step);
    }
    return least;
}

/// Which bins rise or sink with the minute around them, as far as it was flown alike: the slope of a line through
/// their heights. The end of a climb is no drift.
void mark_drifting(std::vector<Bin>& bins) {
    std::vector<bool> drifts(bins.size(), false);
    for (std::size_t i = 0; i < bins.size(); ++i) {
        double n = 0.0, t = 0.0, h = 0.0, tt = 0.0, th = 0.0;
        const auto add = [&](const Bin& bin) {
            if (!std::isfinite(bin.height_m)) return;
            const double at = bin.time_s - bins[i].time_s;
            n += 1.0;
            t += at;
            h += bin.height_m;
            tt += at * at;
            th += at * bin.height_m;
        };
        const auto alike = [&](const Bin& bin) {
            return bin.segment == bins[i].segment && std::abs(bin.time_s - bins[i].time_s) <= drift_window_s;
        };
        for (std::size_t k = i; k-- > 0 && alike(bins[k]);) add(bins[k]);
        for (std::size_t k = i; k < bins.size() && alike(bins[k]); ++k) add(bins[k]);
        const double spread = n * tt - t * t;
        // Half a minute at the least: a gust is no drift.
        constexpr double least_bins = 6.0;
        drifts[i] = n >= least_bins && spread > 0.0 && std::abs((n * th - t * h) / spread) > most_drift_mps;
    }
    // The minute around its beginning and its end is half level: what it hides is added.
    constexpr std::size_t hidden = 3;
    for (std::size_t i = 0; i < bins.size(); ++i) {
        if (!drifts[i]) continue;
        for (std::size_t k = i < hidden ? 0 : i - hidden; k < std::min(i + hidden + 1, bins.size()); ++k)
            bins[k].drifting = bins[k].drifting || bins[k].segment == bins[i].segment;
    }
}

std::vector<Bin> bins_of(const telemetry::CleanLog& log, const telemetry::Findings& found) {
    std::vector<Bin> bins;
    const bool array = log.raw->has(Channel::array_current_a);
    const bool height = log.raw->has(Channel::height_m);
    std::vector<double> squares;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        const double volts = log.value(Channel::voltage_v, i);
        const double amps = log.value(Channel::current_a, i);
        if (!std::isfinite(volts) || !std::isfinite(amps)) continue;
        const double at = log.time_s(i);
        const double slot = std::floor(at / bin_s);
        if (bins.empty() || bins.back().time_s != (slot + 0.5) * bin_s) {
            bins.push_back({(slot + 0.5) * bin_s});
            squares.push_back(0.0);
        }
        Bin& bin = bins.back();
        bin.volts += volts;
        bin.amps += amps;
        squares.back() += volts * volts;
        const double seen = array ? log.value(Channel::array_current_a, i) : 0.0;
        bin.array_a += std::isfinite(seen) ? seen : 0.0;
        bin.height_m += height ? log.value(Channel::height_m, i) : std::numeric_limits<double>::quiet_NaN();
        ++bin.rows;
    }
    for (std::size_t i = 0; i < bins.size(); ++i) {
        Bin& bin = bins[i];
        bin.volts /= bin.rows;
        bin.amps /= bin.rows;
        bin.array_a /= bin.rows;
        bin.height_m /= bin.rows;
        const double variance = std::max(squares[i] / bin.rows - bin.volts * bin.volts, 0.0);
        bin.volts_sd = std::sqrt(variance / bin.rows);
        for (const auto& segment : found.segments) {
            if (bin.time_s < segment.start_s || bin.time_s >= segment.end_s) continue;
            // A segment on little power may be a glide, or level flight that the array carries: the load decides.
            using Kind = telemetry::SegmentKind;
            bin.segment = segment.kind;
            bin.level = segment.kind == Kind::level || segment.kind == Kind::loiter || segment.kind == Kind::glide;
        }
    }
    mark_drifting(bins);
    return bins;
}

/// Which bins are level flight at the usual power.
/// @param load_w  what motors and electronics take in a bin
template <class Load>
double mark_steady(std::vector<Bin>& bins, const Load& load_w) {
    std::vector<double> powers;
    for (const Bin& bin : bins) {
        if (bin.level && !bin.drifting) powers.push_back(load_w(bin));
    }
    if (powers.empty()) {
        for (const Bin& bin : bins) {
            if (bin.level) powers.push_back(load_w(bin));
        }
    }
    if (powers.empty()) return 0.0;
    const double usual_w = units::median(powers);
    for (std::size_t i = 0; i < bins.size(); ++i) {
        // Judged over half a minute: a gust is not another power.
        double sum = 0.0;
        int count = 0;
        for (std::size_t k = i >= 3 ? i - 3 : 0; k < std::min(i + 4, bins.size()); ++k) {
            if (!bins[k].level) continue;
            sum += load_w(bins[k]);
            ++count;
        }
        bins[i].steady = bins[i].level && count > 0 && std::abs(sum / count / usual_w - 1.0) < steady_share;
        if (bins[i].level && load_w(bins[i]) < glide_share * usual_w) {
            bins[i].glide = true;
            bins[i].steady = false;
        }
    }
    return usual_w;
}

/// Takes the bins that drift out of those that are steady.
/// @return how long they are, s
double leave_out_drifting(std::vector<Bin>& bins) {
    double left_out_s = 0.0;
    for (Bin& bin : bins) {
        if (!bin.steady || !bin.drifting) continue;
        bin.steady = false;
        left_out_s += bin_s;
    }
    return left_out_s;
}

/// The flight in parts of one kind each.
/// @param pack_current  the main sensor is the pack's, and the array has one of its own
/// @param switched_off  of a bin at the usual power: the array gives nothing although it does elsewhere
template <class Off>
std::vector<SunPart> parts_of(const std::vector<Bin>& bins, bool pack_current, const Off& switched_off) {
    std::vector<SunPart> parts;
    constexpr double most_gap_s = 15.0;
    struct Sum {
        double pack_w = 0.0, array_w = 0.0, volts = 0.0;
        int count = 0;
    } sum;
    const auto finish = [&] {
        if (parts.empty() || sum.count == 0) return;
        SunPart& part = parts.back();
        const double n = sum.count;
        part.load_w = (sum.pack_w + sum.array_w) / n;
        const auto read = [&](double w) {
            return units::Estimate{w / n,
                                   units::combine_sd(current_scale_sd * w / n, current_zero_sd_a * sum.volts / n)};
        };
        if (pack_current) {
            part.pack_w = read(sum.pack_w);
            part.array_w = read(sum.array_w);
        }
        if (part.end_s - part.start_s < least_part_s) parts.pop_back();
        sum = {};
    };
    for (const Bin& bin : bins) {
        if (!bin.steady && !bin.glide) continue;
        const auto kind = bin.glide           ? SunPart::Kind::motor_off
                          : switched_off(bin) ? SunPart::Kind::array_off
                                              : SunPart::Kind::cruise;
        const double from_s = bin.time_s - 0.5 * bin_s;
        if (sum.count == 0 || parts.back().kind != kind || from_s - parts.back().end_s > most_gap_s) {
            finish();
            parts.push_back({kind, from_s, from_s, 0.0, {}, {}, bin.volts, bin.volts});
        }
        parts.back().end_s = from_s + bin_s;
        parts.back().end_v = bin.volts;
        sum.pack_w += bin.power_w();
        sum.array_w += bin.volts * bin.array_a;
        sum.volts += bin.volts;
        ++sum.count;
    }
    finish();
    return parts;
}

double told_from_w(double step_v) {
    return std::max(least_told_w, told_w_per_volt * step_v);
}

/// @param noise_w  error that may turn the sign; one that only segments the figure does not
void judge(SunReading& reading, double noise_w) {
    constexpr double stretched = 0.9;
    const double value = reading.balance_w.value;
    const double from = reading.threshold_w;
    if (stretched * value > from + noise_w)
        reading.verdict = SunVerdict::gaining;
    else if (stretched * value < -from - noise_w)
        reading.verdict = SunVerdict::losing;
    else if (std::abs(value) + 2.0 * reading.balance_w.sd < std::max(from, least_told_w))
        reading.verdict = SunVerdict::holding;
    else
        reading.verdict = SunVerdict::cannot_tell;
}

/// The pack through a flight: what stands unknown, and its volts in every bin.
class Followed {
public:
    Followed(const std::vector<Bin>& bins, const battery::PackModel& pack, double air_c)
        : bins_(bins), pack_(pack), air_c_(air_c) {}

    static constexpr int unknowns = 4; // charge at the start, array current, resistance (log), gap at the start
    using Unknowns = Eigen::Matrix<double, unknowns, 1>;

    std::vector<double> volts(const Unknowns& x) const {
        std::vector<double> result;
        result.reserve(bins_.size());
        const double full_ah = pack_.fullChargeAh();
        battery::PackState state = pack_.atStart(air_c_);
        state.charge_used_ah = (1.0 - x[0]) * full_ah;
        state.slow_gap = x[3];
        for (std::size_t i = 0; i < bins_.size(); ++i) {
            const double current_a = bins_[i].amps - x[1];
            auto circuit = pack_.circuit(state);
            const double resistance = circuit.resistance_ohm * std::exp(x[2]);
            result.push_back(circuit.open_circuit_v - current_a * resistance);
            const double until_s = i + 1 < bins_.size() ? bins_[i + 1].time_s - bins_[i].time_s : bin_s;
            const auto rates = pack_.rates(state, circuit, current_a, air_c_);
            // Across a pause the pack goes on; the slow part settles rather than runs away.
            const double dt_s = std::min(until_s, 60.0);
            state.charge_used_ah += rates.charge_a * until_s / units::seconds_per_hour;
            state.slow_gap += rates.slow_gap_per_s * dt_s;
            state.temperature_c += rates.kelvin_per_s * dt_s;
        }
        return result;
    }

private:
    const std::vector<Bin>& bins_;
    const battery::PackModel& pack_;
    double air_c_;
};

/// Array current that makes the pack's volts come out, with its error.
std::optional<units::Estimate> array_current(const std::vector<Bin>& bins, const battery::PackModel& pack,
                                             double air_c, double step_v) {
    using Unknowns = Followed::Unknowns;
    constexpr int n = Followed::unknowns;
    const Followed followed(bins, pack, air_c);
    std::vector<std::size_t> used;
    std::vector<double> noises;
    for (std::size_t i = 0; i < bins.size(); ++i) {
        if (!bins[i].steady) continue;
        used.push_back(i);
        noises.push_back(bins[i].volts_sd);
    }
    if (used.size() < std::size_t(n) + 2) return std::nullopt;
    // A reading between two steps is off by a good quarter of one, however often it is written.
    const double noise = std::max({units::median(noises), step_v / std::sqrt(12.0) / std::sqrt(double(n)), 1e-4});
    double usual_a = 0.0;
    for (const std::size_t i : used) usual_a += bins[i].amps / double(used.size());
    const double full_v = battery::traits(pack.pack().chemistry).full_cell_v;
    const double start_cell_v =
        (bins.front().volts + bins.front().amps * pack.resistanceOhm(pack.atStart(air_c))) / pack.pack().series;
    Unknowns x;
    x << battery::state_of_charge_at_rest(pack.pack().chemistry, std::min(start_cell_v, full_v)), 0.5 * usual_a,
        0.0, 0.0;
    const Unknowns mean = x;
    // Charge and array current are what is asked; resistance is known to a third, the pack may come from the
    // charger or from a rest under the sun.
    Unknowns belief;
    belief << 1.0 / (0.3 * 0.3), 1.0 / (3.0 * usual_a * 3.0 * usual_a + 1e-6), 1.0 / (0.35 * 0.35),
        1.0 / (0.02 * 0.02);
    Eigen::Matrix<double, n, n> normal;
    std::vector<double> residuals;
    for (int round = 0; round < 12; ++round) {
        const auto base = followed.volts(x);
        const Unknowns steps(1e-4, 1e-3 * std::max(usual_a, 0.1), 1e-3, 1e-4);
        std::array<std::vector<double>, n> moved;
        for (int k = 0; k < n; ++k) {
            Unknowns other = x;
            other[k] += steps[k];
            moved[std::size_t(k)] = followed.volts(other);
        }
        normal = belief.asDiagonal();
        Unknowns right = -(belief.cwiseProduct(x - mean));
        residuals.clear();
        for (const std::size_t i : used) {
            Unknowns slope;
            for (int k = 0; k < n; ++k) slope[k] = (moved[std::size_t(k)][i] - base[i]) / steps[k];
            const double r = bins[i].volts - base[i];
            residuals.push_back(r);
            const double w = units::huber_weight(r / noise) / (noise * noise);
            normal += w * slope * slope.transpose();
            right += w * r * slope;
        }
        const Unknowns move = normal.ldlt().solve(right);
        x += move;
        x[0] = std::clamp(x[0], 0.01, 1.05);
        x[2] = std::clamp(x[2], -1.5, 1.5);
        if (move.cwiseQuotient(steps).norm() < 1.0) break;
    }
    // Residuals that hang together are worth fewer than they are.
    double together = 0.0;
    double all = 0.0;
    for (std::size_t i = 0; i < residuals.size(); ++i) {
        all += residuals[i] * residuals[i];
        if (i > 0) together += residuals[i] * residuals[i - 1];
    }
    const double rho = all > 0.0 ? std::clamp(together / all, 0.0, 0.95) : 0.0;
    const double scatter = std::max(all / double(residuals.size()) / (noise * noise), 1.0);
    const double variance = normal.inverse()(1, 1) * scatter * (1.0 + rho) / (1.0 - rho);
    if (!std::isfinite(x[1]) || !(variance > 0.0)) return std::nullopt;
    return units::Estimate{x[1], std::sqrt(variance)};
}

/// What the array gives in the clear around each bin, A: the upper readings of twenty minutes.
std::vector<double> clear_array_a(const std::vector<Bin>& bins) {
    constexpr double around_s = 600.0;
    constexpr double upper = 0.8;
    std::vector<double> clear(bins.size(), 0.0);
    for (std::size_t i = 0; i < bins.size(); ++i) {
        std::vector<double> near;
        for (std::size_t k = i; k-- > 0 && bins[i].time_s - bins[k].time_s <= around_s;)
            near.push_back(bins[k].array_a);
        for (std::size_t k = i; k < bins.size() && bins[k].time_s - bins[i].time_s <= around_s; ++k)
            near.push_back(bins[k].array_a);
        const auto at = near.begin() + std::ptrdiff_t(upper * double(near.size() - 1));
        std::nth_element(near.begin(), at, near.end());
        clear[i] = *at;
    }
    return clear;
}

/// By sensors of array and pack.
/// @param full_v  of the whole pack
SunReading from_currents(std::vector<Bin>& bins, double full_v, double step_v) {
    SunReading reading;
    reading.evidence = SunEvidence::pack_current;
    const auto load_w = [](const Bin& bin) { return bin.volts * (bin.amps + bin.array_a); };
    reading.level_w = mark_steady(bins, load_w);
    reading.drifting_s = leave_out_drifting(bins);
    // Where the array gives nothing although it does in most of the flight, it is switched off.
    std::vector<double> seen;
    for (const Bin& bin : bins) {
        if (bin.steady) seen.push_back(bin.array_a);
    }
    const double usual_a = seen.empty() ? 0.0 : units::median(seen);
    const auto is_off = [&](const Bin& bin) { return usual_a > 0.0 && bin.array_a < 0.05 * usual_a; };
    reading.parts = parts_of(bins, true, is_off);
    const std::vector<double> clear_a = clear_array_a(bins);
    constexpr double in_the_clear = 0.8;
    const double nearly_full_v = full_v - std::max(0.03, step_v);
    double on_w = 0.0, array_w = 0.0, volts = 0.0, off_w = 0.0, glide_w = 0.0;
    int on = 0, off = 0, glides = 0;
    for (std::size_t i = 0; i < bins.size(); ++i) {
        const Bin& bin = bins[i];
        const bool switched_off = is_off(bin);
        if (bin.glide && !switched_off) {
            glide_w += bin.volts * bin.array_a;
            ++glides;
        }
        if (!bin.steady) {
            if (bin.level) reading.left_out_s += bin_s;
            continue;
        }
        if (switched_off) {
            off_w += bin.power_w();
            ++off;
            continue;
        }
        // A full pack takes no more, and the converter holds back: neither gain nor loss of that day.
        if (bin.volts >= nearly_full_v) {
            reading.full_s += bin_s;
            continue;
        }
        if (bin.array_a < in_the_clear * clear_a[i]) {
            reading.shaded_s += bin_s;
            continue;
        }
        on_w += bin.power_w();
        array_w += bin.volts * bin.array_a;
        volts += bin.volts;
        ++on;
    }
    reading.used_s = on * bin_s;
    if (on == 0) return reading;
    const auto with_sd = [&](double w, double scale_of_w) {
        return units::Estimate{w, units::combine_sd(current_scale_sd * scale_of_w, current_zero_sd_a * volts / on)};
    };
    reading.balance_w = with_sd(-on_w / on, std::abs(on_w / on));
    reading.array_w = with_sd(array_w / on, array_w / on);
    constexpr double least_read_s = 30.0;
    reading.threshold_w = 2.0 * reading.balance_w.sd;
    if (reading.used_s >= least_read_s) judge(reading, 0.0);
    // A full pack, or a shadow, holds the array back: what it gave then is not what it can.
    const double in_glides_w = glides > 0 ? glide_w / glides : 0.0;
    if (glides * bin_s >= 15.0 && in_glides_w > 0.5 * array_w / on)
        reading.glide_array_w = with_sd(in_glides_w, in_glides_w);
    if (off * bin_s >= 20.0)
        reading.switched_off_w = with_sd(off_w / off - on_w / on, std::abs(off_w / off - on_w / on));
    return reading;
}

SunReading from_volts(std::vector<Bin>& bins, const battery::PackModel& pack, double air_c, double step_v) {
    SunReading reading;
    reading.evidence = SunEvidence::pack_volts;
    reading.threshold_w = told_from_w(step_v);
    reading.level_w = mark_steady(bins, [](const Bin& bin) { return bin.power_w(); });
    reading.drifting_s = leave_out_drifting(bins);
    reading.parts = parts_of(bins, false, [](const Bin&) { return false; });
    double amps = 0.0, volts = 0.0;
    int count = 0;
    for (const Bin& bin : bins) {
        if (bin.steady) {
            amps += bin.amps;
            volts += bin.volts;
            ++count;
        } else if (bin.level) {
            reading.left_out_s += bin_s;
        }
    }
    reading.used_s = count * bin_s;
    if (reading.used_s < least_steady_s) {
        // Nothing rests on it, and nothing is claimed of it: no balance of 0 W.
        reading.used_s = 0.0;
        return reading;
    }
    const auto array_a = array_current(bins, pack, air_c, step_v);
    if (!array_a) {
        reading.used_s = 0.0;
        return reading;
    }
    const double mean_v = volts / count;
    const double balance_w = (array_a->value - amps / count) * mean_v;
    const double pack_wh = pack.fullChargeAh() * mean_v;
    reading.balance_w = {
        balance_w, units::combine_sd(array_a->sd * mean_v, slow_part_sd_per_h * pack_wh,
                                     units::combine_sd(slope_of_curve_sd, capacity_sd) * std::abs(balance_w))};
    judge(reading, array_a->sd * mean_v);
    reading.array_w = units::Estimate{array_a->value * mean_v,
                                      units::combine_sd(reading.balance_w.sd, current_scale_sd * reading.level_w)};
    return reading;
}

} // namespace

const char* sun_verdict_word(SunVerdict verdict) {
    switch (verdict) {
    case SunVerdict::gaining: return "gaining";
    case SunVerdict::holding: return "holding";
    case SunVerdict::losing: return "losing";
    case SunVerdict::cannot_tell: break;
    }
    return "cannot-tell";
}

const char* sun_part_word(SunPart::Kind kind) {
    switch (kind) {
    case SunPart::Kind::cruise: return "cruise";
    case SunPart::Kind::motor_off: return "motor-off";
    case SunPart::Kind::array_off: break;
    }
    return "array-off";
}

const char* sun_evidence_word(SunEvidence evidence) {
    return evidence == SunEvidence::pack_current ? "pack-current" : "pack-volts";
}

std::optional<SunReading> read_sun(const telemetry::CleanLog& log, const telemetry::Findings& found,
                                   const battery::PackModel& pack, double air_temperature_c) {
    if (!log.raw->has(Channel::voltage_v) || !log.raw->has(Channel::current_a)) return std::nullopt;
    auto bins = bins_of(log, found);
    if (std::none_of(bins.begin(), bins.end(), [](const Bin& bin) { return bin.level; })) return std::nullopt;
    const bool currents = log.raw->has(Channel::array_current_a);
    SunReading reading =
        currents ? from_currents(bins, battery::traits(pack.pack().chemistry).full_cell_v * pack.pack().series,
                                 step_of(log))
                 : from_volts(bins, pack, air_temperature_c, step_of(log));
    return reading;
}

bool counts_the_sun(const telemetry::CleanLog& log, const airframe::Aircraft& aircraft) {
    if (!aircraft.array || log.raw->has(Channel::array_current_a)) return false;
    // A sensor at the pack shows the charging too.
    constexpr double into_the_pack_a = -0.2;
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        if (log.value(Channel::current_a, i) < into_the_pack_a) return false;
    }
    return true;
}

double power_of_pack_w(const telemetry::LogSummary& summary, const airframe::Aircraft& aircraft,
                       const battery::Pack& pack) {
    if (aircraft.array && aircraft.cruise_power_w > 0.0) return aircraft.cruise_power_w;
    const auto drawn = [](const std::optional<double>& mean) { return mean && *mean > 0.0; };
    if (drawn(summary.energy.mean_power_w)) return *summary.energy.mean_power_w;
    const double mean_v = battery::mean_open_circuit_cell_v(pack.chemistry) * pack.series;
    if (drawn(summary.energy.mean_current_a)) return *summary.energy.mean_current_a * mean_v;
    constexpr double usual_c = 0.5;
    return aircraft.cruise_power_w > 0.0 ? aircraft.cruise_power_w
                                         : usual_c * battery::rated_charge_ah(pack) * mean_v;
}

std::optional<units::Explanation> explain(const SunReading& reading, units::Quantity quantity) {
    using units::Origin;
    using units::Quantity;
    const auto relation = reading.evidence == SunEvidence::pack_current ? units::Relation::volts_times_that_current
                                                                        : units::Relation::array_that_volts_ask_for;
    const auto source =
        reading.evidence == SunEvidence::pack_current ? units::Source::log_itself : units::Source::two_well_circuit;
    const std::vector<units::ExplainedInput> inputs = {
        {Quantity::duration, {reading.used_s, 0.0}, Origin::computed},
        {Quantity::level_power, {reading.level_w, 0.0}, Origin::computed}};
    if (quantity == Quantity::power_balance)
        return units::Explanation{quantity, reading.balance_w, inputs, relation, source, {}};
    if (quantity == Quantity::array_power && reading.array_w)
        return units::Explanation{quantity, *reading.array_w, inputs, relation, source, {}};
    return std::nullopt;
}

} // namespace sobremesa::debrief
