#include "core/telemetry/segments.hpp"

#include <algorithm>
#include <cmath>
#include <optional>

#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/median.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::telemetry {

namespace {

constexpr double least_band_mps = 0.4;
constexpr double least_segment_s = 8.0;
constexpr double glide_share = 0.33;
constexpr double glide_end_share = 0.5;
/// A full circle within this makes a loiter, s.
constexpr double loiter_window_s = 150.0;
/// What comes first after the ground, and last before it.
constexpr double launch_s = 10.0;
constexpr double landing_height_m = 15.0;

/// Running mean over `half` moments to both sides; NaN only where nothing is known.
std::vector<double> smooth(const Motion& motion, double Moment::*value, std::size_t half) {
    const auto& moments = motion.moments;
    std::vector<double> result(moments.size(), std::nan(""));
    for (std::size_t i = 0; i < moments.size(); ++i) {
        double sum = 0.0;
        int count = 0;
        for (std::size_t k = i > half ? i - half : 0; k < std::min(i + half + 1, moments.size()); ++k) {
            if (!std::isfinite(moments[k].*value)) continue;
            sum += moments[k].*value;
            ++count;
        }
        if (count > 0) result[i] = sum / count;
    }
    return result;
}

/// Twice the sd of the climb rate around level flight, by the quartiles: climbs and descents do not widen it.
double level_band_mps(const Motion& motion, const std::vector<double>& climb) {
    std::vector<double> off;
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
        if (std::isfinite(climb[i])) off.push_back(std::abs(climb[i]));
    }
    if (off.empty()) return least_band_mps;
    return std::clamp(2.0 * 1.4826 * units::median(off), least_band_mps, 1.0);
}

/// Moments that belong to a circling: a window around them turns through 360° one way and stays put.
std::vector<char> circling(const Motion& motion, const WindEstimate& wind) {
    const auto& moments = motion.moments;
    std::vector<char> result(moments.size(), 0);
    std::vector<double> turned(moments.size() + 1, 0.0);
    std::vector<double> east(moments.size() + 1, 0.0);
    std::vector<double> north(moments.size() + 1, 0.0);
    std::optional<double> before;
    const double we = wind.known() ? wind.east_mps : 0.0;
    const double wn = wind.known() ? wind.north_mps : 0.0;
    for (std::size_t i = 0; i < moments.size(); ++i) {
        const double ae = moments[i].east_mps - we;
        const double an = moments[i].north_mps - wn;
        double turn = 0.0;
        if (std::isfinite(ae) && std::hypot(ae, an) > 1.0) {
            const double now = units::degrees(std::atan2(ae, an));
            if (before) turn = units::signed_turn_degrees(*before, now);
            before = now;
        }
        turned[i + 1] = turned[i] + turn;
        east[i + 1] = east[i] + (std::isfinite(ae) ? ae : 0.0) * motion.step_s;
        north[i + 1] = north[i] + (std::isfinite(an) ? an : 0.0) * motion.step_s;
    }
    const auto window = std::size_t(loiter_window_s / motion.step_s);
    std::size_t to = 0;
    for (std::size_t from = motion.first_airborne; from < motion.last_airborne; ++from) {
        to = std::max(to, from + 1);
        while (to < std::min(from + window, motion.last_airborne) && std::abs(turned[to] - turned[from]) < 360.0)
            ++to;
        if (std::abs(turned[to] - turned[from]) < 360.0) continue;
        // Through the air it came back to where it began: a circle, not an S in a route.
        double way_m = 0.0;
        for (std::size_t i = from; i < to; ++i) way_m += std::hypot(east[i + 1] - east[i], north[i + 1] - north[i]);
        constexpr double back_share = 0.35;
        if (std::hypot(east[to] - east[from], north[to] - north[from]) > back_share * way_m) continue;
        std::fill(result.begin() + std::ptrdiff_t(from), result.begin() + std::ptrdiff_t(to), char(1));
    }
    return result;
}

struct Run {
    SegmentKind kind;
    std::size_t first;
    std::size_t last;
    std::size_t length() const { return last - first; }
};

std::vector<Run> runs_of(const std::vector<SegmentKind>& kinds) {
    std::vector<Run> runs;
    for (std::size_t i = 0; i < kinds.size(); ++i) {
        if (runs.empty() || runs.back().kind != kinds[i])
            runs.push_back({kinds[i], i, i + 1});
        else
            runs.back().last = i + 1;
    }
    return runs;
}

bool stays(SegmentKind kind) {
    return kind == SegmentKind::ground || kind == SegmentKind::launch || kind == SegmentKind::landing;
}

/// Joins what is too short to the longer of its neighbours, the shortest first.
void join_short(std::vector<SegmentKind>& kinds, double step_s) {
    const auto least = std::size_t(least_segment_s / step_s);
    for (;;) {
        const auto runs = runs_of(kinds);
        std::optional<std::size_t> shortest;
        for (std::size_t i = 0; i < runs.size(); ++i) {
            if (stays(runs[i].kind) || runs[i].length() >= least) continue;
            if (!shortest || runs[i].length() < runs[*shortest].length()) shortest = i;
        }
        if (!shortest) return;
        std::optional<SegmentKind> into;
        std::size_t longest = 0;
        for (const std::size_t other : {*shortest - 1, *shortest + 1}) {
            if (other >= runs.size() || stays(runs[other].kind) || runs[other].length() <= longest) continue;
            longest = runs[other].length();
            into = runs[other].kind;
        }
        if (!into) {
            // Alone between launch and landing.
            into = SegmentKind::level;
            if (runs[*shortest].kind == SegmentKind::level) into = SegmentKind::landing;
        }
        std::fill(kinds.begin() + std::ptrdiff_t(runs[*shortest].first),
                  kinds.begin() + std::ptrdiff_t(runs[*shortest].last), *into);
    }
}

/// Landed on the way, and launched again: over one place, near the ground, on no more than its electronics. What no
/// row tells in between is the same.
void find_stops(const Motion& motion, const std::vector<double>& power, double usual_w,
                std::vector<SegmentKind>& kinds) {
    constexpr double still_mps = 1.5;
    const auto& moments = motion.moments;
    double launch_m = std::nan("");
    for (const Moment& m : moments) {
        launch_m = m.height_m;
        if (std::isfinite(launch_m)) break;
    }
    const auto stands = [&](std::size_t i) {
        const Moment& m = moments[i];
        return std::hypot(m.east_mps, m.north_mps) < still_mps && power[i] < ground_draw_share * usual_w &&
               (!motion.has_height || std::abs(m.height_m - launch_m) < landing_height_m);
    };
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne;) {
        if (!stands(i)) {
            ++i;
            continue;
        }
        std::size_t end = i + 1;
        for (std::size_t k = end; k < motion.last_airborne && (moments[k].empty || stands(k)); ++k)
            if (!moments[k].empty) end = k + 1;
        if (double(end - i) * motion.step_s >= least_segment_s)
            std::fill(kinds.begin() + std::ptrdiff_t(i), kinds.begin() + std::ptrdiff_t(end), SegmentKind::ground);
        i = end;
    }
}

std::vector<SegmentKind> kinds_of(const Motion& motion, const WindEstimate& wind) {
    const auto& moments = motion.moments;
    std::vector<SegmentKind> kinds(moments.size(), SegmentKind::ground);
    const auto climb = smooth(motion, &Moment::climb_mps, 3);
    const auto power = smooth(motion, &Moment::power_w, 3);
    const auto height = smooth(motion, &Moment::height_m, 1);
    const double band = level_band_mps(motion, climb);
    std::vector<double> powers;
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
        if (std::isfinite(power[i])) powers.push_back(power[i]);
    }
    const double usual_w = units::median(powers);
    const auto loiters = circling(motion, wind);
    SegmentKind slope = SegmentKind::level;
    bool gliding = false;
    for (std::size_t i = motion.first_airborne; i < motion.last_airborne; ++i) {
        const double c = climb[i];
        if (slope == SegmentKind::climb && c < 0.5 * band) slope = SegmentKind::level;
        if (slope == SegmentKind::descent && c > -0.5 * band) slope = SegmentKind::level;
        if (c > band) slope = SegmentKind::climb;
        if (c < -band) slope = SegmentKind::descent;
        gliding = power[i] < (gliding ? glide_end_share : glide_share) * usual_w && slope != SegmentKind::climb;
        kinds[i] = gliding                                          ? SegmentKind::glide
                   : slope == SegmentKind::level && loiters[i] != 0 ? SegmentKind::loiter
                                                                    : slope;
    }
    find_stops(motion, power, usual_w, kinds);
    // From the ground into the air, and back.
    const auto first = motion.first_airborne;
    const auto last = motion.last_airborne;
    if (first > 0) {
        const auto end = std::min(first + std::size_t(launch_s / motion.step_s), last);
        std::fill(kinds.begin() + std::ptrdiff_t(first), kinds.begin() + std::ptrdiff_t(end), SegmentKind::launch);
    }
    if (last < moments.size() && last > first) {
        const double ground_m = height[last - 1];
        std::size_t from = last;
        while (from > first && kinds[from - 1] != SegmentKind::launch && kinds[from - 1] != SegmentKind::climb &&
               (!std::isfinite(height[from - 1]) || height[from - 1] - ground_m < landing_height_m) &&
               last - from < std::size_t(60.0 / motion.step_s))
            --from;
        std::fill(kinds.begin() + std::ptrdiff_t(from), kinds.begin() + std::ptrdiff_t(last), SegmentKind::landing);
    }
    join_short(kinds, motion.step_s);
    return kinds;
}

Segment measured(const Motion& motion, const WindEstimate& wind, const Run& run) {
    Segment s;
    s.kind = run.kind;
    s.first = run.first;
    s.last = run.last;
    s.start_s = motion.moments[run.first].time_s - 0.5 * motion.step_s;
    s.end_s = motion.moments[run.last - 1].time_s + 0.5 * motion.step_s;
    double power_s = 0.0;
    std::optional<double> first_m;
    double last_m = 0.0;
    for (std::size_t i = run.first; i < run.last; ++i) {
        const Moment& m = motion.moments[i];
        if (std::isfinite(m.east_mps)) s.ground_m += std::hypot(m.east_mps, m.north_mps) * motion.step_s;
        if (wind.known() && std::isfinite(m.east_mps) && run.kind != SegmentKind::ground)
            s.air_m += airspeed_at(motion, wind, i) * motion.step_s;
        if (std::isfinite(m.height_m)) {
            if (!first_m) first_m = m.height_m;
            last_m = m.height_m;
        }
        if (std::isfinite(m.power_w)) {
            s.energy_wh += m.power_w * motion.step_s / units::seconds_per_hour;
            power_s += motion.step_s;
        }
        if (std::isfinite(m.current_a)) s.charge_ah += m.current_a * motion.step_s / units::seconds_per_hour;
    }
    s.climb_m = first_m ? last_m - *first_m : std::nan("");
    if (!motion.has_velocity) s.ground_m = std::nan("");
    if (!wind.known()) s.air_m = std::nan("");
    if (!motion.has_power) s.energy_wh = std::nan("");
    s.mean_power_w = power_s > 0.0 ? s.energy_wh * units::seconds_per_hour / power_s : std::nan("");
    return s;
}

} // namespace

const char* segment_word(SegmentKind kind) {
    switch (kind) {
    case SegmentKind::ground: return "ground";
    case SegmentKind::launch: return "launch";
    case SegmentKind::climb: return "climb";
    case SegmentKind::level: return "level";
    case SegmentKind::glide: return "glide";
    case SegmentKind::descent: return "descent";
    case SegmentKind::loiter: return "loiter";
    case SegmentKind::landing: break;
    }
    return "landing";
}

std::vector<Segment> segments(const Motion& motion, const WindEstimate& wind) {
    std::vector<Segment> result;
    for (const Run& run : runs_of(kinds_of(motion, wind))) result.push_back(measured(motion, wind, run));
    return result;
}

std::optional<units::Explanation> explain(const Segment& segment, units::Quantity quantity) {
    using units::Quantity;
    using units::Relation;
    units::Explanation why;
    why.quantity = quantity;
    why.source = units::Source::log_itself;
    const units::ExplainedInput lasted{
        Quantity::duration, {segment.end_s - segment.start_s, 0.0}, units::Origin::measured};
    switch (quantity) {
    case Quantity::duration:
        why.value = lasted.value;
        why.relation = Relation::first_to_last_row;
        break;
    case Quantity::ground_distance:
        why.value = {segment.ground_m, 0.0};
        why.relation = Relation::airspeed_over_time;
        why.inputs = {lasted};
        break;
    case Quantity::height:
        why.value = {segment.climb_m, 0.0};
        why.relation = Relation::first_to_last_row;
        why.inputs = {lasted};
        break;
    case Quantity::lift_of_air:
        why.value = {segment.lift_mps, 0.0};
        why.relation = Relation::climb_less_bought_climb;
        why.inputs = {lasted,
                      {Quantity::height, {segment.climb_m, 0.0}, units::Origin::measured},
                      {Quantity::mean_power, {segment.mean_power_w, 0.0}, units::Origin::measured}};
        break;
    case Quantity::mean_power:
        why.value = {segment.mean_power_w, 0.0};
        why.relation = Relation::mean_over_time;
        why.inputs = {lasted};
        break;
    case Quantity::used_energy:
        why.value = {segment.energy_wh, 0.0};
        why.relation = Relation::trapezoid_of_power;
        why.inputs = {lasted};
        break;
    default: return std::nullopt;
    }
    return std::isfinite(why.value.value) ? std::optional(why) : std::nullopt;
}

} // namespace sobremesa::telemetry
