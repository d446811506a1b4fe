#pragma once

#include <optional>
#include <vector>

#include "core/debrief/needed_rows.hpp"
#include "core/mission/plan.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/wind_estimate.hpp"

namespace sobremesa::debrief {

/// A flown flight on the homeward chart.
struct FlownPoint {
    double time_s = 0.0;
    double from_home_m = 0.0;
    /// Over ground since the launch, m.
    double flown_m = 0.0;
    /// Usable energy of the forecast less what the log says was used, Wh.
    double left_wh = 0.0;
    /// What the forecast says the return needed from that place, height and time, reserve counted, Wh.
    double needed_wh = 0.0;
};

struct FlownHomeward {
    /// In order of time, thinned to what a chart can show.
    std::vector<FlownPoint> points;
    /// Where left less needed was least.
    FlownPoint least;
    /// The farthest point: before it the outbound leg, after it the return.
    FlownPoint farthest;
    /// The forecast goes over places: its axis is the distance flown, not the distance from home.
    bool along_the_way = false;
    /// The log goes on for more than a minute without a position: what the last point has left is not what the
    /// flight ended with.
    bool position_lost = false;

    /// Where a point stands on the forecast's axis, m.
    double on_axis_m(const FlownPoint& point) const { return along_the_way ? point.flown_m : point.from_home_m; }
    double least_margin_wh() const { return least.left_wh - least.needed_wh; }
};

/// Lays a flight over a forecast. Nothing where the log lacks position, current or volts, or the forecast a flight.
///
/// Energy is ∫V·I dt by trapezoids, pauses of the record left out, as in the summary; the need as in `needed_rows`.
/// @param needs  of the same log and forecast, where they have been worked out; else they are here
std::optional<FlownHomeward> flown_homeward(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                                            const mission::Plan& forecast, const NeededRows* needs = nullptr);

/// The answer to "why?" for the minimum margin.
units::Explanation explain_least_margin(const FlownHomeward& flown, const mission::Plan& forecast);

/// The log kept to the planned way: nine tenths of its positions lie within 250 m, or a tenth of the farthest
/// distance, of the mission's course out or home. An endurance flight: of home.
bool follows(const telemetry::LogSummary& summary, const mission::Mission& mission);

/// The mission that a log looks like, at the height that was flown half of the time: the planned one where it was
/// followed, else out on the bearing of the farthest point and back. Where the log cannot tell, the values of
/// `otherwise` stay. The terrain stays where the flight began within 100 m of the plan's home.
mission::Mission flown_mission(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                               const mission::Mission& otherwise);

/// The wind that a log shows, where it is known, to the tenth of a metre per second and the degree that a setting
/// shows.
std::optional<atmosphere::Wind> found_wind(const telemetry::WindEstimate& estimate);

} // namespace sobremesa::debrief
