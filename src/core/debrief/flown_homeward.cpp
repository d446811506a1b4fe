#include "core/debrief/flown_homeward.hpp"

#include <algorithm>
#include <cmath>
#include <utility>

#include "core/debrief/flown_rows.hpp"
#include "core/debrief/needed_rows.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/median.hpp"
#include "core/units/quantity.hpp"
#include "core/units/relation.hpp"

namespace sobremesa::debrief {

using telemetry::Channel;

namespace {

/// Points that a chart can show one by one.
constexpr std::size_t points_shown = 800;

constexpr double same_field_m = 100.0;

double to_segment_m(const geodesy::EastNorth& p, const geodesy::EastNorth& a, const geodesy::EastNorth& b) {
    const double east_m = b.east_m - a.east_m;
    const double north_m = b.north_m - a.north_m;
    const double squared = east_m * east_m + north_m * north_m;
    const double share =
        squared > 0.0
            ? std::clamp(((p.east_m - a.east_m) * east_m + (p.north_m - a.north_m) * north_m) / squared, 0.0, 1.0)
            : 0.0;
    return geodesy::distance_m(p, {a.east_m + share * east_m, a.north_m + share * north_m});
}

/// An out-and-back is laid out by distance from home, whatever its bearing.
bool is_straight(const mission::Mission& mission) {
    return mission::goes_straight_out(mission.kind);
}

} // namespace

std::optional<FlownHomeward> flown_homeward(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                                            const mission::Plan& forecast, const NeededRows* worked_out) {
    const auto& track = summary.track;
    if (track.from_home_m.empty() || !log.raw->has(Channel::voltage_v) || !log.raw->has(Channel::current_a) ||
        forecast.outward.empty())
        return std::nullopt;
    const std::vector<double> used = flown_rows(log).energy_wh;
    std::optional<NeededRows> own;
    const NeededRows& needs = worked_out ? *worked_out : own.emplace(needed_rows(log, summary, forecast));
    if (needs.needed_wh.empty()) return std::nullopt;
    FlownHomeward flown;
    flown.along_the_way = !is_straight(forecast.request.mission);
    bool any = false;
    const std::size_t stride = std::max<std::size_t>(1, log.rows.size() / points_shown);
    for (std::size_t i = 0; i < log.rows.size(); ++i) {
        if (!std::isfinite(needs.needed_wh[i]) || !std::isfinite(used[i])) continue;
        FlownPoint point;
        point.time_s = track.time_s[i];
        point.from_home_m = track.from_home_m[i];
        point.flown_m = needs.flown_m[i];
        point.left_wh = forecast.usable_energy_wh.value - used[i];
        point.needed_wh = needs.needed_wh[i];
        if (!any || point.left_wh - point.needed_wh < flown.least_margin_wh()) flown.least = point;
        if (!any || point.from_home_m > flown.farthest.from_home_m) flown.farthest = point;
        any = true;
        if (i % stride == 0 || i + 1 == log.rows.size()) flown.points.push_back(point);
    }
    if (flown.points.size() < 2) return std::nullopt;
    constexpr double short_s = 60.0;
    const auto last = std::find(log.position_ok.rbegin(), log.position_ok.rend(), true);
    const auto known = std::size_t(log.position_ok.rend() - last);
    flown.position_lost = known > 0 && track.time_s[log.rows.size() - 1] - track.time_s[known - 1] > short_s;
    return flown;
}

units::Explanation explain_least_margin(const FlownHomeward& flown, const mission::Plan& forecast) {
    using units::Origin;
    using units::Quantity;
    const double left_wh = flown.least.left_wh;
    // The band of what was usable is the band of what was left of it.
    return {Quantity::least_margin,
            {flown.least_margin_wh(), forecast.usable_energy_wh.sd},
            {{Quantity::usable_energy, forecast.usable_energy_wh, Origin::computed},
             {Quantity::used_energy, {forecast.usable_energy_wh.value - left_wh, 0.0}, Origin::measured},
             {Quantity::homeward_energy, {flown.least.needed_wh, 0.0}, Origin::computed},
             {Quantity::duration, {flown.least.time_s, 0.0}, Origin::measured}},
            units::Relation::least_of_left_less_needed,
            units::Source::air_navigation,
            {}};
}

bool follows(const telemetry::LogSummary& summary, const mission::Mission& mission) {
    const auto& track = summary.track;
    if (!summary.distance.farthest_from_home_m) return false;
    const double farthest_m = summary.distance.farthest_from_home_m->value;
    std::vector<geodesy::EastNorth> course = {{}};
    const bool over_places = !is_straight(mission) && !mission::circles_home(mission.kind);
    if (over_places && mission.waypoints.empty()) return false;
    if (over_places)
        for (const auto& point : mission.waypoints) course.push_back(point.at);
    course.push_back({});
    constexpr double beside_m = 250.0;
    constexpr double beside_share = 0.1;
    const double near_m = mission::circles_home(mission.kind)
                              ? std::max(beside_m, 3.0 * mission.loiter_radius_m.value_or(0.0))
                              : std::max(beside_m, beside_share * farthest_m);
    std::size_t all = 0;
    std::size_t beside = 0;
    const std::size_t stride = std::max<std::size_t>(1, track.east_m.size() / points_shown);
    for (std::size_t i = 0; i < track.east_m.size(); i += stride) {
        if (!std::isfinite(track.east_m[i])) continue;
        ++all;
        const geodesy::EastNorth at{track.east_m[i], track.north_m[i]};
        double nearest_m = HUGE_VAL;
        for (std::size_t k = 1; k < course.size(); ++k) {
            nearest_m = std::min(nearest_m, to_segment_m(at, course[k - 1], course[k]));
            // Turned early, it went straight home from there.
            if (nearest_m > near_m) nearest_m = std::min(nearest_m, to_segment_m(at, {}, course[k]));
        }
        if (nearest_m <= near_m) ++beside;
    }
    constexpr double most = 0.9;
    return all > 0 && double(beside) >= most * double(all);
}

mission::Mission flown_mission(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                               const mission::Mission& otherwise) {
    mission::Mission mission = otherwise;
    if (is_straight(mission) || !follows(summary, mission)) {
        mission.kind = mission::MissionKind::out_and_back;
        mission.waypoints.clear();
    }
    // Elsewhere its hills are others.
    const auto from_plan =
        mission.home && log.home
            ? geodesy::geodesic(*mission.home, *log.home)
            : units::Result<geodesy::Line>(units::failure(units::ErrorCode::position_impossible));
    if (!from_plan || from_plan->distance_m > same_field_m) {
        mission.terrain_file.clear();
        mission.terrain.reset();
    }
    const auto& track = summary.track;
    if (summary.distance.farthest_at_s && !track.east_m.empty()) {
        const auto at = std::lower_bound(track.time_s.begin(), track.time_s.end(), *summary.distance.farthest_at_s);
        const auto i = std::size_t(at - track.time_s.begin());
        if (i < track.east_m.size() && std::isfinite(track.east_m[i])) {
            mission.bearing_deg =
                units::wrap_degrees(units::degrees(std::atan2(track.east_m[i], track.north_m[i])));
        }
    }
    if (const auto ground = telemetry::home_height_m(log)) {
        std::vector<double> heights;
        for (std::size_t i = 0; i < log.rows.size(); ++i) {
            const double h = log.value(Channel::height_m, i);
            if (std::isfinite(h)) heights.push_back(h - *ground);
        }
        mission.height_m = std::max(0.0, units::median(std::move(heights)));
    }
    return mission;
}

std::optional<atmosphere::Wind> found_wind(const telemetry::WindEstimate& estimate) {
    if (!estimate.known()) return std::nullopt;
    return atmosphere::Wind{std::round(estimate.speed_mps.value * 10.0) / 10.0,
                            units::wrap_degrees(std::round(estimate.from_deg.value))};
}

} // namespace sobremesa::debrief
