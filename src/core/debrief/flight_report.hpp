#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/battery/landing_rules.hpp"
#include "core/battery/remaining.hpp"
#include "core/debrief/needed_rows.hpp"
#include "core/debrief/sun_verdict.hpp"
#include "core/mission/plan.hpp"
#include "core/radio/link_reach.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::debrief {

/// What a flight could still have done down to one landing rule, its reserve kept.
struct Further {
    battery::LandingRule rule;
    /// Negative: the flight was past it when it landed.
    units::Estimate time_s;
    units::Estimate distance_m;
    /// The same with the reserve of the setting used up as well.
    double without_reserve_s = 0.0;
};

/// Where the energy went.
struct EnergyShares {
    struct Part {
        std::string name; ///< as the pilot calls it; empty: all electronics together
        units::Estimate share;
    };
    std::vector<Part> electronics;
    std::optional<units::Estimate> electronics_together;
    std::optional<units::Estimate> climb;
    /// Spread of the power of single seconds in level flight, W.
    std::optional<units::Estimate> gust_w;
};

/// One part's current limit, and how the flight kept to it.
struct LimitKept {
    enum class Part { pack, strips, connector, controller, motors };
    Part part = Part::pack;
    double limit_a = 0.0;
    double above_s = 0.0;
    double highest_a = 0.0;
};
const char* limit_word(LimitKept::Part part);

/// Where one turn rule would have turned the flight that was flown.
struct FlownTurn {
    mission::TurnRule turn_rule = mission::TurnRule::energy_home;
    bool reached = false;
    /// The errors are those of the moment: how far what the rule looks at is off, over how fast it changes.
    units::Estimate time_s;
    units::Estimate from_home_m;
    units::Estimate charge_used_ah;
    /// Left less needed at that moment, Wh.
    units::Estimate margin_wh;
    /// It says turn when the aircraft had turned already.
    bool after_farthest = false;
};

/// Charge and energy through three current sensors.
struct CurrentLedger {
    double array_wh = 0.0;
    double motor_wh = 0.0;
    /// Out of the pack less what went in.
    double pack_wh = 0.0;
    double charged_wh = 0.0; ///< into the pack
    double electronics_wh = 0.0;
    /// Array and pack, less motors and electronics: what no sensor explains.
    double missing_wh = 0.0;
    bool has_motor = false;
};

/// The lowest that a cell stood under load.
struct LowestCell {
    double cell_v = 0.0;
    double at_s = 0.0;
    /// By a column of its own, else the pack's volts over its cells.
    bool measured = false;
};

/// How the video link held over distance. What the log does not have is empty.
struct VideoLink {
    radio::LinkKind kind = radio::LinkKind::signal_dbm;
    std::optional<radio::LinkReading> worst;
    /// Where it would fall to the level of the plan's video link, or its quality to half.
    std::optional<radio::LinkReach> reach;
    /// Mbit/s, and where.
    std::optional<radio::LinkReading> lowest_bitrate;
};

/// What a flight says together with the aircraft and the pack it was flown with.
struct FlightReport {
    std::vector<Further> further;
    /// What `further` flies on at.
    double further_power_w = 0.0;
    double further_speed_mps = 0.0;
    EnergyShares shares;
    std::vector<LimitKept> limits;
    std::vector<FlownTurn> turns;
    std::optional<radio::LinkReach> link;
    std::optional<VideoLink> video;
    std::optional<CurrentLedger> ledger;
    std::optional<LowestCell> lowest_cell;
    /// Of an aircraft with an array, or a log that has its current.
    std::optional<SunReading> sun;
    /// What the sensor reads on the ground less what the electronics draw there, A.
    std::optional<units::Estimate> idle_offset_a;
    std::vector<units::Diagnostic> diagnostics;
};

/// @param flown      aircraft, pack, air, reserve and turn rules of the flight
/// @param forecast   made from `flown`; empty: no turns
/// @param remaining  what was left by all that is known; else the count of the log decides
/// @param needs      of the same log and forecast, where they have been worked out; else they are here
FlightReport flight_report_of(const telemetry::CleanLog& log, const telemetry::LogSummary& summary,
                              const telemetry::Findings& found, const mission::PlanRequest& flown,
                              const mission::Plan* forecast, const std::optional<battery::Remaining>& remaining,
                              const NeededRows* needs = nullptr);

/// The answers to "why?".
units::Explanation explain_further(const FlightReport& flight_report, const Further& further,
                                   units::Quantity quantity);
/// @param quantity  `turn_time`, `turn_distance`, `turn_charge` or `least_margin`
units::Explanation explain_turn(const FlownTurn& turn, units::Quantity quantity);
std::optional<units::Explanation> explain(const FlightReport& flight_report, units::Quantity quantity);

} // namespace sobremesa::debrief
