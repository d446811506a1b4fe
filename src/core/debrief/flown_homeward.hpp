#pragma once

#include <optional>
#include <vector>

#include "core/mission/plan.hpp"
#include "core/telemetry/consumption.hpp"

namespace sobremesa::debrief {

/// A flown flight on the homeward chart.
struct FlownPoint {
    double time_s = 0.0;
    double from_home_m = 0.0;
    /// Usable energy of the forecast less what the log says was used, Wh.
    double left_wh = 0.0;
    /// What the forecast says the way home needs from that distance, reserve counted, Wh.
    double needed_wh = 0.0;
};

struct FlownHomeward {
    /// In order of time, thinned to what a chart can show.
    std::vector<FlownPoint> points;
    /// Where left less needed was least.
    FlownPoint least;
    /// The farthest point: before it the way out, after it the way home.
    FlownPoint farthest;

    double least_spare_wh() const { return least.left_wh - least.needed_wh; }
};

/// Lays a flight over a forecast. Nothing where the log lacks position, current or volts, or the forecast a flight.
///
/// Energy is ∫V·I dt by trapezoids, pauses of the record left out, as in the summary. Beyond the farthest distance
/// of the forecast nothing is known of the way home: those points take its last value.
std::optional<FlownHomeward> flown_homeward(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                                            const mission::Plan& forecast);

/// The answer to "why?" for the least that was to spare.
units::Explanation explain_least_spare(const FlownHomeward& flown, const mission::Plan& forecast);

/// The mission that a log looks like: out on the bearing of the farthest point, at the height that was flown half
/// of the time. Where the log cannot tell, the values of `otherwise` stay.
mission::Mission flown_mission(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                               const mission::Mission& otherwise);

} // namespace sobremesa::debrief
