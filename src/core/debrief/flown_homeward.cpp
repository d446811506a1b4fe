#include "core/debrief/flown_homeward.hpp"

#include <algorithm>
#include <cmath>

#include "core/debrief/flown_rows.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::debrief {

using telemetry::Channel;

namespace {

/// Points that a chart can show one by one.
constexpr std::size_t points_shown = 800;

} // namespace

std::optional<FlownHomeward> flown_homeward(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                                            const mission::Plan& forecast) {
    const auto& track = summary.track;
    if (track.from_home_m.empty() || !log.raw->has(Channel::voltage_v) || !log.raw->has(Channel::current_a) ||
        forecast.outward.empty())
        return std::nullopt;
    const std::vector<double> used = flown_rows(log).energy_wh;
    const double known_to_m = forecast.outward.back().distance_m;
    FlownHomeward flown;
    bool any = false;
    const std::size_t stride = std::max<std::size_t>(1, log.rows.size() / points_shown);
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        if (!std::isfinite(track.from_home_m[i]) || !std::isfinite(used[i])) continue;
        FlownPoint point;
        point.time_s = track.time_s[i];
        point.from_home_m = track.from_home_m[i];
        point.left_wh = forecast.usable_energy_wh.value - used[i];
        point.needed_wh = mission::outward_at(forecast, std::min(point.from_home_m, known_to_m)).needed_wh;
        if (!any || point.left_wh - point.needed_wh < flown.least_spare_wh()) flown.least = point;
        if (!any || point.from_home_m > flown.farthest.from_home_m) flown.farthest = point;
        any = true;
        if (i % stride == 0 || i + 1 == log.rows.size()) flown.points.push_back(point);
    }
    if (flown.points.size() < 2) return std::nullopt;
    return flown;
}

units::Explanation explain_least_spare(const FlownHomeward& flown, const mission::Plan& forecast) {
    using units::Origin;
    using units::Quantity;
    const double left_wh = flown.least.left_wh;
    // The band of what was usable is the band of what was left of it.
    return {Quantity::least_spare,
            {flown.least_spare_wh(), forecast.usable_energy_wh.sd},
            {{Quantity::usable_energy, forecast.usable_energy_wh, Origin::computed},
             {Quantity::used_energy, {forecast.usable_energy_wh.value - left_wh, 0.0}, Origin::measured},
             {Quantity::homeward_energy, {flown.least.needed_wh, 0.0}, Origin::computed},
             {Quantity::duration, {flown.least.time_s, 0.0}, Origin::measured}},
            units::Relation::least_of_left_less_needed,
            units::Source::air_navigation,
            {}};
}

mission::Mission flown_mission(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                               const mission::Mission& otherwise) {
    mission::Mission mission = otherwise;
    // Left against needed is laid out by distance from home: as of an out-and-back, whatever was planned.
    mission.kind = mission::MissionKind::out_and_back;
    mission.waypoints.clear();
    // By distance alone there is no telling which hills stood in the way.
    mission.terrain_file.clear();
    mission.terrain.reset();
    const auto& track = summary.track;
    if (summary.distance.farthest_at_s && !track.east_m.empty()) {
        const auto at = std::lower_bound(track.time_s.begin(), track.time_s.end(), *summary.distance.farthest_at_s);
        const auto i = std::size_t(at - track.time_s.begin());
        if (i < track.east_m.size() && std::isfinite(track.east_m[i])) {
            mission.bearing_deg =
                units::wrap_degrees(units::degrees(std::atan2(track.east_m[i], track.north_m[i])));
        }
    }
    if (log.raw->has(Channel::height_m)) {
        std::vector<double> heights;
        std::optional<double> ground;
        for (std::size_t i = 0; i < log.rows.size(); ++i) {
            const double h = log.value(Channel::height_m, i);
            if (!std::isfinite(h)) continue;
            if (!ground) ground = h;
            heights.push_back(h - *ground);
        }
        if (!heights.empty()) {
            const auto middle = heights.begin() + std::ptrdiff_t(heights.size() / 2);
            std::nth_element(heights.begin(), middle, heights.end());
            mission.height_m = std::max(0.0, *middle);
        }
    }
    return mission;
}

} // namespace sobremesa::debrief
