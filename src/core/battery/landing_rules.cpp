#include "core/battery/landing_rules.hpp"

#include <algorithm>
#include <cmath>

namespace sobremesa::battery {

const char* landing_practice_word(LandingPractice practice) {
    switch (practice) {
    case LandingPractice::long_life: return "long-life";
    case LandingPractice::careful: return "careful";
    case LandingPractice::usual: return "usual";
    case LandingPractice::edge: return "edge";
    case LandingPractice::floor: return "floor";
    case LandingPractice::alarm_left: return "alarm-left";
    case LandingPractice::emergency: break;
    }
    return "emergency";
}

std::vector<LandingRule> landing_rules(Chemistry chemistry) {
    using P = LandingPractice;
    if (chemistry == Chemistry::li_ion) {
        return {{P::alarm_left, 3.5, false}, {P::careful, 3.0, false}, {P::usual, 2.8, false},
                {P::edge, 2.7, false},       {P::floor, 2.5, false},   {P::emergency, 2.0, false}};
    }
    return {{P::long_life, 3.7, true},
            {P::careful, 3.6, false},
            {P::usual, 3.5, false},
            {P::edge, 3.3, false},
            {P::floor, 3.0, false}};
}

namespace {

/// First sample at which the mean cell would rest at a voltage, refined between samples.
std::optional<DischargePoint> resting_at(const PackModel& pack, const Discharge& run, double cell_v) {
    const double wanted_v = cell_v * pack.pack().series;
    const auto resting = [&](const DischargePoint& point) { return pack.restingV(run.state_at(point)); };
    if (run.gives_nothing() || resting(run.points.front()) <= wanted_v) return std::nullopt;
    const auto below =
        std::find_if(run.points.begin(), run.points.end(), [&](const auto& p) { return resting(p) <= wanted_v; });
    if (below == run.points.end()) return run.last();
    const double before_v = resting(*(below - 1));
    const double share = (before_v - wanted_v) / (before_v - resting(*below));
    return point_at_time(run, std::lerp((below - 1)->time_s, below->time_s, share));
}

} // namespace

std::vector<Landing> land_by_all_rules(const PackModel& pack, const PackState& start, const LoadPhase& load,
                                       const Surroundings& around) {
    const double floor_v = traits(pack.pack().chemistry).floor_cell_v;
    const double filter_s = cutoff_filter_s(load);
    const Discharge whole = discharge(pack, start, {load}, {floor_v, 1e9, 480, filter_s}, around);
    std::vector<Landing> landings;
    for (const LandingRule& rule : landing_rules(pack.pack().chemistry)) {
        Landing landing;
        landing.rule = rule;
        if (rule.at_rest) {
            landing.at = resting_at(pack, whole, rule.cell_v);
        } else {
            const Discharge run = discharge(pack, start, {load}, {rule.cell_v, 1e9, 1, filter_s}, around);
            if (!run.gives_nothing()) landing.at = run.last();
        }
        const double used_ah = landing.at ? landing.at->charge_used_ah : 0.0;
        const double given_wh = landing.at ? landing.at->energy_wh : 0.0;
        // Below the floor nothing is left that may be used.
        landing.left_charge_ah = std::max(whole.last().charge_used_ah - used_ah, 0.0);
        landing.left_energy_wh = std::max(whole.last().energy_wh - given_wh, 0.0);
        const PackState landed = landing.at ? whole.state_at(*landing.at) : start;
        landing.rested_cell_v =
            pack.openCircuitV(pack.rested(landed, reading_rest_s, around.air_temperature_c)) / pack.pack().series;
        landings.push_back(landing);
    }
    return landings;
}

std::vector<double> recovery_cell_v(const PackModel& pack, const PackState& landed,
                                    const std::vector<double>& times_s, double air_temperature_c) {
    std::vector<double> volts;
    PackState state = landed;
    double at_s = 0.0;
    for (const double time_s : times_s) {
        state = pack.rested(state, time_s - at_s, air_temperature_c);
        at_s = time_s;
        volts.push_back(pack.openCircuitV(state) / pack.pack().series);
    }
    return volts;
}

std::vector<PeakPoint> peaks_along(const PackModel& pack, const Discharge& discharge, double landing_cell_v,
                                   int points) {
    std::vector<PeakPoint> peaks;
    const double end_ah = discharge.last().charge_used_ah;
    for (int i = 0; i <= points; ++i) {
        const DischargePoint at = point_at_charge(discharge, end_ah * i / points);
        const PackState state = discharge.state_at(at);
        peaks.push_back(
            {at.charge_used_ah, pack.peakPowerW(state, landing_cell_v), pack.peakCurrentA(state, landing_cell_v)});
    }
    return peaks;
}

std::optional<DischargePoint> last_moment_for(const PackModel& pack, const Discharge& discharge, double power_w,
                                              double landing_cell_v) {
    const auto margin = [&](const DischargePoint& point) {
        return pack.peakPowerW(discharge.state_at(point), landing_cell_v) - power_w;
    };
    const auto& points = discharge.points;
    const auto last = std::find_if(points.rbegin(), points.rend(), [&](const auto& p) { return margin(p) >= 0.0; });
    if (last == points.rend()) return std::nullopt;
    const auto next = last.base();
    if (next == points.end()) return *last;
    const double share = margin(*last) / (margin(*last) - margin(*next));
    return point_at_time(discharge, std::lerp(last->time_s, next->time_s, share));
}

} // namespace sobremesa::battery
