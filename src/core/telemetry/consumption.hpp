#pragma once

#include <optional>
#include <stop_token>
#include <vector>

#include "core/battery/pack.hpp"
#include "core/telemetry/clean_log.hpp"
#include "core/telemetry/idle_reading.hpp"
#include "core/telemetry/pack_trace.hpp"
#include "core/telemetry/steady_pieces.hpp"
#include "core/units/estimate.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::telemetry {

/// A log as the chart and map need it: one entry per row that takes part.
struct Track {
    std::vector<double> time_s;
    std::vector<double> east_m; ///< NaN where the position was excluded
    std::vector<double> north_m;
    std::vector<double> from_home_m;
};

/// The highest reading of a channel, when it was met, and for how long at a time it stayed within a tenth of it.
struct Peak {
    double value = 0.0;
    double at_s = 0.0;
    double for_s = 0.0;
};

struct DistanceFlown {
    /// Sum of steps between good fixes, m. Steps across a gap count as the straight line and are noted. Of a log
    /// without positions: ground speed over time.
    std::optional<units::Estimate> ground_m;
    /// The same from the ground-speed column, as a check.
    std::optional<double> from_speed_m;
    std::optional<units::Estimate> farthest_from_home_m;
    std::optional<double> farthest_at_s;
    std::optional<Peak> highest_ground_speed;
    std::optional<Peak> highest_airspeed;
};

struct EnergyUsed {
    /// Current over time by the trapezoid rule, gaps left out, Ah; with `before_log_ah`.
    std::optional<units::Estimate> charge_ah;
    /// What the log's own counter says at its end, resets bridged, Ah; with `before_log_ah`.
    std::optional<double> counter_ah;
    /// On the counter when the log began, Ah: the log started late.
    std::optional<double> before_log_ah;
    std::optional<units::Estimate> energy_wh;
    /// What the rows of the log show, without what was used before: for figures per distance and per time.
    std::optional<units::Estimate> logged_charge_ah;
    std::optional<units::Estimate> logged_energy_wh;
    /// Current over time alone, Ah, where a slow record took the counter's word between its rows.
    std::optional<double> sampled_charge_ah;
    /// What the steps of a coarse current sensor may hide at most, Ah: half a step all the while.
    double rounding_ah = 0.0;
    std::optional<Peak> highest_current;
    std::optional<double> mean_current_a;
    std::optional<double> mean_power_w;
    std::optional<double> lowest_voltage_v;
    std::optional<double> lowest_voltage_at_s;
    std::optional<double> highest_voltage_v;
    double gap_time_s = 0.0;
};

/// What was left at landing by counted charge, for a pack and what it gives.
struct LeftByCharge {
    units::Estimate charge_ah;
    units::Estimate share;
    double usable_charge_ah = 0.0;
};

/// Level flight at one airspeed, as a flight showed it: what a power curve is drawn through.
struct LevelPoint {
    units::Estimate airspeed_mps;
    units::Estimate power_w;
    /// Above the launch, m.
    double height_m = 0.0;
    /// Seconds that it rests on.
    double seconds = 0.0;
};

/// A climb at one airspeed.
struct ClimbPoint {
    LevelPoint flown;
    units::Estimate climb_mps;
};

struct LogSummary {
    double duration_s = 0.0;
    DistanceFlown distance;
    EnergyUsed energy;
    std::optional<units::Estimate> energy_wh_per_m;
    std::optional<units::Estimate> charge_ah_per_m;
    /// Level flight by airspeed, slowest first, and the wind it was found in; filled by `find_out`'s findings.
    std::vector<LevelPoint> level;
    std::vector<ClimbPoint> climbs;
    std::optional<units::Estimate> wind_mps;
    PackTrace pack;
    /// What the power curve is fitted to; filled by `complete`.
    std::vector<SteadyPiece> pieces;
    /// On the ground, by the same findings.
    std::optional<IdleReading> idle;
    std::vector<units::Diagnostic> diagnostics;
    Track track;
    /// The track thinned to what a small picture shows; kept with the figures, where the track is not.
    std::vector<geodesy::EastNorth> outline;
};

/// Points of an outline at the most.
inline constexpr std::size_t most_outline_points = 64;

/// Which version of the relations made figures that are kept; changed whenever they are.
extern const char* const figures_model;

/// Distance, charge, energy and consumption over ground of a cleaned log.
///
/// Charge: ∫I dt; energy: ∫V·I dt, both by trapezoids between neighbouring rows. Error of the charge: the sensor's
/// scale, 5 % until calibrated (common practice), and against the log's own counter where it has one.
/// @error `cancelled`
units::Result<LogSummary> summarise(const CleanLog& log, const std::stop_token& stop = {});

/// Whether the volts of a log can be those of a pack: from its floor to a little above full. A log without volts
/// fits.
bool volts_fit(const LogSummary& summary, const battery::Pack& pack);

/// Charge left: usable charge less what was counted; negative when more was counted than the pack should give.
std::optional<LeftByCharge> left_by_charge(const LogSummary& summary, double usable_charge_ah);

std::optional<units::Explanation> explain(const LogSummary& summary, units::Quantity quantity);
units::Explanation explain(const LeftByCharge& left, const LogSummary& summary, units::Quantity quantity);

/// Charge used for the summary: integrated where there is a current, else the log's counter.
std::optional<units::Estimate> charge_used_ah(const LogSummary& summary);

} // namespace sobremesa::telemetry
